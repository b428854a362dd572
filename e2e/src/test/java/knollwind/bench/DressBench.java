package knollwind.bench;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import knollwind.core.directions.dress.DressReader;
import knollwind.core.display.DisplayList;
import knollwind.core.display.PaintCost;
import knollwind.core.frame.SceneScore;
import knollwind.core.geometry.Box;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.TextBlock;
import knollwind.core.type.FontLibrary;
import knollwind.core.type.Typesetter;
import knollwind.e2e.Chromium;
import knollwind.e2e.Workbench;
import knollwind.paint.FramePainter;
import knollwind.server.ServerProcess;
import knollwind.server.TestDatabase;

/** What each dressing costs on 120 characters at 1920 × 1080: made by the core, painted whole by the exporter's painter, and in the page. */
final class DressBench {
    private static final int CHARACTERS = 120;
    private static final int TIMES = 15;

    /** A frame at which letters are on their way. */
    private static final int FRAME = 70;

    /** px of a window in which a picture of 1920 px has room. */
    private static final int WINDOW = 2376;

    /** ms that painting the whole frame takes at most, set by a trial on two cores. */
    private static final Map<String, Integer> LIMITS = Map.of(
            "lit as a sign in #f0b64a with light of 5 to 28 px at 80 %", 160, "a wake of 12 copies 1 frame apart", 120);

    private static final List<String> MORE = List.of(
            "outlined by 3 px along the edge in #fff6dc, a glow of 4 to 46 px in #f0b64a at 90 %",
            "a wake of 12 copies 1 frame apart",
            "a wake of 60 copies 1 frame apart",
            // Some 5,000 live.
            "traced by sparks over 2400 frames born 4000 a second living 30 frames",
            "stacked 30 deep by 1 px towards 60\u00b0 in #c8472f to #5a1f16");

    private DressBench() {}

    static void run() {
        exported();
        seen();
    }

    /** In the page, painted by the processor, in a window in which the picture is as large as its format. */
    private static void seen() {
        try (TestDatabase database = new TestDatabase();
                ServerProcess server = new ServerProcess(database, database.port(), Map.of()).start();
                Chromium chromium = new Chromium()) {
            Page page = chromium.page(server.address());
            page.setViewportSize(WINDOW, WINDOW * 3 / 4);
            Scene scene = Bench.scene(CHARACTERS, 110).scenes().get(0);
            TextBlock words = scene.blocks().get(0).asWords().orElseThrow();
            double bare = 0;
            for (String sentence : sentences()) {
                Scene dressed = scene.withBlocks(List.of(words.withDress(DressReader.read(sentence, List.of()))));
                Workbench bench =
                        new Workbench(page, server.address(), Bench.made(page, server.address(), dressed)).open("");
                List<Double> took = new ArrayList<>();
                for (int i = 0; i < TIMES; i++) {
                    bench.at(FRAME + i);
                    took.add(Double.parseDouble(
                            page.locator(".frame canvas").first().getAttribute("data-took")));
                }
                double paint = Bench.percentile(took, 0.5);
                bare = sentence.equals("nothing") ? paint : bare;
                System.out.printf(
                        "dress        in the page, %s px wide: painted in %6.1f ms (%.1f more): %s%n",
                        page.locator(".frame canvas").first().getAttribute("width"), paint, paint - bare, sentence);
            }
        }
    }

    private static List<String> sentences() {
        List<String> sentences = new ArrayList<>(List.of("nothing"));
        sentences.addAll(DressReader.OPENINGS);
        sentences.addAll(MORE);
        return sentences;
    }

    private static void exported() {
        Typesetter typesetter = new Typesetter(new FontLibrary());
        Project project = Bench.scene(CHARACTERS, 110);
        Scene scene = project.scenes().get(0);
        TextBlock words = scene.blocks().get(0).asWords().orElseThrow();
        double bare = 0;
        double bareStated = 0;
        for (String sentence : sentences()) {
            Scene dressed = scene.withBlocks(List.of(words.withDress(DressReader.read(sentence, List.of()))));
            SceneScore score = SceneScore.of(
                    project.withScenes(List.of(dressed)),
                    dressed,
                    dressed.formats().get(0),
                    typesetter);
            List<Double> made = new ArrayList<>();
            List<Double> painted = new ArrayList<>();
            PaintCost cost = PaintCost.of(score.at(FRAME), new Box(0, 0, score.width(), score.height()));
            try (FramePainter painter = FramePainter.whole(score.width(), score.height(), id -> null)) {
                for (int i = 0; i < 2 * TIMES; i++) {
                    long begun = System.nanoTime();
                    DisplayList list = score.at(FRAME + 0.25 * i);
                    long ready = System.nanoTime();
                    painter.paint(list);
                    if (i >= TIMES) {
                        made.add((ready - begun) / 1e6);
                        painted.add((System.nanoTime() - ready) / 1e6);
                    }
                }
            }
            double paint = Bench.percentile(painted, 0.5);
            if (sentence.equals("nothing")) {
                bare = paint;
                bareStated = cost.ms();
            }
            System.out.printf(
                    "dress        made in %5.1f ms, painted in %6.1f ms (%.1f more, stated %.1f): %s%n",
                    Bench.percentile(made, 0.5), paint, paint - bare, cost.ms() - bareStated, sentence);
            if (LIMITS.containsKey(sentence)) {
                int limit = LIMITS.get(sentence);
                System.out.printf("dress        its limit of %d ms: %s%n", limit, paint <= limit ? "held" : "MISSED");
            }
            if (System.getenv("KNOLLWIND_WORK") != null) {
                System.out.println("work " + paint + " " + Arrays.toString(cost.work()));
            }
        }
    }
}
