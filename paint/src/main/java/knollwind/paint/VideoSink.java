package knollwind.paint;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import knollwind.core.scene.FrameRate;

/** A video file encoded by ffmpeg as a child process that takes raw frames on a pipe. */
final class VideoSink implements FrameSink {
    /** Characters of the encoder's complaints that are told. */
    private static final int LAST_WORDS = 4000;

    private final Process ffmpeg;
    private final OutputStream in;
    /** Bytes at a time: the system copies them once more, and larger ones leave the processor's own memory. */
    private static final int CHUNK = 1 << 18;

    private final ByteArrayOutputStream said = new ByteArrayOutputStream();
    private final Thread listener;

    /**
     * @param command how ffmpeg is called, "ffmpeg" as a rule
     * @param beside what goes into it beside its frames
     */
    VideoSink(String command, ExportKind kind, int width, int height, FrameRate rate, Beside beside, Path file) {
        try {
            ffmpeg = new ProcessBuilder(EncoderCommand.of(command, kind, width, height, rate, "-", beside, file))
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .start();
        } catch (IOException e) {
            throw new ExportException(
                    "The video encoder ffmpeg could not be started (" + command
                            + "). Install it with: apt-get install ffmpeg",
                    e);
        }
        in = ffmpeg.getOutputStream();
        listener = new Thread(this::listen, "ffmpeg-says");
        listener.setDaemon(true);
        listener.start();
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
    public void write(byte[] frame) throws IOException {
        try {
            for (int at = 0; at < frame.length; at += CHUNK) {
                in.write(frame, at, Math.min(CHUNK, frame.length - at));
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
        return new ExportException(
                ExportException.advice(words) + "The video encoder stopped: "
                        + (words.isEmpty() ? "it said nothing" : words),
                cause);
    }

    @Override
    public void close() {
        ffmpeg.destroyForcibly();
    }
}
