package knollwind.core.motion;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import knollwind.core.scene.Order;
import knollwind.core.scene.OrderBuilder;
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
        Ranks across = Ranks.of(
                OrderBuilder.builder()
                        .kind(Order.Kind.ANGLE)
                        .scope(Order.Scope.WHOLE)
                        .group(1)
                        .build(),
                LINES);
        assertThat(across.of()).containsExactly(0, 1, 2, 3, 4, 1, 2, 3);
        assertThat(across.count()).isEqualTo(5);
        Ranks down = Ranks.of(
                OrderBuilder.builder()
                        .kind(Order.Kind.ANGLE)
                        .scope(Order.Scope.WHOLE)
                        .angle(90)
                        .group(1)
                        .build(),
                LINES);
        assertThat(down.of()).containsExactly(0, 0, 0, 0, 0, 1, 1, 1);
        assertThat(down.count()).isEqualTo(2);
    }

    /** Two words above, one below: a0 a1 a2 · a3 a4 / b0 b1 b2. */
    private static final List<Piece> WORDS = List.of(
            new Piece("a0", 0, 0, 0, 0, 0, 0, 0),
            new Piece("a1", 0, 0, 10, 0, 0, 0, 0),
            new Piece("a2", 0, 0, 20, 0, 0, 0, 0),
            new Piece("a3", 0, 1, 40, 0, 1, 0, 0),
            new Piece("a4", 0, 1, 50, 0, 0, 0, 0),
            new Piece("b0", 1, 2, 0, 50, 0, 0, 0),
            new Piece("b1", 1, 2, 10, 50, 0, 0, 0),
            new Piece("b2", 1, 2, 20, 50, 0, 0, 0));

    private static List<Integer> words(Order.Kind kind, Order.Scope scope, int group, String how, String... hand) {
        Order order = new Order(
                kind,
                scope,
                0,
                0,
                new Order.Point(0, 0),
                List.of(hand),
                group,
                how.equals("pairs"),
                how.equals("turns"),
                how.equals("spaces"));
        return Ranks.of(order, WORDS).of();
    }

    @Test
    void words_start_together_or_take_turns_and_the_units_in_them_follow_the_order() {
        assertThat(words(Order.Kind.REVERSE, Order.Scope.WORD, 1, "")).containsExactly(2, 1, 0, 1, 0, 2, 1, 0);
        assertThat(words(Order.Kind.REVERSE, Order.Scope.WORD, 1, "turns")).containsExactly(2, 1, 0, 4, 3, 7, 6, 5);
        assertThat(words(Order.Kind.REVERSE, Order.Scope.LINE, 1, "turns")).containsExactly(4, 3, 2, 1, 0, 7, 6, 5);
    }

    @Test
    void pairs_go_together_groups_join_and_spaces_take_a_turn() {
        assertThat(words(Order.Kind.CENTRE_OUT, Order.Scope.WORD, 1, "pairs")).containsExactly(1, 0, 1, 0, 0, 1, 0, 1);
        assertThat(words(Order.Kind.READING, Order.Scope.WHOLE, 3, "")).containsExactly(0, 0, 0, 1, 1, 1, 2, 2);
        assertThat(words(Order.Kind.READING, Order.Scope.LINE, 1, "spaces")).containsExactly(0, 1, 2, 4, 5, 0, 1, 2);
        assertThat(words(Order.Kind.REVERSE, Order.Scope.LINE, 1, "spaces")).containsExactly(5, 4, 3, 1, 0, 2, 1, 0);
    }

    @Test
    void by_distance_from_a_corner_and_by_hand() {
        assertThat(words(Order.Kind.DISTANCE, Order.Scope.WHOLE, 1, "")).containsExactly(0, 1, 2, 3, 4, 4, 5, 6);
        assertThat(words(Order.Kind.BY_HAND, Order.Scope.WHOLE, 1, "", "b1", "a0", "b1"))
                .containsExactly(1, 2, 3, 4, 5, 6, 0, 7);
    }

    @Test
    void places_closer_than_a_64th_of_a_pixel_share_a_rank() {
        List<Piece> close =
                List.of(new Piece("a", 0, 10, 0), new Piece("b", 0, 10 + 1 / 300.0, 0), new Piece("c", 0, 11, 0));
        assertThat(Ranks.of(
                                OrderBuilder.builder()
                                        .kind(Order.Kind.ANGLE)
                                        .scope(Order.Scope.WHOLE)
                                        .group(1)
                                        .build(),
                                close)
                        .of())
                .containsExactly(0, 0, 1);
    }

    @Test
    void one_more_letter_does_not_reshuffle_the_rest() {
        Order order = OrderBuilder.builder()
                .kind(Order.Kind.RANDOM)
                .scope(Order.Scope.WHOLE)
                .seed(7)
                .group(1)
                .build();
        List<Piece> before = pieces(12);
        List<Piece> after = pieces(13);
        List<String> was = sequence(order, before);
        List<String> is = new ArrayList<>(sequence(order, after));
        is.remove("u12");
        assertThat(is)
                .isEqualTo(was)
                .isNotEqualTo(pieces(12).stream().map(Piece::id).toList());
        assertThat(sequence(
                        OrderBuilder.builder()
                                .kind(Order.Kind.RANDOM)
                                .scope(Order.Scope.WHOLE)
                                .seed(8)
                                .group(1)
                                .build(),
                        before))
                .isNotEqualTo(was);
    }

    @ParameterizedTest
    @EnumSource(Order.Kind.class)
    void ranks_run_from_0_without_a_gap(Order.Kind kind) {
        for (Order.Scope scope : Order.Scope.values()) {
            Ranks ranks = Ranks.of(
                    OrderBuilder.builder()
                            .kind(kind)
                            .scope(scope)
                            .seed(3)
                            .angle(30)
                            .group(1)
                            .build(),
                    LINES);
            assertThat(ranks.of().stream().distinct().sorted())
                    .containsExactlyElementsOf(
                            IntStream.range(0, ranks.count()).boxed().toList());
        }
        assertThat(Ranks.of(Order.of(kind), List.of())).isEqualTo(new Ranks(List.of(), 0));
    }

    private static List<Integer> ranks(Order.Kind kind, Order.Scope scope) {
        return Ranks.of(OrderBuilder.builder().kind(kind).scope(scope).group(1).build(), LINES)
                .of();
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
