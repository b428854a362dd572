package knollwind.core.directions;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import knollwind.core.Samples;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Edit;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Segment;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.display.DisplayList;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.document.Patch;
import knollwind.core.filling.UsedFiles;
import knollwind.core.frame.SceneScore;
import knollwind.core.scene.Block;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Filling;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Every control of every part: what it says it does is what happens. */
class ControlsTest {
    /**
     * @param part what the part that it belongs to is called; null where it belongs to none
     * @param shown what a number's control must show then; null for other controls
     */
    private record Change(String what, String part, boolean nothing, List<Operation> operations, Shown shown) {
        Change(String what, String part, boolean nothing, List<Operation> operations) {
            this(what, part, nothing, operations, null);
        }
    }

    /** A number as its control shows it, the control being known by its label and by what it sets first. */
    private record Shown(String label, String at, double value) {
        static Shown of(Control.Number number) {
            return new Shown(number.label(), number.edits().get(0).at(), number.value());
        }

        boolean isOf(Shown other) {
            return label.equals(other.label) && at.equals(other.at);
        }
    }

    /** Parts of which a change that is seen in the picture has been met with already, and all parts met with. */
    private static final Set<String> SEEN = ConcurrentHashMap.newKeySet();

    private static final Set<String> MET = ConcurrentHashMap.newKeySet();

    /** What sentences can be given and have been given once: it is the same everywhere. */
    private static final Set<String> ADDED = ConcurrentHashMap.newKeySet();

    /** What has been tried: a control that says the same in another block does the same there. */
    private static final Set<String> TRIED = ConcurrentHashMap.newKeySet();

    /** That a move is detached is kept without being seen; and no words of the demo have letters that a language forms otherwise. */
    private static final Set<String> UNSEEN = Set.of("shared", "language");

    @AfterAll
    static void of_every_part_some_change_is_seen_in_the_picture() {
        if (MET.size() > 20) {
            Set<String> never = new TreeSet<>(MET);
            never.removeAll(SEEN);
            assertThat(never).isEmpty();
        }
    }

    static Stream<String> places() {
        return Samples.demo().scenes().stream()
                .flatMap(scene -> scene.blocks().stream().map(block -> scene.id() + "/" + block.id()));
    }

    /** Every choice, number, curve and colour of every part: the document stays valid, the sentences change, undo brings all back. */
    @ParameterizedTest
    @MethodSource("places")
    void every_control_of_every_part_changes_what_it_says(String place) {
        String scene = place.split("/")[0];
        String block = place.split("/")[1];
        // Only its scene: the others take no part in what its sentences say.
        Project demo = alone(Samples.demo(), scene);
        var tree = DocumentJson.tree(demo);
        String before = page(demo, scene, block, Scripts.script(demo, scene, block));
        List<DisplayList> painted = null;
        for (Change change : changes(Scripts.script(demo, scene, block))) {
            boolean known = !TRIED.add(change.what);
            if (known && (change.part == null || SEEN.contains(change.part) || UNSEEN.contains(change.part))) {
                continue;
            }
            Patch.Result result = new Patch(change.operations).apply(tree);
            Project changed = DocumentJson.read(result.document());
            BlockScript script =
                    Scripts.script(changed, scene, block, UsedFiles.of(changed).families()::contains);
            String after = page(changed, scene, block, script);
            if (change.shown != null) {
                numbers(script)
                        .filter(change.shown::isOf)
                        .forEach(shown -> assertThat(shown.value)
                                .as(change.what)
                                .isCloseTo(change.shown.value, within(1e-3 + 1e-3 * Math.abs(change.shown.value))));
            }
            if (change.part != null && !SEEN.contains(change.part) && !UNSEEN.contains(change.part)) {
                MET.add(change.part);
                painted = painted == null ? lists(demo, scene) : painted;
                if (!lists(changed, scene).equals(painted)) {
                    SEEN.add(change.part);
                }
            }
            if (change.nothing) {
                assertThat(after).as(change.what).isEqualTo(before);
            } else {
                assertThat(after).as(change.what).isNotEqualTo(before);
            }
            assertThat(result.inverse().apply(result.document()).document())
                    .as(change.what)
                    .isEqualTo(tree);
        }
    }

    /** What is painted at times all over the scene. */
    private static List<DisplayList> lists(Project project, String sceneId) {
        Scene scene = project.scene(sceneId);
        SceneScore score = SceneScore.of(project, scene, scene.formats().get(0), Samples.TYPESETTER);
        return IntStream.range(0, TIMES)
                .mapToObj(i -> score.at(scene.length() * i / (double) TIMES))
                .toList();
    }

