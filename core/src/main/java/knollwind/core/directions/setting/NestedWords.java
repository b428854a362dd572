package knollwind.core.directions.setting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.directions.controls.Values;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.grammar.Say;
import knollwind.core.scene.Block;
import knollwind.core.scene.EngineRule;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Filling;
import knollwind.core.scene.Hold;
import knollwind.core.scene.Nested;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.Value;
import tools.jackson.databind.JsonNode;

/** A scene that stands in a block, in words: "It shows the scene “Skipper” as it is, stretched at its hold from 120 to 160 frames." */
public final class NestedWords {
    private NestedWords() {}

    /**
     * @param outer the scene that the block belongs to
     * @param path of the block
     */
    public static Sentence print(Project project, Scene outer, Block block, Fill.Nested nested, String path) {
        String at = path + "/" + block.fillPath();
        Optional<Scene> found = project.scenes().stream()
                .filter(scene -> scene.id().equals(nested.scene()))
                .findFirst();
        Sentence.Builder out = new Sentence.Builder().plain("It shows ");
        out.part(
                found.map(scene -> "the scene \u201c" + scene.name() + "\u201d").orElse("a scene that is gone"),
                new Part(
                        "scene",
                        List.of(scenes(project, outer, nested, at), modes(nested, at)),
                        "What is changed in that scene changes here too."));
        if (found.isEmpty()) {
            return out.plain(".").build(at);
        }
        Scene scene = found.get();
        long changes = nested.changes().stream().map(Filling::block).distinct().count();
        out.plain(" ");
        out.part(
                changes == 0 ? "as it is" : "with " + changes + (changes == 1 ? " change" : " changes"),
                new Part("changes", List.of(new Control.Nested("Here", lines(scene, nested), at)), ""));
        length(out, project, block, outer, scene);
        if (scene.captions() != null) {
            boolean seen = nested.captions() != null;
            out.plain(", ");
            out.part(
                    seen ? "with its captions" : "without its captions",
                    new Part(
                            "captions",
                            List.of(Values.pair("Its captions", "unseen", "seen", seen, at + "/captions", null, true)),
                            ""));
        }
        return out.plain(".").build(at);
    }

    private static String beyond(Project project) {
        return project.follows(EngineRule.NESTED_SCENES_HURRY)
                ? ", so that its way in and its way out go faster"
                : ", so that its way out is cut off";
    }

    private static void length(Sentence.Builder out, Project project, Block block, Scene outer, Scene scene) {
        long shown = Math.round(
                block.span().length() / outer.rate().perSecond() * scene.rate().perSecond());
        if (shown == scene.length()) {
            out.plain(", whole");
        } else if (scene.hold() != null) {
            boolean hurried =
                    shown < scene.length() - (scene.hold().to() - scene.hold().from());
            out.plain(", " + (shown > scene.length() ? "stretched" : "shortened")
                    + (hurried ? " beyond its hold from " : " at its hold from ") + Say.frames(scene.length()) + " to "
                    + shown + (hurried ? beyond(project) : ""));
        } else if (shown > scene.length()) {
            out.plain(", " + Say.frames(scene.length()) + ", and then stands still; that scene marks no hold");
        } else {
            out.plain(", the first " + shown + " of its " + Say.frames(scene.length()) + "; that scene marks no hold");
        }
    }

    private static Control scenes(Project project, Scene outer, Fill.Nested nested, String at) {
        return new Control.Choice(
                "Scene",
                Nested.standable(project, outer).stream()
                        .map(scene -> new Control.Option(
                                scene.name(),
                                scene.id().equals(nested.scene()),
                                List.of(Ops.set(
                                        at,
                                        new Fill.Nested(
                                                scene.id(),
                                                List.of(),
                                                nested.mode(),
                                                nested.over(),
                                                nested.captions())))))
                        .toList());
    }

    private static Control modes(Fill.Nested nested, String at) {
        List<Control.Option> options = new ArrayList<>();
        for (Fill.Picture.Mode mode : Fill.Picture.Mode.values()) {
            String said = switch (mode) {
                case COVER -> "covering it";
                case WHOLE -> "seen whole";
                case STRETCH -> "stretched";
            };
            options.add(new Control.Option(said, mode == nested.mode(), List.of(Ops.set(at + "/mode", mode))));
        }
        return new Control.Choice("In its area", options);
    }

