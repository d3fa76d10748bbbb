package org.eskarn.benchmarks;

import java.math.BigDecimal;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.eskarn.core.gauge.Block;
import org.eskarn.core.gauge.BlockSet;
import org.eskarn.core.gauge.BlockSet.Template;
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

/** The fewest blocks for 10,000 random sizes from 2 to 100 mm, in steps of half a micrometre, over the 112-piece set. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 2)
@Measurement(iterations = 5)
public class BlockStackBenchmark {

    private static final int SIZES = 10_000;

    private BlockSet set = BlockSet.of(Template.METRIC_112.unit(), List.of(Block.of("1")));
    private List<BigDecimal> wanted = List.of();

    @Setup
    public void sizes() {
        Random random = new Random(7);
        set = BlockSet.of(
                Template.METRIC_112.unit(),
                Template.METRIC_112.nominals().stream()
                        .map(nominal -> new Block(nominal, 0, 0))
                        .toList());
        wanted = IntStream.range(0, SIZES)
                .mapToObj(i -> BigDecimal.valueOf((4000L + random.nextInt(196_000)) * 5, 4))
                .toList();
    }

    @Benchmark
    public int build() {
        int built = 0;
        for (BigDecimal size : wanted) {
            built += set.fewest(size, List.of()).isEmpty() ? 0 : 1;
        }
        return built;
    }
}
