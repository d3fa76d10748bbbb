package org.eskarn.benchmarks;

import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.eskarn.core.reading.StationsUnfit;
import org.eskarn.core.round.FirstHarmonic;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The fit behind every offset, at a sweep by hand, a fine sweep and a recorded turn. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class FirstHarmonicBenchmark {

    @Param({"8", "360", "3600"})
    private int readings;

    private double[] radians = {};
    private double[] micrometres = {};

    @Setup
    public void sweep() {
        Random random = new Random(1);
        radians = new double[readings];
        micrometres = new double[readings];
        for (int i = 0; i < readings; i++) {
            radians[i] = 2 * Math.PI * (i + 0.5 * random.nextDouble()) / readings;
            micrometres[i] = 14 * Math.cos(radians[i] - 1) + 2 * Math.cos(3 * radians[i]) + random.nextGaussian();
        }
    }

    @Benchmark
    public FirstHarmonic fit() throws StationsUnfit {
        return FirstHarmonic.fit(radians, micrometres);
    }
}
