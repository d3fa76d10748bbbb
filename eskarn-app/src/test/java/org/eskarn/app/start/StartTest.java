package org.eskarn.app.start;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.eskarn.app.running.Eskarn;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;

/** Each start that cannot succeed ends with one sentence and an exit code; each in a process of its own, as it happens. */
class StartTest {

    private static final int CANNOT_START = 2;

    private record End(int code, List<String> said) {}

    private static End serve(String... options) throws IOException, InterruptedException {
        Path said = Files.createTempFile("eskarn", ".txt");
        List<String> arguments = new ArrayList<>(List.of("serve"));
        arguments.addAll(List.of(options));
        Process process = Eskarn.process(arguments.toArray(String[]::new))
                .redirectOutput(said.toFile())
                .start();
        if (!process.waitFor(2, TimeUnit.MINUTES)) {
            process.destroyForcibly();
            throw new IllegalStateException("it did start: " + Files.readString(said));
        }
        return new End(process.exitValue(), Files.readAllLines(said));
    }

    private static void saysOnly(String sentence, String... options) throws Exception {
        End end = serve(options);
        assertThat(end.said()).as("all that was said").hasSize(1);
        assertThat(end.said().get(0)).startsWith("eskarn: ").contains(sentence);
        assertThat(end.code()).isEqualTo(CANNOT_START);
    }

    @Test
    void whatIsTypedWrongIsSaid() throws Exception {
        saysOnly("--port needs a value", "--port");
        saysOnly("A port is a number up to 65535, not “70000”", "--port", "70000");
        saysOnly("“--listn” is no option", "--listn", "0.0.0.0");
        saysOnly("A proxy is named by its address", "--proxy", "proxy.example");
        saysOnly("There is no key store", "--https", "/no/such.p12");
    }

    @Test
    void aFolderThatCannotBeWrittenIsSaid() throws Exception {
        Path file = Files.createTempFile("eskarn", ".file");
        saysOnly("cannot be written", "--data", file.resolve("works").toString());
    }

    @Test
    void aDamagedOrCutFileIsSaid() throws Exception {
        Path cut = Eskarn.demoFolder();
        try (RandomAccessFile file =
                new RandomAccessFile(cut.resolve("eskarn.mv.db").toFile(), "rw")) {
            file.setLength(100_000);
        }
        saysOnly("the file is damaged or not complete", "--data", cut.toString(), "--demo", "--port", "0");
        Path damaged = Eskarn.demoFolder();
        try (RandomAccessFile file =
                new RandomAccessFile(damaged.resolve("eskarn.mv.db").toFile(), "rw")) {
            file.write(new byte[200_000]);
        }
        saysOnly("the file is damaged or not complete", "--data", damaged.toString(), "--demo", "--port", "0");
    }

    @Test
    void aSecondOneOnTheSameRecordsIsSaidAndTheFirstGoesOn() throws Exception {
        Path folder = Eskarn.newFolder();
        try (ConfigurableApplicationContext first = Eskarn.serve(folder, false)) {
            saysOnly("Another Eskarn is using the records", "--data", folder.toString(), "--port", "0");
            assertThat(first.isRunning()).isTrue();
        }
    }

    @Test
    void aPortInUseIsSaid() throws Exception {
        try (ServerSocket taken = new ServerSocket(0, 1, InetAddress.getByName("localhost"))) {
            saysOnly(
                    "Port " + taken.getLocalPort() + " is in use",
                    "--data",
                    Eskarn.newFolder().toString(),
                    "--port",
                    String.valueOf(taken.getLocalPort()));
        }
    }

    @Test
    void realRecordsAndTheDemoNeverShareAFolder() throws Exception {
        saysOnly("holds the demo’s world", "--data", Eskarn.demoFolder().toString(), "--port", "0");
        Path works = Eskarn.newFolder();
        Eskarn.serve(works, false).close();
        saysOnly("holds real records", "--data", works.toString(), "--port", "0", "--demo");
    }
}
