package knollwind.core.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import knollwind.core.Samples;
import knollwind.core.frame.BlockScore;
import knollwind.core.frame.SceneScore;
import knollwind.core.geometry.Point;
import knollwind.core.motion.BlockTiming;
import knollwind.core.scene.Block;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Format;
import knollwind.core.scene.FrameRate;
import knollwind.core.scene.Project;
import knollwind.core.scene.ProjectBuilder;
import knollwind.core.scene.Scene;
import knollwind.core.scene.SceneBuilder;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What scenes can begin with stands whole in the frame, of any shape and at any rate, and comes and goes in its time. */
class BeginningTest {
    static Stream<Arguments> all() {
        List<int[]> shapes = List.of(new int[] {1920, 1080}, new int[] {1080, 1920}, new int[] {300, 250});
        return Stream.of(Beginning.values())
                .flatMap(one -> shapes.stream()
                        .flatMap(shape -> Stream.of(new FrameRate(24, 1), new FrameRate(60, 1))
                                .map(rate -> Arguments.of(one, shape[0], shape[1], rate))));
    }

    @ParameterizedTest
    @MethodSource("all")
    void it_fits_the_frame_and_the_scene(Beginning beginning, int width, int height, FrameRate rate) {
        int length = beginning.length(rate);
        List<Block> blocks = beginning.blocks(rate, length, width, height, "#f4ead2", id -> id + "-9");
        Format format = new Format("f", "f", width, height, List.of());
        Scene scene = SceneBuilder.builder()
                .id("s")
                .name("S")
                .rate(rate)
                .length(length)
                .background(new Fill.None())
                .formats(List.of(format))
                .blocks(blocks)
                .build();
        Project project = ProjectBuilder.builder()
                .documentVersion(Project.DOCUMENT_VERSION)
                .engineVersion(Project.ENGINE_VERSION)
                .id("p")
                .name("P")
                .scenes(List.of(scene))
                .build();
        for (BlockScore score :
                SceneScore.of(project, scene, format, Samples.TYPESETTER).blocks()) {
            assertThat(score.block().id()).endsWith("-9");
            BlockTiming timing = score.timing();
            assertThat(timing.scale()).isEqualTo(1);
            assertThat(timing.leaveStart() - timing.arriveEnd()).isGreaterThan(rate.perSecond());
            if (score.block().place().crawl() == null) {
                for (Point corner : score.corners()) {
                    assertThat(corner.x()).isBetween(width * 0.03, width * 0.97);
                    assertThat(corner.y()).isBetween(height * 0.03, height * 0.97);
                }
            }
        }
    }
}
