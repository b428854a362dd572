package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.directions.controls.FormatPx;
import knollwind.core.directions.setting.SettingReader;
import knollwind.core.directions.setting.ShapeReader;
import knollwind.core.document.Differences;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.filling.Filler;
import knollwind.core.scene.Block;
import knollwind.core.scene.Format;
import knollwind.core.scene.FrameFit;
import knollwind.core.scene.Scene;
import knollwind.core.scene.ShapeBlock;
import knollwind.core.scene.TextBlock;

/**
 * Sets words or a shape as a typed sentence tells. Only what the sentence changes is changed; what has no effect now is said.
 *
 * @param scene id of the open scene, in which other blocks are named
 * @param format id of the format that is looked at, whose values the sentence was printed from and in whose px it is typed
 */
public record SetBySentence(String scene, String format, String block, String sentence) implements Intent {
    /** The longest sentence that is read. */
    private static final int LONGEST = 4000;

    @Override
    public Outcome on(Draft draft) {
        check(sentence);
        Scene open = draft.scene(scene);
        Format shown = open.format(format);
        FormatPx px = new FormatPx(FrameFit.of(open, shown));
        List<Block> blocks = Filler.blocks(open, shown);
        Block before = blocks.stream()
                .filter(one -> one.id().equals(block))
                .findFirst()
                .orElseThrow(() ->
                        new IllegalArgumentException("the scene \u201c" + open.name() + "\u201d has no such block"));
        Block after = before.match(new Block.Cases<Block>() {
            @Override
            public Block words(TextBlock words) {
                return SettingReader.read(
                        sentence, words, draft.typesetter().fonts().families(), blocks, px);
            }

            @Override
            public Block shape(ShapeBlock shape) {
                return ShapeReader.read(sentence, shape, blocks, px);
            }
        });
        List<Operation> operations = Differences.between(
                DocumentJson.blockTree(before),
                DocumentJson.blockTree(after),
                Nodes.byId(Nodes.byId(draft.tree().path("scenes"), scene).path("blocks"), block),
                "scenes/" + scene + "/blocks/" + block);
        return Outcome.saying(operations, String.join(" ", idle(before, after)));
    }

    /** Refuses a sentence that is too long to be read. */
    static void check(String sentence) {
        if (sentence == null || sentence.length() > LONGEST) {
            throw new IllegalArgumentException("a sentence may have at most " + LONGEST + " characters");
        }
    }

    /** What was changed and changes nothing that is seen. */
    private static List<String> idle(Block before, Block after) {
        List<String> said = new ArrayList<>();
        boolean sized = !before.asWords()
                .map(words -> words.setting().size())
                .equals(after.asWords().map(words -> words.setting().size()));
        if (sized && after.asWords().orElseThrow().setting().fit() != null) {
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
