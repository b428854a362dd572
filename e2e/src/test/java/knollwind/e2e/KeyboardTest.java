package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Page;
import java.nio.file.Files;
import java.nio.file.Path;
import knollwind.core.scene.Pace;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The work done with keys alone. */
class KeyboardTest {
    /** So many times Tab is pressed before something counts as out of reach. */
    private static final int FAR = 400;

    private final Application application = Application.get();
    private final Page page = application.chromium().page(application.address());

    @TempDir
    Path folder;

    @AfterEach
    void nothing_went_wrong_unseen() {
        page.close();
        assertThat(application.faults()).isEmpty();
    }

    /** Presses a key until what has the focus fits. */
    private void go(String key, String fits) {
        for (int i = 0; i < FAR; i++) {
            page.keyboard().press(key);
            if ((boolean) page.evaluate("(" + fits + ")(document.activeElement)")) {
                return;
            }
        }
        throw new AssertionError("not reached by " + key + ": " + fits);
    }

    private void tabTo(String selector) {
        go("Tab", "active => active.matches(\"" + selector + "\")");
    }

    /** Backwards, as people go who went too far. */
    private void backTo(String fits) {
        go("Shift+Tab", fits);
    }

    private void press(String... keys) {
        for (String key : keys) {
            page.keyboard().press(key);
        }
    }

    @Test
    void a_title_is_made_directed_timed_and_exported_without_a_mouse() throws Exception {
        page.navigate(application.address() + "/");
        page.waitForSelector(".beginnings");
        tabTo("[aria-label='Name of the new project']");
        page.keyboard().type("Storm");
        press("Enter");
        page.waitForURL("**/projects/*");
        String id = page.url().replaceAll(".*/projects/([^?]*).*", "$1");
        Workbench bench = new Workbench(page, application.address(), id);
        // The caret stands in the words of a new project.
        page.waitForSelector("textarea.words:focus");
        page.keyboard().type("STORM AT NOON");
        assertThat(bench.words("title")).hasValue("STORM AT NOON");
        tabTo("[data-phase=arrive] .part[data-part='order']");
        press("ArrowDown");
        assertThat(bench.sentence("title", "arrive")).not().containsText("centre out");
        bench.saved();

        // In the picture: its size, its turn, and the block itself.
        tabTo("[data-handle='1 1']");
        double size = size(bench);
        press("Shift+ArrowRight", "Shift+ArrowRight");
        bench.saved();
        assertThat(size(bench)).isGreaterThan(size);
        tabTo("circle.ring");
        press("ArrowRight", "ArrowRight", "ArrowRight");
        bench.saved();
        assertThat(title(bench).place().rotation().literal()).hasValue(3.0);

        // In the bar sheet: its time, its ends, its way in, one letter's turn, and the scene's end.
        tabTo("[data-grip=body]");
        press("Shift+ArrowRight", "ArrowRight", "ArrowRight");
        bench.saved();
        assertThat(span(bench)).isEqualTo(Span.of(12, 132));
        tabTo("rect[data-grip=start]");
        press("ArrowLeft", "ArrowLeft");
        bench.saved();
        tabTo("rect[data-grip=end]");
        press("Shift+ArrowLeft", "Alt+ArrowLeft");
        bench.saved();
        assertThat(span(bench).start().value()).isEqualTo(10);
        assertThat(span(bench).end().value()).isEqualTo(121.9);
        Pace pace = pace(bench);
        tabTo("rect[data-grip=arrive]");
        press("Shift+ArrowRight");
        bench.saved();
        assertThat(pace(bench)).isNotEqualTo(pace);
        tabTo(".unitGrip");
        press("ArrowDown", "ArrowRight", "ArrowRight");
        bench.saved();
        assertThat(title(bench).arrive().moves().get(0).own()).isNotEmpty();
        press("Control+z");
        press("Control+z");
        bench.saved();
        assertThat(title(bench).arrive().moves().get(0).own()).isEmpty();

        backTo("active => active.matches('.sceneGrip')");
        press("Shift+ArrowRight");
        bench.saved();
        assertThat(scene(bench).length()).isEqualTo(130);

        backTo("active => active.textContent === 'Export'");
        press("Enter");
        page.waitForSelector(".exports .kinds");
        go("Tab", "active => active.textContent === 'Make it'");
        press("Enter");
        page.waitForSelector("li[data-state=done]", new Page.WaitForSelectorOptions().setTimeout(60_000));
        tabTo("li[data-state=done] a");
        Download download = page.waitForDownload(() -> press("Enter"));
        Path file = folder.resolve("storm.mp4");
        download.saveAs(file);
        assertThat(Files.size(file)).isGreaterThan(10_000);
    }

    @Test
    void cues_sounds_and_keys_are_moved_by_arrows() {
        Workbench bench = application.demo().open("scene=announcement");
        Page demo = bench.page();
        demo.locator("[data-cue]").first().focus();
        double cue = bench.document().scene("announcement").cues().get(0).at().value();
        demo.keyboard().press("ArrowRight");
        demo.keyboard().press("Shift+ArrowRight");
        bench.saved();
        assertThat(bench.document().scene("announcement").cues().get(0).at().value())
                .isEqualTo(cue + 11);
        double sound =
                bench.document().scene("announcement").sounds().get(0).start().value();
        demo.locator(".soundLane [data-grip=body]").first().focus();
        demo.keyboard().press("Shift+ArrowRight");
        bench.saved();
        assertThat(bench.document()
                        .scene("announcement")
                        .sounds()
                        .get(0)
                        .start()
                        .value())
                .isEqualTo(sound + 10);
        demo.close();
    }

    private Scene scene(Workbench bench) {
        return bench.document().scenes().get(0);
    }

    private TextBlock title(Workbench bench) {
        return (TextBlock) scene(bench).blocks().get(0);
    }

    private double size(Workbench bench) {
        return title(bench).setting().size().literal().orElseThrow();
    }

    private Span span(Workbench bench) {
        return title(bench).span();
    }

    private Pace pace(Workbench bench) {
        return title(bench).arrive().moves().get(0).pace();
    }
}
