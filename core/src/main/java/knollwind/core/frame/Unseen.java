package knollwind.core.frame;

/**
 * Letters that keep room and are not seen: those by which shorter words are filled up to the longest that a block comes to, so that
 * figures stand still and keep the places in all orders that they have at the end.
 *
 * @param from place in the text, UTF-16 units
 * @param to place after the last
 */
record Unseen(int from, int to) {
    static final Unseen NONE = new Unseen(0, 0);

    boolean has(int place) {
        return place >= from && place < to;
    }

    /** Words filled up to the longest, and what of them is not seen. */
    record Filled(String words, Unseen unseen) {
        /**
         * Filled up behind what both begin with, so that all from there on stands as in the longest, counted from the end.
         */
        static Filled of(String words, String longest) {
            int missing = longest.length() - words.length();
            if (missing <= 0) {
                return new Filled(words, NONE);
            }
            int same = 0;
            while (same < words.length() && words.charAt(same) == longest.charAt(same) && !isFigure(words, same)) {
                same++;
            }
            String room = longest.substring(same, same + missing);
            return new Filled(
                    words.substring(0, same) + room + words.substring(same), new Unseen(same, same + missing));
        }

        /** Figures that are alike by chance are no beginning: 12 of 120 are its last two. */
        private static boolean isFigure(String words, int place) {
            return Character.isDigit(words.charAt(place));
        }
    }
}
