package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.KeyboardModifier;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import knollwind.core.scene.CaptionLine;
import knollwind.core.scene.Captions;
import knollwind.core.scene.Scene;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Captions read from a file or made from a voice, corrected, dressed and written. */
class CaptionsTest {
    private static final String ENGLISH = """
            1
            00:00:00,500 --> 00:00:01,700
            Mind the gap

            2
            00:00:01,800 --> 00:00:03,000
            between pier and deck.

            3
            00:00:03,100 --> 00:00:04,600
            The lamp is lit.
            """;
    private static final String GERMAN = """
            WEBVTT

            00:00.500 --> 00:01.700
            Achtung, Spalt

            00:01.800 --> 00:03.000
            zwischen Pier und Deck.

            00:03.100 --> 00:04.600
            Die Lampe brennt.
            """;

    private final Application application = Application.get();
    private Workbench bench;
    private Page page;

    @AfterEach
    void nothing_went_wrong_unseen() {
        page.close();
        assertThat(application.faults()).isEmpty();
    }

    private void open(Workbench opened) {
        bench = opened;
        page = opened.page();
    }

    private Scene scene(String id) {
        bench.saved();
        return bench.document().scene(id);
    }

    private Captions row(String scene) {
        return scene(scene).captions();
    }

    private List<String> words(String scene, String column) {
        return row(scene).lines().stream().map(line -> line.words(column)).toList();
    }

    private Locator list() {
        return page.getByLabel("Captions", new Page.GetByLabelOptions().setExact(true));
    }

    private Locator rows() {
        return list().locator("[data-caption]");
    }

    private void read(String name, String text) {
        list().getByLabel("Captions file")
                .setInputFiles(new FilePayload(name, "text/plain", text.getBytes(StandardCharsets.UTF_8)));
    }

    private Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    @Test
    void a_file_is_read_corrected_dressed_and_written_in_two_languages() throws IOException {
        open(application.begun("title"));
        button("Captions").click();
        read("gap.srt", ENGLISH);
        assertThat(rows()).hasCount(3);
        String id = bench.document().scenes().get(0).id();
        assertThat(words(id, "c1")).containsExactly("Mind the gap", "between pier and deck.", "The lamp is lit.");

        // Words, times and edges.
        rows().nth(0).locator("textarea").fill("Mind the step");
        page.keyboard().press("Enter");
        assertThat(rows().nth(0)).isFocused();
        page.keyboard().press("ArrowDown");
        assertThat(rows().nth(1)).isFocused();
        rows().nth(1).getByLabel("Ends at").fill("2.8s");
        page.keyboard().press("Enter");
        assertThat(rows().nth(1).getByLabel("Ends at")).hasValue("0:02 + 20");
        page.keyboard().press("Tab");
        assertThat(words(id, "c1").get(0)).isEqualTo("Mind the step");

        // Another language beside it.
        read("deutsch.vtt", GERMAN);
        page.getByLabel("Language tag").fill("de");
        button("As another language").click();
        assertThat(rows().nth(2).locator("textarea")).hasCount(2);
        assertThat(words(id, "c2")).containsExactly("Achtung, Spalt", "zwischen Pier und Deck.", "Die Lampe brennt.");

        // The chosen caption alone is larger; then all are.
        rows().nth(2).click();
        list().getByText("close").click();
        Locator dressing = page.getByLabel("How captions are dressed");
        largerAlone(dressing);
        CaptionLine alone = row(id).lines().get(2);
        assertThat(alone.own())
                .singleElement()
                .satisfies(one -> assertThat(one.path()).containsExactly("setting", "size"));
        dressing.getByText("give it to all").click();
        assertThat(dressing.getByText("It looks otherwise than the others")).isHidden();
        assertThat(row(id).lines().get(2).own()).isEmpty();

        // What dresses captions has no words of its own: none is picked in the picture.
        Locator picture = page.locator(".overlay");
        var box = picture.boundingBox();
        for (int i = 0; i < 3; i++) {
            picture.click(new Locator.ClickOptions().setPosition(box.width / 2, box.height * 0.88));
        }
        assertThat(dressing.locator("article").first()).isVisible();
        assertThat(page.locator(".pickedPiece")).hasCount(0);

        // Another design, and back; and one that is set as the title is.
        button("list").click();
        String before = row(id).design();
        button("Another design").click();
        page.getByText("as it is now, to be changed").click();
        assertThat(list().getByText("Captions 2")).isVisible();
        assertThat(row(id).design()).isNotEqualTo(before);
        page.keyboard().press("Control+z");
        assertThat(row(id).design()).isEqualTo(before);
        button("Another design").click();
        page.getByText("as \u201cTitle\u201d").click();
        assertThat(list().getByText("\u201cTitle 2\u201d")).isVisible();
        assertThat(row(id).designs()).hasSize(2).startsWith(before);

        button("Write a file").click();
        Download file =
                page.waitForDownload(() -> page.getByText("deutsch, WebVTT").click());
        assertThat(Files.readString(file.path())).startsWith("WEBVTT").contains("Die Lampe brennt.");
    }

