package knollwind.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.function.Predicate;
import java.util.stream.Stream;
import knollwind.core.document.DocumentJson;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import tools.jackson.databind.JsonNode;

/** A server that makes nothing itself, and workers that come, go and are killed. */
@Timeout(240)
class WorkersTest {
    private static final HttpClient CLIENT = HttpClient.newHttpClient();
    private static final Map<String, String> ALONE = Map.of("KNOLLWIND_DEMO_MEDIA", "no", "KNOLLWIND_AT_ONCE", "0");

    private static TestDatabase database;
    private static ServerProcess server;
    private static Path shared;

    private final List<ServerProcess> workers = new ArrayList<>();

    @BeforeAll
    static void begin() throws IOException {
        database = new TestDatabase();
        shared = Files.createTempDirectory("knollwind-shared");
        Map<String, String> environment = new java.util.HashMap<>(ALONE);
        environment.put("KNOLLWIND_SHARED", shared.toString());
        server = new ServerProcess(database, database.port(), environment).start();
    }

    @AfterAll
    static void end() {
        server.close();
        database.close();
    }

    @AfterEach
    void dismiss() {
        workers.forEach(ServerProcess::close);
    }

    private ServerProcess worker(String name) {
        return worker(name, Map.of());
    }

    private ServerProcess worker(String name, Map<String, String> environment) {
        ServerProcess worker = ServerProcess.worker(database, name, environment);
        workers.add(worker);
        return worker;
    }

    private static HttpResponse<byte[]> send(HttpRequest.Builder request) throws Exception {
        return CLIENT.send(request.build(), HttpResponse.BodyHandlers.ofByteArray());
    }

