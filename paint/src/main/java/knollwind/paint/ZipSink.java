package knollwind.paint;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.function.Supplier;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/** A zip file of PNG stills named by their frame, {@code 00000.png} onwards. */
final class ZipSink implements FrameSink {
    private final OutputStream file;
    private final ZipOutputStream zip;
    private final Supplier<byte[]> png;
    private int frame;

    /** @param png gives the still that was painted last */
    ZipSink(Path path, Supplier<byte[]> png, int firstFrame) throws IOException {
        this.file = Files.newOutputStream(path);
        this.zip = new ZipOutputStream(file);
        this.zip.setLevel(0);
        this.png = png;
        this.frame = firstFrame;
    }

    @Override
    public void write(byte[] planes) throws IOException {
        zip.putNextEntry(new ZipEntry(String.format("%05d.png", frame++)));
        zip.write(png.get());
        zip.closeEntry();
    }

    @Override
    public void finish() throws IOException {
        zip.close();
    }

    @Override
    public void close() {
        try {
            file.close();
        } catch (IOException e) {
            // Nothing more can be saved of a file that is thrown away.
        }
    }
}
