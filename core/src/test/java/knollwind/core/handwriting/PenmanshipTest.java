package knollwind.core.handwriting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import knollwind.core.Samples;
import knollwind.core.frame.BlockLetters;
import knollwind.core.frame.BlockScore;
import knollwind.core.frame.SceneScore;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Outline;
import knollwind.core.geometry.Raster;
import knollwind.core.scene.Channel;
import knollwind.core.scene.Order;
import knollwind.core.scene.Pace;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Project;
import knollwind.core.scene.Property;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Span;
import knollwind.core.scene.UnitKind;
import knollwind.core.scene.WrittenLetter;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** In what order and direction letters are written, as is usual and as drawn over. */
class PenmanshipTest {
    private static BlockScore score(String text, WrittenLetter... drawn) {
        Phase written = new Phase(List.of(Samples.move(
                UnitKind.CHARACTER,
                Order.READING,
                Pace.eachApart(10, 5),
                "linear",
                Channel.from("w", Property.WRITE, 0, null))));
        Project bare = Samples.project(200, Samples.block(text, Span.of(0, 200), written, Phase.CUT));
        Project project = bare.withLettering(List.of(drawn));
        Scene scene = project.scenes().get(0);
        return SceneScore.of(project, scene, scene.formats().get(0), Samples.TYPESETTER)
                .blocks()
                .get(0);
    }

    private static double[] ends(List<Double> stroke) {
        int last = stroke.size();
        return new double[] {stroke.get(0), stroke.get(1), stroke.get(last - 2), stroke.get(last - 1)};
    }

    @Test
    void a_capital_h_is_two_stems_from_the_top_and_then_its_bar() {
        List<List<Double>> strokes = score("H").letter(0).orElseThrow().strokes();
        assertThat(strokes).hasSize(3);
        double[] left = ends(strokes.get(0));
        double[] right = ends(strokes.get(1));
        double[] bar = ends(strokes.get(2));
        assertThat(left[0]).isLessThan(0.3);
        assertThat(right[0]).isGreaterThan(0.7);
        assertThat(left[1]).isLessThan(0.2);
        assertThat(left[3]).isGreaterThan(0.8);
        assertThat(bar[0]).isLessThan(bar[2]);
        assertThat(bar[1]).isCloseTo(0.5, within(0.15));
    }

    @Test
    void what_is_drawn_over_comes_before_what_is_usual_and_keeps_to_the_middle_of_the_strokes() {
        // The bar first, from right to left, drawn roughly; the stems are left over and follow.
        WrittenLetter drawn =
                new WrittenLetter("w1", "Archivo", "H", List.of(List.of(0.72, 0.42, 0.5, 0.6, 0.28, 0.45)));
        BlockScore score = score("HH", drawn);
        BlockLetters.Letter letter = score.letter(1).orElseThrow();
        assertThat(letter.family()).isEqualTo("Archivo");
        assertThat(letter.character()).isEqualTo("H");
        double[] first = ends(letter.strokes().get(0));
        assertThat(first[0]).isGreaterThan(first[2]);
        for (int i = 1; i < letter.strokes().get(0).size(); i += 2) {
            assertThat(letter.strokes().get(0).get(i)).isCloseTo(0.5, within(0.2));
        }
        assertThat(letter.strokes().size()).isGreaterThanOrEqualTo(3);
        // It is the same for every H, and in the picture.
        assertThat(score.letter(0).orElseThrow().strokes()).isEqualTo(letter.strokes());
        assertThat(score.at(7).list()).isNotEqualTo(score("HH").at(7).list());
        assertThat(score.at(50).list()).isEqualTo(score("HH").at(50).list());
    }

    @ParameterizedTest
    @ValueSource(strings = {"A", "B", "E", "S", "b", "d", "f", "g", "k", "m", "t", "x", "4", "8", "\u00e9", "&"})
    void every_part_of_a_letter_is_written(String character) {
        BlockScore score = score(character);
        Outline outline = score.set().characters().get(0).glyphs().get(0).outline();
        Map<Long, List<List<Double>>> strokes =
                Map.of(outline.id(), new Penmanship(List.of()).strokes("Archivo", character));
        CentreLines.Written written = new CentreLines(strokes).of(outline);
        Box ink = outline.ink();
        Raster raster = new Raster(outline, 60);
        for (int i = 0; i < raster.inside.length; i++) {
            if (raster.inside[i]) {
                double x = raster.x(i % raster.width);
                double y = raster.y(i / raster.width);
                double nearest = written.strokes().stream()
                        .mapToDouble(stroke -> nearest(stroke.outline().points(), x, y))
                        .min()
                        .orElseThrow();
                // The pen spreads at the end by half.
                assertThat(nearest).isLessThan(1.5 * written.width() / 2 + 0.06 * ink.height());
            }
        }
    }

    private static double nearest(float[] points, double x, double y) {
        double least = Double.MAX_VALUE;
        for (int i = 0; i + 1 < points.length; i += 2) {
            least = Math.min(least, Math.hypot(points[i] - x, points[i + 1] - y));
        }
        return least;
    }

    @Test
    void strokes_that_are_none_are_refused() {
        assertThatThrownBy(() -> new WrittenLetter("w", "Archivo", "H", List.of(List.of(0.1, 0.2))))
                .hasMessageContaining("2 to 400 points");
        assertThatThrownBy(() -> new WrittenLetter("w", "Archivo", "H", List.of(List.of(0.1, 0.2, 9.0, 0.1))))
                .hasMessageContaining("between -1 and 2");
        assertThatThrownBy(() -> new WrittenLetter("w", "Archivo", "", List.of()))
                .hasMessageContaining("a character and 1 to 60 strokes");
        assertThat(score("H").letter(4)).isEmpty();
    }

    /** A letter of which nothing is said is written from left to right. */
    @Test
    void what_has_no_order_of_its_own_is_written_from_left_to_right() {
        List<List<Double>> strokes = score("\"").letter(0).orElseThrow().strokes();
        assertThat(strokes).hasSize(2);
        assertThat(strokes.get(0).get(0)).isLessThan(0.4);
        assertThat(strokes.get(1).get(0)).isGreaterThan(0.6);
    }
}
