package knollwind.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import knollwind.core.Samples;
import knollwind.core.display.DisplayList;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.document.Patch;
import knollwind.core.filling.Versions;
import knollwind.core.frame.SceneScore;
import knollwind.core.scene.Block;
import knollwind.core.scene.Correction;
import knollwind.core.scene.Format;
import knollwind.core.scene.Move;
import knollwind.core.scene.Project;
import knollwind.core.scene.Row;
import knollwind.core.scene.Scene;
import knollwind.core.scene.TextEdit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What is corrected while one version is looked at: in one cell, in the version, and in all of them. */
class VersionEditsTest {
    private static final String TITLE = "scenes/s/blocks/title";
    private static final String LAMP = "scenes/s/blocks/lamp";

    private final EditedProject project = new EditedProject();

    @BeforeEach
    void open() {
        project.with(
                "fields",
                "[{'id':'words','name':'Words','kind':'text','most':30,'opens':[{'at':'" + TITLE + "/text'}]},"
                        + "{'id':'light','name':'Light','kind':'number','least':0,'most':100,'opens':[{'at':'" + LAMP
                        + "/opacity','factor':0.01}]}]");
        project.does(new PasteCells(List.of(), "words", "SEA\t35\nHARBOUR"));
    }

    private static Looking at(String format, boolean inAll, boolean pinned) {
        return new Looking("s", format, inAll, 0, false, false, null, "r1", pinned, null);
    }

    private static final Looking CELL = at("tall", false, true);
    private static final Looking VERSION = at("tall", true, true);
    private static final Looking FORMAT = at("tall", false, false);
    private static final Looking ALL = at("tall", true, false);

    private Outcome set(Looking looking, String at, String json) {
        return does(looking, new SetValues(List.of(new Operation.Set(at, EditedProject.json(json)))));
    }

    private Outcome does(Looking looking, Intent intent) {
        return project.does(new Wish(intent, looking));
    }

    private Project read() {
        return DocumentJson.read(project.tree());
    }

    private Row row(String id) {
        return read().versions().row(id);
    }

    private Project version(String row) {
        return Versions.of(project.tree(), read(), row(row), DocumentJson::read).project();
    }

    /** Every picture of every version, as it is painted at a frame. */
    private Map<String, DisplayList> pictures() {
        Map<String, DisplayList> all = new LinkedHashMap<>();
        for (String row : List.of("r1", "r2")) {
            Project filled = version(row);
            Scene scene = filled.scene("s");
            for (Format format : scene.formats()) {
                all.put(
                        row + " " + format.id(),
                        SceneScore.of(filled, scene, format, Samples.TYPESETTER).at(60));
            }
        }
        return all;
    }

    private List<String> changedBy(Runnable edit) {
        Map<String, DisplayList> before = pictures();
        edit.run();
        Map<String, DisplayList> after = pictures();
        return before.keySet().stream()
                .filter(name -> !before.get(name).equals(after.get(name)))
                .toList();
    }

    private String corrections(String row) {
        return DocumentJson.tree(row(row).own()).toString().replace('"', '\'');
    }

    @Test
    void a_correction_of_a_cell_touches_its_picture_alone() {
        JsonNode before = project.tree();
        assertThat(changedBy(() -> set(CELL, TITLE + "/place/x", "{'value':40,'unit':'px'}")))
                .containsExactly("r1 tall");
        assertThat(project.tree().path("scenes")).isEqualTo(before.path("scenes"));
        // In the first format too, whose values are those of the blocks.
        assertThat(changedBy(() -> set(at("wide", false, true), LAMP + "/place/x", "{'value':40,'unit':'px'}")))
                .containsExactly("r1 wide");
        assertThat(row("r1").own()).extracting(Correction::id).containsExactly("s.tall", "s.wide");
        project.does(new FollowAgain("r1", "s.tall", List.of()));
        project.does(new FollowAgain("r1", "s.wide", List.of("lamp.place.x")));
        assertThat(project.tree().toString()).isEqualTo(before.toString());
    }

