package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import knollwind.core.frame.BlockScore;
import knollwind.core.geometry.Box;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Blocks are taken hold of in the picture, and hang on each other. */
class PlacingTest {
    private final Application application = Application.get();
    private final Workbench bench = application.demo();
    private final Page page = bench.page();

    @AfterEach
    void nothing_went_wrong_unseen() {
        page.close();
        assertThat(application.faults()).isEmpty();
    }

    @Test
    void a_side_handle_drags_out_a_column_that_wraps() {
        bench.open("scene=end-card").select("when").at(100);
        Box before = box("end-card", "when");
        bench.drag(handle("1 0"), -60, 0);
        assertThat(setting("when")).containsText("wrapped at");
        bench.saved();
        BlockScore score = score("end-card", "when");
        assertThat(score.set().lines()).hasSizeGreaterThan(1);
        assertThat(box("end-card", "when").width()).isLessThan(before.width());
        assertThat(score.pivot()[0]).isEqualTo(960);
        agrees("end-card", 100);
        bench.undo();
        assertThat(setting("when")).not().containsText("wrapped at");
    }

    @Test
    void corners_scale_the_ring_turns_and_the_pin_moves_without_moving_the_words() {
        bench.open("");
        bench.at(100);
        page.locator("[data-block=title] article").click();
        double size = size();
        bench.drag(handle("1 1"), -40, -16);
        bench.saved();
        assertThat(size()).isLessThan(size - 5);
        bench.drag(page.locator(".ring"), 60, 4);
        assertThat(setting("title")).containsText("turned");
        bench.saved().settled();
        agrees("opening", 100);

        Box before = box("opening", "title");
        Locator pin = page.locator(".pin");
        var at = pin.boundingBox();
        var corner = handle("-1 1").boundingBox();
        page.mouse().move(at.x + at.width / 2, at.y + at.height - 6);
        page.mouse().down();
        page.mouse().move(corner.x + 4, corner.y + 4, new Mouse.MoveOptions().setSteps(3));
        page.mouse().up();
        assertThat(setting("title")).containsText("placed by the bottom left");
        bench.saved();
        Box after = box("opening", "title");
        assertThat(after.left()).isCloseTo(before.left(), within(0.05));
        assertThat(after.top()).isCloseTo(before.top(), within(0.05));
    }

    @Test
    void a_click_on_a_handle_changes_nothing_and_escape_gives_a_drag_up() {
        bench.open("scene=end-card").select("when").at(100);
        for (Locator taken : new Locator[] {handle("1 0"), handle("1 1"), page.locator(".ring")}) {
            taken.click();
        }
        bench.dragging(handle("1 0"), -60, 0);
        page.keyboard().press("Escape");
        page.mouse().up();
        assertThat(setting("when")).not().containsText("wrapped at");
        assertThat(page.locator("button[aria-label='Undo']")).isDisabled();
    }

    @Test
    void a_word_is_dragged_to_a_place_of_its_own_and_put_back() {
        bench.open("scene=end-card").select("line-name").at(100);
        Box before = word(1);
        var there = page.locator(".handles polygon").boundingBox();
        for (int i = 0; i < 2; i++) {
            page.mouse().click(there.x + there.width / 4, there.y + there.height * 0.75);
        }
        bench.drag(page.locator(".wordHold polygon"), 0, 40);
        assertThat(bench.block("line-name")).containsText("\u201cnight\u201d stands");
        bench.saved();
        assertThat(word(1).top() - before.top()).isCloseTo(40 * 1920 / frameWidth(), within(2.0));
        assertThat(word(1).left()).isCloseTo(before.left(), within(0.5));
        agrees("end-card", 100);
        bench.block("line-name").getByLabel("Put this word back in its line").click();
        bench.saved();
        assertThat(word(1).top()).isCloseTo(before.top(), within(0.01));
    }

    private double frameWidth() {
        return page.locator("svg.overlay").boundingBox().width;
    }

    private Box word(int index) {
        BlockScore score = score("end-card", "line-name");
        return score.place(score.set().words().get(index));
    }

