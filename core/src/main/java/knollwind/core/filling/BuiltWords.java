package knollwind.core.filling;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import knollwind.core.document.DocumentJson;
import knollwind.core.scene.Block;
import knollwind.core.scene.Field;
import knollwind.core.scene.Filling;
import knollwind.core.scene.Forms;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.TextBlock;
import knollwind.core.wording.Wording;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;

/**
 * What words come to that are built by steps. Those that stay the same are put in the place of the block's own; of those that change in
 * time the longest stand there, so that boxes, ranks and pace come from them, and the steps stay, with all that they ask for filled in.
 */
public final class BuiltWords {
    /** Frames that are looked at for the longest of words that change: of more, as many spread evenly. */
    private static final int MOST_LOOKS = 2_000;

    /** OpenType: figures of one width. */
    private static final String TABULAR = "tnum";

    private final Scene scene;
    private final Map<String, TextBlock> steps = new LinkedHashMap<>();
    private final Map<String, TextBlock> words = new HashMap<>();
    private final Map<String, TextBlock> built = new HashMap<>();

    private BuiltWords(Scene scene, List<Block> blocks) {
        this.scene = scene;
        blocks.forEach(block -> block.asWords().ifPresent(one -> {
            words.put(one.id(), one);
            if (one.says() != null) {
                steps.put(one.id(), one);
            }
        }));
    }

    /** The project with what fields are filled in with in the place of their names in steps. */
    static Project fielded(Project project) {
        boolean conditional =
                project.scenes().stream().anyMatch(scene -> !scene.conditions().isEmpty());
        if (!conditional
                && project.scenes().stream()
                        .noneMatch(scene -> scene.blocks().stream().anyMatch(BuiltWords::asksForFields))) {
            return project;
        }
        UnaryOperator<String> fields = fields(project);
        Project known = Conditions.fielded(project, fields);
        return known.withScenes(known.scenes().stream()
                .map(scene -> scene.withBlocks(scene.blocks().stream()
                        .map(block ->
                                asksForFields(block) ? fielded(block.asWords().orElseThrow(), fields) : block)
                        .toList()))
                .toList());
    }

    private static boolean asksForFields(Block block) {
        return block.asWords()
                .map(TextBlock::says)
                .filter(says -> !Wording.read(says).fields().isEmpty())
                .isPresent();
    }

    private static Block fielded(TextBlock block, UnaryOperator<String> fields) {
        return block.withSays(Wording.read(block.says())
                .renamed(name -> name.isBlock() ? name.said() : Wording.quote(fields.apply(name.id()))));
    }

    /** What fields are filled in with, as text, by their ids; nothing for one that is gone. */
    public static UnaryOperator<String> fields(Project project) {
        JsonNode document = DocumentJson.tree(project.withTable(null));
        Map<String, String> known = new HashMap<>();
        for (Field field : project.fields()) {
            known.put(
                    field.id(),
                    FieldText.of(FieldValues.standing(document, field).orElse(null)));
        }
        return id -> known.getOrDefault(id, "");
    }

    /** Blocks as a format shows them, those with steps with the words that they come to. */
    static List<Block> of(Scene scene, List<Block> blocks) {
        BuiltWords all = new BuiltWords(scene, blocks);
        return all.steps.isEmpty()
                ? blocks
                : blocks.stream()
                        .map(block ->
                                all.steps.containsKey(block.id()) ? all.built(block.id(), new HashSet<>()) : block)
                        .toList();
    }

    /** @param seen those that wait for this one: a circle gives no words */
    private TextBlock built(String id, Set<String> seen) {
        TextBlock known = built.get(id);
        if (known != null) {
            return known;
        }
        TextBlock block = steps.get(id);
        Wording wording = Wording.read(block.says());
        if (!wording.fields().isEmpty() || !seen.add(id)) {
            return block.withSays(null);
        }
        String plain = wording.renamed(name -> {
            TextBlock other = steps.containsKey(name.id()) ? built(name.id(), seen) : words.get(name.id());
            if (other == null) {
                return Wording.quote("");
            }
            return other.says() == null ? Wording.quote(other.text()) : "(" + other.says() + ")";
        });
        seen.remove(id);
        TextBlock done = said(block, Wording.read(plain), plain);
        built.put(id, done);
        return done;
    }

