package org.eskarn.core.requirement;

/** What of a fit a limit of size is: that of the hole, of the shaft, or the clearance between both. */
public enum FitPart {
    HOLE,
    SHAFT,
    BOTH
}
