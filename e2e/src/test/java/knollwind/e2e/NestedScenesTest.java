package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import knollwind.core.scene.Block;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Hold;
import knollwind.core.scene.Nested;
import knollwind.core.scene.Project;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** A scene that stands in another one: edited once, changed everywhere, and different where it stands. */
class NestedScenesTest {
    private final Application application = Application.get();
    private final Workbench bench = application.demo();
    private final Page page = bench.page();

    @AfterEach
    void nothing_went_wrong_unseen() {
        page.close();
        assertThat(application.faults()).isEmpty();
    }

    private Locator scenesOffered() {
        page.getByText("Add a scene").click();
        return bench.offered();
    }

    private Block shown() {
        assertThat(page.locator("[data-block^='scene-']")).hasCount(1);
        return bench.saved().document().scene("crossing").blocks().stream()
                .filter(block -> Nested.of(block).isPresent())
                .findFirst()
                .orElseThrow();
    }

    private Shot at(int frame) {
        return bench.at(frame).settled().shot();
    }

    @Test
    void a_scene_stands_in_another_with_other_words_and_stretches_at_its_hold() {
        bench.open("scene=crossing").at(20);
        Shot before = at(90);
        bench.at(20);
        scenesOffered()
                .filter(new Locator.FilterOptions().setHasText("Skipper"))
                .click();
        Block block = shown();
        assertThat(block.span().start().value()).isEqualTo(20);
        assertThat(block.span().end().value()).isEqualTo(140);
        Shot title = at(90);
        assertThat(title.from(before).mean()).isGreaterThan(5);

        page.locator(".block.selected .part[data-part='changes']").click();
        Locator words = page.getByLabel("Words of Ines Tarrow");
        words.fill("Odd Fenwright");
        words.press("Enter");
        assertThat(Nested.of(shown()).orElseThrow().changes().get(0).value().asString())
                .isEqualTo("Odd Fenwright");
        Shot other = at(90);
        assertThat(other.from(title).most()).isGreaterThan(60);
        page.getByLabel("Ines Tarrow as in its scene").click();
        assertThat(Nested.of(shown()).orElseThrow().changes()).isEmpty();
        assertThat(at(90).from(title).most()).isZero();

        // Edited once, changed everywhere.
        page.locator(".openNested").click();
        assertThat(page.locator(".scenes .on")).hasText("Skipper");
        assertThat(scenesOffered().allInnerTexts()).doesNotContain("Skipper", "Crossing");
        page.keyboard().press("Escape");
        page.locator(".part[data-part='hold']").click();
        page.locator(".drawer").getByText("a stretch").click();
        assertThat(bench.saved().document().scene("skipper").hold()).isEqualTo(new Hold(40, 80));
        bench.words("name").fill("Mairi Quill");
        page.locator(".bar > b").click();
        bench.saved();
        page.locator(".scenes button:text-is('Crossing')").click();
        bench.settled();
        assertThat(at(90).from(title).most()).isGreaterThan(60);

        bench.select(shown().id());
        page.getByLabel("lasts").fill("160");
        page.keyboard().press("Enter");
        assertThat(page.locator(".block.selected")).containsText("stretched at its hold from 120 frames to 160");
    }

    @Test
    void an_older_project_keeps_its_looks_until_the_new_rules_are_accepted() {
        bench.open("scene=skipper");
        page.locator(".part[data-part='hold']").click();
        page.locator(".drawer").getByText("a stretch").click();
        page.keyboard().press("Enter");
        page.locator(".scenes button:text-is('Crossing')").click();
        bench.settled();
        bench.at(20);
        scenesOffered()
                .filter(new Locator.FilterOptions().setHasText("Skipper"))
                .click();
        bench.select(shown().id());
        page.getByLabel("lasts").fill("24");
        page.keyboard().press("Enter");
        bench.saved();
        assertThat(page.locator(".engineBar")).hasCount(0);
        bench.made("engineVersion", "1").open("scene=crossing");
        Shot before = at(42);
        assertThat(page.locator(".engineBar")).containsText("One scene looks different");
        page.getByText("See before and after").click();
        assertThat(page.locator(".enginePair canvas")).hasCount(2);
        Locator pictures = page.locator(".enginePair canvas");
        Object one = pictures.nth(0).evaluate("canvas => canvas.toDataURL()");
        assertThat(pictures.nth(1).evaluate("canvas => canvas.toDataURL()")).isNotEqualTo(one);
        page.getByText("Use the new rules").click();
        assertThat(page.locator(".engineBar")).hasCount(0);
        bench.saved();
        assertThat(bench.document().engineVersion()).isEqualTo(Project.ENGINE_VERSION);
        assertThat(at(42).from(before).most()).isGreaterThan(30);
        bench.undo();
        assertThat(bench.saved().document().engineVersion()).isEqualTo("1");
        assertThat(at(42).from(before).most()).isZero();
    }

    @Test
    void what_shows_a_scene_that_is_deleted_says_so() {
        bench.open("scene=crossing").at(20);
        scenesOffered().filter(new Locator.FilterOptions().setHasText("Note")).click();
        Fill.Nested nested = Nested.of(shown()).orElseThrow();
        assertThat(nested.scene()).isEqualTo("note");
        page.locator(".scenes button:text-is('Note')").click();
        bench.settled();
        page.locator(".scenes .sceneMenu").first().click();
        bench.offered().filter(new Locator.FilterOptions().setHasText("delete")).click();
        page.locator(".scenes button:text-is('Crossing')").click();
        bench.settled();
        page.locator(".toCheck").click();
        assertThat(page.locator(".problemList")).containsText("shows a scene that is gone");
    }
}
