package knollwind.core.directions.move;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Values;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.grammar.Say;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Channel;
import knollwind.core.scene.Cut;
import knollwind.core.scene.Length;
import knollwind.core.scene.Move;
import knollwind.core.scene.Property;

/** A move for one side of a cut: "above a cut at -12° through 50 %". */
final class CutClause implements Clause {
    /** Degrees, clockwise: steep enough to be seen as a cut, and hardly more than the slope of a stroke. */
    private static final double USUAL_ANGLE = -8;
    /** em that each side is away where the move itself goes to neither side. */
    private static final double APART = -0.35;

    static String say(Cut cut) {
        return cut.side().text() + " a cut at " + Say.number(cut.angle()) + "\u00b0 through "
                + Say.percent(cut.place());
    }

    static Part part(MoveContext context) {
        Cut cut = context.move().uncovering().cut();
        String at = context.path() + "/cut";
        return new Part(
                "cut",
                List.of(
                        Values.number("angle", cut.angle(), "\u00b0", -90, 90, 1, at + "/angle", 1),
                        Values.number("through", Say.shownPercent(cut.place()), "%", 0, 100, 1, at + "/place", 0.01),
                        choice(context)),
                "The other side needs a move of its own. Where both rest, nothing is cut.");
    }

    /** Which part of its pieces a move takes. */
    static Control choice(MoveContext context) {
        Cut now = context.move().uncovering().cut();
        String at = context.path() + "/cut";
        List<Control.Option> options = new ArrayList<>();
        options.add(new Control.Option(
                "all of it", now == null, now == null ? List.of() : List.of(new Operation.Clear(at))));
        if (now == null && context.phase() != PhaseKind.DWELL) {
            options.add(new Control.Option("both sides of a cut", false, halves(context)));
        }
        for (Cut.Side side : Cut.Side.values()) {
            Cut cut = now == null ? new Cut(side, USUAL_ANGLE, 0.5) : new Cut(side, now.angle(), now.place());
            options.add(new Control.Option(
                    side.text() + " a cut", now != null && now.side() == side, List.of(Ops.set(at, cut))));
        }
        return new Control.Choice("Of each piece", options);
    }

    /** The move as two, for the two sides of a cut; across they go apart. */
    private static List<Operation> halves(MoveContext context) {
        Move move = context.move();
        boolean across = move.channels().stream().anyMatch(one -> one.property() == Property.OFFSET_X);
        List<Channel> above = new ArrayList<>(move.channels());
        if (!across) {
            String id = ChangeParts.freeChannel(context);
            above.add(Channel.from(id, Property.OFFSET_X, APART, Length.Unit.EM));
        }
        int number = 1;
        while (context.stage().ids().contains("m" + number)) {
            number++;
        }
        Move upper = move.withChannels(above)
                .with(parts -> parts.uncovering(parts.uncovering().withCut(new Cut(Cut.Side.ABOVE, USUAL_ANGLE, 0.5))));
        Move lower = upper.withChannels(above.stream().map(CutClause::otherSide).toList())
                .with(parts -> parts.uncovering(parts.uncovering().withCut(new Cut(Cut.Side.BELOW, USUAL_ANGLE, 0.5))))
                .withId("m" + number);
        int after = context.stage().ids().indexOf(move.id()) + 1;
        return List.of(
                Ops.set(context.path(), upper), new Operation.Insert(context.list(), after, DocumentJson.tree(lower)));
    }

    private static Channel otherSide(Channel channel) {
        return channel.property() == Property.OFFSET_X ? channel.mirrored() : channel;
    }

    @Override
    public boolean read(Lexer words, MoveDraft draft) {
        for (Cut.Side side : Cut.Side.values()) {
            if (words.phrase(side.text() + " a cut")) {
                OptionalDouble angle = words.phrase("at") ? words.number() : OptionalDouble.empty();
                words.sign("\u00b0");
                OptionalDouble place = words.phrase("through") ? words.percent() : OptionalDouble.empty();
                draft.cut = new Cut(side, angle.orElse(USUAL_ANGLE), place.orElse(0.5));
                return true;
            }
        }
        return false;
    }

    @Override
    public List<String> openings(PhaseKind phase) {
        return List.of("above a cut at -8\u00b0 through 50 %", "below a cut at -8\u00b0 through 50 %");
    }
}
