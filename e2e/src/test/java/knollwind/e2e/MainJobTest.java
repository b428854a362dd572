package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import knollwind.core.scene.Project;
import knollwind.core.scene.TextBlock;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The main job from beginning to end, as its user does it. */
class MainJobTest {
    private static final String OPENING =
            "Arrives — characters rise 0.6 em from behind the baseline and fade in, centre out, 12 frames each, 3 apart, landing softly.";

    private final Application application = Application.get();

    @TempDir
    Path folder;

    @AfterEach
    void nothing_went_wrong_unseen() {
        assertThat(application.faults()).isEmpty();
    }

    @Test
    void a_title_is_typed_directed_stretched_and_exported_as_it_is_seen() throws Exception {
        Page page = application.chromium().page(application.address());
        page.navigate(application.address() + "/");
        assertThat(page.getByText("Ternholm night ferry", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        page.getByLabel("Name of the new project").fill("Last boat home");
        page.getByText("New project").click();
        page.waitForURL("**/projects/*");
        String id = page.url().replaceAll(".*/projects/([^?]*).*", "$1");
        Workbench bench = new Workbench(page, application.address(), id).open("");

        // The words, over two lines.
        bench.words("title").click();
        page.keyboard().type("LAST BOAT");
        page.keyboard().press("Enter");
        page.keyboard().type("HOME");
        bench.settled();
        Shot resting = bench.shot();
        assertThat(light(resting))
                .as("words are shown at rest while they are edited, though the playhead is at 0")
                .isGreaterThan(2000);
        page.locator(".bar > b").click();
        bench.settled();
        assertThat(light(bench.shot())).as("at frame 0 they have not arrived").isLessThan(200);

        // The sentence, and its parts: by drawer, by scrubbing, by typing.
        assertThat(bench.sentence("title", "arrive")).containsText(OPENING.substring(0, 40));
        org.assertj.core.api.Assertions.assertThat(
                        spaced(bench.sentence("title", "arrive").innerText()))
                .startsWith(OPENING);
        bench.at(8);
        Shot before = bench.shot();
        bench.part("title", "arrive", "pace, second").click();
        Locator apart = page.locator(".drawer").getByLabel("apart");
        apart.fill("6");
        apart.press("Enter");
        assertThat(bench.sentence("title", "arrive")).containsText("6 apart");
        bench.settled();
        org.assertj.core.api.Assertions.assertThat(bench.shot().from(before).most())
                .isGreaterThan(60);
        bench.drag(bench.part("title", "arrive", "pace, second"), -12, 0);
        assertThat(bench.sentence("title", "arrive")).containsText("3 apart");
        bench.sentence("title", "arrive").hover();
        bench.block("title").getByLabel("Type this direction").first().click();
        Locator line = page.getByLabel("Type a direction");
        line.fill(
                "characters rise 0.8 em from behind the baseline and fade in, centre out, 12 frames each, 3 apart, landing softly");
        line.press("Enter");
        assertThat(bench.sentence("title", "arrive")).containsText("rise 0.8 em");

        // A leave phase, back the way it came, as the offer beside it is called.
        Locator leave = bench.block("title").locator("[data-phase=leave]");
        leave.getByText("back the way it came").waitFor();
        leave.getByText("type it").click();
        line.fill("Back the way it came.");
        line.press("Enter");
        assertThat(bench.sentence("title", "leave")).containsText("sink 0.8 em behind the baseline");

        // A longer hold on the bar sheet moves the leave and loses nothing of it.
        bench.saved();
        TextBlock was = title(bench.document());
        bench.drag(bench.grip("title", "end"), -30 * bench.pixelsPerFrame(), 0);
        bench.saved();
        TextBlock shorter = title(bench.document());
        bench.drag(bench.grip("title", "end"), 20 * bench.pixelsPerFrame(), 0);
        bench.saved();
        TextBlock is = title(bench.document());
        assertThat(shorter.span().end().value()).isBetween(88.0, 92.0);
        assertThat(is.span().end().value()).isBetween(108.0, 112.0);
        assertThat(is.leave()).isEqualTo(was.leave());
        assertThat(is.arrive()).isEqualTo(was.arrive());

        // It plays.
        page.keyboard().press("Home");
        page.keyboard().press(" ");
        assertThat(page.getByLabel("Time at the playhead")).hasValue(java.util.regex.Pattern.compile("0:02.*"));
        page.keyboard().press(" ");

        // Exports are what the picture is.
        bench.at(60);
        List<Path> files = new ArrayList<>();
        page.getByText("Export", new Page.GetByTextOptions().setExact(true)).click();
        // The first kind is chosen already; both films come of one painting.
        for (String kind : List.of("Video, WebM", "Still, PNG")) {
            page.locator(".kinds label")
                    .filter(new Locator.FilterOptions().setHasText(kind))
                    .click();
        }
        page.getByText("Make it").click();
        page.waitForFunction(
                "() => document.querySelectorAll('.queue a[download]').length === 3",
                null,
                new Page.WaitForFunctionOptions().setTimeout(145_000));
        for (String ending : List.of(".mp4", ".webm", ".png")) {
            Download download = page.waitForDownload(() -> page.locator(".queue li")
                    .filter(new Locator.FilterOptions().setHasText(ending))
                    .locator("a[download]")
                    .click());
            Path file = folder.resolve(download.suggestedFilename());
            download.saveAs(file);
            files.add(file);
        }
        Project document = bench.document();
        Shot full = Shot.painted(document, "scene-1", 60, 1920, 1080);
        assertThat(Shot.ofFilm(files.get(0), 60, 1920, 1080).from(full).mean()).isLessThan(1.5);
        assertThat(Shot.ofFilm(files.get(1), 60, 1920, 1080).from(full).mean()).isLessThan(1.5);
        assertThat(Shot.png(Files.readAllBytes(files.get(2))).from(full)).isEqualTo(new Shot.Difference(0, 0));
        page.keyboard().press("Escape");
        bench.settled().agrees("scene-1", 60);

        // All of it is there after a reload.
        List<String> sentences = bench.sentences("title");
        bench.open("");
        assertThat(bench.words("title")).hasValue("LAST BOAT\nHOME");
        assertThat(bench.sentence("title", "leave")).containsText("sink");
        org.assertj.core.api.Assertions.assertThat(bench.sentences("title")).isEqualTo(sentences);
    }

    private static TextBlock title(Project project) {
        return (TextBlock) project.scenes().get(0).blocks().get(0);
    }

    private static String spaced(String text) {
        return text.replaceAll("\\s+", " ").strip();
    }

    /** How many pixels are lighter than the ground. */
    private static long light(Shot shot) {
        long count = 0;
        for (int i = 0; i < shot.rgba().length; i += 4) {
            count += (shot.rgba()[i] & 255) > 160 ? 1 : 0;
        }
        return count;
    }
}
