package knollwind.core.type;

import java.util.ArrayList;
import java.util.List;
import java.util.NavigableSet;
import java.util.function.BiFunction;
import knollwind.core.scene.Breaking;

/** Breaks paragraphs into lines at the opportunities of UAX #14, by the widths of each paragraph shaped whole. */
final class LineBreaker {
    /**
     * A line's text [from, to) without its trailing spaces.
     *
     * @param last whether it ends its paragraph
     */
    record Broken(int from, int to, boolean last) {}

    /** px that rounding may leave over. */
    private static final double SLACK = 0.01;

    /** Halvings of the column: the narrowest is found to a 65,000th of it, below a px of the widest frame. */
    private static final int STEPS = 16;

    private final TextToSet copy;
    private final double extra;
    private final double atSpaces;
    private final double hyphen;
    private final BiFunction<Integer, Integer, LineShaper.ShapedLine> shaper;

    /**
     * @param scale how much larger than its size the type is set
     * @param hyphen px that a hyphen at the end of a line takes
     * @param shaper shapes [from, to) of the text at that scale
     */
    LineBreaker(
            TextToSet copy, double scale, double hyphen, BiFunction<Integer, Integer, LineShaper.ShapedLine> shaper) {
        this.copy = copy;
        this.extra = copy.tracking() / 1000 * copy.size() * scale;
        this.atSpaces = copy.wordSpacing() / 1000 * copy.size() * scale;
        this.hyphen = hyphen;
        this.shaper = shaper;
    }

    List<Broken> lines() {
        List<Broken> lines = new ArrayList<>();
        int start = 0;
        for (String paragraph : copy.text().split("\n", -1)) {
            int end = start + paragraph.length();
            if (copy.breaking() == Breaking.STACKED) {
                stack(paragraph, start, lines);
            } else if (Double.isNaN(copy.column()) || paragraph.isEmpty()) {
                lines.add(new Broken(start, trimmed(copy.text(), start, end), true));
            } else {
                fill(paragraph, start, lines);
            }
            start = end + 1;
        }
        return lines;
    }

    private void stack(String paragraph, int from, List<Broken> lines) {
        List<Segmenter.Stretch> words = Segmenter.words(paragraph, copy.language());
        for (int i = 0; i < words.size(); i++) {
            lines.add(new Broken(from + words.get(i).from(), from + words.get(i).to(), i == words.size() - 1));
        }
        if (words.isEmpty()) {
            lines.add(new Broken(from, from, true));
        }
    }

    private void fill(String paragraph, int from, List<Broken> lines) {
        double[] widthAt = widths(paragraph, from);
        double column = copy.column();
        if (copy.breaking() == Breaking.BALANCED) {
            column = balanced(paragraph, widthAt);
        }
        for (Broken line : filled(paragraph, widthAt, column)) {
            lines.add(new Broken(from + line.from(), from + line.to(), line.last()));
        }
    }

    /** The narrowest column that needs no more lines than the whole one. */
    private double balanced(String paragraph, double[] widthAt) {
        int most = filled(paragraph, widthAt, copy.column()).size();
        double low = 0;
        double high = copy.column();
        for (int i = 0; i < STEPS; i++) {
            double middle = (low + high) / 2;
            List<Broken> tried = filled(paragraph, widthAt, middle);
            boolean holds = tried.stream().allMatch(line -> width(widthAt, line) <= middle + SLACK);
            if (holds && tried.size() <= most) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return high;
    }

    private double width(double[] widthAt, Broken line) {
        return widthAt[line.to()] - widthAt[line.from()] - extra;
    }

    /** Advances up to each offset of the paragraph, tracking included. */
    private double[] widths(String paragraph, int from) {
        LineShaper.ShapedLine whole = shaper.apply(from, from + paragraph.length());
        NavigableSet<Integer> graphemes = Typesetter.graphemes(paragraph, copy.language());
        double[] widthAt = new double[paragraph.length() + 1];
        for (ShapedGlyph glyph : whole.glyphs()) {
            widthAt[glyph.cluster() + 1] += glyph.advance();
            if (Segmenter.isSpace(paragraph, glyph.cluster())) {
                widthAt[glyph.cluster() + 1] += atSpaces;
            }
        }
        whole.starts().stream()
                .filter(cluster ->
                        graphemes.contains(cluster) && !Joining.hangsTogether(paragraph.codePointAt(cluster)))
                .forEach(cluster -> widthAt[cluster + 1] += extra);
        for (int i = 1; i < widthAt.length; i++) {
            widthAt[i] += widthAt[i - 1];
        }
        return widthAt;
    }

    /** Breaks greedily at the last opportunity that fits; a longer word overflows its line. */
    private List<Broken> filled(String paragraph, double[] widthAt, double column) {
        List<Broken> lines = new ArrayList<>();
        int start = 0;
        int candidate = -1;
        for (int opportunity : Segmenter.boundaries(paragraph, Segmenter.By.LINE, copy.language())) {
            if (opportunity == 0) {
                continue;
            }
            int end = trimmed(paragraph, start, opportunity);
            double hyphened = opportunity < paragraph.length() && isSoftHyphen(paragraph, end - 1) ? hyphen : 0;
            if (widthAt[end] - widthAt[start] - extra + hyphened > column + SLACK && candidate > start) {
                lines.add(new Broken(start, trimmed(paragraph, start, candidate), false));
                start = candidate;
            }
            candidate = opportunity;
        }
        lines.add(new Broken(start, trimmed(paragraph, start, paragraph.length()), true));
        return lines;
    }

    /** True for the mark at which a word may be broken, and then shows a hyphen (UAX #14, BA). */
    static boolean isSoftHyphen(String text, int at) {
        return at >= 0 && text.charAt(at) == '\u00ad';
    }

    /** The end of the stretch without its trailing spaces. */
    private static int trimmed(String text, int from, int to) {
        int end = to;
        while (end > from && Segmenter.isSpace(text, end - 1)) {
            end--;
        }
        return end;
    }
}
