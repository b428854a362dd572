package knollwind.server.web;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import io.swagger.v3.core.util.Json31;
import io.swagger.v3.oas.models.Components;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import knollwind.core.directions.controls.Control;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.edit.Intent;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.JsonNode;

/**
 * The description of the interface at {@code /api/openapi}. The document's types come from its published JSON Schema, so
 * that there is one place that says what a document is.
 */
@Configuration
class OpenApi {
    /** Members that may be missing; everything else is always sent. */
    private static final Set<String> OPTIONAL = Set.of(
            "ExportOrder.row",
            "DraftRequest.row",
            "VersionOrder.changed",
            "OneVersion.values",
            "OneVersion.scene",
            "OneVersion.format",
            "OneVersion.kind",
            "OneVersion.frame",
            "OneVersion.transparent",
            "Cell.text",
            "Cell.value",
            "TakeInTable.key",
            "AskedField.value",
            "AskedField.least",
            "AskedField.most",
            "Table.key",
            "Table.pattern",
            "Table.from",
            "Row.locked",
            "Row.own",
            "DraftRequest.condition",
            "Looking.condition",
            "SayCondition.condition",
            "Scene.conditions",
            "Hold.voice",
            "NewProjectRequest.template",
            "PublishRequest.template",
            "PublishRequest.note",
            "PublishRequest.cover",
            "PublishRequest.frame",
            "Scene.origin",
            "Origin.use",
            "Project.about",
            "About.note",
            "About.scene",
            "About.frame",
            "Correction.format",
            "Looking.row",
            "Looking.pinned",
            "PageView.version",
            "Edited.version",
            "Project.table",
            "Segment.part",
            "Seen.from",
            "Sentence.more",
            "FrameShape.safe",
            "AddFormat.safe",
            "Segment.look",
            "Look.words",
            "NewProjectRequest.beginning",
            "PhaseScript.lengthControl",
            "PhaseScript.whole",
            "Edit.value",
            "Edit.grain",
            "BlockView.travel",
            "PageView.over",
            "Pad.angle",
            "ExportOrder.revision",
            "ExportOrder.film",
            "ExportOrder.stretch",
            "ExportOrder.captions",
            "AddTake.revision",
            "AddTake.instead",
            "Pad.x",
            "Pad.y",
            "ReelRequest.known",
            "ReelRequest.resting",
            "ReelRequest.samples",
            "MoveSentence.previous",
            "MoveSentence.px",
            "DraftRequest.wishes",
            "Wish.looking",
            "HangBlock.cue",
            "Word.doubt",
            "EditWord.text",
            "EditWord.second",
            "SaidIn.language",
            "Caption.look",
            "CaptionLook.across",
            "CaptionLook.down",
            "CaptionLook.italic",
            "CaptionLook.bold",
            "CaptionLook.colour",
            "SaidIn.script",
            "HangBlock.other",
            "HangBlock.moment",
            "RestackBlocks.other",
            "ArrangeBlocks.moment",
            "Other.value",
            "EditCaption.column",
            "EditCaption.text",
            "EditCaption.frame",
            "MakeCaptions.sound",
            "MakeCaptions.rules",
            "ReadCaptions.column",
            "ReadCaptions.language",
            "ReplaceInCaptions.column",
            "DressCaptions.design",
            "RemoveCaptions.column",
            "Looking.caption",
            "CaptionsView.script",
            "AddTo.index");

    static {
        SpringDocUtils.getConfig().replaceWithClass(JsonNode.class, Object.class);
    }

    @Bean
    OpenApiCustomizer documentSchemas() {
        return api -> {
            api.setInfo(new Info().title("Knollwind").version("1"));
            api.setServers(null);
            Components components = api.getComponents();
            components.getSchemas().forEach(OpenApi::require);
            nameKinds(components, Control.class);
            nameKinds(components, Operation.class);
            nameKinds(components, Intent.class);
            JsonNode definitions = published().get("$defs");
            definitions.propertyNames().forEach(name -> {
                String json = DocumentJson.MAPPER
                        .writeValueAsString(definitions.get(name))
                        .replace("#/$defs/", "#/components/schemas/");
                try {
                    components.addSchemas(name, Json31.mapper().readValue(json, Schema.class));
                } catch (IOException e) {
                    throw new UncheckedIOException(e);
                }
            });
        };
    }

    /** Says which value of the discriminator stands for which schema, as the JSON annotations have it. */
    private static void nameKinds(Components components, Class<?> type) {
        Schema<?> schema = components.getSchemas().get(type.getSimpleName());
        for (JsonSubTypes.Type kind : type.getAnnotation(JsonSubTypes.class).value()) {
            schema.getDiscriminator()
                    .mapping(kind.name(), "#/components/schemas/" + kind.value().getSimpleName());
        }
    }

    private static void require(String name, Schema<?> schema) {
        List<Schema<?>> parts = new ArrayList<>();
        parts.add(schema);
        if (schema.getAllOf() != null) {
            schema.getAllOf().forEach(parts::add);
        }
        for (Schema<?> part : parts) {
            Map<String, ?> properties = part.getProperties();
            if (properties != null) {
                part.setRequired(properties.keySet().stream()
                        .filter(property -> !OPTIONAL.contains(name + "." + property))
                        .sorted()
                        .toList());
            }
        }
    }

    private static JsonNode published() {
        try (InputStream in = OpenApi.class.getResourceAsStream("/knollwind/project.schema.json")) {
            return DocumentJson.tree(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
