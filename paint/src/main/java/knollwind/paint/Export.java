package knollwind.paint;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.Function;
import java.util.function.IntConsumer;
import knollwind.core.display.DisplayList;
import knollwind.core.frame.Footage;
import knollwind.core.scene.FrameRate;
import knollwind.core.sound.Mix;
import knollwind.core.sound.Recording;

/**
 * Makes a file of a scene or a film. The file is written under another name beside its place and takes its own name only when it is
 * whole.
 *
 * @param from first frame
 * @param to frame after the last; for a still {@code from + 1}
 * @param transparent whether the scene's background is left out
 * @param pictures files of pictures and of frames of films, by the names of their inks; null for those that are not there
 * @param recordings by the SHA-256 of their files; null for those that are not there
 */
public record Export(
        Footage footage,
        ExportKind kind,
        int from,
        int to,
        boolean transparent,
        Function<String, byte[]> pictures,
        Function<String, Recording> recordings) {
    /** An export without pictures and sound. */
    public Export(Footage footage, ExportKind kind, int from, int to, boolean transparent) {
        this(footage, kind, from, to, transparent, id -> null, sha256 -> null);
    }

    public Export {
        if (from < 0 || to <= from || to > footage.length()) {
            throw new IllegalArgumentException("frames " + from + " to " + to
                    + " are not inside the scene or film, which has frames 0 to " + footage.length());
        }
    }

    /**
     * Writes the file.
     *
     * @param ffmpeg how the encoder is called
     * @param progress is told how many frames are done
     * @param cancelled is asked before every frame; true ends the export without a file
     * @return false when it was cancelled
     */
    public boolean write(Path file, String ffmpeg, IntConsumer progress, BooleanSupplier cancelled) {
        Path part = file.resolveSibling(file.getFileName() + ".part");
        try {
            boolean done = kind.isStill() ? still(part) : sequence(part, ffmpeg, progress, cancelled);
            if (done) {
                Files.move(part, file, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
            }
            return done;
        } catch (IOException e) {
            String reason = String.valueOf(e.getMessage());
            String advice = reason.contains("No space left") ? "The disk is full; make room and export again. " : "";
            throw new ExportException(advice + "The file could not be written: " + reason, e);
        } finally {
            try {
                Files.deleteIfExists(part);
            } catch (IOException e) {
                // A leftover part file is harmless: the next export writes over it.
            }
        }
    }

    private boolean still(Path part) throws IOException {
        try (FramePainter painter = painter()) {
            painter.paint(lists(from));
            Files.write(part, painter.png());
            return true;
        }
    }

    private boolean sequence(Path part, String ffmpeg, IntConsumer progress, BooleanSupplier cancelled)
            throws IOException {
        Path sound = sound(part);
        try {
            return sequence(part, sound, ffmpeg, progress, cancelled);
        } finally {
            if (sound != null) {
                Files.deleteIfExists(sound);
            }
        }
    }

    /** All that is heard as one file of bare samples beside the film to come; null where nothing is. */
    private Path sound(Path part) throws IOException {
        Mix mix = new Mix(footage.sounds(), recordings);
        if (!kind.isHeard() || mix.isSilent()) {
            return null;
        }
        Path sound = part.resolveSibling(part.getFileName() + ".sound");
        long first = Math.round(from / footage.rate().perSecond() * Recording.RATE);
        long end = Math.round(to / footage.rate().perSecond() * Recording.RATE);
        try (OutputStream out = Files.newOutputStream(sound)) {
            for (long at = first; at < end; at += Recording.RATE) {
                short[] samples = mix.read(at, (int) Math.min(Recording.RATE, end - at));
                ByteBuffer bytes = ByteBuffer.allocate(2 * samples.length).order(ByteOrder.LITTLE_ENDIAN);
                bytes.asShortBuffer().put(samples);
                out.write(bytes.array());
            }
        }
        return sound;
    }

    private boolean sequence(Path part, Path sound, String ffmpeg, IntConsumer progress, BooleanSupplier cancelled)
            throws IOException {
        FrameRate rate = footage.rate();
        try (FramePainter painter = painter();
                FrameSink sink = kind.isVideo()
                        ? new BackgroundSink(
                                new VideoSink(ffmpeg, kind, painter.width(), painter.height(), rate, sound, part))
                        : new ZipSink(part, painter::png, from)) {
            VideoFrames frames = kind.isVideo() ? new VideoFrames(painter, kind.video()) : null;
            List<DisplayList> last = null;
            byte[] planes = null;
            for (int frame = from; frame < to; frame++) {
                if (cancelled.getAsBoolean()) {
                    return false;
                }
                List<DisplayList> lists = lists(frame);
                if (!lists.equals(last)) {
                    painter.paint(lists);
                    planes = frames == null ? null : frames.read();
                }
                last = lists;
                sink.write(planes);
                progress.accept(frame - from + 1);
            }
            sink.finish();
            return true;
        }
    }

    private FramePainter painter() {
        return new FramePainter(footage.width(), footage.height(), pictures);
    }

    /** The pictures whose mean a frame is. */
    private List<DisplayList> lists(int frame) {
        return footage.frame(frame, transparent);
    }
}
