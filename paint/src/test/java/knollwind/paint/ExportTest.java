package knollwind.paint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.imageio.ImageIO;
import knollwind.core.document.DocumentJson;
import knollwind.core.frame.SceneScore;
import knollwind.core.scene.Camera;
import knollwind.core.scene.Fill;
import knollwind.core.scene.FrameRate;
import knollwind.core.scene.MotionBlur;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.Value;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Files as they come out, decoded again by ffmpeg. */
class ExportTest {
    @TempDir
    Path folder;

    /** Night, sea, deep, foam, lamp and buoy red. */
    @ParameterizedTest
    @ValueSource(strings = {"#13283a", "#28506a", "#0b1a26", "#f4ead2", "#f0b64a", "#c8472f"})
    void the_demos_flat_colours_survive_encoding_within_2_of_255(String colour) throws Exception {
        Fill ground = new Fill.Solid(Value.of(colour));
        SceneScore score = Pictures.score(Pictures.block(""), ground, 320, 180, 2, new FrameRate(24, 1));
        for (ExportKind kind : List.of(ExportKind.MP4, ExportKind.WEBM)) {
            byte[] decoded = decode(write(score, kind, false), kind, 1, score);
            byte[] painted = Pictures.pixels(score.at(1), 320, 180);
            assertThat(Pictures.furthest(decoded, painted))
                    .as("%s as %s", colour, kind)
                    .isLessThanOrEqualTo(2);
        }
    }

    @Test
    void a_decoded_frame_equals_the_picture_but_for_the_codecs_loss() throws Exception {
        SceneScore score = Pictures.score(Pictures.demo(), "opening");
        for (ExportKind kind : List.of(ExportKind.MP4, ExportKind.WEBM)) {
            Path file = folder.resolve("opening." + kind.extension());
            new Export(score, 40, 46, false).write(List.of(file), "ffmpeg", done -> {}, () -> false);
            assertThat(mean(decode(file, kind, 5, score), Pictures.pixels(score.at(45), 1920, 1080)))
                    .isLessThan(1.5);
        }
    }

    @Test
    void a_webm_without_background_keeps_its_alpha() throws Exception {
        SceneScore score = Pictures.score(Pictures.demo(), "end-card");
        Path file = folder.resolve("card.webm");
        new Export(score, 66, 70, true).write(List.of(file), "ffmpeg", done -> {}, () -> false);
        byte[] decoded = decode(file, ExportKind.WEBM, 3, score);
        assertThat(decoded[4 * (100 * 1920 + 100) + 3]).isZero();
        assertThat(decoded[4 * (612 * 1920 + 960) + 3] & 255).isGreaterThan(250);
        long partly = IntStream.range(0, 1920 * 1080)
                .map(i -> decoded[4 * i + 3] & 255)
                .filter(a -> a > 60 && a < 200)
                .count();
        assertThat(partly).as("soft edges").isGreaterThan(500);
    }

    @Test
    void videos_carry_rate_size_length_and_bt709_tags() throws Exception {
        SceneScore score = Pictures.score(Pictures.words("Home", new FrameRate(30000, 1001), 15), "s");
        for (ExportKind kind : List.of(ExportKind.MP4, ExportKind.WEBM)) {
            String probe = run(
                    "ffprobe",
                    "-v",
                    "error",
                    "-count_frames",
                    "-select_streams",
                    "v:0",
                    "-show_entries",
                    "stream=width,height,r_frame_rate,nb_read_frames,color_space,color_transfer,color_primaries,color_range",
                    "-of",
                    "default=nw=1",
                    write(score, kind, false).toString());
            assertThat(probe)
                    .contains(
                            "width=640",
                            "height=360",
                            "r_frame_rate=30000/1001",
                            "nb_read_frames=15",
                            "color_space=bt709",
                            "color_transfer=bt709",
                            "color_primaries=bt709",
                            "color_range=tv");
        }
    }

