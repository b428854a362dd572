package knollwind.paint;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.MissingResourceException;
import knollwind.core.caption.SubRip;
import knollwind.core.directions.caption.CaptionScript;
import knollwind.core.frame.CaptionTrack;

/**
 * What goes into a video beside its frames.
 *
 * @param sound a file of bare samples as in {@link SoundFile}; null for none
 * @param captions a file for each track, which players show
 */
public record Beside(Path sound, List<Words> captions) implements AutoCloseable {
    /** Nothing. */
    public static final Beside NOTHING = new Beside(null, List.of());

    /**
     * A track of captions in a SubRip file.
     *
     * @param language three letters (ISO 639-2), as videos tell it; "und" where nothing is known
     */
    public record Words(Path file, String name, String language) {}

    public Beside {
        captions = List.copyOf(captions);
    }

    /** The tracks as files beside a video to come. */
    static List<Words> words(List<CaptionTrack> tracks, Path part) throws IOException {
        List<Words> words = new ArrayList<>();
        for (CaptionTrack track : tracks) {
            Path file = part.resolveSibling(part.getFileName() + ".words" + words.size());
            Files.writeString(file, SubRip.write(CaptionScript.written(track)), StandardCharsets.UTF_8);
            words.add(new Words(file, track.name(), threeLetters(track.language())));
        }
        return words;
    }

    private static String threeLetters(String tag) {
        try {
            String three = tag == null ? "" : Locale.forLanguageTag(tag).getISO3Language();
            return three.isEmpty() ? "und" : three;
        } catch (MissingResourceException unknown) {
            return "und";
        }
    }

    /** Takes the files away. */
    @Override
    public void close() throws IOException {
        if (sound != null) {
            Files.deleteIfExists(sound);
        }
        for (Words one : captions) {
            Files.deleteIfExists(one.file());
        }
    }
}
