package org.eskarn.app.calculator.fits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.eskarn.app.calculator.Sheets.answer;

import org.eskarn.app.calculator.Answer;
import org.eskarn.app.calculator.Sheet;
import org.eskarn.app.calculator.Sheets;
import org.eskarn.core.verdict.Outcome;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the calculators say to what was typed, in figures and in words. */
class AnswersTest {

    private static String all(Answer answer) {
        return answer.headline() + "|" + answer.warnings() + "|" + answer.figures() + "|" + answer.limits() + "|"
                + answer.tables() + "|" + answer.remarks() + "|" + answer.governs();
    }

    /** Every field that cannot be meant has its own sentence, and nothing is worked out. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "fits | fit=45 | fit | Enter a size and a fit",
                "fits | fit=45 h | fit | Enter a fit code",
                "fits | fit=45 k5&shafts=4.5 | shafts | Far from the nominal",
                "fits | fit=45 k5&u=-1 | u | uncertainty cannot be negative",
                "fits | unit=INCH&fit=1.5 k5 | fit | is in inches",
                "choosing | size=-3 | size | must be greater than zero",
                "choosing | size=30&turns=-5 | turns | Speed cannot be negative",
                "bearings | size=9000 | size | 9000 mm",
                "bearings | size=45&seat=46.1 | seat | Does not match 45 mm",
                "end-gap | depth=40 | widths | Enter the measured widths",
                "end-gap | depth=40&widths=20&least=50 | most | minimum and maximum gap",
                "end-gap | depth=40&widths=20&least=50&most=40 | most | must exceed the minimum",
                "pair | hole=32.01 | shaft | Enter the measured sizes",
                "pair | hole=10: 32.01; 32.02&shaft=32 | hole | with a colon",
                "pair | hole=10: x&shaft=32 | hole | is not a size",
                "pair | hole=32.01&shaft=3.2 | shaft | too far apart",
                "pair | hole=1: 32.01; 2: 32.01&shaft=7: 32; 8: 32 | shaft | do not overlap",
                "pair | hole=32.01&shaft=32&least=5 | most | minimum and maximum clearance",
                "pair | hole=45.01&shaft=45&fit=32 H7/g6 | fit | does not match these sizes",
                "heating | size=90&interference=50&ceiling=-900 | ceiling | from −200 to 1000 °C",
                "batch | shafts=S1 31.9&bores=B1 | bores | Enter one size for “B1”",
                "batch | shafts=S1 31.9&bores=B1 32 | least | Enter the required clearance",
                "batch | shafts=S1 31.9&bores=B1 32&least=5&most=8&u=9 | u | too large to prove any pair",
                "heating | size=90 | interference | Enter the maximum interference",
                "heating | size=90&interference=50&outerOwn=0 | outerOwn | from 0.1 to 200",
                "heating | size=90&interference=50&room=4000 | room | from −200 to 1000 °C",
                "at-20 | reading=30&partAt=5000&gaugeAt=20 | partAt | from −200 to 1000 °C",
                "at-20 | reading=30&partAt=31 | gaugeAt | Enter the temperature of the gauge",
                "at-20 | reading=30&gaugeAt=31 | partAt | Enter the temperature of the part",
                "in-service | size=30&least=20&holeAt=60 | shaftAt | Enter the temperature of the shaft",
                "in-service | size=30&least=20&shaftAt=60 | holeAt | Enter the temperature of the hole",
                "in-service | size=30&holeAt=20&shaftAt=30 | least | Enter the clearance at 20 °C",
                "in-service | size=30&least=20&most=10&holeAt=20&shaftAt=30 | most | must not be less than the minimum"
            })
    void whatCannotBeMeantIsSaidAtItsField(String sheet, String query, String field, String sentence) {
        Sheet found = Sheets.of(sheet, query);
        assertThat(found.answer()).isEmpty();
        assertThat(found.problems()).containsOnlyKeys(field);
        assertThat(found.problems().get(field)).contains(sentence);
    }

    @Test
    void holeShaftAndClearanceStandTogether() {
        Answer inch = answer("fits", "unit=INCH&fit=1.5+RC4");
        assertThat(inch.limits().get(0).rows()).hasSize(3);
        assertThat(all(inch)).contains("+10.0", "+36.0", "1.50160", "not the clearance");
        assertThat(answer("fits", "unit=INCH&fit=2+FN2").headline()).endsWith("interference of 8.0 to 27.0 tenths");
        assertThat(answer("fits", "fit=32+H7/k6").headline())
                .endsWith("from 18.0 µm of interference to 23.0 µm of clearance");
        assertThat(all(answer("fits", "fit=45+g2"))).contains("gives no limits for g2");
    }

    @Test
    void measuredSizesAreJudgedAgainstWhatTheyShouldBe() {
        assertThat(answer("fits", "fit=45+k5&shafts=45.004+45.012").outcome()).contains(Outcome.PASS);
        assertThat(answer("fits", "fit=45+k5&shafts=45.004+45.012&u=2").outcome())
                .contains(Outcome.NOT_PROVEN);
        assertThat(answer("fits", "fit=45+k5&shafts=45.004+45.018&u=2").outcome())
                .contains(Outcome.FAIL);
        assertThat(answer("fits", "fit=32+H7%2Fg6&holes=32.004&shafts=31.999").outcome())
                .contains(Outcome.FAIL);
    }

    /** Sizes are read in the unit their field shows, whatever the code is in. */
    @Test
    void sizesOfAnInchFitAreReadInTheUnitShown() {
        String inches = "unit=INCH&fit=1.5+RC4&holes=1.5006&shafts=1.4985&u=";
        String millimetres = "fit=1.5+RC4&holes=38.11524&shafts=1.4985+in&u=";
        assertThat(all(answer("fits", millimetres + "2.54"))).isEqualTo(all(answer("fits", inches + "1")));
        assertThat(answer("fits", inches + "1").outcome()).contains(Outcome.PASS);
        assertThat(answer("fits", inches + "30").outcome()).contains(Outcome.NOT_PROVEN);
        assertThat(Sheets.of("fits", "fit=1.5+RC4&holes=1.5006").problems()).containsOnlyKeys("holes");
    }

