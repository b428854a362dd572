package knollwind.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import java.util.stream.Stream;
import knollwind.core.document.DocumentJson;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import tools.jackson.databind.JsonNode;

/**
 * The server killed at chosen points. A trigger makes it wait at the point for a lock that the test holds; then it is
 * killed, started again, and must show all that was saved and nothing that was half done.
 */
@Timeout(240)
class KillTest {
    private static final int LOCK = 4711;
    private static final String FILES = "select count(*) from stored_file";
    private static final String CHUNKS = "select count(*) from file_chunk";

    private static TestDatabase database;
    private static ServerProcess server;

    private final HttpClient client = HttpClient.newHttpClient();

    /** All but the migration go on with what the one before left. */
    @BeforeAll
    static void begin() {
        database = new TestDatabase();
        server = process(database).start();
    }

    @AfterAll
    static void end() {
        server.close();
        database.close();
    }

    private static ServerProcess process(TestDatabase database) {
        return new ServerProcess(database, database.port(), Map.of("KNOLLWIND_DEMO_MEDIA", "no"));
    }

    @Test
    void before_a_save_is_committed() throws Exception {
        String id = project();
        assertThat(post(save(id), change(1, "first", "ONE")).statusCode()).isEqualTo(200);
        holdAt("before insert on revision", "true", () -> post(save(id), change(2, "second", " TWO")));
        server.start();
        assertThat(words(id)).isEqualTo("ONE");
        assertThat(database.count("select revision from project where id = '" + id + "'"))
                .isEqualTo(2);
        assertThat(post(save(id), change(2, "second", " TWO")).statusCode()).isEqualTo(200);
        assertThat(words(id)).isEqualTo("ONE TWO");
    }

    @Test
    void in_the_middle_of_a_commit_whose_answer_is_lost() throws Exception {
        String id = project();
        assertThat(post(save(id), change(1, "first", "ONE")).statusCode()).isEqualTo(200);
        holdAt(
                "after insert on revision deferrable initially deferred",
                "true",
                () -> post(save(id), change(2, "second", " TWO")));
        server.start();
        assertThat(words(id)).isEqualTo("ONE TWO");
        // The page sends the change again under its old name, twice even; it is made once.
        assertThat(post(save(id), change(2, "second", " TWO")).statusCode()).isEqualTo(200);
        assertThat(post(save(id), change(2, "second", " TWO")).statusCode()).isEqualTo(200);
        assertThat(words(id)).isEqualTo("ONE TWO");
    }

    @Test
    void between_two_chunk_rows_of_an_upload() throws Exception {
        byte[] content = new byte[3 << 20];
        long files = database.count(FILES);
        long chunks = database.count(CHUNKS);
        holdAt("before insert on file_chunk", "new.position = 2", () -> upload(content));
        assertThat(database.count(CHUNKS)).isEqualTo(chunks);
        assertThat(database.count(FILES)).isEqualTo(files);
        server.start();
        assertThat(upload(content).statusCode()).isEqualTo(201);
        assertThat(database.count(CHUNKS)).isEqualTo(chunks + 3);
    }

    @Test
    void in_the_middle_of_encoding() throws Exception {
        String id = project();
        post(
                save(id),
                "{\"base\":1,\"change\":\"longer\",\"patch\":{\"operations\":[{\"op\":\"set\",\"at\":\"scenes/scene-1/length\",\"value\":900}]}}");
        assertThat(order(id).statusCode()).isEqualTo(201);
        await(() -> exports(id, "coalesce(max(done), 0)") > 100);
        server.kill();
        assertThat(exports(id, "count(*) filter (where state = 'running' and file_id is null)"))
                .isEqualTo(1);
        server.start();
        await(() -> exports(id, "count(*) filter (where state = 'done')") == 1);
        assertThat(exports(id, "max(attempts)")).isEqualTo(2);
        assertWholeFile(id);
    }

    @Test
    void between_two_chunk_rows_of_a_finished_export() throws Exception {
        String id = project();
        long files = database.count(FILES);
        holdAt("before insert on file_chunk", "new.position = 0", () -> order(id));
        assertThat(database.count(FILES)).isEqualTo(files);
        assertThat(exports(id, "count(*) filter (where state = 'done')")).isZero();
        server.start();
        await(() -> exports(id, "count(*) filter (where state = 'done')") == 1);
        assertWholeFile(id);
    }

    @Test
    void during_the_migration() throws Exception {
        try (TestDatabase fresh = new TestDatabase();
                ServerProcess first = process(fresh)) {
            // In a schema of its own: Flyway starts in an empty one. It waits where half of the tables are made.
            fresh.execute("create schema trap");
            fresh.execute("create function trap.wait_here() returns event_trigger language plpgsql as $$ begin "
                    + "if to_regclass('public.export') is not null then perform pg_advisory_xact_lock(" + LOCK
                    + "); end if; end $$");
            fresh.execute(
                    "create event trigger wait_here on ddl_command_start when tag in ('CREATE TABLE') execute function trap.wait_here()");
            try (Connection holder = hold(fresh)) {
                first.launch();
                await(() -> waits(fresh));
                first.kill();
            }
            fresh.execute("drop event trigger wait_here");
            first.start();
            assertThat(get(first, "/api/projects").toString()).contains("Ternholm night ferry");
            assertThat(fresh.count("select count(*) from flyway_schema_history where success"))
                    .isEqualTo(migrations());
        }
    }