    private static List<Control.NestedLine> lines(Scene scene, Fill.Nested nested) {
        List<Control.NestedLine> lines = new ArrayList<>();
        // Words first: they are what is changed most.
        List<Block> blocks = scene.blocks().stream()
                .sorted(Comparator.comparing(block -> block.asWords().isEmpty()))
                .toList();
        for (Block block : blocks) {
            List<String> words = List.of("text");
            List<String> colours = List.of(block.fillPath().split("/"));
            String colour = block.fill().oneColour().flatMap(Value::literal).orElse(null);
            if (colour == null && block.asWords().isEmpty()) {
                // Neither words nor one colour: there is nothing of it to change here.
                continue;
            }
            lines.add(new Control.NestedLine(
                    block.id(),
                    block.name(),
                    block.asWords().map(TextBlock::text).orElse(null),
                    filled(nested, block, words)
                            .map(value -> value.asString(""))
                            .orElse(null),
                    words,
                    colour,
                    filled(nested, block, colours)
                            .map(value -> value.path("colour").asString(null))
                            .orElse(null),
                    colours));
        }
        return lines;
    }

    private static Optional<JsonNode> filled(Fill.Nested nested, Block block, List<String> path) {
        return nested.changes().stream()
                .filter(filling ->
                        filling.block().equals(block.id()) && filling.path().equals(path))
                .map(Filling::value)
                .reduce((earlier, later) -> later);
    }

    private static final String IN_VERSIONS = "and in versions as long as it takes to read at";
    private static final String WITH_VOICE = "and in versions until its voices have been heard";

    /** Characters a second: as fast as titles are read that nobody waits for. */
    public static final double READING = 17;

    /** The hold after "inside another scene it", which has been read; null for none. */
    public static Hold readHold(Lexer words) {
        if (words.phrase("stays as long as it is")) {
            return null;
        }
        if (!words.phrase("is stretched between the frames")) {
            throw DirectionException.missing(
                    words, "stays as long as it is, or is stretched between the frames 12 and 48,");
        }
        double from = words.number().orElseThrow(() -> DirectionException.missing(words, "a frame"));
        words.phrase("and");
        double to = words.number().orElseThrow(() -> DirectionException.missing(words, "a frame"));
        if (words.phrase(WITH_VOICE)) {
            return new Hold((int) Math.rint(from), (int) Math.rint(to), null, true);
        }
        Double reading = null;
        if (words.phrase(IN_VERSIONS)) {
            reading = words.number().orElseThrow(() -> DirectionException.missing(words, "characters a second"));
            if (!words.phrase("characters a second")) {
                throw DirectionException.missing(words, "characters a second");
            }
        }
        return new Hold((int) Math.rint(from), (int) Math.rint(to), reading);
    }

    private static Control.Option inVersions(
            String label, Hold hold, boolean on, Double reading, Boolean voice, String at) {
        return new Control.Option(label, on, List.of(Ops.set(at, new Hold(hold.from(), hold.to(), reading, voice))));
    }

    private static String inVersions(Hold hold) {
        if (hold.voice() != null) {
            return " " + WITH_VOICE;
        }
        return hold.reading() == null
                ? ""
                : " " + IN_VERSIONS + " " + Say.number(hold.reading()) + " characters a second";
    }

    public static void hold(Sentence.Builder out, Scene scene, String path) {
        String at = path + "/hold";
        Hold hold = scene.hold();
        Hold usual = new Hold(scene.length() / 3, Math.max(scene.length() / 3 + 1, scene.length() * 2 / 3));
        List<Control> controls = new ArrayList<>();
        controls.add(Values.pair("Hold", "none", "a stretch", hold != null, at, null, hold == null ? usual : hold));
        if (hold != null) {
            controls.add(Values.number("from", hold.from(), "fr", 0, hold.to() - 1, 1, at + "/from", 1));
            controls.add(Values.number("to", hold.to(), "fr", hold.from() + 1, scene.length(), 1, at + "/to", 1));
            controls.add(new Control.Choice(
                    "In versions",
                    List.of(
                            inVersions(
                                    "as long as here",
                                    hold,
                                    hold.reading() == null && hold.voice() == null,
                                    null,
                                    null,
                                    at),
                            inVersions("as long as it takes to read", hold, hold.reading() != null, READING, null, at),
                            inVersions(
                                    "until its voices have been heard", hold, hold.voice() != null, null, true, at))));
            if (hold.reading() != null) {
                controls.add(Values.number("characters a second", hold.reading(), "", 1, 200, 1, at + "/reading", 1));
            }
        }
        out.plain(" Inside another scene it ")
                .part(
                        hold == null
                                ? "stays as long as it is"
                                : "is stretched between the frames " + hold.from() + " and " + hold.to()
                                        + inVersions(hold),
                        new Part(
                                "hold",
                                controls,
                                "What is on at the end of the hold lengthens; what starts after it comes later."))
                .plain(".");
    }
}
