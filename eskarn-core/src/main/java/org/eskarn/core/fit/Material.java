package org.eskarn.core.fit;

import java.util.List;
import org.eskarn.core.result.Note;

/**
 * How a material answers to warmth. One of the table, or one of the works' own with an expansion that was typed.
 *
 * @param expansion mean linear expansion, 1e-6 per K
 * @param heat what a volume holds, MJ per m³ and K
 * @param highest °C a finished part is usually heated to without harm
 * @param lowest °C it is usually cooled to without harm
 */
public record Material(String name, Note title, double expansion, double heat, double highest, double lowest) {

    private static final DataFile TABLE = DataFile.named("materials.csv");
    private static final List<Material> ALL = TABLE.rows().stream()
            .map(row -> new Material(
                    row.get(0),
                    DataFile.note(row.get(1)).orElseThrow(),
                    Double.parseDouble(row.get(2)),
                    Double.parseDouble(row.get(3)),
                    Double.parseDouble(row.get(4)),
                    Double.parseDouble(row.get(5))))
            .toList();

    /** The largest expansion taken for one, 1e-6 per K. */
    public static final double MOST_EXPANSION = 200;

    /** All of the table. */
    public static List<Material> all() {
        return ALL;
    }

    /** Where the table comes from, and how far it can be trusted. */
    public static Note origin() {
        return Note.of("core.materials-origin");
    }

    /**
     * @throws IllegalArgumentException if the table has none of this name
     */
    public static Material named(String name) {
        return ALL.stream()
                .filter(each -> each.name.equals(name))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no material is named " + name));
    }

    /** The same with another expansion. */
    public Material withExpansion(double own) {
        return new Material(name, title, own, heat, highest, lowest);
    }

    /** The same with another ceiling, °C. */
    public Material withCeiling(double degrees) {
        return new Material(name, title, expansion, heat, degrees, lowest);
    }

    /** How much a size grows from one temperature to another, µm, for a size in µm. */
    public double growth(double sizeUm, double fromCelsius, double toCelsius) {
        return sizeUm * expansion * 1e-6 * (toCelsius - fromCelsius);
    }

    /**
     * A size at another temperature: size · (1 + α (T − 20)) / (1 + α (T₀ − 20)), as α is a mean from 20 °C on.
     *
     * @param size at the temperature {@code fromCelsius}
     */
    public double sizeAt(double size, double fromCelsius, double toCelsius) {
        return size
                * (1 + expansion * 1e-6 * (toCelsius - Warmth.REFERENCE))
                / (1 + expansion * 1e-6 * (fromCelsius - Warmth.REFERENCE));
    }
}
