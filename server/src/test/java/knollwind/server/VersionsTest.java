package knollwind.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import tools.jackson.databind.JsonNode;

/** Versions of a project: tables that are read, rows that are looked at, files that are made of them. */
@Timeout(180)
class VersionsTest {
    private final TestServer server = TestServer.get();

    /** Two rows of one field. */
    private String project(String name, String first, String second) {
        String id = server.project(name);
        server.save(
                id,
                1,
                "[{'op':'set','at':'fields','value':[{'id':'words','name':'Words','kind':'text','most':40,"
                        + "'opens':[{'at':'scenes/scene-1/blocks/title/text'}]}]},"
                        + "{'op':'set','at':'table','value':{'rows':[{'id':'r1','values':{'words':'" + first
                        + "'}},{'id':'r2','values':{'words':'" + second + "'}}]}}]");
        return id;
    }

    private static String quoted(String json) {
        return json.replace('\'', '"');
    }

    private TestServer.Answer make(String id) {
        return server.post(
                "/api/projects/" + id + "/versions",
                quoted("{'order':{'scene':'scene-1','format':'wide','kind':'png','frame':60,'transparent':false}}"));
    }

    private JsonNode over(String id) throws InterruptedException {
        while (true) {
            JsonNode batch = server.get("/api/projects/" + id + "/versions").json();
            if (batch.get("over").asBoolean()) {
                return batch;
            }
            Thread.sleep(100);
        }
    }

