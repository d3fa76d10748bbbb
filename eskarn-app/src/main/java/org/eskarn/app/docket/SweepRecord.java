package org.eskarn.app.docket;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.part.PartRequirement;
import org.eskarn.core.reading.Corrections;
import org.eskarn.core.reading.Entry;
import org.eskarn.core.reading.Layout;
import org.eskarn.core.reading.LayoutRejected;
import org.eskarn.core.reading.Reading;
import org.eskarn.core.reading.ReadingUnit;
import org.eskarn.core.reading.Station;
import org.eskarn.core.reading.Sweep;
import org.eskarn.core.reading.WrittenLayout.Place;
import org.eskarn.core.requirement.Assessment;
import org.eskarn.core.units.Length;
import org.jspecify.annotations.Nullable;

/**
 * One sweep as it was taken, with what the core makes of it.
 *
 * @param readings those that stand, by place
 * @param corrected those that were put right, by place and in the order taken
 * @param zero how its zero was set on a master; null where it was not
 */
public record SweepRecord(
        SweepRow row,
        Gauge gauge,
        List<ReadingRow> readings,
        List<ReadingRow> corrected,
        Assessment assessment,
        @Nullable ZeroRow zero) {

    static SweepRecord of(
            SweepRow row,
            Gauge gauge,
            List<ReadingRow> all,
            List<String> extraPlaces,
            PartRequirement requirement,
            Corrections corrections,
            @Nullable ZeroRow zero) {
        Layout layout = requirement.terms().layout().extended(hunted(extraPlaces, requirement));
        List<ReadingRow> readings =
                all.stream().filter(reading -> !reading.corrected()).toList();
        List<ReadingRow> corrected = all.stream().filter(ReadingRow::corrected).toList();
        List<Station> stations = layout.stations();
        List<Reading> taken = readings.stream()
                .filter(reading -> reading.place() <= stations.size())
                .map(reading -> reading(stations.get(reading.place() - 1), reading.entry(), gauge))
                .toList();
        @Nullable
        Double atReturn = readings.stream()
                .filter(reading -> reading.place() > stations.size())
                .findFirst()
                .map(reading -> micrometres(reading, gauge))
                .orElse(null);
        Sweep sweep = new Sweep(layout, taken, atReturn);
        return new SweepRecord(
                row,
                gauge,
                readings,
                corrected,
                Assessment.of(
                        requirement.terms(),
                        gauge.dial(),
                        sweep,
                        zero == null
                                ? corrections
                                : corrections.on(zero.deviation().doubleValue())),
                zero);
    }

    private static List<Place> hunted(List<String> written, PartRequirement requirement) {
        List<Place> places = new ArrayList<>();
        for (String place : written) {
            try {
                places.add(requirement.row().written().hunted(place));
            } catch (LayoutRejected e) {
                throw new IllegalStateException("station “" + place + "” was never accepted", e);
            }
        }
        return places;
    }

    private static Reading reading(Station station, Entry entry, Gauge gauge) {
        if (entry.unit() == ReadingUnit.ANSWER) {
            return Reading.still(station, entry.number().doubleValue());
        }
        Length graduation = gauge.dial().graduation();
        double band =
                entry.high(graduation).micrometres() - entry.low(graduation).micrometres();
        return new Reading(station, entry.middle(graduation).micrometres(), band / 2);
    }

    private static double micrometres(ReadingRow reading, Gauge gauge) {
        return reading.unit() == ReadingUnit.ANSWER
                ? reading.number().doubleValue()
                : reading.entry().middle(gauge.dial().graduation()).micrometres();
    }

    /** The stations of this sweep: those of the requirement, then those added while hunting. */
    public Layout layout() {
        return assessment.sweep().layout();
    }

    /** What a place is called on paper: its station, or the return. */
    public String placeName(int place) {
        return place > layout().size()
                ? "return"
                : layout().stations().get(place - 1).name();
    }

    /** The place the next reading goes to, from 1; one more than there are readings. */
    public int nextPlace() {
        return readings.size() + 1;
    }

    /** A reading in µm; only for places that have been read. */
    double micrometres(int place) {
        return micrometres(readings.get(place - 1), gauge);
    }

    /** What stood at a place before, the oldest first. */
    public List<ReadingRow> correctedAt(int place) {
        return corrected.stream().filter(reading -> reading.place() == place).toList();
    }

    public Optional<ReadingRow> last() {
        return readings.isEmpty() ? Optional.empty() : Optional.of(readings.get(readings.size() - 1));
    }

    /** Whether any reading came from the simulated indicator. */
    public boolean simulated() {
        return readings.stream().anyMatch(reading -> reading.source() == ReadingSource.SIMULATED);
    }

    public boolean complete() {
        return assessment.sweep().complete();
    }

    /** Whether the master read the same again, as far as it was read again at all. */
    public boolean zeroHolds() {
        Double drift = zero == null ? null : zero.drift();
        return drift == null || Math.abs(drift) <= assessment.allowedReturn() + 1e-9;
    }
}
