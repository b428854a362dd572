package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.filling.CaptionCopies;
import knollwind.core.scene.Block;
import knollwind.core.scene.Captions;
import knollwind.core.scene.Check;
import knollwind.core.scene.Format;
import knollwind.core.scene.Scene;

/**
 * Takes blocks out of a scene, with what formats show of them otherwise; those that are locked stay. What hung on them in time or place
 * stays where it is now.
 */
public record RemoveBlocks(String scene, List<String> blocks) implements Intent {
    public RemoveBlocks {
        blocks = Check.list(blocks);
    }

    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        List<String> gone = gone(open);
        Loosened loosened = new Loosened(
                gone::contains,
                cue -> false,
                () -> draft.scores(open, open.formats().get(0)));
        List<Operation> operations = new ArrayList<>();
        for (Block block : open.blocks()) {
            if (!gone.contains(block.id())) {
                operations.addAll(loosened.inTimeAndPlace(block, BlockPath.of(scene, block.id())));
            }
        }
        for (Format format : open.formats()) {
            format.overrides().stream()
                    .filter(one -> gone.contains(one.block()))
                    .map(one -> new Operation.Remove(
                            "scenes/" + scene + "/formats/" + format.id() + "/overrides/" + one.id()))
                    .forEach(operations::add);
        }
        draft.project()
                .versions()
                .rows()
                .forEach(row -> row.own().stream()
                        .filter(own -> own.scene().equals(scene))
                        .forEach(own -> own.values().stream()
                                .filter(one -> gone.contains(one.block()))
                                .map(one -> new Operation.Remove(
                                        TableRows.PATH + "/" + row.id() + "/own/" + own.id() + "/values/" + one.id()))
                                .forEach(operations::add)));
        open.conditions()
                .forEach(condition -> condition.values().stream()
                        .filter(one -> gone.contains(one.block()))
                        .map(one -> new Operation.Remove(
                                "scenes/" + scene + "/conditions/" + condition.id() + "/values/" + one.id()))
                        .forEach(operations::add));
        operations.addAll(designs(open, gone));
        gone.stream().map(id -> new Operation.Remove(BlockPath.of(scene, id))).forEach(operations::add);
        return Outcome.of(operations, "");
    }

    /** Those that are not locked; with a design of captions what lies behind it goes too. */
    private List<String> gone(Scene open) {
        List<String> wanted = open.blocks().stream()
                .filter(block -> blocks.contains(block.id()) && block.locked() == null)
                .map(Block::id)
                .toList();
        List<String> designs = open.captions() == null
                ? List.of()
                : open.captions().designs().stream().filter(wanted::contains).toList();
        Set<String> behind = CaptionCopies.plates(designs, open.blocks());
        return open.blocks().stream()
                .map(Block::id)
                .filter(id -> wanted.contains(id) || behind.contains(id))
                .toList();
    }

    /** Captions are dressed in another of their designs; without any they cannot be seen. */
    private List<Operation> designs(Scene open, List<String> gone) {
        Captions row = open.captions();
        if (row == null || row.designs().stream().noneMatch(gone::contains)) {
            return List.of();
        }
        List<String> left =
                row.designs().stream().filter(id -> !gone.contains(id)).toList();
        if (left.isEmpty()) {
            throw new IllegalArgumentException(
                    "the captions of this scene are dressed as this block; take the captions away, or give them"
                            + " another design first");
        }
        String path = CaptionRows.path(scene);
        List<Operation> operations = new ArrayList<>();
        if (gone.contains(row.design())) {
            operations.add(new Operation.Set(path + "/design", Nodes.text(left.get(0))));
        }
        operations.add(new Operation.Set(path + "/designs", DocumentJson.tree(left)));
        return operations;
    }
}
