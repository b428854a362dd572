package knollwind.server.files;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.persistence.EntityManager;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.locks.ReentrantLock;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import knollwind.core.scene.Sound;
import knollwind.core.sound.BarFit;
import knollwind.core.sound.BeatFinder;
import knollwind.core.sound.Beginnings;
import knollwind.core.sound.Envelope;
import knollwind.core.sound.FoundBeats;
import knollwind.core.sound.Recording;
import knollwind.core.sound.Waveform;
import knollwind.core.speech.Aligned;
import knollwind.core.speech.Script;
import knollwind.core.speech.SpokenWord;
import knollwind.core.speech.Stopped;
import knollwind.paint.EncoderCommand;
import knollwind.paint.SoundFile;
import knollwind.server.Settings;
import knollwind.voice.Aligners;
import knollwind.voice.Drafters;
import knollwind.voice.MadeVoice;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.util.FileSystemUtils;

/** Recordings, kept as their samples. */
@Service
public class Sounds {
    /** Sample frames in a chunk: five seconds. */
    public static final int CHUNK = 5 * Recording.RATE;

    private final ReentrantLock listening = new ReentrantLock();
    private final ReentrantLock speaking = new ReentrantLock();
    private final Settings settings;
    private final FileStore files;
    private final EntityManager entities;
    private final TransactionTemplate transactions;
    private final Cache<String, Kept> known =
            Caffeine.newBuilder().maximumSize(1000).build();
    private final Cache<String, FoundBeats> counted =
            Caffeine.newBuilder().maximumSize(100).build();
    private final Cache<String, Envelope> envelopes =
            Caffeine.newBuilder().maximumSize(50).build();
    private final Cache<String, List<Double>> begun =
            Caffeine.newBuilder().maximumSize(100).build();

    Sounds(Settings settings, FileStore files, EntityManager entities, TransactionTemplate transactions) {
        this.settings = settings;
        this.files = files;
        this.entities = entities;
        this.transactions = transactions;
    }

    /**
     * A recording that is kept.
     *
     * @param frames sample frames
     */
    public record Kept(String sha256, String name, long frames, UUID file) {
        double seconds() {
            return (double) frames / Recording.RATE;
        }

        Kept called(String other) {
            return new Kept(sha256, other, frames, file);
        }
    }

    /**
     * Takes a recording in. The same one is kept once; here it is called what it was called this time.
     *
     * @throws IllegalArgumentException with the reason when it is refused
     */
    public Kept add(String name, InputStream content) throws IOException, InterruptedException {
        String label = Upload.label(name);
        return Upload.take(content, settings.work(), "sound", UploadKind.SOUND, this::find, (sha256, sound, folder) -> {
                    Path samples = folder.resolve("samples");
                    SoundFile.unpack(sound, samples, folder, EncoderCommand.ffmpeg());
                    try (SoundFile unpacked = new SoundFile(samples)) {
                        return keep(sha256, label, unpacked);
                    }
                })
                .called(label);
    }

    /**
     * A voice that is made, taken in.
     *
     * @param words with their exact times
     */
    public record Made(Kept kept, List<SpokenWord> words) {}

    /**
     * Speaks a script and takes the recording in.
     *
     * @throws IllegalArgumentException when the voice cannot speak here, or there is nothing to say
     */
    Made speak(String script, MadeVoice voice, double perMinute) throws IOException, InterruptedException {
        Script.of(script);
        Path folder = Files.createTempDirectory(settings.work(), "voice-");
        speaking.lockInterruptibly();
        try {
            Path wav = folder.resolve("voice.wav");
            List<SpokenWord> words = voice.say(script, perMinute, wav);
            try (InputStream content = Files.newInputStream(wav)) {
                return new Made(add("made-voice-" + voice.text() + ".wav", content), words);
            }
        } finally {
            speaking.unlock();
            FileSystemUtils.deleteRecursively(folder);
        }
    }

    /** One at a time, so that a recording that comes twice at once is kept once. */
    private synchronized Kept keep(String sha256, String name, SoundFile unpacked) {
        return transactions.execute(status -> {
            SoundEntity there = entities.find(SoundEntity.class, sha256);
            if (there != null) {
                return kept(there);
            }
            Waveform waveform = new Waveform();
            Stream<byte[]> chunks = LongStream.range(0, (unpacked.frames() + CHUNK - 1) / CHUNK)
                    .mapToObj(chunk -> chunk(unpacked, chunk * CHUNK, waveform));
            SoundEntity sound = new SoundEntity();
            sound.sha256 = sha256;
            sound.name = name;
            sound.frames = unpacked.frames();
            sound.fileId = files.store(chunks, "audio/L16").id();
            sound.waveform = waveform.bytes();
            entities.persist(sound);
            return kept(sound);
        });
    }

