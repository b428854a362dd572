package knollwind.core.directions.setting;

import java.util.function.Function;
import knollwind.core.layout.Crawling;
import knollwind.core.scene.Format;
import knollwind.core.scene.Pivot;
import knollwind.core.scene.Place;

/**
 * Where a block stands as it is laid out.
 *
 * @param by the place that leaves it there when it is held by another pivot
 * @param x px of the base frame at which its pivot stands
 * @param y px of the base frame at which its pivot stands
 * @param crawl what results from its crawl; null for none, or where it is not known
 * @param safe what words keep inside of in the format
 */
public record Standing(Function<Pivot, Place> by, double x, double y, Crawling.Run crawl, Format.Safe safe) {
    /** Of a block that is only printed. */
    static Standing unknown(Place place) {
        return new Standing(place::withPivot, 0, 0, null, Format.Safe.TITLE);
    }
}
