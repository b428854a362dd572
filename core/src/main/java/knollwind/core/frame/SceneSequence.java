package knollwind.core.frame;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import knollwind.core.display.DisplayList;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Outline;
import knollwind.core.layout.Materials;
import knollwind.core.motion.Easings;
import knollwind.core.scene.Crawl;
import knollwind.core.scene.Crossing;
import knollwind.core.scene.Format;
import knollwind.core.scene.FrameRate;
import knollwind.core.scene.NamedEasings;
import knollwind.core.scene.NamedTimes;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Stretch;
import knollwind.core.sound.FilmSounds;
import knollwind.core.sound.Heard;
import knollwind.core.type.Typesetter;

/**
 * All scenes of a project one after the other, at the frame rate of the first and in its format; other takes of a scene are
 * left out. Where a scene crosses over to the next, the last frames of the one and the first of the other are seen together.
 */
public final class SceneSequence implements Footage {
    /** The share of a crossing over which letters turn into a window. */
    private static final double OPENS = 0.25;

    private record Reach(SceneScore score, Stretch stretch, String title, LetterWindow window, Matrix onto) {
        /** The time of the scene at a film frame. */
        double time(double frame, FrameRate rate) {
            FrameRate own = score.scene().rate();
            double passed = frame - stretch.from();
            return own.equals(rate) ? passed : passed / rate.perSecond() * own.perSecond();
        }
    }

    private final FrameRate rate;
    private final Format format;
    private final List<Reach> reaches = new ArrayList<>();

    private SceneSequence(FrameRate rate, Format format) {
        this.rate = rate;
        this.format = format;
    }

    /** The same where no recording is there. */
    public static SceneSequence of(Project project, Format format, Typesetter typesetter) {
        return of(project, format, Materials.of(typesetter));
    }

    /**
     * @param format what the film is made in. Each scene is seen in its own format of that size, else in one of that shape, as
     *     large as it goes; a scene that has neither is fitted into it as into any format that was just added
     */
    public static SceneSequence of(Project project, Format format, Materials materials) {
        SceneSequence film = new SceneSequence(project.ownScenes().get(0).rate(), format);
        List<Stretch> stretches = Stretch.of(project);
        for (int i = 0; i < stretches.size(); i++) {
            Stretch stretch = stretches.get(i);
            Scene scene = project.scene(stretch.scene());
            SceneScore score = SceneScore.of(project, scene, film.formatOf(scene), materials);
            if (scene.captions() != null) {
                score = score.captioned(film.captionsFrom(stretches, i, scene), film.captionsTo(stretches, i, scene));
            }
            Crossing crossing = scene.crossing();
            BlockScore title =
                    crossing != null && crossing.kind() == Crossing.Kind.LETTERS ? title(score, crossing) : null;
            film.reaches.add(new Reach(
                    score,
                    stretch,
                    title == null ? null : title.block().id(),
                    title == null ? null : window(title, scene, crossing),
                    film.onto(score.format())));
        }
        return film;
    }

    /** The scene's frame from which its captions are seen: the middle of the crossing that it comes with. */
    private double captionsFrom(List<Stretch> stretches, int at, Scene scene) {
        int overlap = at == 0
                ? 0
                : Math.max(0, stretches.get(at - 1).to() - stretches.get(at).from());
        return overlap / 2.0 / rate.perSecond() * scene.rate().perSecond();
    }

    /** The scene's frame before which its captions are seen: the middle of the crossing that it goes with. */
    private double captionsTo(List<Stretch> stretches, int at, Scene scene) {
        int overlap = at + 1 == stretches.size()
                ? 0
                : Math.max(0, stretches.get(at).to() - stretches.get(at + 1).from());
        return scene.length() - overlap / 2.0 / rate.perSecond() * scene.rate().perSecond();
    }

    private static LetterWindow window(BlockScore title, Scene scene, Crossing crossing) {
        return LetterWindow.of(
                title.letters(Math.max(0, scene.length() - crossing.frames())),
                crossing.letter() == null ? -1 : title.letterAt(crossing.letter()));
    }

    /** The frames of a project's film. */
    public static int length(Project project) {
        List<Stretch> stretches = Stretch.of(project);
        return stretches.get(stretches.size() - 1).to();
    }

    private Format formatOf(Scene scene) {
        return scene.formats().stream()
                .filter(one -> one.width() == format.width() && one.height() == format.height())
                .findFirst()
                .or(() -> scene.formats().stream()
                        .filter(one -> Math.abs(
                                        (double) one.width() * format.height() - (double) one.height() * format.width())
                                < 1)
                        .findFirst())
                .orElseGet(() -> new Format(format.id(), format.name(), format.width(), format.height(), List.of()));
    }

    /** How a scene's frame lies in the film's. */
    private Matrix onto(Format own) {
        if (own.width() == format.width() && own.height() == format.height()) {
            return Matrix.IDENTITY;
        }
        double scale = Math.min((double) format.width() / own.width(), (double) format.height() / own.height());
        return Matrix.translate(
                        (format.width() - own.width() * scale) / 2, (format.height() - own.height() * scale) / 2)
                .times(Matrix.scale(scale, scale));
    }

    private static BlockScore title(SceneScore score, Crossing crossing) {
        return score.blocks().stream()
                .filter(block -> block.block().asWords().isPresent())
                .filter(block ->
                        crossing.through() == null || block.block().id().equals(crossing.through()))
                .reduce((first, second) -> second)
                .orElse(null);
    }

