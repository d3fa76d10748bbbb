package org.eskarn.app.page;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Collection;
import java.util.List;
import org.springframework.validation.BindException;
import org.springframework.validation.FieldError;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;
import org.springframework.web.util.UriComponentsBuilder;

/** An address may carry a choice that no longer exists, or never did: the page is shown as if it carried none. */
@ControllerAdvice
class UnknownChoiceAdvice {

    @ExceptionHandler(MethodArgumentTypeMismatchException.class)
    String unknown(MethodArgumentTypeMismatchException e, HttpServletRequest request) {
        if (!e.getParameter().hasParameterAnnotation(RequestParam.class) || !readsOnly(request)) {
            throw e;
        }
        return without(List.of(e.getName()), request);
    }

    @ExceptionHandler(BindException.class)
    String unknown(BindException e, HttpServletRequest request) throws BindException {
        List<String> fields =
                e.getFieldErrors().stream().map(FieldError::getField).toList();
        if (!readsOnly(request) || !request.getParameterMap().keySet().containsAll(fields)) {
            throw e;
        }
        return without(fields, request);
    }

    private static boolean readsOnly(HttpServletRequest request) {
        return request.getMethod().equals("GET") && request.getQueryString() != null;
    }

    private static String without(Collection<String> names, HttpServletRequest request) {
        UriComponentsBuilder address = ServletUriComponentsBuilder.fromRequest(request);
        names.forEach(name -> address.replaceQueryParam(name));
        String query = address.build().getQuery();
        return "redirect:" + request.getRequestURI() + (query == null || query.isEmpty() ? "" : "?" + query);
    }
}
