package org.eskarn.app;

import com.tngtech.archunit.core.domain.*;
import com.tngtech.archunit.core.importer.*;
import java.util.*;
import org.junit.jupiter.api.Test;

class CirclesProbeTest {
    @Test
    void probe() throws Exception {
        JavaClasses all = new ClassFileImporter()
                .withImportOption(new ImportOption.DoNotIncludeTests())
                .importPackages("org.eskarn");
        Map<String, Set<String>> g = new TreeMap<>();
        for (JavaClass c : all) {
            String a = top(c);
            for (Dependency d : c.getDirectDependenciesFromSelf()) {
                String b = top(d.getTargetClass());
                if (b.startsWith("org.eskarn") && !b.equals(a))
                    g.computeIfAbsent(a, k -> new TreeSet<>()).add(b);
            }
        }
        StringBuilder s = new StringBuilder();
        g.forEach((a, bs) -> bs.forEach(b -> s.append(a).append(' ').append(b).append('\n')));
        java.nio.file.Files.writeString(java.nio.file.Path.of("/tmp/w/arch/deps.txt"), s.toString());
    }

    static String top(JavaClass c) {
        String n = c.getBaseComponentType().getName();
        int i = n.indexOf('$');
        return i < 0 ? n : n.substring(0, i);
    }
}
