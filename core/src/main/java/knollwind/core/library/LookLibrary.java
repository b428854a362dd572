package knollwind.core.library;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import knollwind.core.document.DocumentJson;
import tools.jackson.databind.JsonNode;

/** The looks that ship with the application. */
public final class LookLibrary {
    private static final List<ReadyLook> LOOKS = read();

    private LookLibrary() {}

    /** In the order that they are offered in. */
    public static List<ReadyLook> looks() {
        return LOOKS;
    }

    /** @throws IllegalArgumentException where none has this name */
    public static ReadyLook look(String name) {
        return LOOKS.stream()
                .filter(look -> look.name().equalsIgnoreCase(name))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("there is no look \u201c" + name + "\u201d"));
    }

    private static List<ReadyLook> read() {
        try (InputStream in = LookLibrary.class.getResourceAsStream("/knollwind/looks.json")) {
            List<ReadyLook> looks = new ArrayList<>();
            for (JsonNode look : DocumentJson.tree(new String(in.readAllBytes(), StandardCharsets.UTF_8))) {
                looks.add(DocumentJson.read(look, ReadyLook.class));
            }
            return List.copyOf(looks);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
