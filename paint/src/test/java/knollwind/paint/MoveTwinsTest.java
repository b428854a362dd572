package knollwind.paint;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.List;
import knollwind.core.display.DisplayList;
import knollwind.core.frame.SceneScore;
import knollwind.core.library.MotionLibrary;
import knollwind.core.library.ReadyMove;
import knollwind.core.motion.PhaseKind;
import knollwind.core.type.FontLibrary;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** No two ready-made moves look alike, and each of them moves. */
class MoveTwinsTest {
    private static final int WIDTH = 320;
    private static final int HEIGHT = 130;
    private static final String WORDS = "Last boat\nhome";

    /** Of the light of the words at rest; the nearest two were 0.052 apart when this was written. */
    private static final double TWINS = 0.05;

    private final MoveSheet sheet = new MoveSheet(new FontLibrary());

    @ParameterizedTest
    @EnumSource(
            value = PhaseKind.class,
            names = {"ARRIVE", "DWELL"})
    void no_two_moves_look_alike(PhaseKind phase) {
        List<String> names = new ArrayList<>();
        List<List<int[]>> films = new ArrayList<>();
        try (FramePainter painter = new FramePainter(WIDTH, HEIGHT)) {
            for (ReadyMove move : MotionLibrary.moves()) {
                if (move.phases().contains(phase)) {
                    names.add(move.name());
                    films.add(film(painter, sheet.score(move, phase, WORDS), phase));
                }
            }
        }
        double rest = light(films.get(0).get(films.get(0).size() - 1));
        List<String> twins = new ArrayList<>();
        double nearest = 1;
        for (int i = 0; i < films.size(); i++) {
            for (int k = i + 1; k < films.size(); k++) {
                double distance = distance(films.get(i), films.get(k)) / rest;
                nearest = Math.min(nearest, distance);
                if (distance < TWINS) {
                    twins.add(String.format("%s / %s: %.3f", names.get(i), names.get(k), distance));
                }
            }
        }
        assertThat(twins).as("the nearest two are %.3f apart", nearest).isEmpty();
    }

    /** A way in as grey levels at small size, every third frame; a dwell in its middle. The last picture is rest. */
    private static List<int[]> film(FramePainter painter, SceneScore score, PhaseKind phase) {
        List<int[]> film = new ArrayList<>();
        int from = phase == PhaseKind.ARRIVE ? 0 : 60;
        for (int frame = from; frame < from + (phase == PhaseKind.ARRIVE ? 60 : 120); frame += 3) {
            film.add(grey(painter, score.at(frame)));
        }
        film.add(grey(painter, score.at(0.0 + 235)));
        return film;
    }

    /** Squares of 5 by 5 pixels, and in each how light it is over the ground and how far from grey. */
    private static int[] grey(FramePainter painter, DisplayList list) {
        painter.paint(list);
        ByteBuffer pixels = painter.straightPixels();
        int[] squares = new int[2 * (WIDTH / 5) * (HEIGHT / 5)];
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                int at = 4 * (y * WIDTH + x);
                int blue = pixels.get(at) & 255;
                int red = pixels.get(at + 2) & 255;
                int square = 2 * (y / 5 * (WIDTH / 5) + x / 5);
                squares[square] += (pixels.get(at + 1) & 255) - 0x24;
                squares[square + 1] += red - blue;
            }
        }
        return squares;
    }

    private static double light(int[] picture) {
        double sum = 0;
        for (int value : picture) {
            sum += Math.abs(value);
        }
        return sum;
    }

    /** Mean over the pictures in which at least one of the two is not at rest yet. */
    private static double distance(List<int[]> a, List<int[]> b) {
        int[] rest = a.get(a.size() - 1);
        double sum = 0;
        int moving = 1;
        for (int i = 0; i + 1 < a.size(); i++) {
            moving += between(a.get(i), rest) > 0 || between(b.get(i), rest) > 0 ? 1 : 0;
            sum += between(a.get(i), b.get(i));
        }
        return sum / moving;
    }

    private static double between(int[] a, int[] b) {
        double sum = 0;
        for (int k = 0; k < a.length; k++) {
            sum += Math.abs(a[k] - b[k]);
        }
        return sum;
    }
}
