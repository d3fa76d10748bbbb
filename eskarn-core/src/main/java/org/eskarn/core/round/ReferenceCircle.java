package org.eskarn.core.round;

import java.util.List;
import java.util.Optional;
import org.eskarn.core.result.Note;
import org.eskarn.core.zone.LowestUpperBound;
import org.eskarn.core.zone.ThinnestBand;

/**
 * One of the four circles that roundness is told by, fitted to the profile of a section. The profile is given by polar
 * deviations dᵢ at angles θᵢ about the axis of the sweep, plus outwards; roundness is the distance between the two circles
 * about the found centre that just hold it:
 *
 * <pre>roundness = outer − inner = max ρᵢ − min ρᵢ</pre>
 *
 * with ρᵢ the deviation seen from the found centre. Where the radius R is known, ρᵢ is exact, the distance of the point
 * (R + dᵢ, θᵢ) from the centre less R: the fit is repeated about the centre it found until the centre stands still, so that an off-centre of millimetres does no harm;
 * inscribed and circumscribed circles are then found exactly ({@link HeldCircle}).
 * Where R is not known, ρᵢ = dᵢ − a cos θᵢ − b sin θᵢ, the limaçon form, whose error is a²/2R.
 *
 * <p>Least squares: Σ (ρᵢ − level)² smallest. Minimum zone: outer − inner smallest, proved by four contacts, outside and
 * inside in turn. Maximum inscribed: inner largest. Minimum circumscribed: outer smallest (ISO 12181-1, 3.3.1; the minimum
 * zone is the tolerance's own definition, ISO 1101, 17.4).
 *
 * <p>Degenerate cases: repeated angles count as they are; three readings lie on every kind of circle, roundness 0;
 * equal readings give 0. Deviations beyond a third of R are taken in limaçon form, as no gauge reaches so far. For
 * inscribed and circumscribed circles the stations must reach round more than half a turn.
 *
 * @param cosine of the centre, µm towards 0°
 * @param sine of the centre, µm towards 90°
 * @param level radius of the circle − R, µm; of the minimum zone the middle of the two
 * @param inner smallest ρ, µm
 * @param outer largest ρ, µm
 * @param touching the readings that hold the circle, from 0; empty for least squares
 * @param unique whether there is only one such circle; of several inscribed ones that about which roundness is largest
 */
