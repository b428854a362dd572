package knollwind.core.directions;

import java.util.List;
import java.util.Locale;
import knollwind.core.motion.PaceRule;
import knollwind.core.scene.Move;
import knollwind.core.scene.Numbers;
import knollwind.core.scene.Pace;
import knollwind.core.scene.UnitKind;

/** The controls of a pace: three numbers of which two are held. */
final class PacePart {
    private PacePart() {}

    /** Adds the pace's two numbers as two parts that share their controls. */
    static void add(Sentence.Builder out, MoveContext context) {
        Part part = part(context);
        String text = PaceClause.say(context.move());
        int comma = text.indexOf(", ");
        if (comma < 0) {
            out.part(text, part);
        } else {
            out.part(text.substring(0, comma), part)
                    .plain(", ")
                    .part(text.substring(comma + 2), new Part("pace, second", part.controls(), part.note()));
        }
    }

    private static Part part(MoveContext context) {
        Pace pace = context.move().pace();
        PaceRule rule = context.timing().rule();
        String at = context.path() + "/pace";
        boolean eachHeld = pace.held() != Pace.Held.APART_IN_ALL;
        boolean apartHeld = pace.held() != Pace.Held.EACH_IN_ALL;
        boolean inAllHeld = pace.held() != Pace.Held.EACH_APART;
        Edit one = Edit.shown(at + "/each", 1);
        Edit two = Edit.shown(at + "/apart", 1);
        Edit three = Edit.shown(at + "/inAll", 1);
        List<Edit> eachEdits =
                eachHeld ? List.of(one) : List.of(held(at, Pace.Held.EACH_IN_ALL), one, Edit.fixed(at + "/apart", 0));
        List<Edit> apartEdits =
                apartHeld ? List.of(two) : List.of(held(at, Pace.Held.EACH_APART), two, Edit.fixed(at + "/inAll", 0));
        List<Edit> inAllEdits = inAllHeld
                ? List.of(three)
                : List.of(held(at, Pace.Held.EACH_IN_ALL), three, Edit.fixed(at + "/apart", 0));
        List<Control> controls = List.of(
                new Control.Number("each", round(rule.each()), "fr", 1, 96, 1, !eachHeld, eachEdits),
                new Control.Number("apart", round(rule.apart()), "fr", 0, 48, 1, !apartHeld, apartEdits),
                new Control.Number("in all", round(rule.inAll()), "fr", 1, 240, 1, !inAllHeld, inAllEdits),
                holding(at, pace, rule),
                wait(context));
        return new Part("pace", controls, note(context, rule));
    }

    static Control wait(MoveContext context) {
        return new Control.Number(
                "after",
                context.move().after(),
                "fr",
                0,
                240,
                1,
                false,
                List.of(Edit.shown(context.path() + "/after", 1)));
    }

    private static Edit held(String at, Pace.Held held) {
        return Edit.fixed(at + "/held", held);
    }

    private static Control holding(String at, Pace pace, PaceRule rule) {
        return new Control.Choice(
                "Held when the words change",
                List.of(
                        new Control.Option(
                                "each and apart",
                                pace.held() == Pace.Held.EACH_APART,
                                List.of(Ops.set(at, Pace.eachApart(positive(rule.each()), round(rule.apart()))))),
                        new Control.Option(
                                "each and in all",
                                pace.held() == Pace.Held.EACH_IN_ALL,
                                List.of(Ops.set(at, Pace.eachInAll(positive(rule.each()), positive(rule.inAll()))))),
                        new Control.Option(
                                "apart and in all",
                                pace.held() == Pace.Held.APART_IN_ALL,
                                List.of(Ops.set(at, Pace.apartInAll(round(rule.apart()), positive(rule.inAll())))))));
    }

    private static double positive(double value) {
        return Math.max(0.01, round(value));
    }

    /** Worked-out values are shown and kept to 1/1000 of a frame. */
    private static double round(double value) {
        return Math.rint(value * 1000) / 1000;
    }

    /** What results, in words: how many move at once, when the last one lands. */
    private static String note(MoveContext context, PaceRule rule) {
        Move move = context.move();
        StringBuilder note = new StringBuilder();
        if (rule.squeezed()) {
            note.append("These values do not fit each other; ")
                    .append(rule.apart() == 0 ? "each" : "apart")
                    .append(" gives way. ");
        }
        int ranks = context.timing().ranks().count();
        if (move.unit() != UnitKind.WHOLE && ranks > 1) {
            int atOnce =
                    rule.apart() == 0 ? ranks : (int) Math.min(ranks, Math.ceil(rule.each() / rule.apart() - 1e-9));
            note.append(atOnce == 1 ? "One turn at a time; " : atOnce + " turns move at once; ");
        }
        double last = context.timing().ends().stream()
                .mapToDouble(Double::doubleValue)
                .max()
                .orElse(0);
        String verb = context.phase() == knollwind.core.motion.PhaseKind.ARRIVE ? "lands" : "is gone";
        note.append(
                String.format(Locale.ROOT, "the last %s at frame %s.", verb, Numbers.text(Math.rint(last * 10) / 10)));
        note.setCharAt(0, Character.toUpperCase(note.charAt(0)));
        return note.toString();
    }
}
