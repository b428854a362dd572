package knollwind.paint;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import knollwind.core.display.DisplayList;
import knollwind.core.display.Ink;
import knollwind.core.display.PaintOp;
import knollwind.core.display.Piece;
import knollwind.core.frame.Footage;
import knollwind.core.frame.SceneScore;
import knollwind.core.frame.SceneSequence;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Outline;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What rests is painted once, and nobody can tell: the pixels are those of painting every list whole. */
class PaintedOnceTest {
    private static final Project DEMO = Pictures.demo();

    /** Each scene in one of its formats, each format in some scenes: a frame takes a tenth of a second to paint whole. */
    static Stream<Arguments> scenes() {
        return IntStream.range(0, DEMO.scenes().size()).mapToObj(i -> {
            Scene scene = DEMO.scenes().get(i);
            return Arguments.of(
                    scene.id(), scene.formats().get(i % scene.formats().size()).id());
        });
    }

    private static SceneScore score(String id, String format) {
        Scene scene = DEMO.scene(id);
        return SceneScore.of(DEMO, scene, scene.format(format), Pictures.TYPESETTER);
    }

    /** Three frames in a row, at places all over the scene, in an order of no sense. */
    private static int[] frames(int length, long seed) {
        Random random = new Random(seed);
        return IntStream.range(0, 3)
                .map(i -> random.nextInt(length - 3))
                .flatMap(first -> IntStream.range(first, first + 3))
                .toArray();
    }

    private static void assertSame(Footage footage, int[] frames) {
        try (FramePainter painter = new FramePainter(footage.width(), footage.height());
                FramePainter whole = FramePainter.whole(footage.width(), footage.height(), id -> null)) {
            for (int frame : frames) {
                List<DisplayList> lists = footage.frame(frame, false);
                painter.paint(lists);
                whole.paint(lists);
                assertThat(difference(painter.premultipliedPixels(), whole.premultipliedPixels()))
                        .as("first byte that differs at frame %d", frame)
                        .isEqualTo(-1);
            }
        }
    }

    private static int difference(ByteBuffer one, ByteBuffer other) {
        return one.duplicate().rewind().mismatch(other.duplicate().rewind());
    }

    @ParameterizedTest
    @MethodSource("scenes")
    void a_scene_is_painted_as_it_is_whole_whatever_was_painted_before(String scene, String format) {
        SceneScore score = score(scene, format);
        assertSame(score, frames(score.length(), scene.hashCode()));
    }

    @Test
    void a_film_is_painted_as_it_is_whole_where_its_scenes_cross_over() {
        SceneSequence film =
                SceneSequence.of(DEMO, DEMO.scenes().get(0).formats().get(0), Pictures.TYPESETTER);
        int[] crossings = film.stretches().stream()
                .skip(1)
                .flatMapToInt(stretch -> IntStream.of(stretch.from() - 1, stretch.from(), stretch.from() + 5))
                .toArray();
        assertSame(film, crossings);
    }

    @Test
    void of_a_scene_that_rests_little_is_painted() {
        SceneScore score = score("opening", "wide");
        try (FramePainter painter = new FramePainter(score.width(), score.height())) {
            // Until the title, which has arrived, begins to be drawn nearer.
            int frames = 15;
            for (int frame = 60; frame < 60 + frames; frame++) {
                painter.paint(score.frame(frame));
            }
            double share = painter.painted() / (double) frames / score.width() / score.height();
            assertThat(share).isBetween(0.01, 0.5);
        }
    }

    /** Credits and words that go away as a whole, letters and gradients in them. */
    @ParameterizedTest
    @CsvSource({"thanks, 58, 68", "end-card, 106, 119", "note, 105, 114", "stops, 201, 216"})
    void what_fades_as_a_whole_is_kept_as_pixels(String scene, int from, int to) {
        SceneScore score = score(scene, DEMO.scene(scene).formats().get(0).id());
        int[] frames = IntStream.range(from, to).toArray();
        try (FramePainter painter = new FramePainter(score.width(), score.height())) {
            IntStream.of(frames).forEach(frame -> painter.paint(score.frame(frame)));
            assertThat(painter.keptLayers()).isPositive();
        }
        assertSame(score, frames);
    }

    /** Dark gradients are dithered by a pattern that lies on the frame; a layer off its grid would shift it. */
    @ParameterizedTest
    @CsvSource({"33, 41", "35, 46", "40, 37"})
    void a_gradient_in_a_layer_keeps_the_pattern_of_the_frame(int left, int top) {
        Outline box = Outline.rectangle(new Box(left, top, left + 90, top + 60));
        int[] dark = {0xff050a12, 0xff0c1626};
        PaintOp fill = new PaintOp.Fill(box, new Ink.Gradient(left, 0, left + 90, 9, new float[] {0, 1}, dark), 1);
        PaintOp save = new PaintOp.Save();
        PaintOp restore = new PaintOp.Restore();
        try (FramePainter plain = FramePainter.whole(160, 120, id -> null);
                FramePainter layered = FramePainter.whole(160, 120, id -> null)) {
            plain.paint(new DisplayList(List.of(save, fill, restore)));
            layered.paint(new DisplayList(List.of(new PaintOp.Layer(1, 0, 0), fill, restore)));
            assertThat(difference(layered.premultipliedPixels(), plain.premultipliedPixels()))
                    .isEqualTo(-1);
        }
    }

