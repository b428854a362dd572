package knollwind.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import knollwind.core.document.Operation;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DoTogetherTest {
    private static final String S = "scenes/s/blocks/";
    private final EditedProject project = new EditedProject();

    private Outcome together(String at, String value) {
        Operation.Set done = EditedProject.set(S + "line/" + at, value);
        project.does(new SetValues(List.of(done)));
        return project.does(new DoTogether(List.of(done), List.of("lamp", "title")));
    }

    @Test
    void what_is_done_to_one_block_is_done_to_those_chosen_beside_it() {
        together("place/rotation", "12");
        assertThat(project.at(S + "lamp/place/rotation").asInt()).isEqualTo(12);
        assertThat(project.at(S + "title/place/rotation").asInt()).isEqualTo(12);
        assertThat(project.at(S + "bell/place/rotation").asInt()).isEqualTo(3);
    }

    @ParameterizedTest
    @CsvSource({"place/y/value, 70", "place/x/value, 7", "span/end, 60", "name, 'Rail'", "hidden, true", "locked, true"
    })
    void what_is_a_blocks_own_is_given_to_no_other(String at, String value) {
        assertThat(together(at, value.matches("[a-z0-9]+") ? value : "'" + value + "'")
                        .operations())
                .isEmpty();
    }

    @Test
    void what_fits_no_other_block_is_left_out_without_a_word() {
        Operation.Set done = EditedProject.set(S + "title/setting/tracking", "20");
        Outcome outcome = project.does(new DoTogether(List.of(done), List.of("lamp", "bell")));
        assertThat(outcome.operations()).isEmpty();
        assertThat(outcome.said()).isEmpty();
    }
}
