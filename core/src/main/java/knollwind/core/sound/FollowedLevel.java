package knollwind.core.sound;

import java.util.List;
import knollwind.core.scene.FrameRate;
import knollwind.core.scene.Loudness;
import knollwind.core.scene.Sound;

/**
 * The level that follows how loud sounds are: of each frame the loudest moment of their recordings, from when each recording begins on, so that
 * a cut of it changes nothing behind the cut.
 */
public final class FollowedLevel {
    private FollowedLevel() {}

    /**
     * Of the frames from 0 to before this one, 0 to 1; of several sounds the greatest. What is not there is not heard.
     *
     * @param sounds those that are meant
     * @param frames how many
     */
    public static double[] of(Loudness loudness, List<Sound> sounds, FrameRate rate, int frames, Envelopes envelopes) {
        double[] levels = new double[frames];
        for (Sound sound : sounds) {
            envelopes.of(sound).ifPresent(one -> add(loudness, sound, one, rate, levels));
        }
        return levels;
    }

    private static void add(Loudness loudness, Sound sound, Envelope envelope, FrameRate rate, double[] levels) {
        int begin = (int) Math.floor(sound.frame(0, rate));
        double heardFrom = sound.frame(sound.from(), rate);
        double heardTo = sound.frame(sound.end(), rate);
        double level = 0;
        for (int frame = begin; frame < levels.length; frame++) {
            double loudest = frame >= heardTo
                    ? Envelope.SILENCE
                    : envelope.loudest(loudness.band(), second(sound, frame, rate), second(sound, frame + 1, rate));
            level = toward(level, level(loudest, loudness.floor()), loudness);
            if (frame >= 0 && frame + 1 > heardFrom) {
                levels[frame] = Math.max(levels[frame], level);
            }
        }
    }

    private static double toward(double level, double asked, Loudness loudness) {
        double frames = asked > level ? loudness.rise() : loudness.fall();
        double step = frames == 0 ? 1 : 1 / frames;
        return asked > level ? Math.min(asked, level + step) : Math.max(asked, level - step);
    }

    private static double level(double decibels, double floor) {
        return Math.max(0, Math.min(1, 1 - decibels / floor));
    }

    private static double second(Sound sound, double frame, FrameRate rate) {
        return sound.from() + (frame - sound.start().value()) / rate.perSecond();
    }
}
