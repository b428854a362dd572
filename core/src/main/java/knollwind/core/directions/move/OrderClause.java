package knollwind.core.directions.move;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.grammar.Say;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Order;
import knollwind.core.scene.OrderBuilder;

/**
 * In which sequence: "centre out in pairs", "at random from seed 7", "along 45°", "outwards from 0 % and 100 %", "by hand
 * [c3 c1]", with "in each word", "word by word", "2 at a time" and so on.
 */
final class OrderClause implements Clause {
    static String say(Order order) {
        StringBuilder text = new StringBuilder(kind(order));
        if (order.pairs()) {
            text.append(" in pairs");
        }
        if (order.turns()) {
            text.append(order.scope() == Order.Scope.WORD ? " word by word" : " line by line");
        } else if (order.scope() != order.kind().usualScope()) {
            text.append(
                    switch (order.scope()) {
                        case WORD -> " in each word";
                        case LINE -> " in each line";
                        case WHOLE -> " over the whole";
                    });
        }
        if (order.group() > 1) {
            text.append(' ').append(order.group()).append(" at a time");
        }
        if (order.spaces()) {
            text.append(" counting spaces");
        }
        return text.toString();
    }

    private static String kind(Order order) {
        return switch (order.kind()) {
            case READING -> "in reading order";
            case REVERSE -> "in reverse";
            case CENTRE_OUT -> "centre out";
            case ENDS_IN -> "ends in";
            case RANDOM -> "at random from seed " + order.seed();
            case ANGLE -> "along " + Say.number(order.angle()) + "\u00b0";
            case DISTANCE ->
                "outwards from " + Say.percent(order.point().x()) + " and "
                        + Say.percent(order.point().y());
            case BY_HAND -> "by hand [" + String.join(" ", order.hand()) + "]";
        };
    }

    @Override
    public boolean read(Lexer words, MoveDraft draft) {
        Order order = kind(words);
        if (order == null) {
            return false;
        }
        boolean pairs = words.phrase("in pairs");
        boolean turns = false;
        Order.Scope scope = order.scope();
        if (words.phrase("word by word")) {
            scope = Order.Scope.WORD;
            turns = true;
        } else if (words.phrase("line by line")) {
            scope = Order.Scope.LINE;
            turns = true;
        } else if (words.phrase("in each word")) {
            scope = Order.Scope.WORD;
        } else if (words.phrase("in each line")) {
            scope = Order.Scope.LINE;
        } else if (words.phrase("over the whole")) {
            scope = Order.Scope.WHOLE;
        }
        int start = words.position();
        OptionalDouble group = words.number();
        if (group.isEmpty() || !words.phrase("at a time")) {
            words.back(start);
            group = OptionalDouble.empty();
        }
        boolean spaces = words.phrase("counting spaces");
        draft.order = new Order(
                order.kind(),
                scope,
                order.seed(),
                order.angle(),
                order.point(),
                order.hand(),
                (int) group.orElse(1),
                pairs,
                turns,
                spaces);
        return true;
    }

    private static Order kind(Lexer words) {
        if (words.phrase("in reading order") || words.phrase("reading order")) {
            return Order.of(Order.Kind.READING);
        }
        if (words.phrase("in reverse") || words.phrase("reverse")) {
            return Order.of(Order.Kind.REVERSE);
        }
        if (words.phrase("centre out") || words.phrase("from the centre out")) {
            return Order.of(Order.Kind.CENTRE_OUT);
        }
        if (words.phrase("ends in")) {
            return Order.of(Order.Kind.ENDS_IN);
        }
        if (words.phrase("at random")) {
            int start = words.position();
            OptionalDouble seed = words.phrase("from seed") ? words.number() : OptionalDouble.empty();
            if (seed.isEmpty()) {
                words.back(start);
            }
            return OrderBuilder.builder()
                    .kind(Order.Kind.RANDOM)
                    .scope(Order.Scope.WHOLE)
                    .seed((long) seed.orElse(0))
                    .group(1)
                    .build();
        }
        if (words.phrase("by hand")) {
            Optional<String> ids = words.match("\\[[^\\]]*\\]");
            String inside = ids.orElse("[]").replaceAll("[\\[\\]]", "").strip();
            List<String> hand = inside.isEmpty() ? List.of() : Arrays.asList(inside.split("\\s+"));
            return new Order(Order.Kind.BY_HAND, null, 0, 0, null, hand, 1, false, false, false);
        }
        int start = words.position();
        if (words.phrase("outwards from")) {
            OptionalDouble x = words.percent();
            words.phrase("and");
            OptionalDouble y = words.percent();
            if (x.isPresent() && y.isPresent()) {
                Order.Point point = new Order.Point(x.getAsDouble(), y.getAsDouble());
                return new Order(Order.Kind.DISTANCE, null, 0, 0, point, null, 1, false, false, false);
            }
            throw new DirectionException(
                    "say from where, across and down, such as 0 % and 100 %",
                    words.position(), List.of("0 % and 100 %", "50 % and 50 %"));
        }
        if (words.phrase("along")) {
            OptionalDouble angle = words.number();
            if (angle.isPresent()) {
                words.sign("\u00b0");
                return OrderBuilder.builder()
                        .kind(Order.Kind.ANGLE)
                        .scope(Order.Scope.WHOLE)
                        .angle(angle.getAsDouble())
                        .group(1)
                        .build();
            }
            words.back(start);
        }
        return null;
    }

    @Override
    public List<String> openings(PhaseKind phase) {
        return List.of(
                "in reading order",
                "in reading order word by word",
                "in reverse",
                "centre out",
                "centre out in pairs",
                "ends in",
                "at random from seed 1",
                "along 45\u00b0",
                "outwards from 50 % and 50 %",
                "by hand");
    }
}
