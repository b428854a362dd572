package knollwind.bench;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.directions.dress.DressReader;
import knollwind.core.frame.SceneScore;
import knollwind.core.geometry.Box;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.TextBlock;
import knollwind.core.simulation.Fall;
import knollwind.core.simulation.Falls;
import knollwind.core.simulation.Forces;
import knollwind.core.simulation.Setup;
import knollwind.core.simulation.Solid;
import knollwind.core.type.FontLibrary;
import knollwind.core.type.Typesetter;

/** What sparks and falls take the core. */
final class FallBench {
    private static final int TIMES = 60;

    private FallBench() {}

    static void run() {
        sparks();
        for (String solid : List.of("boxes", "capsules", "their outlines")) {
            letters(solid);
        }
        minute();
    }

    private static SceneScore dressed(Project project, String sentence) {
        return score(project(project, sentence));
    }

    private static SceneScore score(Project project) {
        Scene scene = project.scenes().get(0);
        return SceneScore.of(project, scene, scene.formats().get(0), new Typesetter(new FontLibrary()));
    }

    private static Project project(Project project, String sentence) {
        Scene scene = project.scenes().get(0);
        TextBlock words = scene.blocks().get(0).asWords().orElseThrow();
        return project.withScenes(
                List.of(scene.withBlocks(List.of(words.withDress(DressReader.read(sentence, List.of()))))));
    }

    /** One block of 40 letters; at any time after its first second 5,000 of its sparks live. */
    static Project sparkling() {
        return project(Bench.scene(40, 160), "traced by sparks over 2400 frames born 4000 a second living 37 frames");
    }

    private static void sparks() {
        SceneScore score = score(sparkling());
        SceneScore bare = dressed(Bench.scene(40, 160), "nothing");
        List<Double> took = new ArrayList<>();
        List<Double> without = new ArrayList<>();
        for (int i = 0; i < 3 * TIMES; i++) {
            took.add(ms(score, 60 + i));
            without.add(ms(bare, 60 + i));
        }
        System.out.printf(
                "fall         5,000 live sparks: a frame made in %.1f ms (50 %%), %.1f ms (95 %%); without them %.1f ms%n",
                Bench.percentile(took.subList(TIMES, 3 * TIMES), 0.5),
                Bench.percentile(took.subList(TIMES, 3 * TIMES), 0.95),
                Bench.percentile(without.subList(TIMES, 3 * TIMES), 0.5));
    }

    private static double ms(SceneScore score, double frame) {
        long begun = System.nanoTime();
        score.at(frame);
        return (System.nanoTime() - begun) / 1e6;
    }

    /** 300 of them, 10 s at 30 frames a second, from nothing and then anywhere. */
    private static void letters(String solid) {
        String sentence = "the weight of its letters falling from above one every 1 frames as solid as " + solid;
        // A fall of its own that nobody has asked for.
        dressed(Bench.scene(300, 72), sentence + " dealt by 2").at(90);
        SceneScore score = dressed(Bench.scene(300, 72), sentence);
        double first = ms(score, 0);
        double all = ms(score, 299);
        List<Double> kept = new ArrayList<>();
        for (int i = 0; i < TIMES; i++) {
            kept.add(ms(score, 299 - 4 * i));
        }
        System.out.printf(
                "fall         300 letters as %s: frame 0 in %.0f ms, 10 s baked in %.1f s, then a frame in %.1f ms (50 %%), %.1f ms (95 %%)%n",
                solid, first, all / 1000, Bench.percentile(kept, 0.5), Bench.percentile(kept, 0.95));
    }

    /** The most that fall, for a minute at 24 frames a second. */
    private static void minute() {
        List<Setup.Thing> things = new ArrayList<>();
        for (int i = 0; i < Fall.MOST; i++) {
            things.add(Setup.Thing.of(
                    Solid.of(Solid.Form.BOX, 40, 20), 40 + 43 * (i % 42), -50 - 60 * (i / 42), 0.1 * i, i / 4));
        }
        List<Setup.Wall> walls = List.of(
                Setup.Wall.of(new Box(-600, 1080, 2520, 1680)),
                Setup.Wall.of(new Box(-600, -9000, 0, 1080)),
                Setup.Wall.of(new Box(1920, -9000, 2520, 1080)));
        Setup.Laws laws = new Setup.Laws(0.3, 0.4, false, 24, 1);
        Fall fall = Falls.of(new Setup(laws, List.of(Forces.of(0, 2400, 0)), things, walls, List.of()), 60.0 * 24);
        long begun = System.nanoTime();
        int frames = 60 * 24;
        fall.at(0, frames);
        System.out.printf(
                "fall         1,000 boxes for a minute: baked in %.1f s, kept in %.1f MB%n",
                (System.nanoTime() - begun) / 1e9, fall.computed() * Fall.MOST * 3 * Float.BYTES / 1e6);
    }
}
