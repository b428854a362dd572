package knollwind.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import knollwind.core.Samples;
import knollwind.core.display.PaintOp;
import knollwind.core.scene.Channel;
import knollwind.core.scene.Length;
import knollwind.core.scene.Move;
import knollwind.core.scene.Order;
import knollwind.core.scene.Pace;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Project;
import knollwind.core.scene.Property;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.UnitKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Values that fit nothing still give a picture, and none of its numbers is nonsense. */
class ImpossibleMotionTest {
    private static BlockScore score(String text, Span span, Phase arrive, Phase leave) {
        TextBlock block = Samples.block(text, span, arrive, leave);
        Project project = Samples.project(400, block);
        Scene scene = project.scenes().get(0);
        return SceneScore.of(project, scene, scene.formats().get(0), Samples.TYPESETTER)
                .blocks()
                .get(0);
    }

    private static void isSound(BlockScore score, double from, double to, double step) {
        int looked = 0;
        for (double time = from; time < to; time += step) {
            for (PaintOp paint : score.at(time).list().paints()) {
                for (float number : numbers(paint)) {
                    assertThat(number).as("%s at %s", paint, time).isFinite();
                    looked++;
                }
            }
        }
        assertThat(looked).isGreaterThan(10);
    }

    private static List<Float> numbers(PaintOp paint) {
        if (paint instanceof PaintOp.Concat m) {
            return List.of(m.a(), m.b(), m.c(), m.d(), m.e(), m.f());
        } else if (paint instanceof PaintOp.ConcatDeep deep) {
            List<Float> all = new ArrayList<>();
            for (float value : deep.m()) {
                all.add(value);
            }
            return all;
        } else if (paint instanceof PaintOp.Layer layer) {
            return List.of(layer.opacity(), layer.blurX(), layer.blurY());
        } else if (paint instanceof PaintOp.Stroke stroke) {
            return List.of(
                    stroke.width(),
                    stroke.dashes().isEmpty() ? -1f : stroke.dashes().get(0),
                    stroke.fill().opacity());
        }
        return paint instanceof PaintOp.Fill fill ? List.of(fill.opacity()) : List.of();
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void any_move_at_any_time_gives_finite_numbers(long seed) {
        Random random = new Random(seed);
        List<Move> in = List.of(
                Samples.anyMove(random).withId("m1"), Samples.anyMove(random).withId("m2"));
        List<Move> out = List.of(Samples.anyMove(random));
        isSound(score("Last boat\nhome", Span.of(3, 120), new Phase(in), new Phase(out)), 0, 130, 2.7);
    }

    private static BlockScore eased(String easing) {
        Channel rise = Channel.from("c1", Property.OFFSET_Y, 1, Length.Unit.EM);
        Channel grow = Channel.from("c2", Property.SCALE, 0, null);
        Channel turn = Channel.from("c3", Property.ROTATION_Y, 180, null);
        Move move = Samples.move(UnitKind.CHARACTER, Order.READING, Pace.eachApart(12, 2), easing, rise, grow, turn);
        return score("BOAT", Span.of(0, 60), new Phase(List.of(move)), Phase.CUT);
    }

    @ParameterizedTest
    @ValueSource(strings = {"spring(100, 1, 0.2)", "steps(1)", "cubic-bezier(0, 1e6, 1, -1e6)"})
    void easings_beyond_all_bounds_end_where_they_should(String easing) {
        BlockScore score = eased(easing);
        isSound(score, 0, 60, 0.9);
        assertThat(score.at(40).list()).isEqualTo(score.atRest().list());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "spring(1, 0.0001, 0) | a damping above 0",
                "spring(100, 1, 0) | a damping above 0",
                "overshoot(1000) | an amount from 0 to 4",
                "wind-up(1000) | an amount from 0 to 4",
                "bounce(50, 0.99) | 1 to 12 bounces",
            })
    void easings_that_no_one_can_mean_are_refused_with_their_bounds(String easing, String reason) {
        assertThatThrownBy(() -> eased(easing))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(reason);
    }

    @Test
    void thousands_of_pieces_in_one_frame_and_a_block_of_one_frame_have_a_picture() {
        String many = "boat ".repeat(1250).strip();
        Move move = Samples.move(
                UnitKind.CHARACTER,
                Order.READING,
                Pace.apartInAll(5, 1),
                "linear",
                Channel.from("c1", Property.OPACITY, 0, null));
        BlockScore score = score(many, Span.of(0, 1), new Phase(List.of(move)), new Phase(List.of(move)));
        assertThat(score.timing().moves().get(0).pieces()).hasSize(5000);
        isSound(score, 0, 1, 0.25);
        assertThat(score.timing().scale()).isLessThan(1);
    }
}
