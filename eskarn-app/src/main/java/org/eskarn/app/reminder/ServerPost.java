package org.eskarn.app.reminder;

import jakarta.mail.internet.MimeMessage;
import java.io.IOException;
import org.springframework.mail.MailException;
import org.springframework.mail.javamail.JavaMailSenderImpl;

/** A mail server (SMTP). */
final class ServerPost implements Post {

    private static final String PATIENCE = "20000";

    private final JavaMailSenderImpl sender = new JavaMailSenderImpl();

    ServerPost(String host, int port, String user, String password, boolean tls) {
        sender.setHost(host);
        sender.setPort(port);
        if (!user.isEmpty()) {
            sender.setUsername(user);
            sender.setPassword(password);
            sender.getJavaMailProperties().setProperty("mail.smtp.auth", "true");
        }
        sender.getJavaMailProperties().setProperty("mail.smtp.starttls.required", String.valueOf(tls));
        sender.getJavaMailProperties().setProperty("mail.smtp.starttls.enable", String.valueOf(tls));
        sender.getJavaMailProperties().setProperty("mail.smtp.ssl.checkserveridentity", "true");
        for (String wait : new String[] {"connectiontimeout", "timeout", "writetimeout"}) {
            sender.getJavaMailProperties().setProperty("mail.smtp." + wait, PATIENCE);
        }
    }

    @Override
    public String goesTo() {
        return sender.getHost() + ":" + sender.getPort();
    }

    @Override
    public MimeMessage blank() {
        return sender.createMimeMessage();
    }

    @Override
    public void send(MimeMessage message) throws IOException {
        try {
            sender.send(message);
        } catch (MailException e) {
            throw new IOException(e.getMessage(), e);
        }
    }
}
