package knollwind.core.frame;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.scene.Filling;

/**
 * The captions of a scene or film in one column, as players show them.
 *
 * @param name of the column
 * @param language BCP 47 tag; null where nothing is said of it
 * @param shown in the order of their times, not overlapping
 */
public record CaptionTrack(String name, String language, List<Shown> shown) {
    /**
     * Words that are shown for a time, in seconds; lines are parted by {@code \n}.
     *
     * @param own what is other in this caption than in what dresses all
     */
    public record Shown(double start, double end, String text, List<Filling> own) {
        Shown later(double seconds) {
            return new Shown(start + seconds, end + seconds, text, own);
        }
    }

    public CaptionTrack {
        shown = List.copyOf(shown);
    }

    /** What of it lies between two seconds, with times from the first. */
    public CaptionTrack within(double from, double to) {
        List<Shown> inside = new ArrayList<>();
        for (Shown one : shown) {
            double start = Math.max(from, one.start());
            double end = Math.min(to, one.end());
            if (end - start > 1e-3) {
                inside.add(new Shown(start - from, end - from, one.text(), one.own()));
            }
        }
        return new CaptionTrack(name, language, inside);
    }

    CaptionTrack later(double seconds) {
        return new CaptionTrack(
                name, language, shown.stream().map(one -> one.later(seconds)).toList());
    }

    /** With what comes after it in another one. */
    CaptionTrack then(CaptionTrack next) {
        List<Shown> all = new ArrayList<>(shown);
        all.addAll(next.shown());
        return new CaptionTrack(name, language, all);
    }
}
