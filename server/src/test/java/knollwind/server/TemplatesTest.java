package knollwind.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import tools.jackson.databind.JsonNode;

/** Templates: published, begun with, and brought along as one file. */
@Timeout(180)
class TemplatesTest {
    private static final String WORDS = "{'op':'set','at':'fields','value':[{'id':'words','name':'Words','kind':'text',"
            + "'opens':[{'at':'scenes/scene-1/blocks/title/text'}]}]}";

    private final TestServer server = TestServer.get();

    private JsonNode publish(String project, String more) {
        TestServer.Answer answer = server.post(
                "/api/projects/" + project + "/publish",
                ("{'scenes':['scene-1'],'name':'Lamp title','note':'For names','cover':'scene-1','frame':40" + more
                                + "}")
                        .replace('\'', '"'));
        assertThat(answer.status()).as(answer.body()).isEqualTo(200);
        return answer.json();
    }

    private JsonNode listed(String id) {
        return server.get("/api/templates")
                .json()
                .valueStream()
                .filter(one -> one.get("id").asString().equals(id))
                .findFirst()
                .orElse(null);
    }

    private TestServer.Answer send(String path, String type, byte[] content) {
        return server.send(server.request(path)
                .header("Content-Type", type)
                .POST(HttpRequest.BodyPublishers.ofByteArray(content)));
    }

