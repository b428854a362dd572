package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.net.URISyntaxException;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import knollwind.core.scene.Block;
import knollwind.core.scene.Filling;
import knollwind.core.scene.Scene;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.Value;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What is given back, what is kept apart, and what may be typed. */
class MannersTest {
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

    private static double number(Value<Double> value) {
        return ((Value.Literal<Double>) value).value();
    }

    @Test
    void escape_in_a_drawer_gives_back_what_that_part_did_and_nothing_else() {
        bench.open("");
        JsonNode before = bench.saved().tree();
        Locator pace = bench.part("title", "arrive", "pace, second");
        pace.click();
        assertThat(page.locator(".drawer")).isVisible();
        String said = pace.innerText();
        pace.press("ArrowUp");
        assertThat(pace).not().hasText(said);
        // Something else is done while the drawer is open.
        bench.at(60);
        page.locator(".bar > b").click();
        page.keyboard().press("c");
        bench.saved();
        page.locator(".drawer")
                .getByRole(com.microsoft.playwright.options.AriaRole.BUTTON)
                .first()
                .focus();
        page.keyboard().press("Escape");
        assertThat(page.locator(".drawer")).hasCount(0);
        // Who goes by key goes on from there.
        assertThat(bench.part("title", "arrive", "pace, second")).isFocused();
        assertThat(bench.part("title", "arrive", "pace, second")).hasText(said);
        Scene opening = bench.saved().document().scene("opening");
        assertThat(opening.cues()).hasSize(1);
        assertThat(bench.tree().at("/scenes/0/blocks")).isEqualTo(before.at("/scenes/0/blocks"));
    }

    @Test
    void a_scenes_length_and_tempo_are_told_in_its_sentence() {
        bench.open("scene=note");
        page.locator(".behind .part[data-part='lasts']").click();
        Locator length = page.locator(".drawer").getByLabel("length");
        length.fill("48 s");
        length.press("Enter");
        assertThat(page.locator(".behind")).containsText("It lasts 1152 frames");
        length.fill("-1");
        length.press("Enter");
        assertThat(page.locator(".behind")).containsText("It lasts 1 frame,");
        bench.undo();
        page.locator(".behind .part[data-part='tempo']").click();
        page.locator(".drawer").getByTitle("beats").click();
        assertThat(page.locator(".behind")).containsText("at 96 beats a minute");
        Scene note = bench.saved().document().scene("note");
        assertThat(note.length()).isEqualTo(1152);
        assertThat(note.beats().frames(note.rate())).isEqualTo(15);
        // Times can be typed in beats from now on.
        bench.select(note.blocks().get(0).id());
        Locator starts = page.getByLabel("starts");
        starts.fill("4b");
        starts.press("Enter");
        assertThat(bench.saved()
                        .document()
                        .scene("note")
                        .blocks()
                        .get(0)
                        .span()
                        .start()
                        .value())
                .isEqualTo(60);
    }

    @Test
    void words_names_and_directions_of_all_scenes_are_found_and_gone_to() {
        bench.open("scene=opening");
        page.locator(".bar > b").click();
        page.keyboard().press("Control+f");
        Locator field = page.getByLabel("Find", new Page.GetByLabelOptions().setExact(true));
        field.fill("no such thing");
        assertThat(page.locator(".find")).containsText("Nothing says that.");
        field.fill("EVERY NIGHT AT");
        assertThat(page.locator(".find li")).hasCount(1);
        field.press("Enter");
        assertThat(page.locator(".scenes .on")).hasText("End card");
        assertThat(page.locator(".block.selected textarea.words")).hasValue(Pattern.compile("every night.*"));
        page.getByLabel("Find in all scenes").click();
        field.fill("led by a caret");
        assertThat(page.locator(".find li").first()).containsText("arrives");
        page.keyboard().press("Escape");
        assertThat(page.locator(".find")).hasCount(0);
    }

    @Test
    void everyday_words_are_understood_where_a_direction_is_typed() {
        bench.open("scene=opening").select("title");
        bench.sentence("title", "arrive").hover();
        bench.block("title").getByLabel("Type this direction").first().click();
        Locator line = page.getByLabel("Type a direction");
        line.fill("letters slide in from the left over half a second, ease out");
        line.press("Enter");
        assertThat(bench.sentence("title", "arrive")).containsText("characters slide right 1 em");
        assertThat(bench.sentence("title", "arrive")).containsText("12 in all");
        assertThat(bench.sentence("title", "arrive")).containsText("landing softly");
        typed("title", "weight 300, all caps");
        assertThat(bench.block("title")).containsText("weight 300");
    }

