package org.eskarn.app.docket;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.eskarn.app.page.WorkDone;
import org.eskarn.core.reading.Entry;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;

/** Reading is by whole dockets, so that one docket and two hundred take the same number of queries. */
@Mapper
public interface DocketMapper {

    Optional<DocketRow> byNumber(int number);

    List<DocketRow> bySigned(boolean signed);

    /** The latest other dockets of one piece, whatever the revision of its part. */
    List<DocketRow> ofPiece(
            @Param("drawingNumber") String drawingNumber,
            @Param("serial") String serial,
            @Param("except") int except,
            @Param("most") int most);

    /** The latest size maps with readings. */
    List<SizeMapEntry> sizeMaps(int most);

    /** @param characteristics by name; never empty */
    List<OpenRequirement> open(@Param("characteristics") List<String> characteristics, @Param("most") int most);

    /** What was read last with a gauge. */
    List<WorkDone.Line> withGauge(@Param("gaugeId") long gaugeId, @Param("most") int most);

    /** The latest dockets of one revision of a part. */
    List<DocketRow> ofPart(@Param("partId") long partId, @Param("most") int most);

    /** A docket and the serial of its piece. */
    record Numbered(int number, String serial) {}

    /** All dockets of one revision of a part, the latest first. */
    List<Numbered> serialsOfPart(long partId);

    /** The latest first. */
    List<DocketRow> byNumbers(@Param("numbers") Collection<Integer> numbers);

    Optional<SetUpRow> setUpAt(@Param("number") int number, @Param("position") int position);

    SetUpRow setUp(long id);

    List<SetUpRow> setUps(@Param("docketIds") Collection<Long> docketIds);

    List<AttemptRow> attempts(@Param("setUpIds") Collection<Long> setUpIds);

    List<SweepRow> sweeps(@Param("setUpIds") Collection<Long> setUpIds);

    List<TakenReading> readings(@Param("setUpIds") Collection<Long> setUpIds);

    List<ExtraStation> extraStations(@Param("setUpIds") Collection<Long> setUpIds);

    List<StepDone> stepsDone(@Param("setUpIds") Collection<Long> setUpIds);

    List<PreparationDone> preparationsDone(@Param("setUpIds") Collection<Long> setUpIds);

    List<LeftOut> leftOut(@Param("setUpIds") Collection<Long> setUpIds);

    int highestNumber();

    /** Until the transaction ends nobody else gets a number. */
    int lockNumbers();

    void insertDocket(@Param("row") DocketRow row, @Param("openedBy") long openedBy);

    long idOf(int number);

    /** The unsigned dockets of a drawing's pieces with these serials, whatever the revision. */
    List<DocketRow> openOfSerials(
            @Param("drawingNumber") String drawingNumber, @Param("serials") Collection<String> serials);

    /** The numbers of the dockets that a form has opened already. */
    Optional<String> openedWith(String key);

    void insertOpening(
            @Param("key") String key, @Param("numbers") String numbers, @Param("by") long by, @Param("at") Instant at);

    /** One for each requirement of the part. */
    void insertSetUps(
            @Param("docketId") long docketId,
            @Param("partId") long partId,
            @Param("by") long by,
            @Param("at") Instant at);

    /** The first attempt of each set-up of a docket that has readings of its own. */
    void insertAttempts(@Param("docketId") long docketId, @Param("by") long by, @Param("at") Instant at);

    /** @param leader the set-up whose readings it is judged from; null for its own */
    void setReadWith(@Param("setUpId") long setUpId, @Param("leader") @Nullable Long leader);

    /** @param other the set-up that is read at the same time; null for none */
    void setBeside(@Param("setUpId") long setUpId, @Param("other") @Nullable Long other);

    void setConditions(@Param("setUpId") long setUpId, @Param("conditions") String conditions);

    void insertFirstAttempt(@Param("setUpId") long setUpId, @Param("by") long by, @Param("at") Instant at);

