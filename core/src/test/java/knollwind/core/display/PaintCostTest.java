package knollwind.core.display;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Outline;
import org.junit.jupiter.api.Test;

/** What it is said to cost to paint a list. */
class PaintCostTest {
    private static final Box FRAME = new Box(0, 0, 1000, 1000);
    private static final PaintOp.Fill WHOLE = new PaintOp.Fill(Outline.rectangle(FRAME), new Ink.Plain(-1), 1);

    private static double ms(PaintOp... paints) {
        return PaintCost.of(new DisplayList(List.of(paints)), FRAME).ms();
    }

    private static double layered(PaintOp layer) {
        return ms(layer, WHOLE, new PaintOp.Restore());
    }

    @Test
    void what_is_outside_the_frame_or_its_clip_costs_nothing() {
        PaintOp away = new PaintOp.Concat(1, 0, 0, 1, 2000, 0);
        assertThat(ms(new PaintOp.Save(), away, WHOLE, new PaintOp.Restore())).isZero();
        PaintOp clip = new PaintOp.Clip(Outline.rectangle(new Box(-90, -90, -10, -10)));
        assertThat(ms(clip, WHOLE)).isZero();
        assertThat(ms(WHOLE)).isPositive();
    }

    @Test
    void a_quarter_of_the_area_is_a_quarter_of_the_px() {
        PaintOp half = new PaintOp.Concat(0.5f, 0, 0, 0.5f, 0, 0);
        double[] whole = PaintCost.of(new DisplayList(List.of(WHOLE)), FRAME).work();
        double[] quarter =
                PaintCost.of(new DisplayList(List.of(half, WHOLE)), FRAME).work();
        assertThat(quarter[0]).isEqualTo(whole[0]);
        assertThat(quarter[3]).isCloseTo(whole[3] / 4, within(1e-9));
    }

    @Test
    void blurs_cost_most_and_less_in_coarse_layers() {
        double plain = layered(new PaintOp.Layer(0.5f, 0, 0));
        double blurred = layered(new PaintOp.Layer(1, 10, 10));
        assertThat(blurred).isGreaterThan(2 * plain);
        PaintOp blur = new PaintOp.Mixed(Mixing.PLUS_LIGHTER, 1, 10, 10);
        List<PaintOp> group = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            group.addAll(List.of(blur, WHOLE, new PaintOp.Restore()));
        }
        group.add(new PaintOp.Restore());
        List<PaintOp> fine = new ArrayList<>(group);
        fine.add(0, new PaintOp.Layer(1, 0, 0));
        group.add(0, new PaintOp.Layer(1, 0, 0, 4));
        double coarse = PaintCost.of(new DisplayList(group), FRAME).ms();
        assertThat(coarse).isLessThan(PaintCost.of(new DisplayList(fine), FRAME).ms() / 2);
    }
}
