package org.eskarn.benchmarks;

import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.eskarn.core.flat.MinimumZoneLine;
import org.eskarn.core.flat.MinimumZonePlane;
import org.eskarn.core.reading.StationsUnfit;
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

/** Exact zones of scanned faces and lines. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class FlatBenchmark {

    private final Scan small = new Scan(100);
    private final Scan large = new Scan(1000);
    private final double[] at = new double[100_000];
    private final double[] readings = new double[100_000];

    /** A ground face of side × side places: tilted by some µm, bowed by 5 µm, rough by 0.4 µm. */
    private static final class Scan {
        final double[] x;
        final double[] y;
        final double[] heights;

        Scan(int side) {
            Random random = new Random(side);
            x = new double[side * side];
            y = new double[side * side];
            heights = new double[side * side];
            for (int i = 0; i < x.length; i++) {
                x[i] = 400.0 * (i % side) / side;
                y[i] = 300.0 * (i / side) / side;
                heights[i] = 0.03 * x[i]
                        - 0.02 * y[i]
                        + 5 * Math.sin(x[i] / 120) * Math.cos(y[i] / 90)
                        + 0.4 * random.nextGaussian();
            }
        }
    }

    @Setup
    public void read() {
        Random random = new Random(8);
        for (int i = 0; i < at.length; i++) {
            at[i] = 0.01 * i;
            readings[i] = 0.02 * at[i] + 4 * Math.sin(at[i] / 300) + 0.3 * random.nextGaussian();
        }
    }

    @Benchmark
    public MinimumZonePlane flatnessOfTenThousand() throws StationsUnfit {
        return MinimumZonePlane.fit(small.x, small.y, small.heights);
    }

    @Benchmark
    public MinimumZonePlane flatnessOfAMillion() throws StationsUnfit {
        return MinimumZonePlane.fit(large.x, large.y, large.heights);
    }

    @Benchmark
    public MinimumZoneLine straightnessOfAHundredThousand() throws StationsUnfit {
        return MinimumZoneLine.fit(at, readings);
    }
}
