package org.eskarn.app.api;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.SetUpDisplay;
import org.eskarn.app.docket.Standing;
import org.eskarn.app.docket.SweepRecord;
import org.eskarn.app.docket.TakenReading;
import org.eskarn.app.ledger.Afterwards;
import org.eskarn.app.ledger.document.SignedDocument;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.app.part.Part;
import org.eskarn.app.part.PartRequirement;
import org.jspecify.annotations.Nullable;

/** What is sent out, in the units of the drawing. */
final class ApiViews {

    private ApiViews() {}

    /** @param next where the next page begins; absent on the last */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record Page<T>(List<T> items, @Nullable Integer next) {

        static <T> Page<T> of(List<T> all, int from, int most) {
            int first = Math.min(Math.max(from, 0), all.size());
            int end = Math.min(first + most, all.size());
            return new Page<>(all.subList(first, end), end < all.size() ? (Integer) end : null);
        }
    }

    record PartView(long id, String drawing, String revision, String title, String material, boolean inUse) {

        static PartView of(Part part) {
            return new PartView(
                    part.id(), part.drawingNumber(), part.revision(), part.title(), part.material(), part.opened());
        }
    }

    record RequirementView(int position, String title, String characteristic, String limit, String feature) {

        static RequirementView of(PartRequirement requirement) {
            return new RequirementView(
                    requirement.position(),
                    requirement.title(),
                    requirement.characteristic().name(),
                    Words.of(requirement.terms().limit().words()),
                    requirement.feature().name());
        }
    }

    record WholePart(PartView part, List<RequirementView> requirements) {}

    record GaugeView(long id, String mark, String name, String kind, String status, LocalDate nextDue) {}

    record DocketView(int number, String part, String serial, LocalDate due) {}

    record WholeDocket(
            int number,
            String drawing,
            String revision,
            String serial,
            String purpose,
            LocalDate due,
            boolean signed,
            List<SetUpView> requirements) {

        static WholeDocket of(Docket docket) {
            return new WholeDocket(
                    docket.number(),
                    docket.part().drawingNumber(),
                    docket.part().revision(),
                    docket.serial(),
                    docket.purpose(),
                    docket.due(),
                    docket.signed(),
                    docket.setUps().stream().map(SetUpView::of).toList());
        }
    }

    /**
     * How a requirement stands.
     *
     * @param step what is to be done next
     * @param sweep the sweep being read
     * @param nextPlace the place that the next reading goes to; absent where none is left
     * @param verdict absent while nothing is known, or while another inspector measures who is not to see it
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record SetUpView(
            int position,
            String title,
            String step,
            long sweep,
            @Nullable Integer nextPlace,
            @Nullable String nextStation,
            @Nullable VerdictView verdict) {

        static SetUpView of(SetUp setUp) {
            SweepRecord sweep = setUp.sweep();
            boolean more = !sweep.complete();
            return new SetUpView(
                    setUp.requirement().position(),
                    setUp.requirement().title(),
                    setUp.current().name(),
                    sweep.id(),
                    more ? (Integer) sweep.nextPlace() : null,
                    more ? sweep.placeName(sweep.nextPlace()) : null,
                    VerdictView.of(setUp));
        }
    }

    /** @param settled whether a person accepted it */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record VerdictView(
            String outcome,
            @Nullable String figure,
            @Nullable String uncertainty,
            String unit,
            boolean settled) {

        static @Nullable VerdictView of(SetUp setUp) {
            Standing standing = Standing.of(setUp);
            if (setUp.blind() || standing == Standing.OPEN) {
                return null;
            }
            Display display = SetUpDisplay.figures(setUp);
            Double value = setUp.verdict().value();
            boolean whole = setUp.showsFigure();
            return new VerdictView(
                    standing.name(),
                    whole ? display.judged(setUp.verdict()) : null,
                    whole && value != null
                            ? display.about(value, setUp.verdict().expanded())
                            : null,
                    display.symbol(),
                    setUp.settled());
        }
    }

    record SweepView(
            long id, int number, boolean counts, boolean complete, List<String> gauges, List<ReadingView> readings) {

        static SweepView of(SweepRecord sweep) {
            return new SweepView(
                    sweep.id(),
                    sweep.number(),
                    sweep.counts(),
                    sweep.complete(),
                    sweep.gauges().stream().map(gauge -> gauge.mark()).toList(),
                    sweep.readings().stream()
                            .map(reading -> ReadingView.of(sweep, reading))
                            .toList());
        }
    }

    record ReadingView(int place, String station, String typed, String by, Instant at) {

        static ReadingView of(SweepRecord sweep, TakenReading reading) {
            return new ReadingView(
                    reading.place(),
                    sweep.placeName(reading.place()),
                    reading.typed(),
                    reading.takenByName(),
                    reading.takenAt());
        }
    }

    /** @param supersededBy the docket whose signing took its place; absent for none */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record SignedView(
            int document,
            int docket,
            String part,
            String serial,
            String outcome,
            String signedBy,
            String signedAt,
            @Nullable Integer supersededBy,
            boolean inQuestion) {

        static SignedView of(SignedDocument document, Afterwards afterwards) {
            return new SignedView(
                    document.number(),
                    document.docket().number(),
                    document.part().title(),
                    document.docket().serial(),
                    document.outcome(),
                    document.signature().by().name(),
                    document.signature().at(),
                    afterwards.supersededBy(),
                    afterwards.inQuestion());
        }
    }
}
