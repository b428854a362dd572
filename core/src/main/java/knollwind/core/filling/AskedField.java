package knollwind.core.filling;

import java.util.List;
import knollwind.core.document.FieldKinds;
import knollwind.core.scene.Block;
import knollwind.core.scene.Field;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.TextBlock;
import knollwind.core.wording.Wording;
import tools.jackson.databind.JsonNode;

/**
 * A field as whoever fills it in sees it.
 *
 * @param value what stands there now, as it is said; null for none of what it can be filled with
 * @param problem what is wrong with it, in words; empty for nothing
 * @param scene id of the scene that it is first seen in; empty for none
 * @param block id of the block that it is first seen in; empty for none
 * @param at the places that it opens
 */
public record AskedField(
        String id,
        String name,
        String hint,
        String group,
        Field.Kind kind,
        JsonNode value,
        Double least,
        Double most,
        List<String> options,
        String problem,
        String scene,
        String block,
        List<String> at) {
    private static final int SCENE = 1;
    private static final int BLOCK = 3;

    /** All fields of a project, in their order. */
    public static List<AskedField> of(JsonNode document, Project project) {
        return project.fields().stream()
                .map(field -> of(document, project, field))
                .toList();
    }

    private static AskedField of(JsonNode document, Project project, Field field) {
        JsonNode standing = FieldValues.standing(document, field).orElse(null);
        String problem = problem(document, field, standing);
        boolean fits = standing != null && fits(field, standing);
        List<String> at = field.opens().stream()
                .filter(one -> one.fixed() == null)
                .map(one -> one.at())
                .toList();
        String[] first = (at.isEmpty() ? asking(project, field.id()) : at.get(0)).split("/");
        return new AskedField(
                field.id(),
                field.name(),
                field.hint() == null ? "" : field.hint(),
                field.group() == null ? "" : field.group(),
                field.kind(),
                fits || field.kind() == Field.Kind.TEXT ? standing : null,
                field.least(),
                field.most(),
                field.options(),
                problem,
                first.length > SCENE && first[0].equals("scenes") ? first[SCENE] : "",
                first.length > BLOCK && first[2].equals("blocks") ? first[BLOCK] : "",
                at);
    }

    /** The path of the first words that are built of a field; empty where none are. */
    private static String asking(Project project, String field) {
        for (Scene scene : project.scenes()) {
            for (Block block : scene.blocks()) {
                if (block.asWords()
                        .map(TextBlock::says)
                        .filter(says -> Wording.read(says).fields().contains(field))
                        .isPresent()) {
                    return "scenes/" + scene.id() + "/blocks/" + block.id();
                }
            }
        }
        return "";
    }

    private static boolean fits(Field field, JsonNode value) {
        try {
            FieldKinds.check(field, value);
            return true;
        } catch (IllegalArgumentException other) {
            return false;
        }
    }

    private static String problem(JsonNode document, Field field, JsonNode standing) {
        if (FieldValues.isGone(document, field)) {
            return "What it opened has been taken away.";
        }
        if (standing == null) {
            return "Something else stands there now; what is filled in takes its place.";
        }
        try {
            FieldKinds.check(field, standing);
            return "";
        } catch (IllegalArgumentException e) {
            return field.kind() == Field.Kind.TEXT || field.kind() == Field.Kind.NUMBER
                    ? e.getMessage()
                    : "Something else stands there now; what is filled in takes its place.";
        }
    }
}
