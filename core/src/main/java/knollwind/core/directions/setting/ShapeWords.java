package knollwind.core.directions.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.directions.controls.Values;
import knollwind.core.directions.grammar.Say;
import knollwind.core.document.Operation;
import knollwind.core.scene.Block;
import knollwind.core.scene.Length;
import knollwind.core.scene.Links;
import knollwind.core.scene.Pivot;
import knollwind.core.scene.ShapeBlock;
import knollwind.core.scene.Value;

/** Prints what a shape is, and its stroke. */
final class ShapeWords {
    private ShapeWords() {}

    static void print(Sentence.Builder out, ShapeBlock block, String path, List<Block> neighbours) {
        String at = path + "/shape";
        Runnable print = block.shape().match(new ShapeBlock.ShapeCases<Runnable>() {
            @Override
            public Runnable rectangle(ShapeBlock.Rectangle rectangle) {
                return () -> {
                    size(out.plain("A rectangle "), rectangle.width(), rectangle.height(), at, asWide(block));
                    corners(out, rectangle.radius(), at);
                };
            }

            @Override
            public Runnable ellipse(ShapeBlock.Ellipse ellipse) {
                return () -> size(out.plain("An ellipse "), ellipse.width(), ellipse.height(), at, asWide(block));
            }

            @Override
            public Runnable line(ShapeBlock.Line line) {
                return () -> ShapeWords.line(out, line, at, asWide(block));
            }

            @Override
            public Runnable polygon(ShapeBlock.Polygon polygon) {
                return () -> out.plain("A shape of " + polygon.points().size() + " points");
            }

            @Override
            public Runnable freePath(ShapeBlock.FreePath free) {
                return () -> out.plain("A " + (free.curve().closed() ? "closed" : "open") + " path of "
                        + free.curve().knots().size() + " knots");
            }

            @Override
            public Runnable plate(ShapeBlock.Plate plate) {
                return () -> ShapeWords.plate(out, plate, at, block, neighbours);
            }
        });
        print.run();
    }

    private static void line(Sentence.Builder out, ShapeBlock.Line line, String at, boolean asWide) {
        out.plain("A line ");
        if (!asWide) {
            Values.length(out, line.length(), "length", at + "/length");
            out.plain(" long and ");
        }
        Control thickness = Values.number("thick", line.thickness(), "px", 0.5, 200, 0.5, at + "/thickness", 1);
        out.part(Say.number(line.thickness()) + " px", new Part("thickness", List.of(thickness), ""));
        out.plain(" thick, ends ")
                .part(
                        line.round() ? "round" : "square",
                        new Part(
                                "ends",
                                List.of(Values.pair("Ends", "square", "round", line.round(), at + "/round")),
                                ""));
    }

    /** A block that is as wide as another one has no say about its own width. */
    private static boolean asWide(Block block) {
        return block.place().attach() != null && block.place().attach().sameWidth();
    }

    private static void size(Sentence.Builder out, Length width, Length height, String at, boolean asWide) {
        if (!asWide) {
            Values.length(out, width, "width", at + "/width");
            out.plain(" wide and ");
        }
        Values.length(out, height, "height", at + "/height");
        out.plain(" high");
    }

    private static void corners(Sentence.Builder out, double radius, String at) {
        Control control = Values.number("corners", radius, "px", 0, 400, 1, at + "/radius", 1);
        out.plain(", corners ").part(Say.number(radius) + " px", new Part("corners", List.of(control), ""));
    }

