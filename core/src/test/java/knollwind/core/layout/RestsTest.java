package knollwind.core.layout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import knollwind.core.Samples;
import knollwind.core.display.PaintOp;
import knollwind.core.frame.BlockScore;
import knollwind.core.frame.SceneScore;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.LengthIndexedPath;
import knollwind.core.geometry.Point;
import knollwind.core.scene.Bezier;
import knollwind.core.scene.Channel;
import knollwind.core.scene.Length;
import knollwind.core.scene.Order;
import knollwind.core.scene.Pace;
import knollwind.core.scene.Phase;
import knollwind.core.scene.PlacedWord;
import knollwind.core.scene.Project;
import knollwind.core.scene.Property;
import knollwind.core.scene.Setting;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.TextBlockBuilder;
import knollwind.core.scene.TextPath;
import knollwind.core.scene.UnitKind;
import knollwind.core.type.SetText;
import knollwind.core.type.Unit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Words that do not rest on straight lines. */
class RestsTest {
    private static final SetText LINE = Samples.TYPESETTER.set(Samples.copy("LAST BOAT HOME"));

    private static Point foot(Rests rests, Unit unit) {
        Box box = unit.advance();
        return rests.of(unit).map(new double[] {(box.left() + box.right()) / 2, unit.baseline()});
    }

    @ParameterizedTest
    @ValueSource(doubles = {400, 900, -400})
    void every_letter_of_an_arc_stands_on_its_circle_as_far_apart_as_on_the_line(double radius) {
        PathRests rests = new PathRests(LINE, new TextPath.Arc(radius, 0, false), Setting.Alignment.CENTRE);
        double baseline = LINE.lines().get(0).baseline();
        double middle = LINE.box().width() / 2;
        List<Unit> letters = LINE.characters();
        for (Unit letter : letters) {
            Point at = foot(rests, letter);
            assertThat(Math.hypot(at.x() - middle, at.y() - baseline - radius))
                    .isCloseTo(Math.abs(radius), within(1e-6));
        }
        double straight = centre(letters.get(11)) - centre(letters.get(0));
        double angle = angle(foot(rests, letters.get(0)), middle, baseline + radius)
                - angle(foot(rests, letters.get(11)), middle, baseline + radius);
        assertThat(Math.abs(angle) * Math.abs(radius)).isCloseTo(straight, within(1e-6));
    }

    @Test
    void a_circle_has_its_own_box_and_words_run_inside_with_their_heads_to_its_middle() {
        PathRests outside = new PathRests(LINE, new TextPath.Circle(300, 0, false, 0, false), Setting.Alignment.CENTRE);
        assertThat(outside.own().width()).isCloseTo(600, within(1e-6));
        PathRests inside = new PathRests(LINE, new TextPath.Circle(300, 0, true, 0, false), Setting.Alignment.CENTRE);
        Unit middle = LINE.characters().get(6);
        Box box = middle.advance();
        double centre = inside.own().top() + 300;
        double[] head = {(box.left() + box.right()) / 2, box.top()};
        assertThat(inside.of(middle).map(head).y()).isBetween(inside.own().top(), centre);
        assertThat(outside.of(middle).map(head).y()).isLessThan(outside.own().top());
    }

    @Test
    void upright_letters_are_not_turned_and_an_offset_moves_along() {
        PathRests upright = new PathRests(LINE, new TextPath.Slope(-20, 0, true), Setting.Alignment.START);
        PathRests moved = new PathRests(LINE, new TextPath.Slope(-20, 50, true), Setting.Alignment.START);
        for (Unit letter : LINE.characters()) {
            assertThat(upright.of(letter).b()).isZero();
            Point before = foot(upright, letter);
            Point after = foot(moved, letter);
            assertThat(Math.hypot(after.x() - before.x(), after.y() - before.y()))
                    .isCloseTo(50, within(1e-6));
        }
    }

    @Test
    void a_free_curve_is_travelled_by_its_length_and_goes_straight_on() {
        Bezier straight =
                new Bezier(List.of(new Bezier.Knot(0, 0, 0, 0, 10, 0), new Bezier.Knot(300, 0, -200, 0, 0, 0)), false);
        LengthIndexedPath track = new LengthIndexedPath.Curved(straight);
        assertThat(track.length()).isCloseTo(300, within(1e-6));
        for (double distance : new double[] {-40, 0, 75, 150, 299, 420}) {
            assertThat(track.at(distance).x()).isCloseTo(distance, within(1e-6));
            assertThat(track.at(distance).angle()).isCloseTo(0, within(1e-6));
        }
    }

    @Test
    void arabic_words_on_a_path_keep_their_letters_joined() {
        SetText arabic = Samples.TYPESETTER.set(Samples.copy("\u0645\u0631\u0641\u0623 \u0644\u064a\u0644"));
        PathRests rests = new PathRests(arabic, new TextPath.Arc(300, 0, false), Setting.Alignment.CENTRE);
        for (Unit letter : arabic.characters()) {
            assertThat(rests.of(letter)).isEqualTo(rests.of(arabic.words().get(letter.word())));
        }
    }

    @Test
    void a_placed_word_takes_its_letters_along_and_moves_act_where_it_stands() {
        Phase arrive = new Phase(List.of(Samples.move(
                UnitKind.CHARACTER,
                Order.READING,
                Pace.eachApart(10, 0),
                "linear",
                Channel.from("c", Property.OFFSET_Y, 100, Length.Unit.PX))));
        TextBlock plain = Samples.block("LAST BOAT", Span.of(0, 96), arrive, Phase.CUT);
        TextBlock placed = TextBlockBuilder.builder()
                .id("b")
                .name("b")
                .span(plain.span())
                .place(plain.place())
                .arrive(arrive)
                .leave(Phase.CUT)
                .text(plain.text())
                .runs(List.of())
                .setting(plain.setting())
                .placed(List.of(new PlacedWord("w1", 5, 9, 300, 40, 90, 2)))
                .build();
        Project project = Samples.project(96, placed);
        BlockScore score = SceneScore.of(
                        project,
                        project.scenes().get(0),
                        project.scenes().get(0).formats().get(0),
                        Samples.TYPESETTER)
                .blocks()
                .get(0);
        Unit word = score.set().words().get(1);
        Box box = score.place(word);
        Box straight = word.advance();
        assertThat(box.width()).isCloseTo(2 * straight.height(), within(1e-6));
        assertThat(box.height()).isCloseTo(2 * straight.width(), within(1e-6));
        // Turned by 90°, "down" is to the left; the word is twice its size.
        PaintOp.Concat resting = letters(score, 50).get(4);
        PaintOp.Concat moving = letters(score, 0).get(4);
        assertThat(moving.e() - resting.e()).isCloseTo(-200, within(1e-3f));
        assertThat(moving.f() - resting.f()).isCloseTo(0, within(1e-3f));
        assertThat(letters(score, 0).get(0).f() - letters(score, 50).get(0).f()).isCloseTo(100, within(1e-3f));
    }

    private static List<PaintOp.Concat> letters(BlockScore score, double time) {
        return score.at(time).list().paints().stream()
                .filter(PaintOp.Concat.class::isInstance)
                .map(PaintOp.Concat.class::cast)
                .toList();
    }

    private static double centre(Unit unit) {
        return (unit.advance().left() + unit.advance().right()) / 2;
    }

    private static double angle(Point at, double x, double y) {
        return Math.atan2(at.y() - y, at.x() - x);
    }
}
