package knollwind.bench;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import knollwind.core.scene.Block;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.TextBlockBuilder;
import knollwind.core.scene.TrackKey;
import knollwind.core.scene.Value;
import knollwind.e2e.Chromium;
import knollwind.e2e.Workbench;
import knollwind.server.ServerProcess;
import knollwind.server.TestDatabase;

/** The bar sheet with 200 blocks of 20 keys each: dragging a ribbon, scrolling, zooming, and stretching a thousand keys at once. */
final class SheetBench {
    private static final int BLOCKS = 200;
    private static final int KEYS = 20;
    private static final int STEPS = 60;

    /** Counts the pictures that the browser draws, and how long the longest took, between two calls. */
    private static final String COUNT =
            "() => { const w = window.frames0 = { count: 0, longest: 0, last: performance.now() };"
                    + " const tick = now => { if (window.frames0 !== w) return; w.count++; w.longest = Math.max(w.longest, now - w.last);"
                    + " w.last = now; requestAnimationFrame(tick); }; requestAnimationFrame(tick); }";

    private SheetBench() {}

    static void run() {
        try (TestDatabase database = new TestDatabase();
                ServerProcess server = new ServerProcess(database, database.port(), Map.of()).start();
                Chromium chromium = new Chromium()) {
            Page page = chromium.page(server.address());
            String id = Bench.made(page, server.address(), many());
            page.navigate(server.address() + "/projects/" + id);
            page.waitForSelector("[data-ribbon]");
            Workbench bench = new Workbench(page, server.address(), id);
            bench.settled();
            page.waitForTimeout(3000);
            dragging(page, bench);
            scrolling(page);
            zooming(page);
            stretching(page, bench);
        }
    }

    private static void dragging(Page page, Workbench bench) {
        shown(page.locator("[data-ribbon='b1']"));
        BoundingBox body = bench.grip("b1", "body").boundingBox();
        page.mouse().move(body.x + body.width * 0.2, body.y + body.height * 0.8);
        page.mouse().down();
        page.evaluate(COUNT);
        long start = System.nanoTime();
        for (int i = 1; i <= STEPS; i++) {
            page.mouse().move(body.x + body.width * 0.2 + i * 2, body.y + body.height * 0.8);
        }
        print("a ribbon dragged " + STEPS + " steps", page, start);
        page.mouse().up();
        page.waitForTimeout(3000);
        // From one step of a drag until the ribbon stands where it was dragged.
        List<Double> times = new ArrayList<>();
        page.evaluate("() => { const lane = document.querySelector(\"[data-ribbon='b1']\");"
                + " window.followed = []; let at = 0; window.addEventListener('pointermove', () => { at = performance.now(); }, true);"
                + " new MutationObserver(() => { if (at) { window.followed.push(performance.now() - at); at = 0; } })"
                + ".observe(lane, { subtree: true, attributes: true, attributeFilter: ['points'] }); }");
        shown(page.locator("[data-ribbon='b1']"));
        BoundingBox now = bench.grip("b1", "body").boundingBox();
        page.mouse().move(now.x + now.width * 0.2, now.y + now.height * 0.8);
        page.mouse().down();
        // Drawn to nothing, so that every step moves it.
        page.keyboard().down("Alt");
        for (int i = 1; i <= 25; i++) {
            page.mouse().move(now.x + now.width * 0.2 + i * 4, now.y + now.height * 0.8);
            page.waitForTimeout(300);
        }
        page.keyboard().up("Alt");
        page.mouse().up();
        for (Object one : (List<?>) page.evaluate("() => window.followed")) {
            times.add(((Number) one).doubleValue());
        }
        System.out.printf(
                "sheet        a ribbon follows a step after %.0f ms (50 %%), %.0f ms (95 %%)%n",
                Bench.percentile(times, 0.5), Bench.percentile(times, 0.95));
        page.waitForTimeout(1000);
    }

    private static void shown(Locator part) {
        part.evaluate("element => element.closest('svg').scrollIntoView({ block: 'center' })");
    }

