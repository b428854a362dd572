package knollwind.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Outline;
import knollwind.core.geometry.Outlines;
import knollwind.core.geometry.Point;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SparksTest {
    private static final Outline SQUARE = Outline.rectangle(new Box(0, 0, 100, 100));
    private static final Outline ROUND = Outlines.ellipse(new Box(-50, -50, 50, 50));
    private static final SparkRule RULE = new SparkRule(100, 2, 1, 0, 0, 0, 0, 0, 0, 100, 1);

    private record Spark(double x, double y, double lived, double size, double vx, double vy) {}

    private static Trace trace(Outline outline, double x, double y) {
        return Trace.of(outline, Matrix.translate(x, y));
    }

    private static List<Spark> at(SparkRule rule, double time, Trace... traces) {
        return at(rule, heads(1, false, traces), time);
    }

    private static List<Spark> at(SparkRule rule, Births births, double time) {
        List<Spark> sparks = new ArrayList<>();
        new Sparks(rule, births)
                .at(time, (n, x, y, lived, size, vx, vy) -> sparks.add(new Spark(x, y, lived, size, vx, vy)));
        return sparks;
    }

    private static Heads heads(int heads, boolean together, Trace... traces) {
        return new Heads(List.of(traces), RULE.over(), RULE.rate(), heads, together);
    }

    private static SparkRule flying(double spread, double gravity, double wind, double drag) {
        return new SparkRule(100, 2, 1, spread, gravity, wind, 0, drag, 0, 100, 1);
    }

    @Test
    void each_is_born_on_the_line_where_its_head_is() {
        for (double time = 0.05; time < 2; time += 0.1) {
            for (Spark spark : at(RULE, time, trace(ROUND, 0, 0))) {
                assertThat(Math.hypot(spark.x, spark.y)).isCloseTo(50, within(0.1));
            }
        }
        // Half of the way round the square in half of the time.
        Spark last = at(RULE, 1, trace(SQUARE, 0, 0)).get(100 - 1);
        assertThat(last.x).isCloseTo(100, within(1e-6));
        assertThat(last.y).isCloseTo(100, within(1e-6));
    }

    @Test
    void as_many_live_as_are_born_in_a_life_and_they_end_by_themselves() {
        assertThat(at(RULE, 0.5, trace(SQUARE, 0, 0))).hasSize(51);
        assertThat(at(RULE, 1.5, trace(SQUARE, 0, 0))).hasSize(100);
        assertThat(at(RULE, 2.995, trace(SQUARE, 0, 0))).isEmpty();
        assertThat(at(RULE, -1, trace(SQUARE, 0, 0))).isEmpty();
        assertThat(at(RULE, 1)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.1, 0.4, 0.9})
    void they_fall_freely(double age) {
        // The first one, at rest when it is born at 0, 0.
        Spark first = at(flying(0, 200, 0, 0), age, trace(SQUARE, 0, 0)).get(0);
        assertThat(first.y).isCloseTo(200 * age * age / 2, within(1e-9));
        assertThat(first.vy).isCloseTo(200 * age, within(1e-9));
    }

    @Test
    void with_drag_they_come_to_the_speed_of_the_air() {
        Spark first = at(flying(300, 0, 80, 12), 0.99, trace(SQUARE, 0, 0)).get(0);
        assertThat(first.vx).isCloseTo(80, within(0.1));
        assertThat(first.vy).isCloseTo(0, within(0.1));
        // Drag that is hardly there is none.
        Spark nearly = at(flying(300, 50, 80, 1e-7), 0.5, trace(SQUARE, 0, 0)).get(0);
        Spark none = at(flying(300, 50, 80, 0), 0.5, trace(SQUARE, 0, 0)).get(0);
        assertThat(nearly.x).isCloseTo(none.x, within(1e-3));
        assertThat(nearly.y).isCloseTo(none.y, within(1e-3));
    }

    @Test
    void letters_are_traced_one_after_the_other_or_at_once_and_by_several_heads() {
        Trace one = trace(SQUARE, 0, 0);
        Trace other = trace(SQUARE, 1000, 0);
        assertThat(at(RULE, 0.9, one, other)).allMatch(spark -> spark.x <= 100);
        assertThat(heads(1, false, one, other).traced(0)).isEqualTo(1);
        assertThat(at(RULE, heads(1, true, one, other), 0.1))
                .anyMatch(spark -> spark.x <= 100)
                .anyMatch(spark -> spark.x >= 1000);
        // The second head sets out on the other side.
        assertThat(at(RULE, heads(2, false, one), 0.02))
                .anyMatch(spark -> spark.x < 3 && spark.y < 3)
                .anyMatch(spark -> spark.x > 97 && spark.y > 97);
    }

    @Test
    void the_same_seed_gives_the_same_and_another_one_others() {
        SparkRule rule = flying(100, 50, 20, 2);
        assertThat(at(rule, 0.7, trace(ROUND, 0, 0))).isEqualTo(at(rule, 0.7, trace(ROUND, 0, 0)));
        SparkRule other = new SparkRule(100, 2, 1, 100, 50, 20, 0, 2, 0, 100, 2);
        assertThat(at(rule, 0.7, trace(ROUND, 0, 0))).isNotEqualTo(at(other, 0.7, trace(ROUND, 0, 0)));
    }

    @Test
    void what_has_no_length_is_passed_over() {
        Outline none = Outline.rectangle(new Box(5, 5, 5, 5));
        assertThat(at(RULE, 1, trace(none, 0, 0))).isEmpty();
        assertThat(at(RULE, 1, trace(none, 0, 0), trace(SQUARE, 0, 0))).isNotEmpty();
    }

    @Test
    void where_none_is_born_none_flies() {
        Births odd = (number, time) -> number % 2 == 0 ? null : new Point(number, 0);
        assertThat(at(RULE, odd, 0.5)).hasSize(25).allMatch(spark -> (int) spark.x % 2 == 1);
        assertThat(at(RULE, Births.NONE, 0.5)).isEmpty();
        assertThat(Births.NONE.heads(0.5)).isEmpty();
    }

    @Test
    void an_area_knows_what_is_inside_and_what_is_a_hole() {
        byte[] verbs = new byte[10];
        float[] points = {0, 0, 100, 0, 100, 100, 0, 100, 40, 40, 40, 60, 60, 60, 60, 40};
        for (int i = 0; i < 10; i++) {
            verbs[i] = i % 5 == 0 ? Outline.MOVE : i % 5 == 4 ? Outline.CLOSE : Outline.LINE;
        }
        Area frame = new Area(Outline.of(verbs, points, new Box(0, 0, 100, 100)));
        assertThat(frame.holds(10, 50)).isTrue();
        assertThat(frame.holds(50, 50)).isFalse();
        assertThat(frame.holds(110, 50)).isFalse();
        for (double across = 0.05; across < 1; across += 0.1) {
            Point at = frame.inside(0.5, across);
            assertThat(frame.holds(at.x(), at.y())).as("%s", at).isTrue();
        }
        assertThat(frame.inside(1.5, 0.5)).isNull();
        assertThat(new Area(ROUND).holds(34, 34)).isTrue();
        assertThat(new Area(ROUND).holds(37, 37)).isFalse();
    }

    @Test
    void lines_that_are_turned_sized_or_squeezed_are_as_long_as_they_are_then() {
        Matrix turned = Matrix.translate(7, 3).times(Matrix.rotate(30)).times(Matrix.scale(2, 2));
        Trace sized = Trace.of(SQUARE, turned);
        assertThat(sized.length()).isCloseTo(800, within(1e-6));
        Point corner = turned.map(new double[] {100, 100});
        assertThat(sized.at(400).x()).isCloseTo(corner.x(), within(1e-6));
        assertThat(sized.at(400).y()).isCloseTo(corner.y(), within(1e-6));
        assertThat(Trace.of(SQUARE, Matrix.scale(2, 1)).length()).isCloseTo(600, within(1e-6));
        // Only the right half: three sides, two of them cut.
        Trace cut = new Trace(SQUARE, Matrix.IDENTITY, new Box(50, -10, 200, 200));
        assertThat(cut.length()).isCloseTo(200, within(1e-6));
        assertThat(new Trace(SQUARE, Matrix.IDENTITY, new Box(120, 0, 200, 200)).length())
                .isZero();
    }
}
