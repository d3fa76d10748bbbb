package org.eskarn.app.gauge;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface GaugeMapper {

    List<Gauge> all();

    /** @param ids at least one */
    List<Gauge> byIds(@Param("ids") Collection<Long> ids);

    Optional<Gauge> byId(long id);

    List<Gauge> dueBy(LocalDate day);

    void insert(Gauge gauge);

    long idOf(String mark);

    int touch(@Param("id") long id, @Param("version") int version);

    void update(Gauge gauge);

    void setDue(@Param("id") long id, @Param("nextDue") LocalDate nextDue);

    void setStatus(@Param("id") long id, @Param("status") GaugeStatus status);

    void setLimits(@Param("id") long id, @Param("limits") String limits);

    List<Calibration> calibrations(long gaugeId);

    /** Of all gauges, the oldest first. */
    List<Calibration> allCalibrations();

    /**
     * The last of each gauge, where its points have a unit.
     *
     * @param ids of the gauges, at least one
     */
    List<Calibration> lastCalibrations(@Param("ids") Collection<Long> ids);

    void insertCalibration(@Param("row") Calibration row, @Param("by") long by, @Param("at") Instant at);

    List<StatusChange> statusChanges(long gaugeId);

    void insertStatusChange(
            @Param("gaugeId") long gaugeId,
            @Param("status") GaugeStatus status,
            @Param("reason") String reason,
            @Param("by") long by,
            @Param("at") Instant at);

    /** Of one gauge, or of all. */
    List<UseCount> usesSinceCalibration(@Param("gaugeId") @Nullable Long gaugeId);

    List<BlockRow> blocks(long gaugeId);

    void insertBlocks(@Param("rows") Collection<BlockRow> rows);

    void deleteBlocks(long gaugeId);

    List<GaugeCheckRow> checks(long gaugeId);

    /** The last check of each gauge that found it fit. */
    List<Repeatability> repeatabilities(@Param("setUpIds") List<Long> setUpIds, @Param("latest") int latest);

    void insertCheck(@Param("row") GaugeCheckRow row, @Param("by") long by);
}
