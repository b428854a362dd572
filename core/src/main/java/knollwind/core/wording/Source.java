package knollwind.core.wording;

import java.util.List;

/** Something that gives words. */
interface Source {
    /**
     * The words.
     *
     * @throws IllegalArgumentException with the reason where there are none to be had
     */
    String words(Said said);

    /** Whether it gives other words as time goes on. */
    default boolean changes() {
        return false;
    }

    /** Words as they were typed. */
    record Typed(String text) implements Source {
        @Override
        public String words(Said said) {
            return text;
        }
    }

    /** What a field is filled in with. */
    record OfField(String id) implements Source {
        @Override
        public String words(Said said) {
            return said.field(id);
        }
    }

    /** The words of another block. */
    record OfBlock(String id) implements Source {
        @Override
        public String words(Said said) {
            return said.block(id);
        }
    }

    /** A wording in brackets. */
    record Bracketed(Wording wording) implements Source {
        @Override
        public String words(Said said) {
            return wording.words(said);
        }

        @Override
        public boolean changes() {
            return wording.changes();
        }
    }

    /**
     * One of the pieces of something.
     *
     * @param number from 1 on; from −1 on counted from the end
     */
    record Piece(Pieces pieces, int number, Source of) implements Source {
        @Override
        public String words(Said said) {
            List<String> all = pieces.of(of.words(said));
            int index = number > 0 ? number - 1 : all.size() + number;
            if (index < 0 || index >= all.size()) {
                throw new IllegalArgumentException("there is no " + pieces.one() + " " + Math.abs(number)
                        + (number < 0 ? " from the end" : "") + ", only " + all.size());
            }
            return all.get(index);
        }

        @Override
        public boolean changes() {
            return of.changes();
        }
    }

    /** How many pieces something has. */
    record Count(Pieces pieces, Source of) implements Source {
        @Override
        public String words(Said said) {
            return Integer.toString(pieces.of(of.words(said)).size());
        }

        @Override
        public boolean changes() {
            return of.changes();
        }
    }

    /** A number as it is written. */
    record Written(Source of, NumberForm form) implements Source {
        @Override
        public String words(Said said) {
            return form.write(number(of.words(said)));
        }

        @Override
        public boolean changes() {
            return of.changes();
        }
    }

    /** One of two, by a test. */
    record When(Source of, Test test, Source then, Source otherwise) implements Source {
        @Override
        public String words(Said said) {
            return (test.holds(of.words(said)) ? then : otherwise).words(said);
        }

        @Override
        public boolean changes() {
            return of.changes() || then.changes() || otherwise.changes();
        }
    }

    /** What is asked of words. */
    interface Test {
        boolean holds(String words);
    }

    /** @throws IllegalArgumentException for what is none */
    static double number(String words) {
        String plain = words.strip().replaceAll("[\\s\u00a0\u202f]", "").replace('\u2212', '-');
        // A comma is a decimal comma where no point stands beside it.
        String pointed = plain.contains(".") ? plain.replace(",", "") : plain.replace(',', '.');
        try {
            return Double.parseDouble(pointed);
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException("\u201c" + words + "\u201d is no number");
        }
    }
}
