package knollwind.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import knollwind.core.Samples;
import knollwind.core.check.DocumentCheck;
import knollwind.core.display.PaintOp;
import knollwind.core.document.DocumentJson;
import knollwind.core.geometry.Box;
import knollwind.core.motion.MoveTiming;
import knollwind.core.scene.Block;
import knollwind.core.scene.Channel;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Moments;
import knollwind.core.scene.NamedTime;
import knollwind.core.scene.NamedTimes;
import knollwind.core.scene.Order;
import knollwind.core.scene.Pace;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Pivot;
import knollwind.core.scene.Project;
import knollwind.core.scene.Property;
import knollwind.core.scene.Rational;
import knollwind.core.scene.Scene;
import knollwind.core.scene.ShapeBlock;
import knollwind.core.scene.ShapeBlockBuilder;
import knollwind.core.scene.Sound;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.TimeLink;
import knollwind.core.scene.UnitKind;
import knollwind.core.scene.Value;
import knollwind.core.scene.Voice;
import knollwind.core.scene.VoiceWord;
import org.assertj.core.util.DoubleComparator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Blocks whose words land on the words of a voice. */
class SpokenWordsTest {
    private static final String SHA = "a1".repeat(32);

    private static final Voice VOICE = new Voice(
            SHA,
            List.of(
                    word("w1", "Bring", 1, 1.4),
                    word("w2", "a", 1.5, 1.6),
                    word("w3", "coat,", 1.7, 2.2),
                    word("w4", "bring", 3, 3.4),
                    word("w5", "a", 3.5, 3.6),
                    word("w6", "lamp.", 3.7, 4.5)),
            null);

    private static final Comparator<Double> NEARLY = new DoubleComparator(1e-3);

    private static VoiceWord word(String id, String text, double start, double end) {
        return new VoiceWord(id, text, start, end, null, null, null);
    }

    private static Phase spoken(UnitKind unit) {
        Pace pace = Pace.eachApart(6, 0).withMoments(Moments.of(Moments.By.WORDS));
        return new Phase(List.of(
                Samples.move(unit, Order.READING, pace, "linear", Channel.from("o", Property.OPACITY, 0, null))));
    }

    private static Project project(double soundStart, double from, Block... blocks) {
        Sound sound = new Sound(
                "voice",
                "Announcement",
                Sound.Kind.VOICE,
                SHA,
                6,
                Rational.read(soundStart),
                from,
                null,
                0,
                false,
                false);
        Project bare = Samples.project(240, blocks);
        Scene scene = bare.scenes().get(0).withSounds(List.of(sound));
        return bare.with(project -> project.scenes(List.of(scene)).voices(List.of(VOICE)));
    }

    private static MoveTiming timing(Project project) {
        return score(project).timing().moves().get(0);
    }

    private static BlockScore score(Project project) {
        return Samples.score(project, project.scenes().get(0)).blocks().get(0);
    }