    private static byte[] chunk(SoundFile unpacked, long from, Waveform waveform) {
        int count = (int) Math.min(CHUNK, unpacked.frames() - from);
        short[] samples = new short[count * Recording.CHANNELS];
        try {
            unpacked.read(from, samples, count);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        waveform.add(samples, count);
        ByteBuffer bytes = ByteBuffer.allocate(2 * samples.length).order(ByteOrder.LITTLE_ENDIAN);
        bytes.asShortBuffer().put(samples);
        return bytes.array();
    }

    private static Kept kept(SoundEntity sound) {
        return new Kept(sound.sha256, sound.name, sound.frames, sound.fileId);
    }

    /** The recording of the file with this content, if it is kept. */
    public Optional<Kept> find(String sha256) {
        return Optional.ofNullable(known.get(sha256, key -> {
            SoundEntity sound = transactions.execute(status -> entities.find(SoundEntity.class, key));
            return sound == null ? null : kept(sound);
        }));
    }

    /** Five seconds of samples: signed, 16 bits, little-endian, two channels in turn. */
    public Optional<byte[]> chunk(String sha256, int chunk) {
        return find(sha256).flatMap(sound -> files.chunk(sound.file(), chunk));
    }

    /** Its {@link Waveform}. */
    public Optional<byte[]> waveform(String sha256) {
        return Optional.ofNullable(transactions.execute(status -> entities.find(SoundEntity.class, sha256)))
                .map(sound -> sound.waveform);
    }

    /** How loud it is in bands; listened to once, and kept. */
    public Optional<Envelope> envelope(String sha256) {
        // One that is not here may come.
        return Optional.ofNullable(
                envelopes.get(sha256, key -> find(key).map(this::envelope).orElse(null)));
    }

    private Envelope envelope(Kept sound) {
        EnvelopeEntity kept = transactions.execute(status -> entities.find(EnvelopeEntity.class, sound.sha256()));
        if (kept != null) {
            return Envelope.read(kept.envelope);
        }
        try {
            Envelope envelope = Envelope.of(new KeptRecording(sound), sound.frames());
            EnvelopeEntity found = new EnvelopeEntity();
            found.sha256 = sound.sha256();
            found.envelope = envelope.bytes();
            transactions.executeWithoutResult(status -> entities.merge(found));
            return envelope;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * The beats that are heard in it.
     *
     * @throws IllegalArgumentException where none can be found, with the reason
     */
    public Optional<FoundBeats> beats(String sha256) {
        return find(sha256)
                .map(sound -> counted.get(sha256, key -> {
                    try {
                        return BeatFinder.find(new KeptRecording(sound), sound.frames());
                    } catch (IOException e) {
                        throw new UncheckedIOException(e);
                    }
                }));
    }

    /**
     * How it is cut at its bars to fit an end.
     *
     * @param from where what is heard of it begins, seconds; {@code to} where that ends
     * @param room seconds that there are for it
     * @throws IllegalArgumentException with the reason where it cannot be, or need not be
     */
    public Optional<BarFit> fit(String sha256, double from, double to, double room) {
        return beats(sha256)
                .flatMap(beats -> envelope(sha256).map(envelope -> BarFit.of(beats, envelope, from, to, room)));
    }

    /** Where something begins in it, seconds: the phrases of a voice, or what is strong in music. */
    public Optional<List<Double>> beginnings(String sha256, Sound.Kind kind) {
        return listened(kind.name(), sha256, kind == Sound.Kind.VOICE ? Beginnings::phrases : Beginnings::onsets);
    }

    /** Where sounds begin and end in it, seconds, rising. */
    public Optional<List<Double>> edges(String sha256) {
        return listened("edges", sha256, Beginnings::edges);
    }

    /** Something that is found by listening to a whole recording, as seconds. */
    private interface Listening {
        List<Double> to(Recording recording, long frames) throws IOException;
    }

    private Optional<List<Double>> listened(String what, String sha256, Listening listening) {
        return find(sha256)
                .map(sound -> begun.get(what + sha256, key -> {
                    try {
                        return listening.to(new KeptRecording(sound), sound.frames());
                    } catch (IOException e) {
                        throw new UncheckedIOException(e);
                    }
                }));
    }

    /**
     * Finds out when the words of a script are said in it. One is listened to at a time: an acoustic model is large.
     *
     * @param language tag of the script's language; null for English
     * @throws IllegalArgumentException with the reason when that cannot be done
     */
    public Optional<Aligned> align(String sha256, String script, String language) {
        Script words = Script.of(script);
        return find(sha256)
                .map(sound ->
                        alone(() -> Aligners.of(language).align(new KeptRecording(sound), sound.frames(), words)));
    }

    /**
     * Drafts what is said in it where there is no script.
     *
     * @param language tag of its language; null for English
     * @throws IllegalArgumentException with the reason when nothing is heard
     */
    public Optional<Aligned> draft(String sha256, String language) {
        return find(sha256)
                .map(sound -> alone(() -> Drafters.of(language).draft(new KeptRecording(sound), sound.frames())));
    }

    private interface Heard {
        Aligned words() throws IOException;
    }

    /** One is listened to at a time. */
    private Aligned alone(Heard heard) {
        try {
            listening.lockInterruptibly();
        } catch (InterruptedException e) {
            throw new Stopped();
        }
        try {
            return heard.words();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            listening.unlock();
        }
    }

    /** A kept recording, read on from chunk to chunk. */
    private final class KeptRecording implements Recording {
        private final Kept sound;
        private long chunk = -1;
        private ByteBuffer samples;

        KeptRecording(Kept sound) {
            this.sound = sound;
        }

        @Override
        public void read(long from, short[] into, int frames) {
            for (int i = 0; i < frames; i++) {
                long frame = from + i;
                if (frame < 0 || frame >= sound.frames()) {
                    Arrays.fill(into, i * CHANNELS, (i + 1) * CHANNELS, (short) 0);
                    continue;
                }
                if (frame / CHUNK != chunk) {
                    chunk = frame / CHUNK;
                    byte[] kept = files.chunk(sound.file(), (int) chunk).orElseGet(() -> new byte[0]);
                    samples = ByteBuffer.wrap(kept).order(ByteOrder.LITTLE_ENDIAN);
                }
                for (int channel = 0; channel < CHANNELS; channel++) {
                    int at = 2 * (int) (frame % CHUNK * CHANNELS + channel);
                    into[i * CHANNELS + channel] = at < samples.limit() ? samples.getShort(at) : 0;
                }
            }
        }
    }

    /** Writes all samples into a file. */
    public void unpack(Kept sound, Path file) throws IOException {
        try (OutputStream out = Files.newOutputStream(file)) {
            files.copy(sound.file(), out);
        }
    }
}
