package knollwind.core.directions.dress;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.directions.grammar.Say;
import knollwind.core.directions.move.OnlyPart;
import knollwind.core.directions.move.OnlyWords;
import knollwind.core.directions.tracks.TrackPart;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.dressing.DressKind;
import knollwind.core.dressing.DressKinds;
import knollwind.core.dressing.Word;
import knollwind.core.scene.Dressing;
import knollwind.core.scene.Drive;
import knollwind.core.scene.UnitKind;

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
    private final DressContext context;

    DressControls(List<Dressing> all, int place, DressContext context) {
        String path = context.path();
        this.all = all;
        this.place = place;
        this.own = all.get(place);
        this.kind = DressKinds.of(own);
        this.values = new DressValues(own);
        this.list = path + "/dress";
        this.at = list + "/" + own.id();
        // Its own path ends with its id.
        this.block = path.substring(path.lastIndexOf('/') + 1);
        this.context = context;
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
                    controls.add(DressValues.number(amount, now, at(amount)));
                    keyed.add(TrackPart.changing(amount.label(), now, at(amount)));
                });
            } else if (word instanceof Word.Tint tint) {
                values.colour(tint).literal().ifPresent(now -> {
                    controls.add(control(tint, now));
                    keyed.add(TrackPart.changing(tint.label(), now, at(tint)));
                });
            } else if (word instanceof Word.Pick pick) {
                controls.add(control(pick));
            } else if (word instanceof Word.Other other) {
                controls.add(control(other));
            }
        }
        if (!keyed.isEmpty()) {
            controls.add(new Control.Choice("Over time", keyed));
        }
        List<Control.Option> driven = DriveWords.amounts(kind).stream()
                .filter(amount -> !own.drives().containsKey(amount.name()))
                .map(amount -> new Control.Option(
                        amount.label(), false, List.of(Ops.set(drive(amount.name()), DriveWords.usual(amount)))))
                .toList();
        if (!driven.isEmpty()) {
            controls.add(new Control.Choice("Following", driven));
        }
        if (context.letters() > 0 && !kind.isOnAll()) {
            if (own.only() == null) {
                controls.add(OnlyPart.choice(null, UnitKind.WORD, context.letters(), at + "/only"));
            }
            if (own.each() == null) {
                controls.add(each());
            }
        }
        if (kind.canStand() && own.standing() == null) {
            controls.add(standing());
        }
        controls.add(new Control.Choice("It is", seen()));
        if (all.size() > 1) {
            controls.add(turn());
        }
        controls.add(new Control.Choice("This dressing", deeds()));
        return controls;
    }

    /** What is said of a dressing beside what its kind says, with its parts. */
    void more(Sentence.Builder out) {
        if (own.only() != null) {
            List<Control> controls = OnlyPart.controls(own.only(), UnitKind.CHARACTER, context.letters(), at + "/only");
            out.plain(", ").part(ScopeWords.ON + " " + OnlyWords.say(own.only()), new Part("only", controls, ""));
        }
        if (own.each() != null) {
            out.plain(", ").part(ScopeWords.oneByOne(own.each()), new Part("each", List.of(each()), ""));
        }
        for (Word.Amount amount : DriveWords.amounts(kind)) {
            Drive drive = own.drives().get(amount.name());
            if (drive != null) {
                out.plain(", ")
                        .part(
                                DriveWords.say(amount, drive),
                                DriveWords.part(amount, drive, context, drive(amount.name())));
            }
        }
        if (own.standing() != null) {
            out.plain(", ").part(ScopeWords.STANDING, new Part("standing", List.of(standing()), ""));
        }
    }

    private Control each() {
        List<Control.Option> options = new ArrayList<>();
        options.add(new Control.Option(
                "together",
                own.each() == null,
                own.each() == null ? List.of() : List.of(new Operation.Clear(at + "/each"))));
        for (UnitKind unit : ScopeWords.ONE_BY_ONE) {
            boolean now = unit == own.each();
            options.add(new Control.Option(
                    ScopeWords.oneByOne(unit), now, now ? List.of() : List.of(Ops.set(at + "/each", unit))));
        }
        return new Control.Choice("Put on", options);
    }

    private Control standing() {
        boolean now = own.standing() != null;
        return new Control.Choice(
                "Made of",
                List.of(
                        new Control.Option(
                                "what is uncovered",
                                !now,
                                now ? List.of(new Operation.Clear(at + "/standing")) : List.of()),
                        new Control.Option(
                                "it " + ScopeWords.STANDING,
                                now,
                                now ? List.of() : List.of(Ops.set(at + "/standing", true)))));
    }

    private String drive(String number) {
        return at + "/drives/" + number;
    }

    Control control(Word.Tint tint, String now) {
        return new Control.Tint(tint.label(), now, at(tint));
    }

    private Control control(Word.Other other) {
        String path = at + "/block";
        List<Control.Option> options = new ArrayList<>();
        options.add(new Control.Option(
                DressPrinter.NO_OTHER,
                own.block() == null,
                own.block() == null ? List.of() : List.of(new Operation.Clear(path))));
        context.neighbours().stream()
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

    private List<Control.Option> seen() {
        boolean off = own.off() != null;
        return List.of(
                new Control.Option("seen", !off, off ? List.of(new Operation.Clear(at + "/off")) : List.of()),
                new Control.Option(DressPrinter.OFF, off, off ? List.of() : List.of(Ops.set(at + "/off", true))));
    }

    private List<Control.Option> deeds() {
        List<Control.Option> deeds = new ArrayList<>();
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

    private Control turn() {
        List<Control.Option> places = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            places.add(new Control.Option(
                    Integer.toString(i + 1),
                    i == place,
                    i == place ? List.of() : List.of(new Operation.Reorder(at, i))));
        }
        return new Control.Turn("Put on as number", place, places);
    }

    String at(Word.Amount amount) {
        return at + "/numbers/" + amount.name();
    }

    String at(Word.Tint tint) {
        return at + "/colours/" + tint.name();
    }
}
