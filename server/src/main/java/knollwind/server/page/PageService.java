package knollwind.server.page;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import knollwind.core.directions.BlockScript;
import knollwind.core.directions.Script;
import knollwind.core.directions.controls.FormatPx;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.directions.grammar.Say;
import knollwind.core.directions.move.EasingClause;
import knollwind.core.directions.scene.LengthWords;
import knollwind.core.edit.PoseMove;
import knollwind.core.edit.SoundHandles;
import knollwind.core.edit.TimeHandle;
import knollwind.core.filling.AskedField;
import knollwind.core.filling.BuiltWords;
import knollwind.core.filling.Conditions;
import knollwind.core.filling.Filler;
import knollwind.core.frame.BlockScore;
import knollwind.core.frame.SceneScore;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Point;
import knollwind.core.motion.KeyClock;
import knollwind.core.motion.LinkedSpans;
import knollwind.core.motion.MoveTiming;
import knollwind.core.scene.Block;
import knollwind.core.scene.Format;
import knollwind.core.scene.FrameFit;
import knollwind.core.scene.Links;
import knollwind.core.scene.NamedTime;
import knollwind.core.scene.NamedTimes;
import knollwind.core.scene.Nested;
import knollwind.core.scene.OnwardSounds;
import knollwind.core.scene.Pivot;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Sound;
import knollwind.core.scene.Span;
import knollwind.core.type.FontFamily;
import knollwind.core.type.FontLibrary;
import knollwind.core.type.Unit;
import knollwind.server.draft.Drafts;
import org.springframework.stereotype.Service;
import tools.jackson.databind.JsonNode;

/** Prints a scene's directions and times. */
@Service
class PageService {
    /** Frames of a block whose travel is told. */
    private static final int MOST_TRAVELLED = 3000;

    /**
     * Blocks of a scene beyond which only the chosen one is told with all its controls: hundreds of blocks, each with lists of
     * all it may hang on, would fill megabytes.
     */
    private static final int MANY = 40;

    private static final Pivot BASELINE = new Pivot(Pivot.Across.LEFT, Pivot.Down.BASELINE, Pivot.Box.METRIC);

    /**
     * All that a block's view is made of; the score by itself stands for the block and what lies around it, the span for what the
     * document says of its time.
     */
    private record ViewKey(
            BlockScore score,
            Span span,
            String path,
            List<Block> neighbours,
            List<NamedTime> named,
            List<Sound> sounds,
            Format.Safe safe,
            boolean chosen,
            boolean whole,
            List<Scene> scenes,
            int fonts,
            double pace) {}

    private final Cache<ViewKey, PageView.BlockView> views =
            Caffeine.newBuilder().maximumSize(1000).build();
    private final Drafts drafts;
    private final FontLibrary fonts;
    private final SceneCheck check;
    private final PaintPace paint;

    PageService(Drafts drafts, FontLibrary fonts, SceneCheck check, PaintPace paint) {
        this.drafts = drafts;
        this.fonts = fonts;
        this.check = check;
        this.paint = paint;
    }

