package org.eskarn.app.docket;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Words;
import org.eskarn.core.evaluation.SizeReduction;
import org.eskarn.core.reading.Station;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.units.LengthUnit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Size maps of shafts and bores that were read in dockets, to be put together as pairs. */
@Service
public class SizeMapService {

    /** The latest that are offered. */
    private static final int MOST = 80;

    /** A millionth is finer than any gauge, and a double is not written with its tail. */
    private static final int DECIMALS = 6;

    private static final String KEY = "\\d{1,9}/\\d{1,4}";

    private final DocketMapper mapper;
    private final DocketService dockets;

    SizeMapService(DocketMapper mapper, DocketService dockets) {
        this.mapper = mapper;
        this.dockets = dockets;
    }

    /**
     * @param key names it: docket and requirement, as 214/2
     * @param hole whether it is of a bore
     * @param unit sizes are written in
     */
    public record Listed(String key, String title, boolean hole, LengthUnit unit) {}

    /** The latest maps with readings, those of the latest dockets first. */
    @Transactional(readOnly = true)
    public List<Listed> all() {
        return mapper.sizeMaps(MOST).stream()
                .map(row -> new Listed(
                        row.number() + "/" + row.position(),
                        row.number() + " · " + row.partTitle() + " " + row.serial() + " · " + row.title(),
                        hole(row),
                        unit(row)))
                .toList();
    }

    /** Requirements that were read on two pieces or more, as batches; the key names part and requirement. */
    @Transactional(readOnly = true)
    public List<Listed> batches() {
        Map<String, List<SizeMapEntry>> byRequirement = mapper.sizeMaps(MOST).stream()
                .collect(Collectors.groupingBy(
                        row -> row.partId() + "/" + row.position(), LinkedHashMap::new, Collectors.toList()));
        return byRequirement.entrySet().stream()
                .filter(batch -> batch.getValue().size() > 1)
                .map(batch -> {
                    SizeMapEntry first = batch.getValue().get(0);
                    return new Listed(
                            batch.getKey(),
                            Words.say(
                                    "docket.pieces",
                                    first.partTitle(),
                                    first.title(),
                                    batch.getValue().size()),
                            hole(first),
                            unit(first));
                })
                .toList();
    }

    /** The pieces of a batch that were read whole, a line each: serial, smallest and largest size; empty for none. */
    @Transactional(readOnly = true)
    public String writtenBatch(String key, LengthUnit unit) {
        if (!key.matches(KEY)) {
            return "";
        }
        int slash = key.indexOf('/');
        int position = Integer.parseInt(key.substring(slash + 1));
        List<Docket> batch = dockets.whole(mapper.ofPart(Long.parseLong(key.substring(0, slash)), MOST));
        return batch.stream()
                .sorted(Comparator.comparing(docket -> docket.number()))
                .flatMap(docket -> docket.at(position).flatMap(SizeMapService::map).stream()
                        .map(map -> serial(docket) + " " + plain(map.map().smallest(), unit) + " "
                                + plain(map.map().largest(), unit)))
                .collect(Collectors.joining("\n"));
    }

    /** A serial is one word here, for sizes follow it. */
    private static String serial(Docket docket) {
        return docket.serial().replaceAll("\\s+", "-");
    }

    private static Optional<SizeReduction> map(SetUp setUp) {
        return setUp.sweep().complete() && setUp.assessment().reduction().orElse(null) instanceof SizeReduction map
                ? Optional.of(map)
                : Optional.empty();
    }

    private static boolean hole(SizeMapEntry row) {
        return row.characteristic().equals(Characteristic.BORE_SIZE.name());
    }

    private static LengthUnit unit(SizeMapEntry row) {
        return row.metric() ? LengthUnit.MILLIMETRE : LengthUnit.INCH;
    }

    /**
     * The sizes of a map that has been read whole, written as they are typed in Tables: {@code 10: 32.012 32.016; 60: 32.020}.
     *
     * @param unit of the sizes
     */
    @Transactional(readOnly = true)
    public Optional<String> written(String key, LengthUnit unit) {
        if (!key.matches(KEY)) {
            return Optional.empty();
        }
        int slash = key.indexOf('/');
        int position = Integer.parseInt(key.substring(slash + 1));
        return dockets.find(Integer.parseInt(key.substring(0, slash)))
                .flatMap(docket -> docket.at(position))
                .flatMap(setUp -> map(setUp).map(map -> written(setUp, map.sizes(), unit)));
    }

    private static String written(SetUp setUp, double[] sizes, LengthUnit unit) {
        List<Station> stations = setUp.sweep().layout().stations();
        double places = setUp.sweep().layout().unit().millimetres() / unit.millimetres();
        Map<Double, StringBuilder> sections = new TreeMap<>();
        for (int i = 0; i < sizes.length; i++) {
            Station station = stations.get(i);
            double at = station.along() == null ? 0 : station.distance() * places;
            sections.computeIfAbsent(at, place -> new StringBuilder())
                    .append(' ')
                    .append(plain(sizes[i], unit));
        }
        return sections.entrySet().stream()
                .map(section -> Display.plain(section.getKey(), DECIMALS) + ":" + section.getValue())
                .collect(Collectors.joining("; "));
    }

    private static String plain(double micrometres, LengthUnit unit) {
        return Display.plain(micrometres / unit.micrometres().doubleValue(), DECIMALS);
    }
}
