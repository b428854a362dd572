package knollwind.server.export;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.transaction.annotation.Transactional;

interface ExportRepository extends JpaRepository<ExportEntity, UUID> {
    List<ExportEntity> findTop50ByProjectIdOrderByCreatedAtDesc(String projectId);

    @Transactional
    @Modifying
    @Query("update ExportEntity e set e.done = :done, e.total = :total where e.id = :id")
    void progress(UUID id, int done, int total);

    @Transactional
    @Modifying
    @Query("update ExportEntity e set e.state = 'running', e.attempts = e.attempts + 1, e.done = 0 where e.id = :id")
    void begin(UUID id);

    @Transactional
    @Modifying
    @Query("update ExportEntity e set e.cancelAsked = true where e.id = :id")
    void askCancel(UUID id);

    @Query("select e.cancelAsked from ExportEntity e where e.id = :id")
    boolean cancelAsked(UUID id);
}
