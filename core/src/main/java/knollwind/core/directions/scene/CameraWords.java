package knollwind.core.directions.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.directions.controls.Values;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.grammar.Say;
import knollwind.core.directions.move.EasingClause;
import knollwind.core.document.Operation;
import knollwind.core.scene.Camera;
import knollwind.core.scene.NamedEasings;
import knollwind.core.scene.Scene;

/** The camera in words: "The camera goes from 100 % to 108 % from frame 0 to 180." */
public final class CameraWords {

    private CameraWords() {}

    public static void print(Sentence.Builder out, Scene scene, String path) {
        String at = path + "/camera";
        Camera camera = scene.camera();
        out.plain(" The camera ");
        if (camera == null) {
            Camera push = new Camera(List.of(
                    new Camera.Key("k1", 0, 0.0, 0.0, 1.0, 0.0, NamedEasings.GENTLY),
                    new Camera.Key("k2", Math.max(1, scene.length() - 1), 0.0, 0.0, 1.08, 0.0, NamedEasings.GENTLY)));
            Control control = new Control.Choice(
                    "Camera",
                    List.of(
                            new Control.Option("stands still", true, List.of()),
                            new Control.Option("moves", false, List.of(Ops.set(at, push)))));
            out.part("stands still", new Part("camera", List.of(control), "")).plain(".");
            return;
        }
        List<Camera.Key> keys = camera.keys();
        for (int i = 0; i < keys.size(); i++) {
            Camera.Key key = keys.get(i);
            out.plain(i == 0 ? "shows " : ", then ");
            out.part(
                    view(key, i == keys.size() - 1),
                    new Part("view", controls(keys, i, at), "What stands in the middle, how large, how turned."));
        }
        out.plain(".");
    }

    private static String view(Camera.Key key, boolean last) {
        String drift = key.x() == 0 && key.y() == 0
                ? ""
                : " at " + Say.number(key.x()) + " px across, " + Say.number(key.y()) + " px down";
        String turn = key.turn() == 0 ? "" : " turned " + Say.number(key.turn()) + "\u00b0";
        return Say.percent(key.zoom()) + drift + turn + " at frame " + Say.number(key.at())
                + (last
                        ? ""
                        : " " + (key.easing().equals(NamedEasings.HOLD) ? "holding" : EasingClause.say(key.easing())));
    }

    /** The camera after "the camera", which has been read; null where it stands still. */
    static Camera read(Lexer words, Scene scene) {
        if (words.phrase("stands still")) {
            return null;
        }
        if (!words.phrase("shows")) {
            throw DirectionException.missing(words, "stands still, or shows and a size such as 108 % at frame 0");
        }
        List<Camera.Key> now =
                scene.camera() == null ? List.of() : scene.camera().keys();
        List<Camera.Key> keys = new ArrayList<>();
        int here;
        do {
            keys.add(readView(words, scene, now, keys));
            here = words.position();
            words.separators();
        } while (words.phrase("then"));
        words.back(here);
        return new Camera(keys);
    }

    /** What is not said of a view is as it is, or as it was before it. */
    private static Camera.Key readView(Lexer words, Scene scene, List<Camera.Key> now, List<Camera.Key> before) {
        int index = before.size();
        Camera.Key known = index < now.size() ? now.get(index) : null;
        double zoom = words.percent().orElseThrow(() -> DirectionException.missing(words, "a size such as 108 %"));
        double x = 0;
        double y = 0;
        double turn = 0;
        double at = known != null ? known.at() : index == 0 ? 0 : Math.max(1, scene.length() - 1);
        String easing = known != null ? known.easing() : NamedEasings.GENTLY;
        while (true) {
            int here = words.position();
            if (words.phrase("at frame")) {
                at = number(words, "a frame");
            } else if (words.phrase("at")) {
                x = number(words, "px across");
                words.phrase("px across");
                words.separators();
                y = number(words, "px down");
                words.phrase("px down");
            } else if (words.phrase("turned")) {
                turn = number(words, "an angle such as 2\u00b0");
                words.sign("\u00b0");
            } else if (words.phrase("holding")) {
                easing = NamedEasings.HOLD;
            } else {
                Optional<String> spoken = EasingClause.spoken(words);
                if (spoken.isEmpty()) {
                    words.back(here);
                    break;
                }
                easing = spoken.get();
            }
        }
        if (index > 0 && at <= before.get(index - 1).at()) {
            throw new DirectionException(
                    "a view comes after the one before it; say at which frame",
                    words.position(),
                    List.of("at frame 48"));
        }
        return new Camera.Key(known != null ? known.id() : free(now, before), at, x, y, zoom, turn, easing);
    }

    private static String free(List<Camera.Key> now, List<Camera.Key> before) {
        int number = 1;
        while (taken(now, "k" + number) || taken(before, "k" + number)) {
            number++;
        }
        return "k" + number;
    }

    private static double number(Lexer words, String what) {
        return words.number().orElseThrow(() -> DirectionException.missing(words, what));
    }

    private static List<Control> controls(List<Camera.Key> keys, int index, String at) {
        Camera.Key key = keys.get(index);
        String own = at + "/keys/" + key.id();
        double least = index == 0 ? 0 : keys.get(index - 1).at() + 1;
        double most =
                index == keys.size() - 1 ? key.at() + 1000 : keys.get(index + 1).at() - 1;
        List<Control> controls = new ArrayList<>(List.of(
                Values.number("zoom", Say.shownPercent(key.zoom()), "%", 10, 1000, 1, own + "/zoom", 0.01),
                Values.number("across", key.x(), "px", -4000, 4000, 1, own + "/x", 1),
                Values.number("down", key.y(), "px", -4000, 4000, 1, own + "/y", 1),
                Values.number("turned", key.turn(), "\u00b0", -180, 180, 1, own + "/turn", 1),
                Values.number("at frame", key.at(), "", least, most, 1, own + "/at", 1)));
        if (index < keys.size() - 1) {
            controls.add(new Control.Choice(
                    "On to the next",
                    EasingClause.ofKeys().stream()
                            .map(one -> new Control.Option(
                                    one.label(),
                                    one.function().equals(key.easing()),
                                    List.of(Ops.set(own + "/easing", one.function()))))
                            .toList()));
        }
        controls.add(new Control.Choice("Views", views(keys, index, at)));
        return controls;
    }

    private static List<Control.Option> views(List<Camera.Key> keys, int index, String at) {
        Camera.Key key = keys.get(index);
        List<Control.Option> options = new ArrayList<>();
        int number = 1;
        while (taken(keys, "k" + number)) {
            number++;
        }
        double next = index == keys.size() - 1
                ? key.at() + 48
                : (key.at() + keys.get(index + 1).at()) / 2;
        Camera.Key more =
                new Camera.Key("k" + number, Math.rint(next), key.x(), key.y(), key.zoom(), key.turn(), key.easing());
        if (more.at() > key.at()) {
            options.add(new Control.Option(
                    "another after it",
                    false,
                    List.of(new Operation.Insert(
                            at + "/keys", index + 1, knollwind.core.document.DocumentJson.tree(more)))));
        }
        if (keys.size() > 1) {
            options.add(new Control.Option(
                    "leave this one out", false, List.of(new Operation.Remove(at + "/keys/" + key.id()))));
        }
        options.add(new Control.Option("stand still", false, List.of(new Operation.Clear(at))));
        return options;
    }

    private static boolean taken(List<Camera.Key> keys, String id) {
        return keys.stream().anyMatch(key -> key.id().equals(id));
    }
}
