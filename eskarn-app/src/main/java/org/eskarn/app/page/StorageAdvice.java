package org.eskarn.app.page;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.eskarn.app.storage.NoRoom;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;

/** A change that could not be kept was not made: the page says so, and the same works when there is room again. */
@ControllerAdvice
class StorageAdvice {

    private static final Logger LOG = LoggerFactory.getLogger(StorageAdvice.class);

    @ExceptionHandler
    void noRoom(NoRoom full, HttpServletResponse response) throws IOException {
        LOG.warn("A change was refused: {}", full.getMessage());
        response.sendError(HttpStatus.INSUFFICIENT_STORAGE.value());
    }

    @ExceptionHandler({DataAccessResourceFailureException.class, CannotCreateTransactionException.class})
    void unreachable(RuntimeException failure, HttpServletResponse response) throws IOException {
        LOG.warn("The records could not be reached: {}", failure.getMessage());
        response.sendError(HttpStatus.SERVICE_UNAVAILABLE.value());
    }
}
