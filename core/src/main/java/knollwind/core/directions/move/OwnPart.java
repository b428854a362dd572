package knollwind.core.directions.move;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Values;
import knollwind.core.document.Operation;
import knollwind.core.scene.Channel;
import knollwind.core.scene.OwnWay;

/** The controls of pieces that go their own way. */
final class OwnPart {
    private OwnPart() {}

    /** The characters in quotation marks. */
    static String said(MoveContext context, OwnWay way) {
        String words = context.stage().words();
        int from = Math.min(way.from(), words.length());
        int to = Math.min(way.to(), words.length());
        return from == to ? "" : " \u201c" + words.substring(from, to).replace('\n', ' ') + "\u201d";
    }

    static Part of(MoveContext context, OwnWay way) {
        String at = context.path() + "/own/" + way.id();
        List<Control> controls = new ArrayList<>();
        controls.add(Values.number("later by", way.shift(), "fr", -48, 96, 1, at + "/shift", 1));
        for (Channel channel : way.channels()) {
            controls.addAll(ChangeParts.amounts(
                    context, channel, at + "/channels/" + channel.id(), ChangeWords.name(channel.property())));
        }
        controls.add(ChangeParts.also(context.changing(way.channels()), null, at + "/channels"));
        controls.add(easing(way, at));
        controls.add(new Control.Choice(
                "These pieces",
                List.of(new Control.Option("go like the others", false, List.of(new Operation.Remove(at))))));
        return new Part("own", controls, "These pieces stay the same ones when the words around them change.");
    }

    private static Control easing(OwnWay way, String at) {
        List<Control.Option> options = new ArrayList<>();
        List<Operation> none = way.easing() == null ? List.of() : List.of(new Operation.Clear(at + "/easing"));
        options.add(new Control.Option("as the others", way.easing() == null, none));
        for (Map.Entry<String, String> name : EasingClause.NAMES.entrySet()) {
            options.add(new Control.Option(
                    name.getKey(),
                    name.getValue().equals(way.easing()),
                    List.of(Ops.set(at + "/easing", name.getValue()))));
        }
        return new Control.Choice("Easing", options);
    }
}
