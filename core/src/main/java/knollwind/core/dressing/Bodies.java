package knollwind.core.dressing;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.display.DisplayList;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Chords;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Outline;
import knollwind.core.geometry.Outlines;
import knollwind.core.geometry.Point;
import knollwind.core.geometry.Union;
import knollwind.core.scene.Dressing;
import knollwind.core.scene.UnitKind;
import knollwind.core.simulation.Fall;
import knollwind.core.simulation.Forces;
import knollwind.core.simulation.Setup;
import knollwind.core.simulation.Solid;

/** What a block's units are as bodies, and what they fall among: px of the base format, so that all formats of one shape fall alike. */
final class Bodies {
    private static final String WORDS = "its words";
    private static final String LETTERS = "its letters";
    static final Word.Pick BY = new Word.Pick("by", "what", List.of(WORDS, LETTERS, "its lines"));
    private static final String FROM_ABOVE = "falling from above";
    private static final String FROM_SETTING = "let go where they stand";
    static final Word.Pick FROM =
            new Word.Pick("from", "how", List.of(FROM_ABOVE, "dropped above where they stand", FROM_SETTING));
    static final Word.Amount EVERY = Word.Amount.frames("every", "one every", 4, 0, 240);
    static final Word.Amount GRAVITY = Word.Amount.em("gravity", "pulled by", 24, 0, 400);
    static final Word.Amount ANGLE = Word.Amount.angle("angle", "pulled towards", 90);
    static final Word.Amount BOUNCE = Word.Amount.share("bounce", "bouncing by", 0.3);
    private static final String IN_PICTURE = "in the picture";
    private static final String ON_FLOOR = "above a floor";
    private static final String CLOSED = "closed in on all sides";
    static final Word.Pick WALLS = new Word.Pick("walls", "kept", List.of(IN_PICTURE, ON_FLOOR, CLOSED, "by nothing"));
    static final Word.Amount INSET = Word.Amount.px("inset", "away from edges", 0, 0, 800);
    static final Word.Other OTHER = new Word.Other("falling on");
    private static final String BOXES = "boxes";
    private static final String CAPSULES = "capsules";
    private static final String CIRCLES = "circles";
    static final Word.Pick FORM =
            new Word.Pick("form", "as solid as", List.of(BOXES, "their outlines", CAPSULES, CIRCLES));
    static final Word.Amount PAD = Word.Amount.em("pad", "padded by", 0, 0, 4);
    static final Word.Amount FRICTION = Word.Amount.share("friction", "rubbing by", 0.4);
    /** What is lost of its speed in a second. */
    static final Word.Amount DRAG = Word.Amount.share("drag", "slowed by", 0.05, 0, 0.99);

    static final Word.Amount WIND = Word.Amount.em("wind", "wind", 0, 0, 200);
    static final Word.Amount WIND_ANGLE = Word.Amount.angle("windAngle", "wind towards", 0);
    static final Word.Amount GUSTS = Word.Amount.share("gusts", "gusts", 0);
    static final Word.Amount THROW = Word.Amount.em("throw", "thrown by", 0, 0, 200);
    static final Word.Amount TURN = Word.Amount.angle("turn", "turned by up to", 20);
    private static final String NEVER = "by nothing more";
    private static final String ON_BEATS = "on every beat";
    static final Word.Pick PUSHES =
            new Word.Pick("pushes", "pushed", List.of(NEVER, ON_BEATS, "on every bar", Dressing.ON_CUES));
    static final Word.Amount PUSH = Word.Amount.em("push", "a push of", 10, 0, 200);
    static final Word.Amount SMALL = Word.Amount.share("small", "sized from", 1, 0.1, 4);
    static final Word.Amount LARGE = Word.Amount.share("large", "sized to", 1, 0.1, 4);
    static final Word.Amount DRAW = Word.Amount.em("draw", "drawn by", 0, 0, 400);
    /** Of the picture. */
    static final Word.Amount DRAW_X = Word.Amount.share("drawX", "drawn across", 0.5);

