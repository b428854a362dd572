package knollwind.core.dressing;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import knollwind.core.display.DisplayList;
import knollwind.core.display.Mixing;

/** How the dressed block as a whole is laid over what lies behind it. Of several the last one counts. */
final class Mix extends DressKind {
    /** Longer names before those that begin them. */
    private static final Map<String, Mixing> MODES = new LinkedHashMap<>();

    static {
        MODES.put("adding light", Mixing.PLUS_LIGHTER);
        MODES.put("screen", Mixing.SCREEN);
        MODES.put("multiply", Mixing.MULTIPLY);
        MODES.put("overlay", Mixing.OVERLAY);
        MODES.put("darken", Mixing.DARKEN);
        MODES.put("lighten", Mixing.LIGHTEN);
        MODES.put("colour dodge", Mixing.COLOR_DODGE);
        MODES.put("colour burn", Mixing.COLOR_BURN);
        MODES.put("hard light", Mixing.HARD_LIGHT);
        MODES.put("soft light", Mixing.SOFT_LIGHT);
        MODES.put("difference", Mixing.DIFFERENCE);
        MODES.put("exclusion", Mixing.EXCLUSION);
        MODES.put("hue", Mixing.HUE);
        MODES.put("saturation", Mixing.SATURATION);
        MODES.put("colour", Mixing.COLOR);
        MODES.put("luminosity", Mixing.LUMINOSITY);
    }

    private static final Word.Pick MODE = new Word.Pick("mode", "mixed by", List.copyOf(MODES.keySet()));
    private static final Word.Amount STRENGTH = Word.Amount.share("strength", "strength", 1);
    private static final Phrase PHRASE = Phrase.of("laid over by", MODE).maybe("at", STRENGTH);

    Mix() {
        super("mix", "mixing with what is behind", PHRASE);
    }

    /**
     * How a group is laid over what is behind it.
     *
     * @param strength 0 to 1
     */
    record Over(Mixing mixing, double strength) {}

    Over over(Worn worn) {
        return new Over(MODES.get(worn.pick(MODE)), worn.get(STRENGTH));
    }

    @Override
    public boolean isOnAll() {
        return true;
    }

    @Override
    public DisplayList dress(Wearer wearer, Worn worn) {
        return wearer.now();
    }
}
