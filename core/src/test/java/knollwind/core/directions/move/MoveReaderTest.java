package knollwind.core.directions.move;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.InstanceOfAssertFactories.type;

import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import knollwind.core.Samples;
import knollwind.core.directions.grammar.Completion;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Channel;
import knollwind.core.scene.Edge;
import knollwind.core.scene.Length;
import knollwind.core.scene.Move;
import knollwind.core.scene.MoveBuilder;
import knollwind.core.scene.Order;
import knollwind.core.scene.Pace;
import knollwind.core.scene.Pivot;
import knollwind.core.scene.Property;
import knollwind.core.scene.Uncovering;
import knollwind.core.scene.UnitKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class MoveReaderTest {
    private static final String OPENING = "characters rise 0.6 em from behind the baseline and fade in, centre out, "
            + "12 frames each, 3 apart, landing softly.";

    @Test
    void prints_the_opening_as_a_sentence() {
        Move move = MoveBuilder.builder()
                .id("m")
                .unit(UnitKind.CHARACTER)
                .order(Order.of(Order.Kind.CENTRE_OUT))
                .pace(Pace.eachApart(12, 3))
                .easing("cubic-bezier(0.16, 1, 0.3, 1)")
                .channels(List.of(
                        Channel.from("c1", Property.OFFSET_Y, 0.6, Length.Unit.EM),
                        Channel.from("c2", Property.OPACITY, 0, null)))
                .uncovering(Uncovering.PLAIN.withReveal(Edge.BASELINE))
                .build();
        assertThat(MovePrinter.text(move, PhaseKind.ARRIVE)).isEqualTo(OPENING);
        assertThat(MovePrinter.text(move, PhaseKind.LEAVE))
                .isEqualTo("characters sink 0.6 em behind the baseline and fade out, centre out, "
                        + "12 frames each, 3 apart, landing softly.");
    }

    @Test
    void reads_it_back_in_any_order_of_clauses_and_however_it_is_spaced() {
        Move read = MoveReader.read(OPENING, PhaseKind.ARRIVE, null);
        assertThat(MoveReader.read(
                        "Arrives \u2014 landing softly,3 apart ,  centre out, CHARACTERS fade in, rise .6em, 12 frames each,"
                                + " from behind the baseline",
                        PhaseKind.ARRIVE,
                        null))
                .isEqualTo(MoveBuilder.builder()
                        .id(read.id())
                        .unit(read.unit())
                        .order(read.order())
                        .pace(read.pace())
                        .easing(read.easing())
                        .pivot(read.pivot())
                        .after(read.after())
                        .channels(List.of(
                                Channel.from("c1", Property.OPACITY, 0, null),
                                Channel.from("c2", Property.OFFSET_Y, 0.6, Length.Unit.EM)))
                        .uncovering(Uncovering.PLAIN
                                .withHidden(read.uncovering().hidden())
                                .withReveal(read.uncovering().reveal()))
                        .build());
    }

    @Test
    void words_after_a_full_stop_are_read_on_and_what_is_none_is_named() {
        assertThat(MoveReader.read("words rise 60 px. landing softly.", PhaseKind.ARRIVE, null))
                .isEqualTo(MoveReader.read("words rise 60 px, landing softly", PhaseKind.ARRIVE, null));
        assertThatThrownBy(() -> MoveReader.read("words rise 60 px. sideways", PhaseKind.ARRIVE, null))
                .hasMessageContaining("\"sideways\" cannot be read here");
    }

    /** What is printed is read back to the same move; ids are those of the move that is replaced. */
    @ParameterizedTest
    @EnumSource(PhaseKind.class)
    void what_is_printed_is_read_back(PhaseKind phase) {
        Random random = new Random(20);
        for (int i = 0; i < 800; i++) {
            Move any = Samples.anyMove(random);
            Move move = phase == PhaseKind.DWELL ? Samples.dwelling(any, random) : any;
            String sentence = MovePrinter.text(move, phase);
            assertThat(MoveReader.read(sentence, phase, move)).as(sentence).isEqualTo(move);
        }
    }

    /** A part is printed for every value that differs from the default, so two different moves never read alike. */
    @Test
    void different_moves_have_different_sentences() {
        Random random = new Random(5);
        Set<Move> moves = java.util.stream.Stream.generate(() -> Samples.anyMove(random))
                .limit(500)
                .collect(Collectors.toSet());
        assertThat(moves).hasSizeGreaterThan(490);
        assertThat(moves.stream()
                        .map(move -> MovePrinter.text(move, PhaseKind.ARRIVE))
                        .distinct())
                .hasSize(moves.size());
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "characters raise 0.6 em | 11 | \"raise\" cannot be read | rise 0.6 em",
                "words rise quickly | 10 | say how far | 0.6 em",
                "words turn from north | 15 | say how much | 30",
                "words fade in and fade in | 18 | said twice | ",
                "words easing wobble(3) | 6 | no easing function | ",
                "lines rise 10 px, 12 frames long | 18 | \"12\" cannot be read | ",
            })
    void says_where_a_sentence_stops_making_sense_and_what_could_stand_there(
            String sentence, int position, String reason, String suggestion) {
        assertThatThrownBy(() -> MoveReader.read(sentence, PhaseKind.ARRIVE, null))
                .hasMessageContaining(reason)
                .asInstanceOf(type(DirectionException.class))
                .satisfies(e -> {
                    assertThat(e.position()).isEqualTo(position);
                    if (suggestion != null) {
                        assertThat(e.suggestions()).contains(suggestion);
                    }
                });
    }

    @Test
    void an_empty_sentence_is_refused_with_examples() {
        assertThatThrownBy(() -> MoveReader.read("  .", PhaseKind.ARRIVE, null)).hasMessageContaining("empty");
    }

    @Test
    void all_three_values_of_a_pace_cannot_be_held() {
        assertThatThrownBy(() -> MoveReader.read("words fade in, 12 each, 3 apart, 40 in all", PhaseKind.ARRIVE, null))
                .hasMessageContaining("leave one of them out");
    }

    @Test
    void completes_what_is_begun() {
        assertThat(phrases("characters ri")).containsExactly("rise 0.6 em");
        assertThat(phrases("characters rise 0.6 em, centre out, land"))
                .containsExactlyInAnyOrder("landing as they are spoken", "landing together", "landing softly");
        assertThat(phrases("")).contains("characters", "words", "lines", "the whole");
        assertThat(MoveReader.complete("characters ri", PhaseKind.ARRIVE).get(0).from())
                .isEqualTo(11);
        assertThat(MoveReader.complete("words si", PhaseKind.LEAVE).stream().map(Completion::phrase))
                .containsExactly("sink 0.6 em");
    }

    /** Whatever is offered can be read where it is offered. */
    @ParameterizedTest
    @EnumSource(PhaseKind.class)
    void every_completion_can_be_read(PhaseKind phase) {
        for (String begun : List.of("", "characters ", "characters f", "words fade ", "lines c", "words a")) {
            List<Completion> completions = MoveReader.complete(begun, phase);
            assertThat(completions).as(begun).isNotEmpty();
            for (Completion completion : completions) {
                String sentence = begun.substring(0, completion.from()) + completion.phrase();
                assertThat(MoveReader.read(sentence, phase, null)).as(sentence).isNotNull();
            }
        }
    }

    @Test
    void the_pivot_is_said_where_it_matters() {
        Move turn = MoveBuilder.builder()
                .id("m")
                .unit(UnitKind.WORD)
                .pace(Pace.eachApart(10, 2))
                .easing("linear")
                .pivot(new Pivot(Pivot.Across.LEFT, Pivot.Down.BASELINE, Pivot.Box.METRIC))
                .channels(List.of(Channel.from("c", Property.ROTATION, -90, null)))
                .build();
        assertThat(MovePrinter.text(turn, PhaseKind.ARRIVE))
                .isEqualTo(
                        "words turn from -90\u00b0, in reading order, 10 frames each, 2 apart, steadily, about the baseline left.");
    }

    private static List<String> phrases(String typed) {
        return MoveReader.complete(typed, PhaseKind.ARRIVE).stream()
                .map(Completion::phrase)
                .toList();
    }
}
