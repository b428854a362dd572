package knollwind.bench;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.RequestOptions;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.document.Patch;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.speech.SpokenWord;
import knollwind.e2e.Chromium;
import knollwind.e2e.Workbench;
import knollwind.paint.EncoderCommand;
import knollwind.server.ServerProcess;
import knollwind.server.TestDatabase;

/**
 * The demo's announcement with an hour of voice beside its own: 9,000 words, all in captions. How long an edit takes to its new picture there, beside
 * the same without it; how long the voice room takes to open, and how many pictures a second it is scrolled at.
 */
final class HourBench {
    private static final int ROUNDS = 2;
    private static final int OPENINGS = 5;
    private static final int SECONDS = 3_700;

    /** From a click to the first picture in which words stand; then as many pictures as come while it is scrolled for three seconds. */
    private static final String SCROLLED =
            "() => new Promise((done) => { const box = document.querySelector('.staves');"
                    + " let count = 0; const from = performance.now(); const tick = () => { count++; box.scrollTop += 60;"
                    + " const passed = performance.now() - from; if (passed < 3000) requestAnimationFrame(tick);"
                    + " else done(1000 * count / passed); }; requestAnimationFrame(tick); })";

    private HourBench() {}

    static void run() throws Exception {
        try (TestDatabase database = new TestDatabase();
                ServerProcess server = new ServerProcess(database, database.port(), Map.of()).start();
                Chromium chromium = new Chromium()) {
            Page page = chromium.page(server.address());
            page.addInitScript(EditBench.STOPWATCH);
            Bench.warm();
            Workbench plain = Workbench.copyOfDemo(page, server.address());
            Workbench hour = Workbench.copyOfDemo(page, server.address());
            put(page, server.address(), hour, recording(page, server.address()));
            List<Double> with = new ArrayList<>();
            List<Double> without = new ArrayList<>();
            // In turn, so that what the machine does beside is met by both alike.
            for (int i = 0; i < ROUNDS; i++) {
                String key = i % 2 == 0 ? "ArrowUp" : "ArrowDown";
                without.add(EditBench.number(plain.open("scene=announcement"), "boat", 20, key));
                with.add(EditBench.number(hour.open("scene=announcement"), "boat", 20, key));
            }
            double one = Bench.percentile(without, 0.5);
            double other = Bench.percentile(with, 0.5);
            System.out.printf(
                    "hour         edit to picture %.0f ms, without the hour %.0f ms: %.2f times (aim 1.2)%n",
                    other, one, other / one);
            room(page);
        }
    }

    private static void room(Page page) {
        List<Double> opened = new ArrayList<>();
        for (int i = 0; i < OPENINGS; i++) {
            page.getByLabel("More for hour.opus").click();
            page.evaluate(
                    "() => { window.begun = 0; addEventListener('click', () => { begun ||= performance.now(); }, true); }");
            page.getByText("its words: the voice room").click();
            Object time = page.waitForFunction(
                            "() => document.querySelector('.voiceWord') && performance.now() - begun")
                    .jsonValue();
            opened.add(((Number) time).doubleValue());
            if (i < OPENINGS - 1) {
                page.keyboard().press("Escape");
            }
        }
        page.waitForTimeout(1500);
        double scrolled = ((Number) page.evaluate(SCROLLED)).doubleValue();
        System.out.printf(
                "hour         voice room opened in %.0f ms (50 %%), %.0f ms at most (aim 2000); scrolled at %.0f pictures a second (aim 50)%n",
                Bench.percentile(opened, 0.5), Bench.percentile(opened, 1), scrolled);
    }

    /** An hour of a tone that comes and goes, taken in. */
    private static String recording(Page page, String address) throws Exception {
        Path file = Files.createTempDirectory("knollwind-hour-").resolve("hour.opus");
        new ProcessBuilder(
                        EncoderCommand.ffmpeg(),
                        "-v",
                        "error",
                        "-f",
                        "lavfi",
                        "-i",
                        "sine=220:d=" + SECONDS,
                        "-af",
                        "tremolo=2:0.9",
                        "-b:a",
                        "12k",
                        file.toString())
                .start()
                .waitFor();
        long before = System.nanoTime();
        String answer = page.request()
                .post(
                        address + "/api/sounds?name=hour.opus",
                        RequestOptions.create()
                                .setHeader("Content-Type", "audio/ogg")
                                .setTimeout(600_000)
                                .setData(Files.readAllBytes(file)))
                .text();
        System.out.printf("hour         taken in, in %.0f s%n", (System.nanoTime() - before) / 1e9);
        return DocumentJson.tree(answer).get("sha256").asString();
    }

    private static void put(Page page, String address, Workbench bench, String recording) {
        String path = address + "/api/projects/" + bench.project();
        var kept = DocumentJson.tree(page.request().get(path).text());
        Project demo = DocumentJson.read(kept.get("document"));
        List<SpokenWord> words = CaptionBench.words();
        Project hour = CaptionBench.hour(demo, demo.scene("announcement"), words, recording);
        Scene scene = hour.scene("announcement");
        Scene named = scene.withSounds(scene.sounds().stream()
                .map(sound -> sound.id().equals("hour") ? sound.withName("hour.opus") : sound)
                .toList());
        List<Operation> operations = List.of(
                new Operation.Set("voices", DocumentJson.tree(hour.voices())),
                new Operation.Set("scenes/announcement", DocumentJson.tree(named)));
        String patch = "{\"base\":" + kept.get("revision").asLong() + ",\"change\":\"hour\",\"patch\":"
                + DocumentJson.MAPPER.writeValueAsString(new Patch(operations)) + "}";
        page.request()
                .post(
                        path + "/revisions",
                        RequestOptions.create()
                                .setHeader("Content-Type", "application/json")
                                .setData(patch));
    }
}
