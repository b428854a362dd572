package knollwind.core.wording;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.EasingNames;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.grammar.Say;
import knollwind.core.scene.NamedEasings;

/** Reads sentences of steps, such as <i>“Skipper: ” and the first word of ‹name›, in capitals</i>. */
public final class WordingReader {
    /** How steps begin. */
    public static final List<String> OPENINGS = List.of(
            "\u201cwords\u201d and \u2039field\u203a",
            "the words of \u2039block\u203a",
            "the first word of \u2039field\u203a",
            "the last word of \u2039field\u203a",
            "word 2 of \u2039field\u203a",
            "line 1 of \u2039field\u203a",
            "part 2 of \u2039field\u203a split by \u201c,\u201d",
            "how many words of \u2039field\u203a",
            "a number from 0 to 1240 over 48 frames landing softly, grouped",
            "a number from 0 to \u2039field\u203a over 48 frames landing softly",
            "the number \u2039field\u203a with 2 decimals in EUR",
            "a clock from 22:10 as \u201cHH:mm:ss\u201d",
            "a countdown from 10 s as \u201cs\u201d",
            "the date \u2039field\u203a as \u201cd MMMM yyyy\u201d",
            "when \u2039field\u203a is \u201c2\u201d then \u201cPier Two\u201d else \u201cPier One\u201d",
            "in capitals",
            "in small letters",
            "with capitals at words",
            "with \u201cwords\u201d before",
            "with \u201cwords\u201d after",
            "with \u201ca\u201d replaced by \u201cb\u201d",
            "cut to 20 characters",
            "repeated 3 times joined by \u201c \u00b7 \u201d",
            "one word a line",
            "its lines joined by \u201c, \u201d");

    /** What conditions can say. */
    public static final List<String> CONDITIONS = List.of(
            "when \u2039field\u203a is \u201c2\u201d",
            "when \u2039field\u203a is not \u201c2\u201d",
            "when \u2039field\u203a is empty",
            "when \u2039field\u203a is above 5",
            "when \u2039field\u203a is below 5",
            "when \u2039field\u203a has more than 3 words",
            "when how many characters of the words of \u2039block\u203a is above 20");

    private static final int MOST_TIMES = 1000;

    private final String sentence;
    private final Lexer words;
    private final NumberFormReader forms;
    private final UnaryOperator<String> fields;
    private final UnaryOperator<String> blocks;
    private final List<Wording.Named> names = new ArrayList<>();

    WordingReader(String sentence, UnaryOperator<String> fields, UnaryOperator<String> blocks) {
        this.sentence = sentence;
        this.words = new Lexer(sentence);
        this.forms = new NumberFormReader(words, this::quoted);
        this.fields = fields;
        this.blocks = blocks;
    }

    Wording whole() {
        Wording wording = wording();
        words.sign(".");
        if (!words.atEnd()) {
            throw unread();
        }
        return wording;
    }

    private DirectionException unread() {
        return DirectionException.unread(words, OPENINGS);
    }

    private Wording wording() {
        List<Source> sources = new ArrayList<>();
        sources.add(source());
        while (words.phrase("and")) {
            sources.add(source());
        }
        int end = words.position();
        List<Wording.Done> then = new ArrayList<>();
        while (words.sign(",")) {
            words.phrase("and");
            words.phrase("then");
            int from = words.position();
            Change change = change().orElseThrow(this::unread);
            then.add(new Wording.Done(change, from, words.position()));
        }
        return new Wording(sentence, List.copyOf(sources), end, List.copyOf(then), names);
    }

    private Source source() {
        Optional<String> typed = quoted();
        if (typed.isPresent()) {
            return new Source.Typed(typed.get());
        }
        if (words.sign("(")) {
            Wording inside = wording();
            expect(words.sign(")"));
            return new Source.Bracketed(inside);
        }
        words.match("(?=.)");
        int begins = words.position();
        if (words.phrase("the words of")) {
            return new Source.OfBlock(named(begins, blocks, true).orElseThrow(this::unread));
        }
        if (words.phrase("the number")) {
            Source of = source();
            return new Source.Written(of, forms.read());
        }
        if (words.phrase("a number from")) {
            return number();
        }
        if (words.phrase("a clock from")) {
            return new Running.Clock(timeOfDay(), false, pattern("HH:mm:ss"));
        }
        if (words.phrase("a countdown from")) {
            double seconds = expect(words.number());
            expect(words.phrase("s"));
            return new Running.Clock(seconds, true, pattern("m:ss"));
        }
        if (words.phrase("the date") || words.phrase("the time")) {
            Source of = source();
            expect(words.phrase("as"));
            String pattern = pattern();
            return new Running.Written(of, pattern, forms.language().orElse(NumberForm.PLAIN.locale()));
        }
        if (words.phrase("how many")) {
            Pieces.Kind kind = kind("s").orElseThrow(this::unread);
            expect(words.phrase("of"));
            Source of = source();
            return new Source.Count(pieces(kind), of);
        }
        if (words.phrase("when")) {
            return when();
        }
        Optional<Source> piece = piece();
        if (piece.isPresent()) {
            return piece.get();
        }
        return new Source.OfField(named(begins, fields, false).orElseThrow(this::unread));
    }

