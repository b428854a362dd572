package knollwind.server.page;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.frame.BlockScore;
import knollwind.core.geometry.Point;
import knollwind.core.scene.Pivot;
import knollwind.core.scene.Place;
import knollwind.core.scene.Value;

/** The points of a block that its pin can be put on. */
final class PivotPoints {
    private PivotPoints() {}

    static List<PageView.PivotView> of(BlockScore score, String path) {
        List<PageView.PivotView> points = new ArrayList<>();
        Place now = score.block().place();
        for (Pivot.Down down : Pivot.Down.values()) {
            for (Pivot.Across across : Pivot.Across.values()) {
                Pivot pivot = new Pivot(across, down, now.pivot().box());
                Point at = score.point(pivot);
                Place moved = score.placedBy(pivot);
                List<Operation> operations = new ArrayList<>();
                operations.add(new Operation.Set(path + "/place/pivot", DocumentJson.tree(pivot)));
                place(now.x(), moved.x(), path + "/place/x", operations);
                place(now.y(), moved.y(), path + "/place/y", operations);
                points.add(new PageView.PivotView(
                        PageService.hundredths(at.x()), PageService.hundredths(at.y()), operations));
            }
        }
        return points;
    }

    private static <T> void place(Value<T> now, Value<T> moved, String at, List<Operation> operations) {
        if (!moved.equals(now) && moved instanceof Value.Literal<T> literal) {
            operations.add(new Operation.Set(at, DocumentJson.tree(literal.value())));
        }
    }
}
