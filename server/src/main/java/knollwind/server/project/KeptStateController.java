package knollwind.server.project;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The kept states of a project. */
@RestController
@RequestMapping("/api/projects/{id}/states")
class KeptStateController {
    /**
     * A state to be kept.
     *
     * @param byHand false where the page keeps it by itself
     * @param picture PNG in Base64; empty without one
     */
    record KeepRequest(
            @Min(1) long revision,
            @NotNull @Size(max = 200) String name,
            boolean byHand,
            @NotNull @Size(max = 64) String scene,
            @Min(0) int frame,
            @NotNull @Size(max = 300_000) String picture) {}

    /** A new name, which may be empty. */
    record StateName(@NotNull @Size(max = 200) String name) {}

    private final KeptStates states;

    KeptStateController(KeptStates states) {
        this.states = states;
    }

    @GetMapping
    List<KeptStates.Kept> states(@PathVariable String id) {
        return states.list(id);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    KeptStates.Kept keep(@PathVariable String id, @Valid @RequestBody KeepRequest request) {
        return states.keep(
                id,
                request.revision(),
                request.name(),
                request.byHand(),
                request.scene(),
                request.frame(),
                request.picture());
    }

    @PutMapping("/{state}/name")
    KeptStates.Kept name(@PathVariable String id, @PathVariable UUID state, @Valid @RequestBody StateName name) {
        return states.name(id, state, name.name());
    }

    @DeleteMapping("/{state}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable String id, @PathVariable UUID state) {
        states.delete(id, state);
    }

    @GetMapping("/{state}/picture")
    ResponseEntity<byte[]> picture(@PathVariable String id, @PathVariable UUID state) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_PNG)
                .header("X-Content-Type-Options", "nosniff")
                .cacheControl(CacheControl.maxAge(java.time.Duration.ofDays(1)).cachePrivate())
                .body(states.picture(id, state));
    }
}
