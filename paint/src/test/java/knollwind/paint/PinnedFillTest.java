package knollwind.paint;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import knollwind.core.directions.move.MoveReader;
import knollwind.core.directions.setting.SettingReader;
import knollwind.core.display.DisplayList;
import knollwind.core.frame.SceneScore;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Fill;
import knollwind.core.scene.FrameRate;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.Value;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Words as windows onto what stands still in the frame. */
class PinnedFillTest {
    private static final int WIDTH = 640;
    private static final int HEIGHT = 360;
    /** Of 255: how far a pixel may be off that a letter covers in part; a blur mixes the frame's colours around it. */
    private static final int SOFT = 12;

    private static final Fill.Gradient DAWN = new Fill.Gradient(
            20,
            List.of(
                    new Fill.Stop("a", 0, "#f0b64a"),
                    new Fill.Stop("b", 0.5, "#1d5c80"),
                    new Fill.Stop("c", 1, "#c8472f")));

    private static TextBlock moving(String arriving, Fill fill) {
        TextBlock title = (TextBlock) Pictures.demo().scene("opening").blocks().stream()
                .filter(block -> block.id().equals("title"))
                .findFirst()
                .orElseThrow();
        TextBlock placed = SettingReader.read(
                "placed by the centre at 50 % of the frame across and 50 % of the frame down, turned -7\u00b0, at 90 px",
                title, Pictures.FONTS.families());
        return placed.withSpan(Span.of(0, 60))
                .withArrive(new Phase(List.of(MoveReader.read(arriving, PhaseKind.ARRIVE, null))))
                .withDwell(Phase.CUT)
                .withLeave(Phase.CUT)
                .withSetting(placed.setting().withFill(fill));
    }

    private static SceneScore score(TextBlock block, Fill ground) {
        return Pictures.score(block, ground, WIDTH, HEIGHT, 60, new FrameRate(30, 1));
    }

    /** Where letters cover all of a pixel it is the frame's own gradient; where a part of it, that part. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "characters rise 90 px, 20 frames each, 1 apart",
                "characters tip from -70\u00b0, 20 frames each, 1 apart",
                "words swing from 60\u00b0 and draw back 200 px, 20 frames each, 2 apart",
                "lines shrink from 180 %, sharpen from 6 px of blur, 20 frames each, 2 apart",
                "the whole turns from 40\u00b0 and leans from 20\u00b0, 30 frames each",
                "characters fade in and slide left 60 px, 20 frames each, 2 apart",
                "characters draw in, 30 frames each, 1 apart",
                "characters write in, 30 frames each, 1 apart"
            })
    void what_is_pinned_stands_still_while_letters_move(String arriving) {
        SceneScore pinned = score(moving(arriving, DAWN.over(Fill.Area.FRAME)), new Fill.None());
        SceneScore white = score(moving(arriving, new Fill.Solid(Value.of("#ffffff"))), new Fill.None());
        byte[] frame = Pictures.pixels(
                score(moving(arriving, new Fill.None()), DAWN).background().at(0), WIDTH, HEIGHT);
        for (int time : new int[] {4, 11, 18, 50}) {
            byte[] seen = Pictures.pixels(pinned.at(time), WIDTH, HEIGHT);
            byte[] cover = Pictures.pixels(white.at(time), WIDTH, HEIGHT);
            int covered = 0;
            for (int i = 0; i < seen.length; i += 4) {
                int alpha = cover[i + 3] & 255;
                covered += alpha == 255 ? 1 : 0;
                for (int channel = 0; channel < 4; channel++) {
                    int expected = Math.round((frame[i + channel] & 255) * alpha / 255f);
                    assertThat(seen[i + channel] & 255)
                            .as("%s at %d, byte %d", arriving, time, i + channel)
                            .isBetween(expected - SOFT, expected + SOFT);
                }
            }
            assertThat(covered).as(arriving + " at " + time).isGreaterThan(time == 50 ? 2000 : -1);
        }
    }

    @Test
    void a_line_in_a_colour_of_its_own_keeps_it() {
        TextBlock outlined =
                moving("characters outline from 6 px #ff0000, 20 frames each, 1 apart", DAWN.over(Fill.Area.FRAME));
        byte[] seen = Pictures.pixels(score(outlined, new Fill.None()).at(8), WIDTH, HEIGHT);
        int red = 0;
        for (int i = 0; i < seen.length; i += 4) {
            red += (seen[i] & 255) < 4 && (seen[i + 1] & 255) < 4 && (seen[i + 2] & 255) > 250 ? 1 : 0;
        }
        assertThat(red).isGreaterThan(300);
    }

    /** What is painted with a memory of the frame before is what is painted whole. */
    @Test
    void a_pinned_fill_is_painted_once_where_it_rests() {
        SceneScore score = score(
                moving("characters rise 90 px and fade in, 20 frames each, 2 apart", DAWN.over(Fill.Area.FRAME)), DAWN);
        try (FramePainter painter = new FramePainter(WIDTH, HEIGHT);
                FramePainter whole = FramePainter.whole(WIDTH, HEIGHT, id -> null)) {
            for (int time = 0; time < 60; time += 3) {
                List<DisplayList> lists = score.frame(time);
                painter.paint(lists);
                whole.paint(lists);
                assertThat(Pictures.bytes(painter.premultipliedPixels()))
                        .as("frame " + time)
                        .isEqualTo(Pictures.bytes(whole.premultipliedPixels()));
            }
        }
    }
}
