package knollwind.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import knollwind.core.document.DocumentJson;
import knollwind.server.TestDatabase;
import knollwind.server.export.QueueSimulation;

/** What a queue on one database carries, and what workers with a processor each make of the demo's versions. */
final class WorkersBench {
    private static final Path FARES = Path.of("..", "demo", "ternholm-fares.json");

    private WorkersBench() {}

    /** The curve to 50 workers: of jobs that are nothing, and of jobs that take a second without a processor. */
    static void simulated() throws IOException, InterruptedException {
        try (QueueSimulation queue = new QueueSimulation(DocumentJson.tree(Files.readString(FARES)))) {
            queue.run(2, 100, 0);
            System.out.println("workers | empty jobs a second | jobs of 1 s a second (of as many as could be)");
            for (int workers : new int[] {1, 2, 5, 10, 20, 35, 50}) {
                QueueSimulation.Result empty = queue.run(workers, Math.min(1_000, 200 + 100 * workers), 0);
                QueueSimulation.Result sleeping = queue.run(workers, 12 * workers, 1_000);
                System.out.printf(
                        "%7d | %19.1f | %.1f of %d%n", workers, empty.perSecond(), sleeping.perSecond(), workers);
            }
        }
    }

    /** A hundred films of one scene; five hundred stills and the memory they take; two hundred with workers killed at random. */
    static void many() throws Exception {
        try (TestDatabase database = new TestDatabase();
                Fares fares = new Fares(database)) {
            fares.become(100, "mp4");
            double whole = fares.makeOnAll();
            double encoder = fares.encoderAlone();
            System.out.printf(
                    "%d versions of a scene of 5 s: %.1f s; the encoder alone %.1f s, so %.2f times and %.1f s (limit 1.2"
                            + " times and 15 s)%n",
                    fares.films(), whole, encoder, whole / encoder, whole - 1.2 * encoder);
            fares.become(200, "png");
            System.out.println("200 stills, " + fares.killedAtRandom(new Random(18)));
            fares.become(500, "png");
            fares.memory(100).forEach(System.out::println);
        }
    }

    /** All versions of the demo's fares, each time anew. */
    static void versions() throws Exception {
        try (TestDatabase database = new TestDatabase();
                Fares fares = new Fares(database)) {
            double one = fares.make(0);
            System.out.printf("one worker on one processor: %d films in %.1f s%n", fares.films(), one);
            double two = fares.make(0, 1);
            System.out.printf(
                    "two workers on a processor each: %.1f s, %.2f times one (limit 1.7); shares %s%n",
                    two, one / two, fares.shares());
            double killed = fares.makeAndKill();
            System.out.printf(
                    "two workers, the first killed after a quarter: %.1f s; shares %s; %s%n",
                    killed, fares.shares(), fares.files());
            TimeUnit.SECONDS.sleep(1);
            double whole = fares.makeOnAll();
            double encoder = fares.encoderAlone();
            System.out.printf(
                    "one machine, all processors: %.1f s; the encoder alone on these frames %.1f s, so %.2f times and %.1f s"
                            + " (limit 1.2 times and 15 s)%n",
                    whole, encoder, whole / encoder, whole - 1.2 * encoder);
        }
    }
}
