package knollwind.server.library;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** An easing function under a name. */
@Entity
@Table(name = "own_curve")
class OwnCurveEntity {
    @Id
    String name;

    String function;
}
