package knollwind.core.motion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import knollwind.core.scene.Pace;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PaceRuleTest {
    @ParameterizedTest(name = "{0} {1} and {2} over {3} ranks")
    @CsvSource({
        // held, first, second, ranks, each, apart, in all, gave way
        "EACH_APART,   12, 3,  8, 12, 3,   33,  false",
        "EACH_APART,   12, 3,  1, 12, 0,   12,  false",
        "EACH_IN_ALL,  12, 33, 8, 12, 3,   33,  false",
        "EACH_IN_ALL,  12, 26, 8, 12, 2,   26,  false",
        // T < d: d = T, s = 0
        "EACH_IN_ALL,  12, 9,  8, 9,  0,   9,   true",
        "EACH_IN_ALL,  12, 40, 1, 12, 0,   12,  false",
        "APART_IN_ALL, 3,  33, 8, 12, 3,   33,  false",
        // T < s(R-1): d = 1, s = (T-1)/(R-1)
        "APART_IN_ALL, 10, 15, 8, 1,  2,   15,  true",
        "APART_IN_ALL, 3,  33, 1, 33, 0,   33,  false",
    })
    void works_out_the_third_value(
            Pace.Held held,
            double first,
            double second,
            int ranks,
            double each,
            double apart,
            double inAll,
            boolean gave) {
        Pace pace = switch (held) {
            case EACH_APART -> Pace.eachApart(first, second);
            case EACH_IN_ALL -> Pace.eachInAll(first, second);
            case APART_IN_ALL -> Pace.apartInAll(first, second);
        };
        assertThat(PaceRule.of(pace, ranks)).isEqualTo(new PaceRule(each, apart, inAll, gave));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void in_all_is_each_plus_apart_times_the_gaps(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 200; i++) {
            int ranks = 1 + random.nextInt(40);
            double a = 0.5 + random.nextInt(80) / 2.0;
            double b = 0.5 + random.nextInt(80) / 2.0;
            for (Pace pace : new Pace[] {Pace.eachApart(a, b), Pace.eachInAll(a, b), Pace.apartInAll(a, b)}) {
                PaceRule rule = PaceRule.of(pace, ranks);
                assertThat(rule.inAll()).isCloseTo(rule.each() + rule.apart() * (ranks - 1), within(1e-9));
                assertThat(rule.each()).isPositive();
                assertThat(rule.apart()).isNotNegative();
            }
        }
    }

    @Test
    void a_pace_without_ranks_is_refused() {
        assertThatThrownBy(() -> PaceRule.of(Pace.eachApart(1, 1), 0)).hasMessageContaining("at least one rank");
    }
}
