package org.eskarn.app.calculator.fits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.eskarn.app.calculator.Sheets.answer;

import org.eskarn.app.calculator.Answer;
import org.eskarn.app.calculator.Sheets;
import org.eskarn.core.fit.Bearing;
import org.eskarn.core.fit.Choices;
import org.eskarn.core.fit.OilFilm;
import org.eskarn.core.units.Length;
import org.eskarn.core.units.LengthUnit;
import org.eskarn.core.verdict.Bounds;
import org.eskarn.core.verdict.Outcome;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Answers that somebody could scrap a part by, or pass a bad one. */
class TrueAnswersTest {

    /** Hole and shaft may both be out and the pair still have the clearance that is wanted: those are two findings. */
    @Test
    void aPairThatPassesDoesNotHideThatBothAreOutsideTheirClasses() {
        Answer both = answer("fits", "fit=32 H7/g6&holes=32.040&shafts=32.005");
        assertThat(both.outcome()).contains(Outcome.PASS);
        assertThat(both.warnings())
                .filteredOn(warning -> warning.contains("outside its own class by"))
                .hasSize(2);
        Answer good = answer("fits", "fit=32 H7/g6&holes=32.010&shafts=31.985");
        assertThat(good.warnings()).isEmpty();
        assertThat(good.figures())
                .filteredOn(line -> line.name().contains("own class"))
                .hasSize(2);
    }

    @Test
    void oneSizeAloneIsJudgedAndASizeInTheWrongFieldIsSaid() {
        Answer hole = answer("fits", "fit=32 H7/g6&holes=32.040");
        assertThat(hole.outcome()).isEmpty();
        assertThat(hole.warnings()).singleElement().asString().contains("hole is outside its own class by 15.0");
        assertThat(hole.remarks()).anyMatch(remark -> remark.contains("Enter shaft sizes too"));
        // A shaft of g6 typed as a hole of H7.
        assertThat(answer("fits", "fit=32 H7/g6&holes=31.980").warnings())
                .anyMatch(warning -> warning.contains("would suit the other part"));
        assertThat(answer("fits", "fit=45 k5&holes=45.004&shafts=45.006").warnings())
                .anyMatch(warning -> warning.contains("hole sizes were not used"));
    }

    /** What the calculator of fits calls free of doubt, that of pairs does not call too tight or too slack. */
    @ParameterizedTest
    @ValueSource(ints = {100, 300, 450, 900, 1500, 3000})
    void aFitWithoutDoubtKeepsTheOilFilm(int turns) {
        for (double size : new double[] {12, 32, 50, 80, 140}) {
            OilFilm film = OilFilm.of(size, turns);
            Bounds wanted = Bounds.between(film.least(), film.most());
            Choices.of(
                            Length.of(String.valueOf(size), LengthUnit.MILLIMETRE),
                            Choices.Use.RUNNING,
                            Choices.Load.NORMAL,
                            film)
                    .stream()
                    .filter(choice -> choice.doubt().isEmpty())
                    .forEach(choice -> {
                        assertThat(wanted.holds(choice.fit().least()))
                                .as(choice.code() + " least")
                                .isTrue();
                        assertThat(wanted.holds(choice.fit().most()))
                                .as(choice.code() + " most")
                                .isTrue();
                    });
        }
    }

    /** 32.020 − 32.000 is exactly 20 µm, whatever the computer makes of it. */
    @Test
    void aPairExactlyOnItsLimitIsWithinIt() {
        Answer least = answer("pair", "hole=32.020&shaft=32.000&least=20&most=60");
        assertThat(least.outcome()).contains(Outcome.PASS);
        assertThat(least.warnings()).isEmpty();
        Answer most = answer("pair", "hole=32.060&shaft=32.000&least=20&most=60");
        assertThat(most.outcome()).contains(Outcome.PASS);
        assertThat(most.warnings()).isEmpty();
        assertThat(answer("batch", "shafts=A 32.000&bores=B 32.020&least=20&most=60")
                        .headline())
                .startsWith("1 of 1");
    }

    @Test
    void anInterferenceThatSmoothingTakesIsWarnedOf() {
        assertThat(answer("pair", "hole=32.000&shaft=32.005&roughness=8").warnings())
                .anyMatch(warning -> warning.contains("smooths away the whole interference"));
        assertThat(answer("pair", "hole=32.000&shaft=32.030&roughness=8").warnings())
                .isEmpty();
    }

    @Test
    void aTransitionThatTurnsInServiceIsWarnedOf() {
        String pair = "size=50&least=-10&most=15&hole=STEEL&shaft=STEEL";
        assertThat(answer("in-service", pair + "&holeAt=20&shaftAt=60").warnings())
                .singleElement()
                .asString()
                .contains("becomes an interference fit");
        assertThat(answer("in-service", pair + "&holeAt=60&shaftAt=20").warnings())
                .singleElement()
                .asString()
                .contains("becomes a clearance fit");
        assertThat(answer("in-service", pair + "&holeAt=20&shaftAt=20").warnings())
                .isEmpty();
    }

    /** Part and gauge are each known to a kelvin: both count. */
    @Test
    void theTemperatureOfTheGaugeIsNotKnownBetterThanThatOfThePart() {
        String reading = "reading=100&partAt=20&gaugeAt=20&knownTo=1&part=STEEL&gauge=STEEL";
        assertThat(answer("at-20", reading).figures())
                .anyMatch(line -> line.figure().equals("1.6"));
    }

