package knollwind.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import knollwind.core.document.DocumentJson;
import knollwind.core.sound.Recording;
import knollwind.paint.SoundFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The commands as processes of their own, with what they print and the code they end with. */
class CommandsTest {
    private static final String DEMO =
            Path.of("..", "demo", "ternholm-night-ferry.json").toString();

    @TempDir
    Path folder;

    @Test
    void segment_gives_the_standards_boundaries() throws Exception {
        Path texts = folder.resolve("texts");
        Files.writeString(texts, "caf\\u0065\\u0301 on\n\\uD83D\\uDC69\\u200D\\uD83D\\uDC67\n\nPier Two.\n");
        assertThat(boundaries("character", texts))
                .containsExactly("[0,1,2,3,5,6,7,8]", "[0,5]", "[0]", "[0,1,2,3,4,5,6,7,8,9]");
        assertThat(boundaries("word", texts)).containsExactly("[0,5,6,8]", "[0,5]", "[0]", "[0,4,5,8,9]");
        assertThat(boundaries("line", texts)).containsExactly("[0,6,8]", "[0,5]", "[0]", "[0,5,9]");
    }

    private List<String> boundaries(String by, Path texts) throws Exception {
        return run("segment", "--by", by, "--texts", texts.toString()).json().stream()
                .map(line -> line.get("boundaries").toString())
                .toList();
    }

    @Test
    void units_take_a_setting_and_runs_as_documents_have_them() throws Exception {
        Path setting = folder.resolve("setting.json");
        Files.writeString(
                setting,
                "{\"face\":{\"family\":\"Archivo\"},\"size\":100,\"forms\":{\"case\":\"upper\"},"
                        + "\"path\":{\"kind\":\"arc\",\"radius\":600,\"offset\":0,\"upright\":false}}");
        Path runs = folder.resolve("runs.json");
        Files.writeString(runs, "[{\"id\":\"r\",\"from\":5,\"to\":8,\"scale\":2}]");
        List<JsonNode> words = run(
                        "units",
                        "--setting",
                        setting.toString(),
                        "--runs",
                        runs.toString(),
                        "--by",
                        "word",
                        "--text",
                        "pier two")
                .json();
        assertThat(words).extracting(word -> word.get("text").asString()).containsExactly("PIER", "TWO");
        assertThat(words.get(1).get("ink").get("height").asDouble())
                .isGreaterThan(1.8 * words.get(0).get("ink").get("height").asDouble());
        assertThat(run("units", "--by", "word", "--text", "a").err()).contains("say --size");
    }

    @Test
    void units_can_be_set_in_every_way_a_document_can() throws Exception {
        List<JsonNode> lines = run(
                        "units",
                        "--size",
                        "80",
                        "--by",
                        "line",
                        "--case",
                        "upper",
                        "--fit",
                        "lines",
                        "--fit-width",
                        "900",
                        "--text",
                        "Ternholm\\u000anight ferry")
                .json();
        assertThat(lines).extracting(line -> line.get("text").asString()).containsExactly("TERNHOLM", "NIGHT FERRY");
        assertThat(lines)
                .allSatisfy(line -> assertThat(line.get("ink").get("width").asDouble())
                        .isCloseTo(900, org.assertj.core.api.Assertions.within(0.05)));
        assertThat(run("units", "--size", "80", "--by", "line", "--lines", "stacked", "--text", "Last boat home")
                        .json())
                .hasSize(3);
        double plain = width("AVA");
        assertThat(width("AVA", "--no-kerning")).isGreaterThan(plain + 5);
        assertThat(width("AVA", "--tracking", "100")).isGreaterThan(plain + 15);
    }

    @Test
    void moves_are_listed_with_their_sentences_and_painted_on_sheets() throws Exception {
        JsonNode moves = DocumentJson.tree(run("moves").text());
        assertThat(moves.size()).isGreaterThanOrEqualTo(80);
        JsonNode hinge = DocumentJson.tree(run("moves", "--name", "hinge up").text());
        assertThat(hinge.size()).isEqualTo(1);
        assertThat(hinge.get(0).get("phases")).hasSize(2);
        String sentence = hinge.get(0).get("sentence").get("arrive").get(0).asString();
        assertThat(sentence).startsWith("characters tip from -100\u00b0");
        JsonNode read = DocumentJson.tree(run("direct", sentence).text());
        assertThat(run("direct", read.toString()).text().strip()).isEqualTo(sentence);
        String dressed = "a shadow of 12 px in #000000 at 60 %, mirrored below at 30 % fading over 0.8 em.";
        JsonNode dress = DocumentJson.tree(run("dress", dressed).text());
        assertThat(dress.get(0).path("numbers").path("soft").asDouble()).isEqualTo(12);
        assertThat(run("dress", dress.toString()).text().strip()).isEqualTo(dressed);
        assertThat(run("dress", "a halo").err()).contains("cannot be read here");
        assertThat(run("dress").text().lines()).contains("mirrored below at 30 % fading over 0.8 em");
        Path sheet = folder.resolve("kinds.png");
        run("dress", "--sheet", sheet.toString());
        assertThat(sheet).isNotEmptyFile();
        assertThat(run("moves", "--name", "Ripple", "--sheets", folder.toString())
                        .code())
                .isZero();
        assertThat(ImageIO.read(folder.resolve("playful-dwell.png").toFile()).getWidth())
                .isEqualTo(7 * 320);
        assertThat(run("moves", "--name", "Wobbly bits").err()).contains("there is no move 'Wobbly bits'");
    }

