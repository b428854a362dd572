package knollwind.server.table;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import knollwind.core.document.DocumentJson;
import knollwind.core.edit.TakeInTable;
import knollwind.core.scene.Check;
import knollwind.core.scene.Project;
import knollwind.core.table.Intake;
import knollwind.core.table.TableFile;
import knollwind.core.table.TableReader;
import knollwind.core.table.TableWriter;
import knollwind.server.draft.DraftRequest;
import knollwind.server.draft.Drafts;
import knollwind.server.files.Downloads;
import knollwind.server.files.UploadKind;
import knollwind.server.project.ProjectStore;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Tables of versions. */
@RestController
class TableController {
    private final Drafts drafts;
    private final RowCheck check;
    private final ProjectStore store;
    private final Downloads downloads;

    TableController(Drafts drafts, RowCheck check, ProjectStore store, Downloads downloads) {
        this.drafts = drafts;
        this.check = check;
        this.store = store;
        this.downloads = downloads;
    }

    /** The rows as they are saved, to be changed elsewhere and taken in again. */
    @GetMapping("/api/projects/{id}/table.csv")
    ResponseEntity<byte[]> csv(@PathVariable String id) {
        Project project = DocumentJson.read(store.load(id).document());
        return downloads.answer(TableWriter.csv(project), "text/csv", project.name() + ".csv");
    }

    /** What is to be compared: a table that was read, and the draft that it would be taken into. */
    record Comparison(
            @NotNull @Valid DraftRequest draft, @NotNull TakeInTable table) {}

    /** What would become of the rows that are there. */
    record Compared(int added, int changed, int same, int gone, int locked, List<String> notes) {}

    /** Names of columns, to be matched with the fields of a draft. */
    record Columns(
            @NotNull @Valid DraftRequest draft, @NotNull List<String> columns) {}

    /**
     * Rows that are to be looked at.
     *
     * @param draft whose scene is meant
     * @param rows their ids, {@value RowCheck#MOST} at most
     */
    record Asked(
            @NotNull @Valid DraftRequest draft, @NotNull List<String> rows) {
        Asked {
            rows = Check.list(rows);
        }
    }

    /** Reads comma-separated values and their like, JSON, or a workbook, as the request's body; nothing is taken in yet. */
    @PostMapping(path = UploadKind.Path.TABLES, consumes = MediaType.ALL_VALUE)
    TableFile read(
            @RequestParam String name,
            @RequestParam(required = false) String separator,
            @RequestParam(required = false) Boolean headed,
            HttpServletRequest request)
            throws IOException {
        return TableReader.read(UploadKind.TABLE.read(request.getInputStream()), separator, headed);
    }

    /** The ids of the fields that columns are of, by their names; empty for those that are of none. */
    @PostMapping("/api/projects/{id}/table/columns")
    List<String> columns(@PathVariable String id, @Valid @RequestBody Columns asked) {
        return Intake.mapped(drafts.document(id, asked.draft()), asked.columns()).stream()
                .map(field -> field == null ? "" : field)
                .toList();
    }

    @PostMapping("/api/projects/{id}/table/compare")
    Compared compare(@PathVariable String id, @Valid @RequestBody Comparison asked) {
        Project project = drafts.document(id, asked.draft());
        TakeInTable table = asked.table();
        AtomicInteger number = new AtomicInteger();
        Intake intake = Intake.of(
                project,
                table.rows(),
                table.fields(),
                table.key(),
                table.removesGone(),
                () -> "new." + number.incrementAndGet());
        return new Compared(
                intake.added(), intake.changed(), intake.same(), intake.gone(), intake.locked(), intake.notes());
    }

    /** What is wrong with rows, in all formats of the draft's scene. */
    @PostMapping("/api/projects/{id}/table/problems")
    RowCheck.Looked problems(@PathVariable String id, @Valid @RequestBody Asked asked) {
        return check.look(id, asked.draft(), asked.rows());
    }
}
