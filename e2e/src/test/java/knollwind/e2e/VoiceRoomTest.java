package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import knollwind.core.scene.Moments;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Sound;
import knollwind.core.scene.VoiceWord;
import knollwind.paint.EncoderCommand;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A voice gets its words, they are corrected, and a block lands on them; in a project that is not the demo. */
class VoiceRoomTest {
    private static final Path VOICE = Path.of("..", "demo", "sounds", "pier-loudspeaker.m4a");
    private static final String SCRIPT =
            "The last boat home leaves at eleven. Bring a coat, the deck is windy. The lamp on pier two will guide you.";

    private final Application application = Application.get();
    private final Workbench bench = application.begun("title");
    private final Page page = bench.page();

    @AfterEach
    void nothing_went_wrong_unseen() {
        page.close();
        assertThat(application.faults()).isEmpty();
    }

    private Scene scene() {
        return bench.document().scenes().get(0);
    }

    private List<VoiceWord> words() {
        return bench.document().voices().get(0).words();
    }

    private Locator room() {
        return page.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Voice room"));
    }

    private Locator word(String text) {
        return room().locator(".voiceWord").getByText(text, new Locator.GetByTextOptions().setExact(true));
    }

    private Locator script() {
        return room().locator(".scriptPanel textarea").first();
    }

    private void open() {
        page.getByLabel("More for pier-loudspeaker.m4a").click();
        page.getByText("its words: the voice room").click();
    }

    private void find() {
        page.getByLabel("Sound files").setInputFiles(VOICE);
        assertThat(page.getByLabel("More for pier-loudspeaker.m4a")).isVisible();
        open();
        script().fill(SCRIPT);
        room().getByText("Find the words").click();
        // One word is unsure and told of before the words are shown.
        room().getByText("To the words").click(new Locator.ClickOptions().setTimeout(60_000));
        assertThat(room().locator(".voiceWord")).hasCount(22);
        bench.saved();
    }

    @Test
    void a_script_is_found_corrected_by_keys_and_landed_on() {
        find();
        bench.saved();
        assertThat(scene().sounds().get(0).kind()).isEqualTo(Sound.Kind.VOICE);
        assertThat(words().get(6).start()).isCloseTo(3.125, within(0.05));
        assertThat(words().get(7).start()).isCloseTo(6.25, within(0.05));
        assertThat(words().get(14).start()).isCloseTo(8.75, within(0.05));

        // The unsure word is corrected by keys alone, and taken back, and corrected again.
        room().getByText("the next one").click();
        assertThat(word("a")).isFocused();
        double before = words().get(8).start();
        page.keyboard().press("Alt+ArrowRight");
        page.keyboard().press("Alt+ArrowRight");
        page.keyboard().press("c");
        assertThat(room().getByText("All words are sure.")).isVisible();
        page.keyboard().press("Control+z");
        page.keyboard().press("Control+z");
        page.keyboard().press("Control+z");
        assertThat(room().getByText("One word is unsure")).isVisible();
        page.keyboard().press("Alt+ArrowRight");
        assertThat(room().getByText("All words are sure.")).isVisible();
        bench.saved();
        assertThat(words().get(8).start()).isCloseTo(before + 0.01, within(1e-6));
        assertThat(words().get(7).end()).isEqualTo(words().get(8).start());

        word("coat,").dblclick();
        page.keyboard().type("raincoat,");
        page.keyboard().press("Enter");
        assertThat(word("raincoat,")).isVisible();
        page.keyboard().press("Escape");
        assertThat(room()).isHidden();

        page.locator(".block.selected textarea").fill("The last boat home\nleaves at eleven.");
        bench.saved();
        open();
        room().getByText("Land the words").click();
        assertThat(room()).isHidden();
        bench.saved();
        Project project = bench.document();
        assertThat(project.scenes()
                        .get(0)
                        .blocks()
                        .get(0)
                        .arrive()
                        .moves()
                        .get(0)
                        .pace()
                        .moments()
                        .by())
                .isEqualTo(Moments.By.WORDS);
        assertThat(bench.sentences(project.scenes().get(0).blocks().get(0).id()))
                .anyMatch(sentence -> sentence.contains("as they are spoken"))
                .anyMatch(sentence -> sentence.contains("at the word \u201cThe\u201d"));
        page.reload();
        bench.settled();
        open();
        assertThat(room().locator(".voiceWord")).hasCount(22);
    }

