package org.eskarn.app.fit;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
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

    /** The fields with the pieces of the batches that were chosen. */
    Map<String, String> batchFilled(Map<String, String> typed) {
        Map<String, String> fields = new HashMap<>(typed);
        LengthUnit unit = new Fields(typed).unit();
        for (String side : List.of("shafts", "bores")) {
            String key = typed.getOrDefault(side + "From", "");
            if (!key.isBlank()) {
                fields.put(side, maps.writtenBatch(key, unit));
            }
        }
        return fields;
    }

    /** The fields with the sizes of the maps that were chosen; a field nothing was chosen for stays as it was typed. */
    Map<String, String> filled(Map<String, String> typed) {
        Map<String, String> fields = new HashMap<>(typed);
        LengthUnit unit = new Fields(typed).unit();
        for (String side : List.of("hole", "shaft")) {
            String key = typed.getOrDefault(side + "From", "");
            if (!key.isBlank()) {
                fields.put(side, maps.written(key, unit).orElse(""));
            }
        }
        return fields;
    }
}
