package org.eskarn.app.certificate;

import org.eskarn.app.docket.DocketConflict;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.docket.DocketService.Opening;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.part.PartService;
import org.eskarn.app.running.Eskarn;
import org.eskarn.app.running.Work;
import org.eskarn.core.requirement.LimitUnit;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationContext;

/** A dividing table with its certificate, as tests need it. */
public final class Certificates {

    public static final String MARA = "m.quill";
    public static final String RUNOUT = "0 1 3 5 7 8.5 9.5 9 7.5 5 3 1 0";

    private Certificates() {}

    /** An incoming docket, and in it the requirement with that position. */
    public static Work incoming(ApplicationContext beans, int position) {
        long part = beans.getBean(PartService.class)
                .byNumber("TG-171", "A")
                .orElseThrow()
                .id();
        Work work = new Work(beans, 0, position);
        int number = beans.getBean(DocketService.class)
                .open(new Opening(part, "W-C", 1, 1, "incoming", "tests", Eskarn.later()), work.id(MARA));
        return new Work(beans, number, position);
    }

    public static CertificateForm head(String maker, String model, @Nullable String dated) {
        return new CertificateForm(
                maker,
                model,
                "S-1",
                "44",
                dated,
                "R. Olm",
                "",
                "68 F",
                "dial indicator",
                "2",
                LengthUnit.MICROMETRE,
                "");
    }

    public static ClaimForm claim(String what, String allowed, String claimed, int measured) {
        return new ClaimForm(
                what, "at R 90", "", "one turn", LimitUnit.MICROMETRE, allowed, claimed, "", measured, null, "");
    }

    /** A certificate of a maker of its own, with one claim that the requirement of the docket measures. */
    public static void write(Work work, String claimed) throws FormRefused, DocketConflict {
        CertificateService certificates = work.bean(CertificateService.class);
        certificates.write(work.number(), 0, head("Maker " + work.number(), "M", "2026-01-14"), work.id(MARA));
        certificates.writeRow(work.number(), 0, 0, claim("Runout of face", "15", claimed, work.position()));
    }

    static Judged judged(Work work) {
        return Judged.of(work.bean(CertificateService.class).of(work.docket()).orElseThrow(), work.docket());
    }
}
