package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.IntStream;
import knollwind.core.scene.Block;
import knollwind.core.scene.Scene;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** How many actions everyday jobs with blocks take. */
class ActionsTest extends CountedActions {
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
    void a_film_in_letters_with_a_transparent_ground_takes_six(@TempDir Path folder) throws Exception {
        film("skipper", "name");
        assertThat(taken()).isLessThanOrEqualTo(6);
        asPainted("skipper", folder);
        page.keyboard().press("Escape");
        film("end-card", "when");
        assertThat(taken()).isLessThanOrEqualTo(6);
    }

    /** The letters are the window, and are not seen themselves; all else is left out. */
    @Test
    void a_film_that_is_seen_through_letters_is_exported_with_their_alpha(@TempDir Path folder) throws Exception {
        bench.made("scenes/skipper/blocks/name/hidden", true);
        bench.open("scene=skipper");
        click(page.locator("[data-row='plate']").first());
        click(page.locator(".block.selected .part[data-part=colour]").first());
        page.locator(".block.selected .drawer")
                .getByLabel("Picture file")
                .setInputFiles(Path.of("..", "demo", "pictures", "lamp-on-water.mp4"));
        assertThat(page.locator(".block.selected")).containsText("the film \u201clamp-on-water.mp4\u201d");
        page.locator(".block.selected .direction")
                .filter(new Locator.FilterOptions().setHasText("Dressed"))
                .getByLabel("Type this direction")
                .click();
        page.getByLabel("Type what it is dressed with").fill("matted by the shape of \u201c" + name() + "\u201d");
        press("Enter");
        assertThat(page.locator(".block.selected")).containsText("matted by the shape of");
        bench.saved();
        exported();
        asPainted("skipper", folder);
    }

    private String name() {
        return scene("skipper").blocks().stream()
                .filter(block -> block.id().equals("name"))
                .findFirst()
                .orElseThrow()
                .name();
    }

    /** The file has the alpha of the letters and the colours of the film in them. */
    private void asPainted(String scene, Path folder) throws Exception {
        Locator made = page.locator(".queue li")
                .filter(new Locator.FilterOptions().setHasText("webm"))
                .first()
                .locator("a[download]");
        made.waitFor(new Locator.WaitForOptions().setTimeout(145_000));
        Path file = folder.resolve("seen.webm");
        page.waitForDownload(made::click).saveAs(file);
        Shot painted = Shot.painted(Shot.score(bench.document(), scene), 60, 1920, 1080, true);
        Shot seen = Shot.ofFilm(file, 60, 1920, 1080);
        assertThat(seen.from(painted).mean()).isLessThan(1);
        assertThat(seen.alpha(0.95, 0.05)).isZero();
        assertThat(IntStream.range(0, 1920 * 1080)
                        .filter(i -> seen.rgba()[4 * i + 3] == -1)
                        .count())
                .isGreaterThan(10_000);
    }

    private void film(String in, String block) {
        bench.open("scene=" + in);
        click(page.locator("[data-row='" + block + "']").first());
        click(page.locator(".block.selected .part[data-part=colour]").first());
        actions++;
        page.locator(".block.selected .drawer")
                .getByLabel("Picture file")
                .setInputFiles(Path.of("..", "demo", "pictures", "lamp-on-water.mp4"));
        assertThat(page.locator(".block.selected")).containsText("the film \u201clamp-on-water.mp4\u201d");
        bench.saved();
        exported();
    }

    private void exported() {
        click(text("Export"));
        click(page.getByText("Leave the background out"));
        assertThat(page.locator(".kinds label.ant-checkbox-wrapper-checked").first())
                .containsText("WebM");
        click(text("Make it"));
        assertThat(page.locator(".queue li")
                        .filter(new Locator.FilterOptions().setHasText("webm"))
                        .first())
                .isVisible();
    }
}
