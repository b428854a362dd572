package knollwind.server.reel;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import knollwind.core.document.Patch;

/**
 * A document that need not be saved yet: a saved revision and a patch on it.
 *
 * @param scene id
 * @param format id
 */
public record DraftRequest(
        long base,
        @NotNull Patch patch,
        @NotBlank String scene,
        @NotBlank String format) {}