    /** Without uncertainty typed nothing is guarded; with it both sizes count. */
    @Test
    void aPairIsTooTightForItsFilmOrTooSlack() {
        Answer tight = answer("pair", "hole=40.01&shaft=40.005&turns=600");
        assertThat(tight.outcome()).contains(Outcome.FAIL);
        assertThat(tight.warnings().toString()).contains(": no clearance for the oil film");
        Answer slack = answer("pair", "hole=40.2&shaft=40.005&turns=600");
        assertThat(slack.warnings().toString()).contains("the film does not carry");
        Answer turned = answer("pair", "hole=0:+32.02;40:+32.04&shaft=0:+32.02;40:+32&least=10&most=30");
        assertThat(turned.outcome()).contains(Outcome.FAIL);
        assertThat(turned.remarks().toString())
                .contains(
                        "With the shaft reversed end for end it would meet the requirement, if the drawing allows that");
        Answer pressed = answer("pair", "hole=40.01&shaft=40.05&roughness=10");
        assertThat(all(pressed)).contains("interference all along", "−32.0");
    }

    @Test
    void ringsCreepHoldOrSlide() {
        String journal = "ring=INNER&size=45&turning=TURNING&load=NORMAL&seat=";
        assertThat(answer("bearings", journal + "44.98").warnings().toString()).contains("will creep");
        assertThat(answer("bearings", journal + "44.995").warnings().toString()).contains("may creep");
        assertThat(answer("bearings", journal + "45.002&roughness=5").warnings().toString())
                .contains("no interference remains");
        assertThat(answer("bearings", journal + "45.005").remarks().toString()).contains("The ring holds");
        Answer housing = answer("bearings", "ring=OUTER&size=85&turning=STANDING&load=NORMAL&seat=85.01+85.02");
        assertThat(housing.headline()).isEqualTo("Clearance of 10.0 to 35.0 µm");
        assertThat(housing.outcome()).contains(Outcome.PASS);
        assertThat(housing.governs()).contains("maker’s data and the drawing take precedence");
        assertThat(all(housing)).doesNotContain("internal clearance left");
    }

