package org.eskarn.app.part;

import java.util.Arrays;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.eskarn.app.storage.Columns;

/** The statements on requirements. Head and value groups share one row; their columns are those of the records. */
public final class RequirementSql {

    private static final String OF_PARTS =
            " from requirement where part_id in <foreach collection='partIds' item='part' open='(' separator=',' close=')'>"
                    + "#{part}</foreach> order by part_id, position</script>";

    /** A value group of a {@link PartRequirement}, by the name of its component. */
    private enum Group {
        HEAD("head", "id", RequirementHead.class),
        LIMIT("limitTerms", "requirementId", LimitTerms.class),
        LAYOUT("layout", "requirementId", LayoutTerms.class),
        GAUGE("gauge", "requirementId", GaugeTerms.class),
        SET_UP("setUp", "requirementId", SetUpTerms.class);

        private final String component;
        private final String key;
        private final Class<? extends Record> type;

        Group(String component, String key, Class<? extends Record> type) {
            this.component = component;
            this.key = key;
            this.type = type;
        }
    }

    private RequirementSql() {}

    private static String select(Group group) {
        String key = group == Group.HEAD ? "id" : "id as requirement_id";
        return "<script>select " + key + ", " + Columns.names(group.type, group.key) + OF_PARTS;
    }

    private static String joined(Function<Group, String> written) {
        return Arrays.stream(Group.values()).map(written).collect(Collectors.joining(", "));
    }

    public static String heads() {
        return select(Group.HEAD);
    }

    public static String limitTerms() {
        return select(Group.LIMIT);
    }

    public static String layoutTerms() {
        return select(Group.LAYOUT);
    }

    public static String gaugeTerms() {
        return select(Group.GAUGE);
    }

    public static String setUpTerms() {
        return select(Group.SET_UP);
    }

    public static String insert() {
        return "insert into requirement (" + joined(group -> Columns.names(group.type, group.key)) + ") values ("
                + joined(group -> Columns.values(group.type, group.key, "row." + group.component)) + ")";
    }

    public static String update() {
        return "update requirement set "
                + joined(group -> Columns.assignments(group.type, group.key, "row." + group.component))
                + " where id = #{row.head.id} and part_id = #{row.head.partId}";
    }
}
