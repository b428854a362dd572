package knollwind.core.directions.caption;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.directions.controls.Values;
import knollwind.core.directions.grammar.Say;
import knollwind.core.scene.CaptionRules;
import knollwind.core.scene.CaptionRules.Breaks;
import knollwind.core.scene.ReadingSpeed;

/** Rules of captions as a sentence whose parts are the controls. */
public final class CaptionRulePrinter {
    /** Frames: what is nearer to a whole number is told as one. */
    private static final double WHOLE = 1e-3;

    private CaptionRulePrinter() {}

    /** @param rate frames a second, by which a gap is told in frames where it is whole ones; 0 for none */
    public static String say(CaptionRules rules, double rate) {
        return print(rules, rate, "").text();
    }

    /**
     * The same with its controls.
     *
     * @param at path of the rules in the document
     */
    public static Sentence print(CaptionRules rules, double rate, String at) {
        Sentence.Builder out = new Sentence.Builder().plain("Captions of ");
        out.part(
                "at most " + rules.perLine() + " characters",
                part(
                        "characters",
                        Values.number("Characters a line", rules.perLine(), "", 1, 200, 1, at + "/perLine", 1)));
        out.plain(" on ")
                .part(
                        CaptionRuleWords.COUNTS.get(rules.lines() - 1) + (rules.lines() == 1 ? " line" : " lines"),
                        part(
                                "lines",
                                Values.number(
                                        "Lines",
                                        rules.lines(),
                                        "",
                                        1,
                                        CaptionRuleWords.COUNTS.size(),
                                        1,
                                        at + "/lines",
                                        1)));
        out.plain(", each ")
                .part(
                        Say.number(rules.shortest()) + " to " + Say.number(rules.longest()) + " seconds",
                        part(
                                "time",
                                Values.number(
                                        "Shortest",
                                        rules.shortest(),
                                        "s",
                                        0.05,
                                        rules.longest(),
                                        0.1,
                                        at + "/shortest",
                                        1),
                                Values.number(
                                        "Longest",
                                        rules.longest(),
                                        "s",
                                        rules.shortest(),
                                        600,
                                        0.5,
                                        at + "/longest",
                                        1)));
        ReadingSpeed fastest = rules.fastest();
        out.plain(", never over ")
                .part(
                        Say.number(fastest.most()) + " " + fastest.unit().text(),
                        part(
                                "speed",
                                Values.number("Fastest", fastest.most(), "", 1, 2000, 1, at + "/fastest/most", 1),
                                counted(fastest, at + "/fastest")));
        out.plain(", broken ")
                .part(
                        rules.breaks() == Breaks.CLAUSES ? "at commas first" : "at sentences first",
                        part(
                                "breaks",
                                Values.pair(
                                        "Broken first",
                                        "at sentences",
                                        "at commas",
                                        rules.breaks() == Breaks.CLAUSES,
                                        at + "/breaks",
                                        Breaks.SENTENCES,
                                        Breaks.CLAUSES)));
        double frames = rules.gap() * rate;
        boolean whole = rate > 0 && Math.abs(frames - Math.rint(frames)) < WHOLE;
        out.plain(", ")
                .part(
                        rules.gap() == 0
                                ? "one right after the other"
                                : (whole ? Say.frames(Math.rint(frames)) : Say.number(rules.gap()) + " seconds")
                                        + " apart",
                        part(
                                "gap",
                                rate > 0
                                        ? Values.number(
                                                "Apart", round(frames), "fr", 0, 5 * rate, 1, at + "/gap", 1 / rate)
                                        : Values.number("Apart", rules.gap(), "s", 0, 5, 0.01, at + "/gap", 1)));
        if (rules.words() != CaptionRules.ANY) {
            out.plain(", ")
                    .part(
                            rules.words() == 1 ? "one word each" : "at most " + rules.words() + " words each",
                            part("words", Values.number("Words", rules.words(), "", 1, 50, 1, at + "/words", 1)));
        }
        return out.plain(".").more(List.of(named(rules, at), words(rules, at))).build(at);
    }

    private static Part part(String name, Control... controls) {
        return new Part(name, List.of(controls), "");
    }

    private static double round(double frames) {
        return Math.rint(frames * 100) / 100;
    }

    private static Control counted(ReadingSpeed fastest, String at) {
        List<Control.Option> options = new ArrayList<>();
        for (ReadingSpeed.Unit unit : ReadingSpeed.Unit.values()) {
            double usual = unit == fastest.unit() ? fastest.most() : unit == ReadingSpeed.Unit.WORDS ? 180 : 17;
            options.add(new Control.Option(
                    unit.text(), unit == fastest.unit(), List.of(Ops.set(at, new ReadingSpeed(usual, unit)))));
        }
        return new Control.Choice("Counted in", options);
    }

    private static Control named(CaptionRules rules, String at) {
        return new Control.Choice(
                "All rules",
                CaptionRuleWords.NAMED.entrySet().stream()
                        .map(one -> new Control.Option(
                                one.getKey(), one.getValue().equals(rules), List.of(Ops.set(at, one.getValue()))))
                        .toList());
    }

    private static Control words(CaptionRules rules, String at) {
        return Values.pair(
                "Words",
                "as many as fit",
                "counted",
                rules.words() != CaptionRules.ANY,
                at + "/words",
                CaptionRules.ANY,
                rules.words() == CaptionRules.ANY ? 4 : rules.words());
    }
}
