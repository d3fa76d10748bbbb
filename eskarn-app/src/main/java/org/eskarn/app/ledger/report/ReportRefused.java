package org.eskarn.app.ledger.report;

/** A report that is not made; the message is a sentence for whoever asked for it. */
final class ReportRefused extends Exception {

    private static final long serialVersionUID = 1L;

    ReportRefused(String message) {
        super(message);
    }
}
