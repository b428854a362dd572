package knollwind.core.scene;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import knollwind.core.Samples;
import knollwind.core.document.DocumentJson;
import knollwind.core.filling.Filler;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

class ValuesTest {
    @Test
    void fractions_are_exact_and_in_lowest_terms() {
        assertThat(new Rational(6, -4)).isEqualTo(new Rational(-3, 2));
        assertThat(new Rational(1, 3).plus(new Rational(1, 6))).isEqualTo(new Rational(1, 2));
        assertThat(new Rational(2, 3).times(new Rational(3, 4)).json()).isEqualTo("1/2");
        assertThat(Rational.read("7/2").value()).isEqualTo(3.5);
        assertThat(Rational.of(3).compareTo(new Rational(7, 2))).isNegative();
        assertThat(Rational.read(2.5)).isEqualTo(new Rational(5, 2));
        assertThatThrownBy(() -> Rational.read(Double.POSITIVE_INFINITY)).hasMessageContaining("fraction like");
        assertThatThrownBy(() -> Rational.read("2.5")).hasMessageContaining("fraction like");
        assertThatThrownBy(() -> new Rational(1, 0)).hasMessageContaining("denominator 0");
    }

    @Test
    void labels_count_at_the_nominal_rate_and_seconds_are_exact() {
        FrameRate rate = new FrameRate(30000, 1001);
        assertThat(rate.nominal()).isEqualTo(30);
        assertThat(rate.seconds(30000)).isEqualTo(1001);
        assertThatThrownBy(() -> new FrameRate(500, 1)).hasMessageContaining("between 1 and 240");
    }

    @Test
    void lengths_know_what_they_measure() {
        assertThat(Length.em(0.6).pixels(100, 120, 1920)).isEqualTo(60);
        assertThat(new Length(50, Length.Unit.LINE).pixels(100, 120, 1920)).isEqualTo(60);
        assertThat(new Length(50, Length.Unit.FRAME).pixels(100, 120, 1920)).isEqualTo(960);
        assertThatThrownBy(() -> Length.em(1).blend(Length.px(1), 0.5)).hasMessageContaining("one unit");
    }

    @Test
    void beats_are_counted_in_frames() {
        assertThat(new Beats(96, 0, 4).frames(new FrameRate(24, 1))).isCloseTo(15, within(1e-12));
    }

    @Test
    void a_format_changes_only_what_it_overrides() {
        Scene opening = Samples.demo().scene("opening");
        JsonNode size = DocumentJson.tree("200");
        Filling smaller = new Filling("o1", "title", List.of("setting", "size"), size);
        Filling gone = new Filling("o2", "title", List.of("arrive", "moves", "nowhere", "after"), size);
        Format square = new Format("square", "1:1", 1080, 1080, List.of(smaller, gone));
        List<Block> blocks = Filler.blocks(opening, square);
        TextBlock title = (TextBlock) blocks.get(blocks.size() - 1);
        assertThat(title.setting().size()).isEqualTo(Value.of(200.0));
        assertThat(title.text()).isEqualTo("LAST BOAT\nHOME");
        assertThat(blocks.subList(0, blocks.size() - 1))
                .isEqualTo(opening.blocks().subList(0, blocks.size() - 1));
        Filling words = new Filling("o", "title", List.of("text"), size);
        assertThatThrownBy(() -> new Format("s", "s", 100, 100, List.of(words))).hasMessageContaining("stay shared");
    }

    @Test
    void numbers_are_written_as_people_write_them() {
        assertThat(Numbers.text(3.0)).isEqualTo("3");
        assertThat(Numbers.text(0.1)).isEqualTo("0.1");
        assertThat(Numbers.text(-0.0)).isEqualTo("0");
        assertThat(Numbers.text(1e-7)).isEqualTo("0.0000001");
    }

    @Test
    void a_scene_names_what_it_has_when_asked_for_what_it_has_not() {
        Project demo = Samples.demo();
        assertThatThrownBy(() -> demo.scene("Fares"))
                .hasMessageContaining(
                        "[Opening, Stops, Skipper, Announcement, Crossing, Wind, Note, Thanks, End card]");
        assertThatThrownBy(() -> demo.scene("Opening").format("2:1")).hasMessageContaining("[16:9, 1:1, 9:16]");
    }
}
