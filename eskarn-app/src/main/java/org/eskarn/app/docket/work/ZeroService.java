package org.eskarn.app.docket.work;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketMapper;
import org.eskarn.app.docket.MasterZero;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.SetUpLock;
import org.eskarn.app.docket.Step;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.gauge.GaugeKind;
import org.eskarn.app.gauge.GaugeService;
import org.eskarn.app.gauge.GaugeStatus;
import org.eskarn.app.page.Words;
import org.eskarn.core.gauge.Block;
import org.eskarn.core.gauge.BlockStack;
import org.eskarn.core.reading.Entry;
import org.eskarn.core.reading.EntryParser;
import org.eskarn.core.reading.EntryRejected;
import org.eskarn.core.result.Note;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sets the zero of a sweep on a master: a ring, a disc, a square, or a stack built from a block set. */
@Service
public class ZeroService {

    private static final int DECIMALS = 3;
    /** A master further from the size than this, as a share of it, is the wrong one. */
    private static final double FURTHEST = 0.05;
    /** A gauge of whole sizes that reads further from its master than this, µm, stands on another one. */
    private static final BigDecimal FURTHEST_SIZE = BigDecimal.valueOf(500);

    private final DocketMapper mapper;
    private final GaugeService gauges;
    private final SetUpLock lock;
    private final Clock clock;

    ZeroService(DocketMapper mapper, GaugeService gauges, SetUpLock lock, Clock clock) {
        this.mapper = mapper;
        this.gauges = gauges;
        this.lock = lock;
        this.clock = clock;
    }

    /** The masters a zero can be set on, those of the wanted size first, of them those in date, then block sets of the drawing's system. */
    @Transactional(readOnly = true)
    public List<Gauge> masters(SetUp setUp) {
        double wanted = setUp.requirement().reach().orElse(0.0);
        boolean metric = setUp.requirement().metric();
        LocalDate today = LocalDate.now(clock);
        return gauges.all().stream()
                .filter(gauge -> switch (gauge.kind()) {
                    case BLOCK_SET, SETTING_RING, SETTING_DISC, SQUARE -> usable(gauge);
                    default -> false;
                })
                .sorted(Comparator.comparing((Gauge gauge) -> !near(gauge, wanted))
                        .thenComparing(gauge -> gauge.overdue(today))
                        .thenComparing(gauge -> gauge.kind() != GaugeKind.BLOCK_SET)
                        .thenComparing(gauge -> gauge.graduationUnit().metric() != metric)
                        .thenComparing(Gauge::mark))
                .toList();
    }

    /** One that is in question, withdrawn or not calibrated sets no zero. */
    private static boolean usable(Gauge master) {
        return master.status() == GaugeStatus.IN_SERVICE && master.calibrated();
    }

    private static boolean near(Gauge master, double wanted) {
        return master.actualSize()
                .filter(size -> Math.abs(size - wanted) <= FURTHEST * wanted)
                .isPresent();
    }

    /**
     * @param deviation how far it is from what the zero means, µm
     * @param uncertainty of the master, k = 2, µm
     * @param size what a gauge that reads whole sizes should read on it, µm; 0 for a gauge that reads deviations
     */
    private record Chosen(String said, double deviation, double size, double uncertainty) {

        static Chosen of(Gauge master, double deviation, double size) {
            return new Chosen(
                    master.mark() + ", " + master.name(),
                    deviation,
                    size,
                    master.dial().errorLimit().micrometres());
        }
    }

