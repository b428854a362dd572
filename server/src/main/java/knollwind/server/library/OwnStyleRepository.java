package knollwind.server.library;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnStyleRepository extends JpaRepository<OwnStyleEntity, UUID> {
    List<OwnStyleEntity> findAllByOrderByNameAsc();
}
