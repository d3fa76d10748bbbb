package org.eskarn.app.trust;

import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface QualificationMapper {

    List<Long> docketsOf(long gaugeId);

    List<QualificationRow> of(long gaugeId);

    void insert(
            @Param("gaugeId") long gaugeId,
            @Param("docketId") long docketId,
            @Param("fit") boolean fit,
            @Param("corrections") String corrections,
            @Param("limits") String limits,
            @Param("signerName") String signerName,
            @Param("by") long by,
            @Param("at") Instant at);
}
