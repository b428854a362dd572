package knollwind.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import knollwind.core.motion.BlockTiming;
import knollwind.core.motion.MoveCurve;
import knollwind.core.motion.Piece;
import knollwind.core.scene.Block;
import knollwind.core.scene.Fit;
import knollwind.core.scene.Format;
import knollwind.core.scene.FormatPatch;
import knollwind.core.scene.Move;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Setting;
import knollwind.core.scene.ShapeBlock;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.UnitKind;
import knollwind.core.type.Box;
import knollwind.core.type.Outline;
import knollwind.core.type.SetGlyph;
import knollwind.core.type.SetLine;
import knollwind.core.type.SetText;
import knollwind.core.type.Typesetter;
import knollwind.core.type.Unit;

/** A scene in one of its formats, made ready to be seen at any time. Immutable; safe for threads. */
public final class SceneScore {
    private final Scene scene;
    private final Format format;
    private final DisplayList background;
    private final List<BlockScore> blocks;

    private SceneScore(Scene scene, Format format, DisplayList background, List<BlockScore> blocks) {
        this.scene = scene;
        this.format = format;
        this.background = background;
        this.blocks = blocks;
    }

    /** Sets and times every block of the scene as the format shows it. */
    public static SceneScore of(Project project, Scene scene, Format format, Typesetter typesetter) {
        List<BlockScore> blocks = new ArrayList<>();
        for (Block block : FormatPatch.resolve(scene, format)) {
            blocks.add(block(project, format, block, typesetter));
        }
        return new SceneScore(scene, format, background(project, scene, format), List.copyOf(blocks));
    }

    /** What lies behind all blocks; the same at all times. */
    public static DisplayList background(Project project, Scene scene, Format format) {
        Box frame = new Box(0, 0, format.width(), format.height());
        DisplayList.Builder out = new DisplayList.Builder();
        Inks.of(scene.background(), frame, new FieldValues(project.fields()))
                .ifPresent(ink -> out.add(new Paint.Fill(Outlines.rectangle(frame), ink, 1)));
        return out.build();
    }

    /** One block, its format's overrides already in place. */
    public static BlockScore block(Project project, Format format, Block block, Typesetter typesetter) {
        FieldValues fields = new FieldValues(project.fields());
        SetText set;
        Setting.Alignment alignment = Setting.Alignment.CENTRE;
        Ink ink;
        if (block instanceof TextBlock text) {
            set = typesetter.set(copy(text, fields, format));
            alignment = text.setting().alignment();
            ink = Inks.of(text.setting().fill(), set.box(), fields).orElse(null);
        } else {
            ShapeBlock shape = (ShapeBlock) block;
            set = shape(shape, format);
            ink = Inks.of(shape.fill(), set.box(), fields).orElse(null);
        }
        BlockTiming timing = BlockTiming.of(block, pieces(set));
        List<MoveCurve> curves = timing.moves().stream()
                .map(move -> new MoveCurve(move, set.em(), set.lineHeight(), format.width(), format.height()))
                .toList();
        BlockPainter painter = new BlockPainter(set, alignment, ink, curves);
        return new BlockScore(block, set, timing, painter, fields, format.width(), format.height());
    }

    private static Function<UnitKind, List<Piece>> pieces(SetText set) {
        return kind -> set.units(kind).stream()
                .map(unit -> new Piece(
                        unit.id(),
                        unit.line(),
                        (unit.advance().left() + unit.advance().right()) / 2,
                        (unit.advance().top() + unit.advance().bottom()) / 2))
                .toList();
    }

    private static Typesetter.Copy copy(TextBlock block, FieldValues fields, Format format) {
        Setting setting = block.setting();
        double size = fields.number(setting.size());
        double leading = fields.number(setting.leading());
        double column =
                setting.column() == null ? Double.NaN : setting.column().pixels(size, size * leading, format.width());
        return new Typesetter.Copy(
                block.text(),
                block.runs(),
                setting.face(),
                size,
                fields.number(setting.tracking()),
                leading,
                column,
                setting.alignment(),
                setting.direction(),
                setting.language(),
                ligatures(block),
                setting.forms(),
                setting.breaking(),
                fitting(setting.fit(), size, size * leading, format));
    }

    private static Typesetter.Fitting fitting(Fit fit, double em, double lineHeight, Format format) {
        if (fit == null) {
            return null;
        }
        double height = fit.height() == null ? Double.NaN : fit.height().pixels(em, lineHeight, format.height());
        double least = fit.least() == null ? Double.NaN : fit.least();
        return new Typesetter.Fitting(fit.kind(), fit.width().pixels(em, lineHeight, format.width()), height, least);
    }

    /** Optional ligatures are off for the whole span when they must be, or on auto when a move splits by character. */
    private static boolean ligatures(TextBlock block) {
        return switch (block.setting().ligatures()) {
            case ON -> true;
            case OFF -> false;
            case AUTO ->
                java.util.stream.Stream.concat(block.arrive().moves().stream(), block.leave().moves().stream())
                        .map(Move::unit)
                        .noneMatch(unit -> unit == UnitKind.CHARACTER);
        };
    }

    /** A shape as a block with the one unit "all", whose only glyph is the shape. Its em is its height. */
    private static SetText shape(ShapeBlock block, Format format) {
        Outline outline;
        if (block.shape() instanceof ShapeBlock.Rectangle rectangle) {
            Box box = new Box(
                    0,
                    0,
                    rectangle.width().pixels(1, 1, format.width()),
                    rectangle.height().pixels(1, 1, format.height()));
            outline = Outlines.rounded(box, rectangle.radius());
        } else {
            outline = Outlines.polygon(((ShapeBlock.Polygon) block.shape()).points());
        }
        Box box = outline.ink();
        SetGlyph glyph = new SetGlyph(outline, 0, 0, box.width(), 0, 0, null);
        SetLine line =
                new SetLine(0, 0, 0, box.left(), box.bottom(), box.width(), box.height(), 0, false, List.of(glyph));
        Unit whole = new Unit(UnitKind.WHOLE, "all", "", 0, 0, 0, box, box, box.bottom(), List.of(glyph));
        return new SetText(
                "",
                box.height(),
                box.height(),
                List.of(line),
                box,
                box,
                List.of(),
                List.of(),
                List.of(),
                whole,
                List.of());
    }

    public Scene scene() {
        return scene;
    }

    public Format format() {
        return format;
    }

    public DisplayList background() {
        return background;
    }

    /** From back to front. */
    public List<BlockScore> blocks() {
        return blocks;
    }

    /** The whole picture at a time in scene frames. */
    public DisplayList at(double time) {
        List<Paint> paints = new ArrayList<>(background.paints());
        for (BlockScore block : blocks) {
            paints.addAll(block.at(time).list().paints());
        }
        return new DisplayList(paints);
    }
}
