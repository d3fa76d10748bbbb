package org.eskarn.app.part;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toMap;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

@Service
public class PartService {

    private final PartMapper parts;

    PartService(PartMapper parts) {
        this.parts = parts;
    }

    @Transactional(readOnly = true)
    public Map<Long, Part> parts(Collection<Long> ids) {
        return ids.isEmpty() ? Map.of() : parts.parts(ids).stream().collect(toMap(Part::id, Function.identity()));
    }

    /** The requirements of each part, in the order of the drawing. Four queries, however many parts. */
    @Transactional(readOnly = true)
    public Map<Long, List<PartRequirement>> requirements(Collection<Long> partIds) {
        if (partIds.isEmpty()) {
            return Map.of();
        }
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
