package knollwind.core.scene;

import java.util.List;
import java.util.stream.Stream;

/**
 * A rule of looks that has changed since documents were made by it. A document keeps to the rules of its engine version until its
 * user accepts newer ones. What a painter does differently by at most 1 of 255, as dithering does, is no rule.
 */
public enum EngineRule {
    /** Else what such a scene has no time for is cut off at its end. */
    NESTED_SCENES_HURRY(
            2,
            "A scene that stands in another for less time than its way in and its way out need goes faster, so that both are"
                    + " seen whole. By the rule before, its way out was cut off.");

    private final int since;
    private final String text;

    EngineRule(int since, String text) {
        this.since = since;
        this.text = text;
    }

    /** The rule in words for people, and what was instead before. */
    public String text() {
        return text;
    }

    /** Whether a document of this engine version keeps to the rule. */
    public boolean holdsFor(String engineVersion) {
        return Integer.parseInt(engineVersion) >= since;
    }

    /** The rules that a document of this engine version does not keep to, in the order of their making. */
    public static List<EngineRule> newerThan(String engineVersion) {
        return Stream.of(values()).filter(rule -> !rule.holdsFor(engineVersion)).toList();
    }
}
