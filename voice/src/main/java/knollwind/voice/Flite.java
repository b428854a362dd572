package knollwind.voice;

import com.sun.jna.Function;
import com.sun.jna.Native;
import com.sun.jna.NativeLibrary;
import com.sun.jna.Pointer;
import java.util.ArrayList;
import java.util.List;
import knollwind.core.speech.SpokenWord;

/** Speech by Debian's flite, built from human recordings of English. Runs native code: to be used in a process of its own. */
final class Flite implements SpeechMaker {
    /** Words a minute at which its voices speak where nothing is asked for. */
    private static final double USUAL = 175;

    private static final NativeLibrary FLITE = NativeLibrary.getInstance("libflite.so.1");

    private static Pointer pointer(String function, Object... arguments) {
        return (Pointer) FLITE.getFunction(function).invoke(Pointer.class, arguments);
    }

    @Override
    public Speech say(String script, String name, double perMinute) {
        FLITE.getFunction("flite_init").invokeInt(new Object[0]);
        Function register =
                NativeLibrary.getInstance("libflite_cmu_us_" + name + ".so.1").getFunction("register_cmu_us_" + name);
        Pointer voice = (Pointer) register.invoke(Pointer.class, new Object[] {null});
        // The features of a voice are its second member.
        FLITE.getFunction("feat_set_float").invokeVoid(new Object[] {
            voice.getPointer(Native.POINTER_SIZE), "duration_stretch", (float) (USUAL / perMinute)
        });
        Pointer speech = pointer("flite_synth_text", script, voice);
        Pointer wave = pointer("utt_wave", speech);
        int rate = wave.getInt(8);
        int count = wave.getInt(12);
        short[] samples = wave.getPointer(24).getShortArray(0, count);
        List<SpokenWord> words = words(script, speech);
        FLITE.getFunction("delete_utterance").invokeVoid(new Object[] {speech});
        return new Speech(samples, rate, words);
    }

    /** The maker's tokens are the script's words between spaces, without the marks around them. */
    private static List<SpokenWord> words(String script, Pointer speech) {
        String[] written = script.strip().split("\\s+");
        int at = 0;
        List<SpokenWord> words = new ArrayList<>();
        Pointer token = pointer("relation_head", pointer("utt_relation", speech, "Token"));
        for (; token != null; token = pointer("item_next", token)) {
            String name = string(token, "name");
            double start = time(token, "daughter1.R:SylStructure.daughter1.daughter1.R:Segment.p.end");
            double end = time(token, "daughtern.R:SylStructure.daughtern.daughtern.R:Segment.end");
            int there = at;
            while (there < written.length && !written[there].contains(name)) {
                there++;
            }
            if (end > start && there < written.length) {
                words.add(new SpokenWord(written[there], start, end, null));
                at = there + 1;
            }
        }
        return words;
    }

    private static String string(Pointer item, String feature) {
        return (String) FLITE.getFunction("flite_ffeature_string").invoke(String.class, new Object[] {item, feature});
    }

    private static double time(Pointer item, String feature) {
        return FLITE.getFunction("flite_ffeature_float").invokeFloat(new Object[] {item, feature});
    }
}
