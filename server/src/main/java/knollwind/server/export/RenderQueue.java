package knollwind.server.export;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.SchedulerClient;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Duration;
import java.util.UUID;
import javax.sql.DataSource;
import knollwind.server.Settings;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.datasource.TransactionAwareDataSourceProxy;

/**
 * The render queue: db-scheduler on the same database, so that more workers on other machines can join by pointing at it.
 * A worker that stops showing a heartbeat is taken for dead and its export is run anew.
 */
@Configuration
class RenderQueue {
    /** One export uses all processors; two would take twice as long each, and twice the memory. */
    private static final int AT_ONCE = 1;

    /** After so many a worker is taken for dead: one slow write does not end an export. */
    private static final int MISSED_HEARTBEATS = 4;

    @Bean
    OneTimeTask<Void> renderTask(ExportTask exports) {
        return Tasks.oneTime("render").execute((instance, context) -> exports.run(UUID.fromString(instance.getId())));
    }

    /** Queues inside the transaction that makes the export, so that neither is there without the other. */
    @Bean
    SchedulerClient renderClient(DataSource dataSource, OneTimeTask<Void> renderTask) {
        return SchedulerClient.Builder.create(new TransactionAwareDataSourceProxy(dataSource), renderTask)
                .build();
    }

    @Bean(initMethod = "start", destroyMethod = "stop")
    Scheduler renderScheduler(DataSource dataSource, OneTimeTask<Void> renderTask, Settings settings) {
        return Scheduler.create(dataSource, renderTask)
                .threads(AT_ONCE)
                .pollingInterval(Duration.ofMillis(500))
                .heartbeatInterval(settings.heartbeat())
                .missedHeartbeatsLimit(MISSED_HEARTBEATS)
                .shutdownMaxWait(Duration.ofSeconds(1))
                .build();
    }
}
