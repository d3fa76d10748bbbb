package org.eskarn.app.webhook;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

@Mapper
interface WebHookMapper {

    /** Those that are told, the oldest first. */
    List<WebHook> all();

    /** Those too that are told no more. */
    List<WebHook> ever();

    Optional<WebHook> find(long id);

    void insert(WebHook hook);

    int end(@Param("id") long id, @Param("at") Instant at);

    /** What is still to be sent to it is sent no more. */
    void endEvents(long hook);

    void insertEvent(
            @Param("hook") long hook,
            @Param("key") String key,
            @Param("docket") int docket,
            @Param("body") String body,
            @Param("at") Instant at);

    /** Those whose time has come, of programs that are told; the oldest first. */
    List<HookEvent> due(@Param("now") Instant now, @Param("most") int most);

    /** The newest first. */
    List<HookEvent> latest(int most);

    /**
     * Takes one for sending, so that of several servers one sends it; 0 where another has it.
     *
     * @param again when it is sent again, should nothing more be heard of this try
     */
    int claim(
            @Param("id") long id,
            @Param("tries") int tries,
            @Param("again") @Nullable Instant again,
            @Param("problem") String problem);

    void arrived(@Param("id") long id, @Param("at") Instant at);

    void failed(@Param("id") long id, @Param("problem") String problem);

    /** The others of a program that does not answer wait too. */
    void postpone(@Param("hook") long hook, @Param("until") Instant until);

    /** From the start; 0 where it arrived meanwhile. */
    int again(@Param("id") long id, @Param("now") Instant now);
}