    /**
     * @param fields of the project
     * @param built words of the scene that are built by steps
     * @param chosen block whose keyed values are told; null for none
     * @param caption the caption as which its design is told; null for the design by itself
     * @param conditions of the scene
     * @param version the scene with the version and the conditions that are looked at; null where it is as it stands
     */
    PageView page(
            Drafts.View view,
            List<AskedField> fields,
            List<BuiltWords.Shown> built,
            String chosen,
            String caption,
            List<Conditions.ToldCondition> conditions,
            JsonNode version) {
        List<FontFamily> families = fonts.families();
        List<PageView.BlockView> blocks = new ArrayList<>();
        List<PageView.Problem> problems = new ArrayList<>(check.scene(view.project(), view.scene()));
        built.forEach(one -> one.steps().stream()
                .filter(step -> !step.problem().isEmpty())
                .forEach(step -> problems.add(
                        new PageView.Problem(one.block(), "\u201c" + step.says() + "\u201d: " + step.problem()))));
        Map<String, Span> spans =
                Filler.blocks(view.scene(), view.format()).stream().collect(Collectors.toMap(Block::id, Block::span));
        NamedTimes named = NamedTimes.of(view.project(), view.scene());
        List<BlockScore> seen = new ArrayList<>();
        for (Block block : view.blocks()) {
            BlockScore score = Optional.ofNullable(caption)
                    .flatMap(id -> view.captions().as(block.id(), id))
                    .map(copy -> drafts.score(view, copy))
                    .orElseGet(() -> drafts.score(view, block));
            String path = "scenes/" + view.scene().id() + "/blocks/" + block.id();
            boolean whole = block.id().equals(chosen) || view.blocks().size() <= MANY;
            List<Block> neighbours = whole ? view.blocks() : linked(block, view.blocks());
            ViewKey key = new ViewKey(
                    score,
                    spans.get(block.id()),
                    path,
                    neighbours,
                    named.offered(spans.get(block.id())),
                    named.sounds(),
                    view.format().safeForWords(),
                    block.id().equals(chosen),
                    whole,
                    Nested.of(block).isPresent() ? view.project().scenes() : List.of(),
                    fonts.version(),
                    paint.pace());
            Optional<Sentence> nested = Script.nested(view.project(), view.scene(), block, path);
            blocks.add(views.get(key, one -> block(one, families, nested.orElse(null))));
            problems.addAll(check.problems(score, view));
            seen.add(score);
        }
        // What dresses captions is on when they are.
        List<Double> ends = blocks.stream()
                .filter(one -> !view.captions().isDesign(one.id()))
                .map(PageView.BlockView::end)
                .toList();
        FrameFit fit = FrameFit.of(view.scene(), view.format());
        double lastEnd = ends.stream().mapToDouble(Double::doubleValue).max().orElse(0);
        return new PageView(
                view.scene().length(),
                LengthWords.over(view.scene(), ends).orElse(null),
                LengthWords.following(view.scene(), lastEnd),
                fit,
                view.format().safeAreas(),
                Format.Safe.TITLE,
                new FormatPx(fit).seen(Script.background(view.project(), view.scene(), lastEnd)),
                blocks,
                SceneScore.heard(view.scene(), named, seen),
                SoundHandles.of(view.scene()),
                OnwardSounds.running(view.project(), view.scene()),
                EasingClause.ofKeys(),
                Nested.standable(view.project(), view.scene()).stream()
                        .map(Scene::id)
                        .toList(),
                fields,
                built,
                problems,
                conditions,
                version);
    }

    private static PageView.BlockView block(ViewKey key, List<FontFamily> families, Sentence nested) {
        BlockScore score = key.score();
        BlockScript script = Script.of(
                        score,
                        key.path(),
                        families,
                        key.neighbours(),
                        key.named(),
                        key.sounds(),
                        key.safe(),
                        key.pace())
                .showing(nested)
                .in(new FormatPx(score.fit()));
        List<PageView.MoveView> moves = new ArrayList<>();
        for (MoveTiming timing : score.timing().moves()) {
            moves.add(new PageView.MoveView(
                    timing.move().id(),
                    timing.phase().name().toLowerCase(Locale.ROOT),
                    PoseMove.Pose.of(timing.move(), score),
                    // A muted one does nothing: there are no bars to show.
                    timing.move().muted() ? List.of() : turns(score, timing)));
        }
        double[] pivot = score.pivot();
        return new PageView.BlockView(
                score.block().id(),
                Say.called(score.block()),
                key.whole() ? script : script.numbersOnly(),
                score.timing().start(),
                score.timing().arriveEnd(),
                score.timing().leaveStart(),
                score.timing().end(),
                score.timing().scale(),
                TimeHandle.of(key.span(), score.timing(), key.path()),
                KeyClock.Clocks.of(score.timing()),
                box(score.place(score.set().whole())),
                score.corners().stream().map(PageService::point).toList(),
                hundredths(score.point(BASELINE).y()),
                new PageView.FramePoint(pivot[0], pivot[1]),
                PivotPoints.of(score, key.path()),
                moves,
                words(score),
                hundredths(score.set().em()),
                hundredths(score.set().lineHeight()),
                score.curve(),
                travel(score),
                key.chosen() ? tracks(score) : List.of(),
                key.chosen() ? score.grips() : List.of());
    }

