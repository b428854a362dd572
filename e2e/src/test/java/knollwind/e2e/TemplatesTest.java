package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.MouseButton;
import java.util.List;
import knollwind.core.scene.Field;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Scene;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Titles that are published, and used by others. */
class TemplatesTest {
    private final Application application = Application.get();
    private final Workbench bench = application.begun("title");
    private final Page page = bench.page();

    @AfterEach
    void nothing_went_wrong_unseen() {
        page.close();
        assertThat(application.faults()).allMatch(fault -> fault.contains("422"));
    }

    private void publish(String name) {
        page.getByLabel("Fields", new Page.GetByLabelOptions().setExact(true)).click();
        page.getByText("Publish as a template").click();
        if (!name.isEmpty()) {
            page.getByLabel("Name of the template").fill(name);
            page.getByLabel("Note").fill("For names of quays");
        } else {
            page.getByLabel("Of which template").click();
            page.locator(".ant-select-item-option")
                    .filter(new Locator.FilterOptions().setHasText("the newer state of Quay title"))
                    .click();
        }
        page.getByText("Publish", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page.locator(".publish")).hasCount(0);
    }

    private Locator card() {
        return page.locator(".templateCard")
                .filter(new Locator.FilterOptions()
                        .setHas(page.getByText("Quay title", new Page.GetByTextOptions().setExact(true))));
    }

    @Test
    void a_title_is_published_used_in_another_project_and_followed_when_it_changes() throws Exception {
        bench.open("");
        bench.select("title");
        bench.block("title").click(new Locator.ClickOptions().setButton(MouseButton.RIGHT));
        bench.offered()
                .filter(new Locator.FilterOptions().setHasText("Open the words as a field"))
                .click();
        bench.saved();
        publish("Quay title");

        page.navigate(application.address() + "/?paint=software");
        assertThat(card()).containsText("For names of quays");
        assertThat(card()).containsText("asks for Title");
        page.waitForSelector(".templateCard:has-text('Quay title') canvas[data-shown]");
        Download file = page.waitForDownload(() -> card().getByText("Save").click());
        assertThat(file.suggestedFilename()).isEqualTo("Quay title.zip");
        card().getByText("Begin with it").click();
        page.waitForURL("**/projects/*");
        String made = page.url().replaceAll(".*/projects/([^?]*).*", "$1");
        Workbench other = new Workbench(page, application.address(), made);
        page.waitForSelector("textarea.words:focus");
        page.keyboard().type("SALTMARKET");
        other.saved();

        // Once more, as a block of the same scene.
        page.getByLabel("More for the scene Scene 1").click();
        page.getByText("use a template…").click();
        card().getByText("As a block").click();
        assertThat(page.locator(".templateList")).hasCount(0);
        other.saved();
        assertThat(other.document().scenes()).extracting(Scene::name).containsExactly("Scene 1", "Scene 2");
        assertThat(other.document().fields()).extracting(Field::name).containsExactly("Title", "Title 2");
        assertThat(other.document().scenes().get(0).blocks())
                .anyMatch(block -> block.fill() instanceof Fill.Nested nested
                        && nested.scene().startsWith("t1."));
        assertThat(page.locator(".followBar")).hasCount(0);

        bench.made("scenes/scene-1/blocks/title/setting/size", 99);
        bench.open("");
        publish("");
        other.open("");
        assertThat(page.locator(".followBar")).containsText("“Quay title” has been published anew");
        page.getByText("See what changes").click();
        assertThat(page.locator(".followChanges")).containsText("of your own stay");
        page.waitForSelector(".followPair [data-label=then] canvas");
        page.getByText("Follow it").click();
        assertThat(page.locator(".followChanges")).hasCount(0);
        other.saved();
        Scene followed = other.document().scenes().get(0);
        assertThat(followed.blocks().get(0).asWords().orElseThrow().text()).isEqualTo("SALTMARKET");
        assertThat(followed.blocks()
                        .get(0)
                        .asWords()
                        .orElseThrow()
                        .setting()
                        .size()
                        .literal())
                .contains(99.0);
        // The other use is a use of its own.
        assertThat(page.locator(".followBar")).containsText("Scene 2 stays as it is");
        page.getByLabel("Undo", new Page.GetByLabelOptions().setExact(true)).click();
        other.saved();
        assertThat(other.document().scenes().get(0).origin().revision()).isEqualTo(1);
        assertThat(List.of(other.document()
                        .scenes()
                        .get(0)
                        .blocks()
                        .get(0)
                        .asWords()
                        .orElseThrow()
                        .text()))
                .containsExactly("SALTMARKET");
    }
}
