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
import knollwind.core.scene.PlaceBuilder;
import knollwind.core.scene.Project;
import knollwind.core.scene.Run;
import knollwind.core.scene.Scene;
import knollwind.core.scene.SceneBuilder;
import knollwind.core.scene.Setting;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.TextBlockBuilder;
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
        TextBlock block = TextBlockBuilder.builder()
                .id("block")
                .name("Block")
                .span(Span.of(0, 1))
                .place(PlaceBuilder.builder().x(middle).y(middle).build())
                .text(text)
                .runs(runs(runs))
                .setting(DocumentJson.read(DocumentJson.tree(Files.readString(setting)), Setting.class))
                .build();
        Format format = new Format("wide", "16:9", 1920, 1080, List.of());
        Scene scene = SceneBuilder.builder()
                .id("scene")
                .name("Scene")
                .rate(new FrameRate(24, 1))
                .length(1)
                .formats(List.of(format))
                .blocks(List.of(block))
                .build();
        Project project = Project.of("project", List.of(scene));
        return SceneScore.of(project, scene, format, typesetter).blocks().get(0).set();
    }
}
