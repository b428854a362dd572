package knollwind.core.directions.dress;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import knollwind.core.directions.controls.FormatPx;
import knollwind.core.directions.grammar.BlockNames;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.grammar.Say;
import knollwind.core.directions.move.OnlyWords;
import knollwind.core.dressing.DressKind;
import knollwind.core.dressing.DressKinds;
import knollwind.core.dressing.Phrase;
import knollwind.core.dressing.Word;
import knollwind.core.scene.Block;
import knollwind.core.scene.Dressing;
import knollwind.core.scene.Drive;
import knollwind.core.scene.Only;
import knollwind.core.scene.UnitKind;
import knollwind.core.scene.Value;

/** Reads what a block is dressed with. The sentence says all of it; what it leaves out of a dressing is as it usually is. */
public final class DressReader {
    /** How dressings begin: each as it usually is. */
    public static final List<String> OPENINGS = DressKinds.ALL.stream()
            .map(kind -> DressPrinter.text(List.of(Dressing.usual("d", kind.name()))))
            .map(text -> text.substring(0, text.length() - 1))
            .toList();

    /** What can be said of a dressing beside what its kind says. */
    public static final List<String> MORE =
            List.of("on every other word", "word by word", "its strength from 0 % while it arrives", "as it stands");

    /** Keys stand in brackets; they are not read, but kept. */
    private static final String KEYED = "keyed( \\[[^\\]]*\\])?";

    /** What an opening ends with that stands before its first value alone. */
    private static final String LEADING = " (of|by|in)$";

    private final Lexer words;
    private final List<Dressing> before;
    private final List<Block> neighbours;
    private final List<Dressing> read = new ArrayList<>();
    private final List<String> taken = new ArrayList<>();

    private DressReader(String sentence, List<Dressing> before, List<Block> neighbours) {
        this.neighbours = neighbours;
        this.words = new Lexer(sentence);
        this.before = before;
    }

    /**
     * All that the sentence says, in its order; none where it says "nothing". Those that were there keep their ids and their keys.
     *
     * @param px of the format that the sentence is typed in
     * @param neighbours all blocks of its scene
     * @throws DirectionException with the place when something cannot be read
     */
    public static List<Dressing> read(String sentence, List<Dressing> before, FormatPx px, List<Block> neighbours) {
        String printed = px.plain() ? "" : DressPrinter.text(before, neighbours);
        return px.read(sentence, printed, kept -> new DressReader(kept, before, neighbours).read());
    }

    /** The same where a px is a px and there are no other blocks. */
    public static List<Dressing> read(String sentence, List<Dressing> before) {
        return read(sentence, before, FormatPx.PLAIN, List.of());
    }

    private List<Dressing> read() {
        words.phrase("dressed");
        words.phrase("with");
        if (words.phrase(DressPrinter.NOTHING)) {
            words.separators();
            if (words.atEnd()) {
                return List.of();
            }
            throw DirectionException.unread(words, OPENINGS);
        }
        words.clauses(this::clause, OPENINGS);
        DressKinds.check(read);
        return List.copyOf(read);
    }

    private boolean clause() {
        // "a shadow" begins like nothing else, but "a long shadow" must not be taken for less than it is.
        List<DressKind> kinds = DressKinds.ALL.stream()
                .sorted(Comparator.comparing(
                                (DressKind kind) -> kind.phrase().opening().length())
                        .reversed())
                .toList();
        for (DressKind kind : kinds) {
            String opening = kind.phrase().opening();
            if (words.phrase(opening)
                    || words.phrase(opening.replaceFirst(LEADING, ""))
                    || words.phrase(kind.label())) {
                read.add(new Reading(kind).read());
                return true;
            }
        }
        return false;
    }

    /** One dressing, its opening read. */
    private final class Reading {
        private final DressKind kind;
        private final Map<String, Value<Double>> numbers = new HashMap<>();
        private final Map<String, Value<String>> colours = new HashMap<>();
        private final Map<String, String> choices = new HashMap<>();
        private final Map<String, Drive> drives = new HashMap<>();
        private String block;
        private Only only;
        private UnitKind each;
        private Boolean standing;
        /** The one that it was, by kind and order; a new one otherwise. */
        private final Dressing was;

        Reading(DressKind kind) {
            this.kind = kind;
            Dressing known = before.stream()
                    .filter(one -> one.kind().equals(kind.name()) && !taken.contains(one.id()))
                    .findFirst()
                    .orElse(null);
            List<String> ids = new ArrayList<>(taken);
            before.forEach(one -> ids.add(one.id()));
            this.was = known == null ? Dressing.usual(DressPrinter.free(ids), kind.name()) : known;
            taken.add(was.id());
        }

