package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.frame.BlockScore;
import knollwind.core.motion.BlockTiming;
import knollwind.core.motion.TrackCurve;
import knollwind.core.scene.Block;
import knollwind.core.scene.Length;
import knollwind.core.scene.MotionPath;
import knollwind.core.scene.NamedEasings;
import knollwind.core.scene.PathStop;
import knollwind.core.scene.Place;
import knollwind.core.scene.TrackKey;
import knollwind.core.scene.Value;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Places that are changed while keys are recorded: a block that stood begins to travel from where it was to where it is put at the
 * playhead; one that travels gets a point of its path there, or has the one that is there moved.
 */
final class RecordedPlaces {
    private static final String X = "place/x";
    private static final String Y = "place/y";

    private RecordedPlaces() {}

    /** The changes, with both coordinates of a place that were set one after the other turned into a path. */
    static List<Operation> of(Draft draft, Looking looking, List<Operation> operations) {
        if (!looking.recording()) {
            return operations;
        }
        ShownBlocks shown = ShownBlocks.of(draft, looking);
        List<Operation> all = new ArrayList<>();
        for (int i = 0; i < operations.size(); i++) {
            List<Operation> pair = operations.subList(i, Math.min(i + 2, operations.size()));
            Optional<List<Operation>> path = path(shown, looking, pair);
            path.ifPresentOrElse(all::addAll, () -> all.add(pair.get(0)));
            i += path.isPresent() ? 1 : 0;
        }
        return all;
    }

    private static Optional<List<Operation>> path(ShownBlocks shown, Looking looking, List<Operation> pair) {
        if (pair.size() < 2) {
            return Optional.empty();
        }
        BlockPath path = BlockPath.of(pair.get(0).at()).orElse(null);
        boolean both = path != null
                && pair.get(0).at().equals(BlockPath.of(path.scene(), path.block()) + "/" + X)
                && pair.get(1).at().equals(BlockPath.of(path.scene(), path.block()) + "/" + Y);
        Block block = both ? shown.block(path).orElse(null) : null;
        BlockScore score = block == null ? null : shown.score(path);
        if (score == null || looking.frame() <= score.timing().start()) {
            return Optional.empty();
        }
        Place place = block.place();
        Optional<Double> dx = moved(place.x(), pair.get(0), score, score.fit().width());
        Optional<Double> dy = moved(place.y(), pair.get(1), score, score.fit().height());
        if (place.attach() != null || dx.isEmpty() || dy.isEmpty()) {
            return Optional.empty();
        }
        double x = score.keyed(X, looking.frame());
        double y = score.keyed(Y, looking.frame());
        String at = BlockPath.of(path.scene(), path.block()) + "/place/way";
        double frame = looking.frame();
        return Optional.of(
                place.way() == null
                        ? List.of(new Operation.Set(at, begun(looking, x, y, dx.get(), dy.get(), score.timing())))
                        : put(looking, place.way(), at, x, y, dx.get(), dy.get(), score.timing()));
    }

    /** By how many px of the base frame a coordinate was changed; nothing where it carries keys or is no length. */
    private static Optional<Double> moved(Value<Length> before, Operation change, BlockScore score, double frame) {
        if (before.literal().isEmpty()
                || !(change instanceof Operation.Set set)
                || !set.value().has("unit")) {
            return Optional.empty();
        }
        Length after = DocumentJson.read(set.value(), Length.class);
        double em = score.set().em();
        double line = score.set().lineHeight();
        return Optional.of(
                after.pixels(em, line, frame) - before.literal().get().pixels(em, line, frame));
    }

    private static JsonNode begun(Looking looking, double x, double y, double dx, double dy, BlockTiming timing) {
        String easing = looking.holding() ? NamedEasings.HOLD : NamedEasings.GENTLY;
        ObjectNode way = Nodes.object();
        way.putArray("stops")
                .add(stop("p1", x, y, new BlockKeys.Anchored(TrackKey.Anchor.START, 0), easing))
                .add(stop("p2", x + dx, y + dy, BlockKeys.anchored(looking.frame(), timing), "linear"));
        return way;
    }

    private static ObjectNode stop(String id, double x, double y, BlockKeys.Anchored when, String easing) {
        ObjectNode stop = Nodes.object().put("id", id);
        stop.set("x", Nodes.number(PathPoints.tenth(x)));
        stop.set("y", Nodes.number(PathPoints.tenth(y)));
        when.put(stop);
        return stop.put("easing", easing);
    }

    /** Moves the point of this frame, or makes one there. */
    private static List<Operation> put(
            Looking looking, MotionPath path, String at, double x, double y, double dx, double dy, BlockTiming timing) {
        double frame = looking.frame();
        PathStop before = null;
        List<PathStop> stops = path.stops();
        int index = stops.size();
        for (int i = 0; i < stops.size(); i++) {
            PathStop stop = stops.get(i);
            if (stop.at() == null) {
                continue;
            }
            double time = TrackCurve.time(stop.anchor(), stop.at(), timing);
            if (Math.abs(time - frame) < BlockKeys.SAME) {
                String own = at + "/stops/" + stop.id();
                return List.of(
                        new Operation.Set(own + "/x", Nodes.number(PathPoints.tenth(stop.x() + dx))),
                        new Operation.Set(own + "/y", Nodes.number(PathPoints.tenth(stop.y() + dy))));
            }
            if (time > frame) {
                index = Math.min(index, i);
            } else {
                before = stop;
            }
        }
        ObjectNode made = (ObjectNode) DocumentJson.tree(PathPoints.between(stops, index, x + dx, y + dy));
        BlockKeys.anchored(frame, timing).put(made);
        List<Operation> operations = new ArrayList<>();
        operations.add(new Operation.Insert(at + "/stops", index, made));
        if (looking.holding() && before != null) {
            String own = at + "/stops/" + before.id();
            operations.add(new Operation.Set(own + "/easing", Nodes.text(NamedEasings.HOLD)));
        }
        return operations;
    }
}
