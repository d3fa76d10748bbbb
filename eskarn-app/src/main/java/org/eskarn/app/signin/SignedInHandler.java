package org.eskarn.app.signin;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import java.util.Objects;
import org.eskarn.app.account.SignedIn;
import org.eskarn.app.storage.NoRoom;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.authentication.AuthenticationSuccessHandler;
import org.springframework.stereotype.Component;

/** Somebody has signed in: the browser is known from now on, and the page that was asked for comes next. */
@Component
class SignedInHandler implements AuthenticationSuccessHandler {

    private static final Logger LOG = LoggerFactory.getLogger(SignedInHandler.class);

    private final SignInSlowdown slowdown;
    private final KnownDevices devices;
    private final Clock clock;

    SignedInHandler(SignInSlowdown slowdown, KnownDevices devices, Clock clock) {
        this.slowdown = slowdown;
        this.devices = devices;
        this.clock = clock;
    }

    @Override
    public void onAuthenticationSuccess(
            HttpServletRequest request, HttpServletResponse response, Authentication authentication)
            throws IOException {
        SignedIn person = (SignedIn) Objects.requireNonNull(authentication.getPrincipal());
        String device = DeviceCookie.read(request);
        slowdown.succeeded(person.account().login(), request.getRemoteAddr(), device);
        remember(device, person, request, response);
        SignedInFor.begin(request.getSession(), clock.instant());
        response.sendRedirect(SignInAddress.local(request.getParameter(SignInAddress.TO)));
    }

    /** Where nothing can be kept the browser stays a stranger's; signing in and looking still work. */
    private void remember(String device, SignedIn person, HttpServletRequest request, HttpServletResponse response) {
        try {
            DeviceCookie.write(devices.remember(device, person.account()), request, response);
        } catch (NoRoom full) {
            LOG.warn("A browser was not remembered: {}", full.getMessage());
        }
    }
}
