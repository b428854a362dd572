package knollwind.server.table;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import knollwind.core.directions.setting.NestedWords;
import knollwind.core.filling.FieldText;
import knollwind.core.filling.Misfits;
import knollwind.core.filling.Versions;
import knollwind.core.frame.BlockScore;
import knollwind.core.frame.CaptionRow;
import knollwind.core.scene.Block;
import knollwind.core.scene.Field;
import knollwind.core.scene.Format;
import knollwind.core.scene.Project;
import knollwind.core.scene.ReadingSpeed;
import knollwind.core.scene.Row;
import knollwind.core.scene.Scene;
import knollwind.core.scene.TextBlock;
import knollwind.core.wording.Wording;
import knollwind.server.draft.DraftRequest;
import knollwind.server.draft.Drafts;
import knollwind.server.page.PageView;
import knollwind.server.page.SceneCheck;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Looks at versions as they would be made, and says what is wrong with their cells. */
@Component
class RowCheck {
    /** Rows that are looked at in one go. */
    static final int MOST = 200;

    /** As fast as titles are read that nobody waits for. */
    private static final ReadingSpeed READ = new ReadingSpeed(NestedWords.READING, ReadingSpeed.Unit.CHARACTERS);

    private final Drafts drafts;
    private final SceneCheck check;

    RowCheck(Drafts drafts, SceneCheck check) {
        this.drafts = drafts;
        this.check = check;
    }

    /**
     * Something to look at.
     *
     * @param format id; empty where it is so in all of them
     * @param field id of the field whose cell it is; empty where it is none of them
     */
    record CellProblem(String row, String format, String field, String message) {}

    /**
     * What came out of looking at rows.
     *
     * @param lengths frames of the scene in each, by their ids
     */
    record Looked(List<CellProblem> problems, Map<String, Integer> lengths) {}

    Looked look(String id, DraftRequest draft, List<String> rows) {
        if (rows.size() > MOST) {
            throw new IllegalArgumentException("at most " + MOST + " rows are looked at in one go");
        }
        Project project = drafts.document(id, draft);
        Map<String, Row> there = project.versions().rows().stream().collect(Collectors.toMap(Row::id, one -> one));
        // A row that has gone meanwhile has no problems.
        Map<String, Integer> lengths = new ConcurrentHashMap<>();
        List<CellProblem> all = rows.parallelStream()
                .map(there::get)
                .filter(Objects::nonNull)
                .flatMap(row -> {
                    List<CellProblem> problems = new ArrayList<>();
                    lengths.put(row.id(), of(id, draft, project, row, problems));
                    return problems.stream();
                })
                .toList();
        return new Looked(all, lengths);
    }

    /** How long the scene is in it. */
    private int of(String id, DraftRequest draft, Project project, Row row, List<CellProblem> problems) {
        for (Field field : project.fields()) {
            JsonNode value = row.values().get(field.id());
            if (value != null && value.isString() && value.stringValue().isBlank()) {
                problems.add(new CellProblem(row.id(), "", field.id(), "Nothing is filled in here."));
            }
        }
        Versions.Version version = drafts.version(drafts.tree(id, draft), project, row.id());
        version.unfit()
                .forEach(unfit -> problems.add(new CellProblem(
                        row.id(),
                        "",
                        unfit.field(),
                        project.fields().stream()
                                .filter(field -> field.id().equals(unfit.field()))
                                .map(field ->
                                        FieldText.problem(field, row.values().get(field.id())))
                                .filter(reason -> !reason.isEmpty())
                                .findFirst()
                                .orElse(unfit.field().isEmpty() ? noLonger(unfit.reason()) : unfit.reason()))));
        Scene scene = version.project().scene(draft.scene());
        corrections(version.project(), scene, row)
                .forEach((format, reason) -> problems.add(new CellProblem(row.id(), format, "", noLonger(reason))));
        for (Format format : scene.formats()) {
            Drafts.View view = drafts.view(
                    id,
                    new DraftRequest(
                            draft.base(), draft.patch(), draft.scene(), format.id(), draft.wishes(), row.id(), null));
            for (Block block : view.blocks()) {
                BlockScore score = drafts.score(
                        view, new CaptionRow.Copy(block, view.around().get(block.id())));
                check.problems(score, view).forEach(problem -> add(project, row, format, problem, problems));
                tooFast(score, scene.rate().perSecond())
                        .ifPresent(problem -> add(project, row, format, problem, problems));
            }
        }
        return scene.length();
    }

    private static String noLonger(String reason) {
        return "A correction does not fit any more (" + reason + "). Open the version and let it follow again.";
    }

    /** Values of the row's own that its formats pass over, and why, by the formats' ids. */
    private static Map<String, String> corrections(Project filled, Scene scene, Row row) {
        Map<String, String> found = new HashMap<>();
        for (Misfits.Found misfit : Misfits.of(filled, scene)) {
            row.own().stream()
                    .filter(own -> own.scene().equals(scene.id())
                            && own.format() != null
                            && own.values().contains(misfit.filling()))
                    .forEach(own -> found.put(own.format(), misfit.reason()));
        }
        return found;
    }

    /** Words that are gone before they can be read. */
    private static Optional<PageView.Problem> tooFast(BlockScore score, double perSecond) {
        double on = (score.timing().end() - score.timing().start()) / perSecond;
        return score.block().asWords().map(TextBlock::text).flatMap(text -> {
            double needed = READ.seconds(text.strip().length(), text.strip().split("\\s+").length);
            return needed <= on
                    ? Optional.empty()
                    : Optional.of(new PageView.Problem(
                            score.block().id(),
                            "Reading it takes %.1f s, and it is on for %.1f s. Use fewer words, or let it stay longer."
                                    .formatted(needed, on)));
        });
    }

    /** Told once where it is so in every format. */
    private static void add(
            Project project, Row row, Format format, PageView.Problem problem, List<CellProblem> problems) {
        String field = project.fields().stream()
                .filter(one -> one.opens().stream()
                                .anyMatch(opened -> opened.at().contains("/blocks/" + problem.block() + "/"))
                        || asks(project, problem.block(), one.id()))
                .map(Field::id)
                .findFirst()
                .orElse("");
        CellProblem found = new CellProblem(row.id(), format.id(), field, problem.message());
        boolean everywhere = problems.stream()
                .anyMatch(one -> one.row().equals(row.id()) && one.message().equals(problem.message()));
        if (!everywhere) {
            problems.add(found);
        }
    }

    /** Whether the words of a block are built of a field. */
    private static boolean asks(Project project, String block, String field) {
        return project.scenes().stream()
                .flatMap(scene -> scene.blocks().stream())
                .filter(one -> one.id().equals(block))
                .flatMap(one -> one.asWords().map(TextBlock::says).stream())
                .anyMatch(says -> Wording.read(says).fields().contains(field));
    }
}
