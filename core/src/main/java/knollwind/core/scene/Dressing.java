package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonCreator;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * One part of what a block is dressed with: a shadow, lines, copies. What it holds by name is declared by its kind; what is missing
 * in them is as that kind usually has it.
 *
 * @param kind by which it is known
 * @param numbers as they are kept: px of the base format, ems, shares, degrees, frames
 * @param choices which of several, by their names
 * @param block id of another block of the scene that it needs; null for none
 * @param off true where it is not seen for now; null otherwise
 * @param drives what its numbers go by, by their names
 * @param only the letters that are dressed; null for all
 * @param each the units that are dressed one by one; null where they are together
 * @param standing true where it is made of the letters as they stand, however much of them is uncovered; null otherwise
 */
@RecordBuilder
public record Dressing(
        String id,
        String kind,
        Map<String, Value<Double>> numbers,
        Map<String, Value<String>> colours,
        Map<String, String> choices,
        String block,
        Boolean off,
        Map<String, Drive> drives,
        Only only,
        UnitKind each,
        Boolean standing)
        implements DressingBuilder.With {
    /** Of one block: more than anyone can tell apart. */
    public static final int MOST = 24;

    /** What a dressing chooses that goes by the scene's cues. */
    public static final String ON_CUES = "on every cue";

    @JsonCreator
    public Dressing {
        Check.id(id, "a dressing");
        Check.text(kind, 40, "the kind of a dressing");
        // They are there even where they are empty, so that a value can be put into them.
        numbers = sorted(Check.present(numbers, "the numbers of a dressing"));
        colours = sorted(Check.present(colours, "the colours of a dressing"));
        choices = sorted(Check.present(choices, "the choices of a dressing"));
        colours.values().forEach(colour -> colour.literal().ifPresent(Colour::check));
        if (block != null) {
            Check.id(block, "the block that a dressing needs");
        }
        off = Block.onlyTrue(off);
        drives = drives == null ? Map.of() : sorted(drives);
        each = each == UnitKind.WHOLE ? null : each;
        standing = Block.onlyTrue(standing);
    }

    /** As its kind usually is. */
    public static Dressing usual(String id, String kind) {
        return new Dressing(id, kind, Map.of(), Map.of(), Map.of(), null, null, null, null, null, null);
    }

    /** Whether it is on all letters together. */
    public boolean isOnAll() {
        return only == null && each == null;
    }

    /** What its numbers go by that go by loudness. */
    public List<Loudness> followed() {
        return drives.values().stream()
                .map(Drive::loudness)
                .filter(loudness -> loudness != null)
                .toList();
    }

    /** Whether some number of it goes by this. */
    public boolean goesBy(Drive.By by) {
        return drives.values().stream().anyMatch(drive -> drive.by() == by);
    }

    private static <T> Map<String, T> sorted(Map<String, T> values) {
        return Collections.unmodifiableMap(new TreeMap<>(values));
    }
}
