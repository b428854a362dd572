package knollwind.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import knollwind.core.Samples;
import knollwind.core.check.DocumentCheck;
import knollwind.core.display.DisplayList;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.document.Patch;
import knollwind.core.frame.SceneScore;
import knollwind.core.scene.About;
import knollwind.core.scene.Block;
import knollwind.core.scene.Field;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.template.Publication;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Scenes published as a template, used elsewhere, and followed when they change. */
class TemplateEditsTest {
    private static final String TITLE = "scenes/s/blocks/title";

    private final EditedProject source = new EditedProject();
    private final EditedProject project = new EditedProject();
    private final Map<Long, JsonNode> states = new HashMap<>();

    @BeforeEach
    void publish() {
        source.with(
                        "fields",
                        "[{'id':'words','name':'Words','kind':'text','opens':[{'at':'" + TITLE + "/text'}]},"
                                + "{'id':'pier','name':'Pier','kind':'text','value':'QUAY','opens':[]},"
                                + "{'id':'other','name':'Other','kind':'text','opens':[{'at':'scenes/t/blocks/title-2/text'}]}]")
                .with(
                        "scenes/s/blocks/line/place/attach",
                        "{'to':'title','side':'under','gap':{'value':4,'unit':'px'},'level':'left','sameWidth':false}")
                .with(
                        "scenes/s/formats/tall/overrides",
                        "[{'id':'o','block':'lamp','path':['place','rotation'],'value':8}]");
        publish(1);
    }

    private JsonNode publish(long revision) {
        JsonNode made = Publication.of(
                DocumentJson.read(source.tree()),
                List.of("s"),
                "lamp-title",
                "Lamp title",
                new About("For names", "s", 40));
        states.put(revision, made);
        return made;
    }

    private Outcome does(Intent intent) {
        Draft draft = project.draft();
        Outcome outcome = intent.on(new Draft(
                draft.tree(),
                draft.project(),
                draft.typesetter(),
                draft.scores(),
                draft.past(),
                (id, revision) -> states.get(revision)));
        project.applies(outcome.operations());
        DocumentCheck.check(read());
        return outcome;
    }

    private Project read() {
        return DocumentJson.read(project.tree());
    }

    private static DisplayList seen(Project project, String scene, String format) {
        Scene open = project.scene(scene);
        return SceneScore.of(project, open, open.format(format), Samples.TYPESETTER)
                .at(50);
    }

    @Test
    void what_is_published_is_a_document_of_the_scenes_and_what_they_ask_for() {
        Project made = DocumentJson.read(states.get(1L));
        assertThat(made.name()).isEqualTo("Lamp title");
        assertThat(made.scenes()).extracting(Scene::id).containsExactly("s");
        assertThat(made.fields()).extracting(Field::id).containsExactly("words");
        assertThat(made.about().note()).isEqualTo("For names");
        source.with("scenes/t/blocks/line-2/fill", "{'kind':'scene','scene':'s','changes':[]}");
        Project outer = DocumentJson.read(Publication.of(
                DocumentJson.read(source.tree()), List.of("t"), "x", "Outer", new About(null, null, null)));
        assertThat(outer.scenes()).extracting(Scene::id).containsExactly("s", "t");
        assertThat(outer.fields()).extracting(Field::id).containsExactly("words", "other");
    }

    @Test
    void used_twice_it_looks_as_it_was_published_and_shares_no_id() {
        Outcome first = does(new UseTemplate("lamp-title", 1, "t", 0, false));
        assertThat(first.scene()).isEqualTo("t1.s");
        does(new UseTemplate("lamp-title", 1, "t", 0, false));
        Project all = read();
        assertThat(all.scenes()).extracting(Scene::id).containsExactly("s", "t", "t2.s", "t1.s");
        assertThat(all.scenes()).extracting(Scene::name).containsExactly("Quay", "Pier", "Quay 3", "Quay 2");
        assertThat(all.fields()).extracting(Field::name).containsExactly("Words", "Words 2");
        assertThat(all.fields().get(1).opens().get(0).at()).isEqualTo("scenes/t2.s/blocks/t2.title/text");
        Project template = DocumentJson.read(states.get(1L));
        for (String format : List.of("wide", "tall")) {
            assertThat(seen(all, "t1.s", format)).isEqualTo(seen(template, "s", format));
            assertThat(seen(all, "t2.s", format)).isEqualTo(seen(template, "s", format));
        }
    }

