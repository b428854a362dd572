package knollwind.core.directions.scene;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.directions.controls.Values;
import knollwind.core.directions.grammar.BlockNames;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.grammar.Say;
import knollwind.core.directions.grammar.TimeWords;
import knollwind.core.directions.move.EasingClause;
import knollwind.core.document.Operation;
import knollwind.core.scene.Block;
import knollwind.core.scene.Crawl;
import knollwind.core.scene.Crossing;
import knollwind.core.scene.Scene;

/** How a scene hands over to the next one, in words: "The next scene comes in by fading over 12 frames." */
public final class CrossingWords {
    private static final String NOTE =
            "The last frames of this scene and the first of the next are seen together. Play all shows it.";

    /** A list of more could not be looked through. */
    private static final int MOST_LETTERS = 60;

    private CrossingWords() {}

    public static void print(Sentence.Builder out, Scene scene, String path) {
        String at = path + "/crossing";
        Crossing crossing = scene.crossing();
        List<Control> controls = new ArrayList<>();
        if (crossing != null) {
            int most = Math.max(1, scene.length() - 1);
            controls.add(Values.number("over", crossing.frames(), "fr", 1, most, 1, at + "/frames", 1));
        }
        controls.add(kinds(crossing, at));
        if (crossing != null && crossing.kind() == Crossing.Kind.SLIDE) {
            controls.add(new Control.Choice(
                    "Slides",
                    Arrays.stream(Crawl.Direction.values())
                            .map(one -> new Control.Option(
                                    where(one), one == crossing.direction(), List.of(Ops.set(at + "/direction", one))))
                            .toList()));
        }
        if (crossing != null && crossing.kind() == Crossing.Kind.LETTERS) {
            controls.add(titles(scene, crossing, at));
            title(scene, crossing).ifPresent(title -> controls.add(letters(title, crossing, at)));
            controls.add(flights(crossing, at));
        }
        out.plain(" The next scene comes in ")
                .part(say(scene, crossing), new Part("crossing", controls, crossing == null ? "" : NOTE))
                .plain(".");
    }

    /** The crossing after "the next scene comes in", which has been read; null for a cut. */
    static Crossing read(Lexer words, Scene scene) {
        if (words.phrase("with a cut")) {
            return null;
        }
        Crossing now = scene.crossing();
        Crossing.Kind kind = words.phrase("by fading")
                ? Crossing.Kind.FADE
                : words.phrase("by sliding")
                        ? Crossing.Kind.SLIDE
                        : words.phrase("through") ? Crossing.Kind.LETTERS : null;
        if (kind == null) {
            throw DirectionException.missing(words, "with a cut, by fading, by sliding or through the letters");
        }
        boolean same = now != null && now.kind() == kind;
        Crawl.Direction direction =
                kind == Crossing.Kind.SLIDE ? readDirection(words, same ? now.direction() : null) : null;
        String through = same ? now.through() : null;
        Integer letter = null;
        if (kind == Crossing.Kind.LETTERS) {
            Integer number = readLetter(words);
            if (words.phrase("of")) {
                through = BlockNames.read(words, titles(scene), through == null ? List.of() : List.of(through));
            }
            letter = number == null ? null : offset(words, scene, through, number);
        }
        int frames = now != null ? now.frames() : usual(kind);
        if (words.phrase("over")) {
            frames = (int) Math.rint(TimeWords.read(words, scene.rate(), scene.beats())
                    .orElseThrow(() -> DirectionException.missing(words, "a time such as 12 frames")));
        }
        String easing = null;
        if (kind == Crossing.Kind.LETTERS) {
            int here = words.position();
            words.separators();
            easing = EasingClause.spoken(words).orElse(null);
            if (easing == null) {
                words.back(here);
            }
        }
        return new Crossing(kind, frames, direction, through, letter, easing);
    }

    private static Crawl.Direction readDirection(Lexer words, Crawl.Direction now) {
        return Arrays.stream(Crawl.Direction.values())
                .filter(one -> words.phrase(where(one)))
                .findFirst()
                .orElse(now);
    }

    /** "the letters", which is none of them, or "letter 2, “A”,". */
    private static Integer readLetter(Lexer words) {
        if (words.phrase("the letters") || !words.phrase("letter")) {
            return null;
        }
        int number =
                (int) words.number().orElseThrow(() -> DirectionException.missing(words, "which letter, such as 2"));
        words.separators();
        words.match("[\u201c\"].[\u201d\"]");
        words.separators();
        return number;
    }

    private static Integer offset(Lexer words, Scene scene, String through, int number) {
        List<Letter> letters = title(scene, new Crossing(Crossing.Kind.LETTERS, null, null, through, null, null))
                .map(CrossingWords::letters)
                .orElse(List.of());
        if (number < 1 || number > letters.size()) {
            throw new DirectionException(
                    "the title has the letters 1 to " + letters.size(), words.position(), List.of("letter 1"));
        }
        return letters.get(number - 1).offset();
    }

    private static int usual(Crossing.Kind kind) {
        return kind == Crossing.Kind.LETTERS ? 36 : 18;
    }

