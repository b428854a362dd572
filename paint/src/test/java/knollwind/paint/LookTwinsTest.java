package knollwind.paint;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.List;
import knollwind.core.display.DisplayList;
import knollwind.core.frame.SceneScore;
import knollwind.core.library.LookLibrary;
import knollwind.core.library.ReadyLook;
import knollwind.core.type.FontLibrary;
import org.junit.jupiter.api.Test;

/** No two ready-made looks look alike in one colour, and none looks like no look. */
class LookTwinsTest {
    private static final int WIDTH = SheetScenes.WIDTH;
    private static final int HEIGHT = SheetScenes.HEIGHT;
    private static final String WORDS = "Last boat";
    private static final String COLOUR = "#f0b64a";

    /** px of a square that is seen as one. */
    private static final int SQUARE = 2;

    /** Of the light of the plain words. */
    private static final double TWINS = 0.04;

    @Test
    void no_two_looks_are_alike() {
        LookSheet sheet = new LookSheet(new FontLibrary());
        List<String> names = new ArrayList<>(List.of("no look"));
        List<int[]> pictures = new ArrayList<>();
        try (FramePainter painter = FramePainter.whole(WIDTH, HEIGHT, id -> null)) {
            SceneScore plain = new SheetScenes(new FontLibrary()).of(WORDS, SheetScenes.SEA, block -> block);
            pictures.add(grey(painter, plain.at(LookSheet.FRAME)));
            for (ReadyLook look : LookLibrary.looks()) {
                names.add(look.name());
                pictures.add(grey(painter, sheet.score(look, WORDS, COLOUR).at(LookSheet.FRAME)));
            }
        }
        double light = between(pictures.get(0), new int[pictures.get(0).length]);
        List<String> twins = new ArrayList<>();
        double nearest = 1;
        for (int i = 0; i < pictures.size(); i++) {
            for (int k = i + 1; k < pictures.size(); k++) {
                double distance = between(pictures.get(i), pictures.get(k)) / light;
                nearest = Math.min(nearest, distance);
                if (distance < TWINS) {
                    twins.add(String.format("%s / %s: %.3f", names.get(i), names.get(k), distance));
                }
            }
        }
        assertThat(twins).as("the nearest two are %.3f apart", nearest).isEmpty();
    }

    /** How light each square is over the ground. */
    private static int[] grey(FramePainter painter, DisplayList list) {
        painter.paint(list);
        ByteBuffer pixels = painter.straightPixels();
        int[] squares = new int[WIDTH / SQUARE * (HEIGHT / SQUARE)];
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                int at = 4 * (y * WIDTH + x);
                int light = (pixels.get(at) & 255) + (pixels.get(at + 1) & 255) + (pixels.get(at + 2) & 255);
                squares[y / SQUARE * (WIDTH / SQUARE) + x / SQUARE] += light - (0x1d + 0x5c + 0x80);
            }
        }
        return squares;
    }

    private static double between(int[] a, int[] b) {
        double sum = 0;
        for (int i = 0; i < a.length; i++) {
            sum += Math.abs(a[i] - b[i]);
        }
        return sum;
    }
}
