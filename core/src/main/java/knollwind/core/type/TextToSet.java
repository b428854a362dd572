package knollwind.core.type;

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
 * @param leading multiple of the size
 * @param column wrapping width in px, or NaN for point text
 * @param ligatures whether optional ligatures are allowed
 * @param pairs px between the two columns of lines that a tab parts; NaN where a tab is a space
 * @param fitting the rule that scales the type; null for none
 * @throws IllegalArgumentException for a size outside 0 to 4000 px, a leading or a column not above 0
 */
public record TextToSet(
        String text,
        List<Run> runs,
        Face face,
        double size,
        double tracking,
        double leading,
        double column,
        Setting.Alignment alignment,
        Setting.Direction direction,
        String language,
        boolean ligatures,
        Forms forms,
        Breaking breaking,
        Fitting fitting,
        double pairs) {
    /** The same words in another face. */
    public TextToSet in(Face other) {
        return new TextToSet(
                text, runs, other, size, tracking, leading, column, alignment, direction, language, ligatures, forms,
                breaking, fitting, pairs);
    }

    /** Words in lines that nothing parts. */
    public TextToSet(
            String text,
            List<Run> runs,
            Face face,
            double size,
            double tracking,
            double leading,
            double column,
            Setting.Alignment alignment,
            Setting.Direction direction,
            String language,
            boolean ligatures,
            Forms forms,
            Breaking breaking,
            Fitting fitting) {
        this(
                text,
                runs,
                face,
                size,
                tracking,
                leading,
                column,
                alignment,
                direction,
                language,
                ligatures,
                forms,
                breaking,
                fitting,
                Double.NaN);
    }

    /** Words without special forms, breaking or fit. */
    public TextToSet(
            String text,
            List<Run> runs,
            Face face,
            double size,
            double tracking,
            double leading,
            double column,
            Setting.Alignment alignment,
            Setting.Direction direction,
            String language,
            boolean ligatures) {
        this(
                text,
                runs,
                face,
                size,
                tracking,
                leading,
                column,
                alignment,
                direction,
                language,
                ligatures,
                Forms.PLAIN,
                Breaking.FILLED,
                null);
    }

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
        return new TextToSet(
                cased.text(),
                cased.runs(),
                face,
                size,
                tracking,
                leading,
                width,
                alignment,
                direction,
                language,
                ligatures,
                forms,
                breaking,
                fitting,
                pairs);
    }
}