    /** Heated to what is said, the parts go together: headline and table are rounded to the side that suffices. */
    @ParameterizedTest
    @ValueSource(ints = {31, 47, 60, 77, 93, 111, 128})
    void whatIsSaidOfHeatSuffices(int interference) {
        Answer answer = answer("heating", "size=90&room=18&working=60&interference=" + interference);
        double needed = (interference + 60) / (90_000 * 11.5e-6);
        double headline = Double.parseDouble(answer.headline().replaceAll("\\D+", ""));
        double table =
                Double.parseDouble(answer.tables().get(0).rows().get(0).cells().get(0));
        assertThat(headline).isGreaterThanOrEqualTo(18 + needed - 1e-9).isLessThan(19 + needed);
        assertThat(table).isEqualTo(headline);
        double cooled = Double.parseDouble(
                answer.tables().get(0).rows().get(1).cells().get(0).replace('−', '-'));
        assertThat(cooled).isLessThanOrEqualTo(18 - needed + 1e-9).isGreaterThan(17 - needed);
    }

    @Test
    void aCeilingThatWasTypedIsNotCalledUsual() {
        String work = "size=90&room=18&working=60&interference=93";
        assertThat(answer("heating", work + "&ceiling=100").warnings())
                .anyMatch(warning -> warning.contains("above the limit entered, 100 °C"))
                .noneMatch(warning -> warning.contains("above the usual 100"));
        assertThat(answer("heating", work + "&outer=BEARING_STEEL").warnings())
                .anyMatch(warning -> warning.contains("above the usual 120 °C"));
        assertThat(answer("heating", work + "&outer=BEARING_STEEL").figures())
                .anyMatch(line ->
                        line.name().equals("Cooled with") && line.figure().contains("liquid nitrogen"));
    }

    /** Not proven, and the ring holds whatever: one of the two was not true. */
    @Test
    void aRingHoldsOnlyIfItHoldsWithTheUncertaintyToo() {
        String seat = "ring=INNER&size=45&seat=45.003&turning=TURNING&load=NORMAL";
        assertThat(answer("bearings", seat + "&u=0").remarks()).anyMatch(r -> r.contains("holds at any size"));
        Answer unsure = answer("bearings", seat + "&u=5");
        assertThat(unsure.remarks()).noneMatch(remark -> remark.contains("holds at any size"));
        assertThat(unsure.warnings()).anyMatch(warning -> warning.contains("may creep"));
    }

    @Test
    void aUsualSeatIsNotWarnedOfPreloadAndAChoiceThatDoesNotApplyIsNotAsked() {
        Answer usual = answer("bearings", "ring=INNER&size=45&seat=45.006&turning=TURNING&load=NORMAL");
        assertThat(usual.outcome()).contains(Outcome.PASS);
        assertThat(usual.warnings()).isEmpty();
        assertThat(usual.remarks()).anyMatch(remark -> remark.contains("Only with every tolerance at its worst"));
        assertThat(Sheets.of("bearings", "ring=OUTER&size=85&seat=85.004&clearance=GROUP_3")
                        .fields()
                        .all())
                .noneMatch(field -> field.name().equals("clearance"));
    }

    /** A shim is advised where it proves the gap, and none is called needless where nothing is proven. */
    @Test
    void aGapIsAsWantedOnlyWhereThatIsProven() {
        String cap = "depth=40.3&widths=24.0&spigot=16.2&least=50&most=150";
        assertThat(answer("end-gap", cap + "&u=0").remarks()).anyMatch(r -> r.contains("no shim needed"));
        Answer unsure = answer("end-gap", "depth=40.255&widths=24.0&spigot=16.2&least=50&most=150&u=10");
        assertThat(unsure.outcome()).contains(Outcome.NOT_PROVEN);
        assertThat(unsure.remarks()).noneMatch(remark -> remark.contains("no shim needed"));
        assertThat(unsure.figures()).anyMatch(line -> line.name().contains("shims under the cap"));
        Answer hopeless = answer("end-gap", cap + "&u=60");
        assertThat(hopeless.remarks()).noneMatch(remark -> remark.contains("no shim needed"));
        assertThat(hopeless.warnings()).anyMatch(warning -> warning.contains("uncertainty of the gap exceeds"));
        assertThat(answer("end-gap", "depth=40.1&widths=24.1&spigot=16.0").headline())
                .contains("0.0 µm")
                .doesNotContainIgnoringCase("crush");
    }

    /** Two sizes without a name are the smallest and the largest, not a name and a size. */
    @Test
    void aLineOfTwoSizesKeepsBoth() {
        Answer batch = answer("batch", "shafts=31.978 31.985&bores=B1 32.010&least=20&most=40");
        assertThat(batch.tables().get(0).rows().get(0).cells()).contains("+25.0", "+32.0");
        assertThat(answer("batch", "shafts=17 31.978&bores=B1 32.010&least=20&most=40")
                        .tables()
                        .get(0)
                        .rows()
                        .get(0)
                        .name())
                .contains("17");
    }

    /** The uncertainty that was decided with stands beside the rule: of a clearance, that of both sizes together. */
    @Test
    void theUncertaintyDecidedWithIsPrinted() {
        assertThat(answer("fits", "fit=32 H7/g6&holes=32.010&shafts=31.985&u=2").decided())
                .startsWith("stringent")
                .endsWith("U = 2.8 µm");
        assertThat(answer("fits", "fit=32 H7/g6&holes=32.010&shafts=31.985&u=0").decided())
                .isEqualTo("simple acceptance");
    }

    @ParameterizedTest
    @EnumSource
    void aClassIsNamedOnce(Bearing.Precision precision) {
        Answer seat = answer(
                "bearings", "ring=INNER&size=45&seat=45.006&turning=TURNING&load=NORMAL&precision=" + precision.name());
        assertThat(seat.headline() + seat.limits() + seat.remarks() + seat.figures() + seat.warnings())
                .doesNotContainPattern("(?i)class,? class");
    }
}
