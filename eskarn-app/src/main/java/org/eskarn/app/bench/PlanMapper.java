package org.eskarn.app.bench;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface PlanMapper {

    /** The places that were given to dockets. */
    List<BenchPlace> places(@Param("docketIds") Collection<Long> docketIds);

    void deletePlaces(@Param("docketIds") Collection<Long> docketIds);

    void insertPlaces(@Param("places") Collection<BenchPlace> places, @Param("by") long by, @Param("at") Instant at);

    /** From the first to the last step of each requirement, of the latest signed dockets of each part. */
    List<WorkSpan> spans(@Param("partIds") Collection<Long> partIds, @Param("most") int most);
}
