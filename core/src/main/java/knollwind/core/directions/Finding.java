package knollwind.core.directions;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.BiConsumer;
import knollwind.core.directions.dress.DressPrinter;
import knollwind.core.directions.move.MovePrinter;
import knollwind.core.directions.setting.SettingPrinter;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Block;
import knollwind.core.scene.CaptionColumn;
import knollwind.core.scene.CaptionLine;
import knollwind.core.scene.Captions;
import knollwind.core.scene.Move;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.TextBlock;

/** Searches all that a project says: its names, its words and its directions. */
public final class Finding {
    /** What is found of it; who looks for more can be told to say more. */
    public static final int MOST = 200;

    /**
     * A place where it stands.
     *
     * @param block id; empty for a scene itself; what dresses it where it is a caption
     * @param caption id; empty for all else
     * @param name of the block, of the scene, or of the captions' column
     * @param where what of it says so: "called", "says", "arrives", "dwells", "leaves", "set", "dressed"
     * @param text in which it stands
     */
    public record Found(String scene, String block, String caption, String name, String where, String text) {}

    private final List<Found> found = new ArrayList<>();
    private final String wanted;

    private Finding(String words) {
        this.wanted = plain(words);
    }

    /** All places that hold the words, whatever their case, in the order of scenes and blocks; the first {@value #MOST}. */
    public static List<Found> in(Project project, String words) {
        Finding finding = new Finding(words);
        if (finding.wanted.isEmpty()) {
            return List.of();
        }
        project.scenes().forEach(finding::scene);
        return List.copyOf(finding.found.subList(0, Math.min(MOST, finding.found.size())));
    }

    private void scene(Scene scene) {
        look(new Found(scene.id(), "", "", scene.name(), "called", scene.name()));
        for (Block block : scene.blocks()) {
            if (found.size() >= MOST) {
                return;
            }
            BiConsumer<String, String> says =
                    (where, text) -> look(new Found(scene.id(), block.id(), "", block.name(), where, text));
            says.accept("called", block.name());
            says.accept("says", block.asWords().map(TextBlock::text).orElse(""));
            phase("arrives", block.arrive(), PhaseKind.ARRIVE, says);
            phase("dwells", block.dwell(), PhaseKind.DWELL, says);
            phase("leaves", block.leave(), PhaseKind.LEAVE, says);
            says.accept("set", SettingPrinter.text(block, scene.blocks()));
            if (!block.dressings().isEmpty()) {
                says.accept("dressed", DressPrinter.text(block.dressings(), scene.blocks()));
            }
        }
        if (scene.captions() != null) {
            captions(scene, scene.captions());
        }
    }

    private void captions(Scene scene, Captions row) {
        for (CaptionLine line : row.lines()) {
            if (found.size() >= MOST) {
                return;
            }
            for (CaptionColumn column : row.columns()) {
                look(new Found(scene.id(), row.design(), line.id(), column.name(), "says", line.words(column.id())));
            }
        }
    }

    private static void phase(String where, Phase phase, PhaseKind kind, BiConsumer<String, String> says) {
        for (Move move : phase.moves()) {
            says.accept(where, MovePrinter.text(move, kind));
        }
    }

    private void look(Found one) {
        if (plain(one.text()).contains(wanted)) {
            found.add(one);
        }
    }

    /** In one case, and on one line. */
    private static String plain(String words) {
        return words.strip().replaceAll("\\s+", " ").toLowerCase(Locale.ROOT);
    }
}
