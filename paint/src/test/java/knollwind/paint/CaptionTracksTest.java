package knollwind.paint;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import knollwind.core.directions.caption.CaptionRuleWords;
import knollwind.core.filling.CaptionCopies;
import knollwind.core.frame.SceneScore;
import knollwind.core.scene.Block;
import knollwind.core.scene.CaptionColumn;
import knollwind.core.scene.CaptionLine;
import knollwind.core.scene.CaptionLineBuilder;
import knollwind.core.scene.CaptionsBuilder;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Span;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Captions in the picture, as tracks of a video, or nowhere. */
class CaptionTracksTest {
    @TempDir
    private Path folder;

    private final Project project = project();

    /** The opening of the demo with two captions in two languages, from one second to two and from there to three. */
    private static Project project() {
        Project demo = Pictures.demo();
        Scene opening = demo.scene("opening");
        String design = opening.blocks().stream()
                .filter(block -> block.asWords().isPresent())
                .map(Block::id)
                .findFirst()
                .orElseThrow();
        Scene captioned = opening.withCaptions(CaptionsBuilder.builder()
                .design(design)
                .designs(List.of(design))
                .rules(CaptionRuleWords.BROADCAST)
                .columns(List.of(new CaptionColumn("c1", "English", "en"), new CaptionColumn("c2", "Deutsch", "de")))
                .lines(List.of(
                        line("a", 24, 48, "The last boat", "Das letzte Boot"),
                        line("b", 48, 72, "leaves at eleven.", "f\u00e4hrt um elf.")))
                .build());
        return demo.withScenes(List.of(captioned));
    }

    private static CaptionLine line(String id, int start, int end, String english, String german) {
        return CaptionLineBuilder.builder()
                .id(id)
                .span(Span.of(start, end))
                .text(Map.of("c1", english, "c2", german))
                .build();
    }

    private SceneScore score(Project shown) {
        Scene scene = shown.scenes().get(0);
        return SceneScore.of(shown, scene, scene.formats().get(2), Pictures.TYPESETTER);
    }

    private static String run(String... command) throws Exception {
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        return new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    }

    @ParameterizedTest
    @ValueSource(strings = {"mp4", "webm"})
    void a_video_holds_a_track_for_each_language_with_the_times_of_its_stretch(String kind) throws Exception {
        Path file = folder.resolve("film." + kind);
        SceneScore plain = score(CaptionCopies.withoutRows(project));
        new Export(plain, 36, 60, false, id -> null, id -> null, score(project).captions())
                .write(List.of(file), "ffmpeg", done -> {}, () -> false);
        String streams = run(
                "ffprobe",
                "-v",
                "error",
                "-select_streams",
                "s",
                "-show_entries",
                "stream=codec_name:stream_tags=language",
                "-of",
                "csv=p=0",
                file.toString());
        assertThat(streams.lines())
                .containsExactlyInAnyOrder(
                        (kind.equals("mp4") ? "mov_text" : "webvtt") + ",eng",
                        (kind.equals("mp4") ? "mov_text" : "webvtt") + ",ger".replace("ger", language(streams)));
        String words = run("ffmpeg", "-v", "error", "-i", file.toString(), "-map", "0:s:0", "-f", "srt", "-");
        assertThat(words)
                // A WebM file begins with the few thousandths by which its sound's codec is late.
                .containsPattern("00:00:00,0[01]\\d --> 00:00:00,5[01]\\d\\s+The last boat")
                .containsPattern("00:00:00,5[01]\\d --> 00:00:01,0[01]\\d\\s+leaves at eleven");
        try (var left = Files.list(folder)) {
            assertThat(left).containsExactly(file);
        }
    }

    /** German has two codes of three letters. */
    private static String language(String streams) {
        return streams.contains("deu") ? "deu" : "ger";
    }

    @Test
    void captions_are_seen_in_the_picture_and_only_while_they_are_on() {
        SceneScore with = score(project);
        SceneScore without = score(CaptionCopies.withoutRows(project));
        assertThat(with.at(10)).isEqualTo(without.at(10));
        assertThat(with.at(30)).isNotEqualTo(without.at(30));
        assertThat(with.captions()).extracting(track -> track.name()).containsExactly("English", "Deutsch");
        assertThat(without.captions()).isEmpty();
    }
}
