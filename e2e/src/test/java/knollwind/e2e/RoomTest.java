package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** How the workbench shares its room, and how a project is called and found. */
class RoomTest {
    private final Application application = Application.get();
    private final Workbench bench = application.demo();
    private final Page page = bench.page();

    @AfterEach
    void nothing_went_wrong_unseen() {
        page.close();
        assertThat(application.faults()).isEmpty();
    }

    private Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    @Test
    void page_picture_and_bar_sheet_are_made_larger_by_their_edges_and_folded_by_keys() {
        bench.open("scene=note");
        Locator edge = page.getByLabel("Width of the page");
        double before = page.locator(".page").boundingBox().width;
        bench.drag(edge, 80, 0);
        assertThat(page.locator(".page").boundingBox().width - before).isBetween(70.0, 90.0);
        edge.focus();
        page.keyboard().press("ArrowLeft");
        page.locator(".bar > b").click();
        page.keyboard().press("b");
        assertThat(page.locator(".barSheet")).hasCount(0);
        page.keyboard().press("v");
        assertThat(page.locator(".frame canvas")).hasCount(0);
        assertThat(page.locator(".page").boundingBox().width).isGreaterThan(1000);
        // Both cannot be away: the picture comes back.
        page.keyboard().press("p");
        assertThat(page.locator(".page")).hasCount(0);
        assertThat(page.locator(".frame canvas")).isVisible();
        page.reload();
        assertThat(button("Show the page (P)")).isVisible();
        button("Show the page (P)").click();
        button("Show the bar sheet (B)").click();
        assertThat(page.locator(".barSheet")).isVisible();
        assertThat(page.locator(".page").boundingBox().width - before).isBetween(46.0, 66.0);
        edge.dblclick();
        assertThat(page.locator(".page").boundingBox().width).isEqualTo(before);
    }

    @Test
    void the_picture_stands_in_a_window_of_its_own_and_shows_what_is_seen_here() {
        bench.open("scene=skipper").select("name").at(70);
        Page second = page.waitForPopup(
                () -> button("The picture in a window of its own").click());
        second.waitForSelector("canvas[data-shown='70']");
        second.waitForTimeout(500);
        Shot before = Shot.png(second.locator("canvas").screenshot());
        bench.words("name").fill("Mairi Quill of the Grey Seal");
        page.locator(".bar > b").click();
        bench.at(71);
        second.waitForSelector("canvas[data-shown='71']");
        second.waitForTimeout(500);
        assertThat(Shot.png(second.locator("canvas").screenshot()).from(before).most())
                .isGreaterThan(60);
        page.locator(".formats button")
                .filter(new Locator.FilterOptions().setHasText("1:1"))
                .click();
        second.waitForFunction(
                "() => document.querySelector('canvas').width === document.querySelector('canvas').height");
        page.navigate("about:blank");
        assertThat(second.getByText("was closed")).isVisible();
        second.close();
    }

    @Test
    void a_project_is_renamed_in_place_and_found_by_its_name() {
        bench.open("scene=note");
        page.locator(".bar > b").dblclick();
        Locator name = page.getByLabel("Name of the project");
        name.fill("Gulls at dusk 7");
        name.press("Enter");
        assertThat(page.locator(".bar > b")).hasText("Gulls at dusk 7");
        assertThat(bench.saved().document().name()).isEqualTo("Gulls at dusk 7");
        page.locator(".bar > b").focus();
        page.keyboard().press("Enter");
        page.keyboard().press("Escape");
        page.getByLabel("Projects").click();
        // All of them stand there first.
        assertThat(page.locator(".card").nth(1)).isVisible();
        page.getByLabel("Find a project").fill("dusk gulls");
        assertThat(page.getByLabel("Find a project")).hasValue("dusk gulls");
        assertThat(page.locator(".card")).hasCount(1);
        page.getByLabel("Find a project").fill("no such thing");
        assertThat(page.getByText("No project is called that, and none of their scenes."))
                .isVisible();
        page.getByLabel("Find a project").fill("");
        page.getByText("by name", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page.locator(".card b").first()).not().isEmpty();
    }
}
