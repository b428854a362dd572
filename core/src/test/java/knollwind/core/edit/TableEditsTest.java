package knollwind.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import knollwind.core.document.DocumentJson;
import knollwind.core.filling.FileNames;
import knollwind.core.filling.Versions;
import knollwind.core.scene.Project;
import knollwind.core.scene.Row;
import knollwind.core.scene.Table;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Rows of fields: how they are filled in, and what becomes of the document then. */
class TableEditsTest {
    private static final String PATH_OF_TITLE = "scenes/s/blocks/title";
    private static final String LAMP = "scenes/s/blocks/lamp";

    private final EditedProject project = new EditedProject();

    @BeforeEach
    void open() {
        project.with(
                "fields",
                "[{'id':'words','name':'Words','kind':'text','opens':[{'at':'scenes/s/blocks/title/text'}]},"
                        + "{'id':'light','name':'Light','kind':'number','least':0,'most':100,'opens':[{'at':'" + LAMP
                        + "/opacity','factor':0.01}]},"
                        + "{'id':'shown','name':'Shown','kind':'switch','opens':[{'at':'" + LAMP
                        + "/hidden','values':[true,false]}]}]");
    }

    private Table table() {
        return read().table();
    }

    private Project read() {
        return DocumentJson.read(project.tree());
    }

    private static JsonNode json(String text) {
        return EditedProject.json(text);
    }

    private Versions.Version version(String row) {
        return Versions.of(project.tree(), read(), table().row(row), DocumentJson::read);
    }

    private String said(int row, String field) {
        JsonNode value = table().rows().get(row).values().get(field);
        return value == null ? "" : value.toString();
    }

    @Test
    void cells_are_typed_as_text_and_kept_as_their_fields_have_them() {
        project.does(new AddRows(2));
        project.does(new SetCells(List.of(
                new SetCells.Cell("r1", "words", "SEA", null),
                new SetCells.Cell("r1", "light", " 35 % ", null),
                new SetCells.Cell("r1", "shown", "No", null),
                new SetCells.Cell("r2", "light", "1\u202f000,5", null))));
        assertThat(said(0, "words")).isEqualTo("\"SEA\"");
        assertThat(said(0, "light")).isEqualTo("35");
        assertThat(said(0, "shown")).isEqualTo("false");
        assertThat(said(1, "light")).isEqualTo("1000.5");
        project.does(new SetCells(List.of(new SetCells.Cell("r1", "light", "", null))));
        assertThat(table().rows().get(0).values()).containsOnlyKeys("words", "shown");
        Outcome same = project.does(new SetCells(List.of(new SetCells.Cell("r1", "words", "SEA", null))));
        assertThat(same.operations()).isEmpty();
        assertThatThrownBy(() -> project.does(new SetCells(List.of(new SetCells.Cell("r9", "words", "x", null)))))
                .hasMessageContaining("no row 'r9' any more");
    }

    @Test
    void a_row_fills_the_document_in_and_what_does_not_fit_is_passed_over_and_told() {
        project.does(new PasteCells(List.of(), "words", "SEA\t35\tno\nHARBOUR\tbright\tyes"));
        Versions.Version sea = version("r1");
        assertThat(sea.unfit()).isEmpty();
        assertThat(sea.document().at("/scenes/0/blocks/0/text").stringValue()).isEqualTo("SEA");
        assertThat(sea.project().scene("s").blocks().get(2).hidden()).isTrue();
        Versions.Version harbour = version("r2");
        assertThat(harbour.unfit()).extracting(Versions.Unfit::field).containsExactly("light");
        assertThat(harbour.document().at("/scenes/0/blocks/0/text").stringValue())
                .isEqualTo("HARBOUR");
        assertThat(harbour.document().at("/scenes/0/blocks/2/opacity")).isEqualTo(json("1"));
    }

    @Test
    void filled_with_nothing_it_is_what_it_was_and_filled_twice_it_is_filled_once() {
        project.does(new AddRows(1));
        assertThat(version("r1").document()).isSameAs(project.tree());
        project.does(new SetCells(
                List.of(new SetCells.Cell("r1", "words", "SEA", null), new SetCells.Cell("r1", "light", "35", null))));
        Versions.Version once = version("r1");
        Versions.Version twice = Versions.of(once.document(), once.project(), table().row("r1"), DocumentJson::read);
        assertThat(twice.document()).isEqualTo(once.document());
        assertThat(once.project().scene("t")).isEqualTo(read().scene("t"));
    }

    @Test
    void a_version_holds_against_formats_and_against_what_is_filled_in_where_a_scene_stands() {
        project.with(
                "scenes/s/formats/tall/overrides",
                "[{'id':'o','block':'lamp','path':['opacity'],'value':0.9},"
                        + "{'id':'p','block':'lamp','path':['place','rotation'],'value':8}]");
        project.with(
                "scenes/t/blocks/line-2/fill",
                "{'kind':'scene','scene':'s','changes':[{'id':'c','block':'title','path':['text'],'value':'ELSEWHERE'}]}");
        project.does(new PasteCells(List.of(), "words", "SEA\t35"));
        Project filled = version("r1").project();
        assertThat(filled.scene("s").format("tall").overrides())
                .extracting(one -> one.path().get(0))
                .containsExactly("place");
        assertThat(DocumentJson.tree(filled).toString()).doesNotContain("ELSEWHERE");
    }

