package knollwind.core.directions;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import knollwind.core.Samples;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Edit;
import knollwind.core.directions.controls.FormatPx;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.move.MovePrinter;
import knollwind.core.directions.move.MoveReader;
import knollwind.core.directions.setting.SettingPrinter;
import knollwind.core.directions.setting.SettingReader;
import knollwind.core.directions.setting.ShapeReader;
import knollwind.core.frame.BlockScore;
import knollwind.core.frame.SceneScore;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Block;
import knollwind.core.scene.Format;
import knollwind.core.scene.FrameFit;
import knollwind.core.scene.Move;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Span;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Lengths are told, changed and typed in the px of the format that is looked at. */
class FormatPxTest {
    /** Half as large, with 20 px beside it and 100 px above it. */
    private static final FormatPx HALF = new FormatPx(new FrameFit(0.5, 20, 100, 2000, 1480));

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Set in Archivo weight 700 at 264 px, tracking 20 | Set in Archivo weight 700 at 132 px, tracking 20",
                "placed by the centre at 960 px across and 540 px down | placed by the centre at 500 px across and 370 px down",
                "at 50 % of the frame across and 430 px down | at 50 % of the frame across and 315 px down",
                "as \u201c90 px\u201d makes room by 30 px across, -20 px down | as \u201c90 px\u201d makes room by 15 px across, -10 px down",
                "characters rise 5 px, 12 frames each | characters rise 2.5 px, 12 frames each",
                "10 px a frame, which judders; steady: 240 or 264 px a second | 10 px a frame, which judders; steady: 120 or 132 px a second",
                "crawling left at 201 px a second | crawling left at 100.5 px a second",
                "offset y keyed [0 %: -60 px; 100 %: 0 px] | offset y keyed [0 %: -30 px; 100 %: 0 px]",
                "rise 0.6 em, in #264264 | rise 0.6 em, in #264264"
            })
    void what_is_printed_is_seen_in_the_formats_px(String kept, String seen) {
        assertThat(HALF.seen(kept)).isEqualTo(seen);
        assertThat(HALF.<String>read(seen, "", text -> text)).isEqualTo(kept);
        assertThat(FormatPx.PLAIN.seen(kept)).isEqualTo(kept);
    }

    @Test
    void what_was_not_changed_means_exactly_what_was_kept() {
        FormatPx small = new FormatPx(new FrameFit(0.13541666, 0, 0, 0, 0));
        String kept = "at 263.75 px, wrapped at 601 px";
        assertThat(small.<String>read(small.seen(kept).replace("35.7", "40"), kept, text -> text))
                .isEqualTo("at 295.38 px, wrapped at 601 px");
    }

    @Test
    void a_mistake_is_marked_where_it_was_typed() {
        assertThatThrownBy(() -> SettingReader.read(
                        "at 50 px, sideways",
                        Samples.block("Ferry", Span.of(0, 48), Phase.CUT, Phase.CUT),
                        Samples.FONTS.families(),
                        List.of(),
                        new FormatPx(new FrameFit(0.125, 0, 0, 0, 0))))
                .isInstanceOfSatisfying(
                        DirectionException.class,
                        unread -> assertThat(unread.position()).isEqualTo(10));
    }

    /** Every block of the demo in every format: what its sentences tell together is what the whole text tells, and reads back. */
    @Test
    void every_sentence_reads_back_in_every_format() {
        Project demo = Samples.demo();
        for (Scene scene : demo.scenes()) {
            for (Format format : scene.formats()) {
                FormatPx px = new FormatPx(FrameFit.of(scene, format));
                SceneScore score = SceneScore.of(demo, scene, format, Samples.TYPESETTER);
                List<Block> blocks =
                        score.blocks().stream().map(BlockScore::block).toList();
                for (BlockScore one : score.blocks()) {
                    Block block = one.block();
                    Sentence printed = Script.of(
                                    one,
                                    "b",
                                    Samples.FONTS.families(),
                                    blocks,
                                    List.of(),
                                    List.of(),
                                    Format.Safe.TITLE,
                                    1)
                            .setting();
                    assertThat(px.seen(printed).text()).isEqualTo(px.seen(printed.text()));
                    String kept = SettingPrinter.text(block, blocks);
                    Block read = block.asWords().isPresent()
                            ? SettingReader.read(
                                    px.seen(kept), block.asWords().get(), Samples.FONTS.families(), blocks, px)
                            : ShapeReader.read(px.seen(kept), block.asShape().orElseThrow(), blocks, px);
                    assertThat(SettingPrinter.text(read, blocks)).isEqualTo(kept);
                    for (Move move : block.arrive().moves()) {
                        String said = px.seen(MovePrinter.text(move, PhaseKind.ARRIVE));
                        assertThat(MoveReader.readEveryday(said, PhaseKind.ARRIVE, move, 24, null, px))
                                .isEqualTo(move);
                    }
                }
            }
        }
    }

    /** What a control shows is what is stored, through its own factor and offset. */
    @Test
    void a_number_that_is_changed_is_stored_in_kept_px() {
        Project demo = Samples.demo();
        Scene scene = demo.scene("opening");
        SceneScore score = SceneScore.of(demo, scene, scene.formats().get(0), Samples.TYPESETTER);
        BlockScore title = score.blocks().stream()
                .filter(one -> one.block().id().equals("title"))
                .findFirst()
                .orElseThrow();
        List<Control.Number> before =
                numbers(Script.of(title, "b", List.of(), List.of(), List.of(), List.of(), Format.Safe.TITLE, 1)
                        .setting());
        List<Control.Number> after = numbers(
                HALF.seen(Script.of(title, "b", List.of(), List.of(), List.of(), List.of(), Format.Safe.TITLE, 1)
                        .setting()));
        int turned = 0;
        for (int i = 0; i < before.size(); i++) {
            Edit was = before.get(i).edits().get(0);
            Edit is = after.get(i).edits().get(0);
            if (was.value() == null) {
                assertThat(is.offset() + is.factor() * after.get(i).value())
                        .as(is.at())
                        .isCloseTo(was.offset() + was.factor() * before.get(i).value(), within(0.3));
                turned += is.factor() == was.factor() ? 0 : 1;
            }
        }
        assertThat(turned).isGreaterThan(2);
    }

    private static List<Control.Number> numbers(Sentence sentence) {
        return sentence.segments().stream()
                .filter(segment -> segment.part() != null)
                .flatMap(segment -> segment.part().controls().stream())
                .filter(Control.Number.class::isInstance)
                .map(Control.Number.class::cast)
                .toList();
    }
}