    @Test
    void captions_are_chosen_together_moved_and_dressed_alike() {
        open(application.begun("title"));
        button("Captions").click();
        read("gap.srt", ENGLISH);
        assertThat(rows()).hasCount(3);
        String id = bench.document().scenes().get(0).id();
        List<Double> before = starts(id);
        rows().nth(0).click();
        rows().nth(2).click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.CONTROL)));
        assertThat(list().locator("[aria-selected=true]")).hasCount(2);
        page.getByLabel("Shift captions by, frames").fill("2");
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("Shift captions by, frames")).hasValue("");
        assertThat(starts(id)).containsExactly(before.get(0) + 2, before.get(1), before.get(2) + 2);

        // One that is larger gives that to another, not to all.
        list().getByText("close").click();
        Locator dressing = page.getByLabel("How captions are dressed");
        page.locator("[data-sheet-caption]").first().locator(".captionBody").click();
        largerAlone(dressing);
        button("list").click();
        rows().nth(1).click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.CONTROL)));
        list().getByText("give it to these 1").click();
        assertThat(list().locator(".byHandMark[title^='Dressed']")).hasCount(1);
        assertThat(row(id).lines()).extracting(line -> line.own().size()).containsExactly(1, 1, 0);
    }

    private static void largerAlone(Locator dressing) {
        dressing.getByText("this caption alone").click();
        dressing.locator(".part[data-part='size']").first().click();
        Locator size = dressing.locator(".drawer input").first();
        size.fill("80");
        size.press("Enter");
        assertThat(dressing.getByText("It looks otherwise than the others")).isVisible();
    }

    private List<Double> starts(String scene) {
        return row(scene).lines().stream()
                .map(line -> line.span().start().value())
                .toList();
    }

    @Test
    void captions_are_made_from_a_voice_and_again_by_other_rules_and_stand_over_the_staves() {
        open(application.demo().open("scene=announcement"));
        button("Captions").click();
        Locator make = list().getByText("Make them from");
        if (make.count() > 0 && rows().count() == 0) {
            make.first().click();
        }
        assertThat(rows().first()).isVisible();
        int before = row("announcement").lines().size();

        list().getByLabel("Type this direction").first().click();
        page.getByLabel("Type the rules of the captions").fill("one word at a time");
        page.keyboard().press("Enter");
        assertThat(list().getByText("one word each")).isVisible();
        assertThat(row("announcement").lines().size()).isGreaterThan(before).isEqualTo(22);
        assertThat(list().getByText("22 other than before")).isVisible();

        // What is typed by hand stays, and the edge that two share rolls.
        rows().nth(1).locator("textarea").first().fill("final");
        page.keyboard().press("Enter");
        bench.saved();
        list().getByLabel("Type this direction").first().click();
        page.getByLabel("Type the rules of the captions").fill("in short bursts");
        page.keyboard().press("Enter");
        assertThat(list().getByText("at most 18 characters")).isVisible();
        assertThat(words("announcement", row("announcement").columns().get(0).id()))
                .contains("final");

        list().getByText("close").click();
        Locator end = page.locator("[data-sheet-caption] [data-grip=end]").first();
        double was = row("announcement").lines().get(0).span().end().value();
        end.focus();
        page.keyboard().press("ArrowRight");
        page.keyboard().press("ArrowRight");
        bench.saved();
        assertThat(row("announcement").lines().get(0).span().end().value()).isGreaterThan(was + 0.5);

        page.getByLabel("More for pier-loudspeaker.m4a").click();
        page.getByText("its words: the voice room").click();
        Locator room = page.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Voice room"));
        assertThat(room.locator("[data-bracket]").first()).isVisible();
        assertThat(room.getByText("Captions of")).isVisible();
        page.keyboard().press("Escape");
        for (int i = 0; i < 8; i++) {
            page.keyboard().press("Control+z");
        }
        bench.saved();
    }
}
