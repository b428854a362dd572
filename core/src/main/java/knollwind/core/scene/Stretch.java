package knollwind.core.scene;

import java.util.ArrayList;
import java.util.List;

/**
 * A scene of the film that all scenes of a project make, one after the other, at the frame rate of the first; other takes of a scene are left
 * out.
 *
 * @param from film frame at which it begins
 * @param to film frame after its last
 */
public record Stretch(String scene, String name, int from, int to) {
    /** Where the scenes of a project's film lie in it; a crossing takes at most all frames but one of either scene. */
    public static List<Stretch> of(Project project) {
        List<Scene> scenes = project.ownScenes();
        FrameRate rate = scenes.get(0).rate();
        List<Stretch> stretches = new ArrayList<>();
        int from = 0;
        for (int i = 0; i < scenes.size(); i++) {
            Scene scene = scenes.get(i);
            int length = frames(scene, scene.length(), rate);
            stretches.add(new Stretch(scene.id(), scene.name(), from, from + length));
            from += length;
            if (scene.crossing() != null && i + 1 < scenes.size()) {
                Scene next = scenes.get(i + 1);
                int most = Math.min(length, frames(next, next.length(), rate)) - 1;
                from -= Math.min(frames(scene, scene.crossing().frames(), rate), most);
            }
        }
        return stretches;
    }

    private static int frames(Scene scene, int own, FrameRate rate) {
        return scene.rate().equals(rate)
                ? own
                : Math.max(1, (int) Math.round(own / scene.rate().perSecond() * rate.perSecond()));
    }
}