    private static String say(Scene scene, Crossing crossing) {
        if (crossing == null) {
            return "with a cut";
        }
        String over = " over " + Say.frames(crossing.frames());
        return switch (crossing.kind()) {
            case FADE -> "by fading" + over;
            case SLIDE -> "by sliding " + where(crossing.direction()) + over;
            case LETTERS ->
                "through " + letter(scene, crossing) + " of "
                        + title(scene, crossing).map(Say::block).orElse("a title")
                        + over
                        + (crossing.easing() == null ? "" : ", " + EasingClause.say(crossing.easing()));
        };
    }

    private static String where(Crawl.Direction direction) {
        return switch (direction) {
            case LEFT -> "to the left";
            case RIGHT -> "to the right";
            case UP -> "up";
            case DOWN -> "down";
        };
    }

    /** What has letters. */
    private static List<Block> titles(Scene scene) {
        return scene.blocks().stream()
                .filter(block -> block.asWords().isPresent())
                .toList();
    }

    private static Optional<Block> title(Scene scene, Crossing crossing) {
        return titles(scene).stream()
                .filter(block -> crossing.through() == null || block.id().equals(crossing.through()))
                .reduce((first, second) -> second);
    }

    private static Control kinds(Crossing crossing, String at) {
        Crossing.Kind now = crossing == null ? null : crossing.kind();
        List<Control.Option> options = new ArrayList<>();
        options.add(new Control.Option("cut", now == null, now == null ? List.of() : List.of(new Operation.Clear(at))));
        options.add(kind("fade", Crossing.Kind.FADE, crossing, at));
        options.add(kind("slide", Crossing.Kind.SLIDE, crossing, at));
        options.add(kind("through the letters", Crossing.Kind.LETTERS, crossing, at));
        return new Control.Choice("Comes in", options);
    }

    private static Control.Option kind(String name, Crossing.Kind kind, Crossing now, String at) {
        int frames = now == null ? usual(kind) : now.frames();
        return new Control.Option(
                name,
                now != null && now.kind() == kind,
                List.of(Ops.set(
                        at,
                        now != null && now.kind() == kind
                                ? now
                                : new Crossing(kind, frames, now == null ? null : now.direction(), null, null, null))));
    }

    /** A letter of a title. */
    private record Letter(int offset, String said) {}

    private static List<Letter> letters(Block title) {
        String text = title.asWords().orElseThrow().text();
        List<Letter> letters = new ArrayList<>();
        for (int at = 0;
                at < text.length() && letters.size() < MOST_LETTERS;
                at += Character.charCount(text.codePointAt(at))) {
            int code = text.codePointAt(at);
            if (!Character.isWhitespace(code)) {
                letters.add(new Letter(
                        at, "letter " + (letters.size() + 1) + ", \u201c" + Character.toString(code) + "\u201d"));
            }
        }
        return letters;
    }

    private static String letter(Scene scene, Crossing crossing) {
        return title(scene, crossing).map(CrossingWords::letters).orElse(List.of()).stream()
                .filter(letter -> crossing.letter() != null && letter.offset() == crossing.letter())
                .map(letter -> letter.said() + ",")
                .findFirst()
                .orElse("the letters");
    }

    private static Control letters(Block title, Crossing crossing, String at) {
        List<Control.Option> options = new ArrayList<>();
        options.add(new Control.Option(
                "the roomiest letter",
                crossing.letter() == null,
                crossing.letter() == null ? List.of() : List.of(new Operation.Clear(at + "/letter"))));
        letters(title)
                .forEach(letter -> options.add(new Control.Option(
                        letter.said(),
                        crossing.letter() != null && crossing.letter() == letter.offset(),
                        List.of(Ops.set(at + "/letter", letter.offset())))));
        return new Control.Choice("Flies into", options);
    }

    private static Control flights(Crossing crossing, String at) {
        List<Control.Option> options = new ArrayList<>();
        options.add(new Control.Option(
                "slowly at first",
                crossing.easing() == null,
                crossing.easing() == null ? List.of() : List.of(new Operation.Clear(at + "/easing"))));
        EasingClause.NAMES.forEach((name, function) -> options.add(new Control.Option(
                name, function.equals(crossing.easing()), List.of(Ops.set(at + "/easing", function)))));
        return new Control.Choice("Flies", options);
    }

    /** Another title has other letters. */
    private static List<Operation> through(Block title, Crossing crossing, String at) {
        List<Operation> operations = new ArrayList<>(List.of(Ops.set(at + "/through", title.id())));
        boolean other = !title.id().equals(crossing.through());
        if (other && crossing.letter() != null) {
            operations.add(new Operation.Clear(at + "/letter"));
        }
        return operations;
    }

    private static Control titles(Scene scene, Crossing crossing, String at) {
        Optional<Block> now = title(scene, crossing);
        return new Control.Choice(
                "Title",
                titles(scene).stream()
                        .map(block -> new Control.Option(
                                Say.block(block), now.isPresent() && now.get() == block, through(block, crossing, at)))
                        .toList());
    }
}
