package knollwind.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Point;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The laws of what falls. */
class FallTest {
    private static final double G = 3000;
    private static final Setup.Wall FLOOR = Setup.Wall.of(new Box(-4000, 1000, 4000, 1400));

    private static Setup setup(
            double bounce, double drag, List<Setup.Thing> things, List<Setup.Wall> walls, List<Double> pushes) {
        Forces forces = Forces.of(0, G, drag).withPush(900);
        return new Setup(new Setup.Laws(bounce, 0.4, false, 25, 1), List.of(forces), things, walls, pushes);
    }

    private static Setup.Thing box(double x, double y, int born) {
        return Setup.Thing.of(Solid.of(Solid.Form.BOX, 80, 40), x, y, 0, born);
    }

    private static Setup heap(double bounce, Solid.Form form) {
        List<Setup.Thing> things = new ArrayList<>();
        for (int i = 0; i < 24; i++) {
            Solid solid = form == Solid.Form.OUTLINE
                    ? Solid.outline(80, 60, List.of(corner()))
                    : Solid.of(form, 60 + 5 * (i % 5), 40);
            things.add(Setup.Thing.of(solid, -40 + 23 * (i % 4), -200 - 90 * i, 0.1 * i, i / 3));
        }
        Setup.Wall left = Setup.Wall.of(new Box(-500, -4000, -300, 1000));
        Setup.Wall right = Setup.Wall.of(new Box(300, -4000, 500, 1000));
        return setup(bounce, 0, things, List.of(FLOOR, left, right), List.of());
    }

    /** An angle of two legs. */
    private static List<Point> corner() {
        return List.of(
                new Point(-40, -30),
                new Point(40, -30),
                new Point(40, -10),
                new Point(-15, -10),
                new Point(-15, 30),
                new Point(-40, 30));
    }

    @Test
    void free_fall_is_half_of_g_t_squared() {
        Fall fall = fall(setup(0.5, 0, List.of(box(3, -9000, 0)), List.of(), List.of()));
        for (int frame = 0; frame <= 40; frame += 8) {
            double t = frame / 25.0;
            assertThat(fall.at(0, frame).y()).isCloseTo(-9000 + G * t * t / 2, within(0.5));
            assertThat(fall.at(0, frame).x()).isEqualTo(3);
        }
    }

    @Test
    void what_is_born_later_waits_where_it_begins() {
        Fall fall = fall(setup(0.5, 0, List.of(box(0, 0, 10)), List.of(), List.of()));
        assertThat(fall.at(0, 10)).isEqualTo(new Fall.Pose(0, 0, 0));
        assertThat(fall.at(0, 35).y()).isCloseTo(G / 2, within(0.5));
    }

    @Test
    void one_bounces_as_high_as_it_may_and_lands_elsewhere_when_another_bounces_otherwise() {
        Fall fall = fall(setup(0.5, 0, List.of(box(0, 480, 0)), List.of(FLOOR), List.of()));
        double highest = 1000;
        for (int frame = 16; frame < 40; frame++) {
            highest = Math.min(highest, fall.at(0, frame).y());
        }
        // A quarter of the 500 px that its lower edge fell.
        assertThat(980 - highest).isBetween(100.0, 130.0);
        Fall heap = fall(heap(0.2, Solid.Form.BOX));
        Fall livelier = fall(heap(0.6, Solid.Form.BOX));
        assertThat(heap.at(20, 100)).isNotEqualTo(livelier.at(20, 100));
    }

    @ParameterizedTest
    @EnumSource(Solid.Form.class)
    void the_same_comes_out_the_same_and_a_frame_alone_is_the_one_that_playing_comes_to(Solid.Form form) {
        Fall played = fall(heap(0.4, form));
        for (int frame = 0; frame < 90; frame++) {
            played.at(0, frame);
        }
        Fall alone = fall(heap(0.4, form));
        for (int i = 0; i < 24; i++) {
            assertThat(alone.at(i, 89.5)).isEqualTo(played.at(i, 89.5));
        }
        assertThat(Falls.of(heap(0.4, form), 90)).isSameAs(Falls.of(heap(0.4, form), 90));
    }

    @ParameterizedTest
    @EnumSource(Solid.Form.class)
    void a_heap_comes_to_rest_between_its_walls_and_on_its_floor(Solid.Form form) {
        Fall fall = fall(heap(0.3, form));
        for (int i = 0; i < 24; i++) {
            Fall.Pose late = fall.at(i, 260);
            Fall.Pose later = fall.at(i, 300);
            assertThat(Math.hypot(later.x() - late.x(), later.y() - late.y())).isLessThan(2);
            assertThat(later.x()).isBetween(-300.0, 300.0);
            assertThat(later.y()).isBetween(0.0, 1000.0);
        }
    }

