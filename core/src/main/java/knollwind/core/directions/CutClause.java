package knollwind.core.directions;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Cut;
import knollwind.core.scene.Operation;

/** A move for one side of a cut: "above a cut at -12° through 50 %". */
final class CutClause implements Clause {
    private static final double USUAL_ANGLE = -8;

    static String say(Cut cut) {
        return cut.side().text() + " a cut at " + Say.number(cut.angle()) + "\u00b0 through "
                + Say.percent(cut.place());
    }

    static Part part(MoveContext context) {
        Cut cut = context.move().cut();
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
        Cut now = context.move().cut();
        String at = context.path() + "/cut";
        List<Control.Option> options = new ArrayList<>();
        options.add(new Control.Option(
                "all of it", now == null, now == null ? List.of() : List.of(new Operation.Clear(at))));
        for (Cut.Side side : Cut.Side.values()) {
            Cut cut = now == null ? new Cut(side, USUAL_ANGLE, 0.5) : new Cut(side, now.angle(), now.place());
            options.add(new Control.Option(
                    side.text() + " a cut", now != null && now.side() == side, List.of(Ops.set(at, cut))));
        }
        return new Control.Choice("Of each piece", options);
    }

    @Override
    public boolean read(Words words, MoveDraft draft) {
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
