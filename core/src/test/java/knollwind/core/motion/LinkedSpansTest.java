package knollwind.core.motion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.Function;
import java.util.stream.Stream;
import knollwind.core.Samples;
import knollwind.core.scene.Block;
import knollwind.core.scene.BlockEdge;
import knollwind.core.scene.Cue;
import knollwind.core.scene.NamedTime;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Rational;
import knollwind.core.scene.Span;
import knollwind.core.scene.TimeLink;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** When blocks are on that hang on cues and on each other. */
class LinkedSpansTest {
    private static final PhaseLengths PHASES = PhaseLengths.of(12, 8);

    private static Block block(String id, Span span) {
        return Samples.named(id, Samples.block("WORDS", span, Phase.CUT, Phase.CUT));
    }

    private static Span hung(long start, long end, BlockEdge edge, TimeLink hang) {
        return new Span(
                Rational.of(start),
                Rational.of(end),
                edge == BlockEdge.START ? hang : null,
                edge == BlockEdge.LANDED ? hang : null,
                edge == BlockEdge.LEAVING ? hang : null,
                edge == BlockEdge.END ? hang : null);
    }

    private static Cue cue(String id, long at) {
        return new Cue(id, id, Rational.of(at));
    }

    private static Map<String, Span> resolved(List<Block> blocks, Cue... cues) {
        Function<String, Optional<NamedTime>> named = id -> Stream.of(cues)
                .filter(cue -> cue.id().equals(id))
                .findFirst()
                .map(cue -> new NamedTime(cue.id(), cue.name(), cue.at(), cue.at()));
        return LinkedSpans.of(blocks, named, block -> PHASES);
    }

    private static double[] times(Span span) {
        return new double[] {span.start().value(), span.end().value()};
    }

    @ParameterizedTest
    @CsvSource({
        // Start and landing carry the whole block of 60 frames; leaving and end let its hold give way.
        "START, 106, 166",
        "LANDED, 94, 154",
        "LEAVING, 40, 114",
        "END, 40, 106"
    })
    void each_moment_hangs_on_a_cue(BlockEdge edge, double start, double end) {
        Span span = hung(40, 100, edge, TimeLink.onCue("horn", 6));
        assertThat(times(resolved(List.of(block("a", span)), cue("horn", 100)).get("a")))
                .containsExactly(start, end);
    }

    @ParameterizedTest
    @CsvSource({"START, 40, 100", "LANDED, 52, 112", "LEAVING, 92, 152", "END, 100, 160"})
    void a_start_hangs_on_each_moment_of_another_block(BlockEdge other, double start, double end) {
        Block first = block("first", Span.of(40, 100));
        Block second = block("second", hung(0, 60, BlockEdge.START, TimeLink.onBlock("first", other, 0)));
        assertThat(times(resolved(List.of(second, first)).get("second"))).containsExactly(start, end);
    }

    @Test
    void where_phases_do_not_fit_the_landing_stays_on_its_cue() {
        // 12 to arrive and 8 to leave, but the end is 4 after the landing: both are halved.
        Span span = new Span(
                Rational.of(0), Rational.of(30), null, TimeLink.onCue("horn", 0), null, TimeLink.onCue("horn", 4));
        Span found = resolved(List.of(block("a", span)), cue("horn", 100)).get("a");
        assertThat(times(found)).containsExactly(94, 104);
        double scale = found.length() / (PHASES.arrive() + PHASES.leave());
        assertThat(found.start().value() + PHASES.arrive() * scale).isCloseTo(100, within(1e-3));
        // The same by its own length, and for the leaving.
        Span shorter = hung(0, 10, BlockEdge.LANDED, TimeLink.onCue("horn", 0));
        assertThat(times(
                        resolved(List.of(block("a", shorter)), cue("horn", 100)).get("a")))
                .containsExactly(94, 104);
        Span leaving = hung(90, 200, BlockEdge.LEAVING, TimeLink.onCue("horn", 0));
        Span late = resolved(List.of(block("a", leaving)), cue("horn", 96)).get("a");
        assertThat(times(late)).containsExactly(90, 100);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void moving_a_cue_moves_all_that_hangs_on_it_by_as_much(long seed) {
        Random random = new Random(seed);
        List<Block> blocks = new ArrayList<>();
        blocks.add(block("b0", hung(0, 60, BlockEdge.START, TimeLink.onCue("horn", random.nextInt(20) - 10))));
        for (int i = 1; i < 12; i++) {
            BlockEdge own = random.nextBoolean() ? BlockEdge.START : BlockEdge.LANDED;
            TimeLink hang = TimeLink.onBlock(
                    "b" + random.nextInt(i), BlockEdge.values()[random.nextInt(4)], random.nextInt(30) - 15);
            blocks.add(block("b" + i, hung(0, 25 + random.nextInt(60), own, hang)));
        }
        Map<String, Span> before = resolved(blocks, cue("horn", 100));
        Map<String, Span> after = resolved(blocks, cue("horn", 117));
        assertThat(after).hasSize(12);
        before.forEach((id, span) -> {
            assertThat(after.get(id).start().minus(span.start())).isEqualTo(Rational.of(17));
            assertThat(after.get(id).end().minus(span.end())).isEqualTo(Rational.of(17));
        });
    }

    @Test
    void circles_are_refused_by_the_names_along_them() {
        Block one = block("one", hung(0, 60, BlockEdge.START, TimeLink.onBlock("two", BlockEdge.END, 0)));
        Block two = block("two", hung(0, 60, BlockEdge.START, TimeLink.onBlock("one", BlockEdge.LANDED, 0)));
        assertThatThrownBy(() -> LinkedSpans.check(List.of(one, two)))
                .hasMessageContaining("in a circle")
                .hasMessageContaining("the start of \"one\"")
                .hasMessageContaining("the end of \"two\"");
        assertThat(LinkedSpans.reaches(one, "two", List.of(one, two))).isTrue();
        // Ends that wait for each other's starts are none.
        Block a = block("a", hung(0, 60, BlockEdge.END, TimeLink.onBlock("b", BlockEdge.START, 0)));
        Block b = block("b", hung(30, 90, BlockEdge.END, TimeLink.onBlock("a", BlockEdge.START, 80)));
        LinkedSpans.check(List.of(a, b));
        assertThat(times(resolved(List.of(a, b)).get("a"))).containsExactly(0, 30);
    }

    @Test
    void what_hangs_on_something_gone_is_on_as_it_last_was_and_nothing_is_shorter_than_a_frame() {
        Block lost = block("lost", hung(40, 100, BlockEdge.START, TimeLink.onCue("gone", 6)));
        assertThat(times(resolved(List.of(lost)).get("lost"))).containsExactly(40, 100);
        Block early = block("early", hung(40, 100, BlockEdge.END, TimeLink.onCue("horn", 0)));
        assertThat(times(resolved(List.of(early), cue("horn", 10)).get("early")))
                .containsExactly(40, 41);
        assertThatThrownBy(() -> new Span(
                        Rational.of(0), Rational.of(9), TimeLink.onCue("a", 0), TimeLink.onCue("b", 0), null, null))
                .hasMessageContaining("either the start of a block");
        assertThatThrownBy(() -> new TimeLink(null, null, null, 0)).hasMessageContaining("a cue or on another block");
    }
}
