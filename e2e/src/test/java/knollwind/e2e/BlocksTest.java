package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.MouseButton;
import java.util.List;
import knollwind.core.scene.Block;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** What is done to blocks by key and by right click, alike on the page, in the picture and in the bar sheet. */
class BlocksTest {
    private final Application application = Application.get();
    private final Workbench bench = application.demo();
    private final Page page = bench.page();

    @AfterEach
    void nothing_went_wrong_unseen() {
        page.close();
        assertThat(application.faults()).isEmpty();
    }

    private List<String> blocks() {
        return bench.saved().document().scene("opening").blocks().stream()
                .map(Block::id)
                .toList();
    }

    private void menu(Locator on, String item) {
        on.click(new Locator.ClickOptions().setButton(MouseButton.RIGHT));
        bench.offered()
                .filter(new Locator.FilterOptions().setHasText(item))
                .first()
                .click();
    }

    @Test
    void blocks_are_doubled_laid_behind_others_hidden_and_deleted_by_key() {
        bench.open("scene=opening").select("lamp-line");
        List<String> before = blocks();
        bench.block("lamp-line").locator("article").focus();
        page.keyboard().press("PageDown");
        bench.settled();
        int was = before.indexOf("lamp-line");
        assertThat(blocks().indexOf("lamp-line")).isEqualTo(was - 1);
        page.keyboard().press("Shift+PageUp");
        bench.settled();
        assertThat(blocks()).endsWith("lamp-line");
        page.keyboard().press("Shift+H");
        assertThat(bench.block("lamp-line")).containsText("show");
        page.keyboard().press("Control+d");
        page.waitForFunction("wanted => document.querySelectorAll('.block').length === wanted", before.size() + 1);
        bench.block("lamp-line").locator("article").focus();
        page.keyboard().press("Delete");
        assertThat(bench.block("lamp-line")).hasCount(0);
        assertThat(blocks()).hasSameSizeAs(before).doesNotContain("lamp-line");
        for (int i = 0; i < 5; i++) {
            bench.undo().saved();
        }
        assertThat(blocks()).isEqualTo(before);
    }

    @Test
    void several_blocks_go_at_once_and_where_something_is_typed_none() {
        bench.open("scene=opening").select("title");
        Locator words = bench.words("title");
        words.focus();
        words.press("End");
        page.keyboard().press("Control+a");
        page.keyboard().type("FERRY x");
        page.keyboard().press("Delete");
        page.keyboard().press("PageDown");
        assertThat(words).hasValue("FERRY x");
        List<String> before = blocks();
        assertThat(before).hasSize(8);
        // Nor from a button, which has the focus by accident.
        page.getByLabel("Kept states").focus();
        page.keyboard().press("Delete");
        words.press("Escape");
        bench.block("title").locator("article").focus();
        page.keyboard().press("Control+a");
        page.keyboard().press("Delete");
        page.waitForFunction("() => document.querySelectorAll('.block').length === 0");
        assertThat(blocks()).isEmpty();
        bench.undo();
        page.waitForFunction("() => document.querySelectorAll('.block').length === 8");
        assertThat(blocks()).isEqualTo(before);
    }

    @Test
    void a_right_click_offers_the_same_on_the_page_in_the_sheet_and_in_the_picture() {
        bench.open("scene=opening").at(90);
        List<String> before = blocks();
        menu(bench.grip("sea", "body"), "Behind all others");
        assertThat(bench.block("sea")).hasClass(java.util.regex.Pattern.compile(".*selected.*"));
        bench.settled();
        assertThat(blocks()).startsWith("sea");
        menu(page.locator(".overlay"), "Delete");
        assertThat(bench.block("title")).hasCount(0);
        assertThat(blocks()).hasSize(before.size() - 1).doesNotContain("title");
        bench.undo();
        menu(bench.block("title").locator(".margin"), "Duplicate");
        page.waitForFunction("wanted => document.querySelectorAll('.block').length === wanted", before.size() + 1);
        assertThat(blocks()).hasSize(before.size() + 1).containsAll(before);
    }

    @Test
    void new_words_take_the_caret() {
        bench.open("scene=end-card");
        int count = bench.document().scene("end-card").blocks().size();
        page.getByText("Add words").click();
        page.waitForFunction("() => document.activeElement?.matches('textarea.words')");
        page.keyboard().type("See you on the deck");
        List<Block> now = bench.saved().document().scene("end-card").blocks();
        assertThat(now).hasSize(count + 1);
        assertThat(now.get(count).asWords().orElseThrow().text()).isEqualTo("See you on the deck");
    }
}
