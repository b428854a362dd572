package knollwind.bench;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import knollwind.cli.PictureFolder;
import knollwind.core.display.DisplayList;
import knollwind.core.document.DocumentJson;
import knollwind.core.frame.Footage;
import knollwind.core.frame.SceneScore;
import knollwind.core.frame.SceneSequence;
import knollwind.core.scene.Format;
import knollwind.core.scene.FrameRate;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.type.FontLibrary;
import knollwind.core.type.Typesetter;
import knollwind.paint.Beside;
import knollwind.paint.EncoderCommand;
import knollwind.paint.Export;
import knollwind.paint.ExportKind;
import knollwind.paint.FramePainter;

/**
 * Every scene of the demo, the scene of all benchmarks and the whole film: the wall time of an export in a warm JVM against what ffmpeg
 * alone needs for the same raw frames from a file that the system has in memory, in turn; and what is painted of a frame.
 */
final class FilmBench {
    private static final int ROUNDS = 3;

    /** Frames of the film at a time: their raw pixels are 2.5 GB. */
    private static final int STRETCH = 300;

    /** Frames that are also painted whole, all over a scene. */
    private static final int WHOLE = 24;

    private final PictureFolder pictures = new PictureFolder(Path.of("..", "demo", "pictures"));
    private final FontLibrary fonts = new FontLibrary();
    private final Path folder = Files.createTempDirectory("knollwind-bench");

    private FilmBench() throws IOException {}

    /** @param wanted ids of the demo's scenes, "bench", "film"; empty for all of them */
    static void run(List<String> wanted) throws Exception {
        FilmBench bench = new FilmBench();
        Typesetter typesetter = new Typesetter(bench.fonts);
        Project demo = DocumentJson.read(Files.readString(Path.of("..", "demo", "ternholm-night-ferry.json")));
        for (Scene scene : demo.scenes()) {
            if (wanted.isEmpty() || wanted.contains(scene.id())) {
                Footage footage = SceneScore.of(demo, scene, scene.formats().get(0), typesetter);
                bench.measure(scene.id(), footage, 0, footage.length());
            }
        }
        if (wanted.isEmpty() || wanted.contains("bench")) {
            Project plain = Bench.scene();
            Scene scene = plain.scenes().get(0);
            Footage footage = SceneScore.of(plain, scene, scene.formats().get(0), typesetter);
            bench.measure("bench", footage, 0, footage.length());
        }
        if (wanted.isEmpty() || wanted.contains("film")) {
            Format format = demo.scenes().get(0).formats().get(0);
            Footage film = SceneSequence.of(demo, format, typesetter);
            for (int from = 0; from < film.length(); from += STRETCH) {
                bench.measure("film from " + from, film, from, Math.min(film.length(), from + STRETCH));
            }
        }
        try (Stream<Path> files = Files.list(bench.folder)) {
            for (Path file : files.toList()) {
                Files.delete(file);
            }
        }
        Files.delete(bench.folder);
    }

    private byte[] picture(String id) {
        return fonts.picture(id).orElseGet(() -> pictures.file(id));
    }

    private void measure(String name, Footage footage, int from, int to) throws IOException {
        painted(name, footage, from, to);
        for (ExportKind kind : List.of(ExportKind.MP4, ExportKind.WEBM)) {
            Path raw = folder.resolve("frames.raw");
            write(footage, kind, from, to, raw);
            List<Double> exports = new ArrayList<>();
            List<Double> encoders = new ArrayList<>();
            List<Double> ratios = new ArrayList<>();
            Path file = folder.resolve("out." + kind.extension());
            Export export = new Export(footage, from, to, false, this::picture, sha256 -> null, List.of());
            for (int i = 0; i < ROUNDS; i++) {
                double wall =
                        EvaluationBench.seconds(() -> export.write(List.of(file), "ffmpeg", done -> {}, () -> false));
                double alone = EvaluationBench.seconds(
                        () -> encode(kind, footage.width(), footage.height(), footage.rate(), raw, file));
                exports.add(wall);
                encoders.add(alone);
                ratios.add(wall / alone);
            }
            System.out.printf(
                    "film         %s, %s of %d frames: %.1f s, ffmpeg alone %.1f s, ratio %.2f (medians of %d, in turn)%n",
                    name,
                    kind,
                    to - from,
                    Bench.percentile(exports, 0.5),
                    Bench.percentile(encoders, 0.5),
                    Bench.percentile(ratios, 0.5),
                    ROUNDS);
        }
    }