    /** Boxes that lie flat on each other: the distance of their middles tells how far one has sunk. */
    @Test
    void at_rest_nobody_sinks_into_another() {
        List<Setup.Thing> tower = List.of(box(0, 900, 0), box(0, 800, 0), box(0, 700, 0), box(0, 600, 0));
        Fall fall = fall(setup(0.1, 0, tower, List.of(FLOOR), List.of()));
        for (int i = 0; i < 4; i++) {
            assertThat(fall.at(i, 150).y()).isCloseTo(980 - 40.0 * i, within(0.5 * (i + 1)));
        }
    }

    @Test
    void energy_does_not_grow_without_a_push() {
        Setup setup = heap(0.9, Solid.Form.BOX);
        Fall fall = fall(setup);
        double before = Double.MAX_VALUE;
        for (int frame = 40; frame < 140; frame += 5) {
            double energy = 0;
            for (int i = 0; i < 24; i++) {
                Fall.Pose from = fall.at(i, frame);
                Fall.Pose to = fall.at(i, frame + 1);
                double speed = Math.hypot(to.x() - from.x(), to.y() - from.y()) * 25;
                energy += speed * speed / 2 + G * (1000 - (from.y() + to.y()) / 2);
            }
            assertThat(energy).isLessThan(before * 1.02);
            before = energy;
        }
    }

    @Test
    void a_push_lifts_what_lies_and_air_slows_what_flies() {
        Setup lying = setup(0, 0, List.of(box(0, 980, 0)), List.of(FLOOR), List.of(50.0));
        Fall fall = fall(lying);
        assertThat(fall.at(0, 50).y()).isCloseTo(980, within(1.0));
        assertThat(fall.at(0, 55).y()).isLessThan(950);
        Fall slowed = fall(setup(0, 2, List.of(box(0, -9000, 0)), List.of(), List.of()));
        assertThat(slowed.at(0, 25).y()).isBetween(-9000 + 0.3 * G / 2, -9000 + 0.8 * G / 2);
    }

    @Test
    void wind_carries_in_gusts_that_are_the_seeds_own() {
        Setup.Thing leaf = box(0, 0, 0);
        double[] far = new double[2];
        for (int seed = 0; seed < 2; seed++) {
            Forces windy = Forces.of(0, 0, 1.5).withWind(400, 0, 0.8);
            Setup.Laws laws = new Setup.Laws(0, 0, false, 25, seed);
            far[seed] = fall(new Setup(laws, List.of(windy), List.of(leaf), List.of(), List.of()))
                    .at(0, 75)
                    .x();
            assertThat(far[seed]).isBetween(300.0, 1600.0);
        }
        assertThat(far[0]).isNotEqualTo(far[1]);
    }

    @Test
    void what_is_nothing_or_crosses_itself_still_falls() {
        Solid nothing = Solid.of(Solid.Form.BOX, 0, 0);
        Solid crossing = Solid.outline(
                80,
                80,
                List.of(List.of(new Point(-40, -40), new Point(40, 40), new Point(40, -40), new Point(-40, 40))));
        Solid line = Solid.outline(80, 0, List.of(List.of(new Point(-40, 0), new Point(40, 0), new Point(0, 0))));
        List<Setup.Thing> things = new ArrayList<>();
        for (Solid solid : List.of(nothing, crossing, line, Solid.of(Solid.Form.CAPSULE, 50, 50))) {
            things.add(Setup.Thing.of(solid, 200 * things.size(), 0, 0, 0));
        }
        Fall fall = fall(setup(0.3, 0, things, List.of(FLOOR), List.of()));
        for (int i = 0; i < things.size(); i++) {
            assertThat(fall.at(i, 100).y()).isBetween(900.0, 1001.0);
        }
    }

