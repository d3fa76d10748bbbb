package org.eskarn.benchmarks;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.eskarn.core.evaluation.Assessment;
import org.eskarn.core.evaluation.Circumstances;
import org.eskarn.core.gauge.CalibrationCurve;
import org.eskarn.core.gauge.CalibrationCurve.Point;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.Corrections;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.LayoutRejected;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.Station;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.reading.WrittenLayout;
import org.eskarn.core.requirement.Basis;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.Limit;
import org.eskarn.core.requirement.Requirement;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.uncertainty.Scatter;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.DecisionRule;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** A runout of eight readings from what was read to its verdict, with every part its budget can have. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class AssessmentBenchmark {

    private static final double[] READ = {0, 4, 10, 14, 18, 14, 8, 2};

    private final Layout layout = ring();
    private final Requirement requirement = new Requirement(
            Characteristic.CIRCULAR_RUNOUT_RADIAL,
            SurfaceSide.OUTSIDE,
            Limit.atMost(Length.of("0.020", LengthUnit.MILLIMETRE)),
            StatedAs.MOVEMENT,
            DecisionRule.STRINGENT,
            Optional.empty(),
            FlickerRule.MIDDLE,
            1,
            layout,
            Basis.NONE);
    private final Dial dial = new Dial(
                    Length.of("1", LengthUnit.MICROMETRE),
                    Length.of("1.5", LengthUnit.MICROMETRE),
                    Length.of("200", LengthUnit.MICROMETRE))
            .calibrated(Optional.of(new CalibrationCurve(
                    List.of(new Point(0, 0), new Point(50, 0.8), new Point(100, 1.1), new Point(200, 0.4)), 0.3)))
            .scattering(Scatter.of(0.4, 9));
    private final Circumstances circumstances = new Circumstances(0, 0, 0, 1, 2, 15);
    private final Sweep sweep = sweep();

    private static Layout ring() {
        try {
            return WrittenLayout.ring("8").read(List.of());
        } catch (LayoutRejected e) {
            throw new IllegalStateException(e);
        }
    }

    private Sweep sweep() {
        List<Reading> readings = new ArrayList<>();
        for (Station station : layout.stations()) {
            readings.add(Reading.still(station, READ[readings.size()]));
        }
        return new Sweep(layout, readings, 0.5);
    }

    @Benchmark
    public Assessment assessmentOfEight() {
        return Assessment.of(requirement, dial, sweep, Corrections.NONE, circumstances);
    }
}
