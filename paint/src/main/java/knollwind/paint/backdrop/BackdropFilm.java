package knollwind.paint.backdrop;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Makes a video file of a backdrop.
 *
 * @param frames of one turn
 * @param rate frames a second
 */
public record BackdropFilm(Backdrop backdrop, int width, int height, int frames, int rate) {
    /** Each way in a px: edges of far lights stay still. */
    private static final int SAMPLES = 3;

    /** Of the light: as much as hides the steps of a dark sky. */
    private static final double GRAIN = 0.5;

    /** Light for each value of a byte (IEC 61966-2-1, sRGB). */
    private static final double[] LINEAR = new double[256];

    static {
        for (int i = 0; i < 256; i++) {
            double v = i / 255.0;
            LINEAR[i] = v <= 0.04045 ? v / 12.92 : Math.pow((v + 0.055) / 1.055, 2.4);
        }
    }

    /** The frame as bytes, three a pixel: red, green, blue, sRGB. */
    public byte[] frame(int frame) {
        byte[] pixels = new byte[3 * width * height];
        IntStream.range(0, height).parallel().forEach(row -> {
            for (int column = 0; column < width; column++) {
                double[] light = new double[3];
                for (int sample = 0; sample < SAMPLES * SAMPLES; sample++) {
                    double x = (column + (sample % SAMPLES + 0.5) / SAMPLES) / height;
                    double y = (row + (sample / SAMPLES + 0.5) / SAMPLES) / height;
                    int colour = backdrop.colour(x, y, (double) frame / frames);
                    for (int i = 0; i < 3; i++) {
                        light[i] += LINEAR[colour >> 16 - 8 * i & 255] / (SAMPLES * SAMPLES);
                    }
                }
                // Coarse grain as of paper, the same in all frames.
                double grain = 1 + GRAIN * (Noise.smooth(column / 1.7, row / 1.7, 4096, 71) - 0.5);
                for (int i = 0; i < 3; i++) {
                    pixels[3 * (row * width + column) + i] = (byte) Math.round(255 * encoded(light[i] * grain));
                }
            }
        });
        return pixels;
    }

    /** IEC 61966-2-1, sRGB. */
    private static double encoded(double linear) {
        return linear <= 0.0031308 ? 12.92 * linear : 1.055 * Math.pow(Math.min(1, linear), 1 / 2.4) - 0.055;
    }

    /**
     * Writes an MP4 file.
     *
     * @param ffmpeg how it is called
     */
    public void write(Path file, String ffmpeg) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(command(file, ffmpeg))
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        try (OutputStream out = process.getOutputStream()) {
            for (int i = 0; i < frames; i++) {
                out.write(frame(i));
            }
        }
        if (process.waitFor() != 0) {
            throw new IOException("ffmpeg could not write the backdrop; what it said stands above");
        }
    }

    private List<String> command(Path file, String ffmpeg) {
        return List.of(
                ffmpeg,
                "-v",
                "error",
                "-y",
                "-f",
                "rawvideo",
                "-pix_fmt",
                "rgb24",
                "-s",
                width + "x" + height,
                "-r",
                Integer.toString(rate),
                "-i",
                "-",
                "-vf",
                "scale=out_color_matrix=bt709:out_range=tv,format=yuv420p",
                "-c:v",
                "libx264",
                "-preset",
                "slow",
                "-crf",
                "21",
                "-colorspace",
                "bt709",
                "-color_primaries",
                "bt709",
                "-color_trc",
                "bt709",
                "-color_range",
                "tv",
                "-movflags",
                "+faststart",
                file.toString());
    }
}
