package knollwind.core.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import knollwind.core.Samples;
import knollwind.core.document.DocumentJson;
import knollwind.core.filling.FieldText;
import knollwind.core.scene.Project;
import knollwind.core.scene.Row;
import knollwind.core.scene.Table;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A written table is read back as the same rows. */
class TableWriterTest {
    private static final Project FARES;

    static {
        try {
            FARES = DocumentJson.read(
                    DocumentJson.tree(Files.readString(Samples.DEMO.resolveSibling("ternholm-fares.json"))));
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private static JsonNode json(String text) {
        return DocumentJson.tree(text);
    }

    /** The rows of a written project, read as new ones. */
    private static List<Map<String, JsonNode>> readBack(Project project) {
        TableFile file = TableReader.read(TableWriter.csv(project).getBytes(StandardCharsets.UTF_8), null, true);
        assertThat(file.columns())
                .isEqualTo(project.fields().stream().map(one -> one.name()).toList());
        Table own = project.versions();
        Project bare = project.withTable(new Table(own.key(), own.pattern(), own.from(), List.of()));
        AtomicInteger number = new AtomicInteger();
        return Intake.of(
                        bare,
                        file.rows(),
                        Intake.mapped(bare, file.columns()),
                        null,
                        true,
                        () -> "r" + number.incrementAndGet())
                .table()
                .rows()
                .stream()
                .map(Row::values)
                .toList();
    }

    private static List<Map<String, String>> said(List<Map<String, JsonNode>> rows) {
        return rows.stream()
                .map(row -> row.entrySet().stream()
                        .collect(Collectors.toMap(Map.Entry::getKey, cell -> FieldText.of(cell.getValue()))))
                .toList();
    }

    @Test
    void what_is_written_is_read_back() {
        assertThat(said(readBack(FARES)))
                .isEqualTo(
                        said(FARES.versions().rows().stream().map(Row::values).toList()));
    }

    @Test
    void taken_in_again_nothing_has_changed() {
        TableFile file = TableReader.read(TableWriter.csv(FARES).getBytes(StandardCharsets.UTF_8), null, true);
        Intake again = Intake.of(FARES, file.rows(), Intake.mapped(FARES, file.columns()), "pier", true, () -> "new");
        assertThat(again.same()).isEqualTo(12);
        assertThat(again.table()).isEqualTo(FARES.table());
    }

    @Test
    void whatever_stands_in_its_cells() {
        List<Row> odd = Stream.of(
                        "\"A, \\\"quoted\\\" quay\"",
                        "\"two\\nlines\"",
                        "\"=1+1\"",
                        "\" spaced ; and\\ttabbed \"",
                        "\"\u65e5\u672c\"")
                .map(words -> Row.of(
                        "r" + Math.abs(words.hashCode()),
                        Map.of("pier", json(words), "fare", json("4.25"), "lamp", json("\"#e8734a\""))))
                .toList();
        Project project = FARES.withTable(new Table(null, null, null, odd));
        List<Map<String, JsonNode>> read = readBack(project);
        for (int i = 0; i < odd.size(); i++) {
            assertThat(read.get(i)).containsAllEntriesOf(odd.get(i).values());
        }
    }
}
