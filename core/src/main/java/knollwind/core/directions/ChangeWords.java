package knollwind.core.directions;

import java.util.EnumMap;
import java.util.Map;
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

    private static final Map<Property, Verbs> ARRIVE = new EnumMap<>(Map.of(
            Property.OFFSET_Y, new Verbs("drop", "rise", "", ""),
            Property.OFFSET_X, new Verbs("slide right", "slide left", "", ""),
            Property.SCALE, new Verbs("grow", "shrink", "from", ""),
            Property.SCALE_X, new Verbs("widen", "narrow", "from", ""),
            Property.SCALE_Y, new Verbs("stretch up", "flatten", "from", ""),
            Property.ROTATION, new Verbs("turn", "turn", "from", ""),
            Property.OPACITY, new Verbs("fade in", "fade in", "from", ""),
            Property.BLUR, new Verbs("sharpen", "sharpen", "from", "of blur"),
            Property.TRACKING, new Verbs("open up", "close up", "from", "of tracking")));

    private static final Map<Property, Verbs> LEAVE = new EnumMap<>(Map.of(
            Property.OFFSET_Y, new Verbs("lift", "sink", "", ""),
            Property.OFFSET_X, new Verbs("slide left", "slide right", "", ""),
            Property.SCALE, new Verbs("shrink", "grow", "to", ""),
            Property.SCALE_X, new Verbs("narrow", "widen", "to", ""),
            Property.SCALE_Y, new Verbs("flatten", "stretch up", "to", ""),
            Property.ROTATION, new Verbs("turn", "turn", "to", ""),
            Property.OPACITY, new Verbs("fade out", "fade out", "to", ""),
            Property.BLUR, new Verbs("blur", "blur", "to", ""),
            Property.TRACKING, new Verbs("close up", "open up", "to", "of tracking")));

    private ChangeWords() {}

    static Verbs verbs(PhaseKind phase, Property property) {
        return (phase == PhaseKind.ARRIVE ? ARRIVE : LEAVE).get(property);
    }

    static String name(Property property) {
        return switch (property) {
            case OFFSET_X -> "offset x";
            case OFFSET_Y -> "offset y";
            case SCALE -> "scale";
            case SCALE_X -> "scale x";
            case SCALE_Y -> "scale y";
            case ROTATION -> "rotation";
            case OPACITY -> "opacity";
            case BLUR -> "blur";
            case TRACKING -> "tracking";
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
        if (property == Property.OPACITY && away == 0) {
            return verb;
        }
        return verb
                + (verbs.link().isEmpty() ? " " : " " + verbs.link() + " ")
                + amount(property, away, channel.unit())
                + (verbs.tail().isEmpty() ? "" : " " + verbs.tail());
    }

    /** Offsets are said without a sign, which their verb gives. */
    static String amount(Property property, double value, Length.Unit unit) {
        return switch (property) {
            case OFFSET_X, OFFSET_Y -> Say.length(Math.abs(value), unit);
            case BLUR -> Say.length(value, unit);
            case SCALE, SCALE_X, SCALE_Y, OPACITY -> Say.percent(value);
            case ROTATION -> Say.number(value) + "\u00b0";
            case TRACKING -> Say.number(value);
        };
    }
}
