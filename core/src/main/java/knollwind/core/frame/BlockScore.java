package knollwind.core.frame;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Outline;
import knollwind.core.geometry.Outlines;
import knollwind.core.geometry.Point;
import knollwind.core.handwriting.CentreLines;
import knollwind.core.layout.Crawling;
import knollwind.core.layout.PivotPoint;
import knollwind.core.layout.Placement;
import knollwind.core.layout.Rests;
import knollwind.core.layout.Surroundings;
import knollwind.core.layout.Travel;
import knollwind.core.layout.ValuesInTime;
import knollwind.core.motion.BlockTiming;
import knollwind.core.scene.Bezier;
import knollwind.core.scene.Block;
import knollwind.core.scene.FrameFit;
import knollwind.core.scene.FrameRate;
import knollwind.core.scene.Pivot;
import knollwind.core.scene.Place;
import knollwind.core.scene.Value;
import knollwind.core.sound.Heard;
import knollwind.core.type.SetLine;
import knollwind.core.type.SetText;
import knollwind.core.type.Unit;

/**
 * A block made ready to be seen at any time: its words set, its moves timed. Immutable; safe for threads.
 */
public final class BlockScore {
    private static final String X = "place/x";
    private static final String Y = "place/y";
    private static final String SCALE = "place/scale";

    private final Block block;
    private final SetText set;
    private final Rests rests;
    private final BlockTiming timing;
    private final BlockPainter painter;
    private final Surroundings around;
    private final CentreLines lines;
    private final Travel travel;
    private final Placement placement;
    /** Where the block stands when it has come to rest, looked at without the camera: what boxes and handles show. */
    private final Matrix home;
    /** Null for a block that does not run through the frame. */
    private final Crawling crawling;

    private final BlockLook look;
    /** Null for words that stay the same. */
    private final RunningWords running;

    BlockScore(
            Block block,
            Rests.Laid laid,
            BlockTiming timing,
            BlockPainter painter,
            Surroundings around,
            CentreLines lines,
            Map<String, BlockScore> beside,
            RunningWords running) {
        this.running = running;
        this.lines = lines;
        this.block = block;
        this.set = laid.set();
        this.rests = laid.rests();
        this.timing = timing;
        this.painter = painter;
        this.around = around;
        this.travel = Travel.of(block.place(), timing, set.em(), set.lineHeight(), around);
        this.placement = new Placement(block, set, around, travel);
        this.home = placement.own(Travel.HOME);
        this.crawling = block.place().crawl() == null
                ? null
                : new Crawling(
                        block.place().crawl(),
                        seen(set.whole(), Matrix.IDENTITY),
                        lastCard(),
                        around.fit(),
                        around.clock().rate().perSecond(),
                        timing.start(),
                        timing.end());
        this.look = new BlockLook(block, laid, timing, painter, around, placement, crawling, beside);
    }

    /** What is seen of it at a time, and from then on as long as its words are the same. */
    private BlockLook look(double time) {
        return running == null ? look : running.at(time - timing.start()).look;
    }

    private boolean rests(double from, double to) {
        return (running == null || running.isSame(from - timing.start(), to - timing.start()))
                && look(from).rests(from, to);
    }

    public Block block() {
        return block;
    }

    /** px of its type; of a shape its height. */
    public double em() {
        return block.asWords().isPresent() ? set().em() : set().box().height();
    }

    /** The words as set, or for a shape its box as the only unit. */
    public SetText set() {
        return set;
    }

    public BlockTiming timing() {
        return timing;
    }

    /** What is heard of a scene that it shows, while it is on, in seconds of its own scene. */
    List<Heard> sounds() {
        if (block.hidden()) {
            return List.of();
        }
        FrameRate rate = around.clock().rate();
        double start = rate.seconds(timing.start());
        double seconds = rate.seconds(timing.end() - timing.start());
        return painter.sounds().stream()
                .flatMap(heard -> heard.within(0, seconds).stream())
                .map(heard -> heard.later(start).shownBy(block.id()))
                .toList();
    }

