package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.List;
import knollwind.core.scene.TextBlock;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Words of every kind typed and pasted, sentences typed wrongly, projects made and thrown away. */
class WordsTest {
    private final Application application = Application.get();
    private final Workbench bench = application.demo();
    private final Page page = bench.page();

    @AfterEach
    void nothing_went_wrong_unseen() {
        page.close();
        // A refusal is answered with 422, which the browser logs by itself.
        assertThat(application.faults()).allMatch(fault -> fault.contains("status of 422"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                " ",
                "\n\n",
                "\ud83d\udc69\u200d\ud83d\udc69\u200d\ud83d\udc67 \ud83c\uddf8\ud83c\uddea",
                "\u0627\u0644\u0639\u0628\u0627\u0631\u0629 \u0627\u0644\u0623\u062e\u064a\u0631\u0629 HOME",
                "caf\u00e9 nai\u0308ve \u2014 \u201clast boat\u201d"
            })
    void words_of_any_kind_are_kept_and_shown_as_the_exporter_shows_them(String words) {
        bench.open("").words("title").fill("x");
        bench.words("title").fill(words);
        page.locator(".bar > b").click();
        bench.at(100);
        TextBlock title =
                (TextBlock) bench.saved().document().scenes().get(0).blocks().get(7);
        assertThat(title.text()).isEqualTo(words);
        Shot seen = bench.shot();
        Shot.Difference difference =
                seen.from(Shot.painted(bench.document(), "opening", 100, seen.width(), seen.height()));
        // Pictures seen smaller than they are: their edges may differ more, the whole may not (docs/reel.md).
        boolean pictures = words.contains("\ud83d");
        assertThat(difference.most()).isLessThanOrEqualTo(pictures ? 64 : 4);
        assertThat(difference.mean()).isLessThanOrEqualTo(0.1);
        bench.undo();
        assertThat(bench.words("title")).not().hasValue(words);
    }

    @Test
    void five_thousand_characters_can_be_pasted() {
        bench.open("");
        String text = "Bring a coat, the deck is windy. ".repeat(152).substring(0, 5000);
        bench.words("title").fill(text);
        page.locator(".bar > b").click();
        assertThat(((TextBlock) bench.saved()
                                .document()
                                .scenes()
                                .get(0)
                                .blocks()
                                .get(7))
                        .text())
                .hasSize(5000);
        bench.at(100);
        bench.undo();
        assertThat(bench.words("title")).hasValue("LAST BOAT\nHOME");
    }

    @Test
    void pasted_control_characters_go_and_line_ends_become_one_kind() {
        bench.open("");
        bench.words("title").focus();
        page.keyboard().press("Control+a");
        page.evaluate(
                "() => { const data = new DataTransfer(); data.setData('text/plain', 'LAST\\u0007\\tBOAT\\r\\nHOME\\u0000');"
                        + " document.execCommand('insertText', false, data.getData('text/plain')); }");
        page.locator(".bar > b").click();
        assertThat(((TextBlock) bench.saved()
                                .document()
                                .scenes()
                                .get(0)
                                .blocks()
                                .get(7))
                        .text())
                .isEqualTo("LAST\tBOAT\nHOME");
    }

    @Test
    void what_no_face_has_is_said() {
        bench.open("");
        bench.words("title").fill("HOME \u13a0");
        Locator toCheck = page.locator(".toCheck");
        assertThat(toCheck).hasText("1 to check");
        toCheck.click();
        assertThat(page.locator(".problemList")).containsText("No shipped face has \u13a0");
    }

    private static String chosen(Locator field) {
        return (String) field.evaluate("field => field.value.slice(field.selectionStart, field.selectionEnd)");
    }

    @Test
    void a_sentence_typed_wrongly_says_where_and_keeps_what_was_typed() {
        bench.open("");
        bench.sentence("title", "arrive").hover();
        bench.block("title").getByLabel("Type this direction").first().click();
        Locator line = page.getByLabel("Type a direction");
        line.fill("characters raise 0.6 em");
        line.press("Enter");
        assertThat(page.locator(".typedLine .problem")).containsText("\"raise\" cannot be read here");
        assertThat(line).hasValue("characters raise 0.6 em");
        assertThat(chosen(line)).isEqualTo("raise 0.6 em");
        page.locator(".typedLine .completions button")
                .filter(new Locator.FilterOptions().setHasText("rise 0.6 em"))
                .first()
                .click();
        assertThat(line).hasValue("characters rise 0.6 em");
        assertThat(line).isFocused();
        line.fill("characters fade in, wobbling like jelly, 8 frames each");
        line.press("Enter");
        page.getByText("leave “wobbling like jelly” out").click();
        assertThat(line).hasValue("characters fade in, 8 frames each");
        line.fill("characters ri");
        assertThat(page.locator(".completions button").first()).hasText("rise 0.6 em");
        line.press("ArrowDown");
        line.press("Tab");
        assertThat(line).hasValue("characters rise 0.6 em");
        line.press("Escape");
        assertThat(page.locator(".typedLine")).hasCount(0);
    }

    @Test
    void an_easing_typed_wrongly_is_refused_where_it_is_typed() {
        bench.open("");
        bench.part("title", "arrive", "easing").click();
        Locator field = page.getByLabel("Easing function");
        field.fill("wobble(3)");
        field.press("Enter");
        assertThat(page.locator(".drawer .problem")).containsText("There is no easing function 'wobble()'");
        field.fill("steps(3)");
        field.press("Enter");
        assertThat(bench.sentence("title", "arrive")).containsText("in 3 steps");
        // What Enter took stays when the drawer goes.
        field.press("Escape");
        assertThat(page.locator(".drawer")).hasCount(0);
        assertThat(bench.sentence("title", "arrive")).containsText("in 3 steps");
    }

    @Test
    void parts_are_walked_by_keys() {
        bench.open("");
        bench.block("title").locator("article").focus();
        page.keyboard().press("o");
        assertThat(bench.part("title", "arrive", "order")).isFocused();
        page.keyboard().press("p");
        assertThat(bench.part("title", "arrive", "pace")).isFocused();
        page.keyboard().press("Shift+ArrowUp");
        assertThat(bench.part("title", "arrive", "pace")).hasText("22 frames each");
        page.keyboard().press("Enter");
        assertThat(page.locator(".drawer")).isVisible();
        page.keyboard().press("ArrowDown");
        assertThat(bench.part("title", "arrive", "pace")).hasText("21 frames each");
        page.keyboard().press("Escape");
        assertThat(page.locator(".drawer")).hasCount(0);
        assertThat(bench.part("title", "arrive", "pace")).hasText("22 frames each");
    }

    @Test
    void a_family_is_chosen_by_its_look_and_shown_while_the_arrows_walk() {
        bench.open("");
        bench.at(100);
        Shot archivo = bench.shot();
        Locator face = bench.block("title").locator(".part[data-part='face']");
        face.click();
        Locator families = page.locator(".family");
        assertThat(families).hasCount(25);
        assertThat(families.first().locator(".familyWords")).hasText("LAST BOAT");
        page.getByLabel("Search families").fill("o");
        page.keyboard().press("ArrowDown");
        assertThat(face).not().containsText("Archivo width");
        String shown = page.locator(".family.on").getAttribute("data-family");
        assertThat(face).containsText(shown);
        assertThat(bench.settled().shot().from(archivo).most()).isGreaterThan(60);
        page.keyboard().press("Escape");
        assertThat(face).containsText("Archivo");
        assertThat(bench.settled().shot().from(archivo).most()).isZero();
        face.click();
        page.getByText("condensed", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(families).hasCount(4);
        page.getByLabel("Star Oswald").click();
        page.locator("[data-family='Oswald']").click();
        assertThat(face).containsText("Oswald");
        assertThat(((TextBlock) bench.saved()
                                .document()
                                .scenes()
                                .get(0)
                                .blocks()
                                .get(7))
                        .setting()
                        .face()
                        .family())
                .isEqualTo("Oswald");
        bench.open("").select("title");
        bench.block("title").locator(".part[data-part='face']").click();
        page.getByText("starred", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(families).hasCount(1);
    }

    @Test
    void projects_are_made_copied_thrown_away_and_brought_back() {
        page.navigate(application.address() + "/");
        page.getByLabel("Name of the new project").fill("Harbour lights");
        page.getByText("New project").click();
        page.waitForURL("**/projects/*");
        // The caret is where one types next, and no key does anything else.
        assertThat(page.locator(".page textarea.words")).isFocused();
        page.keyboard().type("Harbour lights at tide");
        assertThat(page.locator(".page textarea.words")).hasValue("Harbour lights at tide");
        assertThat(page.locator(".saveState")).hasText("Saved");
        page.getByLabel("Projects").click();
        Locator card = page.locator(".card")
                .filter(new Locator.FilterOptions().setHas(page.locator("b:text-is('Harbour lights')")));
        card.getByText("Duplicate").click();
        assertThat(page.locator("b:text-is('Harbour lights copy')")).isVisible();
        card.getByText("Delete").click();
        assertThat(card).hasCount(0);
        page.getByText("Undo").click();
        assertThat(card).hasCount(1);
        page.navigate(application.address() + "/projects/nowhere");
        assertThat(page.locator(".empty")).containsText("There is no project 'nowhere'");
        List<String> faults = application.faults();
        assertThat(faults).allMatch(fault -> fault.contains("404"));
    }
}
