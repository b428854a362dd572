package knollwind.server.library;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnMoveRepository extends JpaRepository<OwnMoveEntity, UUID> {
    List<OwnMoveEntity> findAllByOrderByNameAsc();
}
