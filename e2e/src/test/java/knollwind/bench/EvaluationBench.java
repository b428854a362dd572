package knollwind.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import knollwind.core.frame.BlockScore;
import knollwind.core.frame.Reel;
import knollwind.core.frame.ReelBuilder;
import knollwind.core.frame.ReelWriter;
import knollwind.core.frame.SceneScore;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.UnitKind;
import knollwind.core.type.FontLibrary;
import knollwind.core.type.Typesetter;

/** The core alone, on one core of the machine. */
final class EvaluationBench {
    private static final int ROUNDS = 12;

    private EvaluationBench() {}

    static void run() {
        Project project = Bench.scene();
        Scene scene = project.scenes().get(0);
        FontLibrary fonts = new FontLibrary();
        double cold =
                seconds(() -> SceneScore.of(project, scene, scene.formats().get(0), new Typesetter(fonts)));
        Typesetter typesetter = new Typesetter(fonts);
        SceneScore score = SceneScore.of(project, scene, scene.formats().get(0), typesetter);
        BlockScore block = score.blocks().get(0);
        int units = block.set().units(UnitKind.CHARACTER).size();
        List<Double> perSecond = new ArrayList<>();
        List<Double> building = new ArrayList<>();
        List<Double> writing = new ArrayList<>();
        Reel[] reel = new Reel[1];
        byte[][] bytes = new byte[1][];
        for (int i = 0; i < ROUNDS; i++) {
            double took = seconds(() -> {
                for (int frame = 0; frame < 300; frame++) {
                    block.at(frame);
                }
            });
            perSecond.add(300.0 * units / took);
            building.add(1000 * seconds(() -> reel[0] = ReelBuilder.build(score, 0, 300)));
            writing.add(1000 * seconds(() -> bytes[0] = ReelWriter.write(reel[0], Set.of())));
        }
        System.out.printf("evaluation   %d units over 300 frames, set and timed cold in %.0f ms%n", units, 1000 * cold);
        System.out.printf(
                "             %.2f million unit evaluations a second on one core (median of %d)%n",
                Bench.percentile(perSecond, 0.5) / 1e6, ROUNDS);
        System.out.printf(
                "             full reel: built in %.0f ms, written in %.0f ms, %.2f MB%n",
                Bench.percentile(building, 0.5), Bench.percentile(writing, 0.5), bytes[0].length / 1e6);
    }

    static double seconds(Runnable work) {
        long start = System.nanoTime();
        work.run();
        return (System.nanoTime() - start) / 1e9;
    }
}
