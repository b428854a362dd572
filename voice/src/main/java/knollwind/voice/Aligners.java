package knollwind.voice;

import java.util.Locale;
import knollwind.core.speech.Aligner;
import knollwind.core.speech.SpreadAligner;

/** Which aligner listens to a language. */
public final class Aligners {
    private Aligners() {}

    /** @param language tag of the language, such as "en-GB"; null for English */
    public static Aligner of(String language) {
        boolean english = language == null
                || Locale.forLanguageTag(language).getLanguage().equals(Locale.ENGLISH.getLanguage());
        return english ? new SphinxAligner() : new SpreadAligner();
    }
}
