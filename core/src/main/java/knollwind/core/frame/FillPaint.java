package knollwind.core.frame;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import knollwind.core.display.Ink;
import knollwind.core.geometry.Box;
import knollwind.core.scene.Fill;
import knollwind.core.scene.FrameRate;
import knollwind.core.sound.Heard;

/** A fill over any box, at any time. */
interface FillPaint {
    /**
     * @param rate of the scene
     * @param nested what shows another scene
     */
    static FillPaint of(Fill fill, FrameRate rate, Function<Fill.Nested, FillPaint> nested) {
        return fill.match(new Fill.Cases<FillPaint>() {
            @Override
            public FillPaint none(Fill.None none) {
                return Still.NOTHING;
            }

            @Override
            public FillPaint solid(Fill.Solid solid) {
                Ink plain = Inks.plain(solid);
                return new Still(box -> plain);
            }

            @Override
            public FillPaint gradient(Fill.Gradient gradient) {
                return new Still(box -> Inks.gradient(gradient, box));
            }

            @Override
            public FillPaint radial(Fill.Radial radial) {
                return new Still(box -> Inks.radial(radial, box));
            }

            @Override
            public FillPaint conic(Fill.Conic conic) {
                return new Still(box -> Inks.conic(conic, box));
            }

            @Override
            public FillPaint picture(Fill.Picture picture) {
                return new Still(box -> Inks.picture(picture, picture.sha256(), box));
            }

            @Override
            public FillPaint film(Fill.Film film) {
                return new Film(film, rate);
            }

            @Override
            public FillPaint nested(Fill.Nested shown) {
                return nested.apply(shown);
            }
        });
    }

    /** What is heard with it, from when it comes on. */
    default List<Heard> sounds() {
        return List.of();
    }

    /**
     * What is painted; nothing for an empty fill.
     *
     * @param time scene frames since the block, or the scene, came on
     * @param box that it is laid over
     */
    Optional<Ink> at(double time, Box box);

    /** True when two times look alike. */
    boolean rests(double from, double to);

    /** The same at all times; mixed once for a box. */
    final class Still implements FillPaint {
        static final Still NOTHING = new Still(box -> null);

        private final Function<Box, Ink> mixed;
        private final Map<Box, Optional<Ink>> inks = new ConcurrentHashMap<>();

        /** @param mixed the ink over a box; null for nothing at all */
        Still(Function<Box, Ink> mixed) {
            this.mixed = mixed;
        }

        @Override
        public Optional<Ink> at(double time, Box box) {
            return inks.computeIfAbsent(box, over -> Optional.ofNullable(mixed.apply(over)));
        }

        @Override
        public boolean rests(double from, double to) {
            return true;
        }
    }

    /** A moving picture. */
    record Film(Fill.Film film, FrameRate rate) implements FillPaint {
        @Override
        public Optional<Ink> at(double time, Box box) {
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
