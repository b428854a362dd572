package knollwind.core.directions.move;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Values;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.grammar.Say;
import knollwind.core.document.Operation;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Property;
import knollwind.core.scene.RevealBar;

/** What is seen ahead of a reveal: "led by a bar of 0.06 em in #f0b64a". */
final class LeadClause implements Clause {
    /** em: a stroke of a light face. */
    private static final double USUAL = 0.06;

    private static final String LAMP = "#f0b64a";

    static String say(RevealBar lead) {
        return "led by a " + lead.kind().text() + " of " + Say.number(lead.thickness()) + " em in " + lead.colour();
    }

    static Part part(MoveContext context) {
        RevealBar lead = context.move().uncovering().lead();
        String at = context.path() + "/lead";
        return new Part(
                "lead",
                List.of(
                        Values.number("thick", lead.thickness(), "em", 0.01, 1, 0.01, at + "/thickness", 1),
                        new Control.Tint("Colour", lead.colour(), at + "/colour"),
                        choice(context)),
                "");
    }

    /** What can lead this reveal: a bar a wipe, a caret pieces that just appear. */
    static Control choice(MoveContext context) {
        RevealBar now = context.move().uncovering().lead();
        String at = context.path() + "/lead";
        List<Control.Option> options = new ArrayList<>();
        options.add(
                new Control.Option("nothing", now == null, now == null ? List.of() : List.of(new Operation.Clear(at))));
        boolean wipes = context.move().channels().stream().anyMatch(one -> one.property() == Property.REVEAL);
        for (RevealBar.Kind kind : wipes ? RevealBar.Kind.values() : new RevealBar.Kind[] {RevealBar.Kind.CARET}) {
            RevealBar lead =
                    now == null ? new RevealBar(kind, USUAL, LAMP) : new RevealBar(kind, now.thickness(), now.colour());
            options.add(new Control.Option(
                    "a " + kind.text(), now != null && now.kind() == kind, List.of(Ops.set(at, lead))));
        }
        return new Control.Choice("Led by", options);
    }

    @Override
    public boolean read(Lexer words, MoveDraft draft) {
        if (!words.phrase("led by a")) {
            return false;
        }
        for (RevealBar.Kind kind : RevealBar.Kind.values()) {
            if (words.phrase(kind.text())) {
                OptionalDouble thickness = words.phrase("of") ? words.number() : OptionalDouble.empty();
                words.phrase("em");
                String colour = words.phrase("in") ? words.match("#[0-9a-f]{6}").orElse(LAMP) : LAMP;
                draft.lead = new RevealBar(kind, thickness.orElse(USUAL), colour.toLowerCase(Locale.ROOT));
                return true;
            }
        }
        throw new DirectionException("a reveal is led by a bar or a caret", words.position(), List.of("bar", "caret"));
    }

    @Override
    public List<String> openings(PhaseKind phase) {
        return phase == PhaseKind.DWELL
                ? List.of()
                : List.of("led by a bar of 0.06 em in #f0b64a", "led by a caret of 0.06 em in #f0b64a");
    }
}
