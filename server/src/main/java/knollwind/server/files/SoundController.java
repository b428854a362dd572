package knollwind.server.files;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import knollwind.core.scene.Sound;
import knollwind.core.sound.BarFit;
import knollwind.core.sound.FoundBeats;
import knollwind.core.speech.Aligned;
import knollwind.server.project.MissingException;
import knollwind.voice.MadeVoice;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Recordings that people bring in. */
@RestController
@RequestMapping(UploadKind.Path.SOUNDS)
class SoundController {
    /** Characters: half an hour of speech. */
    private static final int MOST_SAID = 30_000;

    private final Sounds sounds;
    private final Listening listening;

    SoundController(Sounds sounds, Listening listening) {
        this.sounds = sounds;
        this.listening = listening;
    }

    /** Takes in a sound of any kind that ffmpeg reads as the request's body; answers with it as music of a scene. */
    @PostMapping(consumes = MediaType.ALL_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    Sound add(@RequestParam String name, HttpServletRequest request) throws IOException, InterruptedException {
        Sounds.Kept kept = sounds.add(name, request.getInputStream());
        return Sound.whole("sound", kept.name(), Sound.Kind.MUSIC, kept.sha256(), kept.seconds());
    }

    /** Five seconds of its samples: signed, 16 bits, little-endian, 48,000 a second, two channels in turn. */
    @GetMapping(value = "/{sha256}/samples/{chunk}", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    ResponseEntity<byte[]> samples(@PathVariable String sha256, @PathVariable int chunk) {
        return lasting(sounds.chunk(sha256, chunk));
    }

    /** How loud it is: for each hundredth of a second its lowest and its highest value, each a signed byte. */
    @GetMapping(value = "/{sha256}/waveform", produces = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    ResponseEntity<byte[]> waveform(@PathVariable String sha256) {
        return lasting(sounds.waveform(sha256));
    }

    /** The beats that are heard in it. */
    @GetMapping("/{sha256}/beats")
    FoundBeats beats(@PathVariable String sha256) {
        return sounds.beats(sha256).orElseThrow(SoundController::missing);
    }

    /** How music is cut at its bars so that what is heard of it, from one second to another, ends with so many seconds. */
    @GetMapping("/{sha256}/fit")
    BarFit fit(
            @PathVariable String sha256,
            @RequestParam double from,
            @RequestParam double to,
            @RequestParam double room) {
        return sounds.fit(sha256, from, to, room).orElseThrow(SoundController::missing);
    }

    /** Where something begins in it, seconds: the phrases of a voice, or what is strong in music. */
    @GetMapping("/{sha256}/beginnings/{kind}")
    List<Double> beginnings(@PathVariable String sha256, @PathVariable Sound.Kind kind) {
        return sounds.beginnings(sha256, kind).orElseThrow(SoundController::missing);
    }

    /** Where sounds begin and end in it, seconds, rising: what the edges of words are drawn to. */
    @GetMapping("/{sha256}/edges")
    List<Double> edges(@PathVariable String sha256) {
        return sounds.edges(sha256).orElseThrow(SoundController::missing);
    }

    /**
     * What is said in it.
     *
     * @param script null where there is none
     * @param language tag of its language; null for English
     */
    record SaidIn(String script, String language) {}

    /**
     * When the words of a script are said in it; without a script, what it is taken for.
     *
     * @param run a name by which it can be stopped
     */
    @PostMapping("/{sha256}/words")
    Aligned align(@PathVariable String sha256, @RequestBody SaidIn said, @RequestParam(required = false) String run) {
        return listening
                .as(
                        run,
                        () -> said.script() == null
                                ? sounds.draft(sha256, said.language())
                                : sounds.align(sha256, said.script(), said.language()))
                .orElseThrow(SoundController::missing);
    }

    /** Stops listening. */
    @DeleteMapping("/listening/{run}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void stop(@PathVariable String run) {
        listening.stop(run);
    }

    /**
     * A voice that a stand-in recording can be made with.
     *
     * @param slowest words a minute
     * @param fastest words a minute
     */
    record Speaker(String voice, String label, double slowest, double fastest) {}

    @GetMapping("/made/voices")
    List<Speaker> speakers() {
        return Stream.of(MadeVoice.values())
                .map(voice -> new Speaker(voice.text(), voice.label(), MadeVoice.SLOWEST, MadeVoice.FASTEST))
                .toList();
    }

    /**
     * What is to be said.
     *
     * @param speed words a minute
     */
    record ToSay(String script, String voice, double speed) {}

    /** A recording that was made, with the exact times of its words. */
    record MadeRecording(Sound sound, List<Aligned.Word> words) {}

    /** Makes a stand-in recording of a script. */
    @PostMapping("/made")
    @ResponseStatus(HttpStatus.CREATED)
    MadeRecording speak(@RequestBody ToSay said) throws IOException, InterruptedException {
        if (said.script() == null || said.script().isBlank()) {
            throw new IllegalArgumentException("there is nothing to say");
        }
        if (said.script().length() > MOST_SAID) {
            throw new IllegalArgumentException("a voice is made of at most " + MOST_SAID + " characters at once");
        }
        Sounds.Made made = sounds.speak(said.script(), MadeVoice.of(said.voice()), said.speed());
        Sounds.Kept kept = made.kept();
        return new MadeRecording(
                Sound.whole("sound", kept.name(), Sound.Kind.VOICE, kept.sha256(), kept.seconds()),
                made.words().stream()
                        .map(word -> new Aligned.Word(word.text(), word.start(), word.end(), 1, null))
                        .toList());
    }

    private static MissingException missing() {
        return new MissingException("There is no sound with this content, or not at this time.");
    }

    private static ResponseEntity<byte[]> lasting(Optional<byte[]> content) {
        return ResponseEntity.ok()
                .cacheControl(
                        CacheControl.maxAge(Duration.ofDays(30)).cachePublic().immutable())
                .header("X-Content-Type-Options", "nosniff")
                .body(content.orElseThrow(SoundController::missing));
    }
}
