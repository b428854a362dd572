package knollwind.core.directions.move;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Edit;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Values;
import knollwind.core.directions.grammar.Say;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.motion.ChannelCurve;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Channel;
import knollwind.core.scene.ChannelKey;
import knollwind.core.scene.Length;
import knollwind.core.scene.Property;

/** The controls of what changes. */
final class ChangeParts {
    /** Of a curve in a drawer 276 px wide: about one for every four px. */
    private static final int KEY_SAMPLES = 60;

    private static final List<Control.Named> KEY_EASINGS = Stream.concat(
                    EasingClause.NAMES.entrySet().stream()
                            .map(name -> new Control.Named(name.getKey(), name.getValue())),
                    Stream.of(new Control.Named("holding", "steps(1)")))
            .toList();

    private ChangeParts() {}

    static Part of(MoveContext context, Channel channel) {
        String at = context.path() + "/channels/" + channel.id();
        List<Control> controls = new ArrayList<>();
        controls.addAll(amounts(context, channel, at));
        if (channel.property() == Property.OFFSET_X || channel.property() == Property.OFFSET_Y) {
            controls.add(way(context));
            if (!context.stage().shapes().isEmpty() && context.phase() != PhaseKind.DWELL) {
                controls.add(BehindClause.choice(context));
            }
        }
        if (isSide(channel)
                && context.move().channels().stream()
                                .filter(ChangeParts::isSide)
                                .count()
                        == 1) {
            controls.add(area(context));
        }
        if (channel.property().isAxis()) {
            controls.add(PushClause.control(context));
        }
        if (channel.property() == Property.REVEAL) {
            controls.add(WipeClause.choice(context));
            controls.add(LeadClause.choice(context));
        }
        controls.add(also(context, channel, context.path() + "/channels"));
        // A wipe at an angle has no edge.
        if (context.move().uncovering().reveal() == null
                && context.move().uncovering().wipe() == null) {
            controls.add(MovePrinter.edges(context));
        }
        return new Part("change", controls, "");
    }

    static Part none(MoveContext context) {
        List<Control> controls = new ArrayList<>();
        controls.add(also(context, null, context.path() + "/channels"));
        if (context.phase() != PhaseKind.DWELL) {
            controls.add(LeadClause.choice(context));
        }
        return new Part("change", controls, "");
    }

    /** The numbers of a channel, its side and its unit. */
    static List<Control> amounts(MoveContext context, Channel channel, String at) {
        return amounts(context, channel, at, context.phase() == PhaseKind.ARRIVE ? "from" : "to");
    }

    /** @param label of the number, where several channels stand under one another */
    static List<Control> amounts(MoveContext context, Channel channel, String at, String label) {
        List<Control> controls = new ArrayList<>();
        if (channel.plain()) {
            Control.Number amount = amount(channel, at, label);
            controls.add(channel.unit() == null ? amount : amount.in(units(context, channel, at)));
            if (channel.property().coloured()) {
                controls.add(new Control.Tint("Colour", channel.colour(), at + "/colour"));
            }
            if (channel.property().sided()) {
                controls.add(side(context, channel, at));
            }
        } else {
            controls.add(keys(channel, at));
            if (channel.property().coloured()) {
                controls.add(new Control.Tint("Colour", channel.colour(), at + "/colour"));
            }
            if (channel.unit() != null) {
                controls.add(new Control.Choice("Measured in", units(context, channel, at)));
            }
        }
        return controls;
    }

    private static Control keys(Channel channel, String at) {
        Property property = channel.property();
        Property.Measure measure = property.measure();
        double shown = measure == Property.Measure.FACTOR || measure == Property.Measure.COLOUR ? 100 : 1;
        String suffix = shown == 100
                ? "%"
                : channel.unit() != null ? channel.unit().text() : measure == Property.Measure.DEGREES ? "\u00b0" : "";
        return new Control.Keys(
                ChangeWords.name(property),
                suffix,
                shown,
                property.low() * shown,
                property.high() * shown,
                channel.keys(),
                KEY_EASINGS,
                ChannelCurve.samples(channel, KEY_SAMPLES).stream()
                        .map(value -> Math.rint(value * shown * 1e3) / 1e3)
                        .toList(),
                at + "/keys");
    }

    /** A third key half way, from where the channel passes anyway. */
    private static Control.Option keyed(Channel channel, String at) {
        int number = 2;
        while (hasKey(channel, "k" + number)) {
            number++;
        }
        String id = "k" + number;
        double middle = (channel.away() + channel.property().rest()) / 2;
        return new Control.Option(
                "give it keys",
                false,
                List.of(new Operation.Insert(
                        at + "/keys", 1, DocumentJson.tree(new ChannelKey(id, 0.5, middle, "linear")))));
    }

    private static boolean hasKey(Channel channel, String id) {
        return channel.keys().stream().anyMatch(key -> key.id().equals(id));
    }

    private static boolean isSide(Channel channel) {
        return channel.property() == Property.SCALE_X || channel.property() == Property.SCALE_Y;
    }

    /** Whether offsets go straight. */
    private static Control way(MoveContext context) {
        double arc = context.move().manner().arc();
        String at = context.path() + "/arc";
        return new Control.Choice(
                "Travels",
                List.of(
                        new Control.Option("straight", arc == 0, List.of(Ops.set(at, 0))),
                        new Control.Option("on an arc", arc != 0, List.of(Ops.set(at, arc == 0 ? 0.3 : arc)))));
    }

