package knollwind.core.frame;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiPredicate;
import knollwind.core.display.DisplayList;
import knollwind.core.display.PaintCost;
import knollwind.core.display.PaintOp;
import knollwind.core.display.Piece;
import knollwind.core.dressing.DressStack;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;
import knollwind.core.scene.Clock;
import knollwind.core.scene.Dressing;
import knollwind.core.scene.FrameFit;
import knollwind.core.scene.Value;

/** What a block is dressed with. Safe for threads. */
final class BlockDress {
    /** The block without it, in its own px. */
    interface Undressed {
        /** Scene frame at which it is looked at. */
        double time();

        /** Nothing where it is not on. */
        BlockFrame at(double time);

        /** Maps its own px to those of the frame. */
        Matrix place(double time);

        /** Around its ink at rest. */
        Box box();

        /** Around the ink of each of its letters at rest. */
        List<Box> letters();

        /** Another block of the scene at a time, in the frame's px; empty where there is none of this id. */
        Optional<DisplayList> beside(String id, double time);

        /** Scene frame at which it came on. */
        double on();

        /** Scene frame at which it is gone. */
        double off();

        double number(Value<Double> value, double time);

        /** Its own that are one px of the base format. */
        double px();
    }

    private final List<Dressing> dressings;
    private final double em;
    private final FrameFit fit;
    private final Clock clock;

    /**
     * @param em px of the base format
     * @param clock of the scene
     */
    BlockDress(List<Dressing> dressings, double em, FrameFit fit, Clock clock) {
        this.dressings = dressings.stream().filter(one -> one.off() == null).toList();
        this.em = em;
        this.fit = fit;
        this.clock = clock;
    }

    boolean isWorn() {
        return !dressings.isEmpty();
    }

    /** The dressed block in the frame. */
    BlockFrame at(Undressed block, double opacity) {
        if (opacity <= 0) {
            return BlockFrame.NOTHING;
        }
        Body body = new Body(block);
        DressStack stack = new DressStack(dressings, body, block::number);
        DisplayList list = stack.at(block.time());
        Optional<PaintOp> over = stack.over(block.time(), opacity);
        Matrix place = block.place(block.time());
        DisplayList.Builder out = new DisplayList.Builder();
        if (over.isPresent()) {
            out.add(over.get());
            placed(out, place, list.paints());
            out.restore();
        } else if (place.isIdentity()) {
            out.all(list.paints());
        } else {
            // One by one: what rests of it is not painted anew with what moves.
            Piece.of(list).forEach(piece -> placed(out, place, piece.paints()));
        }
        return new BlockFrame(out.build(), body.frame(block.time()).bounds());
    }

    /**
     * What each dressing costs.
     *
     * @return ms by the ids of those that are seen
     */
    Map<String, Double> costs(Undressed block) {
        Body body = new Body(block);
        Box frame = body.scene();
        DressStack stack = new DressStack(dressings, body, block::number);
        Matrix place = block.place(block.time());
        List<DisplayList> steps = stack.steps(block.time());
        Map<String, Double> costs = new HashMap<>();
        double before = cost(place, steps.get(0), frame);
        for (int i = 0; i < dressings.size(); i++) {
            double with = cost(place, steps.get(i + 1), frame);
            costs.put(dressings.get(i).id(), Math.max(0, with - before));
            before = with;
        }
        return costs;
    }

    private static double cost(Matrix place, DisplayList list, Box frame) {
        DisplayList.Builder out = new DisplayList.Builder();
        placed(out, place, list.paints());
        return PaintCost.of(out.build(), frame).ms();
    }

    private static void placed(DisplayList.Builder out, Matrix place, List<PaintOp> paints) {
        out.save();
        out.concat(place);
        out.all(paints);
        out.restore();
    }

    /**
     * Whether it looks alike at two times.
     *
     * @param on scene frame at which the block came on
     * @param off scene frame at which it is gone
     * @param own whether the block itself does
     */
    boolean rests(double from, double to, double on, double off, BiPredicate<Double, Double> own) {
        DressStack stack = new DressStack(dressings, null, BlockDress::first);
        if (!stack.isStill(from, to, on, off)) {
            return false;
        }
        // What looks back or ahead sees all that has been since and will be.
        return rest(Math.max(on, from - stack.back(to)), from, own)
                && rest(to, Math.min(off, to + stack.ahead(to)), own);
    }

    private static boolean rest(double from, double to, BiPredicate<Double, Double> own) {
        for (double time = from; time < to; time++) {
            if (!own.test(time, Math.min(to, time + 1))) {
                return false;
            }
        }
        return true;
    }

    /** What a number is where it does not change. */
    private static double first(Value<Double> value, double time) {
        return value.match(literal -> literal, field -> 0.0, keys -> keys.get(0).value());
    }

    /** Frames of the block, each made once. */
    private final class Body implements DressStack.Body {
        private final Undressed block;
        private final Map<Double, BlockFrame> made = new HashMap<>();

        Body(Undressed block) {
            this.block = block;
        }

        BlockFrame frame(double time) {
            return made.computeIfAbsent(time, block::at);
        }

        @Override
        public DisplayList at(double time) {
            return frame(time).list();
        }

        @Override
        public Matrix place(double time) {
            return block.place(time);
        }

        @Override
        public Box box() {
            return block.box();
        }

        @Override
        public List<Box> letters() {
            return block.letters();
        }

        @Override
        public Optional<DisplayList> beside(String id, double time) {
            return block.beside(id, time);
        }

        @Override
        public double on() {
            return block.on();
        }

        @Override
        public double off() {
            return block.off();
        }

        @Override
        public double em() {
            return em * block.px();
        }

        @Override
        public double px() {
            return block.px();
        }

        @Override
        public Clock clock() {
            return clock;
        }

        @Override
        public Box scene() {
            return new Box(0, 0, fit.width() * fit.scale(), fit.height() * fit.scale());
        }
    }
}
