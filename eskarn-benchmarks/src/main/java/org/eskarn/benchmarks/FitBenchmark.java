package org.eskarn.benchmarks;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.eskarn.core.fit.FitUndefined;
import org.eskarn.core.fit.IsoLimits;
import org.eskarn.core.fit.SelectivePairing;
import org.eskarn.core.fit.SelectivePairing.Piece;
import org.eskarn.core.fit.ToleranceClass;
import org.eskarn.core.verdict.Bounds;
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

/** A million limits of random classes at random sizes, and the pairing of 200 shafts with 200 bores. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3)
@Measurement(iterations = 5)
public class FitBenchmark {

    private static final int LOOKUPS = 1_000_000;
    private static final int PIECES = 200;
    private static final List<String> CLASSES = List.of(
            "H7", "g6", "k5", "J7", "m6", "n6", "p6", "s6", "u7", "h11", "F8", "E9", "D10", "K7", "P7", "js6", "zc8");

    private BigDecimal[] sizes = {};
    private ToleranceClass[] classes = {};
    private List<Piece> shafts = List.of();
    private List<Piece> bores = List.of();

    @Setup
    public void choose() {
        Random random = new Random(11);
        sizes = new BigDecimal[LOOKUPS];
        classes = new ToleranceClass[LOOKUPS];
        for (int i = 0; i < LOOKUPS; i++) {
            sizes[i] = BigDecimal.valueOf(3_001 + random.nextInt(496_000), 3);
            classes[i] = ToleranceClass.written(CLASSES.get(random.nextInt(CLASSES.size())))
                    .orElseThrow();
        }
        shafts = pieces(random, 0);
        bores = pieces(random, 20);
    }

    private static List<Piece> pieces(Random random, double about) {
        List<Piece> pieces = new ArrayList<>();
        for (int i = 0; i < PIECES; i++) {
            double size = about + random.nextGaussian() * 6;
            pieces.add(new Piece("" + i, size, size + 1));
        }
        return pieces;
    }

    @Benchmark
    public double limits() throws FitUndefined {
        double sum = 0;
        for (int i = 0; i < LOOKUPS; i++) {
            sum += IsoLimits.of(sizes[i], classes[i]).upper().doubleValue();
        }
        return sum;
    }

    @Benchmark
    public int pairing() {
        return SelectivePairing.of(shafts, bores, Bounds.between(14, 26))
                .pairs()
                .size();
    }
}
