package org.eskarn.app.part;

import java.util.Collection;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface PartMapper {

    List<Part> parts(@Param("ids") Collection<Long> ids);

    List<RequirementRow> requirements(@Param("partIds") Collection<Long> partIds);

    List<StationRow> stations(@Param("partIds") Collection<Long> partIds);

    List<Preparation> preparations(@Param("partIds") Collection<Long> partIds);

    void insertPart(Part part);

    void insertFeature(@Param("partId") long partId, @Param("row") RequirementRow row);

    void insertRequirement(RequirementRow row);

    void insertStation(StationRow row);

    void insertPreparation(Preparation row);
}
