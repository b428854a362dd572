package knollwind.core.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.stream.Stream;
import knollwind.core.directions.move.MovePrinter;
import knollwind.core.directions.move.MoveReader;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Length;
import knollwind.core.scene.Move;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What the moves that ship are held to, apart from their looks. */
class MotionLibraryTest {
    static Stream<ReadyMove> moves() {
        return MotionLibrary.moves().stream();
    }

    /** As many as are written down; the file is counted by its names, not by what reads it. */
    @Test
    void all_that_is_written_down_is_offered() throws IOException {
        try (InputStream in = MotionLibrary.class.getResourceAsStream("/knollwind/moves.json")) {
            List<JsonNode> written = new ArrayList<>();
            JsonMapper.shared().readTree(in).forEach(written::add);
            assertThat(MotionLibrary.moves())
                    .extracting(ReadyMove::name)
                    .containsExactlyElementsOf(written.stream()
                            .map(move -> move.get("name").asString())
                            .toList());
        }
    }

    @Test
    void there_are_enough_of_them_in_every_feel_and_no_name_is_given_twice() {
        List<ReadyMove> all = MotionLibrary.moves();
        assertThat(all.stream().filter(move -> move.phases().contains(PhaseKind.ARRIVE)))
                .hasSizeGreaterThanOrEqualTo(60);
        assertThat(all.stream().filter(move -> move.phases().contains(PhaseKind.DWELL)))
                .hasSizeGreaterThanOrEqualTo(20);
        assertThat(new HashSet<>(all.stream().map(ReadyMove::name).toList())).hasSameSizeAs(all);
        for (ReadyMove.Feel feel : ReadyMove.Feel.values()) {
            assertThat(all.stream().filter(move -> move.feel() == feel)).hasSizeGreaterThanOrEqualTo(6);
        }
    }

    @ParameterizedTest
    @MethodSource("moves")
    void every_sentence_can_be_read_and_printed_in_each_of_its_phases(ReadyMove ready) {
        for (PhaseKind phase : ready.phases()) {
            for (Move move : ready.moves(phase)) {
                String said = MovePrinter.text(move, phase);
                assertThat(MoveReader.read(said, phase, move)).as(said).isEqualTo(move);
                assertThat(move.cycle() == null).isEqualTo(phase != PhaseKind.DWELL);
            }
        }
    }

    /** So they hold in a banner and on a wall. */
    @ParameterizedTest
    @MethodSource("moves")
    void lengths_are_counted_in_ems(ReadyMove ready) {
        ready.moves(ready.phases().get(0)).stream()
                .flatMap(move -> move.channels().stream())
                .filter(channel -> channel.unit() != null)
                .forEach(channel -> assertThat(channel.unit()).isEqualTo(Length.Unit.EM));
    }
}
