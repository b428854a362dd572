package knollwind.core.frame;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import knollwind.core.filling.CaptionCopies;
import knollwind.core.layout.Materials;
import knollwind.core.layout.SceneLayout;
import knollwind.core.layout.Surroundings;
import knollwind.core.scene.Attachment;
import knollwind.core.scene.Block;
import knollwind.core.scene.CaptionColumn;
import knollwind.core.scene.CaptionLine;
import knollwind.core.scene.Captions;
import knollwind.core.scene.Cue;
import knollwind.core.scene.Format;
import knollwind.core.scene.FrameRate;
import knollwind.core.scene.Length;
import knollwind.core.scene.Links;
import knollwind.core.scene.NamedTimes;
import knollwind.core.scene.OnwardSounds;
import knollwind.core.scene.Project;
import knollwind.core.scene.Rational;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Sound;
import knollwind.core.scene.Span;
import knollwind.core.scene.TimeLink;
import knollwind.core.scene.Voice;

/**
 * The captions of a scene in one format: when each is on, and the copies of their design. Only those that are asked for are laid out.
 * Captions that are on together stand above one another. Safe for threads.
 */
public final class CaptionRow {
    /** Between two that are on together, of their size. */
    private static final double APART = 0.35;

    /** Copies that are kept. */
    static final int KEPT = 32;

    /** Keys are rows themselves, not what they say. */
    private static final Cache<Captions, Resolved> RESOLVED =
            Caffeine.newBuilder().weakKeys().build();

    /**
     * A caption in the scene's time.
     *
     * @param span in frames; hangs on nothing any more
     * @param lane 0, or how many captions stand under it
     * @param below the caption under it; null in lane 0
     */
    public record Timed(CaptionLine line, Span span, int lane, Timed below) {
        boolean isOn(double from, double to) {
            return span.start().value() < to && span.end().value() > from;
        }
    }

    /** A block that is seen while a caption is on, and what its look depends on outside itself. */
    public record Copy(Block block, Surroundings around) {}

    private final Project project;
    private final Scene scene;
    private final Format format;
    private final List<Block> blocks;
    private final Materials materials;
    private final Captions row;
    private final CaptionColumn column;
    private final List<Timed> lines;
    private final Set<String> designs;
    private final Kept<String, List<Copy>> known = new Kept<>(KEPT);

    private CaptionRow(
            Project project, Scene scene, Format format, List<Block> blocks, Materials materials, List<Timed> lines) {
        this.project = project;
        this.scene = scene;
        this.format = format;
        this.blocks = blocks;
        this.materials = materials;
        this.row = scene.captions();
        this.column = row == null ? null : row.column(format);
        this.lines = lines;
        this.designs = row == null ? Set.of() : CaptionCopies.designs(row, blocks);
    }

    /**
     * The row of a plain project's scene; an empty one where the scene has none.
     *
     * @param blocks of the scene as the format shows them
     */
    public static CaptionRow of(Project project, Scene scene, Format format, List<Block> blocks, Materials materials) {
        List<Timed> lines = scene.captions() == null ? List.of() : resolved(project, scene);
        return new CaptionRow(project, scene, format, blocks, materials, lines);
    }

    /** An hour of captions is not timed anew by an edit that does not touch what they hang on. */
    private static List<Timed> resolved(Project project, Scene scene) {
        Resolved there = RESOLVED.getIfPresent(scene.captions());
        if (there == null || !there.stillHolds(project, scene)) {
            NamedTimes named = NamedTimes.of(project, scene);
            List<Timed> lines = timed(scene.captions(), named);
            there = new Resolved(named.sounds(), scene.cues(), scene.rate(), project.voices(), lines);
            RESOLVED.put(scene.captions(), there);
        }
        return there.lines();
    }

    private record Resolved(List<Sound> sounds, List<Cue> cues, FrameRate rate, List<Voice> voices, List<Timed> lines) {
        /** Voices are compared by what they are, not by what they say: thousands of words take long. */
        boolean stillHolds(Project project, Scene scene) {
            boolean same = voices.size() == project.voices().size();
            for (int i = 0; same && i < voices.size(); i++) {
                same = voices.get(i) == project.voices().get(i);
            }
            return same
                    && sounds.equals(OnwardSounds.heard(project, scene))
                    && cues.equals(scene.cues())
                    && rate.equals(scene.rate());
        }
    }

