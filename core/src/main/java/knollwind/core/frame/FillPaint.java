package knollwind.core.frame;

import java.util.Optional;
import java.util.OptionalInt;
import knollwind.core.display.Ink;
import knollwind.core.geometry.Box;
import knollwind.core.scene.Fill;
import knollwind.core.scene.FrameRate;

/** A fill over a box, at any time. */
interface FillPaint {
    /** @param rate of the scene */
    static FillPaint of(Fill fill, Box box, FrameRate rate) {
        return fill instanceof Fill.Film film
                ? new SceneSequence(film, box, rate)
                : new Still(Inks.of(fill, box).orElse(null));
    }

    /**
     * What is painted; nothing for an empty fill.
     *
     * @param time scene frames since the block, or the scene, came on
     */
    Optional<Ink> at(double time);

    /** True when two times look alike. */
    boolean rests(double from, double to);

    /** Null for nothing at all. */
    record Still(Ink ink) implements FillPaint {
        @Override
        public Optional<Ink> at(double time) {
            return Optional.ofNullable(ink);
        }

        @Override
        public boolean rests(double from, double to) {
            return true;
        }
    }

    /** A moving picture. */
    record SceneSequence(Fill.Film film, Box box, FrameRate rate) implements FillPaint {
        @Override
        public Optional<Ink> at(double time) {
            OptionalInt frame = film.frame(time, rate);
            return frame.isPresent()
                    ? Optional.of(Inks.picture(film.picture(), film.picture().sha256() + "/" + frame.getAsInt(), box))
                    : Optional.empty();
        }

        @Override
        public boolean rests(double from, double to) {
            return film.frame(from, rate).equals(film.frame(to, rate));
        }
    }
}
