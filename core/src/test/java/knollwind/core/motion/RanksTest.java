package knollwind.core.motion;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import knollwind.core.scene.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class RanksTest {
    /** Two lines of pieces 10 px apart: five above, three below. */
    private static final List<Piece> LINES = new ArrayList<>();

    static {
        for (int i = 0; i < 5; i++) {
            LINES.add(new Piece("a" + i, 0, 10 * i, 0));
        }
        for (int i = 0; i < 3; i++) {
            LINES.add(new Piece("b" + i, 1, 10 + 10 * i, 50));
        }
    }

    @Test
    void reading_and_reverse() {
        assertThat(ranks(Order.Kind.READING, Order.Scope.WHOLE)).containsExactly(0, 1, 2, 3, 4, 5, 6, 7);
        assertThat(ranks(Order.Kind.REVERSE, Order.Scope.WHOLE)).containsExactly(7, 6, 5, 4, 3, 2, 1, 0);
        assertThat(ranks(Order.Kind.REVERSE, Order.Scope.LINE)).containsExactly(4, 3, 2, 1, 0, 2, 1, 0);
    }

    @Test
    void centre_out_starts_in_the_middle_of_each_line_and_breaks_ties_by_reading_order() {
        assertThat(ranks(Order.Kind.CENTRE_OUT, Order.Scope.LINE)).containsExactly(3, 1, 0, 2, 4, 1, 0, 2);
        assertThat(ranks(Order.Kind.ENDS_IN, Order.Scope.LINE)).containsExactly(0, 2, 4, 3, 1, 0, 2, 1);
    }

    @Test
    void along_an_angle_equal_places_share_a_rank() {
        Ranks across = Ranks.of(new Order(Order.Kind.ANGLE, Order.Scope.WHOLE, 0, 0), LINES);
        assertThat(across.of()).containsExactly(0, 1, 2, 3, 4, 1, 2, 3);
        assertThat(across.count()).isEqualTo(5);
        Ranks down = Ranks.of(new Order(Order.Kind.ANGLE, Order.Scope.WHOLE, 0, 90), LINES);
        assertThat(down.of()).containsExactly(0, 0, 0, 0, 0, 1, 1, 1);
        assertThat(down.count()).isEqualTo(2);
    }

    @Test
    void places_closer_than_a_64th_of_a_pixel_share_a_rank() {
        List<Piece> close =
                List.of(new Piece("a", 0, 10, 0), new Piece("b", 0, 10 + 1 / 300.0, 0), new Piece("c", 0, 11, 0));
        assertThat(Ranks.of(new Order(Order.Kind.ANGLE, Order.Scope.WHOLE, 0, 0), close)
                        .of())
                .containsExactly(0, 0, 1);
    }

    @Test
    void one_more_letter_does_not_reshuffle_the_rest() {
        Order order = new Order(Order.Kind.RANDOM, Order.Scope.WHOLE, 7, 0);
        List<Piece> before = pieces(12);
        List<Piece> after = pieces(13);
        List<String> was = sequence(order, before);
        List<String> is = new ArrayList<>(sequence(order, after));
        is.remove("u12");
        assertThat(is)
                .isEqualTo(was)
                .isNotEqualTo(pieces(12).stream().map(Piece::id).toList());
        assertThat(sequence(new Order(Order.Kind.RANDOM, Order.Scope.WHOLE, 8, 0), before))
                .isNotEqualTo(was);
    }

    @ParameterizedTest
    @EnumSource(Order.Kind.class)
    void ranks_run_from_0_without_a_gap(Order.Kind kind) {
        for (Order.Scope scope : Order.Scope.values()) {
            Ranks ranks = Ranks.of(new Order(kind, scope, 3, 30), LINES);
            assertThat(ranks.of().stream().distinct().sorted())
                    .containsExactlyElementsOf(
                            IntStream.range(0, ranks.count()).boxed().toList());
        }
        assertThat(Ranks.of(Order.of(kind), List.of())).isEqualTo(new Ranks(List.of(), 0));
    }

    private static List<Integer> ranks(Order.Kind kind, Order.Scope scope) {
        return Ranks.of(new Order(kind, scope, 0, 0), LINES).of();
    }

    private static List<Piece> pieces(int count) {
        return IntStream.range(0, count)
                .mapToObj(i -> new Piece("u" + i, 0, i, 0))
                .toList();
    }

    private static List<String> sequence(Order order, List<Piece> pieces) {
        List<Integer> ranks = Ranks.of(order, pieces).of();
        return IntStream.range(0, pieces.size())
                .boxed()
                .sorted(java.util.Comparator.comparing(ranks::get))
                .map(i -> pieces.get(i).id())
                .toList();
    }
}
