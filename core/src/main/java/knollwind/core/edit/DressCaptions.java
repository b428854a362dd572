package knollwind.core.edit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.filling.CaptionCopies;
import knollwind.core.scene.Block;
import knollwind.core.scene.Captions;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Span;
import tools.jackson.databind.node.ObjectNode;

/**
 * Dresses the captions of a scene in another design. The one before is kept, to go back to.
 *
 * @param design id of a design they have, or of a block of words whose look they take over in a design of their own; null for another one
 *     that looks as theirs does now
 */
public record DressCaptions(String scene, String design) implements Intent {
    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        Captions row = CaptionRows.of(open);
        String path = CaptionRows.path(scene);
        String from = design == null ? row.design() : design;
        Block model = Nodes.blockOf(open, from);
        if (model.asWords().isEmpty()) {
            throw new IllegalArgumentException("captions are dressed as words, not as a shape");
        }
        if (design != null && row.designs().contains(design)) {
            return new Outcome(List.of(new Operation.Set(path + "/design", Nodes.text(design))), "", design, "");
        }
        Set<String> copied = new HashSet<>(
                CaptionCopies.designs(row.with(one -> one.design(from).designs(List.of(from))), open.blocks()));
        List<Operation> operations = new ArrayList<>();
        String made = "";
        Block now = Nodes.blockOf(open, row.design());
        for (Operation operation :
                new CopyBlocks(scene, List.copyOf(copied), 0).on(draft).operations()) {
            if (operation instanceof Operation.Insert insert
                    && insert.value() instanceof ObjectNode block
                    && insert.at().endsWith("/blocks")) {
                block.set("span", DocumentJson.tree(Span.of(0, open.length())));
                if (block.path("kind").asString("").equals("text")) {
                    made = Nodes.id(block);
                    // Captions stay where they are; how they are set and how they move is the other's.
                    block.set("place", DocumentJson.tree(now.place()));
                    block.remove("runs");
                    block.remove("placed");
                }
            }
            operations.add(operation);
        }
        List<String> designs = new ArrayList<>(row.designs());
        designs.add(made);
        operations.add(new Operation.Set(path + "/designs", DocumentJson.tree(designs)));
        operations.add(new Operation.Set(path + "/design", Nodes.text(made)));
        return new Outcome(operations, "", made, "");
    }
}
