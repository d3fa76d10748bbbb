package org.eskarn.app.docket.history;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface HistoryMapper {

    /**
     * What was read with a gauge or on a zero set on it, the newest first.
     *
     * @param reach how far each of its parts is read: as far as the page goes
     */
    List<WorkLine> withGauge(
            @Param("gaugeId") long gaugeId,
            @Param("from") int from,
            @Param("most") int most,
            @Param("reach") int reach);

    /** What was read in sweeps that a person began, the newest first. */
    List<WorkLine> byPerson(@Param("accountId") long accountId, @Param("from") int from, @Param("most") int most);

    /** The dockets of a piece, the newest first. */
    List<Long> ofPiece(
            @Param("drawingNumber") String drawingNumber, @Param("serial") String serial, @Param("most") int most);

    /** Pieces whose serial begins so. */
    List<FoundPiece> pieces(@Param("pattern") String pattern, @Param("most") int most);
}
