package org.eskarn.app.webhook;

import java.io.IOException;

/** Who a message goes to: a program that listens at an address, or the one that ships with Eskarn and stands in for it. */
interface Receiver {

    /**
     * @param signature of time and body: see {@link HookSignature}
     * @throws IOException if it did not arrive; what it says is shown to people
     */
    void send(String key, long time, String body, String signature) throws IOException;
}