public record ReferenceCircle(
        Kind kind,
        double cosine,
        double sine,
        double level,
        double inner,
        double outer,
        List<Integer> touching,
        boolean unique) {

    private static final int MOST_ROUNDS = 12;
    /** µm; a centre that moves by less stands still. */
    private static final double STILL = 1e-7;

    /** Of directions; so near to opposite is opposite. */
    private static final double OPPOSITE = 1e-12;

    /** µm; centres further apart are two. */
    private static final double APART = 1e-3;

    private static final int HALVINGS = 40;
    /** Of the roundness; a reading so near to its circle touches it. */
    private static final double TOUCHING = 1e-6;
    /** Of the radius. */
    private static final double FURTHEST = 1.0 / 3;

    /** Which circle. */
    public enum Kind {
        LEAST_SQUARES(Note.of("core.least-squares")),
        MINIMUM_ZONE(Note.of("core.minimum-zone")),
        MAXIMUM_INSCRIBED(Note.of("core.maximum-inscribed")),
        MINIMUM_CIRCUMSCRIBED(Note.of("core.minimum-circumscribed"));

        private final Note title;

        Kind(Note title) {
            this.title = title;
        }

        public Note title() {
            return title;
        }
    }

    /** outer − inner, µm. */
    public double roundness() {
        return outer - inner;
    }

    /**
     * A profile as it is seen from a centre.
     *
     * @param radians the angles there, in the order of the readings
     * @param outwards ρ in µm, plus outwards
     */
    public record Seen(double[] radians, double[] outwards) {}

    /**
     * The profile about the centre of this circle, by the same rule it was fitted with.
     *
     * @param radians as they were given to {@link #of}, as are the deviations and the radius
     */
    public Seen seen(double[] radians, double[] outwards, double radius) {
        Fitting about = new Fitting(kind, radians, outwards, radius);
        about.lookFrom(cosine, sine);
        double[] angles = new double[radians.length];
        for (int i = 0; i < angles.length; i++) {
            angles[i] = Way.within(Math.atan2(about.s[i], about.c[i]));
        }
        return new Seen(angles, about.d);
    }

    /** The same of readings of which each stood there more than once: touching are those of the first {@code readings}. */
    public ReferenceCircle folded(int readings) {
        return new ReferenceCircle(
                kind,
                cosine,
                sine,
                level,
                inner,
                outer,
                touching.stream().map(i -> i % readings).distinct().sorted().toList(),
                unique);
    }

    /** How far the centre is off the axis of the sweep, µm. */
    public double offCentre() {
        return Math.hypot(cosine, sine);
    }

    /**
     * @param radians station angles, in any order
     * @param outwards deviation at each of them, µm, plus outwards; same length and order
     * @param radius nominal radius in µm; 0 or less where it is not known
     * @return empty where the stations do not fix this circle: fewer than three angles, or for the inscribed and
     *     circumscribed half a turn or less
     * @throws IllegalArgumentException if the lengths differ, or there is no reading
     */
    public static Optional<ReferenceCircle> of(Kind kind, double[] radians, double[] outwards, double radius) {
        if (radians.length != outwards.length || radians.length == 0) {
            throw new IllegalArgumentException("as many angles as deviations, at least one; there are " + radians.length
                    + " and " + outwards.length);
        }
        return new Fitting(kind, radians, outwards, radius).run();
    }

    /** Fits about a centre, moves the axis there, and fits again until it stands still. */
    private static final class Fitting {

        private final Kind kind;
        private final double[] outwards;
        private final double[] alongCosine;
        private final double[] alongSine;
        private final double radius;
        /** Directions and deviations as seen from the centre of this round. */
        private final double[] c;

        private final double[] s;
        private final double[] d;
        private double cosine;
        private double sine;
        private double inner;
        private double outer;
        private double mean;
        private int[] near = new int[0];
        private boolean unique = true;

        Fitting(Kind kind, double[] radians, double[] outwards, double radius) {
            this.kind = kind;
            this.outwards = outwards;
            this.alongCosine = new double[radians.length];
            this.alongSine = new double[radians.length];
            double largest = 0;
            for (int i = 0; i < radians.length; i++) {
                alongCosine[i] = Math.cos(radians[i]);
                alongSine[i] = Math.sin(radians[i]);
                if (Math.abs(outwards[i]) > largest) {
                    largest = Math.abs(outwards[i]);
                }
            }
            this.radius = largest < radius * FURTHEST ? radius : 0;
            this.c = alongCosine.clone();
            this.s = alongSine.clone();
            this.d = outwards.clone();
        }

        Optional<ReferenceCircle> run() {
            double merit = merit();
            for (int round = 0; round < MOST_ROUNDS; round++) {
                Optional<double[]> solved = solve();
                if (solved.isEmpty()) {
                    return Optional.empty();
                }
                double a = solved.get()[1];
                double b = solved.get()[2];
                if (Math.hypot(a, b) < STILL) {
                    break;
                }
                double fromCosine = cosine;
                double fromSine = sine;
                double moved = lookFrom(fromCosine + a, fromSine + b);
                if (radius <= 0) {
                    break;
                }
                if (moved > merit) {
                    moved = bestBetween(fromCosine, fromSine, a, b);
                }
                if (moved > merit - STILL * STILL) {
                    break;
                }
                merit = moved;
            }
            if (kind == Kind.MAXIMUM_INSCRIBED || kind == Kind.MINIMUM_CIRCUMSCRIBED) {
                if (radius > 0) {
                    exactly();
                } else {
                    slide();
                }
            }
            return Optional.of(result());
        }

        /** In limaçon form two contacts right opposite leave the circle free to slide; it is taken where roundness is largest. */
        private void slide() {
            for (int one : near) {
                for (int other : near) {
                    double apart = c[one] * c[other] + s[one] * s[other];
                    if (one < other && apart < -1 + OPPOSITE) {
                        slideAcross(-alongSine[one], alongCosine[one]);
                        return;
                    }
                }
            }
        }

        private void slideAcross(double towardsCosine, double towardsSine) {
            double inwards = kind == Kind.MAXIMUM_INSCRIBED ? 1 : -1;
            double held = kind == Kind.MAXIMUM_INSCRIBED ? inner : outer;
            double back = Double.NEGATIVE_INFINITY;
            double forth = Double.POSITIVE_INFINITY;
            for (int i = 0; i < d.length; i++) {
                double room = inwards * (d[i] - held);
                double per = inwards * (towardsCosine * alongCosine[i] + towardsSine * alongSine[i]);
                if (per > OPPOSITE) {
                    forth = Math.min(forth, room / per);
                } else if (per < -OPPOSITE) {
                    back = Math.max(back, room / per);
                }
            }
            if (!(forth - back > APART) || Double.isInfinite(forth - back)) {
                return;
            }
            unique = false;
            double fromCosine = cosine;
            double fromSine = sine;
            lookFrom(fromCosine + back * towardsCosine, fromSine + back * towardsSine);
            double behind = outer - inner;
            lookFrom(fromCosine + forth * towardsCosine, fromSine + forth * towardsSine);
            if (behind > outer - inner) {
                lookFrom(fromCosine + back * towardsCosine, fromSine + back * towardsSine);
            }
        }

        /** The contacts as they really lie: the straight form of the fit cannot tell places along a slide apart. */
        private void exactly() {
            double[] x = new double[outwards.length];
            double[] y = new double[outwards.length];
            for (int i = 0; i < x.length; i++) {
                x[i] = (radius + outwards[i]) * alongCosine[i];
                y[i] = (radius + outwards[i]) * alongSine[i];
            }
            List<HeldCircle> circles = kind == Kind.MINIMUM_CIRCUMSCRIBED
                    ? List.of(HeldCircle.circumscribed(x, y))
                    : HeldCircle.inscribed(x, y);
            double widest = Double.NEGATIVE_INFINITY;
            HeldCircle best = null;
            for (HeldCircle circle : circles) {
                lookFrom(circle.x(), circle.y());
                unique &= best == null || Math.hypot(circle.x() - best.x(), circle.y() - best.y()) < APART;
                if (outer - inner > widest) {
                    widest = outer - inner;
                    best = circle;
                }
            }
            if (best != null) {
                lookFrom(best.x(), best.y());
                near = best.touching();
            }
        }

        /**
         * Where two readings opposite each other hold the circle, its centre is free to slide as far as the straight form
         * can tell, and only the curvature says where it is best: that place is looked for along the step.
         */
        private double bestBetween(double fromCosine, double fromSine, double a, double b) {
            double low = 0;
            double high = 1;
            for (int i = 0; i < HALVINGS; i++) {
                double third = (high - low) / 3;
                double first = lookFrom(fromCosine + (low + third) * a, fromSine + (low + third) * b);
                double second = lookFrom(fromCosine + (high - third) * a, fromSine + (high - third) * b);
                if (first <= second) {
                    high -= third;
                } else {
                    low += third;
                }
            }
            double middle = (low + high) / 2;
            return lookFrom(fromCosine + middle * a, fromSine + middle * b);
        }

        /** Sees the profile from a centre and returns what is to be made small there. */
        private double lookFrom(double centreCosine, double centreSine) {
            cosine = centreCosine;
            sine = centreSine;
            for (int i = 0; i < d.length; i++) {
                if (radius <= 0) {
                    d[i] = outwards[i] - cosine * alongCosine[i] - sine * alongSine[i];
                } else {
                    double x = (radius + outwards[i]) * alongCosine[i] - cosine;
                    double y = (radius + outwards[i]) * alongSine[i] - sine;
                    double length = Math.sqrt(x * x + y * y);
                    c[i] = x / length;
                    s[i] = y / length;
                    d[i] = length - radius;
                }
            }
            return merit();
        }

        private double merit() {
            inner = Double.POSITIVE_INFINITY;
            outer = Double.NEGATIVE_INFINITY;
            double sum = 0;
            double squares = 0;
            for (double each : d) {
                if (each < inner) {
                    inner = each;
                }
                if (each > outer) {
                    outer = each;
                }
                sum += each;
                squares += each * each;
            }
            mean = sum / d.length;
            return switch (kind) {
                case LEAST_SQUARES -> squares - mean * sum;
                case MINIMUM_ZONE -> outer - inner;
                case MAXIMUM_INSCRIBED -> -inner;
                case MINIMUM_CIRCUMSCRIBED -> outer;
            };
        }

        /** Level, cosine and sine of the circle, as seen from the centre of this round. */
        private Optional<double[]> solve() {
            return switch (kind) {
                case LEAST_SQUARES -> leastSquares();
                case MINIMUM_ZONE -> minimumZone();
                case MINIMUM_CIRCUMSCRIBED -> LowestUpperBound.of(d, c, s).map(cover -> held(cover, 1));
                case MAXIMUM_INSCRIBED -> LowestUpperBound.of(negative(d), c, s).map(cover -> held(cover, -1));
            };
        }

        private Optional<double[]> leastSquares() {
            NormalEquations sums = new NormalEquations();
            for (int i = 0; i < d.length; i++) {
                sums.add(c[i], s[i], d[i]);
            }
            return sums.nearlySingular() ? Optional.empty() : Optional.of(sums.solve());
        }

        private Optional<double[]> minimumZone() {
            ThinnestBand band;
            try {
                band = near.length == 0 ? ThinnestBand.of(d, c, s) : ThinnestBand.near(near, d, c, s);
            } catch (IllegalArgumentException e) {
                return Optional.empty();
            }
            near = band.contacts().stream()
                    .mapToInt(ThinnestBand.Contact::index)
                    .toArray();
            return Optional.of(band.coefficients());
        }

        private double[] held(LowestUpperBound cover, double sign) {
            near = cover.contacts().stream().mapToInt(i -> i).toArray();
            double[] turned = cover.coefficients().clone();
            for (int k = 0; k < turned.length; k++) {
                turned[k] *= sign;
            }
            return turned;
        }

        private static double[] negative(double[] values) {
            double[] turned = new double[values.length];
            for (int i = 0; i < values.length; i++) {
                turned[i] = -values[i];
            }
            return turned;
        }

        private ReferenceCircle result() {
            double level = switch (kind) {
                case LEAST_SQUARES -> mean;
                case MINIMUM_ZONE -> (inner + outer) / 2;
                case MAXIMUM_INSCRIBED -> inner;
                case MINIMUM_CIRCUMSCRIBED -> outer;
            };
            double close = TOUCHING * (outer - inner) + STILL;
            List<Integer> touching = java.util.Arrays.stream(near)
                    .filter(i -> d[i] - inner < close || outer - d[i] < close)
                    .distinct()
                    .sorted()
                    .boxed()
                    .toList();
            return new ReferenceCircle(kind, cosine, sine, level, inner, outer, touching, unique);
        }
    }
}
