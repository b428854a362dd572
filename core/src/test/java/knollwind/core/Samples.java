package knollwind.core;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;
import knollwind.core.document.DocumentJson;
import knollwind.core.frame.SceneScore;
import knollwind.core.layout.Materials;
import knollwind.core.scene.Block;
import knollwind.core.scene.Breaking;
import knollwind.core.scene.Channel;
import knollwind.core.scene.ChannelKey;
import knollwind.core.scene.Cut;
import knollwind.core.scene.Cycle;
import knollwind.core.scene.Edge;
import knollwind.core.scene.Face;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Format;
import knollwind.core.scene.Forms;
import knollwind.core.scene.FrameRate;
import knollwind.core.scene.Length;
import knollwind.core.scene.Loudness;
import knollwind.core.scene.Move;
import knollwind.core.scene.MoveBuilder;
import knollwind.core.scene.Only;
import knollwind.core.scene.Order;
import knollwind.core.scene.OwnWay;
import knollwind.core.scene.Pace;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Pivot;
import knollwind.core.scene.Place;
import knollwind.core.scene.PlaceBuilder;
import knollwind.core.scene.Project;
import knollwind.core.scene.Property;
import knollwind.core.scene.RevealBar;
import knollwind.core.scene.Scene;
import knollwind.core.scene.SceneBuilder;
import knollwind.core.scene.Setting;
import knollwind.core.scene.SettingBuilder;
import knollwind.core.scene.Sound;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.TextBlockBuilder;
import knollwind.core.scene.Uncovering;
import knollwind.core.scene.UnitKind;
import knollwind.core.scene.Value;
import knollwind.core.scene.Wipe;
import knollwind.core.type.FontLibrary;
import knollwind.core.type.TextToSet;
import knollwind.core.type.TextToSetBuilder;
import knollwind.core.type.Typesetter;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Documents and pieces of documents for the tests. */
public final class Samples {
    public static final FontLibrary FONTS = new FontLibrary();
    public static final Typesetter TYPESETTER = new Typesetter(FONTS);
    public static final Materials MATERIALS = Materials.of(TYPESETTER);
    public static final Path DEMO = Path.of("..", "demo", "ternholm-night-ferry.json");

    private static final List<String> EASINGS = List.of(
            "linear",
            "ease",
            "cubic-bezier(0.16, 1, 0.3, 1)",
            "steps(4)",
            "steps(3, jump-both)",
            "overshoot(0.1)",
            "wind-up(0.25)",
            "bounce(3, 0.7)",
            "spring(1, 180, 16)",
            "linear(0, 0.3 20%, 1)",
            "reversed(ease)");

    private Samples() {}

