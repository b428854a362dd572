package knollwind.bench;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntFunction;
import knollwind.core.directions.dress.DressReader;
import knollwind.core.document.DocumentJson;
import knollwind.core.type.FontLibrary;
import knollwind.e2e.Chromium;
import knollwind.server.ServerProcess;
import knollwind.server.TestDatabase;

/**
 * Server and transfer alone, without a browser on the same cores: from the question for a frame of the 300-character scene with
 * a changed value, every value new, until all bytes of its reel are here. The same ten kinds of change as in {@link EditBench}, and two of dress:
 * first in a server that has just started, then once more, as later in a day's work.
 */
final class ServedBench {
    private static final int COUNT = 60;
    private static final String BLOCK = "scenes/scene-1/blocks/title/";
    private static final String MOVE = BLOCK + "arrive/moves/m1/";

    private final HttpClient client = HttpClient.newHttpClient();
    private final URI reel;
    private long sequence;

    private ServedBench(String address, String project) {
        this.reel = URI.create(address + "/api/projects/" + project + "/reel");
    }

    static void run() throws IOException, InterruptedException {
        try (TestDatabase database = new TestDatabase();
                ServerProcess server = new ServerProcess(database, database.port(), Map.of()).start()) {
            String id;
            try (Chromium chromium = new Chromium()) {
                Page page = chromium.page(server.address());
                id = Bench.made(page, server.address(), Bench.scene().scenes().get(0));
            }
            Bench.warm();
            new ServedBench(server.address(), id).all();
        }
    }

    private void all() throws IOException, InterruptedException {
        List<String> families = new FontLibrary()
                .families().stream().map(family -> family.name()).toList();
        FontLibrary fonts = new FontLibrary();
        Map<String, IntFunction<List<Object>>> kinds = new LinkedHashMap<>();
        kinds.put("text", i -> List.of(typed(i)));
        kinds.put("size", i -> List.of(set(BLOCK + "setting/size", 72 - i * 0.05)));
        kinds.put("width", i -> List.of(set(BLOCK + "setting/column", Map.of("value", 80 - i * 0.1, "unit", "frame"))));
        kinds.put("axis", i -> List.of(set(BLOCK + "setting/face/axes/wght", 700 - i)));
        kinds.put(
                "face",
                i -> List.of(
                        set(BLOCK + "setting/face", fonts.face(families.get(i % families.size()), Map.of())),
                        typed(i)));
        kinds.put("pace", i -> List.of(set(MOVE + "pace/inAll", 120 - i * 0.5)));
        kinds.put("order", i -> List.of(set(MOVE + "order/kind", "random"), set(MOVE + "order/seed", i)));
        kinds.put("unit", i -> List.of(set(MOVE + "unit", i % 2 == 0 ? "word" : "line"), typed(i)));
        kinds.put("easing", i -> List.of(set(MOVE + "easing", "cubic-bezier(0." + (100 + i) + ", 0.8, 0.3, 1)")));
        kinds.put("span", i -> List.of(set(BLOCK + "span/end", 300 - i)));
        kinds.put("dress", i -> List.of(dress("a glow of 6 to %s px in #f0b64a".formatted(30 + 0.5 * i))));
        kinds.put(
                "wake",
                i -> List.of(
                        dress("a wake of 12 copies 1 frame apart fading from %s to 5 %%".formatted(40 + 0.2 * i))));
        round("first", kinds, 0);
        round("later", kinds, COUNT);
    }

    private void round(String when, Map<String, IntFunction<List<Object>>> kinds, int from)
            throws IOException, InterruptedException {
        List<Double> all = new ArrayList<>();
        for (Map.Entry<String, IntFunction<List<Object>>> kind : kinds.entrySet()) {
            List<Double> times = new ArrayList<>();
            for (int i = from; i < from + COUNT; i++) {
                times.add(ask(kind.getValue().apply(i)));
            }
            all.addAll(times);
            print(when, kind.getKey(), times);
        }
        print(when, "all", all);
    }

    private static Map<String, Object> set(String at, Object value) {
        return Map.of("op", "set", "at", at, "value", value);
    }

    private static Map<String, Object> dress(String sentence) {
        return set(BLOCK + "dress", DressReader.read(sentence, List.of()));
    }

    private static Map<String, Object> typed(int i) {
        return Map.of(
                "op",
                "splice",
                "at",
                BLOCK + "text",
                "from",
                1,
                "removed",
                2,
                "inserted",
                Integer.toString(i, 36) + "x");
    }

    private double ask(List<Object> operations) throws IOException, InterruptedException {
        Map<String, Object> draft =
                Map.of("base", 2, "patch", Map.of("operations", operations), "scene", "scene-1", "format", "wide");
        String body = DocumentJson.MAPPER.writeValueAsString(Map.of(
                "draft", draft, "from", 60, "to", 61, "client", "bench", "sequence", ++sequence, "known", List.of()));
        HttpRequest request = HttpRequest.newBuilder(reel)
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build();
        long start = System.nanoTime();
        HttpResponse<byte[]> answer = client.send(request, HttpResponse.BodyHandlers.ofByteArray());
        double time = (System.nanoTime() - start) / 1e6;
        if (answer.statusCode() != 200) {
            throw new IllegalStateException(new String(answer.body()));
        }
        return time;
    }

    private static void print(String when, String kind, List<Double> times) {
        System.out.printf(
                "served       %s, %-7s server and transfer, nothing beside it: %.0f ms (50 %%), %.0f ms (95 %%)%n",
                when, kind, Bench.percentile(times, 0.5), Bench.percentile(times, 0.95));
    }
}
