package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.List;
import knollwind.core.scene.Block;
import knollwind.core.scene.Scene;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** How many actions everyday jobs take: clicks, drags, and groups of keys that are pressed without one between. */
class ActionsTest {
    private final Application application = Application.get();
    private final Workbench bench = application.demo();
    private final Page page = bench.page();

    private int actions;
    private boolean keys;

    @AfterEach
    void nothing_went_wrong_unseen() {
        page.close();
        assertThat(application.faults()).isEmpty();
    }

    private void click(Locator on) {
        actions++;
        keys = false;
        on.click();
    }

    private void press(String... pressed) {
        group();
        for (String key : pressed) {
            page.keyboard().press(key);
        }
    }

    private void type(String text) {
        group();
        page.keyboard().type(text);
    }

    private void group() {
        actions += keys ? 0 : 1;
        keys = true;
    }

    private int taken() {
        int all = actions;
        actions = 0;
        keys = false;
        return all;
    }

    private Scene scene(String id) {
        return bench.saved().document().scene(id);
    }

    private Locator text(String text) {
        return page.getByText(text, new Page.GetByTextOptions().setExact(true));
    }

    @Test
    void a_ticker_of_four_lines_with_a_bar_takes_ten() {
        ticker(List.of("High water 22:40", "Low water 04:55", "Pier two closed", "Last boat at eleven"), 44, 240);
        ticker(List.of("Fog at the sound", "Tea on deck", "Mind the gangway", "Grey Seal sails at six"), 60, 320);
    }

    private void ticker(List<String> items, int size, int speed) {
        bench.open("scene=note");
        click(text("Add words"));
        page.waitForFunction("() => document.activeElement.matches('textarea.words')");
        type(String.join("\n", items));
        press("Tab");
        click(page.locator(".block.selected .quietDirection")
                .getByLabel("Type this direction")
                .first());
        page.getByLabel("Type the setting").waitFor();
        press("Control+a");
        type("at " + size + " px, placed by the bottom at 92 % down, crawling left at " + speed
                + " px a second, again after 120 px, already running");
        press("Enter");
        assertThat(page.locator(".block.selected .part[data-part=crawl]").first())
                .containsText("crawling left");
        click(text("Add a shape"));
        click(bench.offered().filter(new Locator.FilterOptions().setHasText("a plate behind the chosen words")));
        assertThat(page.locator(".block.selected .part[data-part=behind]").first())
                .isVisible();
        Scene note = scene("note");
        Block words = note.blocks().get(note.blocks().size() - 2);
        Block bar = note.blocks().get(note.blocks().size() - 1);
        assertThat(List.of(words, bar))
                .anySatisfy(one -> assertThat(one.place().crawl()).isNotNull());
        assertThat(List.of(words, bar))
                .anySatisfy(one -> assertThat(one.asPlate()).isPresent());
        assertThat(taken()).isLessThanOrEqualTo(10);
    }

    @Test
    void restacking_renaming_and_copying_into_another_scene_take_two_each() {
        manage("opening", "title", "Headline", "stops");
        manage("skipper", "name", "Her name", "announcement");
    }

    private void manage(String in, String block, String name, String next) {
        bench.open("scene=" + in);
        Locator row = page.locator("[data-row='" + block + "']").first();
        click(row);
        press("Shift+PageDown");
        bench.settled();
        assertThat(scene(in).blocks().get(0).id()).isEqualTo(block);
        assertThat(taken()).isLessThanOrEqualTo(2);
        click(row);
        press("F2");
        type(name);
        press("Enter");
        assertThat(page.locator("[data-row='" + block + "']").first()).containsText(name);
        assertThat(taken()).isLessThanOrEqualTo(2);
        bench.saved();
        click(row);
        int before = scene(next).blocks().size();
        press("Control+c", "Alt+PageDown");
        assertThat(page.locator(".scenes .on")).hasText(scene(next).name());
        bench.settled();
        press("Control+v");
        page.waitForFunction("count => document.querySelectorAll('.page .block').length > count", before);
        assertThat(scene(next).blocks())
                .hasSize(before + 1)
                .anyMatch(one -> one.name().startsWith(name));
        assertThat(taken()).isLessThanOrEqualTo(2);
    }

    @Test
    void a_film_without_its_ground_takes_three_and_a_length_two() {
        bench.open("scene=skipper");
        click(page.locator(".behind .part[data-part=lasts]"));
        Locator length = page.locator(".drawer input").first();
        actions++;
        length.fill("48s");
        length.press("Enter");
        assertThat(page.locator(".behind .part[data-part=lasts]")).containsText("1152 frames");
        assertThat(scene("skipper").length()).isEqualTo(1152);
        assertThat(taken()).isLessThanOrEqualTo(2);
        click(text("Export"));
        click(page.getByText("Leave the background out"));
        assertThat(page.locator(".kinds label.ant-checkbox-wrapper-checked").first())
                .containsText("WebM");
        assertThat(text("Make it")).isEnabled();
    }
}