    private static void plate(
            Sentence.Builder out, ShapeBlock.Plate plate, String at, ShapeBlock block, List<Block> neighbours) {
        List<Control> behind = new ArrayList<>();
        for (Block other : neighbours) {
            if (other.asWords().isPresent() && !Links.reaches(other, block.id(), neighbours)) {
                boolean in = plate.behind().contains(other.id());
                List<String> with = new ArrayList<>(plate.behind());
                with.remove(other.id());
                List<String> without = List.copyOf(with);
                with.add(other.id());
                behind.add(new Control.Choice(
                        Say.block(other),
                        List.of(
                                new Control.Option("behind it", in, List.of(Ops.set(at + "/behind", with))),
                                new Control.Option("not", !in, List.of(Ops.set(at + "/behind", without))))));
            }
        }
        behind.add(Values.pair(
                "Behind", "all its words", "the word that is said", plate.spoken() != null, at + "/spoken"));
        behind.add(Values.pair(
                "Box", "of the type", "of the ink", plate.box() == Pivot.Box.INK, at + "/box", "metric", "ink"));
        String names = neighbours.stream()
                .filter(other -> plate.behind().contains(other.id()))
                .map(Say::block)
                .collect(Collectors.joining(" and "));
        out.plain(plate.box() == Pivot.Box.INK ? "A plate behind the ink of " : "A plate behind ")
                .part(names.isEmpty() ? "nothing yet" : names, new Part("behind", behind, ""));
        if (plate.spoken() != null) {
            out.plain(", ").part("word by word as they are said", new Part("behind", behind, ""));
        }
        ShapeBlock.Padding padding = plate.padding();
        List<Control> sides = List.of(
                Values.number(
                        "left",
                        padding.left(),
                        "px",
                        -ShapeBlock.Padding.MOST,
                        ShapeBlock.Padding.MOST,
                        1,
                        at + "/padding/left",
                        1),
                Values.number(
                        "top",
                        padding.top(),
                        "px",
                        -ShapeBlock.Padding.MOST,
                        ShapeBlock.Padding.MOST,
                        1,
                        at + "/padding/top",
                        1),
                Values.number(
                        "right",
                        padding.right(),
                        "px",
                        -ShapeBlock.Padding.MOST,
                        ShapeBlock.Padding.MOST,
                        1,
                        at + "/padding/right",
                        1),
                Values.number(
                        "bottom",
                        padding.bottom(),
                        "px",
                        -ShapeBlock.Padding.MOST,
                        ShapeBlock.Padding.MOST,
                        1,
                        at + "/padding/bottom",
                        1));
        out.plain(", padding ").part(padding(padding), new Part("padding", sides, "Left, top, right and bottom."));
        corners(out, plate.radius(), at);
        out.plain(", ")
                .part(
                        plate.waits() ? "its words wait for it" : "its words do not wait",
                        new Part(
                                "waiting",
                                List.of(Values.pair(
                                        "Words", "do not wait", "wait for it", plate.waits(), at + "/waits")),
                                "Words that wait arrive when the plate is full, and are gone before it leaves."));
    }

    private static String padding(ShapeBlock.Padding padding) {
        boolean even = padding.left() == padding.right() && padding.top() == padding.bottom();
        if (even && padding.left() == padding.top()) {
            return Say.number(padding.left()) + " px";
        }
        String sides = Say.number(padding.left()) + " and " + Say.number(padding.top());
        return even
                ? sides + " px"
                : sides.replace(" and ", ", ") + ", " + Say.number(padding.right()) + ", "
                        + Say.number(padding.bottom()) + " px";
    }

    /** The stroke of a shape, or the offer of one. */
    static void stroke(Sentence.Builder out, ShapeBlock block, String path) {
        String at = path + "/stroke";
        ShapeBlock.Stroke stroke = block.stroke();
        if (stroke == null) {
            Control none = new Control.Choice(
                    "Stroke",
                    List.of(
                            new Control.Option("none", true, List.of()),
                            new Control.Option(
                                    "a line",
                                    false,
                                    List.of(Ops.set(at, new ShapeBlock.Stroke(Value.of("#f4ead2"), 3))))));
            out.plain(", ").part("no stroke", new Part("stroke", List.of(none), ""));
            return;
        }
        List<Control> controls = new ArrayList<>();
        controls.add(Values.number("width", stroke.width(), "px", 0.5, 100, 0.5, at + "/width", 1));
        String colour = "a field's colour";
        if (stroke.colour() instanceof Value.Literal<String> literal) {
            colour = literal.value();
            controls.add(new Control.Tint("Colour", literal.value(), at + "/colour"));
        }
        controls.add(new Control.Choice(
                "Stroke",
                List.of(
                        new Control.Option("none", false, List.of(new Operation.Clear(at))),
                        new Control.Option("a line", true, List.of()))));
        out.plain(", ")
                .part("stroked " + Say.number(stroke.width()) + " px in " + colour, new Part("stroke", controls, ""));
    }
}
