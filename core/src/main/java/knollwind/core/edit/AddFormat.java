package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.scene.Format;
import knollwind.core.scene.Scene;

/**
 * A format more. It shows what the base shows until something is changed in it.
 *
 * @param width px, as of a format
 * @param height px, as of a format
 * @param safe as of a format
 * @param everywhere whether all scenes get it, those that have one of its size left out
 */
public record AddFormat(String scene, String name, int width, int height, Format.Safe safe, boolean everywhere)
        implements Intent {
    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        List<Operation> operations = new ArrayList<>();
        for (Scene one : everywhere ? draft.project().scenes() : List.of(open)) {
            boolean there = one.formats().stream().anyMatch(format -> isOfSize(format, width, height));
            if (!there) {
                Ids ids = new Ids(one.formats().stream().map(Format::id).toList());
                Format made = new Format(
                        ids.free("f-" + width + "x" + height), name, width, height, List.of(), null, safe, null);
                operations.add(new Operation.Insert(
                        "scenes/" + one.id() + "/formats", one.formats().size(), DocumentJson.tree(made)));
            }
        }
        if (operations.isEmpty()) {
            throw taken(open, width, height);
        }
        return Outcome.of(operations, "");
    }

    static boolean isOfSize(Format format, int width, int height) {
        return format.width() == width && format.height() == height;
    }

    static IllegalArgumentException taken(Scene scene, int width, int height) {
        String name = scene.formats().stream()
                .filter(format -> isOfSize(format, width, height))
                .map(Format::name)
                .findFirst()
                .orElse("every scene");
        return new IllegalArgumentException("“" + name + "” is " + width + " × " + height + " px already");
    }
}