    @Test
    void an_edge_is_dragged_and_all_words_are_shifted() {
        find();
        Locator edge = room().locator(".wordEdge.start").nth(4);
        double before = words().get(4).start();
        bench.drag(edge, 30, 0);
        bench.saved();
        assertThat(words().get(4).start()).isGreaterThan(before + 0.05);
        assertThat(words().get(3).end()).isEqualTo(words().get(4).start());
        double first = words().get(0).start();
        room().getByLabel("Shift all words by, milliseconds").fill("-200");
        page.keyboard().press("Enter");
        bench.saved();
        assertThat(words().get(0).start()).isCloseTo(first - 0.2, within(1e-6));
    }

    @Test
    void words_come_from_a_file_and_what_cannot_be_read_is_said() {
        page.getByLabel("Sound files").setInputFiles(VOICE);
        open();
        Locator file = room().locator("input[data-take='script']");
        file.setInputFiles(new FilePayload(
                "words.jsonl",
                "application/json",
                "{\"word\":\"Bring\",\"start\":6.2,\"end\":6.6}\n{\"word\":\"coats\",\"start\":6.6,\"end\":7}"
                        .getBytes(StandardCharsets.UTF_8)));
        assertThat(room().locator(".voiceWord")).hasCount(2);
        room().getByText("Script", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(script()).hasValue("Bring coats");
        room().locator("input[data-take='script']")
                .setInputFiles(new FilePayload("broken.srt", "text/plain", "nothing".getBytes(StandardCharsets.UTF_8)));
        assertThat(room().locator(".problem")).isVisible();
        assertThat(script()).hasValue("Bring coats");
        assertThat(application.faults()).allMatch(fault -> fault.contains("status of 422"));
    }

    @Test
    void a_new_recording_says_what_moved_and_takes_all_that_hangs_on_its_words_along(@TempDir Path folder)
            throws Exception {
        Path later = folder.resolve("second-reading.wav");
        assertThat(new ProcessBuilder(
                                EncoderCommand.ffmpeg(),
                                "-v",
                                "error",
                                "-i",
                                VOICE.toString(),
                                "-af",
                                "adelay=500:all=1",
                                later.toString())
                        .start()
                        .waitFor())
                .isZero();
        find();
        page.keyboard().press("Escape");
        page.locator(".block.selected textarea").fill("Bring a coat");
        open();
        room().getByText("Land the words").click();
        assertThat(room()).isHidden();
        bench.saved().settled();
        double before = Shot.score(bench.document(), scene().id())
                .blocks()
                .get(0)
                .timing()
                .start();
        open();
        room().getByText("New recording").click();
        room().locator("input[data-take='recording']").setInputFiles(later);
        assertThat(room().locator(".moved tbody tr"))
                .hasCount(22, new LocatorAssertions.HasCountOptions().setTimeout(60_000));
        assertThat(room().getByText("words moved, by 0.5")).isVisible();
        // The same word in both readings: the picture stands at each.
        Locator pictures = room().locator(".bothPictures canvas");
        assertThat(pictures).hasCount(2);
        Shot whole = Shot.png(pictures.nth(1).screenshot());
        room().locator(".moved tbody tr").nth(7).locator("button").nth(1).click();
        Shot said = Shot.png(pictures.nth(1).screenshot());
        for (int i = 0; i < 40 && said.from(whole).most() < 30; i++) {
            page.waitForTimeout(100);
            said = Shot.png(pictures.nth(1).screenshot());
        }
        assertThat(said.from(whole).most()).as("the words have come").isGreaterThan(30);
        assertThat(bench.document().scenes().get(0).sounds().get(0).name()).isEqualTo("pier-loudspeaker.m4a");
        room().getByText("Take this recording").click();
        assertThat(room().locator(".voiceWord")).hasCount(22);
        page.keyboard().press("Escape");
        bench.saved();
        assertThat(scene().sounds().get(0).name()).isEqualTo("second-reading.wav");
        double after = Shot.score(bench.document(), scene().id())
                .blocks()
                .get(0)
                .timing()
                .start();
        assertThat(after - before).isCloseTo(12.5, within(0.5));
        bench.undo().saved();
        assertThat(scene().sounds().get(0).name()).isEqualTo("pier-loudspeaker.m4a");
    }
}
