package org.eskarn.app.start;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import org.eskarn.app.running.Eskarn;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Somebody without the right to install anything starts Eskarn with a Java that is too old. */
class WrongJavaTest {

    private static final Path COMMAND = Path.of("..", "eskarn").toAbsolutePath();

    private static void program(Path folder, String name, String says) throws IOException {
        Path file = folder.resolve(name);
        Files.writeString(file, "#!/bin/sh\necho " + says + "\n");
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rwxr-xr-x"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"javac 11.0.20", "javac 1.8.0_302"})
    void itSaysWhatIsNeededInOneSentence(String version) throws Exception {
        Path old = Eskarn.newFolder();
        program(old, "javac", version);
        program(old, "id", "1000");
        ProcessBuilder serve = new ProcessBuilder(
                        "bash",
                        COMMAND.toString(),
                        "serve",
                        "--data",
                        Eskarn.newFolder().toString())
                .redirectErrorStream(true);
        serve.environment().merge("PATH", old.toString(), (path, first) -> first + ":" + path);
        Process process = serve.start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(said)
                .isEqualTo("eskarn: a JDK, 17 or newer is missing: install it first, on Debian with:"
                        + " apt-get install openjdk-17-jdk-headless\n");
        assertThat(process.waitFor()).isEqualTo(1);
    }
}
