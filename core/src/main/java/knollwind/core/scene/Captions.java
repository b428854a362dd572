package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonCreator;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * A scene's row of captions: times and words, in one design.
 *
 * @param design id of the block of words that they are dressed as
 * @param designs ids of all blocks that are designs, the one in use among them: none of them is seen by itself
 * @param rules by which they were made
 * @param sound id of the sound that they were made from; null for captions that were read or typed
 * @param columns at least one; the first has the words as they are spoken
 * @param shown id of the column that is seen; null for the first
 * @param lines in the order of their times when they were made
 */
@RecordBuilder
public record Captions(
        String design,
        List<String> designs,
        CaptionRules rules,
        String sound,
        List<CaptionColumn> columns,
        String shown,
        List<CaptionLine> lines)
        implements CaptionsBuilder.With {
    /** Far more than hours of speech have. */
    public static final int MOST = 20_000;

    @JsonCreator
    public Captions {
        Check.id(design, "the design of captions");
        designs = Check.list(designs);
        designs.forEach(one -> Check.id(one, "a design of captions"));
        if (!designs.contains(design)) {
            throw new IllegalArgumentException("the design of captions must be one of their designs");
        }
        Check.present(rules, "the rules of captions");
        if (sound != null) {
            Check.id(sound, "the sound of captions");
        }
        columns = Check.list(columns);
        if (columns.isEmpty()) {
            throw new IllegalArgumentException("captions need at least one column of words");
        }
        Check.uniqueIds(columns, CaptionColumn::id, "columns of captions");
        if (shown != null) {
            Check.id(shown, "the column of captions that is shown");
        }
        lines = Check.list(lines);
        if (lines.size() > MOST) {
            throw new IllegalArgumentException("a scene may have at most " + MOST + " captions, not " + lines.size());
        }
        Check.uniqueIds(lines, CaptionLine::id, "captions");
    }

    /** The column with an id; the first where that is null or gone. */
    public CaptionColumn column(String id) {
        return columns.stream().filter(one -> one.id().equals(id)).findFirst().orElse(columns.get(0));
    }

    /** The column that a format shows. */
    public CaptionColumn column(Format format) {
        return column(format.captions() == null ? shown : format.captions());
    }
}
