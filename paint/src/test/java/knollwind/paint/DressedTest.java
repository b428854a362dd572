package knollwind.paint;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.directions.dress.DressReader;
import knollwind.core.directions.move.MoveReader;
import knollwind.core.directions.setting.SettingReader;
import knollwind.core.display.DisplayList;
import knollwind.core.display.PaintOp;
import knollwind.core.frame.SceneScore;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Dressing;
import knollwind.core.scene.Fill;
import knollwind.core.scene.FrameRate;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.Value;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Dressed words as pixels. */
class DressedTest {
    private static final int WIDTH = 480;
    private static final int HEIGHT = 270;
    private static final int LENGTH = 40;

    private static TextBlock words(List<Dressing> dress) {
        TextBlock title = (TextBlock) Pictures.demo().scene("opening").blocks().stream()
                .filter(block -> block.id().equals("title"))
                .findFirst()
                .orElseThrow();
        TextBlock placed = SettingReader.read(
                "placed by the centre at 50 % of the frame across and 50 % of the frame down, at 70 px, in #f4ead2, not in pairs",
                title, Pictures.FONTS.families());
        return placed.withSpan(Span.of(0, LENGTH))
                .withArrive(new Phase(List.of(MoveReader.read(
                        "words slide left 90 px and fade in, 12 frames each, 3 apart", PhaseKind.ARRIVE, null))))
                .withDwell(Phase.CUT)
                .withLeave(Phase.CUT)
                .withDress(dress);
    }

    private static SceneScore score(List<Dressing> dress) {
        Fill ground = new Fill.Solid(Value.of("#1d5c80"));
        return Pictures.score(words(dress), ground, WIDTH, HEIGHT, LENGTH, new FrameRate(24, 1));
    }

    private static SceneScore score(String sentence) {
        return score(DressReader.read(sentence, List.of()));
    }

    private static byte[] pixels(SceneScore score, double time) {
        return Pictures.pixels(score.at(time), WIDTH, HEIGHT);
    }

    /** Painted anew only where something differs, the pixels are the same: so a dressing's bounds hold all that it paints. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "a shadow of 9 px in #000000 at 60 % falling 20 px towards 200° spread by 3 px",
                "a long shadow of 2 em towards 30° in #0b1a26 at 70 %",
                "an inner shadow, a glow of 3 to 24 px in #f0b64a at 80 %",
                "outlined by 4 px outside in #c8472f leaving a gap of 5 px, a shadow",
                "outlined by 3 px inside in #c8472f, outlined by 2 px along the edge in #0b1a26 with its ink gone",
                "mirrored above at 40 % fading over 1 em blurred by 3 px, a glow",
                "mirrored to the right at 40 % fading over 3 em",
                "a wake of 5 copies 2 frames apart fading from 60 to 10 % blurred to 4 px",
                "stacked 6 deep by 2 px towards 60° in #c8472f to #5a1f16, a wake of 3 copies 1 frame apart",
                "repeated in 3 columns and 3 rows with gaps of 0.2 em and 0.1 em each row later by 3 frames the others at 50 %",
                "a window in #0b1a26 at 90 %, a shadow",
                "a glow, laid over by colour dodge at 70 %",
                "moved like cloth by 12 px in folds of 0.8 em drifting 2 em a second, a sheen",
                "waving from side to side by 10 px, split into its channels by 5 px",
                "bent over -90\u00b0, bulging by 60 % within 1 em",
                "rippling by 9 px, roughened by 3 px dealt anew every 2 frames",
                "cut into 9 slices thrown aside by 40 px dealt anew every 2 frames",
                "lit as a sign in #f0b64a with light of 4 to 20 px at 80 % spilling over 50 px at 30 % stuttering on over 20 frames",
                "a shadow on the floor of 5 px in #000000 at 60 % leaning over -1 em, sparkling with 20 glints of 0.5 em",
                "textured by print dots of 5 px in #0b1a26 at 70 %, a glow of 3 to 12 px in #c8472f at 90 % lying inside it",
                "textured by brushed lines of 4 px in #0b1a26 at 70 %, a glow of 3 to 30 px in #c8472f at 90 % its light added to what is behind",
                "flown into over its last 30 frames, a window in #0b1a26",
                "disturbed by 90 % dealt anew every 4 frames, mirrored below at 50 % fading over 2 em rippling by 6 px",
                "outlined by 4 px outside in #c8472f in dashes of 9 px and gaps of 5 px its corners sharp drawn as far as 70 %",
                "a wake of 4 copies 2 frames apart fading from 60 to 20 % growing to 180 % running ahead of it its copies outlined"
            })
    void a_dress_is_painted_as_it_is_whole(String sentence) {
        SceneScore score = score(sentence);
        try (FramePainter painter = new FramePainter(WIDTH, HEIGHT);
                FramePainter whole = FramePainter.whole(WIDTH, HEIGHT, id -> null)) {
            for (int frame = 0; frame < 24; frame += 2) {
                painter.paint(score.at(frame));
                whole.paint(score.at(frame));
                assertThat(painter.premultipliedPixels().mismatch(whole.premultipliedPixels()))
                        .as("first byte that differs at frame %d", frame)
                        .isEqualTo(-1);
            }
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "a shadow of 6 px in #000000 at %s",
                "a long shadow of 1 em towards 45\u00b0 in #000000 at %s",
                "an inner shadow of 6 px in #000000 at %s",
                "a glow of 4 to 20 px in #f0b64a at %s",
                "outlined by 3 px outside in #000000 at %s",
                "outlined by 3 px inside in #000000 at %s",
                "mirrored below at %s fading over 2 em",
                "a window in #000000 at %s",
                "a sheen of 1 em in #ffffff at %s",
                "a shadow on the floor of 6 px in #000000 at %s",
                "textured by hatching of 6 px in #000000 at %s",
                "a glow of 4 to 20 px in #f0b64a at %s lying inside it"
            })
    void of_nothing_nothing_is_seen_and_of_a_little_a_little(String sentence) {
        byte[] plain = pixels(score(List.of()), 30);
        assertThat(pixels(score(sentence.formatted("0 %")), 30)).isEqualTo(plain);
        byte[] little = pixels(score(sentence.formatted("2 %")), 30);
        assertThat(little).isNotEqualTo(plain);
        assertThat(Pictures.furthest(little, plain)).isLessThan(16);
    }

    @Test
    void a_window_and_what_it_is_cut_out_of_are_whole() {
        List<Dressing> window = DressReader.read("a window in #f4ead2", List.of());
        SceneScore cut = score(window);
        SceneScore plain = score(List.of());
        // Words in the colour of the cover over it leave nothing to be seen through but the seam of their soft edges.
        try (FramePainter painter = FramePainter.whole(WIDTH, HEIGHT, id -> null)) {
            List<PaintOp> both = new ArrayList<>(cut.at(30).paints());
            both.addAll(plain.blocks().get(0).at(30).list().paints());
            painter.paint(new DisplayList(both));
            byte[] seen = Pictures.bytes(painter.premultipliedPixels());
            int holes = 0;
            for (int i = 0; i < seen.length; i += 4) {
                holes += (seen[i + 2] & 255) < 0xf4 - 0x50 ? 1 : 0;
            }
            assertThat(holes).isZero();
        }
        // And alone it lets the blue ground be seen.
        byte[] alone = pixels(cut, 30);
        int seen = 0;
        for (int i = 0; i < alone.length; i += 4) {
            seen += (alone[i + 2] & 255) == 0x1d ? 1 : 0;
        }
        assertThat(seen).isGreaterThan(1000);
    }
}
