package knollwind.core.layout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.random.RandomGenerator;
import knollwind.core.Samples;
import knollwind.core.directions.setting.SettingPrinter;
import knollwind.core.directions.setting.SettingReader;
import knollwind.core.display.PaintOp;
import knollwind.core.frame.BlockScore;
import knollwind.core.frame.SceneScore;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;
import knollwind.core.scene.Crawl;
import knollwind.core.scene.Crawl.Direction;
import knollwind.core.scene.FrameFit;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Place;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.TextBlockBuilder;
import org.junit.jupiter.api.Test;

class CrawlingTest {
    private static final FrameFit FIT = new FrameFit(1, 0, 0, 1920, 1080);
    private static final Box WORDS = new Box(460, 500, 1460, 560);

    private static Crawl crawl(Direction direction, Double speed) {
        return new Crawl(direction, speed, null, null, null, null, null, null);
    }

    private static Crawling of(Crawl crawl) {
        return new Crawling(crawl, WORDS, WORDS, FIT, 25, 10, 260);
    }

    private static double across(Crawling crawling, double time, int copy) {
        return crawling.at(time).get(copy).map(new double[] {0, 0}).x();
    }

    @Test
    void it_comes_in_at_one_edge_and_runs_at_its_speed_until_it_is_off_at_the_other() {
        Crawling crawling = of(crawl(Direction.LEFT, 250.0));
        // At first its left edge, 460 px, stands at the right edge of the frame; 250 px a second are 10 px a frame.
        assertThat(across(crawling, 10, 0)).isEqualTo(1460);
        assertThat(across(crawling, 30, 0)).isEqualTo(1460 - 200);
        assertThat(crawling.run().perFrame()).isEqualTo(10);
        assertThat(crawling.run().steady()).isTrue();
        // The frame's 1920 px and its own 1000.
        assertThat(crawling.run().off()).isEqualTo(10 + 292);
        assertThat(across(of(crawl(Direction.RIGHT, 250.0)), 10, 0)).isEqualTo(-1460);
    }

    @Test
    void in_its_time_it_is_through_as_the_block_ends() {
        Crawling crawling = of(crawl(Direction.UP, null));
        assertThat(crawling.run().off()).isEqualTo(260);
        assertThat(crawling.run().speed()).isCloseTo(1140.0 / 250 * 25, within(1e-9));
        double end =
                crawling.at(260).get(0).map(new double[] {0, WORDS.bottom()}).y();
        assertThat(end).isCloseTo(0, within(1e-9));
    }

    @Test
    void a_speed_that_judders_is_told_with_the_steady_ones_beside_it() {
        Crawling.Run run = of(crawl(Direction.LEFT, 240.0)).run();
        assertThat(run.perFrame()).isCloseTo(9.6, within(1e-9));
        assertThat(run.steady()).isFalse();
        assertThat(run.slower()).isEqualTo(225);
        assertThat(run.faster()).isEqualTo(250);
        // In a format that shows the base frame at half its size, half a px is not steady.
        FrameFit half = new FrameFit(0.5, 0, 0, 1920, 1080);
        Crawling.Run small = new Crawling(crawl(Direction.LEFT, 225.0), WORDS, WORDS, half, 25, 10, 260).run();
        assertThat(small.steady()).isFalse();
        assertThat(small.slower()).isEqualTo(200);
    }

    @Test
    void what_comes_again_looks_the_same_one_round_later() {
        RandomGenerator random = RandomGenerator.of("L64X128MixRandom");
        for (int i = 0; i < 60; i++) {
            again(random.nextDouble(20, 900), random.nextDouble(0, 700), random.nextDouble(10, 200));
        }
    }

    private static void again(double speed, double gap, double time) {
        Crawling crawling = of(new Crawl(Direction.LEFT, speed, gap, true, true, null, null, null));
        double round = crawling.run().round();
        assertThat(round).isCloseTo((1000 + gap) / (speed / 25), within(1e-9));
        List<Double> now = places(crawling, time);
        List<Double> later = places(crawling, time + round);
        assertThat(now).isNotEmpty();
        for (double place : now) {
            assertThat(later).anySatisfy(other -> assertThat(other).isCloseTo(place, within(1e-5)));
        }
    }

