package knollwind.core.directions.scene;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import knollwind.core.directions.controls.FormatPx;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Everyday;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.grammar.Say;
import knollwind.core.directions.grammar.TimeWords;
import knollwind.core.directions.setting.FillWords;
import knollwind.core.directions.setting.NestedWords;
import knollwind.core.scene.Beats;
import knollwind.core.scene.Ending;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Scene;

/**
 * Reads typed sentences of scenes: what lies behind it all, how long it lasts, its tempo, movement, finish, camera and crossing. Only what is
 * said changes.
 */
public final class SceneReader {
    /** How clauses begin. */
    public static final List<String> OPENINGS = List.of(
            "lasts 12 s",
            "as long as its last block",
            "as long as its last sound",
            "at 96 beats a minute, 4 in a bar, the first at frame 0",
            "without a tempo",
            "behind it all: #10202c",
            "behind it all: a gradient of #10202c at 0 % and #1d5c80 at 100 % along 90\u00b0",
            "behind it all: no colour",
            "movement is sharp",
            "movement is blurred by a shutter of 180\u00b0 in 8 samples",
            "the finish is plain",
            "the finish is grain of 12 % and a vignette of 30 %",
            "the camera stands still",
            "the camera shows 100 % at frame 0 gently at both ends, then 108 % at frame 180",
            "the next scene comes in with a cut",
            "the next scene comes in by fading over 12 frames",
            "the next scene comes in by sliding to the left over 18 frames",
            "the next scene comes in through the letters over 36 frames",
            "inside another scene it stays as long as it is",
            "inside another scene it is stretched between the frames 12 and 48",
            "inside another scene it is stretched between the frames 12 and 48 and in versions as long as it takes to read at 17 characters a second");

    private final Lexer words;
    private Scene scene;

    private SceneReader(String sentence, Scene scene) {
        words = new Lexer(sentence);
        this.scene = scene;
    }

    /**
     * The scene as the sentence tells; where it is to be as long as something else its length is left to {@link LengthWords#following}.
     *
     * @throws DirectionException with the place when something cannot be read
     */
    public static Scene read(String sentence, Scene scene) {
        return read(sentence, scene, FormatPx.PLAIN, "");
    }

    /**
     * @param px of the format that the sentence is typed in
     * @param printed the scene's sentence as it was
     */
    public static Scene read(String sentence, Scene scene, FormatPx px, String printed) {
        return Everyday.read(
                sentence,
                one -> px.read(one, printed, kept -> new SceneReader(kept, scene).read()),
                SceneReader::everyday);
    }

    private static Everyday everyday() {
        return new Everyday()
                .with("(\\d+(?:\\.\\d+)?) ?(?:bpm|beats per minute)", found -> found.group(1) + " beats a minute")
                .with("no tempo", "without a tempo")
                .with("(?:it )?(?:ends|lasts|is as long) with (?:its|the) (?:last )?block", "as long as its last block")
                .with("(?:it )?(?:ends|lasts|is as long) with (?:its|the) (?:last )?sound", "as long as its last sound")
                .with("(?:it )?(?:lasts |is )?as long as (?:its|the) sound", "as long as its last sound")
                .with(
                        "(\\d+(?:\\.\\d+)?) ?(?:h|hours?)",
                        found -> Say.number(60 * Double.parseDouble(found.group(1))) + " min")
                .with("(?:the )?(?:length|duration)(?: is)?", "lasts")
                .with("(?:it is )?(\\d+(?:\\.\\d+)? ?(?:s|seconds?|frames?)) long", found -> "lasts " + found.group(1))
                .with("half a minute", "30 s")
                .with("(?:the |on |on a )?(?:background|ground)(?: is| of|:)?", "behind it all:")
                .with("(?:a )?(?:hard )?cut to the next(?: scene)?", "the next scene comes in with a cut")
                .with("(?:cross-?)?fades? (?:in)?to the next(?: scene)?", "the next scene comes in by fading")
                .with("the next(?: scene)? (?:cross-?)?fades(?: in)?", "the next scene comes in by fading")
                .with("slides? to the next(?: scene)?", "the next scene comes in by sliding")
                .with("motion blur", "movement is blurred")
                .with("no camera|the camera is still", "the camera stands still");
    }

    private Scene read() {
        words.clauses(this::clause, OPENINGS);
        return scene;
    }

    private boolean clause() {
        return lasts() || tempo() || movement() || finish() || camera() || crossing() || hold() || ground();
    }

    private boolean lasts() {
        if (words.phrase("it lasts") || words.phrase("lasts")) {
            OptionalDouble time = TimeWords.read(words, scene.rate(), scene.beats());
            if (time.isEmpty() && following()) {
                return true;
            }
            double frames = time.orElseThrow(() -> DirectionException.missing(words, "a time such as 12 s"));
            scene = scene.withLength((int) Math.rint(frames)).withEnds(null);
            return true;
        }
        return following();
    }

    private boolean following() {
        for (Ending ending : Ending.values()) {
            if (words.phrase("as long as " + ending.text())) {
                scene = scene.withEnds(ending);
                return true;
            }
        }
        return false;
    }

    private boolean tempo() {
        if (words.phrase("without a tempo")) {
            scene = scene.withBeats(null);
            return true;
        }
        Beats read = TempoWords.read(words, scene.beats());
        scene = read == null ? scene : scene.withBeats(read);
        return read != null;
    }

    private boolean movement() {
        boolean named = words.phrase("movement is");
        if (words.phrase("sharp")) {
            scene = scene.withBlur(null);
        } else if (words.phrase("blurred")) {
            scene = scene.withBlur(MovementWords.read(words, scene.blur()));
        } else if (named) {
            throw DirectionException.missing(words, "sharp or blurred");
        } else {
            return false;
        }
        return true;
    }

    private boolean finish() {
        if (!words.phrase("the finish is")) {
            return false;
        }
        scene = scene.withFinish(FinishWords.read(words));
        return true;
    }

    private boolean camera() {
        if (!words.phrase("the camera")) {
            return false;
        }
        scene = scene.withCamera(CameraWords.read(words, scene));
        return true;
    }

    private boolean crossing() {
        if (!words.phrase("the next scene comes in")) {
            return false;
        }
        scene = scene.withCrossing(CrossingWords.read(words, scene));
        return true;
    }

    private boolean hold() {
        if (!words.phrase("inside another scene it")) {
            return false;
        }
        scene = scene.withHold(NestedWords.readHold(words));
        return true;
    }

    /** With or without "behind it all". */
    private boolean ground() {
        boolean named = words.phrase("behind it all");
        words.sign(":");
        Optional<Fill> read = FillWords.readGround(words, scene.background());
        if (named && read.isEmpty()) {
            throw DirectionException.missing(words, "a colour such as #10202c");
        }
        read.ifPresent(fill -> scene = scene.withBackground(fill));
        return read.isPresent();
    }
}
