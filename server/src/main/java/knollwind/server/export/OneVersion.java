package knollwind.server.export;

import jakarta.validation.constraints.NotBlank;
import java.util.Map;
import knollwind.paint.ExportKind;
import tools.jackson.databind.JsonNode;

/**
 * A version that a program asks for, without a row of the table.
 *
 * @param template id of the project whose fields are filled in
 * @param values by the names or ids of its fields; a text is read like a cell of a table
 * @param scene id or name; the first when left out
 * @param format id or name; the scene's first when left out
 * @param kind what is made; MP4 when left out
 * @param frame the frame of a still; the middle of the scene when left out
 * @param transparent whether the scene's background is left out; false when left out
 */
record OneVersion(
        @NotBlank String template,
        Map<String, JsonNode> values,
        String scene,
        String format,
        ExportKind kind,
        Integer frame,
        Boolean transparent) {
    OneVersion {
        values = values == null ? Map.of() : values;
        kind = kind == null ? ExportKind.MP4 : kind;
        transparent = Boolean.TRUE.equals(transparent);
    }
}
