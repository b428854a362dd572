package knollwind.core.frame;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import knollwind.core.motion.MoveCurve;
import knollwind.core.scene.Property;
import knollwind.core.scene.Setting;
import knollwind.core.type.Joining;
import knollwind.core.type.SetText;
import knollwind.core.type.Unit;

/**
 * What animated tracking, weight and width do to the places of characters in their lines.
 *
 * @param axisSets the words in other weights and widths; null for a shape
 */
record TrackingShifts(SetText set, List<Level> levels, Setting.Alignment alignment, AxisSets axisSets) {
    /**
     * How far each character is pushed: every unit's extra advance moves those after it in its line, tracking of the last
     * one adds none, and the line keeps its alignment. A letter that grew stands in the middle of its new advance.
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
                double grown = grown(characters.units().get(row.get(k)), row.get(k), time);
                shifts[row.get(k)] = pushed + grown / 2;
                pushed += grown;
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
        return sum(Property.TRACKING, move -> true, character, index, time);
    }

    /** How much wider a character's advance is for the weight and width that push. */
    private double grown(Unit character, int index, double time) {
        if (axisSets == null) {
            return 0;
        }
        Predicate<MoveCurve> pushes = move -> move.move().manner().pushes();
        double weight = sum(Property.WEIGHT, pushes, character, index, time);
        double width = sum(Property.WIDTH, pushes, character, index, time);
        if (weight == 0 && width == 0) {
            return 0;
        }
        List<Unit> others = axisSets.with(weight, width).characters();
        return index < others.size()
                ? others.get(index).advance().width() - character.advance().width()
                : 0;
    }

    private double sum(Property property, Predicate<MoveCurve> which, Unit character, int index, double time) {
        double sum = 0;
        for (Level level : levels) {
            int own = switch (level.kind()) {
                case CHARACTER -> index;
                case WORD -> character.word();
                case LINE -> character.line();
                case WHOLE -> 0;
            };
            for (MoveCurve move : level.moves()) {
                if (which.test(move)) {
                    sum += move.pose(own, time).get(property);
                }
            }
        }
        return sum;
    }
}