    static final Word.Amount DRAW_Y = Word.Amount.share("drawY", "drawn down", 0.5);
    static final Word.Pick HEAVY = new Word.Pick("heavy", "weighing", List.of("by their size", "all alike"));
    private static final String FREE = "by nothing";
    private static final String FIRST_CORNER = "by their first corner";
    private static final String LAST_CORNER = "by their last corner";
    static final Word.Pick HUNG =
            new Word.Pick("hung", "hung", List.of(FREE, FIRST_CORNER, LAST_CORNER, "by the middle of their top"));
    static final Word.Amount SETTLE = Word.Amount.frames("settle", "settled for", 0, 0, 1200);
    /** What acts; all else is as it is when the fall begins. */
    private static final List<Word.Amount> ACTING =
            List.of(GRAVITY, ANGLE, DRAG, WIND, WIND_ANGLE, GUSTS, PUSH, DRAW, DRAW_X, DRAW_Y, SMALL, LARGE);

    static final Word.Amount SEED = Word.Amount.count("seed", "dealt by", 1, 0, 9999);

    /** px of walls: nothing falls through them in a step. */
    private static final double THICK = 600;

    /** Chords of a curve: a letter's edge stays within 2 % of it. */
    private static final int CHORDS = 6;

    /** A wind takes this share of the difference in a second, at least. */
    private static final double CAUGHT = 0.6;

    /** Of the width that they fall from: kept free at both sides. */
    private static final double MARGIN = 0.06;

    /**
     * Where a body is set, px of the block.
     *
     * @param x of its middle
     * @param y of its middle
     */
    record Home(double x, double y, double width, double height, Solid.Form form) {}

    private final Wearer wearer;
    private final Worn worn;
    private final double px;
    private final List<Home> homes = new ArrayList<>();
    private final List<List<Union.Placed>> outlines = new ArrayList<>();
    private final Box scene;
    /** Frames since the fall began. */
    private final double since;
    /** Scene frame at which it did. */
    private final double begins;

    private final List<Forces> forces;

    /** @param since frames since the fall began, before which they may have settled unseen */
    Bodies(Wearer wearer, List<Wearer> units, double since) {
        this.wearer = wearer;
        this.worn = wearer.wornAgo(since);
        this.px = wearer.px();
        this.since = since;
        this.begins = Math.rint(wearer.seconds() * wearer.perSecond() - since);
        Box seen = wearer.sceneAtFirst();
        double inset = worn.get(INSET) * px;
        this.scene = new Box(seen.left() + inset, seen.top() + inset, seen.right() - inset, seen.bottom() - inset);
        for (Wearer unit : units.subList(0, Math.min(Fall.MOST, units.size()))) {
            homes.add(home(unit.box()));
            outlines.add(form() == Solid.Form.OUTLINE ? unit.outlines() : List.of());
        }
        this.forces = forces();
    }

    static UnitKind kind(Worn worn) {
        return switch (worn.pick(BY)) {
            case WORDS -> UnitKind.WORD;
            case LETTERS -> UnitKind.CHARACTER;
            default -> UnitKind.LINE;
        };
    }

    /** Whether they stand where they are set until they are let go. */
    static boolean isFromSetting(Worn worn) {
        return worn.pick(FROM).equals(FROM_SETTING) || isHung(worn);
    }

    private static boolean isHung(Worn worn) {
        return !worn.pick(HUNG).equals(FREE);
    }

    /** 0 to below 1, of its own for each body and use. */
    static double dealt(Worn worn, int use, int body) {
        return new Noise((int) worn.get(SEED)).dealt(use, body);
    }

    private Solid.Form form() {
        return switch (worn.pick(FORM)) {
            case BOXES -> Solid.Form.BOX;
            case CAPSULES -> Solid.Form.CAPSULE;
            case CIRCLES -> Solid.Form.CIRCLE;
            default -> Solid.Form.OUTLINE;
        };
    }

