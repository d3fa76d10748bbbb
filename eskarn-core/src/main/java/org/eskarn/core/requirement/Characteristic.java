package org.eskarn.core.requirement;

import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.round.StationsUnfit;
import org.eskarn.core.round.SurfaceSide;

/**
 * The registry of what can be asked of a feature. A row names the characteristic, the side of the material it is read
 * on, and how its readings are reduced.
 */
public enum Characteristic {
    CIRCULAR_RUNOUT_RADIAL("circular runout (radial)", SurfaceSide.OUTSIDE, RingReduction::of),
    OFFSET_OF_OPENING("offset of an opening", SurfaceSide.INSIDE, RingReduction::of);

    /** Turns the readings of a sweep, finished or not, into the figures of a characteristic. */
    @FunctionalInterface
    interface Reducer {
        Reduction reduce(Requirement requirement, Dial dial, Sweep sweep) throws StationsUnfit;
    }

    private final String title;
    private final SurfaceSide side;
    private final Reducer reducer;

    Characteristic(String title, SurfaceSide side, Reducer reducer) {
        this.title = title;
        this.side = side;
        this.reducer = reducer;
    }

    public String title() {
        return title;
    }

    public SurfaceSide side() {
        return side;
    }

    Reduction reduce(Requirement requirement, Dial dial, Sweep sweep) throws StationsUnfit {
        return reducer.reduce(requirement, dial, sweep);
    }
}
