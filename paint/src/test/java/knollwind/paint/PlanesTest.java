package knollwind.paint;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import knollwind.core.frame.SceneScore;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Frames as encoders take them, held against ffmpeg's own conversion. */
class PlanesTest {
    @TempDir
    Path folder;

    @ParameterizedTest
    @CsvSource({"opening, 60", "crossing, 90", "stops, 100"})
    void the_demos_frames_equal_ffmpegs_within_1_of_255(String scene, int frame) throws Exception {
        SceneScore score = Pictures.score(Pictures.demo(), scene);
        byte[] pixels = Pictures.pixels(score.at(frame), 1920, 1080);
        assertThat(Pictures.furthest(planes(pixels, 1920, 1080, false), converted(pixels, 1920, 1080, "yuv420p")))
                .isLessThanOrEqualTo(1);
    }

    @Test
    void noise_equals_ffmpegs_within_1_of_255_to_its_edges() throws Exception {
        byte[] pixels = noise(64, 38, 7);
        byte[] ours = planes(pixels, 64, 38, true);
        byte[] theirs = converted(pixels, 64, 38, "yuva420p");
        assertThat(ours).hasSameSizeAs(theirs);
        assertThat(Pictures.furthest(ours, theirs)).isLessThanOrEqualTo(1);
        // Alpha is what it was; ffmpeg's is one off here and there.
        int alphas = 64 * 38 * 3 / 2;
        assertThat(IntStream.range(0, 64 * 38))
                .allSatisfy(i -> assertThat(ours[alphas + i]).isEqualTo(pixels[4 * i + 3]));
    }

    @ParameterizedTest
    @CsvSource({"63, 38", "64, 37", "1, 1", "2, 9"})
    void an_odd_side_is_filled_up_with_its_last_pixel(int width, int height) {
        byte[] pixels = noise(width, height, 3);
        int across = Planes.even(width);
        int down = Planes.even(height);
        byte[] filled = new byte[4 * across * down];
        for (int y = 0; y < down; y++) {
            for (int x = 0; x < across; x++) {
                int from = Math.min(y, height - 1) * width + Math.min(x, width - 1);
                System.arraycopy(pixels, 4 * from, filled, 4 * (y * across + x), 4);
            }
        }
        assertThat(planes(pixels, width, height, true)).isEqualTo(planes(filled, across, down, true));
    }

    @ParameterizedTest
    @CsvSource({"90, 51, 1", "64, 64, 2", "33, 80, 3"})
    void what_was_painted_since_is_all_that_needs_converting(int width, int height, long seed) {
        Random random = new Random(seed);
        byte[] pixels = noise(width, height, seed);
        Planes planes = new Planes(width, height, true);
        planes.take(ByteBuffer.wrap(pixels), List.of(new Area(0, 0, width, height)));
        for (int round = 0; round < 200; round++) {
            List<Area> areas = new ArrayList<>();
            for (int i = random.nextInt(4); i > 0; i--) {
                int left = random.nextInt(width);
                int top = random.nextInt(height);
                areas.add(new Area(
                        left, top, left + 1 + random.nextInt(width - left), top + 1 + random.nextInt(height - top)));
            }
            for (Area area : areas) {
                for (int y = area.top(); y < area.bottom(); y++) {
                    for (int i = 4 * (y * width + area.left()); i < 4 * (y * width + area.right()); i++) {
                        pixels[i] = (byte) random.nextInt(256);
                    }
                }
            }
            planes.take(ByteBuffer.wrap(pixels), Area.apart(areas));
            assertThat(planes.bytes()).as("round %s: %s", round, areas).isEqualTo(planes(pixels, width, height, true));
        }
    }

    private static byte[] noise(int width, int height, long seed) {
        byte[] pixels = new byte[4 * width * height];
        new Random(seed).nextBytes(pixels);
        return pixels;
    }

    private static byte[] planes(byte[] pixels, int width, int height, boolean alpha) {
        Planes planes = new Planes(width, height, alpha);
        planes.take(ByteBuffer.wrap(pixels), List.of(new Area(0, 0, width, height)));
        return planes.bytes();
    }

    /** What ffmpeg makes of blue, green, red and alpha. */
    private byte[] converted(byte[] pixels, int width, int height, String format) throws Exception {
        Path raw = folder.resolve("frame.bgra");
        Path planes = folder.resolve("frame.yuv");
        Files.write(raw, pixels);
        String filter = "scale=out_color_matrix=bt709:out_range=tv"
                + ":flags=accurate_rnd+full_chroma_int+full_chroma_inp,format=" + format;
        String command = "ffmpeg -v error -nostdin -y -f rawvideo -pix_fmt bgra -s " + width + "x" + height + " -i "
                + raw + " -vf " + filter + " -f rawvideo " + planes;
        assertThat(new ProcessBuilder(command.split(" ")).inheritIO().start().waitFor())
                .isZero();
        return Files.readAllBytes(planes);
    }
}