    /** True when the block is on at this time: its span is half-open. */
    public boolean isOn(double time) {
        return !block.hidden() && time >= timing.start() && time < timing.end();
    }

    /** True when two times inside the span look alike because nothing moves between them. */
    public boolean restsThroughout(double from, double to) {
        return rests(from, to);
    }

    /** The block at a time in scene frames; nothing outside its span. */
    public BlockFrame at(double time) {
        return isOn(time) ? look(time).at(time) : BlockFrame.NOTHING;
    }

    /** The same where it is switched off: what only lends its shape to others is. */
    BlockFrame evenHidden(double time) {
        return time >= timing.start() && time < timing.end() ? look(time).at(time) : BlockFrame.NOTHING;
    }

    /** Whether it is alike at two times, on or not. */
    boolean isAlike(double from, double to) {
        boolean on = from >= timing.start() && to < timing.end();
        return on ? rests(from, to) : to < timing.start() || from >= timing.end();
    }

    /** What of it is dragged in the picture beside its box. */
    public List<Grips.Seen> grips() {
        return look.grips().shown();
    }

    /**
     * What changes in the block where one of them is dragged to a point of the frame: values by their paths in it.
     *
     * @throws IllegalArgumentException where there is none of this id
     */
    public Map<String, Double> dragged(String grip, Point to) {
        return look.grips().dragged(grip, to);
    }

    /** What each of its dressings that are seen costs a frame: ms by their ids. */
    public Map<String, Double> dressCosts() {
        return look.costs();
    }

    /** Whether some of its words are known to be said, where something of it goes by that. */
    public boolean isSpoken() {
        return !around.turns().spoken().isEmpty();
    }

    /** Whether its scene has cues, where something of it goes by them. */
    public boolean isCued() {
        return !around.turns().cues().isEmpty();
    }

    /** What results from the block's crawl; empty without one. */
    public Optional<Crawling.Run> crawl() {
        return Optional.ofNullable(crawling).map(Crawling::run);
    }

    /** The lines after the last empty one, at rest in px of the base frame. */
    private Box lastCard() {
        Box card = Box.EMPTY;
        for (Unit line : set.lineUnits()) {
            SetLine own = set.lines().get(line.line());
            card = own.ink().isEmpty() ? Box.EMPTY : card.union(seen(line, rests.of(line)));
        }
        return card.isEmpty() ? seen(set.whole(), Matrix.IDENTITY) : card;
    }

    /** A unit's advances and ink at rest, px of the base frame. */
    private Box seen(Unit unit, Matrix rest) {
        return placement.inBase(home.times(rest).map(unit.advance().union(unit.ink())));
    }

    /** The block at rest, wherever its phases stand: as it is shown while its words are edited. */
    public BlockFrame atRest() {
        return look.atRest();
    }

    /** Box of a unit at rest in the frame, by its advances. */
    public Box place(Unit unit) {
        return home.times(rests.of(unit)).map(unit.advance());
    }

    /** Box of its ink at rest in the frame; empty without ink. */
    public Box restingInk() {
        Box ink = Box.EMPTY;
        for (Unit line : set.lineUnits()) {
            ink = ink.union(home.times(rests.of(line)).map(line.ink()));
        }
        return ink;
    }

    /** The corners of the block's box at rest in the frame, clockwise from its own top left. */
    public List<Point> corners() {
        return corners(set.whole());
    }

    /** The corners of a unit's box at rest in the frame, clockwise from its own top left. */
    public List<Point> corners(Unit unit) {
        Matrix placement = home.times(rests.of(unit));
        Box box = unit.advance();
        return Stream.of(
                        new double[] {box.left(), box.top()},
                        new double[] {box.right(), box.top()},
                        new double[] {box.right(), box.bottom()},
                        new double[] {box.left(), box.bottom()})
                .map(placement::map)
                .toList();
    }

    /**
     * The map (a, b, c, d, e, f) from the px of the block's free curve to the frame's, by which its knots can be shown; null
     * when it has none.
     */
    public List<Double> curve() {
        Matrix map = home;
        Bezier curve = block.curve();
        if (curve == null) {
            return null;
        }
        if (block.asShape().isPresent()) {
            Box box = Outlines.box(curve);
            map = map.times(Matrix.translate(-box.left(), -box.top()));
        }
        return List.of(map.a(), map.b(), map.c(), map.d(), map.e(), map.f());
    }

