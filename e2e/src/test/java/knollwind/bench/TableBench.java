package knollwind.bench;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.RequestOptions;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.document.Patch;
import knollwind.e2e.Chromium;
import knollwind.server.ServerProcess;
import knollwind.server.TestDatabase;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The demo's fares with a thousand rows in three formats: until the table can be used, until all is looked at, and how it scrolls. */
final class TableBench {
    private static final int ROWS = 1_000;

    private TableBench() {}

    static void run() throws InterruptedException {
        try (TestDatabase database = new TestDatabase();
                ServerProcess server = new ServerProcess(database, database.port(), Map.of()).start();
                Chromium chromium = new Chromium()) {
            Page page = chromium.page(server.address());
            String id = filled(page, server.address());
            Bench.warm();
            String address = server.address() + "/projects/" + id + "/versions?paint=software";
            for (int i = 0; i < 3; i++) {
                page.navigate("about:blank");
                page.navigate(address);
                double usable = time(
                        page,
                        "() => document.querySelectorAll('[data-version] .cell').length > 20 && performance.now()");
                double pictures = time(
                        page,
                        "() => [...document.querySelectorAll('[data-version] .cellStill')].filter(one =>"
                                + " one.getBoundingClientRect().bottom < innerHeight).every(one => one.querySelector('canvas'))"
                                + " && performance.now()");
                System.out.printf(
                        "table        %d rows in 3 formats: cells after %.0f ms, all pictures in sight after %.0f ms (limit 2,000)%n",
                        ROWS, usable, pictures);
            }
            double checked = time(
                    page,
                    "() => Number(document.querySelector('.tableHead')?.dataset.looked) >= " + ROWS
                            + " && performance.now()");
            System.out.printf("table        all rows looked at after %.1f s (limit 60)%n", checked / 1000);
            Object scrolled = page.evaluate("async () => { const room = document.querySelector('.versionRoom');"
                    + " const times = []; let last = performance.now();"
                    + " for (let i = 0; i < 240; i++) { room.scrollTop += 60; await new Promise(requestAnimationFrame);"
                    + " const now = performance.now(); times.push(now - last); last = now; }"
                    + " times.sort((a, b) => a - b); return [240000 / times.reduce((a, b) => a + b), times[228]]; }");
            System.out.printf(
                    "table        scrolling by 60 px: %s (pictures a second, ms at 95 %%; limit 50)%n", scrolled);
        }
    }

    private static double time(Page page, String until) {
        return ((Number) page.waitForFunction(until, null, new Page.WaitForFunctionOptions().setTimeout(240_000))
                        .jsonValue())
                .doubleValue();
    }

    private static String filled(Page page, String address) {
        JsonNode project = DocumentJson.tree(
                        page.request().get(address + "/api/projects").text())
                .valueStream()
                .filter(one -> one.get("name").asString().equals("Ternholm fares"))
                .findFirst()
                .orElseThrow();
        String id = project.get("id").asString();
        ObjectNode saved = (ObjectNode) DocumentJson.tree(
                page.request().get(address + "/api/projects/" + id).text());
        ObjectNode table = (ObjectNode) saved.get("document").get("table");
        List<JsonNode> model = table.get("rows").valueStream().toList();
        ArrayNode rows = table.putArray("rows");
        for (int i = 0; i < ROWS; i++) {
            ObjectNode row = (ObjectNode) model.get(i % model.size()).deepCopy();
            row.put("id", "n" + i);
            ObjectNode values = (ObjectNode) row.get("values");
            String first = values.propertyNames().iterator().next();
            values.put(first, values.get(first).asString() + " " + i);
            rows.add(row);
        }
        Map<String, Object> body = new LinkedHashMap<>();
        body.put("base", saved.get("revision").asLong());
        body.put("change", "rows");
        body.put("patch", new Patch(new ArrayList<>(List.of(new Operation.Set("table", table)))));
        var answer = page.request()
                .post(
                        address + "/api/projects/" + id + "/revisions",
                        RequestOptions.create()
                                .setHeader("Content-Type", "application/json")
                                .setData(DocumentJson.MAPPER.writeValueAsString(body)));
        if (!answer.ok()) {
            throw new IllegalStateException(answer.text());
        }
        return id;
    }
}
