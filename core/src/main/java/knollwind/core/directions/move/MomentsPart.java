package knollwind.core.directions.move;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Edit;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Values;
import knollwind.core.document.Operation;
import knollwind.core.motion.MoveTiming;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Moments;
import knollwind.core.scene.Move;
import knollwind.core.scene.Pace;
import knollwind.core.scene.UnitKind;

/** The controls of a pace whose turns come from outside. */
final class MomentsPart {
    private MomentsPart() {}

    static Part of(MoveContext context) {
        Move move = context.move();
        Pace pace = move.pace();
        Moments moments = pace.moments();
        String at = context.path() + "/pace";
        List<Control> controls = new ArrayList<>();
        controls.add(choice(context));
        if (moments.by() == Moments.By.BEATS) {
            controls.add(Values.number("beats apart", moments.every(), "", 0.25, 16, 0.25, at + "/moments/every", 1));
        }
        controls.add(Values.number("frames early", moments.early(), "fr", -48, 48, 1, at + "/moments/early", 1));
        if (context.phase() != PhaseKind.DWELL) {
            controls.add(new Control.Choice(
                    "At its moment a piece",
                    List.of(
                            new Control.Option(
                                    "sets out", !moments.landing(), List.of(Ops.set(at + "/moments/landing", false))),
                            new Control.Option(
                                    "lands", moments.landing(), List.of(Ops.set(at + "/moments/landing", true))))));
            if (moments.by() == Moments.By.WORDS) {
                controls.add(new Control.Choice(
                        "It takes",
                        List.of(
                                new Control.Option(
                                        "its own time",
                                        !moments.asLong(),
                                        List.of(Ops.set(at + "/moments/asLong", false))),
                                new Control.Option(
                                        "as long as its word",
                                        moments.asLong(),
                                        List.of(Ops.set(at + "/moments/asLong", true))))));
            }
        }
        if (!moments.asLong()) {
            controls.add(number("each", context.timing().rule().each(), 1, 96, pace, Pace.Held.APART_IN_ALL, at));
        }
        if (move.unit() == UnitKind.CHARACTER && moments.by() == Moments.By.WORDS) {
            controls.add(number("apart", pace.apart(), 0, 12, pace, Pace.Held.EACH_IN_ALL, at));
        }
        return new Part("pace", controls, note(context.timing()));
    }

    /** A number of the pace; the pace holds its bars and gaps then. */
    private static Control number(
            String name, double now, double least, double most, Pace pace, Pace.Held other, String at) {
        List<Edit> edits = new ArrayList<>(List.of(Edit.shown(at + "/" + name, 1)));
        if (pace.held() == other) {
            edits.add(Edit.fixed(at + "/held", Pace.Held.EACH_APART));
            edits.add(Edit.fixed(at + "/inAll", 0));
        }
        return new Control.Number(name, now, "fr", least, most, 1, false, edits);
    }

    /** What gives the pieces their turns. */
    static Control choice(MoveContext context) {
        Pace pace = context.move().pace();
        Moments now = pace.moments();
        String at = context.path() + "/pace";
        List<Control.Option> options = new ArrayList<>();
        options.add(new Control.Option(
                "their own pace",
                now == null,
                now == null ? List.of() : List.of(new Operation.Clear(at + "/moments"))));
        for (Moments.By by : Moments.By.values()) {
            String label = switch (by) {
                case WORDS -> "their words, when they are spoken";
                case BEATS -> "the beats";
                case CUES -> "the cues";
            };
            Pace called = pace.with(one -> one.whole(false)
                    .inAll(pace.whole() ? context.timing().rule().inAll() : pace.inAll())
                    .moments(Moments.of(by)));
            boolean on = now != null && now.by() == by;
            options.add(new Control.Option(label, on, on ? List.of() : List.of(Ops.set(at, called))));
        }
        return new Control.Choice("Turns come from", options);
    }

    private static String note(MoveTiming timing) {
        int lacking = timing.lacking();
        if (lacking == 0) {
            return "Each piece comes at its own moment; nothing here is stretched to fit.";
        }
        String pieces = lacking == 1 ? "1 piece has" : lacking + " pieces have";
        return switch (timing.move().pace().moments().by()) {
            case WORDS ->
                lacking == timing.pieces().size()
                        ? "None of these words are found in a voice of this scene."
                        : pieces + " no spoken word of their own and come between their neighbours.";
            case CUES -> pieces + " no cue of their own and come with the last.";
            case BEATS -> "";
        };
    }
}
