package knollwind.core.sound;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import knollwind.core.scene.NamedTimes;
import knollwind.core.scene.Sound;
import knollwind.core.scene.VoiceWord;

/** Fades, and giving way to voices, as points of one curve. */
final class GainCurve {
    /** Seconds of silence in a voice in which what is under it does not come up. */
    private static final double BREATH = 0.7;

    private final Sound sound;
    private final double seconds;
    private final List<double[]> spoken;

    /**
     * @param begins seconds of the scene at which the sound begins to be heard
     * @param seconds how long it is heard
     * @param spoken stretches of the scene in which voices speak, in order, not overlapping
     */
    GainCurve(Sound sound, double begins, double seconds, List<double[]> spoken) {
        this.sound = sound;
        this.seconds = seconds;
        this.spoken = sound.under() == null
                ? List.of()
                : spoken.stream()
                        .map(one -> new double[] {one[0] - begins, one[1] - begins})
                        .filter(one -> one[1] + sound.under().over() > 0
                                && one[0] - sound.under().over() < seconds)
                        .toList();
    }

    /** Stretches of a scene in which its voices are heard to speak, in seconds; the whole of one whose words are not known. */
    static List<double[]> spoken(NamedTimes named, List<Heard> heard) {
        List<double[]> all = new ArrayList<>();
        for (Sound sound : named.sounds()) {
            Heard one = heard.stream()
                    .filter(each -> each.id().equals(sound.id()))
                    .findFirst()
                    .orElse(null);
            if (sound.kind() != Sound.Kind.VOICE || one == null) {
                continue;
            }
            List<double[]> words = named.spoken().stream()
                    .filter(each -> each.sound() == sound)
                    .flatMap(each -> each.words().stream())
                    .map(word -> said(one, word))
                    .filter(said -> said[1] > said[0])
                    .toList();
            all.addAll(words.isEmpty() ? List.of(new double[] {one.at(), one.at() + one.seconds()}) : words);
        }
        return joined(all);
    }

    /** In order, with short silences between them filled. */
    static List<double[]> joined(List<double[]> all) {
        all.sort((one, other) -> Double.compare(one[0], other[0]));
        List<double[]> joined = new ArrayList<>();
        for (double[] one : all) {
            double[] last = joined.isEmpty() ? null : joined.get(joined.size() - 1);
            if (last != null && one[0] - last[1] < BREATH) {
                last[1] = Math.max(last[1], one[1]);
            } else {
                joined.add(one.clone());
            }
        }
        return joined;
    }

    private static double[] said(Heard heard, VoiceWord word) {
        double from = Math.max(word.start(), heard.from());
        double to = Math.min(word.end(), heard.from() + heard.seconds());
        return new double[] {heard.at() + from - heard.from(), heard.at() + to - heard.from()};
    }

    /** None where it is as loud all the time. */
    List<Gain> points() {
        if (sound.fadeIn() == null && sound.fadeOut() == null && spoken.isEmpty()) {
            return List.of();
        }
        TreeSet<Double> times = new TreeSet<>(List.of(0.0, seconds));
        if (sound.fadeIn() != null) {
            times.add(Math.min(seconds, sound.fadeIn()));
        }
        if (sound.fadeOut() != null) {
            times.add(Math.max(0, seconds - sound.fadeOut()));
        }
        for (int i = 0; i < spoken.size(); i++) {
            double over = sound.under().over();
            double[] one = spoken.get(i);
            times.addAll(List.of(one[0] - over, one[0], one[1], one[1] + over));
            if (i + 1 < spoken.size()) {
                // Where it comes up and has to go down again.
                times.add((one[1] + spoken.get(i + 1)[0]) / 2);
            }
        }
        return times.stream()
                .filter(time -> time >= 0 && time <= seconds)
                .map(time -> new Gain(time, fade(time) * lowered(time)))
                .toList();
    }

    private double fade(double time) {
        double in = sound.fadeIn() == null ? 1 : time / sound.fadeIn();
        double out = sound.fadeOut() == null ? 1 : (seconds - time) / sound.fadeOut();
        return Math.max(0, Math.min(1, Math.min(in, out)));
    }

    private double lowered(double time) {
        double least = 1;
        for (double[] one : spoken) {
            double away = Math.max(0, Math.max(one[0] - time, time - one[1]))
                    / sound.under().over();
            double factor = sound.under().factor();
            least = Math.min(least, factor + (1 - factor) * Math.min(1, away));
        }
        return least;
    }
}
