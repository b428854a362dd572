package knollwind.core.motion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import knollwind.core.Samples;
import knollwind.core.scene.Beats;
import knollwind.core.scene.Block;
import knollwind.core.scene.BlockEdge;
import knollwind.core.scene.Channel;
import knollwind.core.scene.Clock;
import knollwind.core.scene.Cycle;
import knollwind.core.scene.FrameRate;
import knollwind.core.scene.Length;
import knollwind.core.scene.Moments;
import knollwind.core.scene.Move;
import knollwind.core.scene.Order;
import knollwind.core.scene.Pace;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Property;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.TimeLink;
import knollwind.core.scene.UnitKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Pieces that are called at spoken words, beats and cues. */
class OutsideTurnsTest {
    /** "ab cd ef" as three words of two characters. */
    private static final List<TimedText> SAID = List.of(
            new TimedText(0, 2, 30, 40, true), new TimedText(3, 5, 42, 60, true), new TimedText(6, 8, 70, 95, true));

    private static final Clock CLOCK = new Clock(new FrameRate(24, 1), new Beats(120, 6, 4));

    private static List<Piece> pieces(UnitKind kind) {
        return switch (kind) {
            case CHARACTER ->
                IntStream.range(0, 6)
                        .mapToObj(i -> piece("c" + i, i / 2, 3 * (i / 2) + i % 2, 3 * (i / 2) + i % 2 + 1))
                        .toList();
            case WORD ->
                IntStream.range(0, 3)
                        .mapToObj(i -> piece("w" + i, i, 3 * i, 3 * i + 2))
                        .toList();
            default -> List.of(piece("all", 0, 0, 8));
        };
    }

    private static Piece piece(String id, int word, int from, int to) {
        return new Piece(id, 0, word, 10 * from, 0, 0, from, to);
    }

    private static Move arrive(UnitKind unit, Pace pace) {
        return Samples.move(
                unit, Order.READING, pace, "linear", Channel.from("y", Property.OFFSET_Y, 1, Length.Unit.EM));
    }

    private static Pace called(double each, double apart, Moments moments) {
        return Pace.eachApart(each, apart).withMoments(moments);
    }

    private static Pace spoken(double each) {
        return called(each, 0, Moments.of(Moments.By.WORDS));
    }

    private static Block block(Span span, Move arrive, Move... leave) {
        return Samples.block("ab cd ef", span, new Phase(List.of(arrive)), new Phase(List.of(leave)));
    }

    private static BlockTiming timing(Block block, Turns turns) {
        return BlockTiming.of(block, CLOCK, turns, OutsideTurnsTest::pieces);
    }

    private static BlockTiming timing(Block block) {
        return timing(block, new Turns(SAID, List.of()));
    }

    @Test
    void words_set_out_when_they_are_spoken_and_the_block_has_landed_with_the_last() {
        BlockTiming timing = timing(block(Span.of(20, 200), arrive(UnitKind.WORD, spoken(8))));
        assertThat(timing.moves().get(0).starts()).containsExactly(30.0, 42.0, 70.0);
        assertThat(timing.moves().get(0).ends()).containsExactly(38.0, 50.0, 78.0);
        assertThat(timing.arriveEnd()).isEqualTo(78);
        assertThat(timing.moves().get(0).rule().inAll()).isEqualTo(48);
    }

    @Test
    void landing_early_and_waiting_are_counted_from_the_word() {
        Moments landing = new Moments(Moments.By.WORDS, null, 2.0, true, false);
        BlockTiming timing = timing(block(Span.of(0, 200), arrive(UnitKind.WORD, called(8, 0, landing))));
        assertThat(timing.moves().get(0).ends()).containsExactly(28.0, 40.0, 68.0);
        assertThat(timing.moves().get(0).starts()).containsExactly(20.0, 32.0, 60.0);
        Move waiting = arrive(UnitKind.WORD, spoken(8)).withAfter(5);
        assertThat(timing(block(Span.of(0, 200), waiting)).moves().get(0).starts())
                .containsExactly(35.0, 47.0, 75.0);
    }

    @Test
    void a_bar_may_last_as_long_as_its_word() {
        Moments asLong = new Moments(Moments.By.WORDS, null, null, false, true);
        BlockTiming timing = timing(block(Span.of(0, 200), arrive(UnitKind.WORD, called(8, 0, asLong))));
        assertThat(timing.moves().get(0).ends()).containsExactly(40.0, 60.0, 95.0);
    }

    @Test
    void characters_follow_one_another_within_their_word_and_lines_go_with_their_first() {
        BlockTiming timing =
                timing(block(Span.of(0, 200), arrive(UnitKind.CHARACTER, called(8, 2, Moments.of(Moments.By.WORDS)))));
        assertThat(timing.moves().get(0).starts()).containsExactly(30.0, 32.0, 42.0, 44.0, 70.0, 72.0);
        assertThat(timing(block(Span.of(0, 200), arrive(UnitKind.LINE, spoken(8))))
                        .moves()
                        .get(0)
                        .starts())
                .containsExactly(30.0);
    }

    @Test
    void a_bar_before_the_blocks_start_is_shortened() {
        BlockTiming timing = timing(block(Span.of(34, 200), arrive(UnitKind.WORD, spoken(8))));
        assertThat(timing.moves().get(0).starts()).containsExactly(34.0, 42.0, 70.0);
        assertThat(timing.moves().get(0).ends()).containsExactly(38.0, 50.0, 78.0);
        assertThat(timing(block(Span.of(50, 200), arrive(UnitKind.WORD, spoken(8))))
                        .moves()
                        .get(0)
                        .ends()
                        .get(0))
                .isEqualTo(50);
    }

