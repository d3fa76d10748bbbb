package org.eskarn.app.signin;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.web.util.WebUtils;

/** By what a browser shows that somebody has signed in with it before. No script reads it. */
final class DeviceCookie {

    private static final String NAME = "eskarn-device";

    private DeviceCookie() {}

    /** What the browser shows; empty for nothing. */
    static String read(HttpServletRequest request) {
        Cookie cookie = WebUtils.getCookie(request, NAME);
        return cookie == null ? "" : cookie.getValue();
    }

    static void write(String device, HttpServletRequest request, HttpServletResponse response) {
        String cookie = ResponseCookie.from(NAME, device)
                .httpOnly(true)
                .sameSite("Lax")
                .secure(request.isSecure())
                .path("/")
                .maxAge(KnownDevices.KNOWN_FOR)
                .build()
                .toString();
        response.addHeader(HttpHeaders.SET_COOKIE, cookie);
    }
}
