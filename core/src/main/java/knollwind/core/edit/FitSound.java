package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.scene.Check;
import knollwind.core.scene.Cue;
import knollwind.core.scene.Rational;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Sound;
import tools.jackson.databind.node.StringNode;

/**
 * Lets a sound leave out a part of its recording, or go over a part again, by a second sound that goes on where the first breaks off; one
 * fades into the other. Cues of what comes after go along; those of what is left out are moments of no sound any more.
 *
 * @param leave second of the recording at which it breaks off
 * @param enter second at which it goes on
 */
public record FitSound(String scene, String sound, double leave, double enter) implements Intent {
    /** Seconds over which one part fades into the other, half of it on either side. */
    private static final double ACROSS = 0.06;

    public FitSound {
        Check.range(leave, 0, Sound.LONGEST, "where a sound breaks off");
        Check.range(enter, 0, Sound.LONGEST, "where a sound goes on");
    }

    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        Sound whole = Sounds.of(open, sound);
        double half = ACROSS / 2;
        if (leave <= whole.from() + ACROSS
                || enter <= ACROSS
                || leave + half > whole.seconds()
                || enter >= whole.end() - ACROSS) {
            throw new IllegalArgumentException("a sound is cut inside the part of it that is heard");
        }
        double rate = open.rate().perSecond();
        Rational start = Rational.near(whole.frame(leave - half, open.rate()));
        String id = new Ids(open.sounds().stream().map(Sound::id).toList()).free(whole.id());
        Sound first = whole.withTo(leave + half).withFadeOut(ACROSS);
        Sound second =
                whole.with(part -> part.id(id).start(start).from(enter - half).fadeIn(ACROSS));
        String at = "scenes/" + scene + "/sounds";
        List<Operation> operations = new ArrayList<>();
        operations.add(new Operation.Set(at + "/" + whole.id(), DocumentJson.tree(first)));
        operations.add(new Operation.Insert(at, open.sounds().indexOf(whole) + 1, DocumentJson.tree(second)));
        for (Cue cue : open.cues()) {
            double said = whole.from() + (cue.at().value() - whole.start().value()) / rate;
            if (whole.id().equals(cue.sound()) && said >= Math.min(leave, enter)) {
                operations.addAll(moved(cue, said, second, id, open));
            }
        }
        double left = open.length() / rate - second.frame(second.end(), open.rate()) / rate;
        return Outcome.saying(operations, said(left));
    }

    private List<Operation> moved(Cue cue, double second, Sound after, String id, Scene open) {
        String at = "scenes/" + scene + "/cues/" + cue.id();
        if (second >= leave && second < enter) {
            return List.of(new Operation.Clear(at + "/sound"));
        }
        if (second < enter || second < leave) {
            return List.of();
        }
        Rational frame = Rational.of(Math.round(after.frame(second, open.rate())));
        return List.of(
                new Operation.Set(at + "/at", DocumentJson.tree(frame)),
                new Operation.Set(at + "/sound", new StringNode(id)));
    }

    private String said(double left) {
        String done = leave < enter
                ? String.format(Locale.ROOT, "%.1f s are left out from %.1f s on", enter - leave, leave)
                : String.format(Locale.ROOT, "%.1f s are gone over again from %.1f s on", leave - enter, enter);
        String end = Math.abs(left) < 0.05
                ? "; it ends with the picture."
                : String.format(
                        Locale.ROOT, "; it ends %.1f s %s the picture.", Math.abs(left), left > 0 ? "before" : "after");
        return done + end;
    }
}
