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

    /** The newest revision of a drawing, whatever the case its number is typed in. */
    @Transactional(readOnly = true)
    public Optional<Part> newest(String drawingNumber) {
        return parts.newest(drawingNumber);
    }

    @Transactional(readOnly = true)
    public Optional<Part> byNumber(String drawingNumber, String revision) {
        return parts.byNumber(drawingNumber, revision);
    }

    @Transactional(readOnly = true)
    public List<Feature> features(long partId) {
        return parts.features(List.of(partId));
    }

    /** The features of each part. */
    @Transactional(readOnly = true)
    public Map<Long, List<Feature>> features(Collection<Long> partIds) {
        return partIds.isEmpty() ? Map.of() : parts.features(partIds).stream().collect(groupingBy(Feature::partId));
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

    /** The requirements of each part as they stand on disk, in the order of the drawing. Eight queries in all. */
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
        // Heads first: whatever has one has its groups too.
        List<RequirementHead> heads = parts.heads(partIds);
        Groups groups = groups(partIds);
        Map<Long, List<PartRequirement>> requirements = new HashMap<>();
        for (RequirementHead head : heads) {
            requirements
                    .computeIfAbsent(head.partId(), unused -> new ArrayList<>())
                    .add(whole(
                            head,
                            groups,
                            known(features, head.featureId()),
                            limits.getOrDefault(head.id(), List.of()),
                            preparations.getOrDefault(head.id(), List.of())));
        }
        return requirements;
    }

    /** The groups of requirements, by the id of each. */
    private record Groups(
            Map<Long, LimitTerms> limit,
            Map<Long, LayoutTerms> layout,
            Map<Long, GaugeTerms> gauge,
            Map<Long, SetUpTerms> setUp) {}

    private Groups groups(List<Long> partIds) {
        return new Groups(
                byId(parts.limitTerms(partIds), LimitTerms::requirementId),
                byId(parts.layoutTerms(partIds), LayoutTerms::requirementId),
                byId(parts.gaugeTerms(partIds), GaugeTerms::requirementId),
                byId(parts.setUpTerms(partIds), SetUpTerms::requirementId));
    }

    private static <T> Map<Long, T> byId(List<T> all, Function<T, Long> id) {
        return all.stream().collect(toMap(id, Function.identity()));
    }

    private static <T> T known(Map<Long, T> all, long id) {
        return Objects.requireNonNull(all.get(id));
    }

    private static PartRequirement whole(
            RequirementHead head,
            Groups groups,
            Feature feature,
            List<LimitRow> limits,
            List<Preparation> preparations) {
        LimitRow usual =
                limits.stream().filter(limit -> !limit.service()).findFirst().orElseThrow();
        Optional<LimitRow> service = limits.stream().filter(LimitRow::service).findFirst();
        try {
            return PartRequirement.of(
                    head,
                    known(groups.limit(), head.id()),
                    known(groups.layout(), head.id()),
                    known(groups.gauge(), head.id()),
                    known(groups.setUp(), head.id()),
                    feature,
                    usual.limit(),
                    service.map(LimitRow::limit),
                    preparations);
        } catch (LayoutRejected e) {
            throw new IllegalStateException("requirement " + head.id() + " has a layout that was never accepted", e);
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
