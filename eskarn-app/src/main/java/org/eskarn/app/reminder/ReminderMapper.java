package org.eskarn.app.reminder;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface ReminderMapper {

    /** Whose calendar it is. */
    Optional<Long> ownerOf(String tokenHash);

    Optional<Instant> madeAt(long accountId);

    int removeLink(long accountId);

    void insertLink(@Param("accountId") long accountId, @Param("hash") String hash, @Param("at") Instant at);

    DailyPost post();

    int write(@Param("version") int version, @Param("recipients") String recipients, @Param("hour") int hour);

    /** Takes a day for itself, so that of several servers one sends; 0 where another has it. */
    int claim(LocalDate day);

    /** Gives it back, because nothing was sent. */
    void giveBack(@Param("day") LocalDate day, @Param("before") @Nullable LocalDate before);
}
