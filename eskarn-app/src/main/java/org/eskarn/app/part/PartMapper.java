package org.eskarn.app.part;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface PartMapper {

    List<Part> all();

    List<Part> parts(@Param("ids") Collection<Long> ids);

    Optional<Part> byNumber(@Param("drawingNumber") String drawingNumber, @Param("revision") String revision);

    List<Feature> features(@Param("partIds") Collection<Long> partIds);

    List<RequirementRow> requirements(@Param("partIds") Collection<Long> partIds);

    List<LimitRow> limits(@Param("partIds") Collection<Long> partIds);

    List<Preparation> preparations(@Param("partIds") Collection<Long> partIds);

    List<RequirementCount> requirementCounts();

    void insertPart(Part part);

    /** 0 when somebody was quicker, or a docket stands on the part. */
    int touch(@Param("id") long id, @Param("version") int version);

    int updatePart(Part part);

    int markOpened(long id);

    long idOfPart(@Param("drawingNumber") String drawingNumber, @Param("revision") String revision);

    void insertFeature(Feature feature);

    void updateFeature(Feature feature);

    long lastFeature(long partId);

    void insertRequirement(RequirementRow row);

    void updateRequirement(RequirementRow row);

    @Nullable
    Integer lastPosition(long partId);

    long idOfRequirement(@Param("partId") long partId, @Param("position") int position);

    void insertLimit(LimitRow row);

    void deleteLimits(long requirementId);

    void insertPreparation(Preparation row);

    void deletePreparations(long requirementId);

    void deleteRequirement(long id);

    void deleteFeature(long id);

    List<PartOffset> offsets(long partId);

    void insertOffset(PartOffset row);

    void deleteOffset(@Param("partId") long partId, @Param("id") long id);

    void copyOffsets(@Param("from") long from, @Param("to") long to);
}
