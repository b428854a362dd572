package knollwind.core.edit;

import java.util.List;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.scene.Check;
import knollwind.core.scene.WrittenLetter;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * One more stroke of a letter that is written by hand. The first takes the place of what is worked out for the letter.
 *
 * @param family of its face
 * @param character the letter
 * @param stroke its points, x and y in turn, as {@link WrittenLetter} has them
 */
public record AddStroke(String family, String character, List<Double> stroke) implements Intent {
    public AddStroke {
        stroke = Check.list(stroke);
    }

    @Override
    public Outcome on(Draft draft) {
        List<WrittenLetter> letters = draft.project().lettering();
        return letters.stream()
                .filter(one -> one.family().equals(family) && one.character().equals(character))
                .findFirst()
                .map(letter -> Outcome.of(List.of(another(letter)), ""))
                .orElseGet(() -> Outcome.of(List.of(first(letters)), ""));
    }

    private Operation another(WrittenLetter letter) {
        ArrayNode strokes = (ArrayNode) DocumentJson.tree(letter.strokes());
        strokes.add(DocumentJson.tree(stroke));
        return new Operation.Set("lettering/" + letter.id() + "/strokes", strokes);
    }

    private Operation first(List<WrittenLetter> letters) {
        String id = new Ids(letters.stream().map(WrittenLetter::id).toList()).first("w");
        ObjectNode letter = Nodes.object().put("id", id).put("family", family).put("character", character);
        letter.putArray("strokes").add(DocumentJson.tree(stroke));
        return Nodes.append("lettering", letters.size(), letter);
    }
}
