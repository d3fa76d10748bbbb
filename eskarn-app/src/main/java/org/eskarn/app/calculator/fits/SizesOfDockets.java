package org.eskarn.app.calculator.fits;

import java.util.List;
import java.util.Optional;
import org.eskarn.app.docket.SizeMapService;
import org.eskarn.core.units.LengthUnit;
import org.springframework.stereotype.Service;

/** Those that stand in the record. */
@Service
class SizesOfDockets implements MeasuredSizes {

    private final SizeMapService maps;

    SizesOfDockets(SizeMapService maps) {
        this.maps = maps;
    }

    @Override
    public List<Listed> maps() {
        return listed(maps.all());
    }

    @Override
    public List<Listed> batches() {
        return listed(maps.batches());
    }

    private static List<Listed> listed(List<SizeMapService.Listed> found) {
        return found.stream()
                .map(each -> new Listed(each.key(), each.title(), each.hole()))
                .toList();
    }

    @Override
    public Optional<String> map(String key, LengthUnit unit) {
        return maps.written(key, unit);
    }

    @Override
    public String batch(String key, LengthUnit unit) {
        return maps.writtenBatch(key, unit);
    }
}
