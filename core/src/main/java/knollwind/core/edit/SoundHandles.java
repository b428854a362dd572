package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.directions.controls.Edit;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Sound;

/**
 * How a sound is dragged in time, and between what its fades and its lowering lie.
 *
 * @param id of the sound
 * @param move by how many frames it is heard later; its cues go along
 * @param from the scene frame at which its part begins; what is heard stays at its time
 * @param to the scene frame at which its part ends
 * @param fade seconds
 * @param by decibels
 * @param over seconds
 * @param heard what is heard of its recording, for an end to be fitted to the scene's
 */
public record SoundHandles(
        String id,
        TimeHandle move,
        TimeHandle from,
        TimeHandle to,
        Limits fade,
        Limits by,
        Limits over,
        Listened heard) {
    /** Of a number that is typed. */
    public record Limits(double least, double most) {}

    /**
     * What is heard of a recording if nothing ends it.
     *
     * @param from second of the recording at which it begins to be heard
     * @param to second at which its part ends
     * @param room seconds that there are for it until the scene ends
     */
    public record Listened(double from, double to, double room) {
        static Listened of(Scene scene, Sound sound) {
            double start = scene.rate().seconds(sound.start().value());
            double length = scene.rate().seconds(scene.length());
            return new Listened(sound.from() + Math.max(0, -start), sound.end(), length - Math.max(0, start));
        }
    }

    /** Seconds that always stay of a part, so that it can be taken hold of again. */
    private static final double LEAST = 0.1;

    /** Frames beyond which nothing is dragged: as far as a sound may begin. */
    private static final double FAR = 1_000_000;

    /** The handles of the sounds of a scene. */
    public static List<SoundHandles> of(Scene scene) {
        return scene.sounds().stream().map(sound -> of(scene, sound)).toList();
    }

    private static SoundHandles of(Scene scene, Sound sound) {
        String at = "scenes/" + scene.id() + "/sounds/" + sound.id() + "/";
        double rate = scene.rate().perSecond();
        double start = sound.start().value();
        // A thousandth is less than is heard, and what is dragged to the very end stays inside the recording.
        double last = Math.floor(sound.seconds() * 1000) / 1000;
        Edit seconds = new Edit(at + "from", null, 1 / rate, sound.from() - start / rate);
        List<Edit> moved = new ArrayList<>(List.of(new Edit(at + "start", null, 1, start)));
        scene.cues().stream()
                .filter(cue -> sound.id().equals(cue.sound()))
                .map(cue -> new Edit(
                        "scenes/" + scene.id() + "/cues/" + cue.id() + "/at",
                        null,
                        1,
                        cue.at().value()))
                .forEach(moved::add);
        return new SoundHandles(
                sound.id(),
                new TimeHandle(moved, -FAR, FAR),
                new TimeHandle(
                        List.of(seconds, new Edit(at + "start", null, 1, 0)),
                        start - sound.from() * rate,
                        start + Math.max(0, sound.end() - sound.from() - LEAST) * rate),
                new TimeHandle(
                        List.of(new Edit(at + "to", null, seconds.factor(), seconds.offset())),
                        start + Math.min(LEAST, last - sound.from()) * rate,
                        start + (last - sound.from()) * rate),
                new Limits(0, Sound.LONGEST_FADE),
                new Limits(0, Sound.Lowering.LOWEST),
                new Limits(Sound.Lowering.FASTEST, Sound.Lowering.SLOWEST),
                Listened.of(scene, sound));
    }
}
