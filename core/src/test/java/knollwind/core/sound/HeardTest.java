package knollwind.core.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import knollwind.core.Samples;
import knollwind.core.scene.FrameRate;
import knollwind.core.scene.Rational;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Sound;
import org.junit.jupiter.api.Test;

/** What is heard of a scene's sounds, on 100 frames at 25 a second: four seconds. */
class HeardTest {
    private static final String FILE = "ab".repeat(32);

    static Sound sound(String id, long start, double from, Double to, double level, boolean muted, boolean alone) {
        return new Sound(id, id, Sound.Kind.VOICE, FILE, 10, Rational.of(start), from, to, level, muted, alone);
    }

    static Scene scene(Sound... sounds) {
        return Samples.changed(
                Samples.project(100).scenes().get(0), Map.of("rate", new FrameRate(25, 1), "sounds", List.of(sounds)));
    }

    @Test
    void a_sound_begins_at_its_frame_and_is_cut_off_where_the_scene_ends() {
        assertThat(Heard.of(scene(sound("a", 50, 1, null, 0, false, false))))
                .containsExactly(new Heard("a", FILE, 2, 1, 2, 1));
    }

    @Test
    void one_that_begins_before_the_scene_has_begun_already() {
        assertThat(Heard.of(scene(sound("a", -25, 0.5, 2.5, 0, false, false))))
                .containsExactly(new Heard("a", FILE, 0, 1.5, 1, 1));
    }

    @Test
    void one_that_lies_outside_the_scene_is_not_heard() {
        assertThat(Heard.of(scene(sound("a", 100, 0, null, 0, false, false)))).isEmpty();
        assertThat(Heard.of(scene(sound("a", -100, 0, 4.0, 0, false, false)))).isEmpty();
    }

    @Test
    void muted_ones_are_silent_and_those_to_be_heard_alone_silence_the_others() {
        Sound plain = sound("plain", 0, 0, null, 0, false, false);
        Sound muted = sound("muted", 0, 0, null, 0, true, false);
        Sound alone = sound("alone", 0, 0, null, 0, false, true);
        Sound both = sound("both", 0, 0, null, 0, true, true);
        assertThat(Heard.of(scene(plain, muted))).extracting(Heard::id).containsExactly("plain");
        assertThat(Heard.of(scene(plain, alone, muted))).extracting(Heard::id).containsExactly("alone");
        assertThat(Heard.of(scene(plain, both))).isEmpty();
    }

    @Test
    void twenty_decibels_less_are_a_tenth_of_the_amplitude() {
        assertThat(Heard.of(scene(sound("a", 0, 0, null, -20, false, false)))
                        .get(0)
                        .gain())
                .isCloseTo(0.1, within(1e-12));
    }

    @Test
    void impossible_sounds_are_refused_in_words() {
        assertThatThrownBy(() -> sound("a", 0, 3, 2.0, 0, false, false)).hasMessageContaining("breaks off");
        assertThatThrownBy(() -> sound("a", 0, 0, 11.0, 0, false, false)).hasMessageContaining("breaks off");
        assertThatThrownBy(() -> sound("a", 0, 0, null, Double.NaN, false, false))
                .hasMessageContaining("level");
        assertThatThrownBy(() -> Sound.whole("a", "a", Sound.Kind.MUSIC, "x", 1))
                .hasMessageContaining("SHA-256");
    }
}
