package knollwind.server.draft;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Patch;
import knollwind.core.document.Upgrades;
import knollwind.core.edit.Clip;
import knollwind.core.edit.Draft;
import knollwind.core.edit.Outcome;
import knollwind.core.edit.Wish;
import knollwind.core.filling.Conditions;
import knollwind.core.filling.Filler;
import knollwind.core.filling.Versions;
import knollwind.core.frame.BlockScore;
import knollwind.core.frame.CaptionRow;
import knollwind.core.frame.SceneScore;
import knollwind.core.layout.Materials;
import knollwind.core.layout.SceneLayout;
import knollwind.core.layout.Surroundings;
import knollwind.core.scene.Block;
import knollwind.core.scene.Field;
import knollwind.core.scene.Format;
import knollwind.core.scene.Nested;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Voice;
import knollwind.core.scene.WrittenLetter;
import knollwind.core.type.FontLibrary;
import knollwind.server.project.ConflictException;
import knollwind.server.project.MissingException;
import knollwind.server.project.ProjectStore;
import org.springframework.stereotype.Service;
import tools.jackson.databind.JsonNode;

/**
 * Parsed documents, saved or not, and the scores of their blocks. Blocks are kept by what they say, so an edit makes only
 * the block anew that it touches.
 */
@Service
public class Drafts {
    /** Everything a block's score depends on. */
    private record ScoreKey(
            Block block,
            Surroundings around,
            List<Field> fields,
            List<WrittenLetter> lettering,
            List<Scene> nested,
            List<Voice> voices,
            String engine,
            int fonts) {}

    private record DraftKey(String project, long base, Patch patch, List<Wish> wishes) {}

    private record Read(JsonNode tree, Project project) {}

    /**
     * A draft in one format.
     *
     * @param blocks as the format shows them
     * @param around what each block's look depends on outside itself, by its id
     * @param captions when they are on, and what is seen of them
     */
    public record View(
            Project project,
            Scene scene,
            Format format,
            List<Block> blocks,
            Map<String, Surroundings> around,
            CaptionRow captions) {
        /**
         * What is seen from one frame to before another, from back to front: the blocks that do not dress captions, and captions that
         * are on then in their place.
         */
        public List<CaptionRow.Copy> seen(int from, int to) {
            List<CaptionRow.Copy> seen = new ArrayList<>();
            for (Block block : blocks) {
                if (block.id().equals(captions.design())) {
                    seen.addAll(captions.on(from, to));
                }
                if (!captions.isDesign(block.id())) {
                    seen.add(new CaptionRow.Copy(block, around.get(block.id())));
                }
            }
            return seen;
        }
    }

    private final ProjectStore store;
    private final Materials materials;
    private final FontLibrary fonts;
    private final Readings readings = new Readings();
    private final Cache<DraftKey, Read> drafts =
            Caffeine.newBuilder().maximumSize(64).build();
    private final Cache<ScoreKey, BlockScore> scores =
            Caffeine.newBuilder().maximumSize(2000).build();

    Drafts(ProjectStore store, Materials materials, FontLibrary fonts) {
        this.store = store;
        this.materials = materials;
        this.fonts = fonts;
    }

