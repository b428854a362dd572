package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import knollwind.core.document.Operation;
import knollwind.core.scene.CaptionLine;
import knollwind.core.scene.Captions;
import knollwind.core.scene.Check;

/**
 * Replaces words in all captions of a scene.
 *
 * @param column id of the column; null for all columns
 * @param find what is looked for, whatever its case
 * @param by what stands in its place
 */
public record ReplaceInCaptions(String scene, String column, String find, String by) implements Intent {
    public ReplaceInCaptions {
        Check.text(find, 200, "what is looked for");
        Check.text(by, 200, "what is put in its place");
        if (find.isBlank()) {
            throw new IllegalArgumentException("type what is to be found");
        }
    }

    @Override
    public Outcome on(Draft draft) {
        Captions row = CaptionRows.of(draft.scene(scene));
        Pattern pattern = Pattern.compile(Pattern.quote(find), Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
        List<Operation> operations = new ArrayList<>();
        String spoken = row.columns().get(0).id();
        for (CaptionLine line : row.lines()) {
            Map<String, String> text = new TreeMap<>(line.text());
            text.replaceAll((id, words) -> column == null || column.equals(id)
                    ? pattern.matcher(words).replaceAll(Matcher.quoteReplacement(by))
                    : words);
            text.values().removeIf(String::isBlank);
            if (!text.equals(line.text())) {
                boolean said = !line.words(spoken).equals(text.getOrDefault(spoken, ""));
                operations.add(CaptionRows.set(
                        scene, line.with(one -> one.text(text).byHand(said ? Boolean.TRUE : line.byHand()))));
            }
        }
        if (operations.isEmpty()) {
            throw new IllegalArgumentException("no caption has \u201c" + find + "\u201d");
        }
        int count = operations.size();
        return Outcome.saying(operations, "Replaced in " + (count == 1 ? "one caption." : count + " captions."));
    }
}
