package knollwind.paint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import javax.imageio.ImageIO;
import knollwind.core.scene.FrameRate;
import knollwind.paint.backdrop.Backdrop;
import knollwind.paint.backdrop.BackdropFilm;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Films that people bring in, and the backdrops that are made here. */
class FilmFileTest {
    private static final BackdropFilm WATER = new BackdropFilm(Backdrop.named("lamp-on-water"), 192, 108, 12, 24);

    @TempDir
    static Path folder;

    private static Path film;

    @BeforeAll
    static void make() throws Exception {
        film = folder.resolve("water.mp4");
        WATER.write(film, "ffmpeg");
    }

    private static Path empty() throws IOException {
        return Files.createTempDirectory(folder, "frames");
    }

    @Test
    void every_frame_of_a_film_can_be_had_by_its_number() throws Exception {
        Path frames = empty();
        FilmFile unpacked = FilmFile.unpack(film, frames, "ffmpeg");
        assertThat(unpacked).isEqualTo(new FilmFile(192, 108, 12, new FrameRate(24, 1)));
        for (int i = 0; i < 12; i++) {
            int nearest = -1;
            double least = Double.MAX_VALUE;
            for (int k = 0; k < 12; k++) {
                double distance = distance(frames.resolve(FilmFile.name(i)), WATER.frame(k));
                if (distance < least) {
                    least = distance;
                    nearest = k;
                }
            }
            assertThat(nearest).isEqualTo(i);
            assertThat(least).isLessThan(6);
        }
    }

    @Test
    void frames_are_packed_into_a_film_again_that_unpacks_to_as_many_of_the_same_size() throws Exception {
        Path frames = empty();
        FilmFile unpacked = FilmFile.unpack(film, frames, "ffmpeg");
        Path packed = folder.resolve("packed.mov");
        FilmFile.pack(frames, unpacked.rate(), packed, "ffmpeg");
        Path again = empty();
        assertThat(FilmFile.unpack(packed, again, "ffmpeg")).isEqualTo(unpacked);
        assertThat(distance(again.resolve(FilmFile.name(7)), WATER.frame(7))).isLessThan(6);
    }

    /** Mean distance of two pictures, of 255. */
    private static double distance(Path jpeg, byte[] rgb) throws IOException {
        BufferedImage image = ImageIO.read(jpeg.toFile());
        long sum = 0;
        for (int i = 0; i < rgb.length; i++) {
            int pixel = image.getRGB(i / 3 % image.getWidth(), i / 3 / image.getWidth());
            sum += Math.abs((pixel >> 16 - 8 * (i % 3) & 255) - (rgb[i] & 255));
        }
        return (double) sum / rgb.length;
    }

    @Test
    void what_is_no_film_or_points_to_other_files_is_refused() throws IOException {
        Path list = folder.resolve("list.m3u8");
        Files.writeString(list, "#EXTM3U\n#EXTINF:1,\n" + film.getFileName() + "\n#EXT-X-ENDLIST\n");
        Path concat = folder.resolve("list.ffconcat");
        Files.writeString(concat, "ffconcat version 1.0\nfile " + film.getFileName() + "\n");
        Path text = folder.resolve("note.mp4");
        Files.writeString(text, "see you on deck");
        for (Path file : new Path[] {list, concat, text}) {
            assertThatThrownBy(() -> FilmFile.unpack(file, empty(), "ffmpeg"))
                    .isInstanceOf(IllegalArgumentException.class)
                    .hasMessageStartingWith("this is no film")
                    .hasMessageNotContaining(folder.toString());
        }
    }

    @Test
    void a_damaged_film_is_refused_with_its_reason() throws IOException {
        byte[] bytes = Files.readAllBytes(film);
        Path cut = Files.write(folder.resolve("cut.mp4"), Arrays.copyOf(bytes, bytes.length / 3));
        assertThatThrownBy(() -> FilmFile.unpack(cut, empty(), "ffmpeg"))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("12 frames");
    }

    /** The size is written in a film's head: 60,000 px across, and nothing to it. */
    @Test
    void a_film_that_says_it_is_huge_is_refused_before_it_is_unpacked() throws IOException {
        String head = "YUV4MPEG2 W60000 H60000 F24:1 Ip C420\n";
        Path bomb = Files.write(folder.resolve("bomb.y4m"), head.getBytes(StandardCharsets.US_ASCII));
        Path frames = empty();
        assertThatThrownBy(() -> FilmFile.unpack(bomb, frames, "ffmpeg")).isInstanceOf(IllegalArgumentException.class);
        assertThat(frames.toFile().list()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"harbour-lights", "lamp-on-water", "rain-on-the-quay", "fog-banks"})
    void backdrops_move_and_close_without_a_seam(String name) {
        BackdropFilm backdrop = new BackdropFilm(Backdrop.named(name), 96, 54, 48, 24);
        assertThat(backdrop.frame(48)).isEqualTo(backdrop.frame(0));
        assertThat(backdrop.frame(24)).isNotEqualTo(backdrop.frame(0));
    }
}