    private static HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create(server.address() + path));
    }

    private static JsonNode get(String path) throws Exception {
        HttpResponse<byte[]> answer = send(request(path));
        return answer.statusCode() == 200 ? DocumentJson.tree(new String(answer.body(), "UTF-8")) : null;
    }

    private static JsonNode post(String path, String quotedOnce) throws Exception {
        HttpResponse<byte[]> answer = send(request(path)
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(quotedOnce.replace('\'', '"'))));
        String body = new String(answer.body(), "UTF-8");
        assertThat(answer.statusCode()).as(body).isLessThan(300);
        return body.isEmpty() ? null : DocumentJson.tree(body);
    }

    private static String project(String name, String operations) throws Exception {
        String id = post(
                        "/api/projects",
                        "{'name':'" + name + "','width':320,'height':180,'rate':{'numerator':24,'denominator':1},"
                                + "'beginning':'title'}")
                .get("id")
                .asString();
        post(
                "/api/projects/" + id + "/revisions",
                "{'base':1,'change':'" + id + "','patch':{'operations':" + operations + "}}");
        return id;
    }

    /** Versions of a title, as many as that. */
    private static String signs(String name, int count) throws Exception {
        StringBuilder rows = new StringBuilder();
        for (int i = 0; i < count; i++) {
            rows.append(i == 0 ? "" : ",").append("{'id':'r%d','values':{'words':'PIER %d'}}".formatted(i, i));
        }
        return project(
                name,
                "[{'op':'set','at':'fields','value':[{'id':'words','name':'Words','kind':'text',"
                        + "'opens':[{'at':'scenes/scene-1/blocks/title/text'}]}]},"
                        + "{'op':'set','at':'table','value':{'rows':[" + rows + "]}}]");
    }

    private static void make(String id, String kind) throws Exception {
        post(
                "/api/projects/" + id + "/versions",
                "{'order':{'scene':'scene-1','format':'wide','kind':'" + kind + "','frame':40,'transparent':false}}");
    }

    private static JsonNode watch(String path, Predicate<JsonNode> until) throws Exception {
        long deadline = System.nanoTime() + TimeUnit.SECONDS.toNanos(60);
        while (true) {
            JsonNode now = get(path);
            if (now != null && until.test(now)) {
                return now;
            }
            assertThat(System.nanoTime()).as("waited for %s: %s", path, now).isLessThan(deadline);
            Thread.sleep(100);
        }
    }

    private static String state(JsonNode workers, String name) {
        return workers.valueStream()
                .filter(one -> one.get("name").asString().equals(name))
                .map(one -> one.get("state").asString())
                .findFirst()
                .orElse("");
    }

    private static long made(JsonNode batch, String worker) {
        return batch.get("cells")
                .valueStream()
                .filter(cell -> cell.get("worker").asString().equals(worker))
                .count();
    }

    @Test
    void one_of_two_is_killed_and_each_version_is_made_once() throws Exception {
        String id = signs("Piers", 10);
        make(id, "mp4");
        String versions = "/api/projects/" + id + "/versions";
        assertThat(get(versions).get("made").asInt()).isZero();
        ServerProcess first = worker("lantern");
        worker("beacon");
        watch(versions, now -> now.get("made").asInt() >= 2);
        JsonNode busy = watch(
                "/api/workers",
                now -> now.valueStream()
                        .anyMatch(one -> one.get("name").asString().equals("lantern")
                                && one.get("doing").asString().startsWith("Piers-PIER-")));
        assertThat(state(busy, "lantern")).isEqualTo("works");
        first.kill();
        JsonNode over = watch(versions, now -> now.get("over").asBoolean());
        assertThat(over.get("made").asInt()).isEqualTo(10);
        assertThat(made(over, "beacon")).isPositive();
        watch("/api/workers", now -> state(now, "lantern").equals("silent"));
        assertThat(database.count("select count(distinct file_id) from export where project_id = '" + id + "'"))
                .isEqualTo(10);
        assertThat(database.count("select count(*) from stored_file where media_type = 'video/mp4'"
                        + " and id not in (select file_id from export where file_id is not null)"))
                .as("files that nobody has")
                .isZero();
    }

    @Test
    void one_that_was_taken_for_dead_delivers_nothing() throws Exception {
        String id = project("Held", "[{'op':'set','at':'scenes/scene-1/length','value':400}]");
        post(
                "/api/projects/" + id + "/exports",
                "{'scene':'scene-1','format':'wide','kind':'zip','frame':0,'transparent':false}");
        ServerProcess sleeper = worker("sleeper");
        String exports = "/api/projects/" + id + "/exports";
        watch(exports, now -> now.get(0).get("done").asInt() > 0);
        signal(sleeper, "STOP");
        worker("waker");
        JsonNode done = watch(exports, now -> now.get(0).get("state").asString().equals("done"));
        assertThat(database.count("select count(*) from export where worker = 'waker' and attempts = 2"))
                .isEqualTo(1);
        String file = "/api/exports/" + done.get(0).get("id").asString() + "/file";
        byte[] taken = send(request(file)).body();
        signal(sleeper, "CONT");
        watch("/api/workers", now -> state(now, "sleeper").equals("waits"));
        Thread.sleep(1500);
        assertThat(send(request(file)).body()).isEqualTo(taken);
        assertThat(database.count("select count(*) from stored_file where media_type = 'application/zip'"))
                .isEqualTo(1);
        assertThat(database.count("select count(*) from export where worker = 'waker' and attempts = 2"))
                .isEqualTo(1);
    }

    private static void signal(ServerProcess process, String signal) throws Exception {
        for (ProcessHandle one : Stream.concat(
                        Stream.of(process.process().toHandle()),
                        process.process().toHandle().descendants())
                .toList()) {
            new ProcessBuilder("kill", "-" + signal, Long.toString(one.pid()))
                    .start()
                    .waitFor();
        }
    }

    @Test
    void a_long_film_is_made_in_stretches_and_joined_in_the_shared_folder() throws Exception {
        String id = project("Crossing", "[{'op':'set','at':'scenes/scene-1/length','value':720}]");
        Map<String, String> environment = Map.of("KNOLLWIND_SHARED", shared.toString());
        worker("port", environment);
        worker("starboard", environment);
        watch(
                "/api/workers",
                now -> state(now, "port").equals("waits")
                        && state(now, "starboard").equals("waits"));
        String order = "{'scene':'scene-1','format':'wide','kind':'mp4','also':['zip'],'frame':0,'transparent':false}";
        post("/api/projects/" + id + "/exports", order);
        String exports = "/api/projects/" + id + "/exports";
        watch(exports, now -> database.count("select count(distinct worker) from stretch") == 2);
        JsonNode done = watch(
                exports,
                now -> now.valueStream()
                        .allMatch(one -> one.get("state").asString().equals("done")));
        assertThat(database.count("select count(*) from stretch")).isZero();
        for (JsonNode one : done) {
            byte[] file = send(request("/api/exports/" + one.get("id").asString() + "/file"))
                    .body();
            if (one.get("fileName").asString().endsWith(".mp4")) {
                Path film = Files.write(Files.createTempFile("crossing", ".mp4"), file);
                assertThat(frames(film)).isEqualTo("720");
            } else {
                assertThat(new java.util.zip.ZipInputStream(new java.io.ByteArrayInputStream(file))
                                .getNextEntry()
                                .getName())
                        .isEqualTo("00000.png");
            }
        }
        assertThat(database.count("select count(*) from file_chunk c join stored_file f on f.id = c.file_id"
                        + " where f.media_type in ('video/mp4', 'application/zip') and f.place is not null"))
                .as("nothing of it is in the database")
                .isZero();
        try (Stream<Path> files = Files.list(shared)) {
            assertThat(files.map(file -> file.getFileName().toString()))
                    .hasSize(2)
                    .noneMatch(name -> name.endsWith(".part"));
        }
    }

    private static String frames(Path film) throws Exception {
        Process probe = new ProcessBuilder(
                        "ffprobe",
                        "-v",
                        "error",
                        "-count_frames",
                        "-select_streams",
                        "v:0",
                        "-show_entries",
                        "stream=nb_read_frames",
                        "-of",
                        "csv=p=0",
                        film.toString())
                .start();
        return new String(probe.getInputStream().readAllBytes()).strip();
    }

    @Test
    void one_that_leaves_puts_its_work_back() throws Exception {
        String id = project("Leaving", "[{'op':'set','at':'scenes/scene-1/length','value':20000}]");
        post(
                "/api/projects/" + id + "/exports",
                "{'scene':'scene-1','format':'wide','kind':'mp4','frame':0,'transparent':false}");
        ServerProcess leaver = worker("leaver");
        String exports = "/api/projects/" + id + "/exports";
        watch(exports, now -> now.get(0).get("done").asInt() > 0);
        leaver.process().destroy();
        assertThat(leaver.process().waitFor(20, TimeUnit.SECONDS)).isTrue();
        assertThat(get(exports).get(0).get("state").asString()).isEqualTo("queued");
        assertThat(database.count("select attempts from export where project_id = '" + id + "'"))
                .isZero();
        assertThat(state(get("/api/workers"), "leaver")).isEqualTo("left");
        assertThat(database.count(
                        "select count(*) from scheduled_tasks t join export e on t.task_instance = cast(e.painting as text)"
                                + " where e.project_id = '" + id + "' and not t.picked and t.execution_time <= now()"))
                .as("there for others at once")
                .isEqualTo(1);
        post("/api/exports/" + get(exports).get(0).get("id").asString() + "/cancel", "");
    }

    @Test
    void a_database_that_is_away_is_waited_for() throws Exception {
        String id = project("Away", "[{'op':'set','at':'scenes/scene-1/length','value':300}]");
        try (Wire wire = new Wire(database.port())) {
            ServerProcess waiter = ServerProcess.worker(database, wire.port(), "waiter", Map.of());
            workers.add(waiter);
            watch("/api/workers", now -> state(now, "waiter").equals("waits"));
            post(
                    "/api/projects/" + id + "/exports",
                    "{'scene':'scene-1','format':'wide','kind':'zip','frame':0,'transparent':false}");
            String exports = "/api/projects/" + id + "/exports";
            watch(exports, now -> now.get(0).get("done").asInt() > 0);
            wire.cut();
            watch("/api/workers", now -> state(now, "waiter").equals("silent"));
            // Long enough that what it paints is finished meanwhile.
            Thread.sleep(6_000);
            wire.mend();
            watch(exports, now -> now.get(0).get("state").asString().equals("done"));
            assertThat(waiter.process().isAlive()).isTrue();
            assertThat(database.count("select attempts from export where project_id = '" + id + "'"))
                    .as("what it had painted was not painted again")
                    .isEqualTo(1);
        }
    }

    @Test
    void versions_wait_go_on_and_are_tried_again() throws Exception {
        String id = signs("Turns", 3);
        make(id, "png");
        String versions = "/api/projects/" + id + "/versions";
        String turn = versions + "/" + get(versions).get("batch").asString() + "/turn?to=";
        post(turn + "PAUSE", "");
        worker("patient");
        watch("/api/workers", now -> state(now, "patient").equals("waits"));
        Thread.sleep(1200);
        JsonNode paused = get(versions);
        assertThat(paused.get("paused").asInt()).isEqualTo(3);
        assertThat(paused.get("over").asBoolean()).isFalse();
        post(turn + "RESUME", "");
        watch(versions, now -> now.get("made").asInt() == 3);
        // What has lost its place in the queue finds it again.
        database.execute("update export set state = 'queued', file_id = null where project_id = '" + id + "'");
        watch(versions, now -> now.get("made").asInt() == 3);
        // Nothing of it is made again; what differs in one row is made of that row alone.
        HttpResponse<byte[]> same = send(request(versions)
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(
                        "{'order':{'scene':'scene-1','format':'wide','kind':'png','frame':40,'transparent':false},'changed':true}"
                                .replace('\'', '"'))));
        assertThat(new String(same.body(), "UTF-8")).contains("Nothing has changed since it was made last");
        post(
                "/api/projects/" + id + "/revisions",
                "{'base':2,'change':'x','patch':{'operations':[{'op':'set','at':'table/rows/r1/values/words','value':'QUAY'}]}}");
        JsonNode made = post(
                versions,
                "{'order':{'scene':'scene-1','format':'wide','kind':'png','frame':40,'transparent':false},'changed':true}");
        assertThat(made.get("count").asInt()).isEqualTo(1);
        watch(versions, now -> now.get("over").asBoolean() && now.get("made").asInt() == 1);
        database.execute("update export set state = 'failed', message = 'x', file_id = null where project_id = '" + id
                + "' and batch = '" + made.get("batch").asString() + "'");
        post(versions + "/" + made.get("batch").asString() + "/turn?to=RETRY", "");
        watch(versions, now -> now.get("made").asInt() == 1 && now.get("failed").asInt() == 0);
    }

    @Test
    void a_full_disk_says_whose_it_is() throws Exception {
        Path encoder = Files.createTempFile("encoder", ".sh");
        Files.writeString(
                encoder, "#!/bin/sh\nhead -c 100000 >/dev/null\necho 'out.mp4: No space left on device' >&2\nexit 1\n");
        assertThat(encoder.toFile().setExecutable(true)).isTrue();
        String id = project("Cramped", "[{'op':'set','at':'scenes/scene-1/length','value':40}]");
        post(
                "/api/projects/" + id + "/exports",
                "{'scene':'scene-1','format':'wide','kind':'mp4','frame':0,'transparent':false}");
        worker("cramped", Map.of("KNOLLWIND_FFMPEG", encoder.toString()));
        JsonNode failed = watch(
                "/api/projects/" + id + "/exports",
                now -> now.get(0).get("state").asString().equals("failed"));
        assertThat(failed.get(0).get("message").asString())
                .startsWith("The disk of cramped is full; make room and export again.");
    }

    @Test
    void one_of_another_version_is_turned_away_with_the_reason() throws Exception {
        try (TestDatabase empty = new TestDatabase()) {
            ServerProcess stranger = ServerProcess.worker(empty, "stranger", Map.of());
            workers.add(stranger);
            assertThat(stranger.process().waitFor(60, TimeUnit.SECONDS)).isTrue();
            assertThat(stranger.process().exitValue()).isNotZero();
            assertThat(stranger.said()).contains("another version of Knollwind than this worker");
        }
    }
}
