package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Page;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Each view can be used without seeing it, and read by those who see little: checked by the rules of WCAG 2, levels A and AA. */
class AccessTest {
    private static final List<String> RULES = List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa");

    private final Application application = Application.get();
    private final Workbench bench = application.demo();
    private final Page page = bench.page();

    @AfterEach
    void nothing_went_wrong_unseen() {
        page.close();
        assertThat(application.faults()).isEmpty();
    }

    private void check(String view) {
        List<String> found = new AxeBuilder(page)
                .withTags(RULES).analyze().getViolations().stream()
                        .map(AccessTest::say)
                        .toList();
        assertThat(found).as(view).isEmpty();
    }

    private static String say(Rule rule) {
        return rule.getId() + " (" + rule.getHelp() + "): "
                + rule.getNodes().stream()
                        .limit(6)
                        .map(node -> node.getTarget() + " " + node.getHtml())
                        .collect(Collectors.joining("; "));
    }

    @Test
    void the_projects() {
        page.navigate(application.address());
        page.waitForSelector(".card");
        check("the projects");
    }

    @Test
    void the_page_the_picture_and_the_bar_sheet() {
        bench.open("scene=skipper").select("name").at(40);
        check("the workbench");
        bench.parts("name").first().click();
        page.waitForSelector(".drawer");
        check("with a drawer");
        page.keyboard().press("Escape");
        page.locator(".pageTools").getByText("ledger").click();
        page.waitForSelector(".ledger table");
        check("the ledger");
    }

    @Test
    void the_library_the_exports_and_the_states() {
        bench.open("scene=opening").select("title");
        page.getByText("Export", new Page.GetByTextOptions().setExact(true)).click();
        page.waitForSelector(".exports .kinds .ant-checkbox-wrapper");
        check("the exports");
        page.keyboard().press("Escape");
        assertThat(page.locator(".exports")).isHidden();
        page.locator("button[aria-label='Kept states']").click();
        page.getByText("Keep this state").waitFor();
        check("the states");
        page.keyboard().press("Escape");
        bench.block("title").getByLabel("Add a move to arrive").click();
        page.waitForSelector(".moveCard canvas");
        check("the library");
    }
}