    @Test
    void captions_are_made_of_words_and_written_in_another_form() throws Exception {
        Path words = folder.resolve("words.jsonl");
        Files.writeString(
                words,
                "{\"word\":\"Bring\",\"start\":1,\"end\":1.4}\n{\"word\":\"a\",\"start\":1.4,\"end\":1.5}\n"
                        + "{\"word\":\"coat.\",\"start\":1.5,\"end\":2.2}\n{\"word\":\"Mind\",\"start\":3,\"end\":3.4}\n"
                        + "{\"word\":\"the\",\"start\":3.4,\"end\":3.5}\n{\"word\":\"ramp.\",\"start\":3.5,\"end\":4.2}\n");
        Path made = folder.resolve("made.srt");
        assertThat(run("captions", words.toString(), "--to", "srt", "--out", made.toString())
                        .code())
                .isZero();
        assertThat(Files.readString(made))
                .isEqualTo("1\n00:00:01,000 --> 00:00:02,200\nBring a coat.\n\n"
                        + "2\n00:00:03,000 --> 00:00:04,200\nMind the ramp.\n\n");
        assertThat(run("captions", made.toString(), "--to", "csv").out())
                .containsExactly("start,end,text", "1.000,2.200,Bring a coat.", "3.000,4.200,Mind the ramp.");
        Ended single = run(
                "captions", words.toString(), "--to", "vtt", "--rules", "one word at a time, each 0.3 to 2 seconds");
        assertThat(single.text()).contains("00:00:01.500 --> 00:00:02.200\ncoat.");
        assertThat(single.err()).contains("\u201ca\u201d is on for 0.10 s; at least 0.30 s are asked for.");
        Path timed = folder.resolve("timed.vtt");
        run("captions", words.toString(), "--to", "vtt", "--word-times", "--out", timed.toString());
        assertThat(Files.readString(timed)).contains("Bring <00:00:01.400>a <00:00:01.500>coat.");
        // Its words have times, so that captions can be made of them anew.
        assertThat(run(
                                "captions",
                                timed.toString(),
                                "--to",
                                "csv",
                                "--rules",
                                "one word at a time, each 0.1 to 2 seconds")
                        .out())
                .hasSize(7);
        assertThat(run("captions", words.toString(), "--to", "srt", "--word-times")
                        .err())
                .contains("--word-times are written in vtt alone");
        assertThat(run("captions", words.toString(), "--to", "doc").err())
                .contains("captions are written as srt, vtt, csv, textgrid or txt");
        assertThat(run("captions", made.toString(), "--to", "vtt", "--rules", "one word each")
                        .err())
                .contains("whose words have no times of their own");
        assertThat(run("captions", words.toString(), "--to", "vtt", "--rules", "sideways")
                        .err())
                .contains("\"sideways\" cannot be read here");
    }

    @Test
    void beats_of_music_are_found() throws Exception {
        Path music = folder.resolve("bell.wav");
        // A bell every half a second, from a quarter of a second on.
        short[] samples = new short[6 * 48_000];
        for (int strike = 0; strike < 11; strike++) {
            for (int i = 0; i < 9_600; i++) {
                samples[12_000 + strike * 24_000 + i] += (short) (9000 * Math.exp(-i / 2400.0) * Math.sin(i * 0.15));
            }
        }
        ByteBuffer bytes = ByteBuffer.allocate(2 * samples.length).order(ByteOrder.LITTLE_ENDIAN);
        bytes.asShortBuffer().put(samples);
        AudioSystem.write(
                new AudioInputStream(
                        new ByteArrayInputStream(bytes.array()),
                        new AudioFormat(48_000, 16, 1, true, false),
                        samples.length),
                AudioFileFormat.Type.WAVE,
                music.toFile());
        JsonNode found = DocumentJson.tree(run("beats", music.toString()).text());
        assertThat(found.get("bpm").asDouble()).isCloseTo(120, within(0.6));
        assertThat(found.get("beats").get(0).asDouble()).isCloseTo(0.25, within(0.025));
        assertThat(found.get("beats").size()).isBetween(10, 11);
        Files.writeString(music, "not a sound");
        assertThat(run("beats", music.toString()).err()).contains("bell.wav").isNotBlank();
    }

