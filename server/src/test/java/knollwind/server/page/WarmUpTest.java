package knollwind.server.page;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.Set;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Patch;
import knollwind.core.frame.SceneScore;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.TextBlock;
import knollwind.core.type.FontLibrary;
import knollwind.core.type.Typesetter;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The edits that nobody sees are ones that anybody could make: else nothing would be warmed, and nobody would know. */
class WarmUpTest {
    private final Typesetter typesetter = new Typesetter(new FontLibrary());

    @Test
    void every_edit_can_be_made_and_none_is_the_same_as_one_before() throws Exception {
        JsonNode demo = DocumentJson.tree(Files.readString(Path.of("..", "demo", "ternholm-night-ferry.json")));
        Set<Object> seen = new HashSet<>();
        for (Scene scene : DocumentJson.read(demo).scenes()) {
            TextBlock block = (TextBlock) scene.blocks().stream()
                    .filter(TextBlock.class::isInstance)
                    .findFirst()
                    .orElseThrow();
            for (int i = 0; i < 6; i++) {
                Patch patch = new Patch(WarmUp.edits(scene, block, i));
                Project edited = DocumentJson.read(patch.apply(demo).document());
                Scene after = edited.scene(scene.id());
                TextBlock words = (TextBlock) after.blocks().stream()
                        .filter(other -> other.id().equals(block.id()))
                        .findFirst()
                        .orElseThrow();
                assertThat(words.text().length()).isGreaterThan(300);
                assertThat(seen.add(words)).isTrue();
                SceneScore.of(edited, after, after.formats().get(0), typesetter).at(i);
            }
        }
    }
}
