package knollwind.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import knollwind.core.Samples;
import knollwind.core.directions.dress.DressReader;
import knollwind.core.directions.move.MoveReader;
import knollwind.core.display.Ink;
import knollwind.core.display.PaintOp;
import knollwind.core.layout.Materials;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Cue;
import knollwind.core.scene.Dressing;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Project;
import knollwind.core.scene.Rational;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Sound;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.TrackKey;
import knollwind.core.scene.Value;
import knollwind.core.scene.Voice;
import knollwind.core.scene.VoiceWord;
import knollwind.core.sound.Envelopes;
import knollwind.core.sound.Tones;
import org.junit.jupiter.api.Test;

/** Dressings whose numbers go by an arrival, by words that are said, by how loud it is; and colours that change over time. */
class DrivenDressTest {
    private static final String SHA = "a1".repeat(32);

    private static final Phase COMES =
            new Phase(List.of(MoveReader.read("the whole slides left 4 em, in 20 frames", PhaseKind.ARRIVE, null)));

    private static final Phase GOES =
            new Phase(List.of(MoveReader.read("the whole slides left 4 em, in 20 frames", PhaseKind.LEAVE, null)));

    /** Loud from the first to the second second. */
    private static final Materials MATERIALS = new Materials(
            Samples.TYPESETTER,
            Envelopes.listening(sha256 -> Tones.of(1000, second -> second >= 1 && second < 2 ? 1 : 0)));

    private static BlockScore score(TextBlock block, Sound.Kind kind, Voice voice) {
        Project bare = Samples.project(240, block);
        Scene scene = bare.scenes().get(0).withSounds(List.of(Sound.whole("s1", "Sound", kind, SHA, 6)));
        Project project = bare.withScenes(List.of(scene)).withVoices(voice == null ? List.of() : List.of(voice));
        return SceneScore.of(project, scene, scene.formats().get(0), MATERIALS)
                .blocks()
                .get(0);
    }

    private static BlockScore dressed(String sentence, Sound.Kind kind, Voice voice) {
        TextBlock words = Samples.block("Bring a lamp", Span.of(10, 200), COMES, GOES);
        return score(words.withDress(DressReader.read(sentence, List.of())), kind, voice);
    }

    /** How strong the shadow is; 0 where there is none. */
    private static double shadow(BlockScore score, double time) {
        return score.at(time).list().paints().stream()
                .filter(PaintOp.Layer.class::isInstance)
                .mapToDouble(paint -> ((PaintOp.Layer) paint).opacity())
                .findFirst()
                .orElse(0);
    }

    @Test
    void while_it_arrives_it_comes_from_the_other_value_and_then_stays() {
        BlockScore score = dressed("a shadow at 60 %, its strength from 20 % while it arrives", Sound.Kind.MUSIC, null);
        assertThat(shadow(score, 10)).isCloseTo(0.2, within(1e-6));
        assertThat(shadow(score, 20)).isCloseTo(0.4, within(1e-6));
        assertThat(shadow(score, 30)).isCloseTo(0.6, within(1e-6));
        assertThat(shadow(score, 100)).isCloseTo(0.6, within(1e-6));
        assertThat(score.restsThroughout(40, 60)).isTrue();
    }

    @Test
    void while_it_leaves_it_goes_to_the_other_value() {
        BlockScore score = dressed("a shadow at 60 %, its strength to 0 % while it leaves", Sound.Kind.MUSIC, null);
        assertThat(shadow(score, 100)).isCloseTo(0.6, within(1e-6));
        assertThat(shadow(score, 190)).isCloseTo(0.3, within(1e-6));
        assertThat(shadow(score, 199.9)).isCloseTo(0, within(1e-3));
    }

    @Test
    void as_loud_as_the_music_it_follows_the_sound_and_does_not_rest_with_it() {
        BlockScore score =
                dressed("a shadow at 100 %, its strength from 0 % as loud as the music", Sound.Kind.MUSIC, null);
        double perSecond = 240 / 10.0;
        assertThat(shadow(score, 0.9 * perSecond)).isZero();
        assertThat(shadow(score, 1.5 * perSecond)).isGreaterThan(0.8);
        assertThat(shadow(score, 3.5 * perSecond)).isZero();
        assertThat(score.restsThroughout(40, 60)).isFalse();
        assertThat(score.restsThroughout(100, 120)).isTrue();
    }

