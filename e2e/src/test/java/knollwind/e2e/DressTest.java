package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import knollwind.core.frame.SceneScore;
import knollwind.core.scene.Block;
import knollwind.core.scene.Dressing;
import knollwind.core.scene.Project;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** What a new project's title is dressed with: typed, by its drawers, over time. */
class DressTest {
    private final Application application = Application.get();
    private final Workbench bench = application.begun("title");
    private final Page page = bench.page();
    private final Locator sentence =
            page.locator(".block.selected .direction").filter(new Locator.FilterOptions().setHasText("Dressed"));

    @AfterEach
    void nothing_went_wrong_unseen() {
        page.close();
        // A refusal is answered with 422, which the browser logs by itself.
        assertThat(application.faults()).allMatch(fault -> fault.contains("status of 422"));
    }

    private List<Dressing> dressings() {
        Block title = bench.saved().document().scenes().get(0).blocks().get(0);
        return title.dressings();
    }

    private void type(String words) {
        sentence.getByLabel("Type this direction").click();
        Locator field =
                page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Type what it is dressed with"));
        field.fill(words);
        field.press("Enter");
    }

    private void is_what_the_core_computes(int... frames) {
        Project document = bench.saved().document();
        SceneScore score = Shot.score(document, document.scenes().get(0).id());
        for (int frame : frames) {
            Shot shot = bench.at(frame).shot();
            assertThat(shot.from(Shot.painted(score, frame, shot.width(), shot.height()))
                            .mean())
                    .as("frame %d is what the core computes", frame)
                    .isLessThan(0.3);
        }
    }

    @Test
    void it_is_typed_changed_by_its_drawer_reordered_and_the_page_shows_what_the_core_computes() {
        bench.select("title");
        assertThat(sentence).containsText("Dressed \u2014 nothing.");
        type("a glow of 5 to 40 px in #f0b64a, mirrored below at 40 % fading over 0.8 em, a halo");
        assertThat(page.locator(".typedLine")).containsText("cannot be read here");
        page.keyboard().press("Escape");
        type("a glow of 5 to 40 px in #f0b64a, mirrored below at 40 % fading over 0.8 em");
        assertThat(sentence).containsText("a glow of 5 to 40 px in #f0b64a at 70 %, mirrored below");
        is_what_the_core_computes(12, 60);

        sentence.locator(".part[data-part='more']").click();
        bench.choose("Dress it with", "a shadow");
        assertThat(sentence).containsText("fading over 0.8 em, a shadow of 10 px");
        sentence.locator(".part[data-part='shadow']").first().click();
        page.locator(".drawer").getByText("put on earlier").click();
        assertThat(sentence).containsText("at 60 %, mirrored below");
        assertThat(dressings()).extracting(Dressing::kind).containsExactly("glow", "shadow", "mirror");
        page.locator(".drawer").getByText("switched off").first().click();
        assertThat(sentence).containsText("switched off");
        is_what_the_core_computes(60);
        bench.undo();
        bench.undo();
        assertThat(dressings()).extracting(Dressing::kind).containsExactly("glow", "mirror", "shadow");
    }

    @Test
    void its_numbers_change_over_time_with_keys_in_the_sentence_and_in_the_bar_sheet() {
        bench.select("title");
        type("a shadow of 4 px in #000000 at 80 % falling 0 px towards 90\u00b0");
        sentence.locator(".part[data-part='shadow']").first().click();
        page.locator(".drawer")
                .getByText("softness", new Locator.GetByTextOptions().setExact(true))
                .last()
                .click();
        assertThat(sentence).containsText("a shadow of from 4 px at 0 to 4 px at 24");
        assertThat(page.locator(".keyName, .keyRow, .keyNames")
                        .filter(new Locator.FilterOptions().setHasText("shadow soft"))
                        .first())
                .isVisible();
        sentence.locator(".part[data-part='softness key']").last().click();
        page.locator(".drawer").getByLabel("softness").last().fill("40");
        page.keyboard().press("Enter");
        assertThat(dressings().get(0).numbers().get("soft").keys().orElseThrow())
                .extracting(key -> key.value())
                .containsExactly(4.0, 40.0);
        is_what_the_core_computes(40, 60);
    }

    @Test
    void a_look_is_chosen_on_its_own_words_in_their_size_and_colour() {
        bench.select("title");
        page.locator(".block.selected")
                .getByText("looks", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(page.locator(".moveCard")).hasCount(46);
        page.getByLabel("Search looks").fill("hard drop");
        Locator card = page.locator(".moveCard");
        assertThat(card).hasCount(1);
        assertThat(card.locator("canvas[data-shown]")).isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Of the words"))
                .click();
        card.click();
        page.getByText("Use \u201cHard drop\u201d").click();
        assertThat(sentence).containsText("a shadow of 0 px in #f4ead2 at 100 % falling 11 px");
        is_what_the_core_computes(60);
    }
}
