package knollwind.core.frame;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import knollwind.core.display.DisplayList;
import knollwind.core.display.Ink;
import knollwind.core.display.PaintOp;
import knollwind.core.dressing.Grip;
import knollwind.core.dressing.Part;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Outline;
import knollwind.core.layout.Crawling;
import knollwind.core.layout.Placement;
import knollwind.core.layout.Rests;
import knollwind.core.layout.Surroundings;
import knollwind.core.layout.Travel;
import knollwind.core.layout.ValuesInTime;
import knollwind.core.motion.BlockTiming;
import knollwind.core.motion.DriveLevel;
import knollwind.core.scene.Block;
import knollwind.core.scene.Drive;
import knollwind.core.scene.Value;
import knollwind.core.type.SetText;

/** What a block looks like while it is on: painted, dressed and in its place. Immutable; safe for threads. */
final class BlockLook {
    private final Block block;
    private final SetText set;
    private final Rests rests;
    private final BlockTiming timing;
    private final BlockPainter painter;
    private final Surroundings around;
    private final Placement placement;
    /** Null for a block that does not run through the frame. */
    private final Crawling crawling;

    /** Where it stands when it has come to rest, looked at without the camera. */
    private final Matrix home;

    private final BlockDress dress;
    private final Letters letters;
    /** What its dress needs, by id. */
    private final Map<String, BlockScore> beside;

    BlockLook(
            Block block,
            Rests.Laid laid,
            BlockTiming timing,
            BlockPainter painter,
            Surroundings around,
            Placement placement,
            Crawling crawling,
            Map<String, BlockScore> beside) {
        this.beside = beside;
        this.block = block;
        this.set = laid.set();
        this.rests = laid.rests();
        this.timing = timing;
        this.painter = painter;
        this.around = around;
        this.placement = placement;
        this.crawling = crawling;
        this.home = placement.own(Travel.HOME);
        this.letters = new Letters(set, rests);
        // A shape has no type size: its height is what it is measured by.
        this.dress = new BlockDress(
                block.dressings(),
                block.asWords().isPresent() ? set.em() : set.box().height(),
                around.fit(),
                around.clock());
    }

    /** True when two times at which it is on look alike because nothing moves between them. */
    boolean rests(double from, double to) {
        return dress.isWorn()
                ? allRest(from, to) && dress.rests(new Undressed(from), to, this::allRest)
                : ownRests(from, to);
    }

    /** What its dress needs too. */
    private boolean allRest(double from, double to) {
        return ownRests(from, to) && beside.values().stream().allMatch(other -> other.isAlike(from, to));
    }

    private boolean ownRests(double from, double to) {
        return !ValuesInTime.moves(block.opacity())
                && (crawling == null || crawling.rests(from, to))
                && place(from).equals(place(to))
                && timing.rests(from)
                && timing.rests(to)
                && painter.rests(from, to, timing.start());
    }

    /** At a time at which it is on. */
    BlockFrame at(double time) {
        double opacity = Math.max(0, Math.min(1, ValuesInTime.number(block.opacity(), timing, time)));
        return dress.isWorn() ? dress.at(new Undressed(time), opacity) : undressed(time, opacity);
    }

    /** Wherever its phases stand. */
    BlockFrame atRest() {
        return dress.isWorn() ? dress.at(new Resting(), 1) : painter.paintResting(home, 1);
    }

    /** What of it is dragged in the picture, at rest. */
    Grips grips() {
        double em = block.asWords().isPresent() ? set.em() : set.box().height();
        Box frame = BlockDress.frame(around.fit());
        Box scene = home.back().map(back -> back.map(frame)).orElse(frame);
        return new Grips(
                block,
                only -> new Grip.Measures(
                        letters.ink(only == null ? Part.ALL : letters.part(only), Matrix.IDENTITY), em, 1, scene),
                set.box(),
                home);
    }

    /** What each dressing costs, in the middle of the arrival or while it stands, where it costs more: ms by their ids. */
    Map<String, Double> costs() {
        if (!dress.isWorn()) {
            return Map.of();
        }
        Map<String, Double> costs =
                new HashMap<>(dress.costs(new Undressed((timing.arriveEnd() + timing.leaveStart()) / 2)));
        if (timing.arriveEnd() > timing.start()) {
            dress.costs(new Undressed((timing.start() + timing.arriveEnd()) / 2))
                    .forEach((id, ms) -> costs.merge(id, ms, Math::max));
        }
        return costs;
    }

    private BlockFrame undressed(double time, double opacity) {
        return crawling != null
                ? crawling(time, opacity, Shown.ALL)
                : painter.paint(time, time - timing.start(), place(time), opacity);
    }

    /** Some of its letters, opaque, in the frame. */
    private BlockFrame undressed(double time, Shown shown) {
        return crawling != null
                ? crawling(time, 1, shown)
                : painter.paint(time, time - timing.start(), place(time), shown);
    }