    @Test
    void escape_in_a_field_gives_up_what_is_typed_there_too() {
        bench.open("");
        Locator size = bench.block("title").locator(".part[data-part='size']").first();
        String said = size.innerText();
        size.click();
        Locator field = page.locator(".drawer input").first();
        field.fill("310");
        field.press("Escape");
        assertThat(page.locator(".drawer")).hasCount(0);
        bench.settled();
        assertThat(size).hasText(said);
        size.click();
        field.fill("320");
        field.press("Tab");
        assertThat(size).hasText("320 px");
        field.fill("330");
        field.press("Enter");
        assertThat(size).hasText("330 px");
        field.press("ArrowUp");
        assertThat(size).hasText("331 px");
        field.press("Escape");
        assertThat(page.locator(".drawer")).hasCount(0);
        assertThat(size).hasText("330 px");
    }

    @Test
    void a_drawer_closes_with_its_block_unless_it_is_pinned() {
        bench.open("scene=skipper").select("name");
        bench.block("name").locator(".part[data-part='size']").first().click();
        assertThat(page.locator(".drawer")).isVisible();
        bench.select("role");
        assertThat(page.locator(".drawer")).hasCount(0);
        bench.select("name");
        assertThat(page.locator(".drawer")).hasCount(0);
        bench.block("name").locator(".part[data-part='size']").first().click();
        page.getByLabel("Keep this drawer open").click();
        bench.select("role");
        bench.select("name");
        assertThat(page.locator(".drawer")).isVisible();
    }

    @Test
    void a_typed_setting_stores_what_is_said_where_one_is_and_nothing_else() {
        bench.open("");
        page.locator(".formats button")
                .filter(new Locator.FilterOptions().setHasText("9:16"))
                .click();
        bench.settled();
        int own = format("tall").size();
        typed("title", "tracking 40");
        List<Filling> overrides = format("tall");
        assertThat(overrides).hasSize(own + 1);
        assertThat(overrides)
                .anyMatch(one -> one.block().equals("title")
                        && one.path().equals(List.of("setting", "tracking"))
                        && one.value().asInt() == 40);
        assertThat(number(((TextBlock) block("opening", "title")).setting().tracking()))
                .isNotEqualTo(40);
    }

    private List<Filling> format(String id) {
        return bench.saved().document().scene("opening").format(id).overrides();
    }

    private void typed(String block, String sentence) {
        bench.block(block)
                .locator(".quietDirection [aria-label='Type this direction']")
                .first()
                .click();
        page.getByLabel("Type the setting").fill(sentence);
        page.getByLabel("Type the setting").press("Enter");
        assertThat(page.getByLabel("Type the setting")).hasCount(0);
    }

    @Test
    void what_is_typed_and_has_no_effect_now_is_said() {
        bench.open("scene=end-card").select("line-name");
        double size =
                number(((TextBlock) block("end-card", "line-name")).setting().size());
        typed("line-name", "at " + (int) (size + 11) + " px");
        assertThat(page.locator(".saveState")).containsText("fitted, so their size counts only once they are not");
    }

    @Test
    void the_same_words_changed_in_two_windows_are_a_conflict_and_both_are_kept() {
        bench.open("");
        Workbench other = new Workbench(
                        application.chromium().page(page.context(), application.address()),
                        application.address(),
                        bench.project())
                .open("");
        // Both begin from the same words; what the second saves does not get through for a while.
        other.page().route("**/api/projects/*/revisions", com.microsoft.playwright.Route::abort);
        other.words("title").fill("LAST BOAT\nAND FROM THERE");
        other.page().waitForSelector(".saveState.waiting");
        bench.words("title").fill("LAST BOAT\nFROM HERE");
        bench.saved();
        other.page().unroute("**/api/projects/*/revisions");
        other.page().waitForSelector(".newerBar");
        // The refused saves were said by the browser, as they should be.
        assertThat(application.faults()).allMatch(fault -> fault.contains("ERR_FAILED") || fault.contains("409"));
        assertThat(other.words("title")).hasValue("LAST BOAT\nAND FROM THERE");
        other.page().getByText("Keep mine as a take").click();
        other.saved();
        List<Scene> scenes = other.document().scenes();
        assertThat(words(scenes.get(0))).isEqualTo("LAST BOAT\nFROM HERE");
        assertThat(words(scenes.get(1))).isEqualTo("LAST BOAT\nAND FROM THERE");
        // The first is told by itself.
        page.waitForSelector(".newerBar");
        other.page().close();
    }

    private static String words(Scene scene) {
        return scene.blocks().stream()
                .filter(block -> block.id().equals("title"))
                .map(block -> ((TextBlock) block).text())
                .findFirst()
                .orElseThrow();
    }

