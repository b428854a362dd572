package knollwind.core.directions.move;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.document.Operation;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.ShapeBlock;

/** A shape that hides the pieces while they move: "from behind [plate]", or in a leave "behind [plate]"; named by its id. */
final class BehindClause implements Clause {
    static String say(String shape, PhaseKind phase) {
        return (phase == PhaseKind.ARRIVE ? "from behind [" : "behind [") + shape + "]";
    }

    static Part part(MoveContext context) {
        return new Part("behind", List.of(choice(context)), "Hidden where the shape's box is, while any piece moves.");
    }

    /** The shapes of the scene that can hide the pieces. */
    static Control choice(MoveContext context) {
        String now = context.move().uncovering().behind();
        String at = context.path() + "/behind";
        List<Control.Option> options = new ArrayList<>();
        options.add(new Control.Option(
                "no shape", now == null, now == null ? List.of() : List.of(new Operation.Clear(at))));
        for (ShapeBlock shape : context.stage().shapes()) {
            options.add(new Control.Option(shape.name(), shape.id().equals(now), List.of(Ops.set(at, shape.id()))));
        }
        return new Control.Choice("From behind a shape", options);
    }

    @Override
    public boolean read(Lexer words, MoveDraft draft) {
        int start = words.position();
        if (!words.phrase("from behind") && !words.phrase("behind")) {
            return false;
        }
        Optional<String> id = words.match("\\[[A-Za-z0-9_.-]{1,64}\\]");
        if (id.isEmpty()) {
            words.back(start);
            return false;
        }
        draft.behind = id.get().substring(1, id.get().length() - 1);
        return true;
    }

    @Override
    public List<String> openings(PhaseKind phase) {
        return List.of();
    }
}
