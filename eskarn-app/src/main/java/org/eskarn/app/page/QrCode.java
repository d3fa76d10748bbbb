package org.eskarn.app.page;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;

/**
 * A text as a QR code (ISO/IEC 18004), to be drawn.
 *
 * @param size of its side, in modules with the quiet zone round it
 * @param path of its dark modules, as SVG has it
 */
public record QrCode(int size, String path) {

    /** Asked for at no size, it comes out with one unit a module. */
    private static final int SMALLEST = 1;

    /** @throws IllegalArgumentException if the text is empty, or longer than a code holds */
    public static QrCode of(String text) {
        try {
            BitMatrix code = new QRCodeWriter().encode(text, BarcodeFormat.QR_CODE, SMALLEST, SMALLEST);
            return new QrCode(code.getWidth(), path(code));
        } catch (WriterException e) {
            throw new IllegalArgumentException("no QR code holds " + text, e);
        }
    }

    private static String path(BitMatrix code) {
        StringBuilder path = new StringBuilder();
        for (int y = 0; y < code.getHeight(); y++) {
            for (int x = 0; x < code.getWidth(); x++) {
                if (code.get(x, y)) {
                    path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
                }
            }
        }
        return path.toString();
    }
}
