package knollwind.core.type;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * A family as people choose it.
 *
 * @param kind grotesque, wide, condensed, serif, display serif, slab, mono, hand, character, or own for those that people brought along
 * @param styles normal, and italic where there is one
 * @param features OpenType features that its first file can switch, by tag
 * @param sha256 of the family's first file, which documents keep
 */
public record FontFamily(
        String name, String kind, List<String> styles, List<FontAxis> axes, List<String> features, String sha256) {
    /** What a family is meant in where nothing is said of it: its regular, whatever its file starts from. */
    private static final Map<String, Double> REGULAR = Map.of("wght", 400.0, "wdth", 100.0);

    /** The axes with the regular's values for those of weight and width that are not among them and start elsewhere. */
    public Map<String, Double> regular(Map<String, Double> said) {
        Map<String, Double> all = new TreeMap<>(said);
        for (FontAxis axis : axes) {
            Double regular = REGULAR.get(axis.tag());
            if (regular != null && !all.containsKey(axis.tag()) && axis.standard() != axis.nearest(regular)) {
                all.put(axis.tag(), (double) axis.nearest(regular));
            }
        }
        return all;
    }
}
