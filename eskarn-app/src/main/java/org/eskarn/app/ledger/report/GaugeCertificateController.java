package org.eskarn.app.ledger.report;

import java.io.IOException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.eskarn.app.gauge.Calibration;
import org.eskarn.app.gauge.Gauge;
import org.eskarn.app.gauge.GaugeService;
import org.eskarn.app.gauge.GaugeService.Whole;
import org.eskarn.app.ledger.LedgerReading;
import org.eskarn.app.ledger.Sheet;
import org.eskarn.app.ledger.SignedPieces;
import org.eskarn.app.ledger.export.PdfPages;
import org.eskarn.app.page.Display;
import org.eskarn.app.page.NotFound;
import org.eskarn.app.picture.CalibrationDrawing;
import org.eskarn.core.gauge.CalibrationCurve;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** A gauge with its last calibration and the curve of its errors, for paper. */
@Controller
class GaugeCertificateController {

    private final GaugeService gauges;
    private final SignedPieces signed;
    private final LedgerReading ledger;
    private final PdfPages pages;
    private final Clock clock;

    GaugeCertificateController(
            GaugeService gauges, SignedPieces signed, LedgerReading ledger, PdfPages pages, Clock clock) {
        this.gauges = gauges;
        this.signed = signed;
        this.ledger = ledger;
        this.pages = pages;
        this.clock = clock;
    }

    /** A point of the curve, as it is said. */
    record PointLine(String place, String error) {}

    @GetMapping("/gauges/{id:[0-9]+}/certificate.pdf")
    ResponseEntity<byte[]> certificate(@PathVariable long id) throws IOException {
        Whole whole = gauges.whole(id).orElseThrow(NotFound::new);
        Gauge gauge = whole.gauge();
        Optional<Sheet> inspection =
                signed.inspectionOf(id).flatMap(ledger::sheet).flatMap(LedgerReading.Seen::sheet);
        String address = ServletUriComponentsBuilder.fromCurrentContextPath()
                .path(inspection
                        .map(sheet -> "/ledger/" + sheet.document().docket().number())
                        .orElse("/gauges/" + id))
                .toUriString();
        Map<String, Object> shown = new HashMap<>();
        shown.put("gauge", gauge);
        LocalDate today = LocalDate.now(clock);
        shown.put("overdue", gauge.nextDue().isBefore(today));
        shown.put("calibrations", whole.calibrations());
        shown.put("points", List.of());
        inspection.ifPresent(sheet -> shown.put("inspection", sheet));
        CalibrationCurve curve = gauges.curves(List.of(id)).get(id);
        if (curve != null && !whole.calibrations().isEmpty()) {
            Calibration last = whole.calibrations().get(0);
            Display places = new Display(unit(last.placeUnit(), gauge.travelUnit()));
            Display errors = new Display(unit(last.pointUnit(), gauge.errorUnit()));
            shown.put(
                    "drawing",
                    CalibrationDrawing.of(curve, gauge.dial().errorLimit().micrometres(), places, errors));
            shown.put("placesIn", places.symbol());
            shown.put("errorsIn", errors.symbol());
            shown.put("knownTo", curve.expanded() > 0 ? errors.amount(curve.expanded()) : "");
            shown.put(
                    "points",
                    curve.points().stream()
                            .map(point -> new PointLine(
                                    Display.plain(places.of(point.indication()), 4), errors.signed(point.error())))
                            .toList());
        }
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"gauge-" + id + ".pdf\"")
                .body(pages.of("report/gauge", address, shown));
    }

    private static LengthUnit unit(@Nullable LengthUnit written, LengthUnit usual) {
        return written == null ? usual : written;
    }
}
