package knollwind.core.directions.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import knollwind.core.Samples;
import knollwind.core.document.DocumentJson;
import knollwind.core.scene.Block;
import knollwind.core.scene.Breaking;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Fit;
import knollwind.core.scene.Follow;
import knollwind.core.scene.Forms;
import knollwind.core.scene.FrameRate;
import knollwind.core.scene.Length;
import knollwind.core.scene.MakeRoom;
import knollwind.core.scene.Mirrored;
import knollwind.core.scene.MotionPath;
import knollwind.core.scene.PathStop;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Place;
import knollwind.core.scene.Setting;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.TextBlockBuilder;
import knollwind.core.scene.TrackKey;
import knollwind.core.scene.Value;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Forms, breaking and fits as they are said and read. */
class SettingWordsTest {
    private static final TextBlock PLAIN = Samples.block("Last boat", Span.of(0, 90), new Phase(null), new Phase(null));

    private static Setting read(String sentence) {
        return SettingReader.read(sentence, PLAIN, Samples.FONTS.families()).setting();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "seen whole, 20 % across and 30.5 % down, frames 0 to 9 at 100 % of its speed, over and over",
                "stretched, over each word, frames 3 to 7 at 50 % of its speed, there and back, from 12 frames on",
                "covering it, 0 % across and 100 % down, frames 0 to 8 at 100 % of its speed, once and then gone",
                "covering it, 0 % across and 0 % down, frames 1 to 1 at 250 % of its speed, once and then standing,"
                        + " from -3 frames on, standing still after 48 frames"
            })
    void how_a_film_is_shown_is_read_as_it_is_printed(String clause) {
        Fill film = new Fill.Film(
                new Fill.Picture("0".repeat(64), "fog, 2.mp4", 960, 540, Fill.Picture.Mode.COVER, 0.5, 0.5),
                10,
                new FrameRate(24, 1),
                null);
        JsonNode tree = DocumentJson.tree(PLAIN);
        ((ObjectNode) tree.get("setting")).set("fill", DocumentJson.tree(film));
        TextBlock block = (TextBlock) DocumentJson.read(tree, Block.class);
        String said = SettingPrinter.text(block).replaceAll("covering it.*over and over", clause);
        TextBlock read = SettingReader.read(said, block, Samples.FONTS.families());
        assertThat(read).isNotEqualTo(block);
        assertThat(SettingPrinter.text(read)).contains("the film \u201cfog, 2.mp4\u201d " + clause);
        assertThat(SettingReader.read(SettingPrinter.text(read), block, Samples.FONTS.families()))
                .isEqualTo(read);
    }

    @ParameterizedTest
    @ValueSource(strings = {"over each line", "over each word", "over each character", "pinned to the frame"})
    void what_a_fill_is_stretched_over_is_said_behind_it(String area) {
        String gradient = "in a gradient of #f0b64a at 0 % and #c8472f at 100 % along 45\u00b0";
        String round = "in a round gradient of #f0b64a at 0 % and #c8472f at 100 % around 20 % and 50 % as far as 90 %";
        for (String fill : List.of(gradient, round)) {
            TextBlock block =
                    SettingReader.read(fill + ", " + area + ", opacity 50 %", PLAIN, Samples.FONTS.families());
            assertThat(SettingPrinter.text(block)).contains(fill + ", " + area + ",");
            assertThat(SettingReader.read(SettingPrinter.text(block), PLAIN, Samples.FONTS.families()))
                    .isEqualTo(block);
            // Told alone it moves the fill that is there; left away it is the block's again.
            TextBlock plain = SettingReader.read(fill, block, Samples.FONTS.families());
            assertThat(plain.fill().area()).isEqualTo(Fill.Area.BLOCK);
            assertThat(SettingReader.read(area, plain, Samples.FONTS.families()).fill())
                    .isEqualTo(block.fill());
        }
        assertThatThrownBy(() -> read("in #f4ead2, " + area)).hasMessageContaining("one colour is the same everywhere");
        assertThatThrownBy(() -> read(area)).hasMessageContaining("one colour is the same everywhere");
    }

    @Test
    void what_cannot_be_read_is_named_as_it_was_typed() {
        assertThatThrownBy(() -> read("48 px, centred")).hasMessageContaining("\"48\" cannot be read here");
        assertThatThrownBy(() -> read("centred, 0.5, in capitals")).hasMessageContaining("\"0.5\" cannot");
        assertThatThrownBy(() -> read("centred. sideways.")).hasMessageContaining("\"sideways\" cannot");
        // Typed on behind a sentence that is there.
        assertThat(read("at 90 px, centred.at 48.5 px")).isEqualTo(read("centred, at 48.5 px"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "in capitals",
                "in small letters",
                "in small capitals",
                "without kerning",
                "with old-style figures",
                "without rare ligatures",
                "with alternate set 12",
                "with feature cv01",
                "balanced lines",
                "one word a line",
                "on an arc of 900 px",
                "on an arc of -400 px 20 px along upright",
                "on a circle of 300 px around 90\u00b0",
                "inside a circle of 120.5 px around -10\u00b0 upright",
                "on a slope of -8\u00b0 12 px along",
                "on a curve of 3 knots",
                "wrapped at 600 px and 30 % of the frame high",
                "fitted to 60 % of the frame",
                "fitted to 800 px",
                "fitted to 60 % of the frame by its type",
                "every line 72 % of the frame wide",
                "inside 60 % of the frame by 300 px from 24 px by its ink",
                "inside 60 % of the frame by 300 px from 24 px"
            })
    void what_is_read_is_printed_again(String clause) {
        TextBlock block = SettingReader.read("in #f4ead2, " + clause, PLAIN, Samples.FONTS.families());
        assertThat(block.setting()).isNotEqualTo(PLAIN.setting());
        assertThat(SettingPrinter.text(block)).contains(", " + clause);
        assertThat(SettingReader.read(SettingPrinter.text(block), PLAIN, Samples.FONTS.families()))
                .isEqualTo(block);
    }

    @Test
    void several_are_said_together() {
        Setting setting = read("in capitals, with old-style figures, balanced lines, every line 400 px wide");
        assertThat(setting.forms().letterCase()).isEqualTo(Forms.Case.UPPER);
        assertThat(setting.forms().features()).containsEntry("onum", 1);
        assertThat(setting.breaking()).isEqualTo(Breaking.BALANCED);
        assertThat(setting.fit()).isEqualTo(new Fit(Fit.Kind.LINES, Length.px(400), null, null));
    }

    @Test
    void says_what_is_missing() {
        assertThatThrownBy(() -> read("fitted to the moon")).hasMessageContaining("a width such as 60 % of the frame");
        assertThatThrownBy(() -> read("inside 300 px, centred")).hasMessageContaining("the height is missing");
        assertThatThrownBy(() -> new Fit(Fit.Kind.WIDTH, Length.px(300), Length.px(20), null))
                .hasMessageContaining("only a fit inside a box has a height");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "a gradient of #f0b64a at 0 % and #c8472f at 100 % along 90\u00b0",
                "a gradient of #f0b64a at 0 %, #13283a at 40 % and #c8472f80 at 100 % along -45\u00b0",
                "a round gradient of #f0b64a at 0 % and #c8472f at 100 % around 50 % and 25 % as far as 80 %",
                "no colour"
            })
    void fills_are_read_as_they_are_printed(String fill) {
        TextBlock block = SettingReader.read("in " + fill, PLAIN, Samples.FONTS.families());
        assertThat(SettingPrinter.text(block)).contains(", in " + fill + ", placed");
        assertThat(SettingReader.read(SettingPrinter.text(block), PLAIN, Samples.FONTS.families()))
                .isEqualTo(block);
        assertThatThrownBy(() -> read("in a gradient of #f0b64a")).hasMessageContaining("two colours");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "right of \u201cGrey Seal and Little Auk\u2026\u201d, 24 px away, baselines level",
                "left of \u201cGrey Seal and Little Auk\u2026\u201d, -0.5 em away, tops level",
                "above \u201cGrey Seal and Little Auk\u2026\u201d, 2 % of the frame away, left edges level",
                "under \u201cGrey Seal and Little Auk\u2026\u201d, 24 px away, as wide as it"
            })
    void attachments_name_the_other_block_by_its_words(String clause) {
        TextBlock boats =
                Samples.block("Grey Seal\nand Little Auk, Moorhen", Span.of(0, 90), new Phase(null), new Phase(null));
        TextBlock other = TextBlockBuilder.builder()
                .id("boats")
                .name("Boats")
                .span(boats.span())
                .place(boats.place())
                .text(boats.text())
                .setting(boats.setting())
                .build();
        List<Block> neighbours = List.of(PLAIN, other);
        TextBlock block = SettingReader.read(clause, PLAIN, Samples.FONTS.families(), neighbours);
        assertThat(block.place().attach().to()).isEqualTo("boats");
        String sentence = SettingPrinter.text(block, neighbours);
        assertThat(sentence).contains(", " + clause);
        assertThat(SettingReader.read(sentence, PLAIN, Samples.FONTS.families(), neighbours))
                .isEqualTo(block);
        TextBlock free = SettingReader.read(SettingPrinter.text(PLAIN), block, Samples.FONTS.families(), neighbours);
        assertThat(free.place().attach()).isNull();
        assertThatThrownBy(() ->
                        SettingReader.read("under \u201cMoorhen\u201d", PLAIN, Samples.FONTS.families(), neighbours))
                .hasMessageContaining("the name of a block");
    }

    @Test
    void what_carries_a_block_is_said_and_read_back() {
        TextBlock other = named("boats", PLAIN.place());
        MotionPath way = new MotionPath(
                List.of(
                        new PathStop("p1", 0, 0, 0.0, 0.0, 9.0, 0.0, null, 0.0, null),
                        new PathStop("p2", 9, 9, 0.0, 0.0, 0.0, 0.0, TrackKey.Anchor.END, 4.0, null)),
                true);
        Place plain = PLAIN.place();
        Place carried = new Place(
                plain.x(),
                plain.y(),
                plain.rotation(),
                plain.pivot(),
                null,
                Value.of(0.8),
                way,
                new Follow("boats", 4.0),
                new MakeRoom(List.of("boats"), 0.0, -160.0, 0.8, -90.0, 12.0, "ease-out"),
                null,
                Mirrored.DOWN);
        TextBlock block = named("b", carried);
        List<Block> neighbours = List.of(block, other);
        String sentence = SettingPrinter.text(block, neighbours);
        assertThat(sentence)
                .contains(
                        "scaled to 80 %, mirrored top to bottom, travelling a path of 2 points until 4 frames before its end steadily, turning along")
                .contains("following \u201cboats\u201d 4 frames behind")
                .contains(
                        "as \u201cboats\u201d makes room by 0 px across, -160 px down, 80 %, -90\u00b0 in 12 frames easing ease-out");
        assertThat(SettingReader.read(sentence, block, Samples.FONTS.families(), neighbours))
                .isEqualTo(block);
        TextBlock sooner = SettingReader.read(
                "travelling a path of 2 points until its end steadily", block, Samples.FONTS.families(), neighbours);
        assertThat(sooner.place().way().stops().get(1).at()).isZero();
        assertThat(SettingPrinter.text(sooner, neighbours)).contains("a path of 2 points until its end steadily");
        TextBlock typed = SettingReader.read(
                "following \u201cboats\u201d 2 frames behind, as \u201cboats\u201d makes room by 0 px across, 80 px down, 50 %,"
                        + " 0\u00b0 in 9 frames",
                PLAIN, Samples.FONTS.families(), neighbours);
        assertThat(typed.place().follow()).isEqualTo(new Follow("boats", 2.0));
        assertThat(typed.place().room().y()).isEqualTo(80);
        assertThatThrownBy(() -> SettingReader.read("travelling a path", PLAIN, Samples.FONTS.families(), neighbours))
                .hasMessageContaining("drawn in the picture");
    }

    @Test
    void what_changes_over_time_is_said_key_by_key_and_kept_when_read() {
        Place plain = PLAIN.place();
        Value<Double> turns = new Value.Track<>(List.of(
                new TrackKey<>("k1", TrackKey.Anchor.START, 0, -8.0, "hold"),
                new TrackKey<>("k2", TrackKey.Anchor.HOLD, 0.5, 0.0, "linear"),
                new TrackKey<>("k3", TrackKey.Anchor.END, 10, 4.0, "linear")));
        TextBlock block = named(
                "b",
                new Place(
                        plain.x(), plain.y(), turns, plain.pivot(), null, Value.of(1.0), null, null, null, null, null));
        String sentence = SettingPrinter.text(block);
        assertThat(sentence)
                .contains(
                        "turned keyed [0: -8\u00b0 holding; 50 % of the rest: 0\u00b0 steadily; 10 before the end: 4\u00b0]");
        assertThat(SettingReader.read(sentence, block, Samples.FONTS.families()))
                .isEqualTo(block);
        assertThat(SettingReader.read("turned 5\u00b0", block, Samples.FONTS.families())
                        .place()
                        .rotation())
                .isEqualTo(Value.of(5.0));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "mirrored left to right | ACROSS",
                "flipped | ACROSS",
                "upside down | DOWN",
                "mirrored both ways | BOTH",
                "not mirrored |"
            })
    void a_block_is_mirrored_and_no_longer(String typed, Mirrored mirrored) {
        TextBlock block = named("b", PLAIN.place().withMirrored(Mirrored.BOTH));
        assertThat(SettingReader.read(typed, block, Samples.FONTS.families())
                        .place()
                        .mirrored())
                .isEqualTo(mirrored);
    }

    private static TextBlock named(String text, Place place) {
        return TextBlockBuilder.builder()
                .id(text)
                .name(text)
                .span(PLAIN.span())
                .place(place)
                .text(text)
                .setting(PLAIN.setting())
                .build();
    }
}