    @Test
    void words_that_are_built_by_steps_name_what_came_along() {
        source.with("scenes/s/blocks/title/says", "'\u201cTo \u201d and \u2039pier\u203a'");
        source.with("fields/words/opens", "[{'at':'scenes/s/blocks/lamp/opacity'}]")
                .with("fields/words/kind", "'number'");
        publish(1);
        does(new UseTemplate("lamp-title", 1, "t", 0, false));
        Block title = read().scene("t1.s").blocks().get(0);
        assertThat(title.asWords().orElseThrow().says()).contains("\u2039t1.pier\u203a");
        project.with("fields/t1.pier/value", "'SALTMARKET'");
        assertThat(seen(read(), "t1.s", "wide")).isNotEqualTo(seen(DocumentJson.read(states.get(1L)), "s", "wide"));
    }

    @Test
    void as_a_block_it_is_shown_where_the_playhead_stands() {
        Outcome used = does(new UseTemplate("lamp-title", 1, "t", 20, true));
        Block shown = read().scene("t").blocks().stream()
                .filter(block -> block.id().equals(used.block()))
                .findFirst()
                .orElseThrow();
        assertThat(shown.fill()).extracting("scene").isEqualTo("t1.s");
        assertThat(shown.span().start().value()).isEqualTo(20);
    }

    @Test
    void followed_to_where_it_is_nothing_changes() {
        does(new UseTemplate("lamp-title", 1, "t", 0, false));
        project.with("scenes/t1.s/blocks/t1.title/text", "'MINE'");
        JsonNode before = project.tree();
        does(new FollowTemplate("t1.s", 1));
        assertThat(project.tree()).isEqualTo(before);
    }

    @Test
    void followed_it_has_what_is_new_and_keeps_what_is_its_own() {
        does(new UseTemplate("lamp-title", 1, "t", 0, false));
        project.with("scenes/t1.s/blocks/t1.title/text", "'MINE'")
                .with("scenes/t1.s/blocks/t1.lamp/place/rotation", "45")
                .applies(List.of(
                        new Operation.Remove("scenes/t1.s/blocks/t1.bell"),
                        new Operation.Insert(
                                "scenes/t1.s/blocks",
                                1,
                                ((tools.jackson.databind.node.ObjectNode) project.at("scenes/t/blocks/line-2")
                                                .deepCopy())
                                        .put("id", "mine"))));
        source.with(TITLE + "/setting/size", "90")
                .with("scenes/s/blocks/lamp/opacity", "0.5")
                .with("fields/words/name", "'Name'")
                .applies(List.of(
                        new Operation.Remove("scenes/s/blocks/line"),
                        new Operation.Insert(
                                "scenes/s/blocks",
                                9,
                                ((tools.jackson.databind.node.ObjectNode) source.at("scenes/s/blocks/bell")
                                                .deepCopy())
                                        .put("id", "horn"))));
        publish(2);
        Outcome followed = does(new FollowTemplate("t1.s", 2));
        Scene scene = read().scene("t1.s");
        assertThat(scene.blocks()).extracting(Block::id).containsExactly("t1.title", "mine", "t1.lamp", "t1.horn");
        assertThat(scene.blocks().get(0).asWords().orElseThrow().text()).isEqualTo("MINE");
        assertThat(scene.blocks()
                        .get(0)
                        .asWords()
                        .orElseThrow()
                        .setting()
                        .size()
                        .literal())
                .contains(90.0);
        assertThat(scene.blocks().get(2).place().rotation().literal()).contains(45.0);
        assertThat(scene.blocks().get(2).opacity().literal()).contains(0.5);
        assertThat(scene.origin().revision()).isEqualTo(2);
        assertThat(read().fields()).extracting(Field::name).containsExactly("Name");
        assertThat(followed.said())
                .contains("\u201cTitle\u201d", "\u201cbell\u201d is new", "\u201cline\u201d goes")
                .contains("of your own stay");
    }

    @Test
    void what_was_not_taken_from_a_template_is_not_followed() {
        assertThatThrownBy(() -> does(new FollowTemplate("s", 1))).hasMessageContaining("not taken from a template");
        assertThatThrownBy(() -> project.does(new UseTemplate("lamp-title", 1, "t", 0, false)))
                .hasMessageContaining("no template 'lamp-title'");
    }

    @Test
    void undone_it_has_never_been_there() {
        JsonNode before = project.tree();
        Draft draft = project.draft();
        Outcome used = new UseTemplate("lamp-title", 1, "t", 20, true)
                .on(new Draft(
                        draft.tree(),
                        draft.project(),
                        draft.typesetter(),
                        draft.scores(),
                        draft.past(),
                        (id, one) -> states.get(one)));
        Patch.Result after = new Patch(used.operations()).apply(before);
        assertThat(after.inverse().apply(after.document()).document()).isEqualTo(before);
    }
}
