package knollwind.bench;

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
import java.util.Random;
import java.util.TreeMap;
import knollwind.core.document.DocumentJson;
import knollwind.core.scene.FrameRate;
import knollwind.paint.ExportKind;
import knollwind.server.ServerProcess;
import knollwind.server.TestDatabase;
import tools.jackson.databind.JsonNode;

/** The demo's twelve fares in three formats, or more of them, on a server that makes nothing itself, and workers that are started for them. */
final class Fares implements AutoCloseable {
    private static final String NAME = "Ternholm fares";

    private final HttpClient client = HttpClient.newHttpClient();
    private final TestDatabase database;
    private final ServerProcess server;
    private String versions;
    private String scene;
    private String kind = "mp4";
    private String formats = "";
    private JsonNode last;
    private int number;

    Fares(TestDatabase database) throws IOException, InterruptedException {
        this.database = database;
        server = new ServerProcess(
                        database, database.port(), Map.of("KNOLLWIND_AT_ONCE", "0", "KNOLLWIND_DEMO_MEDIA", "no"))
                .start();
        JsonNode project = get("/api/projects")
                .valueStream()
                .filter(one -> one.get("name").asString().equals(NAME))
                .findFirst()
                .orElseThrow();
        open(project.get("id").asString());
    }

    private void open(String id) throws IOException, InterruptedException {
        versions = "/api/projects/" + id + "/versions";
        scene = get("/api/projects/" + id)
                .get("document")
                .get("scenes")
                .get(0)
                .get("id")
                .asString();
    }

    private JsonNode get(String path) throws IOException, InterruptedException {
        return DocumentJson.tree(client.send(
                        HttpRequest.newBuilder(URI.create(server.address() + path))
                                .build(),
                        HttpResponse.BodyHandlers.ofString())
                .body());
    }

    private void order() throws IOException, InterruptedException {
        client.send(
                HttpRequest.newBuilder(URI.create(server.address() + versions))
                        .header("Content-Type", "application/json")
                        .POST(HttpRequest.BodyPublishers.ofString(
                                "{\"order\":{\"scene\":\"%s\",\"format\":\"wide\",\"kind\":\"%s\",\"frame\":60,\"transparent\":false}%s}"
                                        .formatted(scene, kind, formats)))
                        .build(),
                HttpResponse.BodyHandlers.discarding());
    }

    private List<ServerProcess> workers(int... processors) throws IOException, InterruptedException {
        List<ServerProcess> workers = new ArrayList<>();
        for (int processor : processors) {
            ServerProcess worker = ServerProcess.worker(database, "w" + ++number, Map.of());
            if (processor >= 0) {
                new ProcessBuilder(
                                "taskset",
                                "-a",
                                "-p",
                                "-c",
                                Integer.toString(processor),
                                Long.toString(worker.process().pid()))
                        .redirectErrorStream(true)
                        .start()
                        .waitFor();
            }
            workers.add(worker);
        }
        while (get("/api/workers")
                        .valueStream()
                        .filter(one -> one.get("state").asString().equals("waits"))
                        .count()
                < processors.length) {
            Thread.sleep(100);
        }
        return workers;
    }

    private String post(String path, String json) throws IOException, InterruptedException {
        return client.send(
                        HttpRequest.newBuilder(URI.create(server.address() + path))
                                .header("Content-Type", "application/json")
                                .POST(HttpRequest.BodyPublishers.ofString(json))
                                .build(),
                        HttpResponse.BodyHandlers.ofString())
                .body();
    }

    /** From now on a project with so many versions of the scene, in its first format alone. */
    void become(int rows, String of) throws IOException, InterruptedException {
        String before = versions.replaceFirst("/versions$", "");
        String id =
                DocumentJson.tree(post(before + "/duplicate", "{}")).get("id").asString();
        StringBuilder table = new StringBuilder();
        for (int i = 1; i <= rows; i++) {
            table.append(i == 1 ? "" : ",")
                    .append("{\"id\":\"n%d\",\"values\":{\"pier\":\"Quay %d\",\"leaves\":\"%02d:%02d\"}}"
                            .formatted(i, i, 22 + i / 60 % 2, i % 60));
        }
        post(
                "/api/projects/" + id + "/revisions",
                ("{\"base\":1,\"change\":\"rows\",\"patch\":{\"operations\":[{\"op\":\"set\",\"at\":\"table/rows\","
                        + "\"value\":[" + table + "]}]}}"));
        open(id);
        kind = of;
        formats = ",\"formats\":[\"wide\"]";
    }

    /** Two workers, of which one is killed every few seconds and another takes its place. What each place made, and what is there. */
    String killedAtRandom(Random random) throws IOException, InterruptedException {
        List<ServerProcess> workers = new ArrayList<>(workers(0, 1));
        Map<String, Integer> places = new TreeMap<>();
        Map<String, Integer> placeOf = new TreeMap<>();
        placeOf.put("w" + (number - 1), 0);
        placeOf.put("w" + number, 1);
        long[] next = {System.nanoTime() + 5_000_000_000L};
        int[] kills = {0};
        double seconds = over(batch -> {
            if (System.nanoTime() > next[0]) {
                int place = random.nextInt(2);
                workers.get(place).kill();
                kills[0]++;
                workers.set(place, ServerProcess.worker(database, "w" + ++number, Map.of()));
                placeOf.put("w" + number, place);
                next[0] = System.nanoTime() + 15_000_000_000L + random.nextInt(20) * 1_000_000_000L;
            }
            return true;
        });
        leave(workers);
        shares().forEach((name, made) -> places.merge("place " + placeOf.get(name), made, Integer::sum));
        return "%d kills in %.0f s: %s; %s".formatted(kills[0], seconds, places, files());
    }

