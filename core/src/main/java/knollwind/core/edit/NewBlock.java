package knollwind.core.edit;

import java.util.List;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.scene.Block;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Length;
import knollwind.core.scene.Place;
import knollwind.core.scene.PlaceBuilder;
import knollwind.core.scene.Scene;
import knollwind.core.scene.ShapeBlock;
import knollwind.core.scene.ShapeBlockBuilder;
import knollwind.core.scene.Span;
import knollwind.core.scene.Value;

/**
 * What every new block has: an id that no block of the project has, the time from the playhead on, the middle of the frame.
 *
 * @param name its kind and its number, as “Words 2”
 */
record NewBlock(String id, String name, Span span) {
    /** What new words are called before their number. */
    static final String WORDS = "Words";

    /** The names that new words have before any are typed. */
    static final String NUMBERED_WORDS = WORDS + " \\d+";

    /**
     * A new block of a kind.
     *
     * @param kind the stem of its id
     * @param name what it is called before its number
     * @param frame scene frame at which it begins; near the end earlier, so that it lasts a second
     */
    static NewBlock of(Draft draft, Scene scene, String kind, String name, double frame) {
        String id = Ids.ofBlocks(draft.scenes()).first(kind + "-");
        long second = (long) Math.ceil(scene.rate().perSecond());
        long start = Math.max(0, Math.min((long) frame, scene.length() - second));
        return new NewBlock(
                id, name + " " + id.substring(kind.length() + 1), Span.of(start, Math.max(start + 1, scene.length())));
    }

    NewBlock named(String other) {
        return new NewBlock(id, other, span);
    }

    NewBlock during(Span other) {
        return new NewBlock(id, name, other);
    }

    Place place() {
        return place(50);
    }

    /** @param height of its middle, per cent of the frame's */
    Place place(double height) {
        return PlaceBuilder.builder()
                .x(Value.of(new Length(50, Length.Unit.FRAME)))
                .y(Value.of(new Length(height, Length.Unit.FRAME)))
                .build();
    }

    ShapeBlock shape(ShapeBlock.Shape shape, Fill fill) {
        return ShapeBlockBuilder.builder()
                .id(id)
                .name(name)
                .span(span)
                .place(place())
                .shape(shape)
                .fill(fill)
                .build();
    }

    /** Puts a block into a scene at an index, and has it chosen. */
    static Outcome put(Scene scene, Block block, int index) {
        Operation insert =
                new Operation.Insert("scenes/" + scene.id() + "/blocks", index, DocumentJson.blockTree(block));
        return new Outcome(List.of(insert), "", block.id(), "");
    }

    /** Puts a block in front of all others of a scene, and has it chosen. */
    static Outcome inFront(Scene scene, Block block) {
        return put(scene, block, scene.blocks().size());
    }
}
