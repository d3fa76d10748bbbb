package org.eskarn.core.line;

import java.util.List;
import java.util.Optional;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.LimitKind;
import org.eskarn.core.requirement.LimitUnit;
import org.eskarn.core.result.Note;
import org.eskarn.core.units.LengthUnit;

/** What a line says of its limit. It takes the numbers of the limit away from the words, so that those of the layout are left. */
final class LimitOfLine {

    private final LineWords words;
    private final Characteristic characteristic;
    private final LengthUnit usual;

    LimitOfLine(LineWords words, LengthUnit usual) {
        this.words = words;
        this.characteristic = words.characteristic();
        this.usual = usual;
    }

    /** Empty where the line says nothing of a limit. */
    Optional<LineLimit> read() throws LineRejected {
        words.requireOneLimit();
        if (characteristic.limits().equals(List.of(LimitKind.NONE))) {
            return Optional.of(LineLimit.none("", unit(usual)));
        }
        if (words.none()) {
            return Optional.of(none());
        }
        if (!words.range().isEmpty()) {
            return Optional.of(between(words.range().get(0), words.range().get(1)));
        }
        if (!words.perLength().isEmpty()) {
            return Optional.of(
                    perLength(words.perLength().get(0), words.perLength().get(1)));
        }
        if (ofNominal()) {
            return Optional.of(ofNominal(nominal()));
        }
        return characteristic.limits().contains(LimitKind.MAXIMUM)
                        && !words.numbers().isEmpty()
                ? Optional.of(atMost(words.numbers().removeFirst()))
                : Optional.empty();
    }

    /** Of a size the first number is its nominal all the same. */
    private LineLimit none() {
        boolean sized = !characteristic.limits().contains(LimitKind.MAXIMUM)
                && !words.numbers().isEmpty();
        Amount nominal = sized ? words.numbers().removeFirst() : new Amount("", null);
        return LineLimit.none(nominal.written(), unit(nominal.unitOr(usual)));
    }

    /** Whether it begins with a nominal size, by what it is or by what follows. */
    private boolean ofNominal() {
        return !words.code().isEmpty()
                || words.plusMinus().isPresent()
                || !words.signed().isEmpty()
                || (!characteristic.limits().contains(LimitKind.MAXIMUM)
                        && !words.numbers().isEmpty());
    }

    private Amount nominal() throws LineRejected {
        if (words.numbers().isEmpty()) {
            throw new LineRejected(Note.of("core.line-needs-its-nominal"));
        }
        return words.numbers().removeFirst();
    }

    private LineLimit ofNominal(Amount nominal) throws LineRejected {
        LengthUnit unit = nominal.unitOr(usual);
        if (!words.code().isEmpty()) {
            require(LimitKind.FIT_CODE, words.code());
            return LineLimit.fit(nominal.written(), words.code(), unit(unit));
        }
        if (words.plusMinus().isPresent()) {
            Amount both = words.plusMinus().get().in(unit);
            require(LimitKind.PLUS_MINUS, "±" + both.written());
            return LineLimit.deviations(nominal.written(), "-" + both.written(), both.written(), unit(unit));
        }
        if (!words.signed().isEmpty()) {
            require(LimitKind.PLUS_MINUS, words.signed().get(0).written());
            return deviations(nominal, unit);
        }
        throw new LineRejected(Note.of("core.line-size-needs-its-limits", nominal.written()));
    }

    /** Two deviations in either order; of one alone the other is nothing, written or not. */
    private LineLimit deviations(Amount nominal, LengthUnit unit) throws LineRejected {
        List<Amount> signed = words.signed();
        if (signed.size() > 2) {
            throw LineWords.unknown(signed.get(2).written());
        }
        Amount one = signed.get(0).in(unit);
        Amount other = signed.size() == 2 ? signed.get(1).in(unit) : nothing(unit);
        boolean rising = one.number().compareTo(other.number()) <= 0;
        return LineLimit.deviations(
                nominal.written(),
                (rising ? one : other).number().toPlainString(),
                (rising ? other : one).number().toPlainString(),
                unit(unit));
    }

    private Amount nothing(LengthUnit unit) {
        Amount next = words.numbers().peekFirst();
        if (next != null && next.number().signum() == 0) {
            words.numbers().removeFirst();
        }
        return new Amount("0", unit);
    }

    private LineLimit between(Amount lower, Amount upper) throws LineRejected {
        require(LimitKind.BETWEEN, lower.written() + " to " + upper.written());
        // A unit on the second is meant for both.
        LengthUnit unit = lower.unit() != null ? lower.unit() : upper.unitOr(usual);
        return LineLimit.between(lower.written(), upper.in(unit).written(), unit(unit));
    }

    private LineLimit perLength(Amount upper, Amount per) throws LineRejected {
        if (!characteristic.sloping()) {
            throw LineWords.unknown(upper.written() + "/" + per.written());
        }
        requireNoCount(upper);
        return LineLimit.atMost(
                upper.written(), unit(upper.unitOr(usual)), per.in(usual).written());
    }

    private LineLimit atMost(Amount limit) throws LineRejected {
        requireNoCount(limit);
        return LineLimit.atMost(limit.written(), unit(limit.unitOr(usual)), "");
    }

    /** How many places there are must not become what is allowed. */
    private void requireNoCount(Amount limit) throws LineRejected {
        if (limit.bare() && !characteristic.angular()) {
            throw new LineRejected(Note.of("core.line-limit-or-places", limit.written(), usual.symbol()));
        }
    }

    private LimitUnit unit(LengthUnit length) {
        return characteristic.angular() ? LimitUnit.DEGREE : LimitUnit.of(length);
    }

    private void require(LimitKind kind, String word) throws LineRejected {
        if (!characteristic.limits().contains(kind)) {
            throw new LineRejected(Note.of("core.line-limit-of-another-kind", word, characteristic.title()));
        }
    }
}