    @Test
    void pasted_cells_go_to_the_right_and_down_and_make_rows() {
        project.does(new PasteCells(List.of(), "words", "A\t1\nB\t2"));
        Outcome pasted = project.does(new PasteCells(List.of("r2"), "light", "50\tyes\tmore\n60\tno\tmore"));
        assertThat(pasted.said()).isEqualTo("2 rows; 1 columns beyond the last field were left out");
        assertThat(table().rows()).hasSize(3);
        assertThat(said(1, "words")).isEqualTo("\"B\"");
        assertThat(said(1, "light")).isEqualTo("50");
        assertThat(said(2, "light")).isEqualTo("60");
        assertThat(said(2, "shown")).isEqualTo("false");
    }

    @Test
    void a_cell_is_given_to_the_rows_below_but_for_locked_ones() {
        project.does(new PasteCells(List.of(), "words", "A\t1\nB\t2\nC\t3\nD\t4"));
        project.with("table/rows/r3/locked", "true");
        project.does(new FillDown("light", List.of("r2", "r3", "r4")));
        assertThat(List.of(said(0, "light"), said(1, "light"), said(2, "light"), said(3, "light")))
                .containsExactly("1", "2", "3", "2");
        project.does(new SetCells(List.of(new SetCells.Cell("r2", "light", "", null))));
        project.does(new FillDown("light", List.of("r2", "r4")));
        assertThat(said(3, "light")).as("nothing is given on too").isEmpty();
    }

    @Test
    void a_table_taken_in_again_changes_the_rows_that_it_knows() {
        project.does(taken(false, List.of("SEA", "35"), List.of("HARBOUR", "40"), List.of("PIER", "50")));
        project.with("table/rows/r2/locked", "true");
        TakeInTable again = taken(
                true, List.of("PIER", "55"), List.of("SEA", "35"), List.of("HARBOUR", "1"), List.of("QUAY", "60"));
        assertThat(again.intake(project.draft()))
                .extracting("added", "changed", "same", "gone", "locked")
                .containsExactly(1, 1, 1, 0, 1);
        project.does(again);
        assertThat(table().rows()).extracting(Row::id).containsExactly("r1", "r2", "r3", "r4");
        assertThat(said(1, "light")).isEqualTo("40");
        assertThat(said(2, "light")).isEqualTo("55");
        assertThat(table().from()).isEqualTo("piers.csv");
        Outcome gone = project.does(taken(true, List.of("QUAY", "60")));
        assertThat(gone.said()).isEqualTo("0 rows added, 0 changed, 2 taken away, 1 locked ones left as they are");
        assertThat(table().rows()).extracting(Row::id).containsExactly("r2", "r4");
        assertThat(taken(false, List.of("A", "1"), List.of("A", "2"))
                        .intake(project.draft())
                        .notes()
                        .get(0))
                .contains("the same key as one before it, \u201cA\u201d");
        assertThatThrownBy(() -> new TakeInTable("x", List.of(), List.of("", ""), null, false))
                .hasMessageContaining("no column is of a field");
    }

    @SafeVarargs
    private static TakeInTable taken(boolean removes, List<String>... rows) {
        return new TakeInTable("piers.csv", List.of(rows), List.of("words", "light"), "words", removes);
    }

    @Test
    void locked_rows_are_not_taken_away() {
        project.does(new AddRows(3));
        project.with("table/rows/r2/locked", "true");
        assertThat(project.does(new RemoveRows(List.of("r1", "r2"))).said()).isEqualTo("1 locked rows stay");
        assertThat(table().rows()).extracting(Row::id).containsExactly("r2", "r3");
    }

    @Test
    void files_are_called_by_their_fields() {
        project.does(new PasteCells(List.of(), "words", "SEA: and/or \t35"));
        Row row = table().rows().get(0);
        assertThat(new FileNames(read()).of(row, "16:9")).isEqualTo("Ferry-SEAx-and_or--16x9");
        project.with("table/pattern", "'quay-‹Light›-‹number›-‹format›'");
        assertThat(new FileNames(read()).of(row, "9:16")).isEqualTo("quay-35-1-9x16");
        project.with("table/pattern", "'‹Pier›'");
        assertThatThrownBy(() -> new FileNames(read()).of(row, "9:16"))
                .hasMessageContaining("made of ‹Pier›, but there is no such field; there are [Words, Light, Shown]");
    }

    @Test
    void a_column_becomes_the_lines_of_a_block() {
        project.does(new PasteCells(List.of(), "words", "SEA\t35\n \t40\nTERN  STAIR\t50"));
        Outcome listed = project.does(new ListColumn("s", "title", "words"));
        assertThat(listed.said()).isEqualTo("2 lines in \u201cTitle\u201d");
        assertThat(project.at("scenes/s/blocks/title/text").stringValue()).isEqualTo("SEA\nTERN STAIR");
        assertThatThrownBy(() -> project.does(new ListColumn("s", "lamp", "words")))
                .hasMessageContaining("has no words");
        assertThatThrownBy(() -> project.does(new ListColumn("s", "title", "shown")))
                .hasMessageContaining("no row of the table says anything under \u201cShown\u201d");
    }

    @Test
    void a_column_is_not_put_where_nothing_would_be_seen_of_it() {
        project.does(new PasteCells(List.of(), "words", "SEA"));
        project.with(PATH_OF_TITLE + "/says", "'\u201cBUILT\u201d'");
        assertThatThrownBy(() -> project.does(new ListColumn("s", "title", "words")))
                .hasMessageContaining("are built by steps");
    }

    @Test
    void a_table_has_its_limits() {
        assertThatThrownBy(() -> project.does(new AddRows(10_001))).hasMessageContaining("between 1 and 10000");
        project.does(new AddRows(10_000));
        assertThatThrownBy(() -> project.does(new AddRows(1))).hasMessageContaining("at most 10000 rows");
        assertThatThrownBy(() -> Row.of("r", Map.of("f", json("'" + "x".repeat(100_001) + "'"))))
                .hasMessageContaining("at most 100000 characters");
    }
}
