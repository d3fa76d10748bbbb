package org.eskarn.core.reading;

/**
 * What a place is called on the drawing, with the piece or group it belongs to before a colon: {@code B1: upright}.
 *
 * @param group before the colon; empty where nothing is
 * @param own the rest
 */
public record PlaceName(String group, String own) {

    /** As it is written. */
    public static PlaceName of(String written) {
        int colon = written.indexOf(':');
        return colon > 0
                ? new PlaceName(
                        written.substring(0, colon).strip(),
                        written.substring(colon + 1).strip())
                : new PlaceName("", written.substring(colon + 1).strip());
    }
}
