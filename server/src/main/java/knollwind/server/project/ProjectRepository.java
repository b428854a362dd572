package knollwind.server.project;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface ProjectRepository extends JpaRepository<ProjectEntity, String> {
    @Query("select p from ProjectEntity p where p.deletedAt is null and not p.template order by p.updatedAt desc")
    List<ProjectEntity> present();

    @Query("select p from ProjectEntity p where p.deletedAt is null and p.template order by p.name")
    List<ProjectEntity> templates();

    @Query("select p.revision from ProjectEntity p where p.id = :id and p.deletedAt is null")
    Optional<Long> newest(String id);

    @Query("select p.id from ProjectEntity p where p.documentVersion < :version order by p.id")
    List<String> older(int version);

    /** The project, kept from other writers until the transaction ends. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select p from ProjectEntity p where p.id = :id")
    Optional<ProjectEntity> findForUpdate(String id);

    /**
     * The same for one that is not deleted.
     *
     * @throws MissingException when there is none
     */
    default ProjectEntity locked(String id) {
        return findForUpdate(id)
                .filter(found -> found.deletedAt == null)
                .orElseThrow(() -> new MissingException(MissingException.GONE.formatted(id)));
    }
}
