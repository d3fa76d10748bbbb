package org.eskarn.app.trust;

import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.eskarn.app.account.Account;
import org.eskarn.app.docket.Docket;
import org.eskarn.app.docket.DocketService;
import org.eskarn.app.gauge.GaugeChangeService;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.Typed;
import org.eskarn.app.page.Words;
import org.eskarn.app.signin.OwnPassword;
import org.eskarn.app.signin.PasswordRefused;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts an inspected gauge into service, or keeps it out, with a signature. */
@Service
public class QualificationService {

    private final QualificationMapper mapper;
    private final DocketService dockets;
    private final GaugeChangeService keeping;
    private final OwnPassword ownPassword;
    private final Clock clock;

    QualificationService(
            QualificationMapper mapper,
            DocketService dockets,
            GaugeChangeService keeping,
            OwnPassword ownPassword,
            Clock clock) {
        this.mapper = mapper;
        this.dockets = dockets;
        this.keeping = keeping;
        this.ownPassword = ownPassword;
        this.clock = clock;
    }

    /** The inspections of a gauge, the newest first. */
    @Transactional(readOnly = true)
    public List<GaugeInspection> inspections(long gaugeId) {
        return dockets.byIds(mapper.docketsOf(gaugeId)).stream()
                .sorted(java.util.Comparator.comparingInt((Docket docket) -> -docket.number()))
                .map(GaugeInspection::of)
                .toList();
    }

    @Transactional(readOnly = true)
    public List<QualificationRow> decisions(long gaugeId) {
        return mapper.of(gaugeId);
    }

    /** What stands in the fields. */
    public record DecisionForm(
            boolean fit,
            @Nullable String corrections,
            @Nullable String limits,
            @Nullable String password) {}

    /**
     * Decides on a gauge by its newest inspection, which has to be signed.
     *
     * @throws FormRefused if the inspection is not signed, the password is not the signer's, somebody was quicker, or a
     *     field is too long
     */
    @Transactional(rollbackFor = FormRefused.class)
    public void decide(long gaugeId, int version, DecisionForm form, Account signer) throws FormRefused {
        Typed typed = new Typed(new LinkedHashMap<>());
        String corrections = typed.atMost("corrections", Typed.text(form.corrections()), 400);
        String limits = typed.atMost("limits", Typed.text(form.limits()), 300);
        List<GaugeInspection> inspections = inspections(gaugeId);
        if (inspections.isEmpty() || !inspections.get(0).docket().signed()) {
            typed.problem("decision", Words.say("trust.its-inspection-is-not-signed-yet-sign"));
        }
        try {
            ownPassword.confirm(signer, form.password() == null ? "" : form.password());
        } catch (PasswordRefused e) {
            typed.problem("password", String.valueOf(e.getMessage()));
        }
        if (!typed.problems().isEmpty()) {
            throw new FormRefused(typed.problems());
        }
        Docket docket = inspections.get(0).docket();
        try {
            keeping.decide(
                    gaugeId,
                    version,
                    form.fit(),
                    limits,
                    Words.say("trust.inspection-docket", docket.number()),
                    signer.id());
        } catch (FormRefused e) {
            throw new FormRefused(Map.of("decision", String.valueOf(e.getMessage())));
        }
        mapper.insert(
                gaugeId, docket.id(), form.fit(), corrections, limits, signer.name(), signer.id(), clock.instant());
    }
}
