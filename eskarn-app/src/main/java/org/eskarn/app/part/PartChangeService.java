package org.eskarn.app.part;

import java.math.BigDecimal;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.eskarn.app.actions.ActionAbout;
import org.eskarn.app.actions.ActionLog;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.Typed;
import org.eskarn.app.page.Words;
import org.eskarn.app.storage.NewKey;
import org.eskarn.core.requirement.Limit;
import org.eskarn.core.round.SurfaceSide;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The changes to parts. A revision that dockets stand on stays as it is; of two people the later one is told so, and
 * nothing is overwritten.
 */
@Service
public class PartChangeService {

    private final PartMapper mapper;
    private final PartService parts;
    private final ActionLog actions;

    PartChangeService(PartMapper mapper, PartService parts, ActionLog actions) {
        this.mapper = mapper;
        this.parts = parts;
        this.actions = actions;
    }

    /** The head of a part as typed. */
    public record PartForm(
            @Nullable String drawingNumber,
            @Nullable String revision,
            @Nullable String title,
            @Nullable String material,
            @Nullable String expansion) {

        public static PartForm of(Part part) {
            BigDecimal expansion = part.expansion();
            return new PartForm(
                    part.drawingNumber(),
                    part.revision(),
                    part.title(),
                    part.material(),
                    expansion == null ? "" : expansion.toPlainString());
        }
    }

    /** A feature as typed. */
    public record FeatureForm(
            @Nullable String name,
            @Nullable String letter,
            @Nullable SurfaceSide side,
            @Nullable String nominal,
            @Nullable LengthUnit nominalUnit,
            @Nullable String seenFrom) {

        public static FeatureForm of(Feature feature) {
            BigDecimal nominal = feature.nominal();
            return new FeatureForm(
                    feature.name(),
                    feature.letter(),
                    feature.side(),
                    nominal == null ? "" : nominal.toPlainString(),
                    feature.nominalUnit(),
                    feature.seenFrom());
        }
    }

    /**
     * Makes a new part and returns its id.
     *
     * @throws FormRefused if a field is unfit, or drawing number and revision are taken
     */
    @Transactional(rollbackFor = FormRefused.class)
    public long create(PartForm form) throws FormRefused {
        Part part = read(form, 0, null);
        long id = insert(part);
        tell(Words.say("part.action-added", part.number()));
        return id;
    }

    private void tell(String said) {
        actions.tell(ActionAbout.PART, said);
    }

    private long insert(Part part) throws FormRefused {
        if (mapper.byNumber(part.drawingNumber(), part.revision()).isPresent()) {
            throw taken(part);
        }
        try {
            NewKey key = new NewKey();
            mapper.insertPart(part, key);
            return key.id();
        } catch (DuplicateKeyException e) {
            throw taken(part);
        }
    }

    private static FormRefused taken(Part part) {
        return new FormRefused(
                "revision", Words.say("part.exists-already-choose-another-number-or-revision", part.number()));
    }

    /**
     * @throws FormRefused if a field is unfit, drawing number and revision are taken, or the part cannot be changed
     */
    @Transactional(rollbackFor = FormRefused.class)
    public void change(long id, int version, PartForm form) throws FormRefused {
        Part before = lock(id, version);
        Part after = read(form, id, before.revisedFrom());
        Optional<Part> other = mapper.byNumber(after.drawingNumber(), after.revision());
        if (other.isPresent() && other.get().id() != id) {
            throw taken(after);
        }
        mapper.updatePart(after);
        tell(Words.say("part.action-changed", after.number(), before.number()));
    }

    private static Part read(PartForm form, long id, @Nullable Long revisedFrom) throws FormRefused {
        Typed typed = new Typed(new LinkedHashMap<>());
        Part part = new Part(
                id,
                typed.required(
                        "drawingNumber",
                        form.drawingNumber(),
                        40,
                        Words.say("part.the-number-of-the-drawing-for-example")),
                typed.required("revision", form.revision(), 10, Words.say("part.the-revision-for-example-a")),
                typed.required("title", form.title(), 120, Words.say("part.what-the-part-is-called-for-example")),
                typed.atMost("material", Typed.text(form.material()), 80),
                typed.above("expansion", form.expansion(), Words.say("part.an-expansion")),
                false,
                0,
                revisedFrom,
                false);
        refuse(typed);
        return part;
    }

    private static void refuse(Typed typed) throws FormRefused {
        if (!typed.problems().isEmpty()) {
            throw new FormRefused(typed.problems());
        }
    }

