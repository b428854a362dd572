package knollwind.core.speech;

import com.github.difflib.DiffUtils;
import com.github.difflib.patch.AbstractDelta;
import java.util.Arrays;
import java.util.List;

/**
 * Finds which spoken words stand for the words of a text: the ones by which the text is had from what is said with the least
 * edits. Words before and after, and between, may be passed over; of equally good places the one nearest to a wanted one counts.
 */
public final class WordMatch {
    /** No spoken word. */
    public static final int NONE = -1;

    /** A word of the text that is not said. */
    private static final double MISSING = 1;

    /** Another word in its place. */
    private static final double OTHER = 0.9;

    /** Nearly the same word, as after a correction. */
    private static final double NEARLY = 0.4;

    /** A spoken word in between that the text does not have: the words of one sentence stay together where they can. */
    private static final double PASSED = 0.01;

    /** For each spoken word that lies between the wanted place and the first one. */
    private static final double AWAY = 1e-5;

    private WordMatch() {}

    /**
     * The spoken word for each word of a text.
     *
     * @param text plain forms
     * @param spoken plain forms, in the order in which they are said
     * @param near index of the spoken word at which the text is wanted to begin
     * @return indices of spoken words, rising; {@link #NONE} for a word that is not said
     */
    public static int[] match(List<String> text, List<String> spoken, int near) {
        int rows = text.size();
        int columns = spoken.size();
        int[] found = new int[rows];
        Arrays.fill(found, NONE);
        if (rows == 0 || columns == 0) {
            return found;
        }
        // cost[i][j]: the first i words of the text are placed, all before spoken word j; begun once one is.
        double[][] cost = new double[rows + 1][columns + 1];
        byte[][] way = new byte[rows + 1][columns + 1];
        boolean[][] begun = new boolean[rows + 1][columns + 1];
        for (int i = 0; i <= rows; i++) {
            for (int j = 0; j <= columns; j++) {
                if (i == 0) {
                    continue;
                }
                cost[i][j] = cost[i - 1][j] + MISSING;
                begun[i][j] = begun[i - 1][j];
                way[i][j] = 'm';
                if (j > 0) {
                    double passed = cost[i][j - 1] + (begun[i][j - 1] && i < rows ? PASSED : 0);
                    if (passed < cost[i][j]) {
                        cost[i][j] = passed;
                        begun[i][j] = begun[i][j - 1];
                        way[i][j] = 'p';
                    }
                    double away = begun[i - 1][j - 1] ? 0 : AWAY * Math.abs(j - 1 - near);
                    double placed = cost[i - 1][j - 1] + away + differing(text.get(i - 1), spoken.get(j - 1));
                    if (placed <= cost[i][j]) {
                        cost[i][j] = placed;
                        begun[i][j] = true;
                        way[i][j] = 't';
                    }
                }
            }
        }
        int i = rows;
        int j = columns;
        while (i > 0) {
            switch (way[i][j]) {
                case 't' -> {
                    i--;
                    j--;
                    found[i] = differing(text.get(i), spoken.get(j)) < OTHER ? j : NONE;
                }
                case 'm' -> i--;
                default -> j--;
            }
        }
        return found;
    }

    private static double differing(String one, String other) {
        if (one.equals(other)) {
            return 0;
        }
        return nearly(one, other) ? NEARLY : OTHER;
    }

    /** At most one letter in four is another one. */
    private static boolean nearly(String one, String other) {
        int most = Math.max(one.length(), other.length());
        if (most < 5 || Math.abs(one.length() - other.length()) > most / 4) {
            return false;
        }
        int[] row = new int[other.length() + 1];
        for (int j = 0; j < row.length; j++) {
            row[j] = j;
        }
        for (int i = 1; i <= one.length(); i++) {
            int corner = row[0];
            row[0] = i;
            for (int j = 1; j < row.length; j++) {
                int swapped = corner + (one.charAt(i - 1) == other.charAt(j - 1) ? 0 : 1);
                corner = row[j];
                row[j] = Math.min(swapped, Math.min(row[j], row[j - 1]) + 1);
            }
        }
        return row[other.length()] <= most / 4;
    }

    /**
     * Pairs the words of two readings of one text: those that neither has more of, by the least edits over both whole; of a stretch
     * that differs, those that are nearly the same.
     *
     * @return for each word of the first its partner in the second, rising; {@link #NONE} where it has none
     */
    public static int[] pair(List<String> first, List<String> second) {
        int[] partners = new int[first.size()];
        Arrays.fill(partners, NONE);
        int one = 0;
        int other = 0;
        for (AbstractDelta<String> differing : DiffUtils.diff(first, second).getDeltas()) {
            while (one < differing.getSource().getPosition()) {
                partners[one++] = other++;
            }
            List<String> there = differing.getTarget().getLines();
            int[] within = match(differing.getSource().getLines(), there, 0);
            for (int partner : within) {
                partners[one++] = partner == NONE ? NONE : other + partner;
            }
            other += there.size();
        }
        while (one < partners.length) {
            partners[one++] = other++;
        }
        return partners;
    }
}
