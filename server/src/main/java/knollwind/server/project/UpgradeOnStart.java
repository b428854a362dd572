package knollwind.server.project;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.boot.autoconfigure.condition.ConditionalOnWebApplication;
import org.springframework.stereotype.Component;

/** Brings all documents to the present version before the first page is answered; one that cannot be is told as damaged. */
@Component
@ConditionalOnWebApplication
class UpgradeOnStart implements SmartInitializingSingleton {
    private static final Logger LOG = LoggerFactory.getLogger(UpgradeOnStart.class);

    private final ProjectRepairs repairs;

    UpgradeOnStart(ProjectRepairs repairs) {
        this.repairs = repairs;
    }

    @Override
    public void afterSingletonsInstantiated() {
        for (String id : repairs.older()) {
            try {
                if (repairs.upgrade(id)) {
                    LOG.info("Upgraded the project {}", id);
                }
            } catch (IllegalArgumentException | IllegalStateException e) {
                LOG.warn("The project {} could not be upgraded: {}", id, e.getMessage());
                repairs.damaged(id, e);
            }
        }
    }
}
