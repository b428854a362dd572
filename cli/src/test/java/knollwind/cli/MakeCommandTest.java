package knollwind.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import knollwind.core.document.DocumentJson;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;

/** Versions that are made of files alone. */
class MakeCommandTest {
    private static final String FARES =
            Path.of("..", "demo", "ternholm-fares.json").toString();

    @TempDir
    Path folder;

    private String refused = "";

    private int make(String... more) {
        return makeOf(FARES, more);
    }

    private int makeOf(String document, String... more) {
        List<String> arguments = Stream.concat(
                        Stream.of(document, "--out", folder.resolve("out").toString(), "--kinds", "png", "--at", "60"),
                        Stream.of(more))
                .toList();
        return new CommandLine(new MakeCommand())
                .setCaseInsensitiveEnumValuesAllowed(true)
                .setExecutionExceptionHandler((error, command, parsed) -> {
                    refused = error.getMessage();
                    return 1;
                })
                .execute(arguments.toArray(new String[0]));
    }

    private Path table(String text) throws Exception {
        return Files.writeString(folder.resolve("rows.csv"), text, StandardCharsets.UTF_16);
    }

    private byte[] file(String name) throws Exception {
        return Files.readAllBytes(folder.resolve("out").resolve(name));
    }

    @Test
    void each_row_of_a_table_is_made_and_listed() throws Exception {
        Path table = table("pier;LEAVES;Deck\nNorth Mole;23:59;2\n\"Weir; Landing\";00:10;1\n");
        assertThat(make("--table", table.toString(), "--format", "1:1")).isZero();
        assertThat(Arrays.equals(file("fares-North-Mole-1x1.png"), file("fares-Weir_-Landing-1x1.png")))
                .isFalse();
        assertThat(Files.readAllLines(folder.resolve("out/files.csv")))
                .hasSize(3)
                .first()
                .isEqualTo("file,version,format,frames,sha256");
        var list = DocumentJson.tree(Files.readString(folder.resolve("out/files.json")));
        assertThat(list.get(1).get("file").asString()).isEqualTo("fares-Weir_-Landing-1x1.png");
        assertThat(list.get(1).get("frames").asInt()).isEqualTo(1);
    }

    @Test
    void what_cannot_be_told_apart_or_is_of_no_field_is_refused_before_anything_is_made() throws Exception {
        assertThat(make("--table", table("Pier\nRopewalk\nropewalk\n").toString()))
                .isEqualTo(1);
        assertThat(refused).contains("the files of row 1 and of row 2 would both be called");
        assertThat(make("--table", table("Quay,Boat name\nA,B\n").toString())).isEqualTo(1);
        assertThat(refused).contains("no column of", "[Quay, Boat name]", "[Pier, Leaves, Boat, Fare, Lamp colour]");
        assertThat(folder.resolve("out/files.csv")).doesNotExist();
    }

    @Test
    void a_template_that_comes_along_is_made_as_it_is() throws Exception {
        String notice = Path.of("..", "demo", "templates", "notice.json").toString();
        Path table = table("Heading,Until\nSaltmarket is open again,from tonight\n");
        assertThat(makeOf(notice, "--table", table.toString())).isZero();
        assertThat(Files.readAllLines(folder.resolve("out/files.csv"))).hasSize(4);
    }
}
