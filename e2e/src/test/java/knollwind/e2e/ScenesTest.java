package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import knollwind.core.scene.Block;
import knollwind.core.scene.Scene;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** The scenes of a project: made, named, moved, cut in two and put together. */
class ScenesTest {
    private final Application application = Application.get();
    private final Workbench bench = application.demo();
    private final Page page = bench.page();

    @AfterEach
    void nothing_went_wrong_unseen() {
        page.close();
        assertThat(application.faults()).isEmpty();
    }

    private List<String> names() {
        return bench.saved().document().scenes().stream().map(Scene::name).toList();
    }

    private void menu(String item) {
        page.locator(".scenes .sceneMenu").first().click();
        bench.offered().filter(new Locator.FilterOptions().setHasText(item)).click();
    }

    @Test
    void scenes_are_made_named_duplicated_moved_and_deleted() {
        bench.open("");
        page.getByLabel("A new scene").click();
        assertThat(page.locator(".scenes .on")).hasText("Scene");
        assertThat(names().subList(0, 3)).containsExactly("Opening", "Scene", "Stops");
        page.locator(".scenes .on").dblclick();
        page.getByLabel("Name of the scene").fill("Harbour");
        page.keyboard().press("Enter");
        assertThat(page.locator(".scenes .on")).hasText("Harbour");
        menu("move left");
        assertThat(names().subList(0, 2)).containsExactly("Harbour", "Opening");
        menu("delete");
        assertThat(names().get(0)).isEqualTo("Opening");
        assertThat(page.locator(".scenes .on")).hasText("Opening");
        bench.undo();
        assertThat(names().get(0)).isEqualTo("Harbour");
        menu("duplicate");
        assertThat(page.locator(".scenes .on")).hasText("Opening 2");
        assertThat(names().subList(1, 3)).containsExactly("Opening", "Opening 2");
    }

    @Test
    void words_and_shapes_are_added_to_one_scene_after_another() {
        bench.open("");
        for (String scene : List.of("Opening", "Skipper")) {
            page.locator(".scenes button:text-is('" + scene + "')").click();
            bench.settled();
            page.getByText("Add words").click();
            assertThat(bench.block("words-" + (scene.equals("Opening") ? 1 : 2)))
                    .hasClass(Pattern.compile(".*selected.*"));
        }
        bench.saved();
        assertThat(bench.document().scene("skipper").blocks())
                .extracting(Block::id)
                .contains("words-2");
    }

    private Shot shot(String scene, int frame) {
        return Shot.painted(bench.saved().document(), scene, frame, 640, 360);
    }

    /** Equal but for rounding at the edges of letters, which are set out one by one or all at once. */
    private static void alike(Shot shot, Shot other) {
        assertThat(shot.from(other).most()).isLessThanOrEqualTo(16);
        assertThat(shot.from(other).mean()).isLessThan(0.05);
    }

    @Test
    void a_scene_split_and_joined_again_looks_as_it_did() {
        bench.open("scene=skipper");
        Shot coming = shot("skipper", 50);
        Shot resting = shot("skipper", 74);
        Shot leaving = shot("skipper", 86);
        bench.at(70);
        menu("split at the playhead");
        assertThat(page.locator(".scenes .on")).hasText("Skipper 2");
        assertThat(names().subList(2, 4)).containsExactly("Skipper", "Skipper 2");
        assertThat(bench.document().scene("skipper").length()).isEqualTo(70);
        assertThat(bench.document().scene("skipper-2").length()).isEqualTo(50);
        alike(shot("skipper", 50), coming);
        alike(shot("skipper-2", 4), resting);
        alike(shot("skipper-2", 16), leaving);

        page.locator(".scenes button:text-is('Skipper')").click();
        bench.settled();
        menu("join with");
        assertThat(page.locator(".scenes button:text-is('Skipper 2')")).hasCount(0);
        assertThat(names().subList(2, 4)).containsExactly("Skipper", "Announcement");
        Scene joined = bench.document().scene("skipper");
        assertThat(joined.length()).isEqualTo(120);
        assertThat(joined.blocks()).extracting(Block::id).contains("name", "name-2");
        alike(shot("skipper", 74), resting);
    }

    @Test
    void while_a_key_is_held_nothing_lies_over_the_picture() {
        bench.open("");
        bench.at(100);
        bench.select("title");
        Locator ring = page.locator(".handles .ring");
        assertThat(ring).isVisible();
        page.locator(".bar > b").click();
        page.keyboard().down("h");
        assertThat(ring).isHidden();
        page.keyboard().up("h");
        assertThat(ring).isVisible();
    }