    /** What painting costs, without an encoder. */
    private void painted(String name, Footage footage, int from, int to) {
        int width = footage.width();
        int height = footage.height();
        try (FramePainter painter = new FramePainter(width, height, this::picture);
                FramePainter whole = FramePainter.whole(width, height, this::picture)) {
            List<DisplayList> last = null;
            int equal = 0;
            double lists = 0;
            double paints = 0;
            for (int frame = from; frame < to; frame++) {
                long start = System.nanoTime();
                List<DisplayList> now = footage.frame(frame, false);
                long listed = System.nanoTime();
                if (now.equals(last)) {
                    equal++;
                } else {
                    painter.paint(now);
                }
                last = now;
                lists += (listed - start) / 1e6;
                paints += (System.nanoTime() - listed) / 1e6;
            }
            int frames = to - from;
            int step = Math.max(1, frames / WHOLE);
            List<Double> wholes = new ArrayList<>();
            for (int frame = from; frame < to; frame += step) {
                List<DisplayList> now = footage.frame(frame, false);
                wholes.add(1000 * EvaluationBench.seconds(() -> whole.paint(now)));
            }
            System.out.printf(
                    "film         %s: lists %.1f ms, painting %.1f ms a frame, whole %.1f ms; equal to the one before %.0f %%, pixels painted %.0f %%, kept %.0f MB%n",
                    name,
                    lists / frames,
                    paints / frames,
                    wholes.stream().mapToDouble(one -> one).average().orElse(0),
                    100.0 * equal / frames,
                    100.0 * painter.painted() / frames / width / height,
                    painter.kept() / 1e6);
        }
    }

    private void write(Footage footage, ExportKind kind, int from, int to, Path raw) throws IOException {
        byte[] bytes = new byte[4 * footage.width() * footage.height()];
        try (FramePainter painter = new FramePainter(footage.width(), footage.height(), this::picture);
                OutputStream out = new BufferedOutputStream(Files.newOutputStream(raw))) {
            for (int frame = from; frame < to; frame++) {
                painter.paint(footage.frame(frame, false));
                ByteBuffer pixels = kind == ExportKind.MP4 ? painter.premultipliedPixels() : painter.straightPixels();
                pixels.rewind().get(bytes);
                out.write(bytes);
            }
        }
    }

    /** Encodes pixels as they are painted, so that the encoder also has their conversion to do. */
    static void encode(ExportKind kind, int width, int height, FrameRate rate, Path raw, Path file) {
        List<String> today =
                EncoderCommand.of("ffmpeg", kind, width, height, rate, raw.toString(), Beside.NOTHING, file);
        List<String> command = new ArrayList<>(List.of("ffmpeg", "-v", "error", "-nostdin", "-y", "-f", "rawvideo"));
        command.addAll(List.of("-pix_fmt", "bgra", "-s", width + "x" + height, "-r"));
        command.addAll(List.of(rate.numerator() + "/" + rate.denominator(), "-i", raw.toString()));
        command.addAll(List.of(
                "-vf",
                "scale=out_color_matrix=bt709:out_range=tv:flags=accurate_rnd+full_chroma_int+full_chroma_inp,format="
                        + (kind == ExportKind.MP4 ? "yuv420p" : "yuva420p")));
        command.addAll(today.subList(today.indexOf("-i") + 2, today.size()));
        try {
            int code = new ProcessBuilder(command).inheritIO().start().waitFor();
            if (code != 0) {
                throw new IllegalStateException("ffmpeg ended with " + code);
            }
        } catch (IOException | InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }
}
