package knollwind.core.directions.setting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.directions.controls.Values;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.grammar.Say;
import knollwind.core.scene.Fill;

/**
 * Pictures and films as fills: "in the picture \u201charbour.png\u201d covering it, 50 % across and 50 % down". Which picture it is
 * comes from a file, so typing changes only how it is shown.
 */
final class PictureWords {
    private PictureWords() {}

    /**
     * @param kind what it is called, picture or film
     * @param at the path of the picture
     * @param more the choice of other kinds of fill, and what else goes with it
     * @param whole the path of the fill
     * @param area what is said of what it lies over
     */
    static void print(
            Sentence.Builder out,
            String kind,
            Fill.Picture picture,
            String at,
            List<Control> more,
            String whole,
            String area) {
        List<Control> controls = new ArrayList<>();
        controls.add(new Control.Choice(
                "Meets its area",
                Arrays.stream(Fill.Picture.Mode.values())
                        .map(mode -> new Control.Option(
                                say(mode), mode == picture.mode(), List.of(Ops.set(at + "/mode", mode))))
                        .toList()));
        boolean stretch = picture.mode() == Fill.Picture.Mode.STRETCH;
        if (!stretch) {
            controls.add(Values.percent("across", picture.x(), 0, 100, at + "/x"));
            controls.add(Values.percent("down", picture.y(), 0, 100, at + "/y"));
        }
        controls.addAll(more);
        controls.add(new Control.PictureFile("Another one", whole));
        String where =
                stretch ? "" : ", " + Say.percent(picture.x()) + " across and " + Say.percent(picture.y()) + " down";
        out.part(
                "the " + kind + " \u201c" + picture.name() + "\u201d " + say(picture.mode()) + where + area,
                new Part("colour", controls, ""));
    }

    private static String say(Fill.Picture.Mode mode) {
        return switch (mode) {
            case COVER -> "covering it";
            case WHOLE -> "seen whole";
            case STRETCH -> "stretched";
        };
    }

    /** The picture or film as it is said to be shown now; nothing when the words name none. */
    static Optional<Fill> read(Lexer words, Fill now) {
        if (words.match("the (picture|film) \u201c[^\u201d]*\u201d").isEmpty()) {
            return Optional.empty();
        }
        if (now instanceof Fill.Film film) {
            return Optional.of(
                    new Fill.Film(readPlace(words, film.picture()), film.frames(), film.rate(), film.play()));
        }
        if (now instanceof Fill.Picture picture) {
            return Optional.of(readPlace(words, picture));
        }
        throw new DirectionException(
                "a picture or film is chosen in the colour's drawer; nothing is kept under this name here",
                words.position(),
                List.of());
    }

    private static Fill.Picture readPlace(Lexer words, Fill.Picture now) {
        Fill.Picture.Mode mode = now.mode();
        for (Fill.Picture.Mode candidate : Fill.Picture.Mode.values()) {
            if (words.phrase(say(candidate))) {
                mode = candidate;
            }
        }
        double x = now.x();
        double y = now.y();
        int here = words.position();
        words.separators();
        if (words.match("[\\d.]+ ?% across\\b").isPresent()) {
            words.back(here);
            words.separators();
            x = words.percent().orElse(x);
            words.phrase("across");
            here = words.position();
            words.separators();
        }
        if (words.match("[\\d.]+ ?% down\\b").isPresent()) {
            words.back(here);
            words.separators();
            y = words.percent().orElse(y);
            words.phrase("down");
        } else {
            words.back(here);
        }
        return new Fill.Picture(now.sha256(), now.name(), now.width(), now.height(), mode, x, y);
    }
}