    private static long migrations() throws Exception {
        Path folder = Path.of(
                KillTest.class.getResource("/db/migration/V1__projects.sql").toURI());
        try (Stream<Path> files = Files.list(folder.getParent())) {
            return files.count();
        }
    }

    /** Lets the action run into the trigger, kills the server there, and takes the trigger away. */
    private void holdAt(String when, String condition, Request action) throws Exception {
        database.execute("create function wait_here() returns trigger language plpgsql as $$ begin if " + condition
                + " then perform pg_advisory_xact_lock(" + LOCK + "); end if; return new; end $$");
        boolean deferred = when.contains("deferrable");
        database.execute("create " + (deferred ? "constraint " : "") + "trigger wait_here " + when
                + " for each row execute function wait_here()");
        try (Connection holder = hold(database)) {
            CompletableFuture<Void> running = CompletableFuture.runAsync(() -> {
                try {
                    action.send();
                } catch (Exception cutOff) {
                    // The server dies before it answers.
                }
            });
            await(() -> waits(database));
            server.kill();
            running.get(30, TimeUnit.SECONDS);
        }
        await(() -> database.count(
                        "select count(*) from pg_stat_activity where datname = current_database() and pid <> pg_backend_pid()")
                == 0);
        database.execute("drop function wait_here cascade");
    }

    private interface Request {
        Object send() throws Exception;
    }

    private static Connection hold(TestDatabase database) throws SQLException {
        Connection connection = database.connect();
        try (Statement statement = connection.createStatement()) {
            statement.execute("select pg_advisory_lock(" + LOCK + ")");
        }
        return connection;
    }

    private static boolean waits(TestDatabase database) {
        return database.count("select count(*) from pg_locks where locktype = 'advisory' and objid = " + LOCK
                        + " and not granted")
                > 0;
    }

    private static void await(BooleanSupplier condition) throws InterruptedException {
        long deadline = System.nanoTime() + TimeUnit.SECONDS.toNanos(120);
        while (!condition.getAsBoolean()) {
            assertThat(System.nanoTime()).as("two minutes have passed").isLessThan(deadline);
            TimeUnit.MILLISECONDS.sleep(50);
        }
    }

    /** Something of the exports of a project. */
    private static long exports(String project, String what) {
        return database.count("select " + what + " from export where project_id = '" + project + "'");
    }

    private void assertWholeFile(String project) throws Exception {
        String export = get(server, "/api/projects/" + project + "/exports")
                .get(0)
                .get("id")
                .asString();
        byte[] file = client.send(
                        HttpRequest.newBuilder(URI.create(server.address() + "/api/exports/" + export + "/file"))
                                .build(),
                        HttpResponse.BodyHandlers.ofByteArray())
                .body();
        assertThat(new String(file, 4, 4, StandardCharsets.US_ASCII)).isEqualTo("ftyp");
        String made = "(select file_id from export where project_id = '" + project + "')";
        assertThat((long) file.length)
                .isEqualTo(database.count("select sum(length(content)) from file_chunk where file_id in " + made))
                .isEqualTo(database.count("select size from stored_file where id in " + made));
        assertThat(exports(project, "count(file_id)")).isEqualTo(1);
    }

    private String project() throws Exception {
        return DocumentJson.tree(post(
                                "/api/projects",
                                "{\"name\":\"Killed\",\"width\":320,\"height\":180,\"rate\":{\"numerator\":24,\"denominator\":1}}")
                        .body())
                .get("id")
                .asString();
    }

    private static String save(String id) {
        return "/api/projects/" + id + "/revisions";
    }

    private static String change(long base, String name, String words) {
        return "{\"base\":" + base + ",\"change\":\"" + name
                + "\",\"patch\":{\"operations\":[{\"op\":\"splice\",\"at\":\"scenes/scene-1/blocks/title/text\",\"from\":"
                + (base == 1 ? 0 : 3) + ",\"removed\":0,\"inserted\":\"" + words + "\"}]}}";
    }

    private HttpResponse<String> order(String id) throws IOException, InterruptedException {
        return post(
                "/api/projects/" + id + "/exports",
                "{\"scene\":\"scene-1\",\"format\":\"wide\",\"kind\":\"mp4\",\"frame\":0,\"transparent\":false}");
    }

    private String words(String id) throws Exception {
        return get(server, "/api/projects/" + id)
                .at("/document/scenes/0/blocks/0/text")
                .asString();
    }

    private JsonNode get(ServerProcess server, String path) throws IOException, InterruptedException {
        return DocumentJson.tree(client.send(
                        HttpRequest.newBuilder(URI.create(server.address() + path))
                                .build(),
                        HttpResponse.BodyHandlers.ofString())
                .body());
    }

    private HttpResponse<String> post(String path, String body) throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(server.address() + path))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build();
        return client.send(request, HttpResponse.BodyHandlers.ofString());
    }

    private HttpResponse<String> upload(byte[] content) throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(server.address() + "/api/assets?name=quay.png"))
                .POST(HttpRequest.BodyPublishers.ofByteArray(content))
                .build();
        return client.send(request, HttpResponse.BodyHandlers.ofString());
    }
}
