package knollwind.core.caption;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import knollwind.core.speech.SpokenWord;
import knollwind.core.speech.WordLines;

/**
 * What is said, read from a file of any kind that holds it: captions, words with their times, or plain text.
 *
 * @param script as it reads
 * @param words with their times; none where the file has them not of all
 * @param captions those of a file of captions; none of other files
 * @param mended what was wrong with the file and what was made of it
 */
public record ScriptFile(String script, List<SpokenWord> words, List<Caption> captions, List<String> mended) {
    /** Files of captions, by the ending of their names. */
    public static final Map<String, Function<byte[], CaptionFile>> CAPTIONS =
            Map.of("srt", SubRip::read, "vtt", WebVtt::read, "csv", CaptionCsv::read);

    /**
     * @param name of the file; its ending says what it is
     * @throws IllegalArgumentException with the reason when nothing can be read
     */
    public static ScriptFile read(String name, byte[] content) {
        String ending = name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
        if (CAPTIONS.containsKey(ending)) {
            CaptionFile file = CAPTIONS.get(ending).apply(content);
            String script = file.captions().stream()
                    .map(caption -> String.join(" ", caption.lines()))
                    .collect(Collectors.joining("\n"));
            return new ScriptFile(said(script, name), file.words(), file.captions(), file.mended());
        }
        List<SpokenWord> words = words(name, content);
        List<String> mended = new ArrayList<>();
        String script = words.isEmpty()
                ? CaptionText.of(content, mended)
                : words.stream().map(SpokenWord::text).collect(Collectors.joining(" "));
        return new ScriptFile(said(script, name), words, List.of(), List.copyOf(mended));
    }

    /**
     * Words with their times; none for a file of another kind.
     *
     * @throws IllegalArgumentException with the reason when they cannot be read
     */
    public static List<SpokenWord> words(String name, byte[] content) {
        String ending = name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
        return switch (ending) {
            case "textgrid" -> TextGrid.read(content);
            case "jsonl", "ndjson", "json" -> WordLines.read(new String(content, StandardCharsets.UTF_8));
            default -> List.of();
        };
    }

    private static String said(String script, String name) {
        if (script.isBlank()) {
            throw new IllegalArgumentException("there are no words in " + name);
        }
        return script.strip();
    }
}
