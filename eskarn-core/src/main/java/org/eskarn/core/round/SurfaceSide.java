package org.eskarn.core.round;

/** Which side of the material is touched. It decides what plus means for the position of the centre. */
public enum SurfaceSide {
    /** A journal or a rim: plus is high, so the centre lies towards the plus readings. */
    OUTSIDE,
    /**
     * A bore or an opening swept from the axis: plus is wall nearer to the axis, so the opening's centre lies away from
     * the plus readings.
     */
    INSIDE;

    public boolean inside() {
        return this == INSIDE;
    }
}
