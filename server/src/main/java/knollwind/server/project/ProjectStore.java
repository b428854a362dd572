package knollwind.server.project;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import knollwind.core.frame.SoundCheck;
import knollwind.core.scene.DocumentJson;
import knollwind.core.scene.Patch;
import knollwind.core.scene.Project;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Keeps projects and their revisions. Every change is one transaction. */
@Service
public class ProjectStore {
    /** A saved document. */
    public record Saved(String id, long revision, JsonNode document) {}

    /** A project in the list. */
    public record Summary(String id, String name, long revision, Instant updatedAt, List<String> scenes) {}

    /** A revision in the list. */
    public record RevisionSummary(long number, Instant savedAt) {}

    private final ProjectRepository projects;
    private final RevisionRepository revisions;

    ProjectStore(ProjectRepository projects, RevisionRepository revisions) {
        this.projects = projects;
        this.revisions = revisions;
    }

    @Transactional(readOnly = true)
    public List<Summary> list() {
        return projects.present().stream()
                .map(entity -> new Summary(
                        entity.id,
                        entity.name,
                        entity.revision,
                        entity.updatedAt,
                        DocumentJson.tree(entity.document)
                                .get("scenes")
                                .valueStream()
                                .map(scene -> scene.get("id").asString())
                                .toList()))
                .toList();
    }

    /** True when there is a project with this id, or was one that is deleted now. */
    public boolean knows(String id) {
        return projects.existsById(id);
    }

    /** The newest document of a project that is not deleted. */
    @Transactional(readOnly = true)
    public Saved load(String id) {
        ProjectEntity entity = projects.findById(id)
                .filter(found -> found.deletedAt == null)
                .orElseThrow(() -> new MissingException("There is no project '" + id + "'. It may have been deleted."));
        return saved(entity);
    }

    /** The number of a project's newest revision. */
    @Transactional(readOnly = true)
    public long newest(String id) {
        return projects.newest(id)
                .orElseThrow(() -> new MissingException("There is no project '" + id + "'. It may have been deleted."));
    }

    /** The document as it was at an earlier revision. */
    @Transactional(readOnly = true)
    public Saved load(String id, long number) {
        Saved newest = load(id);
        checkRevision(newest.revision(), number);
        JsonNode document = newest.document();
        for (RevisionEntity revision : revisions.findByProjectIdAndNumberGreaterThanOrderByNumberDesc(id, number)) {
            Patch inverse = DocumentJson.read(DocumentJson.tree(revision.inverse), Patch.class);
            document = inverse.apply(document).document();
        }
        return new Saved(id, number, document);
    }

    /** @throws MissingException for a number that no revision has */
    static void checkRevision(long newest, long number) {
        if (number < 1 || number > newest) {
            throw new MissingException("The project has revisions 1 to " + newest + ", not " + number + ".");
        }
    }

    @Transactional(readOnly = true)
    public List<RevisionSummary> revisions(String id) {
        load(id);
        return revisions.findByProjectIdOrderByNumberDesc(id).stream()
                .map(revision -> new RevisionSummary(revision.number, revision.savedAt))
                .toList();
    }

    /** Puts a new project in; its document must be sound. A used id is refused. */
    @Transactional
    public Saved create(JsonNode document) {
        Project project = DocumentJson.read(document);
        SoundCheck.check(project);
        if (projects.existsById(project.id())) {
            throw new IllegalArgumentException("there is a project with the id '" + project.id() + "' already");
        }
        ProjectEntity entity = new ProjectEntity();
        entity.id = project.id();
        entity.name = project.name();
        entity.revision = 1;
        entity.document = DocumentJson.MAPPER.writeValueAsString(document);
        entity.createdAt = Instant.now();
        entity.updatedAt = entity.createdAt;
        projects.save(entity);
        return saved(entity);
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
        ProjectEntity entity = projects.findForUpdate(id)
                .filter(found -> found.deletedAt == null)
                .orElseThrow(() -> new MissingException("There is no project '" + id + "'. It may have been deleted."));
        Optional<RevisionEntity> known = revisions.findByProjectIdAndChangeId(id, change);
        if (known.isPresent()) {
            return known.get().number;
        }
        if (entity.revision != base) {
            throw new ConflictException(entity.revision, entity.document);
        }
        Patch.Result result = patch.apply(DocumentJson.tree(entity.document));
        Project project = DocumentJson.read(result.document());
        SoundCheck.check(project);
        if (!project.id().equals(id)) {
            throw new IllegalArgumentException("a project keeps its id");
        }
        entity.revision = base + 1;
        entity.name = project.name();
        entity.document = DocumentJson.MAPPER.writeValueAsString(result.document());
        entity.updatedAt = Instant.now();
        RevisionEntity revision = new RevisionEntity();
        revision.projectId = id;
        revision.number = entity.revision;
        revision.changeId = change;
        revision.inverse = DocumentJson.MAPPER.writeValueAsString(result.inverse());
        revision.savedAt = entity.updatedAt;
        revisions.save(revision);
        return entity.revision;
    }

    /** Hides the project; {@link #restore} brings it back. */
    @Transactional
    public void delete(String id) {
        load(id);
        projects.findForUpdate(id).orElseThrow().deletedAt = Instant.now();
    }

    @Transactional
    public Saved restore(String id) {
        ProjectEntity entity = projects.findForUpdate(id)
                .orElseThrow(() -> new MissingException("There is no project '" + id + "' to bring back."));
        entity.deletedAt = null;
        return saved(entity);
    }

    private static Saved saved(ProjectEntity entity) {
        return new Saved(entity.id, entity.revision, DocumentJson.tree(entity.document));
    }
}