    /**
     * The draft that a request describes.
     *
     * @throws ConflictException when its base is no longer, or not yet, a revision
     */
    public View view(String project, DraftRequest request) {
        Project document = Filler.plain(shown(project, request));
        Scene scene = document.scenes().stream()
                .filter(candidate -> candidate.id().equals(request.scene()))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("the project has no scene '" + request.scene() + "'"));
        return view(document, scene, scene.format(request.format()));
    }

    /**
     * The document with the row filled in that a request names.
     *
     * @throws IllegalArgumentException when the table has no such row
     */
    public Versions.Version version(String project, DraftRequest request) {
        Read read = read(project, request);
        return request.row() == null
                ? new Versions.Version(read.tree(), read.project(), List.of())
                : version(read.tree(), read.project(), request.row());
    }

    /** A document with one of its rows filled in. */
    public Versions.Version version(JsonNode document, Project project, String row) {
        return Versions.of(document, project, project.versions().row(row), readings::read);
    }

    /** With the row filled in and the condition held that a request names. */
    private Project shown(String project, DraftRequest request) {
        Project filled = version(project, request).project();
        return request.condition() == null ? filled : Conditions.held(filled, request.scene(), request.condition());
    }

    /**
     * A draft's scene with the version and the conditions that are looked at in its blocks, as controls read it; null where it is as it
     * stands in the project.
     */
    public JsonNode scene(String project, DraftRequest request) {
        Project filled = shown(project, request);
        return filled.scenes().stream()
                .filter(scene -> scene.id().equals(request.scene()))
                .filter(scene -> request.row() != null || !scene.conditions().isEmpty())
                .findFirst()
                .map(scene -> DocumentJson.tree(Conditions.seen(Filler.plain(filled), scene)))
                .orElse(null);
    }

    private View view(Project plain, Scene scene, Format format) {
        List<Block> blocks = Filler.blocks(scene, format);
        SceneLayout layout = new SceneLayout(plain, scene, format, blocks, materials);
        Map<String, Surroundings> around = new HashMap<>();
        layout.blocks().forEach(block -> around.put(block.id(), layout.around(block)));
        CaptionRow captions = CaptionRow.of(plain, scene, format, blocks, materials);
        return new View(plain, scene, format, layout.blocks(), around, captions);
    }

    /**
     * The whole document that a request describes.
     *
     * @throws ConflictException when its base is no longer, or not yet, a revision
     */
    public Project document(String project, DraftRequest request) {
        return read(project, request).project();
    }

    /** The same as JSON. It is not to be written to. */
    public JsonNode tree(String project, DraftRequest request) {
        return read(project, request).tree();
    }

    private Read read(String project, DraftRequest request) {
        return drafts.get(new DraftKey(project, request.base(), request.patch(), request.wishes()), key -> {
            JsonNode tree = saved(project, request);
            Project read = readings.read(tree);
            for (Wish wish : request.wishes()) {
                Outcome outcome = wish.on(draft(project, tree, read));
                tree = new Patch(outcome.operations()).apply(tree).document();
                read = readings.read(tree);
            }
            return new Read(tree, read);
        });
    }

    /**
     * The same as JSON, before what is wished. A revision of an older version is upgraded once the patch, which was made on it, is
     * in place.
     */
    private JsonNode saved(String project, DraftRequest request) {
        return Upgrades.upgraded(request.patch()
                .apply(store.load(project, request.base()).document())
                .document());
    }

    private Draft draft(String project, JsonNode tree, Project read) {
        return new Draft(
                tree,
                read,
                materials.typesetter(),
                this::scores,
                revision -> store.load(project, revision).document(),
                this::template);
    }

    private JsonNode template(String id, long revision) {
        try {
            return Upgrades.upgraded(store.load(id, revision).document());
        } catch (MissingException e) {
            throw new IllegalArgumentException("the template is not here any more", e);
        }
    }

    /** The scores of a scene's blocks; most have been made before. */
    private Map<String, BlockScore> scores(Project project, Scene scene, Format format) {
        Project plain = Filler.plain(project);
        View view = view(plain, plain.scene(scene.id()), format);
        Map<String, BlockScore> scores = new HashMap<>();
        view.blocks().forEach(block -> scores.put(block.id(), score(view, block)));
        return scores;
    }

    /**
     * What becomes of a wish on a draft.
     *
     * @throws IllegalArgumentException with the reason when it cannot be done
     */
    public Outcome edit(String project, DraftRequest request, Wish wish) {
        Read read = read(project, request);
        return wish.on(draft(project, read.tree(), read.project()));
    }

    /**
     * Blocks of the scene that is looked at, as text for the clipboard.
     *
     * @throws IllegalArgumentException when there are none
     */
    public String clip(String project, DraftRequest request, List<String> blocks) {
        Read read = read(project, request);
        return Clip.of(draft(project, read.tree(), read.project()), request.scene(), blocks);
    }

    /** The score of a block of the view, made when it is not known. */
    public BlockScore score(View view, Block block) {
        return score(view, new CaptionRow.Copy(block, view.around().get(block.id())));
    }

    /** The score of something that is seen in the view, made when it is not known. */
    public BlockScore score(View view, CaptionRow.Copy seen) {
        Block block = seen.block();
        Surroundings around = seen.around();
        // Its own look, and those of the blocks that its dress needs.
        List<Block> looks = Stream.concat(
                        Stream.of(block), around.beside().values().stream().map(Surroundings.Beside::block))
                .toList();
        return scores.get(
                new ScoreKey(
                        block,
                        around,
                        view.project().fields(),
                        view.project().lettering(),
                        looks.stream()
                                .flatMap(look -> Nested.in(view.project(), look).stream())
                                .toList(),
                        // What is said in this scene is among the surroundings.
                        looks.stream().anyMatch(look -> Nested.of(look).isPresent())
                                ? view.project().voices()
                                : List.of(),
                        view.project().engineVersion(),
                        fonts.version()),
                key -> SceneScore.block(view.project(), block, around, materials));
    }
}
