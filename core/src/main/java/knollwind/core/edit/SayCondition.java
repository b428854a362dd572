package knollwind.core.edit;

import java.util.List;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.filling.Conditions;
import knollwind.core.scene.Condition;
import knollwind.core.scene.Scene;

/**
 * Says when values of a scene are other: <i>when ‹Platform› is “2”</i>. A new condition has no values yet; what is changed while it is
 * looked at becomes some.
 *
 * @param scene id of the open scene
 * @param condition id of the one that is said anew; null for a new one
 * @param sentence as it is typed; empty to take the condition away, with its values
 */
public record SayCondition(String scene, String condition, String sentence) implements Intent {
    @Override
    public Outcome on(Draft draft) {
        SetBySentence.check(sentence);
        Scene open = draft.scene(scene);
        String list = "scenes/" + scene + "/conditions";
        if (sentence.isBlank()) {
            return Outcome.of(
                    condition == null ? List.of() : List.of(new Operation.Remove(list + "/" + condition)), "");
        }
        String when = Conditions.typed(sentence, SayBySentence.fields(draft.project()), SayBySentence.blocks(open, ""));
        if (condition != null) {
            return Outcome.of(List.of(new Operation.Set(list + "/" + condition + "/when", Nodes.text(when))), "");
        }
        Ids ids = new Ids(open.conditions().stream().map(Condition::id).toList());
        Condition made = new Condition(ids.first("w"), when, List.of());
        return Outcome.of(List.of(Nodes.append(list, open.conditions().size(), DocumentJson.tree(made))), "");
    }
}
