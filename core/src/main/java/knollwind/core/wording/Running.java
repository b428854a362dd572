package knollwind.core.wording;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.Locale;
import knollwind.core.motion.Easing;
import knollwind.core.motion.Easings;

/** Words of numbers and times: those that go on while the block is on, and those of a date. */
final class Running {
    private static final double DAY = 24 * 60 * 60;

    /** So many seconds are shown until the next is: at 9.999 s of ten, one has passed but for noise. */
    private static final double NOISE = 1e-6;

    private Running() {}

    /**
     * A stretch of time.
     *
     * @param seconds whether it is in seconds, else in frames
     */
    record Stretch(double value, boolean seconds) {
        double frames(Said said) {
            return seconds ? value * said.rate().perSecond() : value;
        }
    }

    /** A number on its way. */
    record Number(Source from, Source to, Stretch after, Stretch over, String easing, NumberForm form)
            implements Source {
        @Override
        public String words(Said said) {
            double length = Math.max(1e-9, over.frames(said));
            double along = Math.max(0, Math.min(1, (said.time() - after.frames(said)) / length));
            Easing eased = Easings.read(easing);
            double at = along == 0 ? 0 : along == 1 ? 1 : eased.at(along);
            double begins = Source.number(from.words(said));
            double ends = Source.number(to.words(said));
            return form.write(begins + (ends - begins) * at);
        }

        @Override
        public boolean changes() {
            return true;
        }
    }

    /**
     * A time of day that goes on, or seconds that run out.
     *
     * @param start seconds since midnight, or those that are left at the beginning
     * @param down whether they run out; then they stop at 0
     */
    record Clock(double start, boolean down, String pattern) implements Source {
        @Override
        public String words(Said said) {
            double passed = said.time() / said.rate().perSecond();
            // What is left is rounded up: ten are shown until one has passed.
            double seconds = down ? Math.max(0, Math.ceil(start - passed - NOISE)) : Math.floor(start + passed + NOISE);
            return DateTimeFormatter.ofPattern(pattern, Locale.ROOT)
                    .format(LocalTime.ofSecondOfDay((long) (((seconds % DAY) + DAY) % DAY)));
        }

        @Override
        public boolean changes() {
            return true;
        }
    }

    /** A date or a time of day, written by a pattern in a language. */
    record Written(Source of, String pattern, String locale) implements Source {
        @Override
        public String words(Said said) {
            String words = of.words(said).strip();
            DateTimeFormatter form = DateTimeFormatter.ofPattern(pattern, Locale.forLanguageTag(locale));
            try {
                return form.format(words.contains(":") ? LocalTime.parse(padded(words)) : LocalDate.parse(words));
            } catch (DateTimeParseException e) {
                throw new IllegalArgumentException(
                        "\u201c" + words + "\u201d is neither a date like 2031-03-14 nor a time like 22:10");
            } catch (DateTimeException e) {
                throw new IllegalArgumentException(
                        "\u201c" + pattern + "\u201d asks for what \u201c" + words + "\u201d does not tell");
            }
        }

        @Override
        public boolean changes() {
            return of.changes();
        }

        private static String padded(String time) {
            return time.indexOf(':') == 1 ? "0" + time : time;
        }
    }

    /** @throws IllegalArgumentException for what is no pattern of a date or time */
    static String pattern(String pattern) {
        DateTimeFormatter.ofPattern(pattern, Locale.ROOT);
        return pattern;
    }
}
