package knollwind.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import knollwind.core.scene.Cue;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Sound;
import org.junit.jupiter.api.Test;

/** What is heard in a sound, told to its scene: a tempo, and cues. */
class CountSoundTest {
    private final EditedProject project = new EditedProject();

    /** Heard from frame 12 on, from its third second on. */
    CountSoundTest() {
        project.with(
                "scenes/s/sounds",
                "[{'id':'m','name':'Bell','kind':'music','sha256':'" + "0".repeat(64)
                        + "','seconds':30,'start':12,'from':3,'to':null,'level':0,'muted':false,'alone':false}]");
    }

    @Test
    void the_scene_counts_as_the_sound_is_heard() {
        // Bars of 2 s from 0.5 s on: the first that is heard begins 1.5 s after the part does, at 24 frames a second.
        project.does(new CountSound("s", "m", 120, 0.5, 4));
        assertThat(project.at("scenes/s/beats/perMinute").asDouble()).isEqualTo(120);
        assertThat(project.at("scenes/s/beats/perBar").asInt()).isEqualTo(4);
        assertThat(project.at("scenes/s/beats/first").asDouble()).isEqualTo(12 + 1.5 * 24);
        // One that begins later than the part does stays where it is.
        project.does(new CountSound("s", "m", 96.004, 3.25, 3));
        assertThat(project.at("scenes/s/beats/perMinute").asDouble()).isEqualTo(96);
        assertThat(project.at("scenes/s/beats/first").asDouble()).isEqualTo(18);
    }

    @Test
    void what_cannot_be_counted_is_refused() {
        assertThatThrownBy(() -> project.does(new CountSound("s", "gone", 120, 0, 4)))
                .hasMessage("there is no sound 'gone' in this scene");
        assertThatThrownBy(() -> project.does(new CountSound("s", "m", 5000, 0, 4)))
                .hasMessage("beats a minute must lie between 20 and 400, not 5000");
    }

    @Test
    void moments_of_the_sound_become_cues_where_they_are_heard() {
        // The second of 4 s is frame 36; what lies before the part, behind the scene's end or on a cue makes none.
        project.with("scenes/s/cues", "[{'id':'cue-1','name':'Bell','at':60}]");
        project.does(new CueSound("s", "m", List.of(1.0, 4.0, 5.0, 6.0, 6.02, 20.0), "Phrase"));
        assertThat(project.at("scenes/s/cues")
                        .valueStream()
                        .map(cue ->
                                cue.get("name").asString() + " " + cue.get("at").asInt()))
                .containsExactly("Bell 60", "Phrase 1 36", "Phrase 2 84");
        assertThat(project.at("scenes/s/cues")
                        .valueStream()
                        .map(cue -> cue.get("id").asString())
                        .distinct())
                .hasSize(3);
        assertThat(project.has("scenes/s/cues/cue-1/sound")).isFalse();
        assertThat(project.at("scenes/s/cues/cue-2/sound").asString()).isEqualTo("m");
        assertThatThrownBy(() -> project.does(new CueSound("s", "m", List.of(4.0), "Phrase")))
                .hasMessageContaining("nothing begins in what is heard of “Bell” here that has no cue yet");
    }

    @Test
    void its_cues_go_along_with_a_sound_that_is_moved() {
        project.with("scenes/s/cues", "[{'id':'own','name':'Bell','at':60}]");
        project.does(new CueSound("s", "m", List.of(4.0, 6.0), "Phrase"));
        Scene scene = project.scene();
        SoundHandles handles = SoundHandles.of(scene).get(0);
        project.applies(handles.move().to(10));
        assertThat(project.at("scenes/s/sounds/m/start").asInt()).isEqualTo(22);
        assertThat(project.at("scenes/s/cues")
                        .valueStream()
                        .map(cue -> cue.get("at").asInt()))
                .containsExactly(60, 46, 94);
        project.applies(SoundHandles.of(project.scene()).get(0).from().to(40));
        assertThat(project.at("scenes/s/cues/own/at").asInt()).isEqualTo(60);
        assertThat(project.scene().cues().get(1).at().value())
                .as("what is heard stays at its time")
                .isEqualTo(46);
    }

    @Test
    void a_sound_leaves_out_a_part_and_its_cues_follow() {
        project.does(new CueSound("s", "m", List.of(4.0, 5.0, 6.5), "Hit"));
        project.does(new FitSound("s", "m", 4.5, 6.0));
        Scene scene = project.scene();
        Sound first = scene.sounds().get(0);
        Sound second = scene.sounds().get(1);
        assertThat(first.end()).isCloseTo(4.53, within(1e-9));
        assertThat(second.from()).isCloseTo(5.97, within(1e-9));
        assertThat(second.end()).isEqualTo(30);
        // At the cut one goes on where the other breaks off.
        assertThat(second.frame(6.0, scene.rate())).isCloseTo(first.frame(4.5, scene.rate()), within(1e-3));
        assertThat(first.fadeOut()).isEqualTo(second.fadeIn()).isEqualTo(0.06);
        assertThat(scene.cues()).extracting(Cue::sound).containsExactly("m", null, second.id());
        assertThat(scene.cues().get(2).at().value()).isEqualTo(Math.rint(second.frame(6.5, scene.rate())));
        assertThatThrownBy(() -> project.does(new FitSound("s", "m", 1, 9)))
                .hasMessage("a sound is cut inside the part of it that is heard");
    }

    @Test
    void a_sound_goes_over_a_part_again() {
        project.does(new CueSound("s", "m", List.of(4.0, 5.5), "Hit"));
        project.does(new FitSound("s", "m", 5.0, 3.5));
        Scene scene = project.scene();
        Sound second = scene.sounds().get(1);
        assertThat(second.frame(3.5, scene.rate()))
                .isCloseTo(scene.sounds().get(0).frame(5.0, scene.rate()), within(1e-3));
        assertThat(scene.cues()).extracting(Cue::sound).containsExactly("m", second.id());
        assertThat(scene.cues().get(0).at().value()).isEqualTo(36);
    }
}
