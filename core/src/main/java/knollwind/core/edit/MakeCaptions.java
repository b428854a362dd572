package knollwind.core.edit;

import java.util.List;
import knollwind.core.directions.caption.CaptionRuleWords;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.scene.CaptionRules;
import knollwind.core.scene.Captions;
import knollwind.core.scene.NamedTimes;
import knollwind.core.scene.Scene;

/**
 * Makes the captions of a scene from the words of a voice, or makes them anew. Those that were set by hand stay unless told otherwise.
 *
 * @param sound id of the voice; null for the one that they were made from, or the first that has words
 * @param rules what is to be other in their rules, as a sentence; null for the rules they have
 * @param all whether those that were set by hand are made anew too
 */
public record MakeCaptions(String scene, String sound, String rules, boolean all) implements Intent {
    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        CaptionRows.Begun begun = CaptionRows.begun(draft, open);
        Captions row = begun.row();
        String from = sound == null ? row.sound() : sound;
        if (from == null && open.captions() != null) {
            return ruled(open, row);
        }
        NamedTimes named = NamedTimes.of(draft.project(), open);
        NamedTimes.Spoken spoken = CaptionMaking.spoken(named, from)
                .orElseThrow(() -> new IllegalArgumentException(
                        from == null
                                ? "no voice of this scene has words yet; give one a script in its voice room first"
                                : "this voice has no words yet; give it a script in its voice room first"));
        CaptionRules wanted = rules == null
                ? row.rules()
                : CaptionRuleWords.read(rules, row.rules(), open.rate().perSecond());
        Captions told = row.with(one -> one.rules(wanted).sound(spoken.sound().id()));
        CaptionMaking.Made made =
                CaptionMaking.of(draft.project(), open, told, spoken.sound().id(), all);
        return Outcome.saying(CaptionRows.put(open, begun, told.withLines(made.lines())), CaptionMaking.said(made));
    }

    private CaptionRules wanted(Scene open, Captions row) {
        return rules == null
                ? row.rules()
                : CaptionRuleWords.read(rules, row.rules(), open.rate().perSecond());
    }

    /** Captions that were read keep their words and times; by their rules it is told which of them break some. */
    private Outcome ruled(Scene open, Captions row) {
        if (rules == null) {
            throw new IllegalArgumentException(
                    "these captions were read from a file and not made from a voice; choose a voice to make them anew");
        }
        return Outcome.of(
                List.of(new Operation.Set(CaptionRows.path(scene) + "/rules", DocumentJson.tree(wanted(open, row)))),
                "");
    }
}
