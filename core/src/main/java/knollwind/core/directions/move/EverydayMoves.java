package knollwind.core.directions.move;

import java.util.regex.MatchResult;
import knollwind.core.directions.grammar.Everyday;
import knollwind.core.directions.grammar.Say;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Beats;

/** What people say of moves before they have read how it is said here. */
final class EverydayMoves {
    private static final String NUMBER = "(\\d+(?:\\.\\d+)?|\\.\\d+)";

    /** What comes from a side or goes to one, when nobody has said how far. */
    private static final String FAR = " 1 em";

    private EverydayMoves() {}

    /**
     * For a phase of a scene.
     *
     * @param perSecond frames
     * @param beats of the scene; null without a tempo
     */
    static Everyday of(PhaseKind phase, double perSecond, Beats beats, boolean whole) {
        Everyday words = new Everyday()
                .with("half a second", "0.5 s")
                .with("(?:a )?quarter of a second", "0.25 s")
                .with("(?:a|one) second", "1 s")
                .with(NUMBER + " ?(?:s|sec|secs|seconds?)", found -> frames(found, perSecond))
                .with(NUMBER + " ?(?:ms|milliseconds?)", found -> frames(found, perSecond / 1000))
                .with(
                        beats == null ? Everyday.NOTHING : "(?<!every )" + NUMBER + " ?(?:b|beats?)",
                        found -> frames(found, perSecond * beats.seconds()))
                .with(
                        "(?:over|during|taking|within|for|in) " + NUMBER + " frames?(?! each)",
                        found -> whole ? "in " + found.group(1) + " frames" : found.group(1) + " in all")
                .with("(?<!only )every (other|second) letters?", "only every other character")
                .with(
                        "(?<!only )every (other|second) (character|word|line)s?",
                        found -> "only every other " + found.group(2))
                .with(
                        "(?<!every other )(?:each |every )?(?:letters?|glyphs?)(?: by (?:letter|character))?",
                        "characters")
                .with("(?:each|every) (character|word|line)", found -> found.group(1) + "s")
                .with("everything|all of it|it all|the (?:block|text|title|sentence)", "the whole");
        String up = phase == PhaseKind.ARRIVE ? "rise" : "lift";
        String down = phase == PhaseKind.ARRIVE ? "drop" : "sink";
        words.with("slides? up(?= \\d)", up)
                .with("slides? down(?= \\d)", down)
                .with("slides? up(?! \\d)", up + FAR)
                .with("slides? down(?! \\d)", down + FAR);
        if (phase == PhaseKind.DWELL) {
            words.with(
                    "((?:shrink|grow|scale|turn|rise|sink|slide|drift)s?) (?:very )?slowly ([^,.]+?)(?:,? over (?:its|the) (?:whole )?stay|(?=,|\\.|$))",
                    found -> found.group(1) + " " + found.group(2).strip() + ", over its stay");
        }
        words.with(
                "(rise|drop|lift|sink|turn|slides? (?:left|right|up|down))s? by(?= [-+\u2212.\\d])",
                found -> found.group(1));
        easings(words);
        words.with(
                "(tips?|swings?|leans?|turns?) (?:up|down|in|out|over|round)(?= (?:from|to) )",
                found -> found.group(1));
        // Where it is said how long each takes, the next begins when one is there.
        words.with(
                        "([.,\\d]+)( frames?)? each,? (?:one (?:after|by) (?:another|one)|one after the other|in turn)(?!.*\\bapart)",
                        found -> found.group(1) + " frames each, " + found.group(1) + " apart")
                .with("one (?:after|by) (?:another|one)|one after the other|in turn", "in reading order")
                .with("backwards|last first|from the end", "in reverse")
                .with("from the (?:middle|centre|center)(?: outwards?)?", "centre out")
                .with("from (?:both|the) ends(?: inwards?)?", "ends in")
                .with("randomly|in (?:a )?random order", "at random")
                .with("all at once", "0 apart")
                .with("very slowly", "60 frames each")
                .with("slowly", "30 frames each")
                .with("quickly|fast", "8 frames each");
        boolean arriving = phase == PhaseKind.ARRIVE;
        return sides(words, phase)
                .with(arriving ? "lifts?" : "rises?", up)
                .with(arriving ? "sinks?" : "drops?", down)
                .with(
                        "(rise|drop|lift|sink|slides? (?:left|right))s?(?! (?:[-+\u2212.\\d]|keyed|along|in an arc))",
                        found -> found.group(1) + FAR);
    }

