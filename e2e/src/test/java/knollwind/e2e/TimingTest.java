package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.KeyboardModifier;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import knollwind.core.scene.Block;
import knollwind.core.scene.OwnWay;
import knollwind.core.scene.Scene;
import knollwind.core.scene.TrackKey;
import knollwind.core.scene.Value;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Time in the bar sheet: cues and links, several blocks at once, groups, keys. */
class TimingTest {
    private final Application application = Application.get();
    private final Workbench bench = application.demo();
    private final Page page = bench.page();

    @AfterEach
    void nothing_went_wrong_unseen() {
        page.close();
        assertThat(application.faults()).isEmpty();
    }

    private Scene scene(String id) {
        return bench.saved().document().scene(id);
    }

    private Block block(String scene, String id) {
        return scene(scene).blocks().stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private double perFrame(int length) {
        return ((Number) page.evaluate("() => Number(document.querySelector('.sceneEnd').getAttribute('x1'))"))
                        .doubleValue()
                / length;
    }

    /** When a block is on, as the core resolves it. */
    private double[] on(String scene, String id) {
        var timing = Shot.score(bench.saved().document(), scene).blocks().stream()
                .filter(score -> score.block().id().equals(id))
                .findFirst()
                .orElseThrow()
                .timing();
        return new double[] {timing.start(), timing.end()};
    }

    private void agrees(String scene, int frame) {
        bench.saved().settled().at(frame).agrees(scene, frame);
    }

    /** Hangs a block of the announcement on a cue with its start, and on another with its end. */
    private void hang(String block, int start, int end, String cue, String other) {
        Map<String, Object> span = new HashMap<>(Map.of("start", start, "end", end));
        if (cue != null) {
            span.put("startsAt", Map.of("cue", cue, "offset", 0));
            span.put("endsAt", Map.of("block", other, "edge", "end", "offset", 0));
        }
        bench.made("scenes/announcement/blocks/" + block + "/span", span);
    }

    @Test
    void what_hangs_on_a_cue_follows_it_and_the_link_is_drawn() {
        hang("boat", 15, 285, null, null);
        hang("eleven", 75, 300, "eleven", "boat");
        hang("coat", 150, 285, "coat", "boat");
        hang("lamp", 210, 285, "lamp", "boat");
        bench.open("scene=announcement");
        assertThat(page.locator(".cue")).hasCount(3);
        assertThat(page.locator("[data-hang]")).hasCount(6);
        bench.drag(page.locator("[data-cue=eleven]"), 20 * perFrame(300), 0);
        assertThat(scene("announcement").cues().get(0).at().value()).isCloseTo(95, within(3.0));
        double at = scene("announcement").cues().get(0).at().value();
        assertThat(on("announcement", "eleven")).containsExactly(at, 285);
        agrees("announcement", (int) at + 4);

        // The end of all three hangs on the end of the first line.
        bench.drag(bench.grip("boat", "end"), -15 * perFrame(300), 0);
        double end = on("announcement", "boat")[1];
        assertThat(end).isLessThan(285);
        assertThat(on("announcement", "lamp")).containsExactly(210, end);

        // Dragged itself, it keeps hanging, so many frames later; let go, it stays where it is.
        bench.select("lamp");
        bench.drag(bench.grip("lamp", "start"), -10 * perFrame(300), 0);
        double offset = block("announcement", "lamp").span().startsAt().offset();
        assertThat(offset).isBetween(-14.0, -6.0);
        assertThat(bench.block("lamp")).containsText("frames before \u201cThe lamp\u201d");
        bench.block("lamp").locator(".part[data-part='start']").click();
        bench.choose("Hangs on", "nothing");
        assertThat(page.locator("[data-hang]")).hasCount(5);
        assertThat(block("announcement", "lamp").span().start().value()).isEqualTo(210 + offset);

        // A cue that goes is said; what hung on it stays where it was.
        page.locator("[data-cue=coat]").focus();
        page.keyboard().press("Delete");
        assertThat(page.locator(".toCheck")).isVisible();
        assertThat(on("announcement", "coat")[0]).isEqualTo(150);
    }

    @Test
    void a_cue_is_tapped_named_and_hung_upon_by_a_hook() {
        bench.open("");
        bench.at(60);
        page.locator(".bar > b").click();
        page.keyboard().press("c");
        Locator cue = page.locator("[data-cue='cue-1']");
        assertThat(cue).isVisible();
        cue.dblclick();
        page.getByLabel("Name of the cue").fill("Horn");
        page.keyboard().press("Enter");
        assertThat(cue).hasText("Horn");
        bench.select("title");
        bench.drag(page.locator("[data-grip='hookStart']"), 33 * perFrame(180), 0);
        assertThat(page.locator("[data-hang='title startsAt']")).isAttached();
        assertThat(on("opening", "title")).containsExactly(60, 198);
        assertThat(bench.block("title")).containsText("at \u201cHorn\u201d");
        bench.undo();
        assertThat(on("opening", "title")).containsExactly(27, 165);
    }

    @Test
    void several_blocks_are_trailed_grouped_copied_and_pushed() {
        bench.open("scene=stops");
        bench.select("head");
        page.locator(".name:text-is('Times')")
                .click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.SHIFT)));
        page.getByLabel("Apart").fill("40");
        page.locator(".trail").getByText("starts").click();
        assertThat(on("stops", "head")[0]).isEqualTo(15);
        assertThat(on("stops", "times")).containsExactly(55, 243);
        bench.undo();
        assertThat(on("stops", "times")).containsExactly(37, 225);
        page.locator(".sheetTools").getByText("align starts").click();
        assertThat(on("stops", "times")).containsExactly(15, 203);
        bench.undo();

        page.locator(".sheetTools")
                .getByText("group", new Locator.GetByTextOptions().setExact(true))
                .click();
        page.getByLabel("Name of the group").fill("Board");
        page.keyboard().press("Enter");
        assertThat(page.locator("[data-group]")).containsText("Board");
        bench.select("head");
        double perFrame = perFrame(240);
        BoundingBox body = bench.grip("head", "body").boundingBox();
        page.mouse().move(body.x + body.width / 2, body.y + body.height / 2);
        page.keyboard().down("Alt");
        page.mouse().down();
        page.mouse().move(body.x + body.width / 2 + 6 * perFrame, body.y + body.height / 2);
        page.mouse().move(body.x + body.width / 2 + 8 * perFrame, body.y + body.height / 2);
        page.mouse().up();
        page.keyboard().up("Alt");
        assertThat(on("stops", "head")[0]).isEqualTo(23);
        assertThat(on("stops", "times")[0]).isEqualTo(45);
        assertThat(on("stops", "piers")[0]).isEqualTo(30);
        page.getByText("ungroup").click();

        // With Ctrl the later ones are pushed along, with Shift a copy is taken.
        page.keyboard().down("Control");
        bench.drag(bench.grip("piers", "body"), 5 * perFrame, 0);
        page.keyboard().up("Control");
        assertThat(on("stops", "times")[0]).isGreaterThan(45);
        assertThat(on("stops", "head")[0]).isEqualTo(23);
        int count = scene("stops").blocks().size();
        page.keyboard().down("Shift");
        bench.drag(bench.grip("piers", "body"), 6 * perFrame, 0);
        page.keyboard().up("Shift");
        assertThat(page.locator("[data-ribbon='piers-2']")).isAttached();
        assertThat(scene("stops").blocks()).hasSize(count + 1);
    }

    @Test
    void one_letters_bar_is_dragged_and_times_are_typed_exactly() {
        bench.open("");
        bench.select("title");
        bench.drag(page.locator("[data-turn^='arrive']").first(), 9 * perFrame(180), 0);
        OwnWay own = block("opening", "title").arrive().moves().get(0).own().get(0);
        assertThat(own.shift()).isCloseTo(9, within(1.0));
        assertThat(bench.sentence("title", "arrive")).containsText("except character 1");
        page.getByLabel("lasts").fill("5s");
        page.keyboard().press("Enter");
        assertThat(on("opening", "title")).containsExactly(27, 147);
    }

    @Test
    void keys_are_added_moved_stretched_and_mirrored_in_their_rows() {
        bench.open("");
        bench.at(60);
        bench.select("title");
        page.getByText("record keys").click();
        bench.drag(page.locator(".handles .ring"), 14, 1);
        Locator keys = page.locator("[data-keys='place/rotation'] [data-key]");
        assertThat(keys).hasCount(2);
        bench.at(100);
        page.getByLabel("A key of turn at the playhead").click();
        assertThat(keys).hasCount(3);
        double turned = keys("opening").get(1).value();
        assertThat(keys("opening").get(2).value()).isEqualTo(turned);
        assertThat(keys("opening").get(2).at()).isEqualTo(73);

        page.getByText("all keys").click();
        bench.drag(page.locator("[data-stretch=last]"), -36 * perFrame(180), 0);
        assertThat(keys("opening").get(1).at()).isCloseTo(33 * 37 / 73.0, within(2.0));
        assertThat(keys("opening").get(2).at()).isCloseTo(37, within(2.0));
        page.getByText("mirror in time").click();
        assertThat(keys("opening").get(0).at()).isCloseTo(37, within(2.0));
        agrees("opening", 50);

        // The curve: dragged up and down its keys take other values; the curve before is seen behind it.
        page.locator(".keyName button[aria-expanded]").click();
        assertThat(page.locator(".keyLanes .rung").first()).isAttached();
        double before = keys("opening").get(1).value();
        bench.dragging(page.locator("[data-keys='place/rotation'] [data-key=k2]"), 0, 30);
        assertThat(page.locator(".keyLanes .before")).isAttached();
        page.mouse().up();
        assertThat(keys("opening").get(1).value()).isLessThan(before);
        page.locator("[data-keys='place/rotation'] [data-key=k2]").click();
        page.getByLabel("value of the key").fill("7");
        page.keyboard().press("Enter");
        assertThat(bench.block("title")).containsText("7\u00b0");
        assertThat(keys("opening").get(1).value()).isEqualTo(7);
    }

    private List<TrackKey<Double>> keys(String scene) {
        return ((Value.Track<Double>) block(scene, "title").place().rotation()).track();
    }

    @Test
    void a_reload_in_the_middle_of_a_drag_leaves_all_as_it_was() {
        bench.open("");
        double[] before = on("opening", "title");
        bench.dragging(bench.grip("title", "body"), 30, 0);
        page.reload();
        bench.settled();
        assertThat(on("opening", "title")).containsExactly(before);
    }

    @Test
    void a_stretch_is_marked_and_played_alone() {
        bench.open("");
        BoundingBox ruler = page.locator(".ruler").boundingBox();
        double perFrame = perFrame(180);
        page.keyboard().down("Shift");
        page.mouse().move(ruler.x + 30 * perFrame, ruler.y + 15);
        page.mouse().down();
        page.mouse().move(ruler.x + 50 * perFrame, ruler.y + 15);
        page.mouse().up();
        page.keyboard().up("Shift");
        assertThat(page.locator(".sheetTools")).containsText("frames 30 to 51");
        page.getByLabel("Speed").selectOption("2");
        page.locator(".transport .play").click();
        for (int i = 0; i < 5; i++) {
            page.waitForTimeout(200);
            String time = page.getByLabel("Time at the playhead").inputValue();
            String[] parts = time.split("[:+]");
            int frame = Integer.parseInt(parts[1].strip()) * 24 + Integer.parseInt(parts[2].strip());
            assertThat(frame).isBetween(30, 50);
        }
        page.locator(".transport .play").click();
    }
}
