package knollwind.core.frame;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import knollwind.core.display.DisplayList;
import knollwind.core.display.PaintOp;
import knollwind.core.filling.Filler;
import knollwind.core.handwriting.CentreLines;
import knollwind.core.handwriting.Penmanship;
import knollwind.core.layout.Materials;
import knollwind.core.layout.Rests;
import knollwind.core.layout.SceneLayout;
import knollwind.core.layout.Surroundings;
import knollwind.core.layout.TextCopy;
import knollwind.core.motion.BlockTiming;
import knollwind.core.motion.MoveCurve;
import knollwind.core.scene.Block;
import knollwind.core.scene.Format;
import knollwind.core.scene.FrameFit;
import knollwind.core.scene.FrameRate;
import knollwind.core.scene.MotionBlur;
import knollwind.core.scene.NamedTimes;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Setting;
import knollwind.core.scene.Sound;
import knollwind.core.scene.TextBlock;
import knollwind.core.sound.Heard;
import knollwind.core.type.SetText;
import knollwind.core.type.Typesetter;
import knollwind.core.wording.Wording;

/** A scene in one of its formats, made ready to be seen at any time. Immutable; safe for threads. */
public final class SceneScore implements Footage {
    private final Scene scene;
    private final Format format;
    private final Background background;
    private final List<BlockScore> blocks;
    private final CaptionRow captions;
    /** How many blocks lie behind the captions. */
    private final int behind;

    private final Project project;
    private final Materials materials;
    private final Kept<String, BlockScore> dressed = new Kept<>(2 * CaptionRow.KEPT);

    private SceneScore(
            Project project,
            Scene scene,
            Format format,
            Background background,
            List<BlockScore> blocks,
            CaptionRow captions,
            int behind,
            Materials materials) {
        this.project = project;
        this.scene = scene;
        this.format = format;
        this.background = background;
        this.blocks = blocks;
        this.captions = captions;
        this.behind = behind;
        this.materials = materials;
    }

    /** The same where no recording is there. */
    public static SceneScore of(Project project, Scene scene, Format format, Typesetter typesetter) {
        return of(project, scene, format, Materials.of(typesetter));
    }

    /** Sets and times every block of the scene as the format shows it. */
    public static SceneScore of(Project project, Scene scene, Format format, Materials materials) {
        Project plain = Filler.plain(project);
        Scene own = plain == project ? scene : plain.scene(scene.id());
        return filled(plain, own.withBlocks(Filler.blocks(own, format)), format, materials);
    }

    /** The same with no captions but those between two frames, which are cut off there. */
    SceneScore captioned(double from, double to) {
        return new SceneScore(project, scene, format, background, blocks, captions.within(from, to), behind, materials);
    }

    /** The same of a plain project and of a scene whose blocks are filled. */
    static SceneScore filled(Project project, Scene scene, Format format, Materials materials) {
        SceneLayout layout = new SceneLayout(project, scene, format, scene.blocks(), materials);
        CaptionRow captions = CaptionRow.of(project, scene, format, scene.blocks(), materials);
        List<BlockScore> blocks = new ArrayList<>();
        int behind = 0;
        for (Block block : layout.blocks()) {
            if (block.id().equals(captions.design())) {
                behind = blocks.size();
            }
            if (!captions.isDesign(block.id())) {
                blocks.add(block(project, block, layout.around(block), materials));
            }
        }
        Background background = new Background(project, scene, format);
        return new SceneScore(project, scene, format, background, List.copyOf(blocks), captions, behind, materials);
    }

    /**
     * One block, its format's overrides already in place.
     *
     * @param around what it hangs on, from the {@link SceneLayout} of its scene
     */
    public static BlockScore block(Project project, Block block, Surroundings around, Materials materials) {
        RunningWords running = block.asWords()
                .filter(words -> words.says() != null)
                .map(longest -> new RunningWords(
                        Wording.read(longest.says()),
                        longest.text(),
                        around.clock().rate(),
                        (words, unseen) -> block(project, longest.withText(words), around, materials, unseen, null)))
                .orElse(null);
        return block(project, block, around, materials, Unseen.NONE, running);
    }

