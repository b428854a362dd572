package knollwind.server.project;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface KeptStateRepository extends JpaRepository<KeptStateEntity, UUID> {
    List<KeptStateEntity> findByProjectIdOrderByKeptAtDesc(String projectId);

    Optional<KeptStateEntity> findByProjectIdAndId(String projectId, UUID id);
}
