package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import knollwind.core.scene.Move;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Moves are taken from the library, changed, dealt by hand and saved. */
class DirectingTest {
    private final Application application = Application.get();
    private final Workbench bench = application.demo();
    private final Page page = bench.page();

    @AfterEach
    void nothing_went_wrong_unseen() {
        page.close();
        assertThat(application.faults()).isEmpty();
    }

    private Locator gallery() {
        return page.getByRole(com.microsoft.playwright.options.AriaRole.DIALOG)
                .filter(new Locator.FilterOptions().setHasText("Motion library"));
    }

    private Locator card(String name) {
        return gallery().locator("[data-move='" + name + "']");
    }

    private Move move(String phase) {
        var block = bench.saved().document().scene("opening").blocks().stream()
                .filter(one -> one.id().equals("title"))
                .findFirst()
                .orElseThrow();
        return (phase.equals("arrive") ? block.arrive() : phase.equals("dwell") ? block.dwell() : block.leave())
                .moves()
                .get(0);
    }

    private void agrees(int frame) {
        bench.saved().settled().at(frame).agrees("opening", frame);
    }

    @Test
    void a_move_is_found_by_words_seen_on_ones_own_words_and_used_by_keyboard() {
        bench.open("");
        bench.block("title").getByLabel("Add a move to arrive").click();
        assertThat(card("Rise softly").locator("canvas")).hasAttribute("data-shown", "12");
        page.getByLabel("Search moves").fill("tip spring");
        assertThat(gallery().locator(".moveCard")).hasCount(1);
        page.keyboard().press("ArrowDown");
        assertThat(card("Hinge up")).hasAttribute("aria-selected", "true");
        // It plays while it is chosen.
        page.waitForFunction("() => Number(document.querySelector('.moveCard canvas').dataset.shown) > 24");
        page.keyboard().press("Enter");
        assertThat(gallery()).hasCount(0);
        assertThat(bench.sentence("title", "arrive")).containsText("tip from -100\u00b0");
        agrees(34);
        agrees(44);
        bench.open("");
        assertThat(bench.sentence("title", "arrive")).containsText("springing");
        bench.undo();
    }

    @Test
    void words_dwell_and_leave_by_moves_from_the_library_and_a_second_one_is_added() {
        bench.open("");
        bench.block("title").getByLabel("Add a move to dwell").click();
        card("Ripple").dblclick();
        assertThat(bench.sentence("title", "dwell")).containsText("in a passing wave every 72 frames");
        agrees(90);
        Shot before = bench.shot();
        assertThat(bench.at(96).shot().from(before).most()).isGreaterThan(60);
        bench.part("title", "dwell", "cycle").click();
        page.locator(".drawer").getByLabel("every").fill("60");
        page.keyboard().press("Enter");
        assertThat(bench.sentence("title", "dwell")).containsText("every 60 frames");

        bench.block("title").getByLabel("Add a move to leave").click();
        gallery().getByText("Technical").click();
        card("Typed").click();
        gallery().getByText("Add to what is there").click();
        assertThat(bench.block("title").locator("[data-phase=leave] .sentence").nth(2))
                .containsText("characters vanish");
        agrees(150);
    }

    @Test
    void pieces_are_clicked_in_the_picture_in_the_order_wanted() {
        bench.open("");
        bench.at(100);
        bench.part("title", "arrive", "order").click();
        bench.choose("Order", "by hand");
        page.locator(".drawer").getByText("Begin anew").click();
        page.locator(".drawer").getByText("Click them in the picture").click();
        List<String> wanted = List.of("c12", "c1", "c7");
        Locator pieces = page.locator(".handOrder [data-unit]");
        assertThat(pieces.first()).isVisible();
        List<String> clicked = new java.util.ArrayList<>();
        for (int index : new int[] {11, 0, 6}) {
            clicked.add(pieces.nth(index).getAttribute("data-unit"));
            pieces.nth(index).locator("rect").click();
        }
        assertThat(clicked).hasSameSizeAs(wanted);
        assertThat(pieces.nth(11).locator("text")).hasText("1");
        assertThat(pieces.nth(6).locator("text")).hasText("3");
        assertThat(bench.sentence("title", "arrive")).containsText("by hand [" + String.join(" ", clicked) + "]");
        assertThat(move("arrive").order().hand()).isEqualTo(clicked);
        page.locator(".drawer").getByText("Done").click();
        agrees(30);
    }

    @Test
    void a_move_is_muted_heard_alone_doubled_and_its_pace_pasted_to_another_block() {
        bench.open("");
        Locator arrive = bench.block("title").locator("[data-phase=arrive]");
        Shot before = bench.at(40).shot();
        more(arrive, 0, "duplicate");
        assertThat(arrive.locator(".sentence").filter(new Locator.FilterOptions().setHasText("rise")))
                .hasCount(2);
        more(arrive, 1, "this one alone");
        assertThat(bench.sentence("title", "arrive")).containsText("muted");
        agrees(40);
        more(arrive, 1, "hear all again");
        assertThat(bench.sentence("title", "arrive")).not().containsText("muted");
        more(arrive, 0, "leave this move out");
        // Its menu goes with its sentence, and that goes when the page's new sentences are there.
        assertThat(arrive.locator(".sentence").filter(new Locator.FilterOptions().setHasText("rise")))
                .hasCount(1);
        more(arrive, 0, "mute");
        // A muted move hides nothing: the words stand there at once.
        assertThat(bench.at(40).shot().from(before).most()).isGreaterThan(60);
        more(arrive, 0, "unmute");
        more(arrive, 0, "copy");

        bench.select("lamp-line");
        Locator line = bench.block("lamp-line").locator("[data-phase=arrive]");
        line.getByLabel("Paste moves into arrive").click();
        page.getByText("only pace and easing").click();
        assertThat(line.locator(".sentence").first()).containsText("3 apart");
        bench.undo();
        assertThat(line.locator(".sentence").first()).not().containsText("3 apart");
    }