    /**
     * Makes a new revision with the features and requirements of this one, which keeps its own for the dockets that
     * stand on it. Returns the id of the new one.
     *
     * @throws FormRefused if the revision is missing or taken
     */
    @Transactional(rollbackFor = FormRefused.class)
    public long revise(long id, String revision) throws FormRefused {
        Part old = parts.part(id).orElseThrow();
        Part next = read(
                new PartForm(
                        old.drawingNumber(),
                        revision,
                        old.title(),
                        old.material(),
                        old.expansion() == null ? "" : old.expansion().toPlainString()),
                0,
                id);
        long newId = copied(id, insert(next));
        tell(Words.say("part.action-revised", next.number(), old.number()));
        return newId;
    }

    private long copied(long from, long to) {
        mapper.copyOffsets(from, to);
        Map<Long, Feature> features = new HashMap<>();
        for (Feature feature : parts.features(from)) {
            features.put(feature.id(), inserted(feature.of(0, to)));
        }
        for (PartRequirement requirement : parts.requirements(from)) {
            Feature feature =
                    Objects.requireNonNull(features.get(requirement.feature().id()));
            write(requirement.on(feature), to, requirement.position(), 0);
        }
        return to;
    }

    /**
     * Makes a part with a drawing of what was checked quickly, which keeps its own for the docket that stands on it. Returns the id of the
     * new one.
     *
     * @throws FormRefused if a field is unfit, or drawing number and revision are taken
     */
    @Transactional(rollbackFor = FormRefused.class)
    public long keep(long quickId, PartForm form) throws FormRefused {
        Part part = read(form, 0, null);
        long id = copied(quickId, insert(part));
        tell(Words.say(
                "part.action-kept",
                part.number(),
                parts.part(quickId).orElseThrow().drawingNumber()));
        return id;
    }

    /** Stores a part of one requirement that nobody has a drawing of. Returns its id. */
    long insertQuick(Part part, PartRequirement requirement) throws FormRefused {
        long id = insert(part);
        Feature feature = inserted(requirement.feature().of(0, id));
        write(requirement.on(feature), id, 1, 0);
        return id;
    }

    /**
     * Adds a feature, or changes one. Returns its id.
     *
     * @param featureId 0 for a new one
     * @throws FormRefused if a field is unfit or the part cannot be changed
     */
    @Transactional(rollbackFor = FormRefused.class)
    public long saveFeature(long partId, int version, long featureId, FeatureForm form) throws FormRefused {
        Part part = lock(partId, version);
        Typed typed = new Typed(new LinkedHashMap<>());
        BigDecimal nominal = typed.above("nominal", form.nominal(), Words.say("part.a-size"));
        String letter = Typed.text(form.letter()).toUpperCase(java.util.Locale.ROOT);
        if (!letter.matches("[A-Z]{0,2}")) {
            typed.problem("letter", Words.say("part.a-datum-letter-is-one-or-two"));
        }
        String seenFrom = Typed.text(form.seenFrom());
        Feature feature = new Feature(
                featureId,
                partId,
                typed.required("name", form.name(), 120, Words.say("part.what-the-feature-is-called-for-example")),
                letter,
                form.side() == null ? SurfaceSide.OUTSIDE : form.side(),
                nominal,
                nominal == null ? null : Objects.requireNonNullElse(form.nominalUnit(), LengthUnit.MILLIMETRE),
                typed.atMost("seenFrom", seenFrom.isEmpty() ? Words.say("part.the-near-end") : seenFrom, 80));
        boolean letterTaken = parts.features(partId).stream()
                .anyMatch(other -> other.id() != featureId
                        && !letter.isEmpty()
                        && other.letter().equals(letter));
        if (letterTaken) {
            typed.problem("letter", Words.say("part.datum-is-another-feature-of-this-part", letter));
        }
        refuse(typed);
        tell(Words.say("part.action-feature", feature.name(), part.number()));
        if (featureId == 0) {
            return inserted(feature).id();
        }
        mapper.updateFeature(feature);
        return featureId;
    }

    private Feature inserted(Feature feature) {
        NewKey key = new NewKey();
        mapper.insertFeature(feature, key);
        return feature.of(key.id(), feature.partId());
    }

    /**
     * Adds a requirement, or changes one. Returns its position.
     *
     * @param position of the one that is changed, or 0 for a new one
     * @throws FormRefused if a field is unfit or the part cannot be changed
     */
    @Transactional(rollbackFor = FormRefused.class)
    public int saveRequirement(long partId, int version, int position, RequirementForm form) throws FormRefused {
        return written(lock(partId, version), position, form, parts.features(partId));
    }

