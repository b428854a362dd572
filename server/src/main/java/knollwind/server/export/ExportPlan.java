package knollwind.server.export;

import java.util.List;
import knollwind.core.frame.SceneSequence;
import knollwind.core.scene.Format;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.paint.ExportJob;
import knollwind.paint.ExportKind;
import knollwind.paint.Frames;

/**
 * What an order comes to in a state of its project.
 *
 * @param frames of the scene, or of the film
 */
record ExportPlan(
        ExportOrder order, Project project, Scene scene, Format format, List<ExportKind> kinds, Frames frames) {
    private static final int LONGEST_NAME = 180;

    /**
     * The plan of an order.
     *
     * @throws IllegalArgumentException where it cannot be made
     */
    static ExportPlan of(Project project, ExportOrder order) {
        Scene scene = project.scene(order.scene());
        Format format = scene.format(order.format());
        List<ExportKind> kinds = order.kinds();
        boolean still = order.kind().isStill();
        if (kinds.size() > 1 && kinds.stream().anyMatch(ExportKind::isStill)) {
            throw new IllegalArgumentException("a still is one frame and is ordered by itself");
        }
        if (order.transparent() && !kinds.stream().allMatch(ExportKind::keepsAlpha)) {
            throw new IllegalArgumentException(
                    "the background can be left out only where all kinds keep alpha; order the others by themselves");
        }
        if (still && (order.film() || order.stretch() != null)) {
            throw new IllegalArgumentException("a still is one frame, neither a film nor a stretch");
        }
        if (still && (order.frame() < 0 || order.frame() >= scene.length())) {
            throw new IllegalArgumentException(
                    "the scene has the frames 0 to " + (scene.length() - 1) + ", not " + order.frame());
        }
        int length = order.film() ? SceneSequence.length(project) : scene.length();
        Frames frames = still
                ? new Frames(order.frame(), order.frame() + 1)
                : order.stretch() == null
                        ? new Frames(0, length)
                        : order.stretch().within(length);
        return new ExportPlan(order, project, scene, format, kinds, frames);
    }

    /** What a worker is told for one of the kinds. */
    ExportJob job(ExportKind kind) {
        return new ExportJob(
                // A version is filled in when it is made: its job names the state and the row.
                order.row() == null ? project : null,
                scene.id(),
                format.id(),
                kind,
                order.frame(),
                order.transparent(),
                "",
                null,
                null,
                null,
                null,
                order.film(),
                order.stretch(),
                order.captions(),
                null,
                null,
                null);
    }

    /** The name of a file, of characters that every system takes. */
    String fileName(ExportKind kind) {
        String name = project.name() + " " + (order.film() ? "" : scene.name() + " ")
                + format.name()
                + (order.transparent() ? " transparent" : "")
                + (kind.isStill() ? " frame " + order.frame() : "")
                + (order.stretch() == null ? "" : " frames " + frames.from() + " to " + frames.to());
        return safe(name) + "." + kind.extension();
    }

    /** A name that every system takes as a file's or a folder's. */
    static String safe(String name) {
        String safe =
                name.replaceAll("[^\\p{L}\\p{N} .-]", "x").replace(' ', '-').replaceAll("^[.]+", "x");
        return safe.substring(0, Math.min(LONGEST_NAME, safe.length()));
    }

    /** Pixels that are painted and encoded, those of every kind counted. */
    long pixels() {
        return (long) format.width() * format.height() * frames.count() * kinds.size();
    }

    /** What will come out, as it is told before it is ordered. */
    ExportOutcome outcome(double estimate) {
        Scene timed = order.film() ? project.ownScenes().get(0) : scene;
        double rate = timed.rate().perSecond();
        return new ExportOutcome(
                kinds.stream().map(this::fileName).toList(),
                format.width(),
                format.height(),
                rate,
                frames.count(),
                frames.count() / rate,
                estimate);
    }
}
