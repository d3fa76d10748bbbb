package org.eskarn.app.docket.work;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.Step;
import org.eskarn.core.reading.Station;

/**
 * Two requirements of a piece read at once, each with an indicator of its own: at every station first the one, then the other, so
 * that the part is turned or moved once for both.
 */
final class TwoIndicators {

    private TwoIndicators() {}

    /** The one that could be read beside it: as far as it is, over the same stations, with another gauge. */
    static Optional<SetUp> offered(Docket docket, SetUp setUp) {
        return setUp.beside().isPresent() || !alone(setUp)
                ? Optional.empty()
                : docket.setUps().stream()
                        .filter(other ->
                                other.id() != setUp.id() && other.beside().isEmpty() && alone(other))
                        .filter(other ->
                                other.sweep().nextPlace() == setUp.sweep().nextPlace())
                        .filter(other -> other.sweep().gauge().id()
                                != setUp.sweep().gauge().id())
                        .filter(other -> other.requirement().setUp().workKind()
                                == setUp.requirement().setUp().workKind())
                        .filter(other -> places(other).equals(places(setUp)))
                        .findFirst();
    }

    /** The one that is read beside it, as long as both are being read over the same stations. */
    static Optional<SetUp> with(Docket docket, SetUp setUp) {
        return setUp.beside()
                .flatMap(beside -> docket.setUps().stream()
                        .filter(other -> other.id() == beside)
                        .filter(other -> places(other).equals(places(setUp)))
                        .findFirst());
    }

    /** Where the next reading belongs: to the one that is behind, at a new station to the first of both. */
    static SetUp next(Docket docket, SetUp setUp) {
        return with(docket, setUp)
                .filter(other -> other.current() == Step.SWEEP && (setUp.sweep().complete() || before(other, setUp)))
                .orElse(setUp);
    }

    private static boolean before(SetUp other, SetUp setUp) {
        int apart = other.sweep().nextPlace() - setUp.sweep().nextPlace();
        return apart < 0
                || (apart == 0
                        && other.requirement().position() < setUp.requirement().position());
    }

    /** Where the last reading was taken, which may be at the other. */
    static SetUp last(Docket docket, SetUp setUp) {
        return with(docket, setUp)
                .filter(other -> !other.sweep().complete() && read(other).isAfter(read(setUp)))
                .orElse(setUp);
    }

    private static Instant read(SetUp setUp) {
        return setUp.sweep().readTo().orElse(Instant.MIN);
    }

    private static boolean alone(SetUp setUp) {
        return setUp.readId() == setUp.id()
                && setUp.current() == Step.SWEEP
                && !setUp.blind()
                && !setUp.simulated()
                && !setUp.unitUnseen()
                && !setUp.requirement().terms().layout().kind().answered();
    }

    private static List<String> places(SetUp setUp) {
        return setUp.sweep().layout().stations().stream().map(Station::name).toList();
    }
}
