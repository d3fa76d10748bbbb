package org.eskarn.app.reminder;

import jakarta.mail.internet.MimeMessage;
import java.io.IOException;

/** Takes mail away: to a mail server, or into a folder that stands in for one. */
interface Post {

    /** Where it goes, as it is said to people. */
    String goesTo();

    /** An empty message. */
    MimeMessage blank();

    /**
     * @throws IOException if it could not be taken away
     */
    void send(MimeMessage message) throws IOException;
}
