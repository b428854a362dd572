package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.regex.Pattern;
import knollwind.core.scene.Scene;
import knollwind.core.scene.TextBlock;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** A scene's own time: how long it lasts, its beats, a stretch of it; and that a reload comes back to where one was. */
class LengthTest {
    private final Application application = Application.get();
    private final Workbench bench = application.demo();
    private final Page page = bench.page();

    @AfterEach
    void nothing_went_wrong_unseen() {
        page.close();
        assertThat(application.faults()).isEmpty();
    }

    private Scene note() {
        return bench.saved().document().scene("note");
    }

    private String words() {
        return note().blocks().stream()
                .filter(TextBlock.class::isInstance)
                .findFirst()
                .orElseThrow()
                .id();
    }

    private double start(String block) {
        return note().blocks().stream()
                .filter(one -> one.id().equals(block))
                .findFirst()
                .orElseThrow()
                .span()
                .start()
                .value();
    }

    @Test
    void what_runs_over_the_end_lengthens_its_scene() {
        bench.open("scene=note");
        page.locator(".behind .part[data-part='lasts']").click();
        Locator length = page.locator(".drawer").getByLabel("length");
        length.fill("2 s");
        length.press("Enter");
        page.getByText(Pattern.compile("blocks? runs? over the end: lengthen the scene to 120 frames"))
                .click();
        assertThat(page.locator(".behind")).containsText("It lasts 120 frames");
        assertThat(page.locator(".sheetTools")).not().containsText("over the end");
        length.fill("3 s");
        length.press("Enter");
        assertThat(page.locator(".behind")).containsText("It lasts 72 frames");
        bench.choose("ends with", "its last block, 120 frames");
        assertThat(page.locator(".behind")).containsText("It lasts 120 frames, as long as its last block");
        // From now on it follows, and is undone along with what it followed.
        String last = bench.saved().document().scene("note").blocks().stream()
                .filter(block -> block.span().end().value() == 120)
                .findFirst()
                .orElseThrow()
                .id();
        page.locator("[data-row='" + last + "']").click();
        bench.grip(last, "end").focus();
        page.keyboard().press("Shift+ArrowRight");
        assertThat(page.locator(".behind")).containsText("It lasts 130 frames");
        bench.undo();
        assertThat(page.locator(".behind")).containsText("It lasts 120 frames");
        assertThat(bench.saved().document().scene("note").length()).isEqualTo(120);
        // The sheet can show what comes after the end.
        double wide = bench.pixelsPerFrame();
        page.getByLabel("Zoom out").click();
        page.waitForFunction(
                "before => document.querySelector('.sceneEnd').getAttribute('x1') / 120 < before * 0.8", wide);
    }

    @Test
    void a_tempo_is_tapped_and_blocks_go_onto_its_beats() {
        bench.open("scene=note");
        page.locator(".behind .part[data-part='tempo']").click();
        page.locator(".drawer").getByTitle("beats").click();
        Locator taps = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Tap the beats"));
        for (int i = 0; i < 5; i++) {
            taps.dispatchEvent("pointerdown");
            page.waitForTimeout(400);
        }
        assertThat(page.locator(".drawer")).containsText("from 5 taps");
        double tapped = note().beats().perMinute();
        assertThat(tapped).isBetween(60.0, 152.0);
        Locator typed = page.locator(".drawer").getByLabel("a minute");
        typed.fill("120");
        typed.press("Enter");
        assertThat(page.locator(".behind")).containsText("at 120 beats a minute");
        // At 24 frames a second a beat lasts 12.
        String block = words();
        bench.select(block);
        Locator starts = page.getByLabel("starts", new Page.GetByLabelOptions().setExact(true));
        starts.fill("17");
        starts.press("Enter");
        assertThat(start(block)).isEqualTo(17);
        page.getByText("starts on beats").click();
        assertThat(starts).hasValue("12");
        assertThat(start(block)).isEqualTo(12);
        page.getByText("landings on beats").click();
        // Its letters have landed 75 frames after its start: at 87, and then at 84.
        assertThat(starts).hasValue("9");
        assertThat(start(block)).isEqualTo(9);
    }

    @Test
    void what_an_export_comes_to_is_told_before_and_can_be_a_stretch_in_several_formats() {
        bench.open("scene=note");
        BoundingBox ruler = page.locator(".ruler").boundingBox();
        page.keyboard().down("Shift");
        page.mouse().move(ruler.x + 10 * bench.pixelsPerFrame(), ruler.y + 6);
        page.mouse().down();
        page.mouse().move(ruler.x + 33 * bench.pixelsPerFrame(), ruler.y + 6);
        page.mouse().up();
        page.keyboard().up("Shift");
        page.getByText("Export", new Page.GetByTextOptions().setExact(true)).click();
        Locator outcome = page.getByLabel("What will come out");
        assertThat(outcome).containsText("Note-16x9.mp4");
        assertThat(outcome).containsText("1920 × 1080 px, 120 frames at 24 a second, 5 s; made in about");
        page.getByText("Only the marked stretch, frames 10 to 34").click();
        assertThat(outcome).containsText("Note-16x9-frames-10-to-34.mp4");
        assertThat(outcome).containsText("24 frames at 24 a second, 1 s");
        page.locator(".shapes label")
                .filter(new Locator.FilterOptions().setHasText("9:16"))
                .click();
        assertThat(outcome.locator("li")).hasCount(2);
        assertThat(outcome).containsText("Note-9x16-frames-10-to-34.mp4");
        assertThat(outcome).containsText("1080 × 1920 px");
    }

    @Test
    void a_reload_comes_back_to_where_one_was_and_what_one_did() {
        bench.open("");
        page.locator(".scenes button")
                .filter(new Locator.FilterOptions().setHasText("Note"))
                .first()
                .click();
        String block = words();
        bench.select(block).at(33);
        Locator starts = page.getByLabel("starts", new Page.GetByLabelOptions().setExact(true));
        String before = starts.inputValue();
        starts.fill("17");
        starts.press("Enter");
        // What is not saved yet is undone like all else.
        page.reload();
        bench.settled();
        assertThat(page.locator(".scenes .on")).hasText("Note");
        assertThat(page.locator("[data-block='" + block + "'].block.selected")).isVisible();
        assertThat(page.locator(".frame canvas")).hasAttribute("data-shown", "33");
        assertThat(starts).hasValue("17");
        page.getByTitle("Undo (Ctrl Z)").click();
        assertThat(starts).hasValue(before);
        page.getByTitle("Redo (Ctrl Shift Z)").click();
        assertThat(starts).hasValue("17");
        assertThat(start(block)).isEqualTo(17);
        // Where something else was saved in between, what was done before it is not undone.
        bench.made("scenes/note/name", "Slip");
        page.reload();
        bench.settled();
        assertThat(page.locator(".scenes .on")).hasText("Slip");
        assertThat(page.getByTitle("Undo (Ctrl Z)")).isDisabled();
    }
}
