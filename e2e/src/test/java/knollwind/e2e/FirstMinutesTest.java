package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** What somebody meets who is here for the first time: beginnings to be typed over, the demo, and a walk through it. */
class FirstMinutesTest {
    private final Application application = Application.get();
    private final Workbench bench = application.demo();
    private final Page page = bench.page();

    @AfterEach
    void nothing_went_wrong_unseen() {
        page.close();
        assertThat(application.faults()).isEmpty();
    }

    private Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private String focused() {
        return page.evaluate("() => document.activeElement.value ?? ''").toString();
    }

    @Test
    void a_project_begins_with_a_lower_third_and_the_next_scene_with_a_roll() {
        page.navigate(application.address() + "/");
        page.getByLabel("Name of the new project").fill("Harbour names");
        button("a lower third").click();
        page.waitForSelector(".page .sentence");
        assertThat(page.locator("textarea.words")).hasCount(2);
        assertThat(page.locator(".block")).hasCount(3);
        // Once something is there, nothing else is offered to begin with.
        assertThat(button("a title")).hasCount(0);
        button("A new scene").click();
        page.waitForFunction("() => document.querySelectorAll('.block').length === 0");
        button("a credits roll").click();
        assertThat(page.locator(".page")).containsText("rolling up");
        assertThat(page.locator(".behind")).containsText("It lasts 336 frames");
        page.waitForFunction("() => document.activeElement.matches('textarea.words')");
        assertThat(focused()).startsWith("Written by");
        page.keyboard().type("Rowed by a friend");
        bench.settled();
        page.waitForSelector(".saveState.saved");
        assertThat(page.locator("textarea.words")).hasValue("Rowed by a friend");
    }

    @Test
    void the_demo_is_walked_through_in_five_steps_that_can_be_left() {
        page.navigate(application.address() + "/");
        button("look at the demo").click();
        Locator walk =
                page.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("A walk through the workbench"));
        for (String title : List.of("The page", "Sentences are the controls", "The picture", "The bar sheet")) {
            assertThat(walk.locator("b")).hasText(title);
            assertThat(page.locator(".tourLine")).isVisible();
            page.keyboard().press("Enter");
        }
        assertThat(walk).containsText("5 of 5");
        button("Back").click();
        assertThat(walk).containsText("4 of 5");
        page.keyboard().press("Escape");
        assertThat(walk).hasCount(0);
        assertThat(page).not().hasURL(Pattern.compile("walk="));
        // It covers nothing: the workbench goes on being used.
        page.navigate(page.url() + (page.url().contains("?") ? "&" : "?") + "walk=1");
        page.waitForSelector(".page .sentence");
        page.locator("textarea.words").first().click();
        assertThat(walk).containsText("1 of 5");
    }

    @Test
    void a_demo_that_was_deleted_is_brought_back() {
        page.request().delete(application.address() + "/api/projects/ternholm-night-ferry");
        page.navigate(application.address() + "/");
        button("look at the demo").click();
        page.waitForSelector(".page .sentence");
        assertThat(page).hasURL(Pattern.compile("/projects/ternholm-night-ferry"));
    }
}
