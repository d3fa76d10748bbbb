package org.eskarn.app.running;

import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ExtensionContext.Namespace;
import org.junit.jupiter.api.extension.ExtensionContext.StoreScope;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;

/** Hands the shared {@link Eskarn} to tests that ask for it, and stops it after the last of them. */
public final class RunningEskarn implements ParameterResolver {

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext test) {
        return parameter.getParameter().getType() == Eskarn.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext test) {
        return test.getStore(StoreScope.LAUNCHER_SESSION, Namespace.create(RunningEskarn.class))
                .getOrComputeIfAbsent(Eskarn.class, unused -> Eskarn.start(), Eskarn.class);
    }
}
