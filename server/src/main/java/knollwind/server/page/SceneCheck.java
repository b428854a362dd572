package knollwind.server.page;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import knollwind.core.filling.Misfits;
import knollwind.core.frame.BlockScore;
import knollwind.core.geometry.Box;
import knollwind.core.motion.MoveTiming;
import knollwind.core.scene.Block;
import knollwind.core.scene.BlockEdge;
import knollwind.core.scene.Face;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Fit;
import knollwind.core.scene.Format;
import knollwind.core.scene.Forms;
import knollwind.core.scene.Links;
import knollwind.core.scene.NamedTimes;
import knollwind.core.scene.Nested;
import knollwind.core.scene.Pivot;
import knollwind.core.scene.Project;
import knollwind.core.scene.Run;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Setting;
import knollwind.core.scene.Sound;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.TimeLink;
import knollwind.core.type.FontLibrary;
import knollwind.core.type.SetLine;
import knollwind.server.draft.Drafts;
import knollwind.server.files.Films;
import knollwind.server.files.Pictures;
import knollwind.server.files.Sounds;
import org.springframework.stereotype.Component;

/** Finds what does not fit or cannot be shown, and says what to do about it. */
@Component
public class SceneCheck {
    private final FontLibrary fonts;
    private final Pictures pictures;
    private final Films films;
    private final Sounds sounds;

    SceneCheck(FontLibrary fonts, Pictures pictures, Films films, Sounds sounds) {
        this.fonts = fonts;
        this.pictures = pictures;
        this.films = films;
        this.sounds = sounds;
    }

    /** A moment that hangs on a cue or a block that is gone. */
    private static Optional<PageView.Problem> goneMoment(Block block, Drafts.View view) {
        NamedTimes named = NamedTimes.of(view.project(), view.scene());
        for (BlockEdge edge : BlockEdge.values()) {
            TimeLink hang = block.span().hang(edge);
            if (hang == null) {
                continue;
            }
            boolean there = hang.cue() != null
                    ? named.find(hang.cue()).isPresent()
                    : view.blocks().stream().anyMatch(other -> other.id().equals(hang.block()));
            if (!there) {
                return Optional.of(new PageView.Problem(
                        block.id(),
                        "\"" + block.name() + "\" hangs on a " + (hang.cue() != null ? "cue or a word" : "block")
                                + " that is gone; it is on when it last was. Hang it on another, or on nothing."));
            }
        }
        return Optional.empty();
    }

    /** Pieces that are called from outside and have no moment there, and a leave that gives way to them. */
    private static Optional<PageView.Problem> called(BlockScore score) {
        Block block = score.block();
        int lacking = score.timing().moves().stream()
                .filter(timing -> !timing.move().muted() && timing.move().pace().moments() != null)
                .mapToInt(MoveTiming::lacking)
                .max()
                .orElse(0);
        if (lacking > 0) {
            String pieces = lacking == 1 ? "One piece" : lacking + " pieces";
            return Optional.of(new PageView.Problem(
                    block.id(),
                    pieces + " of \"" + block.name() + "\" " + (lacking == 1 ? "has" : "have")
                            + " no moment to come at. Change the words, the words of the voice or the cues,"
                            + " or let them go by their own pace."));
        }
        boolean unheard = score.timing().moves().stream()
                .anyMatch(timing -> !timing.move().muted()
                        && timing.move().cycle() != null
                        && timing.move().cycle().loudness() != null
                        && timing.lacking() > 0);
        if (unheard) {
            return Optional.of(new PageView.Problem(
                    block.id(),
                    "\"" + block.name() + "\" goes as loud as a sound that is not in this scene, so it stands still."
                            + " Add the sound, or let it go by another."));
        }
        if (score.timing().scale() == 1 && score.timing().leaveScale() < 1) {
            return Optional.of(new PageView.Problem(
                    block.id(),
                    "\"" + block.name() + "\" has not all arrived when it should leave; its leaving is "
                            + (score.timing().leaveScale() == 0 ? "cut off" : "shortened") + ". Let it end later."));
        }
        return Optional.empty();
    }