    @Test
    void what_cannot_be_read_as_a_direction_is_said_with_its_reason() throws Exception {
        assertThat(run("direct", "words wriggle, 3 apart").err()).contains("\"wriggle\" cannot be read here");
        assertThat(run("direct", "words fade in", "--phase", "later").err()).contains("arrive, dwell or leave");
        assertThat(run("direct", "words lift 0.1 em, swinging every 2 beats", "--phase", "dwell")
                        .text())
                .contains("\"beats\"");
    }

    @Test
    void a_backdrop_is_a_video_of_the_size_asked_for() throws Exception {
        Path file = folder.resolve("fog.mp4");
        assertThat(run("backdrop", "fog-banks", "--size", "96x54", "--frames", "4", "--out", file.toString())
                        .code())
                .isZero();
        assertThat(file).isNotEmptyFile();
        assertThat(run("backdrop", "sunshine", "--out", file.toString()).err()).contains("there are harbour-lights");
        assertThat(run("backdrop", "fog-banks", "--size", "95x54", "--out", file.toString())
                        .err())
                .contains("both even");
    }

    private double width(String text, String... more) throws Exception {
        List<String> arguments = new ArrayList<>(List.of("units", "--size", "100", "--by", "line", "--text", text));
        arguments.addAll(List.of(more));
        return run(arguments.toArray(new String[0]))
                .json()
                .get(0)
                .get("advance")
                .get("width")
                .asDouble();
    }

    @Test
    void units_have_their_boxes_one_a_line() throws Exception {
        List<JsonNode> words = run("units", "--size", "100", "--by", "word", "--text", "LAST BOAT\\u000aHOME")
                .json();
        assertThat(words).extracting(word -> word.get("text").asString()).containsExactly("LAST", "BOAT", "HOME");
        assertThat(words).extracting(word -> word.get("line").asInt()).containsExactly(0, 0, 1);
        assertThat(words.get(1).at("/advance/x").asDouble())
                .isGreaterThan(words.get(0).at("/advance/width").asDouble());
        assertThat(words.get(0).at("/ink/height").asDouble()).isBetween(60.0, 80.0);
        List<JsonNode> wrapped = run(
                        "units", "--size", "100", "--width", "300", "--by", "line", "--text", "LAST BOAT HOME")
                .json();
        assertThat(wrapped).hasSize(3);
    }

    @Test
    void ease_samples_evenly_from_0_to_1() throws Exception {
        JsonNode one = run("ease", "steps(2)", "--samples", "5").json().get(0);
        assertThat(one.toString()).isEqualTo("{\"function\":\"steps(2)\",\"values\":[0.0,0.0,0.5,0.5,1.0]}");
        Path functions = folder.resolve("functions");
        Files.writeString(functions, "linear\n\nease-in-out\n");
        List<JsonNode> both = run("ease", "--functions", functions.toString(), "--samples", "3")
                .json();
        assertThat(both).hasSize(2);
        assertThat(both.get(1).at("/values/1").asDouble()).isCloseTo(0.5, within(1e-9));
    }

    @Test
    void timing_tells_every_turn() throws Exception {
        List<JsonNode> turns = run("timing", DEMO, "--scene", "Opening").json();
        JsonNode first = turns.stream()
                .filter(turn -> turn.get("block").asString().equals("title")
                        && turn.get("rank").asInt() == 0)
                .findFirst()
                .orElseThrow();
        assertThat(first.get("start").asDouble()).isEqualTo(27);
        assertThat(first.get("end").asDouble()).isEqualTo(39);
        assertThat(run("timing", DEMO).json()).hasSizeGreaterThan(turns.size());
    }

    @Test
    void frame_render_and_reel_write_files() throws Exception {
        Path still = folder.resolve("still.png");
        assertThat(run("frame", DEMO, "--scene", "Opening", "--format", "16:9", "--at", "60", "--out", still.toString())
                        .code())
                .isZero();
        assertThat(ImageIO.read(still.toFile()).getWidth()).isEqualTo(1920);
        Path small = folder.resolve("small.json");
        Files.writeString(small, Files.readString(Path.of(DEMO)).replace("\"length\": 120", "\"length\": 4"));
        Path video = folder.resolve("card.mp4");
        Ended silent = run("render", small.toString(), "--scene", "End card", "--out", video.toString(), "--quiet");
        assertThat(silent.code()).isZero();
        assertThat(silent.err()).contains("the sound \u201cnight-water.m4a\u201d is not in", "--sounds");
        assertThat(Files.size(video)).isGreaterThan(1000);
        assertThat(loudest(video)).as("the sounds are not beside it").isEqualTo(0);
        String sounds = Path.of(DEMO).resolveSibling("sounds").toString();
        assertThat(run("render", small.toString(), "--scene", "End card", "--sounds", sounds, "--out", video.toString())
                        .code())
                .isZero();
        assertThat(loudest(video)).isGreaterThan(100);
    }

