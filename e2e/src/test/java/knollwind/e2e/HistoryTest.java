package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.List;
import knollwind.core.scene.Scene;
import knollwind.core.scene.TextBlock;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Kept states, takes, and two windows on one project. */
class HistoryTest {
    private final Application application = Application.get();
    private final Workbench bench = application.demo();
    private final Page page = bench.page();

    @AfterEach
    void nothing_went_wrong_unseen() {
        page.close();
        // A save that another window overtook is refused, and said.
        assertThat(application.faults()).allMatch(fault -> fault.contains("409"));
    }

    private Locator states() {
        return page.locator(".keptStates > li");
    }

    private static String title(Workbench one) {
        return ((TextBlock) one.document().scenes().get(0).blocks().get(7)).text();
    }

    private List<String> scenes() {
        return bench.saved().document().scenes().stream().map(Scene::name).toList();
    }

    @Test
    void a_state_is_kept_looked_at_and_restored() {
        bench.open("");
        bench.at(70);
        page.locator("button[aria-label='Kept states']").click();
        page.getByLabel("Name of the state").fill("Before");
        page.getByText("Keep this state").click();
        assertThat(states()).hasCount(1);
        assertThat(states().locator("img")).isVisible();
        assertThat((Boolean) states().locator("img")
                        .evaluate("async image => { await image.decode(); return image.naturalWidth === 192; }"))
                .isTrue();
        states().getByLabel("Look at this state").click();
        assertThat(states().locator("canvas").first()).isVisible();
        page.keyboard().press("Escape");

        bench.words("title").fill("GONE");
        bench.saved();
        page.locator(".bar > b").click();
        page.locator("button[aria-label='Kept states']").click();
        page.locator("[data-state=Before]").getByText("restore").click();
        page.waitForSelector(".saveState:has-text('Restored')");
        bench.settled();
        assertThat(bench.words("title")).hasValue("LAST BOAT\nHOME");
        // What was there before it is kept too, and undo goes back as well.
        assertThat(states()).hasCount(2);
        page.keyboard().press("Escape");
        bench.undo();
        assertThat(bench.words("title")).hasValue("GONE");
        bench.saved();
        assertThat(title(bench)).isEqualTo("GONE");
    }

    @Test
    void a_scene_as_it_was_becomes_a_take_and_is_used() {
        bench.open("");
        page.locator("button[aria-label='Kept states']").click();
        page.getByText("Keep this state").click();
        assertThat(states()).hasCount(1);
        page.keyboard().press("Escape");
        bench.words("title").fill("LAST BOAT\nTONIGHT");
        bench.saved();
        page.locator(".bar > b").click();
        page.locator("button[aria-label='Kept states']").click();
        states().getByText("as a take").click();
        page.waitForSelector(".scenes button.on:has-text('Opening, take 2')");
        page.keyboard().press("Escape");
        bench.settled();
        assertThat(bench.words("title")).hasValue("LAST BOAT\nHOME");
        assertThat(scenes()).startsWith("Opening", "Opening, take 2");

        page.getByLabel("More for the scene Opening, take 2").click();
        page.getByText("use this take").click();
        bench.settled();
        assertThat(bench.words("title")).hasValue("LAST BOAT\nHOME");
        assertThat(page.locator(".scenes button.on")).hasText("Opening");
        bench.saved();
        assertThat(title(bench)).isEqualTo("LAST BOAT\nHOME");
    }

    @Test
    void a_second_window_learns_of_the_newer_state_and_keeps_its_own_as_a_take() {
        bench.open("");
        Workbench other = new Workbench(
                        application.chromium().page(page.context(), application.address()),
                        application.address(),
                        bench.project())
                .open("");
        bench.words("title").fill("FROM HERE");
        bench.saved();
        other.page().waitForSelector(".newerBar");
        other.page().getByText("Take the newer state").click();
        assertThat(other.words("title")).hasValue("FROM HERE");
        assertThat(other.page().locator(".newerBar")).hasCount(0);

        // The same words changed in both: the second does not fit, and neither is lost.
        bench.words("title").fill("");
        other.words("title").press("End");
        other.page().keyboard().type(" AND THERE");
        bench.saved();
        other.page().waitForSelector(".newerBar");
        other.page().getByText("Keep mine as a take").click();
        other.saved();
        List<Scene> scenes = other.document().scenes();
        assertThat(((TextBlock) scenes.get(0).blocks().get(7)).text()).isEmpty();
        assertThat(scenes.get(1).takeOf()).isEqualTo(scenes.get(0).id());
        assertThat(((TextBlock) scenes.get(1).blocks().get(7)).text()).contains("AND THERE");
    }
}
