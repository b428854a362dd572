package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.document.Patch;
import knollwind.core.filling.CaptionCopies;
import knollwind.core.filling.Filler;
import knollwind.core.scene.Block;
import knollwind.core.scene.Filling;
import knollwind.core.scene.Scene;
import tools.jackson.databind.JsonNode;

/**
 * Changes of blocks that are meant for one format, or for one caption: they become values that it fills in, and the blocks stay as they
 * are. The words and what belongs to them are not among these.
 */
final class FormatValues {
    /** What every format shares. */
    private static final Set<String> SHARED = Set.of("id", "kind", "text", "runs", "placed", "name");

    /** Behind all values that are there. */
    private static final int LAST = 1_000_000;

    private FormatValues() {}

    /** Who fills in values, and where it keeps them. */
    interface Layer {
        /** Path of the list of filled values. */
        String list();

        /** Whether it is there, and fills in this value of a block. */
        boolean takes(JsonNode scene, BlockPath path);

        /** The blocks as it shows them, of a scene of the document. */
        List<Block> shown(JsonNode document, Scene scene);
    }

    private static boolean isShared(BlockPath path) {
        return SHARED.contains(path.inside().get(0));
    }

    /** The changes as they are to be made while a format is looked at; in the base format as they are. */
    static List<Operation> routed(Draft draft, String scene, String format, List<Operation> operations) {
        JsonNode before = Nodes.byId(draft.tree().path("scenes"), scene);
        if (format.isEmpty() || Nodes.id(before.path("formats").path(0)).equals(format)) {
            return operations;
        }
        return routed(
                draft.tree(),
                scene,
                new Layer() {
                    @Override
                    public String list() {
                        return "scenes/" + scene + "/formats/" + format + "/overrides";
                    }

                    @Override
                    public boolean takes(JsonNode node, BlockPath path) {
                        return !isShared(path)
                                && Nodes.find(node.path("formats"), format).isPresent();
                    }

                    @Override
                    public List<Block> shown(JsonNode document, Scene read) {
                        return Filler.blocks(read, read.format(format));
                    }
                },
                operations);
    }

    /** The changes as they are to be made when they are meant for one caption alone; what is not its design's is left as it is. */
    static List<Operation> ofCaption(Draft draft, String scene, String caption, List<Operation> operations) {
        Scene open = draft.scene(scene);
        if (open.captions() == null
                || open.captions().lines().stream().noneMatch(line -> line.id().equals(caption))) {
            return operations;
        }
        return routed(
                draft.tree(),
                scene,
                new Layer() {
                    @Override
                    public String list() {
                        return CaptionRows.path(scene) + "/lines/" + caption + "/own";
                    }

                    @Override
                    public boolean takes(JsonNode node, BlockPath path) {
                        return !isShared(path)
                                && CaptionCopies.designs(open.captions(), open.blocks())
                                        .contains(path.block());
                    }

                    @Override
                    public List<Block> shown(JsonNode document, Scene read) {
                        return Filler.blocks(
                                read.blocks(),
                                CaptionRows.line(read.captions(), caption).own(),
                                misfit -> {});
                    }
                },
                operations);
    }

    /** The changes as they are to be made when they are meant to hold under a condition alone, in all formats. */
    static List<Operation> ofCondition(Draft draft, String scene, String condition, List<Operation> operations) {
        String path = "scenes/" + scene + "/conditions/" + condition;
        return routed(
                draft.tree(),
                scene,
                new Layer() {
                    @Override
                    public String list() {
                        return path + "/values";
                    }

                    @Override
                    public boolean takes(JsonNode node, BlockPath at) {
                        return !isShared(at)
                                && Nodes.find(node.path("conditions"), condition)
                                        .isPresent();
                    }

                    @Override
                    public List<Block> shown(JsonNode document, Scene read) {
                        return Filler.blocks(
                                read.blocks(),
                                read.conditions().stream()
                                        .filter(one -> one.id().equals(condition))
                                        .flatMap(one -> one.values().stream())
                                        .toList(),
                                misfit -> {});
                    }
                },
                operations);
    }

    /** Changes of blocks of a scene as values of a layer; those that it does not take stay as they are. */
    static List<Operation> routed(JsonNode before, String scene, Layer layer, List<Operation> operations) {
        JsonNode tree = before;
        List<Operation> all = new ArrayList<>();
        for (Operation operation : operations) {
            // Each is made before the next is looked at: an element that was added can be changed.
            List<Operation> turned = new Route(tree, scene, layer).turn(operation);
            tree = new Patch(turned).apply(tree).document();
            all.addAll(turned);
        }
        return all;
    }

    /** What a format fills in for a value of a block; what takes it away is null. */
    static JsonNode filling(String block, List<String> path, JsonNode value) {
        return DocumentJson.tree(Filling.of(block, path, value));
    }

