package knollwind.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import knollwind.core.Samples;
import knollwind.core.display.DisplayList;
import knollwind.core.display.Ink;
import knollwind.core.display.PaintOp;
import knollwind.core.display.Reel;
import knollwind.core.scene.Finish;
import knollwind.core.scene.MotionBlur;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Span;
import org.junit.jupiter.api.Test;

/** What lies over a whole scene. */
class OverlayTest {
    private static final Project PROJECT =
            Samples.project(100, Samples.block("HOME", Span.of(0, 100), Phase.CUT, Phase.CUT));

    private static SceneScore score(Finish finish, MotionBlur blur) {
        Scene scene = PROJECT.scenes().get(0).withFinish(finish).withBlur(blur);
        return Samples.score(PROJECT.withScenes(List.of(scene)), scene);
    }

    private static List<PaintOp> over(SceneScore score, double time) {
        List<PaintOp> all = score.at(time).paints();
        int without = score(null, null).at(time).paints().size();
        return all.subList(without, all.size());
    }

    @Test
    void grain_covers_the_frame_and_is_laid_elsewhere_in_each() {
        SceneScore score = score(new Finish(0.2, 0), null);
        List<PaintOp> tiles = over(score, 5);
        double area = tiles.stream()
                .map(tile -> ((PaintOp.Fill) tile).outline().ink())
                .mapToDouble(box -> box.width() * box.height())
                .sum();
        assertThat(area).isEqualTo(1920.0 * 1080);
        Ink.Picture ink = (Ink.Picture) ((PaintOp.Fill) tiles.get(0)).ink();
        assertThat(Grain.picture(ink.picture())).isPresent();
        assertThat(Grain.picture("0".repeat(64))).isEmpty();
        assertThat(over(score, 6)).isNotEqualTo(tiles);
        assertThat(score.at(5, true).paints()).doesNotContainAnyElementsOf(tiles);
    }

    @Test
    void a_vignette_rests_and_nothing_at_all_adds_no_track() {
        SceneScore score = score(new Finish(0, 0.4), null);
        assertThat(over(score, 5)).hasSize(1).isEqualTo(over(score, 6));
        Reel reel = ReelBuilder.build(score, 0, 10);
        Reel.Row last = reel.rows().get(reel.rows().size() - 1);
        assertThat(last.block()).isEqualTo(Reel.OVERLAY);
        assertThat(last.lists()).hasSize(1);
        assertThat(ReelBuilder.build(score(new Finish(0, 0), null), 0, 10).rows())
                .noneMatch(row -> row.block().equals(Reel.OVERLAY));
    }

    /** Every picture of the mean has the same over it, so that it is not blurred itself. */
    @Test
    void over_a_blurred_frame_it_goes_by_the_frame() {
        SceneScore score = score(new Finish(0.2, 0.3), new MotionBlur(360, 8));
        assertThat(score.frame(40)).hasSize(1);
        List<DisplayList> other = score.frame(41);
        assertThat(other).hasSize(1).isNotEqualTo(score.frame(40));
    }

    @Test
    void too_much_of_it_is_refused() {
        assertThatThrownBy(() -> new Finish(1.2, 0)).hasMessageContaining("the grain of a scene");
    }
}
