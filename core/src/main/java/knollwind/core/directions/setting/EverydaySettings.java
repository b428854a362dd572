package knollwind.core.directions.setting;

import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import knollwind.core.directions.grammar.Everyday;
import knollwind.core.type.FontFamily;

/** What people say of type and places before they have read how it is said here. */
final class EverydaySettings {
    private static final String NUMBER = "(\\d+(?:\\.\\d+)?)";

    private EverydaySettings() {}

    /** What people say of shapes. */
    static Everyday ofShapes() {
        return new Everyday()
                .with("(?:a )?box", "a rectangle")
                .with("(?:a )?(?:circle|oval)", "an ellipse")
                .with("(?<!an )ellipse", "an ellipse")
                .with("(?<!a )rectangle", "a rectangle")
                .with("(?:with )?(?:sharp|square) corners", "corners 0 px")
                .with("(?:with )?round(?:ed)? corners(?: of)?(?= \\d)", "corners")
                .with("(?:rounded|round)(?: by)?(?= \\d)", "corners")
                .with("tall", "high")
                .with("(?:outlined|bordered)(?: by)?", "stroked")
                .with("(?:without|no) (?:a )?(?:stroke|outline|border)", "no stroke")
                .with("(?<!in )(?:the )?colou?r(?:ed)? (#[0-9a-f]{3,8})", found -> "in " + found.group(1))
                .with("(?:fixed|stuck) (?:to|in) the frame|over the (?:whole )?frame", "pinned to the frame")
                .with("(?:filled with|filled in) (#[0-9a-f]{3,8})", found -> "in " + found.group(1))
                .with("(?:without|no) (?:a )?fill", "in no colour")
                .with("(?:rotated|rotate|turn)(?: by)?(?= -?\\d)", "turned");
    }

    /**
     * @param family that the words are set in
     * @param families all there are
     */
    static Everyday of(String family, List<FontFamily> families) {
        String names = families.isEmpty()
                ? Everyday.NOTHING
                : families.stream().map(one -> Pattern.quote(one.name())).collect(Collectors.joining("|"));
        return new Everyday()
                .with("(?:font|typeface|face|family) (" + names + ")", found -> "set in " + found.group(1))
                .with("(?<!set in )(" + names + ")(?= bold| weight|,|$)", found -> "set in " + found.group(1))
                .with("(?:extra|ultra) ?bold", "weight 800")
                .with("semi ?bold|demi ?bold", "weight 600")
                .with("bold", "weight 700")
                .with("medium", "weight 500")
                .with("light", "weight 300")
                .with("thin", "weight 100")
                // A weight alone is one of the face that is there.
                .with("^\\s*weight " + NUMBER, found -> "set in " + family + " weight " + found.group(1))
                .with("(?<=[,;] {0,2})weight " + NUMBER, found -> "set in " + family + " weight " + found.group(1))
                .with(
                        "(?:size )?" + NUMBER + " ?px(?: large| big| high| tall| in size)",
                        found -> "at " + found.group(1) + " px")
                .with("size (?:of )?" + NUMBER + "(?: ?px)?", found -> "at " + found.group(1) + " px")
                .with("(?:align(?:ed)?|flush|ranged) (?:to the )?left|left[ -]align(?:ed)?", "ranged to the start")
                .with("(?:align(?:ed)?|flush|ranged) (?:to the )?right|right[ -]align(?:ed)?", "ranged to the end")
                .with("cent(?:er|re)[ -]align(?:ed)?|align(?:ed)? (?:to the )?cent(?:er|re)|centered", "centred")
                .with("(?:in )?(?:all )?(?:caps|upper ?case)", "in capitals")
                .with("(?:in )?lower ?case", "in small letters")
                .with("(?<!in )small caps", "in small capitals")
                .with(
                        "(?<!with )(?:in |using )?(old-style|lining|tabular|proportional) (?:figures|numbers|digits)",
                        found -> "with " + found.group(1) + " figures")
                .with("(?:line[ -](?:height|spacing)) " + NUMBER, found -> "leading " + found.group(1))
                .with("(?:letter|character)[ -]spacing " + NUMBER, found -> "tracking " + found.group(1))
                .with(NUMBER + " ?% (across|down)", found -> found.group(1) + " % of the frame " + found.group(2))
                .with("over (?:each|every) letter", "over each character")
                .with("over every (line|word|character)", found -> "over each " + found.group(1))
                .with("not (?:flipped|mirrored)", "unmirrored")
                .with("(?:flipped|mirrored)(?: horizontally| sideways)?(?=[,;.]|$)", "mirrored left to right")
                .with("(?:flipped|mirrored) (?:vertically|upside down)|upside down", "mirrored top to bottom")
                .with("(?:running|scrolling)(?= (?:left|right) at )", "crawling")
                .with(
                        "(?:along|at) the foot",
                        "placed by the bottom at 50 % of the frame across and 94 % of the frame down")
                .with("(?:on|in) one line", "unwrapped")
                .with(
                        "(?:(?:leaning|leans?|tipped|tilted|going|running|receding) )?(?:back(?:wards)? )?into the distance(?! at)",
                        "into the distance at 50\u00b0")
                .with(
                        "(?:leaning|leans?|tipped|tilted) back(?:wards)?(?: by)? " + NUMBER + "\u00b0",
                        found -> "into the distance at " + found.group(1) + "\u00b0")
                .with("(?<!in )(?:the )?colou?r(?:ed)? (#[0-9a-f]{3,8})", found -> "in " + found.group(1))
                .with("(?:fixed|stuck) (?:to|in) the frame|over the (?:whole )?frame", "pinned to the frame")
                .with("(?<=placed by the )(?:middle cent(?:er|re)|cent(?:er|re) middle|center|middle)", "centre");
    }
}
