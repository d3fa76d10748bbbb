package org.eskarn.app.api;

import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.NotFound;
import org.eskarn.app.page.Words;
import org.eskarn.core.reading.EntryRejected;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;

/** What went wrong, as RFC 9457 has it: the same sentences as on the pages. */
@RestControllerAdvice(assignableTypes = ApiController.class)
@Order(Ordered.HIGHEST_PRECEDENCE)
class ApiProblems {

    @ExceptionHandler(NotFound.class)
    ProblemDetail notFound() {
        return ProblemDetail.forStatusAndDetail(HttpStatus.NOT_FOUND, Words.say("api.no-such-thing"));
    }

    /** It no longer stands as the sender saw it: read it again. */
    @ExceptionHandler(DocketConflict.class)
    ProblemDetail conflict(DocketConflict e) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, String.valueOf(e.getMessage()));
    }

    @ExceptionHandler(EntryRejected.class)
    ProblemDetail rejected(EntryRejected e) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.UNPROCESSABLE_CONTENT, Words.of(e.note()));
    }

    /** All that is wrong, each at the field where it was sent. */
    @ExceptionHandler(FormRefused.class)
    ProblemDetail refused(FormRefused e) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(
                HttpStatus.UNPROCESSABLE_CONTENT, String.join(" ", e.problems().values()));
        problem.setProperty("fields", e.problems());
        return problem;
    }

    @ExceptionHandler({HttpMessageNotReadableException.class, MethodArgumentTypeMismatchException.class})
    ProblemDetail unread() {
        return ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, Words.say("api.not-understood"));
    }
}
