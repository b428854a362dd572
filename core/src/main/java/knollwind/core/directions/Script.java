package knollwind.core.directions;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Edit;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.directions.dress.DressContext;
import knollwind.core.directions.dress.DressPrinter;
import knollwind.core.directions.grammar.Say;
import knollwind.core.directions.move.MoveContext;
import knollwind.core.directions.move.MovePrinter;
import knollwind.core.directions.move.PhaseOffers;
import knollwind.core.directions.move.PhaseScript;
import knollwind.core.directions.scene.CameraWords;
import knollwind.core.directions.scene.CrossingWords;
import knollwind.core.directions.scene.FinishWords;
import knollwind.core.directions.scene.LengthWords;
import knollwind.core.directions.scene.MovementWords;
import knollwind.core.directions.scene.TempoWords;
import knollwind.core.directions.setting.FillWords;
import knollwind.core.directions.setting.NestedWords;
import knollwind.core.directions.setting.PlacedWordWords;
import knollwind.core.directions.setting.RunWords;
import knollwind.core.directions.setting.SettingPrinter;
import knollwind.core.directions.setting.Standing;
import knollwind.core.frame.BlockScore;
import knollwind.core.motion.BlockTiming;
import knollwind.core.motion.MoveTiming;
import knollwind.core.motion.PaceRule;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Block;
import knollwind.core.scene.Format;
import knollwind.core.scene.NamedTime;
import knollwind.core.scene.Nested;
import knollwind.core.scene.Pace;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.ShapeBlock;
import knollwind.core.scene.Sound;
import knollwind.core.type.FontAxis;
import knollwind.core.type.FontFamily;

/** Prints all directions of a block. */
public final class Script {
    private Script() {}

    /**
     * The block's directions.
     *
     * @param path of the block in the document
     * @param families what faces can be chosen from
     * @param neighbours all blocks of the scene
     * @param named the moments of the scene that it may hang on: cues, and words that are spoken near it
     * @param sounds of the scene
     * @param safe what words keep inside of in the format
     * @param pace ms that this machine paints for one that is said of a list ({@code PaintCost}); 1 where nobody asks
     */
    public static BlockScript of(
            BlockScore score,
            String path,
            List<FontFamily> families,
            List<Block> neighbours,
            List<NamedTime> named,
            List<Sound> sounds,
            Format.Safe safe,
            double pace) {
        Set<String> axes = axes(score.block(), families);
        List<ShapeBlock> shapes = neighbours.stream()
                .filter(ShapeBlock.class::isInstance)
                .map(ShapeBlock.class::cast)
                .filter(shape -> !shape.id().equals(score.block().id()))
                .toList();
        return new BlockScript(
                score.block().id(),
                phase(score, PhaseKind.ARRIVE, path + "/arrive", axes, shapes, sounds),
                phase(score, PhaseKind.DWELL, path + "/dwell", axes, shapes, sounds),
                phase(score, PhaseKind.LEAVE, path + "/leave", axes, shapes, sounds),
                SpanPrinter.print(score, path, neighbours, named),
                SettingPrinter.print(score.block(), path, families, neighbours, standing(score, safe)),
                DressPrinter.print(
                        score.block().dressings(),
                        new DressContext(
                                path,
                                neighbours,
                                here(score.dressCosts(), pace),
                                sounds,
                                score.block()
                                        .asWords()
                                        .map(words -> words.text().length())
                                        .orElse(0),
                                score.em(),
                                score.isSpoken(),
                                score.isCued())),
                score.block()
                        .asWords()
                        .map(words -> RunWords.print(words, path, families))
                        .orElse(List.of()),
                score.block()
                        .asWords()
                        .map(words -> PlacedWordWords.print(words, path))
                        .orElse(List.of()),
                null);
    }

    private static Map<String, Double> here(Map<String, Double> costs, double pace) {
        Map<String, Double> here = new HashMap<>();
        costs.forEach((id, ms) -> here.put(id, ms * pace));
        return here;
    }

    /**
     * What lies behind all blocks of a scene: "Behind it all: a gradient of …"
     *
     * @param lastEnd frame at which the last block is gone; 0 without blocks
     */
    public static Sentence background(Project project, Scene scene, double lastEnd) {
        String at = "scenes/" + scene.id() + "/background";
        Sentence.Builder out = new Sentence.Builder().plain("Behind it all: ");
        FillWords.ground(out, scene.background(), at);
        out.plain(". It lasts ");
        LengthWords.print(out, scene, lastEnd);
        TempoWords.print(out, scene.beats(), "scenes/" + scene.id() + "/beats");
        out.plain(". Movement is ");
        MovementWords.print(out, scene.blur(), "scenes/" + scene.id() + "/blur");
        out.plain(".");
        FinishWords.print(out, scene.finish(), "scenes/" + scene.id() + "/finish");
        CameraWords.print(out, scene, "scenes/" + scene.id());
        List<Scene> scenes = project.ownScenes();
        int place = scenes.stream().map(Scene::id).toList().indexOf(scene.id());
        if (place >= 0 && place < scenes.size() - 1) {
            CrossingWords.print(out, scene, "scenes/" + scene.id());
        }
        NestedWords.hold(out, scene, "scenes/" + scene.id());
        return out.build(at);
    }

    /** The scene that stands in a block, if one does. */
    public static Optional<Sentence> nested(Project project, Scene scene, Block block, String path) {
        return Nested.of(block).map(nested -> NestedWords.print(project, scene, block, nested, path));
    }

