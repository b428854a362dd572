package knollwind.core.caption;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How one caption looks other than those around it, as far as WebVTT can say so of all its words.
 *
 * @param across where it stands, 0 to 1 of the frame's width; null where the others stand
 * @param down 0 to 1 of the frame's height
 * @param italic true or null
 * @param bold true or null
 * @param colour one of WebVTT's own, as #rrggbb; null for that of the others
 */
public record CaptionLook(Double across, Double down, Boolean italic, Boolean bold, String colour) {
    private static final CaptionLook NOTHING = new CaptionLook(null, null, null, null, null);

    /** The classes of colours that WebVTT names, section 5.1 (default classes). */
    private static final Map<String, String> COLOURS = new TreeMap<>(Map.of(
            "white", "#ffffff",
            "lime", "#00ff00",
            "cyan", "#00ffff",
            "red", "#ff0000",
            "yellow", "#ffff00",
            "magenta", "#ff00ff",
            "blue", "#0000ff",
            "black", "#000000"));

    private static final Pattern WHOLE = Pattern.compile("(?s)\\s*<([ib]|c(?:\\.[a-z_]+)+)>(.*)</([ibc])>\\s*");
    private static final Pattern PLACED = Pattern.compile("(line|position):(\\d+(?:\\.\\d+)?)%(?:,[a-z-]+)?");

    /** A look and the words without its marks. */
    record Marked(CaptionLook look, String words) {}

    /** Null where it is that of the others. */
    CaptionLook orNull() {
        return equals(NOTHING) ? null : this;
    }

    /** Takes off the marks that lie around all words; others stay. */
    static Marked marked(String words) {
        CaptionLook look = NOTHING;
        String rest = words;
        for (Matcher mark = WHOLE.matcher(rest); mark.matches(); mark = WHOLE.matcher(rest)) {
            String name = mark.group(1);
            boolean closes = name.substring(0, 1).equals(mark.group(3));
            CaptionLook more = look.with(name);
            if (!closes || more == null || mark.group(2).contains("</" + mark.group(3) + ">")) {
                break;
            }
            look = more;
            rest = mark.group(2);
        }
        return new Marked(look, rest);
    }

    /** Null where the mark says what cannot be kept. */
    private CaptionLook with(String mark) {
        if (mark.equals("i")) {
            return new CaptionLook(across, down, true, bold, colour);
        }
        if (mark.equals("b")) {
            return new CaptionLook(across, down, italic, true, colour);
        }
        String named = COLOURS.get(mark.substring(2));
        return named == null ? null : new CaptionLook(across, down, italic, bold, named);
    }

    /**
     * With the place that a cue's settings tell.
     *
     * @param lost gets what of them cannot be kept
     */
    CaptionLook placed(String settings, List<String> lost) {
        Double x = across;
        Double y = down;
        for (String setting : settings.strip().split("\\s+")) {
            Matcher place = PLACED.matcher(setting);
            double part = place.matches() ? Double.parseDouble(place.group(2)) / 100 : 2;
            if (part > 1) {
                boolean usual = setting.isEmpty() || setting.matches("align:(center|middle)");
                lost.addAll(usual ? List.of() : List.of("places"));
            } else if (place.group(1).equals("line")) {
                y = part;
            } else {
                x = part;
            }
        }
        return new CaptionLook(x, y, italic, bold, colour);
    }

    /** " position:50% line:85%"; empty where it stands as the others. */
    String settings() {
        return (across == null ? "" : " position:" + percent(across)) + (down == null ? "" : " line:" + percent(down));
    }

    private static String percent(double part) {
        String text = Double.toString(Math.round(part * 1e4) / 1e2);
        return (text.endsWith(".0") ? text.substring(0, text.length() - 2) : text) + "%";
    }

    /** Words in the marks of the look. */
    String marks(String words) {
        List<String> marks = new ArrayList<>();
        if (colour != null) {
            COLOURS.forEach((name, value) -> {
                if (value.equals(colour)) {
                    marks.add("c." + name);
                }
            });
        }
        if (Boolean.TRUE.equals(bold)) {
            marks.add("b");
        }
        if (Boolean.TRUE.equals(italic)) {
            marks.add("i");
        }
        String marked = words;
        for (int i = marks.size() - 1; i >= 0; i--) {
            marked = "<" + marks.get(i) + ">" + marked + "</" + marks.get(i).substring(0, 1) + ">";
        }
        return marked;
    }
}
