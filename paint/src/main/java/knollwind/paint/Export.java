package knollwind.paint;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.Function;
import java.util.function.IntConsumer;
import knollwind.core.display.DisplayList;
import knollwind.core.frame.CaptionTrack;
import knollwind.core.frame.Footage;
import knollwind.core.sound.Mix;
import knollwind.core.sound.Recording;

/**
 * Makes files of a scene or a film, all of one painting. They are written under other names beside their places and take their own names
 * only when they are whole.
 *
 * @param from first frame
 * @param to frame after the last; for a still {@code from + 1}
 * @param transparent whether the scene's background is left out
 * @param pictures files of pictures and of frames of films, by the names of their inks; null for those that are not there
 * @param recordings by the SHA-256 of their files; null for those that are not there
 * @param tracks captions that videos hold inside, in seconds of the footage
 */
public record Export(
        Footage footage,
        int from,
        int to,
        boolean transparent,
        Function<String, byte[]> pictures,
        Function<String, Recording> recordings,
        List<CaptionTrack> tracks) {
    /** An export without pictures and sound. */
    public Export(Footage footage, int from, int to, boolean transparent) {
        this(footage, from, to, transparent, id -> null, sha256 -> null, List.of());
    }

    public Export {
        new Frames(from, to).within(footage.length());
    }

    /**
     * Writes the files.
     *
     * @param files whose endings say what kinds they are
     * @param ffmpeg how the encoder is called
     * @param progress is told how many frames are done
     * @param cancelled is asked before every frame; true ends the export without a file
     * @return false when it was cancelled
     * @throws IllegalArgumentException for a still beside others
     */
    public boolean write(List<Path> files, String ffmpeg, IntConsumer progress, BooleanSupplier cancelled) {
        return write(files, ffmpeg, false, progress, cancelled);
    }

    /** Writes the picture alone of files that are joined with others later; see {@link Joining}. */
    boolean writeBare(List<Path> files, String ffmpeg, IntConsumer progress, BooleanSupplier cancelled) {
        return write(files, ffmpeg, true, progress, cancelled);
    }

    private boolean write(
            List<Path> files, String ffmpeg, boolean bare, IntConsumer progress, BooleanSupplier cancelled) {
        List<PartFile> parts = files.stream().map(PartFile::new).toList();
        boolean still = parts.stream().anyMatch(part -> part.kind().isStill());
        if (still && parts.size() > 1) {
            throw new IllegalArgumentException("a still is one frame and is made by itself");
        }
        try (FramePainter painter = new FramePainter(footage.width(), footage.height(), pictures)) {
            boolean done =
                    still ? still(painter, parts.get(0)) : sequence(painter, parts, bare, ffmpeg, progress, cancelled);
            if (done) {
                for (PartFile part : parts) {
                    part.keep();
                }
            }
            return done;
        } catch (IOException e) {
            throw ExportException.unwritten(e);
        } finally {
            parts.forEach(PartFile::close);
        }
    }

    private boolean still(FramePainter painter, PartFile part) throws IOException {
        painter.paint(lists(from));
        Files.write(part.part(), painter.png());
        return true;
    }

    private boolean sequence(
            FramePainter painter,
            List<PartFile> parts,
            boolean bare,
            String ffmpeg,
            IntConsumer progress,
            BooleanSupplier cancelled)
            throws IOException {
        try (Beside beside = bare ? Beside.NOTHING : beside(parts)) {
            for (PartFile part : parts) {
                part.open(painter, footage.rate(), beside, ffmpeg, from);
            }
            return frames(painter, parts, progress, cancelled);
        }
    }

    /** What videos hold beside their frames. */
    Beside beside(List<PartFile> parts) throws IOException {
        return new Beside(sound(parts), words(parts));
    }

    private List<Beside.Words> words(List<PartFile> parts) throws IOException {
        List<CaptionTrack> made = tracks.stream()
                .map(track -> track.within(
                        footage.rate().seconds(from), footage.rate().seconds(to)))
                .filter(track -> !track.shown().isEmpty())
                .toList();
        return parts.stream().anyMatch(part -> part.kind().isVideo())
                ? Beside.words(made, parts.get(0).part())
                : List.of();
    }

    private boolean frames(FramePainter painter, List<PartFile> parts, IntConsumer progress, BooleanSupplier cancelled)
            throws IOException {
        List<DisplayList> last = null;
        for (int frame = from; frame < to; frame++) {
            if (cancelled.getAsBoolean()) {
                return false;
            }
            List<DisplayList> lists = lists(frame);
            boolean anew = !lists.equals(last);
            if (anew) {
                painter.paint(lists);
            }
            last = lists;
            for (PartFile part : parts) {
                part.write(anew);
            }
            progress.accept(frame - from + 1);
        }
        for (PartFile part : parts) {
            part.finish();
        }
        return true;
    }

    /** All that is heard as one file of bare samples beside the films to come; null where nothing is. */
    private Path sound(List<PartFile> parts) throws IOException {
        Mix mix = new Mix(footage.sounds(), recordings);
        if (mix.isSilent() || parts.stream().noneMatch(part -> part.kind().isHeard())) {
            return null;
        }
        Path part = parts.get(0).part();
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

    /** The pictures whose mean a frame is. */
    private List<DisplayList> lists(int frame) {
        return footage.frame(frame, transparent);
    }
}
