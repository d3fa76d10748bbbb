package org.eskarn.app.fit;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import org.eskarn.app.docket.SizeMapService;
import org.eskarn.app.docket.SizeMapService.Listed;
import org.eskarn.core.units.LengthUnit;
import org.springframework.stereotype.Service;

/** Fills the fields of a pair from size maps that were read in dockets. */
@Service
class MeasuredPairs {

    private final SizeMapService maps;

    MeasuredPairs(SizeMapService maps) {
        this.maps = maps;
    }

    List<Listed> all() {
        return maps.all();
    }

    List<Listed> batches() {
        return maps.batches();
    }

    /** The fields with the sizes of the maps that were chosen; a field nothing was chosen for stays as it was typed. */
    Map<String, String> filled(Map<String, String> typed) {
        return filled(
                typed,
                List.of("hole", "shaft"),
                (key, unit) -> maps.written(key, unit).orElse(""));
    }

    /** The fields with the pieces of the batches that were chosen. */
    Map<String, String> batchFilled(Map<String, String> typed) {
        return filled(typed, List.of("shafts", "bores"), maps::writtenBatch);
    }

    private static Map<String, String> filled(
            Map<String, String> typed, List<String> names, BiFunction<String, LengthUnit, String> written) {
        Map<String, String> fields = new HashMap<>(typed);
        LengthUnit unit = new Fields(typed).unit();
        for (String name : names) {
            String key = typed.getOrDefault(name + "From", "");
            if (!key.isBlank()) {
                fields.put(name, written.apply(key, unit));
            }
        }
        return fields;
    }
}
