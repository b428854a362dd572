package knollwind.core.type;

import java.util.List;

/**
 * A shipped family as people choose it.
 *
 * @param kind grotesque, condensed, serif, hand or mono
 * @param styles normal, and italic where there is one
 * @param sha256 of the family's first file, which documents keep
 */
public record FontFamily(String name, String kind, List<String> styles, List<FontAxis> axes, String sha256) {}
