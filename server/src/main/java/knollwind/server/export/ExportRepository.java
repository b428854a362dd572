package knollwind.server.export;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.transaction.annotation.Transactional;

interface ExportRepository extends JpaRepository<ExportEntity, UUID> {
    List<ExportEntity> findTop50ByProjectIdOrderByCreatedAtDesc(String projectId);

    List<ExportEntity> findByProjectIdAndBatchOrderByCreatedAt(String projectId, UUID batch);

    Optional<ExportEntity> findFirstByProjectIdAndBatchIsNotNullOrderByCreatedAtDesc(String projectId);

    List<ExportEntity> findByPaintingOrderByCreatedAt(UUID painting);

    /** All that are made together, so that nobody else changes them until the transaction's end. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select e from ExportEntity e where e.painting = :painting order by e.createdAt")
    List<ExportEntity> held(UUID painting);

    /** The same of all that were ordered together. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select e from ExportEntity e where e.projectId = :project and e.batch = :batch order by e.createdAt")
    List<ExportEntity> heldBatch(String project, UUID batch);

    /** Paintings that wait and are not in the queue. */
    @Query(
            nativeQuery = true,
            value = "select distinct e.painting from export e where e.state = 'queued' and not exists"
                    + " (select 1 from scheduled_tasks t where t.task_instance = cast(e.painting as text))")
    List<UUID> unqueued();

    @Transactional
    @Modifying
    @Query(
            "update ExportEntity e set e.done = :done where e.painting = :painting and e.claim = :claim and e.state = 'running'")
    void progress(UUID painting, UUID claim, int done);

    /** What has been done of all stretches of a painting. */
    @Transactional
    @Modifying
    @Query("update ExportEntity e set e.done = (select sum(s.done) from StretchEntity s where s.painting = :painting)"
            + " where e.painting = :painting and e.state = 'running'")
    void progressOfStretches(UUID painting);

    @Transactional
    @Modifying
    @Query("update ExportEntity e set e.cancelAsked = true where e.id = :id")
    void askCancel(UUID id);

    /** What those versions of a project are made of that are there, or will be. */
    @Query("select e.madeOf from ExportEntity e where e.projectId = :project and e.madeOf is not null"
            + " and e.state in ('done', 'queued', 'running')")
    Set<String> madeOf(String project);

    /** Of all that is not over; 0 where there is none. */
    @Query("select coalesce(max(e.priority), 0) from ExportEntity e where e.state in ('queued', 'running', 'paused')")
    int highestPriority();

    /** Seconds a pixel of the last export of a kind that was made, beyond those of its start; null where there is none. */
    @Query(
            nativeQuery = true,
            value = "select greatest(0, extract(epoch from finished_at - started_at) - :start) / pixels from export"
                    + " where state = 'done' and pixels > 0 and started_at is not null and job->>'kind' = :kind"
                    + " order by finished_at desc limit 1")
    Double lastPace(String kind, double start);
}
