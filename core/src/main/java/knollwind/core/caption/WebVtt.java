package knollwind.core.caption;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** WebVTT files (W3C, WebVTT: The Web Video Text Tracks Format). Of styles, places and voices only the words are kept, and that is said. */
public final class WebVtt {
    private static final Pattern TIMES =
            Pattern.compile("^\\s*(" + CaptionText.TIME + ")\\s*-->\\s*(" + CaptionText.TIME + ")(.*)$");

    private static final Pattern TAG =
            Pattern.compile("</?(?:[cibuv]|ruby|rt|lang)(?:[.\\s][^>]*)?>|<" + CaptionText.TIME + ">");

    private WebVtt() {}

    /** Reads what strangers wrote; what had to be mended or cannot be kept is told. */
    public static CaptionFile read(byte[] bytes) {
        List<String> mended = new ArrayList<>();
        String text = CaptionText.of(bytes, mended);
        if (!text.startsWith("WEBVTT")) {
            mended.add("It does not begin with WEBVTT; it was read all the same.");
        }
        List<CaptionFile.Raw> read = new ArrayList<>();
        TreeSet<String> lost = new TreeSet<>();
        for (String block : text.split("\n{2,}")) {
            String[] lines = block.split("\n");
            int at = 0;
            while (at < lines.length && !TIMES.matcher(lines[at]).matches()) {
                at++;
            }
            if (at == lines.length) {
                if (block.startsWith("STYLE")) {
                    lost.add("styles");
                } else if (block.startsWith("REGION")) {
                    lost.add("regions");
                }
                continue;
            }
            Matcher times = TIMES.matcher(lines[at]);
            times.matches();
            if (!times.group(11).isBlank()) {
                lost.add("places");
            }
            List<String> words = new ArrayList<>();
            for (int i = at + 1; i < lines.length; i++) {
                Matcher tags = TAG.matcher(lines[i]);
                if (tags.find()) {
                    lost.add("marks inside words");
                }
                String plain = unescaped(TAG.matcher(lines[i]).replaceAll("")).strip();
                if (!plain.isEmpty()) {
                    words.add(plain);
                }
            }
            read.add(new CaptionFile.Raw(
                    read.size() + 1, CaptionText.seconds(times.group(1)), CaptionText.seconds(times.group(6)), words));
        }
        if (!lost.isEmpty()) {
            mended.add("Its " + String.join(", ", lost) + " were left out.");
        }
        if (read.isEmpty()) {
            throw new IllegalArgumentException(
                    "no caption was found: none of its lines has times such as 00:01.000 -->" + " 00:02.500");
        }
        return CaptionFile.of(read, mended);
    }

    private static String unescaped(String text) {
        return text.replace("&lt;", "<")
                .replace("&gt;", ">")
                .replace("&nbsp;", "\u00a0")
                .replace("&lrm;", "\u200e")
                .replace("&rlm;", "\u200f")
                .replace("&amp;", "&");
    }

    public static String write(List<Caption> captions) {
        StringBuilder out = new StringBuilder("WEBVTT\n\n");
        for (Caption one : captions) {
            out.append(CaptionText.time(one.start(), '.'))
                    .append(" --> ")
                    .append(CaptionText.time(one.end(), '.'))
                    .append('\n');
            one.lines().forEach(line -> out.append(escaped(line)).append('\n'));
            out.append('\n');
        }
        return out.toString();
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
    }
}
