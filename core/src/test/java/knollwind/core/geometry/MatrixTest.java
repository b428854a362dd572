package knollwind.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Maps in the plane and in space, worked by hand. */
class MatrixTest {
    private static final Matrix EYE = Matrix.perspective(1000, 500, 300);

    private static Point map(Matrix matrix, double x, double y) {
        return matrix.map(new double[] {x, y});
    }

    @Test
    void what_stays_in_the_plane_is_seen_as_it_is() {
        Matrix flat = Matrix.translate(40, -7).times(Matrix.rotate(30)).times(Matrix.scale(2, 3));
        Matrix seen = EYE.times(flat);
        assertThat(seen.isFlat()).isFalse();
        assertThat(seen.plane().isFlat()).isTrue();
        assertThat(map(seen, 12, 34).x()).isCloseTo(map(flat, 12, 34).x(), within(1e-9));
        assertThat(map(seen, 12, 34).y()).isCloseTo(map(flat, 12, 34).y(), within(1e-9));
    }

    @Test
    void what_is_half_way_to_the_eye_is_seen_twice_as_large() {
        Matrix near = EYE.times(Matrix.translate(0, 0, 500));
        assertThat(map(near, 600, 300).x()).isCloseTo(700, within(1e-9));
        assertThat(map(near, 500, 400).y()).isCloseTo(500, within(1e-9));
        assertThat(near.depth(0, 0)).isEqualTo(0.5);
        assertThat(EYE.times(Matrix.translate(0, 0, 1500)).depth(0, 0)).isNegative();
        assertThat(EYE.times(Matrix.translate(0, 0, 1500))
                        .map(new Box(0, 0, 10, 10))
                        .isEmpty())
                .isTrue();
    }

    @Test
    void turns_about_level_and_upright_axes_go_the_way_they_are_said_to() {
        Matrix about = Matrix.translate(500, 300);
        Matrix back = Matrix.translate(-500, -300);
        Matrix tipped = EYE.times(about).times(Matrix.rotateX(60)).times(back);
        // The top goes away and is seen smaller, the foot comes near.
        assertThat(tipped.depth(500, 200)).isGreaterThan(1);
        assertThat(tipped.depth(500, 400)).isLessThan(1);
        Matrix swung = EYE.times(about).times(Matrix.rotateY(60)).times(back);
        assertThat(swung.depth(600, 300)).isLessThan(1);
        Matrix edgeOn = EYE.times(about).times(Matrix.rotateX(90)).times(back);
        assertThat(map(edgeOn, 500, 200).y()).isCloseTo(300, within(1e-9));
        Matrix leaning = Matrix.skew(45);
        assertThat(map(leaning, 0, -10).x()).isCloseTo(10, within(1e-9));
    }

    @Test
    void turns_in_space_inside_turns_in_space_add_up() {
        Matrix twice = Matrix.rotateY(40).times(Matrix.rotateY(50)).times(Matrix.rotateY(-90));
        assertThat(map(twice, 30, 40).x()).isCloseTo(30, within(1e-9));
        assertThat(twice.depth(30, 40)).isCloseTo(1, within(1e-12));
    }

    /** One map after another is their product, in the plane as in space. */
    @Test
    void a_product_does_what_its_factors_do_one_after_the_other() {
        Random random = new Random(8);
        for (int i = 0; i < 200; i++) {
            Matrix outer = anyFlat(random);
            Matrix inner = anyFlat(random);
            double x = random.nextInt(400) - 200;
            double y = random.nextInt(400) - 200;
            Point once = map(inner, x, y);
            Point both = map(outer, once.x(), once.y());
            assertThat(map(outer.times(inner), x, y).x()).isCloseTo(both.x(), within(1e-6));
            assertThat(map(outer.times(inner), x, y).y()).isCloseTo(both.y(), within(1e-6));
        }
        assertThat(map(Matrix.rotate(30).times(Matrix.rotate(60)), 10, 0).y()).isCloseTo(10, within(1e-9));
    }

    /** In the plane and in space alike: what is seen of the plane is taken back to where it was. */
    @Test
    void the_way_back_undoes_a_map() {
        Random random = new Random(9);
        for (int i = 0; i < 200; i++) {
            Matrix flat = anyFlat(random);
            Matrix deep =
                    EYE.times(flat).times(Matrix.rotateX(random.nextInt(70))).times(Matrix.rotateY(30));
            double x = random.nextInt(200) - 100;
            double y = random.nextInt(200) - 100;
            for (Matrix map : List.of(flat, deep)) {
                Point there = map(map, x, y);
                Point back = map(map.back().orElseThrow(), there.x(), there.y());
                assertThat(back.x()).isCloseTo(x, within(1e-6));
                assertThat(back.y()).isCloseTo(y, within(1e-6));
                // As it is used: on a canvas that has the map, a point of the frame stays where it is.
                Point stays = map(map.times(map.back().orElseThrow()), 30, 40);
                assertThat(stays.x()).isCloseTo(30, within(1e-6));
                assertThat(stays.y()).isCloseTo(40, within(1e-6));
            }
            assertThat(flat.back().orElseThrow().isFlat()).isTrue();
        }
        assertThat(Matrix.scale(1, 0).back()).isEmpty();
        assertThat(Matrix.rotateY(90).back()).isEmpty();
    }

    private static Matrix anyFlat(Random random) {
        return Matrix.translate(random.nextInt(100), random.nextInt(100))
                .times(Matrix.rotate(random.nextInt(360)))
                .times(Matrix.skew(random.nextInt(60) - 30))
                .times(Matrix.scale(0.5 + random.nextInt(4), 0.5 + random.nextInt(3)));
    }

    @Test
    void its_numbers_tell_where_points_of_the_plane_are_seen() {
        Matrix leaning =
                EYE.times(Matrix.translate(500, 300)).times(Matrix.rotateX(40)).times(Matrix.translate(-500, -300));
        List<Double> told = leaning.numbers();
        assertThat(told).hasSize(8);
        for (double[] point : new double[][] {{0, 0}, {900, 40}, {320, 580}}) {
            double w = told.get(6) * point[0] + told.get(7) * point[1] + 1;
            Point seen = map(leaning, point[0], point[1]);
            assertThat((told.get(0) * point[0] + told.get(2) * point[1] + told.get(4)) / w)
                    .isCloseTo(seen.x(), within(1e-9));
            assertThat((told.get(1) * point[0] + told.get(3) * point[1] + told.get(5)) / w)
                    .isCloseTo(seen.y(), within(1e-9));
        }
        assertThat(Matrix.translate(4, 5).numbers()).containsExactly(1.0, 0.0, 0.0, 1.0, 4.0, 5.0);
    }
}
