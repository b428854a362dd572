package knollwind.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.atomic.AtomicInteger;
import knollwind.core.document.DocumentJson;
import knollwind.core.filling.FileNames;
import knollwind.core.filling.Versions;
import knollwind.core.scene.Format;
import knollwind.core.scene.Project;
import knollwind.core.scene.Row;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Table;
import knollwind.core.table.Intake;
import knollwind.core.table.MadeList;
import knollwind.core.table.TableFile;
import knollwind.core.table.TableReader;
import knollwind.paint.EncoderCommand;
import knollwind.paint.Export;
import knollwind.paint.ExportKind;
import knollwind.paint.Frames;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** Makes all versions of a document, each in each format. */
@Command(
        name = "make",
        mixinStandardHelpOptions = true,
        description = "Make every version of a document: a file for each row of its table, format and kind.")
final class MakeCommand implements Callable<Integer> {
    @Mixin
    private SceneChoice choice;

    @Option(
            names = "--table",
            paramLabel = "FILE",
            description =
                    "rows to be made: CSV and its like, JSON or .xlsx, columns called as the fields are; the document's own if left out")
    private Path table;

    @Option(names = "--kinds", split = ",", defaultValue = "mp4", description = "mp4, webm, zip, png; ${DEFAULT-VALUE}")
    private List<ExportKind> kinds;

    @Option(names = "--out", required = true, paramLabel = "FOLDER", description = "where the files are written")
    private Path out;

    @Option(names = "--at", defaultValue = "0", description = "the frame of stills")
    private int frame;

    @Option(names = "--transparent", description = "leave the scene's background out")
    private boolean transparent;

    /** A file that is to be made. */
    private record Made(Row row, Format format, String name) {}

    @Override
    public Integer call() throws Exception {
        Project project = rows(choice.project());
        FileNames called = new FileNames(project);
        List<Made> all = planned(project, called);
        var document = DocumentJson.tree(project);
        Files.createDirectories(out);
        List<MadeList.Made> list = new ArrayList<>();
        for (Made made : all) {
            Versions.Version version = Versions.of(document, project, made.row(), DocumentJson::read);
            String number = called.number(made.row());
            version.unfit()
                    .forEach(one -> System.err.println(
                            "knollwind: row " + number + " is made without a value: " + one.reason()));
            for (ExportKind kind : kinds) {
                list.add(write(version.project(), made, kind));
            }
        }
        MadeList files = new MadeList(list);
        Files.writeString(out.resolve(MadeList.JSON), files.json());
        Files.writeString(out.resolve(MadeList.CSV), files.csv());
        return 0;
    }

    /** With the rows of the file in the place of its own. */
    private Project rows(Project project) throws IOException {
        if (table != null) {
            TableFile file = TableReader.read(Files.readAllBytes(table), null, null);
            List<String> fields = Intake.mapped(project, file.columns()).stream()
                    .map(field -> field == null ? "" : field)
                    .toList();
            if (fields.stream().allMatch(String::isEmpty)) {
                throw new IllegalArgumentException("no column of " + table
                        + " is called as a field is; there are the columns "
                        + file.columns() + " and the fields "
                        + project.fields().stream().map(field -> field.name()).toList());
            }
            file.notes().forEach(note -> System.err.println("knollwind: " + table.getFileName() + ": " + note));
            AtomicInteger number = new AtomicInteger();
            Table own = project.versions();
            Project bare = project.withTable(new Table(own.key(), own.pattern(), own.from(), List.of()));
            return bare.withTable(Intake.of(bare, file.rows(), fields, null, true, () -> "r" + number.incrementAndGet())
                    .table());
        }
        if (project.table() == null || project.table().rows().isEmpty()) {
            throw new IllegalArgumentException("the document has no versions; name a table with --table");
        }
        return project;
    }

    private List<Made> planned(Project project, FileNames called) {
        Scene scene = choice.scene(project);
        List<Format> formats = choice.format == null ? scene.formats() : List.of(scene.format(choice.format));
        Map<String, Row> names = new LinkedHashMap<>();
        List<Made> all = new ArrayList<>();
        for (Row row : project.table().rows()) {
            for (Format format : formats) {
                String name = called.of(row, format.name());
                Row other = names.put(name.toLowerCase(Locale.ROOT), row);
                if (other != null) {
                    throw new IllegalArgumentException("the files of row " + called.number(other)
                            + " and of row " + called.number(row) + " would both be called \u201c"
                            + name + "\u201d; put a field that is other in each into the pattern of their names");
                }
                all.add(new Made(row, format, name));
            }
        }
        return all;
    }

    private MadeList.Made write(Project version, Made made, ExportKind kind) throws Exception {
        Scene scene = choice.scene(version);
        choice.checkFiles(version, List.of(scene), kind.isHeard());
        Path file = out.resolve(made.name() + "." + kind.extension()).toAbsolutePath();
        var footage = choice.score(version, scene, made.format());
        Frames frames = kind.isStill() ? new Frames(frame, frame + 1) : new Frames(0, footage.length());
        new Export(footage, frames.from(), frames.to(), transparent, choice.pictures(), choice.recordings(), List.of())
                .write(List.of(file), EncoderCommand.ffmpeg(), done -> {}, () -> false);
        System.err.println(file.getFileName());
        return new MadeList.Made(
                file.getFileName().toString(), made.row().id(), made.format().name(), frames.count(), sha256(file));
    }

    private static String sha256(Path file) throws IOException {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(Files.readAllBytes(file)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}
