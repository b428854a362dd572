package knollwind.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import knollwind.core.Samples;
import knollwind.core.check.DocumentCheck;
import knollwind.core.directions.setting.SettingReader;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.document.Patch;
import knollwind.core.filling.CaptionCopies;
import knollwind.core.scene.Block;
import knollwind.core.scene.Cue;
import knollwind.core.scene.Ending;
import knollwind.core.scene.Hold;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.Value;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Scenes made, doubled, split, joined, and their takes. */
class SceneEditsTest {
    private JsonNode tree = Samples.demoTree();

    private SceneEditsTest change(String at, String json) {
        tree = new Patch(List.of(new Operation.Set(at, DocumentJson.tree(json))))
                .apply(tree)
                .document();
        return this;
    }

    private Project after(Intent intent) {
        Outcome outcome = intent.on(draft());
        tree = new Patch(outcome.operations()).apply(tree).document();
        Project project = DocumentJson.read(tree);
        DocumentCheck.check(project);
        return project;
    }

    private Draft draft() {
        JsonNode now = tree;
        return draft(now, revision -> now);
    }

    private static Draft draft(JsonNode tree, Draft.Past past) {
        return new Draft(tree, DocumentJson.read(tree), Samples.TYPESETTER, EditedProject::scores, past);
    }

    private static List<String> ids(Scene scene) {
        return scene.blocks().stream().map(Block::id).toList();
    }

    static Stream<String> scenes() {
        return Samples.demo().scenes().stream().map(Scene::id);
    }

    @Test
    void a_new_scene_stands_behind_the_open_one_and_is_empty() {
        Project project = after(new AddScene("opening"));
        Scene made = project.scenes().get(1);
        assertThat(made.name()).isEqualTo("Scene");
        assertThat(made.length()).isEqualTo(120);
        assertThat(made.blocks()).isEmpty();
        assertThat(made.background()).isEqualTo(project.scenes().get(0).background());
        assertThat(made.formats()).allMatch(format -> format.overrides().isEmpty());
        assertThat(after(new AddScene("opening")).scenes().get(1).name()).isEqualTo("Scene 2");
    }

    @ParameterizedTest
    @MethodSource("scenes")
    void a_scene_that_is_doubled_has_blocks_of_its_own_and_looks_the_same(String id) {
        Project project = after(new DuplicateScene(id));
        int index = project.scenes().indexOf(project.scene(id));
        Scene copy = project.scenes().get(index + 1);
        assertThat(ids(copy)).doesNotContainAnyElementsOf(ids(project.scene(id)));
        for (int frame = 0; frame < copy.length(); frame += 37) {
            assertThat(Samples.score(project, copy).at(frame))
                    .isEqualTo(Samples.score(project, project.scene(id)).at(frame));
        }
    }

    @ParameterizedTest
    @MethodSource("scenes")
    void a_scene_without_a_camera_can_be_split_anywhere_and_what_stands_still_looks_the_same(String id) {
        Scene whole = Samples.demo().scene(id);
        for (int at : new int[] {1, whole.length() / 3, whole.length() / 2, whole.length() - 1}) {
            tree = Samples.demoTree();
            Project project = after(new SplitScene(id, at));
            int index = project.scenes().indexOf(project.scene(id));
            Scene first = project.scenes().get(index);
            Scene second = project.scenes().get(index + 1);
            assertThat(first.length() + second.length()).isEqualTo(whole.length());
            Set<String> both = new HashSet<>(ids(first));
            both.retainAll(ids(second));
            assertThat(both).isEmpty();
        }
    }

    @Test
    void split_at_a_cue_the_cue_goes_with_what_comes_after() {
        Project project = after(new SplitScene("announcement", 150));
        Scene first = project.scene("announcement");
        Scene second = project.scenes().get(project.scenes().indexOf(first) + 1);
        assertThat(first.cues()).extracting(Cue::name).containsExactly("Eleven");
        assertThat(second.cues()).extracting(Cue::name).containsExactly("Bring a coat", "The lamp");
        assertThat(second.cues()).extracting(cue -> cue.at().value()).containsExactly(0.0, 60.0);
    }

    @Test
    void a_length_that_follows_goes_with_the_end_of_the_scene() {
        change("scenes/skipper/ends", "\"block\"");
        Project split = after(new SplitScene("skipper", 60));
        int index = split.scenes().indexOf(split.scene("skipper"));
        assertThat(split.scenes().get(index).ends()).isNull();
        assertThat(split.scenes().get(index + 1).ends()).isEqualTo(Ending.BLOCK);
        Project joined = after(new JoinScenes("skipper"));
        assertThat(joined.scene("skipper").ends()).isEqualTo(Ending.BLOCK);
    }