    /** What is taken apart has been read; parts say by what. */
    private Pieces pieces(Pieces.Kind kind) {
        if (kind != Pieces.Kind.PART) {
            return Pieces.of(kind);
        }
        expect(words.phrase("split by"));
        return new Pieces(kind, filled(expect(quoted())));
    }

    private Optional<Source> piece() {
        int start = words.position();
        int number = words.phrase("the first") ? 1 : words.phrase("the last") ? -1 : 0;
        Optional<Pieces.Kind> kind = kind("");
        if (kind.isPresent() && number == 0) {
            OptionalDouble counted = words.number();
            number = counted.isPresent() && counted.getAsDouble() >= 1 ? (int) counted.getAsDouble() : 0;
        }
        if (kind.isEmpty() || number == 0 || !words.phrase("of")) {
            words.back(start);
            return Optional.empty();
        }
        Source of = source();
        return Optional.of(new Source.Piece(pieces(kind.get()), number, of));
    }

    private Optional<Pieces.Kind> kind(String ending) {
        for (Pieces.Kind kind : Pieces.Kind.values()) {
            if (words.phrase(kind.said() + ending)) {
                return Optional.of(kind);
            }
        }
        return Optional.empty();
    }

    private Source when() {
        Source of = source();
        Source.Test test = test();
        words.sign(",");
        expect(words.phrase("then"));
        Source then = source();
        int before = words.position();
        words.sign(",");
        if (words.phrase("else")) {
            return new Source.When(of, test, then, source());
        }
        words.back(before);
        return new Source.When(of, test, then, new Source.Typed(""));
    }

    private Source.Test test() {
        if (words.phrase("is empty")) {
            return String::isBlank;
        }
        if (words.phrase("is above")) {
            double than = expect(words.number());
            return said -> Source.number(said) > than;
        }
        if (words.phrase("is below")) {
            double than = expect(words.number());
            return said -> Source.number(said) < than;
        }
        if (words.phrase("has more than")) {
            double than = expect(words.number());
            Pieces.Kind kind = kind("s").orElseThrow(this::unread);
            return said -> Pieces.of(kind).of(said).size() > than;
        }
        if (words.phrase("is not")) {
            String other = expect(quoted());
            return said -> !said.strip().equalsIgnoreCase(other.strip());
        }
        expect(words.phrase("is"));
        String same = expect(quoted());
        return said -> said.strip().equalsIgnoreCase(same.strip());
    }

    private Source number() {
        Source from = amount();
        expect(words.phrase("to"));
        Source to = amount();
        Running.Stretch after = words.phrase("after") ? stretch() : new Running.Stretch(0, false);
        expect(words.phrase("over"));
        Running.Stretch over = stretch();
        String easing = NamedEasings.STEADILY;
        for (var named : EasingNames.ALL.entrySet()) {
            if (words.phrase(named.getKey())) {
                easing = named.getValue();
                break;
            }
        }
        return new Running.Number(from, to, after, over, easing, forms.read());
    }

    /** A number as it is typed, or a field that is one. */
    private Source amount() {
        OptionalDouble number = words.number();
        if (number.isPresent()) {
            return new Source.Typed(Say.number(number.getAsDouble()));
        }
        Optional<String> said = quoted();
        if (said.isPresent()) {
            return new Source.Typed(said.get());
        }
        words.match("(?=.)");
        return new Source.OfField(named(words.position(), fields, false).orElseThrow(this::unread));
    }

    private Running.Stretch stretch() {
        double value = expect(words.number());
        boolean seconds = words.phrase("s");
        expect(seconds || words.phrase("frames"));
        return new Running.Stretch(value, seconds);
    }