    private static final int TIMES = 25;

    private static Project alone(Project project, String scene) {
        return project.withScenes(List.of(project.scene(scene)));
    }

    @ParameterizedTest
    @ValueSource(strings = {"announcement", "opening"})
    void every_control_of_what_lies_behind_a_scene_changes_what_it_says(String scene) {
        Project demo = Samples.demo();
        var tree = DocumentJson.tree(demo);
        String before = Script.background(demo, demo.scene(scene), 0).text();
        List<Change> changes = new ArrayList<>();
        for (Segment segment : Script.background(demo, demo.scene(scene), 0).segments()) {
            if (segment.part() != null) {
                segment.part()
                        .controls()
                        .forEach(control ->
                                add(changes, segment.text(), segment.part().name(), control));
            }
        }
        assertThat(changes).anyMatch(change -> change.what.contains("amera") || change.what.contains("zoom"));
        for (Change change : changes) {
            Patch.Result result = new Patch(change.operations).apply(tree);
            Project changed = DocumentJson.read(result.document());
            String after = Script.background(changed, changed.scene(scene), 0).text();
            assertThat(after.equals(before)).as(change.what).isEqualTo(change.nothing);
        }
    }

    private static List<Sentence> sentences(BlockScript script) {
        List<Sentence> sentences = new ArrayList<>(script.arrive().sentences());
        sentences.addAll(script.dwell().sentences());
        sentences.addAll(script.leave().sentences());
        sentences.add(script.setting());
        sentences.add(script.span());
        sentences.addAll(script.runs());
        sentences.addAll(script.placed());
        return sentences;
    }

    private static Stream<Shown> numbers(BlockScript script) {
        return sentences(script).stream()
                .flatMap(sentence -> Stream.concat(
                        sentence.segments().stream().map(Segment::part), Stream.ofNullable(sentence.more())))
                .filter(Objects::nonNull)
                .flatMap(part -> part.controls().stream())
                .filter(Control.Number.class::isInstance)
                .map(control -> Shown.of((Control.Number) control));
    }

    private static List<Change> changes(BlockScript script) {
        List<Change> changes = new ArrayList<>();
        for (Sentence sentence : sentences(script)) {
            for (Segment segment : sentence.segments()) {
                if (segment.part() != null) {
                    assertThat(segment.part().controls()).as(segment.text()).isNotEmpty();
                    segment.part()
                            .controls()
                            .forEach(control ->
                                    add(changes, segment.text(), segment.part().name(), control));
                }
            }
            // What is added is said by a part of its own.
            if (sentence.more() != null) {
                List<Change> added = new ArrayList<>();
                sentence.more().controls().forEach(control -> add(added, "and \u2026", null, control));
                added.stream().filter(change -> ADDED.add(change.what)).forEach(changes::add);
            }
        }
        Stream.of(script.arrive(), script.leave()).forEach(phase -> {
            phase.offers().forEach(offer -> changes.add(new Change(offer.label(), null, false, offer.operations())));
            if (phase.lengthControl() != null) {
                add(changes, "length", "length", phase.lengthControl());
            }
        });
        return changes;
    }