    /** The first sweep of each first attempt. */
    void insertSweeps(@Param("sweeps") Collection<FirstSweep> sweeps, @Param("by") long by, @Param("at") Instant at);

    /** The dockets on which something waits. */
    List<Long> waiting();

    /** Raises the version and so locks the set-up until the transaction ends. */
    void touch(@Param("setUpId") long setUpId, @Param("by") long by, @Param("at") Instant at);

    /** The same for the set-ups that are judged from its readings. */
    void touchReadWith(@Param("readId") long readId, @Param("by") long by, @Param("at") Instant at);

    /** The same for all set-ups of a docket. */
    void touchAll(@Param("docketId") long docketId, @Param("by") long by, @Param("at") Instant at);

    /** Notes that an open docket takes the place of a signed one. */
    int supersede(@Param("number") int number, @Param("superseded") int superseded, @Param("reason") String reason);

    /** The docket that takes the place of another. */
    Optional<DocketRow> superseding(int number);

    /** Locks its row until the transaction ends, so that whoever signs it waits. */
    void hold(long docketId);

    void namePiece(@Param("docketId") long docketId, @Param("serial") String serial);

    int markSigned(long docketId);

    void insertAttempt(
            @Param("setUpId") long setUpId,
            @Param("kind") AttemptKind kind,
            @Param("correction") String correction,
            @Param("by") long by,
            @Param("at") Instant at);

    long lastAttempt(long setUpId);

    /** @param like the sweep whose gauges it is read with */
    void insertSweep(
            @Param("setUpId") long setUpId,
            @Param("attemptId") long attemptId,
            @Param("like") long like,
            @Param("by") long by,
            @Param("at") Instant at);

    int cancelSweep(@Param("sweepId") long sweepId, @Param("by") long by, @Param("at") Instant at);

    List<SetAside> setAside(@Param("setUpIds") Collection<Long> setUpIds);

    void insertSetAside(
            @Param("sweepId") long sweepId,
            @Param("cause") SetAsideCause cause,
            @Param("reason") String reason,
            @Param("by") long by,
            @Param("at") Instant at);

    int countAgain(@Param("id") long id, @Param("by") long by, @Param("at") Instant at);

    List<ChosenSign> signs(@Param("setUpIds") Collection<Long> setUpIds);

    void insertSign(
            @Param("sweepId") long sweepId,
            @Param("outwards") boolean outwards,
            @Param("reason") String reason,
            @Param("by") long by,
            @Param("at") Instant at);

    int seeUnit(@Param("sweepId") long sweepId, @Param("by") long by, @Param("at") Instant at);

    List<Decision> decisions(@Param("setUpIds") Collection<Long> setUpIds);

    void insertDecision(
            @Param("setUpId") long setUpId,
            @Param("lastAttemptId") long lastAttemptId,
            @Param("standingAttemptId") long standingAttemptId,
            @Param("reason") String reason,
            @Param("by") long by,
            @Param("at") Instant at);

    void insertStepDone(
            @Param("setUpId") long setUpId,
            @Param("sweepId") @Nullable Long sweepId,
            @Param("step") Step step,
            @Param("by") long by,
            @Param("at") Instant at);

    int reopenStep(@Param("id") long id, @Param("by") long by, @Param("at") Instant at);

    /** Those of a set-up and of all that are read with it. */
    int reopenVerdicts(@Param("readId") long readId, @Param("by") long by, @Param("at") Instant at);

    void insertPreparationDone(
            @Param("setUpId") long setUpId,
            @Param("preparationId") long preparationId,
            @Param("by") long by,
            @Param("at") Instant at);

    int reopenPreparation(@Param("id") long id, @Param("by") long by, @Param("at") Instant at);

    void insertReading(
            @Param("sweepId") long sweepId,
            @Param("place") int place,
            @Param("entry") Entry entry,
            @Param("entryKey") String entryKey,
            @Param("reason") @Nullable String reason,
            @Param("source") ReadingSource source,
            @Param("by") long by,
            @Param("at") Instant at);

