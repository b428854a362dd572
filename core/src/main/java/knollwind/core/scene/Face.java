package knollwind.core.scene;

import java.util.Map;
import java.util.TreeMap;

/**
 * A face: family, style, axis values and the SHA-256 of its font file, so that a document knows when it is set in
 * something else than it was made with.
 *
 * @param style {@code normal} or {@code italic}
 * @param axes four-letter OpenType axis tags to values in the axis' own scale
 * @param sha256 lower-case hex; empty when the file was never seen
 */
public record Face(String family, String style, Map<String, Double> axes, String sha256) {
    public Face {
        Check.text(family, 100, "the family of a face");
        style = style == null ? "normal" : style;
        if (!style.equals("normal") && !style.equals("italic")) {
            throw new IllegalArgumentException("the style of a face is normal or italic, not " + style);
        }
        axes = axes == null ? Map.of() : java.util.Collections.unmodifiableMap(new TreeMap<>(axes));
        axes.forEach((tag, value) -> {
            if (!tag.matches("[A-Za-z0-9 ]{4}")) {
                throw new IllegalArgumentException("an axis tag has four letters, not '" + tag + "'");
            }
            Check.range(value, -10_000, 10_000, "the axis " + tag);
        });
        sha256 = sha256 == null ? "" : sha256;
        if (!sha256.matches("([0-9a-f]{64})?")) {
            throw new IllegalArgumentException("the SHA-256 of a face has 64 hexadecimal digits");
        }
    }
}
