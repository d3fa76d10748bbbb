package org.eskarn.app.ledger.export;

import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.DataFormatException;
import java.util.zip.Inflater;

/**
 * A font as it is shipped for pages, as the file inside it: WOFF wraps the tables of an OpenType font, each compressed by itself.
 *
 * <p>Source: W3C, WOFF File Format 1.0, 3 to 5; OpenType, table directory.
 */
final class WoffFont {

    private static final int SIGNATURE = 0x774F4646;
    private static final int HEADER = 44;
    private static final int ENTRY = 16;
    private static final int WORD = 4;

    private WoffFont() {}

    private record Table(int tag, int checksum, byte[] data) {}

    /**
     * The OpenType font.
     *
     * @throws IOException if it is no WOFF font, or damaged
     */
    static byte[] unwrapped(byte[] woff) throws IOException {
        ByteBuffer in = ByteBuffer.wrap(woff);
        if (woff.length < HEADER || in.getInt() != SIGNATURE) {
            throw new IOException("no WOFF font");
        }
        int flavour = in.getInt();
        in.position(12);
        int count = in.getShort();
        List<Table> tables = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            in.position(HEADER + 5 * WORD * i);
            tables.add(table(in, woff));
        }
        return opened(flavour, tables);
    }

    private static Table table(ByteBuffer in, byte[] woff) throws IOException {
        int tag = in.getInt();
        int offset = in.getInt();
        int packed = in.getInt();
        byte[] data = new byte[in.getInt()];
        int checksum = in.getInt();
        if (packed == data.length) {
            System.arraycopy(woff, offset, data, 0, packed);
        } else {
            Inflater inflater = new Inflater();
            try {
                inflater.setInput(woff, offset, packed);
                if (inflater.inflate(data) != data.length) {
                    throw new IOException("a table of the font is cut short");
                }
            } catch (DataFormatException e) {
                throw new IOException("a table of the font is damaged", e);
            } finally {
                inflater.end();
            }
        }
        return new Table(tag, checksum, data);
    }

    private static byte[] opened(int flavour, List<Table> tables) throws IOException {
        int count = tables.size();
        int power = Integer.highestOneBit(count);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        DataOutputStream out = new DataOutputStream(bytes);
        out.writeInt(flavour);
        out.writeShort(count);
        out.writeShort(power * ENTRY);
        out.writeShort(Integer.numberOfTrailingZeros(power));
        out.writeShort((count - power) * ENTRY);
        int offset = 3 * WORD + ENTRY * count;
        for (Table table : tables) {
            out.writeInt(table.tag());
            out.writeInt(table.checksum());
            out.writeInt(offset);
            out.writeInt(table.data().length);
            offset += padded(table.data().length);
        }
        for (Table table : tables) {
            out.write(table.data());
            out.write(new byte[padded(table.data().length) - table.data().length]);
        }
        return bytes.toByteArray();
    }

    private static int padded(int length) {
        return (length + WORD - 1) / WORD * WORD;
    }
}
