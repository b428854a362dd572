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
import java.util.TreeMap;
import knollwind.core.document.DocumentJson;
import knollwind.core.scene.FrameRate;
import knollwind.paint.ExportKind;
import knollwind.server.ServerProcess;
import knollwind.server.TestDatabase;
import tools.jackson.databind.JsonNode;

/** The demo's twelve fares in three formats, on a server that makes nothing itself, and workers that are started for them. */
final class Fares implements AutoCloseable {
    private static final String NAME = "Ternholm fares";

    private final HttpClient client = HttpClient.newHttpClient();
    private final TestDatabase database;
    private final ServerProcess server;
    private final String versions;
    private final String scene;
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
        String id = project.get("id").asString();
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
                                "{\"order\":{\"scene\":\"%s\",\"format\":\"wide\",\"kind\":\"mp4\",\"frame\":0,\"transparent\":false}}"
                                        .formatted(scene)))
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

    private interface Meanwhile {
        boolean look(JsonNode batch);
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
        List<JsonNode> first = last.get("cells").valueStream().limit(3).toList();
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