    @Test
    void a_dragged_block_snaps_to_the_middle_and_several_are_levelled() {
        bench.open("scene=end-card").select("when").at(100);
        var box = page.locator(".handles polygon").boundingBox();
        double x = box.x + box.width / 4;
        double y = box.y + box.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().move(x + 30, y + 40, new Mouse.MoveOptions().setSteps(3));
        page.mouse().move(x + 3, y + 40, new Mouse.MoveOptions().setSteps(3));
        assertThat(page.locator("line.snap").first()).isAttached();
        page.mouse().up();
        bench.saved();
        assertThat(score("end-card", "when").pivot()[0]).isCloseTo(960, within(0.02));

        page.keyboard().down("Shift");
        page.locator("svg.overlay").click(new Locator.ClickOptions().setPosition(overlay(0.5, 0.45)));
        page.keyboard().up("Shift");
        page.locator(".alignBar button")
                .filter(new Locator.FilterOptions().setHasText("left edges"))
                .click();
        bench.saved();
        assertThat(box("end-card", "line-name").left())
                .isCloseTo(box("end-card", "when").left(), within(0.1));
    }

    @Test
    void a_block_hangs_on_another_and_follows_its_words_and_no_circle_can_be_made() {
        bench.open("scene=end-card").select("when").at(100);
        bench.block("when").locator(".part[data-part='x']").click();
        bench.choose("Hangs", "Ternholm night ferry");
        assertThat(setting("when")).containsText("under \u201cTernholm night ferry\u201d, 24 px away, centres level");
        bench.saved();
        assertThat(box("end-card", "when").top() - box("end-card", "line-name").bottom())
                .isCloseTo(24, within(0.05));
        bench.words("line-name").fill("Ternholm\nnight ferry\nand back");
        page.locator(".bar > b").click();
        bench.at(100).saved();
        assertThat(box("end-card", "when").top() - box("end-card", "line-name").bottom())
                .isCloseTo(24, within(0.05));
        agrees("end-card", 100);

        bench.select("line-name");
        bench.block("line-name").locator(".part[data-part='x']").click();
        Locator hangs = page.locator(".drawer").getByLabel("Hangs", new Locator.GetByLabelOptions().setExact(true));
        assertThat(hangs).containsText("Lamp line");
        assertThat(hangs).not().containsText("every night");
    }

