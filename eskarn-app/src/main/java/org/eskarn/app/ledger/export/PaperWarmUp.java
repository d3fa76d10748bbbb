package org.eskarn.app.ledger.export;

import java.io.IOException;
import java.util.List;
import org.eskarn.app.ledger.LedgerReading;
import org.eskarn.app.ledger.LedgerReading.Seen;
import org.eskarn.app.ledger.SinceSigning;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.autoconfigure.condition.ConditionalOnWebApplication;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Soon after a start the newest sheets are made once and thrown away: fonts and drawings are read then, and whoever prints first does not wait
 * three times as long as all others.
 */
@Component
@ConditionalOnWebApplication
class PaperWarmUp {

    private static final Logger LOG = LoggerFactory.getLogger(PaperWarmUp.class);
    private static final int SHEETS = 4;

    private final LedgerReading ledger;
    private final SinceSigning since;
    private final SheetPdf sheets;

    PaperWarmUp(LedgerReading ledger, SinceSigning since, SheetPdf sheets) {
        this.ledger = ledger;
        this.since = since;
        this.sheets = sheets;
    }

    @Scheduled(initialDelayString = "${eskarn.paper.first:PT5S}")
    void makeSome() {
        List<Integer> newest = ledger.page(0).entries().stream()
                .flatMap(entry -> entry.shown().stream())
                .map(shown -> shown.document().docket().number())
                .limit(SHEETS)
                .toList();
        for (int docket : newest) {
            make(docket);
        }
    }

    private void make(int docket) {
        ledger.sheet(docket).flatMap(Seen::sheet).ifPresent(sheet -> {
            try {
                sheets.of(sheet, ledger.envelope(docket).orElse("{}"), since.of(docket), "/ledger/" + docket);
            } catch (IOException e) {
                LOG.warn("The sheet of docket {} could not be made after the start", docket, e);
            }
        });
    }
}
