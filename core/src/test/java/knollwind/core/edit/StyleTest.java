package knollwind.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import knollwind.core.directions.dress.DressPrinter;
import knollwind.core.directions.dress.DressReader;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.library.Style;
import knollwind.core.scene.Block;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.TextBlock;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Styles: what is kept of a block, and used on others. */
class StyleTest {
    private static final String S = "scenes/s/blocks/";
    private final EditedProject project = new EditedProject();

    @BeforeEach
    void two_titles_of_which_one_moves() {
        ObjectNode credit = (ObjectNode) project.at(S + "title").deepCopy();
        credit.put("id", "credit").put("name", "Credit");
        ((ObjectNode) credit.get("setting")).put("size", 60);
        project.applies(List.of(new Operation.Insert("scenes/s/blocks", 1, credit)));
        project.with(S + "title/arrive/moves", "[" + EditedProject.MOVE.formatted("m1") + "]");
    }

    private Block block(String id) {
        return project.scene().blocks().stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private JsonNode kept(Style.Extent extent) {
        // The title's type is 120 px.
        return DocumentJson.tree((Object) Style.of(block("title"), 120, " Harbour ", extent));
    }

    @Test
    void what_words_are_dressed_with_is_worn_by_others_at_their_own_size() {
        project.does(new DressBySentence("s", "wide", "title", "a shadow of 12 px in #102030 at 60 %, a wake"));
        JsonNode style = kept(Style.Extent.DRESS);
        TextBlock other = (TextBlock) block("credit");
        project.does(new UseStyle("s", List.of("credit", "lamp"), style));
        assertThat(DressPrinter.text(block("credit").dressings())).contains("in #102030 at 60 %", "a wake of 6 copies");
        assertThat(block("credit").dressings().get(0).numbers().get("soft").literal())
                .hasValue(6.0);
        assertThat(((TextBlock) block("credit")).setting()).isEqualTo(other.setting());
        assertThat(block("lamp").dressings()).hasSize(2);
        assertThat(Style.read(style).name()).isEqualTo("Harbour");
    }

    @Test
    void setting_and_moves_go_with_it_where_they_are_kept() {
        project.does(new DressBySentence("s", "wide", "title", "a shadow of 12 px"));
        project.with(S + "title/arrive/moves/m1/shared", "'together'");
        TextBlock title = (TextBlock) block("title");
        project.does(new UseStyle("s", List.of("credit"), kept(Style.Extent.MOVES)));
        TextBlock other = (TextBlock) block("credit");
        assertThat(other.setting())
                .isEqualTo(title.setting().with(own -> own.path(other.setting().path())));
        assertThat(other.arrive().moves()).hasSameSizeAs(title.arrive().moves());
        assertThat(other.arrive().moves())
                .allMatch(move -> move.shared() == null && move.own().isEmpty());
        // As large as the title's now.
        assertThat(DressPrinter.text(other.dressings())).startsWith("a shadow of 12 px");
        // A shape has no setting, and moves as a whole alone.
        project.does(new UseStyle("s", List.of("lamp"), kept(Style.Extent.MOVES)));
        assertThat(block("lamp").arrive().moves())
                .allMatch(move -> move.unit().name().equals("WHOLE"));
    }

    @Test
    void it_is_shown_on_a_card_of_its_own() {
        project.does(new DressBySentence("s", "wide", "title", "a shadow of 12 px"));
        JsonNode style = kept(Style.Extent.MOVES);
        Scene card = project.draft()
                .after(new ShowStyle("s", "credit", style, 96)
                        .on(project.draft())
                        .operations())
                .scene("s");
        assertThat(card.blocks()).hasSize(1);
        TextBlock shown = (TextBlock) card.blocks().get(0);
        assertThat(shown.setting().face())
                .isEqualTo(((TextBlock) block("title")).setting().face());
        assertThat(shown.arrive().moves()).isNotEmpty();
        assertThat(shown.dressings()).hasSize(1);
    }

    @Test
    void one_of_a_newer_version_is_refused_by_name_and_what_is_none_is_told() {
        ObjectNode newer = (ObjectNode) kept(Style.Extent.DRESS).deepCopy();
        newer.put("documentVersion", Project.DOCUMENT_VERSION + 1);
        assertThatThrownBy(() -> Style.read(newer))
                .hasMessageContaining("Harbour")
                .hasMessageContaining("newer version");
        ObjectNode unknown = (ObjectNode) kept(Style.Extent.DRESS).deepCopy();
        unknown.putArray("dress").addObject().put("id", "d1").put("kind", "velvet");
        assertThatThrownBy(() -> Style.read(unknown)).isInstanceOf(RuntimeException.class);
        assertThatThrownBy(() -> Style.read(DocumentJson.tree("{}"))).hasMessageContaining("no style");
    }

    @Test
    void what_a_number_comes_from_goes_by_the_size_of_the_type_too() {
        Style style = new Style(
                Project.DOCUMENT_VERSION,
                "Harbour",
                100,
                DressReader.read("a glow of 8 to 40 px in #f0b64a, its far from 20 px while it arrives", List.of()),
                null,
                null,
                null,
                null);
        assertThat(DressPrinter.text(style.dressings(50)))
                .isEqualTo("a glow of 4 to 20 px in #f0b64a at 70 %, its far from 10 px while it arrives.");
    }
}