    /**
     * @param unseen letters that keep room alone
     * @param running how its words change in time; null where they do not
     */
    private static BlockScore block(
            Project project,
            Block block,
            Surroundings around,
            Materials materials,
            Unseen unseen,
            RunningWords running) {
        Rests.Laid laid = SceneLayout.lay(block, around, materials.typesetter());
        SetText set = laid.set();
        Optional<TextBlock> words = block.asWords();
        Setting.Alignment alignment =
                words.map(text -> text.setting().alignment()).orElse(Setting.Alignment.CENTRE);
        BlockTiming timing = BlockTiming.of(
                block, around.clock(), around.turns(), laid.pieces(), around.notBefore(), around.notAfter());
        FrameFit fit = around.fit();
        FrameRate rate = around.clock().rate();
        FillPaint paint = FillPaint.of(
                block.fill(),
                rate,
                nested -> NestedFillPaint.of(
                        project, nested, fit.width(), fit.height(), rate, timing.end() - timing.start(), materials));
        List<MoveCurve> curves = timing.moves().stream()
                .filter(move -> !move.move().muted())
                .map(move -> new MoveCurve(move, set.em(), set.lineHeight(), fit.width(), fit.height()))
                .toList();
        CentreLines lines = new CentreLines(words.map(text -> new Penmanship(project.lettering()).of(text, set))
                .orElse(Map.of()));
        BlockPainter painter = new BlockPainter(
                laid,
                alignment,
                new Coat(paint, block.fill().area(), set, fit),
                curves,
                fit,
                words.map(text -> new AxisSets(materials.typesetter(), TextCopy.of(text, around)))
                        .orElse(null),
                around.hiders(),
                lines,
                block.place().crawl() != null && block.place().crawl().tilt() > 0,
                around.spoken(),
                unseen);
        Map<String, BlockScore> beside = new HashMap<>();
        around.beside()
                .forEach((id, other) -> beside.put(id, block(project, other.block(), other.around(), materials)));
        return new BlockScore(block, laid, timing, painter, around, lines, beside, running);
    }

    public Scene scene() {
        return scene;
    }

    public Format format() {
        return format;
    }

    public Background background() {
        return background;
    }

    /** What lies over all of it. */
    public Overlay overlay() {
        return new Overlay(scene, format);
    }

    /** From back to front, without the captions and what dresses them. */
    public List<BlockScore> blocks() {
        return blocks;
    }

    /** All that is seen from one frame to before another, the captions that are on then in their place, from back to front. */
    public List<BlockScore> seen(double from, double to) {
        List<CaptionRow.Copy> on = captions.on(from, to);
        if (on.isEmpty()) {
            return blocks;
        }
        List<BlockScore> seen = new ArrayList<>(blocks);
        seen.addAll(behind, on.stream().map(this::dressed).toList());
        return seen;
    }

    private BlockScore dressed(CaptionRow.Copy copy) {
        return dressed.get(copy.block().id(), id -> block(project, copy.block(), copy.around(), materials));
    }

    @Override
    public int width() {
        return format.width();
    }

    @Override
    public int height() {
        return format.height();
    }

    @Override
    public int length() {
        return scene.length();
    }

    @Override
    public FrameRate rate() {
        return scene.rate();
    }

    /** The whole picture at a time in scene frames. */
    public DisplayList at(double time) {
        return at(time, false);
    }

    DisplayList at(double time, boolean transparent) {
        return at(time, transparent, null);
    }

    /** @param without a block that is left out; null for none */
    DisplayList at(double time, boolean transparent, String without) {
        List<PaintOp> paints =
                new ArrayList<>(transparent ? List.of() : background.at(time).paints());
        for (BlockScore block : seen(time, Math.nextUp(time))) {
            if (!block.block().id().equals(without)) {
                paints.addAll(block.at(time).list().paints());
            }
        }
        // Where nothing lies behind, there is nothing that it could lie over.
        if (!transparent) {
            paints.addAll(overlay().at(time).paints());
        }
        return new DisplayList(paints);
    }

    /** The pictures whose mean a frame is; only one where nothing of them differs. */
    public List<DisplayList> frame(int frame) {
        return frame(frame, false);
    }

    @Override
    public List<CaptionTrack> captions() {
        return captions.tracks();
    }

    @Override
    public List<Heard> sounds() {
        return heard(scene, named(), blocks);
    }

    /** The sounds of the scene and what is spoken in them. */
    NamedTimes named() {
        return NamedTimes.of(project, scene);
    }

    /**
     * All that is heard with a scene: its own sounds, and those of scenes that stand in it, where they stand.
     *
     * @param named what is spoken in the scene
     * @param blocks of the scene
     */
    public static List<Heard> heard(Scene scene, NamedTimes named, List<BlockScore> blocks) {
        List<Heard> heard = new ArrayList<>(Heard.of(scene, named));
        if (named.sounds().stream().noneMatch(Sound::alone)) {
            double end = scene.rate().seconds(scene.length());
            blocks.stream()
                    .flatMap(block -> block.sounds().stream())
                    .flatMap(one -> one.within(0, end).stream())
                    .forEach(heard::add);
        }
        return heard;
    }

    @Override
    public List<DisplayList> frame(int frame, boolean transparent) {
        List<DisplayList> lists = new ArrayList<>();
        for (double time : MotionBlur.times(scene.blur(), frame)) {
            lists.add(at(time, transparent));
        }
        return lists.stream().distinct().count() == 1 ? lists.subList(0, 1) : lists;
    }
}
