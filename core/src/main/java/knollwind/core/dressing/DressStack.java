package knollwind.core.dressing;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import knollwind.core.display.DisplayList;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Union;
import knollwind.core.scene.Beats;
import knollwind.core.scene.Dressing;
import knollwind.core.scene.Drive;
import knollwind.core.scene.UnitKind;
import knollwind.core.scene.Value;

/** All dressings of a block, one over the other: each sees what those before it left. */
public final class DressStack {
    private final List<Dressing> dressings;
    private final Body body;
    private final Body.Values values;

    public DressStack(List<Dressing> dressings, Body body, Body.Values values) {
        this.dressings = dressings.stream().filter(one -> one.off() == null).toList();
        this.body = body;
        this.values = values;
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
        return at(count, time, Part.ALL, false);
    }

    /** Some letters with the first so many dressings. */
    private DisplayList at(int count, double time, Part part, boolean uncut) {
        if (part.isEmpty()) {
            return DisplayList.EMPTY;
        }
        if (count == 0) {
            return body.at(time, part, uncut);
        }
        Dressing dressing = dressings.get(count - 1);
        if (dressing.isOnAll()) {
            return dressed(count - 1, time, part, uncut);
        }
        Part meant = dressing.only() == null ? part : part.and(body.part(dressing.only()));
        DisplayList.Builder out = new DisplayList.Builder();
        out.all(at(count - 1, time, part.without(meant, body.count()), uncut).paints());
        List<Part> units = dressing.each() == null ? List.of(meant) : body.parts(dressing.each());
        for (Part unit : units) {
            out.all(dressed(count - 1, time, unit.and(meant), uncut).paints());
        }
        return out.build();
    }

    private DisplayList dressed(int count, double time, Part part, boolean uncut) {
        Dressing dressing = dressings.get(count);
        return part.isEmpty()
                ? DisplayList.EMPTY
                : DressKinds.of(dressing)
                        .dress(new Seen(count, time, part, uncut, dressing), worn(dressing, part, time));
    }

    private Worn worn(Dressing dressing, double time) {
        return worn(dressing, Part.ALL, time);
    }

    private Worn worn(Dressing dressing, Part part, double time) {
        return new Worn(
                dressing,
                value -> values.number(value, time),
                value -> values.colour(value, time),
                drive -> body.level(drive, part, time));
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
        return isLevel(time, to)
                && dressings.stream()
                        .noneMatch(one -> DressKinds.of(one).isMoving(worn(one, time), time - on, off - to))
                && dressings.stream()
                        .flatMap(one -> Stream.<Value<?>>concat(
                                one.numbers().values().stream(), one.colours().values().stream()))
                        .allMatch(value ->
                                value.keys().filter(keys -> keys.size() > 1).isEmpty());
    }

    /** Whether nothing that its numbers go by happens from one time to another. */
    private boolean isLevel(double time, double to) {
        return dressings.stream()
                .allMatch(dressing -> dressing.drives().values().stream()
                        .allMatch(drive -> units(dressing).stream().allMatch(unit -> isLevel(drive, unit, time, to))));
    }

    private List<Part> units(Dressing dressing) {
        Part meant = dressing.only() == null ? Part.ALL : body.part(dressing.only());
        return dressing.each() == null
                ? List.of(meant)
                : body.parts(dressing.each()).stream().map(meant::and).toList();
    }

    private boolean isLevel(Drive drive, Part part, double time, double to) {
        double level = body.level(drive, part, time);
        for (double between = Math.floor(time) + 1; between < to; between++) {
            if (body.level(drive, part, between) != level) {
                return false;
            }
        }
        return body.level(drive, part, to) == level;
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
        private final Part part;
        private final boolean uncut;
        private final Dressing dressing;

        private DisplayList now;

        Seen(int count, double time, Part part, boolean uncut, Dressing dressing) {
            this.count = count;
            this.time = time;
            this.part = part;
            this.uncut = uncut;
            this.dressing = dressing;
        }

        @Override
        public DisplayList now() {
            if (now == null) {
                now = at(count, time, part, uncut);
            }
            return now;
        }

        @Override
        public DisplayList shape() {
            return dressing.standing() == null ? now() : whole();
        }

        @Override
        public DisplayList whole() {
            return at(count, time, part, true);
        }

        @Override
        public double age() {
            return time - body.on();
        }

        @Override
        public List<Double> cues() {
            return body.cues();
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
            return beside(time);
        }

        @Override
        public Optional<DisplayList> besideAtFirst() {
            return beside(body.on());
        }

        private Optional<DisplayList> beside(double at) {
            return dressing.block() == null
                    ? Optional.empty()
                    : body.beside(dressing.block(), at)
                            .flatMap(list -> body.place(at).back().map(back -> placed(list, back)));
        }

        @Override
        public Worn wornAgo(double frames) {
            return worn(dressing, part, time - frames);
        }

        @Override
        public List<Wearer> units(UnitKind kind) {
            return body.parts(kind).stream()
                    .map(part::and)
                    .filter(unit -> !unit.isEmpty())
                    .<Wearer>map(unit -> new Seen(count, time, unit, uncut, dressing))
                    .toList();
        }

        @Override
        public List<Union.Placed> outlines() {
            return body.outlines(part);
        }

        @Override
        public DisplayList agoHere(double frames) {
            return frames == 0 ? now() : at(count, time - frames, part, uncut);
        }

        @Override
        public Box box() {
            return body.box(part);
        }

        @Override
        public List<Box> letters() {
            return body.letters(part);
        }

        @Override
        public int since() {
            return (int) Math.rint(time - body.on());
        }

        @Override
        public int leaves() {
            return (int) Math.rint(body.leaves() - body.on());
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
            return scene(time);
        }

        @Override
        public Box sceneAtFirst() {
            return scene(body.on());
        }

        private Box scene(double at) {
            return body.place(at).back().map(back -> back.map(body.scene())).orElse(body.scene());
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
