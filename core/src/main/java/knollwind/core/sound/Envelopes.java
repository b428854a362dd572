package knollwind.core.sound;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import knollwind.core.scene.Sound;

/** How loud recordings are. */
@FunctionalInterface
public interface Envelopes {
    /** No recording is there. */
    Envelopes NONE = sound -> Optional.empty();

    /** That of a sound's recording; nothing where it is not there. */
    Optional<Envelope> of(Sound sound);

    /**
     * Listens to recordings when they are asked for, once.
     *
     * @param recordings by the SHA-256 of their files; null for those that are not there
     */
    static Envelopes listening(Function<String, Recording> recordings) {
        Map<String, Optional<Envelope>> heard = new ConcurrentHashMap<>();
        return sound -> heard.computeIfAbsent(sound.sha256(), sha256 -> {
            Recording recording = recordings.apply(sha256);
            try {
                return recording == null
                        ? Optional.empty()
                        : Optional.of(Envelope.of(recording, Math.round(sound.seconds() * Recording.RATE)));
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        });
    }
}
