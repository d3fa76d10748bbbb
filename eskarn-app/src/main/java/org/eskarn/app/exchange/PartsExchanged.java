package org.eskarn.app.exchange;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import org.eskarn.app.exchange.FileTable.Line;
import org.eskarn.app.gauge.GaugeKind;
import org.eskarn.app.page.FormFields;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.Words;
import org.eskarn.app.part.Feature;
import org.eskarn.app.part.Part;
import org.eskarn.app.part.PartChangeService;
import org.eskarn.app.part.PartChangeService.FeatureForm;
import org.eskarn.app.part.PartChangeService.PartForm;
import org.eskarn.app.part.PartRequirement;
import org.eskarn.app.part.PartService;
import org.eskarn.app.part.RequirementForm;
import org.eskarn.app.part.WorkKind;
import org.eskarn.core.reading.FlickerRule;
import org.eskarn.core.requirement.ZeroRule;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.RuleKind;
import org.springframework.stereotype.Component;

/** Parts with their features and requirements, a row a requirement; a feature of which nothing is asked has a row of its own. */
@Component
class PartsExchanged implements Exchanged {

    private static final String FEATURE = "feature.";
    private static final String REQUIREMENT = "title";
    private static final List<String> HEAD = RecordFields.names(PartForm.class).stream()
            .map(name -> name.equals("title") ? "part" : name)
            .toList();
    private static final List<String> OF_FEATURE =
            RecordFields.names(FeatureForm.class).stream().map(FEATURE::concat).toList();
    private static final List<String> OF_REQUIREMENT = RecordFields.names(RequirementForm.class).stream()
            .filter(name -> !name.equals("featureId"))
            .toList();
    private static final List<String> COLUMNS =
            Stream.of(HEAD, OF_FEATURE, OF_REQUIREMENT).flatMap(List::stream).toList();

    private final PartService parts;
    private final PartChangeService editing;

    PartsExchanged(PartService parts, PartChangeService editing) {
        this.parts = parts;
        this.editing = editing;
    }

    @Override
    public String kind() {
        return "parts";
    }

    @Override
    public List<String> columns() {
        return COLUMNS;
    }

    @Override
    public List<String> needed() {
        return List.of("drawingNumber", "revision", "part");
    }

    @Override
    public List<Map<String, String>> rows() {
        List<Part> all = parts.all().stream().filter(part -> !part.quick()).toList();
        List<Long> ids = all.stream().map(Part::id).toList();
        Map<Long, List<PartRequirement>> requirements = parts.requirements(ids);
        Map<Long, List<Feature>> features = parts.features(ids);
        List<Map<String, String>> rows = new ArrayList<>();
        for (Part part : all) {
            rows.addAll(rows(
                    part,
                    features.getOrDefault(part.id(), List.of()),
                    requirements.getOrDefault(part.id(), List.of())));
        }
        return rows;
    }

    private static List<Map<String, String>> rows(
            Part part, List<Feature> features, List<PartRequirement> requirements) {
        Map<String, String> head = new LinkedHashMap<>();
        RecordFields.of(PartForm.of(part))
                .forEach((name, said) -> head.put(name.equals("title") ? "part" : name, said));
        List<Map<String, String>> rows = new ArrayList<>();
        for (PartRequirement requirement : requirements) {
            Map<String, String> row = new LinkedHashMap<>(head);
            put(row, requirement.feature());
            Map<String, String> fields = new LinkedHashMap<>(RecordFields.of(RequirementForm.of(requirement)));
            fields.remove("featureId");
            row.putAll(fields);
            rows.add(row);
        }
        for (Feature feature : features) {
            if (requirements.stream().noneMatch(each -> each.feature().id() == feature.id())) {
                Map<String, String> row = new LinkedHashMap<>(head);
                put(row, feature);
                rows.add(row);
            }
        }
        return rows.isEmpty() ? List.of(head) : rows;
    }

    private static void put(Map<String, String> row, Feature feature) {
        RecordFields.of(FeatureForm.of(feature)).forEach((name, said) -> row.put(FEATURE + name, said));
    }

    /** A part while its rows are read. */
    private static final class Growing {

        private final long id;
        private final Map<String, String> head;
        private final Map<String, Long> features = new HashMap<>();
        private final Map<String, Map<String, String>> said = new HashMap<>();
        private int version;
        private int requirements;

        Growing(long id, Map<String, String> head) {
            this.id = id;
            this.head = head;
        }
    }

