package knollwind.core.frame;

import java.util.List;
import knollwind.core.display.DisplayList;
import knollwind.core.scene.FrameRate;
import knollwind.core.sound.Heard;

/** What can be seen frame by frame: a scene, or all scenes of a project one after the other. Safe for threads. */
public interface Footage {
    /** px. */
    int width();

    /** px. */
    int height();

    /** Frames. */
    int length();

    FrameRate rate();

    /**
     * The pictures whose mean a frame is; one where nothing blurs.
     *
     * @param transparent whether the background is left out
     */
    List<DisplayList> frame(int frame, boolean transparent);

    /** What is heard with it. */
    List<Heard> sounds();

    /** Its captions in each column that has some, the one that is seen first. */
    default List<CaptionTrack> captions() {
        return List.of();
    }
}
