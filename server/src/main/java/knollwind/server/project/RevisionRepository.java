package knollwind.server.project;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface RevisionRepository extends JpaRepository<RevisionEntity, Long> {
    List<RevisionEntity> findByProjectIdOrderByNumberDesc(String projectId);

    List<RevisionEntity> findByProjectIdAndNumberGreaterThanOrderByNumberDesc(String projectId, long number);
}
