package org.eskarn.app.signin;

import jakarta.servlet.http.HttpServletRequest;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import org.eskarn.app.page.LocalAddress;
import org.jspecify.annotations.Nullable;

/** The address of the sign-in page, with where to go on afterwards: always a place of this host, never another. */
final class SignInAddress {

    /** The name of the field that says where to go on. */
    static final String TO = "to";

    private SignInAddress() {}

    /** @param why is added to the address as it is */
    static String of(String why, HttpServletRequest request) {
        String to = request.getParameter(TO);
        return "/sign-in?" + why + (to == null ? "" : and(local(to)));
    }

    /** With the page that was asked for, which is shown after signing in. */
    static String after(HttpServletRequest asked) {
        String query = asked.getQueryString();
        String to = asked.getRequestURI() + (query == null ? "" : "?" + query);
        return "/sign-in" + (asked.getMethod().equals("GET") ? and(local(to)).replaceFirst("^&", "?") : "");
    }

    private static String and(String to) {
        return to.equals("/") ? "" : "&" + TO + "=" + URLEncoder.encode(to, StandardCharsets.UTF_8);
    }

    /** Where to go on: never to another host, and not to the sign-in again. */
    static String local(@Nullable String to) {
        String place = LocalAddress.of(to);
        return place.startsWith("/sign-in") || place.startsWith("/error") ? "/" : place;
    }
}