    private Home home(Box box) {
        double pad = worn.get(PAD) * wearer.em();
        double width = (box.isEmpty() ? 0 : box.width()) + 2 * pad;
        double height = (box.isEmpty() ? 0 : box.height()) + 2 * pad;
        Solid.Form form = form();
        if (form == Solid.Form.CIRCLE) {
            width = Math.hypot(width, height);
            height = width;
        } else if (form == Solid.Form.CAPSULE) {
            // Its round ends lie beyond the words.
            width += Math.min(width, height) / 2;
        }
        return new Home(
                box.isEmpty() ? 0 : (box.left() + box.right()) / 2,
                box.isEmpty() ? 0 : (box.top() + box.bottom()) / 2,
                width,
                height,
                form);
    }

    int count() {
        return homes.size();
    }

    Home home(int body) {
        return homes.get(body);
    }

    /** Frame from which on it falls, counted from when the first is let go. */
    private int falls(int body) {
        return (int) (body * worn.get(EVERY));
    }

    /** Frame from which on it is seen. */
    int born(int body) {
        return isFromSetting(worn) ? 0 : falls(body);
    }

    Fall.Pose inBlock(Fall.Pose pose) {
        return new Fall.Pose(pose.x() * px, pose.y() * px, pose.turn());
    }

    double inBlock(double basePx) {
        return basePx * px;
    }

    /** What a body is bounded by, where it is set; px of the block. */
    Outline shape(int body) {
        Home home = homes.get(body);
        Box box = new Box(
                home.x() - home.width() / 2,
                home.y() - home.height() / 2,
                home.x() + home.width() / 2,
                home.y() + home.height() / 2);
        return switch (home.form()) {
            case CIRCLE -> Outlines.ellipse(box);
            case CAPSULE -> Outlines.rounded(box, Math.min(box.width(), box.height()) / 2);
            case BOX -> Outline.rectangle(box);
            case OUTLINE -> lines(solid(body, 1).contours(), home);
        };
    }

    private Outline lines(List<List<Point>> contours, Home home) {
        int corners = contours.stream().mapToInt(List::size).sum();
        byte[] verbs = new byte[corners + contours.size()];
        float[] points = new float[2 * corners];
        int verb = 0;
        int at = 0;
        Box ink = Box.EMPTY;
        for (List<Point> contour : contours) {
            for (int i = 0; i < contour.size(); i++) {
                double x = home.x() + contour.get(i).x() * px;
                double y = home.y() + contour.get(i).y() * px;
                points[at++] = (float) x;
                points[at++] = (float) y;
                verbs[verb++] = i == 0 ? Outline.MOVE : Outline.LINE;
                ink = ink.union(new Box(x, y, x, y));
            }
            verbs[verb++] = Outline.CLOSE;
        }
        return Outline.of(verbs, points, ink);
    }

    Setup setup() {
        List<Setup.Thing> things = new ArrayList<>();
        double stacked = 0;
        for (int i = 0; i < homes.size(); i++) {
            Home home = homes.get(i);
            Solid solid = solid(i, forces.get(0).size(share(i)));
            double angle = 2 * Math.PI * dealt(worn, 5, i);
            double thrown = worn.get(THROW) * wearer.em() / px * (0.4 + 0.6 * dealt(worn, 6, i));
            double x = home.x() / px;
            double y = home.y() / px;
            double turn = 0;
            if (!isFromSetting(worn)) {
                double reach = Math.hypot(solid.width(), solid.height()) / 2;
                x = worn.pick(FROM).equals(FROM_ABOVE) ? across(i, reach) : x;
                y = scene.top() / px - reach - stacked;
                // Those that come at once come one above the other.
                stacked += worn.get(EVERY) == 0 ? reach : 0;
                turn = StrictMath.toRadians(worn.get(TURN)) * (2 * dealt(worn, 2, i) - 1);
            }
            things.add(new Setup.Thing(
                    solid(i, 1),
                    share(i),
                    x,
                    y,
                    turn,
                    thrown * StrictMath.cos(angle),
                    thrown * StrictMath.sin(angle),
                    falls(i),
                    hung(solid)));
        }
        Setup.Laws laws = new Setup.Laws(
                worn.get(BOUNCE), worn.get(FRICTION), !worn.pick(HEAVY).equals(HEAVY.usual()), wearer.perSecond(), (int)
                        worn.get(SEED));
        return new Setup(laws, forces, things, walls(), pushes());
    }

