package knollwind.core.scene;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.stream.IntStream;
import knollwind.core.scene.FilmPlay.After;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Which frame of a film is seen when. */
class FilmPlayTest {
    private static final FrameRate SCENE = new FrameRate(24, 1);

    private static String seen(FilmPlay play, FrameRate rate, int to) {
        Fill.Film film = new Fill.Film(
                new Fill.Picture("0".repeat(64), "film", 960, 540, Fill.Picture.Mode.COVER, 0.5, 0.5), 10, rate, play);
        return IntStream.range(0, to)
                .mapToObj(time -> film.frame(time, SCENE))
                .map(frame -> frame.isPresent() ? "" + frame.getAsInt() : "-")
                .reduce("", String::concat);
    }

    @Test
    void what_comes_after_the_last_frame_is_as_chosen() {
        assertThat(seen(new FilmPlay(2, 5, 0, 1, After.REPEAT, null), SCENE, 10))
                .isEqualTo("2345234523");
        assertThat(seen(new FilmPlay(2, 5, 0, 1, After.HOLD, null), SCENE, 8)).isEqualTo("23455555");
        assertThat(seen(new FilmPlay(2, 5, 0, 1, After.TURN, null), SCENE, 11)).isEqualTo("23454323454");
        assertThat(seen(new FilmPlay(2, 5, 0, 1, After.GONE, null), SCENE, 6)).isEqualTo("2345--");
        assertThat(seen(new FilmPlay(7, 7, 0, 1, After.TURN, null), SCENE, 4)).isEqualTo("7777");
    }

    @Test
    void a_film_waits_runs_slower_or_faster_and_stands_still_as_told() {
        assertThat(seen(new FilmPlay(0, 9, 3, 1, After.HOLD, null), SCENE, 8)).isEqualTo("00001234");
        assertThat(seen(new FilmPlay(0, 9, -4, 1, After.HOLD, null), SCENE, 4)).isEqualTo("4567");
        assertThat(seen(new FilmPlay(0, 9, 0, 0.5, After.HOLD, null), SCENE, 8)).isEqualTo("00112233");
        assertThat(seen(new FilmPlay(0, 9, 0, 2, After.REPEAT, null), SCENE, 8)).isEqualTo("02468024");
        assertThat(seen(new FilmPlay(0, 9, 0, 1, After.REPEAT, 3.0), SCENE, 8)).isEqualTo("01233333");
        assertThat(seen(FilmPlay.whole(10), new FrameRate(12, 1), 8)).isEqualTo("00112233");
    }

    /** A film of the scene's own rate shows each frame once, however long it runs and however odd the rate. */
    @Test
    void no_frame_is_skipped_or_doubled_at_the_scenes_own_rate() {
        FrameRate odd = new FrameRate(30_000, 1001);
        FilmPlay play = FilmPlay.whole(3600);
        for (int time = 0; time < 20_000; time++) {
            assertThat(play.frame(time, odd, odd)).hasValue(time % 3600);
        }
    }

    @ParameterizedTest
    @EnumSource(After.class)
    void nothing_outside_the_chosen_frames_is_seen(After after) {
        FilmPlay play = new FilmPlay(3, 6, 5, 0.7, after, null);
        for (double time = -20; time < 200; time += 0.25) {
            play.frame(time, SCENE, new FrameRate(25, 1))
                    .ifPresent(frame -> assertThat(frame).isBetween(3, 6));
        }
    }

    @Test
    void impossible_values_say_what_is_possible() {
        assertThatThrownBy(() -> new FilmPlay(5, 3, 0, 1, null, null)).hasMessageContaining("last frame");
        assertThatThrownBy(() -> new FilmPlay(0, 3, 0, 0, null, null)).hasMessageContaining("0.05");
        assertThatThrownBy(() -> seen(new FilmPlay(0, 10, 0, 1, null, null), SCENE, 1))
                .hasMessageContaining("the last one is 9");
    }
}
