package knollwind.server.library;

import io.swagger.v3.oas.annotations.media.ArraySchema;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.stream.StreamSupport;
import knollwind.core.directions.move.MovePrinter;
import knollwind.core.document.DocumentJson;
import knollwind.core.library.MotionLibrary;
import knollwind.core.library.ReadyMove;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Move;
import knollwind.server.project.MissingException;
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

/** Ready-made moves: those that ship, and those that people saved. */
@RestController
@RequestMapping("/api/moves")
class LibraryController {
    /**
     * Moves to choose from.
     *
     * @param id of saved ones, or the name of one that ships
     * @param feel what it feels like; "own" for saved ones
     * @param sentences as they are said in the phase
     */
    record Offer(
            String id,
            String name,
            String note,
            String feel,
            PhaseKind phase,
            List<String> sentences,

            @ArraySchema(schema = @Schema(ref = "#/components/schemas/Move"))
            List<JsonNode> moves) {}

    /** Moves of a phase to be saved. */
    record NewMove(
            @NotBlank @Size(max = 100) String name,
            @NotNull @Size(max = 1000) String note,
            @NotNull PhaseKind phase,

            @NotEmpty @Size(max = 40) @ArraySchema(schema = @Schema(ref = "#/components/schemas/Move"))
            List<JsonNode> moves) {}

    private final OwnMoveRepository own;

    LibraryController(OwnMoveRepository own) {
        this.own = own;
    }

    /** All of them, one for each phase that it can be used in. */
    @GetMapping
    List<Offer> moves() {
        List<Offer> offers = new ArrayList<>();
        for (OwnMoveEntity saved : own.findAllByOrderByNameAsc()) {
            offers.add(offer(saved));
        }
        for (ReadyMove ready : MotionLibrary.moves()) {
            for (PhaseKind phase : ready.phases()) {
                offers.add(new Offer(
                        ready.name(),
                        ready.name(),
                        "",
                        ready.feel().name().toLowerCase(Locale.ROOT).replace('_', '-'),
                        phase,
                        ready.sentences(phase),
                        ready.moves(phase).stream()
                                .map(move -> DocumentJson.tree((Object) move))
                                .toList()));
            }
        }
        return offers;
    }

    /** Saves moves under a name; the same ones under the same name are not kept twice. What a newer version wrote and this one does not know is refused with its path. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    @Transactional
    public Offer save(@Valid @RequestBody NewMove request) {
        request.moves().forEach(move -> DocumentJson.read(move, Move.class));
        for (OwnMoveEntity there : own.findAllByOrderByNameAsc()) {
            if (isSame(there, request)) {
                return offer(there);
            }
        }
        OwnMoveEntity entity = new OwnMoveEntity();
        entity.id = UUID.randomUUID();
        entity.name = request.name().strip();
        entity.note = request.note();
        entity.phase = request.phase().name();
        entity.moves = DocumentJson.MAPPER.writeValueAsString(request.moves());
        entity.savedAt = Instant.now();
        return offer(own.save(entity));
    }

    private static boolean isSame(OwnMoveEntity there, NewMove request) {
        return there.name.equals(request.name().strip())
                && there.note.equals(request.note())
                && there.phase.equals(request.phase().name())
                && DocumentJson.tree(there.moves).equals(DocumentJson.tree(request.moves()));
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Transactional
    public void delete(@PathVariable UUID id) {
        if (!own.existsById(id)) {
            throw new MissingException("There is no saved move with this id.");
        }
        own.deleteById(id);
    }

    private static Offer offer(OwnMoveEntity saved) {
        PhaseKind phase = PhaseKind.valueOf(saved.phase);
        List<JsonNode> moves = StreamSupport.stream(
                        DocumentJson.tree(saved.moves).spliterator(), false)
                .toList();
        return new Offer(
                saved.id.toString(),
                saved.name,
                saved.note,
                "own",
                phase,
                moves.stream()
                        .map(move -> MovePrinter.text(DocumentJson.read(move, Move.class), phase))
                        .toList(),
                moves);
    }
}
