package knollwind.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import knollwind.core.geometry.Box;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;

/** Falls that are kept in files, and those that are computed before anyone asks. */
class FallFolderTest {
    private static final Setup.Wall FLOOR = Setup.Wall.of(new Box(-4000, 1000, 4000, 1400));

    @TempDir
    Path folder;

    @AfterEach
    void keptNowhere() {
        Falls.keepIn(null, false);
    }

    /** Each seed is a fall of its own. */
    private static Setup setup(int seed) {
        List<Setup.Thing> things = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            things.add(Setup.Thing.of(Solid.of(Solid.Form.BOX, 60, 40), 11 * i, -90 * i, 0.1 * i, i / 3));
        }
        Setup.Laws laws = new Setup.Laws(0.4, 0.4, false, 25, seed);
        return new Setup(laws, List.of(Forces.of(0, 3000, 0)), things, List.of(FLOOR), List.of());
    }

    private static List<Fall.Pose> poses(Fall fall, int frame) {
        return Stream.iterate(0, i -> i + 1)
                .limit(12)
                .map(body -> fall.at(body, frame))
                .toList();
    }

    private List<Path> files() throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.toList();
        }
    }

    @Test
    void what_is_read_is_what_was_written_and_goes_on_as_if_it_had_been_computed() {
        FallFolder files = new FallFolder(folder);
        Fall first = new Fall(setup(1), files.read(setup(1)));
        first.at(0, 30);
        first.writeTo(files);
        Fall again = new Fall(setup(1), files.read(setup(1)));
        assertThat(again.computed()).isEqualTo(31);
        assertThat(poses(again, 30)).isEqualTo(poses(first, 30));
        assertThat(poses(again, 75)).isEqualTo(poses(first, 75)).isNotEqualTo(poses(first, 30));
    }

    @Test
    void any_difference_makes_it_another_fall() {
        FallFolder files = new FallFolder(folder);
        Fall fall = new Fall(setup(1), Optional.empty());
        fall.writeTo(files);
        assertThat(files.read(setup(1))).isPresent();
        assertThat(files.read(setup(2))).isEmpty();
        Setup pushed = new Setup(setup(1).laws(), setup(1).forces(), setup(1).things(), setup(1).walls(), List.of(3.0));
        assertThat(files.read(pushed)).isEmpty();
    }

    @Test
    void a_file_that_was_cut_off_is_computed_anew() throws IOException {
        FallFolder files = new FallFolder(folder);
        Fall fall = new Fall(setup(1), Optional.empty());
        fall.at(0, 10);
        fall.writeTo(files);
        byte[] whole = Files.readAllBytes(files().get(0));
        Files.write(files().get(0), Arrays.copyOf(whole, whole.length - 7));
        assertThat(files.read(setup(1))).isEmpty();
    }

    @Test
    void those_not_used_longest_go_first() throws IOException {
        long two = 2 * Poses.bytes(12, 11) + 100;
        FallFolder files = new FallFolder(folder, two);
        for (int seed = 1; seed <= 3; seed++) {
            Fall fall = new Fall(setup(seed), Optional.empty());
            fall.at(0, 10);
            fall.writeTo(files);
            Files.setLastModifiedTime(folder.resolve(setup(seed).hash()), FileTime.from(seed, TimeUnit.DAYS));
        }
        assertThat(files()).hasSize(2);
        assertThat(files.read(setup(1))).isEmpty();
        assertThat(files.read(setup(3))).isPresent();
    }

    @Test
    void whoever_makes_all_frames_has_them_computed_and_written_first() {
        FallFolder files = new FallFolder(folder);
        Falls.keepIn(files, true);
        Fall fall = Falls.of(setup(11), 40);
        assertThat(fall.computed()).isEqualTo(41);
        assertThat(new Fall(setup(11), files.read(setup(11))).computed()).isEqualTo(41);
    }

    @Test
    @Timeout(60)
    void a_fall_that_is_looked_at_goes_on_by_itself_and_is_written() throws InterruptedException {
        FallFolder files = new FallFolder(folder);
        Falls.keepIn(files, false);
        Fall fall = Falls.unless(() -> false, () -> Falls.of(setup(12), 50));
        while (files.read(setup(12)).isEmpty()) {
            Thread.sleep(5);
        }
        assertThat(fall.computed()).isEqualTo(51);
        assertThat(poses(fall, 50)).isEqualTo(poses(new Fall(setup(12), Optional.empty()), 50));
    }

    @Test
    void what_is_only_computed_for_others_does_not_go_on() {
        Fall fall = Falls.of(setup(13), 50);
        assertThat(fall.computed()).isEqualTo(1);
        assertThat(Falls.progress()).isEmpty();
    }

    @Test
    void what_has_been_stopped_is_not_taken_up_again() {
        Fall fall = Falls.unless(() -> false, () -> Falls.of(setup(14), 3600));
        Falls.stopAhead();
        assertThat(Falls.progress()).isEmpty();
        Falls.unless(() -> false, () -> Falls.of(setup(14), 3600));
        assertThat(Falls.progress()).isEmpty();
        assertThat(fall.computed()).isLessThan(3600);
        assertThat(fall.at(0, 20)).isNotNull();
    }
}
