package knollwind.core.directions.scene;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.stream.Stream;
import knollwind.core.Samples;
import knollwind.core.directions.Script;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.scene.Beats;
import knollwind.core.scene.Camera;
import knollwind.core.scene.Crawl;
import knollwind.core.scene.Crossing;
import knollwind.core.scene.Ending;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Hold;
import knollwind.core.scene.MotionBlur;
import knollwind.core.scene.NamedEasings;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Value;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class SceneReaderTest {
    private static final Project DEMO = Samples.demo();
    /** 24 frames a second. */
    private static final Scene OPENING = DEMO.scene("opening").withBeats(new Beats(96, 0, 4));

    static Stream<String> scenes() {
        return DEMO.ownScenes().stream().map(Scene::id);
    }

    private static String printed(Scene scene) {
        return Script.background(DEMO, scene, 0).text();
    }

    @ParameterizedTest
    @MethodSource("scenes")
    void what_is_printed_of_a_scene_of_the_demo_is_read_back(String id) {
        Scene scene = DEMO.scene(id);
        assertThat(SceneReader.read(printed(scene), scene)).isEqualTo(scene);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "the camera shows 100 % at frame 0 landing softly, then 120 % at 40 px across, 12 px down turned 2° at frame 48",
                "the next scene comes in by sliding up over 20 frames",
                "the next scene comes in through letter 2, “A”, of “LAST BOAT HOME” over 30 frames, steadily",
                "movement is blurred by a shutter of 270° in 12 samples",
                "the finish is grain of 20 % and a vignette of 35 %",
                "the finish is a vignette of 35 %",
                "at 112 beats a minute, 3 in a bar, the first at frame 6",
                "inside another scene it is stretched between the frames 20 and 60",
                "behind it all: a conic gradient of #10202c at 0 % and #1d5c80 at 100 % around 40 % and 50 % from 30\u00b0",
                "behind it all: a round gradient of #10202c at 0 % and #1d5c80 at 100 % around 40 % and 50 % as far as 90 %"
            })
    void what_was_typed_is_printed_and_read_back(String sentence) {
        Scene typed = SceneReader.read(sentence, OPENING);
        assertThat(typed).isNotEqualTo(OPENING);
        assertThat(SceneReader.read(printed(typed), OPENING)).isEqualTo(typed);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "lasts 120 frames | 120",
                "lasts 48 s | 1152",
                "it lasts 1.5 s | 36",
                "lasts 0:05 | 120",
                "lasts 1 + 12 | 36",
                "lasts 0:01 + 12 | 36",
                "lasts 8 beats | 120",
                "lasts 8b | 120",
                "lasts 1 minute | 1440",
                "lasts 72 | 72"
            })
    void a_length_is_typed_in_any_form_of_time(String sentence, int frames) {
        Scene following = OPENING.withEnds(Ending.BLOCK);
        Scene typed = SceneReader.read(sentence, following);
        assertThat(typed.length()).isEqualTo(frames);
        assertThat(typed.ends()).isNull();
    }

    @Test
    void only_what_is_said_changes() {
        assertThat(SceneReader.read("3 in a bar", OPENING)).isEqualTo(OPENING.withBeats(new Beats(96, 0, 3)));
        assertThat(SceneReader.read("as long as its last block", OPENING)).isEqualTo(OPENING.withEnds(Ending.BLOCK));
        assertThat(SceneReader.read("without a tempo, #10202c", OPENING))
                .isEqualTo(OPENING.withBeats(null).withBackground(new Fill.Solid(Value.of("#10202c"))));
        Scene typed =
                SceneReader.read("the camera shows 100 %, then 110 %. The next scene comes in by fading", OPENING);
        assertThat(typed.camera().keys())
                .extracting(Camera.Key::at, Camera.Key::zoom, Camera.Key::easing)
                .containsExactly(
                        org.assertj.core.groups.Tuple.tuple(0.0, 1.0, NamedEasings.GENTLY),
                        org.assertj.core.groups.Tuple.tuple(OPENING.length() - 1.0, 1.1, NamedEasings.GENTLY));
        assertThat(typed.crossing().kind()).isEqualTo(Crossing.Kind.FADE);
        assertThat(SceneReader.read("the camera stands still", typed).camera()).isNull();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "120 bpm | at 120 beats a minute",
                "96 beats a minute, three in a bar, the first at frame 6 | at 96 beats a minute, 3 in a bar, the first at frame 6",
                "length 10 seconds | lasts 10 s",
                "lasts twelve seconds | lasts 12 s",
                "ends with its last block | as long as its last block",
                "it ends with its sound | as long as its last sound",
                "12 s long | lasts 12 s",
                "background #10202c | behind it all: #10202c",
                "fade to the next scene over 1 second | the next scene comes in by fading over 24 frames",
                "cut to the next | the next scene comes in with a cut",
                "the next scene fades in over 9 frames | the next scene comes in by fading over 9 frames",
                "motion blur | movement is blurred"
            })
    void everyday_words_are_understood(String said, String meant) {
        Scene scene = OPENING.withCrossing(new Crossing(Crossing.Kind.SLIDE, 9, Crawl.Direction.UP, null, null, null));
        assertThat(SceneReader.read(said, scene))
                .isEqualTo(SceneReader.read(meant, scene))
                .isNotEqualTo(scene);
    }

    @Test
    void what_is_usual_is_taken_where_nothing_is_said_of_it() {
        assertThat(SceneReader.read("movement is blurred", OPENING).blur()).isEqualTo(new MotionBlur(180, 8));
        assertThat(SceneReader.read("inside another scene it stays as long as it is", OPENING.withHold(new Hold(2, 9)))
                        .hold())
                .isNull();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "lasts | a time such as 12 s is missing here",
                "lasts 12 s, sideways | \"sideways\" cannot be read here",
                "movement is loud | sharp or blurred is missing here",
                "the camera shows 100 % at frame 20, then 110 % at frame 10 | a view comes after the one before it",
                "the next scene comes in through letter 99 of “LAST BOAT HOME” | the title has the letters 1 to 12",
                "the next scene comes in through the letters of “Lamp line” | the name of a block of this scene is missing here",
                "the next scene comes in | with a cut, by fading"
            })
    void what_cannot_be_read_is_said_with_its_place(String sentence, String said) {
        assertThatThrownBy(() -> SceneReader.read(sentence, OPENING))
                .isInstanceOf(DirectionException.class)
                .hasMessageContaining(said);
    }

    @Test
    void the_likeliest_is_offered_for_what_cannot_be_read() {
        assertThatThrownBy(() -> SceneReader.read("the next scene wobbles", OPENING))
                .isInstanceOfSatisfying(
                        DirectionException.class,
                        unread -> assertThat(unread.suggestions())
                                .hasSize(4)
                                .allMatch(one -> one.startsWith("the next scene comes in")));
    }

    @Test
    void what_cannot_be_is_refused_with_its_bounds() {
        assertThatThrownBy(() -> SceneReader.read("at 5000 beats a minute", OPENING))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("beats a minute");
        assertThatThrownBy(() -> SceneReader.read("lasts 0 frames", OPENING)).hasMessageContaining("length of a scene");
        assertThatThrownBy(() -> SceneReader.read("lasts 2 beats", OPENING.withBeats(null)))
                .hasMessageContaining("no tempo");
    }
}
