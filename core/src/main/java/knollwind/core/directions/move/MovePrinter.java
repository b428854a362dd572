package knollwind.core.directions.move;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Look;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.directions.grammar.PivotWords;
import knollwind.core.document.Operation;
import knollwind.core.motion.ChannelCurve;
import knollwind.core.scene.Channel;
import knollwind.core.scene.Cycle;
import knollwind.core.scene.Edge;
import knollwind.core.scene.Move;
import knollwind.core.scene.Order;
import knollwind.core.scene.Pivot;
import knollwind.core.scene.Property;
import knollwind.core.scene.Uncovering;
import knollwind.core.scene.UnitKind;

/** Prints a move as a sentence whose parts stand in a fixed order: unit, what changes, edge, order, pace, easing. */
public final class MovePrinter {
    private MovePrinter() {}

    /** The sentence's bare text, which {@link MoveReader} reads back to the same move. */
    public static String text(Move move, knollwind.core.motion.PhaseKind phase) {
        StringBuilder text = new StringBuilder(move.unit().text()).append(' ');
        boolean singular = move.unit() == UnitKind.WHOLE;
        boolean edgeSaid = move.uncovering().reveal() == null;
        int count = move.channels().size();
        for (int i = 0; i < count; i++) {
            Channel channel = move.channels().get(i);
            text.append(joint(i, count)).append(ChangeWords.say(channel, phase, singular));
            if (!edgeSaid && carriesEdge(move, i)) {
                text.append(' ').append(EdgeClause.say(move.uncovering().reveal(), phase));
                edgeSaid = true;
            }
        }
        if (count == 0) {
            text.append(still(phase, singular));
            text.append(edgeSaid ? "" : " " + EdgeClause.say(move.uncovering().reveal(), phase));
        }
        if (move.only() != null) {
            text.append(", ").append(OnlyClause.say(move.only()));
        }
        if (saysOrder(move)) {
            text.append(", ").append(OrderClause.say(move.order()));
        }
        String pace = PaceClause.say(move);
        if (!pace.isEmpty()) {
            text.append(", ").append(pace);
        }
        if (saysEasing(move)) {
            text.append(", ").append(EasingClause.say(move.easing()));
        }
        if (saysCycle(move)) {
            text.append(", ").append(CycleClause.say(move.cycle()));
        }
        if (saysPivot(move)) {
            text.append(", about the ").append(PivotWords.say(move.pivot()));
        }
        for (Extras.Extra extra : Extras.of(move, phase, way -> "")) {
            text.append(", ").append(extra.said());
        }
        return text.append('.').toString();
    }

    /** The sentence with its parts. */
    public static Sentence print(MoveContext context) {
        Move move = context.move();
        boolean singular = move.unit() == UnitKind.WHOLE;
        Sentence.Builder out = new Sentence.Builder();
        if (context.splits()) {
            out.part(move.unit().text(), unitPart(context));
        } else {
            out.plain(move.unit().text());
        }
        out.plain(" ");
        int count = move.channels().size();
        boolean edgeSaid = move.uncovering().reveal() == null;
        for (int i = 0; i < count; i++) {
            Channel channel = move.channels().get(i);
            out.plain(joint(i, count));
            out.part(
                    ChangeWords.say(channel, context.phase(), singular),
                    ChangeParts.of(context, channel),
                    look(channel));
            if (!edgeSaid && carriesEdge(move, i)) {
                out.plain(" ").part(EdgeClause.say(move.uncovering().reveal(), context.phase()), edgePart(context));
                edgeSaid = true;
            }
        }
        if (count == 0) {
            out.part(still(context.phase(), singular), ChangeParts.none(context));
            if (!edgeSaid) {
                out.plain(" ").part(EdgeClause.say(move.uncovering().reveal(), context.phase()), edgePart(context));
            }
        }
        if (move.only() != null) {
            out.plain(", ").part(OnlyClause.say(move.only()), OnlyPart.of(context));
        }
        if (saysOrder(move)) {
            out.plain(", ").part(OrderClause.say(move.order()), OrderPart.of(context));
        }
        PacePart.add(out, context);
        if (saysEasing(move)) {
            out.plain(", ")
                    .part(EasingClause.say(move.easing()), EasingPart.of(context), EasingClause.look(move.easing()));
        }
        if (saysCycle(move)) {
            out.plain(", ").part(CycleClause.say(move.cycle()), CyclePart.of(context));
        }
        if (saysPivot(move)) {
            out.plain(", ").part("about the " + PivotWords.say(move.pivot()), pivotPart(context));
        }
        for (Extras.Extra extra : Extras.of(move, context.phase(), way -> OwnPart.said(context, way))) {
            out.plain(", ").part(extra.said(), extra.part().apply(context));
        }
        return out.plain(".").more(unsaid(context)).build(context.path());
    }

