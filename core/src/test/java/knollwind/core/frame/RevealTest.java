package knollwind.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import knollwind.core.Samples;
import knollwind.core.directions.move.MoveReader;
import knollwind.core.display.Ink;
import knollwind.core.display.PaintOp;
import knollwind.core.document.DocumentJson;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Contours;
import knollwind.core.handwriting.CentreLines;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Block;
import knollwind.core.scene.Channel;
import knollwind.core.scene.Cut;
import knollwind.core.scene.Edge;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Length;
import knollwind.core.scene.Move;
import knollwind.core.scene.MoveBuilder;
import knollwind.core.scene.Order;
import knollwind.core.scene.Pace;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Project;
import knollwind.core.scene.Property;
import knollwind.core.scene.RevealBar;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.Uncovering;
import knollwind.core.scene.UnitKind;
import knollwind.core.scene.Wipe;
import knollwind.core.type.SetGlyph;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Wipes, cuts, carets and contours on their way. */
class RevealTest {
    private static Move move(UnitKind unit, Channel... channels) {
        return Samples.move(unit, Order.READING, Pace.eachApart(10, 5), "linear", channels);
    }

    private static BlockScore score(String text, Move... moves) {
        Project project =
                Samples.project(200, Samples.block(text, Span.of(0, 200), new Phase(List.of(moves)), Phase.CUT));
        Scene scene = project.scenes().get(0);
        return SceneScore.of(project, scene, scene.formats().get(0), Samples.TYPESETTER)
                .blocks()
                .get(0);
    }

    private static <P extends PaintOp> List<P> all(BlockScore score, double time, Class<P> kind) {
        return score.at(time).list().paints().stream()
                .filter(kind::isInstance)
                .map(kind::cast)
                .toList();
    }

    @ParameterizedTest
    @ValueSource(ints = {-12, 0, 30})
    void both_sides_of_a_cut_are_seen_apart_and_whole_at_rest(int angle) {
        Move above = move(UnitKind.WHOLE, Channel.from("x", Property.OFFSET_X, -40, Length.Unit.PX))
                .withId("m1")
                .with(parts -> parts.uncovering(parts.uncovering().withCut(new Cut(Cut.Side.ABOVE, angle, 0.5))));
        Move below = move(UnitKind.WHOLE, Channel.from("x", Property.OFFSET_X, 40, Length.Unit.PX))
                .withId("m2")
                .with(parts -> parts.uncovering(parts.uncovering().withCut(new Cut(Cut.Side.BELOW, angle, 0.5))));
        BlockScore score = score("BO", above, below);
        assertThat(all(score, 5, PaintOp.Clip.class)).hasSize(2);
        assertThat(all(score, 5, PaintOp.Fill.class)).hasSize(4);
        List<PaintOp.Concat> maps = all(score, 5, PaintOp.Concat.class);
        assertThat(maps.get(0).e() - score.at(5).bounds().left())
                .isLessThan(maps.get(3).e());
        // The seam: not cut where both sides rest, and not where they go the same way.
        assertThat(score.at(10).list()).isEqualTo(score.atRest().list());
        Move same = move(UnitKind.WHOLE, Channel.from("x", Property.OFFSET_X, -40, Length.Unit.PX))
                .withId("m2")
                .with(parts -> parts.uncovering(parts.uncovering().withCut(new Cut(Cut.Side.BELOW, angle, 0.5))));
        assertThat(all(score("BO", above, same), 5, PaintOp.Clip.class)).isEmpty();
        assertThat(all(score("BO", above, same), 5, PaintOp.Fill.class)).hasSize(2);
    }

    @Test
    void a_soft_wipe_masks_with_a_front_that_passes_the_box() {
        Move wipe = move(UnitKind.WHOLE, Channel.from("r", Property.REVEAL, 0, null))
                .with(parts -> parts.uncovering(parts.uncovering().withWipe(new Wipe(0, 0.5))));
        BlockScore score = score("BOAT", wipe);
        Box box = score.set().ink().union(score.set().box());
        Ink.Gradient half = gradient(score, 5);
        // Half way: the front's begin and end lie as far from the middle.
        assertThat((half.x0() + half.x1()) / 2).isCloseTo((float) ((box.left() + box.right()) / 2), within(0.1f));
        assertThat(half.x1() - half.x0()).isCloseTo((float) (box.width() / 2), within(0.1f));
        assertThat(gradient(score, 0).x1()).isLessThanOrEqualTo((float) box.left() + 0.1f);
        assertThat(all(score, 10, PaintOp.Fade.class)).isEmpty();
        assertThat(score.at(10).list()).isEqualTo(score.atRest().list());
    }

