package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import knollwind.core.document.BlockReferences;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.scene.Block;
import knollwind.core.scene.Format;
import knollwind.core.scene.Rational;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Span;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Puts into a scene what was copied, in front of what is there: blocks, or plain words as a block of their own; words with empty lines
 * between them as several that come one after the other. Blocks keep their
 * distance in time from each other, and bring along what formats of the same id show otherwise.
 *
 * @param text a {@link Clip}, or any words
 * @param frame at which the first of them begins
 */
public record Paste(String scene, String text, double frame) implements Intent {
    /** Empty lines. */
    private static final Pattern BETWEEN = Pattern.compile("\n[ \\t]*(\n[ \\t]*)+");

    /** A longer text is one to be read, not a row of titles. */
    private static final int MOST_PARAGRAPHS = 60;

    public Paste {
        if (text == null || text.isBlank()) {
            throw new IllegalArgumentException("nothing has been copied that could be pasted: no blocks and no words");
        }
    }

    @Override
    public Outcome on(Draft draft) {
        if (Clip.isOne(text)) {
            return blocks(draft);
        }
        List<String> paragraphs = Stream.of(
                        BETWEEN.split(text.replace("\r\n", "\n").strip()))
                .filter(one -> !one.isBlank())
                .toList();
        AddWords added = new AddWords(scene, frame);
        return paragraphs.size() > 1 && paragraphs.size() <= MOST_PARAGRAPHS
                ? added.holding(draft, paragraphs)
                : added.holding(draft, text);
    }

    private Outcome blocks(Draft draft) {
        Scene open = draft.scene(scene);
        ObjectNode copied = Clip.read(text);
        Map<String, String> names = BlockReferences.fresh(copied, Ids.ofBlocks(draft.scenes())::free);
        BlockReferences.rename(copied, names);
        Ids blockNames = new Ids(open.blocks().stream().map(Block::name).toList());
        double by = frame - first(copied);
        List<Operation> operations = new ArrayList<>();
        String list = "scenes/" + scene + "/blocks";
        int index = open.blocks().size();
        for (JsonNode node : copied.path("blocks")) {
            ObjectNode block = (ObjectNode) node;
            block.put("name", blockNames.free(block.path("name").asString(""), " "));
            block.set("span", DocumentJson.tree(later(span(block), by)));
            operations.add(new Operation.Insert(list, index++, block));
        }
        overrides(open, copied, operations);
        String chosen = Nodes.id(copied.path("blocks").get(0));
        return new Outcome(operations, "", chosen, "");
    }

    private static Span span(JsonNode block) {
        return DocumentJson.read(block.path("span"), Span.class);
    }

    private static double first(JsonNode copied) {
        return copied.path("blocks")
                .valueStream()
                .mapToDouble(block -> span(block).start().value())
                .min()
                .orElse(0);
    }

    private static Span later(Span span, double by) {
        Rational shift = Rational.read(by);
        return span.at(span.start().plus(shift), span.end().plus(shift));
    }

    private void overrides(Scene open, ObjectNode copied, List<Operation> operations) {
        Set<String> formats = open.formats().stream().map(Format::id).collect(Collectors.toSet());
        for (JsonNode format : copied.path("formats")) {
            if (formats.contains(Nodes.id(format))) {
                String list = "scenes/" + scene + "/formats/" + Nodes.id(format) + "/overrides";
                format.path("overrides")
                        .forEach(value -> operations.add(new Operation.Insert(list, Integer.MAX_VALUE, value)));
            }
        }
    }
}
