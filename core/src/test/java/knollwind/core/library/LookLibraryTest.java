package knollwind.core.library;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import knollwind.core.directions.dress.DressPrinter;
import knollwind.core.directions.dress.DressReader;
import knollwind.core.scene.Dressing;
import knollwind.core.scene.Value;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.FieldSource;

/** The looks that ship. */
class LookLibraryTest {
    static final List<ReadyLook> LOOKS = LookLibrary.looks();

    @Test
    void there_are_many_of_every_feel_each_under_a_name_of_its_own() {
        assertThat(LOOKS).hasSizeGreaterThanOrEqualTo(36);
        assertThat(LOOKS).extracting(ReadyLook::name).doesNotHaveDuplicates();
        for (ReadyMove.Feel feel : ReadyMove.Feel.values()) {
            assertThat(LOOKS).filteredOn(look -> look.feel() == feel).hasSizeGreaterThan(4);
        }
    }

    @ParameterizedTest
    @FieldSource("LOOKS")
    void its_sentence_is_as_it_would_be_printed(ReadyLook look) {
        assertThat(DressPrinter.text(DressReader.read(look.sentence(), List.of())))
                .isEqualTo(look.sentence() + ".");
    }

    @ParameterizedTest
    @FieldSource("LOOKS")
    void in_another_size_it_says_nothing_that_it_did_not_say(ReadyLook look) {
        assertThat(DressPrinter.text(look.dressings(ReadyLook.EM * 0.55, null)))
                .doesNotContain("dashes of 0")
                .doesNotContain("gap of 0");
    }

    @Test
    void it_is_as_large_as_the_words_and_in_their_colour_where_that_is_wished() {
        ReadyLook noon = LookLibrary.look("hard drop");
        Dressing large = noon.dressings(2 * ReadyLook.EM, null).get(0);
        assertThat(large.numbers()).containsEntry("away", Value.of(22.0)).containsEntry("angle", Value.of(45.0));
        assertThat(large.colours()).containsEntry("colour", Value.of("#c8472f"));
        assertThat(noon.dressings(ReadyLook.EM, "#1d5c80").get(0).colours())
                .containsEntry("colour", Value.of("#1d5c80"));
        Dressing shade = LookLibrary.look("Keyline").dressings(16, "#1d5c80").get(0);
        assertThat(shade.colours()).as("what is dark stays").containsEntry("colour", Value.of("#0b1a26"));
        assertThat(shade.numbers()).containsEntry("width", Value.of(0.4));
    }

    @Test
    void a_look_that_is_not_there_is_named() {
        assertThatThrownBy(() -> LookLibrary.look("Velvet")).hasMessageContaining("no look \u201cVelvet\u201d");
    }
}
