package knollwind.core.frame;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Collectors;
import knollwind.core.dressing.DressKind;
import knollwind.core.dressing.DressKinds;
import knollwind.core.dressing.Grip;
import knollwind.core.dressing.Word;
import knollwind.core.dressing.Worn;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Point;
import knollwind.core.scene.Block;
import knollwind.core.scene.Dressing;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Only;
import knollwind.core.scene.Value;

/**
 * What of a block is dragged in the picture beside its box: light that falls from it, places in it, and the stops of its gradient. What
 * changes over time has no place of its own there.
 */
public final class Grips {
    /**
     * One of them.
     *
     * @param id by which it is dragged
     * @param label what it is
     * @param from what it is drawn from, px of the frame; null for a place by itself
     * @param at where it is, px of the frame
     * @param colour of a stop; empty for others
     */
    public record Seen(String id, String label, Point from, Point at, String colour) {}

    private static final double TURN = 360;

    private final Block block;
    private final Function<Only, Grip.Measures> measures;
    /** What its fill is stretched over. */
    private final Box box;

    private final Matrix home;

    /**
     * @param measures of some of its letters; of all where none are named
     * @param home maps its own px at rest to those of the frame
     */
    Grips(Block block, Function<Only, Grip.Measures> measures, Box box, Matrix home) {
        this.block = block;
        this.measures = measures;
        this.box = box;
        this.home = home;
    }

    List<Seen> shown() {
        List<Seen> shown = new ArrayList<>();
        for (Dressing dressing : block.dressings()) {
            DressKind kind = DressKinds.of(dressing);
            Grip.Measures measures = this.measures.apply(dressing.only());
            // Where there are no letters nothing has a place.
            boolean there = dressing.off() == null && !measures.box().isEmpty();
            for (Grip grip : there ? kind.grips(Worn.asKept(dressing)) : List.<Grip>of()) {
                if (grip.amounts().stream()
                        .allMatch(amount -> value(dressing, amount).isPresent())) {
                    shown.add(new Seen(
                            id(dressing, grip),
                            kind.label() + (grip.what().isEmpty() ? "" : ": " + grip.what()),
                            grip instanceof Grip.Way ? inFrame(measures.middle()) : null,
                            inFrame(grip.at(amount -> value(dressing, amount).orElse(amount.usual()), measures)),
                            ""));
                }
            }
        }
        if (block.fill().area() == Fill.Area.BLOCK) {
            stops(shown);
        }
        return shown;
    }

    private static OptionalDouble value(Dressing dressing, Word.Amount amount) {
        Value<Double> value = dressing.numbers().get(amount.name());
        return value == null
                ? OptionalDouble.of(amount.usual())
                : value.literal().map(OptionalDouble::of).orElse(OptionalDouble.empty());
    }

    private void stops(List<Seen> shown) {
        Fill fill = block.fill();
        centre(fill)
                .ifPresent(at -> shown.add(new Seen("centre", "the middle of the gradient", null, inFrame(at), "")));
        Point from = along(fill, 0).orElse(null);
        for (Fill.Stop stop : fill.colourStops()) {
            along(fill, stop.at())
                    .ifPresent(at -> shown.add(new Seen(
                            "stop/" + stop.id(),
                            "a colour of the gradient",
                            fill instanceof Fill.Conic ? null : inFrame(from),
                            inFrame(at),
                            stop.colour())));
        }
    }

    /** Where a share of the way along a gradient is. */
    private Optional<Point> along(Fill fill, double share) {
        if (fill instanceof Fill.Gradient gradient) {
            double[] line = Inks.line(gradient, box);
            return Optional.of(new Point(line[0] + (line[2] - line[0]) * share, line[1] + (line[3] - line[1]) * share));
        }
        if (fill instanceof Fill.Radial radial) {
            Point centre = inBox(radial.x(), radial.y());
            return Optional.of(new Point(centre.x() + share * Inks.radius(radial, box), centre.y()));
        }
        if (fill instanceof Fill.Conic conic) {
            Point centre = inBox(conic.x(), conic.y());
            double radians = StrictMath.toRadians(conic.angle() + TURN * share);
            double ring = ring();
            return Optional.of(new Point(
                    centre.x() + ring * StrictMath.cos(radians), centre.y() + ring * StrictMath.sin(radians)));
        }
        return Optional.empty();
    }

    private Optional<Point> centre(Fill fill) {
        return fill instanceof Fill.Radial radial
                ? Optional.of(inBox(radial.x(), radial.y()))
                : fill instanceof Fill.Conic conic ? Optional.of(inBox(conic.x(), conic.y())) : Optional.empty();
    }

    private double ring() {
        return 0.6 * Math.min(box.width(), box.height());
    }

    private Point inBox(double x, double y) {
        return new Point(box.left() + x * box.width(), box.top() + y * box.height());
    }

    private static String id(Dressing dressing, Grip grip) {
        return path(dressing)
                + grip.amounts().stream().map(amount -> "/" + amount.name()).collect(Collectors.joining());
    }

    private static String path(Dressing dressing) {
        return "dress/" + dressing.id();
    }

    private Point inFrame(Point own) {
        return home.map(new double[] {own.x(), own.y()});
    }

    /**
     * What changes in the block where one is dragged to a point of the frame: values by their paths in it.
     *
     * @throws IllegalArgumentException where there is none of this id
     */
    Map<String, Double> dragged(String id, Point to) {
        Point own = home.back()
                .map(back -> back.map(new double[] {to.x(), to.y()}))
                .orElseThrow(() -> new IllegalArgumentException("a block that lies edge on cannot be dragged"));
        Map<String, Double> changes = new LinkedHashMap<>();
        for (Dressing dressing : block.dressings()) {
            for (Grip grip : DressKinds.of(dressing).grips(Worn.asKept(dressing))) {
                if (id.equals(id(dressing, grip))) {
                    grip.dragged(own, measures.apply(dressing.only()))
                            .forEach((name, value) -> changes.put(path(dressing) + "/numbers/" + name, value));
                }
            }
        }
        String fill = block.asWords().isPresent() ? "setting/fill" : "fill";
        if (id.equals("centre")) {
            changes.put(fill + "/x", bounded((own.x() - box.left()) / box.width(), -1, 2));
            changes.put(fill + "/y", bounded((own.y() - box.top()) / box.height(), -1, 2));
        } else if (id.startsWith("stop/")) {
            changes.put(fill + "/stops/" + id.substring("stop/".length()) + "/at", bounded(share(own), 0, 1));
        }
        if (changes.isEmpty()) {
            throw new IllegalArgumentException("there is nothing to be dragged of the name " + id);
        }
        return changes;
    }

    /** How far along the gradient a point lies. */
    private double share(Point own) {
        Fill fill = block.fill();
        if (fill instanceof Fill.Conic conic) {
            Point centre = inBox(conic.x(), conic.y());
            double angle = StrictMath.toDegrees(StrictMath.atan2(own.y() - centre.y(), own.x() - centre.x()));
            double turned = (angle - conic.angle()) % TURN;
            return (turned < 0 ? turned + TURN : turned) / TURN;
        }
        Point from = along(fill, 0).orElse(own);
        Point until = along(fill, 1).orElse(own);
        double dx = until.x() - from.x();
        double dy = until.y() - from.y();
        double length = dx * dx + dy * dy;
        return length == 0 ? 0 : ((own.x() - from.x()) * dx + (own.y() - from.y()) * dy) / length;
    }

    private static double bounded(double value, double least, double most) {
        return Math.max(least, Math.min(most, Math.rint(value * 1000) / 1000));
    }
}
