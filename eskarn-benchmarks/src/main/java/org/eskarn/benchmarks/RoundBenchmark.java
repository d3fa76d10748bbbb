package org.eskarn.benchmarks;

import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.eskarn.core.round.Harmonics;
import org.eskarn.core.round.ReferenceCircle;
import org.eskarn.core.size.SizeMap;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The minimum zone of a fine trace and the map of a long shaft. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class RoundBenchmark {

    private static final int READINGS = 3600;
    private static final int RINGS = 200;
    private static final int DIRECTIONS = 360;
    /** µm. */
    private static final double RADIUS = 22_500;

    private final double[] angles = new double[READINGS];
    private final double[] deviations = new double[READINGS];
    private final double[] at = new double[RINGS * DIRECTIONS];
    private final double[] sizes = new double[RINGS * DIRECTIONS];

    /** A ground seat: 30 µm off centre, oval and three-lobed by some µm, rough by 0.3 µm. */
    @Setup
    public void read() {
        Random random = new Random(5);
        for (int i = 0; i < READINGS; i++) {
            double angle = 2 * Math.PI * i / READINGS;
            angles[i] = angle;
            deviations[i] = 30 * Math.cos(angle - 1)
                    + 2 * Math.cos(2 * angle)
                    + 3 * Math.cos(3 * angle + 2)
                    + 0.3 * random.nextGaussian();
        }
        for (int i = 0; i < sizes.length; i++) {
            at[i] = i / DIRECTIONS;
            sizes[i] = 45_000 + 0.01 * at[i] + random.nextGaussian();
        }
    }

    @Benchmark
    public ReferenceCircle minimumZoneOnKnownRadius() {
        return ReferenceCircle.of(ReferenceCircle.Kind.MINIMUM_ZONE, angles, deviations, RADIUS)
                .orElseThrow();
    }

    @Benchmark
    public ReferenceCircle minimumZone() {
        return ReferenceCircle.of(ReferenceCircle.Kind.MINIMUM_ZONE, angles, deviations, 0)
                .orElseThrow();
    }

    @Benchmark
    public Harmonics harmonics() {
        return Harmonics.of(angles, deviations);
    }

    @Benchmark
    public SizeMap shaftMap() {
        return SizeMap.of(at, sizes);
    }
}
