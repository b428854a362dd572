package knollwind.paint;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import knollwind.core.scene.FrameRate;

/**
 * A file in the making, of the frames of a painter that others may be made of too. It is written under another name beside its place and
 * takes its own name only when it is whole.
 */
final class PartFile implements AutoCloseable {
    private final Path file;
    private final Path part;
    private final ExportKind kind;
    private FrameSink sink;
    /** Null where frames are asked of the painter as pictures. */
    private VideoFrames frames;

    private byte[] planes;

    /** @param file whose ending says what kind it is */
    PartFile(Path file) {
        this.file = file;
        this.part = file.resolveSibling(file.getFileName() + ".part");
        this.kind = ExportKind.ofFile(file.getFileName().toString());
    }

    ExportKind kind() {
        return kind;
    }

    Path part() {
        return part;
    }

    /**
     * Opens it for a row of frames.
     *
     * @param beside what goes into a video beside its frames
     * @param first the number of the first frame
     */
    void open(FramePainter painter, FrameRate rate, Beside beside, String ffmpeg, int first) throws IOException {
        if (kind.isVideo()) {
            frames = new VideoFrames(painter, kind.video());
            sink = new BackgroundSink(
                    new VideoSink(ffmpeg, kind, painter.width(), painter.height(), rate, beside, part));
        } else {
            sink = new ZipSink(part, painter::png, first);
        }
    }

    /** @param anew false where the frame is the one before */
    void write(boolean anew) throws IOException {
        if (anew && frames != null) {
            planes = frames.read();
        }
        sink.write(planes);
    }

    void finish() throws IOException {
        sink.finish();
    }

    /** Gives it its name. */
    void keep() throws IOException {
        Files.move(part, file, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
    }

    @Override
    public void close() {
        if (sink != null) {
            sink.close();
        }
        try {
            Files.deleteIfExists(part);
        } catch (IOException e) {
            // A leftover part file is harmless: the next export writes over it.
        }
    }
}