    private static Ink.Gradient gradient(BlockScore score, double time) {
        List<PaintOp.Fade> fades = all(score, time, PaintOp.Fade.class);
        assertThat(fades).hasSize(1);
        return (Ink.Gradient) fades.get(0).fill().ink();
    }

    @Test
    void a_bar_goes_along_the_edge_of_a_wipe_and_is_gone_at_both_ends() {
        RevealBar bar = new RevealBar(RevealBar.Kind.BAR, 0.05, "#f0b64a");
        Move wipe = move(UnitKind.WHOLE, Channel.from("r", Property.REVEAL, 0, null))
                .with(parts -> parts.uncovering(parts.uncovering().withLead(bar)));
        BlockScore score = score("BOAT", wipe);
        List<PaintOp.Fill> fills = all(score, 5, PaintOp.Fill.class);
        PaintOp.Fill last = fills.get(fills.size() - 1);
        assertThat(last.ink()).isEqualTo(new Ink.Plain(0xfff0b64a));
        Box ink = last.outline().ink();
        Box box = score.set().box();
        assertThat((ink.left() + ink.right()) / 2).isCloseTo((box.left() + box.right()) / 2, within(3.0));
        assertThat(all(score, 10, PaintOp.Fill.class)).hasSize(4);
        double grown = all(score, 0.3, PaintOp.Fill.class).stream()
                .filter(fill -> fill.ink().equals(new Ink.Plain(0xfff0b64a)))
                .mapToDouble(fill -> fill.outline().ink().height())
                .max()
                .orElse(0);
        assertThat(grown).isLessThan(ink.height());
    }

    @Test
    void a_caret_stands_behind_the_last_typed_letter_and_blinks_when_it_waits() {
        Move typed = move(UnitKind.CHARACTER)
                .with(parts -> parts.uncovering(
                        parts.uncovering().withLead(new RevealBar(RevealBar.Kind.CARET, 0.05, "#f0b64a"))));
        BlockScore score = score("BOAT", typed);
        for (int letter = 0; letter < 4; letter++) {
            Box caret = caret(score, 5.0 * letter + 1);
            Box box = score.set().characters().get(letter).advance();
            assertThat(caret.left()).isBetween(box.right(), box.right() + 10);
        }
        // The last letter comes at 15. Half a blink later the caret is off, then on, and at last gone.
        assertThat(all(score, 15 + 14, PaintOp.Fill.class)).hasSize(4);
        assertThat(all(score, 15 + 25, PaintOp.Fill.class)).hasSize(5);
        assertThat(all(score, 15 + 40, PaintOp.Fill.class)).hasSize(4);
        assertThat(score.restsThroughout(28, 29)).isTrue();
        assertThat(score.restsThroughout(38, 39)).isFalse();
    }

    private static Box caret(BlockScore score, double time) {
        List<PaintOp.Fill> fills = all(score, time, PaintOp.Fill.class);
        return fills.get(fills.size() - 1).outline().ink();
    }

    @Test
    void of_several_moves_only_some_may_come_from_behind_something() {
        TextBlock shape =
                Samples.block("I", Span.of(0, 100), Phase.CUT, Phase.CUT).withId("line");
        Move rises = MoveReader.read("characters rise 2 em, 10 each", PhaseKind.ARRIVE, null);
        Move behind = rises.withId("m2").withUncovering(new Uncovering(null, null, null, null, null, "line"));
        TextBlock words = Samples.block("HO", Span.of(0, 100), new Phase(List.of(rises, behind)), Phase.CUT);
        Project project = Samples.project(100, shape, words);
        BlockScore score =
                Samples.score(project, project.scenes().get(0)).blocks().get(1);
        assertThat(all(score, 5, PaintOp.Clip.class)).hasSize(1);
        assertThat(all(score, 50, PaintOp.Clip.class)).isEmpty();
    }