    @ParameterizedTest
    @CsvSource({"120, 1, 98", "88, 0.5, 78", "78, 0, 78", "60, 0, 60"})
    void the_leave_gives_way_and_words_are_never_stretched(long end, double leaveScale, double leaveStart) {
        Move leave = arrive(UnitKind.WHOLE, Pace.eachApart(20, 0)).withAfter(0);
        if (leaveScale == 1) {
            leave = arrive(UnitKind.WHOLE, Pace.eachApart(22, 0));
        }
        BlockTiming timing = timing(block(Span.of(20, end), arrive(UnitKind.WORD, spoken(8)), leave));
        assertThat(timing.scale()).isEqualTo(1);
        assertThat(timing.leaveScale()).isEqualTo(leaveScale);
        assertThat(timing.leaveStart()).isEqualTo(leaveStart);
        assertThat(timing.moves().get(0).starts()).containsExactly(30.0, 42.0, 70.0);
    }

    @ParameterizedTest
    @ValueSource(doubles = {-3, 0.25, 17, 400})
    void shifting_the_voice_shifts_all_that_hangs_on_it(double by) {
        List<TimedText> later = SAID.stream()
                .map(one -> new TimedText(one.from(), one.to(), one.start() + by, one.end() + by, one.said()))
                .toList();
        Block block = block(Span.of(0, 900), arrive(UnitKind.CHARACTER, spoken(8)));
        List<Double> before = timing(block).moves().get(0).starts();
        List<Double> after =
                timing(block, new Turns(later, List.of())).moves().get(0).starts();
        for (int i = 0; i < before.size(); i++) {
            assertThat(after.get(i)).isCloseTo(before.get(i) + by, within(1e-9));
        }
    }

    @Test
    void beats_call_one_rank_after_the_other_from_the_first_in_the_block() {
        Moments second = new Moments(Moments.By.BEATS, 2.0, null, false, false);
        // A beat every 12 frames from frame 6 on.
        BlockTiming timing = timing(block(Span.of(20, 200), arrive(UnitKind.WORD, called(4, 0, second))));
        assertThat(timing.moves().get(0).starts()).containsExactly(30.0, 54.0, 78.0);
    }

    @Test
    void cues_call_in_time_and_what_has_none_goes_with_the_last() {
        Turns cues = new Turns(List.of(), List.of(5.0, 25.0, 31.0));
        BlockTiming timing =
                timing(block(Span.of(20, 200), arrive(UnitKind.WORD, called(4, 0, Moments.of(Moments.By.CUES)))), cues);
        assertThat(timing.moves().get(0).starts()).containsExactly(25.0, 31.0, 31.0);
        assertThat(timing.moves().get(0).lacking()).isEqualTo(1);
    }

    @Test
    void a_dwell_sets_off_each_word_while_it_is_spoken() {
        Move grows = arrive(UnitKind.WORD, spoken(4))
                .with(move -> move.cycle(new Cycle(Cycle.Form.PASS, 48, null, false, 0L)));
        TextBlock still = (TextBlock) Samples.block("ab cd ef", Span.of(0, 200), Phase.CUT, Phase.CUT);
        BlockTiming timing = timing(still.withDwell(new Phase(List.of(grows))));
        Going going = timing.moves().get(0).cycle();
        assertThat(going.at(0, 29.9)).isZero();
        assertThat(going.at(0, 34)).isEqualTo(1);
        assertThat(going.at(0, 40)).isEqualTo(1);
        assertThat(going.at(0, 42)).isEqualTo(0.5);
        assertThat(going.at(1, 50)).isEqualTo(1);
        assertThat(going.at(2, 99)).isZero();
    }

    @Test
    void what_hangs_on_the_landing_follows_the_last_word() {
        Block title = block(Span.of(20, 200), arrive(UnitKind.WORD, spoken(8)));
        Block after = Samples.block("after", Span.of(0, 10), Phase.CUT, Phase.CUT)
                .during(new Span(
                        Span.of(0, 10).start(),
                        Span.of(0, 10).end(),
                        TimeLink.onBlock(title.id(), BlockEdge.LANDED, 3),
                        null,
                        null,
                        null));
        Function<Block, PhaseLengths> lengths =
                block -> BlockTiming.lengths(block, CLOCK, new Turns(SAID, List.of()), OutsideTurnsTest::pieces);
        Map<String, Span> spans =
                LinkedSpans.of(List.of(title, ((TextBlock) after).withId("after")), id -> Optional.empty(), lengths);
        assertThat(spans.get("after").start().value()).isEqualTo(81);
    }

    @ParameterizedTest
    @CsvSource({"BEATS, 1, 57", "CUES, 1, 57", "BEATS, 2, 81"})
    void what_hangs_on_a_landing_by_beats_or_cues_counts_them_from_the_blocks_start(
            Moments.By by, double every, double landed) {
        Turns turns = new Turns(List.of(), List.of(6.0, 30.0, 42.0, 54.0));
        Block title = block(
                Span.of(20, 200), arrive(UnitKind.WORD, called(3, 0, new Moments(by, every, null, false, false))));
        TextBlock after = (TextBlock) Samples.block("after", Span.of(0, 10), Phase.CUT, Phase.CUT);
        Span hung = new Span(
                after.span().start(),
                after.span().end(),
                TimeLink.onBlock(title.id(), BlockEdge.LANDED, 0),
                null,
                null,
                null);
        Map<String, Span> spans = LinkedSpans.of(
                List.of(title, after.withId("after").withSpan(hung)),
                id -> Optional.empty(),
                one -> BlockTiming.lengths(one, CLOCK, turns, OutsideTurnsTest::pieces));
        assertThat(spans.get("after").start().value()).isEqualTo(landed);
        assertThat(timing(title, turns).arriveEnd()).isEqualTo(landed);
    }
}
