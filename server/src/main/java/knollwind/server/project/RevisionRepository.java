package knollwind.server.project;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface RevisionRepository extends JpaRepository<RevisionEntity, Long> {
    List<RevisionEntity> findByProjectIdOrderByNumberDesc(String projectId);

    Optional<RevisionEntity> findByProjectIdAndChangeId(String projectId, String changeId);

    /** Those with numbers in (after, last], the first one first. */
    List<RevisionEntity> findByProjectIdAndNumberGreaterThanAndNumberLessThanEqualOrderByNumber(
            String projectId, long after, long last);
}
