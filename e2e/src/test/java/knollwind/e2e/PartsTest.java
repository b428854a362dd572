package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import knollwind.core.scene.Scene;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/**
 * Every underlined part of every sentence of the demo: change it, and the sentence, the saved document and the picture
 * change; undo, and the document is as it was.
 */
class PartsTest {
    private static final Application APPLICATION = Application.get();

    static Stream<String> blocks() {
        Workbench bench = APPLICATION.demo();
        List<String> places = new ArrayList<>();
        for (Scene scene : bench.document().scenes()) {
            scene.blocks().forEach(block -> places.add(scene.id() + "/" + block.id()));
        }
        bench.page().close();
        return places.stream();
    }

    @AfterEach
    void nothing_went_wrong_unseen() {
        assertThat(APPLICATION.faults()).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("blocks")
    void a_changed_part_changes_sentence_document_and_picture_and_undo_brings_all_back(String place) {
        String block = place.split("/")[1];
        Workbench bench = APPLICATION.demo().open("scene=" + place.split("/")[0]).select(block);
        int count = bench.parts(block).count();
        assertThat(count).isGreaterThan(4);
        int[] frames = frames(bench, place);
        for (int i = 0; i < count; i++) {
            walk(bench, block, i, frames);
        }
        bench.page().close();
    }

    /** Frames at which something of the block is on its way in, at rest, on its way out. */
    private static int[] frames(Workbench bench, String place) {
        Scene scene = bench.document().scene(place.split("/")[0]);
        var block = scene.blocks().stream().filter(one -> one.id().equals(place.split("/")[1])).findFirst().orElseThrow();
        int start = (int) block.span().start().value();
        int end = (int) Math.min(block.span().end().value(), scene.length());
        return new int[] {start + 5, start + 14, (start + end) / 2, end - 7, end - 1};
    }

    private static void walk(Workbench bench, String block, int index, int[] frames) {
        JsonNode before = bench.saved().tree();
        List<String> sentences = bench.sentences(block);
        Locator part = bench.parts(block).nth(index);
        String said = part.innerText();
        String name = part.getAttribute("data-part");
        boolean seen = false;
        for (int k = 0; k < frames.length && !seen; k++) {
            bench.at(frames[k]);
            Shot shot = bench.shot();
            change(bench, part);
            assertThat(bench.saved().tree()).as("document after changing \"%s\"", said).isNotEqualTo(before);
            waitForOther(bench, block, sentences, said);
            seen = bench.settled().shot().from(shot).most() > 8;
            bench.undo();
            assertThat(bench.saved().tree()).as("document after undoing \"%s\"", said).isEqualTo(before);
            waitForSame(bench, block, sentences);
            assertThat(bench.settled().shot().from(shot).most()).as("picture after undoing \"%s\"", said).isZero();
        }
        assertThat(seen || unseen(name)).as("the picture after changing \"%s\"", said).isTrue();
    }

    /** Parts that need not show in the picture: an easing of one frame, a leave that another hides. */
    private static boolean unseen(String name) {
        return name.equals("tracking") || name.equals("leading") || name.equals("column") || name.equals("alignment")
                || name.equals("order") || name.equals("pivot");
    }

    /** One step by the keyboard; where there is neither number nor choice, the first button of the drawer. */
    private static void change(Workbench bench, Locator part) {
        String text = part.innerText();
        part.focus();
        JsonNode before = bench.tree();
        for (String key : List.of("Shift+ArrowUp", "Shift+ArrowDown", "ArrowUp", "ArrowDown")) {
            part.press(key);
            if (!bench.saved().tree().equals(before)) {
                return;
            }
        }
        part.press("Enter");
        Locator drawer = bench.page().locator(".drawer");
        assertThat(drawer).isVisible();
        if (drawer.locator(".ant-color-picker-trigger").count() > 0) {
            drawer.locator(".ant-color-picker-trigger").first().click();
            Locator hex = bench.page().locator(".ant-color-picker-hex-input input");
            hex.fill("c8472f");
            hex.press("Enter");
            bench.page().locator(".transport .gap").click();
        } else {
            drawer.locator(".buttons button").first().click();
        }
        bench.page().waitForFunction("() => !document.querySelector('.saveState.saving')");
        assertThat(bench.saved().tree()).as("a control of \"%s\" changes something", text).isNotEqualTo(before);
    }

    private static void waitForOther(Workbench bench, String block, List<String> sentences, String said) {
        bench.page()
                .waitForFunction(
                        "([block, was]) => JSON.stringify([...document.querySelectorAll(`[data-block='${block}'] .sentence`)].map(e => e.innerText)) !== was",
                        List.of(block, json(sentences)));
    }

    private static void waitForSame(Workbench bench, String block, List<String> sentences) {
        bench.page()
                .waitForFunction(
                        "([block, was]) => JSON.stringify([...document.querySelectorAll(`[data-block='${block}'] .sentence`)].map(e => e.innerText)) === was",
                        List.of(block, json(sentences)));
    }

    private static String json(List<String> texts) {
        return knollwind.core.scene.DocumentJson.MAPPER.writeValueAsString(texts);
    }
}
