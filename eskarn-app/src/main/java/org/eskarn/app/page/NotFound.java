package org.eskarn.app.page;

import org.springframework.http.HttpStatus;
import org.springframework.web.server.ResponseStatusException;

/** There is nothing at this address. */
public final class NotFound extends ResponseStatusException {

    private static final long serialVersionUID = 1L;

    public NotFound() {
        super(HttpStatus.NOT_FOUND);
    }
}
