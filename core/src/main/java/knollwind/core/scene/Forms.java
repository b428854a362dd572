package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.Map;
import java.util.TreeMap;

/**
 * Which forms of its letters a face shows.
 *
 * @param letterCase the case words are shown in, whatever they were typed in
 * @param kerning whether pairs of letters are drawn together or apart as the face says; null stands for yes
 * @param features OpenType feature tags of four characters, each with its value: 0 off, 1 on, higher for one of several
 *     alternates
 */
public record Forms(@JsonProperty("case") Case letterCase, Boolean kerning, Map<String, Integer> features) {
    /** As typed, kerned, the face's standard features. */
    public static final Forms PLAIN = new Forms(null, null, null);

    public enum Case {
        @JsonProperty("typed")
        TYPED,
        @JsonProperty("upper")
        UPPER,
        @JsonProperty("lower")
        LOWER,
        @JsonProperty("smallCaps")
        SMALL_CAPS
    }

    public Forms {
        letterCase = letterCase == null ? Case.TYPED : letterCase;
        kerning = kerning == null || kerning;
        features = features == null ? Map.of() : java.util.Collections.unmodifiableMap(new TreeMap<>(features));
        features.forEach((tag, value) -> {
            if (!tag.matches("[A-Za-z0-9]{4}")) {
                throw new IllegalArgumentException(
                        "an OpenType feature has a tag of four letters or digits, not '" + tag + "'");
            }
            Check.range(value, 0, 99, "the feature " + tag);
        });
    }
}
