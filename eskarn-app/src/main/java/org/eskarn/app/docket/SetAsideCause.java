package org.eskarn.app.docket;

/** Why a sweep does not count. */
public enum SetAsideCause {
    DIRT("dirt or oil film"),
    LIFTED_FOOT("lifted foot or loose clamp"),
    MOVED("part, stand or gauge moved"),
    WRONG_PLACE("wrong place or order"),
    MISREAD("misread or mistyped"),
    WARM("part or gauge not at one temperature"),
    GAUGE("gauge at fault"),
    OTHER("another cause");

    private final String title;

    SetAsideCause(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
