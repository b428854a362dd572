package knollwind.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Stream;
import knollwind.core.Samples;
import knollwind.core.display.DisplayList;
import knollwind.core.display.Ink;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Box;
import knollwind.core.scene.Channel;
import knollwind.core.scene.Edge;
import knollwind.core.scene.Length;
import knollwind.core.scene.Move;
import knollwind.core.scene.MoveBuilder;
import knollwind.core.scene.Order;
import knollwind.core.scene.Pace;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Pivot;
import knollwind.core.scene.Project;
import knollwind.core.scene.Property;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.Uncovering;
import knollwind.core.scene.UnitKind;
import knollwind.core.type.Unit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Scene and time to display list, with numbers worked out by hand. Move bars are linear over frames 0 to 10. */
class BlockScoreTest {
    @Test
    void spans_are_half_open() {
        BlockScore score = score(new Phase(List.of()), "HOME");
        assertThat(score.at(-0.1).list().paints()).isEmpty();
        assertThat(score.at(0).list().paints()).isNotEmpty();
        assertThat(score.at(99.9).list().paints()).isNotEmpty();
        assertThat(score.at(100).list().paints()).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(UnitKind.class)
    void at_rest_units_emit_translations_and_fills_only(UnitKind kind) {
        BlockScore score = score(
                phase(kind, Channel.from("s", Property.SCALE, 0, null), Channel.from("o", Property.OPACITY, 0, null)),
                "LAST BOAT\nHOME");
        DisplayList rest = score.at(50).list();
        assertThat(rest.paints()).allSatisfy(paint -> {
            assertThat(paint)
                    .isInstanceOfAny(
                            PaintOp.Save.class, PaintOp.Concat.class, PaintOp.Fill.class, PaintOp.Restore.class);
            if (paint instanceof PaintOp.Concat m) {
                assertThat(List.of(m.a(), m.b(), m.c(), m.d())).containsExactly(1f, 0f, 0f, 1f);
            }
        });
        assertThat(rest).isEqualTo(score.atRest().list());
        assertThat(fills(rest)).hasSize(12);
    }

    @Test
    void an_offset_in_ems_travels_evenly() {
        BlockScore score =
                score(phase(UnitKind.WHOLE, Channel.from("y", Property.OFFSET_Y, 0.6, Length.Unit.EM)), "HOME");
        // 0.6 em of 100 px is 60 px; half way through it is 30 px.
        assertThat(y(score.at(5)) - y(score.at(50))).isCloseTo(30, within(1e-3));
        assertThat(y(score.at(0)) - y(score.at(50))).isCloseTo(60, within(1e-3));
    }

    @Test
    void scale_and_rotation_keep_the_pivot_in_place() {
        Move move = MoveBuilder.builder()
                .id("m")
                .unit(UnitKind.CHARACTER)
                .pace(Pace.eachApart(10, 0))
                .easing("linear")
                .pivot(new Pivot(Pivot.Across.LEFT, Pivot.Down.BASELINE, Pivot.Box.METRIC))
                .channels(List.of(
                        Channel.from("s", Property.SCALE, 0.5, null), Channel.from("r", Property.ROTATION, -90, null)))
                .build();
        BlockScore score = score(new Phase(List.of(move)), "H");
        Unit unit = score.set().characters().get(0);
        PaintOp.Concat m = concats(score.at(0).list()).get(0);
        assertThat((double) m.a()).isCloseTo(0, within(1e-6));
        assertThat((double) m.b()).isCloseTo(-0.5, within(1e-6));
        assertThat((double) m.c()).isCloseTo(0.5, within(1e-6));
        // The glyph's origin is the pivot itself: left end of the advance box on the baseline.
        assertThat((double) m.e()).isCloseTo(x(score.at(50)), within(1e-3));
        assertThat((double) m.f()).isCloseTo(y(score.at(50)), within(1e-3));
        assertThat(unit.baseline()).isPositive();
    }

    @Test
    void moves_of_one_pivot_add_up_by_value() {
        Channel half = Channel.from("o", Property.OPACITY, 0.5, null);
        Channel right = Channel.from("x", Property.OFFSET_X, 10, Length.Unit.PX);
        Move one = Samples.move(UnitKind.WHOLE, null, Pace.eachApart(10, 0), "linear", half, right);
        Move two = MoveBuilder.builder()
                .id("n")
                .unit(one.unit())
                .order(one.order())
                .pace(one.pace())
                .easing(one.easing())
                .pivot(one.pivot())
                .channels(one.channels())
                .build();
        BlockScore score = score(new Phase(List.of(one, two)), "HOME");
        DisplayList start = score.at(0).list();
        assertThat(start.paints().get(0)).isEqualTo(new PaintOp.Layer(0.25f, 0, 0));
        assertThat(x(score.at(0)) - x(score.at(50))).isCloseTo(20, within(1e-3));
    }

    @Test
    void what_fades_inside_what_fades_is_seen_by_the_product() {
        Channel half = Channel.from("o", Property.OPACITY, 0.5, null);
        Move word = Samples.move(UnitKind.WORD, Order.READING, Pace.eachApart(10, 0), "linear", half);
        Move letter = Samples.move(UnitKind.CHARACTER, Order.READING, Pace.eachApart(10, 0), "linear", half)
                .withId("n");
        BlockScore score = score(new Phase(List.of(word, letter)), "O");
        assertThat(fills(score.at(0).list())).extracting(PaintOp.Fill::opacity).containsExactly(0.25f);
    }

    @Test
    void a_single_glyph_fades_by_its_ink_and_needs_no_layer() {
        BlockScore score = score(phase(UnitKind.CHARACTER, Channel.from("o", Property.OPACITY, 0, null)), "HI");
        assertThat(score.at(5).list().paints()).noneMatch(PaintOp.Layer.class::isInstance);
        assertThat(fills(score.at(5).list())).allMatch(fill -> fill.opacity() == 0.5f);
        assertThat(score.at(0).list().paints()).isEmpty();
    }

    @Test
    void a_tipped_letter_is_seen_in_space_and_flat_again_at_rest() {
        BlockScore score = score(phase(UnitKind.CHARACTER, Channel.from("t", Property.ROTATION_X, 60, null)), "HI");
        assertThat(score.at(5).list().paints()).anyMatch(PaintOp.ConcatDeep.class::isInstance);
        assertThat(score.at(50).list().paints()).noneMatch(PaintOp.ConcatDeep.class::isInstance);
        assertThat(score.at(50).list()).isEqualTo(score.atRest().list());
    }

    @Test
    void a_tint_lies_over_the_colour_by_its_weight_in_linear_light() {
        Move move = MoveBuilder.builder()
                .id("m")
                .unit(UnitKind.WHOLE)
                .pace(Pace.eachApart(10, 0))
                .easing("linear")
                .channels(List.of(Channel.tint("t", 1, "#000000")))
                .build();
        BlockScore score = score(new Phase(List.of(move)), "I");
        assertThat(fills(score.at(0).list()).get(0).ink()).isEqualTo(new Ink.Plain(0xff000000));
        // Half of #f4ead2 in linear light: 244 is 0.9047, half of it 0.4523 is 178.
        assertThat(fills(score.at(5).list()).get(0).ink())
                .satisfies(ink ->
                        assertThat(((Ink.Plain) ink).argb() >> 16 & 255).isBetween(177, 179));
        assertThat(fills(score.at(20).list()).get(0).ink()).isEqualTo(new Ink.Plain(0xfff4ead2));
    }

    @Test
    void a_wipe_uncovers_its_part_from_the_edge_on() {
        for (Edge edge : new Edge[] {null, Edge.LEFT, Edge.RIGHT}) {
            Move move = MoveBuilder.builder()
                    .id("m")
                    .unit(UnitKind.WHOLE)
                    .pace(Pace.eachApart(10, 0))
                    .easing("linear")
                    .channels(List.of(Channel.from("r", Property.REVEAL, 0, null)))
                    .uncovering(Uncovering.PLAIN.withReveal(edge))
                    .build();
            BlockScore score = score(new Phase(List.of(move)), "HOME");
            Box whole = score.set().whole().advance().union(score.set().whole().ink());
            PaintOp.Clip clip = score.at(4).list().paints().stream()
                    .filter(PaintOp.Clip.class::isInstance)
                    .map(PaintOp.Clip.class::cast)
                    .findFirst()
                    .orElseThrow();
            double from = edge == Edge.RIGHT ? whole.right() - 0.4 * whole.width() : whole.left();
            assertThat(clip.outline().ink().left()).isCloseTo(from, within(1e-3));
            assertThat(clip.outline().ink().width()).isCloseTo(0.4 * whole.width(), within(1e-3));
            assertThat(score.at(10).list().paints()).noneMatch(PaintOp.Clip.class::isInstance);
        }
    }

    @Test
    void a_reveal_clips_in_the_parents_rest_frame_and_not_at_rest() {
        Move move = MoveBuilder.builder()
                .id("m")
                .unit(UnitKind.CHARACTER)
                .pace(Pace.eachApart(10, 0))
                .easing("linear")
                .channels(List.of(Channel.from("y", Property.OFFSET_Y, 1, Length.Unit.EM)))
                .uncovering(Uncovering.PLAIN.withReveal(Edge.BASELINE))
                .build();
        BlockScore score = score(new Phase(List.of(move)), "Hg");
        DisplayList moving = score.at(5).list();
        PaintOp.Clip clip = (PaintOp.Clip) moving.paints().stream()
                .filter(PaintOp.Clip.class::isInstance)
                .findFirst()
                .orElseThrow();
        // Below the baseline it takes in the ink of the g, so that nothing pops when the clip goes.
        assertThat(clip.outline().ink().bottom())
                .isCloseTo(score.set().lines().get(0).ink().bottom(), within(1e-6));
        assertThat(clip.outline().ink().bottom())
                .isGreaterThan(score.set().lines().get(0).baseline() + 5);
        assertThat(score.at(10).list().paints()).noneMatch(PaintOp.Clip.class::isInstance);
    }

    @Test
    void animated_tracking_pushes_and_the_line_keeps_its_alignment() {
        BlockScore score = score(phase(UnitKind.WHOLE, Channel.from("t", Property.TRACKING, 200, null)), "HOME");
        List<PaintOp.Concat> wide = concats(score.at(0).list());
        List<PaintOp.Concat> rest = concats(score.at(50).list());
        // 200 thousandths of 100 px are 20 px in each of three gaps; centred, half of 60 px goes to the left.
        for (int i = 0; i < 4; i++) {
            assertThat((double) wide.get(i).e() - rest.get(i).e()).isCloseTo(-30 + 20 * i, within(1e-3));
        }
    }

    @Test
    void blur_is_inside_the_clip_and_a_layer_of_its_own() {
        Move move = MoveBuilder.builder()
                .id("m")
                .unit(UnitKind.WORD)
                .pace(Pace.eachApart(10, 0))
                .easing("linear")
                .channels(List.of(Channel.from("b", Property.BLUR, 0.2, Length.Unit.EM)))
                .uncovering(Uncovering.PLAIN.withReveal(Edge.LEFT))
                .build();
        List<PaintOp> paints =
                score(new Phase(List.of(move)), "HOME").at(5).list().paints();
        int clip = index(paints, PaintOp.Clip.class);
        int layer = index(paints, PaintOp.Layer.class);
        assertThat(clip).isNotNegative().isLessThan(layer);
        assertThat(((PaintOp.Layer) paints.get(layer)).blurX()).isEqualTo(10f);
    }

    @Test
    void saves_and_restores_are_balanced_at_every_time() {
        java.util.Random random = new java.util.Random(9);
        for (int i = 0; i < 60; i++) {
            Phase in = new Phase(List.of(Samples.anyMove(random)));
            BlockScore score = score(in, "Last boat\nhome g");
            for (double time = 0; time < 60; time += 7.3) {
                int depth = 0;
                for (PaintOp paint : score.at(time).list().paints()) {
                    depth += paint instanceof PaintOp.Save
                                    || paint instanceof PaintOp.Layer
                                    || paint instanceof PaintOp.Mask
                            ? 1
                            : paint instanceof PaintOp.Restore ? -1 : 0;
                    assertThat(depth).isNotNegative();
                }
                assertThat(depth).isZero();
            }
        }
    }

    @Test
    void stretching_the_hold_leaves_the_first_and_last_frames_as_they_were() {
        Phase in = phase(UnitKind.CHARACTER, Channel.from("r", Property.ROTATION, 40, null));
        BlockScore shorter = score(in, in, "HOME", Span.of(0, 60));
        BlockScore longer = score(in, in, "HOME", Span.of(0, 95));
        for (int k = 0; k < 10; k++) {
            assertThat(longer.at(k).list()).isEqualTo(shorter.at(k).list());
            assertThat(longer.at(94 - k).list()).isEqualTo(shorter.at(59 - k).list());
        }
    }

    private static Phase phase(UnitKind kind, Channel... channels) {
        return new Phase(List.of(Samples.move(kind, Order.READING, Pace.eachApart(10, 0), "linear", channels)));
    }

    private static BlockScore score(Phase arrive, String text) {
        return score(arrive, Phase.CUT, text, Span.of(0, 100));
    }

    private static BlockScore score(Phase arrive, Phase leave, String text, Span span) {
        TextBlock block = Samples.block(text, span, arrive, leave);
        Project project = Samples.project(200, block);
        Scene scene = project.scenes().get(0);
        return SceneScore.of(project, scene, scene.formats().get(0), Samples.TYPESETTER)
                .blocks()
                .get(0);
    }

    private static List<PaintOp.Concat> concats(DisplayList list) {
        return only(list, PaintOp.Concat.class).toList();
    }

    private static List<PaintOp.Fill> fills(DisplayList list) {
        return only(list, PaintOp.Fill.class).toList();
    }

    private static <T extends PaintOp> Stream<T> only(DisplayList list, Class<T> type) {
        return list.paints().stream().filter(type::isInstance).map(type::cast);
    }

    private static int index(List<PaintOp> paints, Class<? extends PaintOp> type) {
        for (int i = 0; i < paints.size(); i++) {
            if (type.isInstance(paints.get(i))) {
                return i;
            }
        }
        return -1;
    }

    private static double x(BlockFrame frame) {
        return concats(frame.list()).get(0).e();
    }

    private static double y(BlockFrame frame) {
        return concats(frame.list()).get(0).f();
    }
}
