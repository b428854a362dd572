package knollwind.core.dressing;

import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.stream.IntStream;
import knollwind.core.display.DisplayList;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;
import knollwind.core.scene.Beats;
import knollwind.core.scene.Clock;
import knollwind.core.scene.Dressing;
import knollwind.core.scene.Value;

/** All dressings of a block, one over the other: each sees what those before it left. */
public final class DressStack {
    /** A block that can be painted at any time. */
    public interface Body {
        /** In its own px; nothing where it is not on. */
        DisplayList at(double time);

        /** Maps its own px at a time to those of the frame. */
        Matrix place(double time);

        /** Around it at rest, in its own px. */
        Box box();

        /** Around each of its letters at rest, or around its shape, in its own px. */
        List<Box> letters();

        /** Another block of the scene at a time, in the frame's px; empty where there is none of this id. */
        Optional<DisplayList> beside(String id, double time);

        /** Scene frame at which it came on. */
        double on();

        /** Scene frame at which it is gone. */
        double off();

        /** Type size in its own px. */
        double em();

        /** Of its own that are one px of the base format. */
        double px();

        /** What is seen of the scene, in the frame's px. */
        Box scene();

        /** What the scene counts time by. */
        Clock clock();
    }

    private final List<Dressing> dressings;
    private final Body body;
    private final BiFunction<Value<Double>, Double, Double> at;

    /** @param at what a number is at a time */
    public DressStack(List<Dressing> dressings, Body body, BiFunction<Value<Double>, Double, Double> at) {
        this.dressings = dressings.stream().filter(one -> one.off() == null).toList();
        this.body = body;
        this.at = at;
    }

    public boolean isEmpty() {
        return dressings.isEmpty();
    }

    /** The block undressed and then with one dressing more each, in its own px. */
    public List<DisplayList> steps(double time) {
        return IntStream.rangeClosed(0, dressings.size())
                .mapToObj(count -> at(count, time))
                .toList();
    }

    /** The dressed block at a time, in its own px. */
    public DisplayList at(double time) {
        return at(dressings.size(), time);
    }

    /**
     * The operation that lays the whole of it over what is behind it; nothing where it is laid over as it is.
     *
     * @param opacity of the block
     */
    public Optional<PaintOp> over(double time, double opacity) {
        for (int i = dressings.size() - 1; i >= 0; i--) {
            if (DressKinds.of(dressings.get(i)) instanceof Mix mix) {
                Mix.Over over = mix.over(worn(dressings.get(i), time));
                return Optional.of(new PaintOp.Mixed(over.mixing(), (float) (opacity * over.strength()), 0, 0));
            }
        }
        return opacity < 1 ? Optional.of(new PaintOp.Layer((float) opacity, 0, 0)) : Optional.empty();
    }

    private DisplayList at(int count, double time) {
        if (count == 0) {
            return body.at(time);
        }
        Dressing dressing = dressings.get(count - 1);
        return DressKinds.of(dressing).dress(new Seen(count - 1, time, dressing.block()), worn(dressing, time));
    }

    private Worn worn(Dressing dressing, double time) {
        return new Worn(dressing, value -> at.apply(value, time));
    }

    /** Frames that the dressings look back together. */
    public double back(double time) {
        return dressings.stream()
                .mapToDouble(one -> DressKinds.of(one).back(worn(one, time)))
                .sum();
    }

    /** Frames that the dressings look ahead together. */
    public double ahead(double time) {
        return dressings.stream()
                .mapToDouble(one -> DressKinds.of(one).ahead(worn(one, time)))
                .sum();
    }

    /**
     * Whether none of its numbers changes over time, and from a time on none of it by itself.
     *
     * @param to until then
     * @param on when the block came on
     * @param off when it is gone
     */
    public boolean isStill(double time, double to, double on, double off) {
        return dressings.stream().noneMatch(one -> DressKinds.of(one).isMoving(worn(one, time), time - on, off - to))
                && dressings.stream()
                        .flatMap(one -> one.numbers().values().stream())
                        .allMatch(value ->
                                value.keys().filter(keys -> keys.size() > 1).isEmpty());
    }

    private static DisplayList placed(DisplayList list, Matrix onto) {
        if (onto.isIdentity()) {
            return list;
        }
        DisplayList.Builder out = new DisplayList.Builder();
        out.save();
        out.concat(onto);
        out.all(list.paints());
        out.restore();
        return out.build();
    }

    /** What a dressing sees: the block with those before it. */
    private final class Seen implements Wearer {
        private final int count;
        private final double time;
        /** Null where none is needed. */
        private final String other;

        private DisplayList now;

        Seen(int count, double time, String other) {
            this.count = count;
            this.time = time;
            this.other = other;
        }

        @Override
        public DisplayList now() {
            if (now == null) {
                now = at(count, time);
            }
            return now;
        }

        @Override
        public DisplayList ago(double frames) {
            DisplayList list = agoHere(frames);
            Matrix here = body.place(time);
            Matrix there = body.place(time - frames);
            if (list.paints().isEmpty() || there.equals(here)) {
                return list;
            }
            return here.back().map(back -> placed(list, back.times(there))).orElse(DisplayList.EMPTY);
        }

        @Override
        public Optional<DisplayList> beside() {
            return other == null
                    ? Optional.empty()
                    : body.beside(other, time)
                            .flatMap(list -> body.place(time).back().map(back -> placed(list, back)));
        }

        @Override
        public DisplayList agoHere(double frames) {
            return frames == 0 ? now() : at(count, time - frames);
        }

        @Override
        public Box box() {
            return body.box();
        }

        @Override
        public List<Box> letters() {
            return body.letters();
        }

        @Override
        public int since() {
            return (int) Math.rint(time - body.on());
        }

        @Override
        public double left() {
            return body.off() - time;
        }

        @Override
        public Optional<Beats> beats() {
            return Optional.ofNullable(body.clock().beats());
        }

        @Override
        public double perSecond() {
            return body.clock().rate().perSecond();
        }

        @Override
        public double seconds() {
            return time / perSecond();
        }

        @Override
        public int frame() {
            return (int) Math.rint(time);
        }

        @Override
        public Box scene() {
            return body.place(time).back().map(back -> back.map(body.scene())).orElse(body.scene());
        }

        @Override
        public double em() {
            return body.em();
        }

        @Override
        public double px() {
            return body.px();
        }
    }
}
