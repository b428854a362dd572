package knollwind.core.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.filling.Filler;
import knollwind.core.scene.Block;
import knollwind.core.scene.BlockEdge;
import knollwind.core.scene.Check;
import knollwind.core.scene.Cue;
import knollwind.core.scene.Scene;
import knollwind.core.scene.TimeLink;

/**
 * Hangs several blocks on cues, one on each: the first on the page on the earliest.
 *
 * @param format id of the format that is looked at
 * @param cues ids of those that are meant; where there are none, all of the scene
 * @param moment by which they hang: their starts, also where it is left out, or their landings
 */
public record HangOnCues(String scene, String format, List<String> blocks, List<String> cues, BlockEdge moment)
        implements Intent {
    public HangOnCues {
        blocks = Check.list(blocks);
        cues = Check.list(cues);
        moment = moment == null ? BlockEdge.START : moment;
        if (moment != BlockEdge.START && moment != BlockEdge.LANDED) {
            throw new IllegalArgumentException("blocks hang on cues by their starts or by their landings");
        }
    }

    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        List<Block> hung = Filler.blocks(open, open.format(format)).stream()
                .filter(block -> blocks.contains(block.id()))
                .toList();
        List<Cue> meant = open.cues().stream()
                .filter(cue -> cues.isEmpty() || cues.contains(cue.id()))
                .sorted(Comparator.comparingDouble(cue -> cue.at().value()))
                .toList();
        if (meant.size() < hung.size()) {
            throw new IllegalArgumentException("there are " + meant.size() + " cues for " + hung.size()
                    + " blocks; make more cues, or choose fewer blocks");
        }
        boolean landing = moment == BlockEdge.LANDED;
        List<Operation> operations = new ArrayList<>();
        for (int i = 0; i < hung.size(); i++) {
            Block block = hung.get(i);
            String at = BlockPath.of(scene, block.id()) + "/span/";
            if ((landing ? block.span().startsAt() : block.span().landsAt()) != null) {
                operations.add(new Operation.Clear(at + (landing ? "startsAt" : "landsAt")));
            }
            TimeLink link = TimeLink.onCue(meant.get(i).id(), 0);
            operations.add(new Operation.Set(at + (landing ? "landsAt" : "startsAt"), DocumentJson.tree(link)));
        }
        return Outcome.of(operations, "");
    }
}
