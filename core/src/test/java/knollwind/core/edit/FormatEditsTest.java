package knollwind.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import knollwind.core.Samples;
import knollwind.core.check.DocumentCheck;
import knollwind.core.display.DisplayList;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.document.Patch;
import knollwind.core.filling.Filler;
import knollwind.core.frame.SceneScore;
import knollwind.core.library.FrameShape;
import knollwind.core.scene.Block;
import knollwind.core.scene.Format;
import knollwind.core.scene.FrameFit;
import knollwind.core.scene.Measure;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Value;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/** Formats added, resized and made the base. */
class FormatEditsTest {
    private static final Looking TALL = new Looking("s", "tall", false, 0, false, false);

    private final EditedProject edited = new EditedProject();

    private Scene scene() {
        return DocumentJson.read(edited.tree()).scenes().get(0);
    }

    /** What each format shows at a frame, by its name. */
    private static Map<String, DisplayList> seen(Project project, Scene scene, double frame) {
        Map<String, DisplayList> seen = new LinkedHashMap<>();
        for (Format format : scene.formats()) {
            seen.put(
                    format.name(),
                    SceneScore.of(project, scene, format, Samples.TYPESETTER).at(frame));
        }
        return seen;
    }

    static Stream<String> scenes() {
        return Samples.demo().scenes().stream()
                .filter(scene -> scene.formats().size() > 1)
                .map(Scene::id);
    }

    @ParameterizedTest
    @MethodSource("scenes")
    void every_format_can_be_the_base_and_all_look_as_before(String id) {
        JsonNode tree = Samples.demoTree();
        Project before = DocumentJson.read(tree);
        Scene scene = before.scene(id);
        double middle = scene.length() / 2.0;
        Map<String, DisplayList> seen = seen(before, scene, middle);
        for (Format format : scene.formats()) {
            Draft draft = new Draft(
                    tree, DocumentJson.read(tree), Samples.TYPESETTER, EditedProject::scores, revision -> null);
            tree = new Patch(new MakeBase(id, format.id()).on(draft).operations())
                    .apply(tree)
                    .document();
            Project after = DocumentJson.read(tree);
            DocumentCheck.check(after);
            assertThat(after.scene(id).formats().get(0).id()).isEqualTo(format.id());
            assertThat(after.scene(id).formats().get(0).overrides()).isEmpty();
            assertThat(seen(after, after.scene(id), middle)).isEqualTo(seen);
        }
    }

    @Test
    void what_the_new_base_fills_in_becomes_the_blocks_own_and_only_that_is_kept_for_the_others() {
        String block = "scenes/s/blocks/line";
        edited.change(
                TALL, EditedProject.set(block + "/place/rotation", "12"), EditedProject.set(block + "/name", "'rule'"));
        edited.change(
                TALL, new Operation.Insert(block + "/arrive/moves", 0, EditedProject.json(EditedProject.whole("m1"))));
        Map<String, DisplayList> seen = seen(DocumentJson.read(edited.tree()), scene(), 20);
        edited.does(new MakeBase("s", "tall"));
        Block own = Nodes.blockOf(scene(), "line");
        assertThat(own.arrive().moves()).hasSize(1);
        assertThat(own.place().rotation()).isEqualTo(Value.of(12.0));
        assertThat(scene().formats()).extracting(Format::id).containsExactly("tall", "wide");
        assertThat(scene().formats().get(1).overrides())
                .extracting(filling -> String.join("/", filling.path()))
                .containsExactlyInAnyOrder("place/rotation", "arrive/moves");
        assertThat(seen(DocumentJson.read(edited.tree()), scene(), 20)).isEqualTo(seen);
        // Back again, nothing is left over.
        edited.does(new MakeBase("s", "wide"));
        assertThat(scene().measure()).isNull();
        assertThat(seen(DocumentJson.read(edited.tree()), scene(), 20)).isEqualTo(seen);
    }

