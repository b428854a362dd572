package knollwind.core.edit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.filling.Filler;
import knollwind.core.scene.Block;
import knollwind.core.scene.Filling;
import knollwind.core.scene.Format;
import knollwind.core.scene.Measure;
import knollwind.core.scene.Scene;
import tools.jackson.databind.JsonNode;

/**
 * Another format becomes the base: what it fills in becomes the blocks' own, and all other formats fill in what they showed before.
 * Lengths are counted in the px they were counted in, so that every format looks as it did.
 *
 * @param format id of the format that is to be the base
 */
public record MakeBase(String scene, String format) implements Intent {
    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        Format base = open.format(format);
        if (base == open.formats().get(0)) {
            return Outcome.of(List.of(), "");
        }
        List<Filling> own = fitting(open, base);
        Map<String, JsonNode> becomes = trees(open, base);
        List<Operation> operations = new ArrayList<>(measured(open, new Measure(base.width(), base.height())));
        for (Format other : open.formats()) {
            if (other != base) {
                operations.addAll(kept(open, other, own, becomes));
            }
        }
        for (Filling filling : own) {
            String value = BlockPath.of(scene, filling.block()) + "/" + String.join("/", filling.path());
            operations.add(
                    filling.value().isNull() ? new Operation.Clear(value) : new Operation.Set(value, filling.value()));
            operations.add(new Operation.Remove(list(base) + "/" + filling.id()));
        }
        operations.add(new Operation.Reorder("scenes/" + scene + "/formats/" + base.id(), 0));
        return Outcome.of(operations, "");
    }

    /** Lets lengths be counted in the px they are counted in now when the base gets this size. */
    static List<Operation> measured(Scene scene, Measure base) {
        String at = "scenes/" + scene.id() + "/measure";
        Measure now = scene.measured();
        if (scene.blocks().isEmpty() || now.equals(base)) {
            return scene.measure() == null ? List.of() : List.of(new Operation.Clear(at));
        }
        return scene.measure() == null ? List.of(new Operation.Set(at, DocumentJson.tree(now))) : List.of();
    }

    /** The values that a format fills in, those left out that have no place or do not fit. */
    private static List<Filling> fitting(Scene open, Format format) {
        Set<Filling> unfit = new HashSet<>();
        Filler.blocks(open.blocks(), format.overrides(), misfit -> unfit.add(misfit.filling()));
        Map<String, JsonNode> blocks =
                open.blocks().stream().collect(Collectors.toMap(Block::id, DocumentJson::blockTree));
        return format.overrides().stream()
                .filter(filling -> !unfit.contains(filling) && blocks.containsKey(filling.block()))
                .filter(filling -> {
                    List<String> path = filling.path();
                    JsonNode block = blocks.get(filling.block());
                    JsonNode around = Nodes.at(block, path.subList(0, path.size() - 1));
                    return around.isObject() || !Nodes.at(block, path).isMissingNode();
                })
                .toList();
    }

    private static Map<String, JsonNode> trees(Scene open, Format format) {
        return Filler.blocks(open, format).stream().collect(Collectors.toMap(Block::id, DocumentJson::blockTree));
    }

    private String list(Format format) {
        return "scenes/" + scene + "/formats/" + format.id() + "/overrides";
    }

    /** What a format has to fill in to look as it does when these values become the blocks' own. */
    private List<Operation> kept(Scene open, Format other, List<Filling> own, Map<String, JsonNode> becomes) {
        Map<String, JsonNode> shown = trees(open, other);
        List<Operation> operations = new ArrayList<>();
        for (Filling filling : own) {
            List<Filling> there = other.overrides().stream()
                    .filter(one -> one.block().equals(filling.block()))
                    .toList();
            if (there.stream().anyMatch(one -> FormatValues.begins(filling.path(), one.path()))) {
                continue;
            }
            there.stream()
                    .filter(one -> FormatValues.begins(one.path(), filling.path()))
                    .forEach(one -> operations.add(new Operation.Remove(list(other) + "/" + one.id())));
            JsonNode now = Nodes.at(shown.get(filling.block()), filling.path());
            if (!now.equals(Nodes.at(becomes.get(filling.block()), filling.path()))) {
                operations.add(new Operation.Insert(
                        list(other),
                        Integer.MAX_VALUE,
                        FormatValues.filling(filling.block(), filling.path(), now.isMissingNode() ? Nodes.NONE : now)));
            }
        }
        return operations;
    }
}
