package org.eskarn.core.flat;

import java.util.List;
import org.eskarn.core.result.Note;

/** How the error of what a part is measured with is told from the part's own. */
public enum Reversal {
    NONE(Note.of("core.once-the-gauge-and-fixture-count-as"), "", "", Note.text("")),
    ON_MASTER(Note.of("core.on-a-master-first-then-on-the"), "master", "part", Note.of("core.now-on-the-part")),
    PART_TURNED(
            Note.of("core.twice-then-with-the-part-turned-over"),
            "first",
            "turned",
            Note.of("core.turn-the-part-over-and-read-the")),
    FIXTURE_TURNED(
            Note.of("core.twice-then-with-the-arbor-or-gauge"),
            "first",
            "turned",
            Note.of("core.turn-the-arbor-or-gauge-half-round")),
    PART_TURNED_BACK(
            Note.of("core.three-times-the-part-turned-over-then"),
            "first",
            "turned",
            Note.of("core.turn-the-part-over-and-read-the")),
    FIXTURE_TURNED_BACK(
            Note.of("core.three-times-the-arbor-or-gauge-turned"),
            "first",
            "turned",
            Note.of("core.turn-the-arbor-or-gauge-half-round"));

    private static final String AGAIN = "back";

    private final Note title;
    private final String first;
    private final String second;
    private final Note between;

    Reversal(Note title, String first, String second, Note between) {
        this.title = title;
        this.first = first;
        this.second = second;
        this.between = between;
    }

    public Note title() {
        return title;
    }

    /** What the first set-up is called before the name of each station; empty where there is one only. */
    public String first() {
        return first;
    }

    public String second() {
        return second;
    }

    /** What is done between both set-ups, for whoever does it. */
    public Note between() {
        return between;
    }

    /** What is done before the third one. */
    public Note back() {
        return Note.of("core.turn-it-back-as-it-was-first");
    }

    public boolean twice() {
        return this != NONE;
    }

    /** Whether the first set-up is read once more at the end, which alone shows that nothing moved between. */
    public boolean checked() {
        return this == PART_TURNED_BACK || this == FIXTURE_TURNED_BACK;
    }

    /** The same without the third set-up, which tells nothing of the part. */
    public Reversal unchecked() {
        return switch (this) {
            case PART_TURNED_BACK -> PART_TURNED;
            case FIXTURE_TURNED_BACK -> FIXTURE_TURNED;
            default -> this;
        };
    }

    /** What the set-ups are called before the names of their stations, in the order read; none where there is one only. */
    public List<String> setUps() {
        if (!twice()) {
            return List.of();
        }
        return checked() ? List.of(first, second, AGAIN) : List.of(first, second);
    }

    /** How the error of one reading enters the part's share, two readings being independent. */
    public double spread() {
        return switch (this) {
            case NONE -> 1;
            case ON_MASTER -> Math.sqrt(2);
            case PART_TURNED, FIXTURE_TURNED, PART_TURNED_BACK, FIXTURE_TURNED_BACK -> Math.sqrt(0.5);
        };
    }
}