    @Override
    public String write(FileTable table, long by) throws ImportRefused {
        Map<String, Growing> growing = new LinkedHashMap<>();
        List<LineProblem> problems = new ArrayList<>();
        List<String> broken = new ArrayList<>();
        for (Line line : table.rows()) {
            String number = line.get("drawingNumber") + "\n" + line.get("revision");
            if (broken.contains(number)) {
                continue;
            }
            try {
                Growing part = growing.get(number);
                if (part == null) {
                    part = new Growing(editing.create(bound(PartForm.class, head(line))), of(line, HEAD));
                    growing.put(number, part);
                }
                row(part, line);
            } catch (FormRefused e) {
                problems.add(new LineProblem(line.number(), String.valueOf(e.getMessage())));
                Growing part = growing.get(number);
                if (part == null) {
                    broken.add(number);
                } else {
                    // What was refused may have been counted: all is undone, but the lines after it are looked at too.
                    part.version = parts.part(part.id).orElseThrow().version();
                }
            } catch (IllegalArgumentException e) {
                problems.add(new LineProblem(line.number(), Words.say("exchange.no-such-choice", unknown(line))));
            }
        }
        if (!problems.isEmpty()) {
            throw new ImportRefused(problems);
        }
        return Words.say(
                "exchange.parts-read",
                growing.size(),
                growing.values().stream().mapToInt(each -> each.features.size()).sum(),
                growing.values().stream().mapToInt(each -> each.requirements).sum());
    }

    private static Map<String, String> head(Line line) {
        Map<String, String> head = of(line, HEAD);
        head.put("title", line.get("part"));
        head.remove("part");
        return head;
    }

    private static Map<String, String> of(Line line, List<String> columns) {
        Map<String, String> fields = new LinkedHashMap<>();
        columns.forEach(column -> fields.put(column, line.get(column)));
        return fields;
    }

    private void row(Growing part, Line line) throws FormRefused {
        if (!of(line, HEAD).equals(part.head)) {
            throw new FormRefused("part", Words.say("exchange.another-head"));
        }
        String name = line.get(FEATURE + "name");
        if (name.isEmpty() && line.get(REQUIREMENT).isEmpty()) {
            return;
        }
        Map<String, String> feature = feature(line);
        Long id = part.features.get(name);
        if (id == null) {
            id = editing.saveFeature(part.id, part.version, 0, bound(FeatureForm.class, feature));
            part.version++;
            part.features.put(name, id);
            part.said.put(name, feature);
        } else if (!feature.equals(Objects.requireNonNull(part.said.get(name)))) {
            throw new FormRefused("feature", Words.say("exchange.another-feature", name));
        }
        if (!line.get(REQUIREMENT).isEmpty()) {
            Map<String, Object> fields = new HashMap<>(filled(of(line, OF_REQUIREMENT)));
            usual(line.get(FEATURE + "nominalUnit")).forEach(fields::putIfAbsent);
            fields.put("featureId", id);
            editing.saveRequirement(part.id, part.version, 0, FormFields.bind(RequirementForm.class, fields));
            part.version++;
            part.requirements++;
        }
    }

    /** What a field means that nothing is said in. */
    private static Map<String, String> usual(String nominalUnit) {
        boolean inch = nominalUnit.equals(LengthUnit.INCH.name());
        String unit = (inch ? LengthUnit.INCH : LengthUnit.MILLIMETRE).name();
        return Map.of(
                "limit.unit", unit,
                "layout.unit", unit,
                "gauge.resolutionUnit", (inch ? LengthUnit.TENTH : LengthUnit.MICROMETRE).name(),
                "limit.rule", RuleKind.SIMPLE.name(),
                "gauge.zeroRule", ZeroRule.FIRST_STATION.name(),
                "gauge.flicker", FlickerRule.MIDDLE.name(),
                "gauge.kind", GaugeKind.INDICATOR.name(),
                "setUp.workKind", WorkKind.BETWEEN_CENTRES.name());
    }

    /** An empty cell is as a field that did not come. */
    private static Map<String, String> filled(Map<String, String> fields) {
        Map<String, String> filled = new LinkedHashMap<>();
        fields.forEach((name, said) -> {
            if (!said.isEmpty()) {
                filled.put(name, said);
            }
        });
        return filled;
    }

    private static <T> T bound(Class<T> form, Map<String, String> fields) {
        return FormFields.bind(form, filled(fields));
    }

    /** Columns that hold a choice there is not, as far as they can be told. */
    private static String unknown(Line line) {
        return FormChoices.unknown(RequirementForm.class, of(line, OF_REQUIREMENT))
                .or(() -> FormChoices.unknown(FeatureForm.class, feature(line)))
                .orElse("");
    }

    /** The fields of the feature, by the names of its own form. */
    private static Map<String, String> feature(Line line) {
        Map<String, String> feature = new LinkedHashMap<>();
        OF_FEATURE.forEach(column -> feature.put(column.substring(FEATURE.length()), line.get(column)));
        return feature;
    }
}
