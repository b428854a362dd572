package knollwind.core.layout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import knollwind.core.Samples;
import knollwind.core.check.DocumentCheck;
import knollwind.core.document.DocumentJson;
import knollwind.core.frame.BlockScore;
import knollwind.core.frame.SceneScore;
import knollwind.core.geometry.Box;
import knollwind.core.scene.Attachment;
import knollwind.core.scene.Attachment.Level;
import knollwind.core.scene.Attachment.Side;
import knollwind.core.scene.Bezier;
import knollwind.core.scene.Block;
import knollwind.core.scene.Channel;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Filling;
import knollwind.core.scene.Format;
import knollwind.core.scene.Length;
import knollwind.core.scene.Mirrored;
import knollwind.core.scene.Order;
import knollwind.core.scene.Pace;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Pivot;
import knollwind.core.scene.PlaceBuilder;
import knollwind.core.scene.PlacedWord;
import knollwind.core.scene.Project;
import knollwind.core.scene.Property;
import knollwind.core.scene.Scene;
import knollwind.core.scene.SceneBuilder;
import knollwind.core.scene.ShapeBlock;
import knollwind.core.scene.ShapeBlockBuilder;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.TextBlockBuilder;
import knollwind.core.scene.UnitKind;
import knollwind.core.scene.Value;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SceneLayoutTest {
    private static final Pivot BASELINE = new Pivot(Pivot.Across.LEFT, Pivot.Down.BASELINE, Pivot.Box.METRIC);

    @ParameterizedTest
    @ValueSource(strings = {"Ines", "Ines Tarrow", "The harbour master of Ternholm", "two\nlines"})
    void a_block_beside_another_follows_its_words(String words) {
        TextBlock name = text("name", words, 100, null);
        TextBlock rank = text("rank", "skipper", 40, new Attachment("name", Side.RIGHT, px(24), Level.BASELINE, false));
        List<BlockScore> scores = scores(name, rank);
        assertThat(box(scores.get(1)).left() - box(scores.get(0)).right()).isCloseTo(24, within(0.01));
        assertThat(scores.get(1).pivot()[1]).isCloseTo(540, within(0.01));
    }

    @Test
    void a_block_under_another_stands_level_and_can_be_as_wide() {
        TextBlock name = text("name", "TERNHOLM", 100, null);
        TextBlock under =
                text("under", "night ferry", 20, new Attachment("name", Side.UNDER, px(10), Level.RIGHT, true));
        List<BlockScore> scores = scores(name, under);
        Box above = box(scores.get(0));
        Box below = box(scores.get(1));
        assertThat(below.top() - above.bottom()).isCloseTo(10, within(0.01));
        assertThat(below.left() + below.right()).isCloseTo(above.left() + above.right(), within(0.01));
        assertThat(scores.get(1).set().ink().width()).isCloseTo(above.width(), within(0.5));
    }

    @Test
    void edges_are_level() {
        TextBlock name = text("name", "TERNHOLM", 100, null);
        TextBlock right = text("under", "ferry", 20, new Attachment("name", Side.ABOVE, px(10), Level.RIGHT, false));
        List<BlockScore> scores = scores(name, right);
        assertThat(box(scores.get(1)).right()).isCloseTo(box(scores.get(0)).right(), within(0.01));
        assertThat(box(scores.get(0)).top() - box(scores.get(1)).bottom()).isCloseTo(10, within(0.01));
    }

    @Test
    void chains_are_followed_and_lost_ends_stand_where_they_stood() {
        TextBlock a = text("a", "A", 50, null);
        TextBlock b = text("b", "B", 50, new Attachment("a", Side.RIGHT, px(0), Level.TOP, false));
        TextBlock c = text("c", "C", 50, new Attachment("b", Side.RIGHT, px(0), Level.TOP, false));
        List<BlockScore> scores = scores(c, b, a);
        assertThat(box(scores.get(0)).left()).isCloseTo(box(scores.get(1)).right(), within(0.01));
        TextBlock lost = text("lost", "L", 50, new Attachment("gone", Side.RIGHT, px(0), Level.TOP, false));
        assertThat(scores(lost).get(0).pivot()).containsExactly(960, 540);
    }

    @Test
    void a_circle_is_refused_with_its_way() {
        TextBlock a = text("a", "A", 50, new Attachment("c", Side.RIGHT, px(0), Level.TOP, false));
        TextBlock b = text("b", "B", 50, new Attachment("a", Side.RIGHT, px(0), Level.TOP, false));
        TextBlock c = text("c", "C", 50, new Attachment("b", Side.RIGHT, px(0), Level.TOP, false));
        assertThatThrownBy(() -> scores(a, b, c))
                .hasMessageContaining("in a circle")
                .hasMessageContaining("\"a\" on \"c\" on \"b\" on \"a\"");
        TextBlock free = text("a", "A", 50, null);
        Filling back = new Filling(
                "o",
                "a",
                List.of("place", "attach"),
                DocumentJson.tree(a.place().attach()));
        Project project = project(scene(List.of(format("tall", 1080, 1920, back)), free, b, c));
        assertThatThrownBy(() -> DocumentCheck.check(project))
                .hasMessageContaining("formats/tall")
                .hasMessageContaining("in a circle");
    }

    @Test
    void a_plate_fits_its_words_and_they_wait_for_it() {
        TextBlock name = text("name", "Ines Tarrow", 80, null);
        TextBlock rank = text("rank", "skipper", 40, new Attachment("name", Side.UNDER, px(4), Level.LEFT, false));
        List<BlockScore> scores = scores(plate(true, "name", "rank", "gone"), name, rank);
        Box words = box(scores.get(1)).union(box(scores.get(2)));
        Box plate = box(scores.get(0));
        assertThat(plate.left()).isCloseTo(words.left() - 30, within(0.01));
        assertThat(plate.top()).isCloseTo(words.top() - 10, within(0.01));
        assertThat(plate.right()).isCloseTo(words.right() + 20, within(0.01));
        assertThat(plate.bottom()).isCloseTo(words.bottom() + 5, within(0.01));
        assertThat(scores.get(1).timing().start()).isEqualTo(12);
        assertThat(scores.get(1).timing().end()).isEqualTo(96 - 8);
        assertThat(scores.get(1).at(11).list().paints()).isEmpty();
        assertThat(scores.get(1).at(12).list().paints()).isNotEmpty();
        assertThat(scores.get(0).at(11).list().paints()).isNotEmpty();
        assertThat(scores(plate(false, "name"), name).get(1).timing().start()).isZero();
        assertThat(scores(plate(true, "gone"), name).get(0).at(50).bounds().width())
                .isZero();
    }

    @Test
    void a_plate_grows_with_a_word_that_is_moved_out_of_its_line() {
        TextBlock plain = text("name", "Ines Tarrow", 80, null);
        Box before = box(scores(plate(true, "name"), plain).get(0));
        TextBlock moved = TextBlockBuilder.builder()
                .id("name")
                .name("name")
                .span(plain.span())
                .place(plain.place())
                .arrive(plain.arrive())
                .leave(plain.leave())
                .text(plain.text())
                .runs(List.of())
                .setting(plain.setting())
                .placed(List.of(new PlacedWord("w", 5, 11, 200, 90, 0, 1)))
                .build();
        Box after = box(scores(plate(true, "name"), moved).get(0));
        assertThat(after.right() - before.right()).isCloseTo(200, within(0.01));
        assertThat(after.bottom() - before.bottom()).isCloseTo(90, within(0.01));
        assertThat(after.left()).isCloseTo(before.left(), within(0.01));
    }

    /** Whatever knot moves, and whatever becomes of the curve's box, the other knots stay. */
    @ParameterizedTest
    @ValueSource(doubles = {0, 30})
    void a_held_curve_stays_where_it_is_when_one_of_its_knots_moves(double rotation) {
        List<Double> before = curve(rotation, new Bezier.Knot(400, 0, -50, 0, 0, 0));
        assertThat(curve(rotation, new Bezier.Knot(900, -300, -50, 80, 0, 0))).isEqualTo(before);
        // The held point stands in the place: 960 = a · 200 + e.
        assertThat(before.get(0) * 200 + before.get(4)).isCloseTo(960, within(1e-9));
    }

    private static List<Double> curve(double rotation, Bezier.Knot last) {
        Bezier curve = new Bezier(List.of(new Bezier.Knot(0, 0, 0, 0, 50, 0), last), false);
        Pivot pivot = new Pivot(Pivot.Across.CENTRE, Pivot.Down.MIDDLE, Pivot.Box.METRIC, new Pivot.Hold(200, 0));
        ShapeBlock block = ShapeBlockBuilder.builder()
                .id("curve")
                .name("Curve")
                .span(Span.of(0, 96))
                .place(PlaceBuilder.builder()
                        .x(Value.of(px(960)))
                        .y(Value.of(px(540)))
                        .rotation(Value.of(rotation))
                        .pivot(pivot)
                        .build())
                .arrive(Phase.CUT)
                .leave(Phase.CUT)
                .shape(new ShapeBlock.FreePath(curve))
                .fill(new Fill.None())
                .build();
        return scores(block).get(0).curve();
    }

    @Test
    void a_column_of_its_own_height_keeps_it_however_many_words_there_are() {
        for (String words : new String[] {"one", "one two three four five six seven eight nine ten eleven"}) {
            TextBlock plain = text("m", words, 40, null);
            knollwind.core.scene.Setting column =
                    plain.setting().with(setting -> setting.column(px(200)).columnHeight(px(150)));
            BlockScore score = scores(TextBlockBuilder.builder()
                            .id("m")
                            .name("m")
                            .span(plain.span())
                            .place(plain.place())
                            .arrive(Phase.CUT)
                            .leave(Phase.CUT)
                            .text(words)
                            .runs(List.of())
                            .setting(column)
                            .build())
                    .get(0);
            assertThat(box(score).height()).isCloseTo(150, within(1e-6));
            assertThat(box(score).top()).isCloseTo(540 - 75, within(1e-6));
            assertThat(score.set().lines().size() > 3).isEqualTo(words.length() > 10);
        }
    }

    @Test
    void another_format_holds_the_composition_and_its_own_edges() {
        TextBlock middle = text("m", "HOME", 100, null);
        Scene scene = scene(List.of(format("tall", 1080, 1920)), middle);
        Project project = project(scene);
        BlockScore wide = SceneScore.of(project, scene, scene.formats().get(0), Samples.TYPESETTER)
                .blocks()
                .get(0);
        BlockScore tall = SceneScore.of(project, scene, scene.format("tall"), Samples.TYPESETTER)
                .blocks()
                .get(0);
        assertThat(tall.pivot()[0]).isCloseTo(540, within(1e-9));
        assertThat(tall.pivot()[1]).isCloseTo(960, within(1e-9));
        assertThat(box(tall).width()).isCloseTo(box(wide).width() * 1080 / 1920, within(0.01));

        Filling low =
                new Filling("o", "m", List.of("place", "y"), DocumentJson.tree(new Length(90, Length.Unit.FRAME)));
        Scene moved = scene(List.of(format("tall", 1080, 1920, low)), middle);
        BlockScore placed = SceneScore.of(project(moved), moved, moved.format("tall"), Samples.TYPESETTER)
                .blocks()
                .get(0);
        assertThat(placed.pivot()[1]).isCloseTo(0.9 * 1920, within(1e-9));
    }

    @Test
    void a_block_is_mirrored_about_its_pivot() {
        TextBlock plain = text("a", "FERRY", 100, null);
        Box before = box(scores(plain).get(0));
        for (Mirrored mirrored : Mirrored.values()) {
            Box after = box(scores(plain.withPlace(plain.place().withMirrored(mirrored)))
                    .get(0));
            double left = mirrored.x() > 0 ? before.left() : 2 * 960 - before.right();
            double top = mirrored.y() > 0 ? before.top() : 2 * 540 - before.bottom();
            assertThat(after.left()).isCloseTo(left, within(1e-9));
            assertThat(after.top()).isCloseTo(top, within(1e-9));
            assertThat(after.width()).isCloseTo(before.width(), within(1e-9));
        }
    }

    @Test
    void an_override_can_take_a_value_away() {
        TextBlock hung = text("b", "B", 50, new Attachment("a", Side.RIGHT, px(0), Level.TOP, false));
        Filling free = new Filling("o", "b", List.of("place", "attach"), DocumentJson.tree("null"));
        Scene scene = scene(List.of(format("tall", 1080, 1920, free)), text("a", "A", 50, null), hung);
        assertThat(SceneScore.of(project(scene), scene, scene.format("tall"), Samples.TYPESETTER)
                        .blocks()
                        .get(1)
                        .block()
                        .place()
                        .attach())
                .isNull();
        assertThat(DocumentJson.read(DocumentJson.tree(DocumentJson.pretty(project(scene)))))
                .isEqualTo(project(scene));
    }

    private static Length px(double value) {
        return Length.px(value);
    }

    private static Box box(BlockScore score) {
        return score.place(score.set().whole());
    }

    private static Format format(String id, int width, int height, Filling... overrides) {
        return new Format(id, id, width, height, List.of(overrides));
    }

    private static TextBlock text(String id, String words, double size, Attachment attach) {
        TextBlock plain = Samples.block(words, Span.of(0, 96), Phase.CUT, Phase.CUT);
        return TextBlockBuilder.builder()
                .id(id)
                .name(id)
                .span(plain.span())
                .place(PlaceBuilder.builder()
                        .x(Value.of(px(960)))
                        .y(Value.of(px(540)))
                        .pivot(attach == null && id.equals("m") ? null : BASELINE)
                        .attach(attach)
                        .build())
                .arrive(Phase.CUT)
                .leave(Phase.CUT)
                .text(words)
                .runs(List.of())
                .setting(Samples.sized(plain.setting(), size))
                .build();
    }

    private static ShapeBlock plate(boolean waits, String... behind) {
        Phase open = new Phase(List.of(Samples.move(
                UnitKind.WHOLE,
                Order.READING,
                Pace.eachApart(12, 0),
                "linear",
                Channel.from("c", Property.SCALE_X, 0, null))));
        Phase close = new Phase(List.of(Samples.move(
                UnitKind.WHOLE,
                Order.READING,
                Pace.eachApart(8, 0),
                "linear",
                Channel.from("c", Property.SCALE_X, 0, null))));
        return ShapeBlockBuilder.builder()
                .id("plate")
                .name("Plate")
                .span(Span.of(0, 96))
                .place(PlaceBuilder.builder()
                        .x(Value.of(px(0)))
                        .y(Value.of(px(0)))
                        .build())
                .arrive(open)
                .leave(close)
                .shape(new ShapeBlock.Plate(List.of(behind), new ShapeBlock.Padding(30, 10, 20, 5), 4, null, waits))
                .fill(new Fill.Solid(Value.of("#0b1a26")))
                .build();
    }

    private static Scene scene(List<Format> more, Block... blocks) {
        Scene plain = Samples.project(96, blocks).scenes().get(0);
        List<Format> formats = new java.util.ArrayList<>(plain.formats());
        formats.addAll(more);
        return SceneBuilder.builder()
                .id(plain.id())
                .name(plain.name())
                .rate(plain.rate())
                .length(96)
                .background(plain.background())
                .formats(formats)
                .blocks(plain.blocks())
                .build();
    }

    private static Project project(Scene scene) {
        return Project.of("p", List.of(scene));
    }

    private static List<BlockScore> scores(Block... blocks) {
        Project project = Samples.project(96, blocks);
        Scene scene = project.scenes().get(0);
        return SceneScore.of(project, scene, scene.formats().get(0), Samples.TYPESETTER)
                .blocks();
    }
}
