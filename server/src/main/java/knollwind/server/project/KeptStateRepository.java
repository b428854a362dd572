package knollwind.server.project;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface KeptStateRepository extends JpaRepository<KeptStateEntity, UUID> {
    /** The newest first, without their pictures. */
    @Query("select new knollwind.server.project.KeptStates$Kept(s.id, s.revision, s.name, s.byHand, s.scene, s.frame,"
            + " case when s.picture is null then false else true end, s.keptAt)"
            + " from KeptStateEntity s where s.projectId = :project order by s.keptAt desc")
    List<KeptStates.Kept> of(String project);

    Optional<KeptStateEntity> findByProjectIdAndId(String projectId, UUID id);
}
