package knollwind.core.directions.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Random;
import knollwind.core.Samples;
import knollwind.core.scene.Face;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Length;
import knollwind.core.scene.Pivot;
import knollwind.core.scene.Place;
import knollwind.core.scene.PlaceBuilder;
import knollwind.core.scene.Setting;
import knollwind.core.scene.SettingBuilder;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.TextBlockBuilder;
import knollwind.core.scene.Value;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Any setting is read back as it is printed. */
class PrintedSettingTest {
    @Test
    void a_printed_setting_is_read_back() {
        Random random = new Random(3);
        TextBlock plain = Samples.block("HOME", knollwind.core.scene.Span.of(0, 10), null, null);
        for (int i = 0; i < 300; i++) {
            TextBlock block = anySetting(plain, random);
            String sentence = SettingPrinter.text(block);
            TextBlock read = SettingReader.read(sentence, plain, Samples.FONTS.families());
            assertThat(SettingPrinter.text(read)).isEqualTo(sentence);
            assertThat(read.setting()).as(sentence).isEqualTo(block.setting());
            assertThat(read.place()).as(sentence).isEqualTo(block.place());
            assertThat(read.opacity()).as(sentence).isEqualTo(block.opacity());
        }
    }

    private static TextBlock anySetting(TextBlock block, Random random) {
        var family = Samples.FONTS
                .families()
                .get(random.nextInt(Samples.FONTS.families().size()));
        String style = family.styles().get(random.nextInt(family.styles().size()));
        java.util.Map<String, Double> axes = new java.util.TreeMap<>();
        family.axes().forEach(axis -> {
            if (random.nextBoolean()) {
                axes.put(axis.tag(), (double)
                        Math.round(axis.least() + random.nextInt(10) / 10.0 * (axis.most() - axis.least())));
            }
        });
        Setting setting = SettingBuilder.builder()
                .face(new Face(family.name(), style, axes, family.sha256()))
                .size(Value.of(1 + random.nextInt(4000) / 10.0))
                .tracking(Value.of((double) random.nextInt(300) - 100))
                .wordSpacing(random.nextBoolean() ? null : 1.0 + random.nextInt(400))
                .leading(Value.of(0.5 + random.nextInt(20) / 10.0))
                .alignment(Samples.pick(Setting.Alignment.values(), random))
                .column(
                        random.nextBoolean()
                                ? null
                                : new Length(1 + random.nextInt(90), Samples.pick(Length.Unit.values(), random)))
                .ligatures(
                        random.nextBoolean()
                                ? Setting.Ligatures.AUTO
                                : Samples.pick(Setting.Ligatures.values(), random))
                .direction(
                        random.nextBoolean()
                                ? Setting.Direction.AUTO
                                : Samples.pick(Setting.Direction.values(), random))
                .language(random.nextBoolean() ? "en-GB" : "ar")
                .fill(new Fill.Solid(Value.of(String.format("#%06x", random.nextInt(1 << 24)))))
                .build();
        Place place = PlaceBuilder.builder()
                .x(Value.of(new Length(random.nextInt(1000) - 200, Samples.pick(Length.Unit.values(), random))))
                .y(Value.of(new Length(random.nextInt(1000) / 4.0, Samples.pick(Length.Unit.values(), random))))
                .rotation(Value.of((double) random.nextInt(90) - 45))
                .pivot(new Pivot(
                        Samples.pick(Pivot.Across.values(), random),
                        Samples.pick(Pivot.Down.values(), random),
                        Samples.pick(Pivot.Box.values(), random)))
                .build();
        return TextBlockBuilder.builder()
                .id(block.id())
                .name(block.name())
                .span(block.span())
                .place(place)
                .opacity(Value.of(random.nextInt(101) / 100.0))
                .text(block.text())
                .runs(List.of())
                .setting(setting)
                .build();
    }

    @Test
    void a_family_is_read_without_saying_that_it_is_set_in_it() {
        TextBlock plain = Samples.block("HOME", knollwind.core.scene.Span.of(0, 10), null, null);
        Setting read = SettingReader.read(
                        "in Bitter weight 300 at 46 px, in #f0b64a, in capitals", plain, Samples.FONTS.families())
                .setting();
        assertThat(read.face().family()).isEqualTo("Bitter");
        assertThat(read.size()).isEqualTo(Value.of(46.0));
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "set in Gothic Nova | this family is not known",
                "set in Archivo at 90 px, glowing | \"glowing\" cannot be read",
                "tracking wide | a number is missing",
                "wrapped at the edge | a width such as",
                "leading 40 | between 0.1 and 10",
            })
    void says_what_a_setting_cannot_be(String sentence, String reason) {
        TextBlock plain = Samples.block("HOME", knollwind.core.scene.Span.of(0, 10), null, null);
        assertThatThrownBy(() -> SettingReader.read(sentence, plain, Samples.FONTS.families()))
                .hasMessageContaining(reason);
    }
}
