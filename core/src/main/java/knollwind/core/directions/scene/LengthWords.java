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
import knollwind.core.document.Operation;
import knollwind.core.scene.Ending;
import knollwind.core.scene.Scene;

/** How long a scene lasts: "120 frames", and what it can end with. */
public final class LengthWords {
    private LengthWords() {}

    /** @param lastEnd frame at which the last block is gone; 0 without blocks */
    public static void print(Sentence.Builder out, Scene scene, double lastEnd) {
        List<Control.Option> ends = new ArrayList<>();
        boolean own = scene.ends() == null;
        ends.add(new Control.Option(
                "a time of its own", own, own ? List.of() : List.of(new Operation.Clear(rule(scene)))));
        for (Ending ending : Ending.values()) {
            ending(scene, ending.text() + ",", end(scene, ending, lastEnd))
                    .map(option ->
                            new Control.Option(option.label(), ending == scene.ends(), ruled(option, scene, ending)))
                    .ifPresent(ends::add);
        }
        List<Control> controls = new ArrayList<>();
        if (own) {
            controls.add(Values.number("length", scene.length(), "fr", least(scene), Scene.LONGEST, 1, at(scene), 1));
        }
        controls.add(new Control.Choice("ends with", ends));
        double seconds = Math.round(100 * scene.length() / scene.rate().perSecond()) / 100.0;
        out.part(
                Say.frames(scene.length())
                        + (own ? "" : ", as long as " + scene.ends().text()),
                new Part("lasts", controls, "That is " + Say.number(seconds) + " s. Blocks keep their times."));
    }

    private static List<Operation> ruled(Control.Option option, Scene scene, Ending ending) {
        List<Operation> operations = new ArrayList<>(option.operations());
        operations.add(Ops.set(rule(scene), ending));
        return operations;
    }

    /**
     * What makes a scene as long as what it ends with; nothing where it is, or has a length of its own.
     *
     * @param lastEnd frame at which the last block is gone; 0 without blocks
     */
    public static List<Operation> following(Scene scene, double lastEnd) {
        return scene.ends() == null
                ? List.of()
                : ending(scene, "", end(scene, scene.ends(), lastEnd))
                        .filter(option -> !option.selected())
                        .map(Control.Option::operations)
                        .orElse(List.of());
    }

    private static double end(Scene scene, Ending ending, double lastEnd) {
        return ending == Ending.BLOCK ? lastEnd : heard(scene);
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
        return over == 0 || scene.ends() == Ending.BLOCK
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

    private static String rule(Scene scene) {
        return "scenes/" + scene.id() + "/ends";
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
