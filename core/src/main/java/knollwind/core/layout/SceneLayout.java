package knollwind.core.layout;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Stream;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Outlines;
import knollwind.core.geometry.Point;
import knollwind.core.motion.BlockTiming;
import knollwind.core.motion.LinkedSpans;
import knollwind.core.motion.PhaseLengths;
import knollwind.core.scene.Attachment;
import knollwind.core.scene.Bezier;
import knollwind.core.scene.Block;
import knollwind.core.scene.Camera;
import knollwind.core.scene.Clock;
import knollwind.core.scene.Crawl;
import knollwind.core.scene.Dressing;
import knollwind.core.scene.Follow;
import knollwind.core.scene.Format;
import knollwind.core.scene.FrameFit;
import knollwind.core.scene.Length;
import knollwind.core.scene.Links;
import knollwind.core.scene.MakeRoom;
import knollwind.core.scene.Pivot;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.ShapeBlock;
import knollwind.core.scene.TextBlock;
import knollwind.core.type.SetText;
import knollwind.core.type.Typesetter;
import knollwind.core.type.Unit;

/**
 * Where the blocks of a scene rest in one format, those that hang on others after them. Blocks are laid out only when one
 * that hangs on them is asked for. Not safe for threads.
 */
public final class SceneLayout {
    /** A block at rest and unturned, in px of the base frame. */
    private record Rest(Box metric, Box ink, double baseline, Box spread, Box inkSpread) {
        Box box(Pivot.Box kind) {
            return kind == Pivot.Box.INK && !ink.isEmpty() ? ink : metric;
        }

        /** The same with the words that have places of their own. */
        Box spread(Pivot.Box kind) {
            return kind == Pivot.Box.INK && !inkSpread.isEmpty() ? inkSpread : spread;
        }
    }

    private final FrameFit fit;
    private final Clock clock;
    private final Map<String, Block> blocks;
    private final Typesetter typesetter;
    private final Camera camera;
    private final Calls calls;
    private final Map<String, Rest> rests = new HashMap<>();

    /**
     * @param blocks as the format shows them
     * @throws IllegalArgumentException when blocks hang on each other in a circle
     */
    public SceneLayout(Project project, Scene scene, Format format, List<Block> blocks, Materials materials) {
        this(project, scene, format, blocks, materials, Set.of());
    }

    /**
     * The same with words that nobody says.
     *
     * @param unheard ids of blocks whose words share the block's time where they would come as they are spoken
     */
    public SceneLayout(
            Project project, Scene scene, Format format, List<Block> blocks, Materials materials, Set<String> unheard) {
        Links.check(blocks);
        this.fit = FrameFit.of(scene, format);
        this.clock = Clock.of(scene);
        this.typesetter = materials.typesetter();
        this.camera = scene.camera();
        this.blocks = new LinkedHashMap<>();
        blocks.forEach(block -> this.blocks.put(block.id(), block));
        this.calls = new Calls(project, scene, unheard, materials.envelopes());
        LinkedSpans.of(blocks, calls.named()::find, this::lengths)
                .forEach((id, span) -> this.blocks.computeIfPresent(id, (same, block) -> block.during(span)));
    }

    /** The blocks in document order, on when their cues and links say. */
    public List<Block> blocks() {
        return List.copyOf(blocks.values());
    }

    private PhaseLengths lengths(Block block) {
        Surroundings around = hung(block);
        return BlockTiming.lengths(
                block, clock, around.turns(), lay(block, around, typesetter).pieces());
    }

    /** What the block's look depends on outside itself. */
    public Surroundings around(Block block) {
        Map<String, Surroundings.Beside> beside = new TreeMap<>();
        block.dressings().stream()
                .map(Dressing::block)
                .filter(id -> id != null && blocks.containsKey(id) && !id.equals(block.id()))
                .forEach(id -> beside.put(id, new Surroundings.Beside(blocks.get(id), alone(blocks.get(id)))));
        return alone(block).among(beside);
    }

    /** The same without what its dress needs. */
    private Surroundings alone(Block block) {
        Surroundings free = hung(block);
        double notBefore = free.notBefore();
        double notAfter = free.notAfter();
        for (Block other : blocks.values()) {
            boolean waits = other.asPlate()
                    .filter(plate -> plate.waits() && plate.behind().contains(block.id()))
                    .isPresent();
            if (waits && !other.hidden()) {
                Surroundings its = hung(other);
                BlockTiming timing = BlockTiming.of(
                        other, clock, its.turns(), lay(other, its, typesetter).pieces());
                notBefore = Math.max(notBefore, timing.arriveEnd());
                notAfter = Math.min(notAfter, timing.leaveStart());
            }
        }
        return free.during(notBefore, notAfter).moved(outer(block)).hidden(hiders(block));
    }

