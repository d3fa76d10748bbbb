package org.eskarn.core.requirement;

/**
 * A figure beside the judged one.
 *
 * @param name what it is, as read aloud: mean at 60 mm
 * @param micrometres in µm
 * @param size whether it is a whole size, said in the unit of the drawing, rather than a deviation
 */
public record Figure(String name, double micrometres, boolean size) {

    static Figure deviation(String name, double micrometres) {
        return new Figure(name, micrometres, false);
    }

    static Figure size(String name, double micrometres) {
        return new Figure(name, micrometres, true);
    }
}
