package knollwind.server.page;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Duration;
import knollwind.server.Settings;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** How fast this machine paints. */
class PaintPaceTest {
    @TempDir
    Path work;

    private PaintPace pace() {
        return new PaintPace(new Settings(work, "", Duration.ofSeconds(1), Duration.ZERO, "server", 1, "", ""));
    }

    @Test
    void it_is_one_until_it_is_measured_in_a_process_of_its_own() throws InterruptedException {
        PaintPace pace = pace();
        assertThat(pace.pace()).isEqualTo(1);
        pace.measure();
        assertThat(pace.pace()).isNotEqualTo(1).isBetween(0.1, 10.0);
    }

    @Test
    void a_process_that_says_nothing_leaves_it_as_it_was_and_a_stray_one_is_bounded() {
        PaintPace pace = pace();
        pace.read("pace 1.5\n");
        assertThat(pace.pace()).isEqualTo(1.5);
        pace.read("");
        assertThat(pace.pace()).isEqualTo(1.5);
        pace.read("pace 700");
        assertThat(pace.pace()).isEqualTo(10);
    }
}
