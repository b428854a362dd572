package knollwind.core.directions.grammar;

import java.util.Map;

/** Variation axes by a name people can say; an axis without one goes by its tag. */
public final class AxisNames {
    private static final Map<String, String> NAMES = Map.ofEntries(
            Map.entry("wght", "weight"),
            Map.entry("wdth", "width"),
            Map.entry("slnt", "slant"),
            Map.entry("opsz", "optical size"),
            Map.entry("ital", "italics"),
            Map.entry("SOFT", "softness"),
            Map.entry("WONK", "wonkiness"),
            Map.entry("CASL", "casualness"),
            Map.entry("CRSV", "cursive"),
            Map.entry("MONO", "evenness"),
            Map.entry("BNCE", "bounce"),
            Map.entry("INFM", "informality"),
            Map.entry("SPAC", "spacing"),
            Map.entry("YEAR", "year"),
            Map.entry("MORF", "morph"));

    private AxisNames() {}

    public static String of(String tag) {
        return NAMES.getOrDefault(tag, tag);
    }
}
