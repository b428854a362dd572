package knollwind.server.export;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.transaction.annotation.Transactional;

interface ExportRepository extends JpaRepository<ExportEntity, UUID> {
    List<ExportEntity> findTop50ByProjectIdOrderByCreatedAtDesc(String projectId);

    List<ExportEntity> findByProjectIdAndBatchOrderByCreatedAt(String projectId, UUID batch);

    Optional<ExportEntity> findFirstByProjectIdAndBatchIsNotNullOrderByCreatedAtDesc(String projectId);

    List<ExportEntity> findByPaintingOrderByCreatedAt(UUID painting);

    @Transactional
    @Modifying
    @Query("update ExportEntity e set e.done = :done, e.total = :total where e.id in :ids and e.state = 'running'")
    void progress(Collection<UUID> ids, int done, int total);

    @Transactional
    @Modifying
    @Query("update ExportEntity e set e.state = 'running', e.attempts = e.attempts + 1, e.done = 0,"
            + " e.startedAt = current_timestamp where e.id in :ids")
    void begin(Collection<UUID> ids);

    @Transactional
    @Modifying
    @Query("update ExportEntity e set e.cancelAsked = true where e.id = :id")
    void askCancel(UUID id);

    /** Of these, those that go on and are asked to stop. */
    @Query("select e.id from ExportEntity e where e.id in :ids and e.cancelAsked and e.state = 'running'")
    List<UUID> cancelAsked(Collection<UUID> ids);

    /** Seconds a pixel of the last export of a kind that was made, beyond those of its start; null where there is none. */
    @Query(
            nativeQuery = true,
            value = "select greatest(0, extract(epoch from finished_at - started_at) - :start) / pixels from export"
                    + " where state = 'done' and pixels > 0 and started_at is not null and job->>'kind' = :kind"
                    + " order by finished_at desc limit 1")
    Double lastPace(String kind, double start);
}
