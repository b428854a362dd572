package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.Route;
import java.util.List;
import java.util.concurrent.atomic.AtomicReference;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Patch;
import knollwind.core.motion.Easing;
import knollwind.core.motion.Easings;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.TextBlock;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The picture: the same in the browser and in the exporter, and computed nowhere but in the core. */
class PictureTest {
    private final Application application = Application.get();
    private final Workbench bench = application.demo();
    private final Page page = bench.page();

    @AfterEach
    void nothing_went_wrong_unseen() {
        page.close();
        assertThat(application.faults()).isEmpty();
    }

    @Test
    void five_frames_of_every_scene_are_painted_alike_in_browser_and_exporter() {
        bench.open("");
        for (Scene scene : bench.document().scenes()) {
            bench.open("scene=" + scene.id());
            for (int i = 0; i < 5; i++) {
                int frame = (scene.length() - 1) * (2 * i + 1) / 10;
                bench.at(frame).agrees(scene.id(), frame);
            }
        }
    }

    /** Caught in mid-drag: the pixels on the screen are the Java painter's of the document that is not saved yet. */
    @Test
    void the_picture_follows_while_a_number_is_scrubbed() {
        bench.open("");
        bench.at(40);
        Shot before = bench.shot();
        AtomicReference<String> asked = new AtomicReference<>();
        page.onRequest(request -> note(request, asked));
        Locator part = bench.part("title", "arrive", "pace, second");
        bench.dragging(part, 24, 0);
        assertThat(part).hasText("9 apart");
        Shot during = bench.settled().shot();
        assertThat(during.from(before).most()).isGreaterThan(60);
        JsonNode draft = DocumentJson.tree(asked.get()).get("draft");
        JsonNode saved = bench.tree();
        Project unsaved = DocumentJson.read(
                DocumentJson.read(draft.get("patch"), Patch.class).apply(saved).document());
        assertThat(DocumentJson.tree(unsaved)).isNotEqualTo(DocumentJson.tree(bench.document()));
        during.assertShows(Shot.score(unsaved, "opening"), 40, "while it is dragged");
        // Escape gives the drag up: the old picture, and nothing to save.
        page.keyboard().press("Escape");
        page.mouse().up();
        assertThat(bench.part("title", "arrive", "pace, second")).hasText("3 apart");
        assertThat(bench.settled().shot())
                .satisfies(shot -> assertThat(shot.from(before).most()).isZero());
        assertThat(bench.saved().tree()).isEqualTo(saved);
    }

    private static void note(Request request, AtomicReference<String> asked) {
        if (request.url().endsWith("/reel")) {
            JsonNode body = DocumentJson.tree(request.postData());
            if (body.get("to").asInt() - body.get("from").asInt() == 1) {
                asked.set(request.postData());
            }
        }
    }

    @Test
    void without_the_reel_nothing_moves() {
        bench.open("");
        bench.at(40);
        Shot before = bench.shot();
        page.route("**/reel", Route::abort);
        bench.dragging(bench.part("title", "arrive", "pace, second"), 24, 0);
        assertThat(bench.part("title", "arrive", "pace, second")).hasText("9 apart");
        assertThat(bench.shot().from(before).most()).isZero();
        page.mouse().up();
        page.keyboard().press("ArrowRight");
        page.keyboard().press("ArrowRight");
        assertThat(page.getByLabel("Time at the playhead")).hasValue("0:01 + 18");
        assertThat(bench.shot().from(before).most()).isZero();
        // What the page asks for is refused until it is gone, so only then are the refusals all there to be dropped.
        page.close();
        application.faults();
    }

    @Test
    void a_block_is_chosen_and_moved_in_the_picture() {
        bench.open("");
        JsonNode before = bench.tree();
        bench.at(100);
        Locator overlay = page.locator(".overlay");
        var box = overlay.boundingBox();
        page.keyboard().press("Escape");
        page.mouse().move(box.x + box.width / 2, box.y + box.height * 0.33);
        page.mouse().down();
        page.mouse().move(box.x + box.width / 2 + 40, box.y + box.height * 0.33 + 8);
        page.mouse().move(box.x + box.width / 2 + 80, box.y + box.height * 0.33 + 10);
        page.mouse().up();
        assertThat(bench.block("title")).hasClass(java.util.regex.Pattern.compile(".*selected.*"));
        TextBlock title =
                (TextBlock) bench.saved().document().scenes().get(0).blocks().get(7);
        double scale = box.width / 1920;
        assertThat(((knollwind.core.scene.Value.Literal<knollwind.core.scene.Length>)
                                title.place().x())
                        .value()
                        .value())
                .isCloseTo(960 + 80 / scale, within(2.0));
        bench.undo();
        assertThat(bench.saved().tree()).isEqualTo(before);
    }

    @Test
    void zoom_keeps_the_point_under_the_pointer() {
        bench.open("");
        Locator frame = page.locator(".frame");
        var before = frame.boundingBox();
        double x = before.x + before.width * 0.25;
        double y = before.y + before.height * 0.5;
        page.mouse().move(x, y);
        page.keyboard().down("Control");
        for (int i = 0; i < 8; i++) {
            page.mouse().wheel(0, -100);
        }
        page.keyboard().up("Control");
        page.waitForFunction(
                "wide => document.querySelector('.frame').getBoundingClientRect().width > wide * 2", before.width);
        var after = frame.boundingBox();
        assertThat((x - after.x) / after.width).isCloseTo(0.25, within(0.02));
        page.locator(".transport button").last().click();
        page.locator(".transport button").last().click();
    }

    /** Our CSS easings against the browser's own, through its animations. */
    @Test
    void css_easings_equal_the_browsers() {
        bench.open("");
        List<String> functions = List.of(
                "linear",
                "ease",
                "ease-in",
                "ease-out",
                "ease-in-out",
                "cubic-bezier(0.16, 1, 0.3, 1)",
                "cubic-bezier(0.7, 0, 0.84, 0)",
                "cubic-bezier(0.3, -0.8, 0.7, 1.9)",
                "cubic-bezier(1, 0, 0, 1)",
                "steps(4)",
                "steps(3, jump-start)",
                "steps(5, jump-none)",
                "steps(2, jump-both)",
                "step-start",
                "step-end",
                "linear(0, 0.25, 1)",
                "linear(0, 0.3 20% 60%, 1.2 80%, 1)");
        for (String function : functions) {
            JsonNode values = DocumentJson.tree((String) page.evaluate(
                    "easing => { const animation = document.body.animate([{ opacity: 1 }, { opacity: 1 }], { duration: 1000, easing, fill: 'both' });"
                            + " animation.pause(); const values = []; for (let i = 0; i <= 40; i++) { animation.currentTime = i * 25;"
                            + " values.push(animation.effect.getComputedTiming().progress); } animation.cancel(); return JSON.stringify(values); }",
                    function));
            Easing easing = Easings.read(function);
            for (int i = 0; i <= 40; i++) {
                assertThat(easing.at(i / 40.0))
                        .as("%s at %s", function, i / 40.0)
                        .isCloseTo(values.get(i).asDouble(), within(1e-6));
            }
        }
    }
}
