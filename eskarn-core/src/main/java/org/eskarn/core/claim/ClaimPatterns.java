package org.eskarn.core.claim;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import org.eskarn.core.result.Note;

/**
 * What is conspicuous about the claims of a certificate as a whole, on paper alone. It proves nothing; it says which claims to measure first.
 *
 * <ul>
 *   <li>Nearly all claims are the same share of what is allowed: at least four fifths of four or more lie within a factor 1.7 of the median
 *       share, either way, and that is a third or less.
 *   <li>Nearly all claims are the same figure although what is allowed differs.
 *   <li>Claims that the gauge named cannot tell: other than 0 and less than its division, or between two halves of it.
 * </ul>
 *
 * <p>Rows that allow or claim nothing, or that claim exactly 0, have no share. Source: workshop practice; a scale is read to half a division.
 */
public final class ClaimPatterns {

    private static final int FEWEST = 4;
    private static final double NEARLY_ALL = 0.8;
    private static final double ALIKE = 1.7;
    private static final double CONSPICUOUS = 1.0 / 3;
    private static final double SAME = 1e-6;

    private ClaimPatterns() {}

    /**
     * @param allowed µm, one for each claim; NaN where nothing is allowed
     * @param claimed µm, in the same order; NaN where nothing is claimed
     * @param division of the gauge that the certificate names, µm; empty where it names none
     * @return what is conspicuous, one sentence each; empty where nothing is
     */
    public static List<Note> of(double[] allowed, double[] claimed, OptionalDouble division) {
        if (allowed.length != claimed.length) {
            throw new IllegalArgumentException(allowed.length + " limits beside " + claimed.length + " claims");
        }
        List<Note> said = new ArrayList<>();
        int[] both = IntStream.range(0, claimed.length)
                .filter(i -> allowed[i] > 0 && Math.abs(claimed[i]) > SAME)
                .toArray();
        if (both.length >= FEWEST) {
            shares(allowed, claimed, both, said);
            sameFigure(allowed, claimed, both, said);
        }
        division.ifPresent(each -> finerThan(each, claimed, said));
        return said;
    }

    private static void shares(double[] allowed, double[] claimed, int[] both, List<Note> said) {
        double[] shares = Arrays.stream(both)
                .mapToDouble(i -> Math.abs(claimed[i]) / allowed[i])
                .sorted()
                .toArray();
        double middle = (shares[(shares.length - 1) / 2] + shares[shares.length / 2]) / 2;
        double[] alike = Arrays.stream(shares)
                .filter(share -> share >= middle / ALIKE - SAME && share <= middle * ALIKE + SAME)
                .toArray();
        if (middle > CONSPICUOUS || alike.length < NEARLY_ALL * shares.length) {
            return;
        }
        long most = Math.round(1 / alike[alike.length - 1]);
        long least = Math.round(1 / alike[0]);
        said.add(
                most == least
                        ? Note.of("core.claims-all-a-share", alike.length, shares.length, most)
                        : Note.of("core.claims-between-shares", alike.length, shares.length, least, most));
    }

    private static void sameFigure(double[] allowed, double[] claimed, int[] both, List<Note> said) {
        int alike = 0;
        for (int one : both) {
            IntPredicate same = i -> Math.abs(claimed[i] - claimed[one]) < SAME;
            boolean differ = Arrays.stream(both).filter(same).anyMatch(i -> Math.abs(allowed[i] - allowed[one]) > SAME);
            int count = differ ? (int) Arrays.stream(both).filter(same).count() : 0;
            alike = Math.max(alike, count);
        }
        if (alike >= FEWEST && alike >= NEARLY_ALL * both.length) {
            said.add(Note.of("core.claims-the-same-figure", alike, both.length));
        }
    }

    private static void finerThan(double division, double[] claimed, List<Note> said) {
        double half = division / 2;
        int stated = (int) Arrays.stream(claimed).filter(Double::isFinite).count();
        int finer = (int) Arrays.stream(claimed)
                .filter(Double::isFinite)
                .map(Math::abs)
                .filter(claim -> claim > SAME
                        && (claim < division - SAME || Math.abs(claim / half - Math.rint(claim / half)) > SAME))
                .count();
        if (finer > 0) {
            said.add(Note.of("core.claims-finer-than-the-gauge", finer, stated));
        }
    }
}
