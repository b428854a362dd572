package knollwind.core.dressing;

import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Point;

/** What of a dressing is dragged in the picture. */
public sealed interface Grip {
    /**
     * What a block measures, in its own px.
     *
     * @param box around it at rest
     * @param em type size
     * @param px of its own that are one of the base format
     * @param scene what is seen of the scene
     */
    record Measures(Box box, double em, double px, Box scene) {
        public Point middle() {
            return new Point((box.left() + box.right()) / 2, (box.top() + box.bottom()) / 2);
        }

        double of(Word.Unit unit) {
            return unit == Word.Unit.EM ? em : px;
        }
    }

    /** The numbers that it stands for. */
    List<Word.Amount> amounts();

    /** What of its dressing it is; empty where it has only one. */
    default String what() {
        return "";
    }

    /** Where it is, px of the block. */
    Point at(ToDoubleFunction<Word.Amount> values, Measures measures);

    /** The values of its numbers, by their names, where it is dragged to a point. */
    Map<String, Double> dragged(Point to, Measures measures);

    /**
     * How far and which way something falls, from the middle of the block.
     *
     * @param steps so many times its distance away it is held
     */
    record Way(Word.Amount far, Word.Amount angle, int steps) implements Grip {
        Way(Word.Amount far, Word.Amount angle) {
            this(far, angle, 1);
        }

        @Override
        public List<Word.Amount> amounts() {
            return List.of(far, angle);
        }

        @Override
        public Point at(ToDoubleFunction<Word.Amount> values, Measures measures) {
            double radians = StrictMath.toRadians(values.applyAsDouble(angle));
            double length = steps * values.applyAsDouble(far) * measures.of(far.unit());
            Point middle = measures.middle();
            return new Point(
                    middle.x() + length * StrictMath.cos(radians), middle.y() + length * StrictMath.sin(radians));
        }

        @Override
        public Map<String, Double> dragged(Point to, Measures measures) {
            Point middle = measures.middle();
            double dx = to.x() - middle.x();
            double dy = to.y() - middle.y();
            double grain = far.unit() == Word.Unit.EM ? 100 : 10;
            double length = Math.rint(Math.hypot(dx, dy) / steps / measures.of(far.unit()) * grain) / grain;
            return Map.of(
                    far.name(),
                    Math.max(far.least(), Math.min(far.most(), length)),
                    angle.name(),
                    // Half round is said in one way.
                    Math.max(-179, Math.rint(StrictMath.toDegrees(StrictMath.atan2(dy, dx)))));
        }
    }

    /** A place in the box. */
    record Spot(Word.Amount across, Word.Amount down) implements Grip {
        @Override
        public List<Word.Amount> amounts() {
            return List.of(across, down);
        }

        @Override
        public Point at(ToDoubleFunction<Word.Amount> values, Measures measures) {
            Box box = measures.box();
            return new Point(
                    box.left() + values.applyAsDouble(across) * box.width(),
                    box.top() + values.applyAsDouble(down) * box.height());
        }

        @Override
        public Map<String, Double> dragged(Point to, Measures measures) {
            Box box = measures.box();
            return Map.of(
                    across.name(),
                    share(across, to.x() - box.left(), box.width()),
                    down.name(),
                    share(down, to.y() - box.top(), box.height()));
        }

        private static double share(Word.Amount amount, double part, double whole) {
            double share = whole == 0 ? amount.usual() : Math.rint(part / whole * 1000) / 1000;
            return Math.max(amount.least(), Math.min(amount.most(), share));
        }
    }

    /**
     * A number that is a distance along one of the axes of the block.
     *
     * @param upright along the vertical one
     * @param across share of the box at which it stands, along the other axis
     * @param none where the number is 0, along its axis
     * @param one where it is 1
     */
    record Slide(
            Word.Amount amount,
            boolean upright,
            double across,
            ToDoubleFunction<Measures> none,
            ToDoubleFunction<Measures> one)
            implements Grip {
        @Override
        public List<Word.Amount> amounts() {
            return List.of(amount);
        }

        @Override
        public String what() {
            return amount.label();
        }

        @Override
        public Point at(ToDoubleFunction<Word.Amount> values, Measures measures) {
            Box box = measures.box();
            double none = this.none.applyAsDouble(measures);
            double along = none + values.applyAsDouble(amount) * (one.applyAsDouble(measures) - none);
            return upright
                    ? new Point(box.left() + across * box.width(), along)
                    : new Point(along, box.top() + across * box.height());
        }

        @Override
        public Map<String, Double> dragged(Point to, Measures measures) {
            double none = this.none.applyAsDouble(measures);
            double unit = one.applyAsDouble(measures) - none;
            double value = ((upright ? to.y() : to.x()) - none) / unit;
            // No finer than a tenth of a px.
            double grain = Math.pow(10, Math.max(1, Math.rint(Math.log10(Math.abs(unit))) + 1));
            return Map.of(
                    amount.name(), Math.max(amount.least(), Math.min(amount.most(), Math.rint(value * grain) / grain)));
        }
    }
}