    private void more(Locator phase, int index, String action) {
        // A menu takes a moment to go.
        assertThat(page.locator(".ant-dropdown:not(.ant-dropdown-hidden)")).hasCount(0);
        phase.getByLabel("More for this move").nth(index).click();
        bench.offered()
                .filter(new Locator.FilterOptions().setHasText(java.util.regex.Pattern.compile("^" + action + "$")))
                .click();
    }

    @Test
    void a_curve_is_bent_by_its_handles_and_its_ladder_and_saved_by_name() {
        bench.open("");
        bench.at(40);
        bench.part("title", "arrive", "easing").click();
        Shot before = bench.shot();
        bench.drag(page.locator(".curve [data-handle=first]"), 40, 30);
        assertThat(bench.sentence("title", "arrive")).containsText("on a curve of its own");
        agrees(40);
        assertThat(bench.shot().from(before).most()).isGreaterThan(30);
        page.getByText("save this curve").click();
        page.getByLabel("Name of the curve").fill("Harbour curve");
        page.keyboard().press("Enter");
        String own = move("arrive").easing();
        bench.drag(page.locator(".curve [data-rung='5']"), 0, -20);
        bench.saved();
        assertThat(move("arrive").easing()).startsWith("linear(0, ");
        page.locator(".ownCurves").getByText("Harbour curve").click();
        bench.saved();
        assertThat(move("arrive").easing()).isEqualTo(own);
        page.request().delete(application.address() + "/api/curves/Harbour%20curve");
    }

    @Test
    void movement_blurs_in_the_standing_picture_as_it_is_exported() {
        bench.open("");
        Shot sharp = bench.at(34).shot();
        page.locator(".behind .part[data-part='movement']").click();
        page.locator(".drawer")
                .getByText("blurred", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(page.locator(".behind")).containsText("blurred by a shutter of 180\u00b0 in 8 samples");
        agrees(34);
        assertThat(bench.shot().from(sharp).most()).isGreaterThan(30);
        page.locator(".drawer").getByLabel("shutter").fill("360");
        page.keyboard().press("Enter");
        assertThat(page.locator(".behind")).containsText("shutter of 360\u00b0");
        agrees(36);
        // What is at rest stays sharp, whatever the shutter.
        agrees(130);
        bench.undo().undo();
        assertThat(page.locator(".behind")).containsText("Movement is sharp");
        bench.at(34);
        assertThat(bench.saved().settled().shot().from(sharp).most()).isZero();
    }

    @Test
    void a_phase_is_saved_under_a_name_exported_and_taken_in_again() throws Exception {
        bench.open("");
        bench.block("title").getByLabel("Save the moves of arrive").click();
        page.getByLabel("Name of the move").fill("Harbour rise");
        page.getByLabel("Note on the move").fill("for the big words");
        page.keyboard().press("Enter");
        assertThat(page.locator(".saveUnder")).hasCount(0);
        bench.block("title").getByLabel("Add a move to arrive").click();
        gallery().getByText("Saved by you").click();
        assertThat(card("Harbour rise")).containsText("for the big words");
        Download file =
                page.waitForDownload(() -> gallery().getByText("Export yours").click());
        String saved = Files.readString(file.path());
        assertThat(saved).contains("\"knollwindMoves\": 1").contains("Harbour rise");
        page.getByLabel("File of moves")
                .setInputFiles(new FilePayload(
                        "moves.json",
                        "application/json",
                        saved.replace("Harbour rise", "Harbour again").getBytes(StandardCharsets.UTF_8)));
        assertThat(card("Harbour again")).isVisible();
        page.getByLabel("File of moves")
                .setInputFiles(new FilePayload(
                        "newer.json",
                        "application/json",
                        "{\"knollwindMoves\": 7, \"moves\": []}".getBytes(StandardCharsets.UTF_8)));
        assertThat(gallery().locator(".problem")).containsText("newer version");
        card("Harbour again").dblclick();
        assertThat(bench.sentence("title", "arrive")).containsText("rise");
        for (var offer : knollwind.core.document.DocumentJson.tree(
                page.request().get(application.address() + "/api/moves").text())) {
            if (offer.get("feel").asString().equals("own")) {
                page.request()
                        .delete(application.address() + "/api/moves/"
                                + offer.get("id").asString());
            }
        }
    }

    @Test
    void a_direction_of_a_dwell_is_typed_in_colour_and_depth() {
        bench.open("");
        bench.block("title").locator("[data-phase=dwell]").getByText("type it").click();
        page.getByLabel("Type a direction")
                .fill(
                        "words colour to #f0b64a, come forward 1 em and lean to 6\u00b0, 6 apart, swinging every 2 beats");
        page.keyboard().press("Enter");
        Locator sentences = bench.block("title").locator("[data-phase='dwell'] .sentence");
        assertThat(sentences.last()).containsText("colour to #f0b64a");
        assertThat(sentences.last()).containsText("swinging every 2 beats");
        agrees(85);
        agrees(101);
    }
}
