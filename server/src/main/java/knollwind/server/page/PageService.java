package knollwind.server.page;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import knollwind.core.directions.Script;
import knollwind.core.frame.BlockScore;
import knollwind.core.frame.Surroundings;
import knollwind.core.motion.MoveTiming;
import knollwind.core.scene.Block;
import knollwind.core.scene.Face;
import knollwind.core.scene.Fit;
import knollwind.core.scene.Forms;
import knollwind.core.scene.FrameFit;
import knollwind.core.scene.Links;
import knollwind.core.scene.Pivot;
import knollwind.core.scene.Run;
import knollwind.core.scene.Setting;
import knollwind.core.scene.TextBlock;
import knollwind.core.type.Box;
import knollwind.core.type.FontFamily;
import knollwind.core.type.FontLibrary;
import knollwind.core.type.SetGlyph;
import knollwind.core.type.SetLine;
import knollwind.core.type.Unit;
import knollwind.server.reel.Drafts;
import org.springframework.stereotype.Service;

/** Prints a scene's directions and times. */
@Service
class PageService {
    private static final Pivot BASELINE = new Pivot(Pivot.Across.LEFT, Pivot.Down.BASELINE, Pivot.Box.METRIC);

    private final Drafts drafts;
    private final FontLibrary fonts;

    PageService(Drafts drafts, FontLibrary fonts) {
        this.drafts = drafts;
        this.fonts = fonts;
    }

    PageView page(Drafts.View view) {
        List<FontFamily> families = fonts.families();
        List<PageView.BlockView> blocks = new ArrayList<>();
        List<PageView.Problem> problems = new ArrayList<>();
        for (Block block : view.blocks()) {
            BlockScore score = drafts.score(view, block);
            String path = "scenes/" + view.scene().id() + "/blocks/" + block.id();
            blocks.add(block(score, view, path, families));
            problems(score, view, problems);
        }
        return new PageView(
                view.scene().length(),
                FrameFit.of(view.scene(), view.format()),
                Script.background(view.scene()),
                blocks,
                problems);
    }

    private static PageView.BlockView block(
            BlockScore score, Drafts.View view, String path, List<FontFamily> families) {
        List<PageView.MoveView> moves = new ArrayList<>();
        for (MoveTiming timing : score.timing().moves()) {
            List<Unit> units = score.set().units(timing.move().unit());
            List<PageView.UnitView> turns = new ArrayList<>();
            for (int i = 0; i < units.size(); i++) {
                turns.add(new PageView.UnitView(
                        units.get(i).id(),
                        units.get(i).text(),
                        timing.ranks().of().get(i),
                        timing.starts().get(i),
                        timing.ends().get(i),
                        box(score.place(units.get(i)))));
            }
            moves.add(new PageView.MoveView(
                    timing.move().id(), timing.phase().name().toLowerCase(Locale.ROOT), turns));
        }
        double[] pivot = score.pivot(score.timing().start());
        return new PageView.BlockView(
                score.block().id(),
                Script.of(score, path, families, view.blocks()),
                score.timing().start(),
                score.timing().arriveEnd(),
                score.timing().leaveStart(),
                score.timing().end(),
                score.timing().scale(),
                box(score.place(score.set().whole())),
                score.corners().stream().map(PageService::point).toList(),
                hundredths(score.point(BASELINE).y()),
                new PageView.FramePoint(pivot[0], pivot[1]),
                PivotPoints.of(score, path),
                moves,
                words(score),
                score.curve());
    }

    private void problems(BlockScore score, Drafts.View view, List<PageView.Problem> problems) {
        Block block = score.block();
        if (!score.set().missing().isEmpty()) {
            problems.add(new PageView.Problem(
                    block.id(),
                    "No shipped face has " + String.join(" ", score.set().missing())
                            + "; a box is shown instead. Choose other words."));
        }
        if (block instanceof TextBlock text) {
            missingFaces(text, problems);
        }
        if (block instanceof TextBlock text) {
            settingProblems(text, score, view, problems);
        }
        for (String link : Links.of(block)) {
            if (view.blocks().stream().noneMatch(other -> other.id().equals(link))) {
                problems.add(new PageView.Problem(
                        block.id(),
                        "\"" + block.name() + "\" hangs on a block that is gone; it stands at its own place."
                                + " Detach it or hang it on another."));
            }
        }
        if (score.timing().scale() < 1) {
            problems.add(new PageView.Problem(
                    block.id(),
                    "Arriving and leaving do not fit in "
                            + Math.round(score.timing().end() - score.timing().start())
                            + " frames; both are shortened. Lengthen the block or its phases."));
        }
        if (score.timing().end() > view.scene().length()) {
            problems.add(new PageView.Problem(
                    block.id(),
                    "The block ends at frame " + Math.round(score.timing().end()) + ", after the scene's end at "
                            + view.scene().length() + ". Shorten the block or lengthen the scene."));
        }
    }

