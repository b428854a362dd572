package knollwind.core.directions.grammar;

import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BooleanSupplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import knollwind.core.scene.Length;

/** A typed sentence, read from left to right. Case does not matter; runs of spaces count as one. */
public final class Lexer {
    private static final Pattern NUMBER = Pattern.compile("[+\\-\u2212]?(\\d+(\\.\\d+)?|\\.\\d+)");

    private final String text;
    private int at;

    public Lexer(String text) {
        this.text = text;
    }

    public int position() {
        return at;
    }

    public void back(int position) {
        at = position;
    }

    public String rest() {
        return text.substring(at);
    }

    /** The next word as it was typed, to be named where it cannot be read; a number with its decimals is one. */
    public String next() {
        return rest().replaceFirst("^[\\s,.]+", "").split("[\\s,]|\\.(?!\\d)", 2)[0];
    }

    public boolean atEnd() {
        skip("\\s*");
        return at >= text.length();
    }

    /** Passes over spaces, commas, full stops behind which the sentence ends or goes on, and the word "and". */
    public void separators() {
        skip("(\\s|,|;|\\.(?!\\d))*(and\\b)?(\\s|,|;|\\.(?!\\d))*");
    }

    /**
     * Reads clauses up to the end of the sentence.
     *
     * @param clause reads the one that begins here, if one does; what it passed over in trying is gone back over
     * @param openings how clauses can begin
     * @throws DirectionException where none begins, with those that begin most like it
     */
    public void clauses(BooleanSupplier clause, List<String> openings) {
        separators();
        while (!atEnd()) {
            int start = at;
            if (!clause.getAsBoolean()) {
                at = start;
                throw DirectionException.unread(this, openings);
            }
            separators();
        }
    }

    /** Passes over the phrase if it stands here as whole words. */
    public boolean phrase(String phrase) {
        String pattern = "\\s*" + Pattern.quote(phrase).replace(" ", "\\E\\s+\\Q");
        Matcher matcher = Pattern.compile(pattern + "(?![\\p{L}\\d])", Pattern.CASE_INSENSITIVE)
                .matcher(text);
        matcher.region(at, text.length()).useTransparentBounds(true).useAnchoringBounds(false);
        if (!matcher.lookingAt()) {
            return false;
        }
        at = matcher.end();
        return true;
    }

    /** Passes over signs such as %, ° or ( that need no space around them. */
    public boolean sign(String sign) {
        int start = at;
        skip("\\s*");
        if (text.startsWith(sign, at)) {
            at += sign.length();
            return true;
        }
        at = start;
        return false;
    }

    public OptionalDouble number() {
        Optional<String> digits = digits();
        return digits.isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(Double.parseDouble(digits.get()));
    }

    /** A number followed by %, as a fraction: 60 % is 0.6 exactly as 0.6 is written. */
    public OptionalDouble percent() {
        int start = at;
        Optional<String> digits = digits();
        if (digits.isEmpty() || !sign("%")) {
            at = start;
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(new BigDecimal(digits.get()).movePointLeft(2).doubleValue());
    }

    public Optional<Length> length() {
        int start = at;
        OptionalDouble number = number();
        if (number.isPresent()) {
            for (Length.Unit unit : Length.Unit.values()) {
                boolean here = unit.text().startsWith("%")
                        ? sign("%") && phraseOrBack(unit.text().substring(1).strip())
                        : phrase(unit.text()) || attached(unit.text());
                if (here) {
                    return Optional.of(new Length(number.getAsDouble(), unit));
                }
            }
        }
        at = start;
        return Optional.empty();
    }

    private boolean phraseOrBack(String phrase) {
        if (phrase(phrase)) {
            return true;
        }
        at = text.lastIndexOf('%', at);
        return false;
    }

    /** A unit written without a space, 60px. */
    private boolean attached(String unit) {
        if (text.toLowerCase(Locale.ROOT).startsWith(unit, at)) {
            at += unit.length();
            return true;
        }
        return false;
    }

    /** What stands here if the pattern matches at once, else nothing. */
    public Optional<String> match(String regex) {
        Matcher matcher =
                Pattern.compile("\\s*(" + regex + ")", Pattern.CASE_INSENSITIVE).matcher(text);
        matcher.region(at, text.length());
        if (!matcher.lookingAt()) {
            return Optional.empty();
        }
        at = matcher.end();
        return Optional.of(matcher.group(1));
    }

    /** A function call such as steps(4, jump-end), its brackets balanced. */
    public Optional<String> function() {
        int start = at;
        Optional<String> name = match("[a-z-]+");
        if (name.isEmpty()) {
            return Optional.empty();
        }
        if (at >= text.length() || text.charAt(at) != '(') {
            return name;
        }
        int depth = 0;
        int from = at;
        while (at < text.length()) {
            char c = text.charAt(at++);
            depth += c == '(' ? 1 : c == ')' ? -1 : 0;
            if (depth == 0) {
                return Optional.of(name.get() + text.substring(from, at));
            }
        }
        at = start;
        return Optional.empty();
    }

    private Optional<String> digits() {
        return match(NUMBER.pattern())
                .map(digits -> digits.replace('\u2212', '-').replace("+", ""));
    }

    private void skip(String regex) {
        Matcher matcher = Pattern.compile(regex, Pattern.CASE_INSENSITIVE).matcher(text);
        matcher.region(at, text.length());
        if (matcher.lookingAt()) {
            at = matcher.end();
        }
    }
}
