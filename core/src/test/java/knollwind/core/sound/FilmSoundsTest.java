package knollwind.core.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import knollwind.core.Samples;
import knollwind.core.frame.SceneScore;
import knollwind.core.frame.SceneSequence;
import knollwind.core.scene.FrameRate;
import knollwind.core.scene.NamedTimes;
import knollwind.core.scene.Project;
import knollwind.core.scene.Rational;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Sound;
import knollwind.core.scene.Voice;
import knollwind.core.scene.VoiceWord;
import org.junit.jupiter.api.Test;

/** Sounds that run on under the scenes that follow. */
class FilmSoundsTest {
    private static final String MUSIC = "a1".repeat(32);
    private static final String VOICE = "b2".repeat(32);

    /** Heard from 24 frames of its scene on, 20 s long, faded at both ends; it gives way to voices. */
    private static Sound music(Boolean onward) {
        return Sound.whole("m", "Bell", Sound.Kind.MUSIC, MUSIC, 20)
                .with(sound -> sound.start(Rational.of(24))
                        .fadeIn(2.0)
                        .fadeOut(2.0)
                        .under(new Sound.Lowering(12, 0.5))
                        .onward(onward));
    }

    private static Scene scene(String id, int length, FrameRate rate, Sound... sounds) {
        return Samples.project(length)
                .scenes()
                .get(0)
                .with(scene -> scene.id(id).name(id).rate(rate).sounds(List.of(sounds)));
    }

    /** Scenes of 4 s, 6 s at another rate, and 20 s; a voice in the second. */
    private static Project project(Boolean onward) {
        FrameRate rate = new FrameRate(24, 1);
        Sound voice = Sound.whole("v", "Pier", Sound.Kind.VOICE, VOICE, 3);
        return Samples.project(10)
                .with(project -> project.scenes(List.of(
                                scene("one", 96, rate, music(onward)),
                                scene("two", 150, new FrameRate(25, 1), voice),
                                scene("three", 480, rate)))
                        .voices(List.of(new Voice(
                                VOICE, List.of(new VoiceWord("w1", "Bring", 1, 2, null, null, null)), null))));
    }

    private static List<Heard> alone(Project project, String id) {
        Scene scene = project.scene(id);
        return SceneScore.of(project, scene, scene.formats().get(0), Samples.TYPESETTER)
                .sounds();
    }

    private static List<Heard> film(Project project) {
        return SceneSequence.of(project, project.scenes().get(0).formats().get(0), Samples.TYPESETTER)
                .sounds();
    }

    @Test
    void in_the_film_it_is_heard_once_from_its_scene_to_its_own_end() {
        Heard heard = film(project(true)).stream()
                .filter(one -> one.sha256().equals(MUSIC))
                .reduce((one, other) -> {
                    throw new AssertionError("it is heard twice");
                })
                .orElseThrow();
        assertThat(heard.at()).isEqualTo(1);
        assertThat(heard.from()).isZero();
        assertThat(heard.seconds()).isEqualTo(20);
        // The voice speaks from 5 to 6 s of the film: 4 s after the music begins.
        assertThat(heard.gain(4.5)).isCloseTo(Math.pow(10, -12 / 20.0), within(1e-9));
        assertThat(heard.gain(10)).isEqualTo(1);
        assertThat(heard.gain(19)).isCloseTo(0.5, within(1e-9));
    }

    @Test
    void without_that_it_ends_with_its_scene() {
        Heard heard = film(project(null)).get(0);
        assertThat(heard.at() + heard.seconds()).isEqualTo(4);
        assertThat(alone(project(null), "three")).isEmpty();
    }

    @Test
    void each_scene_by_itself_has_what_of_it_is_heard_there() {
        Heard first = alone(project(true), "one").get(0);
        assertThat(first.gain(first.seconds() - 0.01))
                .as("it goes on, and does not fade")
                .isEqualTo(1);
        Heard second = alone(project(true), "two").stream()
                .filter(one -> one.sha256().equals(MUSIC))
                .findFirst()
                .orElseThrow();
        assertThat(second.id()).isEqualTo("one.m");
        assertThat(second.at()).isZero();
        assertThat(second.from()).isCloseTo(3, within(1e-6));
        assertThat(second.seconds()).isCloseTo(6, within(1e-6));
        assertThat(second.gain(0)).isEqualTo(1);
        assertThat(second.gain(1.5)).isCloseTo(Math.pow(10, -12 / 20.0), within(1e-6));
        Heard third = alone(project(true), "three").get(0);
        assertThat(third.from()).isCloseTo(9, within(1e-6));
        assertThat(third.seconds()).isCloseTo(11, within(1e-6));
        assertThat(third.gain(10)).isCloseTo(0.5, within(1e-6));
    }

    @Test
    void a_take_has_none_of_it() {
        Project project = project(true);
        Scene take = project.scene("two")
                .with(scene -> scene.id("other").name("other").takeOf("two"));
        Project taken =
                project.withScenes(List.of(project.scene("one"), project.scene("two"), take, project.scene("three")));
        assertThat(alone(taken, "other")).extracting(Heard::sha256).containsExactly(VOICE);
    }

    @Test
    void words_of_a_voice_that_runs_on_are_moments_of_later_scenes() {
        Sound voice = new Sound(
                "v",
                "Pier",
                Sound.Kind.VOICE,
                VOICE,
                9,
                Rational.ZERO,
                0,
                null,
                0,
                false,
                false,
                null,
                null,
                null,
                true);
        FrameRate rate = new FrameRate(24, 1);
        Voice said = new Voice(
                VOICE,
                List.of(
                        new VoiceWord("w1", "Bring", 1, 2, null, null, null),
                        new VoiceWord("w2", "lamps", 5, 6, null, null, null)),
                null);
        Project project = Samples.project(10)
                .with(one -> one.scenes(List.of(scene("one", 96, rate, voice), scene("two", 96, rate)))
                        .voices(List.of(said)));
        NamedTimes named = NamedTimes.of(project, project.scene("two"));
        assertThat(named.find("one.v.w2").orElseThrow().at().value()).isCloseTo(24, within(1e-6));
        assertThat(NamedTimes.of(project.without(project.scene("one")), project.scene("two"))
                        .find("one.v.w2"))
                .isEmpty();
    }
}
