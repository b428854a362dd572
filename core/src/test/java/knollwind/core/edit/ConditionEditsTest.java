package knollwind.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.filling.Conditions;
import knollwind.core.filling.Filler;
import knollwind.core.filling.Misfits;
import knollwind.core.filling.Versions;
import knollwind.core.scene.Block;
import knollwind.core.scene.Project;
import knollwind.core.scene.Row;
import knollwind.core.scene.Scene;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Values that are other while something is so: sizes, whether a block is seen, what it does. */
class ConditionEditsTest {
    private static final String TITLE = "scenes/s/blocks/title";
    private static final String LAMP = "scenes/s/blocks/lamp";

    private final EditedProject project = new EditedProject();

    @BeforeEach
    void open() {
        project.with(
                "fields",
                "[{'id':'platform','name':'Platform','kind':'text','value':'1','opens':[]},"
                        + "{'id':'words','name':'Words','kind':'text','opens':[{'at':'" + TITLE + "/text'}]}]");
    }

    private static Looking meant(String condition) {
        return new Looking("s", "wide", false, 0, false, false, null, null, null, condition);
    }

    private Project read() {
        return DocumentJson.read(project.tree());
    }

    private List<Block> seen(String format, String values) {
        Map<String, JsonNode> cells = new java.util.LinkedHashMap<>();
        EditedProject.json(values).properties().forEach(one -> cells.put(one.getKey(), one.getValue()));
        Project filled = Filler.plain(Versions.of(project.tree(), read(), Row.of("r", cells), DocumentJson::read)
                .project());
        Scene scene = filled.scene("s");
        return Filler.blocks(scene, scene.format(format));
    }

    private void says(String sentence) {
        project.does(new SayCondition("s", null, sentence));
    }

    @Test
    void values_hold_while_their_condition_does_and_the_blocks_stay_as_they_are() {
        says("when ‹Platform› is “2”");
        JsonNode blocks = project.at("scenes/s/blocks");
        project.change(meant("w1"), EditedProject.set(LAMP + "/hidden", "true"));
        project.change(meant("w1"), EditedProject.set(TITLE + "/setting/size", "60"));
        assertThat(project.at("scenes/s/blocks")).isEqualTo(blocks);
        assertThat(seen("tall", "{'platform':'2'}").get(2).hidden()).isTrue();
        assertThat(seen("wide", "{'platform':'2'}")
                        .get(0)
                        .asWords()
                        .orElseThrow()
                        .setting()
                        .size()
                        .literal())
                .contains(60.0);
        assertThat(seen("wide", "{'platform':'1'}").get(2).hidden()).isFalse();
        assertThat(seen("wide", "{}").get(2).hidden()).isFalse();
    }

    @Test
    void what_is_counted_in_words_is_looked_at_in_each_version() {
        says("when how many characters of the words of ‹Title› is above 10");
        project.change(meant("w1"), EditedProject.set(TITLE + "/setting/size", "60"));
        assertThat(seen("wide", "{'words':'A VERY LONG TITLE'}")
                        .get(0)
                        .asWords()
                        .orElseThrow()
                        .setting()
                        .size()
                        .literal())
                .contains(60.0);
        assertThat(seen("wide", "{'words':'SHORT'}")
                        .get(0)
                        .asWords()
                        .orElseThrow()
                        .setting()
                        .size()
                        .literal())
                .contains(120.0);
    }

    @Test
    void what_a_block_does_is_other_too_and_formats_and_versions_hold_against_it() {
        says("when ‹Platform› is not “1”");
        project.change(
                meant("w1"),
                new Operation.Insert(
                        TITLE + "/arrive/moves", 0, EditedProject.json(EditedProject.MOVE.formatted("m1"))));
        project.change(meant("w1"), EditedProject.set(LAMP + "/place/rotation", "45"));
        project.with(
                "scenes/s/formats/tall/overrides", "[{'id':'o','block':'lamp','path':['place','rotation'],'value':8}]");
        assertThat(seen("wide", "{'platform':'2'}").get(0).arrive().moves()).hasSize(1);
        assertThat(seen("wide", "{}").get(0).arrive().moves()).isEmpty();
        assertThat(seen("wide", "{'platform':'2'}").get(2).place().rotation().literal())
                .contains(45.0);
        assertThat(seen("tall", "{'platform':'2'}").get(2).place().rotation().literal())
                .contains(8.0);
        project.with(
                "fields",
                "[{'id':'platform','name':'Platform','kind':'text','value':'2','opens':[]},"
                        + "{'id':'turn','name':'Turn','kind':'number','opens':[{'at':'" + LAMP
                        + "/place/rotation'}]}]");
        assertThat(seen("wide", "{'turn':70}").get(2).place().rotation().literal())
                .contains(70.0);
    }

    @Test
    void it_is_typed_by_names_shown_by_names_and_looked_at_while_it_is_changed() {
        says("when ‹Platform› is “2”");
        assertThat(project.at("scenes/s/conditions/w1/when").asString()).isEqualTo("when ‹platform› is “2”");
        project.with("fields/platform/name", "'Pier'");
        project.change(meant("w1"), EditedProject.set(LAMP + "/hidden", "true"));
        assertThat(Conditions.shown(read(), read().scene("s")))
                .containsExactly(new Conditions.ToldCondition("w1", "when ‹Pier› is “2”", false, 1));
        project.with("fields/platform/value", "'2'");
        assertThat(Conditions.shown(read(), read().scene("s")).get(0).holds()).isTrue();
        project.with("fields/platform/value", "'1'");
        Project held = Conditions.held(read(), "s", "w1");
        assertThat(Filler.blocks(Filler.plain(held).scene("s"), held.scene("s").format("wide"))
                        .get(2)
                        .hidden())
                .isTrue();
        project.does(new SayCondition("s", "w1", "when ‹Pier› is empty"));
        assertThat(project.at("scenes/s/conditions/w1/when").asString()).isEqualTo("when ‹platform› is empty");
        assertThatThrownBy(() -> says("when ‹Quay› is “2”")).hasMessageContaining("there is no field ‹Quay›");
        assertThatThrownBy(() -> says("when ‹Pier› is rather “2”")).isInstanceOf(DirectionException.class);
        assertThatThrownBy(() -> says("‹Pier› is “2”")).isInstanceOf(IllegalArgumentException.class);
        project.does(new SayCondition("s", "w1", ""));
        assertThat(read().scene("s").conditions()).isEmpty();
    }

    @Test
    void copies_joins_and_what_is_removed_take_their_conditions_along() {
        says("when the words of ‹Title› is “HOME”");
        project.change(meant("w1"), EditedProject.set(LAMP + "/hidden", "true"));
        project.does(new DuplicateScene("s"));
        Scene copy = read().scenes().get(1);
        assertThat(copy.conditions().get(0).when()).contains("title-3");
        assertThat(copy.conditions().get(0).values().get(0).block())
                .isEqualTo(copy.blocks().get(2).id());
        project.does(new JoinScenes("s"));
        assertThat(read().scene("s").conditions()).hasSize(2);
        assertThat(Misfits.of(read())).isEmpty();
        project.does(new RemoveBlocks("s", List.of("lamp")));
        assertThat(read().scene("s").conditions().get(0).values()).isEmpty();
    }
}
