package knollwind.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import knollwind.core.check.DocumentCheck;
import knollwind.core.display.DisplayList;
import knollwind.core.display.PaintOp;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.filling.AskedField;
import knollwind.core.filling.BuiltWords;
import knollwind.core.filling.Filler;
import knollwind.core.filling.Versions;
import knollwind.core.frame.BlockScore;
import knollwind.core.scene.Field;
import knollwind.core.scene.Project;
import knollwind.core.scene.Row;
import knollwind.core.scene.Scene;
import knollwind.core.scene.TextBlock;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.node.JsonNodeFactory;

/** Words that are built by steps, in the document and in the picture. */
class BuiltWordsTest {
    private static final String FIELDS = "[{'id':'name','name':'Skipper','kind':'text','value':'Ada Marsh'},"
            + "{'id':'pier','name':'Pier','kind':'text','opens':[{'at':'scenes/s/blocks/title/text'}]}]";
    private static final String SECOND = "{'kind':'text','id':'second','name':'Second','span':{'start':10,'end':90},"
            + "'place':{'x':{'value':400,'unit':'px'},'y':{'value':500,'unit':'px'},'rotation':0,"
            + "'pivot':{'across':'centre','down':'middle','box':'metric'}},'opacity':1,'hidden':false,"
            + "'arrive':{'moves':[]},'leave':{'moves':[]},'text':'SECOND','runs':[],"
            + "'setting':{'face':{'family':'Archivo','style':'normal','axes':{'wght':700},'sha256':''},'size':120}}";

    private final EditedProject project = new EditedProject();

    BuiltWordsTest() {
        project.with("fields", FIELDS);
        project.applies(List.of(new Operation.Insert("scenes/s/blocks", 1, EditedProject.json(SECOND))));
    }

    private void says(String block, String sentence) {
        project.does(new SayBySentence("s", block, sentence));
    }

    private BlockScore score(String block) {
        Project read = DocumentJson.read(project.tree());
        Scene scene = read.scene("s");
        return EditedProject.scores(read, scene, scene.format("wide")).get(block);
    }

    private String words(String block) {
        return score(block).block().asWords().map(TextBlock::text).orElseThrow();
    }

    private static long letters(DisplayList list) {
        return list.paints().stream().filter(PaintOp.Fill.class::isInstance).count();
    }

    @Test
    void words_are_made_of_fields_and_of_other_words() {
        says("second", "“Skipper ” and the first word of ‹Skipper› and “ of ” and the words of ‹Title›, in capitals");
        assertThat(words("second")).isEqualTo("SKIPPER ADA OF HOME");
        assertThat(project.at("scenes/s/blocks/second/says").asString())
                .isEqualTo("“Skipper ” and the first word of ‹name› and “ of ” and the words of ‹title›, in capitals");
        // What is typed elsewhere is followed.
        project.with("scenes/s/blocks/title/text", "'QUAY'");
        assertThat(words("second")).isEqualTo("SKIPPER ADA OF QUAY");
        says("second", "");
        assertThat(project.has("scenes/s/blocks/second/says")).isFalse();
        assertThat(words("second")).as("what they came to is typed now").isEqualTo("SKIPPER ADA OF HOME");
    }

    @Test
    void built_words_look_as_if_they_were_typed() {
        says("second", "“quay ” and ‹Pier›, in capitals");
        DisplayList built = score("second").at(40).list();
        project.does(new SayBySentence("s", "second", ""));
        assertThat(words("second")).isEqualTo("QUAY HOME");
        assertThat(score("second").at(40).list()).isEqualTo(built);
    }

    @Test
    void a_version_fills_in_what_steps_ask_for() {
        says("second", "the last word of ‹Skipper› and “, ” and ‹Pier›");
        Project read = DocumentJson.read(project.tree());
        Versions.Version version = Versions.of(
                project.tree(),
                read,
                Row.of("r", Map.of("name", text("Bo Lund"), "pier", text("TERN STAIR"))),
                DocumentJson::read);
        Scene scene = Filler.plain(version.project()).scene("s");
        assertThat(Filler.blocks(scene, scene.format("wide")).stream()
                        .filter(block -> block.id().equals("second"))
                        .map(block -> block.asWords().orElseThrow().text()))
                .containsExactly("Lund, TERN STAIR");
    }

    private static tools.jackson.databind.JsonNode text(String words) {
        return JsonNodeFactory.instance.stringNode(words);
    }

    @Test
    void circles_are_refused_by_name() {
        project.with("fields", "[]");
        says("second", "the words of ‹Title›, in capitals");
        assertThatThrownBy(() -> says("title", "“a” and the words of ‹Second›"))
                .hasMessageContaining("made of themselves: “Title” of “Second” of “Title”");
        project.with("scenes/s/blocks/title/says", "'the words of ‹second›'");
        assertThatThrownBy(() -> DocumentCheck.check(DocumentJson.read(project.tree())))
                .hasMessageContaining("made of themselves");
        assertThat(words("second")).as("it is shown all the same").isNotNull();
    }

