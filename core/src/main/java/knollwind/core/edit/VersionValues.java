package knollwind.core.edit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.document.Patch;
import knollwind.core.filling.FieldValues;
import knollwind.core.filling.Filler;
import knollwind.core.filling.Versions;
import knollwind.core.scene.Block;
import knollwind.core.scene.Correction;
import knollwind.core.scene.Field;
import knollwind.core.scene.Filling;
import knollwind.core.scene.Opened;
import knollwind.core.scene.Row;
import knollwind.core.scene.Scene;
import tools.jackson.databind.JsonNode;

/**
 * What is wished while a version is looked at. Pinned, it becomes what the version's cells say, where those are open, or a correction of
 * the version, or of one of its formats, and what stands in the project stays. Otherwise it is done to the project, but for words that are
 * the version's own.
 */
final class VersionValues {
    private static final String TEXT = "text";

    /** Stretches of words: counted in words, and so of whoever has these. */
    private static final Set<String> STRETCHES = Set.of("runs", "placed");

    /** What is everybody's, and may be changed beside a version as well. */
    private static final Set<String> EVERYBODYS = Set.of("name", "locked");

    private final Draft draft;
    private final Wish wish;
    private final Looking looking;
    private final Row row;
    private final Versions.Version seen;

    private VersionValues(Draft draft, Wish wish) {
        this.draft = draft;
        this.wish = wish;
        this.looking = wish.looking();
        this.row = TableRows.row(draft, looking.row());
        // Thousands of rows need not be read to show one.
        JsonNode bare = new Patch(List.of(new Operation.Clear("table")))
                .apply(draft.tree())
                .document();
        this.seen = Versions.of(bare, draft.project().withTable(null), row, DocumentJson::read);
    }

    static Outcome of(Draft draft, Wish wish) {
        return new VersionValues(draft, wish).outcome();
    }

    private Outcome outcome() {
        if (wish.intent() instanceof FillField fill) {
            return new SetCells(List.of(new SetCells.Cell(row.id(), fill.field(), null, fill.value()))).on(draft);
        }
        if (wish.intent() instanceof CallByWords) {
            // Blocks are not called by the words of one version.
            return Outcome.of(List.of(), "");
        }
        boolean ownWords = wish.intent() instanceof SetValues values
                && values.operations().stream().anyMatch(this::isOfOwnWords);
        return looking.pinned() || ownWords ? pinned(ownWords) : inProject();
    }

    /** Whether it changes words that are not those of the project. */
    private boolean isOfOwnWords(Operation operation) {
        return BlockPath.of(operation.at())
                .filter(path ->
                        path.inside().size() == 1 && path.inside().get(0).equals(TEXT))
                .filter(this::hasOwnWords)
                .isPresent();
    }

    private boolean hasOwnWords(BlockPath path) {
        return !words(draft.tree(), path).equals(words(seen.document(), path));
    }

    private static JsonNode words(JsonNode document, BlockPath path) {
        return Nodes.at(document, List.of("scenes", path.scene(), "blocks", path.block(), TEXT));
    }

    private Outcome inProject() {
        Outcome made = new Wish(wish.intent(), looking.inProject(looking.everywhere())).on(draft);
        for (Operation operation : made.operations()) {
            BlockPath.of(operation.at())
                    .filter(path -> !path.inside().isEmpty()
                            && STRETCHES.contains(path.inside().get(0)))
                    .filter(this::hasOwnWords)
                    .ifPresent(path -> {
                        throw new IllegalArgumentException(
                                "these words are this version's own; let changes be meant for this version");
                    });
        }
        return made;
    }

    /** @param inAll whether it is meant for all formats of the version, however the user looks at it */
    private Outcome pinned(boolean inAll) {
        Draft shown = new Draft(
                seen.document(), seen.project(), draft.typesetter(), draft.scores(), draft.past(), draft.templates());
        Outcome made = new Wish(wish.intent(), looking.inProject(true)).on(shown);
        JsonNode after = new Patch(made.operations()).apply(seen.document()).document();
        if (!made.operations().isEmpty()) {
            // What makes no document is refused now; a correction would be passed over.
            DocumentJson.read(after);
        }
        List<Operation> all = new ArrayList<>();
        Set<String> filled = new HashSet<>();
        for (Field field : draft.project().fields()) {
            if (inAll || looking.everywhere() || field.kind() == Field.Kind.TEXT) {
                cell(field, made.operations(), after).ifPresent(cell -> {
                    all.add(cell);
                    field.opens().stream().map(Opened::at).forEach(filled::add);
                });
            }
        }
        JsonNode tree = seen.document();
        for (Operation operation : made.operations()) {
            JsonNode before = tree;
            tree = new Patch(List.of(operation)).apply(tree).document();
            if (filled.stream().anyMatch(at -> isAtOrIn(operation.at(), at))) {
                continue;
            }
            BlockPath path = BlockPath.of(operation.at())
                    .filter(one -> !one.inside().isEmpty())
                    .orElseThrow(VersionValues::ofAll);
            if (EVERYBODYS.contains(path.inside().get(0))) {
                all.add(operation);
                continue;
            }
            boolean words = path.inside().get(0).equals(TEXT)
                    || STRETCHES.contains(path.inside().get(0));
            String format =
                    inAll || words || looking.everywhere() || !path.scene().equals(looking.scene())
                            ? null
                            : format(path.scene());
            all.addAll(corrected(all, before, path.scene(), format, whole(operation, path, before, tree)));
        }
        return new Outcome(all, made.scene(), made.block(), made.said());
    }

