package knollwind.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;

/** The server as a process of its own, which can be killed and started again on the same database and port. */
public final class ServerProcess implements AutoCloseable {
    private static final HttpClient CLIENT = HttpClient.newHttpClient();
    private static final String JIT = System.getProperty("knollwind.test.jit", "1");

    private final TestDatabase database;
    private final int databasePort;
    private final int port;
    private final Path work;
    private final Map<String, String> environment;
    private Process process;
    /** Null for a server. */
    private String worker;

    /**
     * @param databasePort where the server finds PostgreSQL; the database's own port, or one in front of it
     * @param environment added to the process' environment
     */
    public ServerProcess(TestDatabase database, int databasePort, Map<String, String> environment) {
        this.database = database;
        this.databasePort = databasePort;
        this.environment = environment;
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
            work = Files.createTempDirectory("knollwind-work");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public int port() {
        return port;
    }

    public String address() {
        return "http://127.0.0.1:" + port;
    }

    /** A worker in the place of a server: it serves nothing, and its name is in its environment. */
    public static ServerProcess worker(TestDatabase database, String name, Map<String, String> environment) {
        return worker(database, database.port(), name, environment);
    }

    /** The same with something in front of the database. */
    public static ServerProcess worker(
            TestDatabase database, int databasePort, String name, Map<String, String> environment) {
        Map<String, String> all = new HashMap<>(environment);
        all.put("KNOLLWIND_WORKER", name);
        ServerProcess process = new ServerProcess(database, databasePort, all);
        process.worker = name;
        return process.launch();
    }

    /** What it has said so far. */
    public String said() {
        try {
            return Files.readString(work.resolve("server.log"));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public Process process() {
        return process;
    }

    /** Starts the process without waiting for it to be ready. */
    public ServerProcess launch() {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Xmx1500m",
                // A test's server is young when it dies: it spends more on getting ready than on all that it is asked.
                "-XX:TieredStopAtLevel=" + JIT,
                "-XX:+Use" + (JIT.equals("4") ? "G1GC" : "SerialGC"),
                "-cp",
                System.getProperty("java.class.path"),
                "knollwind.server.App",
                worker == null ? "--server.port=" + port : "worker",
                "--knollwind.heartbeat=1s"));
        if (!JIT.equals("4")) {
            // What is compiled for good is worth warming up; tests wait for nothing.
            command.add("--knollwind.warm-up=0s");
        }
        ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
        builder.redirectOutput(work.resolve("server.log").toFile());
        builder.environment().put("KNOLLWIND_DB_URL", database.url(databasePort));
        builder.environment().put("KNOLLWIND_DB_USER", database.user());
        builder.environment().put("KNOLLWIND_DB_PASSWORD", database.password());
        builder.environment().put("KNOLLWIND_WORK", work.toString());
        builder.environment().put("KNOLLWIND_DEMO", Path.of("..", "demo").toString());
        builder.environment().putAll(environment);
        try {
            process = builder.start();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return this;
    }

    /** Starts the process and waits until it is healthy. */
    public ServerProcess start() {
        launch();
        long deadline = System.nanoTime() + TimeUnit.SECONDS.toNanos(90);
        while (System.nanoTime() < deadline && process.isAlive()) {
            try {
                HttpRequest request = HttpRequest.newBuilder(URI.create(address() + "/api/projects"))
                        .timeout(Duration.ofSeconds(2))
                        .build();
                if (CLIENT.send(request, HttpResponse.BodyHandlers.discarding()).statusCode() == 200) {
                    return this;
                }
            } catch (IOException notYet) {
                // It is still coming up.
            } catch (InterruptedException e) {
                throw new IllegalStateException(e);
            }
            pause();
        }
        try {
            throw new IllegalStateException(
                    "the server did not start:\n" + Files.readString(work.resolve("server.log")));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Ends the process at once, as a power cut would; its export workers notice by their closed pipes. */
    public void kill() {
        process.destroyForcibly();
        try {
            process.waitFor();
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private static void pause() {
        try {
            TimeUnit.MILLISECONDS.sleep(100);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    @Override
    public void close() {
        kill();
    }
}