    private static String frames(MatchResult found, double perSecond) {
        return Say.frames(Math.max(1, Math.round(Double.parseDouble(found.group(1)) * perSecond)));
    }

    private static void easings(Everyday words) {
        words.with("(?:with )?(?<!easing )eas(?:e|ing)[ -]in[ -](?:and[ -])?out", "gently at both ends")
                .with("(?:with )?(?<!easing )eas(?:e|ing)[ -]out", "landing softly")
                .with("(?:with )?(?<!easing )eas(?:e|ing)[ -]in", "starting gently")
                .with(
                        "(?<!easing )linear(?:ly)?|evenly|at (?:a |an )?(?:steady|constant|even) (?:speed|pace)",
                        "steadily")
                .with(
                        "smoothly|softly(?<!landing softly)|gently(?<!starting gently)(?! at both ends)",
                        "landing softly")
                .with("with (?:a )?bounce|bouncy", "bouncing")
                .with("with (?:an? )?overshoot", "overshooting")
                .with("with (?:a )?spring|springy", "springing");
    }

    private static Everyday sides(Everyday words, PhaseKind phase) {
        String coming = "(?:(?:slid|com|mov|fly|drift)(?:e|es|s|ing|ies)? )?(?:in )?from (?:the )?";
        String going = "(?:(?:slid|go|mov|fly|drift)(?:e|es|s|ing|ies)? )?(?:out |away |off )?(?:to|towards) the ";
        return switch (phase) {
            case ARRIVE ->
                words.with(coming + "left", "slide right" + FAR)
                        .with(coming + "right", "slide left" + FAR)
                        .with(coming + "(?:below|bottom|underneath)", "rise" + FAR)
                        .with(coming + "(?:above|top)", "drop" + FAR)
                        .with("(?:zoom|scale|grow)s?(?: up| in)", "grow from 0 %")
                        .with("pops?(?: in| up)?", "grow from 0 %, overshooting")
                        .with("spins?(?: in)?", "turn from 180\u00b0")
                        .with("blurs?(?: in)?", "sharpen from 0.3 em of blur")
                        .with("dissolves?(?: in)?", "fade in");
            case LEAVE ->
                words.with(going + "left", "slide left" + FAR)
                        .with(going + "right", "slide right" + FAR)
                        .with(going + "bottom|downwards|(?:drop|fall)s? (?:down|away)", "sink" + FAR)
                        .with(going + "top|upwards", "lift" + FAR)
                        .with("(?:zoom|scale|shrink)s?(?: down| out| away)", "shrink to 0 %")
                        .with("spins?(?: out| away)?", "turn to 180\u00b0")
                        .with("blurs?(?: out)?", "blur to 0.3 em")
                        .with("dissolves?(?: out)?", "fade out")
                        .with("disappears?", "vanish");
            case DWELL ->
                words.with("pulses? with (the music|the voice)", found -> "grow to 104 %, as loud as " + found.group(1))
                        .with(
                                "(?:(?:follow(?:s|ing)?|with) )?(?:the )?(?:loudness|level|volume) of (the music|the voice|all that is heard)",
                                found -> "as loud as " + found.group(1))
                        .with(
                                "(?<!of )(?<!loud as )(?<!quiet as )with (the music|the voice)",
                                found -> "as loud as " + found.group(1))
                        .with(
                                "(?:shakes?|shaking|jitters?)(?: by)? " + NUMBER + " ?(px|em)",
                                found -> "slide left " + found.group(1) + " " + found.group(2)
                                        + ", trembling every 4 frames")
                        .with("shakes?|shaking|jitters?", "slide left 0.06 em, trembling every 4 frames")
                        .with("blinks?|blinking", "fade out, flickering every 12 frames")
                        .with("pulses?|throbs?", "grow to 104 %, pulsing every 24 frames");
        };
    }
}
