package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.MouseButton;
import java.util.List;
import java.util.regex.Pattern;
import knollwind.core.scene.Block;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** What is done to blocks by key and by right click, alike on the page, in the picture and in the bar sheet. */
class BlocksTest {
    private static final Pattern CHOSEN = Pattern.compile(".*selected.*");

    private final Application application = Application.get();
    private final Workbench bench = application.demo();
    private final Page page = bench.page();

    @AfterEach
    void nothing_went_wrong_unseen() {
        page.close();
        // A refusal is answered with 422, which the browser logs by itself.
        assertThat(application.faults()).allMatch(fault -> fault.contains("status of 422"));
    }

    private List<String> blocks() {
        return bench.saved().document().scene("opening").blocks().stream()
                .map(Block::id)
                .toList();
    }

    private Block opening(String id) {
        return bench.saved().document().scene("opening").blocks().stream()
                .filter(block -> block.id().equals(id))
                .findFirst()
                .orElseThrow();
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
        // The copy is chosen now.
        assertThat(bench.block("lamp-line")).not().hasClass(CHOSEN);
        bench.select("lamp-line");
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
        assertThat(bench.block("sea")).hasClass(CHOSEN);
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

    private List<Block> end() {
        return bench.saved().document().scene("end-card").blocks();
    }

    /** Two keys, a scene chosen, one key. */
    @Test
    void blocks_go_into_another_scene_through_the_clipboard() {
        bench.open("scene=opening").select("title");
        bench.block("title").locator("article").focus();
        page.keyboard().press("Control+c");
        int count = end().size();
        page.locator(".scenes").getByText("End card").click();
        page.keyboard().press("Control+v");
        page.waitForFunction("wanted => document.querySelectorAll('.block').length === wanted", count + 1);
        Block copy = end().get(count);
        assertThat(copy.asWords().orElseThrow().text())
                .isEqualTo(opening("title").asWords().orElseThrow().text());
        assertThat(copy.span().hangs()).isFalse();
        assertThat(bench.block(copy.id())).hasClass(CHOSEN);
        bench.block(copy.id()).locator("article").focus();
        page.keyboard().press("Control+x");
        assertThat(bench.block(copy.id())).hasCount(0);
        page.context().grantPermissions(List.of("clipboard-read"));
        menu(page.locator(".overlay"), "Paste");
        page.waitForFunction("wanted => document.querySelectorAll('.block').length === wanted", count + 1);
        assertThat(end()).hasSize(count + 1);
    }

    @Test
    void words_from_elsewhere_are_pasted_as_a_block_and_nothing_is_said_clearly() {
        bench.open("scene=end-card").at(12);
        int count = end().size();
        bench.paste("All aboard\r\nthe last boat");
        page.waitForFunction("wanted => document.querySelectorAll('.block').length === wanted", count + 1);
        Block words = end().get(count);
        assertThat(words.asWords().orElseThrow().text()).isEqualTo("All aboard\nthe last boat");
        assertThat(words.name()).isEqualTo("All aboard the last boat");
        assertThat(words.span().start().value()).isEqualTo(12);
        bench.paste("{\"documentVersion\":3,\"scenes\":");
        assertThat(page.locator(".saveState")).containsText("What was copied cannot be read as blocks");
        bench.paste("");
        assertThat(page.locator(".saveState")).containsText("Nothing has been copied");
        assertThat(end()).hasSize(count + 1);
    }

    @Test
    void blocks_are_renamed_where_they_stand() {
        bench.open("scene=opening").select("lamp-line");
        bench.block("lamp-line").locator("article").focus();
        page.keyboard().press("F2");
        page.keyboard().type("Lamp over the quay");
        page.keyboard().press("Enter");
        assertThat(bench.block("lamp-line").locator(".shapeName")).hasText("Lamp over the quay");
        Locator row = page.locator("[data-row='sea']");
        row.dblclick();
        page.keyboard().type("x".repeat(300));
        page.keyboard().press("Enter");
        assertThat(row).hasText("x".repeat(200));
        row.dblclick();
        page.keyboard().press("Delete");
        page.keyboard().press("Enter");
        assertThat(row).hasText("x".repeat(200));
        assertThat(opening("lamp-line").name()).isEqualTo("Lamp over the quay");
    }

    /** One drag. */
    @Test
    void a_block_is_dragged_before_or_behind_another_on_the_page() {
        bench.open("scene=opening");
        List<String> before = blocks();
        List<String> shapes = bench.document().scene("opening").blocks().stream()
                .filter(block -> block.asShape().isPresent())
                .map(Block::id)
                .toList();
        String first = shapes.get(1);
        String second = shapes.get(2);
        dragged(first, second, 0.9);
        assertThat(blocks().indexOf(first)).isEqualTo(blocks().indexOf(second) + 1);
        dragged(first, second, 0.1);
        assertThat(blocks().indexOf(first)).isEqualTo(blocks().indexOf(second) - 1);
        assertThat(blocks()).hasSameElementsAs(before);
    }

    private void dragged(String block, String onto, double down) {
        Locator target = bench.block(onto);
        bench.block(block)
                .locator(".margin")
                .dragTo(target, new Locator.DragToOptions().setTargetPosition(40, down * target.boundingBox().height));
        bench.settled();
    }

    @Test
    void a_locked_block_is_neither_moved_nor_deleted_until_it_is_let_go() {
        bench.open("scene=opening").at(90).select("title");
        bench.block("title").locator("article").focus();
        page.keyboard().press("Shift+L");
        Block before = opening("title");
        assertThat(before.locked()).isTrue();
        page.keyboard().press("Delete");
        page.locator(".overlay").focus();
        page.keyboard().press("ArrowRight");
        bench.settled();
        assertThat(opening("title")).isEqualTo(before);
        page.mouse().click(8, 8);
        page.locator(".overlay").click();
        assertThat(bench.block("title")).not().hasClass(CHOSEN);
        bench.select("title");
        bench.block("title").getByText("unlock").click();
        assertThat(opening("title").locked()).isNull();
        page.locator(".overlay").click();
        assertThat(bench.block("title")).hasClass(CHOSEN);
    }

    @Test
    void blocks_are_looked_at_alone() {
        bench.open("scene=opening").at(90).select("title");
        Shot all = bench.shot();
        bench.block("title").locator("article").focus();
        page.keyboard().press("Shift+A");
        assertThat(page.locator(".onlyThese")).hasText("One block alone · show all");
        assertThat(bench.shot().from(all).most()).isGreaterThan(60);
        page.locator(".onlyThese").click();
        assertThat(bench.shot().from(all).most()).isZero();
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
        page.keyboard().press("Escape");
        Locator row = page.locator("[data-row='" + now.get(count).id() + "']");
        assertThat(row).containsText("See you on the deck");
        // One step takes back the words with the name that they gave.
        bench.settled().undo();
        assertThat(row).containsText("Words 1");
        assertThat(bench.words(now.get(count).id())).hasValue("");
    }
}