    @Test
    void a_knot_is_dragged_and_the_rest_of_the_curve_stays() {
        bench.open("scene=crossing").select("line").at(90);
        var other = knot(0).boundingBox();
        var last = knot(2).boundingBox();
        bench.drag(knot(2), -70, 30);
        bench.saved().settled();
        assertThat(setting("line")).containsText("placed by the hold of its curve");
        assertThat(knot(2).boundingBox().x - last.x).isCloseTo(-70, within(1.5));
        assertThat(knot(2).boundingBox().y - last.y).isCloseTo(30, within(1.5));
        assertThat(knot(0).boundingBox().x).isCloseTo(other.x, within(0.5));
        assertThat(knot(0).boundingBox().y).isCloseTo(other.y, within(0.5));
        agrees("crossing", 90);
        bench.block("line").locator(".part[data-part='pivot']").click();
        page.locator(".drawer .buttons")
                .first()
                .getByText("top left", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(setting("line")).containsText("placed by the top left");
        bench.saved().settled();
        assertThat(knot(0).boundingBox().x).isCloseTo(other.x, within(0.5));
        bench.undo().undo();
        assertThat(setting("line")).not().containsText("hold of its curve");
    }

    private Locator knot(int index) {
        return page.locator("[data-knot='" + index + " knot']");
    }

    @Test
    void guides_have_typed_places_and_are_cleared_at_once() {
        bench.open("scene=end-card");
        page.getByText("rulers", new Page.GetByTextOptions().setExact(true)).click();
        page.getByLabel("A guide down the middle").click();
        Locator down = page.getByLabel("Guide at x");
        assertThat(down).hasValue("960");
        down.fill("300");
        down.press("Enter");
        assertThat(guides()).containsExactly(300.0);
        down.press("Shift+ArrowUp");
        assertThat(down).hasValue("310");
        page.getByLabel("A guide across the middle").click();
        Locator across = page.getByLabel("Guide at y");
        assertThat(across).hasValue("540");
        // Beyond the frame nothing can be aligned.
        across.fill("-20");
        across.press("Enter");
        assertThat(across).hasValue("0");
        assertThat(guides()).containsExactly(310.0, 0.0);
        page.getByLabel("Clear all guides").click();
        assertThat(page.locator(".guideNumber")).hasCount(0);
        assertThat(guides()).isEmpty();
    }

    private List<Double> guides() {
        return bench.saved().document().scene("end-card").formats().get(0).guides().stream()
                .map(guide -> guide.at())
                .toList();
    }

    @Test
    void guides_are_pulled_out_of_the_rulers_and_blocks_snap_to_them() {
        bench.open("scene=end-card").select("when").at(100);
        page.getByText("rulers", new Page.GetByTextOptions().setExact(true)).click();
        var frame = page.locator("svg.overlay").boundingBox();
        var ruler = page.locator(".pictureRuler.x").boundingBox();
        page.mouse().move(ruler.x + 5, ruler.y + ruler.height / 2);
        page.mouse().down();
        page.mouse()
                .move(frame.x + frame.width * 0.25, ruler.y + ruler.height / 2, new Mouse.MoveOptions().setSteps(3));
        page.mouse().up();
        bench.saved();
        double guide = bench.document()
                .scene("end-card")
                .formats()
                .get(0)
                .guides()
                .get(0)
                .at();
        assertThat(guide).isCloseTo(480, within(3.0));
        double from = box("end-card", "when").left();
        var at = page.locator(".handles polygon").boundingBox();
        double scale = frame.width / 1920;
        page.mouse().move(at.x + at.width / 4, at.y + at.height / 2);
        page.mouse().down();
        double x = at.x + at.width / 4 + (guide - from) * scale;
        page.mouse().move(x - 20, at.y + at.height / 2 + 40, new Mouse.MoveOptions().setSteps(3));
        page.mouse().move(x + 2, at.y + at.height / 2 + 40, new Mouse.MoveOptions().setSteps(3));
        page.mouse().up();
        bench.saved();
        assertThat(box("end-card", "when").left()).isCloseTo(guide, within(0.1));
    }

    @Test
    void several_chosen_blocks_are_dragged_together() {
        bench.open("scene=end-card").select("when").at(100);
        Box when = box("end-card", "when");
        Box name = box("end-card", "line-name");
        page.keyboard().down("Shift");
        page.locator("svg.overlay").click(new Locator.ClickOptions().setPosition(overlay(0.5, 0.45)));
        page.keyboard().up("Shift");
        page.keyboard().down("Alt");
        var at = page.locator("svg.overlay").boundingBox();
        page.mouse().move(at.x + at.width * 0.5, at.y + at.height * 0.45);
        page.mouse().down();
        page.mouse()
                .move(at.x + at.width * 0.5 + 50, at.y + at.height * 0.45 - 33, new Mouse.MoveOptions().setSteps(3));
        page.mouse().up();
        page.keyboard().up("Alt");
        bench.saved();
        Box moved = box("end-card", "when");
        assertThat(moved.left() - when.left()).isGreaterThan(100);
        assertThat(box("end-card", "line-name").left() - name.left())
                .isCloseTo(moved.left() - when.left(), within(0.1));
        assertThat(box("end-card", "line-name").top() - name.top()).isCloseTo(moved.top() - when.top(), within(0.1));
    }

    @Test
    void a_plate_is_put_behind_words_and_fits_them() {
        bench.open("scene=end-card").select("when").at(100);
        page.getByText("Add a shape").click();
        page.getByText("a plate behind the chosen words").click();
        assertThat(page.locator(".block.selected .sentence").last()).isVisible();
        assertThat(page.locator("[data-block='plate-1']")).containsText("A plate behind \u201cevery night");
        bench.words("when").fill("at eleven");
        page.locator(".bar > b").click();
        bench.at(100).saved();
        assertThat(box("end-card", "plate-1").width() - box("end-card", "when").width())
                .isCloseTo(56, within(0.05));
        agrees("end-card", 100);
    }

    private com.microsoft.playwright.options.Position overlay(double across, double down) {
        var box = page.locator("svg.overlay").boundingBox();
        return new com.microsoft.playwright.options.Position(box.width * across, box.height * down);
    }

    private void agrees(String scene, int frame) {
        bench.saved().settled().agrees(scene, frame);
    }

    private double size() {
        Matcher matcher = Pattern.compile(" at ([0-9.]+) px")
                .matcher(setting("title").innerText().replace('\u00a0', ' '));
        assertThat(matcher.find()).isTrue();
        return Double.parseDouble(matcher.group(1));
    }

    private BlockScore score(String scene, String block) {
        return Shot.score(bench.document(), scene).blocks().stream()
                .filter(one -> one.block().id().equals(block))
                .findFirst()
                .orElseThrow();
    }

    private Box box(String scene, String block) {
        BlockScore score = score(scene, block);
        return score.place(score.set().whole());
    }

    private Locator handle(String which) {
        return page.locator("[data-handle='" + which + "']");
    }

    private Locator setting(String block) {
        return bench.block(block)
                .locator(".quietDirection .sentence")
                .filter(new Locator.FilterOptions().setHasText("placed by"));
    }
}
