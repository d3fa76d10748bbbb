package org.eskarn.app.picture.flat;

import java.util.ArrayList;
import java.util.List;
import org.eskarn.app.picture.engine.Xy;
import org.eskarn.core.flat.Facets;

/** Where a face of flat triangles lies above a level, and the line along which it crosses it. */
final class Contours {

    private final Facets facets;
    private final double[] corners;
    private final List<Xy> at;

    /**
     * @param corners heights of the corners of the facets
     * @param at where each corner is drawn
     */
    Contours(Facets facets, double[] corners, List<Xy> at) {
        this.facets = facets;
        this.corners = corners;
        this.at = at;
    }

    /**
     * The part above a level, as one path of many pieces that all go round the same way, so that no seam shows. Cells of a
     * grid that lie above it whole are drawn together, row by row.
     */
    String above(double level) {
        StringBuilder path = new StringBuilder();
        List<int[]> cells = facets.middles();
        boolean grid = !cells.isEmpty();
        int first = facets.x().length - cells.size();
        for (int i = 0; grid && i < cells.size(); i++) {
            if (whole(cells.get(i), first + i, level)) {
                int last = i;
                while (last + 1 < cells.size()
                        && beside(cells.get(last), cells.get(last + 1))
                        && whole(cells.get(last + 1), first + last + 1, level)) {
                    last++;
                }
                append(
                        path,
                        List.of(
                                at.get(cells.get(i)[0]),
                                at.get(cells.get(last)[1]),
                                at.get(cells.get(last)[2]),
                                at.get(cells.get(i)[3])));
                i = last;
            }
        }
        for (int k = 0; k < facets.triangles().size(); k++) {
            if (!grid || !whole(cells.get(k / 4), first + k / 4, level)) {
                piece(path, facets.triangles().get(k), level);
            }
        }
        return path.toString();
    }

    private boolean whole(int[] cell, int middle, double level) {
        boolean whole = corners[middle] >= level;
        for (int corner : cell) {
            whole &= corners[corner] >= level;
        }
        return whole;
    }

    private static boolean beside(int[] cell, int[] next) {
        return next[0] == cell[1] && next[3] == cell[2];
    }

    private void piece(StringBuilder path, int[] t, double level) {
        List<Xy> piece = new ArrayList<>();
        for (int k = 0; k < 3; k++) {
            int a = t[k];
            int b = t[(k + 1) % 3];
            if (corners[a] >= level) {
                piece.add(at.get(a));
            }
            if (corners[a] >= level != corners[b] >= level) {
                piece.add(between(a, b, level));
            }
        }
        if (piece.size() > 2) {
            append(path, piece);
        }
    }

    private static void append(StringBuilder path, List<Xy> piece) {
        double turn = 0;
        for (int i = 0; i < piece.size(); i++) {
            Xy a = piece.get(i);
            Xy b = piece.get((i + 1) % piece.size());
            turn += a.x() * b.y() - b.x() * a.y();
        }
        for (int i = 0; i < piece.size(); i++) {
            path.append(i == 0 ? 'M' : 'L').append(piece.get(turn >= 0 ? i : piece.size() - 1 - i));
        }
        path.append('Z');
    }

    /** The line at a level, piece by piece. */
    List<Xy[]> line(double level) {
        List<Xy[]> pieces = new ArrayList<>();
        for (int[] t : facets.triangles()) {
            List<Xy> ends = new ArrayList<>();
            for (int k = 0; k < 3; k++) {
                int a = t[k];
                int b = t[(k + 1) % 3];
                if (corners[a] >= level != corners[b] >= level) {
                    ends.add(between(a, b, level));
                }
            }
            if (ends.size() == 2) {
                pieces.add(new Xy[] {ends.get(0), ends.get(1)});
            }
        }
        return pieces;
    }

    private Xy between(int a, int b, double level) {
        double share = (level - corners[a]) / (corners[b] - corners[a]);
        return new Xy(
                at.get(a).x() + share * (at.get(b).x() - at.get(a).x()),
                at.get(a).y() + share * (at.get(b).y() - at.get(a).y()));
    }
}
