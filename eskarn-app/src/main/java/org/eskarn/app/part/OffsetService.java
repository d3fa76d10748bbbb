package org.eskarn.app.part;

import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import org.eskarn.app.actions.ActionAbout;
import org.eskarn.app.actions.ActionLog;
import org.eskarn.app.page.FormRefused;
import org.eskarn.app.page.Typed;
import org.eskarn.app.page.Words;
import org.eskarn.core.remedy.Available;
import org.eskarn.core.units.LengthUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The drawer of a part: the offsets that exist for it. It may change while dockets stand on the part. */
@Service
public class OffsetService {

    private static final int LONGEST_NAME = 40;
    private static final int MOST = 60;
    /** µm; 10 mm. A larger offset is a slip of the unit. */
    private static final double LARGEST = 10_000;

    private final PartMapper mapper;
    private final ActionLog actions;

    OffsetService(PartMapper mapper, ActionLog actions) {
        this.mapper = mapper;
        this.actions = actions;
    }

    /** What stands in the fields of a new offset. */
    public record OffsetForm(
            Available.Kind kind,
            @Nullable String name,
            @Nullable String amount,
            LengthUnit offsetUnit) {}

    /** By amount, the smallest first. */
    @Transactional(readOnly = true)
    public List<PartOffset> of(long partId) {
        return mapper.offsets(partId).stream()
                .sorted(java.util.Comparator.comparing(
                        offset -> offset.available().amount().exactMicrometres()))
                .toList();
    }

    @Transactional(readOnly = true)
    public List<Available> drawer(long partId) {
        return of(partId).stream().map(PartOffset::available).toList();
    }

    /**
     * @throws FormRefused if a field cannot be read, the name stands there already, or the drawer is full
     */
    @Transactional(rollbackFor = FormRefused.class)
    public void add(long partId, OffsetForm form) throws FormRefused {
        Typed typed = new Typed(new LinkedHashMap<>());
        String name = typed.required(
                "offsetName", form.name(), LONGEST_NAME, Words.say("part.what-it-is-called-for-example-d25"));
        BigDecimal amount = typed.above("offsetAmount", form.amount(), Words.say("part.an-offset"));
        if (amount == null) {
            typed.problem("offsetAmount", Words.say("part.type-how-far-it-moves-the-centre"));
        } else if (amount.multiply(form.offsetUnit().micrometres()).doubleValue() > LARGEST) {
            typed.problem("offsetAmount", Words.say("part.that-is-more-than-10-mm-check"));
        }
        List<PartOffset> there = mapper.offsets(partId);
        if (there.stream()
                .anyMatch(each -> each.kind() == form.kind() && each.name().equals(name))) {
            typed.problem(
                    "offsetName",
                    Words.say("part.there-is-a-already", form.kind().title(), name));
        }
        if (there.size() >= MOST) {
            typed.problem("offsetName", Words.say("part.the-drawer-holds-60-at-most"));
        }
        if (!typed.problems().isEmpty() || amount == null) {
            throw new FormRefused(typed.problems());
        }
        mapper.insertOffset(new PartOffset(0, partId, form.kind(), name, amount, form.offsetUnit()));
        actions.tell(
                ActionAbout.PART,
                Words.say("part.action-offset-added", form.kind().title(), name, amount.toPlainString()));
    }

    @Transactional
    public void remove(long partId, long offsetId) {
        mapper.offsets(partId).stream()
                .filter(each -> each.id() == offsetId)
                .forEach(each -> actions.tell(
                        ActionAbout.PART,
                        Words.say("part.action-offset-removed", each.kind().title(), each.name())));
        mapper.deleteOffset(partId, offsetId);
    }
}
