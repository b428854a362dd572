package knollwind.voice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The acoustic model and the dictionary that ship with the application. */
class SphinxAlignerTest {
    /** Words and their sounds as the dictionary has them. */
    @Test
    void the_dictionary_has_words_in_each_way_they_are_said() {
        SpeechModel model = SpeechModel.get();
        assertThat(model.sounds("boat")).hasSize(1);
        assertThat(String.join(" ", model.sounds("boat").get(0))).isEqualTo("B OW T");
        assertThat(model.sounds("the").size()).isGreaterThan(1);
        assertThat(model.sounds("ternholm")).isEmpty();
    }

    @Test
    void a_word_is_three_states_a_sound_and_depends_on_its_neighbours() {
        SpeechModel model = SpeechModel.get();
        String[] boat = {"B", "OW", "T"};
        assertThat(model.row(boat, null, null).states()).hasSize(9);
        assertThat(model.row(boat, "S", null).states())
                .isNotEqualTo(model.row(boat, null, null).states());
        assertThat(model.silence().states()).hasSize(3);
    }

    /** The library's own scoring stands for what the model means. */
    @Test
    void densities_score_as_the_library_does() {
        SpeechModel model = SpeechModel.get();
        List<Double> ours = new ArrayList<>();
        List<Double> theirs = new ArrayList<>();
        model.compare(new ByteArrayInputStream(noise()), ours, theirs);
        assertThat(ours).hasSizeGreaterThan(1000);
        for (int i = 0; i < ours.size(); i++) {
            assertThat(ours.get(i)).isCloseTo(theirs.get(i), within(0.05));
        }
    }

    private static byte[] noise() {
        Random random = new Random(5);
        byte[] samples = new byte[2 * 4800];
        for (int i = 0; i < samples.length; i += 2) {
            int value = (int) (3000 * random.nextGaussian() * Math.abs(Math.sin(i / 900.0)));
            samples[i] = (byte) value;
            samples[i + 1] = (byte) (value >> 8);
        }
        return samples;
    }
}
