package knollwind.bench;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import knollwind.core.scene.Block;
import knollwind.core.scene.Scene;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.TextBlockBuilder;
import knollwind.e2e.Chromium;
import knollwind.e2e.Workbench;
import knollwind.server.ServerProcess;
import knollwind.server.TestDatabase;

/** How long a project takes to open, warm: from its address to its first picture. */
final class OpenedBench {
    private static final int ROUNDS = 7;
    private static final int SCENES = 40;
    private static final int BLOCKS = 50;

    private OpenedBench() {}

    static void run() throws InterruptedException {
        try (TestDatabase database = new TestDatabase();
                ServerProcess server = new ServerProcess(database, database.port(), Map.of()).start();
                Chromium chromium = new Chromium()) {
            Page page = chromium.page(server.address());
            String demo = Workbench.copyOfDemo(page, server.address()).project();
            String many = Bench.made(page, server.address(), many());
            Bench.warm();
            open(page, server.address() + "/projects/" + demo, "the demo");
            open(page, server.address() + "/projects/" + many, SCENES + " scenes of " + BLOCKS + " blocks each");
        }
    }

    private static void open(Page page, String address, String name) {
        List<Double> times = new ArrayList<>();
        for (int i = 0; i <= ROUNDS; i++) {
            page.navigate("about:blank");
            page.navigate(address);
            // Of the page's own clock, which began when its address was gone to.
            Object time = page.waitForFunction(
                            "() => document.querySelector('.frame canvas')?.dataset.shown && performance.now()")
                    .jsonValue();
            // At the first opening everything is made for the first time.
            if (i > 0) {
                times.add(((Number) time).doubleValue());
            }
            page.waitForTimeout(1500);
        }
        System.out.printf(
                "opened       %s to the first picture: %.0f ms (50 %%), %.0f ms at most (of %d)%n",
                name, Bench.percentile(times, 0.5), Bench.percentile(times, 1), ROUNDS);
    }

    private static List<Scene> many() {
        Scene model = Bench.scene(12, 60).scenes().get(0);
        TextBlock block = (TextBlock) model.blocks().get(0);
        List<Scene> scenes = new ArrayList<>();
        for (int i = 1; i <= SCENES; i++) {
            String number = "" + i;
            List<Block> blocks = new ArrayList<>();
            for (int k = 0; k < BLOCKS; k++) {
                String id = "b" + number + "-" + k;
                blocks.add(TextBlockBuilder.builder(block).id(id).name(id).build());
            }
            scenes.add(model.with(
                    scene -> scene.id("scene-" + number).name("Scene " + number).blocks(blocks)));
        }
        return scenes;
    }
}
