package knollwind.core.dressing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Letters of a sign that are switched on. */
class StutterTest {
    private static final int LETTERS = 12;

    /** Each flash is a change there and back; three in a second are allowed, of 200 deals at any rate. */
    @ParameterizedTest
    @ValueSource(doubles = {12, 24000 / 1001.0, 24, 25, 30, 50, 60, 120})
    void no_letter_flashes_more_often_than_is_safe(double perSecond) {
        for (int seed = 0; seed < 200; seed++) {
            Stutter stutter = new Stutter(seed, perSecond, 2.3 * perSecond, 0.8, 0.3, seed % 5 == 0);
            for (int letter = 0; letter < LETTERS; letter++) {
                List<Integer> changes = changes(stutter, letter, (int) (9 * perSecond));
                for (int i = 6; i < changes.size(); i++) {
                    assertThat((double) changes.get(i) - changes.get(i - 6))
                            .as("seed %d, letter %d", seed, letter)
                            .isGreaterThanOrEqualTo(perSecond);
                }
            }
        }
    }

    @Test
    void all_are_on_in_the_end_and_stay_so() {
        for (int seed = 0; seed < 200; seed++) {
            Stutter stutter = new Stutter(seed, 24, 40, 0, 0, false);
            int first = Integer.MAX_VALUE;
            for (int letter = 0; letter < LETTERS; letter++) {
                assertThat(stutter.isLit(letter, 0, 1 << 20)
                                && stutter.isLit(letter, 1, 1 << 20)
                                && stutter.isLit(letter, 5, 1 << 20))
                        .isFalse();
                for (int frame = 40; frame < 300; frame++) {
                    assertThat(stutter.isLit(letter, frame, 1 << 20)).isTrue();
                }
                List<Integer> changes = changes(stutter, letter, 60);
                first = Math.min(first, changes.get(changes.size() - 1));
            }
            // Some are on long before the last one.
            assertThat(first).isLessThan(32);
        }
    }

    @Test
    void together_all_letters_do_the_same() {
        Stutter stutter = new Stutter(3, 24, 60, 0.5, 0.5, true);
        for (int frame = 0; frame < 300; frame++) {
            assertThat(stutter.isLit(7, frame, 1 << 20)).isEqualTo(stutter.isLit(0, frame, 1 << 20));
        }
    }

    private static List<Integer> changes(Stutter stutter, int letter, int frames) {
        List<Integer> changes = new ArrayList<>();
        for (int frame = 1; frame < frames; frame++) {
            if (stutter.isLit(letter, frame, 1 << 20) != stutter.isLit(letter, frame - 1, 1 << 20)) {
                changes.add(frame);
            }
        }
        return changes;
    }
}