    private static void scrolling(Page page) {
        page.evaluate(COUNT);
        long start = System.nanoTime();
        for (int i = 1; i <= STEPS; i++) {
            page.locator(".sheetScroll").evaluate("(element, to) => { element.scrollTop = to; }", i * 60);
        }
        print("scrolled " + STEPS + " steps", page, start);
    }

    /** In to the pointer and out again, with the wheel. */
    private static void zooming(Page page) {
        page.locator(".sheetScroll").evaluate("element => { element.scrollTop = 0; }");
        BoundingBox sheet = page.locator(".sheetScroll").boundingBox();
        page.mouse().move(sheet.x + sheet.width / 2, sheet.y + sheet.height / 2);
        page.keyboard().down("Control");
        page.evaluate(COUNT);
        long start = System.nanoTime();
        for (int i = 0; i < STEPS; i++) {
            page.mouse().wheel(0, i < STEPS / 2 ? -100 : 100);
        }
        print("zoomed " + STEPS + " steps", page, start);
        page.keyboard().up("Control");
    }

    private static void stretching(Page page, Workbench bench) {
        page.locator(".sheetScroll").evaluate("element => { element.scrollTop = element.scrollHeight; }");
        page.waitForTimeout(500);
        bench.select("many");
        page.waitForTimeout(1500);
        page.getByText("all keys").click();
        shown(page.locator("[data-stretch=last]"));
        BoundingBox end = page.locator("[data-stretch=last]").boundingBox();
        page.mouse().move(end.x + 4, end.y + 4);
        page.mouse().down();
        page.evaluate(
                "() => { window.spent = []; window.addEventListener('pointermove', () => { const t = performance.now();"
                        + " requestAnimationFrame(() => setTimeout(() => window.spent.push(performance.now() - t))); }, true); }");
        for (int i = 1; i <= 30; i++) {
            page.mouse().move(end.x + 4 - 3 * i, end.y + 4);
            page.waitForTimeout(120);
        }
        List<?> spent = (List<?>) page.evaluate("() => window.spent");
        List<Double> times =
                spent.stream().map(one -> ((Number) one).doubleValue()).toList();
        page.mouse().up();
        System.out.printf(
                "sheet        1,000 keys stretched at once, drawn after %.0f ms (50 %%), %.0f ms (95 %%)%n",
                Bench.percentile(times, 0.5), Bench.percentile(times, 0.95));
    }

    private static void print(String what, Page page, long start) {
        double seconds = (System.nanoTime() - start) / 1e9;
        double count = ((Number) page.evaluate("() => window.frames0.count")).doubleValue();
        double longest = ((Number) page.evaluate("() => window.frames0.longest")).doubleValue();
        System.out.printf(
                "sheet        %d blocks with %d keys each, %s: %.0f pictures a second, the longest %.0f ms%n",
                BLOCKS, KEYS, what, count / seconds, longest);
    }

    private static Scene many() {
        Scene scene = Bench.scene(6, 40).scenes().get(0);
        TextBlock model = (TextBlock) scene.blocks().get(0);
        List<Block> blocks = new ArrayList<>();
        for (int i = 0; i < BLOCKS; i++) {
            blocks.add(block(model, "b" + i, Span.of(i, i + 100), KEYS, 4));
        }
        blocks.add(block(model, "many", Span.of(0, 300), 1000, 0.25));
        return scene.withBlocks(blocks);
    }

    private static TextBlock block(TextBlock model, String id, Span span, int count, double apart) {
        List<TrackKey<Double>> keys = new ArrayList<>();
        for (int k = 0; k < count; k++) {
            keys.add(new TrackKey<>("k" + k, TrackKey.Anchor.START, k * apart, k % 2 == 0 ? 1.0 : 0.6, "linear"));
        }
        return TextBlockBuilder.builder()
                .id(id)
                .name(id)
                .span(span)
                .place(model.place())
                .opacity(new Value.Track<>(keys))
                .arrive(model.arrive())
                .leave(model.leave())
                .text(model.text())
                .runs(List.of())
                .setting(model.setting())
                .build();
    }
}
