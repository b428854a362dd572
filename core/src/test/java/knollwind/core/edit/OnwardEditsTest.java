package knollwind.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import knollwind.core.document.DocumentJson;
import knollwind.core.scene.OnwardSounds;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import org.junit.jupiter.api.Test;

/** Scenes with sounds that run on, split, doubled and joined. */
class OnwardEditsTest {
    private static final String SHA = "a".repeat(64);
    private final EditedProject project = new EditedProject();

    OnwardEditsTest() {
        project.with("scenes/s/sounds", "[" + sound("v", "voice", true) + "," + sound("m", "music", false) + "]");
        project.with(
                "voices",
                "[{'id':'" + SHA
                        + "','words':[{'id':'w1','text':'Bring','start':1,'end':1.5},{'id':'w2','text':'lamps','start':3,'end':3.5}]}]");
    }

    private static String sound(String id, String kind, boolean onward) {
        return "{'id':'" + id + "','name':'" + id + "','kind':'" + kind + "','sha256':'" + SHA
                + "','seconds':30,'start':0,'from':0,'to':null,'level':0,'muted':false,'alone':false"
                + (onward ? ",'onward':true" : "") + "}";
    }

    private Project read() {
        return DocumentJson.read(project.tree());
    }

    @Test
    void split_it_stays_in_the_first_part_and_runs_on_under_the_second() {
        project.with("scenes/s/blocks/bell/span", "{'start':70,'end':90,'startsAt':{'cue':'v.w2','offset':0}}");
        String second = project.does(new SplitScene("s", 48)).scene();
        Scene after = read().scene(second);
        assertThat(after.sounds()).extracting(sound -> sound.kind().name()).containsExactly("MUSIC");
        assertThat(OnwardSounds.running(read(), after))
                .extracting(running -> running.sound().id())
                .containsExactly("s.v");
        // What hung on a word that is said at 3 s of the film is on a second into the second part.
        assertThat(project.draft().times(after).values().stream().mapToDouble(time -> time.start()))
                .contains(24.0);
    }

    @Test
    void doubled_it_is_not_heard_twice() {
        String copy = project.does(new DuplicateScene("s")).scene();
        assertThat(read().scene(copy).sounds())
                .extracting(sound -> sound.kind().name())
                .containsExactly("MUSIC");
        assertThat(OnwardSounds.heard(read(), read().scene(copy))).hasSize(2);
    }

    @Test
    void joined_sounds_keep_apart_and_what_names_them_goes_along() {
        project.with("scenes/t/sounds", "[" + sound("m", "music", false) + "]");
        project.with("scenes/t/cues", "[{'id':'c','name':'Hit','at':10,'sound':'m'}]");
        project.with(
                "scenes/t/blocks/line-2/dwell",
                "{'moves':[" + EditedProject.whole("m1").replaceFirst("\\}$", "")
                        + ",'cycle':{'form':'loudness','every':1,'loudness':{'sound':'m'}}}]}");
        project.does(new JoinScenes("s"));
        Scene joined = project.scene();
        String other = joined.sounds().get(2).id();
        assertThat(other).isNotEqualTo("m");
        assertThat(joined.cues().get(0).sound()).isEqualTo(other);
        assertThat(joined.blocks()
                        .get(joined.blocks().size() - 1)
                        .dwell()
                        .moves()
                        .get(0)
                        .cycle()
                        .loudness()
                        .sound())
                .isEqualTo(other);
    }

    @Test
    void words_of_a_running_sound_are_kept_where_its_scene_is_joined_to_the_one_before() {
        // The voice of the second scene runs on into a third.
        project.with("scenes/t/sounds", "[" + sound("v", "voice", true) + "]");
        String third = project.does(new DuplicateScene("t")).scene();
        String bell = read().scene(third).blocks().get(1).id();
        String span = "scenes/" + third + "/blocks/" + bell + "/span";
        project.with(span, "{'start':0,'end':20,'startsAt':{'cue':'t.v.w2','offset':0}}");
        // And the second scene hears the first one's.
        project.with(
                "scenes/t/cues",
                "[{'id':'c','name':'Hit','at':10,'sound':'s.v'},{'id':'d','name':'Own','at':10,'sound':'v'}]");
        project.does(new JoinScenes("s"));
        Scene joined = project.scene();
        String theirs = joined.sounds().get(2).id();
        assertThat(theirs).isNotEqualTo("v");
        assertThat(joined.cues()).extracting(cue -> cue.sound()).containsExactly("v", theirs);
        assertThat(read().scene(third).blocks().get(1).span().startsAt().cue()).isEqualTo("s." + theirs + ".w2");
    }

    @Test
    void a_sound_that_begins_in_the_second_part_of_a_split_scene_is_named_after_it() {
        project.with("scenes/s/sounds", "[" + sound("v", "voice", true).replace("'start':0", "'start':60") + "]");
        project.with("scenes/t/cues", "[{'id':'c','name':'Hit','at':10,'sound':'s.v'}]");
        String second = project.does(new SplitScene("s", 48)).scene();
        assertThat(read().scene("t").cues().get(0).sound()).isEqualTo(second + ".v");
    }
}
