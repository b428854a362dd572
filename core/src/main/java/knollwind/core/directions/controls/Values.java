package knollwind.core.directions.controls;

import java.util.List;
import java.util.stream.Stream;
import knollwind.core.directions.grammar.Say;
import knollwind.core.scene.Length;
import knollwind.core.scene.Value;

/** Prints values and makes the controls of plain numbers. */
public final class Values {
    private Values() {}

    /** A number that may be filled by a field or keyed; only a literal has a control here. */
    public static void print(
            Sentence.Builder out,
            Value<Double> value,
            String name,
            String unit,
            double least,
            double most,
            double step,
            String at,
            Control... more) {
        boolean percent = unit.equals("%");
        String suffix = unit.isEmpty() || percent ? "" : " " + unit;
        Runnable print = value.match(
                literal -> () -> {
                    double shown = percent ? Say.shownPercent(literal) : literal;
                    Control control = number(name, shown, unit, least, most, step, at, percent ? 0.01 : 1);
                    out.part(
                            percent ? Say.percent(literal) : Say.number(literal) + suffix,
                            new Part(
                                    name,
                                    Stream.concat(Stream.of(control), Stream.of(more))
                                            .toList(),
                                    ""));
                },
                field -> () -> out.plain(Say.field(field)),
                keys -> () -> out.plain("keyed"));
        print.run();
    }

    public static Control percent(String label, double fraction, double least, double most, String at) {
        return Values.number(label, Say.shownPercent(fraction), "%", least, most, 1, at, 0.01);
    }

    /** A length of a shape's own. */
    public static void length(Sentence.Builder out, Length length, String name, String at, Control... more) {
        boolean px = length.unit() == Length.Unit.PX;
        Control control =
                number(name, length.value(), length.unit().text(), px ? 1 : 0.1, px ? 4000 : 200, 1, at + "/value", 1);
        out.part(
                Say.length(length.value(), length.unit()),
                new Part(
                        name, Stream.concat(Stream.of(control), Stream.of(more)).toList(), ""));
    }

    /** @param factor what the shown number is multiplied by before it is stored */
    public static Control number(
            String label, double value, String unit, double least, double most, double step, String at, double factor) {
        return new Control.Number(label, value, unit, least, most, step, false, List.of(Edit.shown(at, factor)));
    }

    /** A choice of two, kept as false and true. */
    public static Control pair(String label, String no, String yes, boolean now, String at) {
        return pair(label, no, yes, now, at, false, true);
    }

    /** A choice of two values. */
    public static Control pair(String label, String no, String yes, boolean now, String at, Object off, Object on) {
        return new Control.Choice(
                label,
                List.of(
                        new Control.Option(no, !now, List.of(Ops.set(at, off))),
                        new Control.Option(yes, now, List.of(Ops.set(at, on)))));
    }
}
