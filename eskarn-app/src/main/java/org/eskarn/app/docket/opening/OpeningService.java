package org.eskarn.app.docket.opening;

import java.time.Clock;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.eskarn.app.docket.DocketMapper;
import org.eskarn.app.docket.DocketRow;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.DocketService.Opening;
import org.eskarn.app.docket.Purpose;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.Words;
import org.eskarn.app.part.PartService;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Opens one or many dockets from what was typed: all of them, or none. */
@Service
public class OpeningService {

    private static final int MOST = 100;
    private static final int LONGEST_SERIAL = 40;
    private static final int LONGEST_NAME = 80;
    private static final int MOST_DIGITS = 9;
    private static final int LONGEST_KEY = 40;
    private static final int MOST_NAMED = 3;
    /** Two serials that differ in their last digits, as VB-0411..VB-0418 or VB-0411..0418. */
    private static final Pattern RANGE = Pattern.compile("(.*?)(\\d+)\\s*\\.\\.\\s*(?:\\1)?(\\d+)");

    private final DocketMapper mapper;
    private final DocketService dockets;
    private final PartService parts;
    private final Clock clock;

    OpeningService(DocketMapper mapper, DocketService dockets, PartService parts, Clock clock) {
        this.mapper = mapper;
        this.dockets = dockets;
        this.parts = parts;
        this.clock = clock;
    }

    /** What stands in the fields. */
    public record OpeningForm(
            @Nullable String serials,
            @Nullable Purpose purpose,
            @Nullable String due,
            @Nullable String askedBy,
            @Nullable Long gaugeId,
            @Nullable String key,
            @Nullable Boolean another) {

        /** A form that was not sent yet; its key makes one that is sent several times open one set of dockets. */
        static OpeningForm blank(String serials, String due, String askedBy) {
            return new OpeningForm(
                    serials,
                    Purpose.FIRST_OFF,
                    due,
                    askedBy,
                    null,
                    UUID.randomUUID().toString(),
                    false);
        }
    }

    /**
     * Opens a docket for each serial and returns their numbers. A form that was sent before returns those it opened then.
     *
     * @throws FormRefused if a field is unfit, the part has no requirements, or a piece has an open docket and another was
     *     not asked for
     */
    @Transactional(rollbackFor = FormRefused.class)
    public List<Integer> open(long partId, OpeningForm form, long by) throws FormRefused {
        // Locks the part, so that the same form sent twice at once is opened by one of them.
        parts.markOpened(partId);
        String key = form.key() == null ? "" : form.key().strip();
        Optional<String> before = key.isEmpty() ? Optional.empty() : mapper.openedWith(key);
        if (before.isPresent()) {
            return Arrays.stream(before.get().split(" ")).map(Integer::valueOf).toList();
        }
        Map<String, String> problems = new LinkedHashMap<>();
        List<String> serials = serials(form.serials(), problems);
        LocalDate due = due(form.due(), problems);
        String askedBy = form.askedBy() == null ? "" : form.askedBy().strip();
        if (askedBy.isEmpty() || askedBy.length() > LONGEST_NAME) {
            problems.put("askedBy", Words.say("docket.type-who-asked-for-it-in-80"));
        }
        Purpose purpose = form.purpose();
        if (purpose == null) {
            problems.put("purpose", Words.say("docket.choose-what-it-is-for"));
        }
        if (purpose == Purpose.GAUGE_CHECK && (form.gaugeId() == null || serials.size() > 1)) {
            problems.put("gaugeId", Words.say("docket.a-gauge-check-is-of-one-gauge"));
        }
        if (parts.requirements(partId).isEmpty()) {
            problems.put("part", Words.say("docket.this-part-has-no-requirements-yet-add"));
        }
        if (key.length() > LONGEST_KEY) {
            problems.put("part", Words.say("docket.load-this-page-again-its-form-is"));
        }
        if (!Boolean.TRUE.equals(form.another())) {
            inWork(partId, serials).ifPresent(sentence -> problems.putIfAbsent("another", sentence));
        }
        if (!problems.isEmpty() || due == null || purpose == null) {
            throw new FormRefused(problems);
        }
        List<Integer> numbers = new ArrayList<>();
        for (String serial : serials) {
            numbers.add(dockets.open(
                    new Opening(
                            partId,
                            serial,
                            numbers.size() + 1,
                            serials.size(),
                            purpose.recorded(),
                            askedBy,
                            due,
                            purpose == Purpose.GAUGE_CHECK ? form.gaugeId() : null),
                    by));
        }
        if (!key.isEmpty()) {
            mapper.insertOpening(
                    key, numbers.stream().map(String::valueOf).collect(Collectors.joining(" ")), by, clock.instant());
        }
        return numbers;
    }

    /** Which of the pieces have an open docket; empty where none has. */
    private Optional<String> inWork(long partId, List<String> serials) {
        if (serials.isEmpty()) {
            return Optional.empty();
        }
        String drawing = parts.part(partId).orElseThrow().drawingNumber();
        List<DocketRow> open = mapper.openOfSerials(drawing, serials);
        return open.isEmpty()
                ? Optional.empty()
                : Optional.of(Words.say(
                        "docket.in-an-open-docket-already",
                        open.stream()
                                .limit(MOST_NAMED)
                                .map(row -> Words.say("docket.docket", row.serial(), row.number()))
                                .collect(Collectors.joining(", ")),
                        open.size() > MOST_NAMED ? Words.say("docket.and-more", open.size() - MOST_NAMED) : ""));
    }

    private static @Nullable LocalDate due(@Nullable String typed, Map<String, String> problems) {
        try {
            return LocalDate.parse(typed == null ? "" : typed.strip());
        } catch (DateTimeParseException e) {
            problems.put("due", Words.say("docket.type-the-day-it-is-due-for"));
            return null;
        }
    }

    private static List<String> serials(@Nullable String typed, Map<String, String> problems) {
        List<String> serials = new ArrayList<>();
        for (String each : (typed == null ? "" : typed).split("[\\r\\n,;]+")) {
            String serial = each.strip();
            Matcher range = RANGE.matcher(serial);
            if (range.matches()) {
                addRange(range, serials, problems);
            } else if (!serial.isEmpty()) {
                serials.add(serial);
            }
        }
        if (serials.isEmpty()) {
            problems.putIfAbsent("serials", Words.say("docket.type-the-serial-of-each-piece-one"));
        } else if (serials.size() > MOST) {
            problems.putIfAbsent(
                    "serials", Words.say("docket.these-are-pieces-100-dockets-are-opened", serials.size()));
        } else if (new HashSet<>(serials).size() < serials.size()) {
            problems.putIfAbsent("serials", Words.say("docket.duplicate-serial-remove-one"));
        }
        for (String serial : serials) {
            if (serial.length() > LONGEST_SERIAL) {
                problems.putIfAbsent("serials", Words.say("docket.is-longer-than-40-characters", serial));
            }
        }
        return serials;
    }

    private static void addRange(Matcher range, List<String> serials, Map<String, String> problems) {
        String first = range.group(2);
        String last = range.group(3);
        if (first.length() > MOST_DIGITS
                || last.length() > MOST_DIGITS
                || Integer.parseInt(last) < Integer.parseInt(first)
                || Integer.parseInt(last) - Integer.parseInt(first) >= MOST) {
            problems.put("serials", Words.say("docket.is-no-range-of-100-pieces-at", range.group()));
            return;
        }
        for (int i = Integer.parseInt(first); i <= Integer.parseInt(last); i++) {
            serials.add(range.group(1) + String.format("%0" + first.length() + "d", i));
        }
    }
}
