package knollwind.server.library;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import knollwind.core.directions.dress.DressPrinter;
import knollwind.core.document.DocumentJson;
import knollwind.core.frame.BlockScore;
import knollwind.core.frame.SceneScore;
import knollwind.core.layout.Materials;
import knollwind.core.library.Style;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.server.project.MissingException;
import knollwind.server.project.ProjectStore;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** Styles that people kept: of blocks as they are saved, or from a file. */
@RestController
@RequestMapping("/api/styles")
class StyleController {
    /**
     * A style to choose.
     *
     * @param sentence what it is dressed with
     * @param extent dress, setting or moves: how much it holds
     */
    record KeptStyle(
            String id,
            String name,
            String sentence,
            Style.Extent extent,
            @Schema(type = "object") JsonNode style) {}

    /** A block of a saved project whose look is to be kept. */
    record NewStyle(
            @NotBlank @Size(max = 100) String name,
            @NotNull Style.Extent extent,
            @NotBlank String project,
            @NotBlank String scene,
            @NotBlank String block) {}

    private final OwnStyleRepository own;
    private final ProjectStore projects;
    private final Materials materials;

    StyleController(OwnStyleRepository own, ProjectStore projects, Materials materials) {
        this.own = own;
        this.projects = projects;
        this.materials = materials;
    }

    @GetMapping
    List<KeptStyle> styles() {
        return own.findAllByOrderByNameAsc().stream().map(StyleController::kept).toList();
    }

    /** Keeps what a block looks like; the same under the same name is not kept twice. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    @Transactional
    public KeptStyle keep(@Valid @RequestBody NewStyle request) {
        Project saved = DocumentJson.read(projects.load(request.project()).document());
        // Without captions, what dresses them is a block like others.
        Project project = saved.withScenes(saved.scenes().stream()
                .map(one -> one.id().equals(request.scene()) ? one.withCaptions(null) : one)
                .toList());
        Scene scene = project.scenes().stream()
                .filter(one -> one.id().equals(request.scene()))
                .findFirst()
                .orElseThrow(() -> new MissingException("There is no scene with this id in the project."));
        SceneScore score = SceneScore.of(project, scene, scene.formats().get(0), materials);
        BlockScore block = score.blocks().stream()
                .filter(one -> one.block().id().equals(request.block()))
                .findFirst()
                .orElseThrow(() -> new MissingException("There is no block with this id in the scene."));
        return add(Style.of(block.block(), block.em(), request.name(), request.extent()));
    }

    /** Takes one in that comes from a file. What a newer version kept is refused by its name. */
    @PostMapping("/read")
    @ResponseStatus(HttpStatus.CREATED)
    @Transactional
    public KeptStyle read(@RequestBody @Schema(type = "object") JsonNode style) {
        return add(Style.read(style));
    }

    private KeptStyle add(Style style) {
        for (OwnStyleEntity there : own.findAllByOrderByNameAsc()) {
            if (Style.read(DocumentJson.tree(there.style)).equals(style)) {
                return kept(there);
            }
        }
        OwnStyleEntity entity = new OwnStyleEntity();
        entity.id = UUID.randomUUID();
        entity.name = style.name();
        entity.style = DocumentJson.MAPPER.writeValueAsString(style);
        entity.savedAt = Instant.now();
        return kept(own.save(entity));
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Transactional
    public void delete(@PathVariable UUID id) {
        if (!own.existsById(id)) {
            throw new MissingException("There is no style with this id.");
        }
        own.deleteById(id);
    }

    private static KeptStyle kept(OwnStyleEntity there) {
        JsonNode tree = DocumentJson.tree(there.style);
        Style style = Style.read(tree);
        return new KeptStyle(there.id.toString(), there.name, DressPrinter.text(style.dress()), style.extent(), tree);
    }
}
