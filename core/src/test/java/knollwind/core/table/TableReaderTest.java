package knollwind.core.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Tables as people bring them along. */
class TableReaderTest {
    private static final String PIERS = "pier,leaves,fare\nTern Stair,22:10,4.20\nSaltmarket,22:40,5.60\n";

    private static TableFile read(String text) {
        return TableReader.read(text.getBytes(StandardCharsets.UTF_8), null, null);
    }

    @Test
    void names_and_cells_are_told_apart() {
        TableFile file = read(PIERS);
        assertThat(file.headed()).isTrue();
        assertThat(file.separator()).isEqualTo("comma");
        assertThat(file.encoding()).isEqualTo("UTF-8");
        assertThat(file.columns()).containsExactly("pier", "leaves", "fare");
        assertThat(file.rows())
                .containsExactly(List.of("Tern Stair", "22:10", "4.20"), List.of("Saltmarket", "22:40", "5.60"));
        assertThat(file.notes()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '!',
            value = {"';'!semicolon", "'\t'!tab", "'|'!upright line", "','!comma"})
    void what_stands_between_cells_is_guessed(String between, String said) {
        String text =
                ("pier,says,fare\nTern Stair,\"Mind, the; gap | here\t\",4\nSaltmarket,\"He said \"\"now\"\"\",5\n")
                        .replace("pier,says,fare", String.join(between, "pier", "says", "fare"))
                        .replace("Tern Stair,", "Tern Stair" + between)
                        .replace(",4", between + "4")
                        .replace("Saltmarket,", "Saltmarket" + between)
                        .replace(",5", between + "5");
        TableFile file = read(text);
        assertThat(file.separator()).isEqualTo(said);
        assertThat(file.rows().get(0)).containsExactly("Tern Stair", "Mind, the; gap | here\t", "4");
        assertThat(file.rows().get(1)).containsExactly("Saltmarket", "He said \"now\"", "5");
    }

    @ParameterizedTest
    @ValueSource(strings = {"UTF-8", "UTF-16LE", "UTF-16BE"})
    void marks_of_an_encoding_are_believed(String charset) {
        byte[] bytes = ("\ufeffpier,ø\nSæby,1\n").getBytes(Charset.forName(charset));
        TableFile file = TableReader.read(bytes, null, null);
        assertThat(file.encoding()).isEqualTo(charset);
        assertThat(file.columns()).containsExactly("pier", "ø");
        assertThat(file.rows().get(0).get(0)).isEqualTo("Sæby");
    }

    @Test
    void latin_1_is_known_by_its_bytes() {
        String text =
                "pier,says\nSaltmarket,Die Fähre fährt über das Wasser zurück\nTern Stair,Die Brücke öffnet um zehn\n";
        TableFile file = TableReader.read(text.getBytes(StandardCharsets.ISO_8859_1), null, null);
        assertThat(file.rows().get(0).get(1)).isEqualTo("Die Fähre fährt über das Wasser zurück");
    }

    @Test
    void lines_end_as_they_like_and_a_cell_may_hold_some() {
        assertThat(read("pier,says\r\nTern Stair,\"two\r\nlines\"\rSaltmarket,one\n")
                        .rows())
                .containsExactly(List.of("Tern Stair", "two\r\nlines"), List.of("Saltmarket", "one"));
    }

    @Test
    void rows_that_are_too_short_or_too_long_are_told_and_kept() {
        TableFile file = read("pier,leaves\nTern Stair\nSaltmarket,22:40,late\n");
        assertThat(file.columns()).containsExactly("pier", "leaves", "column 3");
        assertThat(file.rows()).containsExactly(List.of("Tern Stair", "", ""), List.of("Saltmarket", "22:40", "late"));
        assertThat(file.notes())
                .containsExactly("line 2 has 1 cells, the first one 2", "line 3 has 3 cells, the first one 2");
    }

    @Test
    void columns_of_one_name_are_told_apart() {
        TableFile file = TableReader.read("pier,pier\na,b\n", null, true);
        assertThat(file.columns()).containsExactly("pier", "pier 2");
        assertThat(file.notes().get(0)).contains("two columns are called \u201cpier\u201d");
    }

    @Test
    void numbers_in_the_first_line_are_no_names() {
        assertThat(read("Tern Stair,22:10\nSaltmarket,22:40\n").headed()).isFalse();
        assertThat(TableReader.read("Tern Stair,Moorhen\nSaltmarket,Auk\n", null, false)
                        .columns())
                .containsExactly("column 1", "column 2");
    }

    @Test
    void formulas_are_text() {
        assertThat(read("pier,fare\nTern Stair,\"=1+2\"\n").rows().get(0)).containsExactly("Tern Stair", "=1+2");
    }

    @Test
    void json_is_a_list_of_rows() {
        TableFile file = read(
                "[{\"pier\":\"Tern Stair\",\"fare\":4.2},{\"pier\":\"Saltmarket\",\"boat\":\"Auk\",\"fare\":null}]");
        assertThat(file.columns()).containsExactly("pier", "fare", "boat");
        assertThat(file.rows()).containsExactly(List.of("Tern Stair", "4.2", ""), List.of("Saltmarket", "", "Auk"));
        assertThatThrownBy(() -> read("[1,2]")).hasMessageContaining("a list of objects");
        assertThatThrownBy(() -> read("{\"rows\":")).hasMessageContaining("begins like JSON and is none");
    }

    @Test
    void a_workbook_is_read_by_its_first_sheet_and_formulas_by_what_they_came_to() throws IOException {
        TableFile file = TableReader.read(workbook(), null, null);
        assertThat(file.columns()).containsExactly("pier", "fare");
        assertThat(file.rows()).containsExactly(List.of("Tern Stair", "4.2"), List.of("Saltmarket", "9"));
        assertThatThrownBy(() -> TableReader.read(new byte[] {'P', 'K', 3, 4, 0}, null, null))
                .hasMessageContaining("this workbook cannot be read");
    }

    private static byte[] workbook() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            String main = "http://schemas.openxmlformats.org/spreadsheetml/2006/main";
            String relations = "http://schemas.openxmlformats.org/package/2006/relationships";
            String office = "http://schemas.openxmlformats.org/officeDocument/2006/relationships";
            put(
                    zip,
                    "[Content_Types].xml",
                    "<Types xmlns=\"http://schemas.openxmlformats.org/package/2006/content-types\">"
                            + "<Default Extension=\"rels\" ContentType=\"application/vnd.openxmlformats-package.relationships+xml\"/>"
                            + "<Default Extension=\"xml\" ContentType=\"application/xml\"/></Types>");
            put(
                    zip,
                    "_rels/.rels",
                    "<Relationships xmlns=\"" + relations + "\"><Relationship Id=\"r1\" Type=\"" + office
                            + "/officeDocument\" Target=\"xl/workbook.xml\"/></Relationships>");
            put(
                    zip,
                    "xl/workbook.xml",
                    "<workbook xmlns=\"" + main + "\" xmlns:r=\"" + office
                            + "\"><sheets><sheet name=\"Piers\" sheetId=\"1\" r:id=\"r1\"/></sheets></workbook>");
            put(
                    zip,
                    "xl/_rels/workbook.xml.rels",
                    "<Relationships xmlns=\"" + relations + "\"><Relationship Id=\"r1\" Type=\"" + office
                            + "/worksheet\" Target=\"worksheets/sheet1.xml\"/></Relationships>");
            put(
                    zip,
                    "xl/worksheets/sheet1.xml",
                    "<worksheet xmlns=\"" + main + "\"><sheetData>"
                            + "<row r=\"1\"><c r=\"A1\" t=\"inlineStr\"><is><t>pier</t></is></c>"
                            + "<c r=\"B1\" t=\"inlineStr\"><is><t>fare</t></is></c></row>"
                            + "<row r=\"2\"><c r=\"A2\" t=\"inlineStr\"><is><t>Tern Stair</t></is></c><c r=\"B2\"><v>4.2</v></c></row>"
                            + "<row r=\"3\"><c r=\"A3\" t=\"inlineStr\"><is><t>Saltmarket</t></is></c>"
                            + "<c r=\"B3\"><f>4+5</f><v>9</v></c></row></sheetData></worksheet>");
        }
        return bytes.toByteArray();
    }

    private static void put(ZipOutputStream zip, String name, String content) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(content.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    void a_workbook_that_unpacks_to_more_than_memory_holds_is_refused() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            zip.putNextEntry(new ZipEntry("xl/sharedStrings.xml"));
            byte[] spaces = new byte[1 << 20];
            for (int i = 0; i <= 100; i++) {
                zip.write(spaces);
            }
        }
        assertThat(bytes.size()).isLessThan(1 << 20);
        assertThatThrownBy(() -> TableReader.read(bytes.toByteArray(), null, null))
                .hasMessageContaining("larger than 100 MB when it is unpacked");
    }

    @Test
    void what_is_no_table_is_refused_with_the_reason() {
        assertThatThrownBy(() -> read(" \n\n")).hasMessage("there is nothing in this table");
        assertThatThrownBy(() -> TableReader.read(new byte[] {1, 0, 0, 0, 2, 0}, null, null))
                .hasMessageContaining("is no table of text");
        assertThatThrownBy(() -> TableReader.read("a,b\nc,\"d\n", "comma", true))
                .hasMessageContaining("quotes that open there");
        assertThatThrownBy(() -> TableReader.read("a", "colon", true)).hasMessageContaining("not by 'colon'");
        assertThatThrownBy(() -> read("a" + ",a".repeat(1000))).hasMessageContaining("at most 1000 columns");
        assertThatThrownBy(() -> TableReader.read("a\n".repeat(10_002), null, true))
                .hasMessageContaining("at most 10000 rows");
        assertThatThrownBy(() -> read("pier,says\nTern Stair," + "x".repeat(100_001)))
                .hasMessageContaining("a cell of line 2 may have at most 100000 characters");
    }
}
