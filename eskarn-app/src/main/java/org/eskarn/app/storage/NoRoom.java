package org.eskarn.app.storage;

import org.springframework.transaction.TransactionException;

/** The disk is nearly full, so that nothing is begun that could not be kept. */
public final class NoRoom extends TransactionException {

    private static final long serialVersionUID = 1L;

    NoRoom(long bytes) {
        super(bytes + " bytes are left on the disk of the records");
    }
}
