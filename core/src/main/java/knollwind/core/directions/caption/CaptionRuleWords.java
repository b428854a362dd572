package knollwind.core.directions.caption;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.scene.CaptionRules;
import knollwind.core.scene.CaptionRules.Breaks;
import knollwind.core.scene.ReadingSpeed;

/**
 * Rules of captions in words: "Captions of at most 20 characters on one line, each 0.7 to 2.5 seconds, never over 16 characters a
 * second, broken at commas first, 2 frames apart." What is not said stays as it is.
 */
public final class CaptionRuleWords {
    static final List<String> COUNTS = List.of("one", "two", "three", "four");

    /** How clauses can be said. */
    public static final List<String> OPENINGS = List.of(
            "of at most 37 characters on two lines",
            "each 1 to 7 seconds",
            "never over 17 characters a second",
            "never over 180 words a minute",
            "broken at sentences first",
            "broken at commas first",
            "2 frames apart",
            "one word each",
            "for broadcast",
            "in short bursts",
            "one word at a time");

    /** What is usual on television and elsewhere. */
    public static final CaptionRules BROADCAST = new CaptionRules(
            37, 2, 1, 7, 0.08, new ReadingSpeed(17, ReadingSpeed.Unit.CHARACTERS), CaptionRules.ANY, Breaks.SENTENCES);

    /** Rules that have a name. */
    public static final Map<String, CaptionRules> NAMED = named();

    private CaptionRuleWords() {}

    private static Map<String, CaptionRules> named() {
        ReadingSpeed brisk = new ReadingSpeed(20, ReadingSpeed.Unit.CHARACTERS);
        ReadingSpeed spoken = new ReadingSpeed(60, ReadingSpeed.Unit.CHARACTERS);
        Map<String, CaptionRules> named = new LinkedHashMap<>();
        named.put("for broadcast", BROADCAST);
        named.put("in short bursts", new CaptionRules(18, 1, 0.5, 2.5, 0, brisk, CaptionRules.ANY, Breaks.CLAUSES));
        named.put("one word at a time", new CaptionRules(30, 1, 0.1, 3, 0, spoken, 1, Breaks.SENTENCES));
        named.put("as lines to sing from", new CaptionRules(42, 1, 1, 8, 0, brisk, CaptionRules.ANY, Breaks.CLAUSES));
        return named;
    }

    /**
     * The rules that a sentence tells.
     *
     * @param now those that stay where nothing else is said
     * @param rate frames a second, by which gaps in frames are meant
     * @throws DirectionException with the place where it cannot be read
     */
    public static CaptionRules read(String sentence, CaptionRules now, double rate) {
        Reading reading = new Reading(new Lexer(sentence), now, rate);
        reading.words.separators();
        reading.words.phrase("captions");
        reading.words.clauses(reading::clause, OPENINGS);
        return reading.rules();
    }

    /** One reading of a sentence. */
    private static final class Reading {
        private final Lexer words;
        private final double rate;
        private int perLine;
        private int lines;
        private double shortest;
        private double longest;
        private double gap;
        private ReadingSpeed fastest;
        private int most;
        private Breaks breaks;

        Reading(Lexer words, CaptionRules now, double rate) {
            this.words = words;
            this.rate = rate;
            take(now);
        }

        private void take(CaptionRules rules) {
            perLine = rules.perLine();
            lines = rules.lines();
            shortest = rules.shortest();
            longest = rules.longest();
            gap = rules.gap();
            fastest = rules.fastest();
            most = rules.words();
            breaks = rules.breaks();
        }

        CaptionRules rules() {
            return new CaptionRules(perLine, lines, shortest, longest, gap, fastest, most, breaks);
        }

        boolean clause() {
            return named() || size() || length() || speed() || places() || apart() || count();
        }

        private boolean named() {
            return NAMED.entrySet().stream()
                    .filter(rules -> words.phrase(rules.getKey()))
                    .findFirst()
                    .map(rules -> {
                        take(rules.getValue());
                        return true;
                    })
                    .orElse(false);
        }

        private boolean size() {
            int start = words.position();
            words.phrase("of");
            if (words.phrase("at most")) {
                int number = (int) Math.rint(number("a number of characters"));
                if (words.phrase("characters")) {
                    perLine = number;
                    words.phrase("a line");
                    lines = words.phrase("on") ? lines() : lines;
                    return true;
                }
            }
            words.back(start);
            if (words.phrase("on")) {
                lines = lines();
                return true;
            }
            return false;
        }

        private int lines() {
            for (int i = 0; i < COUNTS.size(); i++) {
                if (words.phrase(COUNTS.get(i))) {
                    return line(i + 1);
                }
            }
            return line((int) Math.rint(number("a number of lines")));
        }

        private int line(int count) {
            if (!words.phrase("lines") && !words.phrase("line")) {
                throw DirectionException.missing(words, "\"lines\"");
            }
            return count;
        }

        private boolean length() {
            if (!words.phrase("each")) {
                return false;
            }
            shortest = number("a time in seconds");
            if (!words.phrase("to")) {
                throw DirectionException.missing(words, "the longest time, such as to 7 seconds,");
            }
            longest = number("a time in seconds");
            seconds();
            return true;
        }

        private boolean speed() {
            if (!words.phrase("never over")) {
                return false;
            }
            double number = number("a reading speed");
            for (ReadingSpeed.Unit unit : ReadingSpeed.Unit.values()) {
                if (words.phrase(unit.text())) {
                    fastest = new ReadingSpeed(number, unit);
                    return true;
                }
            }
            throw DirectionException.missing(words, "\"characters a second\" or \"words a minute\"");
        }

        private boolean places() {
            if (words.phrase("broken at sentences first")) {
                breaks = Breaks.SENTENCES;
                return true;
            }
            if (words.phrase("broken at commas first")) {
                breaks = Breaks.CLAUSES;
                return true;
            }
            return false;
        }

        private boolean apart() {
            if (words.phrase("one right after the other")) {
                gap = 0;
                return true;
            }
            int start = words.position();
            var number = words.number();
            if (number.isEmpty()) {
                return false;
            }
            boolean frames = words.phrase("frames") || words.phrase("frame");
            if (!frames && !seconds() || !words.phrase("apart")) {
                words.back(start);
                return false;
            }
            if (frames && !(rate > 0)) {
                throw new DirectionException(
                        "a gap in frames needs a frame rate; say it in seconds", start, List.of("0.08 seconds apart"));
            }
            gap = frames ? number.getAsDouble() / rate : number.getAsDouble();
            return true;
        }

        private boolean seconds() {
            return words.phrase("seconds") || words.phrase("second") || words.phrase("s");
        }

        private boolean count() {
            int start = words.position();
            words.phrase("of");
            if (words.phrase("one word each")) {
                most = 1;
                return true;
            }
            if (words.phrase("at most")) {
                int number = (int) Math.rint(number("a number of words"));
                if (words.phrase("words each")) {
                    most = number;
                    return true;
                }
            }
            words.back(start);
            return false;
        }

        private double number(String what) {
            return words.number().orElseThrow(() -> DirectionException.missing(words, what));
        }
    }
}
