package knollwind.bench;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.KeyboardModifier;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import knollwind.e2e.Chromium;
import knollwind.e2e.Workbench;
import knollwind.server.ServerProcess;
import knollwind.server.TestDatabase;

/** Takes the pictures in {@code docs/screenshots} anew, one of each view, from the demo. */
public final class Screenshots {
    private static final Path FOLDER = Path.of("..", "docs", "screenshots");

    private Screenshots() {}

    public static void main(String[] arguments) throws Exception {
        try (TestDatabase database = new TestDatabase();
                ServerProcess server = new ServerProcess(database, database.port(), Map.of()).start();
                Chromium chromium = new Chromium()) {
            Page page = chromium.page(server.address());
            Workbench bench = new Workbench(page, server.address(), "ternholm-night-ferry").open("");
            take(bench.at(42), "workbench");
            bench.block("title").locator("article").focus();
            page.keyboard().press("Enter");
            page.getByLabel("Type a direction").fill("words rise 60 px, 8 frames each, 3 apart, in reverse, l");
            page.waitForSelector(".completions button:has-text('landing softly')");
            take(bench, "typed-direction");
            page.getByLabel("Type a direction").press("Escape");
            page.getByText("Export", new Page.GetByTextOptions().setExact(true)).click();
            // The film is chosen already.
            page.locator(".kinds label")
                    .filter(new Locator.FilterOptions().setHasText("Still, PNG"))
                    .click();
            page.getByText("Make it").click();
            page.waitForSelector(".queue a[download]");
            take(bench, "export");
            bench.open("scene=opening").at(90);
            page.locator(".formats button")
                    .filter(new Locator.FilterOptions().setHasText("9:16"))
                    .click();
            bench.settled();
            bench.block("title").locator(".part[data-part='size']").first().click();
            page.waitForTimeout(1500);
            take(bench, "formats");
            bench.open("scene=opening").at(46);
            bench.block("title").getByLabel("Add a move to arrive").click();
            page.getByText("Playful").click();
            page.waitForSelector(".moveCard");
            page.waitForTimeout(2500);
            page.locator("[data-move='Hinge up']").click();
            page.waitForTimeout(700);
            take(bench, "motion-library");
            page.keyboard().press("Escape");
            bench.open("scene=announcement").select("coat").at(190);
            bench.drag(page.getByLabel("Height of the bar sheet"), 0, -200);
            page.getByText("record keys").click();
            bench.drag(page.locator("[data-handle='1 1']"), 26, 14);
            bench.saved().settled().at(235);
            bench.drag(page.locator("[data-handle='1 1']"), -30, -16);
            bench.saved();
            page.locator(".keyName button[aria-expanded]").first().click();
            page.getByText("recording keys").click();
            page.locator("[data-key=k3]").click();
            bench.settled().at(212);
            page.locator(".sheetScroll").evaluate("element => element.scrollTop = 6");
            page.waitForTimeout(700);
            take(bench, "bar-sheet");
            page.getByLabel("Height of the bar sheet").dblclick();
            bench.open("scene=announcement").at(40);
            page.getByLabel("More for pier-loudspeaker.m4a").click();
            page.getByText("its words: the voice room").click();
            page.waitForTimeout(2500);
            take(bench, "voice-room");
            page.keyboard().press("Escape");
            page.locator(".captionsName").click();
            page.locator("[data-caption]").nth(1).locator(".captionSpeed").click();
            bench.at(174);
            page.waitForTimeout(1500);
            take(bench, "captions");
            page.locator(".closeLedger").click();
            bench.open("scene=stops").select("times").at(74);
            page.locator(".pageTools").getByText("ledger").click();
            page.locator("[data-row='head'] [data-cell='arrive each']").click();
            page.locator("[data-row='times'] [data-cell='arrive each']")
                    .click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.SHIFT)));
            page.getByLabel("Find in directions").fill("landing softly");
            page.waitForTimeout(700);
            take(bench, "ledger");
            page.locator(".closeLedger").click();
            bench.open("scene=crossing").select("lantern").at(84);
            bench.block("lantern").locator(".part[data-part='path']").click();
            page.waitForTimeout(700);
            take(bench, "motion-path");
            bench.open("scene=opening").select("title").at(70);
            bench.block("title")
                    .getByText("looks", new Locator.GetByTextOptions().setExact(true))
                    .click();
            page.getByText("Heavy").click();
            page.waitForTimeout(3500);
            page.locator("[data-move='Lamp sign']").click();
            page.waitForTimeout(700);
            take(bench, "looks");
            page.keyboard().press("Escape");
            bench = new Workbench(page, server.address(), "ternholm-fares");
            // Something to look at: a name that is too long, and a picture that was corrected.
            bench.made("table/rows/r4/values/pier", "Saltmarket, by the ropewalk behind the old customs house")
                    .made(
                            "table/rows/r2/own",
                            List.of(Map.of(
                                    "id",
                                    "fares.tall",
                                    "scene",
                                    "fares",
                                    "format",
                                    "tall",
                                    "values",
                                    List.of(Map.of(
                                            "id",
                                            "fares-pier.place.rotation",
                                            "block",
                                            "fares-pier",
                                            "path",
                                            List.of("place", "rotation"),
                                            "value",
                                            -4)))));
            page.navigate(server.address() + "/projects/ternholm-fares/versions?paint=software");
            page.waitForSelector("[data-version='r7'] .cellStill canvas");
            page.waitForTimeout(9000);
            take(bench, "versions");
            bench.made("table/rows/r4/values/pier", "Saltmarket").made("table/rows/r2/own", List.of());
            page.navigate(server.address() + "/projects/ternholm-fares/fill?paint=software");
            page.waitForTimeout(4000);
            take(bench, "fill-in");
            bench = new Workbench(page, server.address(), "ternholm-fares");
            bench.open("scene=fares").select("fares-fare").at(40);
            bench.block("fares-fare").locator(".says").evaluate("line => line.scrollIntoView({block: 'center'})");
            page.waitForTimeout(1500);
            take(bench, "steps");
            ServerProcess second = ServerProcess.worker(database, "lantern", Map.of());
            page.navigate(server.address() + "/projects/ternholm-fares/versions?paint=software");
            page.waitForSelector("[data-version='r7'] .cellStill canvas");
            page.waitForTimeout(12_000);
            page.getByText("Make all 36").click();
            page.waitForTimeout(14_000);
            page.getByText("Workers", new Page.GetByTextOptions().setExact(true))
                    .click();
            page.waitForTimeout(2500);
            take(bench, "workers");
            second.close();
            bench = new Workbench(page, server.address(), "ternholm-pier-screens");
            bench.open("scene=lamp").select("words-4").at(46);
            bench.block("words-4").locator(".part[data-part='sign']").first().click();
            page.waitForTimeout(700);
            take(bench, "dress");
            bench.open("scene=piers").select("piers-names").at(84);
            bench.block("piers-names")
                    .locator(".part[data-part='weight']")
                    .first()
                    .click();
            page.waitForTimeout(700);
            take(bench, "weight");
            bench = new Workbench(page, server.address(), "ternholm-night-ferry")
                    .open("scene=end-card")
                    .select("line-name")
                    .at(44);
            bench.block("line-name")
                    .locator(".part[data-part='sparks']")
                    .first()
                    .click();
            page.waitForTimeout(700);
            take(bench, "sparks");
            page.navigate(server.address() + "/");
            page.waitForSelector(".card canvas");
            page.waitForTimeout(7000);
            take(bench, "projects");
        }
    }

    private static void take(Workbench bench, String name) {
        bench.page().screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
    }
}
