package knollwind.core.motion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import knollwind.core.Samples;
import knollwind.core.scene.BlockEdge;
import knollwind.core.scene.Channel;
import knollwind.core.scene.Clock;
import knollwind.core.scene.Cycle;
import knollwind.core.scene.FrameRate;
import knollwind.core.scene.Length;
import knollwind.core.scene.Move;
import knollwind.core.scene.Only;
import knollwind.core.scene.Order;
import knollwind.core.scene.Pace;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Property;
import knollwind.core.scene.Rational;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.TimeLink;
import knollwind.core.scene.UnitKind;
import org.junit.jupiter.api.Test;

/** Moves that follow the length of their block, that take only some pieces, and that go one way over the whole stay. */
class WholeTimeTest {
    private static final Clock CLOCK = new Clock(new FrameRate(24, 1), null);
    /** Two words of three. */
    private static final List<Piece> SIX = IntStream.range(0, 6)
            .mapToObj(i -> new Piece("c" + i, 0, i / 3, 10 * i, 0, 0, i, i + 1))
            .toList();

    private static final Channel RISE = Channel.from("c1", Property.OFFSET_Y, 60, Length.Unit.PX);

    private static Move move(Pace pace) {
        return Samples.move(UnitKind.CHARACTER, Order.READING, pace, "linear", RISE);
    }

    private static Move whole(Pace pace) {
        return move(pace.withWhole(true));
    }

    private static TextBlock block(int from, int to, Phase arrive, Phase leave) {
        return Samples.block("ABCDEF", Span.of(from, to), arrive, leave);
    }

    private static Phase phase(Move... moves) {
        return new Phase(List.of(moves));
    }

    private static BlockTiming timing(TextBlock block) {
        return BlockTiming.of(block, CLOCK, Turns.NONE, kind -> SIX);
    }

    @Test
    void it_takes_what_the_block_has_and_keeps_what_is_held() {
        Phase leave = phase(move(Pace.eachApart(10, 0)));
        MoveTiming each = timing(block(0, 110, phase(whole(Pace.eachInAll(25, 1))), leave))
                .moves()
                .get(0);
        assertThat(each.starts()).containsExactly(0.0, 15.0, 30.0, 45.0, 60.0, 75.0);
        assertThat(each.ends()).last().isEqualTo(100.0);
        MoveTiming apart = timing(block(0, 110, phase(whole(Pace.apartInAll(10, 1))), leave))
                .moves()
                .get(0);
        assertThat(apart.ends().get(0)).isEqualTo(50);
        // 10 each and 2 apart take 20; stretched to 100 they keep their proportion.
        MoveTiming both = timing(block(0, 110, phase(whole(Pace.eachApart(10, 2))), leave))
                .moves()
                .get(0);
        assertThat(both.starts().get(1)).isEqualTo(10);
        assertThat(both.ends().get(0)).isEqualTo(50);
        BlockTiming longer = timing(block(0, 210, phase(whole(Pace.eachInAll(25, 1))), leave));
        assertThat(longer.arriveEnd()).isEqualTo(200);
        assertThat(longer.leaveStart()).isEqualTo(200);
    }

    @Test
    void a_wait_counts_and_two_that_fill_share_the_block_and_a_muted_one_takes_nothing() {
        Move late = whole(Pace.eachInAll(10, 1)).withAfter(30);
        BlockTiming timing = timing(block(0, 100, phase(late), Phase.CUT));
        assertThat(timing.moves().get(0).starts().get(0)).isEqualTo(30);
        assertThat(timing.arriveEnd()).isEqualTo(100);
        Phase fills = phase(whole(Pace.eachInAll(10, 1)));
        BlockTiming both = timing(block(0, 100, fills, fills));
        assertThat(both.arriveEnd()).isEqualTo(50);
        assertThat(both.leaveStart()).isEqualTo(50);
        Phase muted = phase(whole(Pace.eachInAll(10, 1)).withMuted(true));
        assertThat(timing(block(0, 100, muted, Phase.CUT)).arriveEnd()).isZero();
        // Where the way out needs all there is, the way in is still a way.
        BlockTiming tight = timing(block(0, 20, fills, phase(move(Pace.eachApart(20, 0)))));
        assertThat(tight.arriveEnd()).isBetween(0.5, 1.5);
        assertThat(tight.end()).isEqualTo(20);
    }

    @Test
    void what_hangs_on_its_landing_follows() {
        TextBlock filled = block(0, 100, phase(whole(Pace.eachInAll(10, 1))), phase(move(Pace.eachApart(10, 0))))
                .withId("a");
        TextBlock after = block(0, 20, Phase.CUT, Phase.CUT)
                .withId("b")
                .withSpan(new Span(
                        Rational.of(0), Rational.of(20), TimeLink.onBlock("a", BlockEdge.LANDED, 5), null, null, null));
        Map<String, Span> spans = LinkedSpans.of(
                List.of(filled, after),
                id -> Optional.empty(),
                block -> BlockTiming.lengths(block, CLOCK, Turns.NONE, kind -> SIX));
        assertThat(spans.get("b").start()).isEqualTo(Rational.of(95));
    }

