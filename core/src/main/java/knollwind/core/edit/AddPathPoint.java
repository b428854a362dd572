package knollwind.core.edit;

import java.util.List;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.scene.Block;
import knollwind.core.scene.MotionPath;
import knollwind.core.scene.PathStop;
import knollwind.core.scene.Scene;

/**
 * One more point of a motion path, without a time of its own, in the stretch that lies nearest to it.
 *
 * @param format id of the format that is looked at
 * @param x px of the base frame
 * @param y px of the base frame
 */
public record AddPathPoint(String scene, String format, String block, double x, double y) implements Intent {
    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        Block shown = Nodes.shownBlock(open, format, block);
        MotionPath path = shown.place().way();
        if (path == null) {
            throw new IllegalArgumentException("\u201c" + shown.name() + "\u201d travels no path");
        }
        List<PathStop> stops = path.stops();
        int index = PathPoints.nearestStretch(stops, x, y);
        PathStop made = PathPoints.between(stops, index, x, y);
        String at = BlockPath.of(scene, block) + "/place/way/stops";
        return Outcome.of(List.of(new Operation.Insert(at, index, DocumentJson.tree(made))), "");
    }
}
