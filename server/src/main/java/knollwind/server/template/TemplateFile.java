package knollwind.server.template;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import knollwind.core.document.DocumentJson;
import knollwind.core.filling.UsedFiles;
import knollwind.core.scene.Project;
import knollwind.core.type.FontFamily;
import knollwind.core.type.FontLibrary;
import knollwind.paint.EncoderCommand;
import knollwind.paint.FilmFile;
import knollwind.paint.SoundFile;
import knollwind.server.Settings;
import knollwind.server.files.Films;
import knollwind.server.files.Pictures;
import knollwind.server.files.Sounds;
import knollwind.server.files.UploadKind;
import knollwind.server.font.OwnFonts;
import org.springframework.stereotype.Component;
import org.springframework.util.FileSystemUtils;
import tools.jackson.databind.JsonNode;

/**
 * A template as one file with everything inside: an archive of its document ({@code template.json}) and folders of the pictures, films and
 * sounds that it shows, named by what they are known by in the document, and of the faces that do not come with Knollwind. Unpacked it is a
 * document that commands take.
 */
@Component
class TemplateFile {
    static final String DOCUMENT = "template.json";
    private static final int MOST_ENTRIES = 2000;

    private final Pictures pictures;
    private final Films films;
    private final Sounds sounds;
    private final OwnFonts fonts;
    private final FontLibrary library;
    private final Settings settings;

    TemplateFile(
            Pictures pictures, Films films, Sounds sounds, OwnFonts fonts, FontLibrary library, Settings settings) {
        this.pictures = pictures;
        this.films = films;
        this.sounds = sounds;
        this.fonts = fonts;
        this.library = library;
        this.settings = settings;
    }

    /**
     * A template that was taken in, before it is published.
     *
     * @param notes what could not be taken in with it, in words
     */
    record Taken(JsonNode document, List<String> notes) {}

