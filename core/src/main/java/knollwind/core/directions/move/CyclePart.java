package knollwind.core.directions.move;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Edit;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Values;
import knollwind.core.directions.grammar.Say;
import knollwind.core.scene.Cycle;
import knollwind.core.scene.Loudness;
import knollwind.core.scene.Sound;

/** The controls of how a move of the dwell goes there and back. */
final class CyclePart {
    private CyclePart() {}

    static Part of(MoveContext context) {
        Cycle now = context.move().cycle();
        String at = context.path() + "/cycle";
        List<Control> controls = new ArrayList<>();
        controls.add(new Control.Choice(
                "Way",
                Arrays.stream(Cycle.Form.values())
                        .map(form -> new Control.Option(
                                CycleClause.form(form),
                                form == now.form(),
                                List.of(Ops.set(
                                        at,
                                        switch (form) {
                                            case GLIDE -> Cycle.gliding(0.05);
                                            case STAY -> Cycle.staying();
                                            case LOUDNESS ->
                                                Cycle.following(
                                                        now.loudness() == null
                                                                ? Loudness.of(Sound.Kind.MUSIC)
                                                                : now.loudness());
                                            default ->
                                                new Cycle(
                                                        form,
                                                        now.form().goesRound() ? now.every() : 48,
                                                        now.unit(),
                                                        now.whole(),
                                                        Math.max(1, now.seed()));
                                        }))))
                        .toList()));
        if (now.glides()) {
            controls.add(Values.number("drift", Say.shownPercent(now.drift()), "%", 0, 50, 1, at + "/drift", 0.01));
            return new Part("cycle", controls, "In fast, a slow drift, off fast; only the drift grows with the block.");
        }
        if (now.form() == Cycle.Form.STAY) {
            return new Part(
                    "cycle", controls, "From rest when the block begins, as far as it goes when the block ends.");
        }
        if (now.form() == Cycle.Form.LOUDNESS) {
            controls.addAll(LoudnessWords.controls(context.stage().sounds(), now.loudness(), at + "/loudness"));
            controls.add(LoudnessWords.away(now.loudness(), at + "/loudness"));
            if (context.timing().ranks().count() > 1) {
                controls.add(apart(context));
            }
            return new Part(
                    "cycle",
                    controls,
                    context.timing().lacking() == 0
                            ? "As far away as the sound is loud, as it was recorded; 0 dB is all the way."
                            : "No such sound is in this scene, so nothing moves.");
        }
        boolean frames = now.unit() == Cycle.Unit.FRAMES;
        List<Control.Option> units = Arrays.stream(Cycle.Unit.values())
                .map(unit -> new Control.Option(
                        unit.text(),
                        unit == now.unit(),
                        unit == now.unit()
                                ? List.of()
                                : List.of(
                                        Ops.set(at + "/unit", unit),
                                        Ops.set(at + "/every", unit == Cycle.Unit.FRAMES ? 48 : 2))))
                .toList();
        controls.add(new Control.Number(
                        "every",
                        now.every(),
                        now.unit().text(),
                        frames ? 1 : 0.1,
                        frames ? 480 : 32,
                        frames ? 1 : 0.1,
                        false,
                        List.of(Edit.shown(at + "/every", 1)))
                .in(units));
        if (now.form() != Cycle.Form.PASS) {
            controls.add(Values.pair(
                    "Fits the dwell", "as it comes", "a whole number of times", now.whole(), at + "/whole"));
        }
        if (now.form() == Cycle.Form.TREMBLE || now.form() == Cycle.Form.FLICKER) {
            controls.add(Values.number("seed", now.seed(), "", 0, 999_999, 1, at + "/seed", 1));
        }
        controls.add(apart(context));
        return new Part("cycle", controls, note(now));
    }

    private static Control apart(MoveContext context) {
        return Values.number(
                "apart", context.timing().rule().apart(), "fr", 0, 48, 1, context.path() + "/pace/apart", 1);
    }

    private static String note(Cycle cycle) {
        return cycle.form() == Cycle.Form.FLICKER
                ? "Never more than three flashes in a second, however short a round is set."
                : "It begins and ends softly, so that the words come to rest before they leave.";
    }
}
