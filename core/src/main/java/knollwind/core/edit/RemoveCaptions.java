package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.filling.CaptionCopies;
import knollwind.core.scene.CaptionColumn;
import knollwind.core.scene.CaptionLine;
import knollwind.core.scene.Captions;
import knollwind.core.scene.Format;
import knollwind.core.scene.Scene;

/**
 * Takes the captions of a scene away with their designs, or one column of them.
 *
 * @param column id; null for all
 */
public record RemoveCaptions(String scene, String column) implements Intent {
    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        Captions row = CaptionRows.of(open);
        return Outcome.of(column == null ? all(draft, open, row) : one(open, row), "");
    }

    private List<Operation> all(Draft draft, Scene open, Captions row) {
        List<Operation> operations = new ArrayList<>();
        operations.add(new Operation.Clear(CaptionRows.path(scene)));
        List<String> designs = List.copyOf(CaptionCopies.designs(row, open.blocks()));
        operations.addAll(
                new RemoveBlocks(scene, designs).on(draft.after(operations)).operations());
        return operations;
    }

    private List<Operation> one(Scene open, Captions row) {
        CaptionColumn gone = CaptionRows.column(row, column);
        if (gone == row.columns().get(0)) {
            throw new IllegalArgumentException(
                    "captions keep their first column, which has the words as they are spoken");
        }
        List<CaptionLine> lines = new ArrayList<>();
        for (CaptionLine line : row.lines()) {
            Map<String, String> text = new TreeMap<>(line.text());
            text.remove(gone.id());
            lines.add(line.withText(text));
        }
        List<CaptionColumn> left =
                row.columns().stream().filter(one -> one != gone).toList();
        String shown = gone.id().equals(row.shown()) ? null : row.shown();
        List<Operation> operations = new ArrayList<>();
        operations.add(new Operation.Set(
                CaptionRows.path(scene),
                DocumentJson.tree(row.with(all -> all.columns(left).shown(shown).lines(lines)))));
        for (Format format : open.formats()) {
            if (gone.id().equals(format.captions())) {
                operations.add(new Operation.Clear("scenes/" + scene + "/formats/" + format.id() + "/captions"));
            }
        }
        return operations;
    }
}
