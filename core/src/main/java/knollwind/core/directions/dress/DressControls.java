package knollwind.core.directions.dress;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Values;
import knollwind.core.directions.grammar.Say;
import knollwind.core.directions.tracks.TrackPart;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.dressing.DressKind;
import knollwind.core.dressing.DressKinds;
import knollwind.core.dressing.Word;
import knollwind.core.scene.Block;
import knollwind.core.scene.Dressing;

/** The drawer of one dressing among those of its block. */
final class DressControls {
    private final List<Dressing> all;
    private final int place;
    private final Dressing own;
    private final DressKind kind;
    private final DressValues values;
    private final String list;
    private final String at;
    private final String block;
    private final List<Block> neighbours;

    /**
     * @param path of the block in the document
     * @param neighbours all blocks of its scene
     */
    DressControls(List<Dressing> all, int place, String path, List<Block> neighbours) {
        this.all = all;
        this.place = place;
        this.own = all.get(place);
        this.kind = DressKinds.of(own);
        this.values = new DressValues(own);
        this.list = path + "/dress";
        this.at = list + "/" + own.id();
        // Its own path ends with its id.
        this.block = path.substring(path.lastIndexOf('/') + 1);
        this.neighbours = neighbours;
    }

    /**
     * All that can be changed. What is said comes first: dragged sideways, it is what changes.
     *
     * @param said by the part that is opened
     */
    List<Control> of(List<Word> said) {
        List<Control> controls = new ArrayList<>();
        List<Control.Option> keyed = new ArrayList<>();
        List<Word> words = new ArrayList<>(said);
        kind.phrase().values().stream().filter(word -> !said.contains(word)).forEach(words::add);
        for (Word word : words) {
            if (word instanceof Word.Amount amount) {
                values.value(amount).literal().ifPresent(now -> {
                    controls.add(number(amount, now));
                    keyed.add(TrackPart.changing(amount.label(), now, at(amount.name())));
                });
            } else if (word instanceof Word.Tint tint) {
                controls.add(control(tint));
            } else if (word instanceof Word.Pick pick) {
                controls.add(control(pick));
            } else if (word instanceof Word.Other other) {
                controls.add(control(other));
            }
        }
        if (!keyed.isEmpty()) {
            controls.add(new Control.Choice("Over time", keyed));
        }
        controls.add(new Control.Choice("It is", seen()));
        controls.add(new Control.Choice("This dressing", deeds()));
        return controls;
    }

    Control control(Word.Tint tint) {
        return new Control.Tint(tint.label(), values.colour(tint), at + "/colours/" + tint.name());
    }

    private Control control(Word.Other other) {
        String path = at + "/block";
        List<Control.Option> options = new ArrayList<>();
        options.add(new Control.Option(
                DressPrinter.NO_OTHER,
                own.block() == null,
                own.block() == null ? List.of() : List.of(new Operation.Clear(path))));
        neighbours.stream()
                .filter(one -> !one.id().equals(block))
                .forEach(one -> options.add(new Control.Option(
                        Say.block(one), one.id().equals(own.block()), List.of(Ops.set(path, one.id())))));
        return new Control.Choice(other.label(), options);
    }

    private Control control(Word.Pick pick) {
        List<Control.Option> options = pick.options().stream()
                .map(option -> new Control.Option(
                        option,
                        option.equals(values.picked(pick)),
                        List.of(Ops.set(at + "/choices/" + pick.name(), option))))
                .toList();
        return new Control.Choice(pick.label(), options);
    }

    private Control number(Word.Amount amount, double now) {
        double factor = amount.unit().factor();
        return Values.number(
                amount.label(),
                DressValues.shown(amount, now),
                amount.unit().text(),
                amount.least() / factor,
                amount.most() / factor,
                amount.step(),
                at(amount.name()),
                factor);
    }

    private List<Control.Option> seen() {
        boolean off = own.off() != null;
        return List.of(
                new Control.Option("seen", !off, off ? List.of(new Operation.Clear(at + "/off")) : List.of()),
                new Control.Option(DressPrinter.OFF, off, off ? List.of() : List.of(Ops.set(at + "/off", true))));
    }

    private List<Control.Option> deeds() {
        List<Control.Option> deeds = new ArrayList<>();
        if (place > 0) {
            deeds.add(new Control.Option("put on earlier", false, moved(place - 1)));
        }
        if (place + 1 < all.size()) {
            deeds.add(new Control.Option("put on later", false, moved(place + 1)));
        }
        if (all.size() < Dressing.MOST) {
            deeds.add(new Control.Option(
                    "another like it",
                    false,
                    List.of(new Operation.Insert(
                            list, place + 1, DocumentJson.tree(own.withId(DressPrinter.freeAmong(all)))))));
        }
        deeds.add(new Control.Option("take it off", false, List.of(new Operation.Remove(at))));
        return deeds;
    }

    private List<Operation> moved(int to) {
        return List.of(new Operation.Remove(at), new Operation.Insert(list, to, DocumentJson.tree(own)));
    }

    String at(String number) {
        return at + "/numbers/" + number;
    }
}
