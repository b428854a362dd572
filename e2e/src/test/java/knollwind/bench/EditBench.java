package knollwind.bench;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.IntConsumer;
import knollwind.core.document.DocumentJson;
import knollwind.e2e.Chromium;
import knollwind.e2e.Workbench;
import knollwind.server.ServerProcess;
import knollwind.server.TestDatabase;
import tools.jackson.databind.JsonNode;

/**
 * From a key to the new picture, in headless Chromium through the real server: ten kinds of edit on the 300-character
 * scene, every value new. The first figure ends when the frame has arrived and is ready to be painted, the second when it is
 * painted (here by the processor); "server and transfer" is the request alone. Then
 * how many new pictures a second arrive while a number and a place are dragged. Before that, four kinds of edit on two scenes of the demo.
 */
final class EditBench {
    private static final int EDITS = 24;
    /** Steps of a drag. */
    private static final int DRAGGED = 120;

    private static final int DRAGS = 7;

    /** Notes the time of the first key or click after it is armed, of the single frame's arrival, and of its painting. */
    static final String STOPWATCH = "(() => { const w = window.stopwatch = { armed: false };"
            + " const start = () => { if (w.armed) { w.armed = false; w.start = performance.now(); w.fetched = w.painted = 0; } };"
            + " for (const kind of ['keydown', 'pointerdown', 'input']) window.addEventListener(kind, start, true);"
            + " const original = window.fetch; window.fetch = async (url, options) => { const asked = performance.now();"
            + " const response = await original(url, options);"
            + " if (String(url).endsWith('/reel')) { const body = JSON.parse(options.body);"
            + " if (body.to - body.from === 1) { const buffer = response.arrayBuffer.bind(response);"
            + " response.arrayBuffer = async () => { const bytes = await buffer(); w.came = (w.came ?? 0) + 1;"
            // The small pictures of all formats were asked for before that, or come after it.
            + " if (!w.painted && asked >= w.start) { w.last = performance.now(); w.served = w.last - asked; w.asked = asked; }"
            + " return bytes; }; } }"
            + " return response; };"
            // What says that the picture is busy may not be told when the answer comes before the page is drawn.
            + " const context = CanvasRenderingContext2D.prototype; const put = context.putImageData;"
            + " context.putImageData = function (...what) { put.apply(this, what);"
            + " if (this.canvas.matches('.frame canvas') && w.start && !w.painted && w.last > w.start)"
            + " { w.painted = performance.now(); w.fetched = w.last; } }; })()";

    private final Workbench bench;
    private final Page page;
    private final List<Double> allFetched = new ArrayList<>();
    private final List<Double> allPainted = new ArrayList<>();
    private final List<Double> allServed = new ArrayList<>();

    private EditBench(Workbench bench) {
        this.bench = bench;
        this.page = bench.page();
    }

    /**
     * @param wanted "opening", "crossing", "bench"; empty for all of them
     * @param all false for what is dragged alone
     */
    static void run(List<String> wanted, boolean all) throws InterruptedException {
        try (TestDatabase database = new TestDatabase();
                ServerProcess server = new ServerProcess(database, database.port(), Map.of()).start();
                Chromium chromium = new Chromium()) {
            Page page = chromium.page(server.address());
            page.addInitScript(STOPWATCH);
            Bench.warm();
            if (all) {
                Workbench demo = Workbench.copyOfDemo(page, server.address());
                if (wanted.isEmpty() || wanted.contains("opening")) {
                    new EditBench(demo.open("scene=opening")).scene("opening", "title", 60);
                }
                if (wanted.isEmpty() || wanted.contains("crossing")) {
                    new EditBench(demo.open("scene=crossing")).scene("crossing", "line", 70);
                }
                if (!wanted.isEmpty() && !wanted.contains("bench")) {
                    return;
                }
            }
            String id =
                    Bench.made(page, server.address(), Bench.scene().scenes().get(0));
            page.navigate(server.address() + "/projects/" + id);
            page.waitForSelector(".page .sentence");
            Workbench bench = new Workbench(page, server.address(), id);
            bench.settled();
            EditBench edits = new EditBench(bench);
            if (all) {
                edits.all();
            }
            edits.drags();
        }
    }

