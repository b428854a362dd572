package knollwind.core.directions.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.directions.controls.Values;
import knollwind.core.directions.grammar.Say;
import knollwind.core.scene.Scene;

/** How long a scene lasts: "120 frames", and what it can end with. */
public final class LengthWords {
    private LengthWords() {}

    /** @param lastEnd frame at which the last block is gone; 0 without blocks */
    public static void print(Sentence.Builder out, Scene scene, double lastEnd) {
        List<Control.Option> ends = new ArrayList<>();
        ending(scene, "the last block,", lastEnd).ifPresent(ends::add);
        ending(scene, "the last sound,", heard(scene)).ifPresent(ends::add);
        List<Control> controls = new ArrayList<>();
        controls.add(Values.number("length", scene.length(), "fr", least(scene), Scene.LONGEST, 1, at(scene), 1));
        if (!ends.isEmpty()) {
            controls.add(new Control.Choice("end with", ends));
        }
        double seconds = Math.round(100 * scene.length() / scene.rate().perSecond()) / 100.0;
        out.part(
                Say.frames(scene.length()),
                new Part("lasts", controls, "That is " + Say.number(seconds) + " s. Blocks keep their times."));
    }

    /**
     * What there is to do about blocks that go on after the scene's end: to lengthen it.
     *
     * @param ends frames at which the blocks are gone
     */
    public static Optional<Control.Option> over(Scene scene, List<Double> ends) {
        long over = ends.stream().filter(end -> end > scene.length()).count();
        String said = over == 1 ? "1 block runs" : over + " blocks run";
        DoubleStream times = ends.stream().mapToDouble(Double::doubleValue);
        return over == 0
                ? Optional.empty()
                : ending(
                        scene,
                        said + " over the end: lengthen the scene to",
                        times.max().orElse(0));
    }

    private static Optional<Control.Option> ending(Scene scene, String name, double frame) {
        int length = (int) Math.ceil(frame);
        return length < least(scene) || length > Scene.LONGEST
                ? Optional.empty()
                : Optional.of(new Control.Option(
                        name + " " + Say.frames(length),
                        scene.length() == length,
                        List.of(Ops.set(at(scene), length))));
    }

    /** What is marked to be held stays inside. */
    private static int least(Scene scene) {
        return scene.hold() == null ? 1 : scene.hold().to();
    }

    private static String at(Scene scene) {
        return "scenes/" + scene.id() + "/length";
    }

    /** The frame after which nothing is heard. */
    private static double heard(Scene scene) {
        return scene.sounds().stream()
                .filter(sound -> !sound.muted())
                .mapToDouble(sound -> sound.start().value()
                        + (sound.end() - sound.from()) * scene.rate().perSecond())
                .max()
                .orElse(0);
    }
}
