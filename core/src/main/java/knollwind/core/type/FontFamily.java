package knollwind.core.type;

import java.util.List;

/**
 * A family as people choose it.
 *
 * @param kind grotesque, wide, condensed, serif, display serif, slab, mono, hand, character, or own for those that people brought along
 * @param styles normal, and italic where there is one
 * @param features OpenType features that its first file can switch, by tag
 * @param sha256 of the family's first file, which documents keep
 */
public record FontFamily(
        String name, String kind, List<String> styles, List<FontAxis> axes, List<String> features, String sha256) {}
