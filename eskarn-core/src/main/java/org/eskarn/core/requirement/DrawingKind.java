package org.eskarn.core.requirement;

/** How what was found is drawn; while it is being read, and where it does not apply, the readings are drawn over their layout. */
public enum DrawingKind {
    READINGS,
    JOURNALS,
    ROUNDNESS,
    SECTIONS,
    PITCH,
    FACE,
    LINES,
    SLOPES,
    FIT
}
