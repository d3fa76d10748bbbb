package org.eskarn.app.picture.engine;

import java.util.List;

/**
 * A picture made of lines and words, in the order they lie over each other. The template writes any of them, so that a new
 * picture is geometry alone.
 */
public record Drawing(String title, String scaleLine, List<Shape> shapes, int height) implements Picture {

    /** In the usual height. */
    public Drawing(String title, String scaleLine, List<Shape> shapes) {
        this(title, scaleLine, shapes, HEIGHT);
    }

    public Drawing {
        shapes = List.copyOf(shapes);
    }

    /**
     * One path or one text.
     *
     * @param look the classes that give it its colour
     * @param d the path; empty for a text
     * @param dash the pattern of its line; empty for none
     * @param text empty for a path
     */
    public record Shape(
            String look,
            String d,
            double width,
            String dash,
            String text,
            Xy at,
            String anchor,
            double size,
            int weight) {}

    @Override
    public String window() {
        return "0 0 640 " + height;
    }

    @Override
    public String template() {
        return "drawing";
    }
}