    @Test
    void stills_equal_the_painted_picture_exactly() throws Exception {
        SceneScore score = Pictures.score(Pictures.demo(), "opening");
        Path still = folder.resolve("still.png");
        new Export(score, 50, 51, false).write(List.of(still), "ffmpeg", done -> {}, () -> false);
        assertSame(Files.readAllBytes(still), score, 50);
        Path zip = folder.resolve("stills.zip");
        new Export(score, 48, 52, false).write(List.of(zip), "ffmpeg", done -> {}, () -> false);
        List<String> names = new ArrayList<>();
        try (ZipInputStream in = new ZipInputStream(Files.newInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                names.add(entry.getName());
                assertSame(
                        in.readAllBytes(),
                        score,
                        Integer.parseInt(entry.getName().substring(0, 5)));
            }
        }
        assertThat(names).containsExactly("00048.png", "00049.png", "00050.png", "00051.png");
    }

    private static void assertSame(byte[] png, SceneScore score, int frame) throws IOException {
        var image = ImageIO.read(new ByteArrayInputStream(png));
        byte[] painted = Pictures.pixels(score.at(frame), image.getWidth(), image.getHeight());
        for (int i = 0; i < image.getWidth() * image.getHeight(); i++) {
            int argb = image.getRGB(i % image.getWidth(), i / image.getWidth());
            int expected = (painted[4 * i + 3] & 255) << 24
                    | (painted[4 * i + 2] & 255) << 16
                    | (painted[4 * i + 1] & 255) << 8
                    | painted[4 * i] & 255;
            if (argb != expected) {
                assertThat(Integer.toHexString(argb))
                        .as("frame %s, pixel %s", frame, i)
                        .isEqualTo(Integer.toHexString(expected));
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"24000, 1001", "25, 1", "30000, 1001", "60, 1"})
    void a_scene_of_one_frame_at_any_rate_is_a_video(int numerator, int denominator) throws Exception {
        SceneScore score = Pictures.score(Pictures.words("Home", new FrameRate(numerator, denominator), 1), "s");
        String probe = run(
                "ffprobe",
                "-v",
                "error",
                "-count_frames",
                "-show_entries",
                "stream=nb_read_frames",
                "-of",
                "csv=p=0",
                write(score, ExportKind.MP4, false).toString());
        assertThat(probe.strip()).startsWith("1");
    }

    /** Where letters of one colour are seen only in part, their colour is the same: it is not multiplied by alpha. */
    @Test
    void soft_edges_in_a_webm_keep_the_colour_of_what_they_are_edges_of() throws Exception {
        SceneScore score = Pictures.score(Pictures.words("HOME", new FrameRate(24, 1), 3), "s");
        byte[] decoded = decode(write(score, ExportKind.WEBM, true), ExportKind.WEBM, 1, score);
        double whole = meanGreen(decoded, 250, 255);
        assertThat(whole).isGreaterThan(100);
        assertThat(meanGreen(decoded, 90, 200)).isCloseTo(whole, within(30.0));
    }

    private static double meanGreen(byte[] pixels, int least, int most) {
        return IntStream.range(0, pixels.length / 4)
                .filter(i -> (pixels[4 * i + 3] & 255) >= least && (pixels[4 * i + 3] & 255) <= most)
                .map(i -> pixels[4 * i + 1] & 255)
                .average()
                .orElseThrow();
    }

    @Test
    void a_video_without_background_stands_on_black_where_there_is_no_alpha() throws Exception {
        SceneScore score = Pictures.score(Pictures.words("HOME", new FrameRate(24, 1), 3), "s");
        byte[] decoded = decode(write(score, ExportKind.MP4, true), ExportKind.MP4, 1, score);
        byte[] onBlack = Pictures.pixels(score.blocks().get(0).at(1).list(), 640, 360);
        assertThat(mean(decoded, onBlack)).isLessThan(2);
    }

    @ParameterizedTest
    @EnumSource(
            value = ExportKind.class,
            names = {"MP4", "WEBM", "ZIP"})
    void a_cancelled_export_leaves_nothing_behind(ExportKind kind) throws Exception {
        SceneScore score = Pictures.score(Pictures.words("Home", new FrameRate(24, 1), 50), "s");
        Path file = folder.resolve("out." + kind.extension());
        int[] done = {0};
        assertThat(new Export(score, 0, 50, false)
                        .write(List.of(file), "ffmpeg", frames -> done[0] = frames, () -> done[0] >= 20))
                .isFalse();
        assertThat(done[0]).isEqualTo(20);
        assertThat(files()).isEmpty();
    }

    @Test
    void several_kinds_come_of_one_painting_and_are_what_each_would_be_alone() throws Exception {
        SceneScore score = Pictures.score(Pictures.words("Home", new FrameRate(24, 1), 12), "s");
        List<Path> alone =
                Stream.of("a.mp4", "a.webm", "a.zip").map(folder::resolve).toList();
        List<Path> together =
                Stream.of("b.mp4", "b.webm", "b.zip").map(folder::resolve).toList();
        Export export = new Export(score, 0, 12, true);
        for (Path file : alone) {
            export.write(List.of(file), "ffmpeg", done -> {}, () -> false);
        }
        List<Integer> told = new ArrayList<>();
        export.write(together, "ffmpeg", told::add, () -> false);
        assertThat(told).hasSize(12);
        for (int i = 0; i < alone.size() - 1; i++) {
            assertThat(frames(together.get(i))).isNotEmpty().isEqualTo(frames(alone.get(i)));
        }
        assertThat(stills(together.get(2))).hasSize(12).isEqualTo(stills(alone.get(2)));
        assertThatThrownBy(() -> export.write(
                        List.of(folder.resolve("c.png"), folder.resolve("c.mp4")), "ffmpeg", done -> {}, () -> false))
                .hasMessageContaining("a still is one frame");
    }

    /** By their names, a sum of each one's bytes. */
    private static Map<String, Integer> stills(Path zip) throws IOException {
        Map<String, Integer> sums = new TreeMap<>();
        try (ZipInputStream in = new ZipInputStream(Files.newInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                sums.put(entry.getName(), Arrays.hashCode(in.readAllBytes()));
            }
        }
        return sums;
    }

    /** What a worker says that may take half a gigabyte of heap. */
    private String worked(Project project, Path file) throws Exception {
        ExportJob job = new ExportJob(
                project,
                "s",
                "f",
                ExportKind.MP4,
                0,
                false,
                file.toString(),
                null,
                null,
                null,
                null,
                false,
                null,
                null,
                null,
                null,
                null);
        Process worker = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-Xmx512m",
                        "-cp",
                        System.getProperty("java.class.path"),
                        ExportWorker.class.getName())
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        worker.getOutputStream()
                .write((DocumentJson.MAPPER.writeValueAsString(job) + "\n").getBytes(StandardCharsets.UTF_8));
        worker.getOutputStream().flush();
        StringBuilder said = new StringBuilder();
        try (BufferedReader out = worker.inputReader()) {
            String line = "progress";
            while (line != null && line.startsWith("progress")) {
                line = out.readLine();
                said.append(line).append('\n');
            }
        } finally {
            worker.destroyForcibly();
        }
        return said.toString();
    }

