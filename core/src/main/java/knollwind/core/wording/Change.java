package knollwind.core.wording;

import java.util.Collections;
import java.util.List;
import java.util.Locale;
import knollwind.core.scene.TextBlock;

/** Something that is done to words. */
interface Change {
    /** @throws IllegalArgumentException with the reason where it cannot be done */
    String to(String words);

    record Around(String before, String after) implements Change {
        @Override
        public String to(String words) {
            return before + words + after;
        }
    }

    record Replaced(String what, String by) implements Change {
        @Override
        public String to(String words) {
            return words.replace(what, by);
        }
    }

    record Cut(int most) implements Change {
        private static final String CUT = "\u2026";

        /** At a word where one ends before. */
        @Override
        public String to(String words) {
            List<String> all = Pieces.characters(words);
            if (all.size() <= most) {
                return words;
            }
            String kept = String.join("", all.subList(0, most - 1));
            boolean inWord = !all.get(most - 1).isBlank();
            int space = kept.lastIndexOf(' ');
            return (inWord && space > 0 ? kept.substring(0, space) : kept).stripTrailing() + CUT;
        }
    }

    record Repeated(int times, String joiner) implements Change {
        @Override
        public String to(String words) {
            if ((long) times * (words.length() + joiner.length()) > TextBlock.LONGEST_TEXT) {
                throw new IllegalArgumentException(
                        "repeated so often these would be more than " + TextBlock.LONGEST_TEXT + " characters");
            }
            return String.join(joiner, Collections.nCopies(times, words));
        }
    }

    /** Each word on a line of its own. */
    record WordALine() implements Change {
        @Override
        public String to(String words) {
            return words.strip().replaceAll("\\s+", "\n");
        }
    }

    record LinesJoined(String joiner) implements Change {
        @Override
        public String to(String words) {
            return String.join(joiner, words.split("\n"));
        }
    }

    enum Case implements Change {
        CAPITALS {
            @Override
            public String to(String words) {
                return words.toUpperCase(Locale.ROOT);
            }
        },
        SMALL {
            @Override
            public String to(String words) {
                return words.toLowerCase(Locale.ROOT);
            }
        },
        AT_WORDS {
            @Override
            public String to(String words) {
                return com.ibm.icu.lang.UCharacter.toTitleCase(Locale.ROOT, words, null);
            }
        }
    }
}
