package knollwind.core.frame;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import knollwind.core.motion.MoveCurve;
import knollwind.core.scene.Property;
import knollwind.core.scene.Setting;
import knollwind.core.type.Joining;
import knollwind.core.type.SetText;
import knollwind.core.type.Unit;

/** What animated tracking does to the places of characters in their lines. */
record TrackingShifts(SetText set, List<Level> levels, Setting.Alignment alignment) {
    /**
     * How far animated tracking pushes each character: every unit's extra advance moves those after it in its line, the
     * last one adds none, and the line keeps its alignment.
     */
    double[] at(double time) {
        Level characters = levels.get(levels.size() - 1);
        double[] shifts = new double[characters.units().size()];
        Map<Integer, List<Integer>> lines = new HashMap<>();
        for (int i : BlockPainter.visual(characters.units())) {
            lines.computeIfAbsent(characters.units().get(i).line(), key -> new ArrayList<>())
                    .add(i);
        }
        lines.forEach((line, row) -> {
            double pushed = 0;
            for (int k = 0; k < row.size(); k++) {
                shifts[row.get(k)] = pushed;
                if (k + 1 < row.size()) {
                    Unit unit = characters.units().get(row.get(k));
                    Unit next = characters.units().get(row.get(k + 1));
                    int gaps = unit.word() == next.word() ? 1 : 2;
                    pushed += tracking(unit, row.get(k), time) / 1000 * set.em() * gaps;
                }
            }
            double back = pushed * aligned(set.lines().get(line).rtl());
            for (int index : row) {
                shifts[index] -= back;
            }
        });
        return shifts;
    }

    /** The part of a line's extra width that goes to its left. */
    private double aligned(boolean rtl) {
        return switch (alignment) {
            case CENTRE -> 0.5;
            case START, JUSTIFY -> rtl ? 1 : 0;
            case END -> rtl ? 0 : 1;
        };
    }

    private double tracking(Unit character, int index, double time) {
        if (Joining.hangsTogether(character.text().codePointAt(0))) {
            return 0;
        }
        double sum = 0;
        for (Level level : levels) {
            int own = switch (level.kind()) {
                case CHARACTER -> index;
                case WORD -> character.word();
                case LINE -> character.line();
                case WHOLE -> 0;
            };
            for (MoveCurve move : level.moves()) {
                sum += move.pose(own, time).get(Property.TRACKING);
            }
        }
        return sum;
    }
}
