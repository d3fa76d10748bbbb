package org.eskarn.app.docket;

/** A requirement of a docket that is not signed yet. */
public record OpenRequirement(int number, int position, String title, String partTitle, String serial) {

    public String address() {
        return "/dockets/" + number + "/" + position;
    }
}
