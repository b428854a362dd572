package knollwind.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.URI;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import javax.imageio.ImageIO;
import knollwind.core.display.PaintOp;
import knollwind.core.frame.SceneScore;
import knollwind.core.layout.Materials;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.sound.Envelopes;
import knollwind.core.sound.Recording;
import knollwind.core.type.FontLibrary;
import knollwind.core.type.Typesetter;
import knollwind.paint.FramePainter;

/** Pixels of a picture: straight red green blue alpha, row by row. */
public record Shot(int width, int height, byte[] rgba) {
    /** Where the painted scenes have their pictures from. */
    static volatile String address = "";

    private static final Map<String, byte[]> PICTURES = new ConcurrentHashMap<>();

    private static final FontLibrary FONTS = new FontLibrary();
    private static final Materials MATERIALS =
            new Materials(new Typesetter(FONTS), Envelopes.listening(Shot::recording));

    /** How far two pictures are from each other, of 255, colours multiplied by alpha. */
    public record Difference(int most, double mean) {}

    /** Of 255: so far a px of the browser's picture may be from the Java painter's (docs/reel.md). */
    private static final int APART = 4;

    /** Where something is blurred: the two painters have different kernels for narrow blurs. */
    private static final int BLURRED_APART = 8;

    private static final double MEAN_APART = 0.1;

    /** What was seen in the browser is a frame as the Java painter has it. */
    void assertShows(SceneScore score, int frame, String when) {
        Difference difference = from(painted(score, frame, width, height));
        boolean blurred = score.frame(frame).stream()
                .flatMap(list -> list.paints().stream())
                .anyMatch(paint -> paint instanceof PaintOp.Layer layer && layer.blurX() > 0
                        || paint instanceof PaintOp.Mixed mixed && mixed.blurX() > 0);
        assertThat(difference.most())
                .as("frame %s, %s", frame, when)
                .isLessThanOrEqualTo(blurred ? BLURRED_APART : APART);
        assertThat(difference.mean()).as("frame %s, %s", frame, when).isLessThanOrEqualTo(MEAN_APART);
    }