    /** A sum of each frame's pixels. */
    private static String frames(Path film) throws Exception {
        return run("ffmpeg", "-v", "error", "-i", film.toString(), "-f", "framemd5", "-");
    }

    @Test
    void a_missing_encoder_is_named_with_what_to_do() throws Exception {
        SceneScore score = Pictures.score(Pictures.words("Home", new FrameRate(24, 1), 5), "s");
        assertThatThrownBy(() -> new Export(score, 0, 5, false)
                        .write(List.of(folder.resolve("out.mp4")), "no-such-encoder", done -> {}, () -> false))
                .isInstanceOf(ExportException.class)
                .hasMessageContaining("ffmpeg could not be started")
                .hasMessageContaining("apt-get install ffmpeg");
        assertThat(files()).isEmpty();
    }

    @Test
    void a_failing_encoders_last_words_are_told_and_a_full_disk_is_named() throws Exception {
        Path encoder = folder.resolve("encoder");
        Files.writeString(
                encoder, "#!/bin/sh\nhead -c 100000 >/dev/null\necho 'out.mp4: No space left on device' >&2\nexit 1\n");
        Files.setPosixFilePermissions(encoder, PosixFilePermissions.fromString("rwxr-xr-x"));
        SceneScore score = Pictures.score(Pictures.words("Home", new FrameRate(24, 1), 60), "s");
        assertThatThrownBy(() -> new Export(score, 0, 60, false)
                        .write(List.of(folder.resolve("out.mp4")), encoder.toString(), done -> {}, () -> false))
                .hasMessageContaining("The disk is full")
                .hasMessageContaining("out.mp4: No space left on device");
        assertThat(files()).containsExactly(encoder);
    }

