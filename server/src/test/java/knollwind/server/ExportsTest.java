package knollwind.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.Stream;
import java.util.zip.ZipInputStream;
import javax.imageio.ImageIO;
import knollwind.core.document.DocumentJson;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

@Timeout(180)
class ExportsTest {
    private final TestServer server = TestServer.get();

    @Test
    void a_video_is_made_with_progress_told_as_it_goes() throws Exception {
        String id = server.project("Film");
        server.save(id, 1, ProjectsTest.splice(0, 0, "HOME"));
        String export = order(id, "mp4", 0, false).json().get("id").asString();
        List<JsonNode> told =
                watch(id, states -> states.get(0).get("state").asString().equals("done"));
        assertThat(told).hasSizeGreaterThan(1);
        assertThat(told.get(told.size() - 1).get(0).get("done").asInt()).isEqualTo(120);
        byte[] file = file(export);
        assertThat(new String(file, 4, 4, StandardCharsets.US_ASCII)).isEqualTo("ftyp");
    }

    @Test
    void a_film_is_heard_with_the_sounds_of_its_scene() throws Exception {
        String id = server.project("Heard");
        JsonNode sound = server.send(server.request("/api/sounds?name=tone.wav")
                        .header("Content-Type", "audio/wav")
                        .POST(HttpRequest.BodyPublishers.ofByteArray(SoundsTest.wav())))
                .json();
        server.save(id, 1, "[{'op':'set','at':'scenes/scene-1/sounds','value':[" + sound + "]}]");
        String export = order(id, "mp4", 0, false).json().get("id").asString();
        watch(id, states -> states.get(0).get("state").asString().equals("done"));
        Path film = Files.createTempFile("knollwind-heard", ".mp4");
        Files.write(film, file(export));
        Process probe = new ProcessBuilder(
                        "ffprobe",
                        "-v",
                        "error",
                        "-show_entries",
                        "stream=codec_name,duration",
                        "-of",
                        "csv=p=0",
                        film.toString())
                .start();
        String streams = new String(probe.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        Files.delete(film);
        assertThat(streams).contains("h264,").contains("aac,");
    }

    @Test
    void a_still_is_the_saved_document_at_the_time_of_the_order() throws Exception {
        String id = server.project("Still");
        String export = order(id, "png", 60, true).json().get("id").asString();
        server.save(id, 1, ProjectsTest.splice(0, 0, "TOO LATE"));
        watch(id, states -> states.get(0).get("state").asString().equals("done"));
        var image = ImageIO.read(new ByteArrayInputStream(file(export)));
        assertThat(image.getWidth()).isEqualTo(640);
        for (int x = 0; x < 640; x += 7) {
            assertThat(image.getRGB(x, 180)).isZero();
        }
    }

    @Test
    void a_stretch_of_a_scene_is_made_alone_and_told_before() throws Exception {
        String id = server.project("Stretch");
        var asked = new HashMap<String, Object>(
                Map.of("scene", "scene-1", "format", "wide", "kind", "zip", "frame", 0, "transparent", false));
        asked.put("stretch", Map.of("from", 3, "to", 8));
        JsonNode told =
                server.post("/api/projects/" + id + "/exports/outcome", asked).json();
        var ordered = server.post("/api/projects/" + id + "/exports", asked).json();
        assertThat(ordered.get("fileName").asString()).endsWith("-frames-3-to-8.zip");
        assertThat(told.get("fileNames").get(0)).isEqualTo(ordered.get("fileName"));
        assertThat(told.get("frames").asInt()).isEqualTo(5);
        assertThat(told.get("seconds").asDouble())
                .isEqualTo(5 / told.get("rate").asDouble());
        assertThat(told.get("estimate").asDouble()).isBetween(1.5, 600.0);
        watch(id, states -> states.get(0).get("state").asString().equals("done"));
        int stills = 0;
        try (var zip = new ZipInputStream(
                new ByteArrayInputStream(file(ordered.get("id").asString())))) {
            while (zip.getNextEntry() != null) {
                stills++;
            }
        }
        assertThat(stills).isEqualTo(5);
        asked.put("stretch", Map.of("from", 100, "to", 121));
        var refused = server.post("/api/projects/" + id + "/exports", asked);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.detail()).contains("Frames 100 to 121 are not inside the scene");
        asked.put("kind", "png");
        assertThat(server.post("/api/projects/" + id + "/exports", asked).detail())
                .contains("A still is one frame, neither a film nor a stretch");
    }

    @Test
    void a_running_export_can_be_cancelled_and_a_waiting_one_at_once() throws Exception {
        String id = server.project("Cancel");
        server.save(id, 1, "[{'op':'set','at':'scenes/scene-1/length','value':20000}]");
        String first = order(id, "webm", 0, false).json().get("id").asString();
        String second = order(id, "webm", 0, false).json().get("id").asString();
        watch(id, states -> state(states, first).equals("running"));
        assertThat(server.post("/api/exports/" + second + "/cancel", Map.of()).status())
                .isEqualTo(204);
        assertThat(server.post("/api/exports/" + first + "/cancel", Map.of()).status())
                .isEqualTo(204);
        watch(
                id,
                states -> state(states, first).equals("cancelled")
                        && state(states, second).equals("cancelled"));
        assertThat(server.get("/api/exports/" + first + "/file").detail()).contains("no file; it is cancelled");
    }