    @Test
    void only_some_take_a_turn_and_the_others_stand_there_all_the_time() {
        Move second = move(Pace.eachApart(10, 4)).withOnly(Only.stretch(UnitKind.WORD, 1, 2));
        BlockTiming timing = timing(block(20, 100, phase(second), phase(second)));
        MoveTiming arrive = timing.moves().get(0);
        assertThat(arrive.ranks().of()).containsExactly(-1, -1, -1, 0, 1, 2);
        assertThat(arrive.starts().subList(3, 6)).containsExactly(20.0, 24.0, 28.0);
        MoveCurve in = new MoveCurve(arrive, 100, 120, 1920, 1080);
        assertThat(in.hides(0, 20)).isFalse();
        assertThat(in.pose(0, 20).get(Property.OFFSET_Y)).isZero();
        assertThat(in.hides(4, 20)).isTrue();
        MoveCurve out = new MoveCurve(timing.moves().get(1), 100, 120, 1920, 1080);
        assertThat(out.hides(0, 99.9)).isFalse();
        assertThat(out.pose(0, 99.9).get(Property.OFFSET_Y)).isZero();
        assertThat(timing.arriveEnd()).isEqualTo(38);
    }

    @Test
    void every_other_is_counted_in_what_it_says_and_nothing_finer_than_the_pieces() {
        Ranks letters = Ranks.of(Order.READING, Only.every(UnitKind.CHARACTER, 2, 1), SIX);
        assertThat(letters.of()).containsExactly(-1, 0, -1, 1, -1, 2);
        Ranks words = Ranks.of(Order.of(Order.Kind.REVERSE), Only.every(UnitKind.WORD, 2, 0), SIX);
        assertThat(words.of()).containsExactly(2, 1, 0, -1, -1, -1);
        Move lines = move(Pace.eachApart(10, 0)).withUnit(UnitKind.LINE).withOnly(Only.every(UnitKind.WORD, 2, 1));
        assertThat(lines.only().of()).isEqualTo(UnitKind.LINE);
        assertThat(lines.withUnit(UnitKind.WHOLE).only()).isNull();
        assertThat(timing(block(
                                0,
                                50,
                                phase(move(Pace.eachApart(10, 0)).withOnly(Only.stretch(UnitKind.LINE, 7, 9))),
                                Phase.CUT))
                        .arriveEnd())
                .isZero();
    }

    @Test
    void over_its_stay_it_goes_one_way_from_begin_to_end() {
        Move shrink = Samples.move(
                        UnitKind.WHOLE,
                        Order.READING,
                        Pace.eachApart(12, 0),
                        "cubic-bezier(0.42, 0, 0.58, 1)",
                        Channel.from("c1", Property.SCALE, 0.9, null))
                .withCycle(Cycle.staying());
        List<Piece> one = List.of(new Piece("b", 0, 0, 0));
        TextBlock block = Samples.block("Words", Span.of(10, 110), phase(move(Pace.eachApart(20, 0))), Phase.CUT)
                .withDwell(phase(shrink));
        BlockTiming timing = BlockTiming.of(block, CLOCK, Turns.NONE, kind -> kind == UnitKind.WHOLE ? one : SIX);
        MoveCurve curve = new MoveCurve(timing.moves().get(1), 100, 120, 1920, 1080);
        assertThat(curve.pose(0, 10).get(Property.SCALE)).isEqualTo(1);
        assertThat(curve.pose(0, 60).get(Property.SCALE)).isCloseTo(0.95, within(1e-6));
        assertThat(curve.pose(0, 110).get(Property.SCALE)).isCloseTo(0.9, within(1e-9));
        assertThat(curve.pose(0, 20).get(Property.SCALE)).isGreaterThan(0.99);
        assertThat(timing.rests(60)).isFalse();
    }

    @Test
    void what_makes_no_sense_is_refused() {
        assertThatThrownBy(() -> whole(Pace.eachApart(10, 0)).withCycle(Cycle.staying()))
                .hasMessageContaining("only ways in and out can take their whole time");
        assertThatThrownBy(() -> Only.stretch(UnitKind.WHOLE, 0, 1)).hasMessageContaining("no piece");
        assertThatThrownBy(() -> Only.stretch(UnitKind.WORD, 3, 3)).hasMessageContaining("stretch");
        assertThatThrownBy(() -> Only.every(UnitKind.WORD, 2, 2)).hasMessageContaining("first piece");
    }
}
