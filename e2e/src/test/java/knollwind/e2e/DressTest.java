package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import knollwind.core.frame.SceneScore;
import knollwind.core.library.LookLibrary;
import knollwind.core.scene.Block;
import knollwind.core.scene.Dressing;
import knollwind.core.scene.Project;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

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
        is_nearly_what_the_core_computes(0.3, frames);
    }

    /** @param most of 255, in the mean */
    private void is_nearly_what_the_core_computes(double most, int... frames) {
        Project document = bench.saved().document();
        SceneScore score = Shot.score(document, document.scenes().get(0).id());
        for (int frame : frames) {
            Shot shot = bench.at(frame).shot();
            assertThat(shot.from(Shot.painted(score, frame, shot.width(), shot.height()))
                            .mean())
                    .as("frame %d is what the core computes", frame)
                    .isLessThan(most);
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
        bench.choose("Dress it with", "an inner shadow");
        assertThat(sentence).containsText("fading over 0.8 em, an inner shadow of 6 px");
        sentence.locator(".part[data-part='innerShadow']").first().click();
        bench.choose("Put on as number", "2");
        assertThat(sentence).containsText("at 60 %, mirrored below");
        assertThat(dressings()).extracting(Dressing::kind).containsExactly("glow", "innerShadow", "mirror");
        page.locator(".drawer").getByText("switched off").first().click();
        assertThat(sentence).containsText("switched off");
        is_what_the_core_computes(60);
        bench.undo();
        bench.undo();
        assertThat(dressings()).extracting(Dressing::kind).containsExactly("glow", "mirror", "innerShadow");
    }

    @Test
    void its_numbers_change_over_time_with_keys_in_the_sentence_and_in_the_bar_sheet() {
        bench.select("title");
        type("a shadow of 4 px in #000000 at 80 % falling 0 px towards 90\u00b0");
        sentence.locator(".part[data-part='shadow']").first().click();
        bench.choose("Over time", "softness");
        assertThat(sentence).containsText("a shadow of from 4 px at 0 to 4 px at 24");
        // What was pressed is gone with what it changed; Escape closes its drawer all the same, and takes it back.
        page.keyboard().press("Escape");
        assertThat(page.locator(".drawer")).hasCount(0);
        assertThat(sentence).containsText("a shadow of 4 px");
        sentence.locator(".part[data-part='shadow']").first().click();
        bench.choose("Over time", "softness");
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
    void dressings_are_dragged_into_another_order_and_moved_by_keys() {
        bench.select("title");
        type("a shadow, a glow, mirrored");
        assertThat(sentence).containsText("mirrored below");
        Locator grips = sentence.locator(".turnGrip");
        assertThat(grips).hasCount(3);
        Locator mirror = grips.last();
        var onto = sentence.locator(".part[data-turn='0']").first().boundingBox();
        var from = mirror.boundingBox();
        bench.drag(mirror, onto.x + 12 - from.x - from.width / 2, onto.y + onto.height / 2 - from.y - from.height / 2);
        assertThat(sentence).containsText("Dressed \u2014 mirrored below");
        assertThat(dressings()).extracting(Dressing::kind).containsExactly("mirror", "shadow", "glow");
        grips.first().focus();
        page.keyboard().press("ArrowRight");
        assertThat(sentence).containsText("Dressed \u2014 a shadow");
        assertThat(dressings()).extracting(Dressing::kind).containsExactly("shadow", "mirror", "glow");
        bench.undo();
        bench.undo();
        assertThat(dressings()).extracting(Dressing::kind).containsExactly("shadow", "glow", "mirror");
    }

    @Test
    void words_are_dressed_one_by_one_while_they_arrive_and_colours_change_over_time() {
        bench.select("title");
        type("a glow of 5 to 40 px in #f0b64a at 70 %, on every other character, outlined by 4 px outside in #c8472f");
        sentence.locator(".part[data-part='glow']").first().click();
        bench.choose("Following", "strength");
        assertThat(sentence).containsText("its strength from 0 % while it arrives");
        bench.choose("Put on", "word by word");
        assertThat(sentence).containsText("word by word");
        sentence.locator(".part[data-part='drive']").click();
        page.locator(".drawer[data-drawer='drive']").getByText("goes to it").click();
        assertThat(sentence).containsText("its strength to 0 % while it arrives");
        is_what_the_core_computes(8, 20);
        sentence.locator(".part[data-part='lines']").first().click();
        bench.choose("Over time", "colour");
        assertThat(sentence).containsText("from #c8472f at 0 to #c8472f at 24");
        sentence.locator(".part[data-part='colour key']").last().click();
        page.locator(".drawer[data-drawer='colour key']")
                .locator("input")
                .first()
                .fill("#1d5c80");
        page.keyboard().press("Enter");
        assertThat(dressings().get(1).colours().get("colour").keys().orElseThrow())
                .extracting(key -> key.value())
                .containsExactly("#c8472f", "#1d5c80");
        assertThat(page.locator("[data-keys='dress/d2/colours/colour'] .colourStrip rect"))
                .not()
                .hasCount(0);
        is_what_the_core_computes(12);
    }

    @Test
    void a_look_is_chosen_on_its_own_words_in_their_size_and_colour() {
        bench.select("title");
        page.locator(".block.selected")
                .getByText("looks", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(page.locator(".moveCard")).hasCount(LookLibrary.looks().size());
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

    /** Light that is added, letters that are out, what is cut, wiped, dashed, stuttering and flown into: all as the exporter paints it. */
    @Test
    void whatever_it_is_dressed_with_the_page_shows_what_the_core_computes() {
        bench.select("title");
        for (String worn : List.of(
                "lit as a sign in #f0b64a with light of 9 to 40 px at 80 % spilling over 160 px at 30 % stuttering on over 60 frames",
                "matted by the brightness of \u201cAnd a line under it\u201d kept outside it softened by 4 px, disturbed by 70 %",
                "outlined by 6 px outside in #c8472f in dashes of 14 px and gaps of 9 px its corners sharp drawn as far as 70 %,"
                        + " textured by print dots of 9 px in #0b1a26 at 70 %",
                "traced by sparks over 60 frames swirling by 12 px drawn as streaks its letters fading in behind them",
                "traced by sparks over 90 frames born 400 a second from where they land drawn as stars their light flaring up and fading"
                        + " lighting what is within 1 em at 70 %",
                "the weight of its letters let go where they stand bouncing by 60 % as solid as their outlines their plates drawn as lines"
                        + " drawn by 30 em a second each second to 30 % across and 70 % down",
                "flown into over its last 30 frames, a window in #0b1a26, mirrored below at 40 % fading over 1 em rippling by 6 px")) {
            type(worn);
            assertThat(sentence).containsText(worn.substring(0, 12));
            is_what_the_core_computes(30, 112);
        }
    }

    @Test
    void a_list_falls_into_a_heap_otherwise_with_other_words_and_gathers_where_it_is_set() {
        bench.select("title");
        bench.words("title").fill("Tern Stair\nPier Two\nFar Holm");
        page.locator(".bar > b").click();
        bench.at(100);
        Shot set = bench.shot();
        type(
                "the weight of its lines falling from above one every 3 frames as solid as capsules padded by 0.2 em their plates seen");
        bench.at(100);
        Shot heap = bench.shot();
        is_what_the_core_computes(40, 100);
        bench.words("title").fill("Tern Stair\nPier Two\nColdharbour Steps");
        page.locator(".bar > b").click();
        bench.saved();
        assertThat(bench.at(100).shot().from(heap).most()).isGreaterThan(60);
        page.locator(".block.selected .part", new Page.LocatorOptions().setHasText("the weight of its lines"))
                .first()
                .click();
        page.locator(".drawer").getByLabel("gathering over").fill("20");
        page.keyboard().press("Enter");
        assertThat(sentence).containsText("gathering from 60 frames over 20 frames");
        page.keyboard().press("Escape");
        bench.words("title").fill("Tern Stair\nPier Two\nFar Holm");
        page.locator(".bar > b").click();
        bench.saved();
        // But for what its edges are rounded to: what is dressed is brought to its place in one step more.
        assertThat(bench.at(100).shot().from(set).most()).isLessThanOrEqualTo(2);
    }

    @Test
    void a_scene_is_finished_and_its_words_are_filled_with_a_conic_gradient_whose_colours_are_dragged() {
        page.locator(".behind .part[data-part='more']").click();
        page.locator(".drawer").getByText("a vignette").click();
        assertThat(page.locator(".behind")).containsText("The finish is a vignette of 30 %.");
        bench.select("title");
        bench.at(60);
        Locator setting =
                page.locator(".block.selected .direction").filter(new Locator.FilterOptions().setHasText("Set in"));
        setting.getByLabel("Type this direction").click();
        Locator field = page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Type the setting"));
        field.fill("in a conic gradient of #f0b64a at 0 % and #c8472f at 50 % around 50 % and 50 % from 0\u00b0");
        field.press("Enter");
        assertThat(setting).containsText("a conic gradient around 50 % and 50 % from 0\u00b0");
        is_what_the_core_computes(60);
        bench.drag(page.locator("[data-spot='centre']"), 60, 0);
        assertThat(setting).not().containsText("around 50 % and 50 %");
        bench.drag(page.locator("[data-spot^='stop/']").last(), 0, 40);
        assertThat(bench.saved()
                        .document()
                        .scenes()
                        .get(0)
                        .blocks()
                        .get(0)
                        .fill()
                        .colourStops()
                        .get(1)
                        .at())
                .isLessThan(0.49);
        is_what_the_core_computes(60);
        page.locator(".behind .part[data-part='finish']").click();
        page.locator(".drawer").getByLabel("grain").last().fill("12");
        page.keyboard().press("Enter");
        assertThat(page.locator(".behind")).containsText("The finish is grain of 12 % and a vignette of 30 %.");
        is_nearly_what_the_core_computes(0.5, 60);
    }

    @Test
    void light_is_dragged_in_the_picture_and_moved_by_keys() {
        bench.select("title");
        type("a shadow of 4 px in #000000 at 80 % falling 60 px towards 90\u00b0");
        bench.at(60);
        Locator light = page.locator("[data-spot^='dress/d1']");
        bench.drag(light, -50, -10);
        bench.settled();
        double angle = dressings().get(0).numbers().get("angle").literal().orElseThrow();
        assertThat(angle).isBetween(130.0, 180.0);
        assertThat(sentence).containsText("towards " + Math.round(angle) + "\u00b0");
        light.focus();
        page.keyboard().press("Shift+ArrowDown");
        bench.saved();
        assertThat(sentence).not().containsText("towards " + Math.round(angle) + "\u00b0");
        is_what_the_core_computes(60);
        type("mirrored below at 60 % fading over 0.8 em");
        bench.at(100);
        bench.drag(page.locator("[data-spot$='/fade']"), 0, 30);
        bench.saved();
        assertThat(dressings().get(0).numbers().get("fade").literal().orElseThrow())
                .isGreaterThan(0.85);
        is_what_the_core_computes(100);
    }

    @Test
    void a_style_is_saved_and_used_in_another_project_and_a_newer_one_is_refused(@TempDir Path folder)
            throws IOException {
        bench.select("title");
        type("lit as a sign in #ff5a6e");
        page.locator(".block.selected").getByText("save as a style").click();
        page.getByLabel("Name of the style").fill("Late bar");
        page.getByLabel("Name of the style").press("Enter");
        assertThat(page.locator(".saveUnder")).hasCount(0);

        Workbench other = application.begun("title");
        other.select("title");
        Page there = other.page();
        there.locator(".block.selected")
                .getByText("looks", new Locator.GetByTextOptions().setExact(true))
                .click();
        there.getByText("Saved by you").click();
        Locator card = there.locator(".moveCard");
        assertThat(card).hasCount(1);
        assertThat(card.locator("canvas[data-shown]")).isVisible();
        Path file = folder.resolve("styles.json");
        there.waitForDownload(() -> there.getByText("Export yours").click()).saveAs(file);
        card.click();
        there.getByText("Use \u201cLate bar\u201d").click();
        assertThat(there.locator(".block.selected")).containsText("lit as a sign in");
        assertThat(other.saved().document().scenes().get(0).blocks().get(0).dressings())
                .extracting(Dressing::kind)
                .containsExactly("sign");

        there.locator(".block.selected")
                .getByText("looks", new Locator.GetByTextOptions().setExact(true))
                .click();
        String newer = Files.readString(file).replaceFirst("\"documentVersion\": \\d+", "\"documentVersion\": 99");
        there.getByLabel("File of styles")
                .setInputFiles(
                        new FilePayload("newer.json", "application/json", newer.getBytes(StandardCharsets.UTF_8)));
        assertThat(there.locator(".moveGallery .problem"))
                .containsText("\u201cLate bar\u201d was kept by a newer version");
        there.getByLabel("File of styles").setInputFiles(file);
        assertThat(there.locator(".moveGallery .problem")).containsText("All styles of this file are here already");
        there.getByText("Saved by you").click();
        there.locator(".moveCard").click();
        there.getByText("Delete", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(there.getByText("Save a block\u2019s look from its tools on the page."))
                .isVisible();
    }
}
