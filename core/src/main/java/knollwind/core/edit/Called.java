package knollwind.core.edit;

/** What a block of words is called while nobody has given it a name. */
final class Called {
    /** Characters that tell one block from another in a row of the bar sheet. */
    private static final int MOST = 32;

    private Called() {}

    /** The beginning of the words, as many of them as fit into a line. */
    static String by(String words) {
        String line = words.strip().replaceAll("\\s+", " ");
        if (line.length() <= MOST) {
            return line;
        }
        int end = line.lastIndexOf(' ', MOST);
        int cut = end > 0 ? end : MOST;
        return line.substring(0, Character.isHighSurrogate(line.charAt(cut - 1)) ? cut - 1 : cut) + "\u2026";
    }
}
