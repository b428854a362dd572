package knollwind.core.handwriting;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import knollwind.core.scene.Run;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.WrittenLetter;
import knollwind.core.type.SetGlyph;
import knollwind.core.type.SetText;
import knollwind.core.type.Unit;

/** In what order and direction letters are written: as a project has drawn it, else as is usual. */
public final class Penmanship {
    private static final String RESOURCE = "/knollwind/penmanship.txt";
    /** Holds for all families that say nothing of their own. */
    private static final String ANY = "";

    private record Letter(String family, String character) {}

    private static final Map<Letter, List<List<Double>>> USUAL = usual();

    private final Map<Letter, List<List<Double>>> own = new HashMap<>();

    /** @param drawn of the project */
    public Penmanship(List<WrittenLetter> drawn) {
        drawn.forEach(letter -> own.put(new Letter(letter.family(), letter.character()), letter.strokes()));
    }

    /** The strokes of a letter, as in {@link WrittenLetter}; none where nothing is known of it. */
    List<List<Double>> strokes(String family, String character) {
        Letter letter = new Letter(family, character);
        List<List<Double>> usual = USUAL.get(letter);
        return own.getOrDefault(
                letter, usual != null ? usual : USUAL.getOrDefault(new Letter(ANY, character), List.of()));
    }

    /** The strokes of a block's letters, by the ids of their outlines. */
    public Map<Long, List<List<Double>>> of(TextBlock block, SetText set) {
        Map<Long, List<List<Double>>> strokes = new HashMap<>();
        for (Unit unit : set.characters()) {
            if (unit.glyphs().size() == 1) {
                SetGlyph glyph = unit.glyphs().get(0);
                List<List<Double>> ways = strokes(family(block, unit.from()), unit.text());
                if (!ways.isEmpty()) {
                    strokes.put(glyph.outline().id(), ways);
                }
            }
        }
        return strokes;
    }

    /** The family in which the character at an offset is set. */
    public static String family(TextBlock block, int from) {
        return block.runs().stream()
                .filter(run -> run.from() <= from && run.to() > from && run.face() != null)
                .map(Run::face)
                .findFirst()
                .orElse(block.setting().face())
                .family();
    }

    private static Map<Letter, List<List<Double>>> usual() {
        Map<Letter, List<List<Double>>> all = new HashMap<>();
        try (BufferedReader lines = new BufferedReader(
                new InputStreamReader(Penmanship.class.getResourceAsStream(RESOURCE), StandardCharsets.UTF_8))) {
            String family = ANY;
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                if (line.startsWith("[")) {
                    family = line.substring(1, line.indexOf(']'));
                } else if (!line.isBlank() && !line.startsWith("# ")) {
                    int cut = line.indexOf(' ');
                    all.put(new Letter(family, line.substring(0, cut)), strokes(line.substring(cut)));
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return all;
    }

    private static List<List<Double>> strokes(String line) {
        List<List<Double>> strokes = new ArrayList<>();
        for (String stroke : line.split("\\|")) {
            List<Double> points = new ArrayList<>();
            for (String value : stroke.strip().split("[ ,]+")) {
                points.add(Double.valueOf(value));
            }
            strokes.add(List.copyOf(points));
        }
        return List.copyOf(strokes);
    }
}
