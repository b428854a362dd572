package knollwind.core.frame;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import knollwind.core.display.Ink;
import knollwind.core.geometry.Box;
import knollwind.core.scene.Fill;
import knollwind.core.scene.FrameFit;
import knollwind.core.scene.UnitKind;
import knollwind.core.sound.Heard;
import knollwind.core.type.SetGlyph;
import knollwind.core.type.SetText;
import knollwind.core.type.Unit;

/** A block's fill over what it is stretched over: which ink each of its glyphs has. Safe for threads. */
final class Coat {
    private final FillPaint paint;
    /** What the fill is laid over, one after another: px of the block, or of the frame. */
    private final List<Box> boxes;
    /** Which of them a glyph belongs to, by the offset that it stands for; none where all have the same. */
    private final Map<Integer, Integer> boxOf = new HashMap<>();

    private final boolean pinned;

    Coat(FillPaint paint, Fill.Area area, SetText set, FrameFit fit) {
        this.paint = paint;
        this.pinned = area == Fill.Area.FRAME;
        List<Unit> units =
                kind(area).map(set::units).filter(found -> !found.isEmpty()).orElse(List.of());
        if (pinned) {
            this.boxes = List.of(new Box(0, 0, fit.width() * fit.scale(), fit.height() * fit.scale()));
        } else if (units.isEmpty()) {
            this.boxes = List.of(set.box());
        } else {
            this.boxes = units.stream().map(Unit::advance).toList();
            for (int i = 0; i < units.size(); i++) {
                for (SetGlyph glyph : units.get(i).glyphs()) {
                    boxOf.put(glyph.from(), i);
                }
            }
        }
    }

    private static Optional<UnitKind> kind(Fill.Area area) {
        return switch (area) {
            case BLOCK, FRAME -> Optional.empty();
            case LINE -> Optional.of(UnitKind.LINE);
            case WORD -> Optional.of(UnitKind.WORD);
            case CHARACTER -> Optional.of(UnitKind.CHARACTER);
        };
    }

    /** @param time scene frames since the block came on */
    Worn at(double time) {
        return new Worn(
                boxes.stream().map(box -> paint.at(time, box).orElse(null)).toArray(Ink[]::new));
    }

    List<Heard> sounds() {
        return paint.sounds();
    }

    boolean rests(double from, double to) {
        return paint.rests(from, to);
    }

    /** The coat at a time. */
    final class Worn {
        private final Ink[] inks;

        private Worn(Ink[] inks) {
            this.inks = inks;
        }

        /** What a glyph that has no colour of its own is painted with, in px of the block or the frame; null for nothing. */
        Ink ink(SetGlyph glyph) {
            return inks.length == 1 ? inks[0] : inks[boxOf.getOrDefault(glyph.from(), 0)];
        }

        /** Whether its ink stays in the frame, whatever moves. */
        boolean pinned() {
            return pinned;
        }
    }
}
