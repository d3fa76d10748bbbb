package org.eskarn.app.account;

import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

/** The signed-in person, for the frame of every page. */
@ControllerAdvice
class PersonAdvice {

    @ModelAttribute("person")
    @Nullable
    SignedIn person(@AuthenticationPrincipal @Nullable SignedIn person) {
        return person;
    }
}
