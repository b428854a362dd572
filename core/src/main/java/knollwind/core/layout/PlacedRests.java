package knollwind.core.layout;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;
import knollwind.core.scene.PlacedWord;
import knollwind.core.scene.UnitKind;
import knollwind.core.type.SetGlyph;
import knollwind.core.type.SetText;
import knollwind.core.type.Unit;

/** Words that have resting places of their own; their characters go with them. */
final class PlacedRests implements Rests {
    private final Map<Integer, Matrix> words = new HashMap<>();

    PlacedRests(SetText set, List<PlacedWord> placed) {
        for (Unit word : set.words()) {
            int from = word.glyphs().stream().mapToInt(SetGlyph::from).min().orElse(-1);
            for (PlacedWord one : placed) {
                if (from >= one.from() && from < one.to()) {
                    words.put(word.index(), matrix(word, one));
                    break;
                }
            }
        }
    }

    private static Matrix matrix(Unit word, PlacedWord placed) {
        Box box = word.advance();
        double x = (box.left() + box.right()) / 2;
        double y = (box.top() + box.bottom()) / 2;
        return Matrix.translate(x + placed.x(), y + placed.y())
                .times(Matrix.rotate(placed.rotation()))
                .times(Matrix.scale(placed.scale(), placed.scale()))
                .times(Matrix.translate(-x, -y));
    }

    @Override
    public Matrix of(Unit unit, double shift) {
        boolean inWord = unit.kind() == UnitKind.WORD || unit.kind() == UnitKind.CHARACTER;
        Matrix rest = inWord ? words.getOrDefault(unit.word(), Matrix.IDENTITY) : Matrix.IDENTITY;
        return shift == 0 ? rest : rest.times(Matrix.translate(shift, 0));
    }
}