    @Test
    void what_is_not_there_is_refused_with_what_is() {
        assertThatThrownBy(() -> says("second", "‹Skiper›"))
                .hasMessageContaining("there is no field ‹Skiper›; there are ‹Skipper›, ‹Pier›");
        assertThatThrownBy(() -> says("second", "the words of ‹Nobody›"))
                .hasMessageContaining("no words are called ‹Nobody›; there are ‹Title›");
        assertThatThrownBy(() -> says("lamp", "“x”")).hasMessageContaining("only words can be built by steps");
    }

    @Test
    void a_field_for_steps_opens_nothing_and_is_seen_where_it_is_asked_for() {
        project.does(new AddField("Skipper", Field.Kind.NUMBER));
        says("second", "“Deck ” and the number ‹Skipper 2›");
        assertThat(words("second")).isEqualTo("Deck 0");
        project.does(new FillField("skipper", JsonNodeFactory.instance.numberNode(7)));
        assertThat(words("second")).isEqualTo("Deck 7");
        Project read = DocumentJson.read(project.tree());
        AskedField asked = AskedField.of(project.tree(), read).get(2);
        assertThat(List.of(asked.name(), asked.scene(), asked.block(), asked.problem()))
                .containsExactly("Skipper 2", "s", "second", "");
        assertThatThrownBy(() -> new AddField("X", Field.Kind.COLOUR)).hasMessageContaining("words and numbers");
    }

    @Test
    void words_are_either_open_or_built() {
        assertThatThrownBy(() -> says("title", "“x”")).hasMessageContaining("these words are open as ‹Pier›");
        says("second", "“x”");
        assertThatThrownBy(() -> project.does(new OpenBlock("s", "second", OpenBlock.What.WORDS)))
                .hasMessageContaining("are built by steps");
    }

    @Test
    void a_field_that_is_taken_away_is_told_at_its_step() {
        says("second", "‹Skipper›, in capitals");
        project.with("fields", "[]");
        Project read = DocumentJson.read(project.tree());
        List<BuiltWords.Shown> shown = BuiltWords.shown(read, read.scene("s"));
        assertThat(shown).hasSize(1);
        assertThat(shown.get(0).sentence()).isEqualTo("‹a field that is gone›, in capitals");
        assertThat(shown.get(0).steps().get(0).problem()).contains("has been taken away");
    }

    @Test
    void a_number_runs_in_the_room_of_its_longest() {
        says("second", "a number from 0 to 1240 over 40 frames, grouped");
        BlockScore score = score("second");
        assertThat(words("second")).isEqualTo("1,240");
        assertThat(letters(score.at(10).list())).isEqualTo(1);
        assertThat(letters(score.at(11).list())).isEqualTo(2);
        assertThat(letters(score.at(60).list())).isEqualTo(5);
        assertThat(score.restsThroughout(60, 80)).isTrue();
        assertThat(score.restsThroughout(20, 30)).isFalse();
        assertThat(score.at(10.0).list()).isNotEqualTo(score.at(60).list());
        // The last figure stands where it stands at the end.
        assertThat(last(score.at(10).list()).e())
                .isEqualTo(last(score.at(60).list()).e());
        project.with("scenes/s/blocks/second/says", "'“1,240”'");
        project.with("scenes/s/blocks/second/setting/forms", "{'case':'typed','kerning':true,'features':{'tnum':1}}");
        assertThat(score("second").at(60).list()).isEqualTo(score.at(60).list());
    }

    private static PaintOp.Concat last(DisplayList list) {
        return list.paints().stream()
                .filter(PaintOp.Concat.class::isInstance)
                .map(PaintOp.Concat.class::cast)
                .reduce((one, other) -> other)
                .orElseThrow();
    }

    @Test
    void a_number_that_arrives_by_characters_keeps_their_turns() {
        project.with("scenes/s/blocks/second/arrive/moves", "[" + EditedProject.MOVE.formatted("m") + "]");
        says("second", "a number from 9 to 10 over 4 frames");
        BlockScore score = score("second");
        assertThat(score.timing().moves().get(0).starts()).hasSize(2);
        // The figure of one place is the last of two, and begins with the last.
        assertThat(letters(score.at(10.5).list())).isZero();
        assertThat(letters(score.at(12.5).list())).isPositive();
    }

    @Test
    void copies_take_the_words_of_copies() {
        says("second", "the words of ‹Title›");
        project.does(new DuplicateScene("s"));
        Scene copy = DocumentJson.read(project.tree()).scenes().stream()
                .filter(scene -> scene.name().startsWith("Quay") && !scene.id().equals("s"))
                .findFirst()
                .orElseThrow();
        TextBlock second = copy.blocks().stream()
                .flatMap(block -> block.asWords().stream())
                .filter(block -> block.says() != null)
                .findFirst()
                .orElseThrow();
        String named = second.says().replaceAll(".*‹(.*)›", "$1");
        assertThat(named).isNotEqualTo("title");
        assertThat(copy.blocks()).anyMatch(block -> block.id().equals(named));
    }
}
