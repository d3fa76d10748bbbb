package org.eskarn.app.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.eskarn.app.ledger.Heads.Head;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class HeadsTest {

    @TempDir
    private Path folder;

    /** Halving finds what reading the whole file finds, with numbers missing and lines between that are none. */
    @Test
    void oneHeadIsFoundAsInTheWholeFile() throws IOException {
        Random chance = new Random(21);
        for (int size : new int[] {0, 1, 2, 3, 40, 500}) {
            Path file = folder.resolve("heads-" + size);
            List<Head> written = new ArrayList<>();
            int number = 0;
            for (int i = 0; i < size; i++) {
                number += 1 + (chance.nextInt(8) == 0 ? chance.nextInt(90) : 0);
                Head head = new Head(
                        number, String.format("%064x", chance.nextLong()), "2026-05-0" + (1 + i % 9) + "T10:00:00Z");
                written.add(head);
                Heads.append(file, List.of(head));
                if (chance.nextInt(10) == 0) {
                    Files.writeString(file, Files.readString(file) + "a note of the keeper\n");
                }
            }
            assertThat(Heads.read(file)).isEqualTo(written);
            assertThat(Heads.last(file))
                    .isEqualTo(written.isEmpty() ? Optional.empty() : Optional.of(written.get(size - 1)));
            for (int asked = 0; asked <= number + 1; asked++) {
                int wanted = asked;
                assertThat(Heads.of(file, wanted))
                        .as("%d of %d", wanted, size)
                        .isEqualTo(written.stream()
                                .filter(head -> head.number() == wanted)
                                .findFirst()
                                .map(Head::hash));
            }
        }
    }
}
