package knollwind.bench;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import knollwind.core.scene.Scene;
import knollwind.e2e.Chromium;
import knollwind.e2e.Workbench;
import knollwind.server.ServerProcess;
import knollwind.server.TestDatabase;

/** How many pictures are dropped while the demo plays at 1280 × 800 and the processor paints. */
final class PlayedBench {
    /** For all seconds of a scene to be fetched. */
    private static final int FETCHED_MS = 5000;

    /** As long as somebody looks at a picture before it is played. */
    private static final int READY_MS = 1500;

    private static final int ROUNDS = 3;

    /** Rounds of a scene that are played, for short ones. */
    private static final double PLAYED_S = 10;

    /** Notes, picture by picture of the screen, how many more pictures are dropped. */
    private static final String WATCH =
            "(() => { const w = window.played = { dropped: 0, running: 0, last: 0 }; const look = () => {"
                    + " const now = parseInt(document.querySelector('.dropped')?.innerText ?? '0');"
                    + " const more = Math.max(0, now - w.last); w.last = now; w.dropped += more;"
                    + " w.running = Math.max(w.running, more); requestAnimationFrame(look); };"
                    + " look(); })()";

    /** Notes which pictures of the film are shown, and when. */
    private static final String WATCH_FILM =
            "(() => { const w = window.shown = []; const canvas = document.querySelector('.screening canvas');"
                    + " new MutationObserver(() => w.push([Number(canvas.dataset.shown), performance.now()]))"
                    + ".observe(canvas, { attributes: true, attributeFilter: ['data-shown'] }); })()";

    private PlayedBench() {}

    /** @param wanted ids of the demo's scenes, "formats", "bench", "sparks", "gallery", "film"; empty for all of them */
    static void run(List<String> wanted) throws InterruptedException {
        try (TestDatabase database = new TestDatabase();
                ServerProcess server = new ServerProcess(database, database.port(), Map.of()).start();
                Chromium chromium = new Chromium()) {
            Page page = chromium.page(server.address());
            Workbench bench = new Workbench(page, server.address(), "ternholm-night-ferry").open("");
            List<Scene> scenes = bench.document().scenes();
            Bench.warm();
            for (Scene scene : scenes) {
                if (wanted.isEmpty() || wanted.contains(scene.id())) {
                    play(bench.open("scene=" + scene.id()), scene, scene.id());
                }
            }
            if (wanted.isEmpty() || wanted.contains("formats")) {
                bench.open("scene=crossing");
                page.getByText("all formats").click();
                play(bench, bench.document().scene("crossing"), "crossing, all formats shown");
            }
            if (wanted.isEmpty() || wanted.contains("bench")) {
                Scene plain = Bench.scene().scenes().get(0);
                String id = Bench.made(page, server.address(), plain);
                play(new Workbench(page, server.address(), id).open(""), plain, "bench");
            }
            if (wanted.isEmpty() || wanted.contains("sparks")) {
                Scene sparks = FallBench.sparkling().scenes().get(0);
                String id = Bench.made(page, server.address(), sparks);
                play(new Workbench(page, server.address(), id).open(""), sparks, "5,000 live sparks");
            }
            if (wanted.isEmpty() || wanted.contains("gallery")) {
                String id = Bench.made(
                        page, server.address(), Bench.scene().scenes().get(0));
                gallery(new Workbench(page, server.address(), id).open(""));
            }
            if (wanted.isEmpty() || wanted.contains("film")) {
                film(bench);
            }
        }
    }

    private static void play(Workbench bench, Scene scene, String name) {
        Page page = bench.page();
        page.waitForTimeout(FETCHED_MS);
        double seconds = Math.max(PLAYED_S, scene.length() / scene.rate().perSecond());
        List<Double> dropped = new ArrayList<>();
        List<Double> running = new ArrayList<>();
        MachineTime machine = MachineTime.now();
        for (int round = 0; round < ROUNDS; round++) {
            page.locator(".bar > b").click();
            page.keyboard().press("Home");
            bench.settled();
            page.waitForTimeout(READY_MS);
            page.locator(".transport .play").click();
            page.evaluate(WATCH);
            page.waitForTimeout(1000 * seconds);
            page.locator(".transport .play").click();
            dropped.add(number(page, "played.dropped"));
            running.add(number(page, "played.running"));
        }
        System.out.printf(
                "played       %s: %.1f %% of the pictures dropped, at most %.0f running (medians of %d; the machine had %.0f %% of its"
                        + " time taken)%n",
                name,
                100 * Bench.percentile(dropped, 0.5) / (seconds * scene.rate().perSecond()),
                Bench.percentile(running, 0.5),
                ROUNDS,
                100 * machine.taken());
    }

    /** How many pictures a second the card plays that is pointed at, while all the others stand, at 30 frames a second. */
    private static void gallery(Workbench bench) {
        Page page = bench.page();
        page.setViewportSize(1280, 2400);
        bench.block("title").getByLabel("Add a move to arrive").click();
        page.waitForSelector(".moveCard canvas[data-shown]");
        page.waitForTimeout(FETCHED_MS);
        Locator cards = page.locator(".moveCard canvas[data-shown]");
        int count = cards.count();
        cards.first().hover();
        page.waitForTimeout(2000);
        page.evaluate(
                "() => { const w = window.cards = { others: 0, seen: 0 }; const own = document.querySelector('.moveCard canvas');"
                        + " for (const canvas of document.querySelectorAll('.moveCard canvas'))"
                        + " new MutationObserver(() => { if (canvas !== own) w.others++; })"
                        + ".observe(canvas, { attributes: true, attributeFilter: ['data-shown'] }); let last = own.dataset.shown;"
                        + " const look = () => { if (own.dataset.shown !== last) { last = own.dataset.shown; w.seen++; }"
                        + " requestAnimationFrame(look); }; look(); }");
        page.waitForTimeout(1000 * PLAYED_S);
        System.out.printf(
                "played       gallery of %d cards in view: the one pointed at shows %.1f pictures a second, the others %.0f in all%n",
                count, number(page, "cards.seen") / PLAYED_S, number(page, "cards.others"));
        page.setViewportSize(1280, 800);
    }

    /** It waits for what is not there yet, so that both are told: pictures passed over, and time that was waited. */
    private static void film(Workbench bench) {
        Page page = bench.open("").page();
        page.getByLabel("Play all").click();
        Locator canvas = page.locator(".screening canvas");
        canvas.waitFor();
        page.evaluate(WATCH_FILM);
        int last = -1;
        while (number(page, "shown.length") > last) {
            last = (int) number(page, "shown.length");
            page.waitForTimeout(4000);
        }
        double over = number(
                page, "shown.slice(1).reduce((sum, one, i) => sum + Math.max(0, one[0] - window.shown[i][0] - 1), 0)");
        double took = number(page, "shown.at(-1)[1] - window.shown[0][1]");
        System.out.printf(
                "played       all scenes one after the other: %.0f pictures shown, %.0f passed over, in %.1f s%n",
                number(page, "shown.length"), over, took / 1000);
    }

    private static double number(Page page, String of) {
        return ((Number) page.evaluate("() => window." + of)).doubleValue();
    }
}
