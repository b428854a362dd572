package knollwind.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import knollwind.core.directions.scene.SceneReader;
import knollwind.core.document.DocumentJson;
import knollwind.core.filling.FieldValues;
import knollwind.core.filling.Versions;
import knollwind.core.scene.Hold;
import knollwind.core.scene.Project;
import knollwind.core.scene.Row;
import knollwind.core.scene.Scene;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Lengths of versions. The scene has 100 frames and holds from 40 to 60; its words are on from 10 to 90. */
class GivenLengthsTest {
    private final EditedProject project = new EditedProject();

    GivenLengthsTest() {
        project.with("scenes/s/hold", "{'from':40,'to':60}");
        project.with(
                "fields",
                "[{'id':'words','name':'Words','kind':'text','opens':[{'at':'scenes/s/blocks/title/text'}]},"
                        + "{'id':'length','name':'Length','kind':'number','opens':[{'at':'scenes/s/length'}]}]");
    }

    private Versions.Version version(JsonNode tree, String values) {
        Map<String, JsonNode> cells = new java.util.LinkedHashMap<>();
        EditedProject.json(values).properties().forEach(one -> cells.put(one.getKey(), one.getValue()));
        Project read = DocumentJson.read(tree);
        return Versions.of(tree, read, Row.of("r", cells), DocumentJson::read);
    }

    private Scene scene(String values) {
        return version(project.tree(), values).project().scene("s");
    }

    private static double end(Scene scene) {
        return scene.blocks().get(0).span().end().value();
    }

    private static String sound(String sha, double seconds) {
        return "{'id':'v','name':'said.wav','kind':'voice','sha256':'" + sha.repeat(32) + "','seconds':" + seconds
                + ",'start':20,'from':0.5,'to':1.5,'level':-3,'muted':false,'alone':false}";
    }

    @Test
    void a_voice_is_a_field_and_the_hold_lasts_until_it_has_been_heard() {
        project.with("scenes/s/sounds", "[" + sound("aa", 2) + "]");
        project.with("fields", "[]").does(new OpenSound("s", "v"));
        assertThat(project.at("fields/voice/kind").asString()).isEqualTo("sound");
        assertThat(FieldValues.standing(
                        project.tree(),
                        DocumentJson.read(project.tree()).fields().get(0)))
                .contains(EditedProject.json("{'sha256':'" + "aa".repeat(32) + "','name':'said.wav','seconds':2.0}"));
        String other = "{'voice':{'sha256':'" + "bb".repeat(32) + "','name':'gesagt.wav','seconds':5}}";
        Scene heard = scene(other);
        assertThat(heard.sounds().get(0).name()).isEqualTo("gesagt.wav");
        assertThat(heard.sounds().get(0).level()).isEqualTo(-3);
        assertThat(heard.sounds().get(0).end()).isEqualTo(5);
        assertThat(heard.length()).as("a length of its own").isEqualTo(100);
        Scene said = SceneReader.read(
                "inside another scene it is stretched between the frames 40 and 60 and in versions until its voices have"
                        + " been heard",
                heard);
        assertThat(said.hold()).isEqualTo(new Hold(40, 60, null, true));
        project.with("scenes/s/hold", "{'from':40,'to':60,'voice':true}");
        // From frame 20 on for 5 s of 24 frames: until frame 140.
        assertThat(scene(other).hold().to()).isEqualTo(140);
        assertThat(scene(other).length()).isEqualTo(180);
        assertThat(end(scene(other))).isEqualTo(170);
        assertThat(version(project.tree(), "{'voice':'no sound'}").unfit()).hasSize(1);
    }

    @Test
    void a_version_that_says_a_length_gives_in_the_hold_alone() {
        Scene longer = scene("{'length':148}");
        assertThat(longer.length()).isEqualTo(148);
        assertThat(longer.blocks().get(0).span().start().value()).isEqualTo(10);
        assertThat(end(longer)).isEqualTo(138);
        assertThat(longer.hold()).isEqualTo(new Hold(40, 108));
        assertThat(end(scene("{'length':85}"))).isEqualTo(75);
        assertThat(scene("{'length':62}").length())
                .as("a frame is held at least")
                .isEqualTo(81);
        assertThat(version(project.tree(), "{'length':20}").unfit().get(0).reason())
                .contains("hold");
        project.with("scenes/s/hold", "null");
        assertThat(end(scene("{'length':148}")))
                .as("without a hold only the scene is longer")
                .isEqualTo(90);
    }

    @Test
    void a_hold_lasts_as_long_as_it_takes_to_read() {
        String many = "{'words':'" + "abcd ".repeat(20).strip() + "'}";
        assertThat(scene(many).length()).isEqualTo(100);
        project.with("scenes/s/hold/reading", "11");
        Scene read = scene(many);
        // 99 characters at 11 a second are 9 s, 216 frames.
        assertThat(read.hold()).isEqualTo(new Hold(40, 256, 11.0));
        assertThat(read.length()).isEqualTo(296);
        assertThat(end(read)).isEqualTo(286);
        assertThat(scene("{'words':'AB'}").hold()).isEqualTo(new Hold(40, 45, 11.0));
        assertThat(scene("{}").length()).as("nothing filled in is the project").isEqualTo(100);
    }

    @Test
    void filled_twice_is_filled_once_and_its_document_says_the_same() {
        project.with("scenes/s/hold/reading", "11");
        Versions.Version once = version(project.tree(), "{'words':'A LONGER STAY IN PORT'}");
        assertThat(DocumentJson.read(once.document())).isEqualTo(once.project());
        assertThat(version(once.document(), "{'words':'A LONGER STAY IN PORT'}").project())
                .isEqualTo(once.project());
        Versions.Version said = version(project.tree(), "{'length':130}");
        assertThat(version(said.document(), "{'length':130}").project()).isEqualTo(said.project());
    }

    @Test
    void it_is_said_in_the_scenes_sentence() {
        Scene scene = DocumentJson.read(project.tree()).scene("s");
        Scene read = SceneReader.read(
                "inside another scene it is stretched between the frames 12 and 48"
                        + " and in versions as long as it takes to read at 14 characters a second",
                scene);
        assertThat(read.hold()).isEqualTo(new Hold(12, 48, 14.0));
        assertThat(SceneReader.read("inside another scene it is stretched between the frames 12 and 48", scene)
                        .hold())
                .isEqualTo(new Hold(12, 48));
    }
}