    @Test
    void kinds_of_the_same_frames_are_made_together_and_one_of_them_can_be_cancelled() throws Exception {
        String id = server.project("Together");
        server.save(id, 1, "[{'op':'set','at':'scenes/scene-1/length','value':300}]");
        assertThat(order(id, "mp4", "webm", "zip", "webm").status()).isEqualTo(201);
        List<JsonNode> told = watch(
                id,
                states -> states.size() == 3
                        && states.get(0).get("state").asString().equals("running")
                        && states.get(0).get("done").asInt() > 0);
        JsonNode now = told.get(told.size() - 1);
        assertThat(now.valueStream().map(one -> one.get("done").asInt()).distinct())
                .as("they go on together")
                .hasSize(1);
        String webm = named(now, ".webm");
        server.post("/api/exports/" + webm + "/cancel", Map.of());
        watch(id, states -> state(states, webm).equals("cancelled"));
        told = watch(
                id,
                states -> states.valueStream()
                        .allMatch(one -> !one.get("state").asString().equals("running")));
        JsonNode over = told.get(told.size() - 1);
        assertThat(state(over, webm)).isEqualTo("cancelled");
        assertThat(new String(file(named(over, ".mp4")), 4, 4, StandardCharsets.US_ASCII))
                .isEqualTo("ftyp");
        assertThat(new String(file(named(over, ".zip")), 0, 2, StandardCharsets.US_ASCII))
                .isEqualTo("PK");
        assertThat(server.get("/api/exports/" + webm + "/file").detail()).contains("no file");
    }

    @Test
    void a_worker_that_is_killed_leaves_nothing() throws Exception {
        String id = server.project("Killed");
        server.save(id, 1, "[{'op':'set','at':'scenes/scene-1/length','value':20000}]");
        String export = order(id, "mp4", "webm").json().get("id").asString();
        watch(
                id,
                states -> state(states, export).equals("running")
                        && states.get(0).get("done").asInt() > 0);
        // Nobody else is made beside it.
        children().forEach(ProcessHandle::destroyForcibly);
        List<JsonNode> told = watch(id, states -> !state(states, export).equals("running"));
        assertThat(told.get(told.size() - 1)).hasSize(2).allSatisfy(one -> {
            assertThat(one.get("state").asString()).isEqualTo("failed");
            assertThat(one.get("message").asString()).contains("ended without a word");
        });
        for (int i = 0; i < 100 && !server.workedOn().isEmpty(); i++) {
            Thread.sleep(50);
        }
        assertThat(server.workedOn()).isEmpty();
    }

    private static Stream<ProcessHandle> children() {
        return ProcessHandle.current().children();
    }

    private TestServer.Answer order(String id, String kind, String... also) {
        return server.post(
                "/api/projects/" + id + "/exports",
                Map.of(
                        "scene",
                        "scene-1",
                        "format",
                        "wide",
                        "kind",
                        kind,
                        "also",
                        List.of(also),
                        "frame",
                        0,
                        "transparent",
                        false));
    }

    private static String named(JsonNode exports, String ending) {
        return exports.valueStream()
                .filter(one -> one.get("fileName").asString().endsWith(ending))
                .findFirst()
                .orElseThrow()
                .get("id")
                .asString();
    }

    static Stream<String> demos() {
        return Stream.of("ternholm-night-ferry", "ternholm-pier-screens");
    }

