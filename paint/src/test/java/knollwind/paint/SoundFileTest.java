package knollwind.paint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import knollwind.core.display.DisplayList;
import knollwind.core.frame.Footage;
import knollwind.core.scene.FrameRate;
import knollwind.core.sound.Heard;
import knollwind.core.sound.Recording;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Recordings that people bring in, and the sound of exported films. */
class SoundFileTest {
    /** Silent for half a second, then a tone of 440 Hz at a quarter of the loudest for a second. */
    private static final String TONE = "aevalsrc=if(gte(t\\,0.5)\\,0.25*sin(2*PI*440*t)\\,0):s=44100:d=1.5";

    @TempDir
    static Path folder;

    private static Path wav;

    @BeforeAll
    static void make() throws Exception {
        wav = folder.resolve("tone.wav");
        ffmpeg("-f", "lavfi", "-i", TONE, wav.toString());
    }

    private static void ffmpeg(String... arguments) throws Exception {
        List<String> command = new java.util.ArrayList<>(List.of("ffmpeg", "-v", "error", "-y"));
        command.addAll(List.of(arguments));
        assertThat(new ProcessBuilder(command).inheritIO().start().waitFor()).isZero();
    }

    private static SoundFile unpack(Path file) throws Exception {
        Path samples = Files.createTempFile(folder, "samples", "");
        SoundFile.unpack(file, samples, folder, "ffmpeg");
        return new SoundFile(samples);
    }

    @Test
    void samples_are_packed_into_a_file_again_without_loss() throws Exception {
        Path samples = Files.createTempFile(folder, "samples", "");
        SoundFile.unpack(wav, samples, folder, "ffmpeg");
        Path packed = folder.resolve("packed.flac");
        SoundFile.pack(samples, packed, "ffmpeg");
        Path again = Files.createTempFile(folder, "samples", "");
        SoundFile.unpack(packed, again, folder, "ffmpeg");
        assertThat(again).hasSameBinaryContentAs(samples);
    }

    private static int loudest(Recording recording, double from, double seconds) throws IOException {
        int frames = (int) Math.round(seconds * Recording.RATE);
        short[] samples = new short[2 * frames];
        recording.read(Math.round(from * Recording.RATE), samples, frames);
        int most = 0;
        for (short sample : samples) {
            most = Math.max(most, Math.abs(sample));
        }
        return most;
    }

    @ParameterizedTest
    @ValueSource(strings = {"wav", "mp3", "flac", "ogg", "m4a", "mp4"})
    void any_kind_of_file_is_unpacked_at_one_rate_and_keeps_its_time(String kind) throws Exception {
        Path file = folder.resolve("tone-as." + kind);
        ffmpeg("-i", wav.toString(), file.toString());
        try (SoundFile sound = unpack(file)) {
            assertThat((double) sound.frames() / Recording.RATE).isBetween(1.49, 1.56);
            assertThat(loudest(sound, 0, 0.47)).isLessThan(200);
            assertThat(loudest(sound, 0.53, 0.9)).isBetween(6500, 9500);
        }
    }

    @Test
    void outside_of_a_recording_it_is_silent() throws Exception {
        try (SoundFile sound = unpack(wav)) {
            assertThat(loudest(sound, -5, 2)).isZero();
            assertThat(loudest(sound, 2, 2)).isZero();
            assertThat(loudest(sound, 1.45, 5)).isGreaterThan(6500);
        }
    }

    @Test
    void what_is_no_sound_is_refused_with_a_reason() throws Exception {
        Path note = Files.writeString(folder.resolve("note.wav"), "see you on deck");
        assertThatThrownBy(() -> unpack(note)).hasMessageStartingWith("this is no sound that ffmpeg can read");
        Path silent = folder.resolve("silent.mp4");
        ffmpeg("-f", "lavfi", "-i", "color=s=64x64:d=0.5", "-an", silent.toString());
        assertThatThrownBy(() -> unpack(silent)).hasMessage("there is no sound in this file");
        Path list = Files.writeString(folder.resolve("list.m3u8"), "#EXTM3U\n#EXTINF:1,\n/etc/hostname\n");
        assertThatThrownBy(() -> unpack(list)).hasMessageStartingWith("this is no sound");
    }

    /** Empty pictures with the tone from this second on. */
    private record Heardly(double at, int length) implements Footage {
        @Override
        public int width() {
            return 64;
        }

        @Override
        public int height() {
            return 36;
        }

        @Override
        public FrameRate rate() {
            return new FrameRate(30_000, 1001);
        }

        @Override
        public List<DisplayList> frame(int frame, boolean transparent) {
            return List.of(new DisplayList(List.of()));
        }

        @Override
        public List<Heard> sounds() {
            return List.of(new Heard("a", "tone", at, 0, 1.5, 0.5));
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"mp4", "webm"})
    void an_exported_film_is_heard_in_step_with_its_pictures(String kind) throws Exception {
        Path file = folder.resolve("film." + kind);
        try (SoundFile tone = unpack(wav)) {
            // From frame 30 on: a second and a thousandth of it are left out.
            new Export(new Heardly(2, 150), 30, 150, false, id -> null, id -> tone, List.of())
                    .write(List.of(file), "ffmpeg", done -> {}, () -> false);
        }
        try (SoundFile heard = unpack(file)) {
            double cut = 30 * 1001 / 30_000.0;
            assertThat((double) heard.frames() / Recording.RATE).isBetween(3.95, 4.06);
            double begins = 2.5 - cut;
            assertThat(loudest(heard, begins - 0.3, 0.28)).isLessThan(200);
            assertThat(loudest(heard, begins + 0.02, 0.3)).isBetween(3200, 4800);
        }
        assertThat(folder.resolve("film." + kind + ".part.sound")).doesNotExist();
    }
}