    private Point hung(Solid solid) {
        return switch (worn.pick(HUNG)) {
            case FREE -> null;
            case FIRST_CORNER -> new Point(-solid.width() / 2, -solid.height() / 2);
            case LAST_CORNER -> new Point(solid.width() / 2, -solid.height() / 2);
            default -> new Point(0, -solid.height() / 2);
        };
    }

    /** Of the way from the smallest to the largest. */
    private double share(int body) {
        return dealt(worn, 3, body);
    }

    /**
     * How large a body is, of that in which it is set.
     *
     * @param time frames since the fall began
     */
    double size(int body, double time) {
        Worn then = wearer.wornAgo(since - time);
        return then.get(SMALL) + (then.get(LARGE) - then.get(SMALL)) * share(body);
    }

    private double across(int body, double reach) {
        double margin = Math.max(reach, MARGIN * scene.width() / px);
        double room = Math.max(0, scene.width() / px - 2 * margin);
        return scene.left() / px + margin + room * dealt(worn, 1, body);
    }

    private Solid solid(int body, double size) {
        Home home = homes.get(body);
        double scale = size / px;
        double width = home.width() * scale;
        double height = home.height() * scale;
        if (home.form() != Solid.Form.OUTLINE) {
            return Solid.of(home.form(), width, height);
        }
        Matrix about = Matrix.scale(scale, scale).times(Matrix.translate(-home.x(), -home.y()));
        List<List<Point>> contours = new ArrayList<>();
        outlines.get(body).forEach(one -> contours.addAll(outer(one, about)));
        return Solid.outline(width, height, contours);
    }

    /** Its contours but for those of holes, which run the other way round than the largest. */
    private static List<List<Point>> outer(Union.Placed one, Matrix about) {
        Matrix onto = about.times(one.onto());
        List<List<Point>> contours = new ArrayList<>();
        Chords.of(one.outline(), CHORDS, (x0, y0, x1, y1) -> {
            Point from = onto.map(new double[] {x0, y0});
            List<Point> open = contours.isEmpty() ? List.of() : contours.get(contours.size() - 1);
            Point to = onto.map(new double[] {x1, y1});
            if (open.isEmpty() || !open.get(open.size() - 1).equals(from)) {
                contours.add(new ArrayList<>(List.of(from)));
            }
            contours.get(contours.size() - 1).add(to);
        });
        double largest = 0;
        for (List<Point> contour : contours) {
            double area = area(contour);
            largest = Math.abs(area) > Math.abs(largest) ? area : largest;
            // It closes on itself.
            contour.remove(contour.size() - 1);
        }
        double way = Math.signum(largest);
        contours.removeIf(contour -> Math.signum(area(contour)) != way);
        return contours;
    }

    private static double area(List<Point> contour) {
        double twice = 0;
        for (int i = 0; i < contour.size(); i++) {
            Point from = contour.get(i);
            Point to = contour.get((i + 1) % contour.size());
            twice += from.x() * to.y() - to.x() * from.y();
        }
        return twice / 2;
    }

    /** Of each frame, where they change, until the block is gone. */
    private List<Forces> forces() {
        if (!worn.changes(ACTING)) {
            return List.of(forces(worn));
        }
        double last = Math.min(Fall.MOST_FRAMES, Math.ceil(since + wearer.left()));
        List<Forces> all = new ArrayList<>();
        for (int frame = 0; frame <= last || frame == 0; frame++) {
            all.add(forces(wearer.wornAgo(since - frame)));
        }
        return all;
    }

