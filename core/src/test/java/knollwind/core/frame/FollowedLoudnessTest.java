package knollwind.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import knollwind.core.Samples;
import knollwind.core.layout.Materials;
import knollwind.core.motion.MoveCurve;
import knollwind.core.scene.Channel;
import knollwind.core.scene.Cycle;
import knollwind.core.scene.Loudness;
import knollwind.core.scene.Order;
import knollwind.core.scene.Pace;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Project;
import knollwind.core.scene.Property;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Sound;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.UnitKind;
import knollwind.core.sound.Envelopes;
import knollwind.core.sound.Tones;
import org.junit.jupiter.api.Test;

/** Moves that go as loud as something is. */
class FollowedLoudnessTest {
    private static final Loudness LOUDNESS =
            new Loudness(Sound.Kind.MUSIC, null, Loudness.Band.ALL, -43.01, 0.0, 0.0, null);

    /** Loud from the first to the second second. */
    private static final Materials MATERIALS = new Materials(
            Samples.TYPESETTER,
            Envelopes.listening(sha256 -> Tones.of(1000, second -> second >= 1 && second < 2 ? 1 : 0)));

    private static Project project(Loudness loudness, UnitKind unit, double apart) {
        Phase dwell = new Phase(List.of(Samples.move(
                        unit,
                        Order.READING,
                        Pace.eachApart(12, apart),
                        "linear",
                        Channel.from("s", Property.SCALE, 1.5, null))
                .withCycle(Cycle.following(loudness))));
        TextBlock block =
                Samples.block("Bell", Span.of(0, 200), Phase.CUT, Phase.CUT).with(one -> one.dwell(dwell));
        Project bare = Samples.project(240, block);
        Scene scene = bare.scenes()
                .get(0)
                .withSounds(List.of(Sound.whole("bell", "Bell", Sound.Kind.MUSIC, "a1".repeat(32), 4)));
        return bare.withScenes(List.of(scene));
    }

    private static BlockScore score(Project project, Materials materials) {
        Scene scene = project.scenes().get(0);
        return SceneScore.of(project, scene, scene.formats().get(0), materials)
                .blocks()
                .get(0);
    }

    private static double scale(Project project, Materials materials, int unit, double second) {
        BlockScore score = score(project, materials);
        MoveCurve curve = new MoveCurve(score.timing().moves().get(0), 1, 1, 1, 1);
        return curve.pose(unit, second * project.scenes().get(0).rate().perSecond())
                .get(Property.SCALE);
    }

    @Test
    void a_channel_is_as_far_from_rest_as_its_sound_is_loud() {
        Project project = project(LOUDNESS, UnitKind.WHOLE, 0);
        assertThat(scale(project, MATERIALS, 0, 0.5)).isEqualTo(1);
        assertThat(scale(project, MATERIALS, 0, 1.5)).isCloseTo(1 + 0.5 * (1 - 3.01 / 43.01), within(0.002));
        assertThat(scale(project, MATERIALS, 0, 2.5)).isEqualTo(1);
        assertThat(score(project, MATERIALS).at(10).list())
                .isNotEqualTo(score(project, MATERIALS).at(45).list());
    }

    @Test
    void turned_round_it_is_away_when_all_is_quiet() {
        Loudness quiet = new Loudness(Sound.Kind.MUSIC, null, null, -43.01, 0.0, 0.0, true);
        Project project = project(quiet, UnitKind.WHOLE, 0);
        assertThat(scale(project, MATERIALS, 0, 0.5)).isEqualTo(1.5);
        assertThat(scale(project, MATERIALS, 0, 1.5)).isCloseTo(1 + 0.5 * 3.01 / 43.01, within(0.002));
    }

    @Test
    void pieces_that_are_apart_follow_one_after_the_other() {
        Project project = project(LOUDNESS, UnitKind.CHARACTER, 6);
        double second = 1.5;
        double behind = 18 / project.scenes().get(0).rate().perSecond();
        assertThat(scale(project, MATERIALS, 3, 1.02)).isEqualTo(1);
        assertThat(scale(project, MATERIALS, 3, second + behind))
                .isCloseTo(scale(project, MATERIALS, 0, second), within(1e-9));
    }

    @Test
    void without_such_a_sound_nothing_moves_and_that_is_told() {
        Loudness other = new Loudness(null, "gone", null, null, null, null, null);
        Project gone = project(other, UnitKind.CHARACTER, 0);
        assertThat(scale(gone, MATERIALS, 0, 1.5)).isEqualTo(1);
        assertThat(score(gone, MATERIALS).timing().moves().get(0).lacking()).isEqualTo(4);
        Project voice = project(Loudness.of(Sound.Kind.VOICE), UnitKind.CHARACTER, 0);
        assertThat(score(voice, MATERIALS).timing().moves().get(0).lacking()).isEqualTo(4);
        Project there = project(LOUDNESS, UnitKind.CHARACTER, 0);
        assertThat(score(there, MATERIALS).timing().moves().get(0).lacking()).isZero();
        assertThat(score(there, Samples.MATERIALS).timing().moves().get(0).lacking())
                .as("its recording is not here")
                .isEqualTo(4);
    }
}
