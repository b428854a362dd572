package knollwind.core.directions.grammar;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import knollwind.core.scene.NamedEasings;

/** Spoken names of easings. */
public final class EasingNames {
    /** Their functions; "starting gently" is "landing softly" backwards. */
    public static final Map<String, String> ALL;

    static {
        Map<String, String> names = new LinkedHashMap<>();
        names.put("steadily", NamedEasings.STEADILY);
        names.put("landing softly", NamedEasings.LANDING_SOFTLY);
        names.put("starting gently", NamedEasings.STARTING_GENTLY);
        names.put("gently at both ends", NamedEasings.GENTLY);
        names.put("overshooting", "overshoot(0.1)");
        names.put("winding up", "wind-up(0.1)");
        names.put("springing", "spring(1, 180, 16)");
        names.put("bouncing", "bounce(3, 0.7)");
        names.put("stepping", "steps(4)");
        ALL = Collections.unmodifiableMap(names);
    }

    private EasingNames() {}
}
