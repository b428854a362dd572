package knollwind.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import knollwind.core.Samples;
import knollwind.core.display.DisplayList;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Point;
import knollwind.core.scene.Crossing;
import knollwind.core.scene.Format;
import knollwind.core.scene.FrameRate;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Project;
import knollwind.core.scene.ProjectBuilder;
import knollwind.core.scene.Scene;
import knollwind.core.scene.SceneBuilder;
import knollwind.core.scene.Span;
import knollwind.core.scene.Stretch;
import org.junit.jupiter.api.Test;

class SceneSequenceTest {
    private static Scene scene(String id, int length, int rate, String takeOf, Crossing crossing) {
        Scene plain = Samples.project(
                        length,
                        Samples.named(
                                "words-" + id,
                                Samples.block(id.toUpperCase(), Span.of(0, length), Phase.CUT, Phase.CUT)))
                .scenes()
                .get(0);
        Map<String, Object> members = new HashMap<>();
        members.put("id", id);
        members.put("name", id);
        members.put("rate", new FrameRate(rate, 1));
        members.put("takeOf", takeOf);
        members.put("crossing", crossing);
        return Samples.changed(plain, members);
    }

    private static Project project(Scene... scenes) {
        Project plain = Samples.project(10);
        return ProjectBuilder.builder()
                .documentVersion(plain.documentVersion())
                .engineVersion(plain.engineVersion())
                .id("p")
                .name("P")
                .fields(List.of())
                .scenes(List.of(scenes))
                .build();
    }

    private static SceneSequence film(Scene... scenes) {
        return SceneSequence.of(project(scenes), scenes[0].formats().get(0), Samples.TYPESETTER);
    }

    private static DisplayList alone(Scene scene, int frame) {
        return SceneScore.of(project(scene), scene, scene.formats().get(0), Samples.TYPESETTER)
                .at(frame);
    }

    @Test
    void scenes_follow_each_other_and_takes_are_left_out() {
        Scene a = scene("a", 30, 24, null, null);
        Scene b = scene("b", 20, 24, null, null);
        SceneSequence film = film(a, scene("a-take", 99, 24, "a", null), b, scene("lost", 5, 24, "gone", null));
        assertThat(film.stretches()).extracting(Stretch::scene).containsExactly("a", "b", "lost");
        assertThat(film.length()).isEqualTo(55);
        assertThat(film.frame(29, false)).containsExactly(alone(a, 29));
        assertThat(film.frame(30, false)).containsExactly(alone(b, 0));
    }

    @Test
    void a_crossing_overlaps_the_two_and_touches_no_other_frame() {
        for (Crossing.Kind kind : Crossing.Kind.values()) {
            Scene a = scene("a", 40, 24, null, new Crossing(kind, 12));
            Scene b = scene("b", 30, 24, null, null);
            SceneSequence film = film(a, b);
            assertThat(film.length()).isEqualTo(40 + 30 - 12);
            assertThat(film.stretches().get(1).from()).isEqualTo(28);
            assertThat(film.frame(27, false)).containsExactly(alone(a, 27));
            assertThat(film.frame(40, false)).containsExactly(alone(b, 12));
            assertThat(film.frame(34, false).get(0)).isNotEqualTo(alone(a, 34));
            assertThat(balanced(film.frame(34, false).get(0))).isTrue();
        }
    }

    private static boolean balanced(DisplayList list) {
        int open = 0;
        for (PaintOp paint : list.paints()) {
            if (paint instanceof PaintOp.Save || paint instanceof PaintOp.Layer || paint instanceof PaintOp.Mask) {
                open++;
            } else if (paint instanceof PaintOp.Restore) {
                open--;
            }
            if (open < 0) {
                return false;
            }
        }
        return open == 0;
    }

    @Test
    void a_crossing_never_takes_a_whole_scene() {
        SceneSequence film = film(
                scene("a", 10, 24, null, new Crossing(Crossing.Kind.FADE, 500)),
                scene("b", 6, 24, null, new Crossing(Crossing.Kind.FADE, 500)),
                scene("c", 8, 24, null, null));
        List<Integer> begins = new ArrayList<>();
        film.stretches().forEach(stretch -> begins.add(stretch.from()));
        assertThat(begins).isSorted().doesNotHaveDuplicates();
        for (int frame = 0; frame < film.length(); frame++) {
            assertThat(film.frame(frame, false)).isNotEmpty();
        }
    }

    @Test
    void another_frame_rate_keeps_its_own_time() {
        Scene slow = scene("b", 30, 12, null, null);
        SceneSequence film = film(scene("a", 24, 24, null, null), slow);
        assertThat(film.length()).isEqualTo(24 + 60);
        assertThat(film.frame(24 + 20, false)).containsExactly(alone(slow, 10));
    }

