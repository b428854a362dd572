package knollwind.core.directions.move;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Values;
import knollwind.core.motion.Piece;
import knollwind.core.scene.Order;

/** The controls of an order. */
final class OrderPart {
    private OrderPart() {}

    static Part of(MoveContext context) {
        Order now = context.move().order();
        String at = context.path() + "/order";
        List<Control> controls = new ArrayList<>();
        controls.add(new Control.Choice(
                "Order",
                Arrays.stream(Order.Kind.values())
                        .map(kind -> new Control.Option(
                                label(kind),
                                kind == now.kind(),
                                kind == now.kind() ? List.of() : List.of(Ops.set(at, start(kind, context)))))
                        .toList()));
        controls.add(new Control.Choice(
                "Runs",
                List.of(
                        runs("over the whole", now, Order.Scope.WHOLE, false, at),
                        runs("in each line", now, Order.Scope.LINE, false, at),
                        runs("line by line", now, Order.Scope.LINE, true, at),
                        runs("in each word", now, Order.Scope.WORD, false, at),
                        runs("word by word", now, Order.Scope.WORD, true, at))));
        switch (now.kind()) {
            case RANDOM -> {
                controls.add(Values.number("seed", now.seed(), "", 0, 999_999, 1, at + "/seed", 1));
                controls.add(new Control.Choice(
                        "Deal",
                        List.of(new Control.Option(
                                "deal again", false, List.of(Ops.set(at + "/seed", (now.seed() * 31 + 7) % 1_000))))));
            }
            case ANGLE -> {
                controls.add(Values.number("angle", now.angle(), "\u00b0", -180, 180, 1, at + "/angle", 1));
                controls.add(new Control.Pad("In the picture", now.angle(), null, null, at + "/angle"));
            }
            case DISTANCE -> {
                controls.add(new Control.Pad(
                        "In the picture", null, now.point().x(), now.point().y(), at + "/point"));
                controls.add(Values.percent("across", now.point().x(), -100, 200, at + "/point/x"));
                controls.add(Values.percent("down", now.point().y(), -100, 200, at + "/point/y"));
            }
            case CENTRE_OUT, ENDS_IN ->
                controls.add(Values.pair("Those equally far", "one by one", "in pairs", now.pairs(), at + "/pairs"));
            case READING, REVERSE ->
                controls.add(Values.pair("A space", "takes no turn", "takes a turn", now.spaces(), at + "/spaces"));
            case BY_HAND -> controls.add(new Control.Hand("Click them in turn", now.hand(), at + "/hand"));
        }
        // Not a number, so that arrow keys on the sentence step from one order to the next.
        controls.add(new Control.Choice(
                "At a time",
                IntStream.of(1, 2, 3, 4, 6)
                        .mapToObj(group -> new Control.Option(
                                Integer.toString(group), group == now.group(), List.of(Ops.set(at + "/group", group))))
                        .toList()));
        int ranks = context.timing().ranks().count();
        return new Part("order", controls, ranks + (ranks == 1 ? " turn" : " turns, one after another"));
    }

    private static String label(Order.Kind kind) {
        return switch (kind) {
            case READING -> "in reading order";
            case REVERSE -> "in reverse";
            case CENTRE_OUT -> "centre out";
            case ENDS_IN -> "ends in";
            case RANDOM -> "at random";
            case ANGLE -> "along an angle";
            case DISTANCE -> "outwards from a point";
            case BY_HAND -> "by hand";
        };
    }

    private static Control.Option runs(String label, Order now, Order.Scope scope, boolean turns, String at) {
        return new Control.Option(
                label,
                now.scope() == scope && now.turns() == turns,
                List.of(Ops.set(at + "/scope", scope), Ops.set(at + "/turns", turns)));
    }

    private static Order start(Order.Kind kind, MoveContext context) {
        List<String> hand = kind == Order.Kind.BY_HAND
                ? context.timing().pieces().stream().map(Piece::id).limit(1).toList()
                : List.of();
        return new Order(kind, kind.usualScope(), 1, 45, null, hand, 1, false, false, false);
    }
}
