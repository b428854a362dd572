package knollwind.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import knollwind.core.display.Reel;
import knollwind.core.display.ReelWriter;
import knollwind.core.frame.BlockScore;
import knollwind.core.frame.ReelBuilder;
import knollwind.core.frame.SceneScore;
import knollwind.core.motion.BlockTiming;
import knollwind.core.motion.MoveCurve;
import knollwind.core.motion.Piece;
import knollwind.core.motion.Pose;
import knollwind.core.motion.Turns;
import knollwind.core.scene.Channel;
import knollwind.core.scene.Clock;
import knollwind.core.scene.FrameRate;
import knollwind.core.scene.Length;
import knollwind.core.scene.Move;
import knollwind.core.scene.MoveBuilder;
import knollwind.core.scene.Order;
import knollwind.core.scene.Pace;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Project;
import knollwind.core.scene.Property;
import knollwind.core.scene.Scene;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.TextBlockBuilder;
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
        poses(block);
        growth(fonts);
    }

    /** Poses alone: six channels, one unit after another, on one core. */
    private static void poses(BlockScore block) {
        Move six = MoveBuilder.builder()
                .id("m1")
                .unit(UnitKind.CHARACTER)
                .order(Order.of(Order.Kind.CENTRE_OUT))
                .pace(Pace.eachInAll(120, 300))
                .easing("cubic-bezier(0.16, 1, 0.3, 1)")
                .channels(List.of(
                        Channel.from("c1", Property.OFFSET_X, -0.3, Length.Unit.EM),
                        Channel.from("c2", Property.OFFSET_Y, 0.6, Length.Unit.EM),
                        Channel.from("c3", Property.SCALE, 0.8, null),
                        Channel.from("c4", Property.ROTATION, -12, null),
                        Channel.from("c5", Property.OPACITY, 0, null),
                        Channel.from("c6", Property.BLUR, 0.1, Length.Unit.EM)))
                .build();
        TextBlock plain = (TextBlock) block.block();
        TextBlock moved = TextBlockBuilder.builder()
                .id(plain.id())
                .name(plain.name())
                .span(plain.span())
                .place(plain.place())
                .arrive(new Phase(List.of(six)))
                .leave(Phase.CUT)
                .text(plain.text())
                .runs(List.of())
                .setting(plain.setting())
                .build();
        List<Piece> pieces = block.timing().moves().get(0).pieces();
        BlockTiming timing = BlockTiming.of(moved, new Clock(new FrameRate(30, 1), null), Turns.NONE, kind -> pieces);
        MoveCurve curve = new MoveCurve(timing.moves().get(0), 72, 86, 1920, 1080);
        Pose pose = new Pose(six.pivot());
        List<Double> perSecond = new ArrayList<>();
        for (int i = 0; i < ROUNDS; i++) {
            double took = seconds(() -> {
                for (int frame = 0; frame < 300; frame++) {
                    for (int unit = 0; unit < pieces.size(); unit++) {
                        pose.clear();
                        curve.addTo(pose, unit, frame);
                    }
                }
            });
            perSecond.add(300.0 * pieces.size() / took);
        }
        System.out.printf(
                "             poses of six channels: %.2f million a second on one core (median of %d)%n",
                Bench.percentile(perSecond, 0.5) / 1e6, ROUNDS);
    }

    /** Whole display lists of more and more characters: the time for one of them stays. */
    private static void growth(FontLibrary fonts) {
        for (int units : new int[] {10, 100, 1000, 10_000}) {
            Project project = Bench.scene(units, units > 1000 ? 12 : 72);
            Scene scene = project.scenes().get(0);
            BlockScore block = SceneScore.of(project, scene, scene.formats().get(0), new Typesetter(fonts))
                    .blocks()
                    .get(0);
            int frames = Math.max(2, 20_000 / units);
            List<Double> each = new ArrayList<>();
            for (int i = 0; i < 5; i++) {
                double took = seconds(() -> {
                    for (int frame = 0; frame < frames; frame++) {
                        block.at(frame % 120 + 0.5);
                    }
                });
                each.add(1e9 * took / frames / units);
            }
            System.out.printf(
                    "growth       %6d units: %.0f ns a unit and frame (median of 5)%n",
                    units, Bench.percentile(each, 0.5));
        }
    }

    static double seconds(Runnable work) {
        long start = System.nanoTime();
        work.run();
        return (System.nanoTime() - start) / 1e9;
    }
}
