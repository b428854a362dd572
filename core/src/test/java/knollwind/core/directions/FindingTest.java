package knollwind.core.directions;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import knollwind.core.Samples;
import knollwind.core.directions.caption.CaptionRuleWords;
import knollwind.core.directions.move.MoveReader;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.CaptionColumn;
import knollwind.core.scene.CaptionLine;
import knollwind.core.scene.Captions;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class FindingTest {
    private static final TextBlock BLOCK = Samples.block(
            "Last boat HOME",
            Span.of(0, 90),
            new Phase(List.of(MoveReader.read("words slide left 2 em, in reverse", PhaseKind.ARRIVE, null))),
            new Phase(null));

    private static List<Finding.Found> find(String words) {
        return Finding.in(Samples.project(90, BLOCK), words);
    }

    @ParameterizedTest
    @CsvSource({"boat home, says", "IN REVERSE, arrives", "centred, set"})
    void names_words_and_directions_are_searched_whatever_their_case(String words, String where) {
        assertThat(find(words)).extracting(Finding.Found::where).contains(where);
        assertThat(find(words)).allMatch(one -> one.text().toLowerCase().contains(words.toLowerCase()));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "  ", "no such thing at all"})
    void nothing_is_found_of_nothing(String words) {
        assertThat(find(words)).isEmpty();
    }

    @Test
    void scenes_are_found_by_their_names() {
        Scene scene = Samples.project(90, BLOCK).scenes().get(0).withName("Night quay");
        assertThat(Finding.in(Project.of("p", List.of(scene)), "quay"))
                .contains(new Finding.Found(scene.id(), "", "", "Night quay", "called", "Night quay"));
    }

    @Test
    void captions_are_found_in_every_language_and_over_their_lines() {
        Scene scene = Samples.project(90, BLOCK).scenes().get(0);
        CaptionLine line = new CaptionLine(
                "c7", Span.of(10, 50), Map.of("en", "the eleven\nten ferry", "de", "die Nachtfähre"), null, List.of());
        scene = scene.withCaptions(new Captions(
                BLOCK.id(),
                List.of(BLOCK.id()),
                CaptionRuleWords.BROADCAST,
                null,
                List.of(new CaptionColumn("en", "English", "en"), new CaptionColumn("de", "German", "de")),
                null,
                List.of(line)));
        Project project = Project.of("p", List.of(scene));
        assertThat(Finding.in(project, "ELEVEN ten"))
                .containsExactly(
                        new Finding.Found(scene.id(), BLOCK.id(), "c7", "English", "says", "the eleven\nten ferry"));
        assertThat(Finding.in(project, "nachtf"))
                .extracting(Finding.Found::name)
                .containsExactly("German");
    }
}