    /**
     * A number of a block in a scene that is open, ready to be painted: half of the edits are quicker, ms.
     *
     * @param key by which it is stepped: the same one again and again would come to where it can go no further
     */
    static double number(Workbench bench, String block, int frame, String key) {
        EditBench edits = new EditBench(bench);
        bench.at(frame).select(block);
        edits.part("number", bench.part(block, "arrive", "pace"), key);
        return Bench.percentile(edits.allFetched, 0.5);
    }

    /** A number, a number of its dress, a colour, words and the kind of unit of a block on a ground that costs. */
    private void scene(String name, String block, int frame) {
        System.out.printf("edits        the demo's %s:%n", name);
        bench.at(frame).select(block);
        part("number", bench.part(block, "arrive", "pace"), "ArrowUp");
        Locator dress = bench.block(block)
                .locator(".direction")
                .filter(new Locator.FilterOptions().setHasText("Dressed"))
                .locator(".part[data-part]:not([data-part='more'])");
        if (dress.count() > 0) {
            part("dress", dress.first(), "ArrowUp");
        }
        Locator colour = bench.block(block).locator(".part[data-part='colour']").first();
        colour.click();
        Locator hex = page.locator(".drawer .colourField input").first();
        measure("colour", i -> hex.focus(), i -> hex.fill(String.format("f0%02x4a", 40 + 5 * i)));
        colour.click();
        Locator words = bench.words(block);
        measure("words", i -> words.focus(), i -> page.keyboard().type("" + (char) ('a' + i % 26)));
        page.locator(".bar > b").click();
        Locator unit = bench.part(block, "arrive", "unit");
        measure("unit", i -> unit.focus(), i -> unit.press(i % 4 < 2 ? "ArrowDown" : "ArrowUp"));
    }

    private void all() {
        bench.at(60);
        Locator words = bench.words("title");
        measure("text", i -> words.focus(), i -> page.keyboard().type("" + (char) ('a' + i % 26)));
        page.locator(".bar > b").click();
        part("size", setting("size"), "ArrowUp");
        part("width", setting("column"), "ArrowDown");
        axis();
        part("face", setting("face"), "ArrowDown");
        part("pace", bench.part("title", "arrive", "pace"), "ArrowUp");
        order();
        unit();
        easing();
        part("span", bench.block("title").locator(".part[data-part='end']"), "ArrowDown");
        System.out.printf(
                "edits        all of them: server and transfer %.0f ms (50 %%), %.0f ms (95 %%)%n",
                Bench.percentile(allServed, 0.5), Bench.percentile(allServed, 0.95));
        System.out.printf(
                "edits        all of them: ready to paint %.0f ms (50 %%), %.0f ms (95 %%); painted %.0f ms, %.0f ms%n",
                Bench.percentile(allFetched, 0.5),
                Bench.percentile(allFetched, 0.95),
                Bench.percentile(allPainted, 0.5),
                Bench.percentile(allPainted, 0.95));
    }

    private void drags() {
        bench.at(60);
        page.locator(".bar > b").click();
        drags("a number", bench.part("title", "arrive", "pace"), 4, 0);
        drags("a place", page.locator(".handles polygon"), 2, 1);
    }

    /** The first time the server has not done it before, which tells more of its compiler than of dragging. */
    private void drags(String what, Locator from, double dx, double dy) {
        dragging(from, dx, dy);
        List<Double> pictures = new ArrayList<>();
        for (int i = 0; i < DRAGS; i++) {
            pictures.add(dragging(from, dx, dy));
        }
        System.out.printf(
                "edits        %s dragged: %.1f new pictures a second (median of %d, %.1f to %.1f)%n",
                what,
                Bench.percentile(pictures, 0.5),
                DRAGS,
                Bench.percentile(pictures, 0),
                Bench.percentile(pictures, 1));
    }

