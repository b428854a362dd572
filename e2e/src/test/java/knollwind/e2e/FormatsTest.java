package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import knollwind.core.scene.Filling;
import knollwind.core.scene.Format;
import knollwind.core.scene.Numbers;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.Value;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** One scene in several frame shapes. */
class FormatsTest {
    private final Application application = Application.get();
    private final Workbench bench = application.demo();
    private final Page page = bench.page();

    @AfterEach
    void nothing_went_wrong_unseen() {
        page.close();
        // A refusal is answered with 422, which the browser logs by itself.
        assertThat(application.faults()).allMatch(fault -> fault.contains("status of 422"));
    }

    @Test
    void a_change_in_one_format_stays_there_until_it_follows_again() {
        bench.open("scene=skipper").select("name").at(70);
        show("9:16");
        Project before = bench.document();
        int own = format(before, "tall").overrides().size();
        Locator tracking = part("tracking");
        assertThat(tracking).not().hasClass(java.util.regex.Pattern.compile(".*\\bown\\b.*"));
        tracking.focus();
        page.keyboard().press("Shift+ArrowUp");
        page.keyboard().press("Shift+ArrowUp");
        assertThat(part("tracking")).hasText("20");
        assertThat(part("tracking")).hasClass(java.util.regex.Pattern.compile(".*\\bown\\b.*"));
        bench.saved();
        Project after = bench.document();
        assertThat(after.scene("skipper").blocks())
                .isEqualTo(before.scene("skipper").blocks());
        List<Filling> overrides = format(after, "tall").overrides();
        assertThat(overrides).hasSize(own + 1);
        assertThat(overrides.get(own).path()).containsExactly("setting", "tracking");
        agrees("skipper", "9:16", 70);

        show("16:9");
        assertThat(part("tracking")).hasText("0");
        agrees("skipper", "16:9", 70);

        bench.open("scene=skipper").select("name").at(70);
        show("9:16");
        assertThat(part("tracking")).hasText("20");
        part("tracking").click();
        page.getByText("Follow 16:9 again").click();
        assertThat(part("tracking")).hasText("0");
        bench.saved();
        assertThat(format(bench.document(), "tall").overrides()).hasSize(own);
        bench.undo();
        assertThat(part("tracking")).hasText("20");
    }

    /** A ruler in the picture tells what the sentence and its drawer tell; the document keeps px of what the scene is measured in. */
    @Test
    void lengths_are_told_and_typed_in_the_px_of_the_format_that_is_looked_at() {
        bench.open("scene=skipper").select("name").at(70);
        double scale = 1080 / 1920.0;
        double kept = name(bench.document()).setting().size().literal().orElseThrow();
        assertThat(part("size")).hasText(Numbers.text(kept) + " px");
        show("9:16");
        assertThat(part("size")).hasText(Numbers.text(Math.rint(own("size").asDouble() * scale * 10) / 10) + " px");
        part("size").click();
        page.locator(".drawer").getByRole(AriaRole.SPINBUTTON).fill("63");
        page.keyboard().press("Enter");
        assertThat(part("size")).hasText("63 px");
        bench.saved();
        assertThat(own("size").asDouble()).isEqualTo(112);

        bench.block("name").getByLabel("Type this direction").last().click();
        Locator field = page.getByLabel("Type the setting");
        assertThat(field).hasValue(java.util.regex.Pattern.compile(".* at 63 px.*"));
        field.fill("at 90 px");
        field.press("Enter");
        assertThat(part("size")).hasText("90 px");
        bench.saved();
        assertThat(own("size").asDouble()).isEqualTo(160);
        assertThat(name(bench.document()).setting().size()).isEqualTo(Value.of(kept));
        agrees("skipper", "9:16", 70);
    }

    /** What the tall format has of its own of the name's setting. */
    private JsonNode own(String member) {
        return format(bench.document(), "tall").overrides().stream()
                .filter(one -> one.block().equals("name") && one.path().equals(List.of("setting", member)))
                .findFirst()
                .orElseThrow()
                .value();
    }

    @Test
    void words_and_changes_meant_for_all_reach_every_format() {
        bench.open("scene=skipper").select("name").at(70);
        show("1:1");
        page.getByText("everywhere", new Page.GetByTextOptions().setExact(true)).click();
        part("tracking").focus();
        page.keyboard().press("Shift+ArrowUp");
        bench.words("name").fill("Mairi Quill");
        page.locator(".bar > b").click();
        bench.saved();
        TextBlock name = name(bench.document());
        assertThat(name.text()).isEqualTo("Mairi Quill");
        assertThat(name.setting().tracking()).isEqualTo(Value.of(10.0));
        bench.at(70);
        agrees("skipper", "1:1", 70);
    }

