package knollwind.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import knollwind.core.Samples;
import knollwind.core.directions.dress.DressPrinter;
import knollwind.core.scene.Block;
import knollwind.core.scene.Dressing;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Value;
import org.junit.jupiter.api.Test;

/** Blocks that are dressed by a sentence, in a look, and by what is replaced in it. */
class DressEditsTest {
    private static final String S = "scenes/s/blocks/";
    private final EditedProject project = new EditedProject();

    private Block block(String id) {
        return project.scene().blocks().stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private String dress(String id) {
        return DressPrinter.text(block(id).dressings());
    }

    @Test
    void a_sentence_says_all_that_words_or_a_shape_are_dressed_with() {
        project.does(new DressBySentence("s", "wide", "title", "a shadow, a glow"));
        project.does(new DressBySentence("s", "wide", "lamp", "a glow of 4 to 60 px"));
        assertThat(block("title").dressings()).extracting(Dressing::kind).containsExactly("shadow", "glow");
        assertThat(dress("lamp")).startsWith("a glow of 4 to 60 px");
        String glow = block("title").dressings().get(1).id();
        project.does(new DressBySentence("s", "wide", "title", "a glow of 9 to 36 px"));
        assertThat(block("title").dressings()).extracting(Dressing::id).containsExactly(glow);
        project.does(new DressBySentence("s", "wide", "title", "nothing"));
        assertThat(block("title").dressings()).isEmpty();
        assertThatThrownBy(() -> project.does(new DressBySentence("s", "wide", "title", "a halo")))
                .hasMessageContaining("cannot be read here");
    }

    @Test
    void a_block_is_matted_by_another_one_and_not_by_itself() {
        project.does(new DressBySentence("s", "wide", "title", "matted by the shape of \u201clamp\u201d"));
        assertThat(block("title").dressings().get(0).block()).isEqualTo("lamp");
        assertThatThrownBy(() -> project.does(
                        new DressBySentence("s", "wide", "lamp", "matted by the shape of \u201clamp\u201d")))
                .hasMessageContaining("the name of a block of this scene");
    }

    @Test
    void a_look_takes_the_place_of_what_was_there_at_the_size_and_in_the_colour_of_each() {
        project.does(new DressBySentence("s", "wide", "title", "a shadow, a glow"));
        project.does(new DressAs("s", List.of("title", "lamp"), "Hard drop", false));
        // The title's type is 120 px, looks are written for 160; the lamp is 20 px high.
        assertThat(dress("title")).isEqualTo("a shadow of 0 px in #c8472f at 100 % falling 8 px towards 45\u00b0.");
        assertThat(dress("lamp")).contains("falling 1.4 px");
        project.does(new DressAs("s", List.of("lamp"), "Hard drop", true));
        assertThat(dress("lamp")).contains("in #f0b64a");
        assertThatThrownBy(() -> project.does(new DressAs("s", List.of("lamp"), "Velvet", false)))
                .hasMessageContaining("no look");
    }

    @Test
    void a_look_is_shown_on_a_card_in_which_nothing_else_is() {
        project.with(S + "title/dress", "[{'id':'d1','kind':'wake','numbers':{},'colours':{},'choices':{}}]");
        Scene card = project.draft()
                .after(new ShowLook("s", "title", "Hard drop", false, 96)
                        .on(project.draft())
                        .operations())
                .scene("s");
        assertThat(card.blocks()).hasSize(1);
        assertThat(card.length()).isEqualTo(96);
        assertThat(card.formats().get(0).width()).isEqualTo(960);
        Dressing look = card.blocks().get(0).dressings().get(0);
        assertThat(look.kind()).isEqualTo("shadow");
        assertThat(look.numbers().get("away")).isNotEqualTo(Value.of(11.0));
    }

    @Test
    void numbers_of_dressings_get_keys_like_all_others() {
        project.does(new DressBySentence("s", "wide", "title", "a shadow of 12 px"));
        String id = block("title").dressings().get(0).id();
        String member = "dress/" + id + "/numbers/soft";
        project.does(new AddKey("s", "wide", "title", member, 30));
        assertThat(block("title").dressings().get(0).numbers().get("soft").keys())
                .isPresent();
        assertThatThrownBy(() -> project.does(new AddKey("s", "wide", "title", "dress/" + id + "/numbers/hue", 30)))
                .hasMessageContaining("cannot carry keys");
    }

    @Test
    void words_are_replaced_in_what_blocks_are_dressed_with() {
        project.does(new DressBySentence("s", "wide", "lamp", "a shadow of 12 px in #000000"));
        project.does(new ReplaceInDirections("s", "wide", "#000000", "#0b1a26"));
        assertThat(dress("lamp")).startsWith("a shadow of 12 px in #0b1a26");
    }

    @Test
    void what_captions_are_dressed_as_is_seen_on_its_card_too() {
        CaptionedProject captioned = CaptionedProject.captioned();
        String scene = captioned.scene().id();
        Draft draft = captioned.draft();
        Draft card = draft.after(new ShowLook(scene, captioned.row().design(), "Hard drop", false, 96)
                .on(draft)
                .operations());
        assertThat(card.scores(card.scene(scene), Card.FORMAT))
                .containsOnlyKeys(captioned.row().design());
        assertThat(Samples.score(card.project(), card.scene(scene)).blocks()).hasSize(1);
    }
}
