package org.eskarn.app.part;

import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import org.eskarn.app.page.Typed;
import org.eskarn.app.page.Words;
import org.eskarn.core.line.LineLimit;
import org.eskarn.core.line.RequirementLine;
import org.eskarn.core.requirement.Characteristic;
import org.eskarn.core.requirement.FitLimits;
import org.eskarn.core.requirement.Limit;
import org.eskarn.core.requirement.Limit.Direction;
import org.eskarn.core.requirement.LimitCheck;
import org.eskarn.core.requirement.LimitKind;
import org.eskarn.core.requirement.LimitRejected;
import org.eskarn.core.requirement.LimitUnit;
import org.eskarn.core.requirement.StatedAs;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.DecisionRule;
import org.eskarn.core.verdict.RuleKind;
import org.jspecify.annotations.Nullable;

/**
 * What a requirement says of its limit beside the limit itself.
 *
 * @param statedAs which figure the limit applies to
 * @param ruleFigure least tolerance ÷ U of simple acceptance, required probability in percent; null for the usual one
 * @param limitSource where the limit comes from: drawing, maker's data, standard; empty where nobody said
 */
public record LimitTerms(
        long requirementId,
        StatedAs statedAs,
        RuleKind rule,
        @Nullable BigDecimal ruleFigure,
        String datum,
        String limitSource) {

    private static final int LONGEST = 120;
    private static final int LONGEST_REASON = 200;
    private static final int FIGURE_DECIMALS = 4;

    /** The fields of a limit, as typed. */
    public record Form(
            @Nullable LimitKind kind,
            @Nullable String nominal,
            @Nullable String lower,
            @Nullable String upper,
            @Nullable LimitUnit unit,
            @Nullable String code,
            @Nullable Direction only,
            @Nullable String reason,
            @Nullable String per,
            @Nullable String serviceLower,
            @Nullable String serviceUpper,
            @Nullable StatedAs statedAs,
            @Nullable RuleKind rule,
            @Nullable String ruleFigure,
            @Nullable String datum,
            @Nullable String source) {

        public boolean plusOnly() {
            return only == Direction.PLUS;
        }

        public boolean minusOnly() {
            return only == Direction.MINUS;
        }

        static Form blank(LengthUnit unit) {
            return new Form(
                    LimitKind.MAXIMUM,
                    "",
                    "",
                    "",
                    LimitUnit.of(unit),
                    "",
                    null,
                    "",
                    "",
                    "",
                    "",
                    StatedAs.MOVEMENT,
                    RuleKind.SIMPLE,
                    "",
                    "",
                    "");
        }

        static Form of(Characteristic characteristic, Limit limit, @Nullable Limit service, LimitTerms terms) {
            Length per = limit.per();
            return new Form(
                    limit.kind(),
                    Typed.written(limit.nominal()),
                    Typed.written(limit.lower()),
                    Typed.written(limit.upper()),
                    limit.unit(),
                    limit.code(),
                    limit.only(),
                    limit.reason(),
                    per == null ? "" : per.amount().toPlainString(),
                    service == null ? "" : Typed.written(service.lower()),
                    service == null ? "" : Typed.written(service.upper()),
                    statement(characteristic, terms.statedAs()),
                    terms.rule(),
                    Typed.written(terms.ruleFigure()),
                    terms.datum(),
                    terms.limitSource());
        }

        /** What the figure of its rule is called; null where the rule has none. */
        public @Nullable String ruleTitle() {
            return switch (rule == null ? RuleKind.SIMPLE : rule) {
                case SIMPLE -> Words.say("part.tolerance-at-least-times-u");
                case STRINGENT -> null;
                case PROBABILITY -> Words.say("part.required-probability");
            };
        }

        /** A form that names no zone was meant by least squares; any other figure that was not named, as is usual. */
        private static StatedAs statement(Characteristic characteristic, StatedAs statedAs) {
            if (statedAs != StatedAs.ITSELF || characteristic.statements().contains(StatedAs.ITSELF)) {
                return statedAs;
            }
            return characteristic.statements().contains(StatedAs.LEAST_SQUARES)
                    ? StatedAs.LEAST_SQUARES
                    : characteristic.statements().get(0);
        }

        /** The same with the usual kind of limit and figure of another characteristic. */
        Form usualOf(Characteristic characteristic) {
            return new Form(
                    characteristic.limits().get(0),
                    nominal,
                    lower,
                    upper,
                    unit,
                    code,
                    only,
                    reason,
                    per,
                    serviceLower,
                    serviceUpper,
                    characteristic.statements().get(0),
                    rule,
                    ruleFigure,
                    datum,
                    source);
        }

        /** The same with what a line says of it; what it does not say stays. */
        Form said(RequirementLine line) {
            LineLimit limit = line.limit()
                    .orElseGet(() -> new LineLimit(
                            chosenKind(line.characteristic()),
                            Typed.text(nominal),
                            Typed.text(lower),
                            Typed.text(upper),
                            Typed.text(code),
                            unit == null ? LimitUnit.MILLIMETRE : unit,
                            Typed.text(per)));
            return new Form(
                    limit.kind(),
                    limit.nominal(),
                    limit.lower(),
                    limit.upper(),
                    limit.unit(),
                    limit.code(),
                    only,
                    reason,
                    limit.per(),
                    serviceLower,
                    serviceUpper,
                    line.statedAs() == null ? statedAs : line.statedAs(),
                    rule,
                    ruleFigure,
                    line.datum().isEmpty() ? datum : line.datum(),
                    source);
        }

        /** The same without what a line before this one said. */
        Form unsaid(RequirementLine before) {
            boolean limited = before.limit().isPresent();
            return new Form(
                    limited ? before.characteristic().limits().get(0) : kind,
                    limited ? "" : nominal,
                    limited ? "" : lower,
                    limited ? "" : upper,
                    unit,
                    limited ? "" : code,
                    only,
                    reason,
                    limited ? "" : per,
                    serviceLower,
                    serviceUpper,
                    before.statedAs() == null
                            ? statedAs
                            : before.characteristic().statements().get(0),
                    rule,
                    ruleFigure,
                    before.datum().equals(Typed.text(datum)) ? "" : datum,
                    source);
        }

        /** The same with where it comes from. */
        Form from(String other) {
            return new Form(
                    kind,
                    nominal,
                    lower,
                    upper,
                    unit,
                    code,
                    only,
                    reason,
                    per,
                    serviceLower,
                    serviceUpper,
                    statedAs,
                    rule,
                    ruleFigure,
                    datum,
                    other);
        }

        /** The kind of limit chosen, or the usual one where the characteristic knows no such kind. */
        LimitKind chosenKind(Characteristic characteristic) {
            return kind != null && characteristic.limits().contains(kind)
                    ? kind
                    : characteristic.limits().get(0);
        }

        StatedAs chosenStatement(Characteristic characteristic) {
            return statedAs != null && characteristic.statements().contains(statedAs)
                    ? statedAs
                    : characteristic.statements().get(0);
        }

        LimitUnit chosenUnit(Characteristic characteristic, LengthUnit lengths) {
            if (characteristic.angular()) {
                return LimitUnit.DEGREE;
            }
            return unit == null || unit == LimitUnit.DEGREE ? LimitUnit.of(lengths) : unit;
        }

        RuleKind chosenRule(Characteristic characteristic) {
            if (characteristic.bracketed()) {
                return RuleKind.STRINGENT;
            }
            return rule == null ? RuleKind.SIMPLE : rule;
        }
    }

    static LimitTerms of(Form form, Characteristic characteristic, Typed typed) {
        return new LimitTerms(
                0,
                form.chosenStatement(characteristic),
                form.chosenRule(characteristic),
                ruleFigure(form.chosenRule(characteristic), form.ruleFigure(), typed),
                typed.atMost("limit.datum", Typed.text(form.datum()), LONGEST),
                typed.atMost("limit.source", Typed.text(form.source()), LONGEST));
    }

    private static @Nullable BigDecimal ruleFigure(RuleKind rule, @Nullable String text, Typed typed) {
        if (rule == RuleKind.STRINGENT) {
            return null;
        }
        BigDecimal figure = typed.number("limit.ruleFigure", text);
        if (figure != null && figure.stripTrailingZeros().scale() > FIGURE_DECIMALS) {
            typed.problem("limit.ruleFigure", Words.say("part.rule-figure-decimals", FIGURE_DECIMALS));
            return null;
        }
        try {
            DecisionRule.of(rule, figure);
            return figure;
        } catch (IllegalArgumentException e) {
            typed.problem(
                    "limit.ruleFigure",
                    rule == RuleKind.SIMPLE ? Words.say("part.enter-a-ratio") : Words.say("part.enter-a-probability"));
            return null;
        }
    }

    /** As the core decides by it. */
    public DecisionRule decisionRule() {
        return DecisionRule.of(rule, ruleFigure);
    }

    List<FurtherTerm> further() {
        return limitSource.isEmpty() ? List.of() : List.of(new FurtherTerm("LIMIT_SOURCE", limitSource));
    }

    /** The limit for new parts, a fit code worked out; as it was typed where something is wrong with it. */
    static Limit limit(
            Form form, Characteristic characteristic, LengthUnit lengths, @Nullable Length size, Typed typed) {
        Limit limit = read(form, characteristic, lengths, form.lower(), form.upper(), typed);
        return checked(characteristic, limit, size, typed);
    }

    /** The one for parts in service; empty where none was typed. */
    static Optional<Limit> service(
            Form form, Characteristic characteristic, LengthUnit lengths, @Nullable Length size, Typed typed) {
        if (Typed.text(form.serviceLower()).isEmpty()
                && Typed.text(form.serviceUpper()).isEmpty()) {
            return Optional.empty();
        }
        Typed own = new Typed(new LinkedHashMap<>());
        Limit limit = checked(
                characteristic,
                read(form, characteristic, lengths, form.serviceLower(), form.serviceUpper(), own),
                size,
                own);
        own.problems().forEach((field, sentence) -> {
            String place = field.equals("limit.lower")
                    ? "limit.serviceLower"
                    : field.equals("limit.upper") ? "limit.serviceUpper" : field;
            typed.problem(place, sentence);
        });
        return Optional.of(limit);
    }

    private static Limit read(
            Form form,
            Characteristic characteristic,
            LengthUnit lengths,
            @Nullable String lower,
            @Nullable String upper,
            Typed typed) {
        LimitKind kind = form.chosenKind(characteristic);
        boolean two = kind == LimitKind.BETWEEN || kind == LimitKind.PLUS_MINUS;
        boolean named = kind == LimitKind.PLUS_MINUS || kind == LimitKind.FIT_CODE;
        BigDecimal per = characteristic.sloping() ? typed.number("limit.per", form.per()) : null;
        return new Limit(
                kind,
                named ? typed.number("limit.nominal", form.nominal()) : null,
                two ? typed.number("limit.lower", lower) : null,
                two || kind == LimitKind.MAXIMUM ? typed.number("limit.upper", upper) : null,
                form.chosenUnit(characteristic, lengths),
                kind == LimitKind.FIT_CODE ? Typed.text(form.code()) : "",
                kind == LimitKind.MAXIMUM && characteristic.signed() ? form.only() : null,
                form.only() == null ? "" : typed.atMost("limit.reason", Typed.text(form.reason()), LONGEST_REASON),
                per == null ? null : new Length(per, lengths));
    }

    private static Limit checked(Characteristic characteristic, Limit limit, @Nullable Length size, Typed typed) {
        try {
            LimitCheck.check(characteristic, limit, size);
            return limit.kind() == LimitKind.FIT_CODE ? FitLimits.resolved(characteristic, limit) : limit;
        } catch (LimitRejected e) {
            typed.problem("limit." + e.field().name().toLowerCase(java.util.Locale.ROOT), Words.of(e.note()));
            return limit;
        }
    }
}
