package knollwind.server.project;

import java.util.List;
import java.util.UUID;
import knollwind.core.document.Upgrades;
import knollwind.core.scene.Project;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;

/** Brings documents of older versions to the present one, and projects that cannot be read back to their last good state. */
@Service
class ProjectRepairs {
    /** So many revisions are looked at for one that can be read. */
    private static final int LONGEST_WAY_BACK = 1000;

    private final ProjectRepository projects;
    private final Documents documents;
    private final RevisionLog log;

    ProjectRepairs(ProjectRepository projects, Documents documents, RevisionLog log) {
        this.log = log;
        this.projects = projects;
        this.documents = documents;
    }

    /**
     * Brings a project's newest document to the present version, as a revision of its own with whole documents on both sides, so
     * that no patch runs across it.
     *
     * @return whether there was anything to do
     */
    @Transactional
    public boolean upgrade(String id) {
        ProjectEntity entity = projects.findForUpdate(id).orElseThrow();
        JsonNode before = documents.at(id, entity.revision);
        if (!Upgrades.isOlder(before)) {
            entity.documentVersion = Upgrades.version(before);
            return false;
        }
        JsonNode after = Upgrades.upgraded(before);
        Project project = ProjectStore.sound(after);
        documents.snapshot(id, entity.revision, before);
        log.append(entity, project, after, RevisionLog.Change.whole("upgraded-" + UUID.randomUUID()));
        documents.snapshot(id, entity.revision, after);
        return true;
    }

    /** The projects whose documents are of an older version, deleted ones too. */
    @Transactional(readOnly = true)
    public List<String> older() {
        return projects.older(Project.DOCUMENT_VERSION);
    }

    /** Notes why a project could not be upgraded. */
    @Transactional
    public void damaged(String id, RuntimeException fault) {
        projects.findForUpdate(id).orElseThrow().damaged(fault);
    }

    /**
     * Goes back to the newest revision that can be read, as a revision of its own.
     *
     * @throws MissingException when there is none
     */
    @Transactional
    public ProjectStore.Saved mend(String id) {
        ProjectEntity entity = projects.locked(id);
        for (long number = entity.revision; number > Math.max(0, entity.revision - LONGEST_WAY_BACK); number--) {
            try {
                JsonNode document = Upgrades.upgraded(documents.at(id, number));
                Project project = ProjectStore.sound(document);
                if (number < entity.revision) {
                    log.append(entity, project, document, RevisionLog.Change.whole("mended-" + UUID.randomUUID()));
                    documents.snapshot(id, entity.revision, document);
                } else {
                    entity.damage = null;
                }
                return new ProjectStore.Saved(id, entity.revision, document);
            } catch (IllegalArgumentException | IllegalStateException unreadable) {
                // The one before may be better.
                continue;
            }
        }
        throw new MissingException("None of the project's last " + LONGEST_WAY_BACK + " states can be read.");
    }
}
