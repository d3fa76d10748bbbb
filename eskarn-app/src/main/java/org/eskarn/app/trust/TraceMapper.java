package org.eskarn.app.trust;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.eskarn.app.docket.Question;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/** Where a gauge was used, and what is in question because of it. */
@Mapper
interface TraceMapper {

    /** The dockets not in the index yet, by their numbers, with a reading of a gauge from a moment on. */
    List<Long> untraced(@Param("gaugeId") long gaugeId, @Param("since") Instant since);

    record Count(int total, int changing) {}

    /** How many signed verdicts rest on a gauge from a moment on, and how many an error of so many µm could have turned. */
    Count count(@Param("gaugeId") long gaugeId, @Param("since") Instant since, @Param("error") double error);

    /** Set-ups whose signed verdict the error could have turned, those read last first. */
    List<Long> changing(
            @Param("gaugeId") long gaugeId,
            @Param("since") Instant since,
            @Param("error") double error,
            @Param("from") int from,
            @Param("most") int most);

    /** The other set-ups with a signed verdict that rests on the gauge, those read last first. */
    List<Long> staying(
            @Param("gaugeId") long gaugeId,
            @Param("since") Instant since,
            @Param("error") double error,
            @Param("from") int from,
            @Param("most") int most);

    /** Puts all signed verdicts in question that the error could have turned and that are not yet, and returns how many. */
    int questionSigned(
            @Param("gaugeId") long gaugeId,
            @Param("since") Instant since,
            @Param("error") double error,
            @Param("amount") BigDecimal amount,
            @Param("unit") LengthUnit unit,
            @Param("day") LocalDate day,
            @Param("by") long by,
            @Param("at") Instant at);

    /** @param setUpIds never empty */
    List<Long> docketsOf(@Param("setUpIds") Collection<Long> setUpIds);

    void deleteUses(long docketId);

    void insertUse(SignedUse use);

    List<SignedUse> uses(long docketId);

    /** Whether a docket is in the index. */
    boolean traced(long docketId);

    /** The same; until the transaction ends nobody else gets an answer. */
    boolean lockTraced(long docketId);

    void setTraced(long docketId);

    /** Those not settled first, then the latest docket first. */
    List<Question> questions(@Param("gaugeId") long gaugeId, @Param("most") int most);

    /** Whether a set-up is in question because of a gauge, and that is not settled. */
    boolean open(@Param("setUpId") long setUpId, @Param("gaugeId") long gaugeId);

    /** How many are not settled, of one gauge or of all. */
    int openQuestions(@Param("gaugeId") @Nullable Long gaugeId);

    /** The latest dockets with something not settled. */
    List<Long> inQuestion(int most);

    /** @param numbers never empty */
    List<Question> questionsOfDockets(@Param("numbers") Collection<Integer> numbers);

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
