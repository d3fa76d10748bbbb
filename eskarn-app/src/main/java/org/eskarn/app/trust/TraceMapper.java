package org.eskarn.app.trust;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.eskarn.app.docket.Question;
import org.eskarn.core.units.LengthUnit;

/** Where a gauge was used, and what is in question because of it. */
@Mapper
interface TraceMapper {

    /** The dockets, by their numbers, with a reading of a gauge from a moment on. */
    List<Long> touchedBy(@Param("gaugeId") long gaugeId, @Param("since") Instant since);

    List<Question> questions(long gaugeId);

    List<Question> questionsOfDocket(int number);

    List<Long> inQuestion();

    void insertQuestion(
            @Param("setUpId") long setUpId,
            @Param("gaugeId") long gaugeId,
            @Param("error") BigDecimal error,
            @Param("unit") LengthUnit unit,
            @Param("since") LocalDate since,
            @Param("by") long by,
            @Param("at") Instant at);

    int settle(@Param("id") long id, @Param("reason") String reason, @Param("by") long by, @Param("at") Instant at);
}