    private Forces forces(Worn worn) {
        double em = wearer.em() / px;
        double gravity = worn.get(GRAVITY) * em;
        double down = StrictMath.toRadians(worn.get(ANGLE));
        double wind = worn.get(WIND) * em;
        double towards = StrictMath.toRadians(worn.get(WIND_ANGLE));
        double drag = Math.max(-StrictMath.log(1 - worn.get(DRAG)), wind > 0 ? CAUGHT : 0);
        return new Forces(
                gravity * StrictMath.cos(down),
                gravity * StrictMath.sin(down),
                drag,
                wind * StrictMath.cos(towards),
                wind * StrictMath.sin(towards),
                worn.get(GUSTS),
                worn.get(PUSH) * em,
                worn.get(DRAW) * em,
                (scene.left() + worn.get(DRAW_X) * scene.width()) / px,
                (scene.top() + worn.get(DRAW_Y) * scene.height()) / px,
                worn.get(SMALL),
                worn.get(LARGE));
    }

    private List<Setup.Wall> walls() {
        List<Setup.Wall> walls = new ArrayList<>();
        String kept = worn.pick(WALLS);
        Box in = new Box(scene.left() / px, scene.top() / px, scene.right() / px, scene.bottom() / px);
        boolean floor = kept.equals(ON_FLOOR);
        if (floor || kept.equals(IN_PICTURE) || kept.equals(CLOSED)) {
            double wide = floor ? 20 * in.width() : THICK;
            walls.add(wall(in.left() - wide, in.bottom(), in.right() + wide, in.bottom() + THICK));
        }
        if (kept.equals(IN_PICTURE) || kept.equals(CLOSED)) {
            // As high as all may be stacked before they fall.
            double high = in.top() - (kept.equals(CLOSED) ? THICK : 40 * in.height());
            walls.add(wall(in.left() - THICK, high, in.left(), in.bottom()));
            walls.add(wall(in.right(), high, in.right() + THICK, in.bottom()));
        }
        if (kept.equals(CLOSED) && isFromSetting(worn)) {
            walls.add(wall(in.left(), in.top() - THICK, in.right(), in.top()));
        }
        wearer.besideAtFirst().ifPresent(other -> stand(other, walls));
        return walls;
    }

    private static Setup.Wall wall(double left, double top, double right, double bottom) {
        return Setup.Wall.of(new Box(left, top, right, bottom));
    }

    /** Another block's shape or the outlines of its letters. */
    private void stand(DisplayList other, List<Setup.Wall> walls) {
        Walk.over(other, (paint, matrix) -> {
            if (paint instanceof PaintOp.Fill fill
                    && matrix.isFlat()
                    && !fill.outline().isEmpty()) {
                Box ink = matrix.map(fill.outline().ink());
                double x = (ink.left() + ink.right()) / 2;
                double y = (ink.top() + ink.bottom()) / 2;
                Matrix about = Matrix.scale(1 / px, 1 / px).times(Matrix.translate(-x, -y));
                Solid solid = Solid.outline(
                        ink.width() / px, ink.height() / px, outer(new Union.Placed(fill.outline(), matrix), about));
                walls.add(new Setup.Wall(solid, x / px, y / px));
            }
        });
    }

    /** Frames from when the first is let go. */
    private List<Double> pushes() {
        String pushed = worn.pick(PUSHES);
        if (pushed.equals(Dressing.ON_CUES)) {
            return wearer.cues().stream()
                    .map(cue -> cue - begins)
                    .filter(at -> at >= 0)
                    .toList();
        }
        List<Double> pushes = new ArrayList<>();
        if (!pushed.equals(NEVER)) {
            wearer.beats().ifPresent(beats -> {
                double every = beats.seconds() * wearer.perSecond() * (pushed.equals(ON_BEATS) ? 1 : beats.perBar());
                double first = beats.first() - begins;
                for (double at = first + every * Math.max(0, Math.ceil(-first / every));
                        at < Fall.MOST_FRAMES;
                        at += every) {
                    pushes.add(at);
                }
            });
        }
        return pushes;
    }
}
