package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import knollwind.core.directions.BlockScript;
import knollwind.core.directions.Script;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Segment;
import knollwind.core.document.DocumentJson;
import knollwind.core.frame.BlockScore;
import knollwind.core.frame.SceneScore;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/**
 * Every kind of underlined part that stands in a sentence of the demo: change it, and the sentence, the saved document and the
 * picture change; undo, and the document is as it was. That every control of every single part does what it says is walked
 * through in the core.
 */
class PartsTest {
    private static final Application APPLICATION = Application.get();

    /** A part of a block's sentences: what it is called and what it says there. */
    record Place(String name, String said) {}

    /** As few blocks as can show every kind of part, with the parts that are walked there. */
    static Stream<Arguments> blocks() {
        Project project = APPLICATION.demo().document();
        Map<String, Map<String, Place>> offered = new LinkedHashMap<>();
        for (Scene scene : project.scenes()) {
            for (BlockScore block : Shot.score(project, scene.id()).blocks()) {
                Map<String, Place> places = new LinkedHashMap<>();
                parts(Script.of(block, "", List.of(), scene.blocks(), scene.cues()))
                        .forEach(segment -> places.putIfAbsent(
                                kind(segment.part()), new Place(segment.part().name(), segment.text())));
                offered.put(scene.id() + "/" + block.block().id(), places);
            }
        }
        List<Arguments> chosen = new ArrayList<>();
        while (true) {
            Map.Entry<String, Map<String, Place>> richest = offered.entrySet().stream()
                    .max(Comparator.comparing(entry -> entry.getValue().size()))
                    .orElseThrow();
            if (richest.getValue().isEmpty()) {
                return chosen.stream();
            }
            chosen.add(Arguments.of(
                    richest.getKey(), List.copyOf(richest.getValue().values())));
            Set<String> walked = Set.copyOf(richest.getValue().keySet());
            offered.values().forEach(places -> places.keySet().removeAll(walked));
        }
    }

    private static Stream<Segment> parts(BlockScript script) {
        return Stream.of(
                        script.arrive().sentences(),
                        script.dwell().sentences(),
                        script.leave().sentences(),
                        List.of(script.setting(), script.span()),
                        script.runs(),
                        script.placed())
                .flatMap(List::stream)
                .flatMap(sentence -> sentence.segments().stream())
                .filter(segment -> segment.part() != null);
    }

    private static String kind(Part part) {
        return part.controls().stream()
                .map(control -> control.getClass().getSimpleName())
                .distinct()
                .sorted()
                .collect(Collectors.joining(", ", part.name() + ": ", ""));
    }

    @AfterEach
    void nothing_went_wrong_unseen() {
        assertThat(APPLICATION.faults()).isEmpty();
    }

    @ParameterizedTest(name = "{0} {1}")
    @MethodSource("blocks")
    void a_changed_part_changes_sentence_document_and_picture_and_undo_brings_all_back(
            String place, List<Place> parts) {
        String scene = place.split("/")[0];
        String block = place.split("/")[1];
        Workbench bench = APPLICATION.demo().open("scene=" + scene).select(block);
        JsonNode before = bench.saved().tree();
        assertThat(parts).isNotEmpty();
        SceneScore score = Shot.score(DocumentJson.read(before), scene);
        for (Place part : parts) {
            walk(bench, scene, block, part, before, score);
        }
        // Each sentence came back as it was, and so did the whole document.
        assertThat(bench.saved().tree()).isEqualTo(before);
        bench.page().close();
    }

    private static void walk(
            Workbench bench, String scene, String block, Place place, JsonNode before, SceneScore score) {
        List<String> sentences = bench.sentences(block);
        String said = place.said();
        String name = place.name();
        Locator part = bench.block(block).locator(".part[data-part='" + name + "']");
        int index = part.allInnerTexts().indexOf(said);
        assertThat(index)
                .as("\"%s\" of %s among %s", said, name, part.allInnerTexts())
                .isNotNegative();
        change(bench, part.nth(index));
        waitForSentences(bench, block, sentences, false);
        JsonNode after = bench.saved().tree();
        assertThat(after).as("document after changing \"%s\"", said).isNotEqualTo(before);
        Project is = DocumentJson.read(after);
        int frame = mostChanged(score, Shot.score(is, scene));
        boolean unseen = MAY_BE_UNSEEN.contains(name) || (name.equals("face") && FALLEN_BACK.contains(block));
        assertThat(frame >= 0 || unseen)
                .as("the picture after changing \"%s\"", said)
                .isTrue();
        bench.at(Math.max(0, frame));
        assertShows(bench, is, scene, Math.max(0, frame), "after changing \"" + said + "\"");
        bench.undo();
        waitForSentences(bench, block, sentences, true);
        bench.page().keyboard().press("Escape");
    }

