package knollwind.core.library;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import knollwind.core.document.DocumentJson;
import tools.jackson.databind.JsonNode;

/** The moves that ship with the application. */
public final class MotionLibrary {
    private static final List<ReadyMove> MOVES = read();

    private MotionLibrary() {}

    /** In the order that they are offered in. */
    public static List<ReadyMove> moves() {
        return MOVES;
    }

    private static List<ReadyMove> read() {
        try (InputStream in = MotionLibrary.class.getResourceAsStream("/knollwind/moves.json")) {
            List<ReadyMove> moves = new ArrayList<>();
            for (JsonNode move : DocumentJson.tree(new String(in.readAllBytes(), StandardCharsets.UTF_8))) {
                moves.add(DocumentJson.read(move, ReadyMove.class));
            }
            return List.copyOf(moves);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