    @Test
    void a_format_that_fills_in_more_or_less_of_the_same_place_keeps_what_it_shows() {
        edited.does(new AddFormat("s", "1:1", 1080, 1080, null, false));
        edited.does(new AddFormat("s", "4:5", 1080, 1350, null, false));
        String place = "scenes/s/blocks/lamp/place";
        Looking square = new Looking("s", "f-1080x1080", false, 0, false, false);
        Looking post = new Looking("s", "f-1080x1350", false, 0, false, false);
        edited.change(TALL, EditedProject.set(place + "/pivot", "{'across':'left','down':'top','box':'ink'}"));
        edited.change(square, EditedProject.set(place + "/pivot/across", "'right'"));
        edited.change(post, EditedProject.set(place, edited.at(place).toString().replace("50", "75")));
        Map<String, List<Block>> shown = new LinkedHashMap<>();
        scene().formats().forEach(format -> shown.put(format.id(), Filler.blocks(scene(), format)));
        edited.does(new MakeBase("s", "tall"));
        assertThat(scene().formats())
                .allSatisfy(format -> assertThat(Filler.blocks(scene(), format)).isEqualTo(shown.get(format.id())));
    }

    @Test
    void a_format_is_added_to_one_scene_or_to_all_that_lack_it() {
        Format.Safe safe = new Format.Safe(6, 12, 14, 20);
        edited.does(new AddFormat("s", "1:1", 1080, 1080, safe, false));
        assertThat(scene().formats()).hasSize(3);
        assertThat(scene().formats().get(2).safe()).isEqualTo(safe);
        edited.does(new AddFormat("s", "1:1", 1080, 1080, safe, true));
        assertThat(DocumentJson.read(edited.tree()).scenes())
                .allMatch(one -> one.formats().size() == 3);
        assertThatThrownBy(() -> edited.does(new AddFormat("s", "square", 1080, 1080, null, true)))
                .hasMessageContaining("\u201c1:1\u201d is 1080 \u00d7 1080 px already");
        assertThatThrownBy(() -> edited.does(new AddFormat("s", "", 8, 90, null, false)))
                .hasMessageContaining("width of a format");
    }

    @Test
    void a_base_that_is_resized_shows_the_same_as_large_as_it_goes() {
        edited.with("scenes/s/formats/wide/guides", "[{'id':'g','axis':'x','at':480}]");
        edited.does(new ResizeFormat("s", "wide", 3840, 2160));
        assertThat(scene().measured()).isEqualTo(new Measure(1920, 1080));
        assertThat(FrameFit.of(scene(), scene().formats().get(0)).scale()).isEqualTo(2);
        assertThat(scene().formats().get(0).guides().get(0).at()).isEqualTo(960);
        assertThat(scene().formats().get(0).name()).isEqualTo(FrameShape.name(3840, 2160));
        edited.does(new ResizeFormat("s", "wide", 1920, 1080));
        assertThat(scene().measure()).isNull();
        assertThatThrownBy(() -> edited.does(new ResizeFormat("s", "wide", 1080, 1920)))
                .hasMessageContaining("\u201c9:16\u201d is 1080 \u00d7 1920 px already");
        for (String format : List.of("wide", "tall")) {
            assertThatThrownBy(() -> edited.does(new ResizeFormat("s", format, 0, 1080)))
                    .hasMessageContaining("the width of a frame must lie between 16 and 8192");
        }
    }

    @Test
    void shapes_have_names_of_their_own_and_no_two_are_alike() {
        assertThat(FrameShape.all())
                .extracting(one -> one.width() + "x" + one.height())
                .doesNotHaveDuplicates();
        assertThat(FrameShape.name(1280, 720)).isEqualTo("16:9");
        assertThat(FrameShape.name(300, 250)).isEqualTo("300\u00d7250");
        assertThat(FrameShape.name(301, 250)).isEqualTo("301\u00d7250");
    }
}
