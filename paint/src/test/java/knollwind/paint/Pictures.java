package knollwind.paint;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import knollwind.core.display.DisplayList;
import knollwind.core.document.DocumentJson;
import knollwind.core.frame.SceneScore;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Format;
import knollwind.core.scene.FrameRate;
import knollwind.core.scene.Length;
import knollwind.core.scene.PlaceBuilder;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.SceneBuilder;
import knollwind.core.scene.Setting;
import knollwind.core.scene.SettingBuilder;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.TextBlockBuilder;
import knollwind.core.scene.Value;
import knollwind.core.type.FontLibrary;
import knollwind.core.type.Typesetter;

/** Scenes and pixels for the painter's tests. */
final class Pictures {
    static final FontLibrary FONTS = new FontLibrary();
    static final Typesetter TYPESETTER = new Typesetter(FONTS);

    private Pictures() {}

    static Project demo() {
        try {
            return DocumentJson.read(Files.readString(Path.of("..", "demo", "ternholm-night-ferry.json")));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static SceneScore score(Project project, String scene) {
        Scene found = project.scene(scene);
        return SceneScore.of(project, found, found.formats().get(0), TYPESETTER);
    }

    static SceneScore score(TextBlock block, Fill background, int width, int height, int length, FrameRate rate) {
        return score(project(block, background, width, height, length, rate), "s");
    }

    /** A project whose one scene, "s", shows one block. */
    static Project project(TextBlock block, Fill background, int width, int height, int length, FrameRate rate) {
        Scene scene = SceneBuilder.builder()
                .id("s")
                .name("Scene")
                .rate(rate)
                .length(length)
                .background(background)
                .formats(List.of(new Format("f", "free", width, height, List.of())))
                .blocks(List.of(block))
                .build();
        return Project.of("p", List.of(scene));
    }

    /** The painted pixels, premultiplied, blue green red alpha. */
    static byte[] pixels(DisplayList list, int width, int height) {
        try (FramePainter painter = new FramePainter(width, height)) {
            painter.paint(list);
            return bytes(painter.premultipliedPixels());
        }
    }

    static byte[] bytes(ByteBuffer buffer) {
        byte[] bytes = new byte[buffer.rewind().remaining()];
        buffer.get(bytes);
        return bytes;
    }

    /** The largest difference of any channel of any pixel. */
    static int furthest(byte[] a, byte[] b) {
        int furthest = a.length == b.length ? 0 : 255;
        for (int i = 0; i < Math.min(a.length, b.length); i++) {
            furthest = Math.max(furthest, Math.abs((a[i] & 255) - (b[i] & 255)));
        }
        return furthest;
    }

    /** Words in the middle. */
    static TextBlock block(String text) {
        Setting setting = SettingBuilder.builder()
                .face(FONTS.face("Archivo", Map.of("wght", 800.0)))
                .size(Value.of(120.0))
                .fill(new Fill.Solid(Value.of("#f4ead2")))
                .build();
        Length middle = new Length(50, Length.Unit.FRAME);
        return TextBlockBuilder.builder()
                .id("b")
                .name("Words")
                .span(Span.of(0, 1000))
                .place(PlaceBuilder.builder()
                        .x(Value.of(middle))
                        .y(Value.of(middle))
                        .build())
                .text(text)
                .runs(List.of())
                .setting(setting)
                .build();
    }

    /** A scene called s of words that stand. */
    static Project words(String text, FrameRate rate, int length) {
        return project(block(text), new Fill.Solid(Value.of("#13283a")), 640, 360, length, rate);
    }
}