    /** Parts that show nothing where words stand in one line, a move has one turn, a wave passes only once, or a move is only detached. */
    private static final Set<String> MAY_BE_UNSEEN = Set.of(
            "cycle",
            "unit",
            "order",
            "pivot",
            "tracking",
            "leading",
            "column",
            "alignment",
            "language",
            "level",
            "shared");

    /** Words whose letters their face has not: they stand in another one whatever the face is. */
    private static final Set<String> FALLEN_BACK = Set.of("arabic", "japanese");

    private static void assertShows(Workbench bench, Project project, String scene, int frame, String when) {
        Shot seen = bench.settled().shot();
        Shot.Difference difference = seen.from(Shot.painted(project, scene, frame, seen.width(), seen.height()));
        assertThat(difference.most()).as("the picture %s", when).isLessThanOrEqualTo(4);
        assertThat(difference.mean()).as("the picture %s", when).isLessThanOrEqualTo(0.1);
    }

    /**
     * A frame at which the two documents look clearly different, or the one of those looked at where they differ most, or -1 where
     * they never do. Which frames can differ is told by what would be painted; only some of them are painted, and small.
     */
    private static int mostChanged(SceneScore before, SceneScore after) {
        int best = mostChanged(before, after, candidates(before, after, MOST_PAINTED), SMALL_WIDTH, SMALL_HEIGHT);
        // What is hardly seen is looked for everywhere, and larger.
        return best >= 0
                ? best
                : mostChanged(
                        before, after, candidates(before, after, Integer.MAX_VALUE), 2 * SMALL_WIDTH, 2 * SMALL_HEIGHT);
    }

    private static int mostChanged(SceneScore before, SceneScore after, List<Integer> frames, int width, int height) {
        int best = -1;
        int most = 0;
        for (int frame : frames) {
            int difference = Shot.painted(before, frame, width, height)
                    .from(Shot.painted(after, frame, width, height))
                    .most();
            if (difference > most) {
                most = difference;
                best = frame;
            }
            if (most >= CLEARLY) {
                break;
            }
        }
        return best;
    }

    private static List<Integer> candidates(SceneScore before, SceneScore after, int painted) {
        int length = Math.min(before.length(), after.length());
        for (int step : new int[] {STEP, 1}) {
            List<Integer> differing = IntStream.iterate(0, frame -> frame < length, frame -> frame + step)
                    .filter(frame -> !before.at(frame).equals(after.at(frame)))
                    .boxed()
                    .toList();
            if (!differing.isEmpty()) {
                // The middle ones first: at its ends a change has hardly begun.
                int apart = Math.max(1, differing.size() / painted);
                return IntStream.range(0, differing.size())
                        .filter(i -> i % apart == apart / 2)
                        .mapToObj(differing::get)
                        .sorted(Comparator.comparing(frame -> Math.abs(frame - differing.get(differing.size() / 2))))
                        .toList();
            }
        }
        return List.of();
    }

    private static final int SMALL_WIDTH = 320;
    private static final int SMALL_HEIGHT = 180;
    private static final int STEP = 7;
    private static final int MOST_PAINTED = 12;
    /** Of 255: so much is a difference that can be seen. */
    private static final int CLEARLY = 8;

    /** One step by the keyboard; where there is neither number nor choice, the first button of the drawer. */
    private static void change(Workbench bench, Locator part) {
        part.focus();
        for (String key : List.of("Shift+ArrowDown", "Shift+ArrowUp", "ArrowDown", "ArrowUp")) {
            part.press(key);
            // Before it there was nothing to undo.
            if (bench.page().locator("button[aria-label='Undo']").isEnabled()) {
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
            bench.page().locator(".bar > b").click();
        } else {
            drawer.locator(".buttons button").first().click();
        }
    }

    private static void waitForSentences(Workbench bench, String block, List<String> sentences, boolean same) {
        bench.page()
                .waitForFunction(
                        "([block, was, same]) => (JSON.stringify([...document.querySelectorAll(`[data-block='${block}'] .sentence`)].map(e => e.innerText)) === was) === same",
                        List.of(block, json(sentences), same));
    }

    private static String json(List<String> texts) {
        return DocumentJson.MAPPER.writeValueAsString(texts);
    }
}
