package knollwind.paint;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import knollwind.core.display.Piece;

/**
 * What differs between two lists of pieces.
 *
 * @param pieces the later list; pieces that were in the earlier one are the same objects
 * @param common how many of the first pieces are the same
 * @param gone of the earlier list alone
 * @param come of the later list alone
 */
record Changes(List<Piece> pieces, int common, List<Piece> gone, List<Piece> come) {
    /** Pieces are taken for the same in the order in which they stand, so that none of them passes another one. */
    static Changes between(List<Piece> before, List<Piece> after) {
        List<Piece> pieces = new ArrayList<>(after);
        int common = 0;
        int most = Math.min(before.size(), after.size());
        while (common < most && before.get(common).equals(after.get(common))) {
            pieces.set(common, before.get(common));
            common++;
        }
        Map<Piece, Deque<Integer>> places = new HashMap<>();
        for (int i = common; i < before.size(); i++) {
            places.computeIfAbsent(before.get(i), piece -> new ArrayDeque<>()).add(i);
        }
        List<Piece> gone = new ArrayList<>();
        List<Piece> come = new ArrayList<>();
        int passed = common;
        for (int i = common; i < after.size(); i++) {
            int place = next(places.get(after.get(i)), passed);
            if (place < 0) {
                come.add(after.get(i));
                continue;
            }
            gone.addAll(before.subList(passed, place));
            pieces.set(i, before.get(place));
            passed = place + 1;
        }
        gone.addAll(before.subList(passed, before.size()));
        return new Changes(Collections.unmodifiableList(pieces), common, gone, come);
    }

    private static int next(Deque<Integer> places, int from) {
        while (places != null && !places.isEmpty()) {
            int place = places.poll();
            if (place >= from) {
                return place;
            }
        }
        return -1;
    }

    /** The pixels that may differ. */
    List<Area> areas(Seen seen) {
        List<Area> areas = new ArrayList<>();
        gone.forEach(piece -> areas.add(seen.reached(piece)));
        come.forEach(piece -> areas.add(seen.reached(piece)));
        return Area.apart(areas);
    }
}
