package knollwind.core.directions.setting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.directions.controls.Values;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.grammar.Say;
import knollwind.core.scene.Fill;
import knollwind.core.scene.FilmPlay;

/** How a film runs, in words: ", frames 0 to 191 at 100 % of its speed, over and over, from 12 frames on". */
final class FilmWords {
    /** Where a film stands still when nothing else is said, frames. */
    private static final double FREEZE = 48;

    private FilmWords() {}

    static void print(Sentence.Builder out, Fill.Film film, String at) {
        FilmPlay play = film.play();
        int most = film.frames() - 1;
        out.plain(", ");
        out.part(
                "frames " + play.first() + " to " + play.last(),
                new Part(
                        "film frames",
                        List.of(
                                Values.number("first", play.first(), "", 0, play.last(), 1, at + "/first", 1),
                                Values.number("last", play.last(), "", play.first(), most, 1, at + "/last", 1)),
                        "The film has the frames 0 to " + most + ", "
                                + Say.number(Math.rint(film.rate().perSecond() * 100) / 100) + " a second."));
        out.plain(" at ");
        out.part(
                Say.percent(play.speed()) + " of its speed",
                new Part(
                        "film speed",
                        List.of(Values.percent("speed", play.speed(), 5, 2000, at + "/speed")),
                        "Each frame is shown as it was taken; slower than its own speed, frames stand longer."));
        out.plain(", ");
        List<Control> controls = new ArrayList<>();
        controls.add(new Control.Choice(
                "After its last frame",
                Arrays.stream(FilmPlay.After.values())
                        .map(after -> new Control.Option(
                                say(after), after == play.after(), List.of(Ops.set(at + "/after", after))))
                        .toList()));
        controls.add(Values.number("starts after", play.start(), "frames", -9999, 9999, 1, at + "/start", 1));
        controls.add(Values.pair(
                "Stands still", "never", "from a frame on", play.freeze() != null, at + "/freeze", null, FREEZE));
        if (play.freeze() != null) {
            controls.add(Values.number("still from", play.freeze(), "frames", -9999, 9999, 1, at + "/freeze", 1));
        }
        out.part(
                say(play.after()) + start(play) + freeze(play),
                new Part("film run", controls, "Frames are counted from when its block, or its scene, comes on."));
    }

    private static String start(FilmPlay play) {
        return play.start() == 0 ? "" : ", from " + Say.frames(play.start()) + " on";
    }

    private static String freeze(FilmPlay play) {
        return play.freeze() == null ? "" : ", standing still after " + Say.frames(play.freeze());
    }

    private static String say(FilmPlay.After after) {
        return switch (after) {
            case HOLD -> "once and then standing";
            case REPEAT -> "over and over";
            case TURN -> "there and back";
            case GONE -> "once and then gone";
        };
    }

    /** How the film is said to run; what is not said stays as it is. */
    static FilmPlay read(Lexer words, Fill.Film film) {
        FilmPlay now = film.play();
        int first = now.first();
        int last = now.last();
        double speed = now.speed();
        double start = 0;
        Double freeze = null;
        FilmPlay.After after = now.after();
        while (true) {
            int here = words.position();
            words.separators();
            if (words.phrase("frames")) {
                first = (int) words.number().orElse(first);
                words.phrase("to");
                last = (int) words.number().orElse(last);
            } else if (words.phrase("at")
                    && words.match("[\\d.]+ ?% of its speed").isPresent()) {
                words.back(here);
                words.separators();
                words.phrase("at");
                speed = words.percent().orElse(speed);
                words.phrase("of its speed");
            } else if (words.phrase("from")
                    && words.match("-?[\\d.]+ frames? on").isPresent()) {
                words.back(here);
                words.separators();
                words.phrase("from");
                start = words.number().orElse(0);
                words.match("frames? on");
            } else if (words.phrase("standing still after")) {
                freeze = words.number().orElse(FREEZE);
                words.match("frames?");
            } else {
                words.back(here);
                words.separators();
                FilmPlay.After said = after(words);
                if (said == null) {
                    words.back(here);
                    return new FilmPlay(first, last, start, speed, after, freeze);
                }
                after = said;
            }
        }
    }

    private static FilmPlay.After after(Lexer words) {
        return Arrays.stream(FilmPlay.After.values())
                .filter(after -> words.phrase(say(after)))
                .findFirst()
                .orElse(null);
    }
}
