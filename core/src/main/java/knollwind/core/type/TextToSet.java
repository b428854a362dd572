package knollwind.core.type;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import knollwind.core.scene.Breaking;
import knollwind.core.scene.Face;
import knollwind.core.scene.Fit;
import knollwind.core.scene.Forms;
import knollwind.core.scene.Run;
import knollwind.core.scene.Setting;

/**
 * What is set, every value resolved.
 *
 * @param size px
 * @param tracking thousandths of an em
 * @param wordSpacing thousandths of an em added at every space
 * @param leading multiple of the size
 * @param column wrapping width in px, or NaN for point text
 * @param ligatures whether optional ligatures are allowed
 * @param pairs px between the two columns of lines that a tab parts; NaN where a tab is a space
 * @param fitting the rule that scales the type; null for none
 * @throws IllegalArgumentException for a size outside 0 to 4000 px, a leading or a column not above 0
 */
@RecordBuilder
public record TextToSet(
        String text,
        List<Run> runs,
        Face face,
        double size,
        double tracking,
        double wordSpacing,
        double leading,
        double column,
        Setting.Alignment alignment,
        Setting.Direction direction,
        String language,
        boolean ligatures,
        Forms forms,
        Breaking breaking,
        Fitting fitting,
        double pairs)
        implements TextToSetBuilder.With {
    public TextToSet {
        if (!(size > 0 && size <= 4000)) {
            throw new IllegalArgumentException("the size must lie above 0 and up to 4000 px, not " + size);
        }
        if (!(leading > 0)) {
            throw new IllegalArgumentException("the leading must lie above 0, not " + leading);
        }
        if (column <= 0) {
            throw new IllegalArgumentException("a column must be wider than 0, not " + column);
        }
    }

    /** The same words in the case they are shown in, their column that of the box they have to stay inside. */
    TextToSet shown() {
        LetterCase.Cased cased = LetterCase.of(text, runs, forms.letterCase(), language);
        double width = fitting == null ? column : fitting.kind() == Fit.Kind.INSIDE ? fitting.width() : Double.NaN;
        return with(words -> words.text(cased.text()).runs(cased.runs()).column(width));
    }
}
