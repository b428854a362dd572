package knollwind.core.directions.tracks;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Look;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.directions.controls.Values;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.grammar.Say;
import knollwind.core.directions.move.EasingClause;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.motion.Easings;
import knollwind.core.scene.NamedEasings;
import knollwind.core.scene.TrackKey;
import knollwind.core.scene.Value;

/** Numbers of a block that change while it is there: "keyed [0: 0°; 24: 12° landing softly; 10 before the end: 0°]". */
public final class TrackPart {
    private TrackPart() {}

    /**
     * How a number is shown and stored.
     *
     * @param factor what the shown number is multiplied by before it is stored
     */
    public record Measure(String unit, double least, double most, double step, double factor) {
        /** Behind a number. */
        private String said() {
            return unit.isEmpty() || unit.equals("\u00b0") ? unit : " " + unit;
        }

        private double shown(double stored) {
            return Math.rint(stored / factor * 1e4) / 1e4;
        }
    }

    /** What is keyed: how one value is said, and what changes it. */
    private interface Kind<T> {
        String said(T value);

        /** @param at path of the value in the document */
        Control control(String name, T value, String at);
    }

    private static Kind<Double> numbers(Measure measure) {
        return new Kind<>() {
            @Override
            public String said(Double value) {
                return Say.number(measure.shown(value)) + measure.said();
            }

            @Override
            public Control control(String name, Double value, String at) {
                return Values.number(
                        name,
                        measure.shown(value),
                        measure.unit(),
                        measure.least(),
                        measure.most(),
                        measure.step(),
                        at,
                        measure.factor());
            }
        };
    }

    private static final Kind<String> COLOURS = new Kind<>() {
        @Override
        public String said(String value) {
            return value;
        }

        @Override
        public Control control(String name, String value, String at) {
            return new Control.Tint(name, value, at);
        }
    };

    /** The opacity that is said here, if it is: what is keyed stays as it is. */
    public static Optional<Value<Double>> readOpacity(Lexer words, Value<Double> now) {
        if (!words.phrase("opacity")) {
            return Optional.empty();
        }
        return words.match("keyed( \\[[^\\]]*\\])?").isPresent()
                ? Optional.of(now)
                : Optional.of(Value.of(words.percent()
                        .orElseThrow(() -> DirectionException.missing(words, "a percentage such as 50 %"))));
    }

    /** Prints the keys, each as a part. */
    private static <T> void print(Sentence.Builder out, List<TrackKey<T>> keys, String name, Kind<T> kind, String at) {
        out.plain("keyed [", Look.saying("from "));
        for (int i = 0; i < keys.size(); i++) {
            TrackKey<T> key = keys.get(i);
            boolean last = i == keys.size() - 1;
            out.plain(i == 0 ? "" : "; ", Look.saying(" to "))
                    .part(said(key, kind, last), part(keys, i, name, kind, at), look(key, kind, last));
        }
        out.plain("]", Look.saying(""));
    }

    /** "12 % at 24", with the curve of the way to the next, or with the colour. */
    private static <T> Look look(TrackKey<T> key, Kind<T> kind, boolean last) {
        String words = kind.said(key.value()) + " at " + time(key);
        if (key.value() instanceof String colour) {
            return Look.strip(words, List.of(new Look.Stop(colour, 0)));
        }
        return last || key.easing().equals(NamedEasings.HOLD)
                ? Look.saying(words)
                : Look.curve(words, Easings.read(key.easing())::at);
    }

    private static String time(TrackKey<?> key) {
        return switch (key.anchor()) {
            case START -> Say.number(key.at());
            case END -> Say.number(key.at()) + " before the end";
            case HOLD -> Say.percent(key.at()) + " of the rest";
        };
    }

    private static <T> String said(TrackKey<T> key, Kind<T> kind, boolean last) {
        return time(key) + ": " + kind.said(key.value())
                + (last
                        ? ""
                        : " " + (key.easing().equals(NamedEasings.HOLD) ? "holding" : EasingClause.say(key.easing())));
    }

