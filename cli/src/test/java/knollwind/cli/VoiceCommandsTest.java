package knollwind.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** The commands that listen and speak. */
class VoiceCommandsTest {
    private static final String VOICE =
            Path.of("..", "demo", "sounds", "pier-loudspeaker.m4a").toString();

    @TempDir
    Path folder;

    private Path script(String text) throws Exception {
        return Files.writeString(folder.resolve("script.txt"), text);
    }

    @Test
    void words_of_a_script_are_found_and_what_differs_is_told() throws Exception {
        Path script = script("The last boat home leaves at 11. Bring a coat, the deck is windy. Ask for Havnskar."
                + " The lamp on pier two will guide you.");
        Ended found = Ended.of("align", VOICE, script.toString());
        assertThat(found.code()).as(found.err()).isZero();
        List<JsonNode> words = found.json();
        assertThat(words).hasSize(25);
        assertThat(words.get(6).get("word").asString()).isEqualTo("11.");
        assertThat(words.get(6).get("start").asDouble()).isCloseTo(3.125, within(0.05));
        assertThat(words.get(7).get("start").asDouble()).isCloseTo(6.25, within(0.05));
        assertThat(words.get(15).get("doubt").asString()).contains("not heard");
        assertThat(words.get(17).get("start").asDouble()).isCloseTo(8.75, within(0.05));
        assertThat(found.err()).contains("Havnskar");
    }

    @Test
    void another_language_is_spread_and_says_so() throws Exception {
        Ended found = Ended.of(
                "align",
                VOICE,
                script("Det siste skipet g\u00e5r klokken elleve.").toString(),
                "--language",
                "nb");
        assertThat(found.json()).hasSize(6);
        assertThat(found.err()).contains("approximate");
    }

    @Test
    void a_stand_in_is_spoken_or_it_is_said_what_to_install() throws Exception {
        Path wav = folder.resolve("said.wav");
        Ended said = Ended.of("speak", script("Bring a coat.").toString(), "--out", wav.toString(), "--speed", "150");
        if (said.code() == 0) {
            assertThat(said.json())
                    .extracting(word -> word.get("word").asString())
                    .containsExactly("Bring", "a", "coat.");
            assertThat(wav).isNotEmptyFile();
        } else {
            assertThat(said.err()).contains("apt-get install flite");
        }
        assertThat(Ended.of("speak", script("x").toString(), "--out", wav.toString(), "--voice", "ines")
                        .err())
                .contains("there are slt, rms");
        assertThat(Ended.of("speak", script("x").toString(), "--out", wav.toString(), "--speed", "900")
                        .err())
                .contains("from 80 to 260");
    }
}
