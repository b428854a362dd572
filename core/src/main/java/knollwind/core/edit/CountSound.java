package knollwind.core.edit;

import java.util.List;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.scene.Beats;
import knollwind.core.scene.Check;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Sound;

/**
 * Gives a scene the tempo that was heard in one of its sounds.
 *
 * @param first second of the recording at which a bar begins
 */
public record CountSound(String scene, String sound, double perMinute, double first, int perBar) implements Intent {
    /** Of a frame: nearer than this a beat is not heard. */
    private static final double GRAIN = 100;

    public CountSound {
        Check.range(first, 0, Sound.LONGEST, "the second at which a bar begins");
    }

    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        Sound heard = Sounds.of(open, sound);
        double bar = 60 / perMinute * perBar;
        // The first bar of the part that is heard.
        double second = first + Math.max(0, Math.ceil((heard.from() - first) / bar - 1e-6)) * bar;
        double frame = heard.frame(second, open.rate());
        Beats beats = new Beats(rounded(perMinute), rounded(frame), perBar);
        return Outcome.of(List.of(new Operation.Set("scenes/" + scene + "/beats", DocumentJson.tree(beats))), "");
    }

    private static double rounded(double value) {
        return Math.rint(value * GRAIN) / GRAIN;
    }
}
