package knollwind.core.layout;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;
import knollwind.core.scene.Crawl;
import knollwind.core.scene.FrameFit;

/**
 * A crawl measured: where its copies are over time. Its way is counted in px of the base frame from where its leading edge
 * meets the edge of the frame that it comes in at. It runs at one speed; where its last card is held it slows down evenly over
 * the last second (uniform deceleration, so that neither place nor speed jumps).
 */
public final class Crawling {
    /**
     * What results.
     *
     * @param speed px of the base frame a second
     * @param perFrame px of the format a frame; whole numbers are steady
     * @param slower the next lower speed that is steady, px of the base frame a second; 0 where there is none
     * @param faster the next higher one
     * @param round frames after which a crawl that comes again looks the same; NaN for one that does not
     * @param off scene frame at which it has run through, or at which its last card stands; NaN for one that comes again
     */
    public record Run(double speed, double perFrame, double slower, double faster, double round, double off) {
        /** True where every frame moves it by whole px. */
        public boolean steady() {
            return Math.abs(perFrame - Math.rint(perFrame)) < 1e-6;
        }
    }

    /** More than fit beside each other in the widest frame, so that a gap of nothing does not ask for endless ones. */
    private static final int MOST_COPIES = 400;

    /** Share of its size to which words shrink in the distance before they are gone: a fiftieth is read by nobody. */
    private static final double NEAREST = 0.02;

    /** Steps of an edge that fades by a smooth curve: between them it is straight, within 1 % of the curve. */
    private static final int STOPS = 8;

    private final Crawl crawl;
    private final Box rest;
    private final FrameFit fit;
    private final double rate;
    private final double start;
    private final double end;
    private final Box frame;
    /** The way through the frame: its size, or how far the leaning plane is seen. */
    private final double through;

    private final double length;
    private final double distance;
    /** Frames over which it slows down, and over which it moves at all. */
    private final double slowing;

    private final double moving;
    /** px of the base frame a frame. */
    private final double speed;

    /**
     * @param rest the block's box at rest, px of the base frame
     * @param card the box of its last card at rest, px of the base frame
     * @param rate frames a second
     * @param start scene frame at which the block comes on
     * @param end scene frame from which on it is gone
     */
    public Crawling(Crawl crawl, Box rest, Box card, FrameFit fit, double rate, double start, double end) {
        this.crawl = crawl;
        this.rest = rest;
        this.fit = fit;
        this.rate = rate;
        this.start = start;
        this.end = end;
        double left = -fit.left() / fit.scale();
        double top = -fit.top() / fit.scale();
        this.frame = new Box(left, top, left + fit.width(), top + fit.height());
        this.length = Math.max(1, crawl.direction().across() ? rest.width() : rest.height());
        this.through = crawl.direction().across()
                ? fit.width()
                : crawl.tilt() > 0 ? onPlane(Math.max(frame.top(), horizon())) : fit.height();
        boolean holds = crawl.hold() != null;
        this.distance = crawl.again() ? length + crawl.gap() : holds ? toMiddle(card) : through + length;
        double time = Math.max(1, end - start - (holds && crawl.speed() == null ? crawl.hold() : 0));
        if (crawl.speed() == null) {
            this.slowing = holds ? Math.min(rate, time / 2) : 0;
            this.moving = time;
            this.speed = distance / (time - slowing / 2);
        } else {
            this.speed = crawl.speed() / rate;
            this.slowing = holds ? Math.min(rate, distance / speed) : 0;
            this.moving = distance / speed + slowing / 2;
        }
    }

    public Run run() {
        double perFrame = speed * fit.scale();
        double px = rate / fit.scale();
        double slower = Math.floor(perFrame + 1e-6) * px;
        double faster = Math.ceil(perFrame - 1e-6) * px;
        return new Run(
                speed * rate,
                perFrame,
                slower,
                faster,
                crawl.again() ? distance / speed : Double.NaN,
                crawl.again() ? Double.NaN : start + moving);
    }

    /** px of the way that are done at a scene time. */
    private double done(double time) {
        double passed = Math.max(0, time - start);
        if (crawl.again()) {
            return (crawl.running() ? through : 0) + speed * passed;
        }
        if (slowing == 0) {
            return speed * passed;
        }
        double slow = passed - (moving - slowing);
        if (slow <= 0) {
            return speed * passed;
        }
        return slow >= slowing
                ? distance
                : speed * (moving - slowing) + speed * slow - speed * slow * slow / (2 * slowing);
    }

    /** True when two times look alike because its last card is held. */
    public boolean rests(double from, double to) {
        return done(from) == done(to);
    }

    /** How each copy that may be seen at a scene time is away from where the block rests; px of the base frame. */
    public List<Matrix> at(double time) {
        double done = done(time);
        if (!crawl.again()) {
            return List.of(away(done));
        }
        long first = (long) Math.max(0, Math.ceil((done - through - length) / distance));
        long last = (long) Math.floor(done / distance);
        List<Matrix> copies = new ArrayList<>();
        for (long i = first; i <= last && copies.size() < MOST_COPIES; i++) {
            copies.add(away(done - i * distance));
        }
        return copies;
    }

