package knollwind.core.directions.dress;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.move.LoudnessWords;
import knollwind.core.document.Operation;
import knollwind.core.dressing.DressKind;
import knollwind.core.dressing.Word;
import knollwind.core.scene.Drive;
import knollwind.core.scene.Loudness;
import knollwind.core.scene.Sound;

/** What a number of a dressing goes by: "its strength from 0 % while it arrives", "its far from 10 px as loud as the music". */
final class DriveWords {
    private static final Map<Drive.By, String> WHEN = Map.of(
            Drive.By.ARRIVING, "while it arrives",
            Drive.By.LEAVING, "while it leaves",
            Drive.By.WORDS, "while it is spoken");

    private DriveWords() {}

    /** The numbers that a kind has. */
    static List<Word.Amount> amounts(DressKind kind) {
        return kind.phrase().values().stream()
                .filter(Word.Amount.class::isInstance)
                .map(Word.Amount.class::cast)
                .toList();
    }

    static String say(Word.Amount amount, Drive drive) {
        return "its " + amount.label() + (drive.towards() == null ? " from " : " to ")
                + DressValues.text(amount, drive.value()) + " "
                + (drive.by() == Drive.By.LOUDNESS ? LoudnessWords.say(drive.loudness()) : WHEN.get(drive.by()));
    }

    /** A number by name, and what it goes by. */
    record Driven(String name, Drive drive) {}

    /**
     * What is said here; nothing where it is something else.
     *
     * @param value reads a number of the kind
     */
    static Optional<Driven> read(Lexer words, DressKind kind, Function<Word.Amount, OptionalDouble> value) {
        int start = words.position();
        if (!words.phrase("its")) {
            return Optional.empty();
        }
        List<Word.Amount> longest = new ArrayList<>(amounts(kind));
        longest.sort(
                Comparator.comparingInt((Word.Amount amount) -> amount.label().length())
                        .reversed());
        for (Word.Amount amount : longest) {
            int here = words.position();
            if (words.phrase(amount.label())) {
                boolean towards = words.phrase("to");
                if (towards || words.phrase("from")) {
                    OptionalDouble other = value.apply(amount);
                    if (other.isEmpty()) {
                        throw DirectionException.missing(
                                words, amount.label() + " such as " + DressValues.text(amount, amount.usual()));
                    }
                    return Optional.of(new Driven(amount.name(), drive(words, other.getAsDouble(), towards)));
                }
                words.back(here);
            }
        }
        words.back(start);
        return Optional.empty();
    }

    private static Drive drive(Lexer words, double value, boolean towards) {
        for (Drive.By by : Drive.By.values()) {
            if (WHEN.containsKey(by) && words.phrase(WHEN.get(by))) {
                return new Drive(value, towards ? true : null, by, null);
            }
        }
        Loudness loudness = LoudnessWords.read(words)
                .orElseThrow(() -> new DirectionException(
                        "say what it goes by, such as while it arrives or as loud as the music",
                        words.position(),
                        List.of("while it arrives", "while it leaves", "while it is spoken", "as loud as the music")));
        return new Drive(value, towards ? true : null, Drive.By.LOUDNESS, loudness);
    }

    /** As a number goes by something at first: from nothing while the block arrives. */
    static Drive usual(Word.Amount amount) {
        double nothing = Math.max(amount.least(), Math.min(amount.most(), 0));
        return new Drive(nothing, null, Drive.By.ARRIVING, null);
    }

    /** @param at path of it in the document */
    static Part part(Word.Amount amount, Drive drive, DressContext context, String at) {
        List<Control> controls = new ArrayList<>();
        controls.add(DressValues.number(amount, drive.value(), at + "/value"));
        boolean towards = drive.towards() != null;
        controls.add(new Control.Choice(
                "It",
                List.of(
                        new Control.Option(
                                "comes from it",
                                !towards,
                                towards ? List.of(new Operation.Clear(at + "/towards")) : List.of()),
                        new Control.Option(
                                "goes to it",
                                towards,
                                towards ? List.of() : List.of(Ops.set(at + "/towards", true))))));
        List<Control.Option> when = new ArrayList<>();
        for (Drive.By by : Drive.By.values()) {
            Drive other = new Drive(drive.value(), drive.towards(), by, drive.loudness());
            when.add(new Control.Option(
                    WHEN.getOrDefault(by, LoudnessWords.LOUD + " a sound"),
                    by == drive.by(),
                    by == drive.by() ? List.of() : List.of(Ops.set(at, other))));
        }
        controls.add(new Control.Choice("As far as", when));
        if (drive.loudness() != null) {
            controls.addAll(LoudnessWords.controls(context.sounds(), drive.loudness(), at + "/loudness"));
        }
        controls.add(new Control.Choice(
                "This number",
                List.of(new Control.Option("let it stay as it is", false, List.of(new Operation.Clear(at))))));
        return new Part("drive", controls, note(drive, context));
    }

    private static String note(Drive drive, DressContext context) {
        if (drive.by() == Drive.By.WORDS && !context.spoken()) {
            return "None of its words is spoken in this scene, so it stays at this value.";
        }
        Loudness loudness = drive.loudness();
        boolean heard = loudness == null || context.sounds().stream().anyMatch((Sound sound) -> loudness.means(sound));
        return heard ? "" : "There is no such sound in this scene, so it stays at this value.";
    }
}