    /** Far too many for their room: it ends, and none is lost. */
    @Test
    void a_room_that_is_too_small_ends_too() {
        List<Setup.Thing> things = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            things.add(box(0, 0, 0));
        }
        List<Setup.Wall> room = List.of(
                Setup.Wall.of(new Box(-200, 50, 200, 250)),
                Setup.Wall.of(new Box(-200, -250, 200, -50)),
                Setup.Wall.of(new Box(-250, -200, -50, 200)),
                Setup.Wall.of(new Box(50, -200, 250, 200)));
        Fall fall = fall(setup(0.3, 0, things, room, List.of()));
        for (int i = 0; i < 60; i++) {
            assertThat(fall.at(i, 100).x()).isFinite();
            assertThat(fall.at(i, 100).turn()).isFinite();
        }
    }

    private static final Setup.Laws LAWS = new Setup.Laws(0.2, 0.2, false, 25, 1);

    @Test
    void what_is_drawn_to_a_point_gathers_around_it_and_does_not_overlap() {
        List<Setup.Thing> circles = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            circles.add(Setup.Thing.of(Solid.of(Solid.Form.CIRCLE, 60, 60), 300 * (i % 4), 250 * (i / 4), 0, 0));
        }
        Forces drawn = Forces.of(0, 0, 1).withDraw(2000, 500, 300);
        Fall fall = fall(new Setup(LAWS, List.of(drawn), circles, List.of(), List.of()));
        for (int i = 0; i < 12; i++) {
            Fall.Pose one = fall.at(i, 300);
            assertThat(Math.hypot(one.x() - 500, one.y() - 300)).isLessThan(160);
            for (int k = 0; k < i; k++) {
                Fall.Pose other = fall.at(k, 300);
                assertThat(Math.hypot(one.x() - other.x(), one.y() - other.y())).isGreaterThan(58);
            }
        }
    }

    @Test
    void what_grows_pushes_its_neighbours_apart() {
        List<Setup.Thing> circles = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            circles.add(new Setup.Thing(Solid.of(Solid.Form.CIRCLE, 60, 60), 1, 70 * i, 0, 0, 0, 0, 0, null));
        }
        List<Forces> growing = new ArrayList<>();
        for (int frame = 0; frame <= 60; frame++) {
            growing.add(Forces.of(0, 0, 2).withSizes(1, 1 + frame / 60.0));
        }
        Fall fall = fall(new Setup(LAWS, growing, circles, List.of(), List.of()));
        assertThat(fall.at(4, 0).x() - fall.at(0, 0).x()).isEqualTo(280);
        for (int i = 0; i < 4; i++) {
            assertThat(fall.at(i + 1, 100).x() - fall.at(i, 100).x()).isGreaterThan(118);
        }
    }

    @Test
    void what_hangs_swings_about_its_corner_and_strikes_nothing() {
        Setup.Thing hung =
                new Setup.Thing(Solid.of(Solid.Form.BOX, 200, 40), 0, 0, 0, 0, 0, 0, 0, new Point(-100, -20));
        Fall fall = fall(new Setup(
                LAWS,
                List.of(Forces.of(0, G, 0.5)),
                List.of(hung, box(0, 100, 0)),
                List.of(Setup.Wall.of(new Box(-4000, 60, 4000, 400))),
                List.of()));
        double furthest = 0;
        for (int frame = 0; frame < 200; frame++) {
            Fall.Pose pose = fall.at(0, frame);
            // Its corner stays where it is.
            assertThat(Math.hypot(pose.x() + 100, pose.y() + 20)).isCloseTo(Math.hypot(100, 20), within(0.6));
            furthest = Math.max(furthest, pose.turn());
        }
        assertThat(furthest).isGreaterThan(2);
        assertThat(fall.at(0, 600).y()).isCloseTo(-20 + Math.hypot(100, 20), within(2.0));
    }

    @Test
    void a_pull_that_turns_takes_along_what_lay() {
        List<Forces> turning = new ArrayList<>();
        for (int frame = 0; frame <= 50; frame++) {
            turning.add(frame < 50 ? Forces.of(0, G, 0) : Forces.of(0, -G, 0));
        }
        Fall fall = fall(new Setup(LAWS, turning, List.of(box(0, 980, 0)), List.of(FLOOR), List.of()));
        assertThat(fall.at(0, 50).y()).isCloseTo(980, within(1.0));
        assertThat(fall.at(0, 75).y()).isCloseTo(980 - G / 2, within(60.0));
    }

    @Test
    void equally_heavy_ones_give_each_other_as_much() {
        double[] after = new double[2];
        for (int alike = 0; alike < 2; alike++) {
            Setup.Thing small = new Setup.Thing(Solid.of(Solid.Form.CIRCLE, 30, 30), 0, 0, 0, 0, 600, 0, 0, null);
            Setup.Thing large = Setup.Thing.of(Solid.of(Solid.Form.CIRCLE, 120, 120), 200, 0, 0, 0);
            Setup.Laws laws = new Setup.Laws(1, 0, alike == 1, 25, 1);
            after[alike] = fall(new Setup(
                            laws, List.of(Forces.of(0, 0, 0)), List.of(small, large), List.of(), List.of()))
                    .at(1, 25)
                    .x();
        }
        assertThat(after[1]).isGreaterThan(after[0] + 100);
    }

    @Test
    void a_fall_that_nobody_waits_for_stops_and_goes_on_from_there() {
        Fall fall = fall(heap(0.4, Solid.Form.BOX));
        int[] asked = {0};
        assertThatThrownBy(() -> Falls.unless(() -> asked[0]++ == 30, () -> fall.at(0, 90)))
                .isInstanceOf(CancellationException.class);
        assertThat(fall.computed()).isEqualTo(31);
        assertThat(Falls.progress()).isEmpty();
        assertThat(fall.at(5, 90)).isEqualTo(fall(heap(0.4, Solid.Form.BOX)).at(5, 90));
    }

    @Test
    void it_tells_how_far_it_has_come_while_it_is_computed() {
        Fall fall = fall(heap(0.4, Solid.Form.BOX));
        List<Falls.Progress> told = new ArrayList<>();
        Falls.unless(
                () -> {
                    Falls.progress().ifPresent(told::add);
                    return false;
                },
                () -> fall.at(0, 20));
        assertThat(told).hasSize(20);
        assertThat(told.get(12)).isEqualTo(new Falls.Progress(13, 20, false));
    }

    private static Fall fall(Setup setup) {
        return new Fall(setup, Optional.empty());
    }
}
