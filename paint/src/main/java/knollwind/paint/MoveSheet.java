package knollwind.paint;

import io.github.humbleui.skija.Canvas;
import io.github.humbleui.skija.Data;
import io.github.humbleui.skija.EncoderPNG;
import io.github.humbleui.skija.Image;
import io.github.humbleui.skija.ImageInfo;
import io.github.humbleui.skija.Surface;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import knollwind.core.frame.SceneScore;
import knollwind.core.library.ReadyMove;
import knollwind.core.motion.BlockTiming;
import knollwind.core.motion.PhaseKind;
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
import knollwind.core.scene.Value;
import knollwind.core.type.FontLibrary;
import knollwind.core.type.Typesetter;

/** Pictures of ready-made moves in sequence, to judge their rhythm by. */
public final class MoveSheet {
    /** px of a cell: four words of a title can be read in it. */
    private static final int WIDTH = 320;

    /** px of a cell: room for what rises from below its line. */
    private static final int HEIGHT = 130;

    /** Frames: longer than any ready-made move with its rest. */
    private static final int LENGTH = 240;

    private final FontLibrary fonts;
    private final Typesetter typesetter;

    public MoveSheet(FontLibrary fonts) {
        this.fonts = fonts;
        this.typesetter = new Typesetter(fonts);
    }

    /** The words with the move, ready to be seen. */
    public SceneScore score(ReadyMove ready, PhaseKind phase, String words) {
        Phase own = new Phase(ready.moves(phase));
        Setting setting = SettingBuilder.builder()
                .face(fonts.face("Archivo", Map.of("wght", 800.0)))
                .size(Value.of(100.0))
                .fill(new Fill.Solid(Value.of("#f4ead2")))
                .fit(new Fit(Fit.Kind.INSIDE, frame(74), frame(58), 4.0))
                .build();
        TextBlock block = new TextBlock(
                "words",
                "Words",
                Span.of(0, LENGTH),
                PlaceBuilder.builder()
                        .x(Value.of(frame(50)))
                        .y(Value.of(frame(50)))
                        .pivot(Pivot.CENTRE)
                        .build(),
                null,
                false,
                phase == PhaseKind.ARRIVE ? own : Phase.CUT,
                phase == PhaseKind.LEAVE ? own : Phase.CUT,
                words,
                List.of(),
                setting,
                null,
                phase == PhaseKind.DWELL ? own : null,
                null,
                null);
        Format format = new Format("f", "f", WIDTH, HEIGHT, List.of());
        Scene scene = SceneBuilder.builder()
                .id("s")
                .name("s")
                .rate(new FrameRate(24, 1))
                .length(LENGTH)
                .beats(new Beats(96, 0, 4))
                .background(new Fill.Solid(Value.of("#242424")))
                .formats(List.of(format))
                .blocks(List.of(block))
                .build();
        Project project = Project.of("p", List.of(scene));
        return SceneScore.of(project, scene, format, typesetter);
    }

    private static Length frame(double percent) {
        return new Length(percent, Length.Unit.FRAME);
    }

    /** Times spread evenly over the phase, its ends included. */
    public static double[] times(SceneScore score, PhaseKind phase, int count) {
        BlockTiming timing = score.blocks().get(0).timing();
        double from = phase == PhaseKind.ARRIVE ? timing.start() : phase == PhaseKind.LEAVE ? timing.leaveStart() : 60;
        double to =
                phase == PhaseKind.ARRIVE ? timing.arriveEnd() : phase == PhaseKind.LEAVE ? timing.end() - 0.01 : 156;
        double[] times = new double[count];
        for (int i = 0; i < count; i++) {
            times[i] = from + (to - from) * i / (count - 1);
        }
        return times;
    }

    /**
     * A sheet as a PNG file: a row for every move, so many pictures of it from left to right.
     *
     * @param words one text for every row, or one for all of them
     */
    public byte[] png(List<ReadyMove> moves, PhaseKind phase, List<String> words, int columns) {
        List<SceneScore> rows = new ArrayList<>();
        for (ReadyMove move : moves) {
            for (String text : words) {
                rows.add(score(move, phase, text));
            }
        }
        try (Surface sheet = Surface.makeRaster(ImageInfo.makeN32Premul(columns * WIDTH, rows.size() * HEIGHT));
                FramePainter painter =
                        new FramePainter(WIDTH, HEIGHT, id -> fonts.picture(id).orElse(null))) {
            Canvas canvas = sheet.getCanvas();
            for (int row = 0; row < rows.size(); row++) {
                double[] times = times(rows.get(row), phase, columns);
                for (int column = 0; column < columns; column++) {
                    painter.paint(rows.get(row).at(times[column]));
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
