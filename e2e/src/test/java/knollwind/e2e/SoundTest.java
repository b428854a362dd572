package knollwind.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.stream.IntStream;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import knollwind.core.scene.Beats;
import knollwind.core.scene.Cue;
import knollwind.core.scene.Sound;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** Voice and music of a scene: taken in, placed in time, and played in step with the picture. */
class SoundTest {
    /** Notes what is handed to the sound card, and tells how far the frame that is shown lies from what is heard. */
    private static final String LISTEN = "(() => { const w = window.listened = { started: [], off: [] };"
            + " const { connect } = AudioNode.prototype; const { start } = AudioBufferSourceNode.prototype;"
            + " AudioNode.prototype.connect = function (next) { this.next = next; return connect.call(this, next); };"
            + " AudioBufferSourceNode.prototype.start = function (when, offset, count) {"
            + " w.context = this.context; w.started.push({ when, offset, count, gain: this.next.gain.value });"
            + " return start.call(this, when, offset, count); };"
            // Whichever of two sounds is fetched first is handed over first; the voice is the one at its full level.
            + " w.voice = () => w.started.find((one) => one.gain === 1);"
            + " w.watch = (rate, length) => { const tick = () => { if (!document.querySelector('.transport .play[aria-label=Stop]')) return;"
            + " const stamp = w.context.getOutputTimestamp();"
            + " const heard = stamp.contextTime + (performance.now() - stamp.performanceTime) / 1000 - w.voice().when + w.voice().offset;"
            + " const [minutes, seconds, frames] = document.querySelector('.time').value.split(/:| \\+ /).map(Number);"
            + " const off = (60 * minutes + seconds) * rate + frames - Math.floor(heard * rate);"
            // At its end the scene begins again, as often as there is time for until enough pictures are shown.
            + " w.off.push(off - length * Math.round(off / length)); requestAnimationFrame(tick); };"
            + " requestAnimationFrame(tick); }; })()";

    private final Application application = Application.get();
    private final Workbench bench = application.demo();
    private final Page page = bench.page();

    @AfterEach
    void nothing_went_wrong_unseen() {
        page.close();
        assertThat(application.faults()).isEmpty();
    }

    /** A tone of so many seconds. */
    private static FilePayload tone(int seconds) {
        return wave(
                "foghorn.wav",
                IntStream.range(0, seconds * 48_000)
                        .mapToDouble(i -> Math.sin(i * 2 * Math.PI * 220 / 48_000))
                        .toArray());
    }

    /** A number between -1 and 1 as it is recorded. */
    private static short sample(double value) {
        return (short) (8000 * value);
    }