    private static <T> Part part(List<TrackKey<T>> keys, int index, String name, Kind<T> kind, String at) {
        TrackKey<T> key = keys.get(index);
        String own = at + "/track/" + key.id();
        List<Control> controls = new ArrayList<>();
        controls.add(kind.control(name, key.value(), own + "/value"));
        boolean hold = key.anchor() == TrackKey.Anchor.HOLD;
        controls.add(
                hold
                        ? Values.number("at", Say.shownPercent(key.at()), "%", 0, 100, 1, own + "/at", 0.01)
                        : Values.number("at", key.at(), "fr", 0, 1000, 1, own + "/at", 1));
        controls.add(new Control.Choice(
                "Counted from",
                List.of(
                        anchor("the start", key, TrackKey.Anchor.START, own),
                        anchor("the end", key, TrackKey.Anchor.END, own),
                        anchor("the rest", key, TrackKey.Anchor.HOLD, own))));
        if (index < keys.size() - 1) {
            controls.add(easing(key, own));
        }
        controls.add(new Control.Choice("Keys", actions(keys, index, at)));
        controls.add(keyHere(at));
        return new Part(name + " key", controls, "");
    }

    private static Control.Option anchor(String label, TrackKey<?> key, TrackKey.Anchor anchor, String own) {
        double at = anchor == TrackKey.Anchor.HOLD ? 0.5 : 0;
        return new Control.Option(
                label,
                key.anchor() == anchor,
                key.anchor() == anchor
                        ? List.of()
                        : List.of(Ops.set(own + "/anchor", anchor), Ops.set(own + "/at", at)));
    }

    private static Control easing(TrackKey<?> key, String own) {
        List<Control.Option> options = EasingClause.ofKeys().stream()
                .map(one -> new Control.Option(
                        one.label(),
                        one.function().equals(key.easing()),
                        List.of(Ops.set(own + "/easing", one.function()))))
                .toList();
        return new Control.Choice("On to the next", options);
    }

    private static <T> List<Control.Option> actions(List<TrackKey<T>> keys, int index, String at) {
        TrackKey<T> key = keys.get(index);
        int number = 1;
        while (taken(keys, "k" + number)) {
            number++;
        }
        double later = key.anchor() == TrackKey.Anchor.HOLD ? Math.min(1, key.at() + 0.1) : key.at() + 12;
        TrackKey<T> more = new TrackKey<>("k" + number, key.anchor(), later, key.value(), "linear");
        List<Control.Option> options = new ArrayList<>();
        options.add(new Control.Option(
                "another one",
                false,
                List.of(new Operation.Insert(at + "/track", index + 1, DocumentJson.tree(more)))));
        if (keys.size() > 1) {
            options.add(new Control.Option(
                    "leave this one out", false, List.of(new Operation.Remove(at + "/track/" + key.id()))));
        }
        options.add(new Control.Option("stay at this value", false, List.of(Ops.set(at, key.value()))));
        return options;
    }

    private static boolean taken(List<? extends TrackKey<?>> keys, String id) {
        return keys.stream().anyMatch(key -> key.id().equals(id));
    }

    public static Control keyHere(String at) {
        return new Control.KeyHere("At the playhead", at);
    }

    /** Lets a number change over time: from what it is to what it is, to be changed. */
    public static Control choice(double now, String at) {
        return new Control.Choice(
                "Over time", List.of(new Control.Option("stays", true, List.of()), changing("changes", now, at)));
    }

    /** The same as one of several choices. */
    public static <T> Control.Option changing(String label, T now, String at) {
        Value.Track<T> track = new Value.Track<>(List.of(
                new TrackKey<>("k1", TrackKey.Anchor.START, 0, now, NamedEasings.GENTLY),
                new TrackKey<>("k2", TrackKey.Anchor.START, 24, now, "linear")));
        return new Control.Option(label, false, List.of(Ops.set(at, track)));
    }

    /** A number that can be keyed: its keys are parts, and a literal can be given some. */
    public static void overTime(Sentence.Builder out, Value<Double> value, String name, Measure measure, String at) {
        Control[] more = value.literal().stream()
                .flatMap(now -> Stream.of(choice(now, at), keyHere(at)))
                .toArray(Control[]::new);
        value.keys()
                .ifPresentOrElse(
                        keys -> print(out, keys, name, numbers(measure), at),
                        () -> Values.print(
                                out,
                                value,
                                name,
                                measure.unit(),
                                measure.least(),
                                measure.most(),
                                measure.step(),
                                at,
                                more));
    }

    /** Keys of a colour, each as a part; nothing where it has none. */
    public static void colour(Sentence.Builder out, Value<String> value, String name, String at) {
        value.keys().ifPresent(keys -> print(out, keys, name, COLOURS, at));
    }
}
