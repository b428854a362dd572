package knollwind.core.layout;

import java.util.HashMap;
import java.util.Map;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.LengthIndexedPath;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Outlines;
import knollwind.core.scene.Setting;
import knollwind.core.scene.TextPath;
import knollwind.core.scene.UnitKind;
import knollwind.core.type.Joining;
import knollwind.core.type.SetLine;
import knollwind.core.type.SetText;
import knollwind.core.type.Unit;

/**
 * Words along a path: each character stands on it by the middle of its advance, turned with it or upright. Letters that
 * are joined by hand go with their word, so that no join breaks.
 */
final class PathRests implements Rests {
    private final SetText set;
    private final TextPath path;
    private final Setting.Alignment alignment;
    private final LengthIndexedPath track;
    private final double first;
    private final Map<Integer, Unit> joined = new HashMap<>();

    PathRests(SetText set, TextPath path, Setting.Alignment alignment) {
        this.set = set;
        this.path = path;
        this.alignment = alignment;
        SetLine line = set.lines().get(0);
        this.first = line.baseline();
        double middle = (set.box().left() + set.box().right()) / 2;
        this.track = LengthIndexedPath.of(path, middle, first);
        for (Unit word : set.words()) {
            if (word.text().codePoints().anyMatch(Joining::hangsTogether)) {
                joined.put(word.index(), word);
            }
        }
    }

    /** The box of a circle or a curve, so that new words never move it; empty where the words make the box. */
    Box own() {
        return path.match(new TextPath.Cases<Box>() {
            @Override
            public Box slope(TextPath.Slope slope) {
                return Box.EMPTY;
            }

            @Override
            public Box arc(TextPath.Arc arc) {
                return Box.EMPTY;
            }

            @Override
            public Box circle(TextPath.Circle circle) {
                LengthIndexedPath.Point at = track.at(0);
                double radius = circle.radius();
                return new Box(
                        at.centreX() - radius, at.centreY() - radius, at.centreX() + radius, at.centreY() + radius);
            }

            @Override
            public Box free(TextPath.Free free) {
                return Outlines.box(free.curve());
            }
        });
    }

    @Override
    public Matrix of(Unit unit, double shift) {
        if (unit.kind() == UnitKind.LINE || unit.kind() == UnitKind.WHOLE) {
            return shift == 0 ? Matrix.IDENTITY : Matrix.translate(shift, 0);
        }
        Unit standing = unit.kind() == UnitKind.CHARACTER ? joined.getOrDefault(unit.word(), unit) : unit;
        SetLine line = set.lines().get(unit.line());
        double x = (standing.advance().left() + standing.advance().right()) / 2;
        double origin = switch (side(line.rtl())) {
            case CENTRE -> line.x() + line.advance() / 2;
            case END -> line.x() + line.advance();
            default -> line.x();
        };
        double anchor = switch (side(line.rtl())) {
            case CENTRE -> track.length() / 2;
            case END -> track.length();
            default -> 0;
        };
        LengthIndexedPath.Point at = track.at(anchor + path.offset() + x + shift - origin);
        Matrix turn = path.upright() ? Matrix.IDENTITY : Matrix.rotate(at.angle());
        Matrix beside = path.upright()
                ? Matrix.rotate(at.angle())
                        .times(Matrix.translate(0, line.baseline() - first))
                        .times(Matrix.rotate(-at.angle()))
                : Matrix.IDENTITY;
        double y = path.upright() ? line.baseline() : first;
        return Matrix.translate(at.x(), at.y()).times(beside).times(turn).times(Matrix.translate(-x, -y));
    }

    /** Which end of the line stands where on the path, seen from the left. */
    private Setting.Alignment side(boolean rtl) {
        return switch (alignment) {
            case CENTRE -> Setting.Alignment.CENTRE;
            case START, JUSTIFY -> rtl ? Setting.Alignment.END : Setting.Alignment.START;
            case END -> rtl ? Setting.Alignment.START : Setting.Alignment.END;
        };
    }
}
