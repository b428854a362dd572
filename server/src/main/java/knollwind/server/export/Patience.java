package knollwind.server.export;

import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.transaction.TransactionException;

/** Waits for the database when it is away, so that what has been made is not made once more. */
final class Patience {
    private static final Logger LOG = LoggerFactory.getLogger(Patience.class);
    private static final long PAUSE_MS = 1_000;

    /** So often it is asked before what was made is given up: half an hour. */
    private static final int MOST = 1_800;

    private Patience() {}

    /** Does it, as soon as the database is there. */
    static void wait(Runnable transaction) throws InterruptedException {
        for (int i = 1; ; i++) {
            try {
                transaction.run();
                return;
            } catch (DataAccessException | TransactionException e) {
                if (i == MOST) {
                    throw e;
                }
                if (i == 1) {
                    LOG.warn("The database is away; waiting for it", e);
                }
            }
            Thread.sleep(PAUSE_MS);
        }
    }

    /** Its answer, or another one while the database is away. */
    static <T> T now(Supplier<T> asked, T away) {
        try {
            return asked.get();
        } catch (DataAccessException | TransactionException e) {
            LOG.debug("The database is away", e);
            return away;
        }
    }
}