    /**
     * Adds the requirements that a text says, one to a line: all of them or none. Returns how many.
     *
     * @param sheets how a part is prepared for each kind of work
     * @throws FormRefused if a line is no whole requirement, there are none or too many, or the part cannot be changed
     */
    @Transactional(rollbackFor = FormRefused.class)
    public int addLines(long partId, int version, String text, Map<WorkKind, String> sheets) throws FormRefused {
        Part part = lock(partId, version);
        List<Feature> features = parts.features(partId);
        List<RequirementLines.Meant> lines = RequirementLines.meant(text, partId, features, sheets);
        if (lines.isEmpty() || lines.size() > RequirementLines.MOST) {
            throw new FormRefused("lines", Words.say("part.lines-one-to", RequirementLines.MOST));
        }
        for (int i = 0; i < lines.size(); i++) {
            RequirementForm form = lines.get(i).form();
            if (form == null || !lines.get(i).problem().isEmpty()) {
                throw new FormRefused(
                        "lines",
                        Words.say("part.line-number", i + 1, lines.get(i).problem()));
            }
            written(part, 0, form, features);
        }
        return lines.size();
    }

    private int written(Part part, int position, RequirementForm form, List<Feature> features) throws FormRefused {
        long partId = part.id();
        long id = position == 0 ? 0 : mapper.idOfRequirement(partId, position);
        Integer last = mapper.lastPosition(partId);
        int place = position == 0 ? (last == null ? 1 : last + 1) : position;
        RequirementDraft draft = RequirementDraft.of(form, id, partId, place, features);
        if (draft.requirement().isEmpty()) {
            throw new FormRefused(draft.problems());
        }
        PartRequirement requirement = draft.requirement().get();
        String before = said(partId, place);
        write(requirement, partId, place, id);
        tell(
                id == 0
                        ? Words.say("part.action-requirement-added", place, part.number(), said(requirement))
                        : Words.say(
                                "part.action-requirement-changed", place, part.number(), said(requirement), before));
        return place;
    }

    /**
     * @throws FormRefused if the part cannot be changed
     */
    @Transactional(rollbackFor = FormRefused.class)
    public void deleteRequirement(long partId, int version, int position) throws FormRefused {
        Part part = lock(partId, version);
        long id = mapper.idOfRequirement(partId, position);
        tell(Words.say("part.action-requirement-deleted", position, part.number(), said(partId, position)));
        mapper.deleteLimits(id);
        mapper.deletePreparations(id);
        mapper.deleteRequirement(id);
    }

    private String said(long partId, int position) {
        return parts.requirements(partId).stream()
                .filter(each -> each.position() == position)
                .findFirst()
                .map(PartChangeService::said)
                .orElse("");
    }

    /** What decides: the limits and the rule. */
    private static String said(PartRequirement requirement) {
        return Stream.concat(
                        Stream.of(requirement.title(), said(requirement.limit())),
                        Stream.concat(
                                requirement
                                        .serviceLimit()
                                        .map(limit -> Words.say("part.action-in-service", said(limit)))
                                        .stream(),
                                Stream.of(
                                        Words.of(requirement.limitTerms().rule().title()))))
                .filter(each -> !each.isBlank())
                .collect(Collectors.joining(", "));
    }

    private static String said(Limit limit) {
        String figures = Stream.of(limit.nominal(), limit.lower(), limit.upper())
                .filter(Objects::nonNull)
                .map(BigDecimal::toPlainString)
                .collect(Collectors.joining("; "));
        return limit.code()
                + (figures.isEmpty() ? "" : " " + figures + " " + limit.unit().symbol());
    }

    private void write(PartRequirement requirement, long partId, int position, long id) {
        PartRequirement placed = requirement.placed(id, partId, position);
        long written = id;
        if (id == 0) {
            NewKey key = new NewKey();
            mapper.insertRequirement(placed, key);
            written = key.id();
        } else {
            mapper.updateRequirement(placed);
        }
        mapper.deleteLimits(written);
        mapper.insertLimit(LimitRow.of(written, false, requirement.limit()));
        if (requirement.serviceLimit().isPresent()) {
            mapper.insertLimit(
                    LimitRow.of(written, true, requirement.serviceLimit().get()));
        }
        mapper.deletePreparations(written);
        for (Preparation line : requirement.preparations()) {
            mapper.insertPreparation(new Preparation(0, written, line.position(), line.caution(), line.text()));
        }
    }

    private Part lock(long id, int version) throws FormRefused {
        if (mapper.touch(id, version) == 0) {
            Part now =
                    parts.part(id).orElseThrow(() -> new FormRefused("part", Words.say("part.there-is-no-such-part")));
            throw new FormRefused(
                    "part",
                    now.opened()
                            ? Words.say("part.dockets-stand-on-so-it-stays-as", now.number())
                            : Words.say("part.somebody-else-changed-this-part-meanwhile-so"));
        }
        return parts.part(id).orElseThrow();
    }
}
