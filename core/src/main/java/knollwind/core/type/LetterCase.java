package knollwind.core.type;

import com.ibm.icu.text.CaseMap;
import com.ibm.icu.text.Edits;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import knollwind.core.scene.Forms;
import knollwind.core.scene.Run;

/** Words in another case by the rules of their language (Unicode's full case mappings); styled runs go along. */
final class LetterCase {
    /** A text and its runs. */
    record Cased(String text, List<Run> runs) {}

    private LetterCase() {}

    /** Small capitals are a feature of the face: their text stays as typed. */
    static Cased of(String text, List<Run> runs, Forms.Case wanted, String language) {
        if (wanted == Forms.Case.TYPED || wanted == Forms.Case.SMALL_CAPS) {
            return new Cased(text, runs);
        }
        Edits edits = new Edits();
        Locale locale = Locale.forLanguageTag(language);
        StringBuilder out = new StringBuilder();
        if (wanted == Forms.Case.UPPER) {
            CaseMap.toUpper().apply(locale, text, out, edits);
        } else {
            CaseMap.toLower().apply(locale, text, out, edits);
        }
        Edits.Iterator at = edits.getFineIterator();
        List<Run> moved = new ArrayList<>();
        for (Run run : runs) {
            moved.add(run.at(
                    at.destinationIndexFromSourceIndex(run.from()), at.destinationIndexFromSourceIndex(run.to())));
        }
        return new Cased(out.toString(), moved);
    }
}
