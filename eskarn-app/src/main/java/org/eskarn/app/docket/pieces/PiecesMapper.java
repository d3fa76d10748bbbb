package org.eskarn.app.docket.pieces;

import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface PiecesMapper {

    List<CauseLookedAt> causes(@Param("requirementId") long requirementId);

    int deleteCause(@Param("requirementId") long requirementId, @Param("cause") PieceCause cause);

    void insertCause(
            @Param("requirementId") long requirementId,
            @Param("cause") PieceCause cause,
            @Param("by") long by,
            @Param("at") Instant at);
}
