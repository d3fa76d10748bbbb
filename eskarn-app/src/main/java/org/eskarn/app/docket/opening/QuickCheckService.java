package org.eskarn.app.docket.opening;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketMapper;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.DocketService.Opening;
import org.eskarn.app.docket.Purpose;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.Words;
import org.eskarn.app.part.QuickParts;
import org.eskarn.core.units.LengthUnit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Dockets of what comes to the bench without a drawing: one line says what is asked. */
@Service
class QuickCheckService {

    static final int LONGEST_PIECE = 40;
    private static final int LONGEST_KEY = 60;

    private final DocketMapper mapper;
    private final DocketService dockets;
    private final QuickParts parts;
    private final Clock clock;

    QuickCheckService(DocketMapper mapper, DocketService dockets, QuickParts parts, Clock clock) {
        this.mapper = mapper;
        this.dockets = dockets;
        this.parts = parts;
        this.clock = clock;
    }

    /**
     * Opens a docket and returns its number. A form that was sent before returns the one that it opened then.
     *
     * @param piece its serial or what it is; may be empty
     * @param key of the form
     * @throws FormRefused if the line is no whole requirement, or the piece has too long a name
     */
    @Transactional(rollbackFor = FormRefused.class)
    public int open(String line, String piece, LengthUnit usual, String key, String askedBy, long by)
            throws FormRefused {
        dockets.lockNumbers();
        Optional<String> before = key.isEmpty() ? Optional.empty() : mapper.openedWith(key);
        if (before.isPresent()) {
            return Integer.parseInt(before.get());
        }
        String called = called(piece);
        if (key.length() > LONGEST_KEY) {
            throw new FormRefused("line", Words.say("docket.load-this-page-again-its-form-is"));
        }
        int number = dockets.nextNumber();
        long part = parts.create(line, usual, Words.say("docket.quick-number", String.valueOf(number)));
        dockets.open(
                new Opening(
                        part,
                        called.isEmpty() ? Words.say("docket.not-named") : called,
                        1,
                        1,
                        Purpose.FINAL.recorded(),
                        askedBy,
                        LocalDate.now(clock)),
                by);
        if (!key.isEmpty()) {
            mapper.insertOpening(key, String.valueOf(number), by, clock.instant());
        }
        return number;
    }

    private static String called(String piece) throws FormRefused {
        String called = piece.strip();
        if (called.length() > LONGEST_PIECE) {
            throw new FormRefused("piece", Words.say("docket.is-longer-than-40-characters", called));
        }
        return called;
    }

    /**
     * Names the piece, until it is signed.
     *
     * @throws FormRefused if there is no name, or it is too long
     * @throws DocketConflict if the docket is signed, or is of a part with a drawing
     */
    @Transactional(rollbackFor = {FormRefused.class, DocketConflict.class})
    public void name(int number, String piece, long by) throws FormRefused, DocketConflict {
        Docket docket = dockets.lock(number, by);
        if (!docket.part().quick()) {
            throw new DocketConflict(Words.say("docket.only-a-quick-check-is-named"));
        }
        String called = called(piece);
        if (called.isEmpty()) {
            throw new FormRefused("piece", Words.say("docket.write-a-name"));
        }
        mapper.namePiece(docket.id(), called);
    }
}
