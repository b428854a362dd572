package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.directions.setting.SettingReader;
import knollwind.core.document.Differences;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.filling.Filler;
import knollwind.core.scene.Block;
import knollwind.core.scene.Format;
import knollwind.core.scene.Scene;
import knollwind.core.scene.TextBlock;

/**
 * Sets a block of words as a typed sentence tells. Only what the sentence changes is changed; what has no effect now is said.
 *
 * @param scene id of the open scene, in which other blocks are named
 * @param format id of the format that is looked at, whose values the sentence was printed from
 */
public record SetBySentence(String scene, String format, String block, String sentence) implements Intent {
    /** The longest sentence that is read. */
    private static final int LONGEST = 4000;

    @Override
    public Outcome on(Draft draft) {
        if (sentence == null || sentence.length() > LONGEST) {
            throw new IllegalArgumentException("a sentence may have at most " + LONGEST + " characters");
        }
        Scene open = draft.scene(scene);
        Format shown = open.format(format);
        List<Block> blocks = Filler.blocks(open, shown);
        Block before = blocks.stream()
                .filter(one -> one.id().equals(block))
                .findFirst()
                .orElseThrow(() ->
                        new IllegalArgumentException("the scene \u201c" + open.name() + "\u201d has no such block"));
        TextBlock text = before.asWords()
                .orElseThrow(() -> new IllegalArgumentException("only the setting of words can be typed"));
        TextBlock after =
                SettingReader.read(sentence, text, draft.typesetter().fonts().families(), blocks);
        List<Operation> operations = Differences.between(
                DocumentJson.blockTree(text),
                DocumentJson.blockTree(after),
                Nodes.byId(Nodes.byId(draft.tree().path("scenes"), scene).path("blocks"), block),
                "scenes/" + scene + "/blocks/" + block);
        return Outcome.saying(operations, String.join(" ", idle(text, after)));
    }

    /** What was changed and changes nothing that is seen. */
    private static List<String> idle(TextBlock before, TextBlock after) {
        List<String> said = new ArrayList<>();
        boolean fitted = after.setting().fit() != null;
        if (fitted && !before.setting().size().equals(after.setting().size())) {
            said.add("The words are fitted, so their size counts only once they are not.");
        }
        if (after.place().attach() != null
                && (!before.place().x().equals(after.place().x())
                        || !before.place().y().equals(after.place().y()))) {
            said.add("The block hangs on another, so its own place counts only once it is detached.");
        }
        if (after.place().way() != null
                && (!before.place().x().equals(after.place().x())
                        || !before.place().y().equals(after.place().y()))) {
            said.add("The block travels a path, so its own place counts only without it.");
        }
        if (before.opacity().keys().isPresent() && !before.opacity().equals(after.opacity())) {
            said.add("Its keys of opacity are replaced.");
        }
        return said;
    }
}
