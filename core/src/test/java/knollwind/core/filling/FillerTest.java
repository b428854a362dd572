package knollwind.core.filling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import knollwind.core.Samples;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.document.Patch;
import knollwind.core.scene.Block;
import knollwind.core.scene.Filling;
import knollwind.core.scene.Format;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.Value;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

class FillerTest {
    private static final Scene OPENING = Samples.demo().scene("opening");

    private static Filling filling(String path, String json) {
        return Filling.of("title", List.of(path.split("/")), DocumentJson.tree(json));
    }

    private static TextBlock title(List<Block> blocks) {
        return (TextBlock) blocks.stream()
                .filter(block -> block.id().equals("title"))
                .findFirst()
                .orElseThrow();
    }

    private static TextBlock filled(Filling... layer) {
        return title(Filler.blocks(OPENING.blocks(), List.of(layer), misfit -> {}));
    }

    /** The cases that the page's own reading of a format is held to too. */
    static Stream<Arguments> shared() throws IOException {
        try (InputStream in = FillerTest.class.getResourceAsStream("/filling-cases.json")) {
            return DocumentJson.tree(new String(in.readAllBytes(), StandardCharsets.UTF_8))
                    .valueStream()
                    .map(one -> Arguments.of(one.get("what").asString(), one));
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("shared")
    void a_shared_case_fills_as_it_says(String what, JsonNode one) {
        List<String> path =
                one.get("path").valueStream().map(JsonNode::asString).toList();
        JsonNode block = one.get("block");
        Filling filling = Filling.of(block.get("id").asString(), path, one.get("value"));
        assertThat(Filler.with(block, filling).orElse(block)).isEqualTo(one.get("becomes"));
    }

    @Test
    void nothing_filled_is_the_identity() {
        assertThat(Filler.blocks(OPENING.blocks(), List.of(), misfit -> {})).isSameAs(OPENING.blocks());
        assertThat(Filler.plain(Samples.demo())).isEqualTo(Samples.demo());
    }

    @Test
    void filling_twice_is_filling_once() {
        List<Filling> layer =
                List.of(filling("setting/size", "90"), filling("text", "\"EBB\""), filling("place/attach", "null"));
        List<Block> once = Filler.blocks(OPENING.blocks(), layer, misfit -> {});
        assertThat(Filler.blocks(once, layer, misfit -> {})).isEqualTo(once);
        assertThat(once).isNotEqualTo(OPENING.blocks());
    }

    @Test
    void a_value_touches_only_its_block() {
        List<Block> blocks = Filler.blocks(OPENING.blocks(), List.of(filling("opacity", "0.5")), misfit -> {});
        for (int i = 0; i < blocks.size(); i++) {
            if (!blocks.get(i).id().equals("title")) {
                assertThat(blocks.get(i)).isSameAs(OPENING.blocks().get(i));
            }
        }
    }

    @Test
    void later_values_and_outer_layers_win() {
        assertThat(filled(filling("opacity", "0.5"), filling("opacity", "0.25")).opacity())
                .isEqualTo(Value.of(0.25));
        Format format = new Format("tall", "tall", 1080, 1920, List.of(filling("opacity", "0.5")));
        Scene own = Filler.scene(OPENING, format, List.of());
        assertThat(title(own.blocks()).opacity()).isEqualTo(Value.of(0.5));
        Scene instance = Filler.scene(OPENING, format, List.of(filling("opacity", "0.75")));
        assertThat(title(instance.blocks()).opacity()).isEqualTo(Value.of(0.75));
    }

    @Test
    void other_words_take_what_lies_over_them_along() {
        TextBlock other = filled(filling("text", "\"LAST BOAT\\nAT ELEVEN\""));
        assertThat(other.text()).isEqualTo("LAST BOAT\nAT ELEVEN");
        assertThat(other.runs()).allMatch(run -> run.to() <= other.text().length());
    }

    @Test
    void what_does_not_fit_is_passed_over_and_told_and_the_rest_stays() {
        List<Filler.Misfit> misfits = new ArrayList<>();
        List<Block> blocks = Filler.blocks(
                OPENING.blocks(),
                List.of(
                        filling("opacity", "0.5"),
                        filling("setting/size", "\"large\""),
                        filling("arrive/moves/nowhere/after", "3"),
                        filling("setting/tracking", "40")),
                misfits::add);
        assertThat(title(blocks).opacity()).isEqualTo(Value.of(0.5));
        assertThat(title(blocks).setting().tracking()).isEqualTo(Value.of(40.0));
        assertThat(title(blocks).setting().size())
                .isEqualTo(title(OPENING.blocks()).setting().size());
        assertThat(misfits).hasSize(1);
        assertThat(misfits.get(0).filling().path()).containsExactly("setting", "size");
        assertThat(misfits.get(0).reason()).contains("a number");
    }

    @Test
    void fields_are_filled_by_their_own_values_or_by_others() {
        Project project =
                withField("{\"id\":\"f\",\"name\":\"Fog\",\"kind\":\"number\",\"value\":0.5,\"least\":0,\"most\":1}");
        assertThat(title(Filler.plain(project).scene("opening").blocks()).opacity())
                .isEqualTo(Value.of(0.5));
        assertThat(title(Filler.plain(project, Map.of("f", DocumentJson.tree("0.25")))
                                .scene("opening")
                                .blocks())
                        .opacity())
                .isEqualTo(Value.of(0.25));
        assertThatThrownBy(() -> Filler.plain(project, Map.of("f", DocumentJson.tree("3"))))
                .hasMessageContaining("the field \u201cFog\u201d cannot be filled so");
        assertThatThrownBy(() -> withField("{\"id\":\"f\",\"name\":\"F\",\"kind\":\"choice\",\"value\":\"a\"}"))
                .hasMessageContaining("options");
        assertThatThrownBy(() -> withField("{\"id\":\"f\",\"name\":\"F\",\"kind\":\"colour\",\"value\":\"red\"}"))
                .hasMessageContaining("#rrggbb");
    }

    private static Project withField(String field) {
        JsonNode tree = new Patch(List.of(
                        new Operation.Set("fields", DocumentJson.tree("[" + field + "]")),
                        new Operation.Set(
                                "scenes/opening/blocks/title/opacity", DocumentJson.tree("{\"field\":\"f\"}"))))
                .apply(Samples.demoTree())
                .document();
        return DocumentJson.read(tree);
    }

    @Test
    void misfits_are_found_in_formats_and_where_a_scene_stands_in_another() {
        JsonNode tree = new Patch(List.of(
                        new Operation.Insert(
                                "scenes/opening/formats/wide/overrides",
                                0,
                                DocumentJson.tree(filling("setting/size", "0"))),
                        new Operation.Set(
                                "scenes/end-card/blocks/"
                                        + Samples.demo()
                                                .scene("end-card")
                                                .blocks()
                                                .get(0)
                                                .id() + "/setting/fill",
                                DocumentJson.tree("{\"kind\":\"scene\",\"scene\":\"opening\",\"changes\":["
                                        + DocumentJson.tree(filling("opacity", "\"x\"")) + "]}"))))
                .apply(Samples.demoTree())
                .document();
        List<Misfits.Found> found = Misfits.of(DocumentJson.read(tree));
        assertThat(found).extracting(Misfits.Found::reason).anyMatch(reason -> reason.contains("between 0.5 and 4000"));
        assertThat(found).extracting(Misfits.Found::at).anyMatch(at -> at.endsWith("fill/changes"));
        assertThat(found).hasSize(2);
    }

    @Test
    void files_are_those_that_scenes_show_and_set_and_play() {
        UsedFiles all = UsedFiles.of(Samples.demo());
        assertThat(all.families()).contains("Archivo");
        assertThat(all.sounds().values()).contains("night-water.m4a");
        UsedFiles one = UsedFiles.of(Samples.demo(), List.of(OPENING));
        assertThat(one.families()).isNotEmpty().isSubsetOf(all.families());
        assertThat(one.families().size()).isLessThan(all.families().size());
    }
}
