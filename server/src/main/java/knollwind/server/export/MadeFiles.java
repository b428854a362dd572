package knollwind.server.export;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import knollwind.core.table.MadeList;
import knollwind.server.Settings;
import knollwind.server.files.FileStore;
import org.springframework.stereotype.Component;

/** The files of versions, all at once, with a list of them: as comma-separated values and as JSON. */
@Component
class MadeFiles {
    private final FileStore files;
    private final Settings settings;

    MadeFiles(FileStore files, Settings settings) {
        this.files = files;
        this.settings = settings;
    }

    /**
     * What was written where.
     *
     * @param folder of the server's machine
     */
    record Written(String folder, int count) {}

    /** As one archive. Films do not become smaller in it. */
    void zip(List<ExportEntity> exports, OutputStream out) throws IOException {
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            zip.setLevel(0);
            for (ExportEntity export : there(exports)) {
                zip.putNextEntry(new ZipEntry(export.fileName));
                files.copy(export.fileId, zip);
            }
            for (Map.Entry<String, String> list : lists(exports).entrySet()) {
                zip.putNextEntry(new ZipEntry(list.getKey()));
                zip.write(list.getValue().getBytes(StandardCharsets.UTF_8));
            }
        }
    }

    /**
     * Into a folder of the server's, which the settings name; files of the same names are replaced.
     *
     * @param called a folder in it
     * @throws IllegalArgumentException where there is none
     */
    Written write(List<ExportEntity> exports, String called) throws IOException {
        if (settings.results().isBlank()) {
            throw new IllegalArgumentException(
                    "this server has no folder for results; start it with KNOLLWIND_RESULTS naming one");
        }
        Path folder = Path.of(settings.results()).toAbsolutePath().resolve(called);
        Files.createDirectories(folder);
        List<ExportEntity> there = there(exports);
        for (ExportEntity export : there) {
            Path part = folder.resolve(export.fileName + ".part");
            try (OutputStream out = Files.newOutputStream(part)) {
                files.copy(export.fileId, out);
            }
            Files.move(part, folder.resolve(export.fileName), StandardCopyOption.REPLACE_EXISTING);
        }
        for (Map.Entry<String, String> list : lists(exports).entrySet()) {
            Files.writeString(folder.resolve(list.getKey()), list.getValue());
        }
        return new Written(folder.toString(), there.size());
    }

    private static List<ExportEntity> there(List<ExportEntity> exports) {
        return exports.stream().filter(export -> export.fileId != null).toList();
    }

    private Map<String, String> lists(List<ExportEntity> exports) {
        MadeList list = new MadeList(there(exports).stream()
                .map(export -> new MadeList.Made(
                        export.fileName,
                        export.rowId,
                        export.format,
                        export.total,
                        files.find(export.fileId).sha256()))
                .toList());
        return Map.of(MadeList.CSV, list.csv(), MadeList.JSON, list.json());
    }
}
