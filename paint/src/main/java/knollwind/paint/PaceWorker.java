package knollwind.paint;

import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.util.Arrays;
import knollwind.core.display.DisplayList;
import knollwind.core.display.Ink;
import knollwind.core.display.Mixing;
import knollwind.core.display.PaintCost;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Outline;

/**
 * The main program that finds how fast this machine paints: it prints {@code pace RATIO}, the ms that a frame like those of dressed words takes for each
 * that {@link PaintCost} says of it.
 */
public final class PaceWorker {
    /** What it prints before the number. */
    public static final String SAYS = "pace ";

    private static final int WIDTH = 960;
    private static final int HEIGHT = 540;
    private static final int TIMES = 15;
    private static final int COLUMNS = 16;
    private static final int ROWS = 6;
    private static final int CORNERS = 24;
    private static final double STEP = 56;
    /** What its own frame takes for each ms that is said of it, where the weights fit what dressings take. */
    private static final double FITTED = 0.87;

    private static final float BLUR = 12;
    private static final int WHITE = 0xffffffff;

    private static final ThreadMXBean CLOCK = ManagementFactory.getThreadMXBean();

    private PaceWorker() {}

    public static void main(String[] arguments) {
        System.out.println(SAYS + pace());
        System.exit(0);
    }

    /** The middle of many, of which the first ones do not count; in time of the processor, whatever else it does meanwhile. */
    public static double pace() {
        double[] took = new double[TIMES];
        double said = PaintCost.of(frame(0), new Box(0, 0, WIDTH, HEIGHT)).ms();
        try (FramePainter painter = FramePainter.whole(WIDTH, HEIGHT, id -> null)) {
            for (int i = 0; i < 2 * TIMES; i++) {
                DisplayList list = frame(i % TIMES);
                long begun = CLOCK.getCurrentThreadCpuTime();
                painter.paint(list);
                took[i % TIMES] = (CLOCK.getCurrentThreadCpuTime() - begun) / 1e6;
            }
        }
        Arrays.sort(took);
        return took[TIMES / 2] / said / FITTED;
    }

    /** Rings as large as letters, with a blurred light around them. */
    static DisplayList frame(int number) {
        DisplayList.Builder out = new DisplayList.Builder();
        out.add(new PaintOp.Mixed(Mixing.PLUS_LIGHTER, 1, BLUR, BLUR));
        letters(out, number);
        out.restore();
        letters(out, number);
        return out.build();
    }

    private static void letters(DisplayList.Builder out, int number) {
        Outline ring = ring();
        Ink ink = new Ink.Plain(WHITE);
        for (int row = 0; row < ROWS; row++) {
            for (int column = 0; column < COLUMNS; column++) {
                out.save();
                double down = (row + 1) * STEP * 1.4 + number % 7 * 0.25;
                out.concat(Matrix.flat(1, 0, 0, 1, (column + 0.5) * STEP + number * 0.3, down));
                out.add(new PaintOp.Fill(ring, ink, 1));
                out.restore();
            }
        }
    }

    /** Two contours of curves and straight edges. */
    private static Outline ring() {
        byte[] verbs = new byte[2 * (CORNERS + 2)];
        float[] points = new float[2 * (2 + 2 * (CORNERS + CORNERS / 2))];
        int verb = 0;
        int at = 0;
        for (double radius : new double[] {STEP * 0.4, STEP * 0.26}) {
            for (int i = 0; i <= CORNERS; i++) {
                boolean curve = i > 0 && i % 2 == 0;
                verbs[verb++] = i == 0 ? Outline.MOVE : curve ? Outline.QUADRATIC : Outline.LINE;
                for (double part = curve ? i - 0.5 : i; part <= i; part += 0.5) {
                    double angle = 2 * Math.PI * part / CORNERS * (radius > STEP / 3 ? 1 : -1);
                    points[at++] = (float) (radius * StrictMath.cos(angle));
                    points[at++] = (float) (radius * StrictMath.sin(angle));
                }
            }
            verbs[verb++] = Outline.CLOSE;
        }
        double most = STEP * 0.4;
        return Outline.of(verbs, Arrays.copyOf(points, at), new Box(-most, -most, most, most));
    }
}
