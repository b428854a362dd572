package knollwind.server.export;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.transaction.annotation.Transactional;

interface StretchRepository extends JpaRepository<StretchEntity, UUID> {
    List<StretchEntity> findByPaintingOrderByFirstFrame(UUID painting);

    /** So that nobody else changes it until the transaction's end. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select s from StretchEntity s where s.id = :id")
    Optional<StretchEntity> held(UUID id);

    @Query("select count(s) > 0 from StretchEntity s where s.id = :id and s.claim = :claim and s.state = 'running'")
    boolean isHeldBy(UUID id, UUID claim);

    @Transactional
    @Modifying
    @Query("update StretchEntity s set s.done = :done where s.id = :id and s.claim = :claim and s.state = 'running'")
    void progress(UUID id, UUID claim, int done);
}
