package org.eskarn.app.picture.engine;

import java.util.ArrayList;
import java.util.List;

/** Where texts stand already, so that none is written over another. Not for sharing between requests. */
public final class TextSpace {

    /** Width of a letter as a share of the height of the writing. */
    private static final double LETTER = 0.56;

    /** Between two texts beside each other. */
    private static final double GAP = 3;

    private record Box(double left, double top, double right, double foot) {
        boolean meets(Box other) {
            return left < other.right && other.left < right && top < other.foot && other.top < foot;
        }
    }

    private final List<Box> taken = new ArrayList<>();

    /** Takes the room of a text, if it is free. */
    public boolean take(Xy at, String anchor, double size, String text) {
        double width = text.length() * size * LETTER;
        double left = switch (anchor) {
            case "start" -> at.x();
            case "end" -> at.x() - width;
            default -> at.x() - width / 2;
        };
        Box box = new Box(left - GAP, at.y() - size * 0.8, left + width + GAP, at.y() + 2);
        if (taken.stream().anyMatch(box::meets)) {
            return false;
        }
        taken.add(box);
        return true;
    }
}
