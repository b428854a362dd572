package knollwind.voice;

import knollwind.core.speech.Aligner;
import knollwind.core.speech.SpreadAligner;

/** Which aligner listens to a language. */
public final class Aligners {
    private Aligners() {}

    /** @param language tag of the language, such as "en-GB"; null for English */
    public static Aligner of(String language) {
        return Drafters.isEnglish(language) ? new SphinxAligner() : new SpreadAligner();
    }
}
