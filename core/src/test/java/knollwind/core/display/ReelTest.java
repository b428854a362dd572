package knollwind.core.display;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import knollwind.core.Samples;
import knollwind.core.frame.Inks;
import knollwind.core.frame.ReelBuilder;
import knollwind.core.frame.SceneScore;
import knollwind.core.geometry.Box;
import knollwind.core.scene.Fill;
import knollwind.core.scene.LinearLight;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.type.FontLibrary;
import knollwind.core.type.Typesetter;
import org.junit.jupiter.api.Test;

class ReelTest {
    @Test
    void what_is_written_is_read_back() {
        for (Scene scene : Samples.demo().scenes()) {
            Reel reel = ReelBuilder.build(score(scene.id(), Samples.TYPESETTER), 20, 68);
            Reel read = ReelReader.read(ReelWriter.write(reel, Set.of()));
            assertThat(read.from()).isEqualTo(20);
            assertThat(read.rows()).hasSameSizeAs(reel.rows());
            for (int i = 0; i < reel.rows().size(); i++) {
                assertThat(read.rows().get(i).block())
                        .isEqualTo(reel.rows().get(i).block());
                assertThat(read.rows().get(i).lists())
                        .isEqualTo(reel.rows().get(i).lists());
                assertThat(read.rows().get(i).frames())
                        .isEqualTo(reel.rows().get(i).frames());
                assertThat(read.rows().get(i).bounds())
                        .isEqualTo(reel.rows().get(i).bounds());
            }
        }
    }

    /** Fonts, shaping and scores are made anew; the bytes are the same. */
    @Test
    void the_same_document_gives_the_same_bytes() {
        byte[] first = ReelWriter.write(ReelBuilder.build(score("opening", Samples.TYPESETTER), 0, 180), Set.of());
        byte[] second = ReelWriter.write(
                ReelBuilder.build(score("opening", new Typesetter(new FontLibrary())), 0, 180), Set.of());
        assertThat(Arrays.equals(first, second)).isTrue();
    }

    @Test
    void a_stretch_of_rest_is_stored_once() {
        Reel.Row title = track("opening", "title", 0, 180);
        int rest = title.frames()[120];
        // It breathes from 75 to 105 and rests from then to the last frame before the leave begins at 150.
        assertThat(title.frames()[90]).isNotEqualTo(rest);
        assertThat(IntStream.range(106, 151).map(frame -> title.frames()[frame]).distinct())
                .containsExactly(rest);
        assertThat(title.frames()[26]).isEqualTo(-1);
        assertThat(title.frames()[165]).isEqualTo(-1);
    }

    @Test
    void bounds_hold_the_block_by_frame() {
        Reel.Row title = track("opening", "title", 0, 180);
        float[] box = Arrays.copyOfRange(title.bounds(), 400, 404);
        assertThat(box[0]).isBetween(0f, 400f);
        assertThat(box[2]).isBetween(1500f, 1920f);
        assertThat(box[0] + box[2]).isCloseTo(1920, within(1f));
        assertThat(Arrays.copyOfRange(title.bounds(), 0, 4)).containsOnly(0f);
    }

    @Test
    void known_outlines_are_named_but_not_sent() {
        Reel reel = ReelBuilder.build(score("opening", Samples.TYPESETTER), 100, 101);
        Set<Long> known = new HashSet<>();
        reel.rows()
                .forEach(track -> track.lists()
                        .forEach(list -> list.paints().forEach(paint -> {
                            if (paint instanceof PaintOp.Fill fill) {
                                known.add(fill.outline().id());
                            }
                        })));
        byte[] all = ReelWriter.write(reel, Set.of());
        byte[] few = ReelWriter.write(reel, known);
        assertThat(few.length).isLessThan(all.length * 2 / 3);
        assertThatThrownBy(() -> ReelReader.read(few)).hasMessageContaining("leaves out the outline");
    }

    @Test
    void strangers_are_refused() {
        byte[] reel = ReelWriter.write(ReelBuilder.build(score("skipper", Samples.TYPESETTER), 0, 1), Set.of());
        assertThatThrownBy(() -> ReelReader.read(Arrays.copyOf(reel, reel.length - 8)))
                .hasMessageContaining("cut short");
        reel[0] = 'X';
        assertThatThrownBy(() -> ReelReader.read(reel)).hasMessageContaining("not a reel");
    }

    @Test
    void the_dump_names_every_operation() {
        Map<String, Object> dump = ReelJson.dump(ReelBuilder.build(score("opening", Samples.TYPESETTER), 40, 41));
        assertThat(dump.toString()).contains("[concat, ", "[clip, ", "[fill, ", "[save]", "[restore]", "block=title");
    }

    /** Half way between black and white is 50 % of the light, which sRGB encodes as 188. */
    @Test
    void gradients_mix_in_linear_light() {
        assertThat(LinearLight.mix(0xff000000, 0xffffffff, 0.5)).isEqualTo(0xffbcbcbc);
        assertThat(LinearLight.mix(0x00ff0000, 0xffff0000, 0.5)).isEqualTo(0x80ff0000);
        Fill.Gradient gradient =
                new Fill.Gradient(90, List.of(new Fill.Stop("a", 0, "#000000"), new Fill.Stop("b", 1, "#ffffff")));
        Ink.Gradient ink = (Ink.Gradient) Inks.gradient(gradient, new Box(0, 0, 200, 100));
        assertThat(new float[] {ink.x0(), ink.y0(), ink.x1(), ink.y1()})
                .containsExactly(new float[] {100, 0, 100, 100}, within(1e-5f));
        int middle = ink.positions().length / 2;
        assertThat(ink.positions()[middle]).isEqualTo(0.5f);
        assertThat(ink.colours()[middle]).isEqualTo(0xffbcbcbc);
    }

    private static Reel.Row track(String scene, String block, int from, int to) {
        return ReelBuilder.build(score(scene, Samples.TYPESETTER), from, to).rows().stream()
                .filter(track -> track.block().equals(block))
                .findFirst()
                .orElseThrow();
    }

    private static SceneScore score(String id, Typesetter typesetter) {
        Project demo = Samples.demo();
        Scene scene = demo.scene(id);
        return SceneScore.of(demo, scene, scene.formats().get(0), typesetter);
    }
}
