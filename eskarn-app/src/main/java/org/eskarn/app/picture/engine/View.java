package org.eskarn.app.picture.engine;

import org.eskarn.app.page.Words;

/** How heights are looked at. */
public enum View {
    AS_READ(Words.say("picture.as-read"), false, false),
    LEVELLED(Words.say("picture.tilt-taken-out"), true, false),
    RAISED(Words.say("picture.raised"), false, true),
    RAISED_LEVELLED(Words.say("picture.raised-tilt-taken-out"), true, true);

    private final String title;
    private final boolean levelled;
    private final boolean raised;

    View(String title, boolean levelled, boolean raised) {
        this.title = title;
        this.levelled = levelled;
        this.raised = raised;
    }

    public String title() {
        return title;
    }

    /** Whether tilt or slope is taken out. */
    public boolean levelled() {
        return levelled;
    }

    /** Whether the face is seen from the front and above, rather than from above. */
    public boolean raised() {
        return raised;
    }

    public View tilted() {
        return raised ? (levelled ? RAISED : RAISED_LEVELLED) : (levelled ? AS_READ : LEVELLED);
    }

    public View lifted() {
        return levelled ? (raised ? LEVELLED : RAISED_LEVELLED) : (raised ? AS_READ : RAISED);
    }
}
