package knollwind.server.library;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnCurveRepository extends JpaRepository<OwnCurveEntity, String> {
    List<OwnCurveEntity> findAllByOrderByNameAsc();
}