    /** The scenes in their order. */
    public List<Stretch> stretches() {
        return reaches.stream().map(Reach::stretch).toList();
    }

    @Override
    public int width() {
        return format.width();
    }

    @Override
    public int height() {
        return format.height();
    }

    @Override
    public int length() {
        return reaches.get(reaches.size() - 1).stretch().to();
    }

    @Override
    public FrameRate rate() {
        return rate;
    }

    @Override
    public List<Heard> sounds() {
        List<Heard> heard = new ArrayList<>();
        List<FilmSounds.Part> parts = new ArrayList<>();
        for (Reach reach : reaches) {
            double begins = rate.seconds(reach.stretch().from());
            NamedTimes named = reach.score().named();
            parts.add(new FilmSounds.Part(reach.score().scene(), named, begins));
            Set<String> onward = FilmSounds.onward(named);
            reach.score().sounds().stream()
                    .filter(one -> !onward.contains(one.id()))
                    .map(one -> one.later(begins))
                    .forEach(heard::add);
        }
        heard.addAll(FilmSounds.of(parts, rate.seconds(length())));
        return heard;
    }

    /** Columns of one name in several scenes are one. */
    @Override
    public List<CaptionTrack> captions() {
        Map<String, CaptionTrack> tracks = new LinkedHashMap<>();
        for (Reach reach : reaches) {
            double begins = reach.stretch().from() / rate.perSecond();
            for (CaptionTrack track : reach.score().captions()) {
                tracks.merge(track.name(), track.later(begins), CaptionTrack::then);
            }
        }
        return List.copyOf(tracks.values());
    }

    @Override
    public List<DisplayList> frame(int frame, boolean transparent) {
        List<Reach> seen = reaches.stream()
                .filter(reach -> frame >= reach.stretch().from()
                        && frame < reach.stretch().to())
                .toList();
        Reach first = seen.get(0);
        if (seen.size() == 1) {
            int own = (int) Math.min(first.score().length() - 1, Math.floor(first.time(frame, rate) + 1e-9));
            return first.score().frame(own, transparent).stream()
                    .map(list -> inFrame(list, first.onto()))
                    .toList();
        }
        DisplayList.Builder out = new DisplayList.Builder();
        // Only neighbours are seen together: where scenes are shorter than their crossings, the later hand-over counts.
        Reach second = seen.get(seen.size() - 1);
        Reach leaving = seen.get(seen.size() - 2);
        int overlap = leaving.stretch().to() - second.stretch().from();
        // At the last frame of a flight its letter fills the frame; a fade and a slide end with the frame after it.
        double progress = (frame - second.stretch().from() + 1.0) / (leaving.window() == null ? overlap + 1 : overlap);
        cross(out, leaving, second, frame, Math.min(1, progress), transparent);
        return List.of(out.build());
    }

    private void cross(DisplayList.Builder out, Reach from, Reach to, int frame, double progress, boolean transparent) {
        Crossing crossing = from.score().scene().crossing();
        // Once its letters are a window there are no letters before it.
        String gone = from.window() != null && progress >= OPENS ? from.title() : null;
        DisplayList before = inFrame(from.score().at(from.time(frame, rate), transparent, gone), from.onto());
        DisplayList after = inFrame(to.score().at(to.time(frame, rate), transparent), to.onto());
        if (crossing.kind() == Crossing.Kind.SLIDE) {
            double eased = Easings.read(NamedEasings.GENTLY).at(progress);
            double across = crossing.direction() == Crawl.Direction.LEFT
                    ? -format.width()
                    : crossing.direction() == Crawl.Direction.RIGHT ? format.width() : 0;
            double down = crossing.direction() == Crawl.Direction.UP
                    ? -format.height()
                    : crossing.direction() == Crawl.Direction.DOWN ? format.height() : 0;
            moved(out, before, Matrix.translate(across * eased, down * eased));
            moved(out, after, Matrix.translate(across * (eased - 1), down * (eased - 1)));
            return;
        }
        before.paints().forEach(out::add);
        if (from.window() == null) {
            out.add(new PaintOp.Layer((float) progress, 0, 0));
            after.paints().forEach(out::add);
            out.restore();
            return;
        }
        double opened = Math.min(1, progress / OPENS);
        double near = Math.max(0, (progress - OPENS) / (1 - OPENS));
        Matrix window = from.onto()
                .times(from.window()
                        .at(
                                Easings.read(crossing.flight()).at(near),
                                from.score().width(),
                                from.score().height()));
        out.save();
        out.concat(window);
        out.add(new PaintOp.Clip(from.window().letters()));
        out.concat(window.inverse());
        out.add(new PaintOp.Layer((float) opened, 0, 0));
        after.paints().forEach(out::add);
        out.restore();
        out.restore();
    }

    private void moved(DisplayList.Builder out, DisplayList list, Matrix by) {
        out.save();
        out.concat(by);
        out.add(new PaintOp.Clip(Outline.rectangle(new Box(0, 0, format.width(), format.height()))));
        list.paints().forEach(out::add);
        out.restore();
    }

    private DisplayList inFrame(DisplayList list, Matrix onto) {
        if (onto.isIdentity()) {
            return list;
        }
        DisplayList.Builder out = new DisplayList.Builder();
        out.save();
        out.concat(onto);
        list.paints().forEach(out::add);
        out.restore();
        return out.build();
    }
}
