package knollwind.core.directions.setting;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Edit;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.directions.controls.Values;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.grammar.Say;
import knollwind.core.directions.move.EasingClause;
import knollwind.core.directions.move.MoveDraft;
import knollwind.core.document.Operation;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.MotionPath;
import knollwind.core.scene.NamedEasings;
import knollwind.core.scene.PathStop;
import knollwind.core.scene.TrackKey;

/** Motion paths in words: "travelling a path of 3 points in 24 frames, turning along". Its points are set in the picture. */
final class WayWords {
    private static final String TRAVELLING = "travelling a path";
    private static final String TURNING = "turning along";
    private static final String HOLDING = "holding first";

    private static final String TO_THE_END = "until its end";
    private static final String BEFORE_THE_END = " before its end";

    private WayWords() {}

    static void print(Sentence.Builder out, MotionPath way, String at) {
        String text = TRAVELLING + " of " + way.stops().size() + " points" + when(way) + " "
                + pace(way.stops().get(0).easing());
        out.plain(", ").part(text, new Part("path", controls(way, at), NOTE));
        if (way.turns()) {
            Control turns = Values.pair("The block", "stays upright", "turns along", true, at + "/turns");
            out.plain(", ").part(TURNING, new Part("turning", List.of(turns), ""));
        }
    }

    /** How long it takes, or, where its last point holds to the block's end, until when. */
    private static String when(MotionPath way) {
        PathStop end = end(way);
        if (end.anchor() == TrackKey.Anchor.END) {
            return end.at() == 0 ? " " + TO_THE_END : " until " + Say.frames(end.at()) + BEFORE_THE_END;
        }
        return last(way) > 0 ? " in " + Say.frames(last(way)) : "";
    }

    private static PathStop end(MotionPath way) {
        return way.stops().get(way.stops().size() - 1);
    }

    private static final String NOTE =
            "Drag its points and handles in the picture; a double click makes or removes one. While keys are recorded,"
                    + " moving the block at another time makes a point of that time.";

    private static List<Control> controls(MotionPath way, String at) {
        List<Control> controls = new ArrayList<>();
        List<PathStop> later = way.stops().stream().filter(WayWords::counts).toList();
        double last = last(way);
        if (last > 0) {
            // All times are stretched at once, about the block's start.
            List<Edit> edits = later.stream()
                    .map(stop -> Edit.shown(at + "/stops/" + stop.id() + "/at", stop.at() / last))
                    .toList();
            controls.add(new Control.Number("arrives after", last, "fr", 1, 480, 1, false, edits));
        }
        PathStop end = end(way);
        if (end.anchor() == TrackKey.Anchor.END) {
            controls.add(
                    Values.number("before its end", end.at(), "fr", 0, 480, 1, at + "/stops/" + end.id() + "/at", 1));
        }
        if (!way.turns()) {
            controls.add(Values.pair("The block", "stays upright", "turns along", false, at + "/turns"));
        }
        controls.add(easing(way, at));
        controls.add(new Control.Choice(
                "Path", List.of(new Control.Option("stand still instead", false, List.of(new Operation.Clear(at))))));
        return controls;
    }

    /** True for the points whose times are stretched together: those after the block's start, counted from it. */
    private static boolean counts(PathStop stop) {
        return stop.at() != null && stop.anchor() == TrackKey.Anchor.START && stop.at() > 0;
    }

    /** Frames after the block's start at which the last of them is passed. */
    private static double last(MotionPath way) {
        return way.stops().stream()
                .filter(WayWords::counts)
                .mapToDouble(PathStop::at)
                .max()
                .orElse(0);
    }

    private static String pace(String easing) {
        return easing.equals(NamedEasings.HOLD) ? HOLDING : EasingClause.say(easing);
    }

    private static Control easing(MotionPath way, String at) {
        List<Control.Option> options = new ArrayList<>();
        String now = way.stops().get(0).easing();
        EasingClause.NAMES.forEach((name, function) -> options.add(new Control.Option(
                name,
                function.equals(now),
                way.stops().stream()
                        .filter(stop -> stop.at() != null)
                        .map(stop -> Ops.set(at + "/stops/" + stop.id() + "/easing", function))
                        .toList())));
        return new Control.Choice("Travels", options);
    }

    /** What lets a block travel: in from the left, to where it stands. */
    static Control choice(String at, double x, double y) {
        return new Control.Choice(
                "Stays",
                List.of(
                        new Control.Option("put", true, List.of()),
                        new Control.Option("travels a path", false, List.of(Ops.set(at + "/way", straight(x, y))))));
    }

    private static MotionPath straight(double x, double y) {
        return new MotionPath(List.of(stop("p1", x - 480, y + 120, 0.0, 160), stop("p2", x, y, 24.0, -160)), false);
    }

    private static PathStop stop(String id, double x, double y, double at, double handle) {
        return new PathStop(
                id,
                x,
                y,
                handle < 0 ? handle : 0,
                0.0,
                handle > 0 ? handle : 0,
                0.0,
                TrackKey.Anchor.START,
                at,
                NamedEasings.LANDING_SOFTLY);
    }

    /** The path that results from what is said here; words that say nothing of it are left where they are. */
    static MotionPath read(Lexer words, MotionPath now) {
        if (words.phrase(TURNING)) {
            return now == null ? null : new MotionPath(now.stops(), true);
        }
        int start = words.position();
        if (!words.phrase(TRAVELLING)) {
            return now;
        }
        words.match("of \\d+ points");
        double frames = words.phrase("in") ? frames(words) : 0;
        boolean toTheEnd = words.phrase(TO_THE_END);
        Double before = toTheEnd ? Double.valueOf(0) : words.phrase("until") ? Double.valueOf(frames(words)) : null;
        words.phrase(BEFORE_THE_END.strip());
        String easing = words.phrase(HOLDING) ? "hold" : easing(words);
        if (now == null) {
            throw new DirectionException(
                    "a path is drawn in the picture; choose \u201ctravels a path\u201d where the block stands first",
                    start,
                    List.of());
        }
        double factor = frames > 0 && last(now) > 0 ? frames / last(now) : 1;
        boolean again = easing == null || easing.equals(now.stops().get(0).easing());
        return new MotionPath(
                now.stops().stream()
                        .map(stop -> retimed(
                                stop,
                                stop == end(now) && before != null && stop.anchor() == TrackKey.Anchor.END
                                        ? before
                                        : counts(stop) && factor != 1 ? Double.valueOf(stop.at() * factor) : stop.at(),
                                again || stop.at() == null ? stop.easing() : easing))
                        .toList(),
                false);
    }

    private static String easing(Lexer words) {
        MoveDraft draft = new MoveDraft(PhaseKind.ARRIVE, null);
        return new EasingClause().read(words, draft) ? draft.easing : null;
    }

    private static double frames(Lexer words) {
        double frames = words.number().orElse(0);
        if (!words.phrase("frames")) {
            words.phrase("frame");
        }
        return frames;
    }

    private static PathStop retimed(PathStop stop, Double at, String easing) {
        return new PathStop(
                stop.id(),
                stop.x(),
                stop.y(),
                stop.inX(),
                stop.inY(),
                stop.outX(),
                stop.outY(),
                stop.anchor(),
                at,
                easing);
    }
}
