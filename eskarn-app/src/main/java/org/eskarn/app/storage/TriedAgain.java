package org.eskarn.app.storage;

import org.aopalliance.intercept.MethodInterceptor;
import org.aopalliance.intercept.MethodInvocation;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.aop.ProxyMethodInvocation;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Tries a transaction again that the database undid because it waited for another and that one for it. Nothing of it was kept, so whoever asked
 * need not be told: the next try finds what the other one wrote, and refuses in words what no longer fits.
 */
final class TriedAgain implements MethodInterceptor {

    private static final Logger LOG = LoggerFactory.getLogger(TriedAgain.class);
    private static final int TRIES = 5;

    @Override
    public @Nullable Object invoke(MethodInvocation invocation) throws Throwable {
        // Within another's transaction all of that was undone: it is tried again where it began.
        if (TransactionSynchronizationManager.isActualTransactionActive()) {
            return invocation.proceed();
        }
        for (int left = TRIES - 1; left > 0; left--) {
            try {
                return ((ProxyMethodInvocation) invocation).invocableClone().proceed();
            } catch (PessimisticLockingFailureException undone) {
                LOG.info("Tried again: {}", undone.getMostSpecificCause().getMessage());
            }
        }
        return invocation.proceed();
    }
}
