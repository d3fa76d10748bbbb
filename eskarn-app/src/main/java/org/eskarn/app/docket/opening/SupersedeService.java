package org.eskarn.app.docket.opening;

import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.Typed;
import org.eskarn.app.page.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Opens dockets that take the place of signed ones. */
@Service
class SupersedeService {

    private static final int LONGEST_REASON = 300;
    private static final int USUAL_DAYS = 7;

    private final DocketService dockets;
    private final Clock clock;

    SupersedeService(DocketService dockets, Clock clock) {
        this.dockets = dockets;
        this.clock = clock;
    }

    /**
     * @return the number of the new docket
     * @throws FormRefused if no reason is given, or it is too long
     * @throws DocketConflict if the other is not signed, or another takes its place already
     */
    @Transactional(rollbackFor = {FormRefused.class, DocketConflict.class})
    public int open(int signed, String reason, long by) throws FormRefused, DocketConflict {
        Typed typed = new Typed(new LinkedHashMap<>());
        String why = typed.atMost("reason", reason.strip(), LONGEST_REASON);
        if (why.isEmpty()) {
            typed.problem("reason", Words.say("docket.enter-why-it-is-superseded"));
        }
        if (!typed.problems().isEmpty()) {
            throw new FormRefused(typed.problems());
        }
        return dockets.supersede(signed, why, LocalDate.now(clock).plusDays(USUAL_DAYS), by);
    }
}
