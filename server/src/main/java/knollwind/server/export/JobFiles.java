package knollwind.server.export;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import knollwind.core.document.DocumentJson;
import knollwind.core.filling.UsedFiles;
import knollwind.core.type.FontFamily;
import knollwind.core.type.FontLibrary;
import knollwind.paint.ExportJob;
import knollwind.server.Settings;
import knollwind.server.files.Films;
import knollwind.server.files.Pictures;
import knollwind.server.files.Sounds;
import knollwind.server.font.OwnFonts;
import org.springframework.stereotype.Component;
import tools.jackson.databind.node.ObjectNode;

/** Writes all that a job shows, sounds and is set in beside the files to come: the process that makes them knows no database. */
@Component
class JobFiles {
    private final OwnFonts fonts;
    private final FontLibrary library;
    private final Pictures pictures;
    private final Films films;
    private final Sounds sounds;
    private final Settings settings;

    JobFiles(OwnFonts fonts, FontLibrary library, Pictures pictures, Films films, Sounds sounds, Settings settings) {
        this.fonts = fonts;
        this.library = library;
        this.pictures = pictures;
        this.films = films;
        this.sounds = sounds;
        this.settings = settings;
    }

    /** Tells a job, which has its project, where all of it lies. */
    void lay(ObjectNode job, Path folder) throws IOException {
        UsedFiles used = UsedFiles.of(DocumentJson.read(job.get("project")));
        job.set("pictures", DocumentJson.tree(pictures(used, folder)));
        job.set("sounds", DocumentJson.tree(sounds(used, folder)));
        job.set("fonts", DocumentJson.tree(fonts(used, folder)));
        job.put("falls", settings.falls().toString());
    }

    private List<ExportJob.FontOnDisk> fonts(UsedFiles used, Path folder) throws IOException {
        fonts.refresh();
        List<ExportJob.FontOnDisk> written = new ArrayList<>();
        for (FontFamily family : library.families()) {
            if (family.kind().equals(FontLibrary.OWN) && used.families().contains(family.name())) {
                Path font = folder.resolve(family.sha256() + ".font");
                Files.write(font, fonts.content(family.sha256()).orElseThrow());
                written.add(new ExportJob.FontOnDisk(family.name(), library.indexOf(family.name()), font.toString()));
            }
        }
        return written;
    }

    private Map<String, String> pictures(UsedFiles used, Path folder) throws IOException {
        Map<String, String> written = new HashMap<>();
        for (String sha256 : used.films().keySet()) {
            Optional<Films.Kept> film = films.find(sha256);
            if (film.isPresent()) {
                Path frames = folder.resolve(sha256);
                films.unpack(film.get(), frames);
                written.put(sha256, frames.toString());
            }
        }
        for (String sha256 : used.pictures().keySet()) {
            Optional<byte[]> picture = pictures.content(sha256);
            if (picture.isPresent()) {
                Path file = folder.resolve(sha256 + ".png");
                Files.write(file, picture.get());
                written.put(sha256, file.toString());
            }
        }
        return written;
    }

    private Map<String, String> sounds(UsedFiles used, Path folder) throws IOException {
        Map<String, String> written = new HashMap<>();
        for (String sha256 : used.sounds().keySet()) {
            Optional<Sounds.Kept> sound = sounds.find(sha256);
            if (sound.isPresent()) {
                Path samples = folder.resolve(sha256 + ".samples");
                sounds.unpack(sound.get(), samples);
                written.put(sha256, samples.toString());
            }
        }
        return written;
    }
}