    /** Whether what is lost along one side is won along the other. */
    static Control area(MoveContext context) {
        return Values.pair("Area", "free", "kept", context.move().manner().keepsArea(), context.path() + "/keepsArea");
    }

    private static Control.Number amount(Channel channel, String at, String label) {
        ChannelKey key = channel.keys().get(0);
        double sign = channel.property().sided() && key.value() < 0 ? -1 : 1;
        return number(label, channel, key.value(), at + "/keys/" + key.id(), sign);
    }

    private static Control.Number number(String label, Channel channel, double value, String at, double sign) {
        Property property = channel.property();
        Property.Measure measure = property.measure();
        boolean percent = measure == Property.Measure.FACTOR || measure == Property.Measure.COLOUR;
        boolean small = channel.unit() == Length.Unit.EM;
        double most = switch (measure) {
            case COLOUR -> 100;
            case FACTOR -> ChangeWords.plainAtZero(property) ? 100 : 400;
            case DEGREES -> property == Property.SKEW ? 80 : 360;
            case THOUSANDTHS -> 1000;
            case AXIS -> property == Property.WEIGHT ? 800 : 100;
            case LENGTH -> property.unsigned() ? small ? 2 : 200 : small ? 5 : 1000;
        };
        double least = switch (measure) {
            case DEGREES, AXIS -> -most;
            case THOUSANDTHS -> -500;
            default -> 0;
        };
        String suffix = percent
                ? "%"
                : channel.unit() != null ? channel.unit().text() : measure == Property.Measure.DEGREES ? "\u00b0" : "";
        return new Control.Number(
                label,
                percent ? Say.shownPercent(value) : value * sign,
                suffix,
                least,
                most,
                small ? 0.05 : 1,
                false,
                List.of(Edit.shown(at + "/value", percent ? 0.01 : sign)));
    }

    private static Control side(MoveContext context, Channel channel, String at) {
        double away = channel.away();
        String key = at + "/keys/" + channel.keys().get(0).id() + "/value";
        ChangeWords.Verbs verbs = ChangeWords.verbs(context.phase(), channel.property());
        return new Control.Choice(
                "Way",
                List.of(
                        new Control.Option(verbs.above(), away >= 0, List.of(Ops.set(key, Math.abs(away)))),
                        new Control.Option(verbs.below(), away < 0, List.of(Ops.set(key, -Math.abs(away) + 0.0)))));
    }

    private static List<Control.Option> units(MoveContext context, Channel channel, String at) {
        boolean across = channel.property() == Property.OFFSET_X;
        return Arrays.stream(Length.Unit.values())
                .map(unit -> {
                    List<ChannelKey> keys = channel.keys().stream()
                            .map(key -> new ChannelKey(
                                    key.id(),
                                    key.at(),
                                    context.convert(key.value(), channel.unit(), unit, across),
                                    key.easing()))
                            .toList();
                    return new Control.Option(
                            unit.text(),
                            unit == channel.unit(),
                            List.of(Ops.set(
                                    at, new Channel(channel.id(), channel.property(), unit, keys, channel.colour()))));
                })
                .toList();
    }

    /** Changes that can be added, and leaving this one out. */
    static Control also(MoveContext context, Channel channel, String list) {
        List<Control.Option> options = new ArrayList<>();
        if (channel != null) {
            options.add(new Control.Option(
                    "leave this out", false, List.of(new Operation.Remove(list + "/" + channel.id()))));
        }
        if (channel != null && channel.plain()) {
            options.add(keyed(channel, list + "/" + channel.id()));
        }
        for (Property property : Property.values()) {
            boolean there = context.move().channels().stream().anyMatch(other -> other.property() == property);
            boolean possible = (property != Property.TRACKING || context.splits())
                    && (property.axis().isEmpty() || context.stage().axes().contains(property.axis()));
            if (!there && possible) {
                Channel fresh = fresh(context, property);
                options.add(new Control.Option(
                        ChangeWords.say(fresh, context.phase(), false), false, List.of(Ops.insert(list, fresh))));
            }
        }
        return new Control.Choice(channel == null ? "Add" : "Change", options);
    }

    private static Channel fresh(MoveContext context, Property property) {
        String id = freeChannel(context);
        double away = switch (property) {
            case OFFSET_Y -> 0.6;
            case OFFSET_X -> context.phase() == PhaseKind.ARRIVE ? -1 : 1;
            case OFFSET_Z -> -3;
            case SCALE, SCALE_X, SCALE_Y -> 0.8;
            case ROTATION, SKEW -> -15;
            case ROTATION_X, ROTATION_Y -> 90;
            case OPACITY, REVEAL, DRAW, WRITE -> 0;
            case STROKE -> 0.06;
            case WEIGHT -> -300;
            case WIDTH -> -30;
            case BLUR, BLUR_X, BLUR_Y -> 0.2;
            case BASELINE_SHIFT -> -0.3;
            case TRACKING -> 200;
            case TINT -> 1;
        };
        return property.coloured()
                ? Channel.coloured(id, property, away, "#f0b64a")
                : Channel.from(id, property, away, property.length() ? Length.Unit.EM : null);
    }

    /** An id that no channel of the move has. */
    static String freeChannel(MoveContext context) {
        int number = 1;
        while (taken(context, "c" + number)) {
            number++;
        }
        return "c" + number;
    }

    private static boolean taken(MoveContext context, String id) {
        return context.move().channels().stream()
                .anyMatch(channel -> channel.id().equals(id));
    }
}