    /** Where the copies stand that are in the frame by more than a hair. */
    private static List<Double> places(Crawling crawling, double time) {
        return crawling.at(time).stream()
                .map(away -> away.map(new double[] {WORDS.left(), 0}).x())
                .filter(left -> left < 1920 - 1e-3 && left + WORDS.width() > 1e-3)
                .toList();
    }

    @Test
    void already_running_it_fills_the_frame_from_the_start() {
        Crawling crawling = of(new Crawl(Direction.LEFT, 250.0, 100.0, true, true, null, null, null));
        assertThat(places(crawling, 10)).containsExactly(0.0, 1100.0);
        Crawling first = of(new Crawl(Direction.LEFT, 250.0, 100.0, true, false, null, null, null));
        assertThat(places(first, 10)).isEmpty();
    }

    @Test
    void its_last_card_comes_to_stand_in_the_middle_without_a_jump() {
        RandomGenerator random = RandomGenerator.of("L64X128MixRandom");
        for (int i = 0; i < 60; i++) {
            held(random.nextDouble(40, 400), i % 2 == 0 ? 0 : random.nextDouble(1, 75));
        }
    }

    private static void held(double speed, double tilt) {
        Box card = new Box(800, 530, 1120, 560);
        Crawl crawl = new Crawl(Direction.UP, speed, null, null, null, 20.0, tilt, null);
        Crawling crawling = new Crawling(crawl, WORDS, card, FIT, 25, 0, 100_000);
        double stands = crawling.run().off();
        assertThat(crawling.at(stands + 1).get(0).map(new double[] {960, 545}).y())
                .isCloseTo(540, within(1e-6));
        assertThat(crawling.rests(stands + 1, stands + 50)).isTrue();
        assertThat(crawling.rests(stands - 20, stands - 19)).isFalse();
        if (tilt < 1) {
            double last = Double.MAX_VALUE;
            for (double t = stands - 30; t < stands + 5; t++) {
                double step = down(crawling, t) - down(crawling, t + 1);
                assertThat(step).isBetween(-1e-9, Math.min(last, speed / 25) + 1e-6);
                last = step;
            }
        }
    }

    private static double down(Crawling crawling, double time) {
        return crawling.at(time).get(0).map(new double[] {960, 545}).y();
    }

    @Test
    void a_plane_that_leans_back_narrows_upwards_and_is_through_at_the_far_edge() {
        Crawling crawling = of(new Crawl(Direction.UP, null, null, null, null, null, 60.0, null));
        Matrix early = crawling.at(60).get(0);
        Matrix late = crawling.at(200).get(0);
        assertThat(width(late)).isLessThan(width(early)).isLessThan(1000);
        Matrix end = crawling.at(260).get(0);
        assertThat(end.map(new double[] {960, WORDS.bottom()}).y()).isCloseTo(0, within(1e-6));
        // As steep as it gets, the horizon lies inside the frame and it still comes to an end.
        Crawling steep = of(new Crawl(Direction.UP, 300.0, null, null, null, null, 85.0, null));
        assertThat(steep.run().off()).isFinite();
    }

    private static double width(Matrix away) {
        return away.map(new double[] {WORDS.right(), 530}).x()
                - away.map(new double[] {WORDS.left(), 530}).x();
    }

    @Test
    void lines_that_run_across_come_one_after_the_other() {
        TextBlock block = words("The last boat\nleaves at eleven");
        Crawl crawl = new Crawl(Direction.LEFT, 240.0, 90.0, null, null, null, null, null);
        BlockScore score = score(block, crawl);
        Box first = score.place(score.set().lineUnits().get(0));
        Box second = score.place(score.set().lineUnits().get(1));
        assertThat(second.left() - first.right()).isCloseTo(90, within(1e-6));
        assertThat(second.bottom()).isCloseTo(first.bottom(), within(1e-6));
    }

