package knollwind.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Outline;
import knollwind.core.geometry.Outlines;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SparksTest {
    private static final Outline SQUARE = Outline.rectangle(new Box(0, 0, 100, 100));
    private static final Outline ROUND = Outlines.ellipse(new Box(-50, -50, 50, 50));
    private static final SparkRule RULE = new SparkRule(100, 2, 1, 1, false, 0, 0, 0, 0, 0, 0, 100, 1);

    private record Spark(double x, double y, double lived, double size, double vx, double vy) {}

    private static Trace trace(Outline outline, double x, double y) {
        return new Trace(outline, Matrix.translate(x, y));
    }

    private static List<Spark> at(SparkRule rule, double time, Trace... traces) {
        List<Spark> sparks = new ArrayList<>();
        new Sparks(rule, List.of(traces))
                .at(time, (x, y, lived, size, vx, vy) -> sparks.add(new Spark(x, y, lived, size, vx, vy)));
        return sparks;
    }

    private static SparkRule flying(double spread, double gravity, double wind, double drag) {
        return new SparkRule(100, 2, 1, 1, false, spread, gravity, wind, 0, drag, 0, 100, 1);
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
        assertThat(new Sparks(RULE, List.of(one, other)).traced(0)).isEqualTo(1);
        SparkRule together = new SparkRule(100, 2, 1, 1, true, 0, 0, 0, 0, 0, 0, 100, 1);
        assertThat(at(together, 0.1, one, other))
                .anyMatch(spark -> spark.x <= 100)
                .anyMatch(spark -> spark.x >= 1000);
        SparkRule two = new SparkRule(100, 2, 1, 2, false, 0, 0, 0, 0, 0, 0, 100, 1);
        // The second head sets out on the other side.
        assertThat(at(two, 0.02, one))
                .anyMatch(spark -> spark.x < 3 && spark.y < 3)
                .anyMatch(spark -> spark.x > 97 && spark.y > 97);
    }

    @Test
    void the_same_seed_gives_the_same_and_another_one_others() {
        SparkRule rule = flying(100, 50, 20, 2);
        assertThat(at(rule, 0.7, trace(ROUND, 0, 0))).isEqualTo(at(rule, 0.7, trace(ROUND, 0, 0)));
        SparkRule other = new SparkRule(100, 2, 1, 1, false, 100, 50, 20, 0, 2, 0, 100, 2);
        assertThat(at(rule, 0.7, trace(ROUND, 0, 0))).isNotEqualTo(at(other, 0.7, trace(ROUND, 0, 0)));
    }

    @Test
    void what_has_no_length_is_passed_over() {
        Outline none = Outline.rectangle(new Box(5, 5, 5, 5));
        assertThat(at(RULE, 1, trace(none, 0, 0))).isEmpty();
        assertThat(at(RULE, 1, trace(none, 0, 0), trace(SQUARE, 0, 0))).isNotEmpty();
    }
}
