package knollwind.core.directions.move;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Edit;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.directions.controls.Values;
import knollwind.core.document.Operation;
import knollwind.core.motion.PaceRule;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Cycle;
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
        if (text.isEmpty()) {
            return;
        }
        out.plain(", ");
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
        if (context.move().pace().moments() != null) {
            return MomentsPart.of(context);
        }
        Cycle cycle = context.move().cycle();
        boolean shifts = cycle != null && cycle.form() != Cycle.Form.PASS && !cycle.glides();
        return shifts ? shift(context) : bars(context, cycle);
    }

    /** Of a move that swings all the time only how far its pieces are behind one another matters. */
    private static Part shift(MoveContext context) {
        String at = context.path() + "/pace/apart";
        double apart = round(context.timing().rule().apart());
        Control control = new Control.Number("apart", apart, "fr", 0, 48, 1, false, List.of(Edit.shown(at, 1)));
        return new Part(
                "pace",
                List.of(control, wait(context), MomentsPart.choice(context)),
                "Each piece follows the one before it.");
    }

    private static Part bars(MoveContext context, Cycle cycle) {
        Pace pace = context.move().pace();
        PaceRule rule = context.timing().rule();
        String at = context.path() + "/pace";
        boolean eachHeld = pace.held() != Pace.Held.APART_IN_ALL;
        boolean apartHeld = pace.held() != Pace.Held.EACH_IN_ALL;
        boolean inAllHeld = pace.held() != Pace.Held.EACH_APART;
        Edit one = Edit.shown(at + "/each", 1);
        Edit two = Edit.shown(at + "/apart", 1);
        Edit three = Edit.shown(at + "/inAll", 1);
        Edit measured = Edit.fixed(at + "/whole", false);
        List<Edit> eachEdits =
                eachHeld ? List.of(one) : List.of(held(at, Pace.Held.EACH_IN_ALL), one, Edit.fixed(at + "/apart", 0));
        List<Edit> apartEdits =
                apartHeld ? List.of(two) : List.of(held(at, Pace.Held.EACH_APART), two, Edit.fixed(at + "/inAll", 0));
        List<Edit> inAllEdits = inAllHeld
                ? List.of(three, measured)
                : List.of(held(at, Pace.Held.EACH_IN_ALL), three, Edit.fixed(at + "/apart", 0), measured);
        List<Control> controls = new ArrayList<>(List.of(
                new Control.Number("each", round(rule.each()), "fr", 1, 96, 1, !eachHeld, eachEdits),
                new Control.Number("apart", round(rule.apart()), "fr", 0, 48, 1, !apartHeld, apartEdits)));
        // A single bar is as long as it is itself, unless that follows from the whole.
        if (context.timing().ranks().count() > 1 || !eachHeld) {
            controls.add(new Control.Number(
                    "in all", round(rule.inAll()), "fr", 1, 240, 1, !inAllHeld || pace.whole(), inAllEdits));
        }
        controls.add(holding(at, pace, rule));
        if (cycle == null) {
            controls.add(new Control.Choice(
                    "In all",
                    List.of(
                            new Control.Option(
                                    "as long as it says",
                                    !pace.whole(),
                                    pace.whole()
                                            ? List.of(Ops.set(
                                                    at,
                                                    pace.with(own ->
                                                            own.whole(false).inAll(positive(rule.inAll())))))
                                            : List.of()),
                            new Control.Option(
                                    "its whole time", pace.whole(), List.of(Ops.set(at + "/whole", true))))));
        }
        if (context.timing().ranks().count() > 1) {
            controls.add(overlap(at, rule));
            controls.add(atOnce(at, rule));
            if (cycle == null) {
                controls.add(new Control.Choice(
                        "Bars",
                        List.of(
                                meets("are equally long", pace, Pace.Meet.APART, at),
                                meets("land together", pace, Pace.Meet.LANDING, at),
                                meets("start together", pace, Pace.Meet.STARTING, at))));
            }
            if (pace.human() == null) {
                controls.add(new Control.Choice(
                        "Starts",
                        List.of(
                                spread("evenly apart", pace, "linear", at),
                                spread("wide, then close", pace, "ease-out", at),
                                spread("close, then wide", pace, "ease-in", at),
                                spread("close at both ends", pace, "ease-in-out", at))));
            }
            controls.add(new Control.Choice(
                    "Rhythm",
                    List.of(
                            new Control.Option(
                                    "even",
                                    pace.human() == null,
                                    pace.human() == null ? List.of() : List.of(new Operation.Clear(at + "/human"))),
                            new Control.Option(
                                    "human",
                                    pace.human() != null,
                                    List.of(Ops.set(at + "/human", pace.human() == null ? 1 : pace.human()))))));
            if (pace.human() != null) {
                controls.add(Values.number("seed", pace.human(), "", 0, 999_999, 1, at + "/human", 1));
            }
        }
        if (cycle == null) {
            controls.add(Values.number("times over", pace.times(), "", 1, 12, 1, at + "/times", 1));
        }
        controls.add(wait(context));
        if (context.phase() != PhaseKind.LEAVE) {
            controls.add(MomentsPart.choice(context));
        }
        return new Part("pace", controls, note(context, rule));
    }

    private static Control.Option spread(String label, Pace now, String function, String at) {
        return new Control.Option(label, now.spread().equals(function), List.of(Ops.set(at + "/spread", function)));
    }

    private static Control.Option meets(String label, Pace now, Pace.Meet meet, String at) {
        return new Control.Option(label, now.meet() == meet, List.of(Ops.set(at + "/meet", meet)));
    }

    /** The share of a bar that the next one runs beside it: s = d (1 − o). */
    private static Control overlap(String at, PaceRule rule) {
        double each = positive(rule.each());
        double shown = Math.rint((1 - rule.apart() / each) * 1000) / 10;
        return new Control.Number(
                "overlap",
                Math.max(-100, shown) + 0.0,
                "%",
                -100,
                100,
                5,
                true,
                List.of(
                        new Edit(at + "/apart", null, -each / 100, each),
                        held(at, Pace.Held.EACH_APART),
                        Edit.fixed(at + "/each", each),
                        Edit.fixed(at + "/inAll", 0)));
    }

    /** How many move at once: s = d / m. */
    private static Control atOnce(String at, PaceRule rule) {
        return new Control.Choice(
                "At once",
                IntStream.of(1, 2, 3, 4, 6, 8)
                        .mapToObj(count -> {
                            double apart = round(rule.each() / count);
                            return new Control.Option(
                                    Integer.toString(count),
                                    Math.abs(apart - rule.apart()) < 1e-3,
                                    List.of(
                                            Ops.set(at + "/held", Pace.Held.EACH_APART),
                                            Ops.set(at + "/each", positive(rule.each())),
                                            Ops.set(at + "/apart", apart),
                                            Ops.set(at + "/inAll", 0)));
                        })
                        .toList());
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
                                held(at, pace, Pace.eachApart(positive(rule.each()), round(rule.apart())))),
                        new Control.Option(
                                "each and in all",
                                pace.held() == Pace.Held.EACH_IN_ALL,
                                held(at, pace, Pace.eachInAll(positive(rule.each()), positive(rule.inAll())))),
                        new Control.Option(
                                "apart and in all",
                                pace.held() == Pace.Held.APART_IN_ALL,
                                held(at, pace, Pace.apartInAll(round(rule.apart()), positive(rule.inAll()))))));
    }

    private static List<Operation> held(String at, Pace now, Pace held) {
        return List.of(Ops.set(
                at,
                now.with(pace -> pace.held(held.held())
                        .each(held.each())
                        .apart(held.apart())
                        .inAll(held.inAll()))));
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
        if (context.phase() == PhaseKind.DWELL) {
            return note.toString().replaceFirst("; $", ".");
        }
        double last = context.timing().ends().stream()
                .mapToDouble(Double::doubleValue)
                .max()
                .orElse(0);
        String verb = context.phase() == PhaseKind.ARRIVE ? "lands" : "is gone";
        note.append(
                String.format(Locale.ROOT, "the last %s at frame %s.", verb, Numbers.text(Math.rint(last * 10) / 10)));
        note.setCharAt(0, Character.toUpperCase(note.charAt(0)));
        return note.toString();
    }
}
