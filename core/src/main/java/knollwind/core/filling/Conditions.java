package knollwind.core.filling;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import knollwind.core.scene.Block;
import knollwind.core.scene.Condition;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.TextBlock;
import knollwind.core.wording.Wording;

/**
 * What holds of the conditions of a scene: their values are laid over those of the blocks, beneath what its formats have of their own.
 * What a condition asks for is looked at once, at the start; of words that change in time the longest.
 */
public final class Conditions {
    /** What makes words of a condition: some while it holds, none while it does not. */
    private static final String THEN = " then \u201c1\u201d else \u201c\u201d";

    /** Holds always. */
    private static final String ALWAYS = "when \u201c1\u201d is \u201c1\u201d";

    private Conditions() {}

    /**
     * The condition that a sentence says, read as words that are built by steps.
     *
     * @throws knollwind.core.directions.grammar.DirectionException with the place where it cannot be read
     */
    public static Wording read(String when) {
        return Wording.read(when + THEN);
    }

    /**
     * A sentence as it is typed, with ids for names.
     *
     * @param fields the id of a field by its name
     * @param blocks the id of a block by its name; both throw where there is none
     */
    public static String typed(String sentence, UnaryOperator<String> fields, UnaryOperator<String> blocks) {
        return without(Wording.typed(sentence.strip() + THEN, fields, blocks));
    }

    /** A sentence as it is shown, by the names of fields and blocks. */
    public static String shown(Condition condition, UnaryOperator<String> fields, UnaryOperator<String> blocks) {
        return without(read(condition.when()).shown(fields, blocks));
    }

    private static String without(String sentence) {
        return sentence.substring(0, sentence.length() - THEN.length());
    }

    /** The blocks of a scene, with the values of all conditions that hold. */
    static List<Block> filled(Scene scene) {
        if (scene.conditions().isEmpty()) {
            return scene.blocks();
        }
        UnaryOperator<String> words = words(scene);
        List<Block> blocks = scene.blocks();
        for (Condition condition : scene.conditions()) {
            if (holds(scene, condition, words)) {
                blocks = Filler.blocks(blocks, condition.values(), misfit -> {});
            }
        }
        return blocks;
    }

    private static UnaryOperator<String> words(Scene scene) {
        Map<String, String> words = new HashMap<>();
        BuiltWords.of(scene, scene.blocks())
                .forEach(block -> words.put(
                        block.id(), block.asWords().map(TextBlock::text).orElse("")));
        return id -> words.getOrDefault(id, "");
    }

    private static boolean holds(Scene scene, Condition condition, UnaryOperator<String> words) {
        Wording wording = read(condition.when());
        // What fields are filled in with stands in the sentence by now; without them nothing is known.
        return wording.fields().isEmpty()
                && !wording.lastGood(0, scene.rate(), id -> "", words).isEmpty();
    }

    /** The project with what fields are filled in with in the place of their names in conditions. */
    static Project fielded(Project project, UnaryOperator<String> fields) {
        return project.withScenes(project.scenes().stream()
                .map(scene -> scene.conditions().isEmpty()
                        ? scene
                        : scene.withConditions(scene.conditions().stream()
                                .map(one -> one.saying(without(read(one.when())
                                        .renamed(name -> name.isBlock()
                                                ? name.said()
                                                : Wording.quote(fields.apply(name.id()))))))
                                .toList()))
                .toList());
    }

    /** A project in which one condition of a scene holds, as it is shown while it is changed. */
    public static Project held(Project project, String scene, String condition) {
        return project.withScenes(project.scenes().stream()
                .map(one -> one.id().equals(scene)
                        ? one.withConditions(one.conditions().stream()
                                .map(each -> each.id().equals(condition) ? each.saying(ALWAYS) : each)
                                .toList())
                        : one)
                .toList());
    }

    /**
     * A condition as it is shown.
     *
     * @param sentence by the names of fields and blocks
     * @param holds whether it does now
     * @param values how many there are
     */
    public record ToldCondition(String id, String sentence, boolean holds, int values) {}

    /** Those of a scene. */
    public static List<ToldCondition> shown(Project project, Scene scene) {
        if (scene.conditions().isEmpty()) {
            return List.of();
        }
        Scene plain = Filler.plain(project).scene(scene.id());
        UnaryOperator<String> words = words(plain);
        UnaryOperator<String> fields = id -> BuiltWords.called(project, id).orElse("a field that is gone");
        UnaryOperator<String> blocks = id -> scene.blocks().stream()
                .filter(block -> block.id().equals(id))
                .map(Block::name)
                .findFirst()
                .orElse("a block that is gone");
        return scene.conditions().stream()
                .map(one -> new ToldCondition(
                        one.id(),
                        shown(one, fields, blocks),
                        plain.conditions().stream()
                                .filter(other -> other.id().equals(one.id()))
                                .anyMatch(other -> holds(plain, other, words)),
                        one.values().size()))
                .toList();
    }

    /** The scene with the values of its conditions in its blocks, as controls read them. */
    public static Scene seen(Project plain, Scene scene) {
        return scene.withBlocks(filled(plain.scene(scene.id())));
    }
}