    private static List<PageView.UnitView> turns(BlockScore score, MoveTiming timing) {
        List<Unit> units = score.set().units(timing.move().unit());
        List<PageView.UnitView> turns = new ArrayList<>();
        for (int i = 0; i < units.size(); i++) {
            if (!timing.ranks().takesTurn(i)) {
                continue;
            }
            int from = timing.pieces().get(i).from();
            int to = timing.pieces().get(i).to();
            turns.add(new PageView.UnitView(
                    units.get(i).id(),
                    units.get(i).text(),
                    timing.ranks().of().get(i),
                    timing.starts().get(i),
                    timing.ends().get(i),
                    box(score.place(units.get(i))),
                    from,
                    to,
                    timing.move().ownOf(from, to) != null));
        }
        return turns;
    }

    /** Null for a block that stands, and for one that is on too long to tell every frame. */
    private static PageView.TravelView travel(BlockScore score) {
        int first = (int) Math.ceil(score.timing().start());
        int end = (int) Math.ceil(score.timing().end());
        if (!score.travels() || end - first > MOST_TRAVELLED) {
            return null;
        }
        List<List<Double>> away = new ArrayList<>();
        List<PageView.FramePoint> dots = new ArrayList<>();
        for (int frame = first; frame < end; frame++) {
            List<Double> map = score.away(frame);
            away.add(
                    map == null
                            ? List.of()
                            : IntStream.range(0, map.size())
                                    .mapToObj(i -> told(map.get(i), i))
                                    .toList());
            dots.add(point(score.travelled(frame)));
        }
        return new PageView.TravelView(first, away, dots);
    }

    /** A number of a map; what is in perspective is told finer, for it is multiplied by px. */
    private static double told(double number, int place) {
        double grain = place < 6 ? 1e5 : 1e9;
        return Math.rint(number * grain) / grain;
    }

    /** The blocks that a block hangs on already. */
    private static List<Block> linked(Block block, List<Block> blocks) {
        Set<String> linked = new HashSet<>(Links.of(block));
        linked.add(block.id());
        linked.addAll(LinkedSpans.links(block));
        if (block.place().room() != null) {
            linked.addAll(block.place().room().blocks());
        }
        Stream.of(block.arrive(), block.leave())
                .flatMap(phase -> phase.moves().stream())
                .map(move -> move.uncovering().behind())
                .forEach(linked::add);
        return blocks.stream().filter(other -> linked.contains(other.id())).toList();
    }

    private static List<PageView.TrackView> tracks(BlockScore score) {
        int first = (int) Math.ceil(score.timing().start());
        int end = Math.min((int) Math.ceil(score.timing().end()), first + MOST_TRAVELLED);
        return score.keyed().stream()
                .map(member -> BlockScore.isColour(member)
                        ? new PageView.TrackView(
                                member,
                                first,
                                List.of(),
                                IntStream.range(first, end)
                                        .mapToObj(frame -> score.keyedColour(member, frame))
                                        .toList())
                        : new PageView.TrackView(
                                member,
                                first,
                                IntStream.range(first, end)
                                        .mapToObj(frame -> Math.rint(score.keyed(member, frame) * 1e4) / 1e4)
                                        .toList(),
                                List.of()))
                .toList();
    }

    private static PageView.FrameBox box(Box box) {
        return box.isEmpty()
                ? new PageView.FrameBox(0, 0, 0, 0)
                : new PageView.FrameBox(
                        hundredths(box.left()),
                        hundredths(box.top()),
                        hundredths(box.right()),
                        hundredths(box.bottom()));
    }

    private static List<PageView.WordView> words(BlockScore score) {
        return score.set().words().stream()
                .map(word -> new PageView.WordView(
                        word.from(),
                        word.to(),
                        score.corners(word).stream().map(PageService::point).toList()))
                .toList();
    }

    private static PageView.FramePoint point(Point at) {
        return new PageView.FramePoint(hundredths(at.x()), hundredths(at.y()));
    }

    /** Finer than any screen shows: a long block has hundreds of boxes. */
    static double hundredths(double value) {
        return Math.rint(value * 100) / 100;
    }
}