    @Test
    void a_correction_of_a_version_is_in_all_its_formats_and_in_no_other_version() {
        project.with(
                "scenes/s/formats/tall/overrides", "[{'id':'o','block':'lamp','path':['place','rotation'],'value':8}]");
        assertThat(changedBy(() -> set(VERSION, LAMP + "/place/rotation", "20")))
                .containsExactly("r1 wide", "r1 tall");
        // The cell's own stands over it.
        assertThat(changedBy(() -> set(CELL, LAMP + "/place/rotation", "30"))).containsExactly("r1 tall");
        assertThat(changedBy(() -> set(VERSION, LAMP + "/place/rotation", "25")))
                .containsExactly("r1 wide");
        assertThat(row("r1").own()).extracting(own -> own.values().size()).containsExactly(1, 1);
    }

    @Test
    void filled_twice_it_is_filled_once() {
        set(CELL, LAMP + "/place/rotation", "30");
        set(VERSION, TITLE + "/place/rotation", "4");
        Versions.Version once = Versions.of(project.tree(), read(), row("r1"), DocumentJson::read);
        Versions.Version twice = Versions.of(once.document(), once.project(), row("r1"), DocumentJson::read);
        assertThat(twice.document()).isEqualTo(once.document());
        assertThat(once.unfit()).isEmpty();
    }

    @Test
    void what_is_open_goes_into_the_cell_of_the_table() {
        set(VERSION, LAMP + "/opacity", "0.5");
        assertThat(row("r1").values().get("light").intValue()).isEqualTo(50);
        assertThat(row("r1").own()).isEmpty();
        set(CELL, LAMP + "/opacity", "0.25");
        assertThat(row("r1").values().get("light").intValue()).isEqualTo(50);
        assertThat(row("r1").own()).extracting(Correction::id).containsExactly("s.tall");
    }

    private Outcome types(Looking looking, String from, String to) {
        return does(looking, new SetValues(List.of(Operation.Splice.of(TITLE + "/text", TextEdit.between(from, to)))));
    }

    @Test
    void typed_words_go_into_the_cell_whatever_changes_are_meant_for() {
        types(CELL, "SEA", "SEAS");
        types(ALL, "SEAS", "SEAWARD");
        assertThat(row("r1").values().get("words").stringValue()).isEqualTo("SEAWARD");
        assertThat(changedBy(() -> types(VERSION, "SEAWARD", "SEAWARDS"))).containsExactly("r1 wide", "r1 tall");
        assertThatThrownBy(() -> types(VERSION, "SEAWARDS", "SEAWARDS".repeat(5)))
                .hasMessageContaining("30 characters");
        // Blocks are not called by them.
        assertThat(does(CELL, new CallByWords("s", "title", "SEA")).operations())
                .isEmpty();
    }

    @Test
    void words_that_are_not_open_are_corrected_and_stretches_of_them_stay_with_their_characters() {
        project.does(new SetValues(List.of(new Operation.Set("fields", EditedProject.json("[]")))));
        String words = read().scene("s").blocks().get(0).asWords().orElseThrow().text();
        does(CELL, new StyleWords("s", "title", 0, 2));
        types(CELL, words, "A " + words);
        Block title = version("r1").scene("s").blocks().get(0);
        assertThat(title.asWords().orElseThrow().text()).isEqualTo("A " + words);
        assertThat(title.asWords().orElseThrow().runs().get(0).from()).isEqualTo(2);
        assertThat(version("r2")
                        .scene("s")
                        .blocks()
                        .get(0)
                        .asWords()
                        .orElseThrow()
                        .text())
                .isEqualTo(words);
        assertThatThrownBy(() -> does(ALL, new StyleWords("s", "title", 0, 2)))
                .hasMessageContaining("this version's own");
    }

