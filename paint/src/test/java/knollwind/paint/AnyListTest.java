package knollwind.paint;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import knollwind.core.display.DisplayList;
import knollwind.core.display.Ink;
import knollwind.core.display.Mixing;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Outline;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Lists that no scene would have, dealt by a seed: boxes and triangles in every ink, lines, clips, layers, blurs, masks, turned and
 * close to each other, of which some move from frame to frame. Painted once or whole, the pixels are the same.
 */
class AnyListTest {
    private static final int WIDTH = 320;
    private static final int HEIGHT = 200;
    private static final int FRAMES = 24;
    private static final int PIECES = 14;

    private final List<PaintOp> paints = new ArrayList<>();
    private Random random;
    private float fade;

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20})
    void any_list_is_painted_as_it_is_whole(long seed) {
        Random dealt = new Random(seed);
        long[] seeds = dealt.longs(PIECES).toArray();
        float[] fades = new float[PIECES];
        Arrays.fill(fades, 1);
        try (FramePainter painter = new FramePainter(WIDTH, HEIGHT);
                FramePainter whole = FramePainter.whole(WIDTH, HEIGHT, id -> null)) {
            for (int frame = 0; frame < FRAMES; frame++) {
                // Often nothing, seldom much is another than before; and sometimes one goes or comes.
                for (int i = 0; i < dealt.nextInt(4); i++) {
                    seeds[dealt.nextInt(PIECES)] = dealt.nextLong();
                }
                // What fades stays what it is.
                for (int i = 0; i < dealt.nextInt(3); i++) {
                    fades[dealt.nextInt(PIECES)] = dealt.nextFloat();
                }
                boolean blurred = dealt.nextInt(4) == 0;
                List<DisplayList> lists = new ArrayList<>(List.of(list(seeds, fades, seed)));
                if (blurred) {
                    seeds[dealt.nextInt(PIECES)] = dealt.nextLong();
                    lists.add(list(seeds, fades, seed));
                }
                painter.paint(lists);
                whole.paint(lists);
                ByteBuffer expected = whole.premultipliedPixels();
                assertThat(painter.premultipliedPixels().mismatch(expected))
                        .as("first byte that differs at frame %d", frame)
                        .isEqualTo(-1);
                if (dealt.nextBoolean()) {
                    assertThat(painter.straightPixels().rewind().mismatch(whole.straightPixels()))
                            .as("first straight byte that differs at frame %d", frame)
                            .isEqualTo(-1);
                }
            }
        }
    }

    /** @param ground of some the ground is open */
    private DisplayList list(long[] seeds, float[] fades, long ground) {
        paints.clear();
        if (ground % 3 != 0) {
            random = new Random(ground);
            paints.add(new PaintOp.Fill(Outline.rectangle(new Box(-1, -1, WIDTH + 1, HEIGHT + 1)), gradient(255), 1));
        }
        for (int i = 0; i < seeds.length; i++) {
            random = new Random(seeds[i]);
            fade = fades[i];
            piece();
        }
        return new DisplayList(paints);
    }

    private void piece() {
        switch (random.nextInt(12)) {
            case 0 -> fill();
            case 1 ->
                held(() -> {
                    paints.add(new PaintOp.Concat(1, 0, 0, 1, number(-9, 9), number(-9, 9)));
                    fill();
                });
            case 2 ->
                held(() -> {
                    float turn = number(-1, 1);
                    float cosine = (float) Math.cos(turn);
                    float sine = (float) Math.sin(turn);
                    paints.add(
                            new PaintOp.Concat(cosine, sine, -sine, cosine, number(0, WIDTH), number(0, HEIGHT / 2)));
                    fill();
                });
            case 3 ->
                held(() -> {
                    paints.add(new PaintOp.Clip(outline()));
                    fill();
                    fill();
                });
            case 4 -> layered(fade, 0, this::fill);
            case 5 -> layered(1, number(0, 5), this::fill);
            case 6 ->
                layered(fade, 0, () -> {
                    fill();
                    paints.add(new PaintOp.Fade(new PaintOp.Fill(outline(), gradient(random.nextInt(256)), 1)));
                });
            case 7 ->
                layered(fade, 0, () -> {
                    fill();
                    paints.add(new PaintOp.Cut());
                    fill();
                    paints.add(new PaintOp.Restore());
                });
            case 8 ->
                layered(1, 0, () -> {
                    fill();
                    mixed(number(0, 5));
                    mixed(0);
                });
            case 9 -> mixed(0);
            case 10 ->
                layered(fade, 0, () -> {
                    fill();
                    paints.add(random.nextBoolean() ? new PaintOp.Mask() : new PaintOp.Cut());
                    paints.add(new PaintOp.Bright(number(-4, 4), number(-1, 2)));
                    fill();
                    paints.add(new PaintOp.Restore());
                    paints.add(new PaintOp.Restore());
                });
            default ->
                layered(fade, 0, () -> {
                    fill();
                    paints.add(new PaintOp.Mask());
                    fill();
                    paints.add(new PaintOp.Restore());
                });
        }
    }

    private void mixed(float blur) {
        Mixing mixing = Mixing.values()[random.nextInt(Mixing.values().length)];
        paints.add(new PaintOp.Mixed(mixing, number(0, 1), blur, blur));
        fill();
        paints.add(new PaintOp.Restore());
    }

    private void held(Runnable inside) {
        paints.add(new PaintOp.Save());
        inside.run();
        paints.add(new PaintOp.Restore());
    }

    private void layered(float opacity, float blur, Runnable inside) {
        paints.add(new PaintOp.Layer(opacity, blur, blur, 1 << random.nextInt(3)));
        inside.run();
        paints.add(new PaintOp.Restore());
    }

    private void fill() {
        PaintOp.Fill fill = new PaintOp.Fill(outline(), ink(), number(0, 1));
        paints.add(random.nextInt(5) == 0 ? stroke(fill) : fill);
    }

    private PaintOp.Stroke stroke(PaintOp.Fill fill) {
        float width = number(0.5f, 6);
        return switch (random.nextInt(3)) {
            case 0 -> new PaintOp.Stroke(fill, width);
            case 1 -> new PaintOp.Stroke(fill, width, number(-20, 60));
            default ->
                new PaintOp.Stroke(
                        fill,
                        width,
                        PaintOp.Stroke.dashes(number(1, 200), number(1, 12), number(1, 12)),
                        random.nextBoolean());
        };
    }

    private Outline outline() {
        float left = number(-20, WIDTH);
        float top = number(-20, HEIGHT);
        Box box = new Box(left, top, left + number(0.2f, WIDTH / 2), top + number(0.2f, 40));
        if (random.nextInt(3) > 0) {
            return Outline.rectangle(box);
        }
        float[] points = {left, top, (float) box.right(), top, left, (float) box.bottom()};
        return Outline.of(new byte[] {Outline.MOVE, Outline.LINE, Outline.LINE, Outline.CLOSE}, points, box);
    }

    private Ink ink() {
        return switch (random.nextInt(4)) {
            case 0 -> gradient(random.nextInt(256));
            case 1 ->
                new Ink.Conic(number(0, WIDTH), number(0, HEIGHT), number(-360, 360), new float[] {0, 1}, new int[] {
                    colour(random.nextInt(256)), colour(random.nextInt(256))
                });
            case 2 ->
                new Ink.Radial(number(0, WIDTH), number(0, HEIGHT), number(5, 90), new float[] {0, 1}, new int[] {
                    colour(random.nextInt(256)), colour(random.nextInt(256))
                });
            default -> new Ink.Plain(colour(random.nextInt(256)));
        };
    }

    private Ink gradient(int alpha) {
        return new Ink.Gradient(
                number(0, WIDTH),
                number(0, HEIGHT),
                number(0, WIDTH),
                number(0, HEIGHT),
                new float[] {0, 0.3f, 1},
                new int[] {colour(alpha), colour(alpha), colour(alpha)});
    }

    private int colour(int alpha) {
        return alpha << 24 | random.nextInt(1 << 24);
    }

    private float number(float least, float most) {
        return least + random.nextFloat() * (most - least);
    }
}
