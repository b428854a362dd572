package knollwind.core.frame;

import static knollwind.core.frame.DressedBlocks.STILL;
import static knollwind.core.frame.DressedBlocks.all;
import static knollwind.core.frame.DressedBlocks.dressed;
import static knollwind.core.frame.DressedBlocks.inked;
import static knollwind.core.frame.DressedBlocks.score;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import knollwind.core.Samples;
import knollwind.core.directions.dress.DressReader;
import knollwind.core.display.DisplayList;
import knollwind.core.display.PaintOp;
import knollwind.core.scene.Beats;
import knollwind.core.scene.Scene;
import knollwind.core.scene.TextBlock;
import org.junit.jupiter.api.Test;

/** Dressings that stutter and flash, and how seldom. */
class SafeDressTest {
    @Test
    void a_sign_that_is_on_rests_and_its_light_lies_on_what_is_behind() {
        BlockScore sign = dressed(STILL, "lit as a sign in #f0b64a stuttering on over 30 frames letter by letter");
        assertThat(sign.restsThroughout(10, 11)).isFalse();
        assertThat(sign.restsThroughout(30, 31)).isTrue();
        assertThat(sign.at(31).list()).isEqualTo(sign.at(90).list());
        assertThat(sign.at(31).list().paints().stream().anyMatch(PaintOp.Mixed.class::isInstance))
                .isTrue();
        BlockScore failing = dressed(STILL, "lit as a sign in #f0b64a failing in 100 % of them");
        assertThat(failing.restsThroughout(60, 61)).isFalse();
        // Dark glass alone: no light is added.
        assertThat(IntStream.range(0, 99)
                        .mapToObj(failing::at)
                        .anyMatch(
                                frame -> all(frame.list(), PaintOp.Mixed.class).isEmpty()))
                .isTrue();
    }

    /** Changes of what is seen within any second, of 200 deals: fewer than three flashes there and back. */
    @Test
    void what_is_disturbed_never_flashes_more_often_than_is_safe() {
        for (int seed = 0; seed < 200; seed++) {
            BlockScore score = dressed(
                    STILL,
                    "disturbed by 100 % dealt anew every 1 frames in bursts of 9 frames about every 20 frames dealt by "
                            + seed);
            List<Integer> changes = new ArrayList<>();
            DisplayList before = score.at(0).list();
            for (int frame = 1; frame < 60; frame++) {
                DisplayList now = score.at(frame).list();
                if (!now.equals(before)) {
                    changes.add(frame);
                }
                before = now;
            }
            assertThat(changes).hasSizeGreaterThan(1);
            for (int i = 6; i < changes.size(); i++) {
                assertThat(changes.get(i) - changes.get(i - 6))
                        .as("seed %d", seed)
                        .isGreaterThanOrEqualTo(24);
            }
        }
    }

    @Test
    void bursts_begin_on_beats_and_are_as_safe_there() {
        for (double perMinute : new double[] {60, 96, 127, 400}) {
            TextBlock words = STILL.withDress(DressReader.read(
                    "disturbed by 100 % dealt anew every 1 frames in bursts of 9 frames about every 20 frames bursting on every beat",
                    List.of()));
            var project = Samples.project(100, words);
            Scene scene = project.scenes().get(0).withBeats(new Beats(perMinute, 6, 4));
            BlockScore score = Samples.score(project.withScenes(List.of(scene)), scene)
                    .blocks()
                    .get(0);
            DisplayList still = score(STILL).at(0).list();
            List<Integer> changes = new ArrayList<>();
            for (int frame = 1; frame < 90; frame++) {
                if (!score.at(frame).list().equals(score.at(frame - 1).list())) {
                    changes.add(frame);
                }
            }
            assertThat(changes).contains(6);
            for (int i = 6; i < changes.size(); i++) {
                assertThat(changes.get(i) - changes.get(i - 6)).isGreaterThanOrEqualTo(24);
            }
            if (perMinute == 96) {
                // 15 frames a beat: two deals of four frames, and then it stands until the next.
                assertThat(changes).startsWith(6, 10, 14, 21, 25, 29);
                assertThat(inked(score.at(16).list())).isEqualTo(inked(still));
            }
        }
    }
}
