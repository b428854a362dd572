package knollwind.core.library;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Upgrades;
import knollwind.core.dressing.DressKinds;
import knollwind.core.scene.Block;
import knollwind.core.scene.Check;
import knollwind.core.scene.Dressing;
import knollwind.core.scene.Move;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Project;
import knollwind.core.scene.Setting;
import knollwind.core.scene.Uncovering;
import knollwind.core.scene.UnitKind;
import tools.jackson.databind.JsonNode;

/**
 * What somebody kept of how a block looks, to be used on other blocks in other projects. What belongs to the words it was made for, to
 * shapes and to other blocks beside it is not kept.
 *
 * @param documentVersion of the documents whose parts it holds
 * @param em px of the type that it was kept from; of a shape its height
 * @param setting null where it is not kept
 * @param arrive null where moves are not kept, as are dwell and leave
 */
public record Style(
        int documentVersion,
        String name,
        double em,
        List<Dressing> dress,
        Setting setting,
        Phase arrive,
        Phase dwell,
        Phase leave) {
    /** How much of a block is kept. */
    public enum Extent {
        @JsonProperty("dress")
        DRESS,
        @JsonProperty("setting")
        SETTING,
        @JsonProperty("moves")
        MOVES
    }

    public Style {
        Check.text(name, 100, "the name of a style");
        if (!(em > 0 && em < 1e6)) {
            throw new IllegalArgumentException("the size of a style is above 0");
        }
        dress = Check.list(dress);
    }

    /** @param em px of the block's type */
    public static Style of(Block block, double em, String name, Extent extent) {
        Setting setting = extent == Extent.DRESS
                ? null
                : block.asWords()
                        .map(words -> words.setting().with(own -> own.path(null)))
                        .orElse(null);
        boolean moves = extent == Extent.MOVES;
        return new Style(
                Project.DOCUMENT_VERSION,
                name.strip(),
                em,
                block.dressings(),
                setting,
                moves ? alone(block.arrive()) : null,
                moves ? alone(block.dwell()) : null,
                moves ? alone(block.leave()) : null);
    }

    /**
     * One that comes from outside.
     *
     * @throws IllegalArgumentException where a newer version kept it, or where it holds what no block can have
     */
    public static Style read(JsonNode tree) {
        int version = tree.path("documentVersion").asInt(0);
        if (version > Project.DOCUMENT_VERSION) {
            throw new IllegalArgumentException(String.format(
                    "the style \u201c%s\u201d was kept by a newer version of Knollwind (it is of version %d, and this one reads up to"
                            + " %d); bring this one up to date first",
                    tree.path("name").asString("without a name"), version, Project.DOCUMENT_VERSION));
        }
        if (version < 1) {
            throw new IllegalArgumentException("this is no style: it does not say of which version it is");
        }
        Style style = DocumentJson.read(Upgrades.upgradedPart(tree), Style.class);
        DressKinds.check(style.dress);
        return style;
    }

    /** How much it holds. */
    public Extent extent() {
        return arrive != null ? Extent.MOVES : setting != null ? Extent.SETTING : Extent.DRESS;
    }

    /** Its dressings for type of another size. */
    public List<Dressing> dressings(double other) {
        return DressSize.scaled(dress, other / em);
    }

    /** A phase for a block; one without words moves only as a whole. */
    public static Phase fitting(Phase phase, Block block) {
        return block.asWords().isPresent()
                ? phase
                : new Phase(phase.moves().stream()
                        .filter(move -> move.unit() == UnitKind.WHOLE)
                        .toList());
    }

    private static Phase alone(Phase phase) {
        return new Phase(phase.moves().stream().map(Style::alone).toList());
    }

    private static Move alone(Move move) {
        Uncovering seen = move.uncovering();
        Uncovering bare = new Uncovering(seen.hidden(), seen.reveal(), seen.wipe(), seen.lead(), seen.cut(), null);
        return move.with(own -> own.own(List.of()).shared(null).uncovering(bare));
    }
}