    /**
     * Sets the zero on a master: records it, and confirms the step when no other gauge waits for a master.
     *
     * @param gaugeNumber 1, or 2 for the gauge of the second reading of each pair
     * @param masterId of the ring, disc, square or block set
     * @param typed what the gauge reads on it, with the zero set
     * @throws EntryRejected if that is no reading of the gauge
     * @throws DocketConflict if the set-up changed since the page was made, readings stand already, or the master does
     *     not fit
     */
    @Transactional(rollbackFor = {EntryRejected.class, DocketConflict.class})
    public void set(int number, int position, int gaugeNumber, long masterId, String typed, int version, long by)
            throws EntryRejected, DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        if (setUp.sweep().touched()) {
            throw new DocketConflict(Words.say(
                    "docket.readings-stand-on-this-zero-begin-one",
                    setUp.gaugeInUse().code()));
        }
        if (setUp.current() != Step.ZERO
                || gaugeNumber < 1
                || gaugeNumber > setUp.sweep().gauges().size()) {
            throw lock.changedMeanwhile(setUp);
        }
        lock.requireOwnEyes(setUp, by);
        Gauge master = gauges.find(masterId).orElseThrow(() -> lock.changedMeanwhile(setUp));
        if (!usable(master)) {
            throw new DocketConflict(
                    Words.say("docket.is-choose-another-master", master.mark(), master.standing(LocalDate.now(clock))));
        }
        Gauge gauge = setUp.sweep().gaugeAt(gaugeNumber);
        Chosen chosen = gauge.readsSizes() ? chosenForSizes(setUp, gauge, master) : chosen(setUp, master);
        BigDecimal read = read(gauge, typed).subtract(rounded(chosen.size()));
        if (gauge.readsSizes() && read.abs().compareTo(FURTHEST_SIZE) > 0) {
            throw new EntryRejected(
                    EntryRejected.Reason.BEYOND_TRAVEL,
                    Note.of(
                            "docket.should-read-about-on-this-master-not",
                            gauge.mark(),
                            length(chosen.size(), gauge.graduationUnit()),
                            typed.strip()));
        }
        // It sets a zero all the same, for its size is known; the record says so wherever it names the master.
        String overdue = master.overdue(LocalDate.now(clock)) ? Words.say("docket.overdue") : "";
        mapper.deleteZero(setUp.sweep().id(), gaugeNumber);
        mapper.insertZero(
                new MasterZero(
                        setUp.sweep().id(),
                        gaugeNumber,
                        chosen.said() + overdue,
                        rounded(chosen.deviation()),
                        typed.strip(),
                        read,
                        null,
                        null,
                        by,
                        "",
                        clock.instant(),
                        rounded(chosen.uncertainty()),
                        master.id()),
                by);
        boolean another = setUp.masterToSet().isPresent()
                && setUp.sweep().gauges().size() > 1
                && setUp.sweep().zero(3 - gaugeNumber).isEmpty();
        if (!another) {
            mapper.insertStepDone(setUp.readId(), setUp.sweep().id(), Step.ZERO, by, clock.instant());
        }
    }

    /**
     * Records what the gauge reads on the master again after the sweep.
     *
     * @throws EntryRejected if that is no reading of the gauge
     * @throws DocketConflict if the set-up changed since the page was made, or no zero was set on a master
     */
    @Transactional(rollbackFor = {EntryRejected.class, DocketConflict.class})
    public void recheck(int number, int position, int gaugeNumber, String typed, int version, long by)
            throws EntryRejected, DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        MasterZero zero = setUp.sweep().zero(gaugeNumber).orElseThrow(() -> lock.changedMeanwhile(setUp));
        if (zero.recheck() != null) {
            throw new DocketConflict(Words.say(
                    "docket.the-master-was-read-again-already-and",
                    zero.recheck(),
                    setUp.gaugeInUse().code()));
        }
        lock.requireOwnEyes(setUp, by);
        Gauge gauge = setUp.sweep().gaugeAt(gaugeNumber);
        BigDecimal moved = read(gauge, typed).subtract(read(gauge, zero.setting()));
        lock.reopenProof(setUp, by);
        mapper.setRecheck(
                setUp.sweep().id(),
                gaugeNumber,
                typed.strip(),
                zero.settingMicrometres().add(moved));
    }

    private static BigDecimal read(Gauge gauge, String typed) throws EntryRejected {
        Entry entry = EntryParser.parse(typed, gauge.readingUnit());
        return rounded(gauge.dial().read(entry).micrometres());
    }

    private Chosen chosen(SetUp setUp, Gauge master) throws DocketConflict {
        Length setTo = setUp.requirement().terms().basis().setTo().orElse(null);
        if (setTo == null) {
            return Chosen.of(master, 0, 0);
        }
        if (master.kind() == GaugeKind.BLOCK_SET) {
            return stack(master, setTo, 0);
        }
        double size = master.actualSize()
                .orElseThrow(() -> new DocketConflict(Words.say("docket.has-no-size-in-the-register", master.mark())));
        double deviation = size - setTo.micrometres();
        if (Math.abs(deviation) > FURTHEST * setTo.micrometres()) {
            throw new DocketConflict(Words.say("docket.is-not-near-choose-a-master-of", master.mark(), setTo));
        }
        return Chosen.of(master, deviation, 0);
    }

    /** A ring or disc of any size the gauge reads will do; blocks are built to the feature's size, or to its smallest. */
    private Chosen chosenForSizes(SetUp setUp, Gauge gauge, Gauge master) throws DocketConflict {
        if (master.kind() == GaugeKind.BLOCK_SET) {
            double size = setUp.requirement()
                    .reach()
                    .orElseGet(
                            () -> gauge.dial().from().map(Length::micrometres).orElse(0.0));
            return stack(master, length(size, master.graduationUnit()), size);
        }
        double size = master.actualSize()
                .orElseThrow(() -> new DocketConflict(Words.say("docket.has-no-size-in-the-register", master.mark())));
        return Chosen.of(master, 0, size);
    }

    private Chosen stack(Gauge set, Length setTo, double size) throws DocketConflict {
        BigDecimal wanted = new BigDecimal(
                setTo.amountIn(set.graduationUnit(), 6).stripTrailingZeros().toPlainString());
        BlockStack stack = gauges.blockSet(set).fewest(wanted, List.of()).stream()
                .findFirst()
                .orElseThrow(() -> new DocketConflict(Words.say(
                        "docket.a-stack-of-cannot-be-built-from",
                        wanted.toPlainString(),
                        set.graduationUnit().symbol(),
                        set.mark())));
        String blocks = stack.blocks().stream()
                .map(Block::nominal)
                .map(BigDecimal::toPlainString)
                .collect(Collectors.joining(" + "));
        return new Chosen(
                Words.say("docket.stack-of", set.mark(), blocks), stack.deviation(), size, stack.uncertainty());
    }

    private static Length length(double micrometres, LengthUnit unit) {
        BigDecimal amount = rounded(micrometres).divide(unit.micrometres(), 6, RoundingMode.HALF_UP);
        return new Length(new BigDecimal(amount.stripTrailingZeros().toPlainString()), unit);
    }

    private static BigDecimal rounded(double micrometres) {
        return BigDecimal.valueOf(micrometres).setScale(DECIMALS, RoundingMode.HALF_UP);
    }
}