    private static List<Control> unsaid(MoveContext context) {
        Move move = context.move();
        Uncovering uncovering = move.uncovering();
        boolean dwells = context.phase() == knollwind.core.motion.PhaseKind.DWELL;
        List<Control> controls = new ArrayList<>();
        controls.add(ChangeParts.also(context, null, context.path() + "/channels"));
        if (move.only() == null && move.unit() != UnitKind.WHOLE) {
            controls.add(OnlyPart.choice(context));
        }
        if (uncovering.reveal() == null && uncovering.wipe() == null) {
            controls.add(edges(context));
        }
        if (uncovering.behind() == null && !dwells && !context.stage().shapes().isEmpty()) {
            controls.add(BehindClause.choice(context));
        }
        if (uncovering.lead() == null && !dwells) {
            controls.add(LeadClause.choice(context));
        }
        if (uncovering.cut() == null) {
            controls.add(CutClause.choice(context));
        }
        if (move.after() == 0) {
            controls.add(PacePart.wait(context));
        }
        return controls;
    }

    /** Keyed values as a curve, a colour as a swatch. */
    private static Look look(Channel channel) {
        if (!channel.plain()) {
            return new Look(KeyedWords.shown(channel), List.of(), ChannelCurve.samples(channel, Look.SAMPLES));
        }
        return channel.colour() == null ? null : Look.swatch(channel.colour());
    }

    private static String joint(int index, int count) {
        return index == 0 ? "" : index == count - 1 ? " and " : ", ";
    }

    private static String still(knollwind.core.motion.PhaseKind phase, boolean singular) {
        if (phase == knollwind.core.motion.PhaseKind.DWELL) {
            return singular ? "stays" : "stay";
        }
        boolean arrive = phase == knollwind.core.motion.PhaseKind.ARRIVE;
        return (arrive ? "appear" : "vanish") + (singular ? arrive ? "s" : "es" : "");
    }

    /** The edge is said after the first offset, or after the last change where nothing is offset. */
    private static boolean carriesEdge(Move move, int index) {
        for (int i = 0; i < move.channels().size(); i++) {
            Property property = move.channels().get(i).property();
            if (property.sided()) {
                return i == index;
            }
        }
        return index == move.channels().size() - 1;
    }

    private static boolean saysOrder(Move move) {
        return move.unit() != UnitKind.WHOLE || !move.order().equals(Order.READING);
    }

    /** What goes away when its turn comes from outside comes back when that is over. */
    private static boolean saysCycle(Move move) {
        return move.cycle() != null && move.pace().moments() == null;
    }

    /** What goes there and back has its form instead. */
    private static boolean saysEasing(Move move) {
        return move.cycle() == null
                || move.cycle().form() == Cycle.Form.STAY
                || !move.easing().equals("linear");
    }

    private static boolean saysPivot(Move move) {
        return !move.pivot().equals(Pivot.CENTRE)
                || move.channels().stream()
                        .anyMatch(channel -> channel.property().turnsAboutPivot());
    }

    private static Part unitPart(MoveContext context) {
        List<Control.Option> options = Arrays.stream(UnitKind.values())
                .map(kind -> new Control.Option(
                        kind.text(), context.move().unit() == kind, List.of(Ops.set(context.path() + "/unit", kind))))
                .toList();
        int count = context.timing().pieces().size();
        return new Part(
                "unit",
                List.of(
                        new Control.Choice("Pieces", options),
                        OnlyPart.choice(context),
                        seen(context),
                        CutClause.choice(context)),
                count + (count == 1 ? " piece" : " pieces") + " in these words");
    }

    static Control seen(MoveContext context) {
        String at = context.path() + "/hidden";
        boolean arrive = context.phase() == knollwind.core.motion.PhaseKind.ARRIVE;
        return new Control.Choice(
                arrive ? "Before its turn" : "After its turn",
                List.of(
                        new Control.Option("hidden", context.move().uncovering().hidden(), List.of(Ops.set(at, true))),
                        new Control.Option(
                                "seen", !context.move().uncovering().hidden(), List.of(Ops.set(at, false)))));
    }

    private static Part edgePart(MoveContext context) {
        return new Part("edge", List.of(edges(context)), "Hides each piece beyond the edge while it moves");
    }

    static Control edges(MoveContext context) {
        String at = context.path() + "/reveal";
        Edge now = context.move().uncovering().reveal();
        List<Control.Option> options = new ArrayList<>();
        options.add(
                new Control.Option("no edge", now == null, now == null ? List.of() : List.of(new Operation.Clear(at))));
        for (Edge edge : Edge.values()) {
            options.add(new Control.Option(edge.text(), edge == now, List.of(Ops.set(at, edge))));
        }
        return new Control.Choice("From behind", options);
    }

    private static Part pivotPart(MoveContext context) {
        Pivot now = context.move().pivot();
        List<Control.Option> options = PivotWords.all(now.box()).stream()
                .map(pivot -> new Control.Option(
                        PivotWords.say(pivot), pivot.equals(now), List.of(Ops.set(context.path() + "/pivot", pivot))))
                .toList();
        return new Part(
                "pivot", List.of(new Control.Choice("About the", options)), "Turns and scales about this point");
    }
}