    /** The same with no captions but those between two frames, which are cut off there. */
    CaptionRow within(double from, double to) {
        List<Timed> inside = new ArrayList<>();
        for (Timed one : lines) {
            Rational start = max(one.span().start(), Rational.of((long) Math.ceil(Math.max(0, from))));
            Rational end =
                    to >= scene.length() ? one.span().end() : min(one.span().end(), Rational.of((long) to));
            if (end.minus(start).value() >= 1) {
                inside.add(new Timed(one.line(), new Span(start, end), one.lane(), one.below()));
            }
        }
        return new CaptionRow(project, scene, format, blocks, materials, inside);
    }

    /** When the captions of a scene are on, in the order in which they come. */
    public static List<Timed> timed(Captions row, NamedTimes named) {
        record Resolved(CaptionLine line, Rational start, Rational end) {}
        List<Resolved> resolved = row.lines().stream()
                .map(line -> {
                    Span span = line.span();
                    Optional<Rational> starts = moment(span.startsAt(), named);
                    Rational start = starts.orElse(span.start());
                    Rational end = moment(span.endsAt(), named)
                            .orElseGet(() ->
                                    starts.isPresent() ? start.plus(span.end().minus(span.start())) : span.end());
                    return new Resolved(line, start, max(end, start.plus(Rational.of(1))));
                })
                .sorted(Comparator.comparing(Resolved::start))
                .toList();
        List<Timed> timed = new ArrayList<>();
        List<Timed> open = new ArrayList<>();
        for (int i = 0; i < resolved.size(); i++) {
            Resolved one = resolved.get(i);
            Rational end = one.end();
            if (i + 1 < resolved.size()
                    && !together(one.line(), resolved.get(i + 1).line())) {
                // They were never meant to be on together: what they hang on has come closer.
                end = max(
                        one.start().plus(Rational.of(1)),
                        min(end, resolved.get(i + 1).start()));
            }
            open.removeIf(other -> other.span().end().compareTo(one.start()) <= 0);
            int lane = 0;
            while (taken(open, lane)) {
                lane++;
            }
            int under = lane - 1;
            Timed below = open.stream()
                    .filter(other -> other.lane() == under)
                    .findFirst()
                    .orElse(null);
            Timed made = new Timed(one.line(), new Span(one.start(), end), lane, below);
            open.add(made);
            timed.add(made);
        }
        return List.copyOf(timed);
    }

    private static boolean taken(List<Timed> open, int lane) {
        return open.stream().anyMatch(other -> other.lane() == lane);
    }

    private static boolean together(CaptionLine one, CaptionLine other) {
        return one.span().start().compareTo(other.span().end()) < 0
                && other.span().start().compareTo(one.span().end()) < 0;
    }

    private static Optional<Rational> moment(TimeLink link, NamedTimes named) {
        return link == null || link.cue() == null
                ? Optional.empty()
                : named.find(link.cue()).map(there -> there.edge(link.edge()).plus(Rational.near(link.offset())));
    }

    private static Rational max(Rational one, Rational other) {
        return one.compareTo(other) >= 0 ? one : other;
    }

    private static Rational min(Rational one, Rational other) {
        return one.compareTo(other) <= 0 ? one : other;
    }

    /** The captions in the order in which they come, those without words in the format's column too. */
    public List<Timed> lines() {
        return lines;
    }

    /** Whether a block is dressing for captions, and not seen by itself. */
    public boolean isDesign(String block) {
        return designs.contains(block);
    }

    /** The block behind which all blocks come that are behind the captions; empty without captions. */
    public String design() {
        return row == null ? "" : row.design();
    }

    /** The captions of each column that has some, the one that the format shows first. */
    List<CaptionTrack> tracks() {
        if (row == null) {
            return List.of();
        }
        return Stream.concat(Stream.of(column), row.columns().stream().filter(one -> one != column))
                .map(one -> track(scene, lines, one))
                .filter(track -> !track.shown().isEmpty())
                .toList();
    }

