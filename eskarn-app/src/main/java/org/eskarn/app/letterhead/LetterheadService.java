package org.eskarn.app.letterhead;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Locale;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.eskarn.app.actions.ActionAbout;
import org.eskarn.app.actions.ActionLog;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.Typed;
import org.eskarn.app.page.Words;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the letterhead. */
@Service
public class LetterheadService {

    private static final int LONGEST = 120;
    private static final int LONGEST_ADDRESS = 400;
    private static final int MOST_BYTES = 1_000_000;
    private static final int MOST_PIXELS = 3000;

    private final LetterheadMapper mapper;
    private final ActionLog actions;

    LetterheadService(LetterheadMapper mapper, ActionLog actions) {
        this.mapper = mapper;
        this.actions = actions;
    }

    /** What stands in its fields. */
    public record LetterheadForm(
            @Nullable String name,
            @Nullable String address,
            @Nullable String signatureLine) {

        public static LetterheadForm of(Letterhead head) {
            return new LetterheadForm(head.name(), head.address(), head.signatureLine());
        }
    }

    @Transactional(readOnly = true)
    public Letterhead current() {
        return mapper.current();
    }

    /**
     * @throws FormRefused if a field is too long, or somebody wrote it meanwhile
     */
    @Transactional(rollbackFor = FormRefused.class)
    public void write(int version, LetterheadForm form) throws FormRefused {
        Typed typed = new Typed(new LinkedHashMap<>());
        String name = typed.atMost("name", Typed.text(form.name()), LONGEST);
        String address = typed.atMost("address", Typed.text(form.address()), LONGEST_ADDRESS);
        String line = typed.atMost("signatureLine", Typed.text(form.signatureLine()), LONGEST);
        if (!typed.problems().isEmpty()) {
            throw new FormRefused(typed.problems());
        }
        if (mapper.write(version, name, address, line) == 0) {
            throw changed();
        }
        actions.tell(ActionAbout.WORKS, Words.say("works.action-letterhead", name));
    }

    private static FormRefused changed() {
        return new FormRefused("name", Words.say("works.somebody-changed-the-letterhead"));
    }

    /**
     * @throws FormRefused if it is no picture, too large, or somebody wrote the letterhead meanwhile
     */
    @Transactional(rollbackFor = FormRefused.class)
    public void setLogo(int version, byte[] logo) throws FormRefused {
        String format = format(logo);
        if (format.isEmpty() || logo.length > MOST_BYTES) {
            throw new FormRefused("logo", Words.say("works.choose-a-small-picture", MOST_PIXELS));
        }
        if (mapper.setLogo(version, logo, format) == 0) {
            throw changed();
        }
        actions.tell(ActionAbout.WORKS, Words.say("works.action-logo"));
    }

    @Transactional(rollbackFor = FormRefused.class)
    public void removeLogo(int version) throws FormRefused {
        if (mapper.setLogo(version, null, null) == 0) {
            throw changed();
        }
        actions.tell(ActionAbout.WORKS, Words.say("works.action-logo-removed"));
    }

    /** Its media type, as its reader tells it; empty where it is no picture that fits. Only its head is looked at before its size is known. */
    private static String format(byte[] logo) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(logo))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                return "";
            }
            ImageReader reader = readers.next();
            reader.setInput(in);
            String name = reader.getFormatName().toLowerCase(Locale.ROOT);
            boolean fits = reader.getWidth(0) <= MOST_PIXELS && reader.getHeight(0) <= MOST_PIXELS;
            boolean whole = fits && reader.read(0) != null;
            reader.dispose();
            return whole && (name.equals("png") || name.equals("jpeg")) ? "image/" + name : "";
        } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException e) {
            return "";
        }
    }
}