    /** Where a pivot of the block stands in the frame while the block is at rest. */
    public Point point(Pivot pivot) {
        double[] own = PivotPoint.of(set.whole(), pivot);
        return home.map(own);
    }

    /** The place that leaves the block where it rests when it is placed by another of its pivots. */
    public Place placedBy(Pivot pivot) {
        return placement.by(pivot, point(pivot));
    }

    /** Where the block's pivot stands in the frame when it has come to rest. */
    public double[] pivot() {
        return placement.pivot(Travel.HOME);
    }

    /** The same in px of the base frame. */
    public Point base() {
        return travel.pivot(Travel.HOME);
    }

    /** Where the pivot is at a time, in the frame's px, carried by nothing but its own place. */
    public Point travelled(double time) {
        double[] at = placement.pivot(time);
        return new Point(at[0], at[1]);
    }

    /**
     * How the block is away at a time from where its boxes say that it is: the map (a, b, c, d, e, f) from the frame's px to
     * the frame's px, the camera included, and (g, h) behind it where it leans into the distance; null when it is not.
     */
    public List<Double> away(double time) {
        Matrix away = look.place(time).times(home.inverse()).plane();
        // An inverse is not exact.
        boolean home = away.isFlat()
                && Math.abs(away.a() - 1) + Math.abs(away.b()) + Math.abs(away.c()) + Math.abs(away.d() - 1) < 1e-9
                && Math.abs(away.e()) + Math.abs(away.f()) < 1e-6;
        return home ? null : away.numbers();
    }

    /** True when something other than its moves carries the block about. */
    public boolean travels() {
        Place place = block.place();
        return place.way() != null
                || crawling != null
                || !around.outer().nothing()
                || ValuesInTime.moves(place.x())
                || ValuesInTime.moves(place.y())
                || ValuesInTime.moves(place.rotation())
                || ValuesInTime.moves(place.scale());
    }

    /** How the letter at an offset of the text is written; nothing where there is none that is one outline. */
    public Optional<BlockLetters.Letter> letter(int from) {
        return new BlockLetters(set, rests).letter(block, from, home, lines);
    }

    /** The block's letters in px of the frame, where the block is at a time, whatever its moves do. */
    List<Outline> letters(double time) {
        Matrix now = look.place(time);
        return new BlockLetters(set, rests).outlines(now.isFlat() ? now : home);
    }

    /** Which of its letters stands at an offset of its text; -1 where there is none. */
    int letterAt(int offset) {
        return new BlockLetters(set, rests).outline(offset);
    }

    /** The members of the block that carry keys, by their paths inside it, in the order in which rows show them. */
    public List<String> keyed() {
        return block.keyable().entrySet().stream()
                .filter(member -> member.getValue().keys().isPresent())
                .map(Map.Entry::getKey)
                .toList();
    }

    /** A keyed member at a time: px of the base frame, a factor, degrees or a share. */
    public double keyed(String member, double time) {
        return switch (member) {
            case X -> travel.pivot(time).x();
            case Y -> travel.pivot(time).y();
            case SCALE -> travel.scale(time);
            default -> ValuesInTime.number(value(member), timing, time);
        };
    }

    /** Whether a member that may carry keys is a colour. */
    public static boolean isColour(String member) {
        return member.contains(Block.COLOURS);
    }

    /** A keyed colour at a time. */
    public String keyedColour(String member, double time) {
        return ValuesInTime.colour(value(member), timing, time);
    }

    /** All that may carry keys are numbers, but for its place and for colours. */
    @SuppressWarnings("unchecked")
    private <T> Value<T> value(String member) {
        Value<?> value = block.keyable().get(member);
        if (value == null) {
            throw new IllegalArgumentException("a block has no keys at " + member);
        }
        return (Value<T>) value;
    }

    /** How the base frame lies in the format that the block is seen in. */
    public FrameFit fit() {
        return around.fit();
    }
}
