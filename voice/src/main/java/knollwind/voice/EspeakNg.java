package knollwind.voice;

import com.sun.jna.Callback;
import com.sun.jna.NativeLibrary;
import com.sun.jna.NativeLong;
import com.sun.jna.Pointer;
import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import knollwind.core.speech.SpokenWord;

/** Speech by Debian's espeak-ng, made of formants, in many languages. Runs native code: to be used in a process of its own. */
final class EspeakNg implements SpeechMaker {
    private static final NativeLibrary ESPEAK = NativeLibrary.getInstance("libespeak-ng.so.1");

    /** Samples are handed over while they are made. */
    private static final int RETRIEVAL = 1;

    private static final int PHONEMES_TOO = 1;
    private static final int UTF_8 = 1;
    private static final int RATE = 1;
    private static final int WORD = 1;
    private static final int PHONEME = 7;

    /** An event, in bytes. */
    private static final int EVENT = 40;

    /** What is handed over. */
    interface Heard extends Callback {
        int heard(Pointer samples, int count, Pointer events);
    }

    private final ByteArrayOutputStream samples = new ByteArrayOutputStream();
    private final List<Integer> positions = new ArrayList<>();
    private final List<Double> starts = new ArrayList<>();
    private final List<Double> pauses = new ArrayList<>();

    @Override
    public Speech say(String script, String voice, double perMinute) {
        int rate = call("espeak_Initialize", RETRIEVAL, 200, null, PHONEMES_TOO);
        Heard heard = this::heard;
        ESPEAK.getFunction("espeak_SetSynthCallback").invokeVoid(new Object[] {heard});
        call("espeak_SetVoiceByName", voice);
        call("espeak_SetParameter", RATE, (int) Math.round(perMinute), 0);
        byte[] text = script.getBytes(StandardCharsets.UTF_8);
        byte[] ended = Arrays.copyOf(text, text.length + 1);
        call("espeak_Synth", ended, new NativeLong(ended.length), 0, 1, 0, UTF_8, null, null);
        call("espeak_Synchronize");
        ByteBuffer bytes = ByteBuffer.wrap(samples.toByteArray()).order(ByteOrder.LITTLE_ENDIAN);
        short[] all = new short[bytes.remaining() / 2];
        bytes.asShortBuffer().get(all);
        return new Speech(all, rate, words(script, (double) all.length / rate));
    }

    private static int call(String function, Object... arguments) {
        return ESPEAK.getFunction(function).invokeInt(arguments);
    }

    private int heard(Pointer wave, int count, Pointer events) {
        if (wave != null && count > 0) {
            samples.writeBytes(wave.getByteArray(0, 2 * count));
        }
        for (int at = 0; events != null && events.getInt(at) != 0; at += EVENT) {
            double second = events.getInt(at + 16) / 1000.0;
            if (events.getInt(at) == WORD) {
                positions.add(events.getInt(at + 8));
                starts.add(second);
            } else if (events.getInt(at) == PHONEME) {
                String name = new String(events.getByteArray(at + 32, 8), StandardCharsets.UTF_8).split("\0", 2)[0];
                if (name.startsWith("_") || name.isEmpty()) {
                    pauses.add(second);
                }
            }
        }
        return 0;
    }

    /** Words between spaces; what is said of one in several goes together. A word ends where the next begins, or a pause. */
    private List<SpokenWord> words(String script, double end) {
        List<SpokenWord> words = new ArrayList<>();
        int from = 0;
        for (String written : script.split("(?<=\\s)")) {
            int to = from + written.codePointCount(0, written.length());
            double start = Double.NaN;
            double until = end;
            for (int i = 0; i < positions.size(); i++) {
                int position = positions.get(i) - 1;
                if (position >= from && position < to && Double.isNaN(start)) {
                    start = starts.get(i);
                }
                if (position >= to) {
                    until = starts.get(i);
                    break;
                }
            }
            for (double pause : pauses) {
                if (pause > start + 0.02 && pause < until) {
                    until = pause;
                    break;
                }
            }
            if (until > start) {
                words.add(new SpokenWord(written.strip(), start, until, null));
            }
            from = to;
        }
        return words;
    }
}
