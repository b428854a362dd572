package knollwind.core.speech;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import knollwind.core.sound.Recording;
import knollwind.core.sound.Tones;
import org.junit.jupiter.api.Test;

class PhraseDrafterTest {
    @Test
    void each_phrase_is_a_mark_to_be_typed_over() throws IOException {
        Recording said =
                Tones.of(300, second -> second >= 1 && second < 2 || second >= 3 && second < 3.5 ? 0.4 : 0.0005);
        Aligned draft = new PhraseDrafter().draft(said, 5L * Recording.RATE);
        assertThat(draft.words()).extracting(Aligned.Word::text).containsExactly("…", "…");
        assertThat(draft.words().get(1).start()).isCloseTo(3, within(0.02));
        assertThat(draft.words().get(1).end()).isCloseTo(3.5, within(0.02));
        assertThat(draft.words()).allMatch(word -> word.doubt().equals(Aligned.UNREAD));
        assertThat(draft.approximate()).isTrue();
    }

    @Test
    void silence_is_refused() {
        assertThatThrownBy(() -> new PhraseDrafter().draft(Tones.of(300, second -> 0), 48_000))
                .hasMessageContaining("nothing is said");
    }
}
