package knollwind.core.directions.grammar;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import knollwind.core.Samples;
import knollwind.core.directions.scene.SceneReader;
import knollwind.core.directions.setting.SettingReader;
import knollwind.core.directions.setting.ShapeReader;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Scene;
import knollwind.core.scene.ShapeBlock;
import knollwind.core.scene.TextBlock;
import org.junit.jupiter.api.Test;

class CompletionTest {
    private static final Scene OPENING = Samples.demo().scene("opening");

    private static List<String> offered(String typed) {
        return Completion.of(typed, SceneReader.OPENINGS, List.of("Last boat home", "Lamp", "Last call")).stream()
                .map(one -> typed.substring(0, one.from()) + one.phrase())
                .toList();
    }

    @Test
    void the_clause_that_is_being_typed_goes_on() {
        assertThat(offered("la")).first().isEqualTo("lasts 12 s");
        assertThat(offered("lasts 8 s, the next scene comes in by f"))
                .containsExactly("lasts 8 s, the next scene comes in by fading over 12 frames");
        assertThat(offered("lasts 1.5 s. sharp")).containsExactly("lasts 1.5 s. movement is sharp");
        assertThat(offered("")).hasSize(8);
        assertThat(offered("wobbly")).isEmpty();
        assertThat(offered("without a tempo")).isEmpty();
    }

    @Test
    void names_are_offered_inside_quotation_marks_and_only_there() {
        assertThat(offered("through letter 2 of “las"))
                .containsExactly("through letter 2 of “Last boat home”", "through letter 2 of “Last call”");
        assertThat(offered("of \"lam")).containsExactly("of “Lamp”");
        assertThat(offered("of “Lamp”, without a")).containsExactly("of “Lamp”, without a tempo");
    }

    @Test
    void all_that_is_offered_can_be_read() {
        SceneReader.OPENINGS.forEach(
                one -> assertThat(SceneReader.read(one, OPENING)).as(one).isNotNull());
        // Only what differs from place to place is stretched over something.
        Fill gradient =
                new Fill.Gradient(90, List.of(new Fill.Stop("a", 0, "#f0b64a"), new Fill.Stop("b", 1, "#c8472f")));
        TextBlock title = (TextBlock) OPENING.blocks().stream()
                .filter(TextBlock.class::isInstance)
                .findFirst()
                .orElseThrow();
        TextBlock words = title.withSetting(title.setting().withFill(gradient));
        SettingReader.OPENINGS.forEach(
                one -> assertThat(SettingReader.read(one, words, Samples.FONTS.families(), OPENING.blocks()))
                        .as(one)
                        .isNotNull());
        ShapeBlock bar = (ShapeBlock) Samples.demo().scenes().stream()
                .flatMap(scene -> scene.blocks().stream())
                .filter(block -> block instanceof ShapeBlock shape && shape.shape() instanceof ShapeBlock.Rectangle)
                .findFirst()
                .orElseThrow();
        ShapeReader.OPENINGS.stream()
                // Each kind of shape has clauses of its own.
                .filter(one -> !one.matches("(a plate|400 px long|3 px thick|ends|padding|its words).*"))
                .forEach(one -> assertThat(ShapeReader.read(one, bar.withFill(gradient), OPENING.blocks()))
                        .as(one)
                        .isNotNull());
    }
}
