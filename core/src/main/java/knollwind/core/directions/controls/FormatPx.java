package knollwind.core.directions.controls;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Say;
import knollwind.core.scene.FrameFit;

/**
 * Sentences in the px of the format that is looked at. Documents keep lengths in the px of the scene's measure, and so all sentences are
 * printed and read; here they are turned into what a ruler in the picture would tell, and back.
 *
 * @param fit how the frame that the scene is measured in lies inside the format
 */
public record FormatPx(FrameFit fit) {
    /** Of a format that the scene is measured in itself. */
    public static final FormatPx PLAIN = scaled(1);

    /** Of a px that is kept: far finer than is seen, and short enough to be printed. */
    private static final double GRAIN = 0.01;

    private static final Pattern PLACE = Pattern.compile("/place/([xy])/value$");

    /**
     * Names in quotation marks are no lengths; a block that makes room is shifted, not placed; how far a crawl goes in a frame is
     * told in px of the format already.
     */
    private static final Pattern LENGTH = Pattern.compile("\u201c[^\u201d]*\u201d"
            + "|(?<shift>makes room by -?[\\d.,]+ ?px across,? ?-?[\\d.,]+ ?px down)"
            + "|(?<![\\w.#])(?<number>-?\\d+(?:[.,]\\d+)?)"
            + "(?=(?: (?:or|to) [\\d.]+)? ?(?:px|pixels?)\\b(?! a frame\\b)(?<axis> across\\b| down\\b)?)");

    /** How the only options end that tell px; others may be names. */
    private static final String SPEED = " px/s";

    private static final Pattern PX = Pattern.compile("-?\\d+(?:[.,]\\d+)?(?= ?px)");

    /**
     * For what has no place in the frame.
     *
     * @param scale px of the format for one that is kept
     */
    public static FormatPx scaled(double scale) {
        return new FormatPx(new FrameFit(scale, 0, 0, 0, 0));
    }

    /** Whether a px is a px. */
    public boolean plain() {
        return fit.scale() == 1 && fit.left() == 0 && fit.top() == 0;
    }

    /** A sentence as it is seen in the format. */
    public Sentence seen(Sentence sentence) {
        if (plain() || sentence == null) {
            return sentence;
        }
        return new Sentence(
                sentence.path(), sentence.segments().stream().map(this::seen).toList(), seen(sentence.more()));
    }

    private Segment seen(Segment segment) {
        double edge = segment.part() == null ? 0 : edge(segment.part());
        Look look = segment.look();
        return new Segment(
                seen(segment.text(), edge),
                seen(segment.part()),
                look == null || look.words() == null
                        ? look
                        : new Look(seen(look.words(), edge), look.stops(), look.curve()));
    }

    private Part seen(Part part) {
        return part == null
                ? null
                : new Part(part.name(), part.controls().stream().map(this::seen).toList(), seen(part.note(), 0));
    }

    /** A control whose number, if it is one of px, is one of px of the format. */
    public Control seen(Control control) {
        if (plain()) {
            return control;
        }
        if (control instanceof Control.Number number && unit(number).startsWith("px")) {
            double edge = edge(number);
            return new Control.Number(
                    number.label(),
                    shown(number.value(), edge),
                    number.suffix(),
                    shown(number.least(), edge),
                    shown(number.most(), edge),
                    number.step(),
                    number.derived(),
                    number.edits().stream()
                            .map(edit -> edit.value() != null ? edit : kept(edit, edge))
                            .toList(),
                    number.units());
        }
        if (control instanceof Control.Choice choice) {
            return new Control.Choice(
                    choice.label(),
                    choice.options().stream()
                            .map(one -> one.label().endsWith(SPEED)
                                    ? new Control.Option(seen(one.label(), 0), one.selected(), one.operations())
                                    : one)
                            .toList());
        }
        if (control instanceof Control.Keys keys && keys.suffix().equals("px")) {
            return new Control.Keys(
                    keys.label(),
                    keys.suffix(),
                    keys.shown() * fit.scale(),
                    keys.least() * fit.scale(),
                    keys.most() * fit.scale(),
                    keys.keys(),
                    keys.easings(),
                    keys.samples().stream().map(value -> value * fit.scale()).toList(),
                    keys.at());
        }
        return control;
    }

    private static String unit(Control.Number number) {
        return number.units().stream()
                .filter(Control.Option::selected)
                .map(Control.Option::label)
                .findFirst()
                .orElse(number.suffix());
    }

