package org.eskarn.app.trust;

import java.util.Set;
import org.eskarn.app.docket.Docket;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Keeps which gauges signed verdicts rest on, so that tracing a gauge back need not read every docket again. */
@Service
public class SignedUses {

    private static final Logger LOG = LoggerFactory.getLogger(SignedUses.class);

    private final TraceMapper mapper;
    private final TransactionTemplate transaction;

    SignedUses(TraceMapper mapper, PlatformTransactionManager transactions) {
        this.mapper = mapper;
        this.transaction = new TransactionTemplate(transactions);
    }

    /** Keeps those of a docket that is signed; what is kept already and no longer so is put right. */
    public void keep(Docket docket) {
        Set<SignedUse> now = Set.copyOf(SignedUse.of(docket));
        if (!mapper.traced(docket.id()) || !now.equals(Set.copyOf(mapper.uses(docket.id())))) {
            transaction.executeWithoutResult(unused -> replace(docket, now));
        }
    }

    private void replace(Docket docket, Set<SignedUse> now) {
        // Whoever checks the same docket in the same moment waits here.
        boolean before = mapper.lockTraced(docket.id());
        Set<SignedUse> kept = Set.copyOf(mapper.uses(docket.id()));
        if (!now.equals(kept)) {
            if (before) {
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
