package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import java.util.Map;
import java.util.regex.Pattern;
import knollwind.core.scene.Scene;
import knollwind.core.scene.TextBlock;
import knollwind.server.ServerProcess;
import knollwind.server.TestDatabase;
import knollwind.server.Wire;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Nothing typed is lost: reloads, undo, a second window, a database that stops, a server that is killed. */
class PersistenceTest {
    private static final Chromium CHROMIUM = Application.get().chromium();

    /** One application behind a wire that can be cut; each test has a copy of the demo of its own in it. */
    private static final TestDatabase DATABASE = new TestDatabase();

    private static final Wire WIRE = new Wire(DATABASE.port());
    private static final ServerProcess SERVER =
            new ServerProcess(DATABASE, WIRE.port(), Map.of("KNOLLWIND_DEMO_MEDIA", "no")).start();
    private final Page page = CHROMIUM.page(SERVER.address());
    private final Workbench bench = Workbench.copyOfDemo(page, SERVER.address()).open("");

    @AfterEach
    void stop() {
        page.context().close();
        CHROMIUM.faults();
    }

    @AfterAll
    static void end() {
        SERVER.close();
        WIRE.close();
        DATABASE.close();
    }

    @Test
    void undo_goes_back_to_the_very_document_and_redo_forward_again() {
        var before = bench.tree();
        bench.words("title").click();
        page.keyboard().press("End");
        page.keyboard().type("!");
        page.locator(".bar > b").click();
        bench.drag(bench.part("title", "arrive", "pace"), 20, 0);
        bench.drag(bench.grip("title", "end"), -60, 0);
        var after = bench.saved().tree();
        assertThat(after).isNotEqualTo(before);
        for (int i = 0; i < 3; i++) {
            bench.undo();
        }
        assertThat(bench.saved().tree()).isEqualTo(before);
        assertThat(bench.words("title")).hasValue("LAST BOAT\nHOME");
        for (int i = 0; i < 3; i++) {
            page.keyboard().press("Control+Shift+z");
        }
        assertThat(bench.saved().tree()).isEqualTo(after);
        bench.open("");
        assertThat(bench.words("title")).hasValue(Pattern.compile("!"));
    }

    @Test
    void words_typed_while_the_database_is_away_are_kept_and_saved_when_it_is_back() {
        WIRE.cut();
        bench.words("title").fill("FIRST BOAT\nOUT");
        page.waitForSelector(".saveState.waiting");
        assertThat(page.locator(".saveState")).containsText("kept here");
        assertThat(DATABASE.count("select count(*) from revision where patch::text like '%FIRST BOAT%'"))
                .isZero();
        page.locator(".bar > b").click();
        WIRE.mend();
        assertThat(words()).isEqualTo("FIRST BOAT\nOUT");
        assertThat(DATABASE.count("select count(*) from revision r join project p on p.id = r.project_id where p.id = '"
                        + bench.project() + "'"))
                .isPositive();
    }

    @Test
    void words_typed_when_the_server_is_killed_in_the_middle_of_saving_are_saved_once_after_it_is_back()
            throws Exception {
        DATABASE.execute(
                "create function slow() returns trigger language plpgsql as $$ begin perform pg_sleep(1.5); return new; end $$");
        DATABASE.execute("create trigger slow before insert on revision for each row execute function slow()");
        bench.words("title").focus();
        page.keyboard().press("Control+End");
        page.keyboard().type(" NOW");
        page.waitForSelector(".saveState.saving");
        page.waitForRequest("**/revisions", () -> page.keyboard().type("!"));
        SERVER.kill();
        page.waitForSelector(".saveState.waiting");
        page.keyboard().type("?");
        DATABASE.execute("drop function slow cascade");
        SERVER.start();
        assertThat(words()).isEqualTo("LAST BOAT\nHOME NOW!?");
        bench.open("");
        assertThat(bench.words("title")).hasValue("LAST BOAT\nHOME NOW!?");
    }

    @Test
    void what_is_moved_in_a_format_while_the_server_is_away_is_done_once_it_is_back() {
        page.locator(".formats button:text-is('9:16')").click();
        bench.settled().select("title");
        WIRE.cut();
        page.locator(".overlay").focus();
        page.keyboard().press("Shift+ArrowRight");
        page.keyboard().press("Shift+ArrowRight");
        bench.words("title").fill("LATE");
        page.waitForSelector(".saveState.waiting");
        WIRE.mend();
        Scene opening = bench.saved().document().scenes().get(0);
        assertThat(((TextBlock) opening.blocks().get(7)).text()).isEqualTo("LATE");
        assertThat(opening.formats().get(2).overrides())
                .filteredOn(one -> one.block().equals("title"))
                .extracting(one -> one.path().get(0))
                .contains("place");
        // The directions and the bars follow too.
        assertThat(page.locator("[data-turn^='arrive']")).hasCount(4);
        assertThat(page.locator(".problem")).hasCount(0);
    }

    @Test
    void a_page_closed_before_it_could_save_brings_its_words_along_when_it_is_opened_again() {
        WIRE.cut();
        bench.words("title").fill("SECOND BOAT");
        page.waitForSelector(".saveState.waiting");
        page.close();
        WIRE.mend();
        BrowserContext context = page.context();
        Workbench again =
                new Workbench(CHROMIUM.page(context, SERVER.address()), SERVER.address(), bench.project()).open("");
        assertThat(again.words("title")).hasValue("SECOND BOAT");
        assertThat(((TextBlock) again.saved()
                                .document()
                                .scenes()
                                .get(0)
                                .blocks()
                                .get(7))
                        .text())
                .isEqualTo("SECOND BOAT");
    }

    @Test
    void two_windows_on_one_project_keep_both_changes() {
        BrowserContext context = page.context();
        Workbench other =
                new Workbench(CHROMIUM.page(context, SERVER.address()), SERVER.address(), bench.project()).open("");
        bench.words("title").fill("LAST BOAT\nTONIGHT");
        bench.saved();
        other.drag(other.part("title", "arrive", "pace, second"), 16, 0);
        other.page().waitForSelector(".saveState.saved:has-text('both changes are kept')");
        assertThat(other.words("title")).hasValue("LAST BOAT\nTONIGHT");
        TextBlock title = (TextBlock) other.document().scenes().get(0).blocks().get(7);
        assertThat(title.text()).isEqualTo("LAST BOAT\nTONIGHT");
        assertThat(title.arrive().moves().get(0).pace().apart()).isEqualTo(7);
    }

    private String words() {
        page.waitForSelector(".saveState.saved");
        return ((TextBlock) bench.document().scenes().get(0).blocks().get(7)).text();
    }
}
