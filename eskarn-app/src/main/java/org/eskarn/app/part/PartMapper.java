package org.eskarn.app.part;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.InsertProvider;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.SelectProvider;
import org.apache.ibatis.annotations.UpdateProvider;
import org.eskarn.app.storage.NewKey;
import org.jspecify.annotations.Nullable;

@Mapper
interface PartMapper {

    List<Part> all();

    List<Part> parts(@Param("ids") Collection<Long> ids);

    /** The newest revision, in whatever case the number is typed. */
    Optional<Part> newest(String drawingNumber);

    Optional<Part> byNumber(@Param("drawingNumber") String drawingNumber, @Param("revision") String revision);

    List<Feature> features(@Param("partIds") Collection<Long> partIds);

    @SelectProvider(type = RequirementSql.class, method = "heads")
    List<RequirementHead> heads(@Param("partIds") Collection<Long> partIds);

    @SelectProvider(type = RequirementSql.class, method = "limitTerms")
    List<LimitTerms> limitTerms(@Param("partIds") Collection<Long> partIds);

    @SelectProvider(type = RequirementSql.class, method = "layoutTerms")
    List<LayoutTerms> layoutTerms(@Param("partIds") Collection<Long> partIds);

    @SelectProvider(type = RequirementSql.class, method = "gaugeTerms")
    List<GaugeTerms> gaugeTerms(@Param("partIds") Collection<Long> partIds);

    @SelectProvider(type = RequirementSql.class, method = "setUpTerms")
    List<SetUpTerms> setUpTerms(@Param("partIds") Collection<Long> partIds);

    List<LimitRow> limits(@Param("partIds") Collection<Long> partIds);

    List<Preparation> preparations(@Param("partIds") Collection<Long> partIds);

    List<RequirementCount> requirementCounts();

    void insertPart(@Param("row") Part part, @Param("key") NewKey key);

    /** 0 when somebody was quicker, or a docket stands on the part. */
    int touch(@Param("id") long id, @Param("version") int version);

    int updatePart(Part part);

    int markOpened(long id);

    void insertFeature(@Param("row") Feature feature, @Param("key") NewKey key);

    void updateFeature(Feature feature);

    @InsertProvider(type = RequirementSql.class, method = "insert")
    @Options(useGeneratedKeys = true, keyProperty = "key.id", keyColumn = "id")
    void insertRequirement(@Param("row") PartRequirement requirement, @Param("key") NewKey key);

    @UpdateProvider(type = RequirementSql.class, method = "update")
    void updateRequirement(@Param("row") PartRequirement requirement);

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
