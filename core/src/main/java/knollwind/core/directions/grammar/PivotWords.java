package knollwind.core.directions.grammar;

import knollwind.core.scene.Pivot;

/** Pivots by name: "top left", "centre", "baseline right", with "ink" in front where the ink box counts. */
public final class PivotWords {
    private PivotWords() {}

    /** What a pivot is called that is held by a point of its block's curve. */
    public static final String HELD = "hold of its curve";

    public static String say(Pivot pivot) {
        if (pivot.hold() != null) {
            return HELD;
        }
        String name;
        if (pivot.down() == Pivot.Down.MIDDLE) {
            name = pivot.across() == Pivot.Across.CENTRE ? "centre" : across(pivot);
        } else {
            String down = pivot.down().name().toLowerCase(java.util.Locale.ROOT);
            name = pivot.across() == Pivot.Across.CENTRE && pivot.down() != Pivot.Down.BASELINE
                    ? down
                    : down + " " + across(pivot);
        }
        return pivot.box() == Pivot.Box.INK ? "ink " + name : name;
    }

    private static String across(Pivot pivot) {
        return pivot.across().name().toLowerCase(java.util.Locale.ROOT);
    }

    /** The pivot named here, or null. */
    public static Pivot read(Lexer words) {
        int start = words.position();
        Pivot.Box box = words.phrase("ink") ? Pivot.Box.INK : Pivot.Box.METRIC;
        Pivot found = null;
        int longest = start;
        for (Pivot.Down down : Pivot.Down.values()) {
            for (Pivot.Across across : Pivot.Across.values()) {
                Pivot pivot = new Pivot(across, down, box);
                int here = words.position();
                String name = say(new Pivot(across, down, Pivot.Box.METRIC));
                if (words.phrase(name) && words.position() > longest) {
                    longest = words.position();
                    found = pivot;
                }
                words.back(here);
            }
        }
        words.back(found == null ? start : longest);
        return found;
    }

    public static java.util.List<Pivot> all(Pivot.Box box) {
        java.util.List<Pivot> all = new java.util.ArrayList<>();
        for (Pivot.Down down : Pivot.Down.values()) {
            for (Pivot.Across across : Pivot.Across.values()) {
                all.add(new Pivot(across, down, box));
            }
        }
        return all;
    }
}