    private static byte[] zip(Map<String, byte[]> entries) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(entry.getKey()));
                zip.write(entry.getValue());
            }
        }
        return bytes.toByteArray();
    }

    private static Map<String, byte[]> unzipped(byte[] archive) throws IOException {
        Map<String, byte[]> entries = new LinkedHashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(archive))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                entries.put(entry.getName(), in.readAllBytes());
            }
        }
        return entries;
    }

    @Test
    void it_is_listed_begun_with_and_published_anew_but_not_edited() {
        String project = server.project("Lamps");
        server.save(project, 1, "[" + WORDS + "]");
        JsonNode template = publish(project, "");
        String id = template.get("id").asString();
        assertThat(listed(id).get("note").asString()).isEqualTo("For names");
        assertThat(listed(id).get("frame").asInt()).isEqualTo(40);
        assertThat(listed(id).get("fields").get(0).asString()).isEqualTo("Words");
        assertThat(server.get("/api/projects").body()).doesNotContain(id);
        assertThat(server.save(id, 1, "[{'op':'set','at':'name','value':'Mine'}]")
                        .detail())
                .contains("template is published, not edited");

        JsonNode made = server.post(
                        "/api/projects",
                        "{\"name\":\"Mine\",\"width\":640,\"height\":360,\"rate\":{\"numerator\":24,\"denominator\":1},"
                                + "\"template\":\"" + id + "\"}")
                .json();
        assertThat(made.at("/document/scenes/0/origin/template").asString()).isEqualTo(id);
        assertThat(made.at("/document/fields/0/name").asString()).isEqualTo("Words");
        assertThat(made.at("/document/about").isMissingNode()).isTrue();

        // The same again is the same state; another one is a newer one.
        assertThat(publish(project, ",'template':'" + id + "'").get("revision").asInt())
                .isEqualTo(1);
        server.save(project, 2, "[{'op':'set','at':'scenes/scene-1/blocks/title/text','value':'QUAY'}]");
        assertThat(publish(project, ",'template':'" + id + "'").get("revision").asInt())
                .isEqualTo(2);
        TestServer.Answer followed = server.post(
                "/api/projects/" + made.get("id").asString() + "/edit",
                ("{'draft':{'base':1,'patch':{'operations':[]},'scene':'scene-1','format':'wide'},'wish':{'intent':"
                                + "{'kind':'followTemplate','scene':'scene-1','revision':2}}}")
                        .replace('\'', '"'));
        assertThat(followed.status()).as(followed.body()).isEqualTo(200);
        assertThat(followed.body()).contains("QUAY");
        assertThat(server.delete("/api/templates/" + id).status()).isEqualTo(204);
        assertThat(listed(id)).isNull();
        // One version of it is made by what it is called.
        assertThat(publish(project, ",'template':'" + id + "'").get("revision").asInt())
                .isEqualTo(2);
        assertThat(server.post(
                                "/api/versions",
                                "{\"template\":\"" + id + "\",\"values\":{\"Words\":\"SALTMARKET\"},\"kind\":\"png\"}")
                        .status())
                .isEqualTo(201);
    }

    @Test
    void it_is_one_file_with_everything_inside_that_heals_what_is_missing() throws Exception {
        byte[] face = Files.readAllBytes(Path.of("..", "demo", "fonts", "ternholm-signs.ttf"));
        send("/api/fonts?name=signs.ttf", "font/ttf", face);
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(8, 8, BufferedImage.TYPE_INT_RGB), "png", png);
        JsonNode picture = send("/api/pictures?name=lamp.png", "image/png", png.toByteArray())
                .json();
        byte[] water = Files.readAllBytes(Path.of("..", "demo", "sounds", "night-water.m4a"));
        JsonNode sound = send("/api/sounds?name=water.m4a", "audio/mp4", water).json();
        String project = server.project("Signs");
        TestServer.Answer saved = server.save(
                project,
                1,
                "[" + WORDS + ",{'op':'set','at':'scenes/scene-1/blocks/title/setting/face','value':"
                        + "{'family':'Ternholm Signs','style':'normal','axes':{},'sha256':''}},"
                        + "{'op':'set','at':'scenes/scene-1/background','value':{'kind':'picture','sha256':'"
                        + picture.get("sha256").asString()
                        + "','name':'lamp.png','width':8,'height':8,'mode':'cover','x':0.5,'y':0.5}},"
                        + "{'op':'set','at':'scenes/scene-1/sounds','value':[{'id':'water','name':'water.m4a','kind':'music',"
                        + "'sha256':'" + sound.get("sha256").asString() + "','seconds':4,'start':0,'from':0,'level':0,"
                        + "'muted':false,'alone':false}]}]");
        assertThat(saved.status()).as(saved.body()).isEqualTo(200);
        JsonNode template = publish(project, "");
        assertThat(template.get("missing")).isEmpty();
        byte[] archive = server.bytes("/api/templates/" + template.get("id").asString() + "/file");
        Map<String, byte[]> entries = unzipped(archive);
        assertThat(entries.keySet())
                .contains("template.json")
                .anyMatch(name -> name.startsWith("pictures/"))
                .anyMatch(name -> name.startsWith("sounds/"))
                .anyMatch(name -> name.startsWith("faces/"));

        // Without its face it says so; with it, it is whole again.
        String sha = server.get("/api/fonts").json().get(0).get("sha256").asString();
        server.delete("/api/fonts/own/" + sha);
        assertThat(listed(template.get("id").asString()).get("missing").get(0).asString())
                .isEqualTo("Ternholm Signs");
        TestServer.Answer taken = send("/api/templates", "application/zip", archive);
        assertThat(taken.status()).as(taken.body()).isEqualTo(200);
        assertThat(taken.json().get("notes")).isEmpty();
        assertThat(taken.json().at("/template/missing")).isEmpty();
        server.delete("/api/fonts/own/" + sha);
    }

    @Test
    void what_is_no_template_is_refused_with_the_reason() throws Exception {
        assertThat(send("/api/templates", "application/json", "nothing".getBytes(StandardCharsets.UTF_8))
                        .detail())
                .contains("is no template");
        assertThat(send("/api/templates", "application/json", "{}".getBytes(StandardCharsets.UTF_8))
                        .detail())
                .contains("no scenes");
        assertThat(send("/api/templates", "application/zip", zip(Map.of("x.txt", new byte[3])))
                        .detail())
                .contains("no template.json in it");
        // Something else in it is left out, and nothing is written where its name says.
        String id = publish(server.project("Odd"), "").get("id").asString();
        Map<String, byte[]> more = unzipped(server.bytes("/api/templates/" + id + "/file"));
        more.put("../../etc/cron.d/x", new byte[3]);
        more.put("pictures/broken.png", new byte[] {1, 2, 3});
        JsonNode taken = send("/api/templates", "application/zip", zip(more)).json();
        assertThat(taken.get("notes").size()).isEqualTo(2);
    }
}