    @Test
    void a_film_that_is_not_beside_the_document_is_named_with_where_to_put_it() throws Exception {
        Path screens = folder.resolve("screens.json");
        Files.copy(Path.of(DEMO).resolveSibling("ternholm-pier-screens.json"), screens);
        Path still = folder.resolve("fog.png");
        Ended ended = run("frame", screens.toString(), "--scene", "fog", "--at", "9", "--out", still.toString());
        assertThat(ended.code()).isEqualTo(1);
        assertThat(ended.err()).contains("the film \u201cfog-banks.mp4\u201d is not in", "pictures", "--pictures");
        assertThat(still).doesNotExist();
    }

    @Test
    void an_old_document_is_taken_as_it_is_and_brought_up_to_date() throws Exception {
        Path old = Path.of("..", "core", "src", "test", "resources", "documents", "v1", "night-ferry.json");
        Path out = folder.resolve("new.json");
        String demo = Files.readString(Path.of(DEMO));
        Ended kept = run("upgrade", old.toString(), "--out", out.toString());
        assertThat(kept.code()).isZero();
        assertThat(kept.text()).contains("keeps to an older rule", "--new-rules");
        assertThat(asBefore(Files.readString(out)))
                .isEqualTo(asBefore(demo.replace("\"engineVersion\": \"2\"", "\"engineVersion\": \"1\"")));
        assertThat(run("upgrade", old.toString(), "--new-rules", "--out", out.toString())
                        .code())
                .isZero();
        assertThat(asBefore(Files.readString(out))).isEqualTo(asBefore(demo));
        assertThat(run("timing", old.toString(), "--scene", "opening").text())
                .isEqualTo(run("timing", DEMO, "--scene", "opening").text());
    }

    /** The demo without what it was given since its old document was kept: sounds, two scenes that go by them, dress, and a scene that goes by that. */
    private static JsonNode asBefore(String document) {
        ObjectNode tree = (ObjectNode) DocumentJson.tree(document);
        tree.remove("voices");
        ArrayNode scenes = (ArrayNode) tree.get("scenes");
        for (int i = scenes.size() - 1; i >= 0; i--) {
            ((ObjectNode) scenes.get(i)).remove("sounds");
            scenes.get(i).get("blocks").forEach(block -> ((ObjectNode) block).remove("dress"));
            if (Set.of("announcement", "crossing", "end-card")
                    .contains(scenes.get(i).get("id").asString())) {
                scenes.remove(i);
            }
        }
        return tree;
    }

    /** The loudest sample of a film's sound. */
    private int loudest(Path video) throws Exception {
        Path samples = folder.resolve("samples");
        SoundFile.unpack(video, samples, folder, "ffmpeg");
        try (SoundFile sound = new SoundFile(samples)) {
            short[] values = new short[(int) sound.frames() * Recording.CHANNELS];
            sound.read(0, values, (int) sound.frames());
            return IntStream.range(0, values.length)
                    .map(i -> Math.abs(values[i]))
                    .max()
                    .orElseThrow();
        }
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "ease wobble | 1 | is not an easing function",
                "ease linear --samples 1 | 1 | must be 2 or more",
                "frame DEMO --scene Fares --at 0 --out x.png | 1 | no scene 'Fares'; it has [Opening, Stops, Skipper, Announcement, Crossing, Wind, Note, Thanks, End card]",
                "frame DEMO --at 900 --out x.png | 1 | not inside the scene",
                "frame DEMO --at 0 --out x.gif | 1 | must end in .mp4, .webm, .png or .zip",
                "frame nowhere.json --at 0 --out x.png | 1 | nowhere.json",
                "units --size 20 --by word --text A --fit inside --fit-width 90 | 1 | --fit-height above 0",
                "units --size 0 --by word --text A | 1 | size",
                "units --size 20 --by syllable --text A | 2 | character",
                "units --size 20 --by word --text A --family Nova | 1 | there is no family 'Nova'",
                "segment --by word | 2 | --texts",
            })
    void bad_input_is_answered_in_words(String line, int code, String reason) throws Exception {
        Ended ended = run(line.replace("DEMO", DEMO).split(" "));
        assertThat(ended.err()).contains(reason);
        assertThat(ended.code()).isEqualTo(code);
    }

    private Ended run(String... arguments) throws Exception {
        return Ended.of(arguments);
    }
}
