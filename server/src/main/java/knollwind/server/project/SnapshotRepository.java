package knollwind.server.project;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface SnapshotRepository extends JpaRepository<SnapshotEntity, SnapshotEntity.Key> {
    Optional<SnapshotEntity> findFirstByProjectIdAndNumberLessThanEqualOrderByNumberDesc(String projectId, long number);

    Optional<SnapshotEntity> findFirstByProjectIdAndNumberGreaterThanEqualOrderByNumber(String projectId, long number);
}
