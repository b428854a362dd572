package knollwind.server.export;

import com.github.kagkarlsson.scheduler.SchedulerClient;
import com.github.kagkarlsson.scheduler.task.TaskInstance;
import java.time.Instant;
import java.util.Locale;
import java.util.UUID;
import javax.sql.DataSource;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.TransactionAwareDataSourceProxy;
import org.springframework.stereotype.Component;

/**
 * Puts work into the queue: db-scheduler on the same database, from which any number of programs on any machines take it. What is
 * put there within a transaction is there when that commits.
 */
@Component
class RenderQueue {
    /** What the queue holds. */
    enum Work {
        /** All of a painting, by its id. */
        RENDER,
        /** A stretch of one, by its own id. */
        STRETCH,
        /** What joins the stretches of a painting, by its id. */
        JOIN;

        String task() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    private final SchedulerClient client;
    private final JdbcTemplate jdbc;

    RenderQueue(DataSource dataSource, JdbcTemplate jdbc) {
        this.jdbc = jdbc;
        client = SchedulerClient.Builder.create(new TransactionAwareDataSourceProxy(dataSource))
                .enablePriority()
                .build();
    }

    /** @param priority what is greater is taken first */
    void put(Work work, UUID id, int priority) {
        client.scheduleIfNotExists(
                new TaskInstance.Builder<Void>(work.task(), id.toString())
                        .priority(priority)
                        .build(),
                Instant.now());
    }

    /** Gives what waits another priority. */
    void prefer(UUID id, int priority) {
        jdbc.update(
                "update scheduled_tasks set priority = ? where task_instance = ? and not picked",
                priority,
                id.toString());
    }
}
