package org.eskarn.app.docket;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Clock;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.gauge.GaugeKind;
import org.eskarn.app.gauge.GaugeService;
import org.eskarn.core.gauge.Block;
import org.eskarn.core.gauge.BlockStack;
import org.eskarn.core.reading.Entry;
import org.eskarn.core.reading.EntryParser;
import org.eskarn.core.reading.EntryRejected;
import org.eskarn.core.units.Length;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sets the zero of a sweep on a master: a ring, a disc, a square, or a stack built from a block set. */
@Service
public class ZeroService {

    private static final int DECIMALS = 3;
    /** A master further from the size than this, as a share of it, is the wrong one. */
    private static final double FURTHEST = 0.05;

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

    /** The masters a zero can be set on, those of the wanted size first, then block sets of the drawing's system. */
    @Transactional(readOnly = true)
    public List<Gauge> masters(SetUp setUp) {
        double wanted = setUp.requirement()
                .terms()
                .basis()
                .setTo()
                .map(Length::micrometres)
                .orElse(0.0);
        boolean metric = setUp.requirement().row().layoutUnit().metric();
        return gauges.all().stream()
                .filter(gauge -> switch (gauge.kind()) {
                    case BLOCK_SET, SETTING_RING, SETTING_DISC, SQUARE -> true;
                    default -> false;
                })
                .sorted(Comparator.comparing((Gauge gauge) -> !near(gauge, wanted))
                        .thenComparing(gauge -> gauge.kind() != GaugeKind.BLOCK_SET)
                        .thenComparing(gauge -> gauge.graduationUnit().metric() != metric)
                        .thenComparing(Gauge::mark))
                .toList();
    }

    private static boolean near(Gauge master, double wanted) {
        return master.actualSize()
                .filter(size -> Math.abs(size - wanted) <= FURTHEST * wanted)
                .isPresent();
    }

    private record Chosen(String said, double deviation) {}

    /**
     * Records the zero.
     *
     * @param masterId of the ring, disc, square or block set
     * @param typed what the gauge reads on it, with the zero set
     * @throws EntryRejected if that is no reading of the gauge
     * @throws DocketConflict if the set-up changed since the page was made, readings stand already, or the master does
     *     not fit
     */
    @Transactional(rollbackFor = {EntryRejected.class, DocketConflict.class})
    public void set(int number, int position, long masterId, String typed, int version, long by)
            throws EntryRejected, DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        if (!setUp.sweep().readings().isEmpty()) {
            throw new DocketConflict("Readings stand on this zero: set it anew with a new sweep.");
        }
        Gauge master = gauges.find(masterId).orElseThrow(() -> lock.changedMeanwhile(setUp.row()));
        Chosen chosen = chosen(setUp, master);
        Entry entry = EntryParser.parse(typed, setUp.sweep().gauge().readingUnit());
        BigDecimal read =
                rounded(entry.middle(setUp.sweep().gauge().dial().graduation()).micrometres());
        mapper.deleteZero(setUp.sweep().row().id());
        mapper.insertZero(
                new ZeroRow(
                        setUp.sweep().row().id(),
                        chosen.said(),
                        rounded(chosen.deviation()),
                        entry.typed(),
                        read,
                        null,
                        null,
                        "",
                        clock.instant()),
                by);
    }

    /**
     * Records what the gauge reads on the master again after the sweep.
     *
     * @throws EntryRejected if that is no reading of the gauge
     * @throws DocketConflict if the set-up changed since the page was made, or no zero was set on a master
     */
    @Transactional(rollbackFor = {EntryRejected.class, DocketConflict.class})
    public void recheck(int number, int position, String typed, int version, long by)
            throws EntryRejected, DocketConflict {
        SetUp setUp = lock.unchanged(number, position, version, by);
        if (setUp.sweep().zero() == null) {
            throw lock.changedMeanwhile(setUp.row());
        }
        Entry entry = EntryParser.parse(typed, setUp.sweep().gauge().readingUnit());
        lock.reopenProof(setUp, by);
        mapper.setRecheck(
                setUp.sweep().row().id(),
                entry.typed(),
                rounded(entry.middle(setUp.sweep().gauge().dial().graduation()).micrometres()));
    }

    private Chosen chosen(SetUp setUp, Gauge master) throws DocketConflict {
        Length setTo = setUp.requirement().terms().basis().setTo().orElse(null);
        if (master.kind() == GaugeKind.SQUARE || setTo == null) {
            return new Chosen(master.mark() + ", " + master.name(), 0);
        }
        if (master.kind() == GaugeKind.BLOCK_SET) {
            return stack(master, setTo);
        }
        double size = master.actualSize()
                .orElseThrow(() -> new DocketConflict(master.mark() + " has no size in the register."));
        double deviation = size - setTo.micrometres();
        if (Math.abs(deviation) > FURTHEST * setTo.micrometres()) {
            throw new DocketConflict(
                    master.mark() + " is not near " + setTo + ": choose a master of that size, or build a stack.");
        }
        return new Chosen(master.mark() + ", " + master.name(), deviation);
    }

    private Chosen stack(Gauge set, Length setTo) throws DocketConflict {
        BigDecimal wanted = new BigDecimal(
                setTo.amountIn(set.graduationUnit(), 6).stripTrailingZeros().toPlainString());
        BlockStack stack = gauges.blockSet(set).fewest(wanted, List.of()).stream()
                .findFirst()
                .orElseThrow(() -> new DocketConflict("A stack of " + wanted.toPlainString() + " "
                        + set.graduationUnit().symbol() + " cannot be built from " + set.mark() + "."));
        String blocks = stack.blocks().stream()
                .map(Block::nominal)
                .map(BigDecimal::toPlainString)
                .collect(Collectors.joining(" + "));
        return new Chosen("stack of " + set.mark() + ": " + blocks, stack.deviation());
    }

    private static BigDecimal rounded(double micrometres) {
        return BigDecimal.valueOf(micrometres).setScale(DECIMALS, RoundingMode.HALF_UP);
    }
}
