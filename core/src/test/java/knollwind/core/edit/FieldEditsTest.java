package knollwind.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;
import knollwind.core.Samples;
import knollwind.core.directions.BlockScript;
import knollwind.core.directions.Scripts;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Segment;
import knollwind.core.directions.controls.Values;
import knollwind.core.document.DocumentException;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.document.Patch;
import knollwind.core.filling.AskedField;
import knollwind.core.filling.FieldValues;
import knollwind.core.scene.Field;
import knollwind.core.scene.Project;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;

/** Values that are opened as fields, and filled in. */
class FieldEditsTest {
    private static final String S = "scenes/s/blocks/";

    private final EditedProject project = new EditedProject();

    private Field field(String id) {
        return DocumentJson.read(project.tree()).fields().stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private AskedField asked(String id) {
        return AskedField.of(project.tree(), DocumentJson.read(project.tree())).stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static JsonNode json(String text) {
        return EditedProject.json(text);
    }

    @Test
    void words_are_opened_and_filled_in_and_what_lies_over_them_goes_along() {
        project.with(S + "title/runs", "[{'id':'r','from':0,'to':4,'colour':'#f0b64a'}]");
        Outcome opened = project.does(new OpenBlock("s", "title", OpenBlock.What.WORDS));
        assertThat(opened.said()).isEqualTo("open as the field \u201cTitle\u201d");
        assertThat(asked("title").value()).isEqualTo(json("'HOME'"));
        assertThat(asked("title").scene()).isEqualTo("s");
        assertThat(asked("title").block()).isEqualTo("title");
        project.does(new FillField("title", json("'HOME AT LAST'")));
        assertThat(project.at(S + "title/text")).isEqualTo(json("'HOME AT LAST'"));
        assertThat(project.at(S + "title/runs/r/to").intValue()).isGreaterThanOrEqualTo(4);
        assertThat(asked("title").value()).isEqualTo(json("'HOME AT LAST'"));
        assertThatThrownBy(() -> project.does(new OpenBlock("s", "title", OpenBlock.What.WORDS)))
                .hasMessage("this is open already, as the field \u201cTitle\u201d");
        assertThatThrownBy(() -> project.does(new OpenBlock("s", "lamp", OpenBlock.What.WORDS)))
                .hasMessageContaining("has no words");
    }

    @Test
    void whether_a_block_is_seen_is_a_switch() {
        project.does(new OpenBlock("s", "lamp", OpenBlock.What.SEEN));
        assertThat(asked("lamp-shown").value()).isEqualTo(json("true"));
        project.does(new FillField("lamp-shown", json("false")));
        assertThat(project.at(S + "lamp/hidden")).isEqualTo(json("true"));
        assertThat(asked("lamp-shown").value()).isEqualTo(json("false"));
        assertThatThrownBy(() -> project.does(new FillField("lamp-shown", json("'no'"))))
                .hasMessageContaining("true or false");
    }

    @Test
    void a_number_is_filled_in_as_it_is_said_and_kept_within_its_limits() {
        project.does(new OpenField(Values.percent("opacity", 1, 0, 100, S + "lamp/opacity"), "Lamp"));
        assertThat(asked("lamp-opacity").value()).isEqualTo(json("100"));
        project.does(new FillField("lamp-opacity", json("35")));
        assertThat(project.at(S + "lamp/opacity")).isEqualTo(json("0.35"));
        assertThatThrownBy(() -> project.does(new FillField("lamp-opacity", json("135"))))
                .hasMessage(
                        "the field \u201cLamp opacity\u201d cannot be filled so: its number must lie between 0 and 100, not 135");
        project.with(S + "lamp/opacity", "{'track':[{'id':'k','at':0,'value':1,'easing':'linear'}]}");
        assertThat(asked("lamp-opacity").problem()).startsWith("Something else stands there now");
        project.does(new FillField("lamp-opacity", json("20")));
        assertThat(project.at(S + "lamp/opacity")).isEqualTo(json("0.2"));
    }

    @Test
    void limits_of_words_are_told_before_they_are_filled_in() {
        project.does(new OpenBlock("s", "title", OpenBlock.What.WORDS));
        project.with("fields/title/most", "3");
        assertThat(asked("title").problem()).contains("at most 3 characters, not 4");
        assertThat(asked("title").value()).isEqualTo(json("'HOME'"));
        assertThatThrownBy(() -> project.does(new FillField("title", json("'HARBOUR'"))))
                .hasMessageContaining("at most 3 characters, not 7");
        project.does(new FillField("title", json("'SEA'")));
        assertThat(asked("title").problem()).isEmpty();
    }

    @Test
    void a_field_whose_block_is_gone_says_so_and_is_kept() {
        project.does(new OpenBlock("s", "title", OpenBlock.What.WORDS));
        project.does(new RemoveBlocks("s", List.of("title")));
        assertThat(field("title").name()).isEqualTo("Title");
        assertThat(asked("title").problem()).isEqualTo("What it opened has been taken away.");
        assertThatThrownBy(() -> project.does(new FillField("title", json("'SEA'"))))
                .hasMessageContaining("has been taken away");
    }

    @Test
    void fields_have_names_of_their_own() {
        project.with(S + "bell/name", "'lamp'");
        project.does(new OpenBlock("s", "lamp", OpenBlock.What.SEEN));
        project.does(new OpenBlock("s", "bell", OpenBlock.What.SEEN));
        assertThat(DocumentJson.read(project.tree()).fields())
                .extracting(Field::name)
                .containsExactly("lamp shown", "lamp shown 2");
    }

    @Test
    void a_choice_that_changes_something_else_each_time_is_not_opened() {
        Control sometimes = new Control.Choice(
                "shape",
                List.of(
                        new Control.Option("one", true, List.of(new Operation.Clear("a/b"))),
                        new Control.Option("two", false, List.of(new Operation.Clear("a/c")))));
        assertThatThrownBy(() -> project.does(new OpenField(sometimes, "Lamp")))
                .hasMessageContaining("cannot be opened as a field");
        assertThatThrownBy(() -> project.does(new OpenField(new Control.Hand("order", List.of(), "x"), "Lamp")))
                .hasMessageContaining("numbers, colours, pictures, choices and words can");
    }

    @Test
    void fields_that_nobody_could_fill_in_are_refused() {
        String field = "[{'id':'f','name':'Fog','kind':'%s','opens':[{'at':'scenes/s/name'%s}]%s}]";
        assertThatThrownBy(() -> read(field.formatted("choice", "", ""))).hasMessageContaining("needs options");
        assertThatThrownBy(() -> read(field.formatted("choice", ",'values':[1]", ",'options':['a','b']")))
                .hasMessageContaining("2 options, but 1 values");
        assertThatThrownBy(() -> read(field.formatted("number", "", ",'least':3,'most':2")))
                .hasMessageContaining("at least 3 and at most 2");
        assertThatThrownBy(() -> read("[{'id':'f','name':' ','kind':'text','opens':[{'at':'scenes/s/name'}]}]"))
                .hasMessageContaining("needs a name");
        assertThatThrownBy(() -> read("[{'id':'f','name':'Fog','kind':'text'}]"))
                .hasMessageContaining("the value of a field is missing");
    }

    private Project read(String fields) {
        JsonNode tree = new Patch(List.of(EditedProject.set("fields", fields)))
                .apply(project.tree())
                .document();
        try {
            return DocumentJson.read(tree);
        } catch (DocumentException e) {
            throw new IllegalArgumentException(e.getMessage(), e);
        }
    }

    /** Whatever a drawer shows can be opened; what stands there is what it shows, and filled in it changes nothing. */
    @ParameterizedTest
    @ValueSource(strings = {"opening", "announcement"})
    void what_stands_in_an_opened_field_is_what_its_control_shows(String scene) {
        Project demo = Samples.demo();
        Project alone = demo.withScenes(List.of(demo.scene(scene)));
        JsonNode tree = DocumentJson.tree(alone);
        Draft draft = new Draft(tree, alone, Samples.TYPESETTER, EditedProject::scores, revision -> tree);
        Set<Field.Kind> kinds = new HashSet<>();
        Set<String> tried = new HashSet<>();
        for (Control control : controls(alone, scene)) {
            // The page sends what it was told.
            Control sent = DocumentJson.read(DocumentJson.tree(control), Control.class);
            Outcome outcome;
            try {
                outcome = new OpenField(sent, "Block").on(draft);
            } catch (IllegalArgumentException refused) {
                assertThat(refused).hasMessageContaining("cannot be opened as a field");
                continue;
            }
            JsonNode opened = new Patch(outcome.operations()).apply(tree).document();
            Field field = DocumentJson.read(opened).fields().get(0);
            if (!tried.add(control.label() + field.opens().get(0).at())) {
                continue;
            }
            JsonNode standing = FieldValues.standing(opened, field).orElse(null);
            if (control instanceof Control.Number number && standing != null) {
                assertThat(standing.doubleValue()).as(number.label()).isCloseTo(number.value(), within(1e-3));
            } else if (control instanceof Control.Tint tint) {
                assertThat(standing).isEqualTo(JsonNodeFactory.instance.stringNode(tint.colour()));
            } else if (control instanceof Control.Choice choice && standing != null) {
                assertThat(choice.options().stream()
                                .filter(Control.Option::selected)
                                .map(Control.Option::label))
                        .contains(standing.stringValue());
            }
            if (standing != null && field.opens().size() == 1) {
                assertThat(FieldValues.operations(opened, field, standing))
                        .as(field.name())
                        .isEmpty();
                kinds.add(field.kind());
            }
        }
        assertThat(kinds).contains(Field.Kind.NUMBER, Field.Kind.COLOUR, Field.Kind.CHOICE);
    }

    private static List<Control> controls(Project project, String scene) {
        List<Control> controls = new ArrayList<>();
        project.scene(scene).blocks().forEach(block -> {
            BlockScript script = Scripts.script(project, scene, block.id(), family -> false);
            Stream.of(
                            script.arrive().sentences().stream(),
                            script.dwell().sentences().stream(),
                            script.leave().sentences().stream(),
                            Stream.of(script.setting(), script.span(), script.dress()))
                    .flatMap(sentences -> sentences)
                    .filter(Objects::nonNull)
                    .flatMap(sentence -> sentence.segments().stream())
                    .map(Segment::part)
                    .filter(Objects::nonNull)
                    .forEach(part -> controls.addAll(part.controls()));
        });
        return controls;
    }
}
