package knollwind.core.directions.caption;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import knollwind.core.caption.CaptionLook;
import knollwind.core.document.DocumentJson;
import knollwind.core.scene.Colour;
import knollwind.core.scene.Filling;
import knollwind.core.scene.Length;
import knollwind.core.scene.TextBlock;
import tools.jackson.databind.JsonNode;

/** What one caption has of its own, as files tell it, and as the values that are filled into its design. */
public final class CaptionLooks {
    private static final double BOLD = 700;
    private static final List<String> X = List.of("place", "x");
    private static final List<String> Y = List.of("place", "y");
    private static final List<String> STYLE = List.of("setting", "face", "style");
    private static final List<String> AXES = List.of("setting", "face", "axes");
    private static final List<String> FILL = List.of("setting", "fill");

    private CaptionLooks() {}

    /**
     * The values that a look fills in.
     *
     * @param look null for none
     * @param slants whether the design's face has an italic
     */
    public static List<Filling> of(CaptionLook look, TextBlock design, boolean slants) {
        List<Filling> own = new ArrayList<>();
        if (look == null) {
            return own;
        }
        if (look.across() != null) {
            own.add(part(design, X, look.across()));
        }
        if (look.down() != null) {
            own.add(part(design, Y, look.down()));
        }
        if (look.italic() != null && slants) {
            own.add(Filling.of(design.id(), STYLE, DocumentJson.tree("\"italic\"")));
        }
        if (look.bold() != null) {
            Map<String, Double> axes = new TreeMap<>(design.setting().face().axes());
            axes.put("wght", BOLD);
            own.add(Filling.of(design.id(), AXES, DocumentJson.tree(axes)));
        }
        if (look.colour() != null) {
            own.add(Filling.of(
                    design.id(),
                    FILL,
                    DocumentJson.tree("{\"kind\":\"solid\",\"colour\":\"" + Colour.check(look.colour()) + "\"}")));
        }
        return own;
    }

    private static Filling part(TextBlock design, List<String> path, double part) {
        return Filling.of(design.id(), path, DocumentJson.tree(new Length(part * 100, Length.Unit.FRAME)));
    }

    /**
     * What files can tell of a caption's own values; null for nothing.
     *
     * @param design id of the block that dresses it
     * @param width px of the base frame
     * @param height px of the base frame
     */
    static CaptionLook of(List<Filling> own, String design, double width, double height) {
        Double across = null;
        Double down = null;
        Boolean italic = null;
        Boolean bold = null;
        String colour = null;
        for (Filling one : own) {
            JsonNode value = one.value();
            if (!one.block().equals(design)) {
                continue;
            }
            if (one.path().equals(X)) {
                across = part(value, width);
            } else if (one.path().equals(Y)) {
                down = part(value, height);
            } else if (one.path().equals(STYLE)) {
                italic = value.asString("").equals("italic") ? true : null;
            } else if (one.path().equals(AXES)) {
                bold = value.path("wght").asDouble(0) >= BOLD ? true : null;
            } else if (one.path().equals(FILL)) {
                colour = value.path("colour").asString(null);
            }
        }
        return across == null && down == null && italic == null && bold == null && colour == null
                ? null
                : new CaptionLook(across, down, italic, bold, colour);
    }

    private static Double part(JsonNode value, double frame) {
        double number = value.path("value").asDouble(Double.NaN);
        double part = switch (value.path("unit").asString("")) {
            case "frame" -> number / 100;
            case "px" -> number / frame;
            default -> Double.NaN;
        };
        return part >= 0 && part <= 1 ? Double.valueOf(part) : null;
    }
}
