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
import knollwind.core.scene.Format;
import knollwind.core.scene.NamedTimes;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/**
 * Every kind of underlined part that stands in a sentence of the demo: change it, and the sentence and the saved document change;
 * undo, and the document is as it was; once in each block the picture is compared too. That every control of every single part
 * does what it says, and is seen, is walked through in the core.
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
                parts(Script.of(
                                block,
                                "",
                                List.of(),
                                scene.blocks(),
                                NamedTimes.of(project, scene)
                                        .offered(block.block().span()),
                                scene.sounds(),
                                Format.Safe.TITLE,
                                1))
                        .forEach(segment -> places.putIfAbsent(
                                kind(segment.part()), new Place(segment.part().name(), seen(segment))));
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

    private static String seen(Segment segment) {
        return segment.look() == null || segment.look().words() == null
                ? segment.text()
                : segment.look().words();
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
        boolean compared = false;
        for (Place part : parts) {
            compared |= walk(bench, scene, block, part, before, compared ? null : score);
        }
        walked++;
        pictured += compared ? 1 : 0;
        // Each sentence came back as it was, and so did the whole document.
        assertThat(bench.saved().tree()).isEqualTo(before);
        bench.page().close();
    }

    private static int walked;
    private static int pictured;

    /** Some blocks have only parts left that show nothing where they stand: a language, the level of a sound's move. */
    @AfterAll
    static void most_changes_were_looked_at() {
        assertThat(pictured).isGreaterThan(walked / 2);
    }

    /**
     * One part changed and undone.
     *
     * @param score of the scene before; null where the picture has been compared already
     * @return whether the picture was compared: where the change is seen, that is
     */
    private static boolean walk(
            Workbench bench, String scene, String block, Place place, JsonNode before, SceneScore score) {
        Object sentences = bench.page().evaluate("block => (" + SEEN + ")(block)", block);
        String said = place.said();
        Locator part = bench.block(block).locator(".part[data-part='" + place.name() + "']");
        int index = part.allInnerTexts().indexOf(said);
        assertThat(index)
                .as("\"%s\" of %s among %s", said, place.name(), part.allInnerTexts())
                .isNotNegative();
        change(bench, part.nth(index));
        waitForSentences(bench, block, sentences, false);
        JsonNode after = bench.saved().tree();
        assertThat(after).as("document after changing \"%s\"", said).isNotEqualTo(before);
        boolean compared = false;
        if (score != null) {
            Project is = DocumentJson.read(after);
            int frame = mostChanged(score, Shot.score(is, scene));
            if (frame >= 0) {
                bench.at(frame);
                assertShows(bench, is, scene, frame, "after changing \"" + said + "\"");
                compared = true;
            }
        }
        bench.undo();
        waitForSentences(bench, block, sentences, true);
        bench.page().keyboard().press("Escape");
        return compared;
    }

    private static void assertShows(Workbench bench, Project project, String scene, int frame, String when) {
        bench.settled().shot().assertShows(Shot.score(project, scene), frame, when);
    }

    /**
     * A frame at which the two documents look clearly different, or the one of those looked at where they differ most, or -1 where
     * none of these differs. Which frames can differ is told by what would be painted; only some of them are painted, and small.
     */
    private static int mostChanged(SceneScore before, SceneScore after) {
        int best = -1;
        int most = 0;
        for (int frame : candidates(before, after)) {
            int difference = Shot.painted(before, frame, SMALL_WIDTH, SMALL_HEIGHT)
                    .from(Shot.painted(after, frame, SMALL_WIDTH, SMALL_HEIGHT))
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

    private static List<Integer> candidates(SceneScore before, SceneScore after) {
        int length = Math.min(before.length(), after.length());
        for (int step : new int[] {STEP, 1}) {
            List<Integer> differing = IntStream.iterate(0, frame -> frame < length, frame -> frame + step)
                    .filter(frame -> !before.at(frame).equals(after.at(frame)))
                    .boxed()
                    .toList();
            if (!differing.isEmpty()) {
                // The middle ones first: at its ends a change has hardly begun.
                int apart = Math.max(1, differing.size() / MOST_PAINTED);
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
        Locator hex = drawer.locator(".colourField input").first();
        if (hex.count() > 0) {
            hex.fill("c8472f");
            hex.press("Enter");
            bench.page().locator(".bar > b").click();
        } else {
            drawer.locator(".buttons button").first().click();
        }
    }

    private static void waitForSentences(Workbench bench, String block, Object sentences, boolean same) {
        bench.page()
                .waitForFunction(
                        "([block, was, same]) => ((" + SEEN + ")(block) === was) === same",
                        List.of(block, sentences, same));
    }

    /** The sentences of a block as they are seen: their words, the colours of their strips and their curves. */
    private static final String SEEN =
            "block => JSON.stringify([...document.querySelectorAll(`[data-block='${block}'] .sentence`)].map(e => e.innerText"
                    + " + [...e.querySelectorAll('.strip, .tinyCurve path')].map(one => one.getAttribute('style') ?? one.getAttribute('d'))))";
}
