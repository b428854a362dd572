package knollwind.paint;

import io.github.humbleui.skija.Canvas;
import io.github.humbleui.skija.Data;
import io.github.humbleui.skija.EncoderPNG;
import io.github.humbleui.skija.Image;
import io.github.humbleui.skija.ImageInfo;
import io.github.humbleui.skija.Surface;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import knollwind.core.display.DisplayList;
import knollwind.core.frame.SceneScore;
import knollwind.core.scene.Beats;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Fit;
import knollwind.core.scene.Format;
import knollwind.core.scene.FrameRate;
import knollwind.core.scene.Length;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Pivot;
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

/** Words large in the middle of small cells, and the cells side by side: what sheets of ready-made things are made of. */
final class SheetScenes {
    /** px of a cell: four words of a title can be read in it. */
    static final int WIDTH = 320;

    /** px of a cell: room for what rises from below its line. */
    static final int HEIGHT = 130;

    /** Frames: longer than any ready-made move with its rest. */
    static final int LENGTH = 240;

    private final FontLibrary fonts;
    private final Typesetter typesetter;

    SheetScenes(FontLibrary fonts) {
        this.fonts = fonts;
        this.typesetter = new Typesetter(fonts);
    }

    /** Dark, as what moves in front of it is seen best. */
    static final String NIGHT = "#242424";

    /** Neither dark nor light: both shade and light are seen on it. */
    static final String SEA = "#1d5c80";

    /** Words ready to be seen. */
    SceneScore of(String words, String ground, UnaryOperator<TextBlock> directed) {
        Setting setting = SettingBuilder.builder()
                .face(fonts.face("Archivo", Map.of("wght", 800.0)))
                .size(Value.of(100.0))
                .fill(new Fill.Solid(Value.of("#f4ead2")))
                .fit(new Fit(Fit.Kind.INSIDE, frame(74), frame(58), 4.0))
                .build();
        TextBlock block = TextBlockBuilder.builder()
                .id("words")
                .name("Words")
                .span(Span.of(0, LENGTH))
                .place(PlaceBuilder.builder()
                        .x(Value.of(frame(50)))
                        .y(Value.of(frame(50)))
                        .pivot(Pivot.CENTRE)
                        .build())
                .arrive(Phase.CUT)
                .leave(Phase.CUT)
                .text(words)
                .runs(List.of())
                .setting(setting)
                .build();
        Format format = new Format("f", "f", WIDTH, HEIGHT, List.of());
        Scene scene = SceneBuilder.builder()
                .id("s")
                .name("s")
                .rate(new FrameRate(24, 1))
                .length(LENGTH)
                .beats(new Beats(96, 0, 4))
                .background(new Fill.Solid(Value.of(ground)))
                .formats(List.of(format))
                .blocks(List.of(directed.apply(block)))
                .build();
        Project project = Project.of("p", List.of(scene));
        return SceneScore.of(project, scene, format, typesetter);
    }

    private static Length frame(double percent) {
        return new Length(percent, Length.Unit.FRAME);
    }

    /** What stands in a cell. */
    interface Cells {
        DisplayList at(int row, int column);
    }

    /** All cells as a PNG file. */
    static byte[] png(FontLibrary fonts, int columns, int rows, Cells cells) {
        try (Surface sheet = Surface.makeRaster(ImageInfo.makeN32Premul(columns * WIDTH, rows * HEIGHT));
                FramePainter painter =
                        new FramePainter(WIDTH, HEIGHT, id -> fonts.picture(id).orElse(null))) {
            Canvas canvas = sheet.getCanvas();
            for (int row = 0; row < rows; row++) {
                for (int column = 0; column < columns; column++) {
                    painter.paint(cells.at(row, column));
                    try (Image image = Image.makeDeferredFromEncodedBytes(painter.png())) {
                        canvas.drawImage(image, column * WIDTH, row * HEIGHT);
                    }
                }
            }
            try (Image image = sheet.makeImageSnapshot();
                    Data data = EncoderPNG.encode(image)) {
                return data.getBytes();
            }
        }
    }
}
