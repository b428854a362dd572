package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.scene.Check;
import knollwind.core.scene.Cue;
import knollwind.core.scene.Rational;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Sound;

/**
 * Makes cues of moments of a sound, as far as they are heard in the scene and no cue is there. They are moved with it.
 *
 * @param seconds of the recording
 * @param called what the cues are called before their numbers
 */
public record CueSound(String scene, String sound, List<Double> seconds, String called) implements Intent {
    /** Frames: nearer than this two cues are one. */
    private static final double APART = 1;

    public CueSound {
        seconds = Check.list(seconds);
        Check.text(called, 40, "what the cues are called");
    }

    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        Sound heard = Sounds.of(open, sound);
        List<Double> there = new ArrayList<>(
                open.cues().stream().map(cue -> cue.at().value()).toList());
        Ids ids = new Ids(open.cues().stream().map(Cue::id).collect(Collectors.toSet()));
        List<Operation> operations = new ArrayList<>();
        String list = "scenes/" + scene + "/cues";
        for (double second : seconds) {
            double frame = Math.rint(heard.frame(second, open.rate()));
            boolean played = second >= heard.from() && second < heard.end() && frame >= 0 && frame < open.length();
            if (played && there.stream().noneMatch(other -> Math.abs(other - frame) <= APART)) {
                there.add(frame);
                Cue cue = new Cue(
                        ids.first("cue-"), called + " " + (operations.size() + 1), Rational.of((long) frame), sound);
                operations.add(Nodes.append(list, open.cues().size() + operations.size(), DocumentJson.tree(cue)));
            }
        }
        if (operations.isEmpty()) {
            throw new IllegalArgumentException(
                    "nothing begins in what is heard of “" + heard.name() + "” here that has no cue yet");
        }
        return Outcome.saying(operations, operations.size() == 1 ? "1 cue" : operations.size() + " cues");
    }
}
