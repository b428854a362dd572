package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import knollwind.core.scene.Block;
import knollwind.core.scene.Correction;
import knollwind.core.scene.Field;
import knollwind.core.scene.Row;
import knollwind.core.scene.TextBlock;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Values that are opened for others, filled in by them, and made in many versions. */
class VersionsTest {
    private final Application application = Application.get();
    private final Workbench bench = application.begun("title");
    private final Page page = bench.page();

    @AfterEach
    void nothing_went_wrong_unseen() {
        page.close();
        // What does not fit a field is refused, and said.
        assertThat(application.faults()).allMatch(fault -> fault.contains("422"));
    }

    private void openWords() {
        bench.open("");
        bench.select("title");
        bench.block("title")
                .click(new Locator.ClickOptions().setButton(com.microsoft.playwright.options.MouseButton.RIGHT));
        bench.offered()
                .filter(new Locator.FilterOptions().setHasText("Open the words as a field"))
                .click();
        assertThat(bench.block("title")).containsText("These words are open as ‹Title›");
    }

    private void goTo(String view) {
        bench.saved();
        page.navigate(page.url().replaceAll("\\?.*", "") + "/" + view + "?paint=software");
    }

    private Locator cell(int row, String label) {
        return page.locator("[data-version]").nth(row - 1).getByLabel(label);
    }

    private String title() {
        return ((TextBlock) bench.document().scenes().get(0).blocks().stream()
                        .filter(block -> block.id().equals("title"))
                        .findFirst()
                        .orElseThrow())
                .text();
    }

    @Test
    void what_is_open_is_marked_and_filled_in_where_nothing_else_is() {
        openWords();
        bench.block("title").locator(".part[data-part='size']").click();
        page.locator("[data-drawer='size']").getByText("open as a field …").click();
        bench.offered().filter(new Locator.FilterOptions().setHasText("Size")).click();
        assertThat(bench.block("title").locator(".part[data-part='size'].opened"))
                .isVisible();
        page.getByLabel("Fields", new Page.GetByLabelOptions().setExact(true)).click();
        page.locator("[data-field=Title]").getByLabel("Hint").fill("Short and loud");
        page.locator("[data-field=Title]").getByLabel("characters at most").fill("12");
        page.locator("[data-field='Title size']").getByLabel("at most").fill("200");
        page.keyboard().press("Enter");
        bench.saved();
        assertThat(bench.document().fields()).extracting(Field::most).containsExactly(12.0, 200.0);

        goTo("fill");
        Locator title = page.locator("[data-field=Title]");
        assertThat(title).containsText("Short and loud");
        assertThat(page.locator(".question")).hasCount(2);
        title.locator("textarea").fill("LAST BOAT");
        page.locator("[data-field='Title size'] input").fill("180");
        page.waitForFunction("() => document.querySelector('.fillPicture canvas')?.dataset.shown");
        bench.saved();
        assertThat(title()).isEqualTo("LAST BOAT");
        // What is refused is not lost.
        title.locator("textarea").fill("THE LAST BOAT HOME");
        assertThat(title.locator(".problem")).containsText("at most 12 characters, not 18");
        assertThat(title.locator("textarea")).hasValue("THE LAST BOAT HOME");
        assertThat(title()).isEqualTo("LAST BOAT");
        title.locator("textarea").fill("HOME");
        assertThat(title.locator(".problem")).hasCount(0);
        bench.saved();
        assertThat(title()).isEqualTo("HOME");
    }

