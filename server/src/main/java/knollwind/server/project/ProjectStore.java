package knollwind.server.project;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import knollwind.core.check.DocumentCheck;
import knollwind.core.document.DocumentException;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Patch;
import knollwind.core.document.StorableJson;
import knollwind.core.document.Upgrades;
import knollwind.core.filling.Misfits;
import knollwind.core.scene.Filling;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.server.events.ChangeFeed;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Keeps projects and their revisions. Every change is one transaction. */
@Service
public class ProjectStore {
    /** A saved document. */
    public record Saved(String id, long revision, JsonNode document) {}

    /**
     * A project in the list.
     *
     * @param damage why its newest state cannot be read; empty when it can
     */
    public record Summary(
            String id, String name, long revision, Instant updatedAt, List<String> scenes, String damage) {}

    /** A revision in the list. */
    public record RevisionSummary(long number, Instant savedAt) {}

    private static final String GONE = "There is no project '%s'. It may have been deleted.";

    /** So many revisions are looked at for one that can be read. */
    private static final int LONGEST_WAY_BACK = 1000;

    private final ProjectRepository projects;
    private final RevisionRepository revisions;
    private final Documents documents;
    private final ChangeFeed feed;

    ProjectStore(ProjectRepository projects, RevisionRepository revisions, Documents documents, ChangeFeed feed) {
        this.projects = projects;
        this.revisions = revisions;
        this.documents = documents;
        this.feed = feed;
    }

    @Transactional(readOnly = true)
    public List<Summary> list() {
        return projects.present().stream()
                .map(entity -> new Summary(
                        entity.id,
                        entity.name,
                        entity.revision,
                        entity.updatedAt,
                        entity.scenes,
                        entity.damage == null ? "" : entity.damage))
                .toList();
    }

    /** True when there is a project with this id, or was one that is deleted now. */
    public boolean knows(String id) {
        return projects.existsById(id);
    }

    /**
     * The newest document of a project that is not deleted.
     *
     * @throws DamagedException when it cannot be read any more; the list tells it then
     */
    @Transactional(noRollbackFor = DamagedException.class)
    public Saved load(String id) {
        ProjectEntity entity = present(id);
        try {
            return new Saved(id, entity.revision, documents.at(id, entity.revision));
        } catch (IllegalArgumentException | IllegalStateException e) {
            throw damaged(entity, e);
        }
    }

    /** Checks a project's newest document whole; what is found is told by the list, and nothing when it is sound. */
    @Transactional(noRollbackFor = DamagedException.class)
    public void checkUp(String id) {
        ProjectEntity entity = present(id);
        try {
            sound(documents.at(id, entity.revision));
            entity.damage = null;
        } catch (IllegalArgumentException | IllegalStateException e) {
            throw damaged(entity, e);
        }
    }

    private static DamagedException damaged(ProjectEntity entity, RuntimeException fault) {
        String reason = String.valueOf(fault.getMessage());
        entity.damage = reason.length() > 2000 ? reason.substring(0, 2000) : reason;
        return new DamagedException(reason, fault);
    }

    private ProjectEntity present(String id) {
        return projects.findById(id)
                .filter(found -> found.deletedAt == null)
                .orElseThrow(() -> new MissingException(GONE.formatted(id)));
    }

    /** The number of a project's newest revision. */
    @Transactional(readOnly = true)
    public long newest(String id) {
        return projects.newest(id).orElseThrow(() -> new MissingException(GONE.formatted(id)));
    }

    /** The document as it was at a revision; one that was read lately is not asked of the database again. */
    public Saved load(String id, long number) {
        Optional<JsonNode> known = documents.known(id, number);
        if (known.isPresent()) {
            return new Saved(id, number, known.get());
        }
        checkRevision(newest(id), number);
        return new Saved(id, number, documents.at(id, number));
    }

    /** @throws MissingException for a number that no revision has */
    static void checkRevision(long newest, long number) {
        if (number < 1 || number > newest) {
            throw new MissingException("The project has revisions 1 to " + newest + ", not " + number + ".");
        }
    }

    @Transactional(readOnly = true)
    public List<RevisionSummary> revisions(String id) {
        newest(id);
        return revisions.findByProjectIdOrderByNumberDesc(id).stream()
                .map(revision -> new RevisionSummary(revision.number, revision.savedAt))
                .toList();
    }

    /** Puts a new project in; its document must be sound. A used id is refused. */
    @Transactional
    public Saved create(JsonNode document) {
        return createUpgraded(Upgrades.upgraded(StorableJson.check(document)));
    }

    private Saved createUpgraded(JsonNode document) {
        Project project = sound(document);
        if (projects.existsById(project.id())) {
            throw new IllegalArgumentException("there is a project with the id '" + project.id() + "' already");
        }
        ProjectEntity entity = new ProjectEntity();
        entity.id = project.id();
        entity.revision = 1;
        entity.createdAt = Instant.now();
        told(entity, project);
        projects.saveAndFlush(entity);
        documents.snapshot(entity.id, 1, document);
        return new Saved(entity.id, 1, document);
    }

    @Transactional
    public Saved duplicate(String id) {
        ObjectNode copy = (ObjectNode) load(id).document().deepCopy();
        copy.put("id", UUID.randomUUID().toString());
        copy.put("name", shortened(copy.get("name").asString()) + " copy");
        return create(copy);
    }

    private static String shortened(String name) {
        return name.length() > 190 ? name.substring(0, 190) : name;
    }

