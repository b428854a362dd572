package knollwind.core.frame;

import java.util.List;
import java.util.Optional;
import knollwind.core.display.DisplayList;
import knollwind.core.display.Ink;
import knollwind.core.filling.CaptionCopies;
import knollwind.core.filling.Filler;
import knollwind.core.geometry.Box;
import knollwind.core.layout.Materials;
import knollwind.core.scene.EngineRule;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Format;
import knollwind.core.scene.FrameRate;
import knollwind.core.scene.Nested;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.sound.Heard;

/** Another scene. After its end its last frame is seen. */
final class NestedFillPaint implements FillPaint {
    private final SceneScore score;
    private final Fill.Picture.Mode mode;
    /** Frames of that scene in one of the scene that it stands in; more where it is hurried. */
    private final double pace;

    private NestedFillPaint(SceneScore score, Fill.Picture.Mode mode, double pace) {
        this.score = score;
        this.mode = mode;
        this.pace = pace;
    }

    /**
     * @param width of the format that it is seen in, px: a scene is seen in its own format of that shape if it has one, else
     *     in its first
     * @param height of that format, px
     * @param rate of the scene that it stands in
     * @param frames of that scene for which it is on
     */
    static FillPaint of(
            Project project,
            Fill.Nested fill,
            double width,
            double height,
            FrameRate rate,
            double frames,
            Materials materials) {
        Optional<Scene> found = project.scenes().stream()
                .filter(scene -> scene.id().equals(fill.scene()))
                .findFirst();
        if (found.isEmpty()) {
            return Still.NOTHING;
        }
        Scene scene = found.get();
        double pace = scene.rate().perSecond() / rate.perSecond();
        Format format = scene.formats().stream()
                .filter(one -> Math.abs(one.width() * height - one.height() * width) < 1)
                .findFirst()
                .orElse(scene.formats().get(0));
        Scene filled = Filler.scene(scene, format, fill.changes());
        Scene own = fill.captions() == null ? CaptionCopies.withoutRow(filled) : filled;
        Scene seen = Nested.seen(own, (int) Math.round(frames * pace));
        // Without the scene itself in the project there is an end to it, whatever stands in what.
        SceneScore score = SceneScore.filled(project.without(scene), seen, format, materials);
        return new NestedFillPaint(score, fill.mode(), pace * hurry(project, scene, seen, frames * pace));
    }

    /** A scene that is shown for less time than its way in and its way out need goes faster, so that both are seen whole. */
    private static double hurry(Project project, Scene scene, Scene seen, double frames) {
        boolean hurries = project.follows(EngineRule.NESTED_SCENES_HURRY);
        return hurries && scene.hold() != null && frames < seen.length() ? seen.length() / Math.max(1, frames) : 1;
    }

    private DisplayList list(double time) {
        return score.at(Math.min(Math.max(0, time * pace), score.length() - 1), true);
    }

    @Override
    public Optional<Ink> at(double time, Box box) {
        return Optional.of(Inks.nested(list(time), mode, score.width(), score.height(), box));
    }

    /** As they are in that scene: they are never stretched, whatever its picture does. */
    @Override
    public List<Heard> sounds() {
        return score.sounds();
    }

    @Override
    public boolean rests(double from, double to) {
        return list(from).equals(list(to));
    }
}
