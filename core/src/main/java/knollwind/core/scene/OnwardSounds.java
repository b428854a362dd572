package knollwind.core.scene;

import java.util.ArrayList;
import java.util.List;

/**
 * Sounds of the whole film: they begin in a scene, and run on under those that follow it. Other takes of a scene, and scenes that stand in
 * another, have none of them.
 */
public final class OnwardSounds {
    private OnwardSounds() {}

    /**
     * A sound that has run on from an earlier scene.
     *
     * @param sound at the frames of the later scene; its id is that of its own scene, a dot, and its own
     * @param name of its own scene
     */
    public record Running(Sound sound, String scene, String name) {}

    /** All sounds of a scene, its own as far as they are heard in it, and those that have run on into it. */
    public static List<Sound> heard(Project project, Scene scene) {
        List<Sound> heard = new ArrayList<>(scene.sounds().stream()
                .map(sound -> sound.onward() == null ? sound : whole(sound, project, scene))
                .toList());
        running(project, scene).stream().map(Running::sound).forEach(heard::add);
        return List.copyOf(heard);
    }

    /** Those that have run on into a scene. */
    public static List<Running> running(Project project, Scene scene) {
        List<Running> running = new ArrayList<>();
        if (project.scenes().stream()
                .allMatch(one -> one.sounds().stream().allMatch(sound -> sound.onward() == null))) {
            return running;
        }
        List<Stretch> stretches = Stretch.of(project);
        FrameRate film = project.ownScenes().get(0).rate();
        int at = stretches.stream().map(Stretch::scene).toList().indexOf(scene.id());
        for (int i = 0; i < at; i++) {
            Stretch before = stretches.get(i);
            Scene other = project.scene(before.scene());
            double seconds = film.seconds(stretches.get(at).from() - before.from());
            for (Sound sound : other.sounds()) {
                if (sound.onward() == null) {
                    continue;
                }
                double start = (other.rate().seconds(sound.start().value()) - seconds)
                        * scene.rate().perSecond();
                Sound here = sound.withId(other.id() + "." + sound.id()).withStart(Rational.near(start));
                if (here.frame(here.end(), scene.rate()) > 0 && start < scene.length()) {
                    running.add(new Running(whole(here, project, scene), other.id(), before.name()));
                }
            }
        }
        return running;
    }

    /** It does not fade where it goes on. */
    private static Sound whole(Sound sound, Project project, Scene scene) {
        List<Scene> film = project.ownScenes();
        boolean last = film.get(film.size() - 1).id().equals(scene.id());
        boolean begun = sound.start().value() < 0;
        boolean goesOn = !last && sound.frame(sound.end(), scene.rate()) > scene.length();
        return sound.withFadeIn(begun ? null : sound.fadeIn()).withFadeOut(goesOn ? null : sound.fadeOut());
    }
}
