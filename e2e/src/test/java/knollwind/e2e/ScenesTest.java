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
        page.locator(".ant-dropdown-menu-item")
                .filter(new Locator.FilterOptions().setHasText(item))
                .click();
    }

    @Test
    void scenes_are_made_named_duplicated_moved_and_deleted() {
        page.getByLabel("A new scene").click();
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
        assertThat(names().subList(1, 3)).containsExactly("Opening", "Opening 2");
        assertThat(page.locator(".scenes .on")).hasText("Opening 2");
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
}
