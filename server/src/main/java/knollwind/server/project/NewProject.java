package knollwind.server.project;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import knollwind.core.directions.move.MoveReader;
import knollwind.core.document.DocumentJson;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Format;
import knollwind.core.scene.FrameRate;
import knollwind.core.scene.Length;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Pivot;
import knollwind.core.scene.Place;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Setting;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.Value;
import knollwind.core.type.FontLibrary;
import tools.jackson.databind.JsonNode;

/** What a new project begins with: one scene of five seconds and one empty title in the middle, ready to be typed. */
final class NewProject {
    private NewProject() {}

    static JsonNode document(String name, FrameRate rate, int width, int height, FontLibrary fonts) {
        int length = (int) Math.round(5 * rate.perSecond());
        Setting setting = new Setting(
                fonts.face("Archivo", Map.of("wght", 800.0, "wdth", 100.0)),
                Value.of(Math.max(12.0, Math.rint(height * 0.16))),
                Value.of(0.0),
                Value.of(1.05),
                Setting.Alignment.CENTRE,
                null,
                Setting.Ligatures.AUTO,
                Setting.Direction.AUTO,
                "en-GB",
                new Fill.Solid(Value.of("#f4ead2")));
        Place place = new Place(
                Value.of(new Length(50, Length.Unit.FRAME)),
                Value.of(new Length(50, Length.Unit.FRAME)),
                Value.of(0.0),
                Pivot.CENTRE);
        Phase arrive = new Phase(List.of(MoveReader.read(
                "characters rise 0.6 em from behind the baseline and fade in, centre out, 12 frames each, 3 apart, "
                        + "landing softly",
                PhaseKind.ARRIVE,
                null)));
        TextBlock title = new TextBlock(
                "title",
                "Title",
                Span.of(0, length),
                place,
                Value.of(1.0),
                false,
                arrive,
                Phase.CUT,
                "",
                List.of(),
                setting);
        Scene scene = new Scene(
                "scene-1",
                "Scene 1",
                rate,
                length,
                null,
                new Fill.Solid(Value.of("#13283a")),
                List.of(new Format("wide", shape(width, height), width, height, List.of())),
                List.of(title));
        return DocumentJson.tree(new Project(
                Project.DOCUMENT_VERSION,
                Project.ENGINE_VERSION,
                UUID.randomUUID().toString(),
                name,
                List.of(),
                List.of(scene)));
    }

    private static String shape(int width, int height) {
        int a = width;
        int b = height;
        while (b != 0) {
            int rest = a % b;
            a = b;
            b = rest;
        }
        return width / a <= 32 && height / a <= 32 ? width / a + ":" + height / a : width + "×" + height;
    }
}
