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
import knollwind.core.dressing.Body;
import knollwind.core.dressing.DressStack;
import knollwind.core.dressing.Part;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Union;
import knollwind.core.scene.Clock;
import knollwind.core.scene.Dressing;
import knollwind.core.scene.Drive;
import knollwind.core.scene.FrameFit;
import knollwind.core.scene.Only;
import knollwind.core.scene.UnitKind;
import knollwind.core.scene.Value;

/** What a block is dressed with. Safe for threads. */
final class BlockDress {
    /** The block without it, in its own px. */
    interface Undressed extends Body.Values {
        /** Scene frame at which it is looked at. */
        double time();

        /**
         * Some of its letters; nothing where it is not on.
         *
         * @param uncut however much of them is uncovered
         */
        BlockFrame at(double time, Part part, boolean uncut);

        Letters letters();

        /** How far what a number goes by has happened, 0 to 1. */
        double level(Drive drive, Part part, double time);

        /** Scene frames, rising; empty where none are asked for. */
        List<Double> cues();

        /** Maps its own px to those of the frame. */
        Matrix place(double time);

        /** Maps those of its letters at rest to its own. */
        Matrix onto();

        /** Another block of the scene at a time, in the frame's px; empty where there is none of this id. */
        Optional<DisplayList> beside(String id, double time);

        /** Scene frame at which it came on. */
        double on();

        /** Scene frame at which it begins to leave. */
        double leaves();

        /** Scene frame at which it is gone. */
        double off();

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
        Worn body = new Worn(block);
        DressStack stack = new DressStack(dressings, body, block);
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

    /** What is seen of a scene, in the px of its format. */
    static Box frame(FrameFit fit) {
        return new Box(0, 0, fit.width() * fit.scale(), fit.height() * fit.scale());
    }

    /**
     * What each dressing costs.
     *
     * @return ms by the ids of those that are seen
     */
    Map<String, Double> costs(Undressed block) {
        Worn body = new Worn(block);
        Box frame = body.scene();
        DressStack stack = new DressStack(dressings, body, block);
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
     * @param block at the first of them
     * @param own whether the block itself does
     */
    boolean rests(Undressed block, double to, BiPredicate<Double, Double> own) {
        double from = block.time();
        double on = block.on();
        double off = block.off();
        DressStack stack = new DressStack(dressings, new Worn(block), FIRST);
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

    /** What values are where they do not change. */
    private static final Body.Values FIRST = new Body.Values() {
        @Override
        public double number(Value<Double> value, double time) {
            return value.match(
                    literal -> literal, field -> 0.0, keys -> keys.get(0).value());
        }

        @Override
        public String colour(Value<String> value, double time) {
            return value.match(
                    literal -> literal, field -> "#000000", keys -> keys.get(0).value());
        }
    };

    /** What a frame of the block is made of. */
    private record Key(double time, Part part, boolean uncut) {}

    /** Frames of the block, each made once. */
    private final class Worn implements Body {
        private final Undressed block;
        private final Map<Key, BlockFrame> made = new HashMap<>();

        Worn(Undressed block) {
            this.block = block;
        }

        BlockFrame frame(double time) {
            return frame(time, Part.ALL, false);
        }

        private BlockFrame frame(double time, Part part, boolean uncut) {
            return made.computeIfAbsent(new Key(time, part, uncut), key -> block.at(time, part, uncut));
        }

        @Override
        public DisplayList at(double time, Part part, boolean uncut) {
            return frame(time, part, uncut).list();
        }

        @Override
        public int count() {
            return block.letters().count();
        }

        @Override
        public Part part(Only only) {
            return block.letters().part(only);
        }

        @Override
        public List<Part> parts(UnitKind kind) {
            return block.letters().parts(kind);
        }

        @Override
        public double level(Drive drive, Part part, double time) {
            return block.level(drive, part, time);
        }

        @Override
        public List<Double> cues() {
            return block.cues();
        }

        @Override
        public Matrix place(double time) {
            return block.place(time);
        }

        @Override
        public Box box(Part part) {
            return block.letters().ink(part, block.onto());
        }

        @Override
        public List<Box> letters(Part part) {
            return block.letters().inks(part, block.onto());
        }

        @Override
        public List<Union.Placed> outlines(Part part) {
            return block.letters().outlines(part, block.onto());
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
        public double leaves() {
            return block.leaves();
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
            return BlockDress.frame(fit);
        }
    }
}
