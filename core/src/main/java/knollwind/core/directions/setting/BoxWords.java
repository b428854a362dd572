package knollwind.core.directions.setting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Ops;
import knollwind.core.document.Operation;
import knollwind.core.scene.Block;
import knollwind.core.scene.Fit;
import knollwind.core.scene.Length;
import knollwind.core.scene.Pivot;
import knollwind.core.scene.Place;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.Value;

/** Which box of a block counts, that of its ink or of its type: chosen once, for what it is fitted by and what it is placed by. */
final class BoxWords {
    private BoxWords() {}

    /** @param path of the block */
    static Control choice(Block block, String path, Standing moved) {
        Pivot pivot = block.place().pivot();
        Fit fit = block.asWords().map(words -> words.setting().fit()).orElse(null);
        return new Control.Choice(
                "Box",
                Arrays.stream(Pivot.Box.values())
                        .map(box -> {
                            Pivot other = new Pivot(pivot.across(), pivot.down(), box);
                            List<Operation> all = new ArrayList<>(placed(
                                    path + "/place", block.place(), moved.by().apply(other)));
                            if (fit != null && fit.measured() != box) {
                                all.add(Ops.set(path + "/setting/fit", fit.by(box)));
                            }
                            return new Control.Option(
                                    box == Pivot.Box.INK ? "of the ink" : "of the type",
                                    box == pivot.box() && (fit == null || fit.measured() == box),
                                    all);
                        })
                        .toList());
    }

    /** A fit, and the block placed by the box that it measures. */
    static List<Operation> fitted(TextBlock block, Fit fit, String path, Standing moved) {
        Pivot pivot = block.place().pivot();
        List<Operation> all = new ArrayList<>(List.of(Ops.set(path + "/setting/fit", fit)));
        if (pivot.hold() == null && pivot.box() != fit.measured()) {
            Pivot other = new Pivot(pivot.across(), pivot.down(), fit.measured());
            all.addAll(placed(path + "/place", block.place(), moved.by().apply(other)));
        }
        return all;
    }

    /** Another pivot, and the place that goes with it where that is different. */
    static List<Operation> placed(String at, Place now, Place moved) {
        List<Operation> operations = new ArrayList<>();
        operations.add(Ops.set(at + "/pivot", moved.pivot()));
        if (!moved.x().equals(now.x())) {
            operations.add(Ops.set(at + "/x", literal(moved.x())));
        }
        if (!moved.y().equals(now.y())) {
            operations.add(Ops.set(at + "/y", literal(moved.y())));
        }
        return operations;
    }

    private static Length literal(Value<Length> value) {
        return ((Value.Literal<Length>) value).value();
    }
}
