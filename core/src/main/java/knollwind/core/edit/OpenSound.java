package knollwind.core.edit;

import java.util.List;
import knollwind.core.scene.Field;
import knollwind.core.scene.Opened;
import knollwind.core.scene.Sound;

/** Opens what a sound plays as a field: another voice for each version. */
public record OpenSound(String scene, String sound) implements Intent {
    @Override
    public Outcome on(Draft draft) {
        Sound open = Sounds.of(draft.scene(scene), sound);
        String name = open.kind() == Sound.Kind.VOICE ? "Voice" : "Music";
        return FieldList.added(
                draft,
                FieldList.made(
                        draft,
                        name,
                        Field.Kind.SOUND,
                        null,
                        null,
                        List.of(),
                        List.of(Opened.of("scenes/" + scene + "/sounds/" + sound))));
    }
}
