package knollwind.core.directions;

import java.util.List;
import java.util.OptionalDouble;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Order;

/** In which sequence: "centre out", "at random from seed 7", "along 45°", with "in each line" or "over the whole". */
final class OrderClause implements Clause {
    static String say(Order order) {
        String name = switch (order.kind()) {
            case READING -> "in reading order";
            case REVERSE -> "in reverse";
            case CENTRE_OUT -> "centre out";
            case ENDS_IN -> "ends in";
            case RANDOM -> "at random from seed " + order.seed();
            case ANGLE -> "along " + Say.number(order.angle()) + "\u00b0";
        };
        if (order.scope() == order.kind().usualScope()) {
            return name;
        }
        return name + (order.scope() == Order.Scope.LINE ? " in each line" : " over the whole");
    }

    @Override
    public boolean read(Words words, MoveDraft draft) {
        Order order = kind(words);
        if (order == null) {
            return false;
        }
        Order.Scope scope = words.phrase("in each line")
                ? Order.Scope.LINE
                : words.phrase("over the whole") ? Order.Scope.WHOLE : order.scope();
        draft.order = new Order(order.kind(), scope, order.seed(), order.angle());
        return true;
    }

    private static Order kind(Words words) {
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
            return new Order(Order.Kind.RANDOM, Order.Scope.WHOLE, (long) seed.orElse(0), 0);
        }
        int start = words.position();
        if (words.phrase("along")) {
            OptionalDouble angle = words.number();
            if (angle.isPresent()) {
                words.sign("\u00b0");
                return new Order(Order.Kind.ANGLE, Order.Scope.WHOLE, 0, angle.getAsDouble());
            }
            words.back(start);
        }
        return null;
    }

    @Override
    public List<String> openings(PhaseKind phase) {
        return List.of(
                "in reading order", "in reverse", "centre out", "ends in", "at random from seed 1", "along 45\u00b0");
    }
}