    @Test
    void a_new_format_holds_the_composition_and_moves_of_its_own() {
        bench.open("");
        bench.at(100);
        page.getByLabel("Formats of this scene").click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("+ 300×250"))
                .click();
        assertThat(page.getByLabel("Show 300×250")).isVisible();
        page.keyboard().press("Escape");
        bench.settled();
        agrees("opening", "300×250", 100);
        Scene before = bench.saved().document().scene("opening");
        bench.sentence("title", "arrive").hover();
        bench.sentence("title", "arrive").getByLabel("More for this move").click();
        page.getByText("leave this move out").click();
        assertThat(bench.sentence("title", "arrive")).containsText("at once");
        Scene after = bench.saved().document().scene("opening");
        assertThat(after.blocks()).isEqualTo(before.blocks());
        assertThat(after.format("300×250").overrides())
                .singleElement()
                .satisfies(override -> assertThat(override.path()).containsExactly("arrive", "moves"));
        bench.at(30);
        agrees("opening", "300×250", 30);
        show("16:9");
        assertThat(bench.sentence("title", "arrive")).containsText("centre out");
        assertThat(page.locator(".formatStrip canvas")).hasCount(4);
    }

    @Test
    void another_format_becomes_the_base_and_every_format_looks_as_before() {
        bench.open("scene=skipper").select("name").at(70);
        show("1:1");
        Shot square = bench.settled().shot();
        show("16:9");
        Shot wide = bench.settled().shot();
        formats();
        page.locator(".formatsPanel tr")
                .filter(new Locator.FilterOptions().setHasText("1:1"))
                .getByText("make base")
                .click();
        assertThat(page.locator(".formats button").first()).hasText("1:1");
        page.keyboard().press("Escape");
        assertThat(bench.settled().shot().from(square).most()).isLessThanOrEqualTo(1);
        show("16:9");
        assertThat(bench.settled().shot().from(wide).most()).isLessThanOrEqualTo(1);
        bench.saved();
        assertThat(bench.document().scene("skipper").formats().get(0).overrides())
                .isEmpty();
        agrees("skipper", "16:9", 70);
    }

    @Test
    void a_format_is_named_resized_given_a_safe_area_and_added_to_all_scenes() {
        bench.open("scene=skipper").at(70);
        formats();
        page.locator(".formatName").getByText("9:16").click();
        page.getByLabel("Name of the format 9:16").fill("Pier screen");
        page.keyboard().press("Enter");
        page.getByLabel("Height of Pier screen").fill("1800");
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("Height of Pier screen")).hasValue("1800");
        page.getByLabel("Width of Pier screen").fill("4");
        page.keyboard().press("Enter");
        assertThat(page.locator(".formatsPanel [role=alert]")).containsText("between 16 and 8192, not 4");
        Locator row = page.locator(".formatsPanel tr").filter(new Locator.FilterOptions().setHasText("Pier screen"));
        row.getByText("safe area").click();
        page.getByLabel("Safe area of Pier screen, bottom").fill("20");
        page.getByLabel("to all scenes").check();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("+ 728×90"))
                .click();
        assertThat(page.locator(".formats button.on")).hasText("728×90");
        Project project = bench.saved().document();
        Format format = format(project, "tall");
        assertThat(format.name()).isEqualTo("Pier screen");
        assertThat(format.height()).isEqualTo(1800);
        assertThat(format.safe().bottom()).isEqualTo(20);
        assertThat(project.scenes()).allMatch(scene -> scene.formats().stream().anyMatch(one -> one.width() == 728));
    }

    private void formats() {
        page.getByLabel("Formats of this scene").click();
        page.waitForSelector(".formatsPanel .shapes button");
    }

    private void agrees(String scene, String format, int frame) {
        Shot shot = bench.settled().shot();
        shot.assertShows(Shot.score(bench.saved().document(), scene, format), frame, format);
    }

    private void show(String format) {
        page.locator(".formats button")
                .filter(new Locator.FilterOptions().setHasText(format))
                .click();
        page.waitForSelector(".formats button.on:text-is('" + format + "')");
        bench.settled();
    }

    private Locator part(String name) {
        return bench.block("name")
                .locator(".quietDirection .part[data-part='" + name + "']")
                .first();
    }

    private static Format format(Project project, String id) {
        return project.scene("skipper").format(id);
    }

    private static TextBlock name(Project project) {
        return (TextBlock) project.scene("skipper").blocks().stream()
                .filter(block -> block.id().equals("name"))
                .findFirst()
                .orElseThrow();
    }
}
