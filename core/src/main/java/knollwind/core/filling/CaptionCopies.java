package knollwind.core.filling;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import knollwind.core.scene.Block;
import knollwind.core.scene.CaptionColumn;
import knollwind.core.scene.CaptionLine;
import knollwind.core.scene.Captions;
import knollwind.core.scene.Place;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.ShapeBlock;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;

/**
 * What captions look like: copies of their design with a caption's words in them, and with what is other in that caption alone. Their ids
 * are the design's, a dot, and the caption's.
 */
public final class CaptionCopies {
    private CaptionCopies() {}

    /** The id of a caption's copy of a block. */
    public static String id(String block, CaptionLine line) {
        return block + "." + line.id();
    }

    /** All scenes without their captions, and without what dresses them. */
    public static Project withoutRows(Project project) {
        return project.withScenes(
                project.scenes().stream().map(CaptionCopies::withoutRow).toList());
    }

    /** A scene without its captions, and without what dresses them. */
    public static Scene withoutRow(Scene scene) {
        if (scene.captions() == null) {
            return scene;
        }
        Set<String> designs = designs(scene.captions(), scene.blocks());
        return scene.with(one -> one.captions(null)
                .blocks(scene.blocks().stream()
                        .filter(block -> !designs.contains(block.id()))
                        .toList()));
    }

    /** Ids of the blocks that are not seen by themselves: the designs, and the plates behind them. */
    public static Set<String> designs(Captions row, List<Block> blocks) {
        return blocks.stream()
                .filter(block -> row.designs().contains(block.id()) || isPlate(block, row.designs()))
                .map(Block::id)
                .collect(Collectors.toSet());
    }

    /** Ids of the plates that lie behind none but some designs. */
    public static Set<String> plates(List<String> designs, List<Block> blocks) {
        return blocks.stream()
                .filter(block -> isPlate(block, designs))
                .map(Block::id)
                .collect(Collectors.toSet());
    }

    private static boolean isPlate(Block block, List<String> designs) {
        return block.asPlate()
                .filter(plate -> !plate.behind().isEmpty() && designs.containsAll(plate.behind()))
                .isPresent();
    }

    /**
     * The design with the words of a caption, and the plates behind it, from back to front; none where the design is gone or the caption
     * has no words in the column.
     *
     * @param blocks of the scene as a format shows them
     * @param during when it is on
     */
    public static List<Block> of(
            Captions row, CaptionLine line, CaptionColumn column, Span during, List<Block> blocks) {
        String words = line.words(column.id());
        if (words.isBlank()) {
            return List.of();
        }
        List<Block> copies = new ArrayList<>();
        for (Block block : blocks) {
            boolean design = block.id().equals(row.design());
            if (design && block.asWords().isPresent()) {
                copies.add(words(block.asWords().get(), words, column));
            } else if (isPlate(block, List.of(row.design()))) {
                copies.add(block);
            }
        }
        return Filler.blocks(copies, line.own(), misfit -> {}).stream()
                .map(block -> named(block, row, line).during(during))
                .toList();
    }

    /** What lies over stretches of the design's own words does not belong to other ones. */
    private static TextBlock words(TextBlock design, String words, CaptionColumn column) {
        return design.with(one -> one.text(words)
                .says(null)
                .runs(List.of())
                .placed(List.of())
                .setting(
                        column.language() == null
                                ? design.setting()
                                : design.setting().withLanguage(column.language())));
    }

    private static Block named(Block block, Captions row, CaptionLine line) {
        return block.match(new Block.Cases<Block>() {
            @Override
            public Block words(TextBlock words) {
                return words.withId(id(words.id(), line));
            }

            @Override
            public Block shape(ShapeBlock shape) {
                ShapeBlock.Plate plate = (ShapeBlock.Plate) shape.shape();
                return shape.with(one -> one.id(id(shape.id(), line)).shape(plate.behind(id(row.design(), line))));
            }
        });
    }

    /** The copy as if it were the block that it is a copy of: under its id, a plate behind the design itself. */
    public static Block unnamed(Block copy, Captions row, String id) {
        return copy.match(new Block.Cases<Block>() {
            @Override
            public Block words(TextBlock words) {
                return words.withId(id);
            }

            @Override
            public Block shape(ShapeBlock shape) {
                ShapeBlock.Plate plate = (ShapeBlock.Plate) shape.shape();
                return shape.with(one -> one.id(id).shape(plate.behind(row.design())));
            }
        });
    }

    /** The copy at another place. */
    public static Block at(Block copy, Place place) {
        return copy.match(new Block.Cases<Block>() {
            @Override
            public Block words(TextBlock words) {
                return words.withPlace(place);
            }

            @Override
            public Block shape(ShapeBlock shape) {
                return shape.withPlace(place);
            }
        });
    }
}
