package knollwind.core.directions.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.directions.controls.Values;
import knollwind.core.directions.grammar.PivotWords;
import knollwind.core.directions.grammar.Say;
import knollwind.core.directions.tracks.TrackPart;
import knollwind.core.document.Operation;
import knollwind.core.scene.Attachment;
import knollwind.core.scene.Block;
import knollwind.core.scene.Length;
import knollwind.core.scene.Mirrored;
import knollwind.core.scene.Pivot;
import knollwind.core.scene.Place;
import knollwind.core.scene.Value;

/** Prints where a block stands: by which point, where in the frame or hanging on what, and how far it is turned. */
final class PlaceWords {
    private PlaceWords() {}

    /**
     * @param path of the block
     * @param moved where the block stands
     */
    static void print(Sentence.Builder out, Block block, String path, List<Block> neighbours, Standing moved) {
        String at = path + "/place";
        Place place = block.place();
        boolean plate = block.asPlate().isPresent();
        if (!plate) {
            stands(out, block, path, neighbours, moved);
        }
        if (!place.rotation().literal().equals(Optional.of(0.0))) {
            out.plain(", turned ");
            TrackPart.overTime(
                    out, place.rotation(), "turn", new TrackPart.Measure("\u00b0", -180, 180, 1, 1), at + "/rotation");
        }
        if (!isOne(place.scale())) {
            out.plain(", scaled to ");
            TrackPart.overTime(out, place.scale(), "scale", new TrackPart.Measure("%", 1, 400, 1, 0.01), at + "/scale");
        }
        if (place.mirrored() != null) {
            out.plain(", mirrored ")
                    .part(
                            place.mirrored().text(),
                            new Part(
                                    "mirrored", List.of(mirrored(place, at)), "In a mirror that stands on its pivot."));
        }
        if (place.way() != null && place.attach() == null && !plate) {
            WayWords.print(out, place.way(), at + "/way");
        }
        if (place.crawl() != null) {
            CrawlWords.print(out, block, at + "/crawl", moved.crawl());
        }
        if (place.follow() != null) {
            FollowWords.print(out, place.follow(), at + "/follow", block, neighbours);
        }
        if (place.room() != null) {
            RoomWords.print(out, place.room(), at + "/room", neighbours);
        }
    }

    private static Control mirrored(Place place, String at) {
        String own = at + "/mirrored";
        List<Control.Option> options = new ArrayList<>();
        boolean plain = place.mirrored() == null;
        options.add(new Control.Option("as it is", plain, plain ? List.of() : List.of(new Operation.Clear(own))));
        for (Mirrored one : Mirrored.values()) {
            options.add(new Control.Option(one.text(), one == place.mirrored(), List.of(Ops.set(own, one))));
        }
        return new Control.Choice("Mirrored", options);
    }

    private static boolean isOne(Value<Double> scale) {
        return scale.literal().equals(Optional.of(1.0));
    }

    private static void stands(Sentence.Builder out, Block block, String path, List<Block> neighbours, Standing moved) {
        String at = path + "/place";
        Place place = block.place();
        out.plain(", placed by the ").part(PivotWords.say(place.pivot()), pivot(block, path, neighbours, moved));
        Attachment attach = place.attach();
        if (attach != null) {
            AttachWords.print(out.plain(", "), attach, at + "/attach", block, neighbours);
            return;
        }
        if (place.way() != null) {
            // Where it would stand has no say while it travels.
            return;
        }
        Control hang = AttachWords.choice(null, at + "/attach", block, neighbours);
        out.plain(" at ");
        // Where it would stand along its way has no say while it runs through the frame.
        boolean runsAcross = place.crawl() != null && place.crawl().direction().across();
        boolean rolls = place.crawl() != null && !runsAcross;
        if (!runsAcross) {
            where(out, place.x(), "x", at + "/x", StandControls.across(place, at, moved.safe()), hang);
            out.plain(rolls ? " across" : " across and ");
        }
        if (!rolls) {
            where(out, place.y(), "y", at + "/y", StandControls.down(place, at, moved.safe()), hang);
            out.plain(" down");
        }
    }

    private static Part pivot(Block block, String path, List<Block> neighbours, Standing moved) {
        String at = path + "/place";
        Place place = block.place();
        List<Control.Option> options = new ArrayList<>();
        for (Pivot pivot : PivotWords.all(place.pivot().box())) {
            options.add(new Control.Option(
                    PivotWords.say(pivot),
                    pivot.equals(place.pivot()),
                    BoxWords.placed(at, place, moved.by().apply(pivot))));
        }
        Control box = BoxWords.choice(block, path, moved);
        List<Control> controls = new ArrayList<>(List.of(new Control.Choice("Pivot", options), box));
        controls.addAll(unsaid(block, at, neighbours, moved));
        return new Part("pivot", controls, "");
    }

    /** What is not said of where a block is, how it travels and what it follows. */
    static List<Control> unsaid(Block block, String at, List<Block> neighbours, Standing moved) {
        Place place = block.place();
        List<Control> controls = new ArrayList<>();
        if (place.rotation().literal().equals(Optional.of(0.0))) {
            controls.add(Values.number("turned", 0, "\u00b0", -180, 180, 1, at + "/rotation", 1));
        }
        if (isOne(place.scale())) {
            controls.add(Values.number("scaled", 100, "%", 1, 400, 1, at + "/scale", 0.01));
        }
        if (place.mirrored() == null) {
            controls.add(mirrored(place, at));
        }
        if (place.way() == null && place.attach() == null) {
            controls.add(WayWords.choice(at, moved.x(), moved.y()));
        }
        if (place.follow() == null) {
            controls.add(FollowWords.choice(null, at + "/follow", block, neighbours));
        }
        if (place.crawl() == null && block.asWords().isPresent()) {
            controls.add(CrawlWords.choice(at));
        }
        if (place.room() == null) {
            controls.add(RoomWords.choice(at + "/room", block, neighbours));
        }
        return controls;
    }

    private static void where(
            Sentence.Builder out, Value<Length> value, String name, String at, Control stand, Control hang) {
        Runnable print = value.match(
                length -> () -> {
                    Control control =
                            Values.number(name, length.value(), length.unit().text(), -4000, 8000, 1, at + "/value", 1);
                    out.part(
                            Say.length(length.value(), length.unit()),
                            new Part(name, List.of(control, stand, hang, TrackPart.keyHere(at)), ""));
                },
                field -> () -> out.plain(Say.field(field)),
                keys -> () -> out.part(
                        "keyed",
                        new Part(
                                name,
                                List.of(
                                        TrackPart.keyHere(at),
                                        new Control.Choice(
                                                "Keys",
                                                List.of(new Control.Option(
                                                        "stay where it is at first",
                                                        false,
                                                        List.of(Ops.set(
                                                                at, keys.get(0).value())))))),
                                "")));
        print.run();
    }
}
