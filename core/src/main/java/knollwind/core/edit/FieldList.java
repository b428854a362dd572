package knollwind.core.edit;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import knollwind.core.document.DocumentJson;
import knollwind.core.scene.Field;
import knollwind.core.scene.Opened;

/** The fields of a project, and how they become more. */
final class FieldList {
    static final String PATH = "fields";

    private static final int LONGEST_NAME = 60;

    private FieldList() {}

    /** What a field is called: the block, and what of it is open. */
    static String name(String about, String label) {
        String name = about == null || about.isBlank()
                ? label
                : about + " " + label.substring(0, 1).toLowerCase(Locale.ROOT) + label.substring(1);
        return name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME) : name;
    }

    /** The name, or with the first number that makes it free: columns of tables are told apart by it. */
    static String free(Draft draft, String name) {
        return free(names(draft), name);
    }

    /** What the fields are called. */
    static Set<String> names(Draft draft) {
        return draft.project().fields().stream().map(Field::name).collect(Collectors.toCollection(HashSet::new));
    }

    /** The name, or with the first number that makes it free; it is taken from now on. */
    static String free(Set<String> taken, String name) {
        String free = name;
        for (int number = 2; !taken.add(free); number++) {
            free = name + " " + number;
        }
        return free;
    }

    static String id(Draft draft, String name) {
        Ids ids = new Ids(draft.project().fields().stream().map(Field::id).toList());
        return ids.ofName(name);
    }

    /** One under a name and an id that are free, whose value is what stands at the places that it opens. */
    static Field made(
            Draft draft,
            String name,
            Field.Kind kind,
            Double least,
            Double most,
            List<String> options,
            List<Opened> opens) {
        return new Field(id(draft, name), free(draft, name), kind, null, least, most, options, null, null, opens);
    }

    /**
     * The project with one more.
     *
     * @throws IllegalArgumentException when a place that it opens is open already
     */
    static Outcome added(Draft draft, Field field) {
        Set<String> wanted = field.opens().stream()
                .filter(one -> one.fixed() == null)
                .map(Opened::at)
                .collect(Collectors.toSet());
        for (Field there : draft.project().fields()) {
            if (there.opens().stream().anyMatch(one -> one.fixed() == null && wanted.contains(one.at()))) {
                throw new IllegalArgumentException(
                        "this is open already, as the field \u201c" + there.name() + "\u201d");
            }
        }
        return Outcome.saying(
                List.of(Nodes.append(PATH, draft.project().fields().size(), DocumentJson.tree(field))),
                "open as the field \u201c" + field.name() + "\u201d");
    }
}