    @Test
    void a_contour_is_drawn_then_filled() {
        BlockScore score = score("O", move(UnitKind.CHARACTER, Channel.from("d", Property.DRAW, 0, null)));
        // Two rings, each half drawn at half of the line's time.
        List<PaintOp.Stroke> strokes = all(score, 3.5, PaintOp.Stroke.class);
        assertThat(strokes).hasSize(2);
        double whole = new Contours()
                .of(score.set().characters().get(0).glyphs().get(0).outline()).stream()
                        .mapToDouble(Contours.Contour::length)
                        .sum();
        assertThat(strokes.stream()
                        .mapToDouble(stroke -> stroke.dashes().get(0))
                        .sum())
                .isCloseTo(whole / 2, within(0.1));
        assertThat(all(score, 3.5, PaintOp.Fill.class)).isEmpty();
        assertThat(all(score, 9, PaintOp.Fill.class).get(0).opacity()).isBetween(0.6f, 0.9f);
        assertThat(score.at(10).list()).isEqualTo(score.atRest().list());
    }

    @Test
    void a_line_around_the_letters_thins_out_in_its_own_colour() {
        Channel line = Channel.coloured("s", Property.STROKE, 0.1, "#f0b64a");
        BlockScore score = score("I", move(UnitKind.CHARACTER, line));
        PaintOp.Stroke stroke = all(score, 5, PaintOp.Stroke.class).get(0);
        // 0.1 em of 100 px, half way.
        assertThat(stroke.width()).isCloseTo(5f, within(1e-3f));
        assertThat(stroke.fill().ink()).isEqualTo(new Ink.Plain(0xfff0b64a));
        assertThat(all(score, 5, PaintOp.Fill.class)).hasSize(1);
    }

    @ParameterizedTest
    @ValueSource(strings = {"BOX", "LINE"})
    void a_box_hides_on_all_four_sides(String edge) {
        Move plain = move(UnitKind.CHARACTER, Channel.from("y", Property.OFFSET_Y, 1, Length.Unit.EM));
        Move hidden = MoveBuilder.builder()
                .id("m")
                .unit(plain.unit())
                .order(plain.order())
                .pace(plain.pace())
                .easing("linear")
                .channels(plain.channels())
                .uncovering(Uncovering.PLAIN.withReveal(Edge.valueOf(edge)))
                .build();
        BlockScore score = score("BO", hidden);
        Box clip = all(score, 2, PaintOp.Clip.class).get(0).outline().ink();
        Box unit = score.set().characters().get(0).advance();
        assertThat(clip.top()).isCloseTo(unit.top(), within(2.0));
        assertThat(clip.bottom()).isCloseTo(unit.bottom(), within(2.0));
        double right = edge.equals("BOX") ? unit.right() : score.set().box().right();
        assertThat(clip.right()).isCloseTo(right, within(2.0));
    }

    @Test
    void a_human_rhythm_is_uneven_the_same_again_and_as_long() {
        Pace even = Pace.eachApart(2, 5);
        Pace human = new Pace(even.held(), 2, 5, 0, false, null, null, null, 3L, null);
        Move typed = Samples.move(UnitKind.CHARACTER, Order.READING, human, "linear");
        List<Double> starts = score("MOORHEN", typed).timing().moves().get(0).starts();
        assertThat(starts.get(0)).isZero();
        assertThat(starts.get(6)).isCloseTo(30, within(1e-9));
        assertThat(starts).isSorted();
        assertThat(starts.get(1)).isNotCloseTo(5, within(0.05));
        assertThat(score("MOORHEN", typed).timing().moves().get(0).starts()).isEqualTo(starts);
    }

