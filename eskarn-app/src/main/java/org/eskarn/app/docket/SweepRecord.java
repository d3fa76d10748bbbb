package org.eskarn.app.docket;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.page.Words;
import org.eskarn.app.part.PartRequirement;
import org.eskarn.core.evaluation.Assessment;
import org.eskarn.core.gauge.CalibrationCurve;
import org.eskarn.core.gauge.Dial;
import org.eskarn.core.reading.Corrections;
import org.eskarn.core.reading.Entry;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.LayoutRejected;
import org.eskarn.core.reading.Place;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.ReadingUnit;
import org.eskarn.core.reading.Station;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.uncertainty.Scatter;
import org.eskarn.core.units.Length;
import org.jspecify.annotations.Nullable;

/**
 * One sweep as it was taken, with what the core makes of it.
 *
 * @param gauge one that is {@link Gauge#missing()} where the register had none of the kind
 * @param secondGauge of the second reading of each pair; null where one gauge reads both
 * @param readings those that stand, by place
 * @param replaced those that were taken back or put right, by place and in the order taken
 * @param zeros how its zeros were set on masters, at most one for each gauge
 * @param setAside why it does not count; null where it does
 * @param signs which way its gauge was said to count, in the order said
 */
public record SweepRecord(
        SweepRow row,
        Gauge gauge,
        @Nullable Gauge secondGauge,
        List<TakenReading> readings,
        List<TakenReading> replaced,
        Assessment assessment,
        List<MasterZero> zeros,
        @Nullable SetAside setAside,
        List<ChosenSign> signs) {

    private static final double ROUNDING = 1e-9;

    public long id() {
        return row.id();
    }

    /** From 1, in its set-up. */
    public int number() {
        return row.number();
    }

    public long begunBy() {
        return row.begunBy();
    }

    /** Who began it, which need not be who read it. */
    public String begunByName() {
        return row.begunByName();
    }

    public Instant begunAt() {
        return row.begunAt();
    }

    /** Why a gauge that is overdue, in question or withdrawn was used; null where none was. */
    public @Nullable String overrideReason() {
        return row.overrideReason();
    }

    public @Nullable Long overrideBy() {
        return row.overrideBy();
    }

    public @Nullable String overrideByName() {
        return row.overrideByName();
    }

    /** Who saw that bare numbers are in the other system of units than the drawing; null if nobody did. */
    public @Nullable Long unitSeenBy() {
        return row.unitSeenBy();
    }

    public @Nullable String unitSeenByName() {
        return row.unitSeenByName();
    }

    public @Nullable Instant unitSeenAt() {
        return row.unitSeenAt();
    }

    /** What was stored of one sweep. */
    record Stored(
            SweepRow row,
            Gauge gauge,
            @Nullable Gauge secondGauge,
            List<TakenReading> readings,
            List<String> extraPlaces,
            List<MasterZero> zeros,
            @Nullable SetAside setAside,
            List<ChosenSign> signs,
            @Nullable SaidCircumstance circumstance,
            Map<Long, CalibrationCurve> curves,
            Map<Long, Scatter> scatter) {

        private Gauge gaugeAt(int place) {
            return secondGauge != null && place % 2 == 0 ? secondGauge : gauge;
        }

        private Dial dial() {
            return secondGauge == null
                    ? dial(gauge).calibrated(Optional.ofNullable(curves.get(gauge.id())))
                    : Dial.ofPair(dial(gauge), dial(secondGauge));
        }

        private Dial dial(Gauge each) {
            return each.dial().scattering(scatter.getOrDefault(each.id(), Scatter.UNKNOWN));
        }

        /** What every reading of a gauge grows by: its master's deviation, less what it read too much on that master. */
        private double deviation(int gaugeNumber) {
            return zeros.stream()
                    .filter(zero -> zero.gaugeNumber() == gaugeNumber)
                    .mapToDouble(zero -> zero.deviation().doubleValue()
                            - zero.settingMicrometres().doubleValue())
                    .findFirst()
                    .orElse(0);
        }

        private Corrections corrections(Corrections ofSetUp, PartRequirement requirement) {
            boolean outwards = !signs.isEmpty() && signs.get(signs.size() - 1).outwards();
            double first = deviation(1);
            double second = secondGauge == null ? first : deviation(2);
            return SaidCircumstance.corrected(
                    ofSetUp.reversed(outwards), circumstance, requirement, new double[] {first, second});
        }
    }

    static SweepRecord of(Stored stored, PartRequirement requirement, Corrections corrections) {
        Layout layout = requirement.terms().layout().extended(hunted(stored.extraPlaces(), requirement));
        List<TakenReading> readings =
                stored.readings().stream().filter(TakenReading::standing).toList();
        List<TakenReading> replaced = stored.readings().stream()
                .filter(reading -> !reading.standing())
                .toList();
        List<Station> stations = layout.stations();
        List<Reading> taken = readings.stream()
                .filter(reading -> reading.place() <= stations.size())
                .map(reading ->
                        reading(stations.get(reading.place() - 1), reading.entry(), stored.gaugeAt(reading.place())))
                .toList();
        @Nullable
        Double atReturn = readings.stream()
                .filter(reading -> reading.place() > stations.size())
                .findFirst()
                .map(reading -> micrometres(reading, stored.gauge()))
                .orElse(null);
        Assessment assessment = Assessment.of(
                requirement.terms(),
                stored.dial(),
                new Sweep(layout, taken, atReturn),
                stored.corrections(corrections, requirement),
                SaidCircumstance.circumstances(
                        stored.circumstance(), requirement, stored.zeros(), corrections.leverDegrees()));
        return new SweepRecord(
                stored.row(),
                stored.gauge(),
                stored.secondGauge(),
                readings,
                replaced,
                held(stored.zeros(), assessment) ? assessment : assessment.zeroLost(),
                stored.zeros(),
                stored.setAside(),
                stored.signs());
    }

    private static List<Place> hunted(List<String> written, PartRequirement requirement) {
        List<Place> places = new ArrayList<>();
        for (String place : written) {
            try {
                places.add(requirement.layout().written().hunted(place));
            } catch (LayoutRejected e) {
                throw new IllegalStateException("station “" + place + "” was never accepted", e);
            }
        }
        return places;
    }

    private static Reading reading(Station station, Entry entry, Gauge gauge) {
        if (entry.unit() == ReadingUnit.ANSWER) {
            return Reading.still(station, entry.amount().doubleValue());
        }
        Length graduation = gauge.dial().graduation();
        double band =
                entry.high(graduation).micrometres() - entry.low(graduation).micrometres();
        return new Reading(station, entry.middle(graduation).micrometres(), band / 2, entry.noted());
    }

    private static double micrometres(TakenReading reading, Gauge gauge) {
        return reading.unit() == ReadingUnit.ANSWER
                ? reading.amount().doubleValue()
                : reading.entry().middle(gauge.dial().graduation()).micrometres();
    }

    private static boolean held(List<MasterZero> zeros, Assessment assessment) {
        return zeros.stream().allMatch(zero -> {
            Double drift = zero.drift();
            return drift == null || Math.abs(drift) <= assessment.allowedReturn() + ROUNDING;
        });
    }

    /** The stations of this sweep: those of the requirement, then those added while hunting. */
    public Layout layout() {
        return assessment.sweep().layout();
    }

    /** The gauge that a place is read with. */
    public Gauge gaugeAt(int place) {
        return secondGauge != null && place % 2 == 0 ? secondGauge : gauge;
    }

    /** The gauge of the next reading; the first one when all is read. */
    public Gauge nextGauge() {
        return complete() ? gauge : gaugeAt(nextPlace());
    }

    /** The dial; of two gauges what they are worth together. */
    public Dial dial() {
        return assessment.dial();
    }

    /** The gauges it is read with, one or two. */
    public List<Gauge> gauges() {
        return secondGauge == null ? List.of(gauge) : List.of(gauge, secondGauge);
    }

    /** What a place is called on paper: its station, or the return. */
    public String placeName(int place) {
        return place > layout().size()
                ? Words.say("docket.return-place")
                : layout().stations().get(place - 1).name();
    }

    /** The place the next reading goes to, from 1; one more than there are readings. */
    public int nextPlace() {
        return readings.size() + 1;
    }

    /** A reading in µm as the gauge showed it; only for places that have been read. */
    public double micrometres(int place) {
        return micrometres(readings.get(place - 1), gaugeAt(place));
    }

    /** What stood at a place before, the oldest first. */
    public List<TakenReading> replacedAt(int place) {
        boolean isReturn = place > layout().size();
        return replaced.stream()
                .filter(reading -> reading.ofReturn() ? isReturn : reading.place() == place)
                .toList();
    }

    /** All that was ever typed in it, in the order taken. */
    public List<TakenReading> allReadings() {
        return Stream.concat(readings.stream(), replaced.stream())
                .sorted(Comparator.comparingLong(TakenReading::id))
                .toList();
    }

    public Optional<TakenReading> last() {
        return readings.isEmpty() ? Optional.empty() : Optional.of(readings.get(readings.size() - 1));
    }

    /** Whether anything was ever read in it, taken back or not. */
    public boolean touched() {
        return !readings.isEmpty() || !replaced.isEmpty();
    }

    /** Whether any reading came from the simulated indicator. */
    public boolean simulated() {
        return readings.stream().anyMatch(reading -> reading.source() == ReadingSource.SIMULATED);
    }

    public boolean complete() {
        return assessment.sweep().complete();
    }

    /** Whether it counts for the verdict: whole, its zero held, and nobody set it aside. */
    public boolean counts() {
        return setAside == null && assessment.counts();
    }

    /** How its zero was set on a master; null where it was not. */
    public @Nullable MasterZero zero() {
        return zero(1).orElse(null);
    }

    /** @param gaugeNumber 1, or 2 for the gauge of the second reading of each pair */
    public Optional<MasterZero> zero(int gaugeNumber) {
        return zeros.stream().filter(zero -> zero.gaugeNumber() == gaugeNumber).findFirst();
    }

    /** Whether the masters read the same again, as far as they were read again at all. */
    public boolean zeroHolds() {
        return held(zeros, assessment);
    }

    /** Whether its gauge's figures grow when the plunger comes out. */
    public boolean outwards() {
        return !signs.isEmpty() && signs.get(signs.size() - 1).outwards();
    }

    /** Who read in it, in the order of their first reading. */
    public List<Reader> readers() {
        return Readers.of(readings, layout().size());
    }

    /** The readers as they are said; empty where nothing was read. */
    public String readBy() {
        return String.join(", ", readers().stream().map(Reader::said).toList());
    }

    /** When the first of its readings was taken; empty where nothing was read. */
    public Optional<Instant> readFrom() {
        return readings.stream().map(TakenReading::takenAt).min(Comparator.naturalOrder());
    }

    /** When the last of its readings was taken; empty where nothing was read. */
    public Optional<Instant> readTo() {
        return readings.stream().map(TakenReading::takenAt).max(Comparator.naturalOrder());
    }
}