    private double timeOfDay() {
        String time = expect(words.match("\\d{1,2}:\\d{2}(:\\d{2})?"));
        String[] parts = time.split(":");
        return Integer.parseInt(parts[0]) * 3600
                + Integer.parseInt(parts[1]) * 60
                + (parts.length > 2 ? Integer.parseInt(parts[2]) : 0);
    }

    private String pattern(String usual) {
        return words.phrase("as") ? pattern() : usual;
    }

    private String pattern() {
        int start = words.position();
        try {
            return Running.pattern(filled(expect(quoted())));
        } catch (DirectionException e) {
            throw e;
        } catch (IllegalArgumentException e) {
            throw new DirectionException(
                    "this is no pattern of a date or time; d, MMMM, yyyy, EEEE, HH, mm and ss stand for their parts",
                    start,
                    List.of());
        }
    }

    private Optional<Change> change() {
        if (words.phrase("in capitals")) {
            return Optional.of(Change.Case.CAPITALS);
        }
        if (words.phrase("in small letters")) {
            return Optional.of(Change.Case.SMALL);
        }
        if (words.phrase("with capitals at words")) {
            return Optional.of(Change.Case.AT_WORDS);
        }
        if (words.phrase("one word a line")) {
            return Optional.of(new Change.WordALine());
        }
        if (words.phrase("its lines joined by")) {
            return Optional.of(new Change.LinesJoined(expect(quoted())));
        }
        if (words.phrase("cut to")) {
            double most = expect(words.number());
            expect(words.phrase("characters") && most >= 2);
            return Optional.of(new Change.Cut((int) most));
        }
        if (words.phrase("repeated")) {
            double times = expect(words.number());
            expect(words.phrase("times") && times >= 1 && times <= MOST_TIMES);
            return Optional.of(new Change.Repeated((int) times, words.phrase("joined by") ? expect(quoted()) : " "));
        }
        if (words.phrase("with")) {
            String text = expect(quoted());
            if (words.phrase("before")) {
                return Optional.of(new Change.Around(text, ""));
            }
            if (words.phrase("after")) {
                return Optional.of(new Change.Around("", text));
            }
            expect(words.phrase("replaced by"));
            return Optional.of(new Change.Replaced(filled(text), expect(quoted())));
        }
        return Optional.empty();
    }

    private Optional<String> named(int begins, UnaryOperator<String> ids, boolean block) {
        int start = words.position();
        if (!words.sign("\u2039") && !words.sign("<")) {
            words.back(start);
            return Optional.empty();
        }
        int from = words.position();
        int end = from;
        while (end < sentence.length() && "\u203a>".indexOf(sentence.charAt(end)) < 0) {
            end++;
        }
        if (end == sentence.length()) {
            throw new DirectionException(
                    "the name that begins here has no end; close it with \u203a", start, List.of());
        }
        String id;
        try {
            id = ids.apply(sentence.substring(from, end));
        } catch (IllegalArgumentException e) {
            throw new DirectionException(e.getMessage(), from, List.of());
        }
        words.back(end + 1);
        names.add(new Wording.Named(begins, end + 1, id, block));
        return Optional.of(id);
    }

    /** Typed words in quotation marks; a backslash stands before one that belongs to them. */
    private Optional<String> quoted() {
        int start = words.position();
        boolean curled = words.sign("\u201c");
        if (!curled && !words.sign("\"")) {
            return Optional.empty();
        }
        StringBuilder text = new StringBuilder();
        for (int i = words.position(); i < sentence.length(); i++) {
            char c = sentence.charAt(i);
            if (c == '\\' && i + 1 < sentence.length()) {
                text.append(sentence.charAt(++i));
            } else if (c == (curled ? '\u201d' : '"')) {
                words.back(i + 1);
                return Optional.of(text.toString());
            } else {
                text.append(c);
            }
        }
        throw new DirectionException("the words that begin here have no end; close them with \u201d", start, List.of());
    }

    /** Words in quotation marks, as they are read. */
    static String quote(String text) {
        return "\u201c" + text.replace("\\", "\\\\").replace("\u201d", "\\\u201d") + "\u201d";
    }

    private String filled(String text) {
        expect(!text.isEmpty());
        return text;
    }

    private void expect(boolean there) {
        if (!there) {
            throw unread();
        }
    }

    private double expect(OptionalDouble there) {
        return there.orElseThrow(this::unread);
    }

    private String expect(Optional<String> there) {
        return there.orElseThrow(this::unread);
    }
}
