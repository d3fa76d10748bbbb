package org.eskarn.app.part;

import org.eskarn.core.requirement.Sign;

/**
 * The sign before a limit, as paths in a box of 24 × 38.
 *
 * @param lines drawn
 * @param filled filled; empty for nothing
 */
public record CalloutSign(String lines, String filled) {

    /** A sign that is not drawn here does not compile. */
    public static CalloutSign of(Sign sign) {
        return switch (sign) {
            case RUNOUT -> new CalloutSign("M5 27 L18 11 M18 11 l-7 3 M18 11 l-1.6 7.5", "");
            case TOTAL_RUNOUT ->
                new CalloutSign(
                        "M2 27 L12 13 M12 13 l-6 3 M12 13 l-1.4 6.5 M11 27 L21 13 M21 13 l-6 3 M21 13 l-1.4 6.5 M2 27 H11",
                        "");
            case CONCENTRICITY ->
                new CalloutSign("M4 19a8 8 0 1 0 16 0a8 8 0 1 0 -16 0 M9 19a3 3 0 1 0 6 0a3 3 0 1 0 -6 0", "");
            case ROUNDNESS -> new CalloutSign("M4 19a8 8 0 1 0 16 0a8 8 0 1 0 -16 0", "");
            case DIAMETER -> new CalloutSign("M5 19a7 7 0 1 0 14 0a7 7 0 1 0 -14 0 M5 28 L19 10", "");
            case OVAL -> new CalloutSign("M3 19a9 6 0 1 0 18 0a9 6 0 1 0 -18 0", "");
            case PIN ->
                new CalloutSign("M4 19a8 8 0 1 0 16 0a8 8 0 1 0 -16 0", "M7.5 19a4.5 4.5 0 1 0 9 0a4.5 4.5 0 1 0 -9 0");
            case TAPER -> new CalloutSign("M3 12 L21 16 V22 L3 26 Z", "");
            case FLATNESS -> new CalloutSign("M6 25 H17 L21 13 H10 Z", "");
            case STRAIGHTNESS -> new CalloutSign("M3 19 H21", "");
            case PARALLELISM -> new CalloutSign("M6 27 L12 11 M12 27 L18 11", "");
            case SQUARENESS -> new CalloutSign("M3 26 H21 M12 26 V11", "");
            case IN_LINE ->
                new CalloutSign("M3 19a9 9 0 1 0 18 0a9 9 0 1 0 -18 0 M7 19a5 5 0 1 0 10 0a5 5 0 1 0 -10 0", "");
            case DISTANCE ->
                new CalloutSign("M3 12 H21 M3 27 H21 M12 12 V27 M9 23 L12 27 L15 23 M9 16 L12 12 L15 16", "");
            case PITCH -> new CalloutSign("M3 15 V23 M12 15 V23 M21 15 V23 M3 19 H21", "");
            case PLAY -> new CalloutSign("M3 19 H21 M7 15 L3 19 L7 23 M17 15 L21 19 L17 23", "");
            case GAP ->
                new CalloutSign("M3 13 H21 M3 26 H21 M12 4 V12 M9 9 L12 13 L15 9 M12 35 V27 M9 30 L12 26 L15 30", "");
            case ANGLE -> new CalloutSign("M20 26 H4 L18 11 M13 26 A9 9 0 0 0 10.5 19.5", "");
            case BEND -> new CalloutSign("M3 23 Q12 9 21 17 M3 27 Q12 13 21 21", "");
            case FIT -> new CalloutSign("M3 11 H21 M3 27 H21 M6 15 H18 V23 H6 Z", "");
            case ANSWER -> new CalloutSign("M5 20 L10 26 L20 12", "");
            case RECORD -> new CalloutSign("M5 13 H19 M5 19 H19 M5 25 H13", "");
        };
    }
}