    @Test
    void split_each_part_has_its_blocks_and_what_is_on_is_cut() {
        List<String> whole = ids(Samples.demo().scene("announcement"));
        Project project = after(new SplitScene("announcement", 140));
        Scene first = project.scene("announcement");
        Scene second = project.scenes().get(project.scenes().indexOf(first) + 1);
        assertThat(whole).containsAll(ids(first));
        for (Block block : first.blocks()) {
            assertThat(block.span().end().value()).isLessThanOrEqualTo(140);
        }
        Set<String> dressing = CaptionCopies.designs(second.captions(), second.blocks());
        for (Block block : second.blocks()) {
            boolean carried = !whole.contains(block.id());
            assertThat(block.span().start().value() == 0).as(block.id()).isEqualTo(carried);
            // Words that have not been said yet are still to come; captions come as they are dressed.
            if (carried && !block.arrive().called() && !dressing.contains(block.id())) {
                assertThat(block.arrive().moves()).as(block.id()).isEmpty();
            }
        }
        assertThat(second.blocks())
                .filteredOn(
                        block -> !whole.contains(block.id()) && block.arrive().called())
                .extracting(Block::name)
                .containsExactly("Bring a coat");
        assertThat(first.cues()).allMatch(cue -> cue.at().value() < 140);
        assertThat(second.cues()).allMatch(cue -> cue.at().value() >= 0);
        assertThat(first.cues().size() + second.cues().size())
                .isEqualTo(Samples.demo().scene("announcement").cues().size());
        assertThat(second.sounds()).allMatch(sound -> sound.start().value() <= 0);
    }

    @ParameterizedTest
    @ValueSource(ints = {20, 45, 100})
    void split_inside_before_or_behind_its_hold_both_parts_hold_where_they_still_can(int at) {
        change("scenes/opening/hold", "{\"from\":30,\"to\":60}")
                .change("scenes/opening/crossing", "{\"kind\":\"fade\"}");
        Project project = after(new SplitScene("opening", at));
        Scene first = project.scenes().get(0);
        Scene second = project.scenes().get(1);
        assertThat(first.hold()).isEqualTo(at == 20 ? null : new Hold(30, Math.min(60, at)));
        assertThat(second.hold()).isEqualTo(at == 100 ? null : new Hold(Math.max(0, 30 - at), 60 - at));
        assertThat(first.crossing()).isNull();
        assertThat(second.crossing()).isNotNull();
    }

    @Test
    void a_scene_cannot_be_split_at_its_ends() {
        assertThatThrownBy(() -> after(new SplitScene("opening", 0))).hasMessageContaining("frames 1 to 179");
        assertThatThrownBy(() -> after(new SplitScene("opening", 180))).hasMessageContaining("not at 180");
        assertThatThrownBy(() -> after(new SplitScene("nowhere", 3))).hasMessageContaining("no scene 'nowhere'");
    }

    @Test
    void joined_the_second_follows_the_first_with_all_that_is_its_own() {
        change("scenes/stops/hold", "{\"from\":30,\"to\":60}").change("scenes/stops/crossing", "{\"kind\":\"slide\"}");
        Scene opening = Samples.demo().scene("opening");
        Scene stops = Samples.demo().scene("stops");
        Project project = after(new JoinScenes("opening"));
        Scene joined = project.scene("opening");
        assertThat(project.scenes()).hasSize(Samples.demo().scenes().size() - 1);
        assertThat(joined.length()).isEqualTo(opening.length() + stops.length());
        assertThat(ids(joined)).containsAll(ids(opening));
        assertThat(joined.hold()).isEqualTo(new Hold(30 + opening.length(), 60 + opening.length()));
        assertThat(joined.crossing()).isNotNull();
        for (Block block : stops.blocks()) {
            Block moved = joined.blocks().stream()
                    .filter(one -> one.name().equals(block.name()))
                    .reduce((earlier, later) -> later)
                    .orElseThrow();
            assertThat(moved.span().start().value())
                    .isEqualTo(block.span().start().value() + opening.length());
        }
    }

    @Test
    void what_was_split_and_joined_again_looks_as_before_where_nothing_was_cut() {
        Project before = Samples.demo();
        after(new SplitScene("opening", 90));
        Project project = after(new JoinScenes("opening"));
        assertThat(project.scene("opening").length())
                .isEqualTo(before.scene("opening").length());
        assertThat(Samples.score(project, project.scene("opening")).at(20))
                .isEqualTo(Samples.score(before, before.scene("opening")).at(20));
    }

    @Test
    void a_scene_that_is_shown_elsewhere_is_not_joined_away() {
        change(
                "scenes/end-card/blocks/"
                        + Samples.demo().scene("end-card").blocks().get(0).id() + "/setting/fill",
                "{\"kind\":\"scene\",\"scene\":\"stops\"}");
        assertThatThrownBy(() -> after(new JoinScenes("opening")))
                .hasMessageContaining("is shown in")
                .hasMessageContaining(Samples.demo().scene("end-card").name());
    }

    @Test
    void scenes_that_do_not_go_together_are_refused_with_the_reason() {
        change("scenes/stops/rate", "{\"numerator\":25,\"denominator\":1}");
        assertThatThrownBy(() -> after(new JoinScenes("opening"))).hasMessageContaining("another frame rate");
        String last =
                Samples.demo().scenes().get(Samples.demo().scenes().size() - 1).id();
        assertThatThrownBy(() -> after(new JoinScenes(last))).hasMessageContaining("no scene after");
    }

