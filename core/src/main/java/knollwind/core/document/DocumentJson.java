package knollwind.core.document;

import com.fasterxml.jackson.annotation.JsonAutoDetect;
import com.fasterxml.jackson.annotation.JsonInclude;
import knollwind.core.scene.Block;
import knollwind.core.scene.Field;
import knollwind.core.scene.Project;
import knollwind.core.scene.Value;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.cfg.EnumFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;

/**
 * Documents to and from JSON. Reading is strict: an unknown member, a wrong type or an impossible value is refused with
 * its path and the reason. Writing leaves out what has no value.
 */
public final class DocumentJson {
    /** The mapper that reads and writes the document's records; shared, immutable, safe for threads. */
    public static final JsonMapper MAPPER = JsonMapper.builder()
            .addModule(new SimpleModule("knollwind-values")
                    .addDeserializer(Value.class, new ValueJson.Reader())
                    .addSerializer(Value.class, new ValueJson.Writer()))
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
            .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
            .disable(MapperFeature.SORT_PROPERTIES_ALPHABETICALLY)
            .disable(EnumFeature.READ_ENUMS_USING_TO_STRING)
            .disable(DeserializationFeature.FAIL_ON_MISSING_CREATOR_PROPERTIES)
            // Only what a record is made of is written; what it can be asked beside that is not.
            .changeDefaultVisibility(seen -> seen.withIsGetterVisibility(JsonAutoDetect.Visibility.NONE))
            .changeDefaultPropertyInclusion(include -> include.withValueInclusion(JsonInclude.Include.NON_NULL))
            .build();

    private DocumentJson() {}

    /** Reads a whole project. */
    public static Project read(String json) {
        return read(tree(json));
    }

    /** Reads a whole project. */
    public static Project read(JsonNode tree) {
        Project project = read(tree, Project.class);
        for (Field field : project.fields()) {
            if (field.value() == null) {
                continue;
            }
            try {
                FieldKinds.check(field, field.value());
            } catch (IllegalArgumentException e) {
                throw new DocumentException("fields/" + field.id() + "/value", e.getMessage(), e);
            }
        }
        return project;
    }

    /** Reads any record of the document. */
    public static <T> T read(JsonNode tree, Class<T> type) {
        try {
            return MAPPER.treeToValue(tree, type);
        } catch (DatabindException e) {
            throw new DocumentException(path(e, tree), ReadingFault.words(e), e);
        } catch (JacksonException e) {
            throw new DocumentException("", ReadingFault.words(e), e);
        }
    }

    /** Parses JSON text without reading it as a document. */
    public static JsonNode tree(String json) {
        try {
            return MAPPER.readTree(json);
        } catch (JacksonException e) {
            throw new DocumentException("", ReadingFault.words(e), e);
        }
    }

    public static JsonNode tree(Object record) {
        return MAPPER.valueToTree(record);
    }

    /** A block with the name of its kind. */
    public static JsonNode blockTree(Block block) {
        return tree(MAPPER.writerFor(Block.class).writeValueAsString(block));
    }

    /** Indented JSON text, for files. */
    public static String pretty(Object record) {
        return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(record);
    }

    /**
     * The place of the fault as names and, inside lists, the ids of the elements.
     *
     * @param tree what was read; null where it is not at hand, then places in lists are numbers
     */
    private static String path(JacksonException e, JsonNode tree) {
        StringBuilder path = new StringBuilder();
        JsonNode node = tree;
        for (JacksonException.Reference step : e.getPath()) {
            String name = step.getPropertyName();
            if (name == null) {
                node = node == null ? null : node.get(step.getIndex());
                name = node == null ? "" + step.getIndex() : node.path("id").asString("" + step.getIndex());
            } else {
                node = node == null ? null : node.get(name);
            }
            path.append(path.isEmpty() ? "" : "/").append(name);
        }
        return path.toString();
    }
}
