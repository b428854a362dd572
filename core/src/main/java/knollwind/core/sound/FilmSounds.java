package knollwind.core.sound;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import knollwind.core.scene.NamedTimes;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Sound;

/** What is heard of the sounds that run on under a whole film: each once, from where its own scene has it to its end. */
public final class FilmSounds {
    private FilmSounds() {}

    /**
     * A scene of a film.
     *
     * @param named its sounds, and what is spoken in them
     * @param begins second of the film
     */
    public record Part(Scene scene, NamedTimes named, double begins) {}

    /** Ids of those of a scene's sounds that run on, or have run on into it. */
    public static Set<String> onward(NamedTimes named) {
        return named.sounds().stream()
                .filter(sound -> sound.onward() != null)
                .map(Sound::id)
                .collect(Collectors.toSet());
    }

    /** @param seconds of the film */
    public static List<Heard> of(List<Part> parts, double seconds) {
        List<Heard> heard = new ArrayList<>();
        for (Part part : parts) {
            boolean some = part.scene().sounds().stream().anyMatch(Sound::alone);
            for (Sound sound : part.scene().sounds()) {
                if (sound.onward() != null && !sound.muted() && (sound.alone() || !some)) {
                    of(sound, part, parts, seconds, heard);
                }
            }
        }
        return heard;
    }

    private static void of(Sound sound, Part part, List<Part> parts, double seconds, List<Heard> heard) {
        double start = part.begins() + part.scene().rate().seconds(sound.start().value());
        double at = Math.max(part.begins(), start);
        double from = sound.from() + at - start;
        double length = Math.min(sound.end() - from, seconds - at);
        if (length <= 0) {
            return;
        }
        Heard plain = new Heard(
                part.scene().id() + "." + sound.id(),
                sound.sha256(),
                at,
                from,
                length,
                Math.pow(10, sound.level() / 20));
        List<double[]> spoken = sound.under() == null ? List.of() : spoken(parts);
        List<Gain> gains = new GainCurve(sound, at, length, spoken).points();
        heard.add(new Heard(plain.id(), plain.sha256(), at, from, length, plain.gain(), gains));
    }

    /** Seconds of the film in which voices speak. */
    private static List<double[]> spoken(List<Part> parts) {
        List<double[]> all = new ArrayList<>();
        for (Part part : parts) {
            for (double[] one : GainCurve.spoken(
                    part.named(), Heard.plain(part.scene(), part.named().sounds()))) {
                all.add(new double[] {one[0] + part.begins(), one[1] + part.begins()});
            }
        }
        return GainCurve.joined(all);
    }
}