    /** Without what it is dressed with, at a time or at rest. */
    private abstract class Bare implements BlockDress.Undressed {
        @Override
        public Optional<DisplayList> beside(String id, double time) {
            return BlockLook.this.other(id, time);
        }

        @Override
        public Letters letters() {
            return letters;
        }

        @Override
        public double level(Drive drive, Part part, double time) {
            double perSecond = around.clock().rate().perSecond();
            return DriveLevel.at(
                    drive,
                    timing,
                    around.turns(),
                    letters.words(part, around.turns().spoken()),
                    perSecond,
                    time);
        }

        @Override
        public List<Double> cues() {
            return around.turns().cues();
        }

        @Override
        public double on() {
            return timing.start();
        }

        @Override
        public double leaves() {
            return timing.leaveStart();
        }

        @Override
        public double off() {
            return timing.end();
        }

        @Override
        public double number(Value<Double> value, double time) {
            return ValuesInTime.number(value, timing, time);
        }

        @Override
        public String colour(Value<String> value, double time) {
            return ValuesInTime.colour(value, timing, time);
        }
    }

    /** Without what it is dressed with: in its own px, or in those of the frame where it leaves its plane or there are many of it. */
    private final class Undressed extends Bare {
        private final double now;
        private final boolean flat = crawling == null && !painter.isDeep();

        Undressed(double now) {
            this.now = now;
        }

        @Override
        public double time() {
            return now;
        }

        @Override
        public BlockFrame at(double time, Part part, boolean uncut) {
            Shown shown = letters.shown(part, uncut);
            if (time < timing.start() || time >= timing.end()) {
                return BlockFrame.NOTHING;
            }
            return flat
                    ? painter.paintOwn(time, time - timing.start(), BlockLook.this.place(time), shown)
                    : undressed(time, shown);
        }

        @Override
        public Matrix place(double time) {
            return flat ? BlockLook.this.place(time) : Matrix.IDENTITY;
        }

        @Override
        public Matrix onto() {
            return flat ? Matrix.IDENTITY : home;
        }

        @Override
        public double px() {
            return flat ? 1 : around.fit().scale();
        }
    }

    private Optional<DisplayList> other(String id, double time) {
        return Optional.ofNullable(beside.get(id))
                .map(block -> block.evenHidden(time).list());
    }

    private BlockFrame crawling(double time, double opacity, Shown shown) {
        DisplayList.Builder out = new DisplayList.Builder();
        Box bounds = Box.EMPTY;
        List<Crawling.SoftEdge> edges = crawling.softEdges();
        if (!edges.isEmpty()) {
            out.add(new PaintOp.Layer(1, 0, 0));
        }
        for (Matrix away : crawling.at(time)) {
            Matrix place = placement.at(time, away);
            double passed = time - timing.start();
            BlockFrame copy = shown == Shown.ALL
                    ? painter.paint(time, passed, place, opacity)
                    : painter.paint(time, passed, place, shown);
            copy.list().paints().forEach(out::add);
            bounds = bounds.union(copy.bounds());
        }
        for (Crawling.SoftEdge edge : edges) {
            out.add(new PaintOp.Fade(new PaintOp.Fill(Outline.rectangle(edge.band()), ink(edge), 1)));
        }
        if (!edges.isEmpty()) {
            out.restore();
        }
        return new BlockFrame(out.build(), bounds);
    }

    private static Ink ink(Crawling.SoftEdge edge) {
        float[] positions = new float[edge.opacities().length];
        int[] colours = new int[positions.length];
        for (int i = 0; i < positions.length; i++) {
            positions[i] = (float) i / (positions.length - 1);
            colours[i] = edge.opacities()[i] << 24 | 0xffffff;
        }
        return edge.across()
                ? new Ink.Gradient(edge.from(), 0, edge.to(), 0, positions, colours)
                : new Ink.Gradient(0, edge.from(), 0, edge.to(), positions, colours);
    }

    /** As it is at rest, at any time. */
    private final class Resting extends Bare {
        @Override
        public double time() {
            return (timing.arriveEnd() + timing.leaveStart()) / 2;
        }

        @Override
        public BlockFrame at(double time, Part part, boolean uncut) {
            return painter.paintOwnResting(home, letters.shown(part, uncut));
        }

        @Override
        public Matrix place(double time) {
            return home;
        }

        @Override
        public Matrix onto() {
            return Matrix.IDENTITY;
        }

        @Override
        public double px() {
            return 1;
        }
    }

    /** Maps the block's px to the frame's px. */
    Matrix place(double time) {
        List<Matrix> copies = crawling == null ? List.of() : crawling.at(time);
        return placement.at(time, copies.isEmpty() ? Matrix.IDENTITY : copies.get(0));
    }
}
