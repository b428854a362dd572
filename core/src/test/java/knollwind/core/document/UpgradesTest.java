package knollwind.core.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import knollwind.core.Samples;
import knollwind.core.check.DocumentCheck;
import knollwind.core.directions.dress.DressPrinter;
import knollwind.core.filling.Filler;
import knollwind.core.frame.SceneScore;
import knollwind.core.library.Style;
import knollwind.core.scene.Block;
import knollwind.core.scene.Dressing;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Filling;
import knollwind.core.scene.Format;
import knollwind.core.scene.Nested;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/** Documents that were kept from every version. */
class UpgradesTest {
    private static final Path KEPT = Path.of("src", "test", "resources", "documents");

    static Stream<Path> kept() throws IOException {
        try (Stream<Path> files = Files.walk(KEPT)) {
            return files.filter(file -> file.toString().endsWith(".json")).sorted().toList().stream();
        }
    }

    @ParameterizedTest
    @MethodSource("kept")
    void a_kept_document_is_upgraded_is_sound_and_stays_as_it_is_from_then_on(Path file) throws IOException {
        JsonNode old = DocumentJson.tree(Files.readString(file));
        JsonNode before = old.deepCopy();
        assertThat(Upgrades.isOlder(old)).isTrue();
        assertThatThrownBy(() -> DocumentJson.read(old)).isInstanceOf(IllegalArgumentException.class);
        JsonNode upgraded = Upgrades.upgraded(old);
        assertThat(old).isEqualTo(before);
        assertThat(Upgrades.version(upgraded)).isEqualTo(Project.DOCUMENT_VERSION);
        DocumentCheck.check(DocumentJson.read(upgraded));
        assertThat(Upgrades.upgraded(upgraded)).isSameAs(upgraded);
    }

    /** Scenes of the demo that have been given other directions or have been dressed since. */
    private static final Set<String> DIRECTED_ANEW = Set.of("announcement", "crossing", "end-card", "opening", "wind");

    @Test
    void the_demo_is_its_kept_document_upgraded() throws IOException {
        Project kept = upgraded("v1/night-ferry.json");
        Project demo = Samples.demo();
        assertThat(kept.scenes()).hasSameSizeAs(demo.scenes());
        for (int i = 0; i < demo.scenes().size(); i++) {
            Scene one = kept.scenes().get(i);
            Scene other = demo.scenes().get(i);
            if (DIRECTED_ANEW.contains(other.id())) {
                continue;
            }
            Format format = one.formats().get(0);
            SceneScore before = SceneScore.of(kept, one, format, Samples.TYPESETTER);
            SceneScore after = SceneScore.of(demo, other, other.formats().get(0), Samples.TYPESETTER);
            assertThat(after.at(one.length() / 2.0)).isEqualTo(before.at(one.length() / 2.0));
        }
    }

    @Test
    void no_two_scenes_have_a_block_of_the_same_id_and_links_lead_to_the_same_blocks() throws IOException {
        Project upgraded = upgraded("v1/night-ferry.json");
        Set<String> ids = new HashSet<>();
        upgraded.scenes()
                .forEach(scene -> scene.blocks()
                        .forEach(block ->
                                assertThat(ids.add(block.id())).as(block.id()).isTrue()));
        JsonNode old = DocumentJson.tree(Files.readString(KEPT.resolve("v1/night-ferry.json")));
        for (int s = 0; s < upgraded.scenes().size(); s++) {
            List<Block> blocks = upgraded.scenes().get(s).blocks();
            for (int b = 0; b < blocks.size(); b++) {
                JsonNode attach = old.at("/scenes/" + s + "/blocks/" + b + "/place/attach/to");
                if (attach.isString()) {
                    int to = index(old.at("/scenes/" + s + "/blocks"), attach.stringValue());
                    assertThat(blocks.get(b).place().attach().to())
                            .isEqualTo(blocks.get(to).id());
                }
            }
        }
    }

    @Test
    void a_line_around_letters_and_a_soft_copy_behind_them_become_dressings_in_every_format() throws IOException {
        Project upgraded = upgraded("v2/pier-screens.json");
        Scene harbour = upgraded.scene("harbour");
        assertThat(DressPrinter.text(harbour.blocks().get(1).dressings()))
                .isEqualTo(
                        "outlined by 4 px along the edge in #f0b64a at 50.2 % with its ink gone, a glow of 6 to 36 px in #f0b64a"
                                + " at 70 %, a shadow of 9 px in #0b1a26 at 60 % falling 0 px towards 90\u00b0.");
        List<Block> tall = Filler.blocks(harbour, harbour.format("tall"));
        assertThat(DressPrinter.text(tall.get(1).dressings()))
                .startsWith("outlined by 7 px along the edge")
                .contains("a shadow of 9 px in #1d5c80");
    }

    @Test
    void a_style_that_was_kept_before_is_upgraded_too() {
        Style style =
                Style.read(DocumentJson.tree("{\"documentVersion\":2,\"name\":\"Harbour\",\"em\":100,\"dress\":[],"
                        + "\"setting\":{\"face\":{\"family\":\"Archivo\",\"axes\":{}},\"size\":100,"
                        + "\"shade\":{\"colour\":\"#0b1a26\",\"soft\":9,\"strength\":0.6}}}"));
        assertThat(style.dress()).extracting(Dressing::kind).containsExactly("shadow");
    }

    private static int index(JsonNode blocks, String id) {
        for (int i = 0; i < blocks.size(); i++) {
            if (blocks.get(i).get("id").asString().equals(id)) {
                return i;
            }
        }
        throw new AssertionError(id);
    }

    private static Project upgraded(String file) throws IOException {
        return DocumentJson.read(Upgrades.upgraded(DocumentJson.tree(Files.readString(KEPT.resolve(file)))));
    }

    @Test
    void other_words_and_colours_of_a_scene_in_a_scene_become_filled_values_and_takes_keep_their_ids()
            throws IOException {
        JsonNode old = DocumentJson.tree(Files.readString(KEPT.resolve("v1/pier-screens.json")));
        JsonNode take = old.at("/scenes/1").deepCopy();
        ((tools.jackson.databind.node.ObjectNode) take).put("id", "rain-take").put("takeOf", "rain");
        JsonNode changed = new Patch(List.of(
                        new Operation.Set(
                                "scenes/fog/blocks/lamp-line/fill",
                                DocumentJson.tree("{\"kind\":\"scene\",\"scene\":\"rain\",\"changes\":["
                                        + "{\"id\":\"words\",\"text\":\"WET\",\"colour\":\"#c8472f\"},"
                                        + "{\"id\":\"lamp-line\",\"colour\":\"#f0b64a\"}]}")),
                        new Operation.Insert("scenes", 2, take)))
                .apply(old)
                .document();
        Project project = DocumentJson.read(Upgrades.upgraded(changed));
        Scene rain = project.scene("rain");
        Fill.Nested nested = project.scene("fog").blocks().stream()
                .flatMap(block -> Nested.of(block).stream())
                .findFirst()
                .orElseThrow();
        assertThat(nested.changes())
                .extracting(Filling::block)
                .allMatch(id ->
                        rain.blocks().stream().anyMatch(block -> block.id().equals(id)));
        assertThat(nested.changes())
                .extracting(filling -> String.join("/", filling.path()))
                .containsExactly("text", "setting/fill", "fill");
        assertThat(project.scene("rain-take").blocks())
                .extracting(Block::id)
                .isEqualTo(rain.blocks().stream().map(Block::id).toList());
    }
}
