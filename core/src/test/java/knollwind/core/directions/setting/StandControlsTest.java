package knollwind.core.directions.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import knollwind.core.Samples;
import knollwind.core.directions.BlockScript;
import knollwind.core.directions.Script;
import knollwind.core.directions.controls.Control;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.document.Patch;
import knollwind.core.frame.BlockScore;
import knollwind.core.frame.SceneScore;
import knollwind.core.geometry.Box;
import knollwind.core.scene.Format;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A block that is told where to stand stands there, also when its words change. */
class StandControlsTest {
    @ParameterizedTest
    @CsvSource({
        "x, at the left safe edge, 96",
        "x, in the middle, 960",
        "x, at the right safe edge, 1824",
        "y, at the top safe edge, 54",
        "y, in the middle, 540",
        "y, at the bottom safe edge, 1026"
    })
    void stands_where_it_is_told_whatever_the_words_are(String part, String where, double px) {
        Project demo = Samples.demo();
        Patch patch = new Patch(option(demo, part, where).operations());
        String json = patch.apply(DocumentJson.tree(demo)).document().toString();
        for (String words : List.of("LAST BOAT\\nHOME", "I", "The lamp on pier two")) {
            Project project = DocumentJson.read(json.replace("LAST BOAT\\nHOME", words));
            BlockScore score = score(project);
            Box box = score.place(score.set().whole());
            assertThat(edge(box, part, where)).as(words).isCloseTo(px, within(0.01));
            assertThat(option(project, part, where).selected()).isTrue();
        }
    }

    @Test
    void a_format_with_a_safe_area_of_its_own_has_its_edges_there() {
        Format.Safe own = new Format.Safe(6, 12, 14, 20);
        Project demo = Samples.demo();
        assertThat(place(option(demo, "x", "at the left safe edge", own))).isEqualTo(6);
        assertThat(place(option(demo, "x", "at the right safe edge", own))).isEqualTo(86);
        assertThat(place(option(demo, "y", "at the top safe edge", own))).isEqualTo(12);
        assertThat(place(option(demo, "y", "at the bottom safe edge", own))).isEqualTo(80);
    }

    /** Hundredths of the frame at which an option puts the block. */
    private static double place(Control.Option option) {
        Operation.Set set = (Operation.Set) option.operations().get(1);
        return set.value().get("value").asDouble();
    }

    private static double edge(Box box, String part, String where) {
        double low = part.equals("x") ? box.left() : box.top();
        double high = part.equals("x") ? box.right() : box.bottom();
        return where.contains("middle")
                ? (low + high) / 2
                : where.contains("left") || where.contains("top") ? low : high;
    }

    private static Control.Option option(Project project, String part, String label) {
        return option(project, part, label, Format.Safe.TITLE);
    }

    private static Control.Option option(Project project, String part, String label, Format.Safe safe) {
        BlockScript script = Script.of(
                score(project),
                "scenes/opening/blocks/title",
                Samples.FONTS.families(),
                project.scenes().get(0).blocks(),
                List.of(),
                List.of(),
                safe,
                1);
        Control.Choice choice = (Control.Choice) script.setting().segments().stream()
                .filter(segment ->
                        segment.part() != null && segment.part().name().equals(part))
                .findFirst()
                .orElseThrow()
                .part()
                .controls()
                .get(1);
        return choice.options().stream()
                .filter(option -> option.label().equals(label))
                .findFirst()
                .orElseThrow();
    }

    private static BlockScore score(Project project) {
        Scene scene = project.scenes().get(0);
        return SceneScore.of(project, scene, scene.formats().get(0), Samples.TYPESETTER).blocks().stream()
                .filter(block -> block.block().id().equals("title"))
                .findFirst()
                .orElseThrow();
    }
}
