package org.eskarn.app.ledger.export;

import java.util.ArrayDeque;
import java.util.Collections;
import java.util.Deque;
import java.util.IdentityHashMap;
import java.util.Set;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSObject;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.jspecify.annotations.Nullable;

/** Images of a document, such as the tile of a hatching, are shown as they are: ISO 19005-3, 6.2.8 forbids to ask for their smoothing. */
final class CrispImages {

    private CrispImages() {}

    static void in(PDDocument document) {
        Set<COSBase> seen = Collections.newSetFromMap(new IdentityHashMap<>());
        Deque<COSBase> open = new ArrayDeque<>();
        open.add(document.getDocument().getTrailer());
        while (!open.isEmpty()) {
            COSBase each = open.pop();
            if (each instanceof COSObject reference) {
                open(reference.getObject(), seen, open);
            } else if (each instanceof COSArray array) {
                array.forEach(item -> open(item, seen, open));
            } else if (each instanceof COSDictionary dictionary) {
                if (COSName.IMAGE.equals(dictionary.getCOSName(COSName.SUBTYPE))) {
                    dictionary.removeItem(COSName.INTERPOLATE);
                }
                dictionary.getValues().forEach(item -> open(item, seen, open));
            }
        }
    }

    private static void open(@Nullable COSBase found, Set<COSBase> seen, Deque<COSBase> open) {
        if (found != null && seen.add(found)) {
            open.push(found);
        }
    }
}