    /** The pixels of a PNG file. */
    static Shot png(byte[] file) {
        try {
            BufferedImage image = ImageIO.read(new ByteArrayInputStream(file));
            int width = image.getWidth();
            int height = image.getHeight();
            int[] argb = image.getRGB(0, 0, width, height, null, 0, width);
            byte[] rgba = new byte[4 * argb.length];
            for (int i = 0; i < argb.length; i++) {
                rgba[4 * i] = (byte) (argb[i] >> 16);
                rgba[4 * i + 1] = (byte) (argb[i] >> 8);
                rgba[4 * i + 2] = (byte) argb[i];
                rgba[4 * i + 3] = (byte) (argb[i] >>> 24);
            }
            return new Shot(width, height, rgba);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A frame of a film file of this size, with its alpha where it has one. */
    static Shot ofFilm(Path file, int frame, int width, int height) throws IOException {
        List<String> command = new ArrayList<>(List.of("ffmpeg", "-v", "error"));
        if (file.toString().endsWith(".webm")) {
            // Only this decoder knows of alpha.
            command.addAll(List.of("-c:v", "libvpx-vp9"));
        }
        command.addAll(List.of(
                "-i",
                file.toString(),
                "-vf",
                "select=eq(n\\," + frame + "),scale=in_color_matrix=bt709:in_range=tv",
                "-frames:v",
                "1",
                "-f",
                "rawvideo",
                "-pix_fmt",
                "rgba",
                "-"));
        Process process = new ProcessBuilder(command)
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        return new Shot(width, height, process.getInputStream().readAllBytes());
    }

    /** What the Java painter makes of a frame, at the size of another picture. */
    public static Shot painted(Project project, String sceneId, int frame, int width, int height) {
        return painted(score(project, sceneId), frame, width, height);
    }

    /** A scene in its first format, made ready. */
    public static SceneScore score(Project project, String sceneId) {
        return score(project, sceneId, project.scene(sceneId).formats().get(0).id());
    }

    static SceneScore score(Project project, String sceneId, String format) {
        Scene scene = project.scene(sceneId);
        return SceneScore.of(project, scene, scene.format(format), MATERIALS);
    }

    static Shot painted(SceneScore score, int frame, int width, int height) {
        return painted(score, frame, width, height, false);
    }

    /** @param transparent whether the scene's background is left out */
    static Shot painted(SceneScore score, int frame, int width, int height, boolean transparent) {
        try (FramePainter painter = FramePainter.seen(
                score,
                width,
                height,
                id -> FONTS.picture(id).orElseGet(() -> PICTURES.computeIfAbsent(id, Shot::picture)))) {
            painter.paint(score.frame(frame, transparent));
            ByteBuffer bgra = painter.straightPixels();
            byte[] rgba = new byte[4 * width * height];
            for (int i = 0; i < width * height; i++) {
                rgba[4 * i] = bgra.get(4 * i + 2);
                rgba[4 * i + 1] = bgra.get(4 * i + 1);
                rgba[4 * i + 2] = bgra.get(4 * i);
                rgba[4 * i + 3] = bgra.get(4 * i + 3);
            }
            return new Shot(width, height, rgba);
        }
    }

    /** The samples that the server keeps, chunk by chunk; silence where it has none. */
    private static Recording recording(String sha256) {
        Map<Long, ByteBuffer> chunks = new ConcurrentHashMap<>();
        return (from, into, frames) -> {
            for (int i = 0; i < frames; i++) {
                long frame = from + i;
                ByteBuffer chunk = chunks.computeIfAbsent(frame / CHUNK, number -> chunk(sha256, number));
                for (int channel = 0; channel < Recording.CHANNELS; channel++) {
                    int at = 2 * (int) (frame % CHUNK * Recording.CHANNELS + channel);
                    boolean there = frame >= 0 && at + 1 < chunk.limit();
                    into[i * Recording.CHANNELS + channel] = there ? chunk.getShort(at) : 0;
                }
            }
        };
    }

    private static final long CHUNK = 5L * Recording.RATE;

    private static ByteBuffer chunk(String sha256, long number) {
        try (InputStream in = URI.create(address + "/api/sounds/" + sha256 + "/samples/" + number)
                .toURL()
                .openStream()) {
            return ByteBuffer.wrap(in.readAllBytes()).order(ByteOrder.LITTLE_ENDIAN);
        } catch (IOException e) {
            return ByteBuffer.allocate(0);
        }
    }

    private static byte[] picture(String id) {
        try (InputStream in =
                URI.create(address + "/api/pictures/" + id).toURL().openStream()) {
            return in.readAllBytes();
        } catch (IOException notThere) {
            return null;
        }
    }

    /** Pictures of different sizes are as far from each other as can be. */
    public Difference from(Shot other) {
        if (width != other.width || height != other.height) {
            return new Difference(255, 255);
        }
        int most = 0;
        long sum = 0;
        for (int i = 0; i < rgba.length; i++) {
            int alpha = i - i % 4 + 3;
            if (rgba[i] == other.rgba[i] && rgba[alpha] == other.rgba[alpha]) {
                continue;
            }
            int a = i == alpha ? rgba[i] & 255 : Math.round((rgba[i] & 255) * (rgba[alpha] & 255) / 255f);
            int b = i == alpha
                    ? other.rgba[i] & 255
                    : Math.round((other.rgba[i] & 255) * (other.rgba[alpha] & 255) / 255f);
            most = Math.max(most, Math.abs(a - b));
            sum += Math.abs(a - b);
        }
        return new Difference(most, (double) sum / rgba.length);
    }

    /** The alpha at a place given in parts of width and height. */
    int alpha(double across, double down) {
        return rgba[4 * ((int) (down * height) * width + (int) (across * width)) + 3] & 255;
    }

    /** The colour at a place given in parts of width and height, as 0xRRGGBB. */
    public int at(double across, double down) {
        int i = 4 * ((int) (down * height) * width + (int) (across * width));
        return (rgba[i] & 255) << 16 | (rgba[i + 1] & 255) << 8 | rgba[i + 2] & 255;
    }
}
