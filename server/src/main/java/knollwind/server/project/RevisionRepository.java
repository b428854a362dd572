package knollwind.server.project;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface RevisionRepository extends JpaRepository<RevisionEntity, Long> {
    List<RevisionEntity> findByProjectIdOrderByNumberDesc(String projectId);

    Optional<RevisionEntity> findByProjectIdAndChangeId(String projectId, String changeId);

    List<RevisionEntity> findByProjectIdAndNumberGreaterThanOrderByNumberDesc(String projectId, long number);
}
