package knollwind.core.speech;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Finding words in sounds that are known: each letter is a sound of three states, heard for five frames each. */
class AlignmentSearchTest {
    private static final int FRAMES_A_STATE = 5;

    /** Frames of what was said: a letter is a sound, a space is silence, and "#" is something that nobody has a word for. */
    private record Heard(String said) implements Acoustics {
        @Override
        public int frames() {
            return said.length() * 3 * FRAMES_A_STATE;
        }

        private int state(int frame) {
            int place = frame / (3 * FRAMES_A_STATE);
            return said.charAt(place) == ' ' ? 0 : 3 * said.charAt(place) + frame / FRAMES_A_STATE % 3;
        }

        @Override
        public float score(int state, int frame) {
            return state == state(frame) ? -1 : -14;
        }

        @Override
        public float best(int frame) {
            return -1;
        }
    }

    private static final StateRow SILENCE = row(0);

    private static StateRow row(int... states) {
        float[] half = new float[states.length];
        Arrays.fill(half, (float) Math.log(0.5));
        return new StateRow(states, half, half);
    }

    private static StateRow word(String letters) {
        return row(letters.chars()
                .flatMap(letter -> IntStream.of(3 * letter, 3 * letter + 1, 3 * letter + 2))
                .toArray());
    }

    private static AlignmentSearch.Result find(String said, String... script) {
        List<List<StateRow>> words = new ArrayList<>();
        for (String word : script) {
            words.add(Arrays.stream(word.split("/"))
                    .map(AlignmentSearchTest::word)
                    .toList());
        }
        return AlignmentSearch.find(words, SILENCE, new Heard(said));
    }

    /** Frame at which a letter of what was said begins. */
    private static int at(int letter) {
        return letter * 3 * FRAMES_A_STATE;
    }

    private static void assertFound(AlignmentSearch.Result found, int... letters) {
        assertThat(found.words().stream().map(word -> word.said() ? word.from() : -1))
                .containsExactlyElementsOf(Arrays.stream(letters)
                        .mapToObj(letter -> letter < 0 ? -1 : at(letter))
                        .toList());
    }

    @Test
    void words_are_found_with_silence_around_them_and_without() {
        AlignmentSearch.Result found = find("  abcde  fg ", "abc", "de", "fg");
        assertFound(found, 2, 5, 9);
        assertThat(found.words().get(0).to()).isEqualTo(at(5));
        assertThat(found.words().get(1).to()).isEqualTo(at(7));
        assertThat(found.words().get(0).second()).isEqualTo(at(3));
        assertThat(found.others()).isEmpty();
        assertThat(found.words().get(2).best()).isEqualTo(-1);
        assertThat(found.words().get(2).score()).isBetween(-2.0, -1.5);
    }

    @Test
    void the_way_that_is_said_counts() {
        assertFound(find("abxyef", "ab", "cd/xy", "ef"), 0, 2, 4);
    }

    @Test
    void words_that_are_not_said_are_passed_over() {
        AlignmentSearch.Result found = find("abc defg", "abc", "klmn", "opqr", "stu", "de", "fg");
        assertFound(found, 0, -1, -1, -1, 4, 6);
        assertThat(found.others()).isEmpty();
    }

    @Test
    void what_the_script_does_not_have_is_told() {
        AlignmentSearch.Result found = find("abc ##### defg", "abc", "de", "fg");
        assertFound(found, 0, 10, 12);
        assertThat(found.others()).hasSize(1);
        assertThat(found.others().get(0).from()).isBetween(at(3), at(4));
        assertThat(found.others().get(0).to()).isBetween(at(9), at(10));
    }

    @Test
    void a_whole_sentence_too_many_or_too_few_leaves_the_rest_in_place() {
        String text = "abc de fgh ij klm no";
        assertFound(find(text, "abc", "de", "fgh", "ij", "klm", "no"), 0, 4, 7, 11, 14, 18);
        assertFound(find(text, "abc", "de", "klm", "no"), 0, 4, 14, 18);
    }

    @Test
    void a_recording_in_which_nothing_of_it_is_said_leaves_all_words_unsaid() {
        AlignmentSearch.Result found = find("#########", "abc", "def");
        assertThat(found.words()).noneMatch(AlignmentSearch.Found::said);
        assertThat(found.others()).hasSize(1);
    }

    @Test
    void a_script_of_thousands_of_words_is_found() {
        String said = "abc de fgh ".repeat(700);
        String[] script = "abc de fgh ".repeat(700).strip().split(" ");
        AlignmentSearch.Result found = find(said, script);
        assertThat(found.words().get(2099).from()).isEqualTo(at(said.length() - 4));
        assertThat(found.words()).allMatch(AlignmentSearch.Found::said);
    }
}
