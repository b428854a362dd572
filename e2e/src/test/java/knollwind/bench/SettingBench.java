package knollwind.bench;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import knollwind.core.scene.Breaking;
import knollwind.core.scene.Face;
import knollwind.core.scene.Forms;
import knollwind.core.scene.Setting;
import knollwind.core.scene.TextBlock;
import knollwind.core.type.FontLibrary;
import knollwind.core.type.TextToSet;
import knollwind.core.type.TextToSetBuilder;
import knollwind.core.type.Typesetter;
import knollwind.e2e.Chromium;
import knollwind.e2e.Workbench;
import knollwind.server.ServerProcess;
import knollwind.server.TestDatabase;

/** Setting a long block, and opening the face chooser. */
final class SettingBench {
    private static final int ROUNDS = 30;

    private SettingBench() {}

    static void run() {
        setting();
        chooser();
    }

    /** Words and a size not set before, in a typesetter that has opened the face; then the same words again. */
    private static void setting() {
        TextBlock block = (TextBlock) Bench.scene().scenes().get(0).blocks().get(0);
        Typesetter typesetter = new Typesetter(new FontLibrary());
        List<Double> cold = new ArrayList<>();
        List<Double> warm = new ArrayList<>();
        for (int i = 0; i < ROUNDS; i++) {
            TextToSet copy = copy(block, 60 + i * 0.7, "" + (char) ('a' + i % 26) + block.text());
            cold.add(1000 * EvaluationBench.seconds(() -> typesetter.set(copy)));
            TextToSet again = copy(block, 60 + i * 0.7, "" + (char) ('a' + i % 26) + block.text());
            warm.add(1000 * EvaluationBench.seconds(() -> typesetter.set(again)));
        }
        System.out.printf(
                "setting      300 characters, new words and size: %.1f ms first, %.1f ms (50 %%), %.1f ms (95 %%);"
                        + " same words again: %.3f ms (50 %%), %.3f ms (95 %%)%n",
                cold.get(0),
                Bench.percentile(cold, 0.5),
                Bench.percentile(cold.subList(1, ROUNDS), 0.95),
                Bench.percentile(warm, 0.5),
                Bench.percentile(warm, 0.95));
    }

    private static TextToSet copy(TextBlock block, double size, String text) {
        Face face = block.setting().face();
        return TextToSetBuilder.builder()
                .text(text)
                .runs(List.of())
                .face(face)
                .size(size)
                .leading(1.2)
                .column(1536)
                .alignment(Setting.Alignment.CENTRE)
                .direction(Setting.Direction.AUTO)
                .language("en-GB")
                .forms(Forms.PLAIN)
                .breaking(Breaking.FILLED)
                .pairs(Double.NaN)
                .build();
    }

    /** From the click on the face to the chooser with every family drawn in its face: once cold, then again. */
    private static void chooser() {
        try (TestDatabase database = new TestDatabase();
                ServerProcess server = new ServerProcess(database, database.port(), Map.of()).start();
                Chromium chromium = new Chromium()) {
            Page page = chromium.page(server.address());
            Workbench bench = Workbench.copyOfDemo(page, server.address()).open("");
            bench.at(100);
            Locator face =
                    bench.block("title").locator(".part[data-part='face']").first();
            List<Double> opened = new ArrayList<>();
            for (int i = 0; i < 8; i++) {
                page.evaluate(
                        "() => { window.started = 0; document.addEventListener('click', () => window.started ||= performance.now(), { once: true, capture: true }); }");
                face.click();
                opened.add(((Number) page.evaluate(
                                "async () => { while (!document.querySelector('.familyList .family')) await new Promise(requestAnimationFrame);"
                                        + " const words = [...document.querySelectorAll('.familyWords')];"
                                        + " await Promise.all(words.map(e => document.fonts.load(`25px ${getComputedStyle(e).fontFamily}`, e.textContent)));"
                                        + " await new Promise(requestAnimationFrame); await new Promise(requestAnimationFrame);"
                                        + " return performance.now() - window.started; }"))
                        .doubleValue());
                face.click();
                page.waitForSelector(
                        ".familyList",
                        new Page.WaitForSelectorOptions()
                                .setState(com.microsoft.playwright.options.WaitForSelectorState.DETACHED));
            }
            System.out.printf(
                    "chooser      opened with %d families drawn: %.0f ms the first time, %.0f ms after (median)%n",
                    new FontLibrary().families().size(),
                    opened.get(0),
                    Bench.percentile(opened.subList(1, opened.size()), 0.5));
        }
    }
}
