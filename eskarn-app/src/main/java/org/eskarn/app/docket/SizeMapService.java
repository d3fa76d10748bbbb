package org.eskarn.app.docket;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.eskarn.core.reading.Station;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.SizeReduction;
import org.eskarn.core.units.LengthUnit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Size maps of shafts and bores that were read in dockets, to be put together as pairs. */
@Service
public class SizeMapService {

    /** The latest that are offered. */
    private static final int MOST = 80;

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
                        row.characteristic().equals(Characteristic.BORE_SIZE.name()),
                        row.metric() ? LengthUnit.MILLIMETRE : LengthUnit.INCH))
                .toList();
    }

    /**
     * The sizes of a map that has been read whole, written as they are typed in Tables: {@code 10: 32.012 32.016; 60: 32.020}.
     *
     * @param unit of the sizes
     */
    @Transactional(readOnly = true)
    public Optional<String> written(String key, LengthUnit unit) {
        if (!key.matches("\\d{1,9}/\\d{1,4}")) {
            return Optional.empty();
        }
        int slash = key.indexOf('/');
        int position = Integer.parseInt(key.substring(slash + 1));
        return dockets.find(Integer.parseInt(key.substring(0, slash))).stream()
                .flatMap(docket -> docket.setUps().stream())
                .filter(setUp -> setUp.requirement().row().position() == position)
                .findFirst()
                .flatMap(setUp -> written(setUp, unit));
    }

    private static Optional<String> written(SetUp setUp, LengthUnit unit) {
        if (!setUp.sweep().complete() || !(setUp.assessment().reduction().orElse(null) instanceof SizeReduction map)) {
            return Optional.empty();
        }
        List<Station> stations = setUp.sweep().layout().stations();
        double places = setUp.sweep().layout().unit().millimetres() / unit.millimetres();
        Map<Double, StringBuilder> sections = new TreeMap<>();
        for (int i = 0; i < map.sizes().length; i++) {
            Station station = stations.get(i);
            double at = station.along() == null ? 0 : station.distance() * places;
            sections.computeIfAbsent(at, place -> new StringBuilder())
                    .append(' ')
                    .append(plain(map.sizes()[i] / unit.micrometres().doubleValue()));
        }
        return Optional.of(sections.entrySet().stream()
                .map(section -> plain(section.getKey()) + ":" + section.getValue())
                .collect(Collectors.joining("; ")));
    }

    /** A millionth is finer than any gauge, and a double is not written with its tail. */
    private static String plain(double amount) {
        return BigDecimal.valueOf(amount)
                .setScale(6, java.math.RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }
}
