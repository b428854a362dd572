package knollwind.core.frame;

import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;
import knollwind.core.display.Ink;
import knollwind.core.geometry.Box;
import knollwind.core.scene.Fill;
import knollwind.core.scene.FrameRate;

/** A fill over a box, at any time. */
interface FillPaint {
    /**
     * @param rate of the scene
     * @param nested what shows another scene
     */
    static FillPaint of(Fill fill, Box box, FrameRate rate, Function<Fill.Nested, FillPaint> nested) {
        return fill.match(new Fill.Cases<FillPaint>() {
            @Override
            public FillPaint none(Fill.None none) {
                return new Still(null);
            }

            @Override
            public FillPaint solid(Fill.Solid solid) {
                return new Still(Inks.plain(solid));
            }

            @Override
            public FillPaint gradient(Fill.Gradient gradient) {
                return new Still(Inks.gradient(gradient, box));
            }

            @Override
            public FillPaint radial(Fill.Radial radial) {
                return new Still(Inks.radial(radial, box));
            }

            @Override
            public FillPaint picture(Fill.Picture picture) {
                return new Still(Inks.picture(picture, picture.sha256(), box));
            }

            @Override
            public FillPaint film(Fill.Film film) {
                return new Film(film, box, rate);
            }

            @Override
            public FillPaint nested(Fill.Nested shown) {
                return nested.apply(shown);
            }
        });
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
    record Film(Fill.Film film, Box box, FrameRate rate) implements FillPaint {
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
