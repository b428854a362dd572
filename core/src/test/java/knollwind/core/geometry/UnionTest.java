package knollwind.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

class UnionTest {
    private static final Outline SQUARE = Outline.rectangle(new Box(0, 0, 10, 10));

    private static Union.Placed at(Outline outline, double x, double y) {
        return new Union.Placed(outline, Matrix.translate(x, y));
    }

    private static double length(Outline outline) {
        return Contours.split(outline).stream()
                .mapToDouble(Contours.Contour::length)
                .sum();
    }

    @Test
    void what_lies_over_each_other_has_one_edge_around_both() {
        Outline union = Union.of(List.of(at(SQUARE, 0, 0), at(SQUARE, 6, 4)));
        assertThat(Contours.split(union)).hasSize(1);
        assertThat(length(union)).isCloseTo(2 * (16 + 14), within(1e-3));
        assertThat(union.ink()).isEqualTo(new Box(0, 0, 16, 14));
    }

    @Test
    void what_lies_apart_stays_apart_and_holes_stay_open() {
        assertThat(Contours.split(Union.of(List.of(at(SQUARE, 0, 0), at(SQUARE, 20, 0)))))
                .hasSize(2);
        // A frame of four bars has a hole.
        Outline bar = Outline.rectangle(new Box(0, 0, 30, 6));
        Outline post = Outline.rectangle(new Box(0, 0, 6, 30));
        Outline frame = Union.of(List.of(at(bar, 0, 0), at(bar, 0, 24), at(post, 0, 0), at(post, 24, 0)));
        assertThat(Contours.split(frame)).hasSize(2);
        assertThat(length(frame)).isCloseTo(4 * 30 + 4 * 18, within(1e-3));
    }

    @Test
    void contours_of_one_outline_that_lie_over_each_other_are_told_from_counters() {
        byte[] verbs = {
            Outline.MOVE, Outline.LINE, Outline.LINE, Outline.LINE, Outline.CLOSE,
            Outline.MOVE, Outline.LINE, Outline.LINE, Outline.LINE, Outline.CLOSE
        };
        Box ink = new Box(0, 0, 20, 20);
        float[] crossed = {0, 0, 12, 0, 12, 12, 0, 12, 8, 8, 20, 8, 20, 20, 8, 20};
        float[] counter = {0, 0, 20, 0, 20, 20, 0, 20, 5, 5, 5, 15, 15, 15, 15, 5};
        assertThat(Union.isCrossed(Outline.of(verbs, crossed, ink))).isTrue();
        assertThat(Union.isCrossed(Outline.of(verbs, counter, ink))).isFalse();
        assertThat(Contours.split(Union.of(List.of(at(Outline.of(verbs, crossed, ink), 0, 0)))))
                .hasSize(1);
    }
}
