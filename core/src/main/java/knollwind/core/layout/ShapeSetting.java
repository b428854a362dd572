package knollwind.core.layout;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Outline;
import knollwind.core.geometry.Outlines;
import knollwind.core.scene.Colour;
import knollwind.core.scene.FrameFit;
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
        FrameFit fit = around.fit();
        if (shape instanceof ShapeBlock.Rectangle rectangle) {
            double width = Double.isNaN(around.width()) ? rectangle.width().pixels(1, 1, fit.width()) : around.width();
            return Outlines.rounded(
                    new Box(0, 0, width, rectangle.height().pixels(1, 1, fit.height())), rectangle.radius());
        } else if (shape instanceof ShapeBlock.Ellipse ellipse) {
            double width = Double.isNaN(around.width()) ? ellipse.width().pixels(1, 1, fit.width()) : around.width();
            return Outlines.ellipse(new Box(0, 0, width, ellipse.height().pixels(1, 1, fit.height())));
        } else if (shape instanceof ShapeBlock.Line line) {
            double length = Double.isNaN(around.width()) ? line.length().pixels(1, 1, fit.width()) : around.width();
            return Outlines.rounded(new Box(0, 0, length, line.thickness()), line.round() ? line.thickness() / 2 : 0);
        } else if (shape instanceof ShapeBlock.FreePath path) {
            return Outlines.curve(path.curve());
        } else if (shape instanceof ShapeBlock.Plate plate) {
            return plate(plate, around.behind());
        }
        return Outlines.polygon(((ShapeBlock.Polygon) shape).points());
    }

    private static Outline plate(ShapeBlock.Plate plate, Box words) {
        if (words == null) {
            return Outlines.NONE;
        }
        ShapeBlock.Padding padding = plate.padding();
        double width = Math.max(0, words.width() + padding.left() + padding.right());
        double height = Math.max(0, words.height() + padding.top() + padding.bottom());
        return Outlines.rounded(new Box(0, 0, width, height), plate.radius());
    }
}
