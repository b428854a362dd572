package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonInclude;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * One continuous piece of picture.
 *
 * @param length frames, 1 to {@link #LONGEST}
 * @param formats at least one; the first is the base format, whose values are those of the blocks
 * @param blocks from back to front
 * @param blur null where movement is sharp
 * @param cues its named moments
 * @param groups of blocks that are moved as one
 * @param takeOf the scene that this one is another take of; null for a scene of its own
 * @param sounds what is heard with it
 * @param hold where it is stretched when it is made longer in another scene; null for nowhere
 * @param crossing how it hands over to the next scene; null for a cut
 * @param camera null where the scene is looked at as it is
 * @param ends what its length follows; null where it has a length of its own
 * @param captions null where it has none
 * @param finish null where nothing lies over it
 * @param conditions values of its blocks that are other while something is so
 * @param origin the template that it was taken from; null for a scene of its own
 * @param measure the frame in whose pixels lengths are counted; null for that of the base format
 */
@RecordBuilder
public record Scene(
        String id,
        String name,
        FrameRate rate,
        int length,
        Beats beats,
        Fill background,
        List<Format> formats,
        List<Block> blocks,
        MotionBlur blur,
        Camera camera,
        List<Cue> cues,
        List<Group> groups,
        String takeOf,
        Crossing crossing,
        List<Sound> sounds,
        Hold hold,
        Measure measure,
        Ending ends,
        Captions captions,
        Finish finish,
        Origin origin,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) List<Condition> conditions)
        implements SceneBuilder.With {

    /** Frames that a scene can last: nine hours at thirty a second. */
    public static final int LONGEST = 1_000_000;

    @JsonCreator
    public Scene {
        Check.id(id, "a scene");
        Check.text(name, 200, "the name of a scene");
        Check.present(rate, "the frame rate of a scene");
        Check.range(length, 1, LONGEST, "the length of a scene");
        background = background == null ? new Fill.None() : background;
        if (background instanceof Fill.Nested) {
            throw new IllegalArgumentException("another scene cannot lie behind a scene; let it stand in a block");
        }
        formats = Check.list(formats);
        if (formats.isEmpty()) {
            throw new IllegalArgumentException("a scene needs at least one format");
        }
        Check.uniqueIds(formats, Format::id, "formats");
        blocks = Check.list(blocks);
        Check.uniqueIds(blocks, Block::id, "blocks");
        cues = Check.list(cues);
        Check.uniqueIds(cues, Cue::id, "cues");
        groups = Check.list(groups);
        Check.uniqueIds(groups, Group::id, "groups");
        sounds = Check.list(sounds);
        Check.uniqueIds(sounds, Sound::id, "sounds");
        conditions = Check.list(conditions);
        Check.uniqueIds(conditions, Condition::id, "conditions");
        if (hold != null && hold.to() > length) {
            throw new IllegalArgumentException(
                    "the hold of a scene of " + length + " frames cannot end at " + hold.to());
        }
        if (takeOf != null) {
            Check.id(takeOf, "the scene of a take");
        }
    }

    /** The frame in whose pixels lengths are counted. */
    public Measure measured() {
        return measure == null ? Measure.of(formats.get(0)) : measure;
    }

    /** The format with this id or name; unknown ones are refused with the list of those there are. */
    public Format format(String idOrName) {
        return formats.stream()
                .filter(format -> format.id().equals(idOrName) || format.name().equals(idOrName))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("the scene '" + name + "' has no format '" + idOrName
                        + "'; it has " + formats.stream().map(Format::name).toList()));
    }
}
