package knollwind.voice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import knollwind.core.sound.Recording;
import knollwind.core.speech.Aligned;
import knollwind.core.speech.Stopped;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What the recogniser writes, and the process it runs in; a script stands in for it. */
class PocketDrafterTest {
    private static final String HEARD = """
            the last boat
            <s> 0.110 0.150 0.999700
            the(2) 0.160 0.310 0.775747
            last 0.320 0.730 0.990445
            boat 0.740 0.990 0.041854
            </s> 1.000 1.100 1.000000
            i see <sil>
            <s> 2.000 2.100 0.9
            bring 2.110 2.300 0.9e-3
            <sil> 2.310 2.400 1.0
            ++NOISE++ 2.410 2.430 0.2
            i'm 2.440 2.500 0.8
            </s> 2.510 2.600 1.000000
            """;

    private static final Recording SILENCE = (from, into, frames) -> java.util.Arrays.fill(into, (short) 0);

    @Test
    void words_come_with_their_times_and_how_sure_they_are() {
        Aligned draft = PocketDrafter.read(HEARD);
        assertThat(draft.words())
                .extracting(Aligned.Word::text)
                .containsExactly("The", "last", "boat.", "Bring", "I'm.");
        assertThat(draft.words().get(1)).isEqualTo(new Aligned.Word("last", 0.32, 0.73, 0.990445, null));
        assertThat(draft.words().get(2).doubt()).isEqualTo(Aligned.TAKEN_FOR);
        assertThat(draft.words().get(3).sure()).isEqualTo(0.0009);
        assertThat(draft.approximate()).isFalse();
        assertThatThrownBy(() -> PocketDrafter.read("")).hasMessage("no English words are heard in this recording");
    }

    private static PocketDrafter standIn(Path folder, String does) throws Exception {
        Path script = folder.resolve("recogniser");
        Files.writeString(script, "#!/bin/sh\n" + does);
        Files.setPosixFilePermissions(script, PosixFilePermissions.fromString("rwx------"));
        return new PocketDrafter(script.toString());
    }

    @Test
    void it_listens_to_a_file_of_samples_in_a_process_of_its_own(@TempDir Path folder) throws Exception {
        PocketDrafter drafter =
                standIn(folder, "echo \"$(($(stat -c %s \"$2\") / 2)) 0.5 0.75 0.9\"; echo \"$3-$4 0.8 0.9 0.9\"\n");
        assertThat(drafter.isThere()).isTrue();
        Aligned draft = drafter.draft(SILENCE, 3 * 4800);
        assertThat(draft.words()).extracting(Aligned.Word::text).containsExactly("4800", "-time-yes");
        assertThat(new PocketDrafter(folder.resolve("none").toString()).isThere())
                .isFalse();
        assertThat(new PocketDrafter("no-such-recogniser").isThere()).isFalse();
    }

    @Test
    void one_that_fails_is_told_and_one_that_is_stopped_ends(@TempDir Path folder) throws Exception {
        assertThatThrownBy(() -> standIn(folder, "exit 3\n").draft(SILENCE, 4800))
                .hasMessageContaining("apt-get install pocketsphinx");
        PocketDrafter slow = standIn(folder, "echo $$ > \"$0.pid\"; exec sleep 60\n");
        Thread own = Thread.currentThread();
        Path pid = folder.resolve("recogniser.pid");
        CompletableFuture<Void> stopping = CompletableFuture.runAsync(() -> {
            while (!Files.exists(pid)) {
                Thread.onSpinWait();
            }
            own.interrupt();
        });
        assertThatThrownBy(() -> slow.draft(SILENCE, 4800)).isInstanceOf(Stopped.class);
        assertThat(Thread.interrupted()).isTrue();
        stopping.get(5, TimeUnit.SECONDS);
        long process = Long.parseLong(Files.readString(pid).strip());
        ProcessHandle.of(process).ifPresent(handle -> handle.onExit().join());
    }
}
