package knollwind.core.frame;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import knollwind.core.Samples;
import knollwind.core.directions.move.MoveReader;
import knollwind.core.edit.CaptionedProject;
import knollwind.core.edit.DuplicateScene;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.CaptionColumn;
import knollwind.core.scene.CaptionLine;
import knollwind.core.scene.CaptionLineBuilder;
import knollwind.core.scene.Crossing;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Format;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Span;
import knollwind.core.scene.TimeLink;
import org.junit.jupiter.api.Test;

/** What is seen of captions. */
class CaptionRowTest {
    private final CaptionedProject project = CaptionedProject.captioned();

    private String design(int place) {
        return project.row().design() + "." + project.line(place).id();
    }

    private static CaptionLine typed(String id, int start, int end, String text) {
        return CaptionLineBuilder.builder()
                .id(id)
                .span(Span.of(start, end))
                .text(Map.of("c1", text))
                .build();
    }

    private SceneScore score() {
        return Samples.score(project.project(), project.scene());
    }

    @Test
    void only_the_caption_that_is_on_is_seen_and_no_design_by_itself() {
        assertThat(project.seen(10)).containsExactly("title");
        assertThat(project.seen(24)).hasSize(3).last().isEqualTo(design(0));
        assertThat(project.seen(59.9)).last().isEqualTo(design(0));
        assertThat(project.seen(60)).hasSize(3).last().isEqualTo(design(1));
        assertThat(project.seen(100)).containsExactly("title");
        assertThat(score().at(24)).isNotEqualTo(score().at(60)).isNotEqualTo(score().at(10));
    }

    @Test
    void what_dresses_captions_can_be_told_as_one_of_them_shows_it() {
        CaptionRow row = CaptionRow.of(
                project.project(),
                project.scene(),
                project.scene().formats().get(0),
                project.scene().blocks(),
                Samples.MATERIALS);
        String id = project.line(1).id();
        CaptionRow.Copy words = row.as(project.row().design(), id).orElseThrow();
        assertThat(words.block().id()).isEqualTo(project.row().design());
        assertThat(words.block().asWords().orElseThrow().text()).isEqualTo("leaves at eleven.");
        String plate = project.scene().blocks().stream()
                .filter(block -> block.asPlate().isPresent())
                .findFirst()
                .orElseThrow()
                .id();
        assertThat(row.as(plate, id)
                        .orElseThrow()
                        .block()
                        .asPlate()
                        .orElseThrow()
                        .behind())
                .containsExactly(project.row().design());
        assertThat(row.as("title", id)).isEmpty();
        assertThat(row.as(plate, "gone")).isEmpty();
    }

    @Test
    void a_reel_has_a_row_for_each_caption_of_its_time() {
        assertThat(ReelBuilder.build(score(), 50, 70).rows())
                .extracting(row -> row.block())
                .contains(design(0), design(1))
                .doesNotContain(design(2), project.row().design());
    }

    @Test
    void captions_that_are_on_together_stand_above_one_another() {
        project.with(row -> row.withLines(
                List.of(typed("a", 10, 60, "First"), typed("b", 20, 40, "Second"), typed("c", 45, 70, "Third"))));
        assertThat(project.timed()).extracting(one -> one.lane()).containsExactly(0, 1, 1);
        List<BlockScore> seen = score().seen(30, 31).stream()
                .filter(one -> one.block().asWords().isPresent())
                .filter(one -> !one.block().id().equals("title"))
                .toList();
        double first = seen.get(0).place(seen.get(0).set().whole()).top();
        double second = seen.get(1).place(seen.get(1).set().whole()).bottom();
        assertThat(second).isLessThan(first);
        assertThat(project.seen(62)).contains(design(2)).doesNotContain(design(0));
    }

    @Test
    void captions_that_are_pushed_together_by_their_words_are_cut_and_not_stacked() {
        List<CaptionLine> lines = new ArrayList<>(project.row().lines());
        Span span = lines.get(0).span();
        lines.set(
                0,
                lines.get(0)
                        .withSpan(new Span(
                                span.start(),
                                span.end(),
                                span.startsAt(),
                                null,
                                null,
                                TimeLink.onWord("voice.w2", true, 12))));
        project.with(row -> row.withLines(lines));
        assertThat(project.told()).startsWith("24-60 The last boat", "60-96 leaves at eleven.");
    }