    @Test
    void a_kept_picture_goes_when_another_one_takes_its_place() throws Exception {
        Map<String, byte[]> files = Map.of("night", flat(0xff13283a), "day", flat(0xfff0b64a));
        try (FramePainter painter = new FramePainter(64, 48, files::get);
                FramePainter whole = FramePainter.whole(64, 48, files::get)) {
            for (String picture : List.of("night", "night", "night", "night", "day", "day", "none", "night")) {
                DisplayList list = new DisplayList(List.of(new PaintOp.Fill(
                        Outline.rectangle(new Box(0, 0, 64, 48)), new Ink.Picture(picture, 8, 6, 0, 0), 1)));
                painter.paint(list);
                whole.paint(list);
                assertThat(difference(painter.premultipliedPixels(), whole.premultipliedPixels()))
                        .as(picture)
                        .isEqualTo(-1);
            }
        }
    }

    /** A PNG of eight by eight pixels. */
    private static byte[] flat(int argb) throws IOException {
        BufferedImage image = new BufferedImage(8, 8, BufferedImage.TYPE_INT_ARGB);
        image.setRGB(0, 0, 8, 8, IntStream.generate(() -> argb).limit(64).toArray(), 0, 8);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }

    /**
     * A layer is only as large as it must be. Its outlines are moved by its corner, which rounds their numbers in another way: single
     * pixels of edges may differ, nothing is cut off.
     */
    @ParameterizedTest
    @MethodSource("scenes")
    void a_layer_that_is_as_large_as_it_must_be_cuts_nothing_off(String scene, String format) {
        SceneScore score = score(scene, format);
        try (FramePainter bounded = FramePainter.whole(score.width(), score.height(), id -> null);
                FramePainter endless = FramePainter.whole(score.width(), score.height(), id -> null)) {
            for (int frame = 4; frame < score.length(); frame += score.length() / 5) {
                DisplayList list = score.frame(frame).get(0);
                bounded.paint(list);
                endless.paint(withEndlessLayers(list));
                ByteBuffer one = bounded.premultipliedPixels();
                ByteBuffer other = endless.premultipliedPixels();
                int differing = 0;
                int most = 0;
                for (int at = 0; at < one.limit(); at++) {
                    int difference = Math.abs((one.get(at) & 255) - (other.get(at) & 255));
                    most = Math.max(most, difference);
                    differing += difference > 1 ? 1 : 0;
                }
                assertThat(most).as("at frame %d", frame).isLessThanOrEqualTo(24);
                assertThat(differing).as("at frame %d", frame).isLessThan(one.limit() / 10_000);
            }
        }
    }

    /** The same with something in every layer that nobody sees and that reaches everywhere. */
    private static DisplayList withEndlessLayers(DisplayList list) {
        Outline everywhere = Outline.of(
                new byte[] {Outline.MOVE, Outline.LINE, Outline.LINE, Outline.CLOSE},
                new float[] {-1e5f, -1e5f, 3e5f, -1e5f, -1e5f, 3e5f},
                new Box(-1e5, -1e5, 3e5, 3e5));
        PaintOp unseen = new PaintOp.Fill(everywhere, new Ink.Plain(0), 1);
        return new DisplayList(list.paints().stream()
                .flatMap(paint -> paint instanceof PaintOp.Layer ? Stream.of(paint, unseen) : Stream.of(paint))
                .toList());
    }

    @ParameterizedTest
    @MethodSource("scenes")
    void no_piece_leaves_ink_beyond_its_reach(String scene, String format) {
        SceneScore score = score(scene, format);
        int width = score.width();
        try (FramePainter whole = FramePainter.whole(width, score.height(), id -> null)) {
            Random random = new Random(scene.length());
            for (int i = 0; i < 3; i++) {
                List<Piece> pieces =
                        Piece.of(score.frame(random.nextInt(score.length())).get(0));
                Piece piece = pieces.get(random.nextInt(pieces.size()));
                whole.paint(new DisplayList(piece.paints()));
                Area reach = Area.of(piece.reach(), width, score.height());
                ByteBuffer pixels = whole.premultipliedPixels();
                for (int at = 0; at < width * score.height(); at++) {
                    boolean inside = reach.meets(new Area(at % width, at / width, at % width + 1, at / width + 1));
                    if (!inside && pixels.getInt(4 * at) != 0) {
                        assertThat(at)
                                .as("ink at %d, %d beyond %s", at % width, at / width, reach)
                                .isNegative();
                    }
                }
            }
        }
    }
}
