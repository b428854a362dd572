package knollwind.core.template;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import knollwind.core.Samples;
import knollwind.core.check.DocumentCheck;
import knollwind.core.document.DocumentJson;
import knollwind.core.filling.FieldValues;
import knollwind.core.filling.Filler;
import knollwind.core.filling.Misfits;
import knollwind.core.filling.Versions;
import knollwind.core.frame.BlockScore;
import knollwind.core.frame.SceneScore;
import knollwind.core.geometry.Box;
import knollwind.core.scene.Field;
import knollwind.core.scene.Format;
import knollwind.core.scene.Project;
import knollwind.core.scene.Row;
import knollwind.core.scene.Scene;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;

/** The templates that come with Knollwind, as people meet them. */
class ShippedTemplatesTest {
    private static final Path FOLDER = Samples.DEMO.resolveSibling("templates");

    static List<Path> files() throws IOException {
        try (Stream<Path> files = Files.list(FOLDER)) {
            return files.sorted().toList();
        }
    }

    private static JsonNode tree(Path file) throws IOException {
        return DocumentJson.tree(Files.readString(file));
    }

    @Test
    void there_are_enough_of_them() throws IOException {
        assertThat(files()).hasSizeGreaterThanOrEqualTo(8);
    }

    @ParameterizedTest
    @MethodSource("files")
    void each_is_sound_says_what_it_is_for_and_is_set_for_three_shapes(Path file) throws IOException {
        JsonNode tree = tree(file);
        Project template = DocumentJson.read(tree);
        DocumentCheck.check(template);
        assertThat(Misfits.of(template)).isEmpty();
        assertThat(template.about().note()).isNotBlank();
        assertThat(template.fields()).isNotEmpty();
        for (Field field : template.fields()) {
            assertThat(field.hint()).as(field.name()).isNotBlank();
            assertThat(FieldValues.isGone(tree, field)).as(field.name()).isFalse();
            assertThat(FieldValues.standing(tree, field)).as(field.name()).isPresent();
        }
        for (Scene scene : template.scenes()) {
            assertThat(scene.formats()).extracting(Format::name).containsExactly("16:9", "1:1", "9:16");
        }
    }

    /** Words as long as their fields allow: they shrink or break, and stay in the frame. */
    @ParameterizedTest
    @MethodSource("files")
    void words_as_long_as_allowed_stay_in_the_frame(Path file) throws IOException {
        JsonNode tree = tree(file);
        Project template = DocumentJson.read(tree);
        Map<String, JsonNode> longest = new HashMap<>();
        for (Field field : template.fields()) {
            if (field.kind() == Field.Kind.TEXT && field.most() <= 200) {
                String words = "harbour lights and "
                        .repeat(20)
                        .substring(0, field.most().intValue());
                longest.put(field.id(), JsonNodeFactory.instance.stringNode(words.strip()));
            }
        }
        Project filled = Filler.plain(Versions.of(tree, template, Row.of("r", longest), DocumentJson::read)
                .project());
        for (Scene scene : filled.scenes()) {
            for (Format format : scene.formats()) {
                for (BlockScore score :
                        SceneScore.of(filled, scene, format, Samples.TYPESETTER).blocks()) {
                    Box box = score.restingInk();
                    boolean still = score.block().asWords().isPresent()
                            && score.block().place().crawl() == null
                            && scene.captions() == null;
                    if (still) {
                        assertThat(box.left())
                                .as(score.block().name() + " in " + format.name())
                                .isGreaterThanOrEqualTo(0);
                        assertThat(box.right())
                                .as(score.block().name() + " in " + format.name())
                                .isLessThanOrEqualTo(format.width());
                        assertThat(box.top())
                                .as(score.block().name() + " in " + format.name())
                                .isGreaterThanOrEqualTo(0);
                        assertThat(box.bottom())
                                .as(score.block().name() + " in " + format.name())
                                .isLessThanOrEqualTo(format.height());
                    }
                }
            }
        }
    }
}
