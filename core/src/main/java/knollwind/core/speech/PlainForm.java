package knollwind.core.speech;

import com.ibm.icu.text.Normalizer2;
import com.ibm.icu.text.RuleBasedNumberFormat;
import com.ibm.icu.util.ULocale;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How a written word is said, as far as letters can tell: small letters without marks; numbers and units as words. */
public final class PlainForm {
    /** Written in the same breath: letters, digits, and what stands inside words and numbers. */
    private static final Pattern WORD =
            Pattern.compile("[\\p{L}\\p{M}\\p{N}]+(?:['\u2019.,:\u00b7][\\p{L}\\p{M}\\p{N}]+)*|[%&\u20ac\u00a3$@+]");

    private static final Pattern NUMBER = Pattern.compile("\\d+(?:[.,:]\\d+)*");
    private static final Pattern CLOCK = Pattern.compile("(\\d{1,2})[:.](\\d{2})");
    private static final Pattern ORDINAL = Pattern.compile("(\\d+)(?:st|nd|rd|th)");
    private static final Normalizer2 APART = Normalizer2.getNFKDInstance();

    /** What stands for words. */
    private static final Map<String, String> SAID = Map.ofEntries(
            Map.entry("%", "percent"),
            Map.entry("&", "and"),
            Map.entry("+", "plus"),
            Map.entry("@", "at"),
            Map.entry("\u20ac", "euros"),
            Map.entry("\u00a3", "pounds"),
            Map.entry("$", "dollars"),
            Map.entry("mr", "mister"),
            Map.entry("mrs", "missus"),
            Map.entry("dr", "doctor"),
            Map.entry("st", "saint"),
            Map.entry("no", "no"),
            Map.entry("km", "kilometres"),
            Map.entry("kn", "knots"),
            Map.entry("min", "minutes"),
            Map.entry("approx", "approximately"));

    private PlainForm() {}

    /**
     * A stretch of a text that is one word.
     *
     * @param from UTF-16 offset of its first letter
     * @param to offset behind its last one
     */
    public record Stretch(String text, int from, int to) {
        public String plain() {
            return of(text);
        }
    }

    /** The words of a text, without the marks around them. */
    public static List<Stretch> words(String text) {
        List<Stretch> words = new ArrayList<>();
        Matcher found = WORD.matcher(text);
        while (found.find()) {
            words.add(new Stretch(found.group(), found.start(), found.end()));
        }
        return words;
    }

    /** The letters of what is said, without spaces: "11:45" and "Eleven forty-five" are alike. */
    public static String of(String word) {
        return String.join("", said(word));
    }

    /** The words that a written one is said by, in small letters: "23" as "twenty", "three". */
    public static List<String> said(String written) {
        List<String> said = new ArrayList<>();
        for (Stretch stretch : words(written)) {
            said(stretch.text().toLowerCase(Locale.ROOT).replace('\u2019', '\''), said);
        }
        return said;
    }

    private static void said(String word, List<String> said) {
        Matcher ordinal = ORDINAL.matcher(word);
        if (SAID.containsKey(word)) {
            said.add(SAID.get(word));
        } else if (ordinal.matches()) {
            spell(ordinal.group(1), "%spellout-ordinal", said);
        } else if (NUMBER.matcher(word).matches()) {
            number(word, said);
        } else if (word.chars().anyMatch(Character::isDigit)) {
            // Letters and numbers in one word are said one after the other: "B2", "40km".
            for (String part : word.split("(?<=\\p{L})(?=\\p{N})|(?<=\\p{N})(?=\\p{L})|[.,:]")) {
                said(part, said);
            }
        } else {
            String letters = APART.normalize(word).replaceAll("[^\\p{L}']", "");
            if (!letters.isEmpty()) {
                said.add(letters);
            }
        }
    }

    private static void number(String word, List<String> said) {
        Matcher clock = CLOCK.matcher(word);
        if (clock.matches()) {
            spell(clock.group(1), "%spellout-cardinal", said);
            if (clock.group(2).equals("00")) {
                return;
            }
            if (clock.group(2).startsWith("0")) {
                said.add("oh");
            }
            spell(clock.group(2), "%spellout-cardinal", said);
            return;
        }
        for (String part : word.replace(",", "").split("[.:]")) {
            spell(part, "%spellout-cardinal", said);
        }
    }

    private static void spell(String digits, String rules, List<String> said) {
        if (digits.length() > 15) {
            digits.chars().forEach(digit -> spell(Character.toString(digit), rules, said));
            return;
        }
        RuleBasedNumberFormat spelling = new RuleBasedNumberFormat(ULocale.UK, RuleBasedNumberFormat.SPELLOUT);
        for (String word : spelling.format(Long.parseLong(digits), rules).split("[\\s-]+")) {
            said.add(word);
        }
    }
}
