package knollwind.core.edit;

import java.util.List;
import java.util.stream.Collectors;
import knollwind.core.document.Operation;
import knollwind.core.filling.FieldText;
import knollwind.core.scene.Block;
import knollwind.core.scene.Field;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.TextEdit;

/** Puts a column of the table into a block's words, a line for each row that says something there: what falls, packs or turns over is a list. */
public record ListColumn(String scene, String block, String field) implements Intent {
    @Override
    public Outcome on(Draft draft) {
        Field column = TableRows.field(draft, field);
        Block open = Nodes.blockOf(draft.scene(scene), block);
        TextBlock words = open.asWords()
                .orElseThrow(() -> new IllegalArgumentException("\u201c" + open.name() + "\u201d has no words"));
        if (words.says() != null) {
            throw new IllegalArgumentException("the words of \u201c" + open.name()
                    + "\u201d are built by steps; type them first, then put the rows there");
        }
        List<String> lines = TableRows.of(draft).rows().stream()
                .map(row -> FieldText.of(row.values().get(column.id()))
                        .replaceAll("\\s+", " ")
                        .strip())
                .filter(line -> !line.isEmpty())
                .toList();
        if (lines.isEmpty()) {
            throw new IllegalArgumentException(
                    "no row of the table says anything under \u201c" + column.name() + "\u201d");
        }
        String text = lines.stream().collect(Collectors.joining("\n"));
        if (text.length() > TextBlock.LONGEST_TEXT) {
            throw new IllegalArgumentException("a block has at most " + TextBlock.LONGEST_TEXT
                    + " characters, and this column has " + text.length());
        }
        return Outcome.saying(
                text.equals(words.text())
                        ? List.of()
                        : List.of(Operation.Splice.of(
                                BlockPath.of(scene, block) + "/text", TextEdit.between(words.text(), text))),
                lines.size() + " lines in \u201c" + open.name() + "\u201d");
    }
}