    /** Whether a path is, or lies inside, another. */
    static boolean begins(List<String> path, List<String> start) {
        return path.size() >= start.size() && path.subList(0, start.size()).equals(start);
    }

    private record Route(JsonNode tree, String scene, Layer layer) {
        private JsonNode sceneNode() {
            return Nodes.byId(tree.path("scenes"), scene);
        }

        private String list() {
            return layer.list();
        }

        List<Operation> turn(Operation operation) {
            BlockPath path = BlockPath.of(operation.at()).orElse(null);
            boolean own = path == null
                    || !path.scene().equals(scene)
                    || path.inside().isEmpty()
                    || !layer.takes(sceneNode(), path);
            return own ? List.of(operation) : operation.match(new Turning(this, path));
        }

        /** The values that are filled in for a block. */
        private List<JsonNode> values(String block) {
            return Nodes.at(tree, List.of(list().split("/")))
                    .valueStream()
                    .filter(value -> value.path("block").asString("").equals(block))
                    .toList();
        }

        private boolean missing() {
            return Nodes.at(tree, List.of(list().split("/"))).isMissingNode();
        }

        /** A value of a block, as it is shown. */
        private JsonNode shown(String block, List<String> target) {
            return layer.shown(tree, DocumentJson.read(sceneNode(), Scene.class)).stream()
                    .filter(one -> one.id().equals(block))
                    .findFirst()
                    .map(one -> Nodes.at(DocumentJson.blockTree(one), target))
                    .orElseThrow(() -> new IllegalArgumentException("the scene has no block '" + block + "'"));
        }
    }

    private record Turning(Route route, BlockPath path) implements Operation.Cases<List<Operation>> {
        private static List<String> steps(JsonNode value) {
            return value.path("path")
                    .valueStream()
                    .map(step -> step.asString(""))
                    .toList();
        }

        /** One value, set or taken away. */
        private List<Operation> value(Operation operation, JsonNode value) {
            List<String> target = path.inside();
            for (JsonNode around : route.values(path.block())) {
                if (begins(target, steps(around))) {
                    List<String> inside = target.subList(steps(around).size(), target.size());
                    return List.of(
                            inside.isEmpty()
                                    ? new Operation.Set(at(around, List.of()), value)
                                    : operation.to(at(around, inside)));
                }
            }
            List<Operation> all = new ArrayList<>(swallowed(target));
            all.add(insert(target, value));
            return all;
        }

        /** A list that gains, loses or moves an element is filled in as a whole. */
        private List<Operation> whole(Operation operation, List<String> target) {
            List<String> rest =
                    path.inside().subList(target.size(), path.inside().size());
            for (JsonNode around : route.values(path.block())) {
                if (begins(target, steps(around))) {
                    return List.of(operation.to(at(
                            around,
                            path.inside()
                                    .subList(steps(around).size(), path.inside().size()))));
                }
            }
            List<Operation> all = new ArrayList<>(swallowed(target));
            all.add(insert(target, route.shown(path.block(), target)));
            String value = route.list() + "/" + Filling.idOf(path.block(), target) + "/value";
            all.add(operation.to(rest.isEmpty() ? value : value + "/" + String.join("/", rest)));
            return all;
        }

        private String at(JsonNode around, List<String> inside) {
            String value = route.list() + "/" + Nodes.id(around) + "/value";
            return inside.isEmpty() ? value : value + "/" + String.join("/", inside);
        }

        /** What a larger value takes in goes. */
        private List<Operation> swallowed(List<String> target) {
            return route.values(path.block()).stream()
                    .filter(value -> begins(steps(value), target))
                    .<Operation>map(value -> new Operation.Remove(route.list() + "/" + Nodes.id(value)))
                    .toList();
        }

        private Operation insert(List<String> target, JsonNode value) {
            JsonNode filling = filling(path.block(), target, value);
            return route.missing()
                    ? Nodes.append(route.list(), 0, filling)
                    // Stretches of words are counted in the words that stand before them.
                    : new Operation.Insert(route.list(), target.equals(List.of("text")) ? 0 : LAST, filling);
        }

        private List<String> above() {
            return path.inside().subList(0, path.inside().size() - 1);
        }

        @Override
        public List<Operation> set(Operation.Set set) {
            return value(set, set.value());
        }

        @Override
        public List<Operation> clear(Operation.Clear clear) {
            return value(clear, Nodes.NONE);
        }

        @Override
        public List<Operation> insert(Operation.Insert insert) {
            return whole(insert, path.inside());
        }

        @Override
        public List<Operation> remove(Operation.Remove remove) {
            return whole(remove, above());
        }

        @Override
        public List<Operation> reorder(Operation.Reorder reorder) {
            return whole(reorder, above());
        }

        @Override
        public List<Operation> splice(Operation.Splice splice) {
            return List.of(splice);
        }
    }
}