    @Test
    void a_list_that_gains_an_element_is_corrected_as_a_whole_with_what_was_corrected_in_it() {
        String moves = TITLE + "/arrive/moves";
        project.with(moves, "[" + EditedProject.MOVE.formatted("m1") + "]");
        set(VERSION, moves + "/m1/pace/each", "20");
        does(
                VERSION,
                new SetValues(List.of(
                        new Operation.Insert(moves, 1, EditedProject.json(EditedProject.MOVE.formatted("more"))))));
        List<Move> shown = version("r1").scene("s").blocks().get(0).arrive().moves();
        assertThat(shown).extracting(Move::id).containsExactly("m1", "more");
        assertThat(shown.get(0).pace()).isNotEqualTo(shown.get(1).pace());
        assertThat(row("r1").own()).hasSize(1);
        assertThat(row("r1").own().get(0).values()).hasSize(1);
        assertThat(version("r2").scene("s").blocks().get(0).arrive().moves()).hasSize(1);
    }

    @Test
    void a_value_that_is_taken_away_in_a_version_stays_away_when_the_table_is_written_anew() {
        does(CELL, new SetValues(List.of(new Operation.Clear(LAMP + "/arrive"))));
        project.does(
                new TakeInTable("s.csv", List.of(List.of("SEA", "70")), List.of("words", "light"), "words", false));
        assertThat(row("r1").own().get(0).values().get(0).value().isNull()).isTrue();
    }

    @Test
    void meant_for_all_or_for_a_format_it_is_done_to_the_project() {
        set(ALL, LAMP + "/place/rotation", "20");
        set(FORMAT, TITLE + "/place/rotation", "5");
        assertThat(read().scene("s").blocks().get(2).place().rotation().literal())
                .contains(20.0);
        assertThat(read().scene("s").format("tall").overrides()).hasSize(1);
        assertThat(row("r1").own()).isEmpty();
    }

    @Test
    void what_is_one_for_all_versions_is_refused_with_the_way_to_it() {
        assertThatThrownBy(() -> set(CELL, "scenes/s/length", "200"))
                .hasMessage("this is one for all versions; let changes be meant for all versions to change it");
        assertThatThrownBy(() -> does(VERSION, new RemoveBlocks("s", List.of("lamp"))))
                .hasMessageContaining("one for all versions");
        set(CELL, LAMP + "/name", "'Lantern'");
        assertThat(read().scene("s").blocks().get(2).name()).isEqualTo("Lantern");
    }

    @Test
    void what_has_gone_takes_its_corrections_along_and_the_rest_is_told() {
        set(CELL, LAMP + "/place/rotation", "30");
        set(VERSION, TITLE + "/place/rotation", "4");
        project.does(new RemoveBlocks("s", List.of("lamp")));
        assertThat(corrections("r1")).doesNotContain("lamp").contains("title");
        project.does(new SetValues(List.of(new Operation.Remove(TITLE))));
        assertThat(Versions.of(project.tree(), read(), row("r1"), DocumentJson::read)
                        .unfit())
                .extracting(Versions.Unfit::reason)
                .contains("what was corrected has been taken away");
    }

    @Test
    void a_table_taken_in_anew_leaves_corrections_where_they_are() {
        set(CELL, LAMP + "/place/rotation", "30");
        project.does(
                new TakeInTable("s.csv", List.of(List.of("SEA", "70")), List.of("words", "light"), "words", false));
        assertThat(row("r1").values().get("light").intValue()).isEqualTo(70);
        assertThat(row("r1").own()).hasSize(1);
    }

    @Test
    void a_field_that_is_filled_in_beside_a_version_is_its_cell() {
        does(CELL, new FillField("light", EditedProject.json("90")));
        assertThat(row("r1").values().get("light").intValue()).isEqualTo(90);
    }

    @Test
    void undone_all_is_as_before() {
        JsonNode before = project.tree();
        Outcome made = new Wish(
                        new SetValues(List.of(new Operation.Set(TITLE + "/place/rotation", EditedProject.json("4")))),
                        CELL)
                .on(project.draft());
        Patch.Result after = new Patch(made.operations()).apply(before);
        assertThat(after.inverse().apply(after.document()).document()).isEqualTo(before);
    }
}
