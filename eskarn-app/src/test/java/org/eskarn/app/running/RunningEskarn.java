package org.eskarn.app.running;

import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ExtensionContext.Namespace;
import org.junit.jupiter.api.extension.ExtensionContext.StoreScope;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;

/**
 * Hands the shared {@link Eskarn} to tests that ask for it, closes the windows of each class behind it, and stops it after
 * the last of them.
 */
public final class RunningEskarn implements ParameterResolver, AfterAllCallback {

    private static final Namespace OURS = Namespace.create(RunningEskarn.class);

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext test) {
        return parameter.getParameter().getType() == Eskarn.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext test) {
        return test.getStore(StoreScope.LAUNCHER_SESSION, OURS)
                .getOrComputeIfAbsent(Eskarn.class, unused -> Eskarn.start(), Eskarn.class);
    }

    @Override
    public void afterAll(ExtensionContext tests) {
        Eskarn running = tests.getStore(StoreScope.LAUNCHER_SESSION, OURS).get(Eskarn.class, Eskarn.class);
        if (running != null) {
            running.closeWindows();
        }
    }
}
