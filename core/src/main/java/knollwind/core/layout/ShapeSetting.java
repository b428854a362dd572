package knollwind.core.layout;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Outline;
import knollwind.core.geometry.Outlines;
import knollwind.core.scene.Colour;
import knollwind.core.scene.Length;
import knollwind.core.scene.ShapeBlock;
import knollwind.core.scene.UnitKind;
import knollwind.core.type.SetGlyph;
import knollwind.core.type.SetLine;
import knollwind.core.type.SetText;
import knollwind.core.type.StrokeOutline;
import knollwind.core.type.Unit;

/**
 * A shape as a block with the one unit "all", whose glyphs are its fill and its stroke. Its em is its height. The box of a
 * shape is that of its outline; a stroke adds to the ink only.
 */
final class ShapeSetting {
    private ShapeSetting() {}

    static SetText of(ShapeBlock block, Surroundings around) {
        ShapeBlock.Plate plate = block.asPlate().orElse(null);
        if (plate != null && plate.spoken() != null && around.behind() != null) {
            return spoken(block, plate, around);
        }
        Outline outline = outline(block.shape(), around);
        List<SetGlyph> glyphs = new ArrayList<>();
        glyphs.add(new SetGlyph(outline, 0, 0, outline.ink().width(), 0, 0, null));
        if (block.stroke() != null && !outline.isEmpty()) {
            Outline line = StrokeOutline.of(outline, block.stroke().width());
            int colour = Colour.argb(ValuesInTime.colour(block.stroke().colour()));
            glyphs.add(new SetGlyph(line, 0, 0, outline.ink().width(), 0, 0, colour));
        }
        return whole(outline.ink(), glyphs);
    }

    /** A plate behind each word, with its place among them as what its glyphs stand for; which of them is seen when is the painter's to know. */
    private static SetText spoken(ShapeBlock block, ShapeBlock.Plate plate, Surroundings around) {
        ShapeBlock.Padding padding = plate.padding();
        List<SetGlyph> glyphs = new ArrayList<>();
        for (int i = 0; i < around.spoken().size(); i++) {
            Box word = around.spoken().get(i).box();
            Outline outline = Outlines.rounded(
                    new Box(
                            word.left(),
                            word.top(),
                            Math.max(word.left(), word.right() + padding.left() + padding.right()),
                            Math.max(word.top(), word.bottom() + padding.top() + padding.bottom())),
                    plate.radius());
            double width = outline.ink().width();
            glyphs.add(new SetGlyph(outline, 0, 0, width, i, i + 1, null));
            if (block.stroke() != null) {
                Outline line = StrokeOutline.of(outline, block.stroke().width());
                int colour = Colour.argb(ValuesInTime.colour(block.stroke().colour()));
                glyphs.add(new SetGlyph(line, 0, 0, width, i, i + 1, colour));
            }
        }
        Box box = new Box(
                0,
                0,
                Math.max(0, around.behind().width() + padding.left() + padding.right()),
                Math.max(0, around.behind().height() + padding.top() + padding.bottom()));
        return whole(box, glyphs);
    }

    private static SetText whole(Box box, List<SetGlyph> glyphs) {
        Box ink = glyphs.stream().map(SetGlyph::ink).reduce(Box.EMPTY, Box::union);
        SetLine line = new SetLine(0, 0, 0, box.left(), box.bottom(), box.width(), box.height(), 0, false, glyphs);
        Unit whole = new Unit(UnitKind.WHOLE, "all", "", 0, 0, 0, box, ink, box.bottom(), glyphs);
        return new SetText(
                "",
                box.height(),
                box.height(),
                List.of(line),
                box,
                ink,
                List.of(),
                List.of(),
                List.of(),
                whole,
                List.of());
    }

    private static Outline outline(ShapeBlock.Shape shape, Surroundings around) {
        return shape.match(new OutlineOf(around));
    }

    /** The outline of each kind of shape. */
    private record OutlineOf(Surroundings around) implements ShapeBlock.ShapeCases<Outline> {
        @Override
        public Outline rectangle(ShapeBlock.Rectangle rectangle) {
            return Outlines.rounded(
                    new Box(0, 0, width(rectangle.width()), height(rectangle.height())), rectangle.radius());
        }

        @Override
        public Outline ellipse(ShapeBlock.Ellipse ellipse) {
            return Outlines.ellipse(new Box(0, 0, width(ellipse.width()), height(ellipse.height())));
        }

        @Override
        public Outline line(ShapeBlock.Line line) {
            return Outlines.rounded(
                    new Box(0, 0, width(line.length()), line.thickness()), line.round() ? line.thickness() / 2 : 0);
        }

        @Override
        public Outline polygon(ShapeBlock.Polygon polygon) {
            return Outlines.polygon(polygon.points());
        }

        @Override
        public Outline freePath(ShapeBlock.FreePath path) {
            return Outlines.curve(path.curve());
        }

        @Override
        public Outline plate(ShapeBlock.Plate plate) {
            Box words = around.behind();
            if (words == null) {
                return Outlines.NONE;
            }
            ShapeBlock.Padding padding = plate.padding();
            double width = Math.max(0, words.width() + padding.left() + padding.right());
            double height = Math.max(0, words.height() + padding.top() + padding.bottom());
            return Outlines.rounded(new Box(0, 0, width, height), plate.radius());
        }

        /** What is as wide as another block has no say about its own width. */
        private double width(Length own) {
            return Double.isNaN(around.width()) ? own.pixels(1, 1, around.fit().width()) : around.width();
        }

        private double height(Length own) {
            return own.pixels(1, 1, around.fit().height());
        }
    }
}
