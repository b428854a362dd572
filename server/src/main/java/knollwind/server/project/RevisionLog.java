package knollwind.server.project;

import knollwind.core.document.DocumentJson;
import knollwind.core.document.Patch;
import knollwind.core.scene.Project;
import knollwind.server.events.ChangeFeed;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import tools.jackson.databind.JsonNode;

/** Writes revisions, inside the transaction of whoever changes a project. */
@Component
class RevisionLog {
    /**
     * What makes a revision of the one before.
     *
     * @param name the sender's own, or one of ours
     * @param fingerprint of the patch; null without one
     * @param patch null where the document was written as a whole
     * @param inverse null where the document was written as a whole
     */
    record Change(String name, String fingerprint, Patch patch, Patch inverse) {
        static Change whole(String name) {
            return new Change(name, null, null, null);
        }
    }

    private final RevisionRepository revisions;
    private final Documents documents;
    private final ChangeFeed feed;

    RevisionLog(RevisionRepository revisions, Documents documents, ChangeFeed feed) {
        this.revisions = revisions;
        this.documents = documents;
        this.feed = feed;
    }

    /**
     * Writes a document as the next revision of its project.
     *
     * @param entity the project, locked
     * @param project the document, read
     */
    void append(ProjectEntity entity, Project project, JsonNode document, Change change) {
        entity.revision++;
        entity.tell(project);
        RevisionEntity revision = new RevisionEntity();
        revision.projectId = entity.id;
        revision.number = entity.revision;
        revision.changeId = change.name();
        revision.fingerprint = change.fingerprint();
        revision.patch = json(change.patch());
        revision.inverse = json(change.inverse());
        revision.savedAt = entity.updatedAt;
        revisions.save(revision);
        if (entity.revision % Documents.SNAPSHOT_EVERY == 0) {
            documents.snapshot(entity.id, entity.revision, document);
        }
        feed.tell(ChangeFeed.Topic.PROJECT, entity.id);
        long number = entity.revision;
        afterwards(() -> documents.remember(entity.id, number, document));
    }

    private static String json(Patch patch) {
        return patch == null ? null : DocumentJson.MAPPER.writeValueAsString(patch);
    }

    private static void afterwards(Runnable action) {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                action.run();
            }
        });
    }
}
