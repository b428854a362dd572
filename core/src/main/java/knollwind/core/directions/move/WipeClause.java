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
import knollwind.core.document.Operation;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Wipe;

/** A wipe that is no plain edge: "wiping at 30° with 20 % softness". */
final class WipeClause implements Clause {
    static String say(Wipe wipe) {
        return "wiping at " + Say.number(wipe.angle()) + "\u00b0"
                + (wipe.softness() == 0 ? "" : " with " + Say.percent(wipe.softness()) + " softness");
    }

    static Part part(MoveContext context) {
        Wipe wipe = context.move().uncovering().wipe();
        String at = context.path() + "/wipe";
        return new Part(
                "wipe",
                List.of(
                        Values.number("angle", wipe.angle(), "\u00b0", -180, 180, 1, at + "/angle", 1),
                        Values.number(
                                "softness", Say.shownPercent(wipe.softness()), "%", 0, 100, 1, at + "/softness", 0.01),
                        choice(context)),
                "");
    }

    /** Whether a wipe has a plain edge. */
    static Control choice(MoveContext context) {
        Wipe now = context.move().uncovering().wipe();
        String at = context.path() + "/wipe";
        return new Control.Choice(
                "Edge",
                List.of(
                        new Control.Option(
                                "sharp", now == null, now == null ? List.of() : List.of(new Operation.Clear(at))),
                        new Control.Option("soft, at an angle", now != null, soft(context, at))));
    }

    /** A wipe at an angle has no edge; one that there is goes. */
    private static List<Operation> soft(MoveContext context, String at) {
        List<Operation> operations = new ArrayList<>();
        operations.add(Ops.set(at, new Wipe(30, 0.3)));
        if (context.move().uncovering().reveal() != null) {
            operations.add(new Operation.Clear(context.path() + "/reveal"));
        }
        return operations;
    }

    @Override
    public boolean read(Lexer words, MoveDraft draft) {
        int start = words.position();
        if (!words.phrase("wiping at")) {
            return false;
        }
        OptionalDouble angle = words.number();
        if (angle.isEmpty()) {
            words.back(start);
            return false;
        }
        words.sign("\u00b0");
        double softness = words.phrase("with") ? words.percent().orElse(0) : 0;
        words.phrase("softness");
        draft.wipe = new Wipe(angle.getAsDouble(), softness);
        return true;
    }

    @Override
    public List<String> openings(PhaseKind phase) {
        return List.of("wiping at 30\u00b0 with 20 % softness");
    }
}