    /** Words keep the name of a face that is not here, so that they are set in it again as soon as it is. */
    private void missingFaces(TextBlock block, List<PageView.Problem> problems) {
        Map<String, List<String>> words = new LinkedHashMap<>();
        int at = 0;
        for (Run run : block.runs()) {
            note(block, at, run.from(), block.setting().face(), words);
            note(
                    block,
                    run.from(),
                    run.to(),
                    run.face() == null ? block.setting().face() : run.face(),
                    words);
            at = run.to();
        }
        note(block, at, block.text().length(), block.setting().face(), words);
        words.forEach((family, shown) -> problems.add(new PageView.Problem(
                block.id(),
                "The face " + family + " is not here; \u201c" + String.join("\u201d and \u201c", shown)
                        + "\u201d is shown in another one. Add its font file, or choose a family.")));
    }

    private void note(TextBlock block, int from, int to, Face face, Map<String, List<String>> words) {
        String text = block.text().substring(from, to).replaceAll("\\s+", " ").strip();
        if (!text.isEmpty() && !fonts.knows(face)) {
            words.computeIfAbsent(face.family(), family -> new ArrayList<>()).add(text);
        }
    }

    private void settingProblems(TextBlock block, BlockScore score, Drafts.View view, List<PageView.Problem> problems) {
        Setting setting = block.setting();
        boolean smallCapitals = fonts.families().stream()
                .filter(family -> family.name().equals(setting.face().family()))
                .anyMatch(family -> family.features().contains("smcp"));
        if (setting.forms().letterCase() == Forms.Case.SMALL_CAPS && !smallCapitals) {
            problems.add(new PageView.Problem(
                    block.id(),
                    setting.face().family()
                            + " has no small capitals; the words are shown as typed. Choose another face or case."));
        }
        List<SetLine> lines = score.set().lines();
        double below =
                lines.get(lines.size() - 1).box().bottom() - score.set().box().bottom();
        if (setting.columnHeight() != null && below > 0.5) {
            problems.add(new PageView.Problem(
                    block.id(),
                    "The words run " + Math.round(below)
                            + " px over the foot of their column. Use fewer words, a smaller"
                            + " size or a higher column."));
        }
        Fit fit = setting.fit();
        if (fit != null && fit.kind() == Fit.Kind.INSIDE) {
            double height = fit.height()
                    .pixels(
                            score.set().em(),
                            score.set().lineHeight(),
                            score.fit().height());
            if (score.set().box().height() > height + 0.5) {
                problems.add(new PageView.Problem(
                        block.id(),
                        "The words do not go into their box even at "
                                + Math.round(score.set().em())
                                + " px. Use fewer words, a larger box or a smaller least size."));
            }
        }
    }

    private static PageView.FrameBox box(Box box) {
        return box.isEmpty()
                ? new PageView.FrameBox(0, 0, 0, 0)
                : new PageView.FrameBox(
                        hundredths(box.left()),
                        hundredths(box.top()),
                        hundredths(box.right()),
                        hundredths(box.bottom()));
    }

    private static List<PageView.WordView> words(BlockScore score) {
        return score.set().words().stream()
                .map(word -> new PageView.WordView(
                        word.glyphs().stream().mapToInt(SetGlyph::from).min().orElse(0),
                        word.glyphs().stream().mapToInt(SetGlyph::to).max().orElse(0),
                        score.corners(word).stream().map(PageService::point).toList()))
                .toList();
    }

    private static PageView.FramePoint point(Surroundings.Point at) {
        return new PageView.FramePoint(hundredths(at.x()), hundredths(at.y()));
    }

    /** Finer than any screen shows: a long block has hundreds of boxes. */
    static double hundredths(double value) {
        return Math.rint(value * 100) / 100;
    }
}
