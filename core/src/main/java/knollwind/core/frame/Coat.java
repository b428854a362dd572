package knollwind.core.frame;

import java.util.Optional;
import java.util.OptionalInt;
import knollwind.core.scene.Fill;
import knollwind.core.scene.FrameRate;
import knollwind.core.type.Box;

/** A fill over a box, at any time. Only a film changes. */
final class Coat {
    private final Fill.Film film;
    private final FrameRate rate;
    private final Box box;
    private final Ink still;

    private Coat(Fill.Film film, FrameRate rate, Box box, Ink still) {
        this.film = film;
        this.rate = rate;
        this.box = box;
        this.still = still;
    }

    /** @param rate of the scene */
    static Coat of(Fill fill, Box box, FieldValues fields, FrameRate rate) {
        return fill instanceof Fill.Film film
                ? new Coat(film, rate, box, null)
                : new Coat(null, rate, box, Inks.of(fill, box, fields).orElse(null));
    }

    /**
     * What is painted; nothing for an empty fill.
     *
     * @param time scene frames since the block, or the scene, came on
     */
    Optional<Ink> at(double time) {
        if (film == null) {
            return Optional.ofNullable(still);
        }
        OptionalInt frame = film.frame(time, rate);
        return frame.isPresent()
                ? Optional.of(Inks.picture(film.picture(), film.picture().sha256() + "/" + frame.getAsInt(), box))
                : Optional.empty();
    }

    /** True when two times look alike. */
    boolean rests(double from, double to) {
        return film == null || film.frame(from, rate).equals(film.frame(to, rate));
    }
}