    void setLastRead(@Param("sweepId") long sweepId, @Param("at") Instant at);

    void insertExtraStation(
            @Param("sweepId") long sweepId,
            @Param("typed") String typed,
            @Param("by") long by,
            @Param("at") Instant at);

    /** The one added last. */
    int deleteLastExtraStation(@Param("sweepId") long sweepId);

    /** Frees the place of a reading for the one that puts it right; the row stays and stays in sight. */
    int markCorrected(@Param("readingId") long readingId, @Param("by") long by, @Param("at") Instant at);

    /** The same with the return of a sweep that goes on at a station found afterwards. */
    int strikeReturn(@Param("readingId") long readingId, @Param("by") long by, @Param("at") Instant at);

    int takeBack(@Param("readingId") long readingId, @Param("by") long by, @Param("at") Instant at);

    void insertLeftOut(
            @Param("setUpId") long setUpId,
            @Param("sweepId") @Nullable Long sweepId,
            @Param("step") @Nullable Step step,
            @Param("reason") String reason,
            @Param("by") long by,
            @Param("at") Instant at);

    int takeUp(@Param("id") long id, @Param("by") long by, @Param("at") Instant at);

    /** Nothing that is judged from these readings waits any longer: they are taken again. */
    void endWaiting(@Param("readId") long readId, @Param("by") long by);

    void setWaitsFor(
            @Param("setUpId") long setUpId, @Param("waitsFor") @Nullable WaitsFor waitsFor, @Param("by") long by);

    void setCorrections(
            @Param("setUpId") long setUpId,
            @Param("drift") boolean drift,
            @Param("sag") @Nullable BigDecimal sag,
            @Param("sagUnit") @Nullable LengthUnit sagUnit,
            @Param("lever") @Nullable BigDecimal lever,
            @Param("reason") @Nullable String reason,
            @Param("by") long by,
            @Param("at") Instant at);

    void setSimulated(
            @Param("setUpId") long setUpId, @Param("seed") @Nullable Long seed, @Param("bezel") BigDecimal bezel);

    int setGauge(
            @Param("sweepId") long sweepId,
            @Param("gaugeId") @Nullable Long gaugeId,
            @Param("secondGaugeId") @Nullable Long secondGaugeId,
            @Param("reason") @Nullable String reason,
            @Param("overrideBy") @Nullable Long overrideBy);

    List<SaidCircumstance> circumstances(@Param("setUpIds") Collection<Long> setUpIds);

    void insertCircumstance(@Param("row") SaidCircumstance row, @Param("by") long by);

    /** The last signed docket in which a gauge was inspected; null where there is none. */
    @Nullable
    DocketRow lastInspection(long gaugeId);

    List<MasterZero> zeros(@Param("setUpIds") Collection<Long> setUpIds);

    void insertZero(@Param("row") MasterZero row, @Param("by") long by);

    void deleteZero(@Param("sweepId") long sweepId, @Param("gaugeNumber") int gaugeNumber);

    void setRecheck(
            @Param("sweepId") long sweepId,
            @Param("gaugeNumber") int gaugeNumber,
            @Param("recheck") String recheck,
            @Param("micrometres") BigDecimal micrometres);

    List<ChosenRemedy> remedies(@Param("setUpIds") Collection<Long> setUpIds);

    void insertRemedy(@Param("row") ChosenRemedy row, @Param("by") long by);

    List<TruingStepDone> truingSteps(@Param("setUpIds") Collection<Long> setUpIds);

    List<DialledIn> dialledIn(@Param("setUpIds") Collection<Long> setUpIds);

    void insertDialledIn(@Param("row") DialledIn row, @Param("by") long by);

    void insertTruingStep(@Param("row") TruingStepDone row, @Param("by") long by);

    void takeBackTruingStep(
            @Param("id") long id, @Param("reason") String reason, @Param("by") long by, @Param("at") Instant at);

    List<DocketRow> byIds(@Param("ids") Collection<Long> ids);
}
