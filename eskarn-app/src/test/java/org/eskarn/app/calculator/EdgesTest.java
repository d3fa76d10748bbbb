package org.eskarn.app.calculator;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Exactly at an edge, and a hair beyond it: what is on its limit is within it, in either unit system. */
class EdgesTest {

    private static String all(Answer answer) {
        return answer.outcome().map(Enum::name).orElse("") + "|" + answer.headline() + "|" + answer.warnings() + "|"
                + answer.remarks() + "|" + answer.figures() + "|" + answer.tables();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "fits | fit=32 H7/g6&holes=32.025&shafts=31.975 | PASS",
                "fits | fit=32 H7/g6&holes=32.0251&shafts=31.975 | FAIL",
                "fits | unit=INCH&fit=1.5 RC4&holes=1.5016&shafts=1.4980 | PASS",
                "fits | unit=INCH&fit=1.5 RC4&holes=1.50161&shafts=1.4980 | FAIL",
                "fits | unit=INCH&fit=32 mm H7/g6&holes=32.025 mm&shafts=31.975 mm | PASS",
                "bearings | ring=INNER&size=45&seat=45.013&turning=TURNING&load=NORMAL | PASS",
                "bearings | ring=INNER&size=45&seat=45.0131&turning=TURNING&load=NORMAL | FAIL",
                "end-gap | depth=40.3&widths=24.05&spigot=16.2&least=50&most=150 | PASS",
                "end-gap | depth=40.3&widths=24.0501&spigot=16.2&least=50&most=150 | FAIL",
                "end-gap | depth=40.3&widths=24.1&spigot=16.2 | End gap of 0.0",
                "pair | hole=32.025&shaft=31.975&least=0&most=50 | PASS",
                "pair | hole=32.0251&shaft=31.975&least=0&most=50 | FAIL",
                "batch | shafts=S1 31.975&bores=B1 32.025&least=0&most=50 | 1 of 1",
                "batch | shafts=S1 31.975&bores=B1 32.0251&least=0&most=50 | 0 of 1",
                "heating | size=100&interference=92&working=0&room=20&ceiling=100 | Heat the outer part to 100 °C",
                "heating | size=100&interference=92.01&working=0&room=20&ceiling=100 | Cool the inner part",
                "at-20 | reading=85.018&partAt=20&gaugeAt=20&room=20 | At 20 °C it measures 85.0180 mm",
                "in-service | size=100&least=11.5&hole=STEEL&holeAt=20&shaft=STEEL&shaftAt=30 | In service 0.0 µm|[]",
                "in-service | size=100&least=11.4&hole=STEEL&holeAt=20&shaft=STEEL&shaftAt=30 | seizes",
                "truing | movements=60 30&limit=30 | Within the limit",
                "truing | movements=60 30.1&limit=30 | It helps",
                "dial | pointer=100&perTurn=100&turns=0&graduation=10 | Plunger travel 1000 µm",
                "touching | finder=10&pin=0 | Centre of the finder to the edge: 5.0000 mm",
                "reversal | how=PART_TURNED&first=7&second=1&again=8&allowed=1 | of the part +3.0 µm, of the fixture +4.0 µm|[]",
                "reversal | how=PART_TURNED&first=7&second=1&again=8.01&allowed=1 | Something moved",
                "grid | heights=1 1 1;2 2 2&readIn=MICROMETRE | Minimum zone 0.0 µm",
                "runout | first=8&readings=0 1 2 3 4 3 2 1 0&upper=0.005361&graduation=1 | PASS",
                "runout | first=8&readings=0 1 2 3 4 3 2 1 0&upper=0.005358&graduation=1 | NOT_PROVEN"
            })
    void whatLiesOnItsLimitIsWithinIt(String path, String query, String expected) {
        String typed = path.equals("grid") ? query.replace(';', '\n') : query;
        String said = all(Sheets.answer(path, typed));
        for (String part : expected.split("\\|")) {
            assertThat(said).as(query).contains(part);
        }
    }
}
