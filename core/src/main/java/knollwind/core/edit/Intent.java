package knollwind.core.edit;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;

/** Something a user wants to be done to a document. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = AddScene.class, name = "addScene"),
    @JsonSubTypes.Type(value = DuplicateScene.class, name = "duplicateScene"),
    @JsonSubTypes.Type(value = SplitScene.class, name = "splitScene"),
    @JsonSubTypes.Type(value = JoinScenes.class, name = "joinScenes"),
    @JsonSubTypes.Type(value = AddTake.class, name = "addTake"),
    @JsonSubTypes.Type(value = UseTake.class, name = "useTake"),
    @JsonSubTypes.Type(value = RestoreState.class, name = "restoreState"),
    @JsonSubTypes.Type(value = KeepAsTakes.class, name = "keepAsTakes"),
    @JsonSubTypes.Type(value = SetBySentence.class, name = "setBySentence")
})
public sealed interface Intent
        permits AddScene,
                DuplicateScene,
                SplitScene,
                JoinScenes,
                AddTake,
                UseTake,
                RestoreState,
                KeepAsTakes,
                SetBySentence {
    /**
     * What is to be done to the document.
     *
     * @throws IllegalArgumentException with the reason when it cannot be done
     */
    Outcome on(Draft draft);
}
