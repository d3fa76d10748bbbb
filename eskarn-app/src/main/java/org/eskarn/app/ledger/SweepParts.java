package org.eskarn.app.ledger;

import static org.eskarn.app.ledger.Parts.amount;
import static org.eskarn.app.ledger.Parts.choice;
import static org.eskarn.app.ledger.Parts.done;
import static org.eskarn.app.ledger.Parts.plain;

import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.eskarn.app.docket.ReadingSource;
import org.eskarn.app.docket.SetAside;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.SweepRecord;
import org.eskarn.app.docket.TakenReading;
import org.eskarn.app.gauge.Calibration;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.gauge.GaugeService.Whole;
import org.eskarn.app.gauge.GaugeState;
import org.eskarn.app.ledger.document.CalibrationPart;
import org.eskarn.app.ledger.document.Done;
import org.eskarn.app.ledger.document.GaugePart;
import org.eskarn.app.ledger.document.Person;
import org.eskarn.app.ledger.document.SweepPart;
import org.eskarn.app.ledger.document.SweepPart.Overridden;
import org.eskarn.app.ledger.document.SweepPart.ReadingPart;
import org.eskarn.app.ledger.document.SweepPart.ReplacedPart;
import org.eskarn.app.ledger.document.SweepPart.SetAsidePart;
import org.eskarn.app.ledger.document.SweepPart.SignPart;
import org.eskarn.app.ledger.document.SweepPart.StationPart;
import org.eskarn.app.ledger.document.SweepPart.SweepResult;
import org.eskarn.app.ledger.document.SweepPart.ZeroPart;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.core.reading.Corrections;
import org.eskarn.core.reading.ReturnCheck;
import org.eskarn.core.reading.Station;
import org.jspecify.annotations.Nullable;

/**
 * Sweeps, for a document.
 *
 * @param register the gauges with their histories, by their ids
 * @param zone in which days are counted
 */
record SweepParts(Map<Long, Whole> register, ZoneId zone) {

    /**
     * @param setUp the set-up it belongs to
     * @param stations how many the requirement itself has; more were found while hunting
     * @param figures how figures are said
     * @param readings how readings are said
     */
    SweepPart of(SweepRecord sweep, SetUp setUp, int stations, Display figures, Display readings) {
        return new SweepPart(
                sweep.id(),
                sweep.number(),
                done(sweep.begunBy(), sweep.begunByName(), sweep.begunAt()),
                sweep.gauges().stream()
                        .filter(gauge -> !gauge.missing())
                        .map(gauge -> gauge(gauge, sweep.readTo().orElse(sweep.begunAt())))
                        .toList(),
                sweep.overrideReason() == null
                        ? null
                        : new Overridden(sweep.overrideReason(), person(sweep.overrideBy(), sweep.overrideByName())),
                unitSeen(sweep),
                sweep.signs().stream()
                        .map(sign -> new SignPart(
                                sign.outwards(),
                                sign.reason(),
                                done(sign.changedBy(), sign.changedByName(), sign.changedAt())))
                        .toList(),
                sweep.zeros().stream()
                        .map(zero -> new ZeroPart(
                                zero.gaugeNumber(),
                                zero.master(),
                                zero.masterId(),
                                zero.deviation().toPlainString(),
                                zero.setting(),
                                zero.settingMicrometres().toPlainString(),
                                zero.recheck(),
                                plain(zero.recheckMicrometres()),
                                plain(zero.uncertainty()),
                                done(zero.setBy(), zero.setByName(), zero.setAt())))
                        .toList(),
                sweep.layout().stations().stream().map(SweepParts::station).toList(),
                Math.max(0, sweep.layout().size() - stations),
                sweep.readings().stream().map(SweepParts::reading).toList(),
                sweep.replaced().stream().map(SweepParts::replaced).toList(),
                setAside(sweep.setAside()),
                result(sweep, setUp, figures, readings));
    }

    private static Person person(@Nullable Long id, @Nullable String name) {
        return new Person(id == null ? 0 : id, name == null ? "" : name);
    }

    private static @Nullable Done unitSeen(SweepRecord sweep) {
        Long by = sweep.unitSeenBy();
        Instant at = sweep.unitSeenAt();
        return by == null || at == null ? null : done(by, String.valueOf(sweep.unitSeenByName()), at);
    }