    @Test
    void while_a_word_is_spoken_that_word_alone_is_dressed() {
        Voice voice = new Voice(
                SHA, List.of(word("w1", "Bring", 1, 1.5), word("w2", "a", 2, 2.2), word("w3", "lamp", 3, 3.5)), null);
        BlockScore each = dressed(
                "a shadow at 100 %, its strength from 0 % while it is spoken, word by word", Sound.Kind.VOICE, voice);
        BlockScore second = dressed(
                "a shadow at 100 %, its strength from 0 % while it is spoken, on word 3", Sound.Kind.VOICE, voice);
        assertThat(shadow(each, 1.2 * 24)).isEqualTo(1);
        assertThat(shadow(second, 1.2 * 24)).isZero();
        assertThat(shadow(each, 2.8 * 24)).isZero();
        assertThat(shadow(second, 3.2 * 24)).isEqualTo(1);
        assertThat(dark(each, 1.2 * 24)).isEqualTo("Bring".length());
        assertThat(dark(each, 3.2 * 24)).isEqualTo("lamp".length());
        assertThat(each.isSpoken()).isTrue();
        assertThat(dressed("a shadow, its strength from 0 % while it is spoken", Sound.Kind.VOICE, null)
                        .isSpoken())
                .isFalse();
    }

    private static VoiceWord word(String id, String text, double start, double end) {
        return new VoiceWord(id, text, start, end, null, null, null);
    }

    /** Fills in the colour of the shadow. */
    private static long dark(BlockScore score, double time) {
        return score.at(time).list().paints().stream()
                .filter(paint ->
                        paint instanceof PaintOp.Fill fill && fill.ink().equals(new Ink.Plain(0xff000000)))
                .count();
    }

    @Test
    void a_colour_with_keys_is_mixed_in_linear_light() {
        Dressing shadow = DressReader.read("a shadow in #ff0000", List.of())
                .get(0)
                .withColours(Map.of(
                        "colour",
                        new Value.Track<>(List.of(
                                new TrackKey<>("k1", TrackKey.Anchor.START, 0, "#ff0000", "linear"),
                                new TrackKey<>("k2", TrackKey.Anchor.START, 20, "#0000ff", "linear")))));
        BlockScore score = score(
                Samples.block("Lamp", Span.of(10, 200), Phase.CUT, Phase.CUT).withDress(List.of(shadow)),
                Sound.Kind.MUSIC,
                null);
        assertThat(score.at(10).list().paints()).anyMatch(paint -> isIn(paint, 0xffff0000));
        assertThat(score.at(20).list().paints()).anyMatch(paint -> isIn(paint, 0xffbc00bc));
        assertThat(score.at(40).list().paints()).anyMatch(paint -> isIn(paint, 0xff0000ff));
        assertThat(score.restsThroughout(12, 20)).isFalse();
        assertThat(score.keyed()).containsExactly("dress/d1/colours/colour");
        assertThat(score.keyedColour("dress/d1/colours/colour", 20)).isEqualTo("#bc00bc");
    }

    private static boolean isIn(PaintOp paint, int argb) {
        return paint instanceof PaintOp.Fill fill && fill.ink().equals(new Ink.Plain(argb));
    }

    @Test
    void bursts_begin_at_cues_and_end_with_a_deal() {
        TextBlock words = Samples.block("Lamp", Span.of(0, 200), Phase.CUT, Phase.CUT)
                .withDress(DressReader.read(
                        "disturbed by 80 % dealt anew every 4 frames, in bursts of 12 frames about every 48 frames, bursting on every cue",
                        List.of()));
        Project bare = Samples.project(240, words);
        Scene scene = bare.scenes().get(0).withCues(List.of(cue("c1", 40), cue("c2", 44), cue("c3", 100)));
        Project project = bare.withScenes(List.of(scene));
        BlockScore score = Samples.score(project, scene).blocks().get(0);
        int[] struck = IntStream.range(0, 200)
                .filter(frame -> score.at(frame).list().paints().stream().anyMatch(PaintOp.Cut.class::isInstance))
                .toArray();
        assertThat(struck)
                .containsExactly(IntStream.concat(IntStream.range(40, 52), IntStream.range(100, 112))
                        .toArray());
    }

    private static Cue cue(String id, int frame) {
        return new Cue(id, id, Rational.of(frame));
    }

    @Test
    void what_a_number_goes_by_is_bounded_and_must_be_there() {
        assertThatThrownBy(() -> DressReader.read("a shadow, its strength from 300 % while it arrives", List.of()))
                .hasMessageContaining("the strength of a shadow lies between 0 and 100 %");
        assertThatThrownBy(() -> DressReader.read("a shadow, its strength from 20 % some day", List.of()))
                .hasMessageContaining("say what it goes by");
    }
}