    @Test
    void rows_are_typed_pasted_and_taken_in_looked_at_and_made() throws IOException {
        openWords();
        goTo("versions");
        page.getByText("+ version").click();
        cell(1, "Title").fill("TERN STAIR");
        page.keyboard().press("Enter");
        bench.saved();
        assertThat(bench.document().table().rows()).hasSize(1);
        assertThat(page.locator("[data-version] .cellStill canvas").first()).isVisible();

        page.locator("input[aria-label='File of a table']")
                .setInputFiles(new FilePayload(
                        "piers.csv",
                        "text/csv",
                        "title;boat\nTERN STAIR;Moorhen\nSALTMARKET;Auk\nA NAME THAT GOES ON FOR MUCH LONGER THAN ANY SIGN IS WIDE;Auk\n"
                                .getBytes(StandardCharsets.UTF_8)));
        Locator dialog = page.getByRole(com.microsoft.playwright.options.AriaRole.DIALOG);
        assertThat(dialog).containsText("2 added, 0 changed, 1 as they were");
        dialog.getByText("the first line names the columns").click();
        assertThat(dialog).containsText("4 rows");
        assertThat(dialog).containsText("Say for at least one column which field it fills in.");
        dialog.getByText("the first line names the columns").click();
        assertThat(dialog).containsText("2 added, 0 changed, 1 as they were");
        dialog.getByText("Take it in", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(page.locator("[data-version]")).hasCount(3);
        assertThat(page.locator(".tableHead")).containsText("Rows from piers.csv, kept by Title");
        // What reaches out of the frame is found, said, and can be gone to.
        assertThat(page.locator(".wrongCount")).containsText("1 row has something to look at");
        assertThat(page.locator("[data-version]").nth(2).locator(".cell.wrong")).isVisible();
        page.locator(".wrongCount").click();
        assertThat(page.locator("[data-version]")).hasCount(1);
        cell(1, "Title").fill("ROPEWALK");
        page.keyboard().press("Enter");
        assertThat(page.locator(".wrongCount")).hasCount(0);

        bench.saved();
        page.getByLabel("What is made of each").click();
        kind("Still, PNG");
        assertThat(page.locator(".makeBar")).containsText("Make all 6");
        kind("Video, MP4");
        page.keyboard().press("Escape");
        page.getByText("Make all 3").click();
        assertThat(page.locator(".makeBar"))
                .containsText(
                        "3 of 3 made",
                        new com.microsoft.playwright.assertions.LocatorAssertions.ContainsTextOptions()
                                .setTimeout(60_000));
        page.getByText("Make what has changed").click();
        assertThat(page.locator(".makeBar [role=alert]")).containsText("Nothing has changed since it was made last.");
        page.getByText("all files").click();
        Download archive =
                page.waitForDownload(() -> page.getByText("as one archive").click());
        Set<String> names = new TreeSet<>();
        try (ZipInputStream in = new ZipInputStream(Files.newInputStream(archive.path()))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                names.add(entry.getName());
            }
        }
        assertThat(List.copyOf(names))
                .hasSize(5)
                .contains("files.csv", "files.json")
                .anyMatch(name -> name.contains("ROPEWALK"));
    }

    private void kind(String label) {
        page.locator(".ant-select-item-option")
                .filter(new Locator.FilterOptions().setHasText(label))
                .first()
                .click();
    }

    @Test
    void a_cell_is_opened_corrected_marked_and_follows_again() {
        bench.made(
                "scenes/scene-1/formats",
                List.of(
                        Map.of("id", "wide", "name", "16:9", "width", 1920, "height", 1080, "overrides", List.of()),
                        Map.of("id", "tall", "name", "9:16", "width", 1080, "height", 1920, "overrides", List.of())));
        openWords();
        goTo("versions");
        page.getByText("+ version").click();
        cell(1, "Title").fill("SALTMARKET");
        page.keyboard().press("Enter");
        bench.saved();
        page.getByLabel("Open version 1 in 9:16").click();
        Locator bar = page.locator(".versionBar");
        assertThat(bar).containsText("Version 1 · SALTMARKET");
        assertThat(bench.words("title")).hasValue("SALTMARKET");
        bench.select("title");
        bench.settled();
        page.locator("circle.ring").focus();
        page.keyboard().press("ArrowRight");
        page.keyboard().press("ArrowRight");
        bench.saved();
        assertThat(bar.locator("[data-correction]")).containsText("1 in 9:16");
        Row row = bench.document().table().rows().get(0);
        assertThat(row.own()).extracting(Correction::format).containsExactly("tall");
        assertThat(block().place().rotation().literal()).contains(0.0);
        assertThat(bench.document().scenes().get(0).format("tall").overrides()).isEmpty();

        // Words are typed into the table's cell, whatever else changes are for.
        bench.words("title").fill("SALT");
        bench.words("title").pressSequentially(" QUAY");
        bench.saved();
        assertThat(bench.words("title")).hasValue("SALT QUAY");
        assertThat(bench.document().table().rows().get(0).values().get("title").stringValue())
                .isEqualTo("SALT QUAY");
        assertThat(title()).isNotEqualTo("SALT QUAY");

        bar.getByText("all versions").click();
        page.locator("circle.ring").focus();
        page.keyboard().press("ArrowLeft");
        bench.saved();
        assertThat(block().place().rotation().literal().orElseThrow()).isNotEqualTo(0.0);
        bar.getByText("follow again").click();
        assertThat(bar.locator("[data-correction]")).hasCount(0);
        bench.saved();
        assertThat(bench.document().table().rows().get(0).own()).isEmpty();
        bar.getByLabel("Leave this version").click();
        assertThat(bar).hasCount(0);
        assertThat(bench.words("title")).hasValue(title());
    }

