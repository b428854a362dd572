package knollwind.core.edit;

import java.util.List;
import knollwind.core.frame.CaptionRow;
import knollwind.core.scene.CaptionLine;
import knollwind.core.scene.Captions;
import knollwind.core.scene.Scene;

/** A caption and the two beside it. */
final class CaptionAmong {
    /** Frames beyond the gap of the rules: nearer than that, two captions share an edge. */
    private static final double SHARED = 1.5;

    final Scene scene;
    final Captions row;
    final CaptionRow.Timed own;
    /** Null for the first. */
    final CaptionRow.Timed last;
    /** Null for the last. */
    final CaptionRow.Timed next;

    CaptionAmong(Scene scene, Captions row, List<CaptionRow.Timed> all, CaptionLine line) {
        this.scene = scene;
        this.row = row;
        int at = 0;
        while (!all.get(at).line().id().equals(line.id())) {
            at++;
        }
        this.own = all.get(at);
        int lane = own.lane();
        this.last = beside(all, at, -1, lane);
        this.next = beside(all, at, 1, lane);
    }

    private static CaptionRow.Timed beside(List<CaptionRow.Timed> all, int at, int step, int lane) {
        for (int i = at + step; i >= 0 && i < all.size(); i += step) {
            if (all.get(i).lane() == lane) {
                return all.get(i);
            }
        }
        return null;
    }

    double start() {
        return own.span().start().value();
    }

    double end() {
        return own.span().end().value();
    }

    double gap() {
        return row.rules().gap() * scene.rate().perSecond();
    }

    /** Whether two that follow each other have their edge together. */
    boolean meet(CaptionRow.Timed one, CaptionRow.Timed other) {
        return one != null
                && other != null
                && other.span().start().minus(one.span().end()).value() <= gap() + SHARED;
    }
}
