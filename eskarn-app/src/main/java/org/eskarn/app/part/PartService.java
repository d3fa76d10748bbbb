package org.eskarn.app.part;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toMap;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

@Service
public class PartService {

    private static final int REMEMBERED = 500;

    private final PartMapper parts;
    private final Cache<Long, List<PartRequirement>> remembered =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    PartService(PartMapper parts) {
        this.parts = parts;
    }

    @Transactional(readOnly = true)
    public Map<Long, Part> parts(Collection<Long> ids) {
        return ids.isEmpty() ? Map.of() : parts.parts(ids).stream().collect(toMap(Part::id, Function.identity()));
    }

    /** The requirements of each part as they stand on disk, in the order of the drawing. Three queries in all. */
    @Transactional(readOnly = true)
    public Map<Long, List<PartRequirement>> requirements(Collection<? extends Long> wanted) {
        if (wanted.isEmpty()) {
            return Map.of();
        }
        List<Long> partIds = List.copyOf(wanted);
        Map<Long, List<StationRow>> stations =
                parts.stations(partIds).stream().collect(groupingBy(StationRow::requirementId));
        Map<Long, List<Preparation>> preparations =
                parts.preparations(partIds).stream().collect(groupingBy(Preparation::requirementId));
        return parts.requirements(partIds).stream()
                .map(row -> PartRequirement.of(
                        row,
                        stations.getOrDefault(row.id(), List.of()),
                        preparations.getOrDefault(row.id(), List.of())))
                .collect(groupingBy(requirement -> requirement.row().partId()));
    }

    /**
     * The same, remembered from the last time: a part that dockets refer to does not change any more, for a change is a
     * new revision. Not for checking a seal, which must see the disk.
     */
    @Transactional(readOnly = true)
    public Map<Long, List<PartRequirement>> remembered(Collection<Long> partIds) {
        return remembered.getAll(partIds, this::requirements);
    }

    /** Adds a part with the ids its rows carry; each requirement brings its own feature. */
    @Transactional
    public void add(Part part, List<PartRequirement> requirements) {
        parts.insertPart(part);
        for (PartRequirement requirement : requirements) {
            parts.insertFeature(part.id(), requirement.row());
            parts.insertRequirement(requirement.row());
            requirement
                    .terms()
                    .layout()
                    .stations()
                    .forEach(station -> parts.insertStation(
                            new StationRow(requirement.row().id(), station.number(), station.angle())));
            requirement.preparations().forEach(parts::insertPreparation);
        }
    }
}
