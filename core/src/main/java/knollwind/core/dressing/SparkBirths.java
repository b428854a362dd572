package knollwind.core.dressing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Point;
import knollwind.core.simulation.Area;
import knollwind.core.simulation.Births;
import knollwind.core.simulation.Sparks;
import knollwind.core.simulation.Trace;

/** Sparks of what letters are and do: born all over them, where they move, land or set out, and where they are being uncovered. */
final class SparkBirths implements Births {
    /** Of what letters do. */
    enum Deed {
        STAND,
        MOVE,
        LAND,
        SET_OUT,
        UNCOVER
    }

    /** Frames after a letter has landed or set out in which sparks are born of it. */
    private static final int BURST = 4;

    /** px of the base format in a frame: what moves less stands. */
    private static final double STILL = 0.35;

    /** Type sizes in a frame: what is further off is another letter of its kind. */
    private static final double NEAR = 3;

    /** So often a place is looked for before there is none. */
    private static final int TRIES = 8;

    /** Sparks whose middle is where a light rides. */
    private static final int BESIDE = 8;

    /** What is dealt to a spark beside what its flight needs. */
    private static final int LETTER = 11;

    private static final int DOWN = 12;
    private static final int ACROSS = 13;

    /** @param within what of it counts; null for all */
    private record Edge(Lettering.Placed line, Box within) {}

    private final Wearer wearer;
    private final Deed deed;
    private final int seed;
    private final double rate;
    private final double over;
    private final List<Lettering.Letter> standing;
    /** Of all of those until behind each, px². */
    private double[] until;

    private final Map<Integer, List<Lettering.Letter>> lately = new HashMap<>();
    private final Map<Integer, List<Lettering.Letter>> then = new HashMap<>();
    private final Map<Integer, List<Integer>> doing = new HashMap<>();
    private final Map<Long, Area> areas = new HashMap<>();
    private final Map<Edge, Trace> edges = new HashMap<>();

    /**
     * @param standing its letters as they stand, at least one
     * @param rate of sparks a second
     * @param over seconds for which some are born
     */
    SparkBirths(Wearer wearer, List<Lettering.Letter> standing, Deed deed, int seed, double rate, double over) {
        this.wearer = wearer;
        this.standing = standing;
        this.deed = deed;
        this.seed = seed;
        this.rate = rate;
        this.over = over;
    }

    /** Frames beyond the life of a spark that letters are looked back at. */
    static int back() {
        return BURST + 3;
    }

    @Override
    public Point born(int number, double time) {
        double frames = time * wearer.perSecond();
        if (deed == Deed.STAND) {
            return somewhere(number);
        }
        // Of the frame that ends then or soon after: what is still to come is not looked at.
        int frame = (int) Math.ceil(frames);
        return switch (deed) {
            case MOVE -> moving(number, frame, frames);
            case UNCOVER -> uncovered(number, frame);
            default -> burst(number, frame);
        };
    }

    /** In the middle of those that have just been born. */
    @Override
    public List<Point> heads(double time) {
        if (time < 0 || time >= over || rate <= 0) {
            return List.of();
        }
        double x = 0;
        double y = 0;
        int found = 0;
        int last = (int) Math.floor(time * rate);
        for (int n = Math.max(0, last - BESIDE + 1); n <= last; n++) {
            Point born = born(n, n / rate);
            if (born != null) {
                x += born.x();
                y += born.y();
                found++;
            }
        }
        return found == 0 ? List.of() : List.of(new Point(x / found, y / found));
    }

    /** One after the other in the same time. */
    @Override
    public double traced(int letter) {
        return over * (letter + 1) / standing.size();
    }

    /** In any letter, oftener in a larger one. */
    private Point somewhere(int number) {
        if (until == null) {
            until = new double[standing.size()];
            double all = 0;
            for (int i = 0; i < until.length; i++) {
                Box ink = ink(standing.get(i));
                all += ink.width() * ink.height();
                until[i] = all;
            }
        }
        double chosen = dealt(number, LETTER) * until[until.length - 1];
        int found = 0;
        while (found < until.length - 1 && until[found] <= chosen) {
            found++;
        }
        Point at = inside(number, standing.get(found));
        return at == null ? null : map(standing.get(found).matrix(), at);
    }

    private Trace edge(Lettering.Placed line, Box within) {
        return edges.computeIfAbsent(
                new Edge(line, within),
                one -> within == null
                        ? Trace.of(line.outline(), line.matrix())
                        : new Trace(line.outline(), line.matrix(), within));
    }

    private static Box ink(Lettering.Letter letter) {
        return letter.matrix().map(letter.outline().ink());
    }

    private Point moving(int number, int frame, double frames) {
        List<Integer> movers = doing(frame);
        if (movers.isEmpty()) {
            return null;
        }
        int letter = movers.get((int) (dealt(number, LETTER) * movers.size()));
        Lettering.Letter after = at(frame).get(letter);
        Lettering.Letter before = before(at(frame - 1), letter, after);
        Point own = inside(number, after);
        if (own == null || before == null) {
            return null;
        }
        Point from = map(before.matrix(), own);
        Point to = map(after.matrix(), own);
        double part = frames - (frame - 1);
        return new Point(from.x() + (to.x() - from.x()) * part, from.y() + (to.y() - from.y()) * part);
    }

