package knollwind.server.caption;

import jakarta.validation.Valid;
import java.util.List;
import java.util.stream.Stream;
import knollwind.core.caption.CaptionForm;
import knollwind.core.directions.caption.CaptionScript;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Upgrades;
import knollwind.core.filling.Filler;
import knollwind.core.scene.CaptionColumn;
import knollwind.core.scene.Captions;
import knollwind.core.scene.NamedTimes;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.server.draft.DraftRequest;
import knollwind.server.draft.Drafts;
import knollwind.server.files.Downloads;
import knollwind.server.project.ProjectStore;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What there is to say of a scene's captions, and files of them. */
@RestController
class CaptionController {
    /**
     * The captions of a draft's scene.
     *
     * @param script null for a scene without captions
     * @param voices the voices that captions can be made from: their words are known
     */
    record CaptionsView(CaptionScript script, List<Speaking> voices) {}

    /** A sound whose words are known. */
    record Speaking(String id, String name) {}

    /**
     * A form that captions can be written in.
     *
     * @param looks whether it keeps where single captions stand, and how they look
     */
    record CaptionFormView(String ending, String label, boolean looks) {}

    private final Drafts drafts;
    private final ProjectStore store;
    private final Downloads downloads;

    CaptionController(Drafts drafts, ProjectStore store, Downloads downloads) {
        this.drafts = drafts;
        this.store = store;
        this.downloads = downloads;
    }

    @PostMapping("/api/projects/{id}/captions")
    CaptionsView captions(@PathVariable String id, @Valid @RequestBody DraftRequest request) {
        Project project = Filler.plain(drafts.document(id, request));
        Scene scene = project.scene(request.scene());
        return new CaptionsView(
                scene.captions() == null ? null : CaptionScript.of(project, scene, scene.format(request.format())),
                NamedTimes.of(project, scene).spoken().stream()
                        .map(spoken ->
                                new Speaking(spoken.sound().id(), spoken.sound().name()))
                        .toList());
    }

    @GetMapping("/api/caption-forms")
    List<CaptionFormView> forms() {
        return Stream.of(CaptionForm.values())
                .map(form -> new CaptionFormView(form.ending(), form.label(), form.keepsLooks()))
                .toList();
    }

    /**
     * A file of a saved scene's captions.
     *
     * @param form by its ending
     * @param column id; the first when it is left out
     */
    @GetMapping("/api/projects/{id}/scenes/{scene}/captions.{form}")
    ResponseEntity<byte[]> file(
            @PathVariable String id,
            @PathVariable String scene,
            @PathVariable String form,
            @RequestParam(required = false) String column) {
        CaptionForm wanted = CaptionForm.of(form);
        Project project =
                Filler.plain(DocumentJson.read(Upgrades.upgraded(store.load(id).document())));
        Scene found = project.scene(scene);
        Captions row = found.captions();
        if (row == null) {
            throw new IllegalArgumentException("the scene \u201c" + found.name() + "\u201d has no captions");
        }
        CaptionColumn told = row.column(column);
        String name = found.name() + (row.columns().size() > 1 ? ", " + told.name() : "") + "." + wanted.ending();
        return downloads.answer(wanted.write(CaptionScript.written(project, found, told)), wanted.mediaType(), name);
    }
}
