package knollwind.core.directions.move;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import knollwind.core.directions.controls.Part;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Move;
import knollwind.core.scene.OwnWay;
import knollwind.core.scene.UnitKind;

/** What a sentence says behind the pivot, each only where it differs from the usual. */
final class Extras {
    /** A clause and, where the move is shown, its part. */
    record Extra(String said, Function<MoveContext, Part> part) {}

    private Extras() {}

    /** @param quoted the characters of a way of its own, in quotation marks, or nothing */
    static List<Extra> of(Move move, PhaseKind phase, Function<OwnWay, String> quoted) {
        boolean singular = move.unit() == UnitKind.WHOLE;
        List<Extra> extras = new ArrayList<>();
        if (move.after() != 0) {
            extras.add(new Extra(
                    WaitClause.say(move.after()), context -> new Part("wait", List.of(PacePart.wait(context)), "")));
        }
        if (!move.uncovering().hidden()) {
            extras.add(new Extra(SeenClause.TEXT, context -> new Part("seen", List.of(MovePrinter.seen(context)), "")));
        }
        if (move.manner().arc() != 0) {
            extras.add(new Extra(ArcClause.say(move.manner().arc()), ArcClause::part));
        }
        if (move.manner().keepsArea()) {
            extras.add(new Extra(
                    AreaClause.say(singular), context -> new Part("area", List.of(ChangeParts.area(context)), "")));
        }
        if (move.manner().pushes()) {
            extras.add(
                    new Extra(PushClause.TEXT, context -> new Part("push", List.of(PushClause.control(context)), "")));
        }
        if (move.uncovering().behind() != null) {
            extras.add(new Extra(BehindClause.say(move.uncovering().behind(), phase), BehindClause::part));
        }
        if (move.uncovering().wipe() != null) {
            extras.add(new Extra(WipeClause.say(move.uncovering().wipe()), WipeClause::part));
        }
        if (move.uncovering().lead() != null) {
            extras.add(new Extra(LeadClause.say(move.uncovering().lead()), LeadClause::part));
        }
        if (move.uncovering().cut() != null) {
            extras.add(new Extra(CutClause.say(move.uncovering().cut()), CutClause::part));
        }
        if (move.shared() != null) {
            extras.add(new Extra(SharedClause.say(move.shared()), SharedClause::part));
        }
        for (OwnWay way : move.own()) {
            extras.add(new Extra(OwnClause.say(way, phase, quoted.apply(way)), context -> OwnPart.of(context, way)));
        }
        if (move.muted()) {
            extras.add(new Extra(MutedClause.TEXT, MutedClause::part));
        }
        return extras;
    }
}
