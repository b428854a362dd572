package knollwind.core.directions.dress;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Look;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.directions.grammar.BlockNames;
import knollwind.core.directions.grammar.Say;
import knollwind.core.directions.tracks.TrackPart;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.dressing.DressKind;
import knollwind.core.dressing.DressKinds;
import knollwind.core.dressing.Phrase;
import knollwind.core.dressing.Word;
import knollwind.core.scene.Block;
import knollwind.core.scene.Dressing;
import knollwind.core.scene.Value;

/** Prints what a block is dressed with: "a shadow of 10 px in #000000 at 60 %, mirrored below at 30 % fading over 0.8 em." */
public final class DressPrinter {
    /** What is printed behind a dressing that is not seen for now. */
    static final String OFF = "switched off";

    /** What is printed of a block that is dressed with nothing. */
    static final String NOTHING = "nothing";

    /** What is printed of another block where none is meant yet. */
    static final String NO_OTHER = "nothing yet";

    private DressPrinter() {}

    public static Sentence print(List<Dressing> dressings, DressContext context) {
        String at = context.path() + "/dress";
        Sentence.Builder out = new Sentence.Builder();
        if (dressings.isEmpty()) {
            out.plain(NOTHING);
        }
        for (int i = 0; i < dressings.size(); i++) {
            out.plain(i == 0 ? "" : ", ");
            new Printing(out, dressings, i, context).print();
        }
        return out.plain(".").more(List.of(offers(dressings, at))).build(at);
    }

    /** The sentence's bare text. */
    public static String text(List<Dressing> dressings, List<Block> neighbours) {
        return print(dressings, DressContext.bare(neighbours)).text();
    }

    /** The same where other blocks are told by their ids. */
    public static String text(List<Dressing> dressings) {
        return text(dressings, List.of());
    }

    private static String cues(Dressing dressing, boolean cued) {
        return cued || !dressing.choices().containsValue(Dressing.ON_CUES)
                ? ""
                : "This scene has no cues, so nothing happens on them.";
    }

    private static String readable(Dressing dressing, double em) {
        return DressKinds.readable(dressing, em)
                .map(readable ->
                        readable ? "Words at rest stay readable." : "Words at rest are hard to read like this.")
                .orElse("");
    }

    private static String cost(Double cost) {
        if (cost == null) {
            return "";
        }
        String ms = cost < 1 ? "less than 1 ms" : "about " + Say.number(Math.rint(cost)) + " ms";
        return "It costs " + ms + " a frame at this size.";
    }

    private static Control offers(List<Dressing> dressings, String at) {
        List<Control.Option> options = new ArrayList<>();
        for (DressKind kind : DressKinds.ALL) {
            Dressing made = Dressing.usual(freeAmong(dressings), kind.name());
            options.add(new Control.Option(kind.label(), false, List.of(added(dressings, dressings.size(), made, at))));
        }
        return new Control.Choice("Dress it with", options);
    }

    private static Operation added(List<Dressing> dressings, int place, Dressing made, String at) {
        return dressings.isEmpty()
                ? Ops.set(at, List.of(made))
                : new Operation.Insert(at, place, DocumentJson.tree(made));
    }

    static String freeAmong(List<Dressing> dressings) {
        return free(dressings.stream().map(Dressing::id).toList());
    }

    /** An id that is none of these. */
    static String free(List<String> ids) {
        int number = 1;
        while (ids.contains("d" + number)) {
            number++;
        }
        return "d" + number;
    }

    /** One dressing. */
    private static final class Printing {
        private final Sentence.Builder out;
        private final Dressing own;
        private final DressKind kind;
        private final DressValues values;
        private final DressControls controls;
        private final List<Block> neighbours;
        private final String note;
        private final StringBuilder said = new StringBuilder();
        /** The values in it. */
        private final List<Word> held = new ArrayList<>();

        Printing(Sentence.Builder out, List<Dressing> all, int place, DressContext context) {
            this.out = out;
            this.own = all.get(place);
            this.kind = DressKinds.of(own);
            this.values = new DressValues(own);
            this.controls = new DressControls(all, place, context);
            this.neighbours = context.neighbours();
            this.note = Stream.of(
                            kind.note(),
                            cues(own, context.cued()),
                            readable(own, context.em()),
                            cost(context.costs().get(own.id())))
                    .filter(text -> !text.isEmpty())
                    .collect(Collectors.joining(" "));
        }

        void print() {
            for (Phrase.Group group : kind.phrase().groups()) {
                if (group.always() || group.words().stream().anyMatch(values::says)) {
                    for (int i = 0; i < group.words().size(); i++) {
                        say(group.words(), i);
                    }
                }
            }
            flush();
            controls.more(out);
            if (own.off() != null) {
                said.append(' ').append(OFF);
                flush();
            }
        }

        private void say(List<Word> words, int at) {
            Word word = words.get(at);
            if (word instanceof Word.Amount amount) {
                amount(amount, isRange(amount, words, at));
            } else if (word instanceof Word.Tint tint) {
                flush();
                out.plain(" ");
                Value<String> colour = values.colour(tint);
                TrackPart.colour(out, colour, tint.label(), controls.at(tint));
                colour.literal()
                        .ifPresent(now -> out.part(
                                now, new Part("colour", List.of(controls.control(tint, now)), ""), Look.swatch(now)));
                said.append(' ');
            } else if (word instanceof Word.Pick pick) {
                held.add(pick);
                space().append(values.picked(pick));
            } else if (word instanceof Word.Other) {
                held.add(word);
                space().append(own.block() == null ? NO_OTHER : BlockNames.of(own.block(), neighbours));
            } else if (word instanceof Word.Said text) {
                space().append(text.text());
            }
        }

        private StringBuilder space() {
            return said.isEmpty() ? said : said.append(' ');
        }

        /** Of "6 to 36 px" only the second says what both are measured in. */
        private boolean isRange(Word.Amount amount, List<Word> words, int at) {
            return at + 2 < words.size()
                    && words.get(at + 1).equals(new Word.Said("to"))
                    && words.get(at + 2) instanceof Word.Amount other
                    && other.unit() == amount.unit()
                    && values.value(other).literal().isPresent();
        }

        private void amount(Word.Amount amount, boolean bare) {
            Value<Double> value = values.value(amount);
            Optional<Double> literal = value.literal();
            if (literal.isPresent()) {
                held.add(amount);
                space().append(
                                bare
                                        ? Say.number(DressValues.shown(amount, literal.get()))
                                        : DressValues.text(amount, literal.get()));
                return;
            }
            flush();
            out.plain(" ");
            double factor = amount.unit().factor();
            TrackPart.overTime(
                    out,
                    value,
                    amount.label(),
                    new TrackPart.Measure(
                            amount.unit().text(),
                            amount.least() / factor,
                            amount.most() / factor,
                            amount.step(),
                            factor),
                    controls.at(amount));
            said.append(' ');
        }

        /** What has been said since the last key is a part of its own. */
        private void flush() {
            String text = said.toString();
            said.setLength(0);
            if (!text.isBlank()) {
                out.plain(text.startsWith(" ") ? " " : "")
                        .part(text.strip(), new Part(kind.name(), controls.of(held), note));
            }
            held.clear();
        }
    }
}