    /** Where the shapes rest that the block's moves come from behind of. */
    private Map<String, Box> hiders(Block block) {
        Map<String, Box> hiders = new TreeMap<>();
        Stream.of(block.arrive(), block.leave())
                .flatMap(phase -> phase.moves().stream())
                .map(move -> move.uncovering().behind())
                .filter(id -> id != null && blocks.containsKey(id) && !id.equals(block.id()))
                .forEach(id -> hiders.put(id, rest(blocks.get(id)).metric()));
        return hiders;
    }

    private CarriedTransform outer(Block block) {
        List<CarriedTransform.Push> pushes = blocks.values().stream()
                .filter(other -> other.place().room() != null
                        && other != block
                        && makesRoom(block, other.place().room(), new HashSet<>()))
                .map(other -> new CarriedTransform.Push(
                        other.span().start().value(), other.place().room()))
                .sorted(Comparator.comparingDouble(CarriedTransform.Push::start))
                .toList();
        return new CarriedTransform(lead(block, new HashSet<>()), pushes, camera);
    }

    /** True for the blocks that make room, for what is attached to them, and for plates behind them. */
    private boolean makesRoom(Block block, MakeRoom room, Set<String> seen) {
        if (room.blocks().contains(block.id())) {
            return true;
        }
        return seen.add(block.id())
                && Links.of(block).stream()
                        .map(blocks::get)
                        .anyMatch(other -> other != null
                                && (block.place().follow() == null
                                        || !block.place().follow().to().equals(other.id()))
                                && makesRoom(other, room, seen));
    }

    private CarriedTransform.Lead lead(Block block, Set<String> seen) {
        Follow follow = block.place().follow();
        Block leader = follow == null || !seen.add(block.id()) ? null : blocks.get(follow.to());
        if (leader == null) {
            return null;
        }
        Surroundings around = hung(leader);
        Rests.Laid laid = lay(leader, around, typesetter);
        BlockTiming timing = BlockTiming.of(leader, clock, around.turns(), laid.pieces());
        Travel travel =
                Travel.of(leader.place(), timing, laid.set().em(), laid.set().lineHeight(), around);
        return new CarriedTransform.Lead(travel, lead(leader, seen), follow.delay());
    }

    /** The surroundings that decide on place and size, without those of time. */
    private Surroundings hung(Block block) {
        Surroundings free = Surroundings.free(fit, clock, calls.of(block));
        Optional<ShapeBlock.Plate> plate = block.asPlate();
        if (plate.isPresent()) {
            return plate(block, plate.get(), free);
        }
        Attachment attach = block.place().attach();
        Block other = attach == null ? null : blocks.get(attach.to());
        if (other == null) {
            return free;
        }
        Pivot.Box kind = block.place().pivot().box();
        Box target = rest(other).box(kind);
        double width = attach.sameWidth() ? target.width() : Double.NaN;
        Surroundings wide = free.wide(width);
        SetText set = set(block, wide);
        Unit whole = set.whole();
        Box own = kind == Pivot.Box.INK && !whole.ink().isEmpty() ? whole.ink() : whole.advance();
        double[] pivot = PivotPoint.of(whole, block.place().pivot());
        double em = set.em();
        double gap = attach.gap().pixels(em, set.lineHeight(), attach.side().beside() ? fit.width() : fit.height());
        double x = switch (attach.side()) {
            case RIGHT -> target.right() + gap - own.left();
            case LEFT -> target.left() - gap - own.right();
            case ABOVE, UNDER -> level(attach.level(), target, own, true);
        };
        double y = switch (attach.side()) {
            case ABOVE -> target.top() - gap - own.bottom();
            case UNDER -> target.bottom() + gap - own.top();
            case RIGHT, LEFT ->
                attach.level() == Attachment.Level.BASELINE
                        ? rest(other).baseline() - whole.baseline()
                        : level(attach.level(), target, own, false);
        };
        return wide.anchored(x + pivot[0], y + pivot[1]);
    }

    private static double level(Attachment.Level level, Box target, Box own, boolean across) {
        return switch (level) {
            case TOP -> target.top() - own.top();
            case BOTTOM -> target.bottom() - own.bottom();
            case LEFT -> target.left() - own.left();
            case RIGHT -> target.right() - own.right();
            case MIDDLE, CENTRE, BASELINE ->
                across
                        ? (target.left() + target.right() - own.left() - own.right()) / 2
                        : (target.top() + target.bottom() - own.top() - own.bottom()) / 2;
        };
    }

