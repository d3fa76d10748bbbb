package org.eskarn.core.requirement;

/** The sign a drawing writes before a limit. */
public enum Sign {
    RUNOUT,
    TOTAL_RUNOUT,
    CONCENTRICITY,
    ROUNDNESS,
    DIAMETER,
    OVAL,
    PIN,
    TAPER,
    FLATNESS,
    STRAIGHTNESS,
    PARALLELISM,
    SQUARENESS,
    IN_LINE,
    DISTANCE,
    PITCH,
    PLAY,
    GAP,
    ANGLE,
    BEND,
    FIT,
    ANSWER,
    RECORD
}
