package knollwind.voice;

import edu.cmu.sphinx.frontend.Data;
import edu.cmu.sphinx.frontend.DataEndSignal;
import edu.cmu.sphinx.frontend.DoubleData;
import edu.cmu.sphinx.frontend.FloatData;
import edu.cmu.sphinx.frontend.FrontEnd;
import edu.cmu.sphinx.frontend.util.StreamDataSource;
import edu.cmu.sphinx.linguist.acoustic.HMM;
import edu.cmu.sphinx.linguist.acoustic.HMMPosition;
import edu.cmu.sphinx.linguist.acoustic.LeftRightContext;
import edu.cmu.sphinx.linguist.acoustic.Unit;
import edu.cmu.sphinx.linguist.acoustic.UnitManager;
import edu.cmu.sphinx.linguist.acoustic.tiedstate.Senone;
import edu.cmu.sphinx.linguist.acoustic.tiedstate.SenoneHMM;
import edu.cmu.sphinx.linguist.acoustic.tiedstate.Sphinx3Loader;
import edu.cmu.sphinx.linguist.acoustic.tiedstate.TiedStateAcousticModel;
import edu.cmu.sphinx.linguist.dictionary.Pronunciation;
import edu.cmu.sphinx.linguist.dictionary.TextDictionary;
import edu.cmu.sphinx.linguist.dictionary.Word;
import edu.cmu.sphinx.util.LogMath;
import edu.cmu.sphinx.util.props.ConfigurationManager;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.lang.ref.SoftReference;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.logging.Level;
import java.util.logging.Logger;
import java.util.stream.Stream;
import knollwind.core.speech.StateRow;
import knollwind.core.speech.Stopped;

/** An acoustic model of English with its dictionary. It takes seconds to load and 100 MB; its methods are used one at a time. */
final class SpeechModel {
    private static final Logger THEIRS = Logger.getLogger("edu.cmu.sphinx");

    private final ConfigurationManager parts;
    private final UnitManager units;
    private final TiedStateAcousticModel model;
    private final TextDictionary dictionary;
    private final Densities densities;
    private final int[] plain;
    private final double toNatural = Math.log(LogMath.getLogMath().getLogBase());

    private SpeechModel() throws IOException {
        THEIRS.setLevel(Level.OFF);
        parts = new ConfigurationManager(SpeechModel.class.getResource("listener.xml"));
        units = parts.lookup("unitManager");
        model = parts.lookup("model");
        model.allocate();
        dictionary = parts.lookup("dictionary");
        dictionary.allocate();
        Sphinx3Loader loader = parts.lookup("loader");
        densities = new Densities(loader);
        List<Integer> own = new ArrayList<>();
        for (Iterator<Unit> all = model.getContextIndependentUnitIterator(); all.hasNext(); ) {
            Unit unit = all.next();
            if (!unit.isFiller()) {
                for (int state : row(unit, HMMPosition.UNDEFINED).states()) {
                    own.add(state);
                }
            }
        }
        plain = own.stream().mapToInt(Integer::intValue).toArray();
    }

    /** Held while it is used; let go when memory is short. */
    private static SoftReference<SpeechModel> known = new SoftReference<>(null);

    static synchronized SpeechModel get() {
        SpeechModel there = known.get();
        if (there == null) {
            try {
                there = new SpeechModel();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
            known = new SoftReference<>(there);
        }
        return there;
    }

    /** @param samples 16,000 a second, 16 bits, signed, little-endian, one channel */
    HeardSound hear(InputStream samples) {
        return new HeardSound(
                features(samples).stream().map(FloatData::getValues).toList(), densities, plain);
    }

    /** How likely states are for the frames of a sound, as it is counted here and by the library itself. */
    void compare(InputStream samples, List<Double> ours, List<Double> theirs) {
        for (FloatData frame : features(samples)) {
            Stopped.check();
            densities.hear(frame.getValues());
            for (int state : plain) {
                ours.add((double) densities.score(state));
                theirs.add(model.getSenone(state).getScore(frame) * toNatural);
            }
        }
    }

    private List<FloatData> features(InputStream samples) {
        StreamDataSource source = parts.lookup("source");
        source.setInputStream(samples);
        FrontEnd ear = parts.lookup("ear");
        List<FloatData> frames = new ArrayList<>();
        for (Data data = ear.getData(); data != null && !(data instanceof DataEndSignal); data = ear.getData()) {
            Stopped.check();
            if (data instanceof FloatData || data instanceof DoubleData) {
                frames.add(FloatData.toFloatData(data));
            }
        }
        return frames;
    }

    /** The sounds of a word in small letters, in each way it is said; empty for one that the dictionary does not have. */
    List<String[]> sounds(String word) {
        Word known = dictionary.getWord(word);
        return known == null
                ? List.of()
                : Arrays.stream(known.getPronunciations())
                        .map(Pronunciation::getUnits)
                        .filter(units -> units.length > 0)
                        .map(units -> Stream.of(units).map(Unit::getName).toArray(String[]::new))
                        .toList();
    }

    StateRow silence() {
        return row(UnitManager.SILENCE, HMMPosition.UNDEFINED);
    }

    /**
     * The states of sounds that follow one another.
     *
     * @param before the sound before them; null for silence
     * @param after the sound after them; null for silence
     */
    StateRow row(String[] sounds, String before, String after) {
        List<StateRow> rows = new ArrayList<>();
        for (int i = 0; i < sounds.length; i++) {
            Unit left = unit(i > 0 ? sounds[i - 1] : before);
            Unit right = unit(i < sounds.length - 1 ? sounds[i + 1] : after);
            Unit unit = units.getUnit(sounds[i], false, LeftRightContext.get(new Unit[] {left}, new Unit[] {right}));
            HMMPosition position = sounds.length == 1
                    ? HMMPosition.SINGLE
                    : i == 0 ? HMMPosition.BEGIN : i == sounds.length - 1 ? HMMPosition.END : HMMPosition.INTERNAL;
            rows.add(row(unit, position));
        }
        int length = rows.stream().mapToInt(row -> row.states().length).sum();
        int[] all = new int[length];
        float[] stay = new float[length];
        float[] on = new float[length];
        int at = 0;
        for (StateRow row : rows) {
            int own = row.states().length;
            System.arraycopy(row.states(), 0, all, at, own);
            System.arraycopy(row.stay(), 0, stay, at, own);
            System.arraycopy(row.on(), 0, on, at, own);
            at += own;
        }
        return new StateRow(all, stay, on);
    }

    private Unit unit(String sound) {
        return sound == null ? UnitManager.SILENCE : units.getUnit(sound);
    }

    private StateRow row(Unit unit, HMMPosition position) {
        HMM hmm = model.lookupNearestHMM(unit, position, false);
        SenoneHMM tied = (SenoneHMM) hmm;
        Senone[] own = tied.getSenoneSequence().getSenones();
        int[] ids = new int[own.length];
        float[] stay = new float[own.length];
        float[] on = new float[own.length];
        for (int i = 0; i < own.length; i++) {
            ids[i] = (int) own[i].getID();
            stay[i] = (float) (tied.getTransitionProbability(i, i) * toNatural);
            on[i] = (float) (tied.getTransitionProbability(i, i + 1) * toNatural);
        }
        return new StateRow(ids, stay, on);
    }
}
