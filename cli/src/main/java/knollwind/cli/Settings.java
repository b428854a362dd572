package knollwind.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import knollwind.core.document.DocumentJson;
import knollwind.core.frame.SceneScore;
import knollwind.core.scene.Format;
import knollwind.core.scene.FrameRate;
import knollwind.core.scene.Length;
import knollwind.core.scene.Place;
import knollwind.core.scene.Project;
import knollwind.core.scene.Run;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Setting;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.Value;
import knollwind.core.type.SetText;
import knollwind.core.type.Typesetter;
import tools.jackson.databind.JsonNode;

/** Settings and runs given as files, set in a frame of 1920 by 1080 px. */
final class Settings {
    private Settings() {}

    static List<Run> runs(Path file) throws IOException {
        List<Run> runs = new ArrayList<>();
        if (file != null) {
            for (JsonNode run : DocumentJson.tree(Files.readString(file))) {
                runs.add(DocumentJson.read(run, Run.class));
            }
        }
        return runs;
    }

    static SetText set(String text, Path setting, Path runs, Typesetter typesetter) throws IOException {
        Value<Length> middle = Value.of(new Length(50, Length.Unit.FRAME));
        TextBlock block = new TextBlock(
                "block",
                "Block",
                Span.of(0, 1),
                new Place(middle, middle, null, null),
                null,
                false,
                null,
                null,
                text,
                runs(runs),
                DocumentJson.read(DocumentJson.tree(Files.readString(setting)), Setting.class));
        Format format = new Format("wide", "16:9", 1920, 1080, List.of());
        Scene scene = new Scene("scene", "Scene", new FrameRate(24, 1), 1, null, null, List.of(format), List.of(block));
        Project project = new Project(
                Project.DOCUMENT_VERSION, Project.ENGINE_VERSION, "project", "Project", List.of(), List.of(scene));
        return SceneScore.of(project, scene, format, typesetter).blocks().get(0).set();
    }
}