    private static double rate(Project project) {
        return project.scenes().get(0).rate().perSecond();
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 10, -6.5})
    void words_come_when_they_are_heard_wherever_the_sound_lies(double start) {
        Project project =
                project(start, 0.5, Samples.block("BRING A COAT", Span.of(0, 200), spoken(UnitKind.WORD), Phase.CUT));
        double rate = rate(project);
        assertThat(timing(project).starts())
                .usingElementComparator(NEARLY)
                .containsExactly(start + 0.5 * rate, start + 1.0 * rate, start + 1.2 * rate);
    }

    @Test
    void the_same_words_said_twice_are_those_near_the_block_or_the_word_it_hangs_on() {
        TextBlock early = Samples.block("Bring a", Span.of(0, 200), spoken(UnitKind.WORD), Phase.CUT);
        Project first = project(0, 0, early);
        double rate = rate(first);
        assertThat(timing(first).starts().get(0)).isEqualTo(1 * rate);
        Project second = project(0, 0, early.withSpan(Span.of(Math.round(2.8 * rate), 240)));
        assertThat(timing(second).starts().get(0)).isEqualTo(3 * rate);
        Span hung = new Span(Rational.ZERO, Rational.of(200), TimeLink.onWord("voice.w4", false, -2), null, null, null);
        Project third = project(0, 0, early.withSpan(hung));
        assertThat(timing(third).starts().get(0)).isEqualTo(3 * rate);
        assertThat(score(third).timing().start()).isEqualTo(3 * rate - 2);
    }

    @Test
    void what_is_not_said_comes_between_its_neighbours_and_is_counted() {
        Project project =
                project(0, 0, Samples.block("Bring warm coat", Span.of(0, 200), spoken(UnitKind.WORD), Phase.CUT));
        double rate = rate(project);
        assertThat(timing(project).starts())
                .usingElementComparator(NEARLY)
                .containsExactly(1 * rate, 1.35 * rate, 1.7 * rate);
        assertThat(timing(project).lacking()).isEqualTo(1);
    }

    @Test
    void a_block_ends_with_the_end_of_a_word() {
        Span hung = new Span(Rational.ZERO, Rational.of(200), null, null, null, TimeLink.onWord("voice.w6", true, 12));
        Project project = project(0, 0, Samples.block("x", hung, Phase.CUT, Phase.CUT));
        assertThat(score(project).timing().end()).isEqualTo(4.5 * rate(project) + 12);
    }

    @Test
    void words_outside_the_part_that_is_heard_are_not_there() {
        Project project = project(0, 2.5, Samples.block("x", Span.of(0, 200), Phase.CUT, Phase.CUT));
        NamedTimes named = NamedTimes.of(project, project.scenes().get(0));
        assertThat(named.find("voice.w1")).isEmpty();
        assertThat(named.find("voice.w4")).map(NamedTime::name).contains("bring");
        assertThat(named.offered(Span.of(0, 200))).extracting(NamedTime::name).containsExactly("bring", "a", "lamp.");
    }

    @Test
    void a_landing_that_hangs_elsewhere_is_refused() {
        Span hung = new Span(Rational.ZERO, Rational.of(200), null, TimeLink.onWord("voice.w6", false, 0), null, null);
        Project project = project(0, 0, Samples.block("Bring", hung, spoken(UnitKind.WORD), Phase.CUT));
        assertThatThrownBy(() -> DocumentCheck.check(project)).hasMessageContaining("lands with the last of them");
    }

    @Test
    void a_voice_is_read_as_it_is_written() {
        Project project = project(0, 0, Samples.block("x", Span.of(0, 200), Phase.CUT, Phase.CUT));
        assertThat(DocumentJson.read(DocumentJson.tree(project))).isEqualTo(project);
        assertThatThrownBy(() -> new Voice(SHA, List.of(word("a", "b", 2, 3), word("c", "d", 1, 2)), null))
                .hasMessageContaining("must not start before");
    }

    @Test
    void words_are_found_in_an_hour_also_far_from_the_block() {
        List<VoiceWord> hour = new ArrayList<>();
        for (int i = 0; i < 9000; i++) {
            hour.add(word("w" + i, i == 8000 ? "lighthouse" : i == 8001 ? "keeper" : "on", i * 0.4, i * 0.4 + 0.3));
        }
        Project bare =
                project(0, 0, Samples.block("Lighthouse keeper", Span.of(0, 200), spoken(UnitKind.WORD), Phase.CUT));
        Scene scene = bare.scenes().get(0);
        Sound sound = Sound.whole("voice", "Long", Sound.Kind.VOICE, SHA, 3600);
        Project project = bare.with(one ->
                one.scenes(List.of(scene.withSounds(List.of(sound)))).voices(List.of(new Voice(SHA, hour, null))));
        assertThat(timing(project).starts())
                .usingElementComparator(NEARLY)
                .containsExactly(3200 * rate(project), 3200.4 * rate(project));
    }

    private static ShapeBlock plate(Boolean spoken) {
        return ShapeBlockBuilder.builder()
                .id("plate")
                .name("Plate")
                .span(Span.of(0, 200))
                .place(Samples.block("x", Span.of(0, 10), null, null).place())
                .shape(new ShapeBlock.Plate(
                        List.of("b"), ShapeBlock.Padding.all(10), 0, Pivot.Box.METRIC, false, spoken))
                .fill(new Fill.Solid(Value.of("#f0b64a")))
                .build();
    }

    private static List<Box> plates(BlockScore score, double time) {
        return score.at(time).list().paints().stream()
                .filter(PaintOp.Fill.class::isInstance)
                .map(fill -> ((PaintOp.Fill) fill).outline().ink())
                .toList();
    }

    @Test
    void a_plate_jumps_from_word_to_word_as_they_are_said() {
        TextBlock words = Samples.block("Bring a coat", Span.of(0, 200), Phase.CUT, Phase.CUT)
                .withId("b");
        Project project = project(0, 0, plate(true), words);
        double rate = rate(project);
        Scene scene = project.scenes().get(0);
        BlockScore score = Samples.score(project, scene).blocks().get(0);
        BlockScore whole = Samples.score(
                        project(0, 0, plate(null), words), scene.withBlocks(List.of(plate(null), words)))
                .blocks()
                .get(0);
        assertThat(plates(score, 0.9 * rate)).as("before anything is said").isEmpty();
        Box first = plates(score, 1.2 * rate).get(0);
        Box second = plates(score, 1.55 * rate).get(0);
        Box third = plates(score, 2 * rate).get(0);
        Box all = plates(whole, 0).get(0);
        assertThat(first.left()).isCloseTo(all.left(), within(1e-6));
        assertThat(first.right()).isLessThan(second.right());
        assertThat(third.right()).isCloseTo(all.right(), within(0.5));
        assertThat(plates(score, 1.45 * rate))
                .as("it stays until the next is said")
                .containsExactly(first);
        assertThat(plates(score, 2.3 * rate)).as("the last has been said").isEmpty();
        assertThat(score.restsThroughout(1.1 * rate, 1.4 * rate)).isTrue();
        assertThat(score.restsThroughout(1.1 * rate, 1.6 * rate)).isFalse();
    }
}
