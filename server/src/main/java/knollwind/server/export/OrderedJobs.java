package knollwind.server.export;

import knollwind.core.document.DocumentJson;
import knollwind.core.document.Upgrades;
import knollwind.core.frame.SceneSequence;
import knollwind.core.scene.Project;
import knollwind.paint.ExportKind;
import knollwind.paint.Frames;
import knollwind.server.project.ProjectStore;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What was ordered, as a job that can be carried out. */
@Component
class OrderedJobs {
    private final ProjectStore projects;

    OrderedJobs(ProjectStore projects) {
        this.projects = projects;
    }

    /** What is made of an export, with its document. One that was ordered before an update is of the version of that time. */
    ObjectNode of(ExportEntity export) {
        ObjectNode job = (ObjectNode) DocumentJson.tree(export.job);
        job.set("project", document(export, job));
        return job;
    }

    private JsonNode document(ExportEntity export, ObjectNode job) {
        if (export.rowId == null) {
            return Upgrades.upgraded(job.get("project"));
        }
        JsonNode state = Upgrades.upgraded(
                projects.load(export.projectId, export.revision).document());
        return DocumentJson.tree(ExportService.read(state, export.rowId));
    }

    /** All that are made of it. */
    static Frames frames(ObjectNode job) {
        JsonNode stretch = job.path("stretch");
        if (stretch.isObject()) {
            return DocumentJson.read(stretch, Frames.class);
        }
        Project project = DocumentJson.read(job.get("project"));
        return new Frames(
                0,
                job.path("film").asBoolean(false)
                        ? SceneSequence.length(project)
                        : project.scene(job.get("scene").asString()).length());
    }

    static ExportKind kind(ExportEntity export) {
        return DocumentJson.read(DocumentJson.tree(export.job).get("kind"), ExportKind.class);
    }
}
