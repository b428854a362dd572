package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.KeyboardModifier;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.util.List;
import knollwind.core.document.DocumentJson;
import knollwind.core.scene.Block;
import knollwind.core.scene.Scene;
import org.junit.jupiter.api.Test;

/** How many actions titles in time take: lengths, beats, cues, and a banner in all its formats. */
class TitleActionsTest extends CountedActions {
    private Scene open() {
        String name = page.locator(".scenes .on").innerText();
        return bench.saved().document().scenes().stream()
                .filter(one -> one.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    /** Opens a new scene after the one that is open. */
    private void newScene() {
        int before = page.locator(".scenes button").count();
        click(page.getByLabel("A new scene"));
        page.waitForFunction("count => document.querySelectorAll('.scenes button').length > count", before);
        bench.settled();
    }

    /** Types what the open scene is. */
    private void tell(String... said) {
        press("t");
        page.getByLabel("Type what the scene is").waitFor();
        type(String.join(", ", said));
        press("Enter");
        page.getByLabel("Type what the scene is")
                .waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.DETACHED));
    }

    /** Types a direction for the chosen blocks. */
    private void direct(String phase, String said) {
        click(page.locator(".block.selected [data-phase='" + phase + "']").getByText("type it"));
        page.getByLabel("Type a direction").waitFor();
        type(said);
        press("Enter");
        assertThat(page.locator(".block.selected [data-phase='" + phase + "'] .sentence .part")
                        .first())
                .isVisible();
        bench.saved();
    }

