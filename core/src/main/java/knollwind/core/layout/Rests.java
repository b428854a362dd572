package knollwind.core.layout;

import java.util.List;
import java.util.function.Function;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Point;
import knollwind.core.motion.Piece;
import knollwind.core.scene.UnitKind;
import knollwind.core.type.SetText;
import knollwind.core.type.Unit;

/** Where units rest: a map from the straight setting's px to where a unit really stands in the block. */
public interface Rests {
    /** Everything rests where it was set. */
    Rests STRAIGHT = (unit, shift) -> shift == 0 ? Matrix.IDENTITY : Matrix.translate(shift, 0);

    /**
     * The unit's resting place.
     *
     * @param shift px along the line that animated tracking has pushed the unit
     */
    Matrix of(Unit unit, double shift);

    default Matrix of(Unit unit) {
        return of(unit, 0);
    }

    /** A set block and where its units rest; the box of the block is the one around them. */
    record Laid(SetText set, Rests rests) {
        static Laid straight(SetText set) {
            return new Laid(set, STRAIGHT);
        }

        /** The units as orders see them: by the middle of where they rest. */
        public Function<UnitKind, List<Piece>> pieces() {
            return kind -> set.units(kind).stream()
                    .map(unit -> {
                        Box box = unit.advance();
                        Point middle = rests.of(unit)
                                .map(new double[] {(box.left() + box.right()) / 2, (box.top() + box.bottom()) / 2});
                        return new Piece(
                                unit.id(),
                                unit.line(),
                                unit.word(),
                                middle.x(),
                                middle.y(),
                                spacesBefore(unit),
                                unit.from(),
                                unit.to());
                    })
                    .toList();
        }

        private int spacesBefore(Unit unit) {
            int from = unit.from();
            int spaces = 0;
            while (from - spaces > 0
                    && from <= set.text().length()
                    && set.text().charAt(from - spaces - 1) == ' ') {
                spaces++;
            }
            return spaces;
        }

        /**
         * The same units, their block's boxes drawn around where they rest.
         *
         * @param own the box that the block has whatever its words are; empty for one around them
         */
        static Laid around(SetText set, Rests rests, Box own) {
            Box box = Box.EMPTY;
            Box ink = Box.EMPTY;
            for (Unit unit : set.characters()) {
                Matrix rest = rests.of(unit);
                box = box.union(rest.map(unit.advance()));
                ink = ink.union(rest.map(unit.ink()));
            }
            if (!own.isEmpty() || box.isEmpty()) {
                box = own.isEmpty() ? set.box() : own;
            }
            Unit old = set.whole();
            Unit whole = new Unit(old.kind(), old.id(), old.text(), 0, 0, 0, box, ink, old.baseline(), old.glyphs());
            return new Laid(
                    new SetText(
                            set.text(),
                            set.em(),
                            set.lineHeight(),
                            set.lines(),
                            box,
                            ink,
                            set.characters(),
                            set.words(),
                            set.lineUnits(),
                            whole,
                            set.missing()),
                    rests);
        }
    }
}