    /**
     * Whatever can be shown can be exported. Each job carries the whole project with all that it has; the scenes that are painted are
     * the first, where most kinds of moves are, and the last, in which another stands with other words.
     */
    @ParameterizedTest
    @MethodSource("demos")
    void all_that_the_demo_has_goes_through_the_queue(String demo) throws Exception {
        JsonNode copy =
                server.post("/api/projects/" + demo + "/duplicate", Map.of()).json();
        String id = copy.get("id").asString();
        JsonNode scenes = copy.at("/document/scenes");
        String last = scenes.get(scenes.size() - 1).get("id").asString();
        String words = scenes.get(0)
                .get("blocks")
                .valueStream()
                .filter(block -> block.get("kind").asString().equals("text"))
                .findFirst()
                .orElseThrow()
                .get("id")
                .asString();
        server.save(
                id,
                1,
                "[{'op':'insert','at':'scenes/" + last + "/blocks','index':99,'value':{'kind':'shape','id':'window',"
                        + "'name':'Window','span':{'start':0,'end':40},'place':{'x':{'value':50,'unit':'frame'},'y':{'value':50,"
                        + "'unit':'frame'}},'shape':{'kind':'rectangle','width':{'value':50,'unit':'frame'},'height':{'value':50,"
                        + "'unit':'frame'},'radius':0},'fill':{'kind':'scene','scene':'"
                        + scenes.get(0).get("id").asString()
                        + "','changes':[{'id':'w','block':'" + words + "','path':['text'],'value':'FOG'}]}}}]");
        List<JsonNode> painted = List.of(scenes.get(0), scenes.get(scenes.size() - 1));
        for (JsonNode scene : painted) {
            TestServer.Answer ordered = server.post(
                    "/api/projects/" + id + "/exports",
                    Map.of(
                            "scene",
                            scene.get("id").asString(),
                            "format",
                            scene.at("/formats/0/id").asString(),
                            "kind",
                            "png",
                            "frame",
                            scene.get("length").asInt() / 3,
                            "transparent",
                            false));
            assertThat(ordered.status()).as(ordered.body()).isEqualTo(201);
        }
        List<JsonNode> told = watch(
                id,
                states -> states.size() == painted.size()
                        && states.valueStream()
                                .noneMatch(one -> List.of("queued", "running")
                                        .contains(one.get("state").asString())));
        assertThat(told.get(told.size() - 1))
                .allSatisfy(one -> assertThat(one.get("state").asString())
                        .as(one.toString())
                        .isEqualTo("done"));
    }

    @Test
    void all_scenes_are_made_in_the_format_that_is_asked_for() throws Exception {
        String id = server.project("Banner");
        server.save(
                id,
                1,
                "[{'op':'set','at':'scenes/scene-1/length','value':3},{'op':'insert','at':'scenes/scene-1/formats','index':1,"
                        + "'value':{'id':'banner','name':'300x250','width':300,'height':250,'overrides':[]}}]");
        JsonNode ordered = server.post(
                        "/api/projects/" + id + "/exports",
                        Map.of(
                                "scene",
                                "scene-1",
                                "format",
                                "banner",
                                "kind",
                                "zip",
                                "frame",
                                0,
                                "transparent",
                                false,
                                "film",
                                true))
                .json();
        watch(id, states -> states.get(0).get("state").asString().equals("done"));
        assertThat(ordered.get("fileName").asString()).contains("300x250");
        try (var zip = new java.util.zip.ZipInputStream(
                new ByteArrayInputStream(file(ordered.get("id").asString())))) {
            zip.getNextEntry();
            var image = ImageIO.read(zip);
            assertThat(image.getWidth()).isEqualTo(300);
            assertThat(image.getHeight()).isEqualTo(250);
        }
    }

    @Test
    void orders_that_make_no_sense_are_refused() {
        String id = server.project("Orders");
        assertThat(order(id, "png", 120, false).detail()).contains("frames 0 to 119");
        assertThat(order(id, "gif", 0, false).status()).isEqualTo(400);
        assertThat(order(id, "mp4", "png").detail()).contains("A still is one frame");
        assertThat(order(id, "mp4", 0, true).detail()).contains("only where all kinds keep alpha");
        TestServer.Answer answer = server.post(
                "/api/projects/" + id + "/exports",
                Map.of("scene", "nowhere", "format", "wide", "kind", "mp4", "frame", 0, "transparent", false));
        assertThat(answer.detail()).contains("no scene 'nowhere'");
    }

    private TestServer.Answer order(String id, String kind, int frame, boolean transparent) {
        return server.post(
                "/api/projects/" + id + "/exports",
                Map.of("scene", "scene-1", "format", "wide", "kind", kind, "frame", frame, "transparent", transparent));
    }

    private static String state(JsonNode exports, String id) {
        for (JsonNode export : exports) {
            if (export.get("id").asString().equals(id)) {
                return export.get("state").asString();
            }
        }
        return "";
    }

    private byte[] file(String export) throws Exception {
        try (InputStream in = server.request("/api/exports/" + export + "/file")
                .build()
                .uri()
                .toURL()
                .openStream()) {
            return in.readAllBytes();
        }
    }

    /** Listens to the project's events until the newest list of exports is as wished; returns all lists. */
    private List<JsonNode> watch(String id, Predicate<JsonNode> enough) throws Exception {
        HttpResponse<InputStream> response = HttpClient.newHttpClient()
                .send(
                        server.request("/api/projects/" + id + "/events")
                                .timeout(Duration.ofSeconds(120))
                                .build(),
                        HttpResponse.BodyHandlers.ofInputStream());
        List<JsonNode> lists = new ArrayList<>();
        try (BufferedReader lines =
                new BufferedReader(new InputStreamReader(response.body(), StandardCharsets.UTF_8))) {
            String event = "";
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                event = line.startsWith("event:") ? line.substring(6) : event;
                if (line.startsWith("data:") && event.equals("exports")) {
                    lists.add(DocumentJson.tree(line.substring(5)));
                    if (enough.test(lists.get(lists.size() - 1))) {
                        return lists;
                    }
                }
            }
        }
        throw new AssertionError("the events ended after " + lists);
    }
}
