package knollwind.core.frame;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import knollwind.core.display.Ink;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Outline;
import knollwind.core.motion.MoveCurve;
import knollwind.core.motion.MoveTiming;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Colour;
import knollwind.core.scene.RevealBar;
import knollwind.core.type.SetLine;
import knollwind.core.type.SetText;
import knollwind.core.type.Unit;

/**
 * The caret of words that are typed: it stands behind the last piece that has come, blinks while it waits, and goes a while
 * after the last one. In a leave it stands where the next piece will go.
 */
final class Caret {
    /**
     * The caret where it stands.
     *
     * @param by the unit beside it, in whose rest it is painted
     */
    record Stands(Unit by, PaintOp.Fill fill) {}

    /** Frames of one blink, on and off. */
    private static final double BLINK = 24;
    /** Frames before and after the typing in which it waits. */
    private static final double WAITS = 36;
    /** Frames after a piece in which it does not blink. */
    private static final double STEADY = 6;

    private final MoveTiming timing;
    private final SetText set;
    private final RevealBar lead;
    private final double first;
    private final double last;

    private Caret(MoveTiming timing, SetText set, RevealBar lead) {
        this.timing = timing;
        this.set = set;
        this.lead = lead;
        this.first = turns(timing).mapToDouble(timing.starts()::get).min().orElse(0);
        this.last = turns(timing).mapToDouble(timing.starts()::get).max().orElse(0);
    }

    private static IntStream turns(MoveTiming timing) {
        return IntStream.range(0, timing.starts().size()).filter(timing.ranks()::takesTurn);
    }

    static Caret of(MoveCurve move, SetText set) {
        return new Caret(move.timing(), set, move.move().uncovering().lead());
    }

    /** What is painted at a time in scene frames. */
    Optional<Stands> at(double time) {
        List<Unit> units = set.units(timing.move().unit());
        if (turns(timing).findAny().isEmpty() || time < first - WAITS || time >= last + WAITS) {
            return Optional.empty();
        }
        int latest = -1;
        for (int i = 0; i < units.size(); i++) {
            double start = timing.starts().get(i);
            if (timing.ranks().takesTurn(i)
                    && start <= time
                    && (latest < 0 || start >= timing.starts().get(latest))) {
                latest = i;
            }
        }
        double since =
                latest < 0 ? time - (first - WAITS) : time - timing.starts().get(latest);
        double beat = since % BLINK;
        if (since >= STEADY && beat >= BLINK / 2) {
            return Optional.empty();
        }
        boolean leaving = timing.phase() == PhaseKind.LEAVE;
        int earliest = turns(timing)
                .filter(i -> timing.starts().get(i) == first)
                .findFirst()
                .orElseThrow();
        Unit unit = units.get(latest < 0 ? earliest : latest);
        SetLine line = set.lines().get(unit.line());
        Box box = unit.advance();
        // Before the first piece that will come, and before the last one that has gone.
        boolean before = leaving == latest >= 0;
        boolean left = before != line.rtl();
        double thick = lead.thickness() * set.em();
        double x = left ? box.left() - thick : box.right() + thick * 0.5;
        double gap = set.em() * 0.04;
        Box bar = new Box(x, line.baseline() - set.em() * 0.78, x + thick, line.baseline() + gap * 3);
        Ink ink = new Ink.Plain(Colour.argb(lead.colour()));
        return Optional.of(new Stands(unit, new PaintOp.Fill(Outline.rectangle(bar), ink, 1)));
    }
}