    private Surroundings plate(Block block, ShapeBlock.Plate plate, Surroundings free) {
        Optional<Box> words = plate.behind().stream()
                .map(blocks::get)
                .filter(one -> one != null && !one.hidden())
                .map(one -> rest(one).spread(plate.box()))
                .reduce(Box::union);
        if (words.isEmpty()) {
            return free.anchored(0, 0);
        }
        Surroundings sized = free.behind(words.get());
        double[] pivot = PivotPoint.of(set(block, sized).whole(), block.place().pivot());
        Surroundings stands = sized.anchored(
                words.get().left() - plate.padding().left() + pivot[0],
                words.get().top() - plate.padding().top() + pivot[1]);
        return plate.spoken() == null ? stands : stands.said(said(plate, words.get()));
    }

    /** The words that a plate stands behind one after the other, in the order in which they are said. */
    private List<SpokenBox> said(ShapeBlock.Plate plate, Box all) {
        List<SpokenBox> said = new ArrayList<>();
        for (String id : plate.behind()) {
            Block block = blocks.get(id);
            Optional<TextBlock> words = block == null ? Optional.empty() : block.asWords();
            words.ifPresent(text -> said.addAll(SpokenBox.of(
                    lay(text, hung(text), typesetter), rest(text).metric(), calls.spoken(text), plate.box(), all)));
        }
        return SpokenBox.inTurn(said);
    }

    private Rest rest(Block block) {
        Rest known = rests.get(block.id());
        if (known == null) {
            Surroundings around = hung(block);
            Rests.Laid laid = lay(block, around, typesetter);
            SetText set = laid.set();
            BlockTiming timing = BlockTiming.of(block, clock, around.turns(), laid.pieces());
            Point at = Travel.of(block.place(), timing, set.em(), set.lineHeight(), around)
                    .pivot(Travel.HOME);
            double[] held = hold(block, set, around);
            double x = at.x() - held[0];
            double y = at.y() - held[1];
            Box metric = set.box().shift(x, y);
            Box ink = set.ink().shift(x, y);
            boolean own = laid.rests() instanceof PlacedRests;
            known = new Rest(
                    metric,
                    ink,
                    set.whole().baseline() + y,
                    own ? words(laid, Unit::advance).shift(x, y) : metric,
                    own ? words(laid, Unit::ink).shift(x, y) : ink);
            rests.put(block.id(), known);
        }
        return known;
    }

    private static Box words(Rests.Laid laid, Function<Unit, Box> box) {
        return laid.set().words().stream()
                .map(word -> laid.rests().of(word).map(box.apply(word)))
                .reduce(Box.EMPTY, Box::union);
    }

    /** The block's words set, or its shape drawn, and where its units rest. */
    public static Rests.Laid lay(Block block, Surroundings around, Typesetter typesetter) {
        return block.match(new Block.Cases<Rests.Laid>() {
            @Override
            public Rests.Laid words(TextBlock words) {
                return lay(words, around, typesetter);
            }

            @Override
            public Rests.Laid shape(ShapeBlock shape) {
                return Rests.Laid.straight(ShapeSetting.of(shape, around));
            }
        });
    }

    private static Rests.Laid lay(TextBlock text, Surroundings around, Typesetter typesetter) {
        SetText set = typesetter.set(TextCopy.of(text, around));
        if (text.setting().path() != null) {
            PathRests rests =
                    new PathRests(set, text.setting().path(), text.setting().alignment());
            return Rests.Laid.around(set, rests, rests.own());
        }
        Crawl crawl = text.place().crawl();
        if (crawl != null && crawl.direction().across() && set.lines().size() > 1) {
            ItemRests rests = new ItemRests(set, crawl.gap(), crawl.direction() == Crawl.Direction.LEFT);
            return Rests.Laid.around(set, rests, Box.EMPTY);
        }
        Length height = text.setting().columnHeight();
        if (height != null && text.placed().isEmpty()) {
            double high = height.pixels(set.em(), set.lineHeight(), around.fit().height());
            return Rests.Laid.around(
                    set, Rests.STRAIGHT, new Box(0, 0, set.box().width(), high));
        }
        // A word that is moved leaves the block's box, and with it the pivot and all other words, where they are.
        return text.placed().isEmpty()
                ? Rests.Laid.straight(set)
                : new Rests.Laid(set, new PlacedRests(set, text.placed()));
    }

    private SetText set(Block block, Surroundings around) {
        return lay(block, around, typesetter).set();
    }

    /** The block's own point, in its px, that stands where its place says: its pivot, or what its curve is held by. */
    static double[] hold(Block block, SetText set, Surroundings around) {
        Bezier curve = block.curve();
        Pivot pivot = block.place().pivot();
        if (curve == null || pivot.hold() == null || around.anchor() != null) {
            return PivotPoint.of(set.whole(), pivot);
        }
        // A shape's px begin at the corner of its curve's box.
        Box box = block.asShape().isPresent() ? Outlines.box(curve) : new Box(0, 0, 0, 0);
        return new double[] {pivot.hold().x() - box.left(), pivot.hold().y() - box.top()};
    }
}
