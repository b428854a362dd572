package knollwind.core.caption;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** SubRip files: a number, a line of times, lines of words, an empty line. Markup is kept as it is written. */
public final class SubRip {
    private static final Pattern TIMES =
            Pattern.compile("^\\s*(" + CaptionText.TIME + ")\\s*-+>\\s*(" + CaptionText.TIME + ")(.*)$");

    private static final Pattern NUMBER = Pattern.compile("\\s*\\d+\\s*");

    private SubRip() {}

    /** Reads what strangers wrote; what had to be mended is told. */
    public static CaptionFile read(byte[] bytes) {
        List<String> mended = new ArrayList<>();
        String[] lines = CaptionText.of(bytes, mended).split("\n", -1);
        List<CaptionFile.Raw> read = new ArrayList<>();
        int lost = 0;
        for (int i = 0; i < lines.length; i++) {
            Matcher times = TIMES.matcher(lines[i]);
            if (!times.matches()) {
                boolean number = NUMBER.matcher(lines[i]).matches();
                lost += lines[i].isBlank() || number ? 0 : 1;
                continue;
            }
            List<String> words = new ArrayList<>();
            int next = i + 1;
            while (next < lines.length && !lines[next].isBlank() && !begins(lines, next)) {
                words.add(lines[next].strip());
                next++;
            }
            if (!times.group(11).isBlank()) {
                mended.add("What caption " + (read.size() + 1) + " says of its place ("
                        + times.group(11).strip() + ") was left out.");
            }
            read.add(new CaptionFile.Raw(
                    read.size() + 1, CaptionText.seconds(times.group(1)), CaptionText.seconds(times.group(6)), words));
            i = next - 1;
        }
        if (lost > 0) {
            mended.add(lost + (lost == 1 ? " line" : " lines") + " belonged to no caption and "
                    + (lost == 1 ? "was" : "were") + " left out.");
        }
        if (read.isEmpty()) {
            throw new IllegalArgumentException(
                    "no caption was found: none of its lines has times such as 00:00:01,000 -->" + " 00:00:02,500");
        }
        return CaptionFile.of(read, mended);
    }

    /** Whether a caption begins here without an empty line before it: its times, or its number and its times. */
    private static boolean begins(String[] lines, int at) {
        return TIMES.matcher(lines[at]).matches()
                || NUMBER.matcher(lines[at]).matches()
                        && at + 1 < lines.length
                        && TIMES.matcher(lines[at + 1]).matches();
    }

    public static String write(List<Caption> captions) {
        StringBuilder out = new StringBuilder();
        for (int i = 0; i < captions.size(); i++) {
            Caption one = captions.get(i);
            out.append(i + 1)
                    .append('\n')
                    .append(CaptionText.time(one.start(), ','))
                    .append(" --> ")
                    .append(CaptionText.time(one.end(), ','))
                    .append('\n');
            one.lines().forEach(line -> out.append(line).append('\n'));
            out.append('\n');
        }
        return out.toString();
    }
}