    @Test
    void aGapIsFilledFromTheDrawerAndACrushIsWarnedOf() {
        Answer crush =
                answer("end-gap", "depth=40.32&widths=19.04+5.02&spigot=16.38&least=50&most=150&shims=0.05+0.08+0.15");
        assertThat(crush.headline()).isEqualTo("Crush of 120.0 µm");
        assertThat(crush.warnings()).hasSize(2);
        assertThat(all(crush)).contains("0.1500 + 0.0800 = 0.2300");
        Answer wide = answer("end-gap", "depth=41&widths=19.04+5.02&spigot=16.38&least=50&most=150");
        assertThat(all(wide))
                .contains(
                        "The gap is too wide: fit a spacer between cap and ring, or face the cap joint by the difference");
        assertThat(answer("end-gap", "depth=40.54&widths=19.04+5.02&spigot=16.38&least=50&most=150&u=60")
                        .warnings()
                        .toString())
                .contains(
                        "The uncertainty of the gap exceeds the range: measure each part more precisely, or measure the gap itself with soft wire or by pushing and pulling");
    }

    /** The caution fits the way: hot, cold, both, or pressed. */
    @Test
    void heatAndColdHaveTheirOwnCautions() {
        assertThat(answer("heating", "size=90&interference=60&working=30")
                        .cautions()
                        .toString())
                .contains("tongs")
                .doesNotContain("displace");
        assertThat(answer("heating", "size=40&interference=40&working=20&outer=BEARING_STEEL&inner=STEEL")
                        .cautions()
                        .toString())
                .contains("displace")
                .doesNotContain("tongs");
        Answer press = answer("heating", "size=40&interference=300&outer=BEARING_STEEL&inner=BEARING_STEEL");
        assertThat(press.cautions().toString()).contains("Pressing");
        assertThat(answer("heating", "size=40&interference=-60&working=20").headline())
                .contains("They assemble without heat");
        Answer oven = answer("heating", "size=90&interference=93&working=60&room=18&oven=400");
        assertThat(oven.warnings().toString()).contains("above the temperature limit of 300 °C");
        Answer raised = answer("heating", "size=40&interference=40&working=20&outer=BEARING_STEEL&ceiling=200");
        assertThat(raised.headline()).startsWith("Heat the outer part to 145 °C");
        assertThat(raised.warnings().toString()).contains("above the usual 120 °C for this material");
        Answer cold = answer("heating", "size=40&interference=40&working=20&outer=BEARING_STEEL&oven=100");
        assertThat(all(cold)).contains("with the oven at 100 °C, inner part at 20 °C");
    }

    @Test
    void warmthTakesAClearanceAway() {
        assertThat(answer("in-service", "size=30&least=20&hole=STEEL&holeAt=20&shaft=ALUMINIUM&shaftAt=60")
                        .warnings()
                        .toString())
                .contains("seizes");
        assertThat(answer("in-service", "size=30&least=-20&hole=ALUMINIUM&holeAt=80&shaft=STEEL&shaftAt=80")
                        .warnings()
                        .toString())
                .contains("comes loose");
        assertThat(answer("at-20", "reading=30&part=STEEL&partAt=60&gauge=STEEL&gaugeAt=20")
                        .headline())
                .contains("29.9862");
    }

    /** The usual load belongs to the ring; another is chosen openly. */
    @Test
    void theLoadUsuallyStandsStillOnAnOuterRing() {
        assertThat(all(answer("bearings", "ring=OUTER&size=85")))
                .contains("A ring with a stationary load may slide on its seat; that lets the shaft grow when warm");
        assertThat(all(answer("bearings", "ring=INNER&size=45")))
                .contains("A loose ring under a rotating load creeps on its seat, polishes it and chatters");
        assertThat(all(answer("bearings", "ring=OUTER&size=85&turning=TURNING")))
                .contains("A loose ring under a rotating load creeps on its seat, polishes it and chatters");
    }
}
