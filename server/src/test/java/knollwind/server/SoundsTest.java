package knollwind.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpRequest;
import java.util.List;
import java.util.Map;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Recordings that people bring along. */
class SoundsTest {
    private final TestServer server = TestServer.get();

    private TestServer.Answer upload(String name, byte[] content) {
        return server.send(server.request("/api/sounds?name=" + name)
                .header("Content-Type", "audio/wav")
                .POST(HttpRequest.BodyPublishers.ofByteArray(content)));
    }

    /** Six seconds, both channels at half of the loudest from the fifth on. */
    static byte[] wav() throws IOException {
        byte[] samples = new byte[6 * 48_000 * 4];
        for (int i = 5 * 48_000 * 4 + 1; i < samples.length; i += 2) {
            samples[i] = 0x40;
        }
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        AudioFormat format = new AudioFormat(48_000, 16, 2, true, false);
        AudioSystem.write(
                new AudioInputStream(new ByteArrayInputStream(samples), format, 6 * 48_000),
                AudioFileFormat.Type.WAVE,
                file);
        return file.toByteArray();
    }

    private byte[] bytes(String path) {
        try (var in = server.request(path).build().uri().toURL().openStream()) {
            return in.readAllBytes();
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    @Test
    void a_recording_is_kept_in_pieces_of_five_seconds_with_its_waveform() throws Exception {
        TestServer.Answer answer = upload("chime.wav", wav());
        assertThat(answer.status()).as(answer.body()).isEqualTo(201);
        JsonNode sound = answer.json();
        assertThat(sound.get("seconds").asDouble()).isEqualTo(6);
        assertThat(sound.get("name").asString()).isEqualTo("chime.wav");
        String path = "/api/sounds/" + sound.get("sha256").asString();
        assertThat(bytes(path + "/samples/0")).hasSize(5 * 48_000 * 4).containsOnly(0);
        assertThat(bytes(path + "/samples/1")).hasSize(48_000 * 4).startsWith(0, 0x40, 0, 0x40);
        assertThat(server.get(path + "/samples/2").status()).isEqualTo(404);
        byte[] waveform = bytes(path + "/waveform");
        assertThat(waveform).hasSize(1200);
        assertThat(waveform[2 * 499 + 1]).isZero();
        assertThat(waveform[2 * 500 + 1]).isEqualTo((byte) 0x40);
        assertThat(upload("again.wav", wav()).json().get("name").asString()).isEqualTo("again.wav");
    }

    @Test
    void a_sound_of_a_scene_is_told_as_it_is_heard_and_reported_when_its_file_is_not_here() throws Exception {
        ObjectNode sound = (ObjectNode) upload("chime.wav", wav()).json();
        String project = server.project("Heard");
        ObjectNode gone = sound.deepCopy();
        gone.put("sha256", "cd".repeat(32));
        server.save(project, 1, "[{'op':'set','at':'scenes/scene-1/sounds','value':[" + gone + "]}]");
        assertThat(page(project, 2).body()).contains("The sound \u201cchime.wav\u201d is not here");
        sound.put("start", 24).put("level", -20);
        server.save(project, 2, "[{'op':'set','at':'scenes/scene-1/sounds','value':[" + sound + "]}]");
        JsonNode page = page(project, 3).json();
        assertThat(page.toString()).doesNotContain("is not here");
        JsonNode heard = page.get("heard").get(0);
        assertThat(heard.get("at").asDouble()).isEqualTo(1);
        assertThat(heard.get("gain").asDouble()).isEqualTo(0.1);
    }

    @Test
    void what_is_no_sound_is_refused_with_a_reason() {
        TestServer.Answer answer = upload("note.wav", "see you on deck".getBytes());
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.detail()).startsWith("This is no sound");
        assertThat(server.get("/api/sounds/" + "ab".repeat(32) + "/waveform").status())
                .isEqualTo(404);
    }

    private TestServer.Answer page(String project, int base) {
        return server.post(
                "/api/projects/" + project + "/page",
                Map.of("base", base, "patch", Map.of("operations", List.of()), "scene", "scene-1", "format", "wide"));
    }

    private TestServer.Answer post(String path, String body) {
        return server.send(server.request(path)
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body)));
    }

    @Test
    void words_that_are_not_said_and_scripts_without_words_are_refused() throws Exception {
        String sound =
                "/api/sounds/" + upload("chime.wav", wav()).json().get("sha256").asString();
        TestServer.Answer unheard = post(sound + "/words", "{\"script\":\"The last boat home leaves at eleven.\"}");
        assertThat(unheard.status()).as(unheard.body()).isBetween(400, 422);
        assertThat(unheard.json().get("detail").asString()).contains("one of the script's words are heard");
        assertThat(post(sound + "/words", "{\"script\":\" \"}")
                        .json()
                        .get("detail")
                        .asString())
                .contains("has no words");
        assertThat(post("/api/sounds/" + "0".repeat(64) + "/words", "{\"script\":\"boat\"}")
                        .status())
                .isEqualTo(404);
        assertThat(server.get(sound + "/edges").status()).isEqualTo(200);
    }

    @Test
    void without_a_script_each_phrase_is_a_mark_where_no_recogniser_knows_the_language() throws Exception {
        String sound =
                "/api/sounds/" + upload("chime.wav", wav()).json().get("sha256").asString();
        JsonNode draft = post(sound + "/words?run=r1", "{\"language\":\"de\"}").json();
        assertThat(draft.get("approximate").asBoolean()).isTrue();
        assertThat(draft.get("words")).hasSize(1);
        assertThat(draft.get("words").get(0).get("text").asString()).isEqualTo("…");
        assertThat(draft.get("words").get(0).get("start").asDouble()).isCloseTo(5, within(0.05));
        assertThat(server.send(server.request("/api/sounds/listening/r1").DELETE())
                        .status())
                .as("it has come to its end")
                .isEqualTo(204);
    }

    @Test
    void music_that_has_no_bars_is_not_fitted() throws Exception {
        String sound =
                "/api/sounds/" + upload("chime.wav", wav()).json().get("sha256").asString();
        TestServer.Answer answer = server.get(sound + "/fit?from=0&to=6&room=3");
        assertThat(answer.status()).isBetween(400, 422);
        assertThat(server.get("/api/sounds/" + "0".repeat(64) + "/fit?from=0&to=6&room=3")
                        .status())
                .isEqualTo(404);
    }

    private TestServer.Answer script(String name, String content) {
        return server.send(server.request("/api/scripts?name=" + name)
                .header("Content-Type", "application/octet-stream")
                .POST(HttpRequest.BodyPublishers.ofString(content)));
    }

    @Test
    void scripts_are_read_from_captions_words_and_plain_text() {
        String srt =
                "1\n00:00:01,000 --> 00:00:02,000\nBring a coat,\n\n2\n00:00:01,500 --> 00:00:03,000\n<b>the</b> deck\n";
        JsonNode captions = script("a.srt", srt).json();
        assertThat(captions.get("script").asString())
                .startsWith("Bring a coat,")
                .endsWith("deck");
        assertThat(captions.get("mended")).hasSize(1);
        assertThat(captions.get("words")).isEmpty();
        JsonNode words =
                script("a.jsonl", "{\"word\":\"coat\",\"start\":1,\"end\":1.5}").json();
        assertThat(words.get("words").get(0).get("end").asDouble()).isEqualTo(1.5);
        assertThat(script("a.txt", "Bring a coat").json().get("script").asString())
                .isEqualTo("Bring a coat");
        assertThat(script("a.txt", " ").json().get("detail").asString()).contains("no words in a.txt");
        assertThat(script("a.jsonl", "{}").status()).isBetween(400, 422);
    }
}
