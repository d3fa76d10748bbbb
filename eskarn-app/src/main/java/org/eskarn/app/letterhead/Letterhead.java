package org.eskarn.app.letterhead;

import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The name and address of the works, as they stand on paper.
 *
 * @param address in lines
 * @param signatureLine what stands under the line that is signed by hand; empty for none
 * @param logo a PNG or JPEG picture; null where there is none
 */
public record Letterhead(
        int version,
        String name,
        String address,
        String signatureLine,
        byte @Nullable [] logo,
        @Nullable String logoType) {

    public List<String> addressLines() {
        return Arrays.stream(address.split("\\R"))
                .map(String::strip)
                .filter(line -> !line.isEmpty())
                .toList();
    }

    /** Whether anything stands on it. */
    public boolean any() {
        return !name.isEmpty() || !address.isBlank() || logo != null;
    }

    /** The logo in the page itself; empty where there is none. */
    public String logoAddress() {
        return logo == null
                ? ""
                : "data:" + logoType + ";base64," + Base64.getEncoder().encodeToString(logo);
    }
}
