package knollwind.core.directions.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.stream.Stream;
import knollwind.core.Samples;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.document.DocumentJson;
import knollwind.core.scene.Block;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Length;
import knollwind.core.scene.Pivot;
import knollwind.core.scene.ShapeBlock;
import knollwind.core.scene.Value;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class ShapeReaderTest {
    private static final ShapeBlock BAR =
            shape("{'kind':'rectangle','width':{'value':200,'unit':'px'},'height':{'value':8,'unit':'px'},'radius':2}");
    private static final ShapeBlock LINE =
            shape("{'kind':'line','length':{'value':300,'unit':'px'},'thickness':2,'round':false}");
    private static final ShapeBlock PLATE = shape(
            "{'kind':'plate','behind':['words'],'padding':{'left':4,'top':4,'right':4,'bottom':4},'radius':0,'box':'metric','waits':false}");

    private static ShapeBlock shape(String shape) {
        String block = "{'kind':'shape','id':'bar','name':'Bar','span':{'start':0,'end':60},"
                + "'place':{'x':{'value':50,'unit':'frame'},'y':{'value':50,'unit':'frame'},'rotation':0,"
                + "'pivot':{'across':'centre','down':'middle','box':'metric'}},'opacity':1,'hidden':false,"
                + "'arrive':{'moves':[]},'leave':{'moves':[]},"
                + "'fill':{'kind':'solid','colour':'#f4ead2'},'shape':" + shape + "}";
        return (ShapeBlock) DocumentJson.read(DocumentJson.tree(block.replace('\'', '"')), Block.class);
    }

    private static ShapeBlock read(ShapeBlock block, String sentence) {
        return ShapeReader.read(sentence, block, Samples.demo().scene("opening").blocks());
    }

    static Stream<Arguments> shapes() {
        return Samples.demo().scenes().stream()
                .flatMap(scene -> scene.blocks().stream()
                        .filter(ShapeBlock.class::isInstance)
                        .map(block -> Arguments.of(scene.id() + "/" + block.id(), block, scene.blocks())));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("shapes")
    void what_is_printed_of_a_shape_of_the_demo_is_read_back(String name, ShapeBlock block, List<Block> neighbours) {
        String sentence = SettingPrinter.text(block, neighbours);
        assertThat(SettingPrinter.text(ShapeReader.read(sentence, block, neighbours), neighbours))
                .isEqualTo(sentence);
        assertThat(ShapeReader.read(sentence, block, neighbours).shape()).isEqualTo(block.shape());
    }

    @Test
    void a_plate_may_stand_behind_the_word_that_is_said() {
        ShapeBlock plate = read(BAR, "a plate behind “Last boat”, word by word as they are said");
        assertThat(((ShapeBlock.Plate) plate.shape()).spoken()).isTrue();
        ShapeBlock moved = read(plate, "padding 8 px, corners 4 px");
        assertThat(((ShapeBlock.Plate) moved.shape()).spoken()).isTrue();
        ShapeBlock all = read(plate, "behind all of its words");
        assertThat(((ShapeBlock.Plate) all.shape()).spoken()).isNull();
    }

    @Test
    void a_shape_is_told_in_part_and_the_rest_stays() {
        ShapeBlock wide = read(BAR, "320 px wide, corners 12 px, in #c8472f, stroked 3 px in #10202c");
        assertThat(wide.shape()).isEqualTo(new ShapeBlock.Rectangle(Length.px(320), Length.px(8), 12));
        assertThat(wide.fill()).isEqualTo(new Fill.Solid(Value.of("#c8472f")));
        assertThat(wide.stroke()).isEqualTo(new ShapeBlock.Stroke(Value.of("#10202c"), 3));
        assertThat(wide.place()).isEqualTo(BAR.place());
        assertThat(read(wide, "no stroke, opacity 40 %, turned 8°"))
                .satisfies(now -> assertThat(now.stroke()).isNull())
                .satisfies(now -> assertThat(now.opacity()).isEqualTo(Value.of(0.4)))
                .satisfies(now -> assertThat(now.shape()).isEqualTo(wide.shape()));
        assertThat(read(LINE, "5 px thick, 120 px long, ends round").shape())
                .isEqualTo(new ShapeBlock.Line(Length.px(120), 5, true));
    }

    @Test
    void a_shape_becomes_one_of_another_kind_as_large_as_it_was() {
        assertThat(read(BAR, "an ellipse").shape()).isEqualTo(new ShapeBlock.Ellipse(Length.px(200), Length.px(8)));
        assertThat(read(BAR, "a line 3 px thick").shape()).isEqualTo(new ShapeBlock.Line(Length.px(200), 3, false));
        ShapeBlock.Plate plate = (ShapeBlock.Plate)
                read(BAR, "a plate behind the ink of “Last boat”").shape();
        assertThat(plate.behind()).containsExactly("title");
        assertThat(plate.box()).isEqualTo(Pivot.Box.INK);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "padding 12 px | 12, 12, 12, 12",
                "padding 12 and 8 px | 12, 8, 12, 8",
                "padding 1, 2, 3, 4 px | 1, 2, 3, 4"
            })
    void a_plate_has_a_padding_of_one_two_or_four(String sentence, String sides) {
        ShapeBlock.Padding padding = ((ShapeBlock.Plate) read(PLATE, sentence).shape()).padding();
        assertThat(String.format(
                        "%.0f, %.0f, %.0f, %.0f", padding.left(), padding.top(), padding.right(), padding.bottom()))
                .isEqualTo(sides);
        assertThat(((ShapeBlock.Plate) read(PLATE, "its words wait for it").shape()).waits())
                .isTrue();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "a circle, 90 px wide and 90 px tall | an ellipse, 90 px wide and 90 px high",
                "rounded 12 px, outlined 2 px in #f4ead2 | corners 12 px, stroked 2 px in #f4ead2",
                "square corners, without outline | corners 0 px, no stroke",
                "filled with #c8472f, rotated 4° | in #c8472f, turned 4°"
            })
    void everyday_words_are_understood(String said, String meant) {
        assertThat(read(BAR, said)).isEqualTo(read(BAR, meant)).isNotEqualTo(BAR);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "320 px wide, wobbly | \"wobbly\" cannot be read here",
                "a plate behind “Nobody” | the name of a block of this scene is missing here",
                "stroked | a width such as 3 px is missing here",
                "stroked 3 px in blue | a colour such as #f4ead2 is missing here"
            })
    void what_cannot_be_read_is_said_with_its_place(String sentence, String said) {
        assertThatThrownBy(() -> read(BAR, sentence))
                .isInstanceOf(DirectionException.class)
                .hasMessageContaining(said);
    }

    @Test
    void a_slip_of_the_keys_is_met_with_what_is_spelt_nearly_so() {
        assertThatThrownBy(() -> read(BAR, "stroke 3 px"))
                .isInstanceOfSatisfying(
                        DirectionException.class,
                        unread -> assertThat(unread.suggestions()).containsExactly("stroked 3 px in #f4ead2"));
    }

    @Test
    void nothing_is_taken_that_has_no_effect() {
        assertThatThrownBy(() -> read(LINE, "20 px high")).hasMessageContaining("so long and so thick");
        assertThatThrownBy(() -> read(LINE, "corners 4 px")).hasMessageContaining("only rectangles and plates");
        assertThatThrownBy(() -> read(PLATE, "20 px wide")).hasMessageContaining("says how large");
        assertThatThrownBy(() -> read(BAR, "padding 20 px")).hasMessageContaining("cannot be read here");
    }
}
