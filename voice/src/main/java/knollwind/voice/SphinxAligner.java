package knollwind.voice;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import knollwind.core.sound.Beginnings;
import knollwind.core.sound.Recording;
import knollwind.core.sound.SpeechSamples;
import knollwind.core.speech.Acoustics;
import knollwind.core.speech.Aligned;
import knollwind.core.speech.Aligner;
import knollwind.core.speech.Aligning;
import knollwind.core.speech.AlignmentSearch;
import knollwind.core.speech.LetterSounds;
import knollwind.core.speech.Script;
import knollwind.core.speech.StateRow;

/** Aligns English with an acoustic model that ships with the application; words that its dictionary lacks by their letters. */
public final class SphinxAligner implements Aligner {
    /** Ways in which a word of several parts may be said, at most. */
    private static final int WAYS = 8;

    @Override
    public Aligned align(Recording recording, long length, Script script) throws IOException {
        SpeechModel model = SpeechModel.get();
        synchronized (model) {
            List<String> derived = new ArrayList<>();
            List<List<String[]>> ways = new ArrayList<>();
            for (Script.Word word : script.words()) {
                ways.add(ways(model, word, derived));
            }
            HeardSound sound = model.hear(new SpeechSamples(recording, length));
            if (sound.frames() < 10) {
                throw new IllegalArgumentException("the recording is too short to be listened to");
            }
            List<List<StateRow>> rows = new ArrayList<>();
            for (int i = 0; i < ways.size(); i++) {
                boolean pausesBefore = i == 0 || script.words().get(i - 1).pauses();
                boolean pausesAfter =
                        i == ways.size() - 1 || script.words().get(i).pauses();
                String[] last = pausesBefore ? null : ways.get(i - 1).get(0);
                String[] next = pausesAfter ? null : ways.get(i + 1).get(0);
                rows.add(ways.get(i).stream()
                        .map(way -> model.row(
                                way, last == null ? null : last[last.length - 1], next == null ? null : next[0]))
                        .toList());
            }
            AlignmentSearch.Result found =
                    spoken(AlignmentSearch.find(rows, model.silence(), sound), Beginnings.speech(recording, length));
            if (found.words().stream().noneMatch(AlignmentSearch.Found::said)) {
                throw new IllegalArgumentException(
                        "none of the script's words are heard in this recording; look whether it is the script of another one");
            }
            int[] counts = ways.stream().mapToInt(way -> way.get(0).length).toArray();
            return Aligning.of(script, found, counts, derived, sound.frames() * Acoustics.FRAME);
        }
    }

    /** Without stretches in which nobody speaks: a bell or an echo is not in the script either. */
    private static AlignmentSearch.Result spoken(AlignmentSearch.Result found, List<Beginnings.Phrase> speech) {
        return new AlignmentSearch.Result(
                found.words(),
                found.others().stream()
                        .filter(other -> {
                            double from = other.from() * Acoustics.FRAME;
                            double to = other.to() * Acoustics.FRAME;
                            double said = speech.stream()
                                    .mapToDouble(one -> Math.min(one.to(), to) - Math.max(one.from(), from))
                                    .filter(both -> both > 0)
                                    .sum();
                            return said > (to - from) / 2;
                        })
                        .toList());
    }

    /** The sounds of a word in each way it may be said. */
    private static List<String[]> ways(SpeechModel model, Script.Word word, List<String> derived) {
        List<String[]> ways = new ArrayList<>();
        ways.add(new String[0]);
        for (String part : word.said()) {
            List<String[]> known = model.sounds(part);
            if (known.isEmpty()) {
                known = List.<String[]>of(LetterSounds.of(part));
                derived.add(word.text().replaceAll("^[^\\p{L}\\p{N}]+|[^\\p{L}\\p{N}]+$", ""));
            }
            List<String[]> longer = new ArrayList<>();
            for (String[] way : ways) {
                for (String[] more : known) {
                    if (longer.size() < WAYS) {
                        String[] both = Arrays.copyOf(way, way.length + more.length);
                        System.arraycopy(more, 0, both, way.length, more.length);
                        longer.add(both);
                    }
                }
            }
            ways = longer;
        }
        return ways;
    }
}
