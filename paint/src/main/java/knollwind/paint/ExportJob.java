package knollwind.paint;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;
import java.util.function.IntConsumer;
import java.util.stream.Stream;
import knollwind.core.filling.CaptionCopies;
import knollwind.core.frame.CaptionTrack;
import knollwind.core.frame.Footage;
import knollwind.core.frame.SceneScore;
import knollwind.core.frame.SceneSequence;
import knollwind.core.layout.Materials;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.simulation.FallFolder;
import knollwind.core.simulation.Falls;
import knollwind.core.sound.Envelopes;
import knollwind.core.sound.Recording;
import knollwind.core.type.FontLibrary;
import knollwind.core.type.OwnFont;
import knollwind.core.type.Typesetter;

/**
 * What an export worker is told.
 *
 * @param scene id or name
 * @param format id or name
 * @param file of the kind
 * @param also files of further kinds that come of the same painting; may be null
 * @param frame the frame of a still; ignored otherwise
 * @param sounds files of bare samples, by the SHA-256 of the files that they came in; may be null
 * @param film whether all scenes are made, one after the other, in that format; may be null for false
 * @param stretch the frames of the scene or film that are made, ignored for a still; null for all
 * @param captions what becomes of captions; may be null for part of the picture
 * @param bare whether nothing but the picture is made, to be joined with others later; may be null for false
 * @param parts what videos and stills are joined of instead of being painted, by kind and in their order; may be null
 * @param falls folder of falls that have been computed; may be null
 * @param fonts faces that people brought along; may be null
 * @param pictures files of pictures, and folders with the frames of films, by their SHA-256; may be null
 */
public record ExportJob(
        Project project,
        String scene,
        String format,
        ExportKind kind,
        int frame,
        boolean transparent,
        String file,
        Map<ExportKind, String> also,
        List<FontOnDisk> fonts,
        Map<String, String> pictures,
        Map<String, String> sounds,
        Boolean film,
        Frames stretch,
        CaptionsIn captions,
        Boolean bare,
        Map<ExportKind, List<JoinedPart>> parts,
        String falls) {
    /** A face in a file. */
    public record FontOnDisk(String family, int index, String file) {}

    private byte[] picture(String id) {
        String[] parts = id.split("/");
        String name = pictures == null ? null : pictures.get(parts[0]);
        try {
            if (name == null) {
                return null;
            }
            Path file = Path.of(name);
            return Files.readAllBytes(
                    parts.length == 1 ? file : file.resolve(FilmFile.name(Integer.parseInt(parts[1]))));
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private Map<String, Recording> recordings() throws IOException {
        Map<String, Recording> opened = new HashMap<>();
        for (Map.Entry<String, String> sound : (sounds == null ? Map.<String, String>of() : sounds).entrySet()) {
            opened.put(sound.getKey(), new SoundFile(Path.of(sound.getValue())));
        }
        return opened;
    }

    /** The files that are made. */
    public List<Path> files() {
        return Stream.concat(Stream.of(file), (also == null ? Map.<ExportKind, String>of() : also).values().stream())
                .map(Path::of)
                .toList();
    }

    /** The export that the job describes. */
    public Export export() throws IOException {
        if (falls != null) {
            Falls.keepIn(new FallFolder(Path.of(falls)), !kind.isStill());
        }
        FontLibrary library = new FontLibrary();
        for (FontOnDisk font : fonts == null ? List.<FontOnDisk>of() : fonts) {
            library.add(new OwnFont(
                    font.family(), font.index(), false, font.file(), Files.readAllBytes(Path.of(font.file()))));
        }
        Map<String, Recording> recordings = recordings();
        Materials materials = new Materials(new Typesetter(library), Envelopes.listening(recordings::get));
        boolean plain = captions != null && captions != CaptionsIn.PICTURE;
        Footage footage = footage(plain ? CaptionCopies.withoutRows(project) : project, materials);
        List<CaptionTrack> tracks =
                captions == CaptionsIn.TRACKS ? footage(project, materials).captions() : List.of();
        Frames all = stretch == null ? new Frames(0, footage.length()) : stretch;
        Frames made = kind.isStill() ? new Frames(frame, frame + 1) : all;
        return new Export(
                footage,
                made.from(),
                made.to(),
                transparent,
                id -> library.picture(id).orElseGet(() -> picture(id)),
                recordings::get,
                tracks);
    }

    /**
     * Makes the files.
     *
     * @return false when it was cancelled
     */
    boolean make(String ffmpeg, IntConsumer progress, BooleanSupplier cancelled) throws IOException {
        Export export = export();
        if (parts != null) {
            return new Joining(export).write(files(), parts, ffmpeg);
        }
        return Boolean.TRUE.equals(bare)
                ? export.writeBare(files(), ffmpeg, progress, cancelled)
                : export.write(files(), ffmpeg, progress, cancelled);
    }

    private Footage footage(Project shown, Materials materials) {
        Scene found = shown.scene(scene);
        return Boolean.TRUE.equals(film)
                ? SceneSequence.of(shown, found.format(format), materials)
                : SceneScore.of(shown, found, found.format(format), materials);
    }
}
