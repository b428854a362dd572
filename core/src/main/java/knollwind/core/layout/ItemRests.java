package knollwind.core.layout;

import java.util.HashMap;
import java.util.Map;
import knollwind.core.geometry.Matrix;
import knollwind.core.scene.UnitKind;
import knollwind.core.type.SetLine;
import knollwind.core.type.SetText;
import knollwind.core.type.Unit;

/** The lines of words that run across: one after the other on the first baseline, in the order in which they come in. */
final class ItemRests implements Rests {
    private final Map<Integer, Matrix> lines = new HashMap<>();

    /**
     * @param gap px between one line and the next
     * @param leftwards whether they run to the left, so that later ones stand to the right
     */
    ItemRests(SetText set, double gap, boolean leftwards) {
        double baseline = set.lines().get(0).baseline();
        double at = 0;
        for (SetLine line : set.lines()) {
            double left = leftwards ? at : at - line.advance();
            lines.put(line.index(), Matrix.translate(left - line.x(), baseline - line.baseline()));
            at += leftwards ? line.advance() + gap : -line.advance() - gap;
        }
    }

    @Override
    public Matrix of(Unit unit, double shift) {
        Matrix rest =
                unit.kind() == UnitKind.WHOLE ? Matrix.IDENTITY : lines.getOrDefault(unit.line(), Matrix.IDENTITY);
        return shift == 0 ? rest : rest.times(Matrix.translate(shift, 0));
    }
}
