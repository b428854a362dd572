package knollwind.server.export;

import com.github.kagkarlsson.scheduler.Scheduler;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.BooleanSupplier;
import java.util.function.IntConsumer;
import javax.sql.DataSource;
import knollwind.core.document.DocumentJson;
import knollwind.server.App;
import knollwind.server.Settings;
import knollwind.server.TestDatabase;
import org.flywaydb.core.Flyway;
import org.springframework.boot.WebApplicationType;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;

/**
 * Many workers on one database whose jobs paint nothing: all that the queue, the claims and the delivery of a small file ask of the
 * database is real. Each worker polls and shows its life by itself; they share one program.
 */
public final class QueueSimulation implements AutoCloseable {
    /** How long a job sleeps in the place of painting. */
    private static volatile int sleepMs;

    private static final byte[] FILE = new byte[20_000];

    private final ConfigurableApplicationContext context;
    private final TestDatabase database = new TestDatabase();
    private final String project;

    /** What so many workers did. */
    public record Result(int workers, int jobs, double seconds) {
        public double perSecond() {
            return jobs / seconds;
        }
    }

    /** In the place of what paints. */
    static class Pretended {
        @Bean
        @Primary
        FlywayMigrationStrategy migrating() {
            return Flyway::migrate;
        }

        @Bean
        @Primary
        Renderer pretend() {
            return new Renderer() {
                @Override
                public Outcome run(String job, BooleanSupplier cancel, IntConsumer progress)
                        throws IOException, InterruptedException {
                    Thread.sleep(sleepMs);
                    Files.write(Path.of(DocumentJson.tree(job).get("file").asString()), FILE);
                    return new Outcome(true, false, "");
                }
            };
        }
    }

    /** @param demo a document whose first scene is ordered */
    public QueueSimulation(JsonNode demo) throws IOException {
        context = new SpringApplicationBuilder(App.class, Pretended.class)
                .web(WebApplicationType.NONE)
                .run(
                        "--spring.datasource.url=" + database.url(),
                        "--spring.datasource.username=" + database.user(),
                        "--spring.datasource.password=" + database.password(),
                        "--spring.datasource.hikari.maximum-pool-size=60",
                        "--knollwind.at-once=0",
                        "--knollwind.work=" + Files.createTempDirectory("knollwind-simulated"));
        project = context.getBean(knollwind.server.project.ProjectStore.class)
                .create(demo)
                .id();
    }

    /** Has so many workers do so many jobs. */
    public Result run(int workers, int jobs, int sleep) throws InterruptedException {
        sleepMs = sleep;
        order(jobs);
        ExportTask task = context.getBean(ExportTask.class);
        Settings settings = context.getBean(Settings.class);
        List<Scheduler> takers = new ArrayList<>();
        for (int i = 0; i < workers; i++) {
            takers.add(
                    QueueTaker.taker(context.getBean(DataSource.class), task, "simulated-" + i, 1, settings.heartbeat())
                            .build());
        }
        long start = System.nanoTime();
        takers.forEach(Scheduler::start);
        while (database.count("select count(*) from export where state <> 'done'") > 0) {
            Thread.sleep(50);
        }
        double seconds = (System.nanoTime() - start) / 1e9;
        takers.parallelStream().forEach(Scheduler::stop);
        if (database.count("select count(distinct file_id) from export") != jobs) {
            throw new IllegalStateException("not every job has one file");
        }
        return new Result(workers, jobs, seconds);
    }

    private void order(int jobs) {
        database.execute("delete from export");
        database.execute("delete from stored_file");
        context.getBean(TransactionTemplate.class).executeWithoutResult(status -> {
            JsonNode document = context.getBean(knollwind.server.project.ProjectStore.class)
                    .load(project)
                    .document();
            ExportOrder order = new ExportOrder(
                    document.get("scenes").get(0).get("id").asString(),
                    document.get("scenes")
                            .get(0)
                            .get("formats")
                            .get(0)
                            .get("id")
                            .asString(),
                    knollwind.paint.ExportKind.PNG,
                    List.of(),
                    0,
                    false,
                    false,
                    null,
                    null,
                    null,
                    null);
            ExportPlan plan = ExportPlan.of(DocumentJson.read(document), order);
            ExportService exports = context.getBean(ExportService.class);
            for (int i = 0; i < jobs; i++) {
                exports.queue(project, plan, null, kind -> UUID.randomUUID() + ".png");
            }
        });
    }

    @Override
    public void close() {
        context.close();
        database.close();
    }
}
