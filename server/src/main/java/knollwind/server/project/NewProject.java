package knollwind.server.project;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import knollwind.core.directions.move.MoveReader;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Upgrades;
import knollwind.core.edit.CallByWords;
import knollwind.core.library.Beginning;
import knollwind.core.library.FrameShape;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Block;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Format;
import knollwind.core.scene.FrameRate;
import knollwind.core.scene.Length;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Pivot;
import knollwind.core.scene.Place;
import knollwind.core.scene.PlaceBuilder;
import knollwind.core.scene.Project;
import knollwind.core.scene.ProjectBuilder;
import knollwind.core.scene.Scene;
import knollwind.core.scene.SceneBuilder;
import knollwind.core.scene.Setting;
import knollwind.core.scene.SettingBuilder;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.TextBlockBuilder;
import knollwind.core.scene.Value;
import knollwind.core.template.Uses;
import knollwind.core.type.FontLibrary;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What a new project begins with: one scene of five seconds and one empty title in the middle, ready to be typed, or what is asked for. */
final class NewProject {
    private static final String LIGHT = "#f4ead2";

    private NewProject() {}

    /** @param beginning null for the empty title */
    static JsonNode document(
            String name, FrameRate rate, int width, int height, Beginning beginning, FontLibrary fonts) {
        int length = beginning == null ? (int) Math.round(5 * rate.perSecond()) : beginning.length(rate);
        List<Block> blocks = beginning == null
                ? List.of(title(height, length, fonts))
                : beginning.blocks(rate, length, width, height, LIGHT, id -> id);
        Scene scene = SceneBuilder.builder()
                .id("scene-1")
                .name("Scene 1")
                .rate(rate)
                .length(length)
                .background(new Fill.Solid(Value.of("#13283a")))
                .formats(List.of(format(width, height)))
                .blocks(blocks)
                .build();
        return DocumentJson.tree(ProjectBuilder.builder()
                .documentVersion(Project.DOCUMENT_VERSION)
                .engineVersion(Project.ENGINE_VERSION)
                .id(UUID.randomUUID().toString())
                .name(name)
                .fields(List.of())
                .scenes(List.of(scene))
                .build());
    }

    /** A project with all that a template has; its scenes say where they are from. */
    static JsonNode of(ProjectStore.Saved template, String name) {
        ObjectNode made = Uses.of(Upgrades.upgraded(template.document()), template.revision(), null);
        made.remove("about");
        return made.put("id", UUID.randomUUID().toString()).put("name", name);
    }

    private static Format format(int width, int height) {
        Format.Safe safe = FrameShape.of(width, height).map(FrameShape::safe).orElse(null);
        return new Format("wide", FrameShape.name(width, height), width, height, List.of(), null, safe, null);
    }

    private static TextBlock title(int height, int length, FontLibrary fonts) {
        Setting setting = SettingBuilder.builder()
                .face(fonts.face("Archivo", Map.of("wght", 800.0, "wdth", 100.0)))
                .size(Value.of(Math.max(12.0, Math.rint(height * 0.16))))
                .tracking(Value.of(0.0))
                .leading(Value.of(1.05))
                .alignment(Setting.Alignment.CENTRE)
                .ligatures(Setting.Ligatures.AUTO)
                .direction(Setting.Direction.AUTO)
                .language("en-GB")
                .fill(new Fill.Solid(Value.of(LIGHT)))
                .build();
        Place place = PlaceBuilder.builder()
                .x(Value.of(new Length(50, Length.Unit.FRAME)))
                .y(Value.of(new Length(50, Length.Unit.FRAME)))
                .rotation(Value.of(0.0))
                .pivot(Pivot.CENTRE)
                .build();
        Phase arrive = new Phase(List.of(MoveReader.read(
                "characters rise 0.6 em from behind the baseline and fade in, centre out, 12 frames each, 3 apart, "
                        + "landing softly",
                PhaseKind.ARRIVE,
                null)));
        return TextBlockBuilder.builder()
                .id("title")
                .name(CallByWords.UNWRITTEN)
                .span(Span.of(0, length))
                .place(place)
                .opacity(Value.of(1.0))
                .arrive(arrive)
                .leave(Phase.CUT)
                .text("")
                .runs(List.of())
                .setting(setting)
                .build();
    }
}
