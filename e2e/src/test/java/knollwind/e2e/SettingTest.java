package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import knollwind.core.scene.Breaking;
import knollwind.core.scene.Fit;
import knollwind.core.scene.Forms;
import knollwind.core.scene.TextBlock;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Words are set, and stay well set when they change. */
class SettingTest {
    private final Application application = Application.get();
    private final Workbench bench = application.demo();
    private final Page page = bench.page();

    @AfterEach
    void nothing_went_wrong_unseen() {
        page.close();
        assertThat(application.faults()).isEmpty();
    }

    @Test
    void lines_stay_equally_wide_whatever_is_typed() {
        bench.open("scene=end-card").select("line-name");
        assertThat(bench.block("line-name").locator(".sentence").last()).isVisible();
        assertThat(setting("line-name").innerText()).contains("every line 1180 px wide");
        for (String words : new String[] {"Ternholm\nnight ferry", "Far Holm\nand Saltmarket, late"}) {
            bench.words("line-name").fill(words);
            page.locator(".bar > b").click();
            bench.at(100).saved();
            Shot shot = bench.shot();
            double scale = shot.width() / 1920.0;
            // Above the lamp line at 612 px there is nothing but the two lines.
            int[] edges = edges(shot, (int) (600 * scale));
            assertThat((edges[1] - edges[0]) / scale).as(words).isCloseTo(1180, within(4.0));
            bench.agrees("end-card", 100);
        }
        bench.open("scene=end-card");
        assertThat(bench.words("line-name")).hasValue("Far Holm\nand Saltmarket, late");
    }

    @Test
    void a_drawer_fits_and_a_sentence_says_it() {
        bench.open("");
        bench.block("title").locator(".part[data-part='size']").first().click();
        bench.choose("Fit", "makes lines equally wide");
        assertThat(setting("title")).containsText("every line 60 % of the frame wide");
        assertThat(title().fit().kind()).isEqualTo(Fit.Kind.LINES);
        bench.undo();
        assertThat(setting("title")).not().containsText("every line");
        assertThat(title().fit()).isNull();
    }

    @Test
    void case_and_breaking_are_typed() {
        bench.open("");
        setting("title").hover();
        setting("title").getByLabel("Type this direction").click();
        Locator line = page.getByLabel("Type the setting");
        line.fill("in small letters, without kerning, one word a line");
        line.press("Enter");
        assertThat(setting("title")).containsText("in small letters");
        assertThat(setting("title")).containsText("one word a line");
        assertThat(title().breaking()).isEqualTo(Breaking.STACKED);
        assertThat(title().forms()).isEqualTo(new Forms(Forms.Case.LOWER, false, null));
        bench.at(100).agrees("opening", 100);
    }

    @Test
    void arrow_keys_move_a_block_in_the_picture_by_tenths() {
        bench.open("");
        bench.at(100);
        var box = page.locator(".frame canvas").boundingBox();
        page.mouse().click(box.x + box.width / 2, box.y + box.height * 0.3);
        for (String key : new String[] {"Alt+ArrowRight", "Alt+ArrowRight", "ArrowUp", "Shift+ArrowLeft"}) {
            page.keyboard().press(key);
        }
        assertThat(setting("title")).containsText("at 950.2 px across and 429 px down");
        bench.undo();
        assertThat(setting("title")).containsText("at 960 px across and 430 px down");
    }

    private knollwind.core.scene.Setting title() {
        return ((TextBlock) bench.saved().document().scenes().get(0).blocks().get(7)).setting();
    }

    private Locator setting(String block) {
        return bench.block(block)
                .locator(".quietDirection .sentence")
                .filter(new Locator.FilterOptions().setHasText("Set in"));
    }

    /** First and last column with something light above this row. */
    private static int[] edges(Shot shot, int below) {
        int[] edges = {Integer.MAX_VALUE, -1};
        for (int y = 0; y < below; y++) {
            for (int x = 0; x < shot.width(); x++) {
                if ((shot.rgba()[4 * (y * shot.width() + x)] & 255) > 120) {
                    edges[0] = Math.min(edges[0], x);
                    edges[1] = Math.max(edges[1], x + 1);
                }
            }
        }
        return edges;
    }
}
