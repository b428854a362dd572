package knollwind.core.directions.grammar;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.stream.Stream;
import knollwind.core.Samples;
import knollwind.core.scene.Block;
import knollwind.core.scene.Span;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class BlockNamesTest {
    private static final List<Block> BLOCKS = Stream.of("The last boat leaves\nthe pier at eleven", "The lamp", "Lamp")
            .map(words -> (Block) Samples.block(words, Span.of(0, 10), null, null))
            .toList();

    private static Block named(String name) {
        String id = BlockNames.read(new Lexer("\u201c" + name + "\u201d"), blocks(), List.of());
        return blocks().stream()
                .filter(block -> block.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static List<Block> blocks() {
        return Stream.of(0, 1, 2)
                .map(i -> (Block) BLOCKS.get(i)
                        .asWords()
                        .orElseThrow()
                        .with(block -> block.id("b" + i).name("Name " + i)))
                .toList();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "The last boat leaves the\u2026",
                "the last",
                "The last boat leaves the pier at",
                "The last boat leaves the pier at eleven",
                "Name 0"
            })
    void a_block_is_named_by_the_beginning_of_its_words_or_by_its_name(String name) {
        assertThat(named(name).id()).isEqualTo("b0");
        assertThat(Say.called(named(name))).isEqualTo("The last boat leaves the\u2026");
    }

    @Test
    void the_whole_name_goes_before_a_beginning_and_what_fits_none_is_said() {
        assertThat(named("lamp").id()).isEqualTo("b2");
        assertThat(named("The lamp").id()).isEqualTo("b1");
        assertThatThrownBy(() -> named("Fog"))
                .isInstanceOfSatisfying(
                        DirectionException.class,
                        unread -> assertThat(unread.suggestions()).contains("\u201cLamp\u201d"));
    }
}
