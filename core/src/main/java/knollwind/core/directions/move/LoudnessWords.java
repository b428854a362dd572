package knollwind.core.directions.move;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Values;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.grammar.Say;
import knollwind.core.document.Operation;
import knollwind.core.scene.Loudness;
import knollwind.core.scene.Sound;

/** What is followed by a move that goes as loud as something is: "as loud as the low sounds of the music over -40 dB". */
public final class LoudnessWords {
    public static final String LOUD = "as loud as";
    private static final String QUIET = "as quiet as";

    private LoudnessWords() {}

    public static String say(Loudness loudness) {
        StringBuilder out = new StringBuilder(loudness.quiet() == null ? LOUD : QUIET).append(' ');
        if (loudness.band() != Loudness.Band.ALL) {
            out.append(band(loudness.band())).append(" of ");
        }
        out.append(loudness.sound() == null ? kind(loudness.kind()) : "[" + loudness.sound() + "]");
        if (loudness.floor() != Loudness.USUAL_FLOOR) {
            out.append(" over ").append(Say.number(loudness.floor())).append(" dB");
        }
        if (loudness.rise() != Loudness.USUAL_RISE) {
            out.append(" rising in ").append(Say.frames(loudness.rise()));
        }
        if (loudness.fall() != Loudness.USUAL_FALL) {
            out.append(" falling in ").append(Say.frames(loudness.fall()));
        }
        return out.toString();
    }

    private static String kind(Sound.Kind kind) {
        return kind == null ? "all that is heard" : kind == Sound.Kind.MUSIC ? "the music" : "the voice";
    }

    private static String band(Loudness.Band band) {
        return switch (band) {
            case ALL -> "all sounds";
            case LOW -> "the low sounds";
            case MIDDLE -> "the middle sounds";
            case HIGH -> "the high sounds";
        };
    }

    /** What stands here; nothing where it is something else. */
    public static Optional<Loudness> read(Lexer words) {
        boolean quiet = words.phrase(QUIET);
        if (!quiet && !words.phrase(LOUD)) {
            return Optional.empty();
        }
        Loudness.Band band = Loudness.Band.ALL;
        for (Loudness.Band one : Loudness.Band.values()) {
            band = words.phrase(band(one) + " of") ? one : band;
        }
        int here = words.position();
        String sound = words.match("\\[[A-Za-z0-9_.-]{1,64}\\]")
                .map(id -> id.substring(1, id.length() - 1))
                .orElse(null);
        Sound.Kind kind = null;
        if (sound == null && !words.phrase(kind(null))) {
            kind = words.phrase(kind(Sound.Kind.MUSIC)) ? Sound.Kind.MUSIC : null;
            kind = kind == null && words.phrase(kind(Sound.Kind.VOICE)) ? Sound.Kind.VOICE : kind;
            if (kind == null) {
                throw new DirectionException(
                        "say what it is as loud as, such as the music",
                        here,
                        List.of(kind(Sound.Kind.MUSIC), kind(Sound.Kind.VOICE), kind(null)));
            }
        }
        Double floor = null;
        if (words.phrase("over")) {
            floor = number(words, "say over how many decibels, such as over -40 dB", "-40 dB");
            if (!words.phrase("dB")) {
                throw new DirectionException("a loudness is counted in dB", words.position(), List.of("dB"));
            }
        }
        Double rise = words.phrase("rising in") ? frames(words) : null;
        Double fall = words.phrase("falling in") ? frames(words) : null;
        return Optional.of(new Loudness(kind, sound, band, floor, rise, fall, quiet ? true : null));
    }

    private static double frames(Lexer words) {
        double frames = number(words, "say in how many frames, such as 6 frames", "6 frames");
        if (!words.phrase("frames")) {
            words.phrase("frame");
        }
        return frames;
    }

    private static double number(Lexer words, String otherwise, String likely) {
        int here = words.position();
        OptionalDouble number = words.number();
        if (number.isEmpty()) {
            throw new DirectionException(otherwise, here, List.of(likely));
        }
        return number.getAsDouble();
    }

    /**
     * All that can be changed of it.
     *
     * @param sounds of the scene
     * @param at path of the loudness in the document
     */
    public static List<Control> controls(List<Sound> sounds, Loudness now, String at) {
        List<Control> controls = new ArrayList<>();
        controls.add(whose(sounds, now, at));
        List<Control.Option> bands = new ArrayList<>();
        for (Loudness.Band band : Loudness.Band.values()) {
            bands.add(new Control.Option(band(band), band == now.band(), List.of(Ops.set(at + "/band", band))));
        }
        controls.add(new Control.Choice("Of it heard", bands));
        controls.add(Values.number("over", now.floor(), "dB", -80, -6, 1, at + "/floor", 1));
        controls.add(Values.number("rises in", now.rise(), "fr", 0, 48, 1, at + "/rise", 1));
        controls.add(Values.number("falls in", now.fall(), "fr", 0, 96, 1, at + "/fall", 1));
        return controls;
    }

    /** Whether what follows it is away from rest when it is loud. */
    static Control away(Loudness now, String at) {
        return new Control.Choice(
                "Away from rest",
                List.of(
                        new Control.Option(
                                "when it is loud",
                                now.quiet() == null,
                                now.quiet() == null ? List.of() : List.of(new Operation.Clear(at + "/quiet"))),
                        new Control.Option(
                                "when it is quiet", now.quiet() != null, List.of(Ops.set(at + "/quiet", true)))));
    }

    private static Control whose(List<Sound> sounds, Loudness now, String at) {
        List<Control.Option> options = new ArrayList<>();
        for (Sound.Kind kind : new Sound.Kind[] {Sound.Kind.MUSIC, Sound.Kind.VOICE, null}) {
            boolean on = now.sound() == null && now.kind() == kind;
            options.add(new Control.Option(kind(kind), on, set(at, now, kind, null)));
        }
        // One sound of its kind needs no name.
        if (sounds.size() > 1 || now.sound() != null) {
            for (Sound sound : sounds) {
                boolean on = sound.id().equals(now.sound());
                options.add(new Control.Option(sound.name(), on, set(at, now, null, sound.id())));
            }
        }
        return new Control.Choice("Sound", options);
    }

    private static List<Operation> set(String at, Loudness now, Sound.Kind kind, String sound) {
        return List.of(
                Ops.set(at, new Loudness(kind, sound, now.band(), now.floor(), now.rise(), now.fall(), now.quiet())));
    }
}
