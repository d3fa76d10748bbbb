package org.eskarn.app.picture.engine;

import java.util.Optional;

/** A drawn sweep, ready to be written as SVG by the template that bears its name. */
public interface Picture {

    /** The template under {@code picture/} that writes it. */
    String template();

    /** What is seen, and from where. */
    String title();

    /** What the magnification is, and what the lines mean. */
    String scaleLine();

    /** The offset in words, for a ring that shows one. */
    default Optional<String> offsetLine() {
        return Optional.empty();
    }

    /** The part of the drawing that a small copy on paper shows. */
    default String smallBox() {
        return window();
    }

    /** The usual height in drawing units; all are 640 wide. */
    int HEIGHT = 470;

    /** The part of the drawing that is seen. */
    default String window() {
        return "0 0 640 " + HEIGHT;
    }
}