    private Matrix away(double done) {
        return switch (crawl.direction()) {
            case LEFT -> Matrix.translate(frame.right() - rest.left() - done, 0);
            case RIGHT -> Matrix.translate(frame.left() - rest.right() + done, 0);
            case UP -> leaning(frame.bottom() - rest.top() - done);
            case DOWN -> leaning(above() + done);
        };
    }

    /** How far what comes in from above is moved at first. */
    private double above() {
        return (crawl.tilt() > 0 ? frame.bottom() - through : frame.top()) - rest.bottom();
    }

    /** The way until the middle of the last card stands in the middle of the frame. */
    private double toMiddle(Box card) {
        double across = (card.left() + card.right()) / 2;
        double down = (card.top() + card.bottom()) / 2;
        double middle = (frame.top() + frame.bottom()) / 2;
        double stands = crawl.tilt() > 0 ? frame.bottom() - onPlane(middle) : middle;
        double way = switch (crawl.direction()) {
            case LEFT -> frame.right() - rest.left() + across - (frame.left() + frame.right()) / 2;
            case RIGHT -> (frame.left() + frame.right()) / 2 - across - frame.left() + rest.right();
            case UP -> frame.bottom() - rest.top() + down - stands;
            case DOWN -> stands - down - above();
        };
        return Math.max(1, way);
    }

    private Matrix leaning(double down) {
        Matrix moved = Matrix.translate(0, down);
        if (crawl.tilt() == 0) {
            return moved;
        }
        double middle = (frame.left() + frame.right()) / 2;
        return Matrix.perspective(eye(), middle, (frame.top() + frame.bottom()) / 2)
                .times(Matrix.translate(0, frame.bottom()))
                .times(Matrix.rotateX(crawl.tilt()))
                .times(Matrix.translate(0, -frame.bottom()))
                .times(moved);
    }

    /** The eye is one and a half frame heights away, as for moves in depth. */
    private double eye() {
        return 1.5 * fit.height();
    }

    /** Where the leaning plane has shrunk to a fiftieth: nothing can be read beyond. px of the base frame. */
    private double horizon() {
        double sine = StrictMath.sin(StrictMath.toRadians(crawl.tilt()));
        double cosine = StrictMath.cos(StrictMath.toRadians(crawl.tilt()));
        double far = eye() * (1 / NEAREST - 1) / sine;
        return (frame.top() + frame.bottom()) / 2 + (fit.height() / 2 - far * cosine) * NEAREST;
    }

    /** How far up the leaning plane, from the lower edge of the frame, lies what is seen so far down; both in px of the base frame. */
    private double onPlane(double down) {
        double sine = StrictMath.sin(StrictMath.toRadians(crawl.tilt()));
        double cosine = StrictMath.cos(StrictMath.toRadians(crawl.tilt()));
        double above = (frame.top() + frame.bottom()) / 2 - down;
        return eye() * (fit.height() / 2 + above) / (eye() * cosine - above * sine);
    }

    /**
     * Where it fades out towards an edge of the frame, px of the format.
     *
     * @param band in which it is not whole
     * @param from where it is gone
     * @param to where it is whole
     * @param opacities 0 to 255, evenly on the way
     */
    public record SoftEdge(Box band, float from, float to, boolean across, int[] opacities) {}

    /** How it fades at the edges of the frame; empty without soft edges. */
    public List<SoftEdge> softEdges() {
        boolean across = crawl.direction().across();
        boolean leans = crawl.tilt() > 0;
        double first = leans ? Math.max(frame.top(), horizon()) : across ? frame.left() : frame.top();
        double last = across ? frame.right() : frame.bottom();
        // What leans goes off, or comes, in the distance.
        boolean offFirst = crawl.direction() == Crawl.Direction.LEFT || crawl.direction() == Crawl.Direction.UP;
        double atFirst = (offFirst ? crawl.fadesOff() : crawl.edge()) * (last - first);
        double atLast = (offFirst ? crawl.edge() : crawl.fadesOff()) * (last - first);
        List<SoftEdge> edges = new ArrayList<>();
        if (atFirst > 0) {
            // Beyond its end in the distance nothing is seen of a roll that leans.
            edges.add(softEdge(across, leans ? frame.top() : first, first, first + atFirst));
        }
        if (atLast > 0 && !leans) {
            edges.add(softEdge(across, last, last, last - atLast));
        }
        return edges;
    }

    private SoftEdge softEdge(boolean across, double edge, double from, double to) {
        int[] opacities = new int[STOPS + 1];
        for (int i = 0; i <= STOPS; i++) {
            double at = (double) i / STOPS;
            opacities[i] = (int) Math.round(at * at * (3 - 2 * at) * 255);
        }
        double begin = Math.min(edge, to) * fit.scale();
        double end = Math.max(edge, to) * fit.scale();
        Box band = across
                ? new Box(fit.left() + begin, 0, fit.left() + end, fit.height() * fit.scale())
                : new Box(0, fit.top() + begin, fit.width() * fit.scale(), fit.top() + end);
        double start = across ? fit.left() : fit.top();
        return new SoftEdge(
                band, (float) (start + from * fit.scale()), (float) (start + to * fit.scale()), across, opacities);
    }
}
