package knollwind.voice;

import java.util.Locale;
import knollwind.core.speech.Drafter;
import knollwind.core.speech.PhraseDrafter;

/** Which drafter listens to a language on this machine. */
public final class Drafters {
    private Drafters() {}

    /** @param language tag of the language, such as "en-GB"; null for English */
    public static Drafter of(String language) {
        PocketDrafter english =
                new PocketDrafter(System.getenv().getOrDefault("KNOLLWIND_RECOGNISER", "pocketsphinx_continuous"));
        return isEnglish(language) && english.isThere() ? english : new PhraseDrafter();
    }

    static boolean isEnglish(String language) {
        return language == null || Locale.forLanguageTag(language).getLanguage().equals(Locale.ENGLISH.getLanguage());
    }
}