    @Test
    void letters_grow_heavier_where_they_stand_and_are_as_set_at_rest() {
        BlockScore score = score("BO", move(UnitKind.WORD, Channel.from("w", Property.WEIGHT, -400, null)));
        List<PaintOp.Fill> thin = all(score, 0, PaintOp.Fill.class);
        List<PaintOp.Fill> set = all(score, 50, PaintOp.Fill.class);
        for (int i = 0; i < 2; i++) {
            assertThat(thin.get(i).outline()).isNotEqualTo(set.get(i).outline());
            PaintOp.Concat now = all(score, 0, PaintOp.Concat.class).get(i);
            PaintOp.Concat then = all(score, 50, PaintOp.Concat.class).get(i);
            double middle = now.e()
                    + (thin.get(i).outline().ink().left()
                                    + thin.get(i).outline().ink().right())
                            / 2;
            double rest = then.e()
                    + (set.get(i).outline().ink().left()
                                    + set.get(i).outline().ink().right())
                            / 2;
            assertThat(middle).isCloseTo(rest, within(2.0));
        }
        assertThat(score.at(50).list()).isEqualTo(score.atRest().list());
    }

    @Test
    void letters_that_push_stand_as_far_apart_as_if_set_in_their_weight() {
        Move move = move(UnitKind.WHOLE, Channel.from("w", Property.WEIGHT, -400, null))
                .with(parts -> parts.manner(parts.manner().withPushes(true)));
        BlockScore score = score("BOLD", move);
        List<SetGlyph> light = Samples.TYPESETTER
                .set(Samples.copy("BOLD").withFace(Samples.archivo(300)))
                .whole()
                .glyphs();
        List<Double> at = all(score, 0, PaintOp.Concat.class).stream()
                .map(concat -> (double) concat.e())
                .toList();
        for (int i = 1; i < 4; i++) {
            double apart = light.get(i).x() - light.get(0).x();
            assertThat(at.get(i) - at.get(0)).isCloseTo(apart, within(1.5));
        }
        assertThat(score.at(50).list()).isEqualTo(score.atRest().list());
    }

    @Test
    void a_pen_writes_along_the_middle_of_the_strokes() {
        BlockScore score = score("LO", move(UnitKind.CHARACTER, Channel.from("w", Property.WRITE, 0, null)));
        // The L is one way down and to the right, or two.
        assertThat(all(score, 5, PaintOp.Mask.class)).hasSize(1);
        double half = all(score, 5, PaintOp.Stroke.class).stream()
                .mapToDouble(stroke ->
                        stroke.dashes().isEmpty() ? 0 : stroke.dashes().get(0))
                .sum();
        assertThat(half).isGreaterThan(20);
        CentreLines.Written ring = new CentreLines(java.util.Map.of())
                .of(score.set().characters().get(1).glyphs().get(0).outline());
        Box ink = score.set().characters().get(1).glyphs().get(0).outline().ink();
        // A ring is one stroke around, nearer to its middle than its outside is, with a pen that is far from filling
        // it.
        assertThat(ring.strokes()).hasSize(1);
        double outside = Math.PI * (ink.width() + ink.height()) / 2;
        assertThat(ring.length()).isBetween(0.5 * outside, 0.95 * outside);
        assertThat(ring.width()).isLessThan(ink.width() * 0.6);
        assertThat(score.at(15).list()).isEqualTo(score.atRest().list());
    }

    @Test
    void letters_in_no_colour_are_seen_by_their_outline_alone() {
        Channel line = Channel.coloured("c1", Property.STROKE, 0.04, "#f0b64a");
        Move outlined = Samples.move(UnitKind.CHARACTER, Order.READING, Pace.eachApart(12, 0), "linear", line);
        TextBlock words = Samples.block("O", Span.of(0, 60), new Phase(List.of(outlined)), Phase.CUT);
        var tree = (tools.jackson.databind.node.ObjectNode) DocumentJson.blockTree(words);
        ((tools.jackson.databind.node.ObjectNode) tree.get("setting")).set("fill", DocumentJson.tree(new Fill.None()));
        Project project = Samples.project(60, (TextBlock) DocumentJson.read(tree, Block.class));
        BlockScore score =
                Samples.score(project, project.scenes().get(0)).blocks().get(0);
        List<PaintOp> seen = score.at(6).list().paints();
        assertThat(seen).anyMatch(paint -> paint instanceof PaintOp.Stroke stroke && stroke.width() > 0);
        assertThat(seen).noneMatch(paint -> paint instanceof PaintOp.Fill);
    }
}