    private static IllegalArgumentException ofAll() {
        return new IllegalArgumentException(
                "this is one for all versions; let changes be meant for all versions to change it");
    }

    private String format(String scene) {
        return looking.format().isEmpty()
                ? seen.project().scene(scene).formats().get(0).id()
                : looking.format();
    }

    private static boolean isAtOrIn(String path, String start) {
        return path.equals(start) || path.startsWith(start + "/");
    }

    /** What a field's cell says from now on, where what it opens was changed. */
    private Optional<Operation> cell(Field field, List<Operation> made, JsonNode after) {
        boolean touched = field.opens().stream()
                .anyMatch(opened -> made.stream().anyMatch(one -> isAtOrIn(one.at(), opened.at())));
        if (!touched) {
            return Optional.empty();
        }
        Optional<JsonNode> said = FieldValues.standing(after, field);
        if (said.isEmpty() || said.equals(FieldValues.standing(seen.document(), field))) {
            return Optional.empty();
        }
        // What does not fit is said now: in the picture nothing would be seen of it.
        FieldValues.operations(seen.document(), field, said.get());
        return TableRows.cell(row, field, said.get());
    }

    /** Words are corrected as a whole, with the stretches of them that were corrected before. */
    private List<Operation> whole(Operation operation, BlockPath path, JsonNode before, JsonNode after) {
        if (!(operation instanceof Operation.Splice)) {
            return List.of(operation);
        }
        List<Operation> all = new ArrayList<>();
        all.add(new Operation.Set(operation.at(), words(after, path)));
        for (String stretch : STRETCHES) {
            List<String> at = List.of("scenes", path.scene(), "blocks", path.block(), stretch);
            JsonNode moved = Nodes.at(after, at);
            boolean corrected = row.own().stream()
                    .filter(own -> own.scene().equals(path.scene()) && own.format() == null)
                    .flatMap(own -> own.values().stream())
                    .anyMatch(one ->
                            one.block().equals(path.block()) && one.path().equals(List.of(stretch)));
            if (corrected && !moved.equals(Nodes.at(before, at))) {
                all.add(new Operation.Set(String.join("/", at), moved));
            }
        }
        return all;
    }

    /**
     * Changes as corrections.
     *
     * @param sofar what has been done to the table before
     * @param document as the version shows it
     * @param format null for all formats of the version
     */
    private List<Operation> corrected(
            List<Operation> sofar, JsonNode document, String scene, String format, List<Operation> changes) {
        List<Operation> all = new ArrayList<>();
        JsonNode table = new Patch(sofar).apply(draft.tree()).document();
        String rows = TableRows.PATH + "/" + row.id() + "/own";
        String id = Correction.idOf(scene, format);
        List<String> own = List.of(rows.split("/"));
        if (Nodes.find(Nodes.at(table, own), id).isEmpty()) {
            JsonNode empty = DocumentJson.tree(new Correction(id, scene, format, List.of()));
            all.add(Nodes.append(rows, Nodes.at(table, own).size(), empty));
            table = new Patch(all).apply(table).document();
        }
        // Values are looked for in the table as it is now, blocks in the document as the version shows it.
        JsonNode both = new Patch(List.of(new Operation.Set("table", table.path("table"))))
                .apply(document)
                .document();
        all.addAll(FormatValues.routed(both, scene, new Layer(rows + "/" + id + "/values", format), changes));
        return all;
    }

    /** What a version has of its own, in all its formats or in one. */
    private record Layer(String list, String format) implements FormatValues.Layer {
        @Override
        public boolean takes(JsonNode scene, BlockPath path) {
            return true;
        }

        @Override
        public List<Block> shown(JsonNode document, Scene scene) {
            List<Block> blocks = format == null ? scene.blocks() : Filler.blocks(scene, scene.format(format));
            List<Filling> values = Nodes.at(document, List.of(list.split("/")))
                    .valueStream()
                    .map(value -> DocumentJson.read(value, Filling.class))
                    .toList();
            return Filler.blocks(blocks, values, misfit -> {});
        }
    }
}