    @Test
    void takes_keep_the_ids_of_their_scene_and_change_places_with_it() {
        Project project = after(new AddTake("skipper", null, null));
        Scene take = project.scene("skipper-take");
        assertThat(take.takeOf()).isEqualTo("skipper");
        assertThat(take.name()).isEqualTo(project.scene("skipper").name() + ", take 2");
        assertThat(ids(take)).isEqualTo(ids(project.scene("skipper")));
        assertThat(project.scenes().indexOf(take)).isEqualTo(project.scenes().indexOf(project.scene("skipper")) + 1);
        change("scenes/skipper-take/length", "50");
        Project used = after(new UseTake("skipper-take"));
        assertThat(used.scene("skipper").length()).isEqualTo(50);
        assertThat(used.scene("skipper").takeOf()).isNull();
        assertThat(used.scene("skipper-take").length())
                .isEqualTo(Samples.demo().scene("skipper").length());
        assertThat(after(new UseTake("skipper-take")).scene("skipper").length())
                .isEqualTo(Samples.demo().scene("skipper").length());
        assertThatThrownBy(() -> after(new UseTake("skipper"))).hasMessageContaining("no take");
    }

    @Test
    void a_take_of_a_scene_that_is_gone_becomes_a_scene_with_blocks_of_its_own() {
        JsonNode then = tree;
        tree = new Patch(List.of(new Operation.Remove("scenes/skipper")))
                .apply(tree)
                .document();
        Draft draft = draft(tree, revision -> then);
        tree = new Patch(new AddTake("skipper", 3L, null).on(draft).operations())
                .apply(tree)
                .document();
        assertThatCode(() -> DocumentCheck.check(DocumentJson.read(tree))).doesNotThrowAnyException();
        assertThat(DocumentJson.read(tree).scene("skipper-take").takeOf()).isNull();
    }

    @Test
    void what_differs_in_another_window_is_kept_as_takes_and_what_is_the_same_is_not() {
        JsonNode base = tree;
        change("scenes/opening/blocks/title/opacity", "0.5");
        Patch mine = new Patch(List.of(
                new Operation.Set("scenes/opening/blocks/title/opacity", DocumentJson.tree("0.2")),
                new Operation.Set("scenes/wind/length", DocumentJson.tree("99"))));
        Draft draft = draft(tree, revision -> base);
        Outcome outcome = new KeepAsTakes(1, mine).on(draft);
        Project project =
                DocumentJson.read(new Patch(outcome.operations()).apply(tree).document());
        assertThat(project.scenes()).hasSize(Samples.demo().scenes().size() + 2);
        TextBlock kept = (TextBlock) project.scene("opening-take").blocks().stream()
                .filter(block -> block.id().equals("title"))
                .findFirst()
                .orElseThrow();
        assertThat(kept.opacity()).isEqualTo(Value.of(0.2));
        assertThat(project.scene("wind-take").length()).isEqualTo(99);
    }

    @Test
    void a_restored_state_is_one_change_that_leaves_what_is_the_same() {
        JsonNode then = tree;
        change("name", "\"Other\"");
        Draft draft = draft(tree, revision -> then);
        Outcome outcome = new RestoreState(4).on(draft);
        assertThat(outcome.operations()).extracting(Operation::at).containsExactly("name");
        assertThat(new Patch(outcome.operations()).apply(tree).document()).isEqualTo(then);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "in small letters, without kerning, one word a line",
                "at 90 px, tracking 40, leading 1.4, justified, in #c8472f",
                "set in Literata, wrapped at 900 px, turned 12 \u00b0, opacity 40 %",
                "placed by the top left at 40 px across and 20 % of the frame down",
            })
    void a_typed_setting_is_made_by_values_of_which_the_document_need_have_none(String sentence) {
        for (String id : List.of("opening/title", "end-card/line-name", "skipper/name")) {
            tree = Samples.demoTree();
            String scene = id.split("/")[0];
            String block = id.split("/")[1];
            TextBlock before = (TextBlock) block(DocumentJson.read(tree), scene, block);
            TextBlock wanted = SettingReader.read(
                    sentence,
                    before,
                    Samples.FONTS.families(),
                    DocumentJson.read(tree).scene(scene).blocks());
            Outcome outcome = new SetBySentence(scene, "wide", block, sentence).on(draft());
            assertThat(outcome.operations())
                    .isNotEmpty()
                    .allMatch(operation -> operation.at().startsWith("scenes/" + scene + "/blocks/" + block + "/"));
            Project project = after(new SetBySentence(scene, "wide", block, sentence));
            assertThat(block(project, scene, block)).isEqualTo(wanted);
        }
    }

    private static Block block(Project project, String scene, String id) {
        return project.scene(scene).blocks().stream()
                .filter(block -> block.id().equals(id))
                .findFirst()
                .orElseThrow();
    }
}