    private TextBlock said(TextBlock block, Wording wording, String plain) {
        if (!wording.changes()) {
            return with(block, at(wording, 0)).withSays(null);
        }
        String longest = "";
        int step = Math.max(1, scene.length() / MOST_LOOKS);
        for (int frame = 0; frame <= scene.length(); frame += step) {
            String words = at(wording, frame);
            longest = words.length() >= longest.length() ? words : longest;
        }
        Forms forms = block.setting().forms();
        Map<String, Integer> features = new TreeMap<>(forms.features());
        features.putIfAbsent(TABULAR, 1);
        TextBlock widest = with(block, longest);
        return widest.with(one -> one.says(plain)
                .setting(widest.setting().withForms(new Forms(forms.letterCase(), forms.kerning(), features))));
    }

    private String at(Wording wording, double frame) {
        return wording.lastGood(frame, scene.rate(), id -> "", id -> "");
    }

    /** What lies over stretches of the words goes along as with any edit. */
    private static TextBlock with(TextBlock block, String words) {
        return block.text().equals(words)
                ? block
                : (TextBlock) Filler.blocks(
                                List.of(block),
                                List.of(Filling.of(
                                        block.id(), List.of("text"), JsonNodeFactory.instance.stringNode(words))),
                                misfit -> {})
                        .get(0);
    }

    /** What the words of a block come to; of those that change, the longest. */
    public static String words(Project project, Scene scene, String block) {
        Scene plain = fielded(project.withScenes(List.of(scene))).scenes().get(0);
        return of(plain, plain.blocks()).stream()
                .filter(one -> one.id().equals(block))
                .flatMap(one -> one.asWords().stream())
                .map(TextBlock::text)
                .findFirst()
                .orElse("");
    }

    /**
     * The steps of a block as they are shown.
     *
     * @param changes whether its words change as time goes on
     */
    public record Shown(String block, String sentence, List<Wording.Step> steps, boolean changes) {}

    /** Those of all blocks of a scene whose words are built by steps. */
    public static List<Shown> shown(Project project, Scene scene) {
        List<TextBlock> withSteps = scene.blocks().stream()
                .flatMap(block -> block.asWords().stream())
                .filter(block -> block.says() != null)
                .toList();
        if (withSteps.isEmpty()) {
            return List.of();
        }
        UnaryOperator<String> fields = fields(project);
        Project plain = fielded(project);
        Map<String, String> others = new HashMap<>();
        of(scene, plain.scene(scene.id()).blocks())
                .forEach(block -> block.asWords().ifPresent(one -> others.put(one.id(), one.text())));
        UnaryOperator<String> fieldNames = id -> called(project, id).orElse("a field that is gone");
        UnaryOperator<String> blockNames = id -> scene.blocks().stream()
                .filter(block -> block.id().equals(id))
                .map(Block::name)
                .findFirst()
                .orElse("a block that is gone");
        List<Shown> all = new ArrayList<>();
        for (TextBlock block : withSteps) {
            Wording wording = Wording.read(block.says());
            all.add(new Shown(
                    block.id(),
                    wording.shown(fieldNames, blockNames),
                    wording.steps(
                            0,
                            scene.rate(),
                            id -> {
                                called(project, id)
                                        .orElseThrow(() -> new IllegalArgumentException(
                                                "the field that was asked for has been taken away"));
                                return fields.apply(id);
                            },
                            id -> Optional.ofNullable(others.get(id))
                                    .orElseThrow(() ->
                                            new IllegalArgumentException("the block whose words were taken is gone")),
                            fieldNames,
                            blockNames),
                    wording.changes()));
        }
        return all;
    }

    static Optional<String> called(Project project, String field) {
        return project.fields().stream()
                .filter(one -> one.id().equals(field))
                .map(Field::name)
                .findFirst();
    }

    /**
     * Refuses words that are made of themselves.
     *
     * @throws IllegalArgumentException with the way around, by the names of the blocks
     */
    public static void checkCircles(List<Block> blocks) {
        Map<String, TextBlock> all = new LinkedHashMap<>();
        blocks.forEach(
                block -> block.asWords().filter(one -> one.says() != null).ifPresent(one -> all.put(one.id(), one)));
        all.keySet().forEach(id -> follow(id, all, new ArrayList<>()));
    }

    private static void follow(String id, Map<String, TextBlock> all, List<String> way) {
        TextBlock block = all.get(id);
        if (block == null) {
            return;
        }
        if (way.contains(id)) {
            List<String> names = new ArrayList<>(way.subList(way.indexOf(id), way.size()).stream()
                    .map(one -> "\u201c" + all.get(one).name() + "\u201d")
                    .toList());
            names.add("\u201c" + block.name() + "\u201d");
            throw new IllegalArgumentException(
                    "these words would be made of themselves: " + String.join(" of ", names));
        }
        way.add(id);
        Wording.read(block.says()).blocks().forEach(other -> follow(other, all, way));
        way.remove(way.size() - 1);
    }
}
