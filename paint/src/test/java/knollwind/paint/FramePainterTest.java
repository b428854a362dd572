package knollwind.paint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.List;
import knollwind.core.display.DisplayList;
import knollwind.core.display.Ink;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Outline;
import org.junit.jupiter.api.Test;

/** Operations one by one, with pixel values worked out by hand (premultiplied, blue green red alpha). */
class FramePainterTest {
    private static final Outline SQUARE =
            Outline.of(new byte[] {0, 1, 1, 1, 5}, new float[] {0, 0, 8, 0, 8, 8, 0, 8}, new Box(0, 0, 8, 8));
    private static final Ink RED = new Ink.Plain(0xffc8472f);

    @Test
    void a_fill_covers_its_outline_and_nothing_else() {
        byte[] pixels = paint(new PaintOp.Concat(1, 0, 0, 1, 4, 4), new PaintOp.Fill(SQUARE, RED, 1));
        assertThat(pixel(pixels, 5, 5)).containsExactly(0x2f, 0x47, 0xc8, 255);
        assertThat(pixel(pixels, 3, 5)).containsExactly(0, 0, 0, 0);
        assertThat(pixel(pixels, 12, 5)).containsExactly(0, 0, 0, 0);
    }

    @Test
    void half_a_pixel_of_cover_is_half_the_alpha() {
        byte[] pixels =
                paint(new PaintOp.Concat(1, 0, 0, 1, 4.5f, 4), new PaintOp.Fill(SQUARE, new Ink.Plain(0xffffffff), 1));
        assertThat(pixel(pixels, 4, 6)[3]).isBetween(126, 129);
    }

    @Test
    void opacity_of_ink_fill_and_layer_multiply() {
        byte[] pixels = paint(
                new PaintOp.Layer(0.5f, 0, 0),
                new PaintOp.Fill(SQUARE, new Ink.Plain(0x80ffffff), 0.5f),
                new PaintOp.Restore());
        assertThat(pixel(pixels, 2, 2)[3]).isBetween(31, 33);
    }

    @Test
    void the_mean_of_pictures_is_that_of_their_values_times_alpha_in_pixels_and_files() throws Exception {
        DisplayList square = new DisplayList(List.of(new PaintOp.Fill(SQUARE, RED, 1)));
        DisplayList away =
                new DisplayList(List.of(new PaintOp.Concat(1, 0, 0, 1, 8, 0), new PaintOp.Fill(SQUARE, RED, 1)));
        try (FramePainter painter = new FramePainter(16, 16)) {
            painter.paint(List.of(square, away, away, away));
            byte[] pixels = Pictures.bytes(painter.premultipliedPixels());
            assertThat(pixels[4 * (2 * 16 + 2) + 3] & 255).isEqualTo(64);
            assertThat(pixels[4 * (2 * 16 + 10) + 3] & 255).isEqualTo(191);
            var png = javax.imageio.ImageIO.read(new java.io.ByteArrayInputStream(painter.png()));
            assertThat(png.getRGB(2, 2) >>> 24).isEqualTo(64);
            painter.paint(List.of(square));
            assertThat(Pictures.bytes(painter.premultipliedPixels())[4 * (2 * 16 + 2) + 3] & 255)
                    .isEqualTo(255);
        }
    }

    @Test
    void a_matrix_maps_columns_with_y_down_and_clockwise_turns() {
        // A quarter turn clockwise takes x to y and y to -x.
        byte[] pixels = paint(
                new PaintOp.Concat(0, 1, -1, 0, 16, 0),
                new PaintOp.Concat(1, 0, 0, 0.5f, 0, 0),
                new PaintOp.Fill(SQUARE, RED, 1));
        assertThat(pixel(pixels, 13, 2)[3]).isEqualTo(255);
        assertThat(pixel(pixels, 13, 7)[3]).isEqualTo(255);
        assertThat(pixel(pixels, 11, 2)[3]).isZero();
    }

    @Test
    void a_clip_holds_until_it_is_restored() {
        byte[] pixels = paint(
                new PaintOp.Save(),
                new PaintOp.Clip(Outline.of(
                        new byte[] {0, 1, 1, 1, 5}, new float[] {0, 0, 4, 0, 4, 4, 0, 4}, new Box(0, 0, 4, 4))),
                new PaintOp.Fill(SQUARE, RED, 1),
                new PaintOp.Restore(),
                new PaintOp.Concat(1, 0, 0, 1, 8, 8),
                new PaintOp.Fill(SQUARE, RED, 1));
        assertThat(pixel(pixels, 2, 2)[3]).isEqualTo(255);
        assertThat(pixel(pixels, 6, 2)[3]).isZero();
        assertThat(pixel(pixels, 10, 10)[3]).isEqualTo(255);
    }

    @Test
    void a_blur_spreads_what_is_in_its_layer_and_keeps_its_sum() {
        PaintOp[] list = {
            new PaintOp.Layer(1, 2, 2),
            new PaintOp.Concat(1, 0, 0, 1, 12, 12),
            new PaintOp.Fill(SQUARE, new Ink.Plain(0xffffffff), 1),
            new PaintOp.Restore()
        };
        byte[] pixels = paint(list);
        long sum = 0;
        for (int i = 3; i < pixels.length; i += 4) {
            sum += pixels[i] & 255;
        }
        assertThat((double) sum / 255).isBetween(62.0, 66.0);
        assertThat(pixel(pixels, 10, 16)[3]).isBetween(20, 90);
    }

    @Test
    void a_gradient_runs_along_its_line() {
        Ink ink = new Ink.Gradient(0, 0, 8, 0, new float[] {0, 1}, new int[] {0xff000000, 0xffffffff});
        byte[] pixels = paint(new PaintOp.Fill(SQUARE, ink, 1));
        // Pixel centres lie at 0.5/8 and 7.5/8 of the way.
        assertThat(pixel(pixels, 0, 3)[0]).isBetween(14, 18);
        assertThat(pixel(pixels, 7, 3)[0]).isBetween(237, 241);
    }

    @Test
    void straight_pixels_are_not_multiplied_by_alpha() {
        try (FramePainter painter = new FramePainter(4, 4)) {
            painter.paint(new DisplayList(List.of(new PaintOp.Fill(SQUARE, RED, 0.5f))));
            byte[] straight = Pictures.bytes(painter.straightPixels());
            assertThat(Math.abs((straight[2] & 255) - 0xc8)).isLessThanOrEqualTo(1);
            assertThat(straight[3] & 255).isBetween(127, 128);
        }
    }

    @Test
    void a_closed_painter_refuses_instead_of_crashing() {
        FramePainter painter = new FramePainter(4, 4);
        painter.close();
        painter.close();
        assertThatThrownBy(() -> painter.paint(DisplayList.EMPTY)).isInstanceOf(IllegalStateException.class);
        assertThatThrownBy(painter::png).isInstanceOf(IllegalStateException.class);
    }

    private static byte[] paint(PaintOp... paints) {
        return Pictures.pixels(new DisplayList(Arrays.asList(paints)), 32, 32);
    }

    private static int[] pixel(byte[] pixels, int x, int y) {
        int at = 4 * (y * 32 + x);
        return new int[] {pixels[at] & 255, pixels[at + 1] & 255, pixels[at + 2] & 255, pixels[at + 3] & 255};
    }
}