    /** The numbers between -1 and 1 as a recording of both channels. */
    static FilePayload wave(String name, double[] values) {
        byte[] samples = new byte[values.length * 4];
        for (int i = 0; i < values.length; i++) {
            short value = sample(values[i]);
            for (int channel = 0; channel < 2; channel++) {
                samples[4 * i + 2 * channel] = (byte) value;
                samples[4 * i + 2 * channel + 1] = (byte) (value >> 8);
            }
        }
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        AudioFormat format = new AudioFormat(48_000, 16, 2, true, false);
        try {
            AudioSystem.write(
                    new AudioInputStream(new ByteArrayInputStream(samples), format, samples.length / 4),
                    AudioFileFormat.Type.WAVE,
                    file);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
        return new FilePayload(name, "audio/wav", file.toByteArray());
    }

    private List<Sound> sounds(String scene) {
        return bench.saved().document().scene(scene).sounds();
    }

    private Sound added(String scene, FilePayload file) {
        int before = sounds(scene).size();
        page.getByLabel("Sound files").setInputFiles(file);
        assertThat(page.locator(".soundName:not(.running)")).hasCount(before + 1);
        return sounds(scene).get(before);
    }

    @Test
    void a_recording_is_taken_in_at_the_playhead_moved_cut_and_made_quieter() {
        bench.open("scene=skipper").at(24);
        Sound added = added("skipper", tone(3));
        assertThat(added.name()).isEqualTo("foghorn.wav");
        assertThat(added.start().value()).isEqualTo(24);
        assertThat(added.seconds()).isEqualTo(3);
        Locator lane = page.locator("[data-lane='" + added.id() + "']");
        assertThat(lane.locator(".waveform").first()).isVisible();

        double frame = bench.pixelsPerFrame();
        page.getByText("snap").click();
        bench.drag(lane.locator("[data-grip=body]"), 24 * frame, 0);
        assertThat(sounds("skipper").get(0).start().value()).isBetween(46.0, 50.0);
        double start = sounds("skipper").get(0).start().value();
        bench.drag(lane.locator("[data-grip=from]"), 12 * frame, 0);
        Sound cut = sounds("skipper").get(0);
        assertThat(cut.from()).isBetween(0.4, 0.6);
        assertThat(cut.start().value() - start).isBetween(11.0, 13.0);
        bench.undo();
        assertThat(sounds("skipper").get(0).from()).isZero();

        Locator level = page.getByLabel("Level of foghorn.wav, dB");
        level.fill("-9 dB");
        level.press("Enter");
        assertThat(sounds("skipper").get(0).level()).isEqualTo(-9);
        level.press("ArrowUp");
        assertThat(sounds("skipper").get(0).level()).isEqualTo(-8);
        level.fill("loud");
        level.press("Enter");
        assertThat(page.locator(".saveState")).containsText("no level");
        assertThat(sounds("skipper").get(0).level()).isEqualTo(-8);

        page.getByLabel("alone: foghorn.wav").click();
        assertThat(page.locator(".soundLane.silent")).hasCount(1);
        page.getByLabel("mute: foghorn.wav").click();
        assertThat(page.locator(".soundLane.silent")).hasCount(2);
        page.getByLabel("Take foghorn.wav away").click();
        assertThat(sounds("skipper")).isEmpty();
    }

    @Test
    void what_is_no_sound_is_refused_and_said() {
        bench.open("scene=skipper");
        page.getByLabel("Sound files")
                .setInputFiles(new FilePayload("note.wav", "audio/wav", "see you on deck".getBytes()));
        assertThat(page.locator(".problem")).containsText("“note.wav”: This is no sound");
        assertThat(sounds("skipper")).isEmpty();
        // The refusal itself is no fault of the page.
        application.faults();
    }

    @Test
    void the_picture_follows_the_sound() {
        page.addInitScript(LISTEN);
        bench.open("scene=announcement").at(0);
        int length = bench.document().scene("announcement").length();
        // What is heard is fetched before it is played.
        bench.settled();
        page.locator(".transport .play").click();
        page.waitForFunction("() => document.querySelector('.stage').dataset.clock === 'sound'");
        page.waitForFunction("() => listened.voice()");
        page.evaluate("() => listened.watch(24, " + length + ")");
        page.waitForFunction("() => listened.off.length >= 80");
        page.locator(".transport .play").click();
        List<Integer> off = ((List<?>) page.evaluate("() => listened.off"))
                .stream().map(one -> ((Number) one).intValue()).toList();
        // The first ones may wait for the card. A page that is busy shows a picture late, never another one early.
        List<Integer> later = off.subList(20, off.size());
        assertThat(later).allSatisfy(one -> assertThat(one).isLessThanOrEqualTo(1));
        // However busy it is, it catches up: a picture with a clock of its own would fall behind ever more.
        assertThat(later.subList(later.size() / 2, later.size()))
                .anySatisfy(one -> assertThat(one).isGreaterThanOrEqualTo(-4));
    }

    @Test
    void with_its_sounds_switched_off_the_scene_plays_in_silence() {
        page.addInitScript(LISTEN);
        bench.open("scene=announcement").at(0);
        page.locator(".transport").getByText("sound").click();
        page.locator(".transport .play").click();
        page.waitForFunction("() => document.querySelector('.time').value >= '0:01'");
        assertThat(page.locator(".stage")).hasAttribute("data-clock", "sight");
        assertThat((Integer) page.evaluate("() => listened.started.length")).isZero();
        page.locator(".transport .play").click();
        page.locator(".transport").getByText("sound").click();
        // Where the playhead is moved to it is heard for a moment.
        bench.at(80);
        page.waitForFunction("() => listened.started.length > 0");
        double seconds = ((Number) page.evaluate("() => listened.started[0].count")).doubleValue();
        assertThat(seconds).isBetween(0.05, 0.12);
    }

    /** A bell, struck so many times a minute from a second on. */
    private static FilePayload bell(double perMinute) {
        double[] values = new double[10 * 48_000];
        for (double at = 48_000; at < values.length; at += 48_000 * 60 / perMinute) {
            int from = (int) Math.round(at);
            for (int i = from; i < Math.min(values.length, from + 9_600); i++) {
                values[i] += Math.exp((from - i) / 2400.0) * Math.sin((i - from) * 0.13);
            }
        }
        return wave("bell.wav", values);
    }

    private void hear(String name, String what) {
        page.getByLabel("More for " + name).click();
        bench.offered().filter(new Locator.FilterOptions().setHasText(what)).click();
    }

    @Test
    void cues_are_made_where_something_begins_and_blocks_land_on_them() {
        bench.open("scene=skipper").at(24);
        added("skipper", bell(60));
        int before = bench.document().scene("skipper").cues().size();
        hear("bell.wav", "a cue at each strong beginning");
        assertThat(page.locator(".cueRow").first()).containsText("Hit 2");
        List<Cue> made = bench.saved().document().scene("skipper").cues();
        made = made.subList(before, made.size());
        // Struck a second after it begins, and once a second from then on.
        assertThat(made).isNotEmpty();
        for (int i = 0; i < made.size(); i++) {
            assertThat(made.get(i).at().value()).isBetween(47.0 + 24 * i, 49.0 + 24 * i);
        }
        hear("bell.wav", "a cue at each strong beginning");
        assertThat(page.locator(".saveState")).containsText("Nothing begins in what is heard of “bell.wav” here");
        assertThat(application.faults()).allMatch(fault -> fault.contains("status of 422"));
    }

    @Test
    void the_scene_counts_by_the_beats_that_are_heard() {
        bench.open("scene=skipper").at(24);
        added("skipper", bell(100));
        hear("bell.wav", "count the scene by its beats");
        assertThat(page.locator(".behind").first()).containsText("at 100 beats a minute");
        Beats beats = bench.saved().document().scene("skipper").beats();
        assertThat(beats.perMinute()).isCloseTo(100, within(0.5));
        // It is heard from frame 24 on, and first struck a second later.
        double beat = 60 * 24 / 100.0;
        assertThat(Math.abs(Math.IEEEremainder(beats.first() - 48, beat))).isLessThan(1);
        page.locator(".behind .part[data-part='tempo']").first().click();
        bench.choose("counted", "twice as fast");
        assertThat(page.locator(".behind").first()).containsText("at 200 beats a minute");
        bench.undo();
        assertThat(page.locator(".behind").first()).containsText("at 100 beats a minute");
    }

    @Test
    void where_no_beat_is_heard_it_is_said() {
        bench.open("scene=skipper").at(0);
        added("skipper", tone(2));
        hear("foghorn.wav", "count the scene by its beats");
        assertThat(page.locator(".saveState"))
                .containsText("“foghorn.wav”: A beat can be found in 3 seconds of music and more");
        assertThat(application.faults()).allMatch(fault -> fault.contains("status of 422"));
    }
}