    @Test
    void values_are_other_when_something_is_so() {
        openWords();
        page.getByText("+ when …").click();
        Locator line = page.getByLabel("Type when it is so", new Page.GetByLabelOptions().setExact(true));
        line.fill("when how many characters of ‹Titel› is above 12");
        line.press("Enter");
        assertThat(page.locator(".typedLine")).containsText("There is no field");
        line.fill("when how many characters of ‹Title› is above 12");
        line.press("Enter");
        Locator condition = page.locator("[data-condition]");
        assertThat(condition).containsText("When how many characters of ‹Title› is above 12");
        condition.locator(".part").click();
        assertThat(page.locator(".versionBar")).containsText("Shown, and changes are for");
        bench.settled();
        page.locator("circle.ring").focus();
        page.keyboard().press("ArrowRight");
        bench.saved();
        assertThat(condition).containsText("1 value is other");
        assertThat(block().place().rotation().literal()).contains(0.0);
        page.locator(".versionBar").getByText("Always").click();
        assertThat(page.locator(".versionBar")).hasCount(0);
        // Typed longer it is so.
        bench.words("title").fill("THE");
        bench.words("title").pressSequentially(" LAST BOAT HOME");
        assertThat(bench.words("title")).hasValue("THE LAST BOAT HOME");
        assertThat(condition).containsText("as now");
        bench.saved();
        condition.getByLabel("Take this condition away").click();
        assertThat(condition).hasCount(0);
    }

    private Block block() {
        return bench.document().scenes().get(0).blocks().stream()
                .filter(block -> block.id().equals("title"))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void words_are_built_by_steps() {
        page.locator("[data-block=title] article").click();
        page.getByText("build the words by steps").click();
        Locator line = page.getByLabel("Type how the words are built", new Page.GetByLabelOptions().setExact(true));
        Locator field = line.and(page.locator("input, textarea, [contenteditable]"));
        assertThat(field).hasValue("“Your title”");
        field.fill("“crossing ” and a number from 0 to 12 over 24 frames, in capitols");
        field.press("Enter");
        assertThat(page.locator(".typedLine")).containsText("in capitals");
        field.fill("“crossing ” and a number from 0 to 12 over 24 frames, in capitals");
        field.press("Enter");
        assertThat(page.locator(".words.built")).hasText("CROSSING 0");
        assertThat(page.locator(".steps li")).hasCount(2);
        assertThat(page.locator(".steps li").nth(1)).hasText("in capitalsCROSSING 0");
        bench.saved();
        page.reload();
        page.locator("[data-block=title] article").click();
        assertThat(page.locator(".words.built")).hasText("CROSSING 0");
        page.getByText("type the words instead").click();
        assertThat(page.locator("[data-block=title] textarea.words")).hasValue("CROSSING 12");
    }

    @Test
    void who_makes_exports_is_shown() {
        goTo("versions");
        page.getByText("Workers", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page.getByLabel("Workers", new Page.GetByLabelOptions().setExact(true)))
                .containsText("server");
        assertThat(page.locator("[data-state=waits]")).containsText("waits for work");
        page.getByText("Back").click();
        assertThat(page.locator(".makeBar")).isVisible();
    }
}
