package knollwind.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.stream.Stream;
import knollwind.core.scene.BlockEdge;
import org.junit.jupiter.api.Test;

class HangOnCuesTest {
    private static final String S = "scenes/s/blocks/";
    private final EditedProject project = new EditedProject();

    /** Three cues, the earliest told last. */
    HangOnCuesTest() {
        project.with(
                "scenes/s/cues",
                "[{'id':'c1','name':'Boat','at':40},{'id':'c2','name':'Home','at':60},{'id':'c0','name':'Last','at':12}]");
    }

    private List<String> hung(String link) {
        return Stream.of("line", "lamp", "bell")
                .map(id -> project.at(S + id + "/span/" + link + "/cue").asString(""))
                .toList();
    }

    private static HangOnCues on(List<String> cues, BlockEdge moment) {
        return new HangOnCues("s", "wide", List.of("bell", "lamp", "line"), cues, moment);
    }

    @Test
    void blocks_hang_on_the_cues_one_after_the_other() {
        project.does(on(List.of(), null));
        assertThat(hung("startsAt")).containsExactly("c0", "c1", "c2");
        // Landings take the place of starts.
        project.does(on(List.of("c2", "c1", "c0"), BlockEdge.LANDED));
        assertThat(hung("landsAt")).containsExactly("c0", "c1", "c2");
        assertThatThrownBy(() -> hung("startsAt")).hasMessageContaining("there is no 'startsAt'");
    }

    @Test
    void fewer_cues_than_blocks_are_refused() {
        assertThatThrownBy(() -> project.does(on(List.of("c2", "c0"), null)))
                .hasMessage("there are 2 cues for 3 blocks; make more cues, or choose fewer blocks");
        assertThatThrownBy(() -> on(List.of(), BlockEdge.END)).hasMessageContaining("by their landings");
    }
}
