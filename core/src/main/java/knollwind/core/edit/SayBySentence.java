package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import knollwind.core.document.Operation;
import knollwind.core.filling.BuiltWords;
import knollwind.core.scene.Block;
import knollwind.core.scene.Field;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.TextEdit;
import knollwind.core.wording.Wording;
import tools.jackson.databind.node.JsonNodeFactory;

/**
 * Builds the words of a block by steps, in all formats: of what they are made, and what is done to it. What they come to stands in the
 * block from then on, so that words that are typed again begin with it.
 *
 * @param scene id of the open scene
 * @param sentence as it is typed; empty to type the words again
 */
public record SayBySentence(String scene, String block, String sentence) implements Intent {
    @Override
    public Outcome on(Draft draft) {
        SetBySentence.check(sentence);
        Scene open = draft.scene(scene);
        TextBlock words = Nodes.blockIn(open.blocks(), block)
                .asWords()
                .orElseThrow(() -> new IllegalArgumentException("only words can be built by steps"));
        String path = BlockPath.of(scene, block) + "/";
        if (sentence.isBlank()) {
            return words.says() == null
                    ? Outcome.of(List.of(), "")
                    : Outcome.of(List.of(new Operation.Clear(path + "says")), "");
        }
        Project project = draft.project();
        project.fields().stream()
                .filter(field -> field.opens().stream().anyMatch(one -> one.at().equals(path + "text")))
                .findFirst()
                .ifPresent(field -> {
                    throw new IllegalArgumentException("these words are open as \u2039" + field.name()
                            + "\u203a and filled in there; build the words of another block of \u2039" + field.name()
                            + "\u203a, or take the field away first");
                });
        String kept = Wording.typed(sentence, fields(project), blocks(open, block));
        List<Block> after = open.blocks().stream()
                .map(one -> one.id().equals(block) ? (Block) words.withSays(kept) : one)
                .toList();
        BuiltWords.checkCircles(after);
        List<Operation> operations = new ArrayList<>();
        operations.add(new Operation.Set(path + "says", JsonNodeFactory.instance.stringNode(kept)));
        String now = BuiltWords.words(project, open.withBlocks(after), block);
        if (!now.equals(words.text())) {
            operations.add(Operation.Splice.of(path + "text", TextEdit.between(words.text(), now)));
        }
        return Outcome.of(operations, "");
    }

    /** The id of a field by its name; names of none are refused with those that there are. */
    static UnaryOperator<String> fields(Project project) {
        return name -> project.fields().stream()
                .filter(field -> field.name().equalsIgnoreCase(name.strip()))
                .map(Field::id)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("there is no field \u2039" + name + "\u203a; there "
                        + listed(project.fields().stream().map(Field::name))));
    }

    /** The id of a block of words by its name; names of none are refused with those that there are, but for one. */
    static UnaryOperator<String> blocks(Scene open, String but) {
        return name -> open.blocks().stream()
                .filter(one -> one.asWords().isPresent() && one.name().equalsIgnoreCase(name.strip()))
                .map(Block::id)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no words are called \u2039" + name + "\u203a; there "
                        + listed(open.blocks().stream()
                                .filter(one ->
                                        one.asWords().isPresent() && !one.id().equals(but))
                                .map(Block::name))));
    }

    private static String listed(Stream<String> names) {
        List<String> all = names.limit(8).toList();
        return all.isEmpty()
                ? "are none yet"
                : "are " + all.stream().map(name -> "\u2039" + name + "\u203a").collect(Collectors.joining(", "));
    }
}
