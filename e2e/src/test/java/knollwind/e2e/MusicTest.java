package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.util.List;
import knollwind.core.frame.SceneScore;
import knollwind.core.scene.Cue;
import knollwind.core.scene.Cycle;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Sound;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Music that a new project's words go by: its loudness, its cues, its end, and scenes that it runs on under. */
class MusicTest {
    private static final int SECONDS = 20;
    private static final double BEAT = 0.5;

    private final Application application = Application.get();
    private final Workbench bench = application.begun("title");
    private final Page page = bench.page();

    @AfterEach
    void nothing_went_wrong_unseen() {
        page.close();
        assertThat(application.faults()).isEmpty();
    }

    /** A drum on each beat, 120 a minute, lower on the first of four; twice as loud on the second bar. */
    private static FilePayload drum() {
        double[] values = new double[SECONDS * 48_000];
        for (int beat = 0; beat * BEAT < SECONDS; beat++) {
            int from = (int) Math.round(beat * BEAT * 48_000);
            double step = 2 * Math.PI * (beat % 4 == 0 ? 70 : 240) / 48_000;
            double height = beat >= 4 && beat < 8 ? 1 : 0.4;
            for (int i = from; i < Math.min(values.length, from + 12_000); i++) {
                values[i] += height * Math.exp((from - i) / 2000.0) * Math.sin((i - from) * step);
            }
        }
        return SoundTest.wave("drum.wav", values);
    }

    private Scene scene() {
        return bench.saved().document().scenes().get(0);
    }

    private void hear(String what) {
        page.getByLabel("More for drum.wav").last().click();
        bench.offered().filter(new Locator.FilterOptions().setHasText(what)).click();
    }

    private void add() {
        page.getByLabel("Sound files").setInputFiles(drum());
        assertThat(page.locator(".soundName")).hasCount(1);
    }

    @Test
    void words_grow_as_loud_as_the_music_and_the_page_shows_what_the_core_computes() {
        add();
        page.locator(".block.selected [data-phase=dwell]").getByText("type it").click();
        page.keyboard().type("the whole grows to 180 % with the music");
        page.keyboard().press("Enter");
        assertThat(page.locator(".block.selected [data-phase=dwell]")).containsText("as loud as the music");
        Cycle cycle = scene().blocks().get(0).dwell().moves().get(0).cycle();
        assertThat(cycle.form()).isEqualTo(Cycle.Form.LOUDNESS);
        Project document = bench.saved().document();
        SceneScore score = Shot.score(document, document.scenes().get(0).id());
        // Before a beat, and on it.
        for (int frame : new int[] {61, 63}) {
            Shot shot = bench.at(frame).shot();
            assertThat(shot.from(Shot.painted(score, frame, shot.width(), shot.height()))
                            .mean())
                    .as("frame %d is what the core computes", frame)
                    .isLessThan(0.3);
        }
        double before = score.blocks().get(0).at(61).bounds().width();
        assertThat(score.blocks().get(0).at(63).bounds().width()).isGreaterThan(1.1 * before);
        page.locator(".block.selected .part[data-part='cycle']").click();
        bench.choose("Sound", "the voice");
        assertThat(page.locator(".drawer")).containsText("No such sound is in this scene, so nothing moves");
        assertThat(page.locator(".toCheck")).containsText("1 to check");
        assertThat(scene().blocks()
                        .get(0)
                        .dwell()
                        .moves()
                        .get(0)
                        .cycle()
                        .loudness()
                        .kind())
                .isEqualTo(Sound.Kind.VOICE);
    }

    @Test
    void cues_of_a_sound_go_along_with_it_until_they_are_let_go() {
        add();
        hear("a cue at each strong beginning");
        assertThat(page.locator(".cue").first()).isVisible();
        List<Cue> before = scene().cues();
        String sound = scene().sounds().get(0).id();
        assertThat(before).isNotEmpty().allMatch(cue -> sound.equals(cue.sound()));
        page.locator(".cue").first().click();
        page.locator(".ant-select")
                .filter(new Locator.FilterOptions().setHasText("moves with drum.wav"))
                .click();
        // How a sound is dragged is told anew.
        page.waitForResponse(
                response -> response.url().contains("/page"),
                () -> page.locator(".ant-select-item-option")
                        .filter(new Locator.FilterOptions().setHasText("moves with nothing"))
                        .click());
        Locator body = page.locator(".soundLane [data-grip=body]");
        body.focus();
        body.press("ArrowRight");
        body.press("ArrowRight");
        List<Cue> after = scene().cues();
        assertThat(scene().sounds().get(0).start().value()).isEqualTo(2);
        assertThat(after.get(0).at()).isEqualTo(before.get(0).at());
        assertThat(after.get(1).at().value()).isEqualTo(before.get(1).at().value() + 2);
    }

    @Test
    void music_ends_with_the_picture_at_a_bar_and_runs_on_under_the_next_scene() {
        add();
        double seconds = scene().length() / 25.0;
        hear("end with the picture, at a bar");
        assertThat(page.locator(".soundName")).hasCount(2);
        assertThat(page.locator(".saveState")).containsText("left out");
        List<Sound> parts = scene().sounds();
        assertThat(parts.get(1).end()).isEqualTo(SECONDS);
        double left = seconds - parts.get(1).frame(SECONDS, scene().rate()) / 25;
        assertThat(left).as("less than a bar before the end").isBetween(-0.05, 4 * BEAT);
        double out = parts.get(1).from() - parts.get(0).end() + 0.06;
        assertThat(out / (4 * BEAT)).as("whole bars").isCloseTo(Math.rint(out / (4 * BEAT)), within(0.02));
        bench.undo();
        assertThat(page.locator(".soundName")).hasCount(1);

        hear("run on under the scenes that follow");
        assertThat(page.locator(".soundTitle")).containsText("→");
        page.getByLabel("A new scene").click();
        assertThat(page.locator(".soundName.running")).containsText("from Scene 1");
        assertThat(page.locator(".soundLane:not(.silent)")).hasCount(1);
        assertThat(bench.saved().document().scenes().get(1).sounds()).isEmpty();
        page.locator(".soundName.running button").click();
        assertThat(page.locator(".soundName.running")).hasCount(0);
        assertThat(page.locator(".soundName")).hasCount(1);
    }
}
