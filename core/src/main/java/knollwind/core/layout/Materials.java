package knollwind.core.layout;

import knollwind.core.sound.Envelopes;
import knollwind.core.type.Typesetter;

/**
 * What a picture is made of beside its document.
 *
 * @param typesetter sets its words
 * @param envelopes how loud its recordings are
 */
public record Materials(Typesetter typesetter, Envelopes envelopes) {
    /** Where no recording is there. */
    public static Materials of(Typesetter typesetter) {
        return new Materials(typesetter, Envelopes.NONE);
    }
}