    @Test
    void numbers_and_times_can_be_typed_as_changes_of_what_they_are() {
        bench.open("scene=skipper").select("name");
        double before = block("skipper", "name").span().start().value();
        double role = block("skipper", "role").span().start().value();
        page.locator(".pageTools").getByText("ledger").click();
        page.locator("[data-row='name'] [data-cell='start']").click();
        page.getByLabel("New value").fill("+4");
        page.keyboard().press("Enter");
        assertThat(page.locator("[data-row='name'] [data-cell='start']")).hasText("" + (int) (before + 4));
        page.locator(".closeLedger").click();
        page.locator("[data-ribbon='role'] [data-grip='body']")
                .click(new Locator.ClickOptions()
                        .setModifiers(List.of(com.microsoft.playwright.options.KeyboardModifier.SHIFT)));
        page.getByLabel("starts").fill("+6");
        page.getByLabel("starts").press("Enter");
        page.waitForFunction("() => document.querySelector('.saveState.saved')");
        assertThat(block("skipper", "name").span().start().value()).isEqualTo(before + 10);
        assertThat(block("skipper", "role").span().start().value()).isEqualTo(role + 6);

        bench.open("scene=opening").select("title");
        double each = block("opening", "title").arrive().moves().get(0).pace().each();
        bench.part("title", "arrive", "pace").click();
        Locator field = page.locator(".drawer input[role=spinbutton]").first();
        field.fill("\u00d71.5");
        field.press("Enter");
        assertThat(bench.sentence("title", "arrive")).containsText((int) (each * 1.5) + " frames each");
    }

    @Test
    void a_box_can_be_drawn_from_below_the_ribbons() {
        bench.open("");
        BoundingBox lanes = page.locator(".lanes").boundingBox();
        BoundingBox last = page.locator("[data-ribbon]").last().boundingBox();
        double from = Math.min(lanes.y + lanes.height - 3, last.y + last.height + 30);
        page.mouse().move(lanes.x + 400, from);
        page.mouse().down();
        page.mouse().move(lanes.x + 300, from - 40);
        page.mouse().move(lanes.x + 120, last.y + 4);
        page.mouse().up();
        page.waitForSelector("[data-block].selected");
        assertThat(page.getByLabel("starts")).isVisible();
    }

    @Test
    void a_face_that_the_browser_refuses_has_a_stand_in_and_the_picture_has_it() throws URISyntaxException {
        bench.open("");
        Path refused = Path.of(
                MannersTest.class.getResource("/refused-by-browsers.ttf").toURI());
        bench.at(100);
        Shot before = bench.shot();
        bench.block("title").locator(".part[data-part='face']").first().click();
        page.getByLabel("Font files").setInputFiles(refused);
        assertThat(bench.block("title")).containsText("Set in Ternholm Signs");
        bench.saved().settled();
        assertThat(bench.shot().from(before).most()).isGreaterThan(100);
        page.waitForFunction(
                "() => document.querySelector('[data-block=title] textarea.words').title" + ".includes('cannot show')");
        assertThat((String) page.evaluate(
                        "() => document.querySelector('[data-block=title] textarea.words').style.fontFamily"))
                .doesNotContain("Ternholm Signs");
        page.getByLabel("Take Ternholm Signs away").click();
        assertThat(page.locator(".toCheck")).isVisible();
    }

    @Test
    void a_new_block_near_the_end_lasts_long_enough_to_be_seen() {
        bench.open("");
        bench.at(179);
        page.getByText("Add words").click();
        bench.saved();
        List<Block> blocks = bench.document().scene("opening").blocks();
        Block made = blocks.get(blocks.size() - 1);
        assertThat(made.span().length()).isGreaterThanOrEqualTo(24);
    }

    @Test
    void all_scenes_are_made_in_the_format_that_is_looked_at() {
        bench.open("");
        page.locator(".formats button")
                .filter(new Locator.FilterOptions().setHasText("1:1"))
                .click();
        bench.settled();
        JsonNode film = knollwind.core.document.DocumentJson.tree(page.request()
                .post(
                        application.address() + "/api/projects/" + bench.project() + "/film",
                        com.microsoft.playwright.options.RequestOptions.create()
                                .setData(Map.of(
                                        "base",
                                        1,
                                        "patch",
                                        Map.of("operations", List.of()),
                                        "scene",
                                        "opening",
                                        "format",
                                        "square")))
                .text());
        assertThat(film.get("width").asInt()).isEqualTo(1080);
        assertThat(film.get("height").asInt()).isEqualTo(1080);
    }
}
