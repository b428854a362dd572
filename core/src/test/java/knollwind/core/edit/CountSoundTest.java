package knollwind.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
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
        assertThatThrownBy(() -> project.does(new CueSound("s", "m", List.of(4.0), "Phrase")))
                .hasMessageContaining("nothing begins in what is heard of “Bell” here that has no cue yet");
    }
}