    @Test
    void a_scene_is_made_in_the_format_that_is_asked_for_whether_it_has_it_or_not() {
        Scene plain = scene("b", 20, 24, null, null);
        Scene square = SceneBuilder.builder()
                .id("b")
                .name("b")
                .rate(plain.rate())
                .length(20)
                .background(plain.background())
                .formats(List.of(
                        new Format("other", "1:1", 540, 540, List.of()),
                        new Format("banner", "300\u00d7250", 300, 250, List.of())))
                .blocks(plain.blocks())
                .build();
        Scene wide = scene("a", 10, 24, null, null);
        Format banner = square.formats().get(1);
        SceneSequence film = SceneSequence.of(project(wide, square), banner, Samples.TYPESETTER);
        assertThat(film.width()).isEqualTo(300);
        assertThat(film.height()).isEqualTo(250);
        // One has it, the other is fitted into it as in the picture.
        for (Scene scene : List.of(wide, square)) {
            Format own = new Format("banner", "b", 300, 250, List.of());
            assertThat(film.frame(scene == wide ? 5 : 15, false))
                    .containsExactly(SceneScore.of(project(scene), scene, own, Samples.TYPESETTER)
                            .at(5));
        }
        // One that has its shape in another size is seen as large as it goes.
        SceneSequence large = SceneSequence.of(
                project(wide, square), new Format("x", "x", 1080, 1080, List.of()), Samples.TYPESETTER);
        assertThat(large.frame(12, false).get(0).paints().get(1)).isEqualTo(new PaintOp.Concat(2, 0, 0, 2, 0, 0));
    }

    @Test
    void the_view_flies_into_the_letter_that_is_chosen_as_fast_as_is_said_and_the_last_frame_is_filled() {
        Scene b = scene("b", 30, 24, null, null);
        Crossing any = new Crossing(Crossing.Kind.LETTERS, 12);
        Scene title = scene("pier", 40, 24, null, null);
        SceneScore score = SceneScore.of(project(title), title, title.formats().get(0), Samples.TYPESETTER);
        int letters = score.blocks().get(0).letters(20).size();
        assertThat(letters).isGreaterThan(1);
        List<DisplayList> seen = new ArrayList<>();
        for (int letter = 0; letter < letters; letter++) {
            Crossing into = new Crossing(Crossing.Kind.LETTERS, 12, null, null, letter, null);
            LetterWindow window = LetterWindow.of(score.blocks().get(0).letters(20), letter);
            Box ink = score.blocks().get(0).letters(20).get(letter).ink();
            Point middle = window.at(1, 1920, 1080).inverse().map(new double[] {960, 540});
            assertThat(middle.x()).isBetween(ink.left(), ink.right());
            seen.add(film(scene("pier", 40, 24, null, into), b).frame(38, false).get(0));
        }
        assertThat(seen).doesNotHaveDuplicates();
        Crossing fast = new Crossing(Crossing.Kind.LETTERS, 12, null, null, null, "linear");
        assertThat(film(scene("pier", 40, 24, null, fast), b).frame(36, false))
                .isNotEqualTo(film(scene("pier", 40, 24, null, any), b).frame(36, false));
        // A letter that has gone, since the words are shorter now, is as if none were chosen.
        Crossing gone = new Crossing(Crossing.Kind.LETTERS, 12, null, null, 999, null);
        assertThat(film(scene("pier", 40, 24, null, gone), b).frame(38, false))
                .isEqualTo(film(scene("pier", 40, 24, null, any), b).frame(38, false));
        // The last frame before the cut shows the other scene alone: its window is as near as it comes.
        List<PaintOp> last = film(scene("pier", 40, 24, null, any), b)
                .frame(39, false)
                .get(0)
                .paints();
        PaintOp.Concat near = last.stream()
                .filter(PaintOp.Concat.class::isInstance)
                .map(PaintOp.Concat.class::cast)
                .max(Comparator.comparingDouble(PaintOp.Concat::a))
                .orElseThrow();
        LetterWindow window = LetterWindow.of(score.blocks().get(0).letters(28), -1);
        assertThat(near.a()).isCloseTo((float) window.at(1, 1920, 1080).a(), within(1e-2f));
    }

    @Test
    void a_letter_opens_from_where_it_rests_until_it_fills_the_frame() {
        Scene a = scene("o", 40, 24, null, null);
        SceneScore score = SceneScore.of(project(a), a, a.formats().get(0), Samples.TYPESETTER);
        LetterWindow window = LetterWindow.of(score.blocks().get(0).letters(20), -1);
        assertThat(window.at(0, 1920, 1080).isIdentity()).isTrue();
        // Everything that is in the frame at the end lies inside the letter: its corners come from within it.
        Matrix back = window.at(1, 1920, 1080).inverse();
        Matrix half = window.at(0.5, 1920, 1080);
        assertThat(half.a())
                .isGreaterThan(1)
                .isLessThan(window.at(1, 1920, 1080).a());
        for (double[] corner : new double[][] {{0, 0}, {1920, 0}, {0, 1080}, {1920, 1080}}) {
            Point at = back.map(corner);
            Point middle = back.map(new double[] {960, 540});
            assertThat(Math.hypot(at.x() - middle.x(), at.y() - middle.y())).isLessThan(20);
        }
        Point deep = back.map(new double[] {960, 540});
        assertThat(half.map(new double[] {deep.x(), deep.y()}).x())
                .isBetween(Math.min(deep.x(), 960) - 1e-6, Math.max(deep.x(), 960) + 1e-6);
    }
}