    void write(JsonNode document, OutputStream out) throws IOException, InterruptedException {
        UsedFiles used = UsedFiles.of(DocumentJson.read(document));
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            zip.putNextEntry(new ZipEntry(DOCUMENT));
            zip.write(DocumentJson.MAPPER.writerWithDefaultPrettyPrinter().writeValueAsBytes(document));
            for (String sha256 : used.pictures().keySet()) {
                byte[] picture = pictures.content(sha256).orElse(null);
                if (picture != null) {
                    zip.putNextEntry(new ZipEntry("pictures/" + sha256 + ".png"));
                    zip.write(picture);
                }
            }
            fonts.refresh();
            for (FontFamily family : library.families()) {
                if (family.kind().equals(FontLibrary.OWN) && used.families().contains(family.name())) {
                    zip.putNextEntry(new ZipEntry("faces/" + family.sha256() + ".font"));
                    zip.write(fonts.content(family.sha256()).orElseThrow());
                }
            }
            moving(used, zip);
        }
    }

    /** Films and sounds, as they are kept. */
    private void moving(UsedFiles used, ZipOutputStream zip) throws IOException, InterruptedException {
        Files.createDirectories(settings.work());
        Path folder = Files.createTempDirectory(settings.work(), "template-");
        try {
            for (String sha256 : used.films().keySet()) {
                Films.Kept film = films.find(sha256).orElse(null);
                if (film != null) {
                    Path frames = folder.resolve(sha256);
                    films.unpack(film, frames);
                    Path file = folder.resolve(sha256 + ".mov");
                    FilmFile.pack(frames, film.rate(), file, EncoderCommand.ffmpeg());
                    zip.putNextEntry(new ZipEntry("films/" + sha256 + ".mov"));
                    Files.copy(file, zip);
                }
            }
            for (String sha256 : used.sounds().keySet()) {
                Sounds.Kept sound = sounds.find(sha256).orElse(null);
                if (sound != null) {
                    Path samples = folder.resolve(sha256 + ".samples");
                    sounds.unpack(sound, samples);
                    Path file = folder.resolve(sha256 + ".flac");
                    SoundFile.pack(samples, file, EncoderCommand.ffmpeg());
                    zip.putNextEntry(new ZipEntry("sounds/" + sha256 + ".flac"));
                    Files.copy(file, zip);
                }
            }
        } finally {
            FileSystemUtils.deleteRecursively(folder);
        }
    }

    /**
     * Takes a file in: a document by itself, or an archive with what it needs.
     *
     * @throws IllegalArgumentException with the reason when it is none
     */
    Taken read(InputStream content) throws IOException, InterruptedException {
        byte[] bytes = UploadKind.TEMPLATE.read(content);
        if (bytes.length < 4 || bytes[0] != 'P' || bytes[1] != 'K') {
            return new Taken(document(bytes), List.of());
        }
        Map<String, byte[]> entries = unpacked(bytes);
        if (!entries.containsKey(DOCUMENT)) {
            throw new IllegalArgumentException("this archive is no template: there is no " + DOCUMENT
                    + " in it. Take in a file that a template was" + " saved to");
        }
        JsonNode document = document(entries.remove(DOCUMENT));
        Map<String, String> names = new HashMap<>();
        UsedFiles used = UsedFiles.of(DocumentJson.read(document));
        used.pictures().forEach(names::put);
        used.films().forEach(names::put);
        used.sounds().forEach(names::put);
        List<String> notes = new ArrayList<>();
        String text = DocumentJson.MAPPER.writeValueAsString(document);
        for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
            String folder = entry.getKey().replaceFirst("/.*", "");
            String known = entry.getKey().replaceFirst(".*/", "").replaceFirst("\\..*", "");
            try {
                String now = take(folder, names.getOrDefault(known, known), entry.getValue());
                // The same content may be kept under another sum: what is kept is made of what comes in.
                text = now.isEmpty() || now.equals(known) || !known.matches("[0-9a-f]{64}")
                        ? text
                        : text.replace(known, now);
            } catch (IllegalArgumentException e) {
                notes.add(entry.getKey() + ": " + e.getMessage());
            }
        }
        return new Taken(DocumentJson.tree(text), notes);
    }

    /** What it is known by; empty for what is not known by its content. */
    private String take(String folder, String name, byte[] content) throws IOException, InterruptedException {
        switch (folder) {
            case "pictures":
                return pictures.add(name, content).sha256();
            case "films":
                return films.add(name, new ByteArrayInputStream(content)).sha256();
            case "sounds":
                return sounds.add(name, new ByteArrayInputStream(content)).sha256();
            case "faces":
                fonts.add(name, content);
                return "";
            default:
                throw new IllegalArgumentException(
                        "this is left out; a template has pictures, films, sounds and faces");
        }
    }

    private static JsonNode document(byte[] bytes) {
        JsonNode document;
        try {
            document = DocumentJson.tree(new String(bytes, StandardCharsets.UTF_8));
        } catch (RuntimeException e) {
            throw new IllegalArgumentException(
                    "this is no template: neither a document nor an archive that a template was saved to", e);
        }
        if (!document.path("scenes").isArray()) {
            throw new IllegalArgumentException("this is no template: there are no scenes in it");
        }
        return document;
    }

    /** Nothing is written anywhere under a name that stands in the archive. */
    private static Map<String, byte[]> unpacked(byte[] archive) throws IOException {
        Map<String, byte[]> entries = new TreeMap<>();
        long left = UploadKind.TEMPLATE.most() * 2;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(archive), StandardCharsets.UTF_8)) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                if (entry.isDirectory()) {
                    continue;
                }
                byte[] content = zip.readNBytes((int) Math.min(left + 1, UploadKind.FILM.most() + 1));
                left -= content.length;
                if (left < 0 || content.length > UploadKind.FILM.most() || entries.size() >= MOST_ENTRIES) {
                    throw new IllegalArgumentException("what is packed into this archive is too large for a template");
                }
                entries.put(entry.getName(), content);
            }
        } catch (ZipException e) {
            throw new IllegalArgumentException("this archive is damaged; save the template to a file once more", e);
        }
        return entries;
    }

    /** What of a template's faces is not here, by their names. */
    List<String> missingFaces(Project project) {
        List<String> there = library.families().stream().map(FontFamily::name).toList();
        return UsedFiles.of(project).families().stream()
                .filter(name -> !there.contains(name))
                .toList();
    }
}
