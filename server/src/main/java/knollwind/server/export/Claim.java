package knollwind.server.export;

import java.util.List;
import java.util.UUID;

/**
 * The right to deliver what has been begun. Whoever begins it anew takes it from the one before.
 *
 * @param painting what is made
 * @param token by which it is known
 * @param exports what is wanted of the painting, as it stood at the beginning; never empty
 */
record Claim(UUID painting, UUID token, List<ExportEntity> exports) {
    ExportEntity first() {
        return exports.get(0);
    }
}
