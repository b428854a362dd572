package knollwind.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.stream.Stream;
import knollwind.core.scene.BlockEdge;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ArrangeBlocksTest {
    private static final String S = "scenes/s/blocks/";
    private final EditedProject project = new EditedProject();

    private void spans(String line, String lamp, String bell) {
        project.with(S + "line/span", line).with(S + "lamp/span", lamp).with(S + "bell/span", bell);
    }

    private List<Integer> starts() {
        return Stream.of("line", "lamp", "bell")
                .map(id -> project.at(S + id + "/span/start").asInt())
                .toList();
    }

    private static ArrangeBlocks arranged(ArrangeBlocks.Order order, BlockEdge moment) {
        return new ArrangeBlocks("s", "wide", List.of("lamp", "line", "bell"), order, 6, moment);
    }

    @ParameterizedTest
    @CsvSource({
        "STARTS, 10, 10, 10",
        "ENDS, 40, 50, 36",
        "EVENLY, 10, 50, 30",
        "REVERSED, 40, 10, 30",
        "TRAILING, 10, 16, 22"
    })
    void several_blocks_are_arranged(ArrangeBlocks.Order order, int line, int lamp, int bell) {
        spans("{'start':10,'end':30}", "{'start':50,'end':60}", "{'start':16,'end':40}");
        project.does(arranged(order, null));
        assertThat(starts()).containsExactly(line, lamp, bell);
        assertThat(project.at(S + "bell/span/end").asInt()).isEqualTo(bell + 24);
    }

    @Test
    void blocks_are_put_on_the_nearest_beats_by_their_starts_or_their_landings() {
        assertThatThrownBy(() -> project.does(arranged(ArrangeBlocks.Order.BEATS, null)))
                .hasMessageContaining("has no tempo; give it one");
        // At 24 frames a second a beat lasts 15 frames; the first is at frame 4.
        project.with("scenes/s/beats", "{'perMinute':96,'first':4,'perBar':4}");
        spans("{'start':13,'end':43}", "{'start':50,'end':60}", "{'start':1,'end':40}");
        project.does(arranged(ArrangeBlocks.Order.BEATS, null));
        assertThat(starts()).containsExactly(19, 49, 4);
        project.with(S + "line/arrive", "{'moves':[" + EditedProject.whole("m1") + "]}");
        double lasts = landing();
        spans("{'start':13,'end':60}", "{'start':50,'end':60}", "{'start':1,'end':40}");
        project.does(arranged(ArrangeBlocks.Order.BEATS, BlockEdge.LANDED));
        int landed = (int) Math.rint(starts().get(0) + lasts);
        assertThat((landed - 4) % 15).isZero();
        assertThat(Math.abs(starts().get(0) - 13)).isLessThanOrEqualTo(8);
        // None begins before its scene does.
        spans("{'start':0,'end':60}", "{'start':50,'end':60}", "{'start':1,'end':40}");
        project.does(arranged(ArrangeBlocks.Order.BEATS, BlockEdge.LANDED));
        assertThat(starts().get(0)).isNotNegative();
        assertThatThrownBy(() -> arranged(ArrangeBlocks.Order.BEATS, BlockEdge.END))
                .hasMessageContaining("by their starts or by their landings");
    }

    @Test
    void landings_trail_each_other_whatever_the_blocks_take_to_land() {
        project.with(S + "line/arrive", "{'moves':[" + EditedProject.whole("m1") + "]}");
        double lasts = landing();
        assertThat(lasts).isPositive();
        spans("{'start':10,'end':90}", "{'start':10,'end':90}", "{'start':10,'end':90}");
        project.does(arranged(ArrangeBlocks.Order.TRAILING, BlockEdge.LANDED));
        // On the page the line comes first, the lamp after it, and the bell last.
        assertThat(starts()).containsExactly(10, (int) (10 + lasts) + 6, (int) (10 + lasts) + 12);
    }

    /** Frames from the line's start until its last unit has landed. */
    private double landing() {
        var line = project.draft().times(project.draft().scene("s")).get("line");
        return line.arriveEnd() - line.start();
    }
}
