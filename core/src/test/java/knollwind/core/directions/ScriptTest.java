package knollwind.core.directions;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import knollwind.core.Samples;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.move.MoveReader;
import knollwind.core.directions.move.PhaseScript;
import knollwind.core.directions.scene.LengthWords;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.document.Patch;
import knollwind.core.frame.SceneScore;
import knollwind.core.motion.BlockTiming;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Beats;
import knollwind.core.scene.Block;
import knollwind.core.scene.Camera;
import knollwind.core.scene.Ending;
import knollwind.core.scene.Hold;
import knollwind.core.scene.Move;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Project;
import knollwind.core.scene.Rational;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Sound;
import knollwind.core.scene.TextBlock;
import org.junit.jupiter.api.Test;

/** What sentences say of times, and how their lengths are changed. */
class ScriptTest {
    @Test
    void the_camera_says_what_it_shows_and_when() {
        Scene scene = Samples.changed(
                Samples.project(120).scenes().get(0),
                Map.of(
                        "camera",
                        new Camera(List.of(
                                new Camera.Key("k1", 6, 0.0, 0.0, 1.0, 0.0, "linear"),
                                new Camera.Key("k2", 90, 40.0, -20.0, 1.08, 2.0, "linear")))));
        Project project = Samples.project(120).withScenes(List.of(scene));
        assertThat(Script.background(project, scene, 0).text())
                .contains("The camera shows 100 % at frame 6 steadily,"
                        + " then 108 % at 40 px across, -20 px down turned 2\u00b0 at frame 90.");
    }

    @Test
    void a_scene_says_how_long_it_lasts_and_its_tempo() {
        Project project = Samples.project(120);
        Scene scene = project.scenes().get(0);
        assertThat(Script.background(project, scene, 0).text())
                .contains("It lasts 120 frames, without a tempo. Movement");
        Scene beaten = scene.withLength(1).withBeats(new Beats(96, 6, 4));
        assertThat(Script.background(project.withScenes(List.of(beaten)), beaten, 0)
                        .text())
                .contains("It lasts 1 frame, at 96 beats a minute, 4 in a bar, the first at frame 6. Movement");
    }

    /** What would be held beyond the scene's end cannot be: the length stops there. */
    @Test
    void a_scene_is_no_shorter_than_what_is_held_in_it() {
        Project project = Samples.project(120);
        Scene scene = project.scenes().get(0).withHold(new Hold(20, 70));
        Control.Number length = Script.background(project.withScenes(List.of(scene)), scene, 0).segments().stream()
                .filter(segment ->
                        segment.part() != null && segment.part().name().equals("lasts"))
                .map(segment -> (Control.Number) segment.part().controls().get(0))
                .findFirst()
                .orElseThrow();
        assertThat(length.least()).isEqualTo(70);
        assertThat(length.most()).isEqualTo(Scene.LONGEST);
    }

    @Test
    void a_scene_can_end_with_its_last_block_or_its_last_sound() {
        Project project = Samples.project(120);
        Sound horn = new Sound(
                "horn", "Horn", Sound.Kind.MUSIC, "ab".repeat(32), 9, Rational.of(12), 1, 3.02, 0, false, false);
        Scene scene = project.scenes().get(0).withSounds(List.of(horn));
        assertThat(ends(project, scene, 86.5))
                .containsExactly("its last block, 87 frames", "its last sound, 61 frames");
        assertThat(ends(project, scene.withHold(new Hold(20, 70)), 86.5)).containsExactly("its last block, 87 frames");
        assertThat(ends(project, scene.withSounds(List.of()), 0)).isEmpty();
        assertThat(LengthWords.following(scene, 86.5)).isEmpty();
        Scene ruled = scene.withEnds(Ending.BLOCK);
        assertThat(LengthWords.following(ruled, 86.5)).containsExactly(Ops.set("scenes/" + scene.id() + "/length", 87));
        assertThat(LengthWords.following(ruled, 120)).isEmpty();
        assertThat(LengthWords.following(ruled, 0)).as("nothing to follow").isEmpty();
        assertThat(LengthWords.over(ruled, List.of(130.5)))
                .as("it follows by itself")
                .isEmpty();
        assertThat(Script.background(project, ruled, 86.5).text())
                .contains("lasts 120 frames, as long as its last block");
        assertThat(LengthWords.over(scene, List.of(30.0, 130.5, 121.0)).orElseThrow())
                .isEqualTo(new Control.Option(
                        "2 blocks run over the end: lengthen the scene to 131 frames",
                        false,
                        List.of(Ops.set("scenes/" + scene.id() + "/length", 131))));
        assertThat(LengthWords.over(scene, List.of(120.0))).isEmpty();
    }

