package knollwind.server.project;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.Optional;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Patch;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** The documents of revisions, put together from snapshots and patches. */
@Component
class Documents {
    /** A whole document is stored at every so many revisions: a patch takes about a millisecond, reading one some tens. */
    static final int SNAPSHOT_EVERY = 50;

    private record Key(String project, long number) {}

    private final SnapshotRepository snapshots;
    private final RevisionRepository revisions;
    private final Cache<Key, JsonNode> known =
            Caffeine.newBuilder().maximumSize(64).build();

    Documents(SnapshotRepository snapshots, RevisionRepository revisions) {
        this.snapshots = snapshots;
        this.revisions = revisions;
    }

    /**
     * The document of a revision. Documents share what they have in common, so none may be written to.
     *
     * @throws IllegalStateException when nothing leads there
     */
    JsonNode at(String project, long number) {
        return known.get(new Key(project, number), key -> read(project, number));
    }

    /** The document of a revision, if it was read or saved lately. */
    Optional<JsonNode> known(String project, long number) {
        return Optional.ofNullable(known.getIfPresent(new Key(project, number)));
    }

    private JsonNode read(String project, long number) {
        Optional<SnapshotEntity> before =
                snapshots.findFirstByProjectIdAndNumberLessThanEqualOrderByNumberDesc(project, number);
        if (before.isPresent()) {
            Optional<JsonNode> forwards = forwards(before.get(), number);
            if (forwards.isPresent()) {
                return forwards.get();
            }
        }
        SnapshotEntity after = snapshots
                .findFirstByProjectIdAndNumberGreaterThanEqualOrderByNumber(project, number)
                .orElseThrow(() -> new IllegalStateException("no document leads to revision " + number));
        JsonNode document = DocumentJson.tree(after.document);
        List<RevisionEntity> between = between(project, number, after.number);
        for (int i = between.size() - 1; i >= 0; i--) {
            document = patch(between.get(i).inverse).apply(document).document();
        }
        return document;
    }

    /** Nothing where a patch is missing on the way: revisions from before patches were kept are reached from behind. */
    private Optional<JsonNode> forwards(SnapshotEntity from, long number) {
        List<RevisionEntity> between = between(from.projectId, from.number, number);
        if (between.stream().anyMatch(revision -> revision.patch == null)) {
            return Optional.empty();
        }
        JsonNode document = DocumentJson.tree(from.document);
        for (RevisionEntity revision : between) {
            document = patch(revision.patch).apply(document).document();
        }
        return Optional.of(document);
    }

    private List<RevisionEntity> between(String project, long after, long last) {
        return revisions.findByProjectIdAndNumberGreaterThanAndNumberLessThanEqualOrderByNumber(project, after, last);
    }

    private static Patch patch(String json) {
        return DocumentJson.read(DocumentJson.tree(json), Patch.class);
    }

    /** Notes the document of a revision whose transaction has ended well. */
    void remember(String project, long number, JsonNode document) {
        known.put(new Key(project, number), document);
    }

    /** Stores a whole document, unless that of the revision is there. */
    void snapshot(String project, long number, JsonNode document) {
        SnapshotEntity.Key key = new SnapshotEntity.Key(project, number);
        if (snapshots.existsById(key)) {
            return;
        }
        SnapshotEntity snapshot = new SnapshotEntity();
        snapshot.projectId = project;
        snapshot.number = number;
        snapshot.document = DocumentJson.MAPPER.writeValueAsString(document);
        snapshots.save(snapshot);
    }
}