    @Test
    void copies_are_painted_and_soft_edges_lie_over_them() {
        TextBlock block = words("Moorhen");
        BlockScore plain = score(block, new Crawl(Direction.LEFT, 240.0, 40.0, true, true, null, null, null));
        BlockScore soft = score(block, new Crawl(Direction.LEFT, 240.0, 40.0, true, true, null, null, 0.1));
        long copies = plain.at(20).list().paints().stream()
                .filter(paint -> paint instanceof PaintOp.Fill)
                .count();
        assertThat(copies)
                .isGreaterThan(2
                        * score(block, null).at(60).list().paints().stream()
                                .filter(paint -> paint instanceof PaintOp.Fill)
                                .count());
        assertThat(soft.at(20).list().paints()).hasAtLeastOneElementOfType(PaintOp.Fade.class);
        assertThat(plain.restsThroughout(20, 21)).isFalse();
    }

    @Test
    void each_edge_is_soft_on_its_own() {
        TextBlock block = words("Moorhen");
        Crawl left = new Crawl(Direction.LEFT, 240.0, 40.0, true, true, null, null, 0.0, 0.1);
        List<Crawling.SoftEdge> edges = of(left).softEdges();
        // It goes off on the left.
        assertThat(edges).singleElement().satisfies(edge -> {
            assertThat(edge.from()).isZero();
            assertThat(edge.to()).isEqualTo(192);
        });
        Crawl both = new Crawl(Direction.LEFT, 240.0, 40.0, true, true, null, null, 0.2, 0.1);
        assertThat(of(both).softEdges()).hasSize(2);
        assertThat(score(block, left).at(20).list().paints()).hasAtLeastOneElementOfType(PaintOp.Fade.class);
    }

    private static TextBlock words(String text) {
        return Samples.block(text, Span.of(0, 240), Phase.CUT, Phase.CUT);
    }

    private static BlockScore score(TextBlock block, Crawl crawl) {
        Project project = Samples.project(240, with(block, crawl));
        Scene scene = project.scenes().get(0);
        return SceneScore.of(project, scene, scene.formats().get(0), Samples.TYPESETTER)
                .blocks()
                .get(0);
    }

    private static TextBlock with(TextBlock block, Crawl crawl) {
        Place at = block.place();
        Place place =
                new Place(at.x(), at.y(), at.rotation(), at.pivot(), null, at.scale(), null, null, null, crawl, null);
        return TextBlockBuilder.builder()
                .id(block.id())
                .name(block.name())
                .span(block.span())
                .place(place)
                .opacity(block.opacity())
                .arrive(block.arrive())
                .leave(block.leave())
                .text(block.text())
                .runs(block.runs())
                .setting(block.setting())
                .build();
    }

    @Test
    void every_crawl_is_read_back_from_its_sentence() {
        TextBlock block = words("Ticker");
        for (Crawl crawl : List.of(
                crawl(Direction.LEFT, 240.0),
                crawl(Direction.RIGHT, null),
                new Crawl(Direction.LEFT, 96.0, 60.0, true, true, null, null, 0.12),
                new Crawl(Direction.LEFT, 96.0, 60.0, false, false, null, null, null),
                new Crawl(Direction.UP, null, null, null, null, 48.0, 55.0, 0.2),
                new Crawl(Direction.UP, 144.0, null, null, null, 48.0, null, null),
                new Crawl(Direction.DOWN, 30.0, 0.0, true, false, null, 20.0, null))) {
            TextBlock run = with(block, crawl);
            String sentence = SettingPrinter.text(run);
            assertThat(SettingReader.read(sentence, with(block, crawl(Direction.DOWN, 1.0)), Samples.FONTS.families())
                            .place()
                            .crawl())
                    .as(sentence)
                    .isEqualTo(crawl);
        }
        assertThat(SettingReader.read("standing still", with(block, crawl(Direction.UP, null)), List.of())
                        .place()
                        .crawl())
                .isNull();
    }

    @Test
    void what_comes_again_has_no_last_card() {
        assertThatThrownBy(() -> new Crawl(Direction.UP, 90.0, null, true, null, 24.0, null, null))
                .hasMessageContaining("last card");
        assertThatThrownBy(() -> crawl(Direction.UP, Double.NaN)).isInstanceOf(IllegalArgumentException.class);
    }
}