    private static List<String> ends(Project project, Scene scene, double lastEnd) {
        return Script.background(project.withScenes(List.of(scene)), scene, lastEnd).segments().stream()
                .filter(segment ->
                        segment.part() != null && segment.part().name().equals("lasts"))
                .flatMap(segment -> segment.part().controls().stream())
                .filter(Control.Choice.class::isInstance)
                .flatMap(control -> ((Control.Choice) control).options().stream())
                .filter(option -> !option.selected())
                .peek(option -> assertThat(option.operations())
                        .contains(Ops.set(
                                "scenes/" + scene.id() + "/length",
                                Integer.parseInt(option.label().replaceAll("\\D+", ""))))
                        .hasSize(2))
                .map(Control.Option::label)
                .toList();
    }

    @Test
    void the_pace_says_what_results() {
        BlockScript script = Scripts.script(Samples.demo(), "opening", "title");
        String note = script.arrive().sentences().get(0).segments().stream()
                .filter(segment ->
                        segment.part() != null && segment.part().name().startsWith("pace"))
                .map(segment -> segment.part().note())
                .findFirst()
                .orElseThrow();
        assertThat(note).contains("4").contains("move at once");
    }

    @Test
    void a_longer_phase_keeps_each_and_spreads_the_starts() {
        Project demo = Samples.demo();
        Control.Number length = (Control.Number)
                Scripts.script(demo, "opening", "title").arrive().lengthControl();
        assertThat(length.value()).isEqualTo(12 + 3 * 7);
        List<Operation> operations = length.edits().stream()
                .map(edit -> edit.value() == null
                        ? Ops.set(edit.at(), 54 * edit.factor())
                        : new Operation.Set(edit.at(), edit.value()))
                .toList();
        Project longer = DocumentJson.read(
                new Patch(operations).apply(DocumentJson.tree(demo)).document());
        Scene scene = longer.scene("opening");
        BlockTiming timing = SceneScore.of(longer, scene, scene.formats().get(0), Samples.TYPESETTER)
                .blocks()
                .get(7)
                .timing();
        assertThat(timing.arriveEnd() - timing.start()).isEqualTo(54);
        assertThat(timing.moves().get(0).rule().each()).isEqualTo(12);
        assertThat(timing.moves().get(0).rule().apart()).isEqualTo(6);
    }

    @Test
    void a_glide_gives_its_phases_a_length_that_can_be_changed() {
        Move move = MoveReader.read(
                "characters slide left 5 em, 20 frames each, 2 apart, gliding through with a drift of 6 %",
                PhaseKind.DWELL, null);
        TextBlock words = Samples.block("HOME", knollwind.core.scene.Span.of(0, 120), Phase.CUT, Phase.CUT);
        Project project = Samples.project(120, dwelling(words, move));
        PhaseScript arrive = Scripts.script(project, project.scenes().get(0).id(), words.id())
                .arrive();
        Control.Number length = (Control.Number) arrive.lengthControl();
        assertThat(length.value()).isEqualTo(20 + 3 * 2);
        assertThat(length.edits()).allMatch(edit -> edit.at().contains("/dwell/moves/"));
        List<Operation> operations = length.edits().stream()
                .map(edit -> edit.value() == null
                        ? Ops.set(edit.at(), 52 * edit.factor())
                        : new Operation.Set(edit.at(), edit.value()))
                .toList();
        Project longer = DocumentJson.read(
                new Patch(operations).apply(DocumentJson.tree(project)).document());
        PhaseScript after =
                Scripts.script(longer, longer.scenes().get(0).id(), words.id()).arrive();
        assertThat(after.length()).isEqualTo(52);
    }

    private static TextBlock dwelling(TextBlock words, Move move) {
        var tree = (tools.jackson.databind.node.ObjectNode) DocumentJson.blockTree(words);
        tree.set("dwell", DocumentJson.tree(new Phase(List.of(move))));
        return (TextBlock) DocumentJson.read(tree, Block.class);
    }
}
