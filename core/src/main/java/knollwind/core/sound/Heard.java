package knollwind.core.sound;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import knollwind.core.scene.NamedTimes;
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
 * @param gains what that is multiplied by in time, in order; none where it is as loud all the time
 */
public record Heard(String id, String sha256, double at, double from, double seconds, double gain, List<Gain> gains) {
    /** As loud all the time. */
    public Heard(String id, String sha256, double at, double from, double seconds, double gain) {
        this(id, sha256, at, from, seconds, gain, List.of());
    }

    public Heard {
        gains = List.copyOf(gains);
    }

    /**
     * What is heard of a scene's sounds: those that are not muted, and only the ones that are to be heard alone if there are
     * any; cut off where the scene begins and ends, fading as they are told to, lower while voices speak.
     *
     * @param named the sounds of the scene, and what is spoken in them
     */
    public static List<Heard> of(Scene scene, NamedTimes named) {
        List<Heard> plain = plain(scene, named.sounds());
        boolean under = named.sounds().stream().anyMatch(sound -> sound.under() != null);
        List<double[]> spoken = under ? GainCurve.spoken(named, plain) : List.of();
        List<Heard> heard = new ArrayList<>();
        for (Heard one : plain) {
            Sound sound = named.sounds().stream()
                    .filter(each -> each.id().equals(one.id()))
                    .findFirst()
                    .orElseThrow();
            List<Gain> gains = new GainCurve(sound, one.at(), one.seconds(), spoken).points();
            heard.add(new Heard(one.id, one.sha256, one.at, one.from, one.seconds, one.gain, gains));
        }
        return heard;
    }

    static List<Heard> plain(Scene scene, List<Sound> sounds) {
        double rate = scene.rate().perSecond();
        double length = scene.length() / rate;
        boolean some = sounds.stream().anyMatch(Sound::alone);
        List<Heard> heard = new ArrayList<>();
        for (Sound sound : sounds) {
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

    /** How loud it is so many seconds after it began. */
    double gain(double second) {
        if (gains.isEmpty()) {
            return gain;
        }
        int next = 0;
        while (next < gains.size() && gains.get(next).second() <= second) {
            next++;
        }
        if (next == 0 || next == gains.size()) {
            return gain * gains.get(next == 0 ? 0 : next - 1).factor();
        }
        Gain one = gains.get(next - 1);
        Gain other = gains.get(next);
        double part = (second - one.second()) / (other.second() - one.second());
        return gain * (one.factor() + part * (other.factor() - one.factor()));
    }

    /** What of it is heard between two seconds; nothing where none is. */
    public Optional<Heard> within(double first, double last) {
        double cut = Math.max(0, first - at);
        double left = Math.min(last - Math.max(first, at), seconds - cut);
        if (left <= 0) {
            return Optional.empty();
        }
        List<Gain> shifted = gains.stream()
                .map(one -> new Gain(one.second() - cut, one.factor()))
                .toList();
        return Optional.of(new Heard(id, sha256, Math.max(first, at), from + cut, left, gain, shifted));
    }

    /** The same as a sound of what stands in a block. */
    public Heard shownBy(String block) {
        return new Heard(block + "." + id, sha256, at, from, seconds, gain, gains);
    }

    /** The same, so much later. */
    public Heard later(double by) {
        return new Heard(id, sha256, at + by, from, seconds, gain, gains);
    }
}
