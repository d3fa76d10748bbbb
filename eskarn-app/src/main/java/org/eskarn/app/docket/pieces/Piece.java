package org.eskarn.app.docket.pieces;

import java.util.List;
import java.util.Optional;
import org.eskarn.app.docket.Docket;

/**
 * One piece of a part.
 *
 * @param dockets of it, the newest first; at least one
 */
record Piece(String serial, List<Docket> dockets) {

    Docket newest() {
        return dockets.get(0);
    }

    /** What was found last at a requirement; a docket in which nothing came of it yet does not hide what one before it found. */
    Optional<MeasuredPiece> at(int position) {
        List<MeasuredPiece> measured = dockets.stream()
                .flatMap(docket -> docket.at(position).map(setUp -> new MeasuredPiece(docket, setUp)).stream())
                .toList();
        return measured.stream()
                .filter(MeasuredPiece::whole)
                .findFirst()
                .or(() -> measured.stream().findFirst());
    }
}
