package knollwind.core.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import knollwind.core.Samples;
import knollwind.core.scene.FrameRate;
import knollwind.core.scene.NamedTimes;
import knollwind.core.scene.Project;
import knollwind.core.scene.Rational;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Sound;
import knollwind.core.scene.Voice;
import knollwind.core.scene.VoiceWord;
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

    private static List<Heard> heard(Scene scene) {
        return Heard.of(scene, NamedTimes.of(Project.of("p", List.of(scene)), scene));
    }

    @Test
    void a_sound_begins_at_its_frame_and_is_cut_off_where_the_scene_ends() {
        assertThat(heard(scene(sound("a", 50, 1, null, 0, false, false))))
                .containsExactly(new Heard("a", FILE, 2, 1, 2, 1));
    }

    @Test
    void one_that_begins_before_the_scene_has_begun_already() {
        assertThat(heard(scene(sound("a", -25, 0.5, 2.5, 0, false, false))))
                .containsExactly(new Heard("a", FILE, 0, 1.5, 1, 1));
    }

    @Test
    void one_that_lies_outside_the_scene_is_not_heard() {
        assertThat(heard(scene(sound("a", 100, 0, null, 0, false, false)))).isEmpty();
        assertThat(heard(scene(sound("a", -100, 0, 4.0, 0, false, false)))).isEmpty();
    }

    @Test
    void muted_ones_are_silent_and_those_to_be_heard_alone_silence_the_others() {
        Sound plain = sound("plain", 0, 0, null, 0, false, false);
        Sound muted = sound("muted", 0, 0, null, 0, true, false);
        Sound alone = sound("alone", 0, 0, null, 0, false, true);
        Sound both = sound("both", 0, 0, null, 0, true, true);
        assertThat(heard(scene(plain, muted))).extracting(Heard::id).containsExactly("plain");
        assertThat(heard(scene(plain, alone, muted))).extracting(Heard::id).containsExactly("alone");
        assertThat(heard(scene(plain, both))).isEmpty();
    }

    @Test
    void twenty_decibels_less_are_a_tenth_of_the_amplitude() {
        assertThat(heard(scene(sound("a", 0, 0, null, -20, false, false)))
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

    private static Sound fading(Double in, Double out, Sound.Lowering under) {
        return Sound.whole("m", "m", Sound.Kind.MUSIC, FILE, 10)
                .with(sound -> sound.fadeIn(in).fadeOut(out).under(under));
    }

    @Test
    void a_sound_fades_in_and_out_within_what_is_heard_of_it() {
        Heard faded = heard(scene(fading(1.0, 2.0, null))).get(0);
        assertThat(faded.gain(0)).isZero();
        assertThat(faded.gain(0.5)).isCloseTo(0.5, within(1e-9));
        assertThat(faded.gain(1.5)).isEqualTo(1);
        assertThat(faded.gain(3)).isCloseTo(0.5, within(1e-9));
        assertThat(faded.gain(4)).isZero();
        assertThat(heard(scene(fading(0.0, null, null))).get(0).gains()).isEmpty();
        assertThatThrownBy(() -> fading(61.0, null, null)).hasMessageContaining("fade");
    }

    @Test
    void music_goes_down_before_a_voice_and_comes_up_after_it() {
        Sound music = fading(null, null, new Sound.Lowering(20, 0.5));
        Sound voice = new Sound("v", "v", Sound.Kind.VOICE, FILE, 10, Rational.of(25), 2, 3.0, 0, false, false);
        Heard lowered = heard(scene(music, voice)).get(0);
        // Its words are not known: it speaks from one second to two.
        assertThat(lowered.gain(0.4)).isEqualTo(1);
        assertThat(lowered.gain(0.75)).isCloseTo(0.55, within(1e-9));
        assertThat(lowered.gain(1.5)).isCloseTo(0.1, within(1e-9));
        assertThat(lowered.gain(2.25)).isCloseTo(0.55, within(1e-9));
        assertThat(lowered.gain(3)).isEqualTo(1);
        Sound muted = new Sound("v", "v", Sound.Kind.VOICE, FILE, 10, Rational.of(25), 2, 3.0, 0, true, false);
        assertThat(heard(scene(music, muted)).get(0).gains())
                .as("nobody is heard")
                .isEmpty();
    }

    @Test
    void it_comes_up_between_words_that_are_far_apart_and_not_in_a_breath() {
        Scene scene = scene(
                fading(null, null, new Sound.Lowering(20, 0.5)),
                new Sound("v", "v", Sound.Kind.VOICE, FILE, 10, Rational.ZERO, 0, null, 0, false, false));
        List<VoiceWord> words = List.of(
                new VoiceWord("a", "one", 0.5, 0.8, null, null, null),
                new VoiceWord("b", "two", 1.2, 1.4, null, null, null),
                new VoiceWord("c", "three", 2.2, 2.5, null, null, null));
        Project spoken = Project.of("p", List.of(scene)).withVoices(List.of(new Voice(FILE, words, null)));
        Heard lowered = Heard.of(scene, NamedTimes.of(spoken, scene)).get(0);
        assertThat(lowered.gain(1)).isCloseTo(0.1, within(1e-9));
        // Halfway between the two it has come up as far as it gets.
        assertThat(lowered.gain(1.8)).isCloseTo(0.1 + 0.9 * 0.8, within(1e-9));
    }
}
