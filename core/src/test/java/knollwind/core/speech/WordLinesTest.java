package knollwind.core.speech;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;

class WordLinesTest {
    @Test
    void words_are_written_a_line_each_and_read_again() {
        List<SpokenWord> words =
                List.of(new SpokenWord("Last", 0.5, 0.8, 0.97), new SpokenWord("\u201cboat\u201d,", 0.8, 1.2, null));
        String lines = WordLines.write(words);
        assertThat(lines).startsWith("{\"word\":\"Last\",\"start\":0.5,\"end\":0.8,\"sure\":0.97}\n");
        assertThat(WordLines.read(lines)).isEqualTo(words);
        assertThat(WordLines.read("\n" + lines + "\n\n")).isEqualTo(words);
    }

    @Test
    void a_line_that_is_no_word_is_named() {
        String good = "{\"word\":\"home\",\"start\":1,\"end\":2}\n";
        assertThatThrownBy(() -> WordLines.read(good + "home 1 2"))
                .hasMessageContaining("line 2 is no word")
                .hasMessageContaining("it is no JSON");
        assertThatThrownBy(() -> WordLines.read("{\"word\":\"home\"}"))
                .hasMessageContaining("it needs a word, a start and an end");
        assertThatThrownBy(() -> WordLines.read("{\"word\":\"home\",\"start\":2,\"end\":1}"))
                .hasMessageContaining("must end after it starts");
    }
}
