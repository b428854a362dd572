package knollwind.core.scene;

import java.util.List;

/**
 * A frame shape that a scene is delivered in, with its own sparse overrides.
 *
 * @param width px, 16 to 8192
 * @param height px, 16 to 8192
 */
public record Format(String id, String name, int width, int height, List<FormatOverride> overrides) {
    public Format {
        Check.id(id, "a format");
        Check.text(name, 60, "the name of a format");
        Check.range(width, 16, 8192, "the width of a format");
        Check.range(height, 16, 8192, "the height of a format");
        overrides = Check.list(overrides);
        Check.uniqueIds(overrides, FormatOverride::id, "overrides");
    }
}