    /** What is wrong with a block. */
    public List<PageView.Problem> problems(BlockScore score, Drafts.View view) {
        List<PageView.Problem> problems = new ArrayList<>();
        Block block = score.block();
        if (!score.set().missing().isEmpty()) {
            problems.add(new PageView.Problem(
                    block.id(),
                    "No shipped face has " + String.join(" ", score.set().missing())
                            + "; a box is shown instead. Choose other words."));
        }
        block.asWords().ifPresent(words -> {
            missingFaces(words, problems);
            settingProblems(words, score, problems);
            outOfFrame(score, view.format()).ifPresent(problems::add);
        });
        missingPicture(block, block.fill()).ifPresent(problems::add);
        for (String link : Links.of(block)) {
            if (view.blocks().stream().noneMatch(other -> other.id().equals(link))) {
                problems.add(new PageView.Problem(
                        block.id(),
                        "\"" + block.name() + "\" hangs on a block that is gone; it stands at its own place."
                                + " Detach it or hang it on another."));
            }
        }
        Nested.of(block)
                .filter(nested -> view.project().scenes().stream()
                        .noneMatch(scene -> scene.id().equals(nested.scene())))
                .ifPresent(nested -> problems.add(new PageView.Problem(
                        block.id(),
                        "\"" + block.name() + "\" shows a scene that is gone, so nothing is painted there."
                                + " Choose another scene or fill.")));
        goneMoment(block, view).ifPresent(problems::add);
        if (score.timing().scale() < 1) {
            problems.add(new PageView.Problem(
                    block.id(),
                    "Arriving and leaving do not fit in "
                            + Math.round(score.timing().end() - score.timing().start())
                            + " frames; both are shortened. Lengthen the block or its phases."));
        }
        called(score).ifPresent(problems::add);
        if (score.timing().end() > view.scene().length() && !view.captions().isDesign(block.id())) {
            problems.add(new PageView.Problem(
                    block.id(),
                    "The block ends at frame " + Math.round(score.timing().end()) + ", after the scene's end at "
                            + view.scene().length() + ". Shorten the block or lengthen the scene."));
        }
        return problems;
    }

    /** What is wrong with what belongs to no block: what lies behind them all, and what is heard. */
    List<PageView.Problem> scene(Project project, Scene scene) {
        List<PageView.Problem> problems = new ArrayList<>();
        for (Misfits.Found misfit : Misfits.of(project, scene)) {
            problems.add(new PageView.Problem(
                    misfit.filling().block(),
                    "In " + misfit.where() + " the value of "
                            + String.join(" / ", misfit.filling().path()) + " no longer fits and is passed over: "
                            + misfit.reason() + "."));
        }
        missingPicture(null, scene.background()).ifPresent(problems::add);
        for (Sound sound : scene.sounds()) {
            if (sounds.find(sound.sha256()).isEmpty()) {
                problems.add(new PageView.Problem(
                        "",
                        "The sound \u201c" + sound.name()
                                + "\u201d is not here, so it is not heard. Add its file again."));
            }
        }
        return problems;
    }

    private Optional<PageView.Problem> missingPicture(Block block, Fill fill) {
        String where = block == null ? "the background" : "\"" + block.name() + "\"";
        Stream<String> missing = Stream.concat(
                fill
                        .pictureFile()
                        .filter(picture -> !pictures.keeps(picture.sha256()))
                        .map(picture -> "picture \u201c" + picture.name())
                        .stream(),
                fill
                        .filmFile()
                        .map(Fill.Film::picture)
                        .filter(film -> films.find(film.sha256()).isEmpty())
                        .map(film -> "film \u201c" + film.name())
                        .stream());
        return missing.findFirst()
                .map(what -> new PageView.Problem(
                        block == null ? "" : block.id(),
                        "The " + what + "\u201d of " + where
                                + " is not here, so nothing is painted there. Add its file again, or choose another."));
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

    /** Words that stand still and reach out of the frame; what is carried about is meant to. */
    private static Optional<PageView.Problem> outOfFrame(BlockScore score, Format format) {
        Box ink = score.restingInk();
        if (score.travels() || ink.isEmpty()) {
            return Optional.empty();
        }
        Map<String, Double> beyond = new LinkedHashMap<>();
        beyond.put("left", -ink.left());
        beyond.put("right", ink.right() - format.width());
        beyond.put("top", -ink.top());
        beyond.put("bottom", ink.bottom() - format.height());
        String sides = beyond.entrySet().stream()
                .filter(side -> side.getValue() >= 1)
                .map(side -> Math.round(side.getValue()) + " px beyond the " + side.getKey())
                .collect(Collectors.joining(" and "));
        return sides.isEmpty()
                ? Optional.empty()
                : Optional.of(new PageView.Problem(
                        score.block().id(),
                        "The words reach " + sides + " of the frame. Make them smaller, wrap them or move them in."));
    }

    private void settingProblems(TextBlock block, BlockScore score, List<PageView.Problem> problems) {
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
            Box words = fit.measured() == Pivot.Box.INK
                    ? score.set().ink()
                    : score.set().box();
            if (words.height() > height + 0.5) {
                problems.add(new PageView.Problem(
                        block.id(),
                        "The words do not go into their box even at "
                                + Math.round(score.set().em())
                                + " px. Use fewer words, a larger box or a smaller least size."));
            }
        }
    }
}
