package knollwind.core.dressing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntToDoubleFunction;
import knollwind.core.display.DisplayList;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;
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
    /** px of walls: nothing falls through them in a step. */
    private static final double THICK = 600;

    /** A wind takes this share of the difference in a second, at least. */
    private static final double CAUGHT = 0.6;

    /** Of the width that they fall from: kept free at both sides. */
    private static final double MARGIN = 0.06;

    private final Wearer wearer;
    private final Worn worn;
    private final double px;
    private final List<BodyShape> shapes = new ArrayList<>();
    /** Each one's place among those that come; where they come in order it is its own. */
    private final int[] places;

    private final Box scene;
    /** Frames since the fall began. */
    private final double since;
    /** Scene frame at which it did. */
    private final double begins;

    private final List<Forces> forces;
    /** That they are kept inside of; empty where it is the picture, or nothing. */
    private final Optional<BodyRoom> room;

    /** @param since frames since the fall began, before which they may have settled unseen */
    Bodies(Wearer wearer, List<Wearer> units, double since) {
        this.wearer = wearer;
        this.worn = wearer.wornAgo(since);
        this.px = wearer.px();
        this.since = since;
        this.begins = Math.rint(wearer.seconds() * wearer.perSecond() - since);
        Box seen = wearer.sceneAtFirst();
        double inset = worn.get(BodyWords.INSET) * px;
        this.scene = new Box(seen.left() + inset, seen.top() + inset, seen.right() - inset, seen.bottom() - inset);
        for (Wearer unit : units.subList(0, Math.min(Fall.MOST, units.size()))) {
            shapes.add(BodyShape.of(unit, worn));
        }
        this.places = places();
        this.forces = forces();
        this.room = room().filter(one -> !one.isEmpty());
    }

    static UnitKind kind(Worn worn) {
        return switch (worn.pick(BodyWords.BY)) {
            case BodyWords.WORDS -> UnitKind.WORD;
            case BodyWords.LETTERS -> UnitKind.CHARACTER;
            default -> UnitKind.LINE;
        };
    }

    int count() {
        return shapes.size();
    }

    BodyShape shape(int body) {
        return shapes.get(body);
    }

    /** Frame from which on it falls, counted from when the first is let go. */
    private int falls(int body) {
        return (int) (places[body] / (int) worn.get(BodyWords.GROUP) * worn.get(BodyWords.EVERY));
    }

    /** Frame from which on it is seen. */
    int born(int body) {
        return BodyWords.isFromSetting(worn) ? 0 : falls(body);
    }

    Fall.Pose inBlock(Fall.Pose pose) {
        return new Fall.Pose(pose.x() * px, pose.y() * px, pose.turn());
    }

    double inBlock(double basePx) {
        return basePx * px;
    }

    private Optional<BodyRoom> room() {
        return switch (worn.pick(BodyWords.WALLS)) {
            case BodyWords.IN_CIRCLE ->
                Optional.of(BodyRoom.circle(
                        (scene.left() + scene.right()) / 2 / px,
                        (scene.top() + scene.bottom()) / 2 / px,
                        Math.min(scene.width(), scene.height()) / 2 / px));
            case BodyWords.INSIDE -> wearer.besideAtFirst().map(other -> BodyRoom.of(other, px));
            default -> Optional.empty();
        };
    }

    private int[] places() {
        int[] places = new int[shapes.size()];
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < places.length; i++) {
            order.add(i);
        }
        if (!worn.pick(BodyWords.TURNS).equals(BodyWords.IN_ORDER)) {
            order.sort(Comparator.comparingDouble(body -> BodyWords.dealt(worn, 7, body)));
        }
        for (int i = 0; i < places.length; i++) {
            places[order.get(i)] = i;
        }
        return places;
    }

    Setup setup() {
        List<Setup.Thing> things = new ArrayList<>();
        Map<Integer, Double> stacked = new HashMap<>();
        for (int i = 0; i < shapes.size(); i++) {
            BodyShape shape = shapes.get(i);
            Solid solid = shape.solid(forces.get(0).size(share(i)) / px);
            double angle = 2 * Math.PI * BodyWords.dealt(worn, 5, i);
            double thrown = worn.get(BodyWords.THROW) * wearer.em() / px * (0.4 + 0.6 * BodyWords.dealt(worn, 6, i));
            double x = shape.x() / px;
            double y = shape.y() / px;
            double turn = 0;
            if (!BodyWords.isFromSetting(worn)) {
                double reach = Math.hypot(solid.width(), solid.height()) / 2;
                x = worn.pick(BodyWords.FROM).equals(BodyWords.FROM_ABOVE) ? across(i, reach) : x;
                // Those that come at once come one above the other.
                double below = stacked.getOrDefault(falls(i), 0.0);
                y = scene.top() / px - reach - below;
                stacked.put(falls(i), below + reach);
                if (room.isPresent()) {
                    int body = i;
                    Point inside = room.get().place(reach, deal -> BodyWords.dealt(worn, 100 + deal, body));
                    x = inside.x();
                    y = inside.y();
                }
                turn = StrictMath.toRadians(worn.get(BodyWords.TURN)) * (2 * BodyWords.dealt(worn, 2, i) - 1);
            }
            things.add(new Setup.Thing(
                    shape.solid(1 / px),
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
                worn.get(BodyWords.BOUNCE),
                worn.get(BodyWords.FRICTION),
                !worn.pick(BodyWords.HEAVY).equals(BodyWords.HEAVY.usual()),
                wearer.perSecond(),
                (int) worn.get(BodyWords.SEED));
        return new Setup(laws, forces, things, walls(), pushes());
    }

    private Point hung(Solid solid) {
        return switch (worn.pick(BodyWords.HUNG)) {
            case BodyWords.FREE -> null;
            case BodyWords.FIRST_CORNER -> new Point(-solid.width() / 2, -solid.height() / 2);
            case BodyWords.LAST_CORNER -> new Point(solid.width() / 2, -solid.height() / 2);
            default -> new Point(0, -solid.height() / 2);
        };
    }

    /** Of the way from the smallest to the largest. */
    private double share(int body) {
        return BodyWords.dealt(worn, 3, body);
    }

    /**
     * How large each body is, of that in which it is set.
     *
     * @param time frames since the fall began
     */
    IntToDoubleFunction sizes(double time) {
        Forces then = forces.size() == 1 ? forces.get(0) : forces(wearer.wornAgo(since - time));
        return body -> then.size(share(body));
    }

    private double across(int body, double reach) {
        double from = Math.min(worn.get(BodyWords.ACROSS_FROM), worn.get(BodyWords.ACROSS_TO));
        double to = Math.max(worn.get(BodyWords.ACROSS_FROM), worn.get(BodyWords.ACROSS_TO));
        double wide = scene.width() / px;
        double margin = Math.max(reach, MARGIN * wide);
        double least = Math.max(margin, from * wide);
        double most = Math.max(least, Math.min(wide - margin, to * wide));
        return scene.left() / px + least + (most - least) * BodyWords.dealt(worn, 1, body);
    }

    /** Of each frame, where they change, until the block is gone. */
    private List<Forces> forces() {
        if (!worn.changes(BodyWords.ACTING)) {
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
        double gravity = worn.get(BodyWords.GRAVITY) * em;
        double down = StrictMath.toRadians(worn.get(BodyWords.ANGLE));
        double wind = worn.get(BodyWords.WIND) * em;
        double towards = StrictMath.toRadians(worn.get(BodyWords.WIND_ANGLE));
        double drag = Math.max(-StrictMath.log(1 - worn.get(BodyWords.DRAG)), wind > 0 ? CAUGHT : 0);
        return new Forces(
                gravity * StrictMath.cos(down),
                gravity * StrictMath.sin(down),
                drag,
                wind * StrictMath.cos(towards),
                wind * StrictMath.sin(towards),
                worn.get(BodyWords.GUSTS),
                worn.get(BodyWords.PUSH) * em,
                worn.get(BodyWords.DRAW) * em,
                (scene.left() + worn.get(BodyWords.DRAW_X) * scene.width()) / px,
                (scene.top() + worn.get(BodyWords.DRAW_Y) * scene.height()) / px,
                worn.get(BodyWords.SMALL),
                worn.get(BodyWords.LARGE));
    }

    private List<Setup.Wall> walls() {
        List<Setup.Wall> walls = new ArrayList<>();
        String kept = worn.pick(BodyWords.WALLS);
        Box in = new Box(scene.left() / px, scene.top() / px, scene.right() / px, scene.bottom() / px);
        boolean floor = kept.equals(BodyWords.ON_FLOOR);
        if (floor || kept.equals(BodyWords.IN_PICTURE) || kept.equals(BodyWords.CLOSED)) {
            double wide = floor ? 20 * in.width() : THICK;
            walls.add(wall(in.left() - wide, in.bottom(), in.right() + wide, in.bottom() + THICK));
        }
        if (kept.equals(BodyWords.IN_PICTURE) || kept.equals(BodyWords.CLOSED)) {
            // As high as all may be stacked before they fall.
            double high = in.top() - (kept.equals(BodyWords.CLOSED) ? THICK : 40 * in.height());
            walls.add(wall(in.left() - THICK, high, in.left(), in.bottom()));
            walls.add(wall(in.right(), high, in.right() + THICK, in.bottom()));
        }
        if (kept.equals(BodyWords.CLOSED) && BodyWords.isFromSetting(worn)) {
            walls.add(wall(in.left(), in.top() - THICK, in.right(), in.top()));
        }
        room.ifPresent(one -> walls.addAll(one.walls()));
        if (!kept.equals(BodyWords.INSIDE)) {
            wearer.besideAtFirst().ifPresent(other -> stand(other, walls));
        }
        return walls;
    }

    private static Setup.Wall wall(double left, double top, double right, double bottom) {
        return Setup.Wall.of(new Box(left, top, right, bottom));
    }

    /** Another block's shape or the outlines of its letters. */
    private void stand(DisplayList other, List<Setup.Wall> walls) {
        for (Lettering.Placed one : Lettering.standing(other)) {
            Box ink = one.matrix().map(one.outline().ink());
            double x = (ink.left() + ink.right()) / 2;
            double y = (ink.top() + ink.bottom()) / 2;
            Matrix about = Matrix.scale(1 / px, 1 / px).times(Matrix.translate(-x, -y));
            Solid solid = Solid.outline(
                    ink.width() / px,
                    ink.height() / px,
                    BodyShape.outer(new Union.Placed(one.outline(), one.matrix()), about));
            walls.add(new Setup.Wall(solid, x / px, y / px));
        }
    }

    /** Frames from when the first is let go. */
    private List<Double> pushes() {
        String pushed = worn.pick(BodyWords.PUSHES);
        if (pushed.equals(Dressing.ON_CUES)) {
            return wearer.cues().stream()
                    .map(cue -> cue - begins)
                    .filter(at -> at >= 0)
                    .toList();
        }
        List<Double> pushes = new ArrayList<>();
        if (!pushed.equals(BodyWords.NEVER)) {
            wearer.beats().ifPresent(beats -> {
                double every =
                        beats.seconds() * wearer.perSecond() * (pushed.equals(BodyWords.ON_BEATS) ? 1 : beats.perBar());
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