    @Test
    void an_8k_frame_is_painted() throws Exception {
        TextBlock block = Pictures.block("HOME");
        SceneScore score = Pictures.score(block, new Fill.None(), 7680, 4320, 2, new FrameRate(24, 1));
        Path still = folder.resolve("8k.png");
        new Export(score, 0, 1, false).write(List.of(still), "ffmpeg", done -> {}, () -> false);
        assertThat(ImageIO.read(still.toFile()).getWidth()).isEqualTo(7680);
    }

    /** Slower, never out of memory: of 8K that moves all over, the sums alone would be 265 MB and the pixels are 133 MB a frame. */
    @Test
    void an_8k_scene_that_blurs_is_made_by_a_worker_with_little_memory() throws Exception {
        Project project = Pictures.project(
                Pictures.block("HOME"), new Fill.Solid(Value.of("#13283a")), 7680, 4320, 2, new FrameRate(24, 1));
        Scene scene = project.scenes()
                .get(0)
                .withBlur(new MotionBlur(180, 3))
                .withCamera(new Camera(List.of(
                        new Camera.Key("near", 0, null, null, 20.0, null, "linear"),
                        new Camera.Key("nearer", 2, null, null, 24.0, null, "linear"))));
        Path file = folder.resolve("8k.mp4");
        assertThat(worked(Project.of("p", List.of(scene)), file)).endsWith("done\n");
        assertThat(run(
                        "ffprobe",
                        "-v",
                        "error",
                        "-show_entries",
                        "stream=width,height",
                        "-of",
                        "csv=p=0",
                        file.toString()))
                .startsWith("7680,4320");
    }

    @Test
    void frames_outside_the_scene_are_refused() {
        SceneScore score = Pictures.score(Pictures.words("Home", new FrameRate(24, 1), 5), "s");
        assertThatThrownBy(() -> new Export(score, 5, 6, false)).hasMessageContaining("not inside the scene");
        assertThatThrownBy(() -> ExportKind.ofFile("title.gif")).hasMessageContaining(".mp4, .webm, .png or .zip");
    }

    private Path write(SceneScore score, ExportKind kind, boolean transparent) {
        Path file = folder.resolve("out-" + transparent + "." + kind.extension());
        assertThat(new Export(score, 0, score.scene().length(), transparent)
                        .write(List.of(file), "ffmpeg", done -> {}, () -> false))
                .isTrue();
        return file;
    }

    private static byte[] decode(Path file, ExportKind kind, int frame, SceneScore score) throws Exception {
        List<String> command = new ArrayList<>(List.of("ffmpeg", "-v", "error"));
        if (kind == ExportKind.WEBM) {
            command.addAll(List.of("-c:v", "libvpx-vp9"));
        }
        command.addAll(List.of(
                "-i",
                file.toString(),
                "-vf",
                "select=eq(n\\," + frame
                        + "),scale=in_color_matrix=bt709:in_range=tv:flags=accurate_rnd+full_chroma_int+full_chroma_inp",
                "-frames:v",
                "1",
                "-f",
                "rawvideo",
                "-pix_fmt",
                "bgra",
                "-"));
        Process process = new ProcessBuilder(command)
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        byte[] pixels = process.getInputStream().readAllBytes();
        assertThat(pixels).hasSize(4 * score.format().width() * score.format().height());
        return pixels;
    }

    private static double mean(byte[] a, byte[] b) {
        long sum = 0;
        for (int i = 0; i < a.length; i++) {
            sum += i % 4 == 3 ? 0 : Math.abs((a[i] & 255) - (b[i] & 255));
        }
        return sum / (a.length * 0.75);
    }

    private static String run(String... command) throws Exception {
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String out = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor(30, TimeUnit.SECONDS)).isTrue();
        return out;
    }

    private List<Path> files() throws IOException {
        try (Stream<Path> all = Files.list(folder)) {
            return all.toList();
        }
    }
}
