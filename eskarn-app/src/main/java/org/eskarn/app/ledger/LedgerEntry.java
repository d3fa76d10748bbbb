package org.eskarn.app.ledger;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketPage;
import org.eskarn.app.docket.SetUp;
import org.eskarn.app.docket.Standing;
import org.eskarn.app.docket.VerdictWords;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.Said;
import org.eskarn.app.picture.Picture;
import org.eskarn.app.picture.VerdictRule;
import org.eskarn.core.verdict.Bounds;
import org.eskarn.core.verdict.DecisionRule;
import org.eskarn.core.verdict.Verdict;
import org.eskarn.core.verdict.Verdict.Because;
import org.jspecify.annotations.Nullable;

/**
 * A signed docket.
 *
 * @param unbroken whether the record still bears out its seal, and the seal before it is in its place
 */
public record LedgerEntry(Docket docket, SignatureRow signature, List<Line> lines, boolean unbroken) {

    /**
     * One requirement as it was signed.
     *
     * @param rule the small verdict rule, from the signed figures
     */
    public record Line(SetUp setUp, SignedVerdictRow signed, Display display, VerdictRule rule) {

        public Standing standing() {
            return setUp.wholeLeftOut().isPresent() ? Standing.LEFT_OUT : Standing.of(signed.outcome());
        }

        /** The judged figure; a dash where there is none. */
        public String value() {
            BigDecimal figure = signed.figureMicrometres();
            return figure == null ? "–" : display.amount(figure.doubleValue());
        }

        public boolean hasValue() {
            return signed.figureMicrometres() != null;
        }

        public String uncertainty() {
            return display.amount(signed.uncertaintyMicrometres().doubleValue());
        }

        public VerdictRule wideRule() {
            return VerdictRule.wide(
                    verdict(signed, setUp), display, setUp.assessment().reduction());
        }

        public Picture picture() {
            return DocketPage.picture(setUp);
        }

        /** How single readings are said. */
        public Display readings() {
            return DocketPage.readings(setUp);
        }

        public Said said() {
            return DocketPage.said(setUp);
        }

        public VerdictWords words() {
            return VerdictWords.of(setUp, display);
        }
    }

    static LedgerEntry of(Docket docket, SignatureRow signature, List<SignedVerdictRow> verdicts, String sealBefore) {
        Map<Long, SignedVerdictRow> byRequirement =
                verdicts.stream().collect(java.util.stream.Collectors.toMap(SignedVerdictRow::requirementId, v -> v));
        List<Line> lines = docket.setUps().stream()
                .filter(setUp ->
                        byRequirement.containsKey(setUp.requirement().row().id()))
                .map(setUp -> line(
                        setUp,
                        java.util.Objects.requireNonNull(
                                byRequirement.get(setUp.requirement().row().id()))))
                .toList();
        boolean unbroken = signature.previousSeal().equals(sealBefore)
                && signature.seal().equals(Seal.of(Seal.ofContent(docket), signature, verdicts));
        return new LedgerEntry(docket, signature, lines, unbroken);
    }

    private static Line line(SetUp setUp, SignedVerdictRow signed) {
        Display display = DocketPage.figures(setUp);
        return new Line(setUp, signed, display, VerdictRule.small(verdict(signed, setUp), display));
    }

    private static Verdict verdict(SignedVerdictRow signed, SetUp setUp) {
        DecisionRule rule = setUp.requirement().row().rule();
        boolean open = signed.outcome() == org.eskarn.core.verdict.Outcome.NOT_PROVEN;
        return new Verdict(
                signed.outcome(),
                open ? Because.WITHIN_UNCERTAINTY : null,
                number(signed.figureMicrometres()),
                new Bounds(number(signed.lowerMicrometres()), number(signed.limitMicrometres())),
                signed.uncertaintyMicrometres().doubleValue(),
                rule);
    }

    private static @Nullable Double number(@Nullable BigDecimal kept) {
        return kept == null ? null : (Double) kept.doubleValue();
    }

    public Standing standing() {
        return Standing.of(signature.outcome());
    }

    /** The beginning of the seal, enough to compare by eye with a printed sheet. */
    public String shortSeal() {
        return signature.seal().substring(0, 16);
    }
}
