package knollwind.core.edit;

import java.util.List;
import knollwind.core.document.DocumentJson;
import knollwind.core.scene.Check;
import knollwind.core.scene.Field;

/**
 * Adds a field that opens nothing: words are built of it.
 *
 * @param name what it is called; a number behind it where another is called so
 * @param of words or a number
 */
public record AddField(String name, Field.Kind of) implements Intent {
    public AddField {
        Check.present(of, "the kind of a field");
        if (of != Field.Kind.TEXT && of != Field.Kind.NUMBER) {
            throw new IllegalArgumentException(
                    "words are built of words and numbers; what else is open is opened where it stands");
        }
    }

    @Override
    public Outcome on(Draft draft) {
        Object value = of == Field.Kind.TEXT ? "" : 0;
        return FieldList.added(
                draft,
                new Field(
                        FieldList.id(draft, name),
                        FieldList.free(draft, name),
                        of,
                        DocumentJson.tree(value),
                        null,
                        null,
                        List.of(),
                        null,
                        null,
                        List.of()));
    }
}