    /** Of a letter that has landed or set out some frames ago, on its outline. */
    private Point burst(int number, int frame) {
        List<Lettering.Letter> found = lately.computeIfAbsent(frame, this::lately);
        if (found.isEmpty()) {
            return null;
        }
        Lettering.Letter letter = found.get((int) (dealt(number, LETTER) * found.size()));
        Trace edge = edge(letter.placed(), null);
        return edge.length() == 0 ? null : edge.at(edge.length() * dealt(number, DOWN));
    }

    private List<Lettering.Letter> lately(int frame) {
        List<Lettering.Letter> found = new ArrayList<>();
        for (int ago = 0; ago < BURST; ago++) {
            List<Lettering.Letter> there = at(frame - ago);
            doing(frame - ago).forEach(letter -> found.add(there.get(letter)));
        }
        return found;
    }

    /** On the edge that cuts a letter, inside the letter. */
    private Point uncovered(int number, int frame) {
        List<Integer> cut = doing(frame);
        if (cut.isEmpty()) {
            return null;
        }
        Lettering.Letter letter = at(frame).get(cut.get((int) (dealt(number, LETTER) * cut.size())));
        Matrix back = letter.matrix().back().orElse(null);
        Box ink = ink(letter);
        for (int i = 0; back != null && i < TRIES; i++) {
            int dealt = number * TRIES + i;
            Lettering.Placed clip = letter.clips()
                    .get((int) (dealt(dealt, DOWN) * letter.clips().size()));
            Trace edge = edge(clip, ink);
            if (edge.length() == 0) {
                continue;
            }
            Point at = edge.at(edge.length() * dealt(dealt, ACROSS));
            Point own = map(back, at);
            if (area(letter).holds(own.x(), own.y())) {
                return at;
            }
        }
        return null;
    }

    /** The letters that do it in the frame that ends then. */
    private List<Integer> doing(int frame) {
        return doing.computeIfAbsent(frame, this::found);
    }

    private List<Integer> found(int frame) {
        List<Lettering.Letter> older = at(frame - 2);
        List<Lettering.Letter> old = at(frame - 1);
        List<Lettering.Letter> now = at(frame);
        List<Integer> found = new ArrayList<>();
        for (int i = 0; i < now.size(); i++) {
            Lettering.Letter letter = now.get(i);
            Lettering.Letter before = before(old, i, letter);
            if (before == null) {
                continue;
            }
            Lettering.Letter longBefore = before(older, i, before);
            boolean moves = moves(before, letter);
            boolean moved = longBefore != null && moves(longBefore, before);
            boolean does = switch (deed) {
                case MOVE -> moves;
                case LAND -> moved && !moves;
                case SET_OUT -> moves && !moved && longBefore != null;
                case UNCOVER ->
                    !letter.clips().isEmpty()
                            && !(letter.clips().equals(before.clips())
                                    && letter.matrix().equals(before.matrix()))
                            && letter.clips().stream()
                                    .anyMatch(clip -> edge(clip, ink(letter)).length() > 0);
                case STAND -> true;
            };
            if (does) {
                found.add(i);
            }
        }
        return found;
    }

    /** The same letter in another frame: some may be painted there that are not here. Null where it is not. */
    private Lettering.Letter before(List<Lettering.Letter> old, int index, Lettering.Letter letter) {
        if (index < old.size() && old.get(index).outline().equals(letter.outline())) {
            Lettering.Letter same = old.get(index);
            if (far(same, letter) < NEAR * wearer.em()) {
                return same;
            }
        }
        return old.stream()
                .filter(one -> one.outline().equals(letter.outline()))
                .min(Comparator.comparingDouble(one -> far(one, letter)))
                .filter(one -> far(one, letter) < NEAR * wearer.em())
                .orElse(null);
    }

    private static double far(Lettering.Letter from, Lettering.Letter to) {
        Box ink = to.outline().ink();
        return far(from, to, (ink.left() + ink.right()) / 2, (ink.top() + ink.bottom()) / 2);
    }

    private boolean moves(Lettering.Letter from, Lettering.Letter to) {
        if (from.matrix().equals(to.matrix())) {
            return false;
        }
        Box ink = to.outline().ink();
        double most = STILL * wearer.px();
        return far(from, to, ink.left(), ink.top()) > most || far(from, to, ink.right(), ink.bottom()) > most;
    }

    private static double far(Lettering.Letter from, Lettering.Letter to, double x, double y) {
        Point a = map(from.matrix(), new Point(x, y));
        Point b = map(to.matrix(), new Point(x, y));
        return Math.hypot(a.x() - b.x(), a.y() - b.y());
    }

    private Point inside(int number, Lettering.Letter letter) {
        return area(letter).inside(dealt(number, DOWN), dealt(number, ACROSS));
    }

    private Area area(Lettering.Letter letter) {
        return areas.computeIfAbsent(letter.outline().id(), id -> new Area(letter.outline()));
    }

    private double dealt(int number, int use) {
        return Sparks.dealt(seed, number, use);
    }

    private static Point map(Matrix matrix, Point point) {
        return matrix.map(new double[] {point.x(), point.y()});
    }

    /** What is seen at a whole frame since it came on, in the order in which it is painted; nothing before. */
    private List<Lettering.Letter> at(int frame) {
        List<Lettering.Letter> known = then.get(frame);
        if (known == null) {
            known = frame < 0 ? List.of() : Lettering.of(wearer.ago(Math.max(0, wearer.age() - frame)));
            then.put(frame, known);
        }
        return known;
    }
}
