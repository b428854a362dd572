package knollwind.core.frame;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.IntStream;
import knollwind.core.dressing.Part;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Union;
import knollwind.core.layout.Rests;
import knollwind.core.motion.TimedText;
import knollwind.core.scene.Only;
import knollwind.core.scene.UnitKind;
import knollwind.core.type.SetGlyph;
import knollwind.core.type.SetText;
import knollwind.core.type.Unit;

/** The letters of a block, of which some may be dressed. Immutable; safe for threads. */
final class Letters {
    private final SetText set;
    private final Rests rests;
    private final List<Unit> all;
    /** Which of them a glyph belongs to, by the offset that it stands for. */
    private final Map<Integer, Integer> at = new HashMap<>();

    Letters(SetText set, Rests rests) {
        this.set = set;
        this.rests = rests;
        this.all = set.units(UnitKind.CHARACTER);
        for (int i = 0; i < all.size(); i++) {
            for (SetGlyph glyph : all.get(i).glyphs()) {
                at.put(glyph.from(), i);
            }
        }
    }

    int count() {
        return all.size();
    }

    Part part(Only only) {
        BitSet meant = new BitSet();
        for (Unit letter : all) {
            if (only.takes(letter.index(), letter.word(), letter.line(), letter.from(), letter.to())) {
                meant.set(letter.index());
            }
        }
        return Part.of(meant);
    }

    /** The letters of each unit of a kind. */
    List<Part> parts(UnitKind kind) {
        List<Part> parts = new ArrayList<>();
        for (Unit unit : set.units(kind)) {
            BitSet own = new BitSet();
            // What only breaks a line belongs to no letter.
            unit.glyphs().stream()
                    .map(glyph -> at.get(glyph.from()))
                    .filter(Objects::nonNull)
                    .forEach(own::set);
            parts.add(Part.of(own));
        }
        return parts;
    }

    Shown shown(Part part, boolean uncut) {
        return new Shown(part.isAll() ? null : from -> part.has(at.getOrDefault(from, 0)), uncut);
    }

    /** Around the ink of some of them at rest, as a matrix brings it; empty without ink. */
    Box ink(Part part, Matrix onto) {
        Box ink = Box.EMPTY;
        for (Unit unit : part.isAll() ? set.lineUnits() : meant(part)) {
            ink = ink.union(onto.times(rests.of(unit)).map(unit.ink()));
        }
        return ink;
    }

    /** The ink of each of some at rest, as a matrix brings it. */
    List<Box> inks(Part part, Matrix onto) {
        return meant(part).stream()
                .filter(letter -> !letter.ink().isEmpty())
                .map(letter -> onto.times(rests.of(letter)).map(letter.ink()))
                .toList();
    }

    /** The outlines of some at rest, as a matrix brings them. */
    List<Union.Placed> outlines(Part part, Matrix onto) {
        List<Union.Placed> outlines = new ArrayList<>();
        for (Unit letter : meant(part)) {
            Matrix rest = onto.times(rests.of(letter));
            for (SetGlyph glyph : letter.glyphs()) {
                if (!glyph.ink().isEmpty()) {
                    outlines.add(new Union.Placed(glyph.outline(), rest.times(Matrix.translate(glyph.x(), glyph.y()))));
                }
            }
        }
        return outlines;
    }

    private List<Unit> meant(Part part) {
        return IntStream.range(0, all.size())
                .filter(part::has)
                .mapToObj(all::get)
                .toList();
    }

    /** Those words that some of them belong to. */
    List<TimedText> words(Part part, List<TimedText> words) {
        return part.isAll()
                ? words
                : words.stream()
                        .filter(word -> meant(part).stream()
                                .anyMatch(letter -> letter.from() < word.to() && letter.to() > word.from()))
                        .toList();
    }
}
