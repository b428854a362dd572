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
import java.util.stream.Collectors;
import knollwind.core.check.DocumentCheck;
import knollwind.core.document.Differences;
import knollwind.core.document.DocumentException;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Patch;
import knollwind.core.document.StorableJson;
import knollwind.core.document.Upgrades;
import knollwind.core.filling.Misfits;
import knollwind.core.scene.Filling;
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

    /**
     * A project in the list.
     *
     * @param damage why its newest state cannot be read; empty when it can
     */
    public record Summary(
            String id, String name, long revision, Instant updatedAt, List<String> scenes, String damage) {}

    /** A template, as its newest state has it. */
    public record Template(String id, long revision, Instant updatedAt, JsonNode document) {}

    /** A revision in the list. */
    public record RevisionSummary(long number, Instant savedAt) {}

    private final ProjectRepository projects;
    private final RevisionRepository revisions;
    private final Documents documents;
    private final RevisionLog log;

    ProjectStore(ProjectRepository projects, RevisionRepository revisions, Documents documents, RevisionLog log) {
        this.projects = projects;
        this.revisions = revisions;
        this.documents = documents;
        this.log = log;
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

    /** All templates, by their names. */
    @Transactional(readOnly = true)
    public List<Template> templates() {
        return projects.templates().stream()
                .map(entity -> new Template(
                        entity.id, entity.revision, entity.updatedAt, documents.at(entity.id, entity.revision)))
                .toList();
    }

    /**
     * Publishes a template, or its newer state under the id that it has. One that was deleted is there again.
     *
     * @throws IllegalArgumentException when there is a project with its id that is none
     */
    @Transactional
    public Saved publish(JsonNode document) {
        JsonNode upgraded = Upgrades.upgraded(StorableJson.check(document));
        String id = upgraded.path("id").asString("");
        Optional<ProjectEntity> there = projects.findForUpdate(id);
        if (there.isEmpty()) {
            Saved saved = createUpgraded(upgraded);
            projects.locked(id).template = true;
            return saved;
        }
        ProjectEntity entity = there.get();
        if (!entity.template) {
            throw new IllegalArgumentException("there is a project with the id '" + id + "' already");
        }
        entity.deletedAt = null;
        JsonNode now = documents.at(id, entity.revision);
        if (DocumentJson.read(now).equals(sound(upgraded))) {
            return new Saved(id, entity.revision, now);
        }
        Patch patch = new Patch(Differences.ofMembers(now, upgraded));
        Patch.Result result = patch.apply(now);
        log.append(
                entity,
                sound(result.document()),
                result.document(),
                new RevisionLog.Change("publish " + UUID.randomUUID(), fingerprint(patch), patch, result.inverse()));
        return new Saved(id, entity.revision, result.document());
    }

    /** True when there is a project with this id, or was one that is deleted now. */
    public boolean knows(String id) {
        return projects.existsById(id);
    }

    /** True when there is one that is not deleted. */
    @Transactional(readOnly = true)
    public boolean isPresent(String id) {
        return projects.newest(id).isPresent();
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
            throw entity.damaged(e);
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
            throw entity.damaged(e);
        }
    }

    private ProjectEntity present(String id) {
        return projects.findById(id)
                .filter(found -> found.deletedAt == null)
                .orElseThrow(() -> new MissingException(MissingException.GONE.formatted(id)));
    }

    /** The number of a project's newest revision. */
    @Transactional(readOnly = true)
    public long newest(String id) {
        return projects.newest(id).orElseThrow(() -> new MissingException(MissingException.GONE.formatted(id)));
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
        entity.tell(project);
        projects.saveAndFlush(entity);
        documents.snapshot(entity.id, 1, document);
        return new Saved(entity.id, 1, document);
    }

    @Transactional
    public Saved duplicate(String id) {
        ObjectNode copy = (ObjectNode) load(id).document().deepCopy();
        copy.put("id", UUID.randomUUID().toString());
        copy.put("name", copyOf(copy.get("name").asString()));
        return create(copy);
    }

    /** A name for a copy that no project has: "Piers copy", "Piers copy 2". */
    private String copyOf(String name) {
        String stem = name.replaceFirst(" copy( \\d+)?$", "");
        String first = (stem.length() > 180 ? stem.substring(0, 180) : stem) + " copy";
        Set<String> taken =
                projects.present().stream().map(project -> project.name).collect(Collectors.toSet());
        String free = first;
        for (int number = 2; taken.contains(free); number++) {
            free = first + " " + number;
        }
        return free;
    }

    /** The project that a document reads back as, the way it is stored, if it is sound. */
    static Project sound(JsonNode document) {
        Project project = DocumentJson.read(DocumentJson.tree(DocumentJson.MAPPER.writeValueAsString(document)));
        DocumentCheck.check(project);
        return project;
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
        ProjectEntity entity = projects.locked(id);
        if (entity.template) {
            throw new IllegalArgumentException(
                    "a template is published, not edited; make a project of it, and publish that");
        }
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
        log.append(
                entity,
                project,
                result.document(),
                new RevisionLog.Change(change, fingerprint, patch, result.inverse()));
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

    /** Hides the project; {@link #restore} brings it back. */
    @Transactional
    public void delete(String id) {
        projects.locked(id).deletedAt = Instant.now();
    }

    @Transactional
    public Saved restore(String id) {
        ProjectEntity entity = projects.findForUpdate(id)
                .orElseThrow(() -> new MissingException("There is no project '" + id + "' to bring back."));
        entity.deletedAt = null;
        return new Saved(id, entity.revision, documents.at(id, entity.revision));
    }
}