    private Edit kept(Edit edit, double edge) {
        double factor = edit.factor() / fit.scale();
        return new Edit(edit.at(), null, factor, edit.offset() - edge * factor, GRAIN);
    }

    private double edge(Part part) {
        return part.controls().stream()
                .filter(Control.Number.class::isInstance)
                .mapToDouble(control -> edge((Control.Number) control))
                .filter(edge -> edge != 0)
                .findFirst()
                .orElse(0);
    }

    /** What is added to a number that is a place in the frame; lengths begin nowhere. */
    private double edge(Control.Number number) {
        Matcher place = PLACE.matcher(
                number.edits().isEmpty() ? "" : number.edits().get(0).at());
        return !place.find() || !unit(number).equals("px") ? 0 : place.group(1).equals("x") ? fit.left() : fit.top();
    }

    /** A text as it is printed, as it is seen in the format. */
    public String seen(String printed) {
        return plain() ? printed : seen(printed, Double.NaN);
    }

    /** @param edge of all its numbers; NaN where each has its own */
    private String seen(String printed, double edge) {
        StringBuilder out = new StringBuilder();
        int from = 0;
        for (Token token : tokens(printed)) {
            out.append(printed, from, token.start())
                    .append(Say.number(shown(token.value(), Double.isNaN(edge) ? token.edge() : edge)));
            from = token.end();
        }
        return out.append(printed, from, printed.length()).toString();
    }

    /**
     * Reads a sentence that was typed in px of the format. Numbers that are typed as they were seen mean exactly what was kept.
     *
     * @param printed the sentence as it was, in kept px; empty where there was none
     * @param reader reads it in kept px
     * @throws DirectionException with the place in the sentence as it was typed
     */
    public <T> T read(String typed, String printed, Function<String, T> reader) {
        if (plain()) {
            return reader.apply(typed);
        }
        Map<List<Double>, Double> known = new HashMap<>();
        for (Token token : tokens(printed)) {
            known.putIfAbsent(List.of(token.edge(), shown(token.value(), token.edge())), token.value());
        }
        StringBuilder kept = new StringBuilder();
        // Where a number of the typed sentence ends, and how much longer the kept one is by then.
        TreeMap<Integer, Integer> longer = new TreeMap<>(Map.of(0, 0));
        int from = 0;
        for (Token token : tokens(typed)) {
            double meant = (token.value() - token.edge()) / fit.scale();
            Double exact = known.get(List.of(token.edge(), token.value()));
            kept.append(typed, from, token.start()).append(Say.number(exact == null ? rounded(meant, GRAIN) : exact));
            from = token.end();
            longer.put(kept.length(), kept.length() - from);
        }
        kept.append(typed, from, typed.length());
        try {
            return reader.apply(kept.toString());
        } catch (DirectionException unread) {
            int place = unread.position() - longer.floorEntry(unread.position()).getValue();
            throw new DirectionException(
                    seen(unread.getMessage(), 0), Math.max(0, Math.min(typed.length(), place)), unread.suggestions());
        }
    }

    private double shown(double number, double edge) {
        double shown = number * fit.scale() + edge;
        return rounded(shown, Math.abs(shown) < 10 ? 0.01 : 0.1);
    }

    private static double rounded(double value, double grain) {
        return Math.rint(value / grain) / Math.rint(1 / grain);
    }

    /**
     * A number of px in a text.
     *
     * @param edge what is added to it in the format where it is a place; 0 for a length
     */
    private record Token(int start, int end, double value, double edge) {}

    private List<Token> tokens(String text) {
        List<Token> tokens = new ArrayList<>();
        Matcher found = LENGTH.matcher(text);
        while (found.find()) {
            if (found.group("number") != null) {
                String axis = found.group("axis");
                double edge = axis == null ? 0 : axis.equals(" across") ? fit.left() : fit.top();
                tokens.add(token(found.group("number"), found.start("number"), edge));
            } else if (found.group("shift") != null) {
                Matcher px = PX.matcher(found.group());
                while (px.find()) {
                    tokens.add(token(px.group(), found.start() + px.start(), 0));
                }
            }
        }
        return tokens;
    }

    private static Token token(String number, int start, double edge) {
        return new Token(start, start + number.length(), Double.parseDouble(number.replace(',', '.')), edge);
    }
}
