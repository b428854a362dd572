package knollwind.core.directions.setting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.directions.controls.Values;
import knollwind.core.directions.grammar.AxisNames;
import knollwind.core.directions.grammar.Say;
import knollwind.core.directions.tracks.TrackPart;
import knollwind.core.document.Operation;
import knollwind.core.scene.Block;
import knollwind.core.scene.Breaking;
import knollwind.core.scene.Face;
import knollwind.core.scene.Fit;
import knollwind.core.scene.Length;
import knollwind.core.scene.Setting;
import knollwind.core.scene.ShapeBlock;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.Value;
import knollwind.core.type.FontFamily;

/** Prints how a block is set and where it stands. */
public final class SettingPrinter {
    private SettingPrinter() {}

    /** The sentence's bare text; for a text block {@link SettingReader} reads it back. */
    public static String text(Block block) {
        return text(block, List.of(block));
    }

    /** The same where other blocks of the scene may be named. */
    public static String text(Block block, List<Block> neighbours) {
        return print(block, "", List.of(), neighbours, Standing.unknown(block.place()))
                .text();
    }

    public static Sentence print(
            Block block, String path, List<FontFamily> families, List<Block> neighbours, Standing moved) {
        Sentence.Builder out = new Sentence.Builder();
        boolean full = block.opacity().literal().equals(Optional.of(1.0));
        List<Control> solid =
                full ? List.of(Values.number("opacity", 100, "%", 0, 100, 1, path + "/opacity", 0.01)) : List.of();
        Runnable kind = block.match(new Block.Cases<Runnable>() {
            @Override
            public Runnable words(TextBlock words) {
                return () -> {
                    type(out, words, path, families, moved);
                    FillWords.print(out, words.fill(), path + "/" + words.fillPath(), AreaWords.WORDS, solid);
                };
            }

            @Override
            public Runnable shape(ShapeBlock shape) {
                return () -> {
                    ShapeWords.print(out, shape, path, neighbours);
                    FillWords.print(out, shape.fill(), path + "/" + shape.fillPath(), AreaWords.SHAPE, solid);
                    ShapeWords.stroke(out, shape, path);
                };
            }
        });
        kind.run();
        PlaceWords.print(out, block, path, neighbours, moved);
        if (!full) {
            out.plain(", opacity ");
            TrackPart.overTime(
                    out, block.opacity(), "opacity", new TrackPart.Measure("%", 0, 100, 1, 0.01), path + "/opacity");
        }
        return out.plain(".").more(unsaid(block, path, neighbours, moved)).build(path);
    }

    /** What could be said beside it. */
    private static List<Control> unsaid(Block block, String path, List<Block> neighbours, Standing moved) {
        List<Control> controls = new ArrayList<>();
        if (block.asPlate().isEmpty()) {
            controls.addAll(PlaceWords.unsaid(block, path + "/place", neighbours, moved));
        }
        if (block.opacity().literal().equals(Optional.of(1.0))) {
            controls.add(Values.number("opacity", 100, "%", 0, 100, 1, path + "/opacity", 0.01));
            controls.add(TrackPart.choice(1, path + "/opacity"));
        }
        block.asWords().ifPresent(words -> {
            Setting setting = words.setting();
            String at = path + "/setting";
            if (setting.ligatures() == Setting.Ligatures.AUTO) {
                controls.addAll(ligatures(setting, at).controls());
            }
            if (setting.direction() == Setting.Direction.AUTO) {
                controls.add(directions(setting, at));
            }
            if (setting.path() == null) {
                controls.add(PathWords.choice(setting, at));
            }
            if (setting.pairs() == null) {
                controls.add(BreakingWords.pairs(setting, at));
            }
            controls.add(Values.number(
                    "word spacing",
                    setting.wordSpacing() == null ? 0 : setting.wordSpacing(),
                    "",
                    -200,
                    1000,
                    1,
                    at + "/wordSpacing",
                    1));
        });
        return controls;
    }

    private static void type(
            Sentence.Builder out, TextBlock block, String path, List<FontFamily> families, Standing moved) {
        String at = path + "/setting";
        Setting setting = block.setting();
        boolean asWide =
                block.place().attach() != null && block.place().attach().sameWidth();
        Face face = setting.face();
        out.plain("Set in ").part(face(face), new Part("face", faceControls(setting, at, families), ""));
        // Under a fit some values have no say; what would change nothing is not offered.
        Fit.Kind fit = setting.fit() == null ? null : setting.fit().kind();
        if (!asWide && (fit == null || fit == Fit.Kind.INSIDE)) {
            out.plain(" at ");
            Values.print(
                    out,
                    setting.size(),
                    "size",
                    "px",
                    Setting.SMALLEST,
                    Setting.LARGEST,
                    1,
                    at + "/size",
                    FitWords.choice(block, path, moved));
        }
        out.plain(", tracking ");
        Values.print(out, setting.tracking(), "tracking", "", -200, 500, 1, at + "/tracking");
        if (setting.wordSpacing() != null) {
            out.plain(", word spacing ");
            Values.print(out, Value.of(setting.wordSpacing()), "word spacing", "", -200, 1000, 1, at + "/wordSpacing");
        }
        out.plain(", leading ");
        Values.print(out, setting.leading(), "leading", "", 0.5, 3, 0.05, at + "/leading");
        FormsWords.print(out, setting, at);
        if (fit != Fit.Kind.LINES) {
            out.plain(", ").part(alignment(setting.alignment()), alignmentPart(setting, at));
        }
        if (!asWide) {
            FitWords.print(out, block, path, moved);
        }
        if (fit == null) {
            column(out, setting, at);
        }
        PathWords.print(out, setting, at);
        BreakingWords.print(out, setting, at);
        if (setting.ligatures() != Setting.Ligatures.AUTO) {
            out.plain(", ").part("ligatures " + lower(setting.ligatures()), ligatures(setting, at));
        }
        if (setting.direction() != Setting.Direction.AUTO) {
            out.plain(", ")
                    .part(
                            setting.direction() == Setting.Direction.RTL ? "from right to left" : "from left to right",
                            new Part("direction", List.of(directions(setting, at)), ""));
        }
        if (!setting.language().equals("en-GB")) {
            out.plain(", language " + setting.language());
        }
    }

