package knollwind.core.directions.move;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Edit;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Values;
import knollwind.core.document.Operation;
import knollwind.core.scene.Only;
import knollwind.core.scene.UnitKind;

/** The controls of which pieces are meant. */
public final class OnlyPart {
    private OnlyPart() {}

    static Part of(MoveContext context) {
        return new Part(
                "only",
                controls(
                        context.move().only(),
                        context.move().unit(),
                        context.stage().words().length(),
                        context.path() + "/only"),
                "All others are left alone by this move.");
    }

    /**
     * All that can be changed of them.
     *
     * @param unit of which they are
     * @param length of the words, UTF-16 units
     * @param at path of them in the document
     */
    public static List<Control> controls(Only now, UnitKind unit, int length, String at) {
        List<Control> controls = new ArrayList<>(List.of(choice(now, unit, length, at), counted(now, unit, at)));
        if (now.every() == 1) {
            double most = now.of() == UnitKind.CHARACTER ? Math.max(now.to(), length) : 200;
            controls.add(new Control.Number(
                    "from", now.from() + 1, "", 1, now.to(), 1, false, List.of(new Edit(at + "/from", null, 1, -1))));
            controls.add(Values.number("to", now.to(), "", now.from() + 1, most, 1, at + "/to", 1));
        } else {
            controls.add(new Control.Number(
                    "every",
                    now.every(),
                    "",
                    2,
                    12,
                    1,
                    false,
                    List.of(Edit.fixed(at + "/first", 0), Edit.shown(at + "/every", 1))));
            controls.add(new Control.Number(
                    "from the",
                    now.first() + 1,
                    "",
                    1,
                    now.every(),
                    1,
                    false,
                    List.of(new Edit(at + "/first", null, 1, -1))));
        }
        return controls;
    }

    static Control choice(MoveContext context) {
        return choice(
                context.move().only(),
                context.move().unit(),
                context.stage().words().length(),
                context.path() + "/only");
    }

    /** All pieces, a stretch of them, or every n-th. */
    public static Control choice(Only now, UnitKind unit, int length, String at) {
        List<Control.Option> options = new ArrayList<>();
        options.add(new Control.Option("all", now == null, now == null ? List.of() : List.of(new Operation.Clear(at))));
        if (unit != UnitKind.WHOLE) {
            int few = Math.max(1, Math.min(3, length));
            Only stretch = Only.stretch(unit, 0, unit == UnitKind.CHARACTER ? few : 1);
            boolean some = now != null && now.every() == 1;
            boolean nth = now != null && now.every() > 1;
            options.add(new Control.Option("a stretch", some, some ? List.of() : List.of(Ops.set(at, stretch))));
            options.add(new Control.Option(
                    "every other", nth, nth ? List.of() : List.of(Ops.set(at, Only.every(unit, 2, 0)))));
        }
        return new Control.Choice("Of these", options);
    }

    private static Control counted(Only now, UnitKind unit, String at) {
        List<Control.Option> options = new ArrayList<>();
        for (UnitKind kind : List.of(UnitKind.CHARACTER, UnitKind.WORD, UnitKind.LINE)) {
            boolean told = now.every() == 1 || kind.compareTo(unit) >= 0;
            if (told) {
                Only other = now.every() == 1 ? Only.stretch(kind, 0, 1) : Only.every(kind, now.every(), now.first());
                options.add(new Control.Option(
                        kind.text(), kind == now.of(), kind == now.of() ? List.of() : List.of(Ops.set(at, other))));
            }
        }
        return new Control.Choice("Counted in", options);
    }
}