    @Test
    void all_scenes_play_one_after_the_other_as_they_cross_over() {
        bench.open("scene=opening");
        page.locator(".part[data-part='crossing']").click();
        bench.choose("Comes in", "fade");
        bench.saved();
        assertThat(page.locator(".page")).containsText("The next scene comes in by fading over 18 frames");
        page.getByLabel("Play all").click();
        Locator canvas = page.locator(".screening canvas");
        page.waitForFunction("() => Number(document.querySelector('.screening canvas')?.dataset.shown) > 3");
        page.getByLabel("Stop the film").click();
        assertThat(page.locator(".filmScenes button")).hasCount(9);
        page.locator(".filmScenes button").nth(1).click();
        // Eighteen of the opening's 180 frames are those of both.
        assertThat(page.locator(".filmTools span")).containsText("0:06 + 18");
        assertThat(canvas).hasAttribute("data-shown", "162");
        page.keyboard().press("ArrowRight");
        assertThat(canvas).hasAttribute("data-shown", "163");
        page.getByText("open this scene").click();
        assertThat(page.locator(".screening")).hasCount(0);
        assertThat(page.locator(".scenes .on")).hasText("Stops");
    }

    @Test
    void words_crawl_through_the_frame_and_judder_is_named() {
        bench.open("scene=wind").select("wind");
        bench.block("wind").locator(".part[data-part='pivot']").last().click();
        bench.choose("Runs", "crawling left");
        bench.saved();
        Locator crawl = bench.block("wind").locator(".part[data-part='crawl']");
        assertThat(crawl).containsText("crawling left at 240 px a second");
        crawl.click();
        assertThat(page.locator(".drawer")).containsText("10 px a frame, which is steady");
        page.locator(".drawer")
                .getByLabel("speed", new Locator.GetByLabelOptions().setExact(true))
                .fill("250");
        page.keyboard().press("Enter");
        assertThat(page.locator(".drawer")).containsText("judders; steady: 240 or 264 px a second");
        bench.choose("Pace", "steady: 264 px/s");
        assertThat(page.locator(".drawer")).containsText("11 px a frame");
        page.locator(".drawer").getByText("again and again").click();
        bench.saved();
        bench.at(90).agrees("wind", 90);
    }

    @Test
    void neighbouring_frames_shine_through_and_a_contact_sheet_is_saved() throws Exception {
        bench.open("scene=opening").at(40);
        page.getByText("onion").click();
        Locator skins = page.locator(".onionSkin");
        assertThat(skins).hasAttribute("data-skins", "28 32 36 44 48 52");
        assertThat(
                        (Boolean)
                                skins.evaluate(
                                        "canvas => canvas.getContext('2d')"
                                                + ".getImageData(0, 0, canvas.width, canvas.height).data.some((value, i) => i % 4 === 3 && value > 0)"))
                .isTrue();
        page.getByLabel("Frames between skins").selectOption("1");
        assertThat(skins).hasAttribute("data-skins", "37 38 39 41 42 43");
        page.keyboard().press("Escape");
        page.getByText("onion").click();
        assertThat(skins).hasCount(0);

        menu("contact sheet");
        page.waitForSelector(".contactSheet[data-painted=even]");
        page.getByText("phase by phase").click();
        page.waitForSelector(".contactSheet[data-painted=phases]");
        var file = page.waitForDownload(() -> page.getByText("Save as PNG").click());
        assertThat(file.suggestedFilename()).endsWith("Opening contact sheet.png");
        java.awt.image.BufferedImage sheet = javax.imageio.ImageIO.read(file.createReadStream());
        assertThat(sheet.getWidth()).isEqualTo(4 * 320 + 5 * 8);
    }

    @Test
    void scenes_are_dragged_into_order_and_seen_small_where_there_is_height() {
        page.setViewportSize(1280, 960);
        bench.open("scene=stops");
        assertThat(page.locator(".sceneStill canvas").first()).isVisible();
        List<String> before = order();
        page.locator(".scenes button:has-text('Skipper')")
                .dragTo(
                        page.locator(".scenes button:has-text('Opening')"),
                        new Locator.DragToOptions().setTargetPosition(6, 20));
        assertThat(page.locator(".scenes button").first()).containsText("Skipper");
        List<String> after = new ArrayList<>(before);
        after.add(0, after.remove(before.indexOf("skipper")));
        assertThat(order()).isEqualTo(after);
        page.keyboard().press("Control+z");
        assertThat(page.locator(".scenes button").first()).containsText("Opening");
        assertThat(order()).isEqualTo(before);
    }

    private List<String> order() {
        return bench.saved().document().scenes().stream().map(Scene::id).toList();
    }
}
