package org.eskarn.app.docket;

import java.util.List;
import org.eskarn.app.page.WorkDone;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The newest work with a part or a gauge, as many lines as one looks through. */
@Service
public class WorkDoneReader implements WorkDone {

    private static final int MOST = 12;

    private final DocketMapper mapper;

    WorkDoneReader(DocketMapper mapper) {
        this.mapper = mapper;
    }

    @Override
    @Transactional(readOnly = true)
    public List<Line> ofPart(long partId) {
        return mapper.ofPart(partId, MOST).stream()
                .map(row -> new Line(
                        row.number(),
                        null,
                        row.purpose(),
                        row.serial(),
                        row.openedAt(),
                        row.openedByName(),
                        row.signed()))
                .toList();
    }

    @Override
    @Transactional(readOnly = true)
    public List<Line> withGauge(long gaugeId) {
        return mapper.withGauge(gaugeId, MOST);
    }
}
