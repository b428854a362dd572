package knollwind.server.project;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A project as the list tells of it. Its documents are in snapshots and revisions. */
@Entity
@Table(name = "project")
class ProjectEntity {
    /** Characters that a reason has in the list. */
    private static final int LONGEST_REASON = 2000;

    @Id
    String id;

    String name;
    long revision;

    /** Ids of its scenes, in order. */
    @JdbcTypeCode(SqlTypes.JSON)
    @Column(columnDefinition = "jsonb")
    List<String> scenes;

    int documentVersion;

    /** Whether it is made to be used in others: published, and not edited. */
    boolean template;

    /** Why the newest document cannot be read; null when it can. */
    String damage;

    Instant createdAt;
    Instant updatedAt;
    Instant deletedAt;

    /** Takes what the list tells from a document that can be read. */
    void tell(Project project) {
        name = project.name();
        scenes = project.scenes().stream().map(Scene::id).toList();
        documentVersion = project.documentVersion();
        damage = null;
        updatedAt = Instant.now();
    }

    /** Notes why the newest document cannot be read. */
    DamagedException damaged(RuntimeException fault) {
        String reason = String.valueOf(fault.getMessage());
        damage = reason.length() > LONGEST_REASON ? reason.substring(0, LONGEST_REASON) : reason;
        return new DamagedException(reason, fault);
    }
}
