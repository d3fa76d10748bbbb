package org.eskarn.app.gauge;

import java.time.LocalDate;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface GaugeMapper {

    List<Gauge> all();

    List<Gauge> dueBy(LocalDate day);

    void insert(Gauge gauge);
}
