package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import knollwind.core.directions.Script;
import knollwind.core.directions.controls.FormatPx;
import knollwind.core.directions.dress.DressPrinter;
import knollwind.core.directions.move.MovePrinter;
import knollwind.core.directions.move.MoveReader;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.filling.Filler;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Block;
import knollwind.core.scene.Check;
import knollwind.core.scene.Format;
import knollwind.core.scene.FrameFit;
import knollwind.core.scene.Move;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;

/**
 * Replaces words in the directions of all blocks of a scene, whatever their case; what results is read like typed sentences. All of
 * it or nothing.
 *
 * @param format id of the format whose directions are meant
 * @param find what is looked for
 * @param by what stands there instead
 */
public record ReplaceInDirections(String scene, String format, String find, String by) implements Intent {
    public ReplaceInDirections {
        find = Check.text(Check.present(find, "what is looked for").strip(), 4000, "what is looked for");
        by = Check.text(Check.present(by, "what stands there instead").strip(), 4000, "what stands there instead");
        if (find.isEmpty() || by.isEmpty()) {
            throw new IllegalArgumentException("say what is to be replaced, and by what");
        }
    }

    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        Format shown = open.format(format);
        FormatPx px = new FormatPx(FrameFit.of(open, shown));
        Map<String, String> settings = settings(draft, open, shown);
        List<Operation> operations = new ArrayList<>();
        List<String> problems = new ArrayList<>();
        int replaced = 0;
        List<Block> blocks = Filler.blocks(open, shown);
        for (Block block : blocks) {
            String path = BlockPath.of(scene, block.id());
            for (PhaseKind phase : PhaseKind.values()) {
                String name = phase.name().toLowerCase(Locale.ROOT);
                for (Move move : Nodes.phaseOf(block, name).moves()) {
                    String printed = MovePrinter.text(move, phase);
                    String text = px.seen(printed);
                    replaced += read(block, text, problems, () -> {
                        Move told = px.read(replaced(text), printed, kept -> MoveReader.read(kept, phase, move));
                        operations.add(
                                new Operation.Set(path + "/" + name + "/moves/" + move.id(), DocumentJson.tree(told)));
                    });
                }
            }
            String text = px.seen(settings.getOrDefault(block.id(), ""));
            replaced += read(
                    block,
                    text,
                    problems,
                    () -> operations.addAll(new SetBySentence(scene, format, block.id(), replaced(text))
                            .on(draft)
                            .operations()));
            String dressed = block.dressings().isEmpty() ? "" : px.seen(DressPrinter.text(block.dressings(), blocks));
            replaced += read(
                    block,
                    dressed,
                    problems,
                    () -> operations.addAll(new DressBySentence(scene, format, block.id(), replaced(dressed))
                            .on(draft)
                            .operations()));
        }
        if (!problems.isEmpty()) {
            throw new IllegalArgumentException("nothing was replaced. " + String.join(" \u00b7 ", problems));
        }
        return Outcome.saying(
                operations, replaced == 1 ? "Replaced in one direction." : "Replaced in " + replaced + " directions.");
    }

    /** Replaces in one sentence, if it holds the words; gives how many it was. */
    private int read(Block block, String text, List<String> problems, Runnable reading) {
        if (!pattern().matcher(text).find()) {
            return 0;
        }
        try {
            reading.run();
        } catch (IllegalArgumentException unreadable) {
            problems.add(block.name() + ": " + unreadable.getMessage());
        }
        return 1;
    }

    private Pattern pattern() {
        return Pattern.compile(Pattern.quote(find), Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
    }

    private String replaced(String text) {
        return pattern().matcher(text).replaceAll(Matcher.quoteReplacement(by));
    }

    /** The sentences of how words are set, by the ids of their blocks. */
    private static Map<String, String> settings(Draft draft, Scene open, Format shown) {
        Project plain = Filler.plain(draft.project());
        Scene scene = plain.scene(open.id());
        List<Block> blocks = Filler.blocks(scene, shown);
        return draft.scores(open, shown).values().stream()
                .filter(score -> score.block().asWords().isPresent())
                .collect(Collectors.toMap(
                        score -> score.block().id(),
                        score -> Script.of(
                                        score,
                                        BlockPath.of(scene.id(), score.block().id()),
                                        draft.typesetter().fonts().families(),
                                        blocks,
                                        List.of(),
                                        scene.sounds(),
                                        shown.safeForWords(),
                                        1)
                                .setting()
                                .text()));
    }
}
