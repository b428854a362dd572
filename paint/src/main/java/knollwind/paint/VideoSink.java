package knollwind.paint;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.channels.Channels;
import java.nio.channels.WritableByteChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import knollwind.core.scene.FrameRate;

/** A video file encoded by ffmpeg as a child process that takes raw frames on a pipe. */
final class VideoSink implements FrameSink {
    private static final int LAST_WORDS = 4000;

    private final Process ffmpeg;
    private final OutputStream in;
    private final WritableByteChannel channel;
    private final ByteArrayOutputStream said = new ByteArrayOutputStream();
    private final Thread listener;

    /** @param command how ffmpeg is called, "ffmpeg" as a rule */
    VideoSink(String command, ExportKind kind, int width, int height, FrameRate rate, Path file) {
        try {
            ffmpeg = new ProcessBuilder(arguments(command, kind, width, height, rate, file))
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .start();
        } catch (IOException e) {
            throw new ExportException(
                    "The video encoder ffmpeg could not be started (" + command
                            + "). Install it with: apt-get install ffmpeg",
                    e);
        }
        in = ffmpeg.getOutputStream();
        channel = Channels.newChannel(in);
        listener = new Thread(this::listen, "ffmpeg-says");
        listener.setDaemon(true);
        listener.start();
    }

    /** The encoder's arguments; also used by the benchmark to time the encoder alone. */
    static List<String> arguments(String command, ExportKind kind, int width, int height, FrameRate rate, Path file) {
        List<String> arguments = new ArrayList<>(List.of(
                command,
                "-v",
                "error",
                "-nostdin",
                "-y",
                "-f",
                "rawvideo",
                "-pix_fmt",
                "bgra",
                "-s",
                width + "x" + height,
                "-r",
                rate.numerator() + "/" + rate.denominator(),
                "-i",
                "-",
                "-an"));
        boolean webm = kind == ExportKind.WEBM;
        String format = webm ? "yuva420p" : "yuv420p";
        // 4:2:0 needs even sides; an odd one is filled up by repeating nothing but one transparent or black pixel.
        arguments.addAll(List.of(
                "-vf",
                "pad=ceil(iw/2)*2:ceil(ih/2)*2,scale=out_color_matrix=bt709:out_range=tv"
                        + ":flags=accurate_rnd+full_chroma_int+full_chroma_inp,format=" + format));
        if (webm) {
            arguments.addAll(List.of(
                    "-c:v",
                    "libvpx-vp9",
                    "-crf",
                    "18",
                    "-b:v",
                    "0",
                    "-deadline",
                    "realtime",
                    "-cpu-used",
                    "7",
                    "-row-mt",
                    "1",
                    "-threads",
                    "4",
                    "-auto-alt-ref",
                    "0"));
        } else {
            arguments.addAll(
                    List.of("-c:v", "libx264", "-preset", "veryfast", "-crf", "14", "-movflags", "+faststart"));
        }
        arguments.addAll(List.of(
                "-pix_fmt",
                format,
                "-colorspace",
                "bt709",
                "-color_primaries",
                "bt709",
                "-color_trc",
                "bt709",
                "-color_range",
                "tv",
                "-f",
                webm ? "webm" : "mp4",
                file.toString()));
        return arguments;
    }

    private void listen() {
        try (InputStream err = ffmpeg.getErrorStream()) {
            byte[] buffer = new byte[1024];
            for (int n = err.read(buffer); n >= 0; n = err.read(buffer)) {
                synchronized (said) {
                    if (said.size() > 10 * LAST_WORDS) {
                        said.reset();
                    }
                    said.write(buffer, 0, n);
                }
            }
        } catch (IOException closed) {
            // The process is gone; what it said so far is kept.
        }
    }

    @Override
    public void write(ByteBuffer pixels) throws IOException {
        try {
            while (pixels.hasRemaining()) {
                channel.write(pixels);
            }
        } catch (IOException e) {
            throw failure(e);
        }
    }

    @Override
    public void finish() throws IOException {
        try {
            in.close();
            int code = ffmpeg.waitFor();
            if (code != 0) {
                throw failure(null);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new ExportException("The export was interrupted", e);
        } catch (IOException e) {
            throw failure(e);
        }
    }

    private ExportException failure(IOException cause) {
        try {
            ffmpeg.waitFor(5, TimeUnit.SECONDS);
            listener.join(1000);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        String words;
        synchronized (said) {
            words = said.toString(StandardCharsets.UTF_8).strip();
        }
        words = words.substring(Math.max(0, words.length() - LAST_WORDS));
        String advice = words.contains("No space left") ? "The disk is full; make room and export again. " : "";
        return new ExportException(
                advice + "The video encoder stopped: " + (words.isEmpty() ? "it said nothing" : words), cause);
    }

    @Override
    public void close() {
        ffmpeg.destroyForcibly();
    }
}
