package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import knollwind.core.scene.Block;
import knollwind.core.scene.Channel;
import knollwind.core.scene.Move;
import knollwind.core.scene.OwnWay;
import knollwind.core.scene.PathStop;
import knollwind.core.scene.Value;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** What is set in the picture: a letter's own way, the away pose, the keys of a channel, a motion path, an order's angle. */
class PosingTest {
    private final Application application = Application.get();
    private final Workbench bench = application.demo();
    private final Page page = bench.page();

    @AfterEach
    void nothing_went_wrong_unseen() {
        page.close();
        assertThat(application.faults()).isEmpty();
    }

    private Block block(String scene, String id) {
        return bench.saved().document().scene(scene).blocks().stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private Move move() {
        return block("opening", "title").arrive().moves().get(0);
    }

    private void agrees(String scene, int frame) {
        bench.saved().settled().at(frame).agrees(scene, frame);
    }

    private void click(double across, double down) {
        BoundingBox box = page.locator(".overlay").boundingBox();
        page.mouse().click(box.x + box.width * across, box.y + box.height * down);
    }

    @Test
    void a_letter_is_picked_in_the_picture_and_goes_its_own_way_until_it_is_released() {
        bench.open("");
        bench.at(100);
        bench.select("title");
        // The H of HOME: first its word, then its letter.
        click(0.3, 0.5);
        assertThat(page.locator(".pickedPiece")).containsText("HOME");
        click(0.3, 0.5);
        assertThat(page.locator(".pickedPiece")).containsText("\u201cH\u201d");
        page.locator(".pickedPiece button").first().click();
        assertThat(bench.sentence("title", "arrive")).containsText("except character 11 \u201cH\u201d: 6 frames later");
        assertThat(page.locator("[data-own]")).hasCount(1);
        bench.part("title", "arrive", "own").click();
        bench.choose("Easing", "springing");
        assertThat(bench.sentence("title", "arrive")).containsText("springing, 6 frames later");
        OwnWay own = move().own().get(0);
        assertThat(own.easing()).startsWith("spring");
        agrees("opening", 46);

        // It stays with its letter when words before it change, and comes back with undo.
        Locator words = bench.words("title");
        words.focus();
        page.keyboard().press("Home");
        page.keyboard().type("A ");
        assertThat(bench.sentence("title", "arrive")).containsText("except character 13 \u201cH\u201d");
        assertThat(move().own().get(0).from()).isEqualTo(own.from() + 2);
        page.locator(".bar > b").click();
        page.locator(".drawer").getByText("go like the others").click();
        assertThat(bench.sentence("title", "arrive")).not().containsText("except");
        assertThat(page.locator("[data-own]")).hasCount(0);
    }

    @Test
    void the_ghost_of_the_away_pose_is_dragged_and_turned_and_the_sentence_follows() {
        bench.open("");
        bench.at(100);
        Locator arrive = bench.block("title").locator("[data-phase=arrive]");
        arrive.getByLabel("More for this move").first().click();
        page.getByText("show away", new Page.GetByTextOptions().setExact(true)).click();
        Locator ghost = page.locator("[data-ghost=box]");
        assertThat(ghost).isVisible();
        assertThat(page.locator("canvas.awayGhost")).hasAttribute("data-shown", "ghost");
        // All letters lie away, lower than they rest: something is painted there, and only there.
        assertThat(((Number) page.evaluate("() => { const c = document.querySelector('canvas.awayGhost');"
                                + " const d = c.getContext('2d').getImageData(0, 0, c.width, c.height).data; let n = 0;"
                                + " for (let i = 3; i < d.length; i += 4) if (d[i] > 128) n++; return n; }"))
                        .intValue())
                .isGreaterThan(2000);
        bench.drag(ghost, -60, 0);
        assertThat(bench.sentence("title", "arrive")).containsText("slide right");
        Channel across = channel("OFFSET_X");
        BoundingBox box = page.locator(".overlay").boundingBox();
        assertThat(across.away() * 264).isCloseTo(-60 / (box.width / 1920), within(6.0));
        bench.drag(page.locator("[data-ghost=turn]"), 40, 10);
        assertThat(bench.sentence("title", "arrive")).containsText("turn from");
        assertThat(channel("ROTATION").away()).isBetween(5.0, 60.0);
        agrees("opening", 34);
        bench.undo();
        assertThat(bench.sentence("title", "arrive")).not().containsText("turn from");
    }

    private Channel channel(String property) {
        return move().channels().stream()
                .filter(one -> one.property().name().equals(property))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void a_channel_grows_keys_which_are_dragged_in_its_graph() {
        bench.open("");
        bench.part("title", "arrive", "change").click();
        page.locator(".drawer .ant-select").last().click();
        page.locator(".ant-select-item-option").getByText("give it keys").click();
        Locator graph = page.locator(".keyGraph");
        assertThat(graph.locator("[data-key]")).hasCount(3);
        double before = channel("OFFSET_Y").keys().get(1).value();
        bench.drag(graph.locator("[data-key=k2]"), 20, 30);
        assertThat(bench.sentence("title", "arrive")).containsText("offset y through 3 keys");
        assertThat(channel("OFFSET_Y").keys().get(1).value()).isLessThan(before - 0.05);
        graph.getByLabel("Time of the key").fill("70");
        page.keyboard().press("Enter");
        bench.saved();
        assertThat(channel("OFFSET_Y").keys().get(1).at()).isEqualTo(0.7);
        agrees("opening", 36);
        graph.getByText("remove").click();
        assertThat(bench.sentence("title", "arrive")).containsText("rise 0.6 em");
    }

    @Test
    void a_block_travels_a_path_whose_points_are_made_and_dragged_in_the_picture() {
        bench.open("scene=crossing");
        bench.at(60);
        bench.select("lantern");
        Locator stops = page.locator(".motionWay rect[data-stop]");
        assertThat(stops).hasCount(4);
        assertThat(page.locator(".motionWay .dot").first()).isAttached();
        bench.drag(page.locator(".motionWay rect[data-stop=p3]"), 0, -50);
        List<PathStop> after = block("crossing", "lantern").place().way().stops();
        assertThat(after.get(2).y()).isLessThan(464 - 40);
        agrees("crossing", 90);
        // The wake does what the lantern did some frames before.
        agrees("crossing", 98);

        // Not recorded, the whole path is moved; recorded, a point of this time is made.
        bench.at(70);
        page.locator(".overlay").focus();
        page.keyboard().press("Shift+ArrowDown");
        assertThat(block("crossing", "lantern").place().way().stops().get(2).y())
                .isEqualTo(after.get(2).y() + 10);
        assertThat(stops).hasCount(4);
        bench.undo();
        page.getByText("record keys").click();
        page.locator(".overlay").focus();
        page.keyboard().press("Shift+ArrowDown");
        assertThat(stops).hasCount(5);
        PathStop made = block("crossing", "lantern").place().way().stops().stream()
                .filter(stop -> stop.at() != null && stop.at() == 70 - 22)
                .findFirst()
                .orElseThrow();
        assertThat(made.y()).isBetween(300.0, 520.0);
        agrees("crossing", 70);
        bench.undo();
        assertThat(stops).hasCount(4);

        // Dragged by its middle it is keyed where it is let go, however often it was drawn on the way.
        bench.at(100);
        var was = Shot.score(bench.saved().document(), "crossing").blocks().stream()
                .filter(score -> score.block().id().equals("lantern"))
                .findFirst()
                .orElseThrow()
                .travelled(100);
        BoundingBox now = page.locator(".motionWay .now").boundingBox();
        // Beside its pin, which would be dragged instead.
        double x = now.x + now.width / 2 - 6;
        double y = now.y + now.height / 2 + 5;
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().move(x + 20, y + 30);
        page.mouse().move(x + 40, y + 60);
        page.mouse().up();
        assertThat(stops).hasCount(5);
        PathStop dropped = block("crossing", "lantern").place().way().stops().stream()
                .filter(stop -> stop.at() != null && stop.at() == 100 - 22)
                .findFirst()
                .orElseThrow();
        double px = 1920 / page.locator(".overlay").boundingBox().width;
        assertThat(dropped.x() - was.x()).isCloseTo(40 * px, within(25.0));
        assertThat(dropped.y() - was.y()).isCloseTo(60 * px, within(25.0));
    }

    @Test
    void while_keys_are_recorded_turning_and_scaling_at_another_time_makes_keys() {
        bench.open("");
        bench.at(60);
        bench.select("title");
        bench.drag(page.locator(".handles .ring"), 14, 1);
        Object turned = block("opening", "title").place().rotation();
        assertThat(turned).isInstanceOf(Value.Literal.class);
        assertThat(bench.block("title")).containsText("turned ");
        bench.undo();
        // The ring is told back to where it was.
        assertThat(bench.block("title")).not().containsText("turned ");

        page.keyboard().press("Escape");
        page.getByText("record keys").click();
        bench.drag(page.locator(".handles .ring"), 14, 1);
        Value.Track<Double> keys =
                (Value.Track<Double>) block("opening", "title").place().rotation();
        assertThat(keys.track()).hasSize(2);
        assertThat(keys.track().get(0).value()).isZero();
        assertThat(keys.track().get(1).at()).isEqualTo(60 - 27);
        assertThat(keys.track().get(1).value()).isGreaterThan(2);
        assertThat(bench.block("title")).containsText("turned from 0° at 0 to ");
        bench.at(90);
        bench.drag(page.locator("[data-handle='-1 -1']"), -20, -16);
        Value.Track<Double> grown =
                (Value.Track<Double>) block("opening", "title").place().scale();
        assertThat(grown.track().get(1).at()).isEqualTo(90 - 27);
        assertThat(grown.track().get(1).value()).isGreaterThan(1.05);
        agrees("opening", 75);

        // Not recorded, the key in force is changed, and it is said which.
        page.getByText("recording keys").click();
        bench.at(80);
        bench.drag(page.locator(".handles .ring"), -10, 1);
        assertThat(page.locator(".saveState")).containsText("Changed the key at frame 60");
        Value.Track<Double> after =
                (Value.Track<Double>) block("opening", "title").place().rotation();
        assertThat(after.track()).hasSize(2);
        assertThat(after.track().get(1).value()).isLessThan(keys.track().get(1).value());
    }

    @Test
    void how_a_letter_is_written_is_drawn_over_it() {
        bench.open("scene=note");
        bench.at(100);
        bench.select("note");
        for (int i = 0; i < 3; i++) {
            click(0.42, 0.5);
        }
        assertThat(page.locator(".pickedPiece").last()).containsText("How \u201co\u201d is written");
        page.getByText("draw over it").click();
        assertThat(page.locator("[data-stroke]")).hasCount(1);
        BoundingBox letter = page.locator("[data-stroke='1'] polyline").boundingBox();
        page.mouse().move(letter.x + letter.width * 0.5, letter.y + letter.height);
        page.mouse().down();
        page.mouse().move(letter.x, letter.y + letter.height * 0.5, new Mouse.MoveOptions().setSteps(8));
        page.mouse().move(letter.x + letter.width * 0.6, letter.y, new Mouse.MoveOptions().setSteps(8));
        page.mouse().up();
        assertThat(page.getByText("as worked out")).isVisible();
        var written = bench.saved().document().lettering().get(0);
        assertThat(written.character()).isEqualTo("o");
        assertThat(written.family()).isEqualTo("Caveat");
        assertThat(written.strokes().get(0).get(1)).isGreaterThan(0.7);
        // The pen is set down where the drawing began, and led on around.
        assertThat(page.locator("[data-stroke]")).hasCount(1);
        BoundingBox begins = page.locator("[data-stroke='1'] circle").boundingBox();
        assertThat(begins.y + begins.height / 2).isGreaterThan(letter.y + letter.height * 0.4);
        page.locator(".pickedPiece").getByText("done").click();
        agrees("note", 34);
        page.getByText("as worked out").click();
        assertThat(bench.saved().document().lettering()).isEmpty();
    }

    @Test
    void the_angle_of_an_order_is_dragged_over_the_words() {
        bench.open("");
        bench.at(100);
        bench.part("title", "arrive", "order").click();
        bench.choose("Order", "along an angle");
        Locator arrow = page.locator("[data-pad=angle]");
        assertThat(arrow).isVisible();
        bench.drag(arrow, -20, 60);
        assertThat(move().order().angle()).isNotEqualTo(45);
        assertThat(bench.sentence("title", "arrive"))
                .containsText("along " + (int) move().order().angle());
        agrees("opening", 36);
    }
}
