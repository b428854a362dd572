package knollwind.core.directions.move;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import knollwind.core.directions.grammar.Say;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Channel;
import knollwind.core.scene.Length;
import knollwind.core.scene.Property;

/**
 * The verbs for what changes. A verb says what is seen: a unit whose away place is lower rises as it arrives and sinks as
 * it leaves.
 */
final class ChangeWords {
    /**
     * How a property is said in a phase.
     *
     * @param below verb when the away value is below (or at) rest
     * @param above verb when it is above rest
     * @param link word between verb and amount: "from", "to" or none
     * @param tail words after the amount
     */
    record Verbs(String below, String above, String link, String tail) {}

    private static final Map<Property, Verbs> ARRIVE = new EnumMap<>(Property.class);
    private static final Map<Property, Verbs> AWAY = new EnumMap<>(Property.class);

    static {
        verbs(Property.OFFSET_Y, new Verbs("drop", "rise", "", ""), new Verbs("lift", "sink", "", ""));
        verbs(
                Property.OFFSET_X,
                new Verbs("slide right", "slide left", "", ""),
                new Verbs("slide left", "slide right", "", ""));
        verbs(
                Property.OFFSET_Z,
                new Verbs("come forward", "draw back", "", ""),
                new Verbs("draw back", "come forward", "", ""));
        verbs(Property.SCALE, new Verbs("grow", "shrink", "from", ""), new Verbs("shrink", "grow", "to", ""));
        verbs(Property.SCALE_X, new Verbs("widen", "narrow", "from", ""), new Verbs("narrow", "widen", "to", ""));
        verbs(
                Property.SCALE_Y,
                new Verbs("stretch up", "flatten", "from", ""),
                new Verbs("flatten", "stretch up", "to", ""));
        verbs(Property.ROTATION, new Verbs("turn", "turn", "from", ""), new Verbs("turn", "turn", "to", ""));
        verbs(Property.ROTATION_X, new Verbs("tip", "tip", "from", ""), new Verbs("tip", "tip", "to", ""));
        verbs(Property.ROTATION_Y, new Verbs("swing", "swing", "from", ""), new Verbs("swing", "swing", "to", ""));
        verbs(Property.SKEW, new Verbs("lean", "lean", "from", ""), new Verbs("lean", "lean", "to", ""));
        verbs(
                Property.OPACITY,
                new Verbs("fade in", "fade in", "from", ""),
                new Verbs("fade out", "fade out", "to", ""));
        verbs(
                Property.REVEAL,
                new Verbs("wipe in", "wipe in", "from", ""),
                new Verbs("wipe out", "wipe out", "to", ""));
        verbs(Property.BLUR, new Verbs("sharpen", "sharpen", "from", "of blur"), new Verbs("blur", "blur", "to", ""));
        verbs(
                Property.BLUR_X,
                new Verbs("streak in", "streak in", "from", ""),
                new Verbs("streak out", "streak out", "to", ""));
        verbs(
                Property.BLUR_Y,
                new Verbs("smear in", "smear in", "from", ""),
                new Verbs("smear out", "smear out", "to", ""));
        verbs(
                Property.BASELINE_SHIFT,
                new Verbs("step up", "step down", "", ""),
                new Verbs("step down", "step up", "", ""));
        verbs(
                Property.TRACKING,
                new Verbs("open up", "close up", "from", "of tracking"),
                new Verbs("close up", "open up", "to", "of tracking"));
        verbs(Property.DRAW, new Verbs("draw in", "draw in", "from", ""), new Verbs("draw out", "draw out", "to", ""));
        verbs(
                Property.WRITE,
                new Verbs("write in", "write in", "from", ""),
                new Verbs("write out", "write out", "to", ""));
        verbs(Property.STROKE, new Verbs("outline", "outline", "from", ""), new Verbs("outline", "outline", "to", ""));
        verbs(
                Property.WEIGHT,
                new Verbs("thicken", "thin", "from", "of weight"),
                new Verbs("thin", "thicken", "to", "of weight"));
        verbs(
                Property.WIDTH,
                new Verbs("expand", "condense", "from", "of width"),
                new Verbs("condense", "expand", "to", "of width"));
        verbs(Property.TINT, new Verbs("colour", "colour", "from", ""), new Verbs("colour", "colour", "to", ""));
    }

    private static void verbs(Property property, Verbs arriving, Verbs away) {
        ARRIVE.put(property, arriving);
        AWAY.put(property, away);
    }

    private ChangeWords() {}

    static Verbs verbs(PhaseKind phase, Property property) {
        return (phase == PhaseKind.ARRIVE ? ARRIVE : AWAY).get(property);
    }

    /** What a property is called where its keys are listed. */
    static String name(Property property) {
        return property.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** "fade in" and "wipe in" say by themselves that they begin with nothing. */
    static boolean plainAtZero(Property property) {
        return switch (property) {
            case OPACITY, REVEAL, DRAW, WRITE -> true;
            default -> false;
        };
    }

    /** The plain verb, or its singular: "rise", "rises"; "slide right", "slides right". */
    static String inflect(String verb, boolean singular) {
        if (!singular) {
            return verb;
        }
        int space = verb.indexOf(' ');
        String first = space < 0 ? verb : verb.substring(0, space);
        String ending = first.endsWith("ch") ? "es" : "s";
        return first + ending + (space < 0 ? "" : verb.substring(space));
    }

    /** The channel as a clause: "rise 0.6 em", "fade in", "turn from -30°". */
    static String say(Channel channel, PhaseKind phase, boolean singular) {
        if (!channel.plain()) {
            return KeyedWords.say(channel);
        }
        Property property = channel.property();
        Verbs verbs = verbs(phase, property);
        double away = channel.away();
        boolean above = away > property.rest() || (property == Property.OFFSET_Y && away == 0);
        String verb = inflect(above ? verbs.above() : verbs.below(), singular);
        if (plainAtZero(property) && away == 0) {
            return verb;
        }
        return verb
                + (verbs.link().isEmpty() ? " " : " " + verbs.link() + " ")
                + (property == Property.TINT
                        ? (away == 1 ? "" : Say.percent(away) + " ") + channel.colour()
                        : amount(property, away, channel.unit()) + (property.coloured() ? " " + channel.colour() : ""))
                + (verbs.tail().isEmpty() ? "" : " " + verbs.tail());
    }

    /** Offsets are said without a sign, which their verb gives. */
    static String amount(Property property, double value, Length.Unit unit) {
        return switch (property.measure()) {
            case LENGTH -> Say.length(property.sided() ? Math.abs(value) : value, unit);
            case FACTOR, COLOUR -> Say.percent(value);
            case DEGREES -> Say.number(value) + "\u00b0";
            case THOUSANDTHS, AXIS -> Say.number(value);
        };
    }
}