    /** The axes that a block's face has. */
    private static Set<String> axes(Block block, List<FontFamily> families) {
        return block.asWords().map(words -> words.setting().face().family()).stream()
                .flatMap(
                        name -> families.stream().filter(family -> family.name().equals(name)))
                .flatMap(family -> family.axes().stream())
                .map(FontAxis::tag)
                .collect(Collectors.toSet());
    }

    private static Standing standing(BlockScore score, Format.Safe safe) {
        return new Standing(
                score::placedBy,
                score.base().x(),
                score.base().y(),
                score.crawl().orElse(null),
                safe);
    }

    private static PhaseScript phase(
            BlockScore score,
            PhaseKind kind,
            String path,
            Set<String> axes,
            List<ShapeBlock> shapes,
            List<Sound> sounds) {
        List<Sentence> sentences = new ArrayList<>();
        List<String> texts = new ArrayList<>();
        List<MoveTiming> timings = score.timing().moves().stream()
                .filter(timing -> timing.phase() == kind)
                .toList();
        MoveContext.Stage stage = new MoveContext.Stage(
                score.set().text(),
                axes,
                shapes,
                sounds,
                timings.stream().map(timing -> timing.move().id()).toList(),
                score.block().asWords().isPresent(),
                score.set().em(),
                score.set().lineHeight(),
                score.fit().width(),
                score.fit().height());
        for (MoveTiming timing : timings) {
            String at = path + "/moves/" + timing.move().id();
            sentences.add(MovePrinter.print(new MoveContext(at, timing, stage)));
            texts.add(MovePrinter.text(timing.move(), kind));
        }
        BlockTiming timing = score.timing();
        double length = switch (kind) {
            case ARRIVE -> timing.arriveEnd() - timing.start();
            case DWELL -> timing.leaveStart() - timing.arriveEnd();
            case LEAVE -> timing.end() - timing.leaveStart();
        };
        Control control = kind == PhaseKind.DWELL ? null : length(timings, path, kind, length, timing);
        return new PhaseScript(
                sentences,
                texts,
                length,
                control != null || kind == PhaseKind.DWELL ? control : glide(score, path, kind, length),
                whole(control, kind, path, length, timing.scale()),
                PhaseOffers.of(score.block(), kind, path));
    }

    /** A phase without moves of its own that a glide comes in or goes off by: its length is that of the glide's own pace. */
    private static Control glide(BlockScore score, String path, PhaseKind kind, double length) {
        List<MoveTiming> glides = score.timing().moves().stream()
                .filter(timing -> timing.phase() == PhaseKind.DWELL
                        && timing.move().cycle().glides()
                        && !timing.move().muted())
                .toList();
        String dwell = path.substring(0, path.lastIndexOf('/')) + "/dwell";
        return length(glides, dwell, kind, length, score.timing());
    }

    /**
     * "All have arrived after 33 frames."
     *
     * @param length frames that it takes
     * @param scale below 1 where it was shortened to fit
     */
    private static Sentence whole(Control control, PhaseKind kind, String path, double length, double scale) {
        if (!(control instanceof Control.Number number)) {
            return null;
        }
        Part part =
                new Part("length", List.of(control), "Each piece keeps its time; the starts move together or apart.");
        return new Sentence.Builder()
                .plain(kind == PhaseKind.ARRIVE ? "All have arrived after " : "All have left after ")
                .part(Say.frames(Math.rint(length * 10) / 10), part)
                .plain(
                        scale < 1
                                ? ", shortened from " + Say.number(Math.rint(number.value() * 10) / 10) + " to fit."
                                : ".")
                .build(path);
    }

    /**
     * Changing a phase's length keeps its proportions: every move's whole time and wait take their part of the new length,
     * and each unit's own time stays where there are several turns.
     */
    private static Control length(
            List<MoveTiming> timings, String path, PhaseKind kind, double length, BlockTiming block) {
        boolean called =
                timings.stream().anyMatch(timing -> timing.move().pace().moments() != null);
        if (timings.isEmpty() || length <= 0 || called) {
            return null;
        }
        double unscaled = length / block.scale();
        List<Edit> edits = new ArrayList<>();
        for (MoveTiming timing : timings) {
            PaceRule rule = timing.rule();
            String at = path + "/moves/" + timing.move().id();
            if (timing.move().after() > 0) {
                edits.add(Edit.shown(at + "/after", timing.move().after() / unscaled));
            }
            double share = rule.inAll() / unscaled;
            if (timing.ranks().count() <= 1
                    || timing.move().pace().held() == Pace.Held.EACH_APART && rule.apart() == 0) {
                edits.add(Edit.fixed(
                        at + "/pace", Pace.eachApart(1, timing.move().pace().apart())));
                edits.add(Edit.shown(at + "/pace/each", share));
            } else if (timing.move().pace().held() == Pace.Held.EACH_APART) {
                edits.add(Edit.fixed(at + "/pace", Pace.eachInAll(rule.each(), 1)));
                edits.add(Edit.shown(at + "/pace/inAll", share));
            } else {
                edits.add(Edit.fixed(at + "/pace/whole", false));
                edits.add(Edit.shown(at + "/pace/inAll", share));
            }
        }
        String label = kind == PhaseKind.ARRIVE ? "arrives in" : "leaves in";
        return new Control.Number(label, Math.rint(unscaled * 1000) / 1000, "fr", 1, 480, 1, false, edits);
    }
}
