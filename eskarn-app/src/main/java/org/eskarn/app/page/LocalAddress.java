package org.eskarn.app.page;

import org.jspecify.annotations.Nullable;

/** A place of this host, from an address that anybody may have written: nobody is led to another host. */
public final class LocalAddress {

    private static final int LONGEST = 2000;
    private static final String BENCH = "/";

    private LocalAddress() {}

    /** The address, or the Bench for whatever is not a plain path of this host. */
    public static String of(@Nullable String address) {
        if (address == null || address.length() > LONGEST) {
            return BENCH;
        }
        return address.matches("/(?![/\\\\])[\\x21-\\x7e&&[^\\\\]]*") ? address : BENCH;
    }
}