    /** One way and back, a step as often as the browser can take it: how many new pictures arrive a second. */
    private double dragging(Locator from, double dx, double dy) {
        from.scrollIntoViewIfNeeded();
        BoundingBox box = from.boundingBox();
        double x = box.x + box.width / 4;
        double y = box.y + box.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().move(x + 8 * Math.signum(dx), y);
        page.waitForTimeout(500);
        page.evaluate("() => { stopwatch.came = 0; }");
        long start = System.nanoTime();
        for (int i = 1; i <= DRAGGED; i++) {
            double at = Math.min(i, DRAGGED - i);
            page.mouse().move(x + 8 + dx * at, y + dy * at);
        }
        double seconds = (System.nanoTime() - start) / 1e9;
        double came = ((Number) page.evaluate("() => stopwatch.came")).doubleValue();
        page.mouse().up();
        bench.settled();
        return came / seconds;
    }

    private Locator setting(String name) {
        return bench.block("title").locator(".part[data-part='" + name + "']").first();
    }

    private void part(String kind, Locator part, String key) {
        measure(kind, i -> part.focus(), i -> part.press(key));
    }

    private void axis() {
        Locator face = setting("face");
        face.focus();
        face.press("Enter");
        Locator weight = page.locator(".drawer").getByLabel("weight");
        measure("axis", i -> weight.focus(), i -> weight.press("ArrowDown"));
        face.focus();
        face.press("Enter");
    }

    /** Random from a seed, which then counts up: every edit deals anew. */
    private void order() {
        Locator order = bench.part("title", "arrive", "order");
        while (!order.innerText().startsWith("at random")) {
            order.focus();
            String before = order.innerText();
            order.press("ArrowDown");
            page.waitForFunction(
                    "was => document.querySelector(\"[data-phase='arrive'] .part[data-part='order']\").innerText !== was",
                    before);
        }
        part("order", order, "ArrowUp");
    }

    /** There are few kinds of unit: new words before every change make the setting and the units new. */
    private void unit() {
        Locator unit = bench.part("title", "arrive", "unit");
        measure(
                "unit",
                i -> {
                    bench.words("title").focus();
                    page.keyboard().type("" + (char) ('A' + i % 26));
                    page.locator(".bar > b").click();
                    bench.settled();
                    unit.focus();
                },
                i -> unit.press(i % 4 < 2 ? "ArrowDown" : "ArrowUp"));
    }

    private void easing() {
        bench.part("title", "arrive", "easing").click();
        Locator field = page.getByLabel("Easing function");
        measure(
                "easing",
                i -> {
                    field.fill("cubic-bezier(0." + (100 + i) + ", 0.8, 0.3, 1)");
                    page.waitForTimeout(300);
                },
                i -> field.press("Enter"));
        bench.part("title", "arrive", "easing").click();
    }

    private void measure(String kind, IntConsumer before, IntConsumer edit) {
        List<Double> fetched = new ArrayList<>();
        List<Double> painted = new ArrayList<>();
        List<Double> served = new ArrayList<>();
        List<Double> asked = new ArrayList<>();
        for (int i = 0; i < EDITS; i++) {
            before.accept(i);
            bench.settled();
            page.waitForFunction("() => document.querySelector('.saveState.saved')");
            page.evaluate("() => { stopwatch.armed = true; stopwatch.start = 0; stopwatch.painted = 0; }");
            edit.accept(i);
            page.waitForFunction("() => stopwatch.painted > 0");
            JsonNode times = DocumentJson.tree((String) page.evaluate("() => JSON.stringify(stopwatch)"));
            fetched.add(times.get("fetched").asDouble() - times.get("start").asDouble());
            painted.add(times.get("painted").asDouble() - times.get("start").asDouble());
            served.add(times.get("served").asDouble());
            asked.add(times.get("asked").asDouble() - times.get("start").asDouble());
        }
        System.out.printf(
                "edits        %-7s ready to paint: cold %.0f ms, %.0f ms (50 %%), %.0f ms (95 %%); painted: %.0f ms, %.0f ms; asked after %.0f ms, %.0f ms; server and transfer: %.0f ms, %.0f ms%n",
                kind,
                fetched.get(0),
                Bench.percentile(fetched, 0.5),
                Bench.percentile(fetched, 0.95),
                Bench.percentile(painted, 0.5),
                Bench.percentile(painted, 0.95),
                Bench.percentile(asked, 0.5),
                Bench.percentile(asked, 0.95),
                Bench.percentile(served, 0.5),
                Bench.percentile(served, 0.95));
        allServed.addAll(served);
        allFetched.addAll(fetched);
        allPainted.addAll(painted);
    }
}
