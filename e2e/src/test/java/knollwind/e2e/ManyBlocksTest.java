package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** A scene of more blocks than can be seen at once. */
class ManyBlocksTest {
    private static final int BLOCKS = 50;

    private final Application application = Application.get();
    private final Workbench bench = application.demo();
    private final Page page = bench.page();

    @AfterEach
    void nothing_went_wrong_unseen() {
        page.close();
        assertThat(application.faults()).isEmpty();
    }

    @Test
    void what_is_out_of_sight_stands_as_its_words_and_is_drawn_when_it_is_reached() {
        bench.open("scene=skipper");
        page.getByLabel("A new scene").click();
        assertThat(page.locator(".page .block")).hasCount(0);
        bench.paste(
                IntStream.rangeClosed(1, BLOCKS).mapToObj(i -> "Lantern " + i).collect(Collectors.joining("\n\n")));
        assertThat(page.locator(".page .awayCard").first()).isAttached();
        int cards = page.locator(".page .block").count();
        int ribbons = page.locator("[data-ribbon]").count();
        assertThat(cards).isLessThan(BLOCKS / 2);
        page.waitForFunction(
                "all => document.querySelectorAll('.page .block, .page .awayCard').length === all", BLOCKS);
        assertThat(ribbons).isLessThan(BLOCKS / 2);
        assertThat(page.locator(".page .awayCard").last()).hasText("Lantern " + BLOCKS);

        // Scrolled to, found by its words, and reached by its row.
        page.locator(".page").evaluate("page => { page.scrollTop = page.scrollHeight; }");
        assertThat(page.locator(".page .block textarea").last()).hasValue("Lantern " + BLOCKS);
        page.keyboard().press("Control+f");
        page.getByLabel("Find", new Page.GetByLabelOptions().setExact(true)).fill("Lantern 7");
        page.keyboard().press("Enter");
        assertThat(page.locator(".block.selected textarea")).hasValue("Lantern 7");
        assertThat(page.locator(".block.selected")).isInViewport();
        page.keyboard().press("Escape");
        page.locator(".sheetScroll").evaluate("sheet => { sheet.scrollTop = sheet.scrollHeight; }");
        page.locator(".barSheet .name:text-is('Lantern " + BLOCKS + "')").click();
        assertThat(page.locator(".block.selected textarea")).hasValue("Lantern " + BLOCKS);
    }
}