    /**
     * What of captions has words in a column, in seconds from the beginning of the scene: cut where the next one comes, and at the scene's
     * end.
     */
    public static CaptionTrack track(Scene scene, List<Timed> timed, CaptionColumn column) {
        List<CaptionTrack.Shown> shown = new ArrayList<>();
        List<Timed> said = timed.stream()
                .filter(one -> !one.line().words(column.id()).isBlank())
                .filter(one -> one.span().start().value() < scene.length())
                .toList();
        for (int i = 0; i < said.size(); i++) {
            Timed one = said.get(i);
            double start = Math.max(0, scene.rate().seconds(one.span().start().value()));
            double end = scene.rate()
                    .seconds(Math.min(scene.length(), one.span().end().value()));
            double next = i + 1 < said.size()
                    ? scene.rate().seconds(said.get(i + 1).span().start().value())
                    : Double.POSITIVE_INFINITY;
            end = Math.min(end, next > start ? next : end);
            if (end > start) {
                shown.add(new CaptionTrack.Shown(
                        start, end, one.line().words(column.id()), one.line().own()));
            }
        }
        return new CaptionTrack(column.name(), column.language(), shown);
    }

    /** What is seen of captions at any time from one frame to before another, in the order in which it is painted. */
    public List<Copy> on(double from, double to) {
        if (row == null || !designs.contains(row.design())) {
            return List.of();
        }
        List<Copy> on = new ArrayList<>();
        for (Timed one : lines) {
            if (one.span().start().value() >= to) {
                break;
            }
            if (one.isOn(from, to)) {
                on.addAll(copies(one));
            }
        }
        return on;
    }

    /** A block that dresses captions as one of them shows it, under the block's own id; nothing where that caption shows none of it. */
    public Optional<Copy> as(String design, String caption) {
        return lines.stream()
                .filter(one -> one.line().id().equals(caption))
                .flatMap(one -> copies(one).stream())
                .filter(copy -> copy.block().id().equals(design + "." + caption))
                .map(copy -> new Copy(CaptionCopies.unnamed(copy.block(), row, design), copy.around()))
                .findFirst();
    }

    /** What is seen of one caption. */
    public List<Copy> copies(Timed one) {
        return known.get(one.line().id(), id -> made(one));
    }

    private List<Copy> made(Timed one) {
        List<Block> own = new ArrayList<>();
        List<Block> all = new ArrayList<>(closure());
        List<Timed> stack = new ArrayList<>();
        for (Timed under = one; under != null; under = under.below()) {
            stack.add(0, under);
        }
        for (Timed each : stack) {
            own = stacked(each, CaptionCopies.of(row, each.line(), column, each.span(), blocks));
            all.addAll(own);
        }
        if (own.isEmpty()) {
            return List.of();
        }
        Set<String> ids = new HashSet<>(own.stream().map(Block::id).toList());
        // What is not in the language that is spoken is read at its own pace.
        boolean heard = row.sound() != null && column == row.columns().get(0);
        SceneLayout layout = new SceneLayout(project, scene, format, all, materials, heard ? Set.of() : ids);
        return layout.blocks().stream()
                .filter(block -> ids.contains(block.id()))
                .map(block -> new Copy(block, layout.around(block)))
                .toList();
    }

    /** Above the caption that is on already; a plate goes along with its words. */
    private List<Block> stacked(Timed one, List<Block> copies) {
        if (one.below() == null) {
            return copies;
        }
        String words = CaptionCopies.id(row.design(), one.line());
        Attachment above = new Attachment(
                CaptionCopies.id(row.design(), one.below().line()),
                Attachment.Side.ABOVE,
                new Length(APART, Length.Unit.EM),
                Attachment.Level.CENTRE,
                false);
        return copies.stream()
                .map(copy -> copy.id().equals(words)
                        ? CaptionCopies.at(copy, copy.place().withAttach(above))
                        : copy)
                .toList();
    }

    /** The blocks that the design hangs on, over however many. */
    private List<Block> closure() {
        Set<String> wanted = new HashSet<>();
        List<String> open = new ArrayList<>(List.of(row.design()));
        while (!open.isEmpty()) {
            String id = open.remove(open.size() - 1);
            blocks.stream()
                    .filter(block -> block.id().equals(id))
                    .flatMap(block -> Stream.concat(
                            Links.of(block).stream(),
                            Stream.of(block.arrive(), block.leave())
                                    .flatMap(phase -> phase.moves().stream())
                                    .map(move -> move.uncovering().behind())
                                    .filter(behind -> behind != null)))
                    .filter(wanted::add)
                    .forEach(open::add);
        }
        return blocks.stream()
                .filter(block -> wanted.contains(block.id()) && !row.designs().contains(block.id()))
                .toList();
    }
}
