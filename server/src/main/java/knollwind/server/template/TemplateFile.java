package knollwind.server.template;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import knollwind.core.document.DocumentException;
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
    private static final int MOST_DOCUMENT = 32 << 20;

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
        Files.createDirectories(settings.work());
        Path file = Files.createTempFile(settings.work(), "template-", ".in");
        try {
            // No request has a longer body than its kind may have.
            Files.copy(content, file, StandardCopyOption.REPLACE_EXISTING);
            if (!isArchive(file)) {
                return new Taken(document(Files.newInputStream(file)), List.of());
            }
            try (ZipFile archive = new ZipFile(file.toFile(), StandardCharsets.UTF_8)) {
                return unpacked(archive);
            } catch (ZipException e) {
                throw new IllegalArgumentException("this archive is damaged; save the template to a file once more", e);
            }
        } finally {
            Files.deleteIfExists(file);
        }
    }

    private static boolean isArchive(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            byte[] first = in.readNBytes(2);
            return first.length == 2 && first[0] == 'P' && first[1] == 'K';
        }
    }

    /** Nothing is written anywhere under a name that stands in the archive, and nothing is unpacked that is larger than its kind may be. */
    private Taken unpacked(ZipFile archive) throws IOException, InterruptedException {
        ZipEntry whole = archive.getEntry(DOCUMENT);
        if (whole == null) {
            throw new IllegalArgumentException("this archive is no template: there is no " + DOCUMENT
                    + " in it. Take in a file that a template was" + " saved to");
        }
        if (archive.size() > MOST_ENTRIES) {
            throw new IllegalArgumentException("a template has at most " + MOST_ENTRIES + " files");
        }
        JsonNode document = document(archive.getInputStream(whole));
        UsedFiles used = UsedFiles.of(DocumentJson.read(document));
        Map<String, String> names = new HashMap<>();
        List.of(used.pictures(), used.films(), used.sounds()).forEach(names::putAll);
        List<String> notes = new ArrayList<>();
        String text = DocumentJson.MAPPER.writeValueAsString(document);
        for (ZipEntry entry : Collections.list(archive.entries())) {
            if (entry.isDirectory() || entry.getName().equals(DOCUMENT)) {
                continue;
            }
            String folder = entry.getName().replaceFirst("/.*", "");
            String known = entry.getName().replaceFirst(".*/", "").replaceFirst("\\..*", "");
            try (InputStream content = archive.getInputStream(entry)) {
                String now = take(folder, names.getOrDefault(known, known), content);
                // The same content may be kept under another sum: what is kept is made of what comes in.
                text = names.containsKey(known) && !now.isEmpty() ? text.replace(known, now) : text;
            } catch (IllegalArgumentException e) {
                notes.add(entry.getName() + ": " + e.getMessage());
            }
        }
        return new Taken(DocumentJson.tree(text), notes);
    }

    /** What it is known by; empty for what is not known by its content. */
    private String take(String folder, String name, InputStream content) throws IOException, InterruptedException {
        switch (folder) {
            case "pictures":
                return pictures.add(name, UploadKind.PICTURE.read(content)).sha256();
            case "films":
                return films.add(name, content).sha256();
            case "sounds":
                return sounds.add(name, content).sha256();
            case "faces":
                fonts.add(name, UploadKind.FONT.read(content));
                return "";
            default:
                throw new IllegalArgumentException(
                        "this is left out; a template has pictures, films, sounds and faces");
        }
    }

    private static JsonNode document(InputStream content) throws IOException {
        JsonNode document;
        try (content) {
            byte[] bytes = content.readNBytes(MOST_DOCUMENT + 1);
            if (bytes.length > MOST_DOCUMENT) {
                throw new IllegalArgumentException("the document of a template has at most 32 MB");
            }
            document = DocumentJson.tree(new String(bytes, StandardCharsets.UTF_8));
        } catch (DocumentException e) {
            throw new IllegalArgumentException(
                    "this is no template: neither a document nor an archive that a template was saved to", e);
        }
        if (!document.path("scenes").isArray()) {
            throw new IllegalArgumentException("this is no template: there are no scenes in it");
        }
        return document;
    }

    /** What of a template's faces is not here, by their names. */
    List<String> missingFaces(Project project) {
        List<String> there = library.families().stream().map(FontFamily::name).toList();
        return UsedFiles.of(project).families().stream()
                .filter(name -> !there.contains(name))
                .toList();
    }
}