    @Test
    void a_format_shows_a_column_of_its_own_and_nothing_where_that_has_no_words() {
        CaptionLine both = project.line(0).withText(Map.of("c1", "The last boat", "c2", "Das letzte Boot"));
        project.with(row -> row.with(all -> all.lines(List.of(both, project.line(1)))
                .columns(List.of(row.columns().get(0), new CaptionColumn("c2", "Deutsch", "de")))));
        Format plain = project.scene().formats().get(0);
        Format german = new Format("wide", "16:9", plain.width(), plain.height(), List.of(), null, null, "c2");
        Scene scene = project.scene().withFormats(List.of(german));
        SceneScore score =
                SceneScore.of(project.project().withScenes(List.of(scene)), scene, german, Samples.TYPESETTER);
        assertThat(score.seen(30, 31))
                .last()
                .satisfies(one ->
                        assertThat(one.block().asWords().orElseThrow().text()).isEqualTo("Das letzte Boot"))
                .satisfies(one -> assertThat(
                                one.block().asWords().orElseThrow().setting().language())
                        .isEqualTo("de"));
        assertThat(score.seen(70, 71)).hasSize(1);
    }

    @Test
    void a_nested_scene_shows_its_captions_only_when_asked() {
        Scene inner = project.scene().withId("inner");
        for (Boolean asked : new Boolean[] {null, true}) {
            Fill fill = new Fill.Nested("inner", List.of(), Fill.Picture.Mode.WHOLE, null, asked);
            Project outer = Samples.project(
                    240,
                    Samples.block("X", Span.of(0, 240), Phase.CUT, Phase.CUT)
                            .with(words -> words.setting(words.setting().withFill(fill))));
            Scene scene = outer.scenes().get(0);
            Project both = outer.with(one ->
                    one.scenes(List.of(scene, inner)).voices(project.project().voices()));
            SceneScore score = Samples.score(both, scene);
            boolean same = score.at(10).equals(score.at(30));
            assertThat(same).as("asked: " + asked).isEqualTo(asked == null);
        }
    }

    @Test
    void a_crossing_ends_a_caption_at_its_middle() {
        project.does(new DuplicateScene("s"));
        Scene first = project.scene()
                .with(one -> one.captions(project.row().withLines(List.of(typed("a", 200, 240, "Going"))))
                        .crossing(new Crossing(Crossing.Kind.FADE, 20, null, null, null, null)));
        Scene copy = project.project().scenes().get(1);
        Scene next = copy.withCaptions(copy.captions().withLines(List.of(typed("b", 0, 40, "Coming"))));
        Project film = project.project().withScenes(List.of(first, next));
        SceneScore one = Samples.score(film, first);
        assertThat(one.captioned(0, 230).seen(229, 230)).hasSize(3);
        assertThat(one.captioned(0, 230).seen(231, 232)).hasSize(1);
        SceneScore other = Samples.score(film, next);
        assertThat(other.captioned(10, 240).seen(9, 10)).hasSize(1);
        assertThat(other.captioned(10, 240).seen(10, 11)).hasSize(3);
        SceneSequence sequence = SceneSequence.of(film, first.formats().get(0), Samples.TYPESETTER);
        assertThat(sequence.length()).isEqualTo(460);
        assertThat(sequence.frame(235, false)).isNotEmpty();
    }

    @Test
    void the_word_that_is_spoken_is_set_off_and_in_another_language_each_has_its_share() {
        Phase spoken = new Phase(List.of(
                MoveReader.read("words colour to #f0b64a, 4 frames each, as they are spoken", PhaseKind.DWELL, null)));
        CaptionLine both = project.line(0).withText(Map.of("c1", "The last boat", "c2", "Das allerletzte Boot"));
        project.with(row -> row.with(all -> all.lines(List.of(both))
                .columns(List.of(row.columns().get(0), new CaptionColumn("c2", "Deutsch", "de")))));
        Scene dwelling = project.scene()
                .withBlocks(project.scene().blocks().stream()
                        .map(block -> block.id().equals(project.row().design())
                                ? block.asWords().orElseThrow().withDwell(spoken)
                                : block)
                        .toList());
        // The words are said at frames 24, 36 and 48.
        assertThat(starts(dwelling, "c1")).containsExactly(24.0, 36.0, 48.0);
        assertThat(starts(dwelling, "c2")).first().isEqualTo(24.0);
        assertThat(starts(dwelling, "c2").get(1)).isBetween(30.0, 31.5);
        assertThat(starts(dwelling, "c2").get(2)).isBetween(50.0, 53.0);
    }

    private List<Double> starts(Scene scene, String column) {
        Scene shown = scene.withCaptions(scene.captions().withShown(column));
        return Samples.score(project.project().withScenes(List.of(shown)), shown).seen(30, 31).stream()
                .filter(one -> one.block().dwell().moves().size() == 1)
                .flatMap(one -> one.timing().moves().get(0).starts().stream())
                .toList();
    }
}
