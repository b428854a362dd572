package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import knollwind.core.scene.TextBlock;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

class BarSheetTest {
    private final Application application = Application.get();
    private final Workbench bench = application.demo();
    private final Page page = bench.page();

    @AfterEach
    void nothing_went_wrong_unseen() {
        page.close();
        assertThat(application.faults()).isEmpty();
    }

    @Test
    void an_opened_ribbon_shows_every_unit_with_its_character_at_its_times() {
        bench.open("");
        Locator turns = page.locator("[data-ribbon='title'] .turns").first().locator("g");
        assertThat(turns).hasCount(12);
        assertThat(turns.locator("> text").allTextContents())
                .containsExactly("L", "A", "S", "T", "B", "O", "A", "T", "H", "O", "M", "E");
        double perFrame = bench.pixelsPerFrame();
        // T and B stand in the middle: T takes its turn first or second, 0 or 3 frames after frame 27.
        double t = Double.parseDouble(turns.nth(3).locator("rect").first().getAttribute("x")) / perFrame;
        double b = Double.parseDouble(turns.nth(4).locator("rect").first().getAttribute("x")) / perFrame;
        assertThat(java.util.List.of(Math.round(t), Math.round(b))).containsExactlyInAnyOrder(27L, 30L);
        double width = Double.parseDouble(turns.nth(4).locator("rect").first().getAttribute("width")) / perFrame;
        assertThat(Math.round(width)).isEqualTo(12);
    }

    @Test
    void an_edge_snaps_to_the_playhead_and_lights_it() {
        bench.open("");
        bench.at(140);
        double perFrame = bench.pixelsPerFrame();
        bench.dragging(bench.grip("title", "end"), -24 * perFrame, 0);
        assertThat(page.locator(".marks .lit")).hasCount(1);
        page.mouse().up();
        assertThat(page.locator(".marks .lit")).hasCount(0);
        assertThat(title().span().end().value()).isEqualTo(140);
        bench.undo();
        assertThat(bench.saved()
                        .document()
                        .scenes()
                        .get(0)
                        .blocks()
                        .get(7)
                        .span()
                        .end()
                        .value())
                .isEqualTo(165);
    }

    @Test
    void a_wedge_changes_the_length_of_its_phase_and_nothing_else() {
        bench.open("");
        TextBlock before = title();
        bench.drag(bench.grip("title", "arrive"), 15 * bench.pixelsPerFrame(), 0);
        TextBlock after = title();
        assertThat(after.span()).isEqualTo(before.span());
        assertThat(after.leave()).isEqualTo(before.leave());
        // 33 frames and 15 more: each stays 12, the rest goes between the starts. The beat at 75 is within reach.
        assertThat(after.arrive().moves().get(0).pace().inAll()).isEqualTo(48);
        assertThat(after.arrive().moves().get(0).pace().each()).isEqualTo(12);
        assertThat(bench.sentence("title", "arrive")).containsText("48 in all");
    }

    @Test
    void the_body_carries_the_block_along() {
        bench.open("");
        page.keyboard().press("Home");
        bench.drag(bench.grip("title", "body"), -20 * bench.pixelsPerFrame(), 0);
        TextBlock moved = title();
        assertThat(moved.span().length()).isEqualTo(138);
        assertThat(moved.span().start().value()).isLessThan(27);
    }

    @Test
    void the_scenes_end_is_dragged_and_its_blocks_stay() {
        bench.open("");
        bench.drag(page.locator("[data-grip='scene']"), -30 * bench.pixelsPerFrame(), 0);
        assertThat(bench.saved().document().scenes().get(0).length()).isBetween(149, 151);
        assertThat(title().span().end().value()).isEqualTo(165);
        assertThat(page.locator(".toCheck")).containsText("to check");
        page.locator(".undoTools button").first().click();
        assertThat(bench.saved().document().scenes().get(0).length()).isEqualTo(180);
    }

    @Test
    void the_ruler_scrubs_and_the_sheet_zooms() {
        bench.open("");
        var ruler = page.locator(".ruler").boundingBox();
        page.mouse().click(ruler.x + 90 * bench.pixelsPerFrame(), ruler.y + 5);
        assertThat(page.getByLabel("Time at the playhead")).hasValue("0:03 + 18");
        double before = bench.pixelsPerFrame();
        page.getByLabel("Zoom in").click();
        page.waitForFunction(
                "was => Number(document.querySelector('.sceneEnd').getAttribute('x1')) > was * 1.4", before * 180);
    }

    private TextBlock title() {
        return (TextBlock) bench.saved().document().scenes().get(0).blocks().get(7);
    }

    @Test
    void the_sheet_is_made_taller_by_its_edge_and_stays_so() {
        bench.open("");
        double before = page.locator(".barSheet").boundingBox().height;
        bench.drag(page.getByLabel("Height of the bar sheet"), 0, -100);
        double after = page.locator(".barSheet").boundingBox().height;
        assertThat(after - before).isBetween(95.0, 105.0);
        page.reload();
        bench.settled();
        assertThat(page.locator(".barSheet").boundingBox().height).isEqualTo(after);
        page.getByLabel("Height of the bar sheet").dblclick();
        assertThat(page.locator(".barSheet").boundingBox().height).isEqualTo(before);
    }

    @Test
    void blocks_that_are_never_on_together_share_a_row() {
        bench.open("scene=thanks");
        int rows = page.locator(".lane").count();
        page.getByText("share rows").click();
        assertThat(page.locator(".lane").count()).isLessThan(rows);
        Locator shared = page.locator(".lane")
                .filter(new Locator.FilterOptions().setHas(page.locator("[data-ribbon] ~ [data-ribbon]")));
        assertThat(shared.count()).isPositive();
        // The one that is chosen opens in a row of its own.
        page.locator(".sharedNames .name").last().click();
        String chosen = page.locator(".name.on").innerText();
        assertThat(page.locator(".sharedNames .name").allInnerTexts()).doesNotContain(chosen);
        page.getByText("share rows").click();
        assertThat(page.locator(".lane")).hasCount(rows);
    }
}
