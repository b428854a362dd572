package knollwind.paint;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.math.BigDecimal;
import java.math.MathContext;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import knollwind.core.scene.FrameRate;

/**
 * Joins the stretches of a film, which were painted apart, to what would have been made in one piece: the same frames at the same
 * times, with the sound and the tracks of captions of the whole. Encoded pictures are not encoded once more.
 *
 * @param whole the film that they are of
 */
record Joining(Export whole) {
    /** Time bases of containers are finer than this, in s. */
    private static final MathContext EXACT = new MathContext(12);

    /**
     * Writes the files.
     *
     * @param files whose endings say what kinds they are
     * @param stretches of each kind, in their order
     * @return true
     */
    boolean write(List<Path> files, Map<ExportKind, List<JoinedPart>> stretches, String ffmpeg) {
        List<PartFile> parts = files.stream().map(PartFile::new).toList();
        try (Beside beside = whole.beside(parts)) {
            for (PartFile part : parts) {
                List<JoinedPart> own = stretches.get(part.kind());
                if (part.kind().isVideo()) {
                    film(own, part, beside, ffmpeg);
                } else {
                    stills(own, part.part());
                }
            }
            for (PartFile part : parts) {
                part.keep();
            }
            return true;
        } catch (IOException e) {
            throw ExportException.unwritten(e);
        } finally {
            parts.forEach(PartFile::close);
        }
    }

    private void film(List<JoinedPart> stretches, PartFile part, Beside beside, String ffmpeg) throws IOException {
        Path list = part.part().resolveSibling(part.part().getFileName() + ".list");
        FrameRate rate = whole.footage().rate();
        StringBuilder told = new StringBuilder("ffconcat version 1.0\n");
        for (JoinedPart stretch : stretches) {
            BigDecimal seconds = BigDecimal.valueOf((long) stretch.frames() * rate.denominator())
                    .divide(BigDecimal.valueOf(rate.numerator()), EXACT);
            told.append("file '")
                    .append(stretch.file().replace("'", "'\\''"))
                    .append("'\nduration ")
                    .append(seconds.toPlainString())
                    .append('\n');
        }
        Files.writeString(list, told);
        try {
            Process process = new ProcessBuilder(
                            EncoderCommand.joined(ffmpeg, part.kind().video(), list, beside, part.part()))
                    .redirectErrorStream(true)
                    .start();
            process.getOutputStream().close();
            ByteArrayOutputStream said = new ByteArrayOutputStream();
            process.getInputStream().transferTo(said);
            if (process.waitFor() != 0) {
                String words = said.toString(StandardCharsets.UTF_8).strip();
                throw new ExportException(
                        ExportException.advice(words) + "The stretches could not be joined: " + words);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new ExportException("The export was interrupted", e);
        } finally {
            Files.deleteIfExists(list);
        }
    }

    /** Stills keep the names that they have, which tell their frames. */
    private static void stills(List<JoinedPart> stretches, Path file) throws IOException {
        try (OutputStream out = Files.newOutputStream(file);
                ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.setLevel(0);
            for (JoinedPart stretch : stretches) {
                try (InputStream in = Files.newInputStream(Path.of(stretch.file()));
                        ZipInputStream from = new ZipInputStream(in)) {
                    for (ZipEntry entry = from.getNextEntry(); entry != null; entry = from.getNextEntry()) {
                        zip.putNextEntry(new ZipEntry(entry.getName()));
                        from.transferTo(zip);
                        zip.closeEntry();
                    }
                }
            }
        }
    }
}
