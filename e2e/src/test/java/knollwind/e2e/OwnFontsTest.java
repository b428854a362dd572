package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Faces are chosen by their look, and brought along. */
class OwnFontsTest {
    private static final Path SIGNS = Path.of("..", "demo", "fonts", "ternholm-signs.ttf");

    private final Application application = Application.get();
    private final Workbench bench = application.demo();
    private final Page page = bench.page();

    @AfterEach
    void nothing_went_wrong_unseen() {
        page.close();
        assertThat(application.faults()).isEmpty();
    }

    @Test
    void a_font_file_is_added_chosen_missed_and_healed() {
        bench.open("");
        bench.at(100);
        Shot before = bench.shot();
        bench.block("title").locator(".part[data-part='face']").first().click();
        page.getByLabel("Font files").setInputFiles(SIGNS);
        Locator setting =
                bench.block("title").locator(".quietDirection .sentence").first();
        assertThat(bench.block("title")).containsText("Set in Ternholm Signs");
        bench.saved().settled();
        assertThat(bench.shot().from(before).most()).isGreaterThan(100);
        assertThat(page.locator(".toCheck")).hasCount(0);
        assertThat(setting).isVisible();
        Shot signs = bench.shot();

        page.getByLabel("Take Ternholm Signs away").click();
        assertThat(page.locator(".toCheck")).isVisible();
        page.locator(".toCheck").click();
        assertThat(page.locator(".problemList"))
                .containsText("The face Ternholm Signs is not here; \u201cLAST BOAT HOME\u201d");
        bench.settled();
        page.getByLabel("Font files").setInputFiles(SIGNS);
        assertThat(page.locator(".toCheck")).hasCount(0);
        bench.settled();
        assertThat(bench.shot().from(signs).most()).isZero();
        page.getByLabel("Take Ternholm Signs away").click();
        assertThat(page.locator(".toCheck")).isVisible();
    }

    @Test
    void a_file_that_is_no_font_is_refused_with_its_reason() {
        bench.open("");
        bench.block("title").locator(".part[data-part='face']").first().click();
        page.getByLabel("Font files")
                .setInputFiles(new FilePayload(
                        "letter.ttf", "font/ttf", "not a font at all".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.locator(".ownFonts .problem")).containsText("letter.ttf: This is no font file");
        assertThat(bench.block("title")).containsText("Set in Archivo");
        assertThat(application.faults()).allMatch(fault -> fault.contains("status of 422"));
    }

    @Test
    void the_arrow_keys_walk_the_faces_and_escape_brings_the_old_one_back() {
        bench.open("");
        bench.at(100);
        Shot before = bench.shot();
        bench.block("title").locator(".part[data-part='face']").first().click();
        page.getByLabel("Search families").focus();
        page.keyboard().press("ArrowDown");
        bench.settled();
        assertThat(bench.shot().from(before).most()).isGreaterThan(100);
        page.keyboard().press("Escape");
        bench.settled();
        assertThat(bench.shot().from(before).most()).isZero();
    }
}
