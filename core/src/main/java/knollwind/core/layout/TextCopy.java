package knollwind.core.layout;

import java.util.stream.Stream;
import knollwind.core.scene.Fit;
import knollwind.core.scene.Move;
import knollwind.core.scene.Pivot;
import knollwind.core.scene.Setting;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.UnitKind;
import knollwind.core.type.Fitting;
import knollwind.core.type.TextToSet;

/** A text block's words with every value of its setting resolved, ready to be set. */
public final class TextCopy {
    private TextCopy() {}

    public static TextToSet of(TextBlock block, Surroundings around) {
        Setting setting = block.setting();
        double size = ValuesInTime.number(setting.size());
        double leading = ValuesInTime.number(setting.leading());
        double frame = around.fit().width();
        double column = setting.column() == null ? Double.NaN : setting.column().pixels(size, size * leading, frame);
        return new TextToSet(
                block.text(),
                block.runs(),
                setting.face(),
                size,
                ValuesInTime.number(setting.tracking()),
                setting.wordSpacing() == null ? 0 : setting.wordSpacing(),
                leading,
                column,
                setting.alignment(),
                setting.direction(),
                setting.language(),
                ligatures(block),
                setting.forms(),
                setting.breaking(),
                fitting(setting.fit(), size, size * leading, around),
                setting.pairs() == null ? Double.NaN : setting.pairs().pixels(size, size * leading, frame));
    }

    private static Fitting fitting(Fit fit, double em, double lineHeight, Surroundings around) {
        if (!Double.isNaN(around.width())) {
            return new Fitting(Fit.Kind.WIDTH, around.width(), Double.NaN, Double.NaN, Pivot.Box.INK);
        }
        if (fit == null) {
            return null;
        }
        double height = fit.height() == null
                ? Double.NaN
                : fit.height().pixels(em, lineHeight, around.fit().height());
        double least = fit.least() == null ? Double.NaN : fit.least();
        return new Fitting(
                fit.kind(), fit.width().pixels(em, lineHeight, around.fit().width()), height, least, fit.measured());
    }

    /** Optional ligatures are off for the whole span when they must be, or on auto when a move splits by character. */
    private static boolean ligatures(TextBlock block) {
        return switch (block.setting().ligatures()) {
            case ON -> true;
            case OFF -> false;
            case AUTO ->
                Stream.of(block.arrive(), block.dwell(), block.leave())
                        .flatMap(phase -> phase.moves().stream())
                        .map(Move::unit)
                        .noneMatch(unit -> unit == UnitKind.CHARACTER);
        };
    }
}
