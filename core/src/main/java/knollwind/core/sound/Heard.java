package knollwind.core.sound;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Sound;

/**
 * A stretch of a recording, as it is heard.
 *
 * @param id of the sound
 * @param sha256 of the recording's file
 * @param at when it begins, seconds of the scene or film, 0 or more
 * @param from where in the recording it begins, seconds
 * @param seconds how long it is heard
 * @param gain factor of its amplitude
 */
public record Heard(String id, String sha256, double at, double from, double seconds, double gain) {
    /**
     * What is heard of a scene's sounds: those that are not muted, and only the ones that are to be heard alone if there are
     * any; cut off where the scene begins and ends.
     */
    public static List<Heard> of(Scene scene) {
        double rate = scene.rate().perSecond();
        double length = scene.length() / rate;
        boolean some = scene.sounds().stream().anyMatch(Sound::alone);
        List<Heard> heard = new ArrayList<>();
        for (Sound sound : scene.sounds()) {
            if (sound.muted() || some && !sound.alone()) {
                continue;
            }
            double start = sound.start().value() / rate;
            double cut = Math.max(0, -start);
            double at = Math.max(0, start);
            double seconds = Math.min(sound.end() - sound.from() - cut, length - at);
            if (seconds > 0) {
                heard.add(new Heard(
                        sound.id(), sound.sha256(), at, sound.from() + cut, seconds, Math.pow(10, sound.level() / 20)));
            }
        }
        return heard;
    }

    /** The same, so much later. */
    public Heard later(double by) {
        return new Heard(id, sha256, at + by, from, seconds, gain);
    }
}