    public static JsonNode demoTree() {
        try {
            return DocumentJson.tree(Files.readString(DEMO));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A scene in its first format. */
    public static SceneScore score(Project project, Scene scene) {
        return SceneScore.of(project, scene, scene.formats().get(0), TYPESETTER);
    }

    public static Project demo() {
        return DocumentJson.read(demoTree());
    }

    public static Face archivo(double weight) {
        return FONTS.face("Archivo", Map.of("wght", weight));
    }

    /** Point text of 100 px, left aligned unless said otherwise. */
    public static TextToSet copy(String text) {
        return copy(text, 100, Double.NaN, 0, Setting.Alignment.START);
    }

    public static TextToSet copy(
            String text, double size, double column, double tracking, Setting.Alignment alignment) {
        return TextToSetBuilder.builder()
                .text(text)
                .runs(List.of())
                .face(archivo(700))
                .size(size)
                .tracking(tracking)
                .leading(1.2)
                .column(column)
                .alignment(alignment)
                .direction(Setting.Direction.AUTO)
                .language("en-GB")
                .ligatures(true)
                .forms(Forms.PLAIN)
                .breaking(Breaking.FILLED)
                .pairs(Double.NaN)
                .build();
    }

    public static TextBlock block(String text, Span span, Phase arrive, Phase leave) {
        Setting setting = SettingBuilder.builder()
                .face(archivo(700))
                .size(Value.of(100.0))
                .fill(new Fill.Solid(Value.of("#f4ead2")))
                .build();
        Place place = PlaceBuilder.builder()
                .x(Value.of(Length.px(960)))
                .y(Value.of(Length.px(540)))
                .build();
        return TextBlockBuilder.builder()
                .id("b")
                .name("Words")
                .span(span)
                .place(place)
                .arrive(arrive)
                .leave(leave)
                .text(text)
                .runs(List.of())
                .setting(setting)
                .build();
    }

    /** The same block under another id and name. */
    public static TextBlock named(String id, TextBlock block) {
        return TextBlockBuilder.builder()
                .id(id)
                .name(id)
                .span(block.span())
                .place(block.place())
                .opacity(block.opacity())
                .hidden(block.hidden())
                .arrive(block.arrive())
                .leave(block.leave())
                .text(block.text())
                .runs(block.runs())
                .setting(block.setting())
                .build();
    }

    /** The same setting at another size. */
    public static Setting sized(Setting setting, double size) {
        return SettingBuilder.builder()
                .face(setting.face())
                .size(Value.of(size))
                .tracking(setting.tracking())
                .leading(setting.leading())
                .alignment(setting.alignment())
                .column(setting.column())
                .ligatures(setting.ligatures())
                .direction(setting.direction())
                .language(setting.language())
                .fill(setting.fill())
                .build();
    }

    public static Project project(int length, Block... blocks) {
        Scene scene = SceneBuilder.builder()
                .id("s")
                .name("Scene")
                .rate(new FrameRate(24, 1))
                .length(length)
                .background(new Fill.Solid(Value.of("#13283a")))
                .formats(List.of(new Format("wide", "16:9", 1920, 1080, List.of())))
                .blocks(List.of(blocks))
                .build();
        return Project.of("p", List.of(scene));
    }

    /** The scene with other members, by their names in the document. */
    public static Scene changed(Scene scene, Map<String, ?> members) {
        ObjectNode tree = (ObjectNode) DocumentJson.tree(scene);
        members.forEach((name, value) -> tree.set(name, DocumentJson.tree(value)));
        return DocumentJson.read(tree, Scene.class);
    }

    public static Move move(UnitKind unit, Order order, Pace pace, String easing, Channel... channels) {
        return MoveBuilder.builder()
                .id("m")
                .unit(unit)
                .order(order)
                .pace(pace)
                .easing(easing)
                .channels(List.of(channels))
                .build();
    }

    private static Only anyOnly(RandomGenerator random) {
        UnitKind of = List.of(UnitKind.CHARACTER, UnitKind.WORD, UnitKind.LINE).get(random.nextInt(3));
        int from = random.nextInt(5);
        int every = 2 + random.nextInt(30);
        return random.nextBoolean()
                ? Only.stretch(of, from, from + 1 + random.nextInt(3))
                : Only.every(of, every, random.nextInt(every));
    }

    /** Any move at all, the same for the same seed; its numbers are short decimals, as people set them. */
    public static Move anyMove(RandomGenerator random) {
        List<Channel> channels = new ArrayList<>();
        for (Property property : Property.values()) {
            if (random.nextInt(3) == 0) {
                channels.add(anyChannel("c" + (channels.size() + 1), property, random));
            }
        }
        Order.Kind kind = pick(Order.Kind.values(), random);
        Pace plain = switch (random.nextInt(3)) {
            case 0 -> Pace.eachApart(1 + random.nextInt(40), random.nextInt(20) / 2.0);
            case 1 -> Pace.eachInAll(1 + random.nextInt(40), 1 + random.nextInt(90));
            default -> Pace.apartInAll(random.nextInt(20) / 4.0, 1 + random.nextInt(90));
        };
        Pace pace = random.nextBoolean()
                ? plain
                : new Pace(
                        plain.held(),
                        plain.each(),
                        plain.apart(),
                        plain.inAll(),
                        random.nextInt(3) == 0,
                        EASINGS.get(random.nextInt(EASINGS.size())),
                        pick(Pace.Meet.values(), random),
                        1 + random.nextInt(3),
                        random.nextInt(4) == 0 ? (long) random.nextInt(50) : null,
                        null);
        Order order = new Order(
                kind,
                pick(Order.Scope.values(), random),
                random.nextInt(1000),
                random.nextInt(721) - 360,
                new Order.Point(random.nextInt(100) / 100.0, random.nextInt(300) / 100.0 - 1),
                List.of("c3", "c1"),
                1 + random.nextInt(3),
                random.nextBoolean(),
                random.nextBoolean(),
                random.nextBoolean());
        return MoveBuilder.builder()
                .id("m")
                .unit(pick(UnitKind.values(), random))
                .order(order)
                .pace(pace)
                .easing(EASINGS.get(random.nextInt(EASINGS.size())))
                .pivot(new Pivot(
                        pick(Pivot.Across.values(), random),
                        pick(Pivot.Down.values(), random),
                        pick(Pivot.Box.values(), random)))
                .after(random.nextInt(4) == 0 ? random.nextInt(30) : 0)
                .channels(channels)
                .only(random.nextInt(3) == 0 ? anyOnly(random) : null)
                .uncovering(Uncovering.PLAIN
                        .withHidden(random.nextBoolean())
                        .withReveal(random.nextInt(3) == 0 ? pick(Edge.values(), random) : null))
                .build()
                .withOwn(random.nextInt(3) == 0 ? ownWays(random) : List.of())
                .with(parts -> parts.manner(
                        parts.manner().withArc(random.nextInt(4) == 0 ? (1 + random.nextInt(200)) / 100.0 - 1.2 : 0)))
                .with(parts -> parts.manner(parts.manner().withKeepsArea(random.nextInt(4) == 0)))
                .with(parts -> parts.manner(parts.manner().withPushes(random.nextInt(6) == 0)))
                .with(parts -> parts.uncovering(parts.uncovering()
                        .withWipe(
                                random.nextInt(4) == 0
                                        ? new Wipe(random.nextInt(90), random.nextInt(100) / 100.0)
                                        : null)))
                .with(parts -> parts.uncovering(parts.uncovering().withBehind(random.nextInt(4) == 0 ? "plate" : null)))
                .with(parts -> parts.uncovering(parts.uncovering()
                        .withLead(
                                random.nextInt(4) == 0
                                        ? new RevealBar(pick(RevealBar.Kind.values(), random), 0.08, "#f0b64a")
                                        : null)))
                .with(parts -> parts.uncovering(parts.uncovering()
                        .withCut(random.nextInt(4) == 0 ? new Cut(pick(Cut.Side.values(), random), -12, 0.4) : null)));
    }

    /** Two stretches of words that go their own way. */
    private static List<OwnWay> ownWays(RandomGenerator random) {
        List<OwnWay> ways = new ArrayList<>();
        for (int i = 0; i < 2; i++) {
            int from = 4 * i + random.nextInt(3);
            Property property = pick(Property.values(), random);
            ways.add(new OwnWay(
                    "o" + (i + 1),
                    from,
                    from + 1 + random.nextInt(2),
                    (double) random.nextInt(20) - 10,
                    random.nextBoolean() ? EASINGS.get(random.nextInt(EASINGS.size())) : null,
                    random.nextBoolean() ? 1 + random.nextInt(3) : null,
                    random.nextBoolean() ? List.of(anyChannel("c1", property, random)) : List.of()));
        }
        return ways;
    }

    /** The move as one of a dwell. */
    public static Move dwelling(Move move, RandomGenerator random) {
        Cycle cycle = new Cycle(
                pick(Cycle.Form.values(), random),
                1 + random.nextInt(900) / 10.0,
                pick(Cycle.Unit.values(), random),
                random.nextBoolean(),
                (long) random.nextInt(100));
        Pace pace = move.pace().whole() ? Pace.eachApart(9, 2) : move.pace();
        Cycle seen = cycle.loudness() == null ? cycle : Cycle.following(anyLoudness(random));
        return move.withPace(pace).withCycle(seen).withMuted(random.nextInt(4) == 0);
    }

    private static Loudness anyLoudness(RandomGenerator random) {
        return new Loudness(
                random.nextInt(3) == 0 ? null : pick(Sound.Kind.values(), random),
                random.nextInt(3) == 0 ? "s" + random.nextInt(9) : null,
                pick(Loudness.Band.values(), random),
                random.nextBoolean() ? null : -1.0 - random.nextInt(80),
                random.nextBoolean() ? null : random.nextInt(9) / 2.0,
                random.nextBoolean() ? null : (double) random.nextInt(30),
                random.nextBoolean());
    }

    private static Channel anyChannel(String id, Property property, RandomGenerator random) {
        Length.Unit unit = property.length() ? pick(Length.Unit.values(), random) : null;
        String colour = property.coloured() ? String.format("#%06x", random.nextInt(0x1000000)) : null;
        if (random.nextInt(4) == 0) {
            List<ChannelKey> keys = new ArrayList<>();
            keys.add(new ChannelKey("k0", 0, value(property, random), "ease-out"));
            keys.add(new ChannelKey("k1", 0.01 * (1 + random.nextInt(98)), value(property, random), "linear"));
            keys.add(new ChannelKey("k2", 1, property.rest(), "linear"));
            return new Channel(id, property, unit, keys, colour);
        }
        ChannelKey away = new ChannelKey("k0", 0, value(property, random), "linear");
        ChannelKey rest = new ChannelKey("k1", 1, property.rest(), "linear");
        return new Channel(id, property, unit, List.of(away, rest), colour);
    }

    private static double value(Property property, RandomGenerator random) {
        double value = switch (property) {
            case SCALE, SCALE_X, SCALE_Y -> random.nextInt(300) / 100.0;
            case OPACITY, REVEAL, DRAW, WRITE, TINT -> random.nextInt(101) / 100.0;
            case BLUR, BLUR_X, BLUR_Y, STROKE -> random.nextInt(300) / 100.0;
            default -> (random.nextInt(1201) - 600) / 10.0;
        };
        return value == property.rest() ? property == Property.TINT ? 1 : property.low() : value;
    }

    public static <T> T pick(T[] values, RandomGenerator random) {
        return values[random.nextInt(values.length)];
    }
}