    @Test
    void each_row_is_made_as_a_file_of_its_own() throws Exception {
        String id = project("Piers", "TERN STAIR", "SALTMARKET");
        assertThat(server.get("/api/projects/" + id + "/versions").status()).isEqualTo(204);
        assertThat(server.get("/api/projects/" + id + "/table.csv").body())
                .isEqualTo("Words\r\nTERN STAIR\r\nSALTMARKET\r\n");
        JsonNode made = make(id).json();
        assertThat(made.get("count").asInt()).isEqualTo(2);
        // What is changed now is not of what was ordered.
        server.save(id, 2, "[{'op':'set','at':'table/rows/r1/values/words','value':'LATER'}]");
        JsonNode batch = over(id);
        assertThat(batch.get("made").asInt()).isEqualTo(2);
        Map<String, byte[]> files = new HashMap<>();
        byte[] zip = HttpClient.newHttpClient()
                .send(
                        server.request("/api/projects/" + id + "/versions/"
                                        + made.get("batch").asString() + "/files")
                                .build(),
                        HttpResponse.BodyHandlers.ofByteArray())
                .body();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                files.put(entry.getName(), in.readAllBytes());
            }
        }
        assertThat(files)
                .containsOnlyKeys("Piers-TERN-STAIR-16x9.png", "Piers-SALTMARKET-16x9.png", "files.csv", "files.json");
        assertThat(Arrays.equals(files.get("Piers-TERN-STAIR-16x9.png"), files.get("Piers-SALTMARKET-16x9.png")))
                .isFalse();
        assertThat(new String(files.get("files.csv"), StandardCharsets.UTF_8).split("\r\n"))
                .hasSize(3)
                .anyMatch(line -> line.matches("Piers-TERN-STAIR-16x9.png,r1,16:9,1,[0-9a-f]{64}"));
        // The same version by itself is the same picture.
        JsonNode alone = server.post(
                        "/api/projects/" + id + "/exports",
                        quoted("{'scene':'scene-1','format':'wide','kind':'png','frame':60,'transparent':false,"
                                + "'revision':2,'row':'r2'}"))
                .json();
        String file = "/api/exports/" + alone.get("id").asString() + "/file";
        while (server.get(file).status() != 200) {
            Thread.sleep(100);
        }
        assertThat(HttpClient.newHttpClient()
                        .send(server.request(file).build(), HttpResponse.BodyHandlers.ofByteArray())
                        .body())
                .isEqualTo(files.get("Piers-SALTMARKET-16x9.png"));
    }

    @Test
    void files_of_one_name_are_refused_with_their_rows() {
        String id = project("Twice", "SEA", "sea");
        TestServer.Answer answer = make(id);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().get("detail").asString())
                .contains("The files of row 1 and of row 2 would both be called");
        String empty = server.project("Empty");
        assertThat(make(empty).json().get("detail").asString()).contains("There are no versions to make");
    }

    @Test
    void rows_are_looked_at_in_every_format() {
        String id = project("Checked", "A WORD THAT NEVER ENDS ".repeat(3).strip(), " ");
        JsonNode looked = server.post(
                        "/api/projects/" + id + "/table/problems",
                        quoted("{'draft':{'base':2,'patch':{'operations':[]},'scene':'scene-1','format':'wide'},"
                                + "'rows':['r1','r2','gone']}"))
                .json();
        JsonNode problems = looked.get("problems");
        assertThat(looked.get("lengths").propertyNames()).containsExactlyInAnyOrder("r1", "r2");
        assertThat(problems.valueStream().map(one -> one.get("row").asString()))
                .contains("r1", "r2")
                .doesNotContain("gone");
        assertThat(problems.valueStream().map(one -> one.get("message").asString()))
                .anyMatch(message -> message.contains("at most 40 characters, not 68"))
                .contains("Nothing is filled in here.");
    }

    @Test
    void a_picture_of_a_version_is_asked_for_by_its_row() {
        String id = project("Shown", "TERN STAIR", "SALTMARKET");
        String reel = "{'draft':{'base':2,'patch':{'operations':[]},'scene':'scene-1','format':'wide'%s},"
                + "'from':60,'to':61,'client':'%s','sequence':1}";
        TestServer.Answer own = server.post("/api/projects/" + id + "/reel", quoted(reel.formatted("", "a")));
        TestServer.Answer row =
                server.post("/api/projects/" + id + "/reel", quoted(reel.formatted(",'row':'r1'", "b")));
        assertThat(own.status()).isEqualTo(200);
        assertThat(row.status()).isEqualTo(200);
        assertThat(row.body()).isNotEqualTo(own.body());
        TestServer.Answer gone =
                server.post("/api/projects/" + id + "/reel", quoted(reel.formatted(",'row':'r9'", "c")));
        assertThat(gone.json().get("detail").asString()).contains("no row 'r9' any more");
    }

    @Test
    void a_table_is_read_and_compared_before_it_is_taken_in() throws Exception {
        String id = project("Taken", "TERN STAIR", "SALTMARKET");
        JsonNode table = server.send(server.request("/api/tables?name=piers.csv")
                        .header("Content-Type", "text/csv")
                        .POST(HttpRequest.BodyPublishers.ofString("words;leaves\nTERN STAIR;22:10\nROPEWALK;22:20\n")))
                .json();
        assertThat(table.get("separator").asString()).isEqualTo("semicolon");
        String draft = "'draft':{'base':2,'patch':{'operations':[]},'scene':'scene-1','format':'wide'}";
        JsonNode columns = server.post(
                        "/api/projects/" + id + "/table/columns",
                        quoted("{" + draft + ",'columns':['WORDS','leaves']}"))
                .json();
        assertThat(columns.get(0).asString()).isEqualTo("words");
        assertThat(columns.get(1).asString()).isEmpty();
        JsonNode compared = server.post(
                        "/api/projects/" + id + "/table/compare",
                        quoted("{" + draft + ",'table':{'kind':'takeInTable','from':'piers.csv','rows':"
                                + table.get("rows") + ",'fields':['words',''],'key':'words','removesGone':false}}"))
                .json();
        assertThat(compared.path("added").asInt()).isEqualTo(1);
        assertThat(compared.get("same").asInt()).isEqualTo(1);
        assertThat(compared.get("gone").asInt()).isEqualTo(1);
        JsonNode refused = server.send(server.request("/api/tables?name=x.csv")
                        .header("Content-Type", "text/csv")
                        .POST(HttpRequest.BodyPublishers.ofString("\n \n")))
                .json();
        assertThat(refused.get("detail").asString()).contains("There is nothing in this table");
    }

    @Test
    void a_program_asks_for_a_version_that_is_in_no_table() throws Exception {
        String id = project("Asked", "TERN STAIR", "SALTMARKET");
        String asked = "{'template':'%s','values':{'%s':'%s'},'kind':'png'}";
        JsonNode made = server.post("/api/versions", quoted(asked.formatted(id, "Words", "ROPEWALK")))
                .json();
        assertThat(made.get("fileName").asString()).isEqualTo("Asked-ROPEWALK-16x9.png");
        String file = "/api/exports/" + made.get("id").asString() + "/file";
        while (server.get(file).status() != 200) {
            Thread.sleep(100);
        }
        assertThat(server.bytes(file)).isNotEmpty();
        assertThat(server.post("/api/versions", quoted(asked.formatted(id, "Wrods", "X")))
                        .detail())
                .contains("There is no field \u201cWrods\u201d; the project has the fields [Words]");
        assertThat(server.post("/api/versions", quoted(asked.formatted(id, "Words", "LONG ".repeat(9))))
                        .detail())
                .contains("at most 40 characters");
        assertThat(server.post("/api/versions", quoted(asked.formatted("gone", "Words", "X")))
                        .status())
                .isEqualTo(404);
    }
}
