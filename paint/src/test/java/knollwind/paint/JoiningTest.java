package knollwind.paint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import knollwind.core.frame.CaptionTrack;
import knollwind.core.frame.SceneScore;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Films of stretches against films in one piece. */
class JoiningTest {
    private static final int[] CUTS = {40, 43, 50, 54};

    @TempDir
    private Path folder;

    private final SceneScore score = Pictures.score(Pictures.demo(), "end-card");

    /** Stretches of a kind, painted apart. */
    private List<JoinedPart> stretches(ExportKind kind, boolean transparent) {
        return IntStream.range(1, CUTS.length)
                .mapToObj(i -> {
                    Path file = folder.resolve("stretch " + i + "'." + kind.extension());
                    new Export(score, CUTS[i - 1], CUTS[i], transparent)
                            .writeBare(List.of(file), "ffmpeg", done -> {}, () -> false);
                    return new JoinedPart(file.toString(), CUTS[i] - CUTS[i - 1]);
                })
                .toList();
    }

    private Export whole(boolean transparent, List<CaptionTrack> tracks) {
        return new Export(score, CUTS[0], CUTS[CUTS.length - 1], transparent, id -> null, sound -> null, tracks);
    }

    private static String sound(Path film) throws Exception {
        return run(
                "ffprobe",
                "-v",
                "error",
                "-select_streams",
                "a",
                "-show_entries",
                "stream=codec_type,codec_name,sample_rate,channels,duration_ts",
                "-of",
                "default=nw=1",
                film.toString());
    }

    private Path joined(ExportKind kind, boolean transparent, List<JoinedPart> stretches) {
        Path file = folder.resolve("joined." + kind.extension());
        new Joining(whole(transparent, List.of())).write(List.of(file), Map.of(kind, stretches), "ffmpeg");
        return file;
    }

    private static String run(String... command) throws Exception {
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor()).as(said).isZero();
        return said.strip();
    }

    /** Sums of all frames, with alpha where there is some. */
    private static List<String> sums(ExportKind kind, Path film) throws Exception {
        String decoder = kind == ExportKind.WEBM ? "libvpx-vp9" : "h264";
        return run(
                        "ffmpeg",
                        "-v",
                        "error",
                        "-c:v",
                        decoder,
                        "-i",
                        film.toString(),
                        "-map",
                        "0:v",
                        "-fps_mode",
                        "passthrough",
                        "-f",
                        "framemd5",
                        "-")
                .lines()
                .filter(line -> !line.startsWith("#"))
                .map(line -> line.substring(line.lastIndexOf(',') + 1).strip())
                .toList();
    }

    private static String times(Path film) throws Exception {
        return run(
                "ffprobe",
                "-v",
                "error",
                "-select_streams",
                "v:0",
                "-show_entries",
                "packet=pts_time,dts_time,flags",
                "-of",
                "csv=p=0",
                film.toString());
    }

    private static List<Double> shownAt(Path film) throws Exception {
        return times(film)
                .lines()
                .map(line -> line.split(",")[0])
                .filter(time -> !time.isEmpty())
                .map(Double::valueOf)
                .sorted()
                .toList();
    }

    /** A WebM counts in milliseconds, so a time may be rounded the other way. */
    private static void assertSoon(List<Double> times, List<Double> expected) {
        assertThat(times).hasSameSizeAs(expected);
        for (int i = 0; i < times.size(); i++) {
            assertThat(times.get(i)).isCloseTo(expected.get(i), within(0.0011));
        }
    }

    private static String stream(Path film) throws Exception {
        return run(
                "ffprobe",
                "-v",
                "error",
                "-select_streams",
                "v:0",
                "-show_entries",
                "stream=codec_name,pix_fmt,width,height,r_frame_rate,color_space,color_range,color_transfer,color_primaries",
                "-of",
                "default=nw=1",
                film.toString());
    }

    @Test
    void encoded_frames_are_those_of_the_stretches_at_the_times_of_the_whole() throws Exception {
        for (ExportKind kind : List.of(ExportKind.MP4, ExportKind.WEBM)) {
            boolean transparent = kind.keepsAlpha();
            List<JoinedPart> stretches = stretches(kind, transparent);
            Path joined = joined(kind, transparent, stretches);
            Path piece = folder.resolve("piece." + kind.extension());
            whole(transparent, List.of()).write(List.of(piece), "ffmpeg", done -> {}, () -> false);
            List<String> apart = stretches.stream()
                    .flatMap(one -> {
                        try {
                            return sums(kind, Path.of(one.file())).stream();
                        } catch (Exception e) {
                            throw new IllegalStateException(e);
                        }
                    })
                    .toList();
            assertThat(sums(kind, joined)).as("%s", kind).hasSize(14).isEqualTo(apart);
            assertSoon(shownAt(joined), shownAt(piece));
            assertThat(stream(joined)).isEqualTo(stream(piece));
            assertThat(sound(joined)).contains("codec_type=audio").isEqualTo(sound(piece));
            assertThat(times(joined).lines().filter(line -> line.contains("K")).count())
                    .as("a film can be entered where a stretch begins")
                    .isGreaterThanOrEqualTo(3);
        }
    }

    @Test
    void stills_are_byte_for_byte_those_of_the_whole() throws Exception {
        Path joined = joined(ExportKind.ZIP, true, stretches(ExportKind.ZIP, true));
        Path piece = folder.resolve("piece.zip");
        whole(true, List.of()).write(List.of(piece), "ffmpeg", done -> {}, () -> false);
        assertThat(stills(joined)).hasSize(14).isEqualTo(stills(piece));
        try (Stream<Path> left = Files.list(folder)) {
            assertThat(left.map(file -> file.getFileName().toString()))
                    .noneMatch(name -> name.endsWith(".part") || name.endsWith(".list"));
        }
    }

    private static Map<String, Integer> stills(Path zip) throws Exception {
        Map<String, Integer> sums = new TreeMap<>();
        try (ZipInputStream in = new ZipInputStream(Files.newInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                sums.put(entry.getName(), Arrays.hashCode(in.readAllBytes()));
            }
        }
        return sums;
    }
}
