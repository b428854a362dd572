package knollwind.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpRequest;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What is told of captions, and files of them. */
class CaptionsTest {
    private static final String DRAFT = "{'base':1,'patch':{'operations':[]},'scene':'announcement','format':'%s'}";
    private static final String DEMO = "/api/projects/ternholm-night-ferry";

    private final TestServer server = TestServer.get();

    private TestServer.Answer post(String path, String body) {
        return server.send(server.request(path)
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body.replace('\'', '"'))));
    }

    private JsonNode told(String format) {
        return post(DEMO + "/captions", DRAFT.formatted(format)).json();
    }

    @Test
    void rules_times_and_reading_speeds_are_told_and_the_column_of_the_format() {
        JsonNode wide = told("wide");
        JsonNode script = wide.get("script");
        assertThat(script.get("lines")).hasSize(3);
        JsonNode first = script.get("lines").get(0);
        assertThat(first.get("speeds").get("c1").asDouble()).isBetween(9.0, 13.0);
        assertThat(first.get("start").asDouble()).isLessThan(first.get("end").asDouble());
        assertThat(script.get("shown").asString()).isEqualTo("c1");
        assertThat(told("tall").get("script").get("shown").asString()).isEqualTo("c2");
        assertThat(wide.get("voices").get(0).get("id").asString()).isEqualTo("voice");
        JsonNode bare = post(DEMO + "/captions", DRAFT.formatted("wide").replace("announcement", "opening"))
                .json();
        assertThat(bare.path("script").isObject()).isFalse();
    }

    @Test
    void captions_are_written_in_every_form_and_column() {
        String files = DEMO + "/scenes/announcement/captions.";
        assertThat(server.get(files + "srt").body())
                .startsWith("1\n00:00:00,632 --> ")
                .contains("The last boat home leaves at eleven.");
        TestServer.Answer german = server.get(files + "vtt?column=c2");
        assertThat(german.body()).startsWith("WEBVTT").contains("Nimm einen Mantel, es ist windig.");
        assertThat(server.get("/api/caption-forms").json()).hasSize(5);
        assertThat(server.get(files + "exe").json().get("detail").asString())
                .contains("aptions are written as srt, vtt, csv, textgrid or txt");
        assertThat(server.get(DEMO + "/scenes/opening/captions.srt")
                        .json()
                        .get("detail")
                        .asString())
                .contains("has no captions");
    }

    @Test
    void a_made_voice_is_taken_in_with_its_words_or_what_is_missing_is_said() {
        assertThat(server.get("/api/sounds/made/voices").json()).hasSize(8);
        TestServer.Answer made = post("/api/sounds/made", "{'script':'Bring a coat.','voice':'slt','speed':160}");
        // The makers of voices are not needed to run: without them it is said what to install.
        if (made.status() == 201) {
            assertThat(made.json().get("sound").get("kind").asString()).isEqualTo("voice");
            assertThat(made.json().get("words")).hasSize(3);
        } else {
            assertThat(made.json().get("detail").asString()).contains("apt-get install flite");
        }
        assertThat(post("/api/sounds/made", "{'script':' ','voice':'slt','speed':160}")
                        .json()
                        .get("detail")
                        .asString())
                .contains("nothing to say");
        assertThat(post("/api/sounds/made", "{'script':'a','voice':'gull','speed':160}")
                        .json()
                        .get("detail")
                        .asString())
                .contains("no voice 'gull'");
        assertThat(post("/api/sounds/made", "{'script':'a','voice':'slt','speed':900}")
                        .json()
                        .get("detail")
                        .asString())
                .contains("80 to 260");
    }
}
