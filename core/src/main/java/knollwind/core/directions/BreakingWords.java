package knollwind.core.directions;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.scene.Breaking;
import knollwind.core.scene.Fit;
import knollwind.core.scene.Setting;

/** How lines break, in words: "balanced lines", "one word a line". */
final class BreakingWords {
    private BreakingWords() {}

    static String say(Breaking breaking) {
        return switch (breaking) {
            case FILLED -> "filled lines";
            case BALANCED -> "balanced lines";
            case STACKED -> "one word a line";
        };
    }

    /** Filled lines are the rule and go unsaid. */
    static void print(Sentence.Builder out, Setting setting, String at) {
        if (setting.breaking() == Breaking.FILLED) {
            return;
        }
        out.plain(", ").part(say(setting.breaking()), new Part("breaking", List.of(choice(setting, at)), ""));
    }

    /** Only lines that wrap can be balanced. */
    static Control choice(Setting setting, String at) {
        boolean wraps =
                setting.fit() == null ? setting.column() != null : setting.fit().kind() == Fit.Kind.INSIDE;
        List<Control.Option> options = new ArrayList<>();
        for (Breaking one : Breaking.values()) {
            if (one != Breaking.BALANCED || wraps || setting.breaking() == one) {
                options.add(option(one, setting, at));
            }
        }
        return new Control.Choice("Lines", options);
    }

    static Control.Option option(Breaking breaking, Setting setting, String at) {
        return new Control.Option(
                say(breaking), breaking == setting.breaking(), List.of(Ops.set(at + "/breaking", breaking)));
    }

    /** The breaking named here, or null. */
    static Breaking read(Words words) {
        for (Breaking one : Breaking.values()) {
            if (words.phrase(say(one))) {
                return one;
            }
        }
        return null;
    }
}