    /** Memory of a worker and of the process that paints for it, MB, each time so many more are made. */
    List<String> memory(int every) throws IOException, InterruptedException {
        List<ServerProcess> workers = workers(-1);
        List<String> all = new ArrayList<>();
        over(batch -> {
            if (batch.get("made").asInt() >= (all.size() + 1) * every) {
                ProcessHandle worker = workers.get(0).process().toHandle();
                all.add("%d made: worker %d MB, its painter %d MB"
                        .formatted(
                                batch.get("made").asInt(),
                                resident(worker),
                                worker.descendants()
                                        .mapToLong(Fares::resident)
                                        .max()
                                        .orElse(0)));
            }
            return true;
        });
        leave(workers);
        return all;
    }

    private static long resident(ProcessHandle process) {
        try {
            return Files.readAllLines(Path.of("/proc/" + process.pid() + "/status")).stream()
                            .filter(line -> line.startsWith("VmRSS:"))
                            .mapToLong(line -> Long.parseLong(line.replaceAll("\\D", "")))
                            .findFirst()
                            .orElse(0)
                    / 1024;
        } catch (IOException gone) {
            return 0;
        }
    }

    private interface Meanwhile {
        boolean look(JsonNode batch) throws IOException, InterruptedException;
    }

    private double over(Meanwhile meanwhile) throws IOException, InterruptedException {
        order();
        long start = System.nanoTime();
        boolean looking = true;
        while (true) {
            last = get(versions);
            if (last.get("over").asBoolean()) {
                return (System.nanoTime() - start) / 1e9;
            }
            looking = looking && meanwhile.look(last);
            Thread.sleep(200);
        }
    }

    private double made(List<ServerProcess> workers) throws IOException, InterruptedException {
        try {
            return over(batch -> false);
        } finally {
            leave(workers);
        }
    }

    private static void leave(List<ServerProcess> workers) throws InterruptedException {
        for (ServerProcess worker : workers) {
            worker.process().destroy();
            worker.process().waitFor();
        }
    }

    /** Seconds that workers pinned to these processors take for all. */
    double make(int... processors) throws IOException, InterruptedException {
        return made(workers(processors));
    }

    /** One worker that may use all processors. */
    double makeOnAll() throws IOException, InterruptedException {
        return made(workers(-1));
    }

    /** Two of which the first is killed when a quarter is made. */
    double makeAndKill() throws IOException, InterruptedException {
        List<ServerProcess> workers = workers(0, 1);
        try {
            return over(batch -> {
                if (batch.get("made").asInt() * 4 < batch.get("total").asInt()) {
                    return true;
                }
                workers.get(0).kill();
                return false;
            });
        } finally {
            leave(List.of(workers.get(1)));
        }
    }

    int films() {
        return last.get("total").asInt();
    }

    Map<String, Integer> shares() {
        Map<String, Integer> shares = new TreeMap<>();
        last.get("cells")
                .valueStream()
                .filter(cell -> cell.get("state").asString().equals("done"))
                .forEach(cell -> shares.merge(cell.get("worker").asString(), 1, Integer::sum));
        return shares;
    }

    /** How many files the last ones have. */
    String files() {
        return last.get("made").asInt() + " made, "
                + database.count("select count(distinct file_id) from export where batch = '"
                        + last.get("batch").asString() + "'")
                + " files";
    }

    /** Seconds that the encoder takes for the frames of all films, judged by one of each format. */
    double encoderAlone() throws IOException, InterruptedException {
        double seconds = 0;
        Path folder = Files.createTempDirectory("knollwind-frames");
        // One of each format.
        List<JsonNode> first =
                last.get("cells").valueStream().limit(formats.isEmpty() ? 3 : 1).toList();
        for (JsonNode cell : first) {
            Path film = folder.resolve("film.mp4");
            Path raw = folder.resolve("film.raw");
            client.send(
                    HttpRequest.newBuilder(URI.create(server.address() + "/api/exports/"
                                    + cell.get("export").asString() + "/file"))
                            .build(),
                    HttpResponse.BodyHandlers.ofFile(film));
            int[] size = size(film);
            run(
                    "ffmpeg",
                    "-v",
                    "error",
                    "-y",
                    "-i",
                    film.toString(),
                    "-f",
                    "rawvideo",
                    "-pix_fmt",
                    "bgra",
                    raw.toString());
            long start = System.nanoTime();
            FilmBench.encode(ExportKind.MP4, size[0], size[1], new FrameRate(24, 1), raw, folder.resolve("again.mp4"));
            seconds += (System.nanoTime() - start) / 1e9;
        }
        return seconds / first.size() * films();
    }

    private static int[] size(Path film) throws IOException, InterruptedException {
        String[] words = run(
                        "ffprobe",
                        "-v",
                        "error",
                        "-select_streams",
                        "v:0",
                        "-show_entries",
                        "stream=width,height",
                        "-of",
                        "csv=p=0",
                        film.toString())
                .strip()
                .split(",");
        return new int[] {Integer.parseInt(words[0]), Integer.parseInt(words[1])};
    }

    private static String run(String... command) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes());
        if (process.waitFor() != 0) {
            throw new IllegalStateException(said);
        }
        return said;
    }

    @Override
    public void close() {
        server.close();
    }
}