    /** A gauge as it stood at a moment. */
    GaugePart gauge(Gauge gauge, Instant at) {
        Optional<GaugeState> state =
                Optional.ofNullable(register.get(gauge.id())).map(whole -> GaugeState.at(whole, at, zone));
        boolean read = gauge.kind().read();
        return new GaugePart(
                gauge.id(),
                gauge.mark(),
                gauge.name(),
                gauge.serial(),
                gauge.kind().title(),
                read ? amount(gauge.graduation(), gauge.graduationUnit()) : null,
                read ? amount(gauge.errorLimit(), gauge.errorLimitUnit()) : null,
                read ? gauge.readingUnit().symbol() : null,
                state.flatMap(GaugeState::calibration)
                        .map(SweepParts::calibration)
                        .orElse(null),
                state.map(GaugeState::words).orElse(""));
    }

    private static CalibrationPart calibration(Calibration calibration) {
        return new CalibrationPart(
                calibration.doneOn().toString(),
                calibration.doneBy(),
                calibration.nextDue().toString());
    }

    private static StationPart station(Station station) {
        return new StationPart(
                station.number(),
                station.name(),
                plain(station.angle()),
                plain(station.along()),
                plain(station.across()),
                station.line());
    }

    private static ReadingPart reading(TakenReading row) {
        return new ReadingPart(
                row.place(),
                row.typed(),
                row.amount().toPlainString(),
                plain(row.bandEnd()),
                plain(row.noted()),
                row.unit().symbol(),
                row.source() == ReadingSource.KEYPAD
                        ? null
                        : choice(row.source(), row.source().title()),
                row.reason(),
                done(row.takenBy(), row.takenByName(), row.takenAt()));
    }

    private static ReplacedPart replaced(TakenReading row) {
        Long by = row.takenBackBy();
        Instant at = row.takenBackAt();
        return new ReplacedPart(
                row.place(),
                row.typed(),
                row.corrected(),
                done(row.takenBy(), row.takenByName(), row.takenAt()),
                by == null || at == null ? null : done(by, String.valueOf(row.takenBackByName()), at),
                row.ofReturn() ? true : null);
    }

    private static @Nullable SetAsidePart setAside(@Nullable SetAside row) {
        return row == null
                ? null
                : new SetAsidePart(
                        choice(row.cause(), row.cause().title()),
                        row.reason(),
                        done(row.setAsideBy(), row.setAsideByName(), row.setAsideAt()));
    }

    private static String takenOff(SweepRecord sweep, SetUp setUp) {
        Corrections corrections = setUp.corrections(sweep.gauge());
        boolean round = sweep.layout().stations().stream().anyMatch(station -> station.angle() != null);
        List<String> taken = new ArrayList<>();
        if (corrections.leverDegrees() > 0) {
            taken.add(Words.say("ledger.lever-at", Display.plain(corrections.leverDegrees(), 3)));
        }
        if (corrections.sag().isPresent() && round) {
            taken.add(Words.say("ledger.sag", corrections.sag().get()));
        }
        if (sweep.assessment().driftTaken()) {
            taken.add(Words.say("ledger.even-drift"));
        }
        return String.join(", ", taken);
    }

    private static SweepResult result(SweepRecord sweep, SetUp setUp, Display figures, Display readings) {
        return new SweepResult(
                sweep.counts(),
                sweep.readBy(),
                sweep.readFrom().map(Parts::time).orElse(null),
                sweep.readTo().map(Parts::time).orElse(null),
                sweep.layout().kind().answered() || !sweep.complete()
                        ? null
                        : sweep.assessment()
                                .reduction()
                                .map(reduction -> figures.amount(reduction.judged()))
                                .orElse(null),
                figures.symbol(),
                takenOff(sweep, setUp),
                sweep.assessment()
                        .returnCheck()
                        .map(check -> returned(check, readings))
                        .orElse(""));
    }

    private static String returned(ReturnCheck check, Display readings) {
        return Words.say(
                "ledger.allowed",
                readings.signed(check.error()),
                readings.amount(check.allowed()),
                readings.symbol(),
                check.holds() ? "" : Words.say("ledger.out-so-it-proves-nothing"));
    }
}
