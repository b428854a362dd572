package knollwind.core.directions.setting;

import java.util.List;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Ops;
import knollwind.core.scene.Format;
import knollwind.core.scene.Length;
import knollwind.core.scene.Pivot;
import knollwind.core.scene.Place;
import knollwind.core.scene.Value;

/**
 * Puts a block against the frame: its pivot goes to the edge or middle of its own box, its place to the same of the frame's
 * safe area. So it stays there when its words change.
 */
final class StandControls {
    private StandControls() {}

    static Control across(Place place, String at, Format.Safe safe) {
        Pivot now = place.pivot();
        return new Control.Choice(
                "Stand",
                List.of(
                        across("at the left safe edge", Pivot.Across.LEFT, safe.left(), place, at, now),
                        across("in the middle", Pivot.Across.CENTRE, 50, place, at, now),
                        across("at the right safe edge", Pivot.Across.RIGHT, 100 - safe.right(), place, at, now)));
    }

    private static Control.Option across(
            String label, Pivot.Across across, double percent, Place place, String at, Pivot now) {
        return option(label, new Pivot(across, now.down(), now.box()), place.x(), at + "/x", percent, at, now);
    }

    static Control down(Place place, String at, Format.Safe safe) {
        Pivot now = place.pivot();
        return new Control.Choice(
                "Stand",
                List.of(
                        down("at the top safe edge", Pivot.Down.TOP, safe.top(), place, at, now),
                        down("in the middle", Pivot.Down.MIDDLE, 50, place, at, now),
                        down("at the bottom safe edge", Pivot.Down.BOTTOM, 100 - safe.bottom(), place, at, now)));
    }

    private static Control.Option down(
            String label, Pivot.Down down, double percent, Place place, String at, Pivot now) {
        return option(label, new Pivot(now.across(), down, now.box()), place.y(), at + "/y", percent, at, now);
    }

    private static Control.Option option(
            String label, Pivot pivot, Value<Length> there, String path, double percent, String at, Pivot now) {
        Length length = new Length(percent, Length.Unit.FRAME);
        return new Control.Option(
                label,
                pivot.equals(now) && there.equals(Value.of(length)),
                List.of(Ops.set(at + "/pivot", pivot), Ops.set(path, length)));
    }
}