    private static void add(List<Change> changes, String said, String part, Control control) {
        String what = said + " \u203a " + control.label();
        if (control instanceof Control.Number number) {
            double shown = number.value() + number.step() <= number.most()
                    ? number.value() + number.step()
                    : number.value() - number.step();
            List<Operation> operations = new ArrayList<>();
            for (Edit edit : number.edits()) {
                operations.add(
                        edit.value() == null
                                ? Ops.set(
                                        edit.at(),
                                        asWritten(Math.rint((edit.offset() + shown * edit.factor()) * 1e6) / 1e6))
                                : new Operation.Set(edit.at(), edit.value()));
            }
            boolean wholeFrames =
                    number.edits().stream().anyMatch(edit -> edit.at().contains("/span/"));
            // One piece alone, which is said to go "in 15 frames", has nothing that it could be apart from.
            boolean alone = number.label().equals("apart") && said.startsWith("in ");
            Shown after = alone
                    ? null
                    : new Shown(number.label(), number.edits().get(0).at(), wholeFrames ? Math.rint(shown) : shown);
            changes.add(new Change(
                    what, part, false, wholeFrames ? whole(operations) : operations, part == null ? null : after));
            number.units()
                    .forEach(unit -> changes.add(
                            new Change(what + " \u203a " + unit.label(), part, unit.selected(), unit.operations())));
        } else if (control instanceof Control.Choice choice) {
            choice.options()
                    .forEach(option -> changes.add(new Change(
                            what + " \u203a " + option.label(), part, option.selected(), option.operations())));
        } else if (control instanceof Control.Turn turn) {
            turn.places()
                    .forEach(place -> changes.add(
                            new Change(what + " \u203a " + place.label(), part, place.selected(), place.operations())));
        } else if (control instanceof Control.Families families) {
            families.options()
                    .forEach(option -> changes.add(new Change(
                            what + " \u203a " + option.label(), part, option.selected(), option.operations())));
        } else if (control instanceof Control.Curve curve) {
            curve.options()
                    .forEach(option -> changes.add(new Change(
                            what + " \u203a " + option.label(), part, option.selected(), option.operations())));
            changes.add(new Change(
                    what, part, false, List.of(Ops.set(curve.at(), "cubic-bezier(0.11, 0.22, 0.33, 0.44)"))));
        } else if (control instanceof Control.Tint tint) {
            changes.add(new Change(what, part, false, List.of(Ops.set(tint.at(), "#123456"))));
        } else if (control instanceof Control.Hand hand) {
            changes.add(new Change(what, part, false, List.of(Ops.set(hand.at(), List.of()))));
        } else if (control instanceof Control.Pad pad) {
            // A pad shows what the numbers beside it set; they are walked as numbers.
            assertThat(pad.angle() == null).as(what).isEqualTo(pad.x() != null && pad.y() != null);
        } else if (control instanceof Control.KeyHere here) {
            // It adds a key at the playhead, which is an intent.
            assertThat(here.at()).as(what).contains("/blocks/");
        } else if (control instanceof Control.Taps taps) {
            changes.add(new Change(what, part, false, List.of(Ops.set(taps.at(), taps.least()))));
        } else if (control instanceof Control.Keys keys) {
            String first = keys.at() + "/" + keys.keys().get(0).id() + "/value";
            double stored = keys.keys().get(0).value();
            double other =
                    stored == keys.least() / keys.shown() ? keys.most() / keys.shown() : keys.least() / keys.shown();
            changes.add(new Change(what, part, false, List.of(Ops.set(first, asWritten(other)))));
        } else if (control instanceof Control.PictureFile picture) {
            Fill fill = new Fill.Picture("0".repeat(64), "pier.png", 40, 30, Fill.Picture.Mode.COVER, 0.5, 0.5);
            changes.add(new Change(what, part, false, List.of(Ops.set(picture.at(), fill))));
        } else if (control instanceof Control.Nested nested) {
            nested.lines().stream()
                    .filter(line -> line.text() != null)
                    .forEach(line -> changes.add(new Change(
                            what + " \u203a " + line.name(),
                            part,
                            false,
                            List.of(Ops.set(
                                    nested.at() + "/changes",
                                    List.of(Filling.of(line.id(), line.textPath(), DocumentJson.tree("\"FOG\""))))))));
        } else {
            throw new AssertionError("no walk knows this kind of control: " + control);
        }
    }

    private static List<Operation> whole(List<Operation> operations) {
        return operations.stream()
                .map(operation -> (Operation) new Operation.Set(
                        operation.at(),
                        DocumentJson.tree(
                                "" + ((Operation.Set) operation).value().asInt())))
                .toList();
    }

    /** All sentences of a block, and its pace in full where a sentence says only two of three. */
    private static String page(Project project, String scene, String blockId, BlockScript script) {
        Block block = project.scene(scene).blocks().stream()
                .filter(candidate -> candidate.id().equals(blockId))
                .findFirst()
                .orElseThrow();
        StringBuilder page = new StringBuilder();
        script.arrive()
                .sentences()
                .forEach(sentence -> page.append(sentence.text()).append('\n'));
        script.dwell()
                .sentences()
                .forEach(sentence -> page.append(sentence.text()).append('\n'));
        script.leave()
                .sentences()
                .forEach(sentence -> page.append(sentence.text()).append('\n'));
        script.runs().forEach(run -> page.append(run.text()).append('\n'));
        script.placed().forEach(word -> page.append(word.text()).append('\n'));
        return page.append(script.setting().text())
                .append(script.span().text())
                .append(block.span())
                .toString();
    }

    /** A page writes a whole number without a decimal point. */
    private static Object asWritten(double value) {
        return value == Math.rint(value) ? (Object) (long) value : (Object) value;
    }
}