    /** The project that a document reads back as, the way it is stored, if it is sound. */
    private static Project sound(JsonNode document) {
        Project project = DocumentJson.read(DocumentJson.tree(DocumentJson.MAPPER.writeValueAsString(document)));
        DocumentCheck.check(project);
        return project;
    }

    /** What the list tells of a project. */
    private static void told(ProjectEntity entity, Project project) {
        entity.name = project.name();
        entity.scenes = project.scenes().stream().map(Scene::id).toList();
        entity.documentVersion = project.documentVersion();
        entity.damage = null;
        entity.updatedAt = Instant.now();
    }

    /**
     * Saves a patch as the next revision.
     *
     * @param base the revision that the patch builds on
     * @param change the sender's own name for the change; a change that is saved already is not made again
     * @return the revision's number
     * @throws ConflictException with the newer document when there is one
     */
    @Transactional
    public long save(String id, long base, String change, Patch patch) {
        ProjectEntity entity = locked(id);
        String fingerprint = fingerprint(patch);
        Optional<RevisionEntity> known = revisions.findByProjectIdAndChangeId(id, change);
        if (known.isPresent()) {
            if (known.get().fingerprint != null && !known.get().fingerprint.equals(fingerprint)) {
                throw new IllegalArgumentException("another change was saved under the name '" + change
                        + "' already; give this one a name of its own");
            }
            return known.get().number;
        }
        JsonNode now = documents.at(id, entity.revision);
        if (entity.revision != base) {
            throw new ConflictException(entity.revision, now);
        }
        Patch.Result result = patch.apply(now);
        Project project = sound(result.document());
        if (!project.id().equals(id)) {
            throw new IllegalArgumentException("a project keeps its id");
        }
        checkFillings(now, project);
        next(entity, project, result.document(), change, fingerprint, patch, result.inverse());
        return entity.revision;
    }

    /** A value that is filled in must fit when it is made; one that no longer fits, since what it filled changed, is kept. */
    private static void checkFillings(JsonNode before, Project after) {
        List<Misfits.Found> found = Misfits.of(after);
        if (found.isEmpty()) {
            return;
        }
        Set<Filling> known = Misfits.fillings(DocumentJson.read(before));
        for (Misfits.Found misfit : found) {
            if (!known.contains(misfit.filling())) {
                throw new DocumentException(misfit.at() + "/" + misfit.filling().id(), misfit.reason(), null);
            }
        }
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
        Project project = sound(after);
        documents.snapshot(id, entity.revision, before);
        next(entity, project, after, "upgraded-" + UUID.randomUUID(), null, null, null);
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
        damaged(projects.findForUpdate(id).orElseThrow(), fault);
    }

    /**
     * Goes back to the newest revision that can be read, as a revision of its own.
     *
     * @throws MissingException when there is none
     */
    @Transactional
    public Saved mend(String id) {
        ProjectEntity entity = locked(id);
        for (long number = entity.revision; number > Math.max(0, entity.revision - LONGEST_WAY_BACK); number--) {
            try {
                JsonNode document = Upgrades.upgraded(documents.at(id, number));
                Project project = sound(document);
                if (number < entity.revision) {
                    next(entity, project, document, "mended-" + UUID.randomUUID(), null, null, null);
                    documents.snapshot(id, entity.revision, document);
                } else {
                    entity.damage = null;
                }
                return new Saved(id, entity.revision, document);
            } catch (IllegalArgumentException | IllegalStateException unreadable) {
                // The one before may be better.
                continue;
            }
        }
        throw new MissingException("None of the project's last " + LONGEST_WAY_BACK + " states can be read.");
    }

    private void next(
            ProjectEntity entity,
            Project project,
            JsonNode document,
            String change,
            String fingerprint,
            Patch patch,
            Patch inverse) {
        entity.revision++;
        told(entity, project);
        RevisionEntity revision = new RevisionEntity();
        revision.projectId = entity.id;
        revision.number = entity.revision;
        revision.changeId = change;
        revision.fingerprint = fingerprint;
        revision.patch = patch == null ? null : DocumentJson.MAPPER.writeValueAsString(patch);
        revision.inverse = inverse == null ? null : DocumentJson.MAPPER.writeValueAsString(inverse);
        revision.savedAt = entity.updatedAt;
        revisions.save(revision);
        if (entity.revision % Documents.SNAPSHOT_EVERY == 0) {
            documents.snapshot(entity.id, entity.revision, document);
        }
        feed.tell(ChangeFeed.Topic.PROJECT, entity.id);
        afterwards(() -> documents.remember(entity.id, entity.revision, document));
    }

    private static void afterwards(Runnable action) {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                action.run();
            }
        });
    }

    private static String fingerprint(Patch patch) {
        byte[] json = DocumentJson.MAPPER.writeValueAsString(patch).getBytes(StandardCharsets.UTF_8);
        return HexFormat.of().formatHex(digest().digest(json));
    }

    private static MessageDigest digest() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java platform has SHA-256", e);
        }
    }

    private ProjectEntity locked(String id) {
        return projects.findForUpdate(id)
                .filter(found -> found.deletedAt == null)
                .orElseThrow(() -> new MissingException(GONE.formatted(id)));
    }

    /** Hides the project; {@link #restore} brings it back. */
    @Transactional
    public void delete(String id) {
        locked(id).deletedAt = Instant.now();
    }

    @Transactional
    public Saved restore(String id) {
        ProjectEntity entity = projects.findForUpdate(id)
                .orElseThrow(() -> new MissingException("There is no project '" + id + "' to bring back."));
        entity.deletedAt = null;
        return new Saved(id, entity.revision, documents.at(id, entity.revision));
    }
}