        Dressing read() {
            List<Phrase.Group> groups = kind.phrase().groups();
            values(groups.get(0), false);
            List<Phrase.Group> left = new ArrayList<>(groups.subList(1, groups.size()));
            boolean more = true;
            while (more) {
                int here = words.position();
                words.separators();
                // "in dashes of" begins as "in" does.
                Optional<Phrase.Group> next = left.stream()
                        .sorted(Comparator.comparing(
                                        (Phrase.Group group) -> group.opening().length())
                                .reversed())
                        .filter(group -> words.phrase(group.opening()))
                        .findFirst();
                more = next.isPresent();
                if (more) {
                    values(next.get(), true);
                    left.remove(next.get());
                } else if (more()) {
                    more = true;
                } else {
                    words.back(here);
                }
            }
            Boolean off = words.phrase(DressPrinter.OFF) ? true : null;
            return new Dressing(
                    was.id(), kind.name(), numbers, colours, choices, block, off, drives, only, each, standing);
        }

        /** What is said of any dressing, where it begins here. */
        private boolean more() {
            if (words.phrase(ScopeWords.ON)) {
                only = OnlyWords.read(words);
                return true;
            }
            Optional<UnitKind> unit = ScopeWords.ONE_BY_ONE.stream()
                    .filter(kind -> words.phrase(ScopeWords.oneByOne(kind)))
                    .findFirst();
            if (unit.isPresent()) {
                each = unit.get();
                return true;
            }
            if (words.phrase(ScopeWords.STANDING)) {
                standing = true;
                return true;
            }
            Optional<DriveWords.Driven> driven = DriveWords.read(words, kind, this::value);
            driven.ifPresent(one -> drives.put(one.name(), one.drive()));
            return driven.isPresent();
        }

        private OptionalDouble value(Word.Amount amount) {
            return amount.unit() == Word.Unit.SHARE ? share() : measured(amount);
        }

        /** @param whole whether all of its words must follow: who only names a dressing has it as it usually is */
        private void values(Phrase.Group group, boolean whole) {
            List<Word> said = group.words().subList(1, group.words().size());
            for (Word word : said) {
                if (word instanceof Word.Said text) {
                    if (!words.phrase(text.text()) && whole) {
                        throw DirectionException.missing(words, "\u201c" + text.text() + "\u201d");
                    }
                } else if (word instanceof Word.Amount amount) {
                    amount(amount, whole);
                } else if (word instanceof Word.Other) {
                    other(whole);
                } else if (word instanceof Word.Tint tint) {
                    tint(tint, whole);
                } else if (word instanceof Word.Pick pick) {
                    pick.options().stream()
                            .filter(words::phrase)
                            .findFirst()
                            .ifPresent(option -> choices.put(pick.name(), option));
                }
            }
        }

        private void amount(Word.Amount amount, boolean whole) {
            if (words.match(KEYED).isPresent()) {
                Value<Double> kept = was.numbers().get(amount.name());
                if (kept != null) {
                    numbers.put(amount.name(), kept);
                }
                return;
            }
            OptionalDouble value = value(amount);
            if (value.isPresent()) {
                numbers.put(amount.name(), Value.of(value.getAsDouble()));
            } else if (whole) {
                throw DirectionException.missing(words, amount.label() + " such as " + usual(amount));
            }
        }

        /** "50 %", or the 50 of "50 to 5 %". */
        private OptionalDouble share() {
            OptionalDouble percent = words.percent();
            if (percent.isPresent()) {
                return percent;
            }
            int start = words.position();
            OptionalDouble bare = words.number();
            if (bare.isPresent() && follows("to")) {
                return OptionalDouble.of(Math.rint(bare.getAsDouble() * 1e4) / 1e6);
            }
            words.back(start);
            return OptionalDouble.empty();
        }

        private OptionalDouble measured(Word.Amount amount) {
            int start = words.position();
            OptionalDouble value = words.number();
            boolean there = value.isPresent()
                    && switch (amount.unit()) {
                        case DEGREES -> words.sign("\u00b0") || words.phrase("degrees") || true;
                        case FRAMES -> words.phrase("frames") || words.phrase("frame") || words.phrase("fr");
                        case COUNT -> true;
                        // "4 to 40 px"
                        default -> words.phrase(amount.unit().text()) || follows("to");
                    };
            if (!there) {
                words.back(start);
                return OptionalDouble.empty();
            }
            return value;
        }

        private boolean follows(String phrase) {
            int here = words.position();
            boolean there = words.phrase(phrase);
            words.back(here);
            return there;
        }

        private static String usual(Word.Amount amount) {
            double shown = amount.usual() / amount.unit().factor();
            return Say.number(shown) + " " + amount.unit().text();
        }

        private void other(boolean whole) {
            if (!words.phrase(DressPrinter.NO_OTHER)
                    && (whole || words.match("(?=[\u201c\"])").isPresent())) {
                block = BlockNames.read(words, neighbours, was.block() == null ? List.of() : List.of(was.block()));
            }
        }

        private void tint(Word.Tint tint, boolean whole) {
            if (words.match(KEYED).isPresent()) {
                Value<String> kept = was.colours().get(tint.name());
                if (kept != null) {
                    colours.put(tint.name(), kept);
                }
                return;
            }
            Optional<String> colour =
                    words.match("#[0-9a-fA-F]{6}([0-9a-fA-F]{2})?").map(String::toLowerCase);
            if (colour.isPresent()) {
                colours.put(tint.name(), Value.of(colour.get()));
            } else if (whole) {
                throw DirectionException.missing(words, "a colour such as " + tint.usual());
            }
        }
    }
}
