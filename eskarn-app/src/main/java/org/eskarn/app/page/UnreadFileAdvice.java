package org.eskarn.app.page;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;

/** A form with a file that cannot be read, or is too large, is the fault of whoever sent it. */
@ControllerAdvice
class UnreadFileAdvice {

    @ExceptionHandler(MultipartException.class)
    void unread(MultipartException e, HttpServletResponse response) throws IOException {
        response.sendError(
                e instanceof MaxUploadSizeExceededException
                        ? HttpStatus.CONTENT_TOO_LARGE.value()
                        : HttpStatus.BAD_REQUEST.value());
    }
}