    /** Types into a field that is clicked. */
    private void fill(String label, String said) {
        click(page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)));
        press("Control+a");
        type(said);
        press("Enter");
        bench.saved();
    }

    @Test
    void a_scene_of_48_seconds_takes_one() {
        length("skipper", "48 s", 1152);
        length("end-card", "0:50 + 6", 1206);
    }

    private void length(String in, String said, int frames) {
        bench.open("scene=" + in);
        tell("lasts " + said);
        assertThat(page.locator(".behind .part[data-part=lasts]")).containsText(frames + " frames");
        assertThat(open().length()).isEqualTo(frames);
        assertThat(taken()).isEqualTo(1);
    }

    @Test
    void six_titles_on_beats_with_fades_take_fourteen() {
        titles(96, 4, "Last boat", "Calm sea", "Warm cabins", "Hot tea", "No hurry", "Come along");
        titles(120, 6, "Fog", "Bell", "Lamp", "Pier", "Rope", "Home");
    }

    private void titles(int tempo, int beats, String... titles) {
        bench.open("scene=skipper");
        newScene();
        tell("lasts 24 s", "at " + tempo + " beats a minute");
        paste(String.join("\n\n", titles));
        page.waitForFunction("() => document.querySelectorAll('.page .block').length === 6");
        press("Control+a");
        page.waitForFunction("() => document.querySelectorAll('.barSheet .name.also').length === 5");
        fill("lasts", beats + "b");
        fill("Apart", beats + "b");
        click(page.locator(".trail").getByText("starts"));
        direct("arrive", "the whole fades in, 10 frames each");
        direct("leave", "the whole fades out, 8 frames each");
        int actions = taken();
        double each = 24 * 60.0 * beats / tempo;
        List<Block> blocks = open().blocks();
        assertThat(blocks)
                .extracting(block -> block.asWords().orElseThrow().text())
                .containsExactly(titles);
        for (int i = 0; i < titles.length; i++) {
            Block block = blocks.get(i);
            assertThat(block.span().start().value()).isEqualTo(i * each);
            assertThat(block.span().end().value()).isEqualTo((i + 1) * each);
            assertThat(block.arrive().moves()).hasSize(1);
            assertThat(block.leave().moves()).hasSize(1);
            assertThat(block.place()).isEqualTo(blocks.get(0).place());
        }
        assertThat(actions).isLessThanOrEqualTo(14);
        // What several blocks took together is one step.
        press("Control+z");
        page.waitForFunction("() => !document.querySelector(\"[data-phase='leave'] .part\")");
        assertThat(open().blocks()).allMatch(block -> block.leave().moves().isEmpty());
        taken();
    }

    @Test
    void three_words_landing_on_three_cues_take_six() {
        landings(List.of("Boat", "Bell", "Home"), 20, 44, 70);
        landings(List.of("Fog lifts", "Rope slips", "Lamp turns"), 12, 31, 96);
    }

    private void landings(List<String> words, int... cues) {
        bench.open("scene=skipper");
        newScene();
        for (int cue : cues) {
            bench.at(cue);
            page.locator(".bar > b").click();
            page.keyboard().press("c");
            bench.saved();
        }
        bench.at(0);
        page.locator(".bar > b").click();
        paste(String.join("\n\n", words));
        page.waitForFunction("() => document.querySelectorAll('.page .block').length === 3");
        taken();
        press("Control+a");
        page.waitForFunction("() => document.querySelectorAll('.barSheet .name.also').length === 2");
        direct("arrive", "characters rise 0.6 em and fade in, 8 frames each, 1 apart");
        click(page.getByText("landings on cues"));
        int actions = taken();
        Scene scene = open();
        assertThat(scene.blocks())
                .extracting(block -> block.span().landsAt().cue())
                .containsExactlyElementsOf(
                        scene.cues().stream().map(cue -> cue.id()).toList());
        for (int i = 0; i < cues.length; i++) {
            assertThat(landing(scene.id(), scene.blocks().get(i).id())).isEqualTo(cues[i]);
        }
        assertThat(actions).isLessThanOrEqualTo(6);
        together(scene);
    }

    /** When a block has arrived, as the page is told. */
    private double landing(String scene, String block) {
        return Shot.score(DocumentJson.read(bench.tree()), scene).blocks().stream()
                .filter(one -> one.block().id().equals(block))
                .findFirst()
                .orElseThrow()
                .timing()
                .arriveEnd();
    }

    /** All cues are chosen, moved by keys and by typing, and taken away. */
    private void together(Scene scene) {
        List<Double> before = times(scene);
        page.locator(".cue").first().click();
        page.keyboard().press("Control+a");
        assertThat(page.locator(".cue.on")).hasCount(3);
        page.keyboard().press("Shift+ArrowRight");
        page.waitForFunction(
                "at => document.querySelector('[aria-label=\"Time of the chosen cues\"]').value === at",
                "" + Math.round(before.get(0) + 10));
        page.getByLabel("Time of the chosen cues").fill("+6");
        page.keyboard().press("Enter");
        page.waitForFunction(
                "at => document.querySelector('[aria-label=\"Time of the chosen cues\"]').value === at",
                "" + Math.round(before.get(0) + 16));
        assertThat(times(open()))
                .containsExactlyElementsOf(before.stream().map(at -> at + 16).toList());
        page.getByLabel("Time of the chosen cues").fill("soon");
        page.keyboard().press("Enter");
        assertThat(page.locator(".saveState")).containsText("is no time");
        page.keyboard().press("Escape");
        page.locator(".cue").nth(2).click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.SHIFT)));
        assertThat(page.locator(".cue.on")).hasCount(2);
        page.locator(".cue").first().focus();
        page.keyboard().press("Delete");
        assertThat(page.locator(".cue")).hasCount(1);
        taken();
    }

    private static List<Double> times(Scene scene) {
        return scene.cues().stream().map(cue -> cue.at().value()).toList();
    }

    @Test
    void a_banner_in_three_formats_with_one_own_way_out_takes_sixteen() {
        banner("Sail tonight", "9:16", "#f0b64a");
        banner("Two berths left", "1:1", "#c8472f");
    }

    private void banner(String words, String format, String ground) {
        bench.open("scene=skipper");
        newScene();
        tell("lasts 6 s", "behind it all: " + ground);
        click(text("Add words"));
        page.waitForFunction("() => document.activeElement.matches('textarea.words')");
        type(words);
        press("Tab");
        click(page.locator(".block.selected .quietDirection")
                .getByLabel("Type this direction")
                .first());
        page.getByLabel("Type the setting").waitFor();
        press("Control+a");
        type("in capitals, fitted to 80 % of the frame");
        press("Enter");
        assertThat(page.locator(".block.selected .part[data-part=fit]").first()).containsText("fitted to 80");
        direct("arrive", "words rise 1 em and fade in, 12 frames each, 4 apart");
        direct("leave", "the whole fades out, 12 frames each");
        click(page.locator(".formats").getByText(format, new Locator.GetByTextOptions().setExact(true)));
        bench.settled();
        click(page.locator(".block.selected [data-phase='leave']")
                .getByLabel("Type this direction")
                .first());
        page.getByLabel("Type a direction").waitFor();
        press("Control+a");
        type("words sink 1 em and fade out, 10 frames each, 3 apart");
        press("Enter");
        assertThat(page.locator(".block.selected [data-phase='leave']").first()).containsText("words sink 1 em");
        int actions = taken();
        Scene scene = open();
        assertThat(scene.formats())
                .filteredOn(one -> !one.overrides().isEmpty())
                .singleElement()
                .satisfies(one -> assertThat(one.name()).isEqualTo(format));
        assertThat(actions).isLessThanOrEqualTo(16);
    }
}
