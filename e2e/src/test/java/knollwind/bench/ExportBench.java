package knollwind.bench;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import knollwind.core.frame.SceneScore;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.type.FontLibrary;
import knollwind.core.type.Typesetter;
import knollwind.paint.EncoderCommand;
import knollwind.paint.Export;
import knollwind.paint.ExportKind;
import knollwind.paint.FramePainter;

/** An export of 10 s at 1080p30 against what ffmpeg alone needs for the same raw frames, in turn. */
final class ExportBench {
    private static final int ROUNDS = 3;

    private ExportBench() {}

    static void run() throws Exception {
        Project project = Bench.scene();
        Scene scene = project.scenes().get(0);
        SceneScore score = SceneScore.of(project, scene, scene.formats().get(0), new Typesetter(new FontLibrary()));
        Path folder = Files.createTempDirectory("knollwind-bench");
        Path raw = folder.resolve("frames.raw");
        for (ExportKind kind : List.of(ExportKind.MP4, ExportKind.WEBM)) {
            write(score, kind, raw);
            List<Double> ratios = new ArrayList<>();
            List<Double> exports = new ArrayList<>();
            List<Double> encoders = new ArrayList<>();
            for (int i = 0; i < ROUNDS; i++) {
                Path file = folder.resolve("out." + kind.extension());
                double export = EvaluationBench.seconds(
                        () -> new Export(score, kind, 0, 300, false).write(file, "ffmpeg", done -> {}, () -> false));
                double encoder = EvaluationBench.seconds(() -> encode(kind, scene, raw, file));
                exports.add(export);
                encoders.add(encoder);
                ratios.add(export / encoder);
            }
            System.out.printf(
                    "export       %s 1080p30, 10 s: %.1f s, ffmpeg alone %.1f s, ratio %.2f (medians of %d, in turn)%n",
                    kind,
                    Bench.percentile(exports, 0.5),
                    Bench.percentile(encoders, 0.5),
                    Bench.percentile(ratios, 0.5),
                    ROUNDS);
        }
        Files.deleteIfExists(raw);
    }

    private static void write(SceneScore score, ExportKind kind, Path raw) throws IOException {
        byte[] bytes = new byte[4 * 1920 * 1080];
        try (FramePainter painter = new FramePainter(1920, 1080);
                OutputStream out = new BufferedOutputStream(Files.newOutputStream(raw))) {
            for (int frame = 0; frame < 300; frame++) {
                painter.paint(score.at(frame));
                ByteBuffer pixels = kind == ExportKind.MP4 ? painter.premultipliedPixels() : painter.straightPixels();
                pixels.rewind().get(bytes);
                out.write(bytes);
            }
        }
    }

    private static void encode(ExportKind kind, Scene scene, Path raw, Path file) {
        try {
            int code = new ProcessBuilder(
                            EncoderCommand.of("ffmpeg", kind, 1920, 1080, scene.rate(), raw.toString(), null, file))
                    .inheritIO()
                    .start()
                    .waitFor();
            if (code != 0) {
                throw new IllegalStateException("ffmpeg ended with " + code);
            }
        } catch (IOException | InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }
}
