package org.eskarn.app.trust;

import java.util.HashSet;
import java.util.List;
import org.eskarn.app.docket.Docket;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps which gauges signed verdicts rest on, so that tracing a gauge back need not read every docket again. */
@Service
public class SignedUses {

    private static final Logger LOG = LoggerFactory.getLogger(SignedUses.class);

    private final TraceMapper mapper;

    SignedUses(TraceMapper mapper) {
        this.mapper = mapper;
    }

    /** Keeps those of a docket that is signed; what is kept already and no longer so is put right. */
    @Transactional
    public void keep(Docket docket) {
        List<SignedUse> now = SignedUse.of(docket);
        List<SignedUse> kept = mapper.uses(docket.id());
        if (!new HashSet<>(kept).equals(new HashSet<>(now))) {
            if (!kept.isEmpty()) {
                LOG.warn(
                        "The index of gauges was not as the record of docket {} has it, and was put right",
                        docket.number());
            }
            mapper.deleteUses(docket.id());
            now.forEach(mapper::insertUse);
        }
        mapper.setTraced(docket.id());
    }
}
