package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.List;
import knollwind.core.scene.Move;
import knollwind.core.scene.Project;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Many blocks at once: the ledger, find and replace, shared moves, the last change again. */
class LedgerTest {
    private final Application application = Application.get();
    private final Workbench bench = application.demo().open("scene=stops");
    private final Page page = bench.page();

    @AfterEach
    void nothing_went_wrong_unseen() {
        page.close();
        // A refusal is answered with 422, which the browser logs by itself.
        assertThat(application.faults()).allMatch(fault -> fault.contains("status of 422"));
    }

    private Move arrive(String block) {
        Project project = bench.saved().document();
        return project.scene("stops").blocks().stream()
                .filter(one -> one.id().equals(block))
                .findFirst()
                .orElseThrow()
                .arrive()
                .moves()
                .get(0);
    }

    private Locator cell(String row, String column) {
        return page.locator("[data-row='" + row + "'] [data-cell='" + column + "']");
    }

    @Test
    void numbers_of_many_blocks_are_added_to_multiplied_and_filled_down() {
        page.locator(".pageTools").getByText("ledger").click();
        double each = arrive("piers").pace().each();
        cell("head", "arrive each").click();
        cell("times", "arrive each")
                .click(new Locator.ClickOptions()
                        .setModifiers(List.of(com.microsoft.playwright.options.KeyboardModifier.SHIFT)));
        assertThat(page.locator(".ledger header")).containsText("in: each of 3 blocks: 10\u201326 fr");
        page.getByLabel("New value").fill("+2");
        page.keyboard().press("Enter");
        assertThat(cell("piers", "arrive each")).hasText("28");
        assertThat(arrive("piers").pace().each()).isEqualTo(each + 2);
        assertThat(arrive("times").pace().each()).isEqualTo(12);
        page.getByLabel("New value").fill("\u00d71.5");
        page.keyboard().press("Enter");
        assertThat(cell("times", "arrive each")).hasText("18");
        page.locator(".ledger").getByText("fill down").click();
        assertThat(cell("times", "arrive each")).hasText("42");
        page.getByLabel("New value").fill("many");
        page.keyboard().press("Enter");
        assertThat(page.locator(".ledger .problem")).containsText("Type a number");
        bench.undo().undo().undo();
        assertThat(cell("times", "arrive each")).hasText("10");
        page.locator(".closeLedger").click();
        assertThat(bench.block("piers")).isVisible();
    }

    @Test
    void words_in_directions_are_replaced_everywhere_or_nowhere() {
        page.locator(".pageTools").getByText("ledger").click();
        page.getByLabel("Find in directions").fill("in reading order");
        page.getByLabel("Replace by").fill("in reverse");
        assertThat(page.locator(".findReplace [role=status]")).containsText("directions");
        page.locator(".findReplace")
                .getByText("replace", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(page.locator(".findReplace [role=status]")).containsText("Replaced in");
        assertThat(arrive("piers").order().kind().name()).isEqualTo("REVERSE");
        assertThat(arrive("times").order().kind().name()).isEqualTo("REVERSE");
        page.getByLabel("Find in directions").fill("in reverse");
        page.getByLabel("Replace by").fill("sideways");
        page.locator(".findReplace")
                .getByText("replace", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(page.locator(".findReplace [role=status]")).containsText("Nothing was replaced");
        assertThat(page.locator(".findReplace [role=status]")).containsText("cannot be read");
        assertThat(arrive("piers").order().kind().name()).isEqualTo("REVERSE");
    }

    @Test
    void a_shared_move_is_changed_once_and_detached() {
        bench.select("piers");
        Locator arrive = bench.block("piers").locator("[data-phase=arrive]");
        arrive.getByLabel("More for this move").first().click();
        bench.offered()
                .getByText("share", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(bench.sentence("piers", "arrive")).containsText("shared as \u201cPiers 1\u201d");
        bench.select("times");
        Locator times = bench.block("times").locator("[data-phase=arrive]");
        times.getByLabel("Add a shared move to arrive").click();
        bench.offered().getByText("Piers 1").click();
        assertThat(times.locator(".sentence").filter(new Locator.FilterOptions().setHasText("shared as")))
                .hasCount(1);
        Locator easing = times.locator(".part[data-part=easing]").nth(1);
        easing.focus();
        easing.press("ArrowDown");
        String changed = bench.saved().document().scene("stops").blocks().stream()
                .filter(one -> one.id().equals("times"))
                .findFirst()
                .orElseThrow()
                .arrive()
                .moves()
                .get(1)
                .easing();
        assertThat(arrive("piers").easing()).isEqualTo(changed);
        times.getByLabel("More for this move").nth(1).click();
        page.getByText("detach from \u201cPiers 1\u201d").click();
        easing.focus();
        easing.press("ArrowDown");
        bench.saved();
        assertThat(arrive("piers").easing()).isEqualTo(changed);
    }

    @Test
    void the_last_change_is_made_again_on_another_block() {
        bench.select("piers");
        Locator pace = bench.part("piers", "arrive", "pace");
        pace.focus();
        pace.press("ArrowUp");
        double each = arrive("piers").pace().each();
        bench.select("times");
        page.locator(".bar > b").click();
        page.keyboard().press("g");
        assertThat(bench.sentence("times", "arrive")).containsText((int) each + " frames each");
        assertThat(arrive("times").pace().each()).isEqualTo(each);
    }
}
