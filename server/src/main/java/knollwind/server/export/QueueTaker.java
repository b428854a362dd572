package knollwind.server.export;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.SchedulerBuilder;
import com.github.kagkarlsson.scheduler.SchedulerName;
import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.FixedDelay;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import javax.sql.DataSource;
import knollwind.server.Settings;
import knollwind.server.worker.Workers;
import org.springframework.boot.autoconfigure.condition.ConditionalOnExpression;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Lazy;

/** Takes work from the queue. Whoever shows no sign of life any more is taken for dead, and its work is done anew. */
@Configuration
@ConditionalOnExpression("${knollwind.at-once} > 0")
class QueueTaker {
    /** Until something is tried once more that failed for want of the database. */
    private static final Duration AGAIN = Duration.ofSeconds(2);

    private static final Duration MENDED = Duration.ofSeconds(20);

    /** Something that a task does. */
    private interface Doing {
        void run(UUID id) throws InterruptedException;
    }

    @Lazy(false)
    @Bean(initMethod = "start", destroyMethod = "stop")
    Scheduler renderScheduler(
            DataSource dataSource,
            ExportTask exports,
            ExportRepository repository,
            RenderQueue queue,
            Settings settings,
            Workers workers) {
        // What was told to go on while somebody was just passing over it has lost its place.
        RecurringTask<Void> mend = Tasks.recurring("mend", FixedDelay.of(MENDED))
                .execute((instance, context) ->
                        repository.unqueued().forEach(painting -> queue.put(RenderQueue.Work.RENDER, painting, 0)));
        return taker(dataSource, exports, workers.name(), settings.atOnce(), settings.heartbeat())
                .startTasks(mend)
                .build();
    }

    /** Takes work under a name. */
    static SchedulerBuilder taker(
            DataSource dataSource, ExportTask exports, String name, int atOnce, Duration heartbeat) {
        List<Task<?>> tasks = List.of(
                task(RenderQueue.Work.RENDER, exports::render),
                task(RenderQueue.Work.STRETCH, exports::stretch),
                task(RenderQueue.Work.JOIN, exports::join));
        return Scheduler.create(dataSource, tasks)
                .schedulerName(new SchedulerName.Fixed(name))
                .threads(atOnce)
                // Never more than is begun at once: what lies with one could not be taken by another.
                .pollUsingLockAndFetch(0.5, 1)
                .pollingInterval(Duration.ofMillis(500))
                .enablePriority()
                .heartbeatInterval(heartbeat)
                .missedHeartbeatsLimit(Settings.MISSED_HEARTBEATS)
                .shutdownMaxWait(Duration.ofSeconds(5));
    }

    private static Task<Void> task(RenderQueue.Work work, Doing doing) {
        return Tasks.oneTime(work.task())
                // What was put back by one who leaves is for the others at once.
                .onFailure((end, queue) -> queue.reschedule(
                        end,
                        end.getCause().filter(PutBack.class::isInstance).isPresent()
                                ? Instant.now()
                                : Instant.now().plus(AGAIN)))
                .execute((instance, context) -> {
                    try {
                        doing.run(UUID.fromString(instance.getId()));
                    } catch (InterruptedException e) {
                        throw new PutBack(e);
                    }
                });
    }

    /** One who leaves has put its work back. */
    private static final class PutBack extends RuntimeException {
        PutBack(InterruptedException cause) {
            super(cause);
        }
    }
}
