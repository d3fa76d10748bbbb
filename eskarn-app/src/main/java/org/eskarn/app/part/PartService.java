package org.eskarn.app.part;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toMap;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import org.eskarn.core.reading.LayoutRejected;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads parts with their features and requirements. */
@Service
public class PartService {

    private static final int REMEMBERED = 500;

    private final PartMapper parts;
    private final Cache<Long, List<PartRequirement>> remembered =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    PartService(PartMapper parts) {
        this.parts = parts;
    }

    /** All parts by drawing number, the newest revision first. */
    @Transactional(readOnly = true)
    public List<Part> all() {
        return parts.all();
    }

    @Transactional(readOnly = true)
    public Map<Long, Part> parts(Collection<Long> ids) {
        return ids.isEmpty() ? Map.of() : parts.parts(ids).stream().collect(toMap(Part::id, Function.identity()));
    }

    @Transactional(readOnly = true)
    public Optional<Part> part(long id) {
        return parts.parts(List.of(id)).stream().findFirst();
    }

    @Transactional(readOnly = true)
    public Optional<Part> byNumber(String drawingNumber, String revision) {
        return parts.byNumber(drawingNumber, revision);
    }

    @Transactional(readOnly = true)
    public List<Feature> features(long partId) {
        return parts.features(List.of(partId));
    }

    /** How many requirements each part has. */
    @Transactional(readOnly = true)
    public Map<Long, Integer> requirementCounts() {
        return parts.requirementCounts().stream()
                .collect(toMap(RequirementCount::partId, RequirementCount::requirements));
    }

    @Transactional(readOnly = true)
    public List<PartRequirement> requirements(long partId) {
        return requirements(List.of(partId)).getOrDefault(partId, List.of());
    }

    /** The requirements of each part as they stand on disk, in the order of the drawing. Four queries in all. */
    @Transactional(readOnly = true)
    public Map<Long, List<PartRequirement>> requirements(Collection<? extends Long> wanted) {
        if (wanted.isEmpty()) {
            return Map.of();
        }
        List<Long> partIds = List.copyOf(wanted);
        Map<Long, Feature> features = parts.features(partIds).stream().collect(toMap(Feature::id, Function.identity()));
        Map<Long, List<LimitRow>> limits = parts.limits(partIds).stream().collect(groupingBy(LimitRow::requirementId));
        Map<Long, List<Preparation>> preparations =
                parts.preparations(partIds).stream().collect(groupingBy(Preparation::requirementId));
        Map<Long, List<PartRequirement>> requirements = new HashMap<>();
        for (RequirementRow row : parts.requirements(partIds)) {
            requirements
                    .computeIfAbsent(row.partId(), unused -> new ArrayList<>())
                    .add(whole(
                            row,
                            Objects.requireNonNull(features.get(row.featureId())),
                            limits.getOrDefault(row.id(), List.of()),
                            preparations.getOrDefault(row.id(), List.of())));
        }
        return requirements;
    }

    private static PartRequirement whole(
            RequirementRow row, Feature feature, List<LimitRow> limits, List<Preparation> preparations) {
        LimitRow usual =
                limits.stream().filter(limit -> !limit.service()).findFirst().orElseThrow();
        Optional<LimitRow> service = limits.stream().filter(LimitRow::service).findFirst();
        try {
            return PartRequirement.of(row, feature, usual.limit(), service.map(LimitRow::limit), preparations);
        } catch (LayoutRejected e) {
            throw new IllegalStateException("requirement " + row.id() + " has a layout that was never accepted", e);
        }
    }

    /**
     * The same, remembered from the last time: a part that dockets stand on does not change any more, for a change is a
     * new revision. Not for checking a seal, which must see the disk.
     */
    @Transactional(readOnly = true)
    public Map<Long, List<PartRequirement>> remembered(Collection<Long> partIds) {
        return remembered.getAll(partIds, this::requirements);
    }

    /** From now on the part stays as it is, because a docket stands on it. */
    @Transactional
    public void markOpened(long partId) {
        parts.markOpened(partId);
    }
}
