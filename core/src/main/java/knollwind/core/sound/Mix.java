package knollwind.core.sound;

import java.io.IOException;
import java.util.List;
import java.util.function.Function;

/** All that is heard at once, added up; what is louder than can be kept is cut off at the loudest value. */
public final class Mix {
    /** The largest sample of 16 bits; what is louder is cut off. */
    private static final float LOUDEST = 32_767;

    private final List<Heard> heard;
    private final Function<String, Recording> recordings;

    /** @param recordings by the SHA-256 of their files; null for those that are not there, which are silent */
    public Mix(List<Heard> heard, Function<String, Recording> recordings) {
        this.heard = List.copyOf(heard);
        this.recordings = recordings;
    }

    /**
     * Sample frames from this one on.
     *
     * @param frames how many, of two values each
     */
    public short[] read(long first, int frames) throws IOException {
        float[] sum = new float[frames * Recording.CHANNELS];
        for (Heard one : heard) {
            long begin = sample(one.at());
            long from = Math.max(first, begin);
            long to = Math.min(first + frames, begin + sample(one.seconds()));
            Recording recording = to > from ? recordings.apply(one.sha256()) : null;
            if (recording == null) {
                continue;
            }
            int count = (int) (to - from);
            short[] own = new short[count * Recording.CHANNELS];
            recording.read(sample(one.from()) + from - begin, own, count);
            int offset = (int) (from - first) * Recording.CHANNELS;
            boolean even = one.gains().isEmpty();
            for (int i = 0; i < count; i++) {
                double gain = even ? one.gain() : one.gain((double) (from - begin + i) / Recording.RATE);
                for (int channel = 0; channel < Recording.CHANNELS; channel++) {
                    int at = i * Recording.CHANNELS + channel;
                    sum[offset + at] += (float) (own[at] * gain);
                }
            }
        }
        short[] mixed = new short[sum.length];
        for (int i = 0; i < sum.length; i++) {
            mixed[i] = (short) Math.round(Math.max(-LOUDEST - 1, Math.min(LOUDEST, sum[i])));
        }
        return mixed;
    }

    /** Whether nothing is heard at all. */
    public boolean isSilent() {
        return heard.isEmpty();
    }

    private static long sample(double seconds) {
        return Math.round(seconds * Recording.RATE);
    }
}