    private static void column(Sentence.Builder out, Setting setting, String at) {
        Part column = new Part("column", columnControls(setting, at), "");
        out.plain(", ");
        if (setting.column() == null) {
            out.part("unwrapped", column);
        } else {
            Length width = setting.column();
            Length height = setting.columnHeight();
            List<Control> controls = new ArrayList<>();
            controls.add(side("width", width, at + "/column/value"));
            if (height != null) {
                controls.add(side("height", height, at + "/columnHeight/value"));
            }
            controls.add(new Control.Choice(
                    "Height",
                    List.of(
                            new Control.Option(
                                    "as high as its words",
                                    height == null,
                                    height == null ? List.of() : List.of(new Operation.Clear(at + "/columnHeight"))),
                            new Control.Option(
                                    "its own",
                                    height != null,
                                    height != null
                                            ? List.of()
                                            : List.of(Ops.set(
                                                    at + "/columnHeight", new Length(40, Length.Unit.FRAME)))))));
            controls.addAll(columnControls(setting, at));
            String high = height == null ? "" : " and " + Say.length(height.value(), height.unit()) + " high";
            out.part("wrapped at " + Say.length(width.value(), width.unit()) + high, new Part("column", controls, ""));
        }
    }

    static String face(Face face) {
        StringBuilder text = new StringBuilder(face.family());
        if (face.style().equals("italic")) {
            text.append(" italic");
        }
        face.axes()
                .forEach((tag, value) ->
                        text.append(' ').append(AxisNames.of(tag)).append(' ').append(Say.number(value)));
        return text.toString();
    }

    private static List<Control> faceControls(Setting setting, String at, List<FontFamily> families) {
        List<Control> controls = new ArrayList<>(FaceControls.of(setting.face(), at + "/face", families, false));
        families.stream()
                .filter(family -> family.name().equals(setting.face().family()))
                .forEach(family -> controls.addAll(FormsWords.controls(setting, at, family.features())));
        return controls;
    }

    static String alignment(Setting.Alignment alignment) {
        return switch (alignment) {
            case START -> "ranged to the start";
            case CENTRE -> "centred";
            case END -> "ranged to the end";
            case JUSTIFY -> "justified";
        };
    }

    private static Part alignmentPart(Setting setting, String at) {
        List<Control.Option> options = Arrays.stream(Setting.Alignment.values())
                .map(one -> new Control.Option(
                        alignment(one), one == setting.alignment(), List.of(Ops.set(at + "/alignment", one))))
                .toList();
        return new Part("alignment", List.of(new Control.Choice("Alignment", options)), "");
    }

    private static Control side(String label, Length length, String at) {
        boolean frame = length.unit() == Length.Unit.FRAME;
        return Values.number(label, length.value(), length.unit().text(), 1, frame ? 100 : 4000, 1, at, 1);
    }

    private static List<Control> columnControls(Setting setting, String at) {
        List<Control> controls = new ArrayList<>();
        controls.add(columnControl(setting, at));
        if (setting.path() == null) {
            controls.add(PathWords.choice(setting, at));
        }
        if (setting.pairs() == null) {
            controls.add(BreakingWords.pairs(setting, at));
        }
        return controls;
    }

    private static Control columnControl(Setting setting, String at) {
        boolean wrapped = setting.column() != null;
        List<Operation> unwrap = new ArrayList<>();
        if (setting.columnHeight() != null) {
            unwrap.add(new Operation.Clear(at + "/columnHeight"));
        }
        if (wrapped) {
            unwrap.add(new Operation.Clear(at + "/column"));
        }
        List<Operation> wrap =
                wrapped ? List.of() : List.of(Ops.set(at + "/column", new Length(60, Length.Unit.FRAME)));
        List<Control.Option> options = new ArrayList<>();
        options.add(new Control.Option("break where typed", !wrapped, unwrap));
        options.add(new Control.Option("wrap in a column", wrapped, wrap));
        if (setting.breaking() == Breaking.FILLED) {
            options.add(BreakingWords.option(Breaking.STACKED, setting, at));
            if (wrapped) {
                options.add(BreakingWords.option(Breaking.BALANCED, setting, at));
            }
        }
        return new Control.Choice("Lines", options);
    }

    private static Part ligatures(Setting setting, String at) {
        List<Control.Option> options = Arrays.stream(Setting.Ligatures.values())
                .map(one -> new Control.Option(
                        lower(one), one == setting.ligatures(), List.of(Ops.set(at + "/ligatures", one))))
                .toList();
        return new Part("ligatures", List.of(new Control.Choice("Ligatures", options)), "");
    }

    private static Control directions(Setting setting, String at) {
        return new Control.Choice(
                "Direction",
                Arrays.stream(Setting.Direction.values())
                        .map(one -> new Control.Option(
                                lower(one), one == setting.direction(), List.of(Ops.set(at + "/direction", one))))
                        .toList());
    }

    private static String lower(Enum<?> value) {
        return value.name().toLowerCase(java.util.Locale.ROOT);
    }
}
