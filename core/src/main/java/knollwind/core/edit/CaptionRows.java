package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import knollwind.core.directions.caption.CaptionRuleWords;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.frame.CaptionRow;
import knollwind.core.scene.CaptionColumn;
import knollwind.core.scene.CaptionLine;
import knollwind.core.scene.Captions;
import knollwind.core.scene.CaptionsBuilder;
import knollwind.core.scene.Fill;
import knollwind.core.scene.FrameFit;
import knollwind.core.scene.Length;
import knollwind.core.scene.NamedTimes;
import knollwind.core.scene.Pivot;
import knollwind.core.scene.Place;
import knollwind.core.scene.PlaceBuilder;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Setting;
import knollwind.core.scene.ShapeBlock;
import knollwind.core.scene.ShapeBlockBuilder;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.Value;

/** Rows of captions, and the operations that make and change them. */
final class CaptionRows {
    /** What the first column is called. */
    static final String SPOKEN = "as spoken";

    private static final String NAME = "Captions";

    /** Type size, of the frame's height: 37 characters go over half of a wide frame. */
    private static final double SIZE = 0.052;

    /** Where the last line stands, per cent of the frame's height: inside the area that is safe for words. */
    private static final double FOOT = 91;

    /** In the design until a caption is in its place. */
    private static final String SAMPLE = "Words as they are spoken";

    private static final String PLATE = "#0b1722c4";
    private static final String LIGHT = "#f6f1e3";

    private CaptionRows() {}

    static String path(String scene) {
        return "scenes/" + scene + "/captions";
    }

    static String path(String scene, CaptionLine line) {
        return path(scene) + "/lines/" + line.id();
    }

    static Operation set(String scene, CaptionLine line) {
        return new Operation.Set(path(scene, line), DocumentJson.tree(line));
    }

    /** @throws IllegalArgumentException where the scene has none */
    static Captions of(Scene scene) {
        if (scene.captions() == null) {
            throw new IllegalArgumentException("this scene has no captions yet; make them from a voice or read a file");
        }
        return scene.captions();
    }

    /** @throws IllegalArgumentException where the caption is gone */
    static CaptionLine line(Captions row, String id) {
        return row.lines().stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("there is no caption '" + id + "' any more"));
    }

    /** @throws IllegalArgumentException where there is no such column */
    static CaptionColumn column(Captions row, String id) {
        if (id == null) {
            return row.columns().get(0);
        }
        return row.columns().stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("the captions have no column '" + id + "'"));
    }

    /** When they are on, in the order in which they come. */
    static List<CaptionRow.Timed> timed(Draft draft, Scene scene) {
        return CaptionRow.timed(of(scene), NamedTimes.of(draft.project(), scene));
    }

    /** The row of a scene; an empty one with what makes it, where there is none. */
    static Begun begun(Draft draft, Scene scene) {
        if (scene.captions() != null) {
            TextBlock dressing = scene.blocks().stream()
                    .filter(block -> block.id().equals(scene.captions().design()))
                    .flatMap(block -> block.asWords().stream())
                    .findFirst()
                    .orElse(null);
            return new Begun(scene.captions(), dressing, List.of());
        }
        NewBlock made =
                NewBlock.of(draft, scene, "captions", NAME, 0).named(NAME).during(Span.of(0, scene.length()));
        double size = Math.max(
                12, Math.rint(SIZE * FrameFit.of(scene, scene.formats().get(0)).height()));
        Optional<Setting> near = scene.blocks().stream()
                .flatMap(block -> block.asWords().stream())
                .map(TextBlock::setting)
                .findFirst();
        TextBlock design = AddWords.plainly(made, near, size, LIGHT)
                .with(words -> words.text(SAMPLE).place(place()));
        ShapeBlock plate = plate(draft, scene, design, size);
        Captions row = CaptionsBuilder.builder()
                .design(design.id())
                .designs(List.of(design.id()))
                .rules(CaptionRuleWords.BROADCAST)
                .columns(List.of(new CaptionColumn("c1", SPOKEN, null)))
                .lines(List.of())
                .build();
        int front = scene.blocks().size();
        String blocks = "scenes/" + scene.id() + "/blocks";
        return new Begun(
                row,
                design,
                List.of(
                        new Operation.Insert(blocks, front, DocumentJson.blockTree(plate)),
                        new Operation.Insert(blocks, front + 1, DocumentJson.blockTree(design))));
    }

    /**
     * A row, and the operations that make what it is dressed as.
     *
     * @param design null where it is gone
     */
    record Begun(Captions row, TextBlock design, List<Operation> dressing) {}

    private static Place place() {
        return PlaceBuilder.builder()
                .x(Value.of(new Length(50, Length.Unit.FRAME)))
                .y(Value.of(new Length(FOOT, Length.Unit.FRAME)))
                .pivot(new Pivot(Pivot.Across.CENTRE, Pivot.Down.BOTTOM, Pivot.Box.METRIC))
                .build();
    }

    private static ShapeBlock plate(Draft draft, Scene scene, TextBlock design, double size) {
        double beside = Math.rint(size * 0.45);
        double over = Math.rint(size * 0.12);
        return ShapeBlockBuilder.builder()
                .id(Ids.ofBlocks(draft.scenes()).first("captions-plate-"))
                .name("Behind the captions")
                .span(Span.of(0, scene.length()))
                .place(place().withPivot(Pivot.CENTRE))
                .shape(new ShapeBlock.Plate(
                        List.of(design.id()),
                        new ShapeBlock.Padding(over, beside, over, beside),
                        Math.rint(size * 0.14),
                        Pivot.Box.METRIC,
                        false))
                .fill(new Fill.Solid(Value.of(PLATE)))
                .build();
    }

    /** The whole row in the place of the one that is there. */
    static List<Operation> put(Scene scene, Begun begun, Captions row) {
        List<Operation> operations = new ArrayList<>(begun.dressing());
        operations.add(new Operation.Set(path(scene.id()), DocumentJson.tree(row)));
        return operations;
    }
}
