package knollwind.core.directions.setting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.scene.Forms;
import knollwind.core.scene.Setting;

/** The forms of letters in words: "in capitals", "without kerning", "with old-style figures". */
final class FormsWords {
    /** Features by their common names; the standard's own sets are numbered. */
    private static final Map<String, String> NAMES = names();

    private FormsWords() {}

    private static Map<String, String> names() {
        Map<String, String> names = new LinkedHashMap<>();
        names.put("onum", "old-style figures");
        names.put("lnum", "lining figures");
        names.put("tnum", "tabular figures");
        names.put("pnum", "proportional figures");
        names.put("zero", "slashed zeros");
        names.put("frac", "fractions");
        names.put("dlig", "rare ligatures");
        names.put("swsh", "swashes");
        names.put("salt", "alternates");
        names.put("titl", "titling capitals");
        names.put("c2sc", "small capitals for capitals");
        for (int set = 1; set <= 20; set++) {
            names.put(String.format("ss%02d", set), "alternate set " + set);
        }
        return names;
    }

    /** The rule goes unsaid: as typed, kerned, the face's standard features. */
    static void print(Sentence.Builder out, Setting setting, String at) {
        Forms forms = setting.forms();
        if (forms.letterCase() != Forms.Case.TYPED) {
            out.plain(", ").part(say(forms.letterCase()), new Part("case", List.of(caseControl(forms, at, true)), ""));
        }
        if (!forms.kerning()) {
            out.plain(", ").part("without kerning", new Part("kerning", List.of(kerning(forms, at)), ""));
        }
        forms.features().forEach((tag, value) -> {
            out.plain(", ")
                    .part(
                            (value == 0 ? "without " : "with ") + name(tag),
                            new Part("feature", List.of(feature(forms, tag, at)), ""));
        });
    }

    /** @param features that the face has */
    static List<Control> controls(Setting setting, String at, List<String> features) {
        Forms forms = setting.forms();
        List<Control> controls = new ArrayList<>();
        controls.add(caseControl(forms, at, features.contains("smcp")));
        controls.add(kerning(forms, at));
        for (String tag : NAMES.keySet()) {
            if (features.contains(tag)) {
                controls.add(feature(forms, tag, at));
            }
        }
        return controls;
    }

    private static String say(Forms.Case letterCase) {
        return switch (letterCase) {
            case TYPED -> "as typed";
            case UPPER -> "in capitals";
            case LOWER -> "in small letters";
            case SMALL_CAPS -> "in small capitals";
        };
    }

    private static String name(String tag) {
        return NAMES.getOrDefault(tag, "feature " + tag);
    }

    private static Control caseControl(Forms forms, String at, boolean smallCapitals) {
        return new Control.Choice(
                "Letters",
                Arrays.stream(Forms.Case.values())
                        .filter(one -> one != Forms.Case.SMALL_CAPS || smallCapitals || forms.letterCase() == one)
                        .map(one -> new Control.Option(
                                say(one),
                                one == forms.letterCase(),
                                List.of(Ops.set(at + "/forms", new Forms(one, forms.kerning(), forms.features())))))
                        .toList());
    }

    private static Control kerning(Forms forms, String at) {
        List<Control.Option> options = new ArrayList<>();
        for (boolean on : new boolean[] {true, false}) {
            options.add(new Control.Option(
                    on ? "kerned" : "not kerned",
                    on == forms.kerning(),
                    List.of(Ops.set(at + "/forms", new Forms(forms.letterCase(), on, forms.features())))));
        }
        return new Control.Choice("Kerning", options);
    }

    private static Control feature(Forms forms, String tag, String at) {
        List<Control.Option> options = new ArrayList<>();
        Map<String, Integer> without = new TreeMap<>(forms.features());
        Integer now = without.remove(tag);
        options.add(new Control.Option(
                "as the face has it",
                now == null,
                List.of(Ops.set(at + "/forms", new Forms(forms.letterCase(), forms.kerning(), without)))));
        for (int value : new int[] {1, 0}) {
            Map<String, Integer> with = new TreeMap<>(without);
            with.put(tag, value);
            options.add(new Control.Option(
                    value == 1 ? "on" : "off",
                    now != null && now == value,
                    List.of(Ops.set(at + "/forms", new Forms(forms.letterCase(), forms.kerning(), with)))));
        }
        return new Control.Choice(capital(name(tag)), options);
    }

    private static String capital(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    /** The forms with what is said here, or null when nothing of them is. */
    static Forms read(Lexer words, Forms forms) {
        for (Forms.Case one : Forms.Case.values()) {
            if (words.phrase(say(one))) {
                return new Forms(one, forms.kerning(), forms.features());
            }
        }
        if (words.phrase("without kerning")) {
            return new Forms(forms.letterCase(), false, forms.features());
        }
        if (words.phrase("with kerning")) {
            return new Forms(forms.letterCase(), true, forms.features());
        }
        int start = words.position();
        for (boolean on : new boolean[] {true, false}) {
            if (words.phrase(on ? "with" : "without")) {
                String tag = tag(words);
                if (tag != null) {
                    Map<String, Integer> with = new TreeMap<>(forms.features());
                    with.put(tag, on ? 1 : 0);
                    return new Forms(forms.letterCase(), forms.kerning(), with);
                }
                words.back(start);
            }
        }
        return null;
    }

    /** The feature with the longest name that stands here: "alternate set 12" begins as set 1 does. */
    private static String tag(Lexer words) {
        int start = words.position();
        String found = null;
        int longest = start;
        for (Map.Entry<String, String> entry : NAMES.entrySet()) {
            if (words.phrase(entry.getValue()) && words.position() > longest) {
                longest = words.position();
                found = entry.getKey();
            }
            words.back(start);
        }
        words.back(longest);
        return found == null && words.phrase("feature")
                ? words.match("[A-Za-z0-9]{4}").orElse(null)
                : found;
    }
}
